"""Lifting from staining paint: the light comes back only in part."""

from __future__ import annotations

from ..plan.names import named
from ..plan.plan import Kind, Role
from .finding import Checked, Finding, Weight
from .fix import Fix, KeepLight

LIFTS = frozenset({Kind.LIFT_WET, Kind.LIFT_DRY, Kind.STENCIL, Kind.BLOT})
STAINS = 0.4
"""Share of staining from which a lift is not to be counted on."""


def found(c: Checked) -> list[Finding]:
    """Lights that are to be lifted from paint that stains."""
    stained: dict[str, float] = {}
    findings = []
    for done in c.plan.passes:
        for o in done.operations:
            if o.kind.lays and o.role is not Role.OVERLAP:
                stained[o.mass] = max(stained.get(o.mass, 0.0), o.staining)
            elif o.kind in LIFTS and o.mass in c.plan.by_id and stained.get(o.mass, 0.0) > STAINS:
                mass, share = c.plan.by_id[o.mass], stained[o.mass]
                findings.append(
                    Finding(
                        "stains-under-lift",
                        Weight.WEAKENS,
                        f"{named(mass).capitalize()} is to be lifted; the paint stains by {share:.1f}.",
                        "Staining pigments give little back: keep the light before, or lay other paint.",
                        {"staining": share},
                        mass.inside,
                        (mass.id,),
                        (done.id,),
                        Fix("mask it instead", KeepLight(mass.id, Kind.MASK)),
                    )
                )
    return findings
