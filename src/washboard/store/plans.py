"""Plans: frozen as computed under the key of all they depend on; which one is in force; what is kept beside.

A piece has one plan in force: the one that was worked out for its settings as they are, or, while that is
still being worked out, the one before. It is recorded, not guessed from what was computed last. Answers that
were worked out beside the plan in force are kept with it, and go when another comes into force: they can be
worked out again.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any

from sqlalchemy import delete, select
from sqlalchemy.orm import Session

from .database import Database
from .pieces import row_of
from .rows import PieceRow, PlanAnswerRow, PlanRow
from .uses import hold, used


@dataclass(frozen=True)
class StoredPlan:
    """A frozen plan: the open document as text, and what the page needs to show it."""

    key: str
    engine: str
    document: str
    view: Mapping[str, Any]
    created: str


ASIDE, KEY = "aside ", 64
"""How the key of a plan that must not be used begins, and letters of a key."""


class Plans:
    """The repository of plans."""

    def __init__(self, database: Database) -> None:
        self._database = database

    def keep(self, piece: str, plan: StoredPlan, next_mass: int) -> None:
        """Freeze a plan. One under the same key stays as it is, but for its maps: they may have been lost and
        worked out again. Raises Missing for an unknown piece."""
        with self._database.writing() as session:
            row = row_of(session, piece)
            kept = _plan_row(session, piece, plan.key)
            if kept is None:
                fields = vars(plan) | {"view": dict(plan.view)}
                kept = PlanRow(piece_id=piece, **fields)
                session.add(kept)
                row.next_mass = max(row.next_mass, next_mass)
            else:
                kept.view = dict(kept.view) | {"media": dict(plan.view["media"])}
            session.flush()
            _hold(session, kept)

    def put_in_force(self, piece: str, key: str) -> set[str]:
        """Put the plan of that key in force, if it is there. Raises Missing.

        Returns the hashes of bytes that nobody refers to any more.
        """
        with self._database.writing() as session:
            row = row_of(session, piece)
            if row.plan_key == key or _plan_row(session, piece, key) is None:
                return set()
            before = None if row.plan_key is None else _plan_row(session, piece, row.plan_key)
            row.plan_key = key
            if before is None:
                return set()
            own = PlanAnswerRow.plan_id == before.id
            gone = set(session.scalars(select(PlanAnswerRow.hash).where(own)))
            session.execute(delete(PlanAnswerRow).where(own))
            _hold(session, before)
            session.flush()
            return gone - used(session, gone)

    def set_aside(self, piece: str, key: str) -> None:
        """Keep the plan of that key, if there is one, under a key that nothing asks for; it is in force no
        more. Raises Missing."""
        with self._database.writing() as session:
            row, wrong = row_of(session, piece), _plan_row(session, piece, key)
            if wrong is None:
                return
            aside = f"{ASIDE}{key}"[:KEY]
            session.execute(delete(PlanRow).where(PlanRow.piece_id == piece, PlanRow.key == aside))
            wrong.key = aside
            if row.plan_key == key:
                row.plan_key = None

    def get(self, piece: str, key: str) -> StoredPlan | None:
        """The frozen plan under a key, or None."""
        with self._database.reading() as session:
            row = _plan_row(session, piece, key)
            return None if row is None else _plan(row)

    def has(self, piece: str, key: str) -> bool:
        """Whether there is a plan under a key."""
        query = select(PlanRow.id).where(PlanRow.piece_id == piece, PlanRow.key == key)
        with self._database.reading() as session:
            return session.scalar(query) is not None

    def in_force(self, piece: str) -> StoredPlan | None:
        """The piece's plan in force, or None; raises Missing."""
        with self._database.reading() as session:
            key = row_of(session, piece).plan_key
            row = None if key is None else _plan_row(session, piece, key)
            return None if row is None else _plan(row)

    def answer(self, piece: str, plan: str, question: str, key: str) -> str | None:
        """The hash of what was answered about a plan under the answer's own key, or None."""
        query = (
            select(PlanAnswerRow.hash)
            .join(PlanRow, PlanRow.id == PlanAnswerRow.plan_id)
            .where(PlanRow.piece_id == piece, PlanRow.key == plan)
            .where(PlanAnswerRow.question == question, PlanAnswerRow.key == key)
        )
        with self._database.reading() as session:
            return session.scalar(query)

    def keep_answer(self, piece: str, plan: str, question: str, key: str, content: str) -> set[str]:
        """Keep an answer, whose bytes lie in the media folder, with the plan in force, in the place of an
        earlier one; with another plan nothing is kept.

        Returns the hashes of bytes that nobody refers to any more.
        """
        with self._database.writing() as session:
            row, there = session.get(PieceRow, piece), _plan_row(session, piece, plan)
            if row is None or there is None or row.plan_key != plan:
                return {content} - used(session, {content})
            before = session.get(PlanAnswerRow, (there.id, question))
            gone = set() if before is None else {before.hash}
            session.merge(PlanAnswerRow(plan_id=there.id, question=question, key=key, hash=content))
            session.flush()
            _hold(session, there)
            session.flush()
            return gone - used(session, gone)


def _plan_row(session: Session, piece: str, key: str) -> PlanRow | None:
    return session.scalar(select(PlanRow).where(PlanRow.piece_id == piece, PlanRow.key == key))


def _hold(session: Session, row: PlanRow) -> None:
    """Refer to the maps of a plan and to the answers that are kept beside it."""
    answers = session.scalars(select(PlanAnswerRow.hash).where(PlanAnswerRow.plan_id == row.id))
    kept = {*row.view.get("media", {}).values(), *answers}
    hold(session, f"piece:{row.piece_id}:plan:{row.id}", kept)


def _plan(row: PlanRow) -> StoredPlan:
    return StoredPlan(row.key, row.engine, row.document, row.view, row.created)
