"""A plan with what it was worked out from, for predictions, words, reasons and their tests."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from .coverage import Coverage
from .painting import Scene
from .plan import Plan

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Step:
    """One pass as the planner found it: question, answer, looks (p, 2, 36), the paint (m, q) carried on."""

    group: tuple[int, ...]
    question: Coverage
    covered: Mask
    muted: tuple[int, ...]
    before: Floats
    after: Floats
    paint: Floats


@dataclass(frozen=True)
class Worked:
    """A plan with what it was worked out from, for predictions, reasons and their tests."""

    plan: Plan
    scene: Scene
    turn: NDArray[np.int64]
    steps: tuple[Step, ...]
