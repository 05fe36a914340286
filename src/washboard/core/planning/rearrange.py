"""Rearranging: a pass is moved, and the answer is fine, or what breaks, for which masses, why, and what
mends it."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace
from itertools import combinations, product

from ..errors import InvalidInput
from ..plan.own import Own, set_in
from ..plan.plan import Pass, Plan
from ..surface.refusal import Refusal
from ..surface.replay import refusals_of
from .follow import followed
from .repair import MOST_MOVED, Repair, precedences, smallest_repair

SHORT, TRIED = 8, 3
"""Passes up to which two moves are tried on the whole plan, and one less than the moves that are."""


@dataclass(frozen=True)
class Verdict:
    """What a moved order comes to: the passes in it, what breaks (empty: fine), and the smallest repair."""

    passes: tuple[Pass, ...]
    refusals: tuple[Refusal, ...]
    repair: Repair | None = None

    @property
    def fine(self) -> bool:
        """Whether nothing breaks."""
        return not self.refusals


def moved(plan: Plan, pass_id: str, to: int, pinned: Collection[str] = (), mend: bool = True) -> Verdict:
    """The plan with one pass at place `to` (0…n-1), values and waits followed through, and judged.

    Where it breaks, the smallest repair leaves the pass where it was put, and those `pinned` where they are.
    Raises InvalidInput for an unknown or pinned pass or a place outside the plan.
    """
    order = [p.id for p in plan.passes]
    if pass_id not in order:
        raise InvalidInput("refused-move-no-such-pass", pass_id=pass_id[:20])
    if not 0 <= to < len(order):
        raise InvalidInput("refused-move-outside", to=to + 1, number=len(order))
    if pass_id in pinned:
        raise InvalidInput("refused-move-pinned", place=order.index(pass_id) + 1)
    order.remove(pass_id)
    order.insert(to, pass_id)
    verdict = judged(plan, order)
    if verdict.fine or not mend:
        return verdict
    return replace(verdict, repair=repaired(plan, order, {pass_id, *pinned}))


def with_own(plan: Plan, own: Own, after: str, pinned: Collection[str] = ()) -> Verdict:
    """The plan with a pass of the painter's own set in after another ("" for first), judged; where it breaks,
    the smallest repair leaves that pass where it was put. Raises what `set_in` raises."""
    longer = set_in(plan, own, after)
    order = [done.id for done in longer.passes]
    verdict = judged(longer, order)
    if verdict.fine:
        return verdict
    return replace(verdict, repair=repaired(longer, order, {own.id, *pinned}))


def without(plan: Plan, pass_id: str) -> Verdict:
    """The plan without one pass, judged. Raises InvalidInput for an unknown pass, or for the only one."""
    left = tuple(done for done in plan.passes if done.id != pass_id)
    if len(left) == len(plan.passes):
        raise InvalidInput("refused-leave-out-no-such-pass", pass_id=pass_id[:20])
    if not left:
        raise InvalidInput("refused-leave-out-last")
    shorter = replace(plan, passes=left)
    return judged(shorter, [done.id for done in left])


def repaired(plan: Plan, order: Sequence[str], fixed: Collection[str] = ()) -> Repair | None:
    """The smallest repair that the judge agrees to, or None: precedences tell where to look, but what must
    follow at once is no matter of pairs, so fewer moves are tried on the whole plan."""
    found = smallest_repair(order, precedences(plan), fixed)
    if found is not None and not judged(plan, found.order).fine:
        found = None
    fewest = len(found.moved) if found else MOST_MOVED
    for count in range(1, min(fewest, TRIED if len(order) <= SHORT else 2)):
        tried = _moving(plan, order, fixed, count)
        if tried is not None:
            return tried
    return found


def _moving(plan: Plan, order: Sequence[str], fixed: Collection[str], count: int) -> Repair | None:
    """The first sound order with so many passes moved, tried one after the other."""
    for names in combinations([name for name in order if name not in fixed], count):
        stays = [name for name in order if name not in names]
        for places in product(range(len(order)), repeat=count):
            placed = list(stays)
            for name, place in zip(names, places, strict=True):
                placed.insert(place, name)
            if judged(plan, placed).fine:
                return Repair(tuple(placed), names)
    return None


def judged(plan: Plan, order: Sequence[str]) -> Verdict:
    """The plan's passes in another order, with values and waits followed through, and judged.

    Raises InvalidInput unless `order` names every pass exactly once.
    """
    if sorted(order) != sorted(p.id for p in plan.passes):
        raise InvalidInput("refused-order-incomplete")
    by_id = {p.id: p for p in plan.passes}
    passes = followed(plan, [by_id[name] for name in order])
    return Verdict(passes, refusals_of(replace(plan, passes=passes)))
