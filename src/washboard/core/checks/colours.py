"""Colour count and reuse: a picture holds together by few colours that come back."""

from __future__ import annotations

from collections import Counter

from ..order.grouping import MIXTURE_HUE
from ..sentence import count_of
from .finding import Checked, Finding, Weight

SEEN = 0.01
"""Share of the picture from which a mass's colour is counted."""
MANY, ONCE = 9, 0.6
"""Colours, and share of them used in one place only, from which a picture falls apart."""


def found(c: Checked) -> list[Finding]:
    """Many colours of which most are used once."""
    own = [m for m in c.shapes if m.share >= SEEN]
    hues = {m.id: (round(m.target_lab[1] / MIXTURE_HUE), round(m.target_lab[2] / MIXTURE_HUE)) for m in own}
    uses = Counter(hues.values())
    single = [m for m in own if uses[hues[m.id]] == 1]
    if len(uses) <= MANY or len(single) < ONCE * len(uses):
        return []
    largest = max(single, key=lambda m: (m.share, m.id))
    return [
        Finding(
            "many-colours",
            Weight.NOTE,
            {"colours": len(uses), "masses": count_of([m.id for m in single], "masses")},
            {"colours": float(len(uses)), "once": float(len(single))},
            largest.inside,
            tuple(m.id for m in single),
        )
    ]
