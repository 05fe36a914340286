"""Paper white: a few per cent of the picture, or it stops being the light."""

from __future__ import annotations

from ..sentence import percent
from .finding import Checked, Finding, Weight

MOST = 0.15
"""Share of the picture from which paper white is no accent any more."""
WHITE = 0.3
"""Values below the surface up to which it is paper."""
PALE_SURFACE = 8.5


def found(c: Checked) -> list[Finding]:
    """Too much paper left white."""
    surface = c.plan.surface.value
    if not c.plan.medium.transparent or surface < PALE_SURFACE:
        return []
    white = [m for m in c.plan.masses if c.ends[m.id] >= surface - WHITE]
    share = sum(m.share for m in white)
    if share <= MOST:
        return []
    largest = max(white, key=lambda m: (m.share, m.id))
    return [
        Finding(
            "paper-white",
            Weight.WEAKENS,
            {"share": percent(share)},
            {"share": share},
            largest.inside,
            tuple(m.id for m in white),
        )
    ]
