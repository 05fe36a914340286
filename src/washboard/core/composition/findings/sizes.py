"""Things of equal size beside each other."""

from __future__ import annotations

from itertools import combinations

import numpy as np

from ...areas.area import Area
from ..arrangement import Change, Move
from .finding import Composed, Finding

ALIKE = 0.1
"""Relative difference in width and height below which two things are of one size."""
LOOK = 20.0
"""Difference of Lab below which they look alike."""
SMALLER = 0.75


def found(c: Composed) -> list[Finding]:
    """Things of equal size beside each other."""
    pairs = [pair for pair in combinations(c.things, 2) if _same(*pair)]
    if not pairs:
        return []
    labels = tuple(sorted({area.label for pair in pairs for area in pair}))
    if len(labels) == len(pairs) + 1 and len(labels) > 3:
        return []  # a chain of slightly different sizes is variety
    one, other = pairs[0]
    farther = min(one, other, key=lambda area: area.depth)
    move = Move(farther.inside[0], farther.inside[1], 0.0, 0.0, SMALLER)
    return [
        Finding(
            "equal-sizes",
            {"one": one.called, "other": other.called, "farther": farther.called},
            ((one.centre[0] + other.centre[0]) / 2, (one.centre[1] + other.centre[1]) / 2),
            labels,
            Change(moves=(move,)),
        )
    ]


def _same(one: Area, other: Area) -> bool:
    wide, high = (abs(a - b) / max(a, b) for a, b in ((_wide(one), _wide(other)), (_high(one), _high(other))))
    areas = abs(one.share - other.share) / max(one.share, other.share)
    reflectance = float(np.linalg.norm(np.subtract(one.lab, other.lab)))
    return max(wide, high) < ALIKE and areas < 1.5 * ALIKE and reflectance < LOOK


def _wide(area: Area) -> float:
    return area.box[2] - area.box[0]


def _high(area: Area) -> float:
    return area.box[3] - area.box[1]
