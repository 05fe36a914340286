"""Rearranging: the smallest repair, against trying every way of moving passes."""

from __future__ import annotations

from collections.abc import Collection, Sequence

import numpy as np
import pytest

from tests.long import rounds
from tests.pieces import Made, patchwork
from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.plan.plan import Plan
from washboard.core.planning.rearrange import judged, moved
from washboard.core.planning.repair import precedences, smallest_repair

KINDS = (
    ("watercolour", "light-to-dark"),
    ("watercolour", "by-object"),
    ("watercolour", "layered-negative"),
    ("pastel", "both-ends"),
    ("pastel", "by-object"),
    ("acrylic", "dark-to-light"),
    ("oil", "wipe-out"),
    ("oil", "light-first"),
)


def planned(seed: int, medium: str, school: str) -> Plan:
    measured, parts = patchwork(seed, 4 + seed % 5, seed % 3)
    return Made(measured, parts, medium, "white", school, (30.0, 20.0), None).worked().plan


def fewest_moves(plan: Plan, order: Sequence[str], fixed: Collection[str], most: int) -> int | None:
    """The fewest moves of single passes to a sound order, breadth first over all orders."""
    seen, frontier = {tuple(order)}, [tuple(order)]
    for depth in range(1, most + 1):
        fresh = []
        for one in frontier:
            for name in one:
                if name in fixed:
                    continue
                rest = [other for other in one if other != name]
                for at in range(len(one)):
                    tried = (*rest[:at], name, *rest[at:])
                    if tried in seen:
                        continue
                    seen.add(tried)
                    fresh.append(tried)
                    if judged(plan, tried).fine:
                        return depth
        frontier = fresh
    return None


@pytest.mark.soak
def test_a_repair_moves_as_few_passes_as_the_exhaustive_search_does() -> None:
    dice = np.random.default_rng(7)
    broken = repaired = 0
    wanted = rounds(18, 60)
    for seed in range(60):
        for medium, school in KINDS:
            if broken >= wanted:
                break
            plan = planned(seed, medium, school)
            count = len(plan.passes)
            if not 3 <= count <= 8:
                continue
            name, to = plan.passes[int(dice.integers(count))].id, int(dice.integers(count))
            verdict = moved(plan, name, to)
            if verdict.fine:
                continue
            broken += 1
            order = [done.id for done in verdict.passes]
            least = fewest_moves(plan, order, {name}, 2)
            found = None if verdict.repair is None else len(verdict.repair.moved)
            assert found == least or (least is None and (found is None or found > 2)), (seed, medium, school)
            if verdict.repair is not None:
                repaired += 1
                assert judged(plan, verdict.repair.order).fine
                assert name not in verdict.repair.moved
    assert broken >= wanted
    assert repaired >= 0.55 * wanted


def test_pinned_passes_stay_and_cannot_be_moved() -> None:
    plan = planned(5, "watercolour", "by-object")
    ids = [done.id for done in plan.passes]
    with refuses(InvalidInput, "pinned"):
        moved(plan, ids[0], 2, pinned=[ids[0]])
    before = precedences(plan)
    first, second = next((a, b) for a, b in sorted(before))
    swapped = list(ids)
    i, j = swapped.index(first), swapped.index(second)
    swapped[i], swapped[j] = swapped[j], swapped[i]
    assert smallest_repair(swapped, before, ids) is None, "pins that contradict the order leave no repair"
    found = smallest_repair(swapped, before)
    assert found is not None
    assert 1 <= len(found.moved) <= 2


def test_a_sound_order_needs_no_repair() -> None:
    plan = planned(2, "pastel", "dark-to-light")
    ids = [done.id for done in plan.passes]
    found = smallest_repair(ids, precedences(plan))
    assert found is not None
    assert (found.order, found.moved) == (tuple(ids), ())
