"""Observations: photos of a painting as they were read, added and never changed."""

from __future__ import annotations

import uuid
from collections.abc import Mapping
from dataclasses import dataclass, field
from typing import Any

from sqlalchemy import func, select
from sqlalchemy.orm import Session

from .database import Database
from .errors import Missing
from .pieces import row_of
from .rows import ObservationRow
from .uses import hold


@dataclass(frozen=True)
class Observed:
    """A photo that was read: its hash, the hashes of the `pictures` made of it by name, what it told under
    the plan of that key, and which earlier reading of the same photo it `replaces`, "" for none."""

    plan: str
    photo: str
    pictures: Mapping[str, str]
    fields: Mapping[str, Any]
    happened: str
    replaces: str = ""
    id: str = field(default_factory=lambda: uuid.uuid4().hex)


class Observations:
    """The repository of observations. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def keep(self, piece: str, seen: Observed, now: str) -> Observed:
        """Add an observation whose bytes are already kept; raises Missing for an unknown piece."""
        with self._database.writing() as session:
            row_of(session, piece)
            own = ObservationRow.piece_id == piece
            last = session.scalar(select(func.max(ObservationRow.number)).where(own)) or 0
            fields = vars(seen) | {"fields": dict(seen.fields), "pictures": dict(seen.pictures)}
            session.add(ObservationRow(piece_id=piece, number=last + 1, created=now, **fields))
            held = {seen.photo, *seen.pictures.values()}
            hold(session, f"piece:{piece}:seen:{seen.id}", held)
            return seen

    def of(self, piece: str) -> list[Observed]:
        """The observations of a piece, the first first, without those that were replaced; raises Missing."""
        with self._database.reading() as session:
            row_of(session, piece)
            rows = list(
                session.scalars(
                    select(ObservationRow)
                    .where(ObservationRow.piece_id == piece)
                    .order_by(ObservationRow.number)
                )
            )
            replaced = {row.replaces for row in rows}
            return [_observed(row) for row in rows if row.id not in replaced]

    def get(self, piece: str, seen: str) -> Observed:
        """One observation; raises Missing."""
        with self._database.reading() as session:
            return _observed(_row(session, piece, seen))


def _row(session: Session, piece: str, seen: str) -> ObservationRow:
    row = session.get(ObservationRow, seen)
    if row is None or row.piece_id != piece:
        raise Missing("refused-no-observation")
    return row


def _observed(row: ObservationRow) -> Observed:
    return Observed(row.plan, row.photo, row.pictures, row.fields, row.happened, row.replaces, row.id)
