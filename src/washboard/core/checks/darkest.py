"""The darkest dark: without a true one the lights have nothing to stand against."""

from __future__ import annotations

from ..key.mood import Mood
from ..sentence import tone
from .finding import Checked, Finding, Weight
from .fix import TakeMood

ROOM = 2.0
"""Values above the darkest that surface and paint reach from which a picture has no true dark."""
HIGH_KEY = 6.5
"""Mean value from which a picture is meant to be light."""


def found(c: Checked) -> list[Finding]:
    """No dark in a picture that is not meant to be pale."""
    masses = c.plan.masses
    if not masses:
        return []
    darkest = min(masses, key=lambda m: (c.ends[m.id], m.id))
    value, lowest = c.ends[darkest.id], c.plan.key.lowest
    total = sum(m.share for m in masses)
    mean = sum(c.ends[m.id] * m.share for m in masses) / max(total, 1e-9)
    if value <= lowest + ROOM or mean >= HIGH_KEY:
        return []
    return [
        Finding(
            "darkest-dark",
            Weight.WEAKENS,
            {"value": tone(value), "lowest": tone(lowest)},
            {"value": value, "lowest": lowest},
            darkest.inside,
            (darkest.id,),
            (),
            TakeMood(Mood.DARKER),
        )
    ]
