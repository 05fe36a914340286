"""The log of a piece: what really happened, appended and never changed.

The client makes the id of an entry, so that one which is sent again after a broken connection is kept once.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from sqlalchemy import func, select

from .database import Database
from .errors import Clash
from .pieces import row_of
from .rows import LogRow


@dataclass(frozen=True)
class Entry:
    """One entry: a `kind` of event with its fields; `happened` by the client's clock, as ISO text."""

    id: str
    kind: str
    fields: Mapping[str, Any]
    happened: str


class Log:
    """The repository of logs. Times are given by the caller as ISO text."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def append(self, piece: str, entries: Sequence[Entry], now: str) -> int:
        """Append entries in their order, those already there left out; returns how many were new.

        Raises Missing for an unknown piece, and Clash where an id is taken by something else: then nothing
        is kept.
        """
        with self._database.writing() as session:
            row_of(session, piece)
            last = session.scalar(select(func.max(LogRow.number)).where(LogRow.piece_id == piece)) or 0
            new = 0
            for entry in entries:
                there = session.get(LogRow, entry.id)
                if there is None:
                    new += 1
                    fields = vars(entry) | {"fields": dict(entry.fields)}
                    session.add(LogRow(piece_id=piece, number=last + new, created=now, **fields))
                elif (there.piece_id, _entry(there)) != (piece, entry):
                    raise Clash("refused-log-entry-differs")
            return new

    def entries(self, piece: str, after: int = 0) -> list[Entry]:
        """The entries of a piece in their order, without the first `after`; raises Missing."""
        with self._database.reading() as session:
            row_of(session, piece)
            rows = session.scalars(
                select(LogRow).where(LogRow.piece_id == piece, LogRow.number > after).order_by(LogRow.number)
            )
            return [_entry(row) for row in rows]


def _entry(row: LogRow) -> Entry:
    return Entry(row.id, row.kind, row.fields, row.happened)
