"""Recipes for colours: every set of up to three paints is tried on a grid, the nearest are refined.

A recipe is an amount of each paint (its *load*, in unit films): their ratio is the mixture, their sum the
thickness, which in transparent media is how little water there is. A grid over ratios and thicknesses of
every set gives a colour each; for a target the sets whose nearest grid point is closest are followed by a
damped Gauss–Newton method in Lab and judged by CIEDE2000. That the best set is among those followed is not
proved but measured: following all sets of 20 paints instead gained at most 0.80
ΔE₀₀ (0.35 of it can be the price of a paint) and 0.13 on average over 320 targets in and out of reach;
`make soak` measures it again.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference, value_of_lab
from ..errors import InvalidInput
from .brush_parts import measures
from .grid import MOST_PAINTS, Grid, all_thicknesses, followed_sets, grid_of, metric_of
from .mixture import MixingModel

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]

ROUNDS = 10
"""Steps of refinement."""
MORE = 0.35
"""ΔE₀₀ that another paint must save to be worth its place."""
EASY = 0.02
"""ΔE₀₀ that a part fewer to count is worth, above four parts in all."""
ANOTHER_COAT = 0.3
"""ΔE₀₀ that another coat must save to be laid and waited for."""
REACHED, STUCK = 0.01, 100.0
"""ΔE₀₀ below which a colour is reached; damping from which refinement does not move any more."""
ROUNDED = 6
"""Ratios of brush parts tried about the refined one."""


@dataclass(frozen=True)
class Recipe:
    """How to mix one colour.

    `paints` indices into the model's paints, the largest part first; `parts` as measured by brush;
    `thickness` in unit films, all layers together, `layers` the coats or washes it takes; `lab` dry and `wet`
    (as mixed and laid) (3,); `delta_e` ΔE₀₀ and `value_error` values from the target, lighter positive.
    """

    paints: tuple[int, ...]
    parts: tuple[float, ...]
    thickness: float
    layers: int
    lab: tuple[float, float, float]
    wet: tuple[float, float, float]
    delta_e: float
    value_error: float

    @property
    def shares(self) -> Floats:
        """Share of each paint (n,)."""
        parts = np.array(self.parts)
        return np.asarray(parts / parts.sum())


def recipes_for(
    model: MixingModel, targets: ArrayLike, grid: Grid | None = None, count: int = 4, most: int = MOST_PAINTS
) -> list[tuple[Recipe, ...]]:
    """Up to `count` recipes for each target (n, 3) in Lab, best first, of different sets of paints.

    Best is least ΔE₀₀ with MORE for every paint after the first. The model may have a ground for each target.
    Raises InvalidInput without paints or for
    targets that are no numbers.
    """
    wanted = np.atleast_2d(np.asarray(targets, dtype=np.float64))
    if not model.paints:
        raise InvalidInput("refused-palette-empty")
    if not np.isfinite(wanted).all():
        raise InvalidInput("refused-target-no-number")
    grid = grid or grid_of(model, most)
    which, sets, thicknesses = followed_sets(model, grid, wanted)
    thicknesses = refined(model.at(which), sets, thicknesses, wanted[which], ROUNDS)
    delta_e = difference(model.at(which).labs(all_thicknesses(model, sets, thicknesses)), wanted[which])
    delta_e += MORE * ((thicknesses > 1e-4 * thicknesses.sum(axis=1, keepdims=True)).sum(axis=1) - 1)
    chosen: list[int] = []
    for k in range(len(wanted)):
        own = np.flatnonzero(which == k)
        # Many sets reach a colour exactly: break such ties by distance on the grid, not by rounding.
        chosen += own[np.argsort(delta_e[own].round(2), kind="stable")][: count + 2].tolist()
    made = _rounded(model.at(which[chosen]), sets[chosen], thicknesses[chosen], wanted[which[chosen]])
    found: list[list[Recipe]] = [[] for _ in wanted]
    for k, recipe in zip(which[chosen].tolist(), made, strict=True):
        found[k].append(recipe)
    return [_best(own, count) for own in found]


def refined(model: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats, rounds: int) -> Floats:
    """Loads (c, 3) of the paints in `sets` (c, 3) brought nearer to their targets (c, 3) in Lab by so many
    steps, within what the vehicle lays.

    `off` (c, 4) is how far each is from its target, as CIEDE2000 weighs it, and what its coats cost.
    """
    used, metric = sets >= 0, metric_of(wanted)
    x = np.log(np.where(used, np.maximum(thicknesses, 1e-4), 1.0))
    damping = np.full(len(x), 1e-3)

    def away(logs: Floats, at: Ints) -> Floats:
        own = np.where(used[at], np.exp(logs), 0.0)
        labs = model.at(at).labs(all_thicknesses(model, sets[at], own))
        missed = (metric[at] @ (labs - wanted[at])[..., None])[..., 0]
        return np.column_stack([missed, _coats_cost(model, own.sum(axis=1))])

    def bounded(logs: Floats, at: Ints) -> Floats:
        own = np.where(used[at], np.exp(np.clip(logs, -9.2, 2.0)), 0.0)
        total = own.sum(axis=1, keepdims=True)
        low, high = model.vehicle.weakest, model.vehicle.most
        own *= np.clip(total, low, high) / total
        return np.log(np.where(used[at], np.maximum(own, 1e-4), 1.0))

    left = np.arange(len(x))
    x = bounded(x, left)
    off = away(x, left)
    missed = np.square(off).sum(axis=1)
    step = 1e-3
    for _ in range(rounds):
        # Stop refining rows that reached the target, or that no smaller step improved.
        left = np.flatnonzero((missed > REACHED**2) & (damping < STUCK))
        if not len(left):
            break
        here, own = x[left], off[left]
        # All three partial derivatives in one call: for few colours calls cost more than sums.
        beside = here + step * np.eye(3)[:, None] * used[left]
        off_there = away(beside.reshape(-1, 3), np.tile(left, 3)).reshape(3, len(left), -1)
        slopes = np.moveaxis((off_there - own) / step, 0, 2)
        normal = slopes.transpose(0, 2, 1) @ slopes
        scale = np.trace(normal, axis1=1, axis2=2)[:, None, None] / 3 + 1e-9
        normal = normal + (damping[left, None, None] * scale + 1e-9) * np.eye(3)
        right = slopes.transpose(0, 2, 1) @ -own[..., None]
        move = np.clip(np.linalg.solve(normal, right)[..., 0], -1.2, 1.2)
        tried = bounded(here + move, left)
        there = away(tried, left)
        now = np.square(there).sum(axis=1)
        better = now < missed[left]
        moved = left[better]
        x[moved], off[moved], missed[moved] = tried[better], there[better], now[better]
        damping[left] *= np.where(better, 1 / 4, 6.0)
    return np.where(used, np.exp(x), 0.0)


def _coats_cost(model: MixingModel, thickness: Floats) -> Floats:
    """What films (n,) thicker than one coat cost, in ΔE₀₀."""
    return ANOTHER_COAT * np.maximum(thickness / model.vehicle.strongest - 1, 0.0)


def _rounded(model: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats) -> list[Recipe]:
    """Recipes in brush parts: the nearest ratios are tried, each with the thickness that suits it best."""
    owner, parts = [], []
    sizes = (sets >= 0).sum(axis=1)
    for size in (1, 2, 3):
        own = np.flatnonzero(sizes == size)
        if not len(own):
            continue
        listed = measures(size)
        logs = np.log(listed / listed.sum(axis=1, keepdims=True))
        shares = np.log(
            np.maximum(thicknesses[own, :size] / thicknesses[own, :size].sum(axis=1, keepdims=True), 1e-3)
        )
        # Compare ratios by logarithm, since a strong paint matters in small shares.
        away = np.square(shares[:, None] - logs[None]).sum(axis=2)
        near = np.sort(np.argpartition(away, min(ROUNDED, len(listed)) - 1, axis=1)[:, :ROUNDED], axis=1)
        owner.append(np.repeat(own, near.shape[1]))
        parts.append(np.pad(listed[near.ravel()], ((0, 0), (0, 3 - size))))
    at, measured = np.concatenate(owner), np.concatenate(parts)
    shares = measured / measured.sum(axis=1, keepdims=True)
    tried = model.at(at)
    total = _best_thickness(tried, sets[at], shares, thicknesses[at].sum(axis=1), wanted[at])
    delta_e = difference(tried.labs(all_thicknesses(model, sets[at], shares * total[:, None])), wanted[at])
    # Prefer parts that are easy to measure: each brushful beyond four costs EASY.
    order = np.lexsort((delta_e + EASY * np.maximum(measured.sum(axis=1) - 4, 0), at))
    best = order[np.flatnonzero(np.r_[True, np.diff(at[order]) != 0])]
    return _made(model, sets, measured[best], total[best], wanted)


def recipe_from_parts(
    model: MixingModel, parts: Sequence[tuple[int, float]], thickness: float, target: ArrayLike
) -> Recipe:
    """A mixture that is given, places in the model with their parts, as a recipe for a target (3,)."""
    sets = np.full((1, 3), -1, np.intp)
    amounts = np.zeros((1, 3))
    for k, (paint, part) in enumerate(parts[:MOST_PAINTS]):
        sets[0, k], amounts[0, k] = paint, part
    wanted = np.asarray(target, dtype=np.float64).reshape(1, 3)
    return _made(model, sets, amounts, np.array([thickness]), wanted)[0]


def _made(model: MixingModel, sets: Ints, parts: Floats, total: Floats, wanted: Floats) -> list[Recipe]:
    """Recipes of parts (n, 3) of the paints in `sets` (n, 3), `total` (n,) thick."""
    full = all_thicknesses(model, sets, parts / parts.sum(axis=1, keepdims=True) * total[:, None])
    labs, wet = model.labs(full), model.labs(full, wet=True)
    delta_e, error = difference(labs, wanted), value_of_lab(labs) - value_of_lab(wanted)
    layers = np.maximum(1, np.ceil(total / model.vehicle.strongest - 0.02)).astype(int)
    recipes = []
    for k, (own, measured) in enumerate(zip(sets.tolist(), parts.tolist(), strict=True)):
        pairs = sorted(((p, i) for i, p in zip(own, measured, strict=True) if i >= 0), key=lambda x: -x[0])
        paints, measured = tuple(i for _, i in pairs), tuple(p for p, _ in pairs)
        reflectances = _three(labs[k]), _three(wet[k])
        thick, coats = float(total[k]), int(layers[k])
        recipes.append(
            Recipe(paints, measured, thick, coats, *reflectances, float(delta_e[k]), float(error[k]))
        )
    return recipes


def _best_thickness(model: MixingModel, sets: Ints, shares: Floats, start: Floats, wanted: Floats) -> Floats:
    """Thickness (c,) of each mixture at which ΔE₀₀ and coats cost least: golden sections of its logarithm."""
    low, high = np.log(model.vehicle.weakest), np.log(model.vehicle.most)
    left, right = np.clip(np.log(start) - 0.7, low, high), np.clip(np.log(start) + 0.7, low, high)
    golden = (np.sqrt(5) - 1) / 2

    def delta_e(logs: Floats) -> Floats:
        labs = model.labs(all_thicknesses(model, sets, shares * np.exp(logs)[:, None]))
        return np.asarray(difference(labs, wanted) + _coats_cost(model, np.exp(logs)))

    one, other = right - golden * (right - left), left + golden * (right - left)
    first, second = delta_e(one), delta_e(other)
    for _ in range(6):
        lower = first < second
        right, left = np.where(lower, other, right), np.where(lower, left, one)
        fresh = np.where(lower, right - golden * (right - left), left + golden * (right - left))
        got = delta_e(fresh)
        one, other = np.where(lower, fresh, other), np.where(lower, one, fresh)
        first, second = np.where(lower, got, second), np.where(lower, first, got)
    return np.asarray(np.exp((left + right) / 2))


def _best(own: Sequence[Recipe], count: int) -> tuple[Recipe, ...]:
    """The best recipes of different sets of paints."""
    ranked = sorted(own, key=lambda r: (r.delta_e + MORE * (len(r.paints) - 1), r.paints))
    return tuple({frozenset(r.paints): r for r in reversed(ranked)}.values())[::-1][:count]


def _three(of: Floats) -> tuple[float, float, float]:
    one, two, three = of.tolist()
    return one, two, three
