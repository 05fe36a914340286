"""What is searched in the product, against searching everything: groupings, covers, sets of paints."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from itertools import combinations, pairwise, product

import numpy as np
from numpy.typing import NDArray

from tests.pieces import Made, patchwork
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import grey_of_value
from washboard.core.cut import NEVER
from washboard.core.materials.paints import PAINTS
from washboard.core.mixing.grid import FOLLOWED, Grid, all_thicknesses, grid_of, nearest_on
from washboard.core.mixing.mixture import MixingModel, mixing_model_of
from washboard.core.mixing.refine import refined
from washboard.core.mixing.search import ROUNDS
from washboard.core.optics.vehicle import VEHICLES
from washboard.core.order.coverage import Coverage, Status
from washboard.core.order.grouping import group_costs
from washboard.core.order.painting import Scene
from washboard.core.order.result import PassType, PlanningResult
from washboard.core.order.running import coverage_of, running_paint, statuses
from washboard.core.planning.planner import laid, solve_coverage

Mask = NDArray[np.bool_]
Groups = Sequence[Sequence[int]]
MORE = 0.35
"""ΔE₀₀ that a paint more costs where sets of paints are compared."""
FEWEST = 3
"""Passes that the planner makes at the least; the search must do the same."""


def piece(seed: int, count: int = 6, width: float = 12.0) -> PlanningResult | None:
    """A small watercolour in which every pass lays paint; None where a light is kept otherwise."""
    measured, parts = patchwork(seed, count, 0, width)
    size = (width, width / 1.5)
    worked = Made(measured, parts, "watercolour", "white", "light-to-dark", size, None).worked()
    return (
        worked
        if all(s.pass_type is PassType.LAYS and s.group for s in worked.steps) and worked.steps
        else None
    )


def coverage_cost(scene: Scene, groups: Groups) -> float:
    """Seconds of coverage of a grouping, every pass covered as the planner answers."""
    turn, reflectances, sofar = turns(scene, groups), scene.bare, 0.0
    for k in range(len(groups)):
        problem, after = asked(scene, groups, turn, k, reflectances)
        covered = solve_coverage(problem)
        reflectances, sofar = after(covered), sofar + problem.seconds(covered)
    return sofar


def turns(scene: Scene, groups: Groups) -> NDArray[np.int64]:
    """The pass (m,) of each mass."""
    turn = np.full(len(scene.masses), -1, np.int64)
    for k, group in enumerate(groups):
        turn[list(group)] = k
    return turn


def asked(
    scene: Scene, groups: Groups, turn: NDArray[np.int64], k: int, reflectances: NDArray[np.float64]
) -> tuple[Coverage, Callable[[Mask], NDArray[np.float64]]]:
    """The question of pass k over `reflectances`, and what an answer to it leaves."""
    status = statuses(scene.parts, turn, k)
    problem, paint = coverage_of(scene, reflectances, status, running_paint(scene, groups[k]))
    none = np.zeros(len(scene.masses))
    return problem, lambda covered: laid(scene, reflectances, problem, covered, paint, PassType.LAYS, none)[0]


def every_cover(problem: Coverage) -> tuple[NDArray[np.float64], NDArray[np.bool_]]:
    """All covers (n, p) that the question allows, the cheapest first, with their seconds (n,)."""
    later = np.flatnonzero((problem.status == Status.LATER) & (problem.spoil < NEVER))
    covers = np.repeat(problem.alone()[None], 2 ** len(later), axis=0)
    covers[:, later] = np.array(list(product((False, True), repeat=len(later))), bool)
    parts = problem.parts
    optional = np.isin(np.arange(len(problem.status)), later)
    priced = np.where(optional, problem.spoil + problem.weights.area * parts.areas, 0.0)
    seconds = covers @ priced + (covers[:, parts.first] != covers[:, parts.second]) @ problem.contacts()
    order = np.argsort(seconds, kind="stable")
    return seconds[order], covers[order]


def least_coverage(scene: Scene, groups: Groups, bound: float) -> float:
    """The least seconds of coverage of a grouping over all covers of all its passes, `bound` where none is
    below it: no pass costs less than nothing, so what has reached the bound is not followed."""
    turn = turns(scene, groups)

    def go(k: int, reflectances: NDArray[np.float64], sofar: float, best: float) -> float:
        if k == len(groups):
            return sofar
        problem, after = asked(scene, groups, turn, k, reflectances)
        for seconds, covered in zip(*every_cover(problem), strict=True):
            if sofar + seconds >= best - 1e-9:
                break
            best = min(best, go(k + 1, after(covered), sofar + float(seconds), best))
        return best

    return go(0, scene.bare, 0.0, bound)


def row_of(worked: PlanningResult) -> tuple[list[int], NDArray[np.float64], list[int]]:
    """The masses in the school's order, what a pass over any stretch costs, where the plan cuts them."""
    groups = [list(step.group) for step in worked.steps]
    row = [m for group in groups for m in group]
    prices = group_costs([worked.scene.masses[m] for m in row], worked.scene.weights)
    return row, prices, np.cumsum([len(group) for group in groups])[:-1].tolist()


def priced(prices: NDArray[np.float64], cuts: Sequence[int], count: int) -> float:
    """What the passes themselves cost, cut so."""
    return sum(float(prices[a, b]) for a, b in pairwise((0, *cuts, count)))


def partition_costs(worked: PlanningResult) -> tuple[float, float]:
    """Seconds of the plan as it is, and of the best plan over all ways to cut the row of masses."""
    row, prices, own = row_of(worked)

    def cost(cuts: Sequence[int]) -> float:
        held = [row[a:b] for a, b in pairwise((0, *cuts, len(row)))]
        return priced(prices, cuts, len(row)) + coverage_cost(worked.scene, held)

    fewest = min(FEWEST, len(row)) - 1
    tried = (cuts for size in range(fewest, len(row)) for cuts in combinations(range(1, len(row)), size))
    return cost(own), min(cost(cuts) for cuts in tried)


def cover_costs(worked: PlanningResult) -> tuple[float, float]:
    """Seconds of the plan as it is, and of the best over all covers at its own grouping."""
    row, prices, own = row_of(worked)
    groups = [list(step.group) for step in worked.steps]
    passes = priced(prices, own, len(row))
    covered = coverage_cost(worked.scene, groups)
    return passes + covered, passes + least_coverage(worked.scene, groups, covered)


def merits_lost(medium: str, count: int, seed: int = 7) -> NDArray[np.float64]:
    """How much better, in ΔE₀₀ with the price of paints, recipes of 20 paints get when all sets are followed:
    half of the targets are mixtures of three, half any colour."""
    bench = mixing_model_of(list(PAINTS.values())[:20], VEHICLES[medium], grey_of_value(9.5))
    grid, dice = grid_of(bench), np.random.default_rng(seed)
    thicknesses = np.zeros((count // 2, len(bench.paints)))
    for row in thicknesses:
        row[dice.choice(len(bench.paints), 3, replace=False)] = dice.dirichlet([0.7] * 3)
    thin = np.exp(dice.uniform(np.log(bench.vehicle.weakest), 0, (len(thicknesses), 1)))
    rest = count - len(thicknesses)
    anything = np.column_stack([dice.uniform(20, 92, rest), dice.normal(0, 28, (rest, 2))])
    targets = np.concatenate([bench.labs(thicknesses * thin), anything])
    return np.array(
        [_merit(bench, grid, t, FOLLOWED) - _merit(bench, grid, t, len(grid.sets)) for t in targets]
    )


def _merit(bench: MixingModel, grid: Grid, target: NDArray[np.float64], followed: int) -> float:
    _, sets, thicknesses = nearest_on(grid, target[None], followed)
    wanted = np.broadcast_to(target, (len(sets), 3))
    thicknesses = refined(bench, sets, thicknesses, wanted, ROUNDS)
    used = (thicknesses > 1e-4 * thicknesses.sum(axis=1, keepdims=True)).sum(axis=1)
    return float(
        (difference(bench.labs(all_thicknesses(bench, sets, thicknesses)), wanted) + MORE * (used - 1)).min()
    )
