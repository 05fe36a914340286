"""A plan as a chain of segments: its passes, those that take coats divided by the drying between them, long
ones at natural edges."""

from __future__ import annotations

import math
from collections.abc import Collection, Mapping, Sequence

from ..plan.plan import Operation, Pass, Plan, Role
from ..reference.mass import Mass
from .lags import lags_of
from .work import Chain, Segment

GROUND = "ground"
"""What toning the ground is called among the passes."""
LONG = 25.0
"""Minutes of work up to which a pass is not divided."""
NATURAL = 0.5
"""Hardness from which an edge is one at which a pass can be broken off."""
LEAST = 5.0
"""Minutes that a part of a pass has at the least."""


def chain_of(plan: Plan, name: str, done: Collection[str] = ()) -> Chain:
    """A plan's chain under a name; passes `done` by their ids are left out. Minutes are rounded up.

    The order of the passes stays: what may be judged only beside what came before is not begun earlier. A
    wait is only kept where a later pass goes over or meets what dries.
    """
    passes = [p for p in plan.passes if p.id not in done]
    masses = {mass.id: mass for mass in plan.masses}
    segments: list[Segment] = []
    if plan.toning is not None and GROUND not in done and len(passes) == len(plan.passes):
        segments.append(Segment(GROUND, whole(plan.toning.minutes)))
    last: list[int] = []
    lags = lags_of(passes, masses, plan.medium)
    for k, own in enumerate(passes):
        mine = [lag for lag in lags if lag.later == k]
        waits = [(last[lag.before], whole(lag.least)) for lag in mine if lag.least > 0]
        if plan.toning is not None and segments and segments[0].name == GROUND:
            waits.append((0, whole(plan.toning.wait)))
        within = [(last[lag.before], int(lag.most)) for lag in mine if lag.most is not None]
        for minutes, between in _pieces(own, masses):
            if between and segments:
                waits = [*waits, (len(segments) - 1, between)]
            segments.append(Segment(own.id, minutes, tuple(waits), tuple(within)))
            waits, within = [], []
        last.append(len(segments) - 1)
    return Chain(name, plan.medium.key, tuple(segments))


def whole(minutes: float) -> int:
    """Minutes rounded up, one at the least; a hair over a minute is that minute."""
    return max(1, math.ceil(minutes - 1e-6))


def _pieces(done: Pass, masses: Mapping[str, Mass]) -> list[tuple[int, int]]:
    """Minutes of each part of a pass, and minutes to wait before it."""
    coats = max((count for _, count in done.coats), default=1)
    if done.between > 0 and coats > 1:
        wait = whole(done.between / (coats - 1))
        return [(whole(done.minutes / coats), wait if k else 0) for k in range(coats)]
    if done.minutes <= LONG:
        return [(whole(done.minutes), 0)]
    sizes = [sum(masses[o.mass].area_cm2 * o.cover for o in own) for own in natural(done.operations, masses)]
    parts = _gathered([done.minutes * size / max(sum(sizes), 1e-9) for size in sizes])
    return [(whole(part), 0) for part in parts] or [(whole(done.minutes), 0)]


def natural(operations: Sequence[Operation], masses: Mapping[str, Mass]) -> list[list[Operation]]:
    """Operations that lay, in groups between which a pass can be broken off: those that meet along a soft
    edge stay together."""
    laid = [o for o in operations if o.kind.lays and o.role is not Role.OVERLAP]
    group = {o.mass: k for k, o in enumerate(laid)}
    for o in laid:
        for border in masses[o.mass].borders:
            if border.mass in group and border.hardness < NATURAL and group[border.mass] != group[o.mass]:
                one, other = sorted((group[o.mass], group[border.mass]))
                group = {name: one if k == other else k for name, k in group.items()}
    return [[o for o in laid if group[o.mass] == k] for k in sorted(set(group.values()))]


def _gathered(minutes: Sequence[float]) -> list[float]:
    """Small neighbours put together, so that no part is less than LEAST."""
    parts: list[float] = []
    for own in minutes:
        if parts and (parts[-1] < LEAST or own < LEAST):
            parts[-1] += own
        else:
            parts.append(own)
    return parts
