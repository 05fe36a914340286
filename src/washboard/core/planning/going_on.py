"""Passes from a state of the sheet on: values, waits and the minute at which the first can begin."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Mapping, Sequence
from dataclasses import replace

from ..plan.plan import Kind, Pass, Plan, Role
from ..plan.state import MassSurface, SheetState
from ..plan.touching import needing_dry, neighbours
from .follow import followed


def going_on(plan: Plan, state: SheetState, passes: Sequence[Pass]) -> Plan:
    """The passes from a state: values, waits and the begin followed through."""
    start = replace(plan, start=state, passes=(), toning=None)
    own = followed(start, passes)
    begin = max(state.clock, *(_ready(start, own)), 0.0)
    start = replace(start, start=replace(state, clock=begin))
    own = _mixed_anew(start, followed(start, passes), passes)
    return replace(start, passes=own, predicted=_predicted(start, own), shapes=sum(not p.beside for p in own))


def _mixed_anew(plan: Plan, own: Sequence[Pass], planned: Sequence[Pass]) -> tuple[Pass, ...]:
    """The passes with what reaches its target mixed for what lies there by now, not for what was expected."""
    now = {name: lying(plan, plan.start, name).value for name in plan.by_id}
    found = []
    for done, before in zip(own, planned, strict=True):
        operations = []
        for o, wanted in zip(done.operations, before.operations, strict=True):
            after = o.to_value
            if plan.medium.transparent and o.kind.lays and o.kind is not Kind.WHITE:
                after = min(now[o.mass], wanted.to_value if o.role is Role.TARGET else o.to_value)
            elif not o.kind.reaches and o.kind is not Kind.FIX:
                after = now[o.mass]
            operations.append(replace(o, from_value=now[o.mass], to_value=after))
            if o.cover > 0.5 and o.role is not Role.OVERLAP:
                now[o.mass] = after
        found.append(replace(done, operations=tuple(operations)))
    return tuple(found)


def _ready(plan: Plan, passes: Sequence[Pass]) -> Iterator[float]:
    """Minutes from which the first pass finds dry what it goes over."""
    yield 0.0
    for done in passes[:1]:
        names = needing_dry(done)
        if plan.medium.transparent:
            names |= neighbours(names, plan.by_id)
        yield from (lying(plan, plan.start, name).ready_at for name in names)


def _predicted(plan: Plan, passes: Sequence[Pass]) -> tuple[tuple[float, ...], ...]:
    """The value of every mass before the first pass and after each."""
    now = {name: lying(plan, plan.start, name).value for name in plan.by_id}
    rows = [tuple(now[m.id] for m in plan.masses)]
    for done in passes:
        for o in done.operations:
            if o.cover > 0.5 and o.role is not Role.OVERLAP:
                now[o.mass] = o.to_value
        rows.append(tuple(now[m.id] for m in plan.masses))
    return tuple(rows)


def lying(plan: Plan, state: SheetState, name: str) -> MassSurface:
    """What lies on a mass in a state."""
    return state.of(name, plan.surface.value)


def with_surfaces(state: SheetState, surfaces: Mapping[str, MassSurface]) -> SheetState:
    """The state with other surfaces on some masses, by their ids."""
    return replace(state, masses={**state.masses, **surfaces})


def counted_finished(plan: Plan, state: SheetState, names: Iterable[str]) -> SheetState:
    """The state with these masses counted as finished."""
    return with_surfaces(state, {name: replace(lying(plan, state, name), finished=True) for name in names})
