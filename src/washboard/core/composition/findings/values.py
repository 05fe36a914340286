"""Values all in the middle: nothing dark, nothing light."""

from __future__ import annotations

import numpy as np

from ...sentence import sentence, tone
from ..arrangement import Accent, Change
from .finding import Composed, Finding

RANGE = 2.2
"""Values between the darkest and the lightest twentieth below which a picture has only one."""
STEP = 2.5
"""Values that an accent goes beyond what is there."""
SHARE = 0.024
"""Share of the picture that a true dark or light takes so that it counts."""


def found(c: Composed) -> list[Finding]:
    """Values all in the middle: nothing dark, nothing light."""
    low, middle, high = (float(v) for v in np.quantile(c.picture.value[::4, ::4], (0.02, 0.5, 0.98)))
    if high - low >= RANGE:
        return []
    dark = middle > 5
    value = max(low - STEP, 1.5) if dark else min(high + STEP, 9.5)
    accent = Accent(c.focus.x, c.focus.y, value, SHARE)
    return [
        Finding(
            "one-value",
            {
                "low": tone(low),
                "high": tone(high),
                "accent": sentence("tone-dark" if dark else "tone-light"),
                "value": tone(value),
            },
            (c.focus.x, c.focus.y),
            (),
            Change(accents=(accent,)),
        )
    ]
