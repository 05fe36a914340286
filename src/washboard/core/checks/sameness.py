"""Mechanical sameness: accents of one size look printed."""

from __future__ import annotations

import numpy as np

from ..reference.mass import MassKind
from ..sentence import count_of
from .finding import Checked, Finding, Weight

MANY = 5
VARIES = 0.1
"""Spread of their widths, over the mean, below which things are of one size."""


def found(c: Checked) -> list[Finding]:
    """Many accents of a kind with hardly a difference in size."""
    for light in (True, False):
        own = [m for m in c.plan.masses if m.kind is MassKind.ACCENT and m.light is light]
        if len(own) < MANY:
            continue
        sizes = [m.area_cm2**0.5 for m in own]
        spread = float(np.std(sizes) / max(np.mean(sizes), 1e-9))
        if spread < VARIES:
            return [
                Finding(
                    "all-alike",
                    Weight.NOTE,
                    {"masses": count_of([m.id for m in own], "highlights" if light else "dark-accents")},
                    {"count": float(len(own)), "spread": spread},
                    own[0].inside,
                    tuple(m.id for m in own),
                )
            ]
    return []
