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

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference, value_of_lab
from ..errors import InvalidInput
from .brush_parts import easy, measures
from .grid import MOST_PAINTS, Grid, all_thicknesses, followed_sets, grid_of, metric_of
from .mixture import MixingModel
from .preference import UNSEEN, Taste, clean, missed

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]

ROUNDS = 7
"""Steps of refinement of the sets that are refined on."""
ROUNDED_SETS, NEAREST_SETS = 8, 3
"""Sets of paints turned into brush parts for each target: the preferred ones, and the nearest."""
ANOTHER_COAT = 0.3
"""ΔE₀₀ that another coat must save to be laid and waited for."""
REACHED, STUCK = 0.01, 100.0
"""ΔE₀₀ below which a colour is reached; damping from which refinement does not move any more."""
GLANCE, FOLLOWED_ON = 3, 7
"""Steps of refinement of all sets of paints, and how many, by nearness and by preference, are refined on."""
THICKENED = 3
"""Ratios of brush parts, by nearness and by preference, whose best thickness is sought."""
ROUNDED = 6
"""Ratios of brush parts tried about the refined one, of all and of the easy ones."""


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
    model: MixingModel,
    targets: ArrayLike,
    grid: Grid | None = None,
    count: int = 4,
    most: int = MOST_PAINTS,
    pairs: Sequence[frozenset[int]] = (),
) -> list[tuple[Recipe, ...]]:
    """Up to `count` recipes for each target (n, 3) in Lab, best first, of different sets of paints.

    Best is what a painter would rather have (`preference`): paints that serve several targets count as on the
    palette, `pairs` (places in the model) as the painter's habits. The nearest, the one of fewest paints and
    the cleanest are always among them. The model may have a ground for each target. Raises InvalidInput
    without paints or for targets that are no numbers.
    """
    wanted = np.atleast_2d(np.asarray(targets, dtype=np.float64))
    if not model.paints:
        raise InvalidInput("refused-palette-empty")
    if not np.isfinite(wanted).all():
        raise InvalidInput("refused-target-no-number")
    grid = grid or grid_of(model, most)
    taste = Taste(model.paints, (model.absorption + model.scattering).mean(axis=1), tuple(pairs))
    which, sets, thicknesses = followed_sets(model, grid, wanted)

    def judged(rounds: int) -> tuple[Floats, Floats, Floats]:
        """Loads refined so far, with what they are off by and their price."""
        loads = refined(model.at(which), sets, thicknesses, wanted[which], rounds)
        full = all_thicknesses(model, sets, loads)
        delta_e, error = _off(model.at(which).labs(full), wanted[which])
        shares = full / full.sum(axis=1, keepdims=True)
        shares[shares < 1e-3] = 0.0
        price = missed(delta_e, error) + taste.price(shares, np.zeros(len(which)), wanted[which])
        return loads, delta_e, price

    # Most sets show at a glance that they will not be among the best.
    thicknesses, delta_e, price = judged(GLANCE)
    ranks = [rank_within(which, by) for by in (delta_e.round(2), price.round(2))]
    kept = np.flatnonzero((ranks[0] < FOLLOWED_ON) | (ranks[1] < FOLLOWED_ON))
    which, sets, thicknesses = which[kept], sets[kept], thicknesses[kept]
    thicknesses, delta_e, price = judged(ROUNDS)
    chosen: list[int] = []
    for k in range(len(wanted)):
        own = np.flatnonzero(which == k)
        # Many sets reach a colour exactly: break such ties by distance on the grid, not by rounding.
        preferred = own[np.argsort(price[own].round(2), kind="stable")][:ROUNDED_SETS]
        nearest = own[np.argsort(delta_e[own].round(2), kind="stable")][:NEAREST_SETS]
        chosen += list(dict.fromkeys([*preferred.tolist(), *nearest.tolist()]))
    at = which[chosen]
    made = _rounded(model.at(at), sets[chosen], thicknesses[chosen], wanted[at], taste)
    found: list[list[Recipe]] = [[] for _ in wanted]
    for k, recipes in zip(at.tolist(), made, strict=True):
        found[k] += recipes
    first = _ranked(found, wanted, taste)
    return _ranked(found, wanted, replace(taste, out=shared([own[0] for own in first])), count)


def rank_within(groups: Ints, by: Floats) -> Ints:
    """The rank (n,) of each among its group, of groups (n,), by a number (n,), the least first; of equal ones
    the earlier."""
    order = np.lexsort((np.arange(len(by)), by, groups))
    rank = np.empty(len(by), dtype=np.intp)
    rank[order] = np.arange(len(by)) - np.searchsorted(groups[order], groups[order])
    return rank


def _off(labs: Floats, wanted: Floats) -> tuple[Floats, Floats]:
    """ΔE₀₀ (n,) and values (n,) by which colours (n, 3) are off."""
    return difference(labs, wanted), value_of_lab(labs) - value_of_lab(wanted)


def shared(best: Sequence[Recipe]) -> frozenset[int]:
    """The paints that serve more than one of some recipes: they are on the palette anyway."""
    used = Counter(paint for recipe in best for paint in recipe.paints)
    return frozenset(paint for paint, times in used.items() if times > 1)


def _ranked(
    found: Sequence[Sequence[Recipe]], wanted: Floats, taste: Taste, count: int = 1
) -> list[tuple[Recipe, ...]]:
    """The best recipes for each target (n, 3), of different sets of paints; see `recipes_for`."""
    ranked = []
    for own, target in zip(found, wanted, strict=True):
        shares = np.zeros((len(own), len(taste.paints)))
        for row, recipe in zip(shares, own, strict=True):
            row[list(recipe.paints)] = recipe.shares
        price = missed(
            np.array([recipe.delta_e for recipe in own]), np.array([recipe.value_error for recipe in own])
        )
        price += taste.price(
            shares, np.array([sum(recipe.parts) for recipe in own]), np.tile(target, (len(own), 1))
        )
        price += ANOTHER_COAT * (np.array([recipe.layers for recipe in own]) - 1)
        order = sorted(range(len(own)), key=lambda k: (round(float(price[k]), 6), own[k].paints))
        different = list({frozenset(own[k].paints): own[k] for k in reversed(order)}.values())[::-1]
        ranked.append(_with_ways(different, own, taste, count))
    return ranked


def _with_ways(
    ranked: Sequence[Recipe], every: Sequence[Recipe], taste: Taste, count: int
) -> tuple[Recipe, ...]:
    """The first of those ranked, which always hold the nearest, the one of fewest paints and the cleanest of
    all that come as near as the first."""
    near = max(UNSEEN, ranked[0].delta_e)
    alike = [recipe for recipe in ranked if recipe.delta_e <= near]
    ways = {
        "nearest": min(every, key=lambda r: (round(r.delta_e, 6), r.paints)),
        "fewest": min(alike, key=lambda r: (len(r.paints), r.delta_e, r.paints)),
        "cleanest": max(
            alike, key=lambda r: (clean([taste.paints[i] for i in r.paints], r.shares), r.paints)
        ),
    }
    if count == 1:
        return (ranked[0],)
    kept = list(ranked[:count])
    for way in ways.values():
        if way not in kept and frozenset(way.paints) != frozenset(ranked[0].paints):
            kept = [r for r in kept if frozenset(r.paints) != frozenset(way.paints)]
            spare = [r for r in kept[1:] if r not in ways.values()]
            if len(kept) >= count and spare:
                kept.remove(spare[-1])
            kept.append(way)
    return tuple(kept[:count])


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


def _rounded(
    model: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats, taste: Taste
) -> list[tuple[Recipe, ...]]:
    """Recipes of each set in brush parts, the preferred one and the nearest: the nearest ratios of all, and
    of those that are easy to measure, are tried, each with the thickness that suits it best."""
    owner, parts = [], []
    sizes = (sets >= 0).sum(axis=1)
    for size in (1, 2, 3):
        own = np.flatnonzero(sizes == size)
        if not len(own):
            continue
        shares = np.log(
            np.maximum(thicknesses[own, :size] / thicknesses[own, :size].sum(axis=1, keepdims=True), 1e-3)
        )
        for listed in (measures(size), easy(size)):
            logs = np.log(listed / listed.sum(axis=1, keepdims=True))
            # Compare ratios by logarithm, since a strong paint matters in small shares.
            away = np.square(shares[:, None] - logs[None]).sum(axis=2)
            near = np.sort(np.argpartition(away, min(ROUNDED, len(listed)) - 1, axis=1)[:, :ROUNDED], axis=1)
            owner.append(np.repeat(own, near.shape[1]))
            parts.append(np.pad(listed[near.ravel()], ((0, 0), (0, 3 - size))))
    at, measured = np.concatenate(owner), np.concatenate(parts)
    shares = measured / measured.sum(axis=1, keepdims=True)
    full = all_thicknesses(model, sets[at], shares * thicknesses[at].sum(axis=1, keepdims=True))
    delta_e, error = _off(model.at(at).labs(full), wanted[at])
    price = taste.price(full / full.sum(axis=1, keepdims=True), measured.sum(axis=1), wanted[at])
    # The thickness that suits a ratio is sought only for those that are near, or easy and not far.
    ranks = [rank_within(at, by) for by in (delta_e, missed(delta_e / 2, error / 2) + price)]
    kept = np.flatnonzero((ranks[0] < THICKENED) | (ranks[1] < THICKENED))
    at, measured, shares = at[kept], measured[kept], shares[kept]
    tried = model.at(at)
    total = _best_thickness(tried, sets[at], shares, thicknesses[at].sum(axis=1), wanted[at])
    full = all_thicknesses(tried, sets[at], shares * total[:, None])
    delta_e, error = _off(tried.labs(full), wanted[at])
    price = missed(delta_e, error)
    price += taste.price(full / full.sum(axis=1, keepdims=True), measured.sum(axis=1), wanted[at])
    best: list[int] = []
    for by in (price, delta_e):
        order = np.lexsort((by, at))
        best += order[np.flatnonzero(np.r_[True, np.diff(at[order]) != 0])].tolist()
    made = _made(model.at(at[best]), sets[at[best]], measured[best], total[best], wanted[at[best]])
    half = len(made) // 2
    return list(zip(made[:half], made[half:], strict=True))


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


def _three(of: Floats) -> tuple[float, float, float]:
    one, two, three = of.tolist()
    return one, two, three
