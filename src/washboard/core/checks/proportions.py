"""Light, middle and dark in unequal shares: equal ones, or one alone, say nothing."""

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
    words = ", ".join(f"{100 * share:.0f} % {name}" for name, share in shares.items())
    largest = max(masses, key=lambda m: (m.share, m.id))
    if max(shares.values()) - min(shares.values()) <= ALIKE:
        kind, why = (
            "equal-values",
            "Three equal shares quarrel: let one of them be the picture, one the accent.",
        )
    elif max(shares.values()) >= ALONE:
        kind, why = (
            "one-column",
            "Nearly everything lies in one column: a few per cent of another give it a voice.",
        )
    else:
        return []
    return [Finding(kind, Weight.NOTE, f"The picture is {words}.", why, shares, largest.inside)]
