"""Warm and cool."""

from __future__ import annotations

import math
from enum import StrEnum

from .kindred import Lab, chroma, hue

COLOURED = 8.0
"""Chroma from which a colour is warm or cool."""
WARM = (330.0, 110.0)
"""Hue angles that are warm, from a bluish red to a greenish yellow; the rest is cool."""
WARMEST, STRONG = 40.0, 60.0
"""The hue angle in the middle of the warm ones, and the chroma from which a colour is as warm as can be."""


class Side(StrEnum):
    """On which side a colour lies."""

    WARM = "warm"
    COOL = "cool"
    NEITHER = "neither"


def side_of(lab: Lab) -> Side:
    """Whether a colour in CIELAB is warm or cool, or neither for want of colour."""
    if chroma(lab) < COLOURED:
        return Side.NEITHER
    first, last = WARM
    angle = hue(lab)
    return Side.WARM if angle >= first or angle <= last else Side.COOL


def warmth_of(lab: Lab) -> float:
    """How warm a colour in CIELAB is, from -1 (cool and strong) to 1 (warm and strong)."""
    return math.cos(math.radians(hue(lab) - WARMEST)) * min(1.0, chroma(lab) / STRONG)
