"""What colours tell of things: leaves, skies, warm and cool."""

from __future__ import annotations

import math

Lab = tuple[float, float, float]

LEAF = (75.0, 165.0)
"""Hue angles of leaves and grass, from yellow to blue green."""
AUTUMN, WITHERED = (40.0, 75.0), 22.0
"""Hue angles of withered leaves, and the chroma from which they are told from wood and skin."""


def chroma(lab: Lab) -> float:
    """How colourful a colour is, in CIELAB."""
    return math.hypot(lab[1], lab[2])


def hue(lab: Lab) -> float:
    """Its hue angle in degrees, 0–360."""
    return math.degrees(math.atan2(lab[2], lab[1])) % 360


def green(lab: Lab, least: float = 8.0) -> bool:
    """Whether green leaves or grass could be of that colour."""
    return chroma(lab) >= least and LEAF[0] <= hue(lab) <= LEAF[1]


def autumn(lab: Lab) -> bool:
    """Whether withered leaves could be of that colour."""
    return chroma(lab) >= WITHERED and AUTUMN[0] <= hue(lab) <= AUTUMN[1]


def bluish(lab: Lab) -> bool:
    """Whether a sky or shadow could be of that colour: blue, or next to no colour."""
    return chroma(lab) < 8 or 200 <= hue(lab) <= 310


def kindred(one: Lab, other: Lab, apart: float = 25.0) -> bool:
    """Whether two colours could be of one thing, in light and in shadow: of nearly one hue, or both grey."""
    if min(chroma(one), chroma(other)) < 6:
        return math.dist(one[1:], other[1:]) <= 12
    turn = abs((hue(one) - hue(other) + 180) % 360 - 180)
    return turn <= apart
