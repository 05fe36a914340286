"""Schools of the painter's own, by the keys that tell them."""

from __future__ import annotations

from sqlalchemy import select

from .database import Database
from .errors import Missing
from .rows import OwnSchoolRow


class OwnSchools:
    """The repository of the painter's own schools. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def keys(self) -> tuple[str, ...]:
        """The keys, the oldest first."""
        with self._database.reading() as session:
            rows = session.scalars(select(OwnSchoolRow).order_by(OwnSchoolRow.created, OwnSchoolRow.key))
            return tuple(row.key for row in rows)

    def keep(self, key: str, now: str) -> None:
        """Keep a school; one that is kept already stays as it is."""
        with self._database.writing() as session:
            if session.get(OwnSchoolRow, key) is None:
                session.add(OwnSchoolRow(key=key, created=now))

    def forget(self, key: str) -> None:
        """Forget a school; pieces painted by it keep it. Raises Missing."""
        with self._database.writing() as session:
            row = session.get(OwnSchoolRow, key)
            if row is None:
                raise Missing("refused-no-approach")
            session.delete(row)
