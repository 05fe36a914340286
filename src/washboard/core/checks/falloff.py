"""Light falls off: by lamplight nothing far from the lamp is lighter than what stands beside it."""

from __future__ import annotations

import math

from ..sentence import of_masses, tone
from .finding import Checked, Finding, Weight
from .glow import lamp_of

FAR = 0.3
"""Share of the picture's diagonal from which a place is far from the lamp."""
CLOSE = 0.25
"""Values by which a far place may be the lighter unnoticed."""


def found(c: Checked) -> list[Finding]:
    """The lightest place far from the lamp, where it is lighter than all that the lamp stands beside."""
    lamp = lamp_of(c)
    if lamp is None:
        return []
    beside = {b.mass for b in lamp.borders} & c.plan.by_id.keys()
    far = [
        m for m in c.shapes if m.id != lamp.id and m.id not in beside and apart(m.inside, lamp.inside) >= FAR
    ]
    if not far or not beside:
        return []
    lightest, near = max(far, key=lambda m: (c.ends[m.id], m.id)), max(c.ends[name] for name in beside)
    gap = c.ends[lightest.id] - near
    if gap <= CLOSE:
        return []
    return [
        Finding(
            "falls-off",
            Weight.WEAKENS,
            {"masses": of_masses((lightest.id,)), "gap": tone(gap)},
            {"gap": gap},
            lightest.inside,
            (lightest.id, lamp.id),
        )
    ]


def apart(one: tuple[float, float], other: tuple[float, float]) -> float:
    """How far two places (shares) are apart, as a share of the diagonal."""
    return math.dist(one, other) / math.sqrt(2)
