"""What is true of the one painter whatever the piece."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from .database import Database
from .rows import PainterRow

ONLY = 1
"""The id of the one row."""


class Painter:
    """The repository of what is true of the painter."""

    def __init__(self, database: Database) -> None:
        self._database = database
        self._said: dict[str, Any] | None = None

    def fields(self) -> dict[str, Any]:
        """What was said so far: read once, since every request asks for the language and one server has a
        folder."""
        if self._said is None:
            with self._database.reading() as session:
                row = session.get(PainterRow, ONLY)
                self._said = {} if row is None else dict(row.fields)
        return dict(self._said)

    def say(self, fields: Mapping[str, Any]) -> dict[str, Any]:
        """Say some of it anew; returns all of it."""
        with self._database.writing() as session:
            row = session.get(PainterRow, ONLY)
            said = {**(row.fields if row else {}), **fields}
            session.merge(PainterRow(id=ONLY, fields=said))
        self._said = said
        return dict(said)
