"""What a log and photos of a painting tell of its painter."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from ..log.event import Event, EventKind
from ..log.spent import minutes_spent
from ..plan.plan import Pass, Plan

LARGE, SMALL = 60.0, 8.0
"""Mean cm² of the places of a pass from which it takes a large brush, and under which it takes a fine one."""


def tool_for(plan: Plan, done: Pass) -> str:
    """With what a pass is mostly painted: large, middle or fine, by the size of its places."""
    sizes = [plan.by_id[o.mass].area_cm2 for o in done.operations if o.kind.lays and o.mass in plan.by_id]
    mean = sum(sizes) / max(len(sizes), 1)
    return "large" if mean >= LARGE else "middle" if mean >= SMALL else "fine"


def paces_of(plan: Plan, events: Sequence[Event], pace: float = 1.0) -> dict[str, list[float]]:
    """Minutes that passes really took over those that they would have taken at the usual pace, by what they
    are painted with; the plan was made at `pace` times as long."""
    spent = minutes_spent(events)
    found: dict[str, list[float]] = {}
    for done in plan.passes:
        if spent.get(done.id, 0.0) > 0 and done.lasts > 0:
            found.setdefault(tool_for(plan, done), []).append(pace * spent[done.id] / done.lasts)
    return found


def wastes_of(events: Sequence[Event], planned: Mapping[str, float]) -> list[float]:
    """Millilitres that were mixed for passes over those that were planned for each, by its id."""
    mixed: dict[str, float] = {}
    for event in events:
        if event.kind is EventKind.MIXTURE and event.value is not None and event.value > 0:
            mixed[event.done] = mixed.get(event.done, 0.0) + event.value
    return [ml / planned[done] for done, ml in mixed.items() if planned.get(done, 0.0) > 0]
