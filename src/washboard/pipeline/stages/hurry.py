"""A plan for the minutes in hand: what is given up, and as many small marks as time is left for."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

from ...core.plan.plan import Plan
from ...core.planning.in_time import FEWEST_PASSES, Saving, gave_up, in_time, total_of
from ...settings import Settings
from .results import Planned

Marker = Callable[[Planned], Callable[[int], Planned]]
"""For a plan without small marks what sets a number of them into it."""
SPENT = 0.9
"""Share of the marks that the time is for in proportion that is tried next: the first ones take longest."""


def hurried(
    full: Planned,
    bare: Callable[[Saving], Plan],
    made: Callable[[Saving], Planned],
    marker: Marker | None,
    settings: Settings,
) -> Planned:
    """The plan that fits the minutes in hand and gives up least: of tools, effects and passes first, so that
    there is time for some marks; the shortest where none fits. The `full` one gives up nothing, `bare` works
    out one without effects and marks, `made` one without marks. A painter's own number or
    order of passes stays."""
    hand = settings.intent.minutes or 0.0
    fixed = settings.order is not None or settings.passes is not None or settings.groups is not None
    passes = FEWEST_PASSES if fixed else full.worked.plan.shapes
    saving = in_time(hand, passes, bare, lambda saving: made(saving).worked.plan)
    best = made(saving)
    left = hand - total_of(best.worked.plan)
    if marker is not None and settings.marks and left > 0:
        best = _with_marks(best, marker(best), settings.marks, hand)
    told = gave_up(full.worked.plan, best.worked.plan, hand)
    plan = replace(best.worked.plan, notes=(told, *best.worked.plan.notes))
    return replace(best, worked=replace(best.worked, plan=plan))


def _with_marks(bare: Planned, with_marks: Callable[[int], Planned], most: int, hand: float) -> Planned:
    """A plan with as many marks as there is time for."""
    before = total_of(bare.worked.plan)
    while most > 0:
        done = with_marks(most)
        spent = total_of(done.worked.plan) - before
        if before + spent <= hand:
            return done
        most = min(most - 1, int(SPENT * most * (hand - before) / spent))
    return bare
