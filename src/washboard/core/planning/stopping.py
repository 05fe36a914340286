"""When to stop: what still differs by more than one can see, and which passes may stay out."""

from __future__ import annotations

from ..log.ways import SEEN
from ..plan.plan import Kind, Pass, Plan
from ..sentence import Amount, Sentence, of_masses, sentence

NAMED = 3
"""Masses that are named, those first whose finishing gains most."""
NEEDED = frozenset({Kind.MASK, Kind.UNMASK, Kind.FIX, Kind.WET, Kind.WET_BOTH, Kind.DETAIL, Kind.TONE})
"""What changes no value of a mass and is needed, or seen, all the same."""


def stopping(plan: Plan) -> Sentence:
    """What is still off by more than one sees at the start of a plan, in the order of what it would gain (the
    share of the picture times the values that are missing); or that one may stop."""
    if not plan.passes:
        return sentence("stop-done")
    missing = {
        mass.id: (mass.share * abs(end - now), abs(end - now))
        for mass, now, end in zip(plan.masses, plan.predicted[0], plan.predicted[-1], strict=True)
        if abs(end - now) > SEEN
    }
    if not missing:
        return sentence("stop-near", seen=Amount(SEEN, 1))
    ranked = sorted(missing, key=lambda name: -missing[name][0])[:NAMED]
    return sentence("stop-off", masses=of_masses(ranked), by=Amount(missing[ranked[0]][1], 1))


def may_stay_out(plan: Plan, done: Pass) -> bool:
    """Whether a pass of a plan that comes besides those over shapes changes no value by more than one sees:
    what lays a shape changes its colour in any case, and marks are seen one by one."""
    if not done.beside or any(o.kind in NEEDED for o in done.operations):
        return False
    k = plan.passes.index(done)
    rows = plan.predicted[k], plan.predicted[k + 1]
    return all(abs(after - before) <= SEEN for before, after in zip(*rows, strict=True))
