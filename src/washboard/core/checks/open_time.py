"""Open time: a joined wash that takes longer than it stays wet."""

from __future__ import annotations

from ..plan.plan import Kind, Pass
from ..reference.adjoining import adjoining
from ..sentence import whole
from .finding import Checked, Finding, Weight
from .fix import TakePasses

WASHES = frozenset({Kind.WASH, Kind.GRADED_WASH, Kind.NEGATIVE})
MOST_PASSES = 9


def found(c: Checked) -> list[Finding]:
    """The pass that exceeds its open time most."""
    medium = c.plan.medium
    if not medium.transparent or not medium.open_minutes:
        return []
    longest = {p.id: _longest(c, p) for p in c.plan.passes}
    late = [p for p in c.plan.passes if longest[p.id] > medium.open_minutes]
    if not late:
        return []
    worst = max(late, key=lambda p: (longest[p.id], p.id))
    largest = max(
        (c.plan.by_id[o.mass] for o in worst.operations if o.kind in WASHES), key=lambda m: (m.share, m.id)
    )
    count, number = len(c.plan.passes), c.plan.passes.index(worst) + 1
    fix = TakePasses(count + 1) if count < MOST_PASSES else None
    return [
        Finding(
            "open-time",
            Weight.WEAKENS,
            {"number": number, "minutes": whole(longest[worst.id]), "open": whole(medium.open_minutes)},
            {"minutes": longest[worst.id], "open": medium.open_minutes},
            largest.inside,
            (largest.id,),
            tuple(p.id for p in late),
            fix,
        )
    ]


def _longest(c: Checked, done: Pass) -> float:
    """Minutes of the largest wash of a pass that hangs together, by its share of the pass: what stands apart
    dries for itself."""
    washed = {o.mass for o in done.operations if o.kind in WASHES and o.mass in c.plan.by_id}
    groups = adjoining([c.plan.by_id[name] for name in sorted(washed)])
    areas = [sum(mass.area_cm2 for mass in group) for group in groups]
    return done.minutes * max(areas) / max(sum(areas), 1e-9) if areas else 0.0
