"""Passes in another order: values, waits and oil followed through."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..colour.value import luminance_of, value_of
from ..optics.grain import value_fixed
from ..order.operations import oil_in
from ..order.timing import sprayed_wait
from ..plan.plan import Kind, Operation, Pass, Plan, Role
from ..plan.touching import laid_by, needing_dry, neighbours
from ..sittings.lags import hurried
from ..time.pace import drying_minutes


def followed(plan: Plan, passes: Sequence[Pass]) -> tuple[Pass, ...]:
    """Passes in a new order with their values and waits followed through."""
    return _waited(plan, _valued(plan, passes))


def _valued(plan: Plan, passes: Sequence[Pass]) -> list[Pass]:
    """Each operation's values in the new order: a transparent film takes away the same share of light."""
    before = {m.id: plan.start.of(m.id, plan.surface.value) for m in plan.masses}
    now = {name: there.value for name, there in before.items()}
    masked = {name for name, there in before.items() if there.masked_at is not None}
    result = []
    for k, done in enumerate(passes):
        operations = []
        for o in done.operations:
            after = now[o.mass] if o.mass in masked else _after(plan, o, now[o.mass])
            # The medium is mixed at the easel: oil follows the place in the order, not the pass.
            oil = oil_in(k) if o.oil else 0.0
            operations.append(replace(o, from_value=now[o.mass], to_value=after, oil=oil))
            masked = masked | {o.mass} if o.kind is Kind.MASK else masked
            masked = masked - {o.mass} if o.kind is Kind.UNMASK else masked
            if o.cover > 0.5 and o.role is not Role.OVERLAP:
                now[o.mass] = after
        result.append(replace(done, operations=tuple(operations)))
    return result


def _after(plan: Plan, o: Operation, now: float) -> float:
    if o.kind is Kind.FIX:
        return float(value_fixed(now))
    if (
        not o.kind.reaches
        or not plan.medium.transparent
        or o.kind.takes
        or o.kind in (Kind.UNMASK, Kind.WHITE)
    ):
        return o.to_value if o.kind.reaches else now
    before = float(luminance_of(o.from_value))
    passed = float(luminance_of(o.to_value)) / max(before, 1e-9)
    return float(value_of(float(luminance_of(now)) * min(passed, 1.0)))


def _waited(plan: Plan, passes: Sequence[Pass]) -> tuple[Pass, ...]:
    """Waits anew: whatever a pass goes over, or meets in a transparent medium, must be dry."""
    by_id = {m.id: m for m in plan.masses}
    clock, begin = 0.0, plan.start.clock
    dry = {name: there.ready_at - begin for name, there in plan.start.masses.items() if there.layers}
    waits = [0.0] * len(passes)
    for k, done in enumerate(passes):
        over = needing_dry(done)
        meets = neighbours(over, by_id) if plan.medium.transparent else set()
        ready = max([clock, *(dry.get(name, 0.0) for name in over | meets)])
        # Before the first pass there is none to wait after: a plan begins when its first can.
        if k:
            waits[k - 1] = float(-(-(ready - clock) // 1))
            clock += waits[k - 1]
        laid = laid_by(done)
        area = sum(by_id[o.mass].area_cm2 * o.cover for o in done.operations if o.mass in laid)
        clock += done.lasts
        for name in laid:
            dry[name] = clock + drying_minutes(plan.medium, area)
    waited = [replace(p, wait=max(wait, sprayed_wait(p))) for p, wait in zip(passes, waits, strict=True)]
    return hurried(waited, by_id, plan.medium)
