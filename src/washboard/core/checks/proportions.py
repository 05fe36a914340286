"""Light, middle and dark in unequal shares: equal ones, or one alone, say nothing. A little of another is
enough."""

from __future__ import annotations

from .finding import Checked, Finding, Weight

DARK, LIGHT = 4.0, 7.0
"""Values that divide dark from middle and middle from light."""
ALIKE = 0.05
"""Shares within which three are equal."""
ALONE = 0.9
"""Share of one column from which the others are hardly there."""


def found(c: Checked) -> list[Finding]:
    """Three equal shares, or nearly everything in one column."""
    masses = c.plan.masses
    total = sum(m.share for m in masses)
    if not masses or total <= 0:
        return []
    shares = {"dark": 0.0, "middle": 0.0, "light": 0.0}
    for mass in masses:
        value = c.ends[mass.id]
        shares["dark" if value < DARK else "light" if value >= LIGHT else "middle"] += mass.share / total
    largest = max(masses, key=lambda m: (m.share, m.id))
    most = max(shares, key=lambda name: shares[name])
    if shares[most] - min(shares.values()) <= ALIKE:
        kind = "equal-values"
    elif shares[most] >= ALONE and not _tells(c, most):
        kind = "one-column"
    else:
        return []
    return [Finding(kind, Weight.NOTE, {"most": most}, shares, largest.inside)]


def _tells(c: Checked, most: str) -> bool:
    """Whether anything, however small, stands out from a picture nearly all dark, middle or light."""
    light = any(value >= LIGHT for value in c.ends.values())
    dark = any(value < DARK for value in c.ends.values())
    return {"dark": light, "light": dark, "middle": light or dark}[most]
