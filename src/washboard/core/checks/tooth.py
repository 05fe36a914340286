"""Tooth: layers that use up what holds them."""

from __future__ import annotations

from ..plan.plan import Role
from ..sentence import of_masses
from .finding import Checked, Finding, Weight
from .fix import TakePasses


def found(c: Checked) -> list[Finding]:
    """The mass on which most layers lie, where they are as many as the surface holds, or more."""
    most = c.plan.medium.most_layers
    layers = {m.id: 0 for m in c.plan.masses}
    for done in c.plan.passes:
        for o in done.operations:
            if o.mass in layers and o.kind.lays and o.role not in (Role.OVERLAP, Role.OVER):
                layers[o.mass] += 1
    deepest = max(layers, key=lambda name: (layers[name], name), default=None)
    if deepest is None or layers[deepest] < most:
        return []
    mass = c.plan.by_id[deepest]
    count = len(c.plan.passes)
    return [
        Finding(
            "tooth",
            Weight.WEAKENS,
            {"masses": of_masses((mass.id,)), "layers": layers[deepest], "most": most},
            {"layers": float(layers[deepest]), "most": float(most)},
            mass.inside,
            (mass.id,),
            tuple(p.id for p in c.plan.passes if mass.id in {o.mass for o in p.operations}),
            TakePasses(count - 1) if count > 1 else None,
        )
    ]
