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
from dataclasses import replace

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..errors import InvalidInput
from .grid import MOST_PAINTS, Grid, all_thicknesses, followed_sets, grid_of
from .measured import Recipe, off_by, rounded
from .mixture import MixingModel
from .preference import UNSEEN, Taste, clean, first_of_each, missed
from .refine import ANOTHER_COAT, rank_within, refined
from .tint import in_two_steps

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]

ROUNDS = 7
"""Steps of refinement of the sets that are refined on."""
ROUNDED_SETS, NEAREST_SETS = 8, 3
"""Sets of paints turned into brush parts for each target: the preferred ones, and the nearest."""
WORTH = 0.3
"""ΔE₀₀ by which a mixture must come nearer than one of fewer of the same paints to be told."""
TRACE = 1e-3
"""Share of a mixture below which a paint is none."""
GLANCE, FOLLOWED_ON = 3, 7
"""Steps of refinement of all sets of paints, and how many, by nearness and by preference, are refined on."""


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
    which, sets, thicknesses = _candidates(model, grid, wanted, taste)
    made = rounded(model.at(which), sets, thicknesses, wanted[which], taste)
    found: list[list[Recipe]] = [[] for _ in wanted]
    for k, recipes in zip(which.tolist(), made, strict=True):
        found[k] += recipes
    first = _ranked(found, wanted, taste)
    ranked = _ranked(found, wanted, replace(taste, out=shared([own[0] for own in first])), count)
    return _let_down(model, ranked, wanted)


def _let_down(
    model: MixingModel, ranked: Sequence[Sequence[Recipe]], wanted: Floats
) -> list[tuple[Recipe, ...]]:
    """Recipes of each target (n, 3), those that take too little of a paint measured in two steps."""
    which = np.repeat(np.arange(len(ranked)), [len(own) for own in ranked])
    made = iter(in_two_steps(model.at(which), [r for own in ranked for r in own], wanted[which]))
    return [tuple(next(made) for _ in own) for own in ranked]


def _candidates(model: MixingModel, grid: Grid, wanted: Floats, taste: Taste) -> tuple[Ints, Ints, Floats]:
    """The sets of paints that are worth measuring out for targets (n, 3): which target (c,), paints (c, 3)
    and their loads (c, 3), the preferred ones and the nearest of those followed."""
    which, sets, thicknesses = followed_sets(model, grid, wanted)
    # Most sets show at a glance that they will not be among the best.
    for rounds, by_price, by_nearness in (
        (GLANCE, FOLLOWED_ON, FOLLOWED_ON),
        (ROUNDS, ROUNDED_SETS, NEAREST_SETS),
    ):
        thicknesses = refined(model.at(which), sets, thicknesses, wanted[which], rounds)
        full = all_thicknesses(model, sets, thicknesses)
        delta_e, error = off_by(model.at(which).labs(full), wanted[which])
        shares = full / full.sum(axis=1, keepdims=True)
        shares[shares < TRACE] = 0.0
        price = missed(delta_e, error) + taste.price(shares, np.zeros(len(which)), wanted[which])
        # Many sets reach a colour exactly: break such ties by distance on the grid, not by rounding.
        kept = (rank_within(which, price.round(2)) < by_price) | (
            rank_within(which, delta_e.round(2)) < by_nearness
        )
        which, sets, thicknesses = which[kept], sets[kept], thicknesses[kept]
    return which, sets, thicknesses


def shared(best: Sequence[Recipe]) -> frozenset[int]:
    """The paints that serve more than one of some recipes: they are on the palette anyway."""
    used = Counter(paint for recipe in best for paint in recipe.paints)
    return frozenset(paint for paint, times in used.items() if times > 1)


def _ranked(
    found: Sequence[Sequence[Recipe]], wanted: Floats, taste: Taste, count: int = 1
) -> list[tuple[Recipe, ...]]:
    """The best recipes for each target (n, 3), of different sets of paints; see `recipes_for`."""
    every = [recipe for own in found for recipe in own]
    owner = np.repeat(np.arange(len(found)), [len(own) for own in found])
    shares = np.zeros((len(every), len(taste.paints)))
    for row, recipe in zip(shares, every, strict=True):
        row[list(recipe.paints)] = recipe.shares
    delta_e, error, strokes, coats = np.array(
        [(r.delta_e, r.value_error, sum(r.parts), r.layers - 1) for r in every]
    ).T
    price = missed(delta_e, error) + taste.price(shares, strokes, wanted[owner]) + ANOTHER_COAT * coats
    ranked = []
    for k, own in enumerate(found):
        prices = price[owner == k].round(6).tolist()
        order = sorted(range(len(own)), key=lambda i: (prices[i], own[i].paints))
        different = first_of_each([own[i] for i in order], lambda recipe: frozenset(recipe.paints))
        ranked.append(_with_ways(_worth(different), own, taste, count))
    return ranked


def _worth(ranked: Sequence[Recipe]) -> list[Recipe]:
    """Those ranked without what is one before with another paint in it and hardly nearer for that."""
    kept: list[Recipe] = []
    for recipe in ranked:
        paints = frozenset(recipe.paints)
        if not any(paints > frozenset(r.paints) and recipe.delta_e > r.delta_e - WORTH for r in kept):
            kept.append(recipe)
    return kept


def _with_ways(
    ranked: Sequence[Recipe], every: Sequence[Recipe], taste: Taste, count: int
) -> tuple[Recipe, ...]:
    """The first of those ranked, which always hold the nearest, the one of fewest paints and the cleanest of
    all that come as near as the first."""
    if count == 1:
        return (ranked[0],)
    near = max(UNSEEN, ranked[0].delta_e)
    alike = [recipe for recipe in ranked if recipe.delta_e <= near]
    ways = (
        min(every, key=lambda r: (round(r.delta_e, 6), r.paints)),
        min(alike, key=lambda r: (len(r.paints), r.delta_e, r.paints)),
        max(alike, key=lambda r: (clean([taste.paints[i] for i in r.paints], r.shares), r.paints)),
    )
    kept = list(ranked[:count])
    for way in ways:
        if way not in kept and frozenset(way.paints) != frozenset(ranked[0].paints):
            kept = [r for r in kept if frozenset(r.paints) != frozenset(way.paints)]
            spare = [r for r in kept[1:] if r not in ways]
            if len(kept) >= count and spare:
                kept.remove(spare[-1])
            kept.append(way)
    return tuple(kept[:count])
