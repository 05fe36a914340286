"""What is searched in the product, against searching everything: groupings, covers, sets of paints."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from itertools import combinations, pairwise, product

import numpy as np
from numpy.typing import NDArray

from tests.pieces import Made, patchwork
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import grey_of_value
from washboard.core.cut import NEVER
from washboard.core.materials.paints import PAINTS
from washboard.core.optics.vehicle import VEHICLES
from washboard.core.order.coverage import Coverage, Status
from washboard.core.order.levels import group_costs
from washboard.core.order.painting import Scene, coverage_of, running_paint, statuses
from washboard.core.order.planner import answer, laid
from washboard.core.order.worked import Does, Worked
from washboard.core.recipe.mixture import Bench, bench_of
from washboard.core.recipe.search import FOLLOWED, MORE, ROUNDS, Grid, all_loads, grid_of, nearest_on, refined

Mask = NDArray[np.bool_]
Groups = Sequence[Sequence[int]]
FEWEST = 3
"""Passes that the planner makes at the least; the search must do the same."""


def piece(seed: int, count: int = 6, width: float = 12.0) -> Worked | None:
    """A small watercolour in which every pass lays paint; None where a light is kept otherwise."""
    measured, parts = patchwork(seed, count, 0, width)
    size = (width, width / 1.5)
    worked = Made(measured, parts, "watercolour", "white", "light-to-dark", size, None).worked()
    return worked if all(s.does is Does.LAYS and s.group for s in worked.steps) and worked.steps else None


def covered_at_best(question: Coverage) -> list[Mask]:
    """The planner's own answer."""
    return [answer(question)]


def every_cover(question: Coverage) -> list[Mask]:
    """All covers that the question allows, those that cut in more than painting alone left out like there."""
    later = np.flatnonzero((question.status == Status.LATER) & (question.spoil < NEVER))
    found = []
    for chosen in product((False, True), repeat=len(later)):
        covered = question.alone()
        covered[later] = chosen
        found.append(covered)
    return found


def coverage_costs(
    scene: Scene, groups: Groups, covers: Callable[[Coverage], list[Mask]] = covered_at_best
) -> Iterator[float]:
    """Seconds of coverage of a grouping, for every way of covering that `covers` offers pass by pass."""
    turn = np.full(len(scene.masses), -1, np.int64)
    for k, group in enumerate(groups):
        turn[list(group)] = k
    none = np.zeros(len(scene.masses))

    def go(k: int, looks: NDArray[np.float64], sofar: float) -> Iterator[float]:
        if k == len(groups):
            yield sofar
            return
        status = statuses(scene.parts, turn, k)
        question, paint = coverage_of(scene, looks, status, running_paint(scene, groups[k]))
        for covered in covers(question):
            after = laid(scene, looks, question, covered, paint, Does.LAYS, none)
            yield from go(k + 1, after, sofar + question.seconds(covered))

    yield from go(0, scene.bare, 0.0)


def row_of(worked: Worked) -> tuple[list[int], NDArray[np.float64], list[int]]:
    """The masses in the school's order, what a pass over any stretch costs, where the plan cuts them."""
    groups = [list(step.group) for step in worked.steps]
    row = [m for group in groups for m in group]
    prices = group_costs([worked.scene.masses[m] for m in row], worked.scene.weights)
    return row, prices, np.cumsum([len(group) for group in groups])[:-1].tolist()


def priced(prices: NDArray[np.float64], cuts: Sequence[int], count: int) -> float:
    """What the passes themselves cost, cut so."""
    return sum(float(prices[a, b]) for a, b in pairwise((0, *cuts, count)))


def partition_costs(worked: Worked) -> tuple[float, float]:
    """Seconds of the plan as it is, and of the best plan over all ways to cut the row of masses."""
    row, prices, own = row_of(worked)

    def cost(cuts: Sequence[int]) -> float:
        held = [row[a:b] for a, b in pairwise((0, *cuts, len(row)))]
        return priced(prices, cuts, len(row)) + next(coverage_costs(worked.scene, held))

    fewest = min(FEWEST, len(row)) - 1
    tried = (cuts for size in range(fewest, len(row)) for cuts in combinations(range(1, len(row)), size))
    return cost(own), min(cost(cuts) for cuts in tried)


def cover_costs(worked: Worked) -> tuple[float, float]:
    """Seconds of the plan as it is, and of the best over all covers at its own grouping."""
    row, prices, own = row_of(worked)
    groups = [list(step.group) for step in worked.steps]
    passes = priced(prices, own, len(row))
    covered = next(coverage_costs(worked.scene, groups))
    return passes + covered, passes + min(coverage_costs(worked.scene, groups, every_cover))


def merits_lost(medium: str, count: int, seed: int = 7) -> NDArray[np.float64]:
    """How much better, in ΔE₀₀ with the price of paints, recipes of 20 paints get when all sets are followed:
    half of the targets are mixtures of three, half any colour."""
    bench = bench_of(list(PAINTS.values())[:20], VEHICLES[medium], grey_of_value(9.5))
    grid, dice = grid_of(bench), np.random.default_rng(seed)
    loads = np.zeros((count // 2, len(bench.paints)))
    for row in loads:
        row[dice.choice(len(bench.paints), 3, replace=False)] = dice.dirichlet([0.7] * 3)
    thin = np.exp(dice.uniform(np.log(bench.vehicle.weakest), 0, (len(loads), 1)))
    rest = count - len(loads)
    anything = np.column_stack([dice.uniform(20, 92, rest), dice.normal(0, 28, (rest, 2))])
    targets = np.concatenate([bench.labs(loads * thin), anything])
    return np.array(
        [_merit(bench, grid, t, FOLLOWED) - _merit(bench, grid, t, len(grid.sets)) for t in targets]
    )


def _merit(bench: Bench, grid: Grid, target: NDArray[np.float64], followed: int) -> float:
    _, sets, loads = nearest_on(grid, target[None], followed)
    wanted = np.broadcast_to(target, (len(sets), 3))
    loads = refined(bench, sets, loads, wanted, ROUNDS)
    used = (loads > 1e-4 * loads.sum(axis=1, keepdims=True)).sum(axis=1)
    return float((difference(bench.labs(all_loads(bench, sets, loads)), wanted) + MORE * (used - 1)).min())
