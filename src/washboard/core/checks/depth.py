"""Depth inversions: air lightens what is far, so the farthest land is not the darkest."""

from __future__ import annotations

from ..key.relations import Holds, far_and_near
from ..sentence import of_masses, tone
from .finding import Checked, Finding, Weight
from .fix import Hold

CLOSE = 0.15
"""Values by which the far may be the darker unnoticed."""


def found(c: Checked) -> list[Finding]:
    """The darkest piece of the farthest land, where nothing nearer is as dark."""
    pair = far_and_near(c.plan.masses, c.things)
    if pair is None:
        return []
    far = min((c.plan.masses[k] for k in pair[0]), key=lambda m: (c.ends[m.id], m.id))
    near = min((c.plan.masses[k] for k in pair[1]), key=lambda m: (c.ends[m.id], m.id))
    gap = c.ends[near.id] - c.ends[far.id]
    if gap <= CLOSE:
        return []
    return [
        Finding(
            "far-too-dark",
            Weight.WEAKENS,
            {"far": of_masses((far.id,)), "near": of_masses((near.id,)), "gap": tone(gap)},
            {"gap": gap},
            far.inside,
            (far.id, near.id),
            (),
            Hold(Holds.DEPTH) if near.target > far.target else None,
        )
    ]
