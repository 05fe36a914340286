"""Rearranging: a pass is moved, and the answer is fine, or what breaks, for which masses, and why."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..colour.value import luminance_of, value_of
from ..errors import InvalidInput
from ..time.pace import drying_minutes
from .plan import Operation, Pass, Plan, Role
from .replay import Refusal, replay


@dataclass(frozen=True)
class Verdict:
    """What a moved order comes to: the passes in it, and what breaks (empty: fine)."""

    passes: tuple[Pass, ...]
    refusals: tuple[Refusal, ...]

    @property
    def fine(self) -> bool:
        return not self.refusals


def moved(plan: Plan, pass_id: str, to: int) -> Verdict:
    """The plan with one pass at place `to` (0…n-1), values and waits followed through, and judged.

    Raises InvalidInput for an unknown pass or a place outside the plan.
    """
    order = [p.id for p in plan.passes]
    if pass_id not in order:
        raise InvalidInput(f"There is no pass {pass_id[:20]!r} in this plan; its order was kept.")
    if not 0 <= to < len(order):
        raise InvalidInput(f"Place {to + 1} is outside this plan of {len(order)} passes; its order was kept.")
    order.remove(pass_id)
    order.insert(to, pass_id)
    return judged(plan, order)


def judged(plan: Plan, order: Sequence[str]) -> Verdict:
    """The plan's passes in another order, with values and waits followed through, and judged.

    Raises InvalidInput unless `order` names every pass exactly once.
    """
    if sorted(order) != sorted(p.id for p in plan.passes):
        raise InvalidInput("The order must name every pass exactly once; the old order was kept.")
    by_id = {p.id: p for p in plan.passes}
    passes = _waited(plan, _valued(plan, [by_id[name] for name in order]))
    return Verdict(passes, replay(plan.masses, passes, plan.medium, plan.surface.value))


def _valued(plan: Plan, passes: Sequence[Pass]) -> list[Pass]:
    """Each operation's values in the new order: a transparent film takes away the same share of light."""
    now = {m.id: plan.surface.value for m in plan.masses}
    result = []
    for done in passes:
        operations = []
        for o in done.operations:
            after = _after(plan, o, now[o.mass])
            operations.append(replace(o, from_value=now[o.mass], to_value=after))
            if o.cover > 0.5 and o.role is not Role.OVERLAP:
                now[o.mass] = after
        result.append(replace(done, operations=tuple(operations)))
    return result


def _after(plan: Plan, o: Operation, now: float) -> float:
    if not o.kind.lays or not plan.medium.transparent:
        return o.to_value if o.kind.lays else now
    before = float(luminance_of(o.from_value))
    passed = float(luminance_of(o.to_value)) / max(before, 1e-9)
    return float(value_of(float(luminance_of(now)) * min(passed, 1.0)))


def _waited(plan: Plan, passes: Sequence[Pass]) -> tuple[Pass, ...]:
    """Waits anew: whatever a pass goes over, or meets in a transparent medium, must be dry."""
    by_id = {m.id: m for m in plan.masses}
    dry: dict[str, float] = {}
    clock = 0.0
    waits = [0.0] * len(passes)
    for k, done in enumerate(passes):
        over = {o.mass for o in done.operations if o.kind.lays and o.role is not Role.OVERLAP}
        meets = {b.mass for name in over for b in by_id[name].borders} if plan.medium.transparent else set()
        ready = max([clock, *(dry.get(name, 0.0) for name in over | meets)])
        if k:
            waits[k - 1] = float(-(-(ready - clock) // 1))
            clock += waits[k - 1]
        area = sum(by_id[o.mass].area_cm2 * o.cover for o in done.operations if o.mass in over)
        clock += done.minutes
        for name in over:
            dry[name] = clock + drying_minutes(plan.medium, area)
    return tuple(replace(p, wait=wait) for p, wait in zip(passes, waits, strict=True))
