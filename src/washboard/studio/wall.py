"""The studio wall: every piece with its ridges and what is next, from what is known already.

Nothing is worked out for the wall: a folder of a hundred pieces whose plans an update made old would keep the
machine busy for an hour. A piece is worked out when it is opened.
"""

from __future__ import annotations

from dataclasses import dataclass
from datetime import UTC, datetime
from enum import StrEnum

from ..core.plan.plan import Pass, Plan
from ..formats import planfile
from ..settings import Stage
from ..store.pieces import Piece
from .easel import at_easel, room_pace
from .planning import current, document_of, running
from .studio import Studio
from .subjects import subject_of


class Standing(StrEnum):
    """How far a piece is."""

    UNPLANNED = "unplanned"
    RUNNING = "running"
    OUTDATED = "outdated"
    PLANNED = "planned"
    BEGUN = "begun"
    FINISHED = "finished"


@dataclass(frozen=True)
class Strip:
    """A piece on the wall: how it stands, all passes of its plan in force, the plan of what is left of them,
    None where there is no plan, and when it was last painted on."""

    piece: Piece
    standing: Standing
    passes: tuple[Pass, ...] = ()
    left: Plan | None = None
    painted: datetime | None = None


def strips(studio: Studio) -> list[Strip]:
    """Every piece, the newest first."""
    pieces = studio.pieces.all()
    for gone in studio.strips.keys() - {piece.id for piece in pieces}:
        studio.strips.pop(gone, None)
    return [_strip(studio, piece) for piece in pieces]


def _strip(studio: Studio, piece: Piece) -> Strip:
    """As it was told last, where neither the piece nor its plan nor its log has changed."""
    key, logged = subject_of(studio, piece).key(Stage.RESULT), len(studio.log.entries(piece.id))
    seen = (piece.revision, piece.plan_key, key, logged, room_pace(studio), running(studio, piece))
    before = studio.strips.get(piece.id)
    if before is None or before[0] != seen:
        before = studio.strips[piece.id] = seen, _looked_at(studio, piece)
    return before[1]


def _looked_at(studio: Studio, piece: Piece) -> Strip:
    there = current(studio, piece)
    stored = there or studio.plans.in_force(piece.id)
    if stored is None:
        return Strip(piece, Standing.RUNNING if running(studio, piece) else Standing.UNPLANNED)
    if there is not None and studio.log.entries(piece.id):
        return _painted(studio, piece)
    plan = planfile.plan_from(document_of(stored))
    old = Standing.RUNNING if running(studio, piece) else Standing.OUTDATED
    return Strip(piece, old if there is None else Standing.PLANNED, plan.passes, plan)


def _painted(studio: Studio, piece: Piece) -> Strip:
    easel = at_easel(studio, piece, datetime.now(UTC))
    left = easel.rest.plan
    done = tuple(own for own in easel.plan.passes if own.id in easel.what.done)
    standing = Standing.BEGUN if left.passes else Standing.FINISHED
    return Strip(piece, standing, (*done, *left.passes), left, max(line.at for line in easel.lines))
