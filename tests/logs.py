"""Random logs of what may happen at an easel, shared by tests."""

from __future__ import annotations

import random

from washboard.core.log.event import Event, EventKind, What
from washboard.core.plan.plan import Plan

K = EventKind


def log_of(plan: Plan, seed: int) -> list[Event]:
    """Some passes of a plan painted, in part, in another order, twice or not at all, and what went wrong."""
    dice, events, now = random.Random(seed), list[Event](), 1000.0
    names = [mass.id for mass in plan.masses]

    def add(
        kind: EventKind,
        done: str = "",
        masses: tuple[str, ...] = (),
        what: str = "",
        value: float | None = None,
    ) -> None:
        events.append(Event(f"e{len(events)}", now, kind, done, masses, what, value))

    passes = list(plan.passes[: dice.randint(0, len(plan.passes))])
    if dice.random() < 0.15 and len(passes) > 1:
        k = dice.randrange(len(passes) - 1)
        passes[k], passes[k + 1] = passes[k + 1], passes[k]
    add(K.SITTING_BEGUN)
    for done in passes:
        now += dice.random() * 30
        if dice.random() < 0.1:
            add(K.PASS_SKIPPED, done.id)
            continue
        add(K.PASS_BEGUN, done.id)
        now += done.minutes * dice.uniform(0.5, 2)
        own = tuple(o.mass for o in done.operations)
        if own and dice.random() < 0.15:
            add(K.STEP_DONE, done.id, tuple(dice.sample(own, dice.randint(1, len(own)))))
            if dice.random() < 0.5:
                add(K.INTERRUPTED)
                now += dice.choice((5, 100, 3000))
                add(K.RESUMED)
                continue
        part = tuple(dice.sample(own, max(1, len(own) // 2))) if own and dice.random() < 0.1 else ()
        add(K.PASS_DONE, done.id, part)
        if dice.random() < 0.1:
            add(K.PASS_REPEATED, done.id)
        if dice.random() < 0.15:
            now += 3
            add(dice.choice((K.STILL_WET, K.DRY)))
        if dice.random() < 0.2:
            kind, seen = dice.choice((K.MEASURED, K.CHANGED)), round(dice.uniform(2, 9.5), 1)
            add(kind, "", tuple(dice.sample(names, 1)), "", seen)
        if dice.random() < 0.3:
            value = dice.choice((None, None, round(dice.uniform(1, 10), 1)))
            some = tuple(dice.sample(names, dice.randint(1, 2)))
            add(K.ACCIDENT, "", some, dice.choice(list(What)).value, value)
        now += dice.random() * done.wait * 1.5
    add(K.SITTING_ENDED)
    return events
