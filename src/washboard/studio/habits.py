"""What was taken of what was learnt of the painter, and what it makes of a new piece."""

from __future__ import annotations

import math
from typing import Any

from ..core.learning.bias import BANDS
from ..core.learning.offers import Learnt
from ..core.materials.habit import MOST_TIMES, BandBias, Habit
from .studio import Studio

TAKEN = "learnt"
"""The field of the painter's row in which what was taken is kept."""


def taken(studio: Studio) -> dict[str, dict[str, Any]]:
    """What the painter took, by the key of the lesson."""
    return dict(studio.painter.fields().get(TAKEN) or {})


def habit_for(studio: Studio, medium: str, surface: str) -> Habit:
    """The painter's habit in a medium on a surface, by what was taken."""
    pace = drying = waste = 1.0
    bias: list[BandBias] = []
    places = dict(BANDS)
    for one in taken(studio).values():
        if one["medium"] != medium:
            continue
        times = min(max(math.exp(one["mean"]), 1 / MOST_TIMES), MOST_TIMES)
        kind = one["kind"]
        if kind == Learnt.PACE:
            pace = times
        elif kind == Learnt.DRYING and one["scope"] == surface:
            drying = times
        elif kind == Learnt.WASTE:
            waste = times
        elif kind == Learnt.BIAS:
            bias.append(BandBias(places[one["scope"]], one["mean"]))
    return Habit(round(pace, 3), round(drying, 3), round(waste, 3), tuple(bias))
