"""Open time: a joined wash that takes longer than it stays wet."""

from __future__ import annotations

from ..plan.plan import Kind
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
    late = [
        p
        for p in c.plan.passes
        if p.minutes > medium.open_minutes and any(o.kind in WASHES for o in p.operations)
    ]
    if not late:
        return []
    worst = max(late, key=lambda p: (p.minutes, p.id))
    largest = max(
        (c.plan.by_id[o.mass] for o in worst.operations if o.kind in WASHES), key=lambda m: (m.share, m.id)
    )
    count, number = len(c.plan.passes), c.plan.passes.index(worst) + 1
    fix = TakePasses(count + 1) if count < MOST_PASSES else None
    return [
        Finding(
            "open-time",
            Weight.WEAKENS,
            {"number": number, "minutes": whole(worst.minutes), "open": whole(medium.open_minutes)},
            {"minutes": worst.minutes, "open": medium.open_minutes},
            largest.inside,
            (largest.id,),
            tuple(p.id for p in late),
            fix,
        )
    ]
