"""Values all in the middle: nothing dark, nothing light."""

from __future__ import annotations

import numpy as np

from .finding import Composed, Finding

RANGE = 2.2
"""Values between the darkest and the lightest twentieth below which a picture has only one."""


def found(c: Composed) -> list[Finding]:
    low, middle, high = (float(v) for v in np.quantile(c.picture.value[::4, ::4], (0.02, 0.5, 0.98)))
    if high - low >= RANGE:
        return []
    return [
        Finding(
            "one-value",
            f"Nearly everything lies between {low:.1f} and {high:.1f}.",
            "Without a true dark and a true light nothing leads; decide which of them the mood wants.",
            (c.focus.x, c.focus.y),
            fix_words=f"add an accent: {'a dark' if middle > 5 else 'a light'} at the focus",
        )
    ]
