"""References: pictures that were taken in, whose bytes lie in the media folder under their hash."""

from __future__ import annotations

from collections.abc import Collection
from dataclasses import dataclass

from sqlalchemy import delete, select
from sqlalchemy.orm import Session

from ..core.sentence import Sentence, as_given
from .database import Database
from .errors import Missing
from .rows import ReferenceRow
from .uses import UPLOAD, all_used, forget_uploads, hold


@dataclass(frozen=True)
class Reference:
    """A picture that was taken in."""

    hash: str
    width: int
    height: int
    format: str
    notes: tuple[Sentence, ...]


class References:
    """The repository of references. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def keep(self, reference: Reference, now: str) -> None:
        """Enter a reference whose bytes are already kept; one already there is left as it is."""
        with self._database.writing() as session:
            hold(session, f"{UPLOAD}{reference.hash}", {reference.hash})
            if session.get(ReferenceRow, reference.hash) is None:
                notes = [{"key": note.key, "values": dict(note.values)} for note in reference.notes]
                fields = vars(reference) | {"notes": notes}
                session.add(ReferenceRow(**fields, created=now))

    def get(self, content: str) -> Reference:
        """Raises Missing."""
        with self._database.reading() as session:
            return reference_in(session, content)

    def settle(self) -> set[str]:
        """Forget pictures that never became part of a piece; returns the hashes of all bytes in use.

        For the start, before anybody can take pictures in.
        """
        with self._database.writing() as session:
            forget_uploads(session)
            wanted = all_used(session)
            gone = set(session.scalars(select(ReferenceRow.hash))) - wanted
            for content in gone:
                session.execute(delete(ReferenceRow).where(ReferenceRow.hash == content))
            return wanted


def reference_in(session: Session, content: str) -> Reference:
    """A reference by its hash; raises Missing."""
    row = session.get(ReferenceRow, content)
    if row is None:
        raise Missing("refused-no-picture")
    return _reference(row)


def references_in(session: Session, contents: Collection[str]) -> dict[str, Reference]:
    """References by their hashes, all in one query; those that are not there are left out."""
    rows = session.scalars(select(ReferenceRow).where(ReferenceRow.hash.in_(sorted(contents))))
    return {row.hash: _reference(row) for row in rows}


def _reference(row: ReferenceRow) -> Reference:
    # Rows of earlier versions hold the words themselves.
    notes = (as_given(n) if isinstance(n, str) else Sentence(n["key"], n["values"]) for n in row.notes)
    return Reference(row.hash, row.width, row.height, row.format, tuple(notes))
