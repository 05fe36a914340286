"""Answers to the trainer: added and never changed."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any

from sqlalchemy import select

from .database import Database
from .errors import Clash
from .rows import DrillAnswerRow


@dataclass(frozen=True)
class DrillAnswer:
    """An answer under the client's own `id`: to which item, of a kind, right or not; answered at, as ISO
    text."""

    id: str
    item: str
    kind: str
    right: bool
    fields: Mapping[str, Any]
    answered: str


class DrillAnswers:
    """The repository of answers."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def add(self, answer: DrillAnswer) -> None:
        """Keep an answer; one that is sent twice is kept once. Raises Clash where its id is another's."""
        with self._database.writing() as session:
            there = session.get(DrillAnswerRow, answer.id)
            if there is None:
                session.add(DrillAnswerRow(**vars(answer) | {"fields": dict(answer.fields)}))
            elif (there.item, there.right) != (answer.item, answer.right):
                raise Clash("refused-log-entry-differs")

    def all(self) -> list[DrillAnswer]:
        """Every answer, the first first."""
        with self._database.reading() as session:
            rows = session.scalars(
                select(DrillAnswerRow).order_by(DrillAnswerRow.answered, DrillAnswerRow.id)
            )
            return [
                DrillAnswer(row.id, row.item, row.kind, row.right, row.fields, row.answered) for row in rows
            ]
