"""Depth inversions: air lightens what is far, so the farthest land is not the darkest."""

from __future__ import annotations

from ..key.relations import Holds, far_and_near
from ..plan.names import named
from .finding import Checked, Finding, Weight
from .fix import Fix, Hold

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
            f"{named(far).capitalize()} lies farthest and ends at {c.ends[far.id]:.1f}; the darkest nearer "
            f"place, {named(near)}, at {c.ends[near.id]:.1f}.",
            "Air lightens what is far: a far dark that nothing nearer reaches comes forward.",
            {"gap": gap},
            far.inside,
            (far.id, near.id),
            (),
            Fix("keep the far lighter than the near", Hold(Holds.DEPTH))
            if near.target > far.target
            else None,
        )
    ]
