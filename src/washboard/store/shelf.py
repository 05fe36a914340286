"""The shelf: what the painter owns, with an undoable history of its own."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any

from sqlalchemy import select
from sqlalchemy.orm import Session

from .database import Database
from .errors import NothingTo, Stale
from .rows import ShelfEditRow, ShelfItemRow, ShelfRow

Fields = Mapping[str, Any]


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
        with self._database.session() as session:
            return _state(session)

    def change(
        self, revision: int | None, changes: Mapping[str, Fields | None], words: str, now: str
    ) -> ShelfState:
        """Put or take away (None) several things as one undoable edit; all of them or none.

        `revision` None changes the shelf as it is. Raises Stale.
        """
        with self._database.session() as session:
            shelf = _shelf(session, revision)
            before = {key: _fields(session, key) for key in changes}
            after = {key: None if fields is None else dict(fields) for key, fields in changes.items()}
            if before == after:
                return _state(session)
            for edit in session.scalars(select(ShelfEditRow).where(ShelfEditRow.number > shelf.cursor)):
                session.delete(edit)
            session.flush()
            shelf.cursor, shelf.revision = shelf.cursor + 1, shelf.revision + 1
            session.add(
                ShelfEditRow(number=shelf.cursor, words=words, before=before, after=after, created=now)
            )
            _put(session, after)
            shelf.next_number = max([shelf.next_number, *(_number(key) + 1 for key in changes)])
            return _state(session)

    def undo(self, revision: int) -> ShelfState:
        """Take the last edit back; raises Stale and NothingTo."""
        with self._database.session() as session:
            shelf = _shelf(session, revision)
            edit = session.get(ShelfEditRow, shelf.cursor)
            if edit is None:
                raise NothingTo("There is nothing to undo on the shelf.")
            _put(session, edit.before)
            shelf.cursor, shelf.revision = shelf.cursor - 1, shelf.revision + 1
            return _state(session)

    def redo(self, revision: int) -> ShelfState:
        """Do the next undone edit again; raises Stale and NothingTo."""
        with self._database.session() as session:
            shelf = _shelf(session, revision)
            edit = session.get(ShelfEditRow, shelf.cursor + 1)
            if edit is None:
                raise NothingTo("There is nothing to redo on the shelf.")
            _put(session, edit.after)
            shelf.cursor, shelf.revision = shelf.cursor + 1, shelf.revision + 1
            return _state(session)


def _shelf(session: Session, revision: int | None) -> ShelfRow:
    row = session.get(ShelfRow, 1)
    if row is None:
        row = ShelfRow(id=1, revision=0, cursor=0, next_number=1)
        session.add(row)
        session.flush()
    if revision is not None and row.revision != revision:
        done = session.scalars(
            select(ShelfEditRow.words)
            .where(ShelfEditRow.number <= row.cursor)
            .order_by(ShelfEditRow.number.desc())
            .limit(max(1, row.revision - revision))
        )
        raise Stale(row.revision, list(done)[::-1], "shelf")
    return row


def _state(session: Session) -> ShelfState:
    session.flush()
    shelf = session.get(ShelfRow, 1)
    cursor = shelf.cursor if shelf else 0
    words = {
        edit.number: edit.words
        for edit in session.scalars(select(ShelfEditRow).where(ShelfEditRow.number.in_((cursor, cursor + 1))))
    }
    rows = session.scalars(select(ShelfItemRow).order_by(ShelfItemRow.place, ShelfItemRow.key))
    return ShelfState(
        {row.key: row.fields for row in rows},
        shelf.revision if shelf else 0,
        shelf.next_number if shelf else 1,
        words.get(cursor),
        words.get(cursor + 1),
    )


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
