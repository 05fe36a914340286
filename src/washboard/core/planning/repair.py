"""The smallest repair of a rearranged plan: as few passes as can be moved besides those that must stay."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace
from itertools import combinations

from ..plan.plan import Pass, Plan
from ..surface.refusal import Refusal
from ..surface.replay import refusals_of
from ..surface.rules import Rule
from .follow import followed

MOST_MOVED = 4
"""Passes moved at most: beyond that it is another plan, not a repair."""
ALONE = frozenset({Rule.COMPLETE, Rule.UNMASK})
"""Rules about the whole plan, which two passes by themselves cannot keep."""


@dataclass(frozen=True)
class Repair:
    """A sound order near the one asked for, and the passes that were moved for it, by their ids."""

    order: tuple[str, ...]
    moved: tuple[str, ...]


def precedences(plan: Plan) -> frozenset[tuple[str, str]]:
    """Pairs of passes (first, second) of which the second may not come before the first.

    Each pair is replayed both ways: what is refused only one way round needs the other. Waits follow the
    order, so only what paint does to paint is left.
    """
    found = set()
    touched = {done.id: _touched(plan, done) for done in plan.passes}
    for k, one in enumerate(plan.passes):
        for other in plan.passes[k + 1 :]:
            if touched[one.id] & touched[other.id] and _refused(plan, other, one) - _refused(
                plan, one, other
            ):
                found.add((one.id, other.id))
    return frozenset(found)


def _touched(plan: Plan, done: Pass) -> set[str]:
    """Masses that a pass works on, and those that border on them."""
    own = {o.mass for o in done.operations}
    return own | {border.mass for name in own if name in plan.by_id for border in plan.by_id[name].borders}


def _refused(plan: Plan, first: Pass, second: Pass) -> set[tuple[Rule, str]]:
    passes = followed(plan, (first, second))
    refusals: Sequence[Refusal] = refusals_of(replace(plan, passes=tuple(passes)))
    return {(r.rule, r.mass) for r in refusals if r.rule not in ALONE}


def smallest_repair(
    order: Sequence[str], before: Collection[tuple[str, str]], fixed: Collection[str] = ()
) -> Repair | None:
    """The order with the fewest passes moved in which all precedences hold, those in `fixed` staying where
    they
    stand relative to each other; None where there is none with up to MOST_MOVED moves.

    What stays must not contradict the precedences, closed over what is moved; what is moved is then set where
    it is allowed, as near as can be to where it stood.
    """
    closed = _closure(before)
    loose = [name for name in order if name not in fixed]
    for count in range(min(MOST_MOVED, len(loose)) + 1):
        for moved in combinations(loose, count):
            stays = [name for name in order if name not in moved]
            if all((late, early) not in closed for early, late in combinations(stays, 2)):
                return Repair(_inserted(order, stays, moved, closed), moved)
    return None


def _closure(pairs: Collection[tuple[str, str]]) -> set[tuple[str, str]]:
    """Precedences with all that follows from them."""
    after: dict[str, set[str]] = {}
    for one, other in pairs:
        after.setdefault(one, set()).add(other)
    closed = set()
    for start in after:
        left, seen = [start], set[str]()
        while left:
            for other in after.get(left.pop(), ()):
                if other not in seen:
                    seen.add(other)
                    left.append(other)
        closed |= {(start, other) for other in seen}
    return closed


def _inserted(
    order: Sequence[str], stays: Sequence[str], moved: Sequence[str], closed: Collection[tuple[str, str]]
) -> tuple[str, ...]:
    """The moved passes set back where they are allowed, each as near as can be to where it stood."""
    placed = list(stays)
    # Insert first the moved passes that must come before other moved ones, so that those find them placed.
    for name in sorted(moved, key=lambda n: sum((other, n) in closed for other in moved)):
        low = max((placed.index(o) + 1 for o in placed if (o, name) in closed), default=0)
        high = min((placed.index(o) for o in placed if (name, o) in closed), default=len(placed))
        stood = sum(order.index(o) < order.index(name) for o in placed)
        placed.insert(min(max(stood, low), max(low, high)), name)
    return tuple(placed)
