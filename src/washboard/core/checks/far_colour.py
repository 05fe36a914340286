"""Air takes colour: what is far is cooler and quieter than what is near."""

from __future__ import annotations

from ..colour.kindred import chroma
from ..key.relations import far_and_near
from ..key.wishes import Tone
from ..sentence import of_masses, whole
from .finding import Checked, Finding, Weight
from .fix import TakeTones

LOUDER = 8.0
"""Chroma by which the far may be the more coloured unnoticed."""
WARMER = 4.0
"""Units of b* by which it may be the warmer unnoticed."""
LIGHTER, QUIETER, COOLER = 0.3, 0.7, -6.0
"""By what the far is moved."""


def found(c: Checked) -> list[Finding]:
    """The most coloured piece of the farthest land, where it is warmer and more coloured than all nearer
    land."""
    pair = far_and_near(c.plan.masses, c.things)
    if pair is None:
        return []
    far = max((c.plan.masses[k] for k in pair[0]), key=lambda m: (chroma(m.target_lab), m.id))
    near = [c.plan.masses[k] for k in pair[1]]
    louder = chroma(far.target_lab) - max(chroma(m.target_lab) for m in near)
    warmer = far.target_lab[2] - max(m.target_lab[2] for m in near)
    if louder < LOUDER or warmer < WARMER:
        return []
    return [
        Finding(
            "far-too-loud",
            Weight.NOTE,
            {"far": of_masses((far.id,)), "louder": whole(louder)},
            {"chroma": louder, "b": warmer},
            far.inside,
            (far.id,),
            (),
            TakeTones((Tone(far.id, LIGHTER, QUIETER, COOLER),)),
        )
    ]
