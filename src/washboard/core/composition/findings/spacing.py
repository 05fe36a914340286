"""Three or more things at equal distances."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import combinations

import numpy as np

from ...areas.area import Area
from ...sentence import tone
from ..arrangement import Change, Move
from .finding import Composed, Finding

EVEN = 0.1
"""Relative spread of the gaps below which they are equal."""
LEVEL = 0.12
"""Share of the height within which things stand in a row."""
LEAST_GAP = 0.08
NUDGE = 0.3


def found(c: Composed) -> list[Finding]:
    """The longest evenly spaced row of things of like size."""
    rows = [
        row
        for count in range(min(len(c.things), 6), 2, -1)
        for row in combinations(sorted(c.things, key=lambda a: a.centre[0]), count)
        if _even(row)
    ]
    if not rows:
        return []
    row = rows[0]
    gaps = np.diff([area.centre[0] for area in row])
    middle = row[1]
    move = Move(middle.inside[0], middle.inside[1], NUDGE * float(gaps[0]), 0.0)
    return [
        Finding(
            "equal-spacing",
            {
                "count": len(row),
                "apart": tone(c.cm(float(gaps.mean()))),
                "thing": middle.called,
                "by": tone(c.cm(NUDGE * float(gaps[0]))),
            },
            middle.centre,
            tuple(area.label for area in row),
            Change(moves=(move,)),
        )
    ]


def _even(row: Sequence[Area]) -> bool:
    gaps = np.diff([area.centre[0] for area in row])
    heights = [area.centre[1] for area in row]
    shares = [area.share for area in row]
    return bool(
        gaps.min() > LEAST_GAP
        and np.ptp(gaps) < EVEN * gaps.mean()
        and max(heights) - min(heights) < LEVEL
        and max(shares) < 3 * min(shares)
    )
