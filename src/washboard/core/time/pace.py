"""Working and drying time by simple rates, guessed until a log corrects them."""

from __future__ import annotations

import math

from ..materials.media import Medium

SETTLING = 1.0
"""Minutes to turn to the next pass: rinse, step back, look."""


def covering_minutes(medium: Medium, area_cm2: float) -> float:
    """Minutes to cover an area: the rate grows with the shape, within the medium's limits.

    A flat rate would make every first wash take an hour; a larger shape takes a larger brush.
    """
    if area_cm2 <= 0:
        return 0.0
    slow, fast = medium.cover_cm2
    rate = min(max(medium.cover_gain * math.sqrt(area_cm2), slow), fast)
    return area_cm2 / rate


def cutting_minutes(medium: Medium, length_cm: float) -> float:
    """Minutes to cut in an outline."""
    return length_cm / medium.cut_cm


def drying_minutes(medium: Medium, area_cm2: float, coats: int = 1) -> float:
    """Minutes until a layer of that extent can be laid over.

    Larger washes are laid wetter: drying grows by a tenth for each doubling above 500 cm², at most
    by a half (a guess; the log will correct it).
    """
    if medium.dry_minutes == 0 or area_cm2 <= 0:
        return 0.0
    extent = min(1.5, 1 + 0.1 * math.log2(max(area_cm2, 1.0) / 500))
    return max(medium.quickest_dry, medium.dry_minutes * extent) * coats
