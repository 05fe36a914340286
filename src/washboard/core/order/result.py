"""A plan with what it was worked out from, for predictions, words, reasons and their tests."""

from __future__ import annotations

from dataclasses import dataclass, replace
from enum import StrEnum

import numpy as np
from numpy.typing import NDArray

from ..plan.own import Own
from ..plan.plan import Plan
from ..plan.spot import Spot
from ..plan.tools import Tool
from ..sentence import Sentence
from .coverage import Coverage
from .painting import Scene

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


class PassType(StrEnum):
    """What a pass does: lays paint, or one of the things that go before and after."""

    LAYS = "lays"
    MASKS = "masks"
    TONES = "tones"
    WIPES = "wipes"
    RECOVERS = "recovers"
    RESTATES = "restates"
    OWN = "own"
    DETAILS = "details"


@dataclass(frozen=True)
class Group:
    """The masses of one pass, what is done, and what the school calls it.

    `beside`: auxiliary (mask, tone, recovered light, accent), not counted among passes over shapes.
    """

    masses: tuple[int, ...]
    pass_type: PassType = PassType.LAYS
    called: Sentence | None = None
    beside: bool = False


@dataclass(frozen=True)
class Step:
    """One pass as the planner found it: question, answer, looks (p, 2, 36), the coats (p,) it takes, the
    paint (m, q) carried on.

    `own`: the painter set it in; `tool`: it is done with that, not with the usual one.
    """

    group: tuple[int, ...]
    problem: Coverage
    covered: Mask
    muted: tuple[int, ...]
    before: Floats
    after: Floats
    coats: NDArray[np.int64]
    paint: Floats
    pass_type: PassType = PassType.LAYS
    called: Sentence | None = None
    beside: bool = False
    own: Own | None = None
    tool: Tool | None = None


@dataclass(frozen=True)
class PlanningResult:
    """A plan with what it was worked out from, for predictions, reasons and their tests; `spots` are what its
    passes do to places that are no whole masses."""

    plan: Plan
    scene: Scene
    turn: NDArray[np.int64]
    steps: tuple[Step, ...]
    spots: tuple[Spot, ...] = ()


def resting(last: Step) -> Step:
    """A step after the `last` that covers no part: what it does is told by marks and spots."""
    return replace(
        last,
        group=(),
        covered=np.zeros_like(last.covered),
        muted=(),
        before=last.after,
        coats=np.ones_like(last.coats),
        pass_type=PassType.DETAILS,
        called=None,
        beside=True,
        own=None,
        tool=None,
    )
