"""Steps that cannot be taken back, before what they depend on can be judged."""

from __future__ import annotations

from ..plan.acts import ACTS, Reversibility
from ..plan.plan import Kind
from .finding import Checked, Finding, Weight
from .fix import TakeSchool

EARLY = 0.5
"""Share of the passes before which a step without return comes early."""
MANY = 4


def found(c: Checked) -> list[Finding]:
    """Many steps without return in the first half of the passes."""
    count = len(c.plan.passes)
    early = [
        (done, o)
        for k, done in enumerate(c.plan.passes)
        for o in done.operations
        if ACTS[o.kind].back is Reversibility.NONE and (k + 1) <= EARLY * count
    ]
    if len(early) < MANY:
        return []
    first = c.plan.by_id.get(early[0][1].mass)
    wiped = all(o.kind is Kind.WIPE for _, o in early)
    school = c.plan.medium.school
    return [
        Finding(
            "irreversible-early",
            Weight.NOTE if wiped else Weight.WEAKENS,
            {"steps": len(early)},
            {"steps": float(len(early))},
            first.inside if first else (0.5, 0.5),
            tuple(dict.fromkeys(o.mass for _, o in early)),
            tuple(dict.fromkeys(p.id for p, _ in early)),
            TakeSchool(school) if c.plan.school != school else None,
        )
    ]
