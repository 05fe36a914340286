"""Mood: all planned values moved up, down, or drawn together, their order kept."""

from __future__ import annotations

from dataclasses import replace
from enum import StrEnum

import numpy as np

from .key import Key

SHIFT = 0.8
"""Values by which a mood lifts or lowers the middle."""
CLOSER = 0.7
"""Share of their distance from the middle that values keep when they are drawn together."""
KNOTS = 21


class Mood(StrEnum):
    """What the whole picture's values do."""

    AS_SEEN = "as-seen"
    LIGHTER = "lighter"
    DARKER = "darker"
    CLOSER = "closer"


def in_mood(key: Key, mood: Mood) -> Key:
    """The key with its planned values moved; its ends stay within the reach of surface and paint.

    Lighter and darker bend like a bow, most in the middle, so that both ends stay where they are; closer
    draws all values toward the middle of the planned range.
    """
    if mood is Mood.AS_SEEN or len(key.measured) < 2:
        return key
    measured = np.linspace(key.measured[0], key.measured[-1], KNOTS)
    planned = np.interp(measured, key.measured, key.planned)
    low, high = float(planned[0]), float(planned[-1])
    if mood is Mood.CLOSER:
        moved = (low + high) / 2 + CLOSER * (planned - (low + high) / 2)
    else:
        along = (planned - low) / max(high - low, 1e-9)
        bow = 4 * along * (1 - along) * min(SHIFT, (high - low) / 4)
        moved = planned + (bow if mood is Mood.LIGHTER else -bow)
    return replace(key, measured=tuple(measured.tolist()), planned=tuple(moved.tolist()))
