"""The shelf: what the painter owns, with an undoable history of its own."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from sqlalchemy import select
from sqlalchemy.orm import Session

from .database import Database
from .history import Fields, History
from .rows import ShelfItemRow, ShelfRow

OWNER = "shelf"
"""The owner of the shelf's edits."""


@dataclass(frozen=True)
class ShelfState:
    """The shelf as it is now: fields of every thing by key, in the order in which they came.

    `next_number` ends the key of the next new thing."""

    items: Mapping[str, Fields]
    revision: int
    next_number: int
    undo: str | None
    redo: str | None


class Shelf:
    """The repository of the shelf. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def state(self) -> ShelfState:
        """The shelf as it is now."""
        with self._database.reading() as session:
            return _state(session, session.get(ShelfRow, 1))

    def revision(self) -> int:
        """The number that rises with every change."""
        with self._database.reading() as session:
            return session.scalar(select(ShelfRow.revision).where(ShelfRow.id == 1)) or 0

    def change(
        self, revision: int | None, changes: Mapping[str, Fields | None], words: str, now: str
    ) -> ShelfState:
        """Put or take away (None) several things as one undoable edit; all of them or none.

        `revision` None changes the shelf as it is. Raises Stale.
        """
        with self._database.writing() as session:
            shelf = _shelf(session)
            history = History(session, OWNER, shelf, "shelf")
            if revision is not None:
                history.at(revision)
            before = {key: _fields(session, key) for key in changes}
            after = {key: None if fields is None else dict(fields) for key, fields in changes.items()}
            if before != after:
                history.add(before, after, words, now)
                _put(session, after)
                shelf.next_number = max([shelf.next_number, *(_number(key) + 1 for key in changes)])
            return _state(session, shelf)

    def undo(self, revision: int) -> ShelfState:
        """Take the last edit back; raises Stale and NothingTo."""
        return self._walked(revision, back=True)

    def redo(self, revision: int) -> ShelfState:
        """Do the next undone edit again; raises Stale and NothingTo."""
        return self._walked(revision, back=False)

    def _walked(self, revision: int, back: bool) -> ShelfState:
        with self._database.writing() as session:
            shelf = _shelf(session)
            history = History(session, OWNER, shelf, "shelf")
            history.at(revision)
            walk = history.undo if back else history.redo
            walk(lambda fields: _put(session, fields))
            return _state(session, shelf)


def _shelf(session: Session) -> ShelfRow:
    row = session.get(ShelfRow, 1)
    if row is None:
        row = ShelfRow(id=1, revision=0, cursor=0, next_number=1)
        session.add(row)
        session.flush()
    return row


def _state(session: Session, shelf: ShelfRow | None) -> ShelfState:
    session.flush()
    rows = session.scalars(select(ShelfItemRow).order_by(ShelfItemRow.place, ShelfItemRow.key))
    items = {row.key: row.fields for row in rows}
    if shelf is None:
        return ShelfState(items, 0, 1, None, None)
    words = History(session, OWNER, shelf, "shelf").words()
    return ShelfState(items, shelf.revision, shelf.next_number, *words)


def _number(key: str) -> int:
    """The number that ends a key."""
    return int(key.rpartition("-")[2])


def _fields(session: Session, key: str) -> Fields | None:
    row = session.get(ShelfItemRow, key)
    return None if row is None else row.fields


def _put(session: Session, changes: Mapping[str, Fields | None]) -> None:
    for key, fields in changes.items():
        row = session.get(ShelfItemRow, key)
        if fields is None:
            if row is not None:
                session.delete(row)
        elif row is None:
            session.add(ShelfItemRow(key=key, place=_number(key), fields=dict(fields)))
        else:
            row.fields = dict(fields)
    session.flush()
