"""One linear, undoable history for whatever has one: pieces and the shelf.

An edit names the fields it changed, before and after. Undo and redo walk along the edits; a new edit drops
those that were undone. Every change raises the revision, and a change that was made on an older revision is
refused. Single edits are asked of the database, never the whole history, so that the thousandth edit takes no
longer than the first.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass
from typing import Any, Protocol

from sqlalchemy import delete, select
from sqlalchemy.orm import Session

from .errors import NothingTo, Stale
from .rows import EditRow

Fields = Mapping[str, Any]
Put = Callable[[Fields], None]
"""Writes fields to what has the history."""


class Dated(Protocol):
    """What has a history: `cursor` numbers the last edit in force."""

    revision: int
    cursor: int


@dataclass(frozen=True)
class Edit:
    """One edit; `undone` while it waits to be redone."""

    number: int
    words: str
    undone: bool
    created: str


class History:
    """The edits of one `owner`, whose `row` holds revision and cursor, called `what` in sentences."""

    def __init__(self, session: Session, owner: str, row: Dated, what: str) -> None:
        self._session, self._owner, self._row, self._what = session, owner, row, what

    def at(self, revision: int) -> None:
        """Raises Stale when the revision is not that of now."""
        if self._row.revision == revision:
            return
        words = self._session.scalars(
            select(EditRow.words)
            .where(EditRow.owner == self._owner, EditRow.number <= self._row.cursor)
            .order_by(EditRow.number.desc())
            .limit(max(1, min(self._row.revision - revision, MOST_TOLD)))
        )
        raise Stale(self._row.revision, list(words)[::-1], self._what)

    def add(self, before: Fields, after: Fields, words: str, now: str) -> tuple[int, list[int]]:
        """Enter an edit that was made; returns its number, and those of the undone edits that it drops."""
        undone = EditRow.owner == self._owner, EditRow.number > self._row.cursor
        dropped = list(self._session.scalars(select(EditRow.number).where(*undone)))
        if dropped:
            self._session.execute(delete(EditRow).where(*undone))
        number = self._row.cursor + 1
        edit = EditRow(
            owner=self._owner, number=number, words=words, before=dict(before), after=dict(after), created=now
        )
        self._session.add(edit)
        self._row.cursor, self._row.revision = number, self._row.revision + 1
        return number, dropped

    def undo(self, put: Put) -> None:
        """Take the last edit back; raises NothingTo."""
        edit = self._edit(self._row.cursor)
        if edit is None:
            raise NothingTo(f"refused-nothing-to-undo-{self._what}")
        put(edit.before)
        self._row.cursor, self._row.revision = self._row.cursor - 1, self._row.revision + 1

    def redo(self, put: Put) -> None:
        """Do the next undone edit again; raises NothingTo."""
        edit = self._edit(self._row.cursor + 1)
        if edit is None:
            raise NothingTo(f"refused-nothing-to-redo-{self._what}")
        put(edit.after)
        self._row.cursor, self._row.revision = self._row.cursor + 1, self._row.revision + 1

    def words(self) -> tuple[str | None, str | None]:
        """What would be undone, and what would be redone."""
        return words_beside(self._session, {self._owner: self._row.cursor})[self._owner]

    def all(self) -> list[Edit]:
        """Every edit, the oldest first."""
        rows = self._session.execute(
            select(EditRow.number, EditRow.words, EditRow.created)
            .where(EditRow.owner == self._owner)
            .order_by(EditRow.number)
        )
        return [Edit(number, words, number > self._row.cursor, made) for number, words, made in rows]

    def _edit(self, number: int) -> EditRow | None:
        return self._session.get(EditRow, (self._owner, number))


MOST_TOLD = 20
"""Edits named to somebody whose change came too late."""


def words_beside(session: Session, cursors: Mapping[str, int]) -> dict[str, tuple[str | None, str | None]]:
    """For owners with their cursors: the words of the edit to undo and of the one to redo."""
    found: dict[tuple[str, int], str] = {}
    wanted = [(owner, number) for owner, at in cursors.items() for number in (at, at + 1)]
    for start in range(0, len(wanted), MOST_ASKED):
        some = wanted[start : start + MOST_ASKED]
        query = select(EditRow.owner, EditRow.number, EditRow.words).where(
            EditRow.owner.in_({owner for owner, _ in some}), EditRow.number.in_({n for _, n in some})
        )
        found |= {(owner, number): words for owner, number, words in session.execute(query)}
    return {owner: (found.get((owner, at)), found.get((owner, at + 1))) for owner, at in cursors.items()}


MOST_ASKED = 400
"""Edits asked for in one query: SQLite takes a limited number of parameters."""
