"""Warm and cool."""

from __future__ import annotations

from enum import StrEnum

from .kindred import Lab, chroma, hue

COLOURED = 8.0
"""Chroma from which a colour is warm or cool."""
WARM = (330.0, 110.0)
"""Hue angles that are warm, from a bluish red to a greenish yellow; the rest is cool."""


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
