"""Lifting from staining paint: the light comes back only in part."""

from __future__ import annotations

from ..plan.acts import ACTS
from ..plan.plan import Kind, Role
from ..sentence import of_masses
from .finding import Checked, Finding, Weight
from .fix import KeepLight

LIFTS = frozenset({Kind.LIFT_WET, Kind.LIFT_DRY, Kind.STENCIL, Kind.BLOT})
STAINS = 0.4
"""Share of staining from which a lift is not to be counted on."""


def found(c: Checked) -> list[Finding]:
    """Lights that are to be lifted from paint that stains, each once; while it is wet less of it has
    stained."""
    stained: dict[str, float] = {}
    findings: dict[str, Finding] = {}
    for done in c.plan.passes:
        for o in done.operations:
            if o.kind.lays and o.role is not Role.OVERLAP:
                stained[o.mass] = max(stained.get(o.mass, 0.0), o.staining)
            elif o.kind in LIFTS and o.mass in c.plan.by_id:
                mass, share = c.plan.by_id[o.mass], ACTS[o.kind].grip * stained.get(o.mass, 0.0)
                if share > STAINS and mass.id not in findings:
                    findings[mass.id] = Finding(
                        "stains-under-lift",
                        Weight.WEAKENS,
                        {"masses": of_masses((mass.id,))},
                        {"staining": share},
                        mass.inside,
                        (mass.id,),
                        (done.id,),
                        KeepLight(mass.id, Kind.MASK),
                    )
    return list(findings.values())
