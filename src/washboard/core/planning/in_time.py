"""A plan for the minutes in hand: what is given up, the least first, until it fits."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass

from ..plan.effect import Effect
from ..plan.plan import Plan
from ..plan.tools import TOOLS, Handled, tool_of
from ..sentence import Listed, Sentence, sentence, whole

LARGE_CM2 = 40.0
"""Area that a pass covers from which a larger tool is quicker. A guess."""
COARSER = (0.005, 0.01, 0.02, 0.04, 0.08)
"""Shares of the picture under which masses go with what lies round them, one after the other."""
FEWEST_PASSES = 1
"""Passes over shapes that a picture has at least."""


@dataclass(frozen=True)
class Saving:
    """What a plan gives up: `broad` tools where they are quicker, `few` mixtures, the share of the minutes of
    effects that are kept (0–1), the number of `passes` over shapes, None for as many as are best, and masses
    of less than a share `least` of the picture, which go with what lies round them."""

    broad: bool = False
    few: bool = False
    effects: float = 1.0
    passes: int | None = None
    least: float = 0.0


NOTHING = Saving()
"""Nothing is given up."""


def savings_of(passes: int) -> Iterator[Saving]:
    """What can be given up in a plan of so many passes over shapes, each more than the one before."""
    yield NOTHING
    yield Saving(broad=True)
    for share in (0.6, 0.3, 0.0):
        yield Saving(broad=True, effects=share)
    for fewer in range(passes - 1, FEWEST_PASSES - 1, -1):
        yield Saving(True, True, 0.0, fewer)
    for least in COARSER:
        yield Saving(True, True, 0.0, FEWEST_PASSES if passes > FEWEST_PASSES else None, least)


def in_time(
    minutes: float, passes: int, bare: Callable[[Saving], Plan], made: Callable[[Saving], Plan]
) -> Saving:
    """What the plan gives up that gives up least of those that fit the minutes in hand; where none fits, what
    the shortest does. `bare` works out a plan with a saving before effects are set into it, which takes no
    longer than the whole plan that is `made` with it; of `passes` over shapes where none is given up."""
    shortest = NOTHING, math.inf
    for saving in savings_of(passes):
        total = total_of(bare(saving))
        if total <= minutes:
            total = total_of(made(saving))
        if total <= minutes:
            return saving
        # What takes effects out takes no longer than it does bare, to a minute or two.
        if total < shortest[1] - 1e-9 and saving.effects == 0:
            shortest = saving, total
    return shortest[0]


def total_of(plan: Plan) -> float:
    """Minutes from the first mark to the last, waits included."""
    return plan.work + plan.waiting


def broad_tools(plan: Plan, handled: Sequence[Handled]) -> tuple[Handled, ...]:
    """The tools of passes with the quickest for covering in each large pass that the painter gave none."""
    quickest = max(
        (tool for tool in TOOLS.values() if plan.medium.key in tool.media), key=lambda tool: tool.cover
    )
    large = [
        done.id
        for done in plan.passes
        if tool_of(done.id, handled) is None and not done.beside and _covers(plan, done.id) >= LARGE_CM2
    ]
    return (*handled, *(Handled(name, quickest.key) for name in large))


def _covers(plan: Plan, name: str) -> float:
    done = next(done for done in plan.passes if done.id == name)
    return sum(o.cover * plan.by_id[o.mass].area_cm2 for o in done.operations if o.kind.lays)


def spared_of(costs: Sequence[tuple[Effect, float]], share: float) -> frozenset[str]:
    """The ids of effects that are not made for want of time: of those with a cost in minutes the dearest
    for what they tell, until only a `share` (0–1) of all minutes is spent."""
    left = share * sum(minutes for _, minutes in costs)
    spared = set()
    for effect, minutes in sorted(costs, key=lambda one: (-one[0].sure / max(one[1], 0.1), one[0].id)):
        if minutes <= left:
            left -= minutes
        else:
            spared.add(effect.id)
    return frozenset(spared)


def gave_up(before: Plan, after: Plan, minutes: float) -> Sentence:
    """What a plan gave up against another so as to fit the minutes in hand, and whether it does."""
    now, had = (
        {
            "passes": sum(not done.beside for done in plan.passes),
            "effects": sum(effect.rests is None for effect in plan.effects),
            "marks": sum(len(family.paths) for family in plan.marks),
            "tones": len({mass.target_ends for mass in plan.masses}),
        }
        for plan in (after, before)
    )
    given = tuple(
        sentence("gave-up", what=what, had=had[what], now=now[what]) for what in now if now[what] < had[what]
    )
    total = total_of(after)
    fits = total <= minutes + 0.5
    return sentence(
        "note-in-time" if fits else "note-not-in-time",
        hand=whole(minutes),
        total=whole(total),
        before=whole(total_of(before)),
        given=Listed(given) if given else sentence("gave-up-tools"),
    )
