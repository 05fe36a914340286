"""Recipes against an exhaustive search with the same optics, and what brush parts cost."""

from __future__ import annotations

from functools import cache
from itertools import combinations

import numpy as np
import pytest
from scipy.spatial import cKDTree

from tests.exhaustive import merits_lost
from tests.long import rounds
from tests.said import refuses
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import grey_of_value
from washboard.core.errors import InvalidInput
from washboard.core.materials.paints import PAINTS
from washboard.core.mixing.brush_parts import SIZES, measures
from washboard.core.mixing.measured import Recipe
from washboard.core.mixing.mixture import MixingModel, mixing_model_of
from washboard.core.mixing.search import recipes_for
from washboard.core.optics.vehicle import VEHICLES

PALETTES = {
    "watercolour": ("lemon", "ochre", "rose", "burnt-sienna", "ultramarine", "phthalo-blue"),
    "oil": ("white", "cadmium-yellow", "ochre", "rose", "burnt-sienna", "ultramarine"),
}
TARGETS = 160
"""For each medium: half of them mixtures of three, half any colour."""


@cache
def bench(medium: str) -> MixingModel:
    return mixing_model_of([PAINTS[key] for key in PALETTES[medium]], VEHICLES[medium], grey_of_value(9.5))


@cache
def every(medium: str) -> tuple[np.ndarray, cKDTree]:
    """Lab of every mixture of three on a fine grid of ratios and thicknesses."""
    own = bench(medium)
    steps = np.arange(0, 26)
    shares = np.array([(i, j, 25 - i - j) for i in steps for j in steps if i + j <= 25]) / 25
    # Small shares of strong paints matter as much as large ones.
    strong = shares**2 / (shares**2).sum(axis=1, keepdims=True)
    shares = np.unique(np.concatenate([shares, strong]).round(6), axis=0)
    thick = np.geomspace(own.vehicle.weakest, own.vehicle.most, 36)
    labs = []
    for three in combinations(range(len(own.paints)), 3):
        thicknesses = np.zeros((len(shares), len(own.paints)))
        thicknesses[:, three] = shares
        labs.append(own.labs((thicknesses[:, None] * thick[None, :, None]).reshape(-1, len(own.paints))))
    found = np.concatenate(labs)
    return found, cKDTree(found)


@cache
def targets(medium: str) -> np.ndarray:
    own, dice = bench(medium), np.random.default_rng(7)
    thicknesses = np.zeros((TARGETS // 2, len(own.paints)))
    for row in thicknesses:
        row[dice.choice(len(own.paints), 3, replace=False)] = dice.dirichlet([0.7] * 3)
    thicknesses *= np.exp(dice.uniform(np.log(own.vehicle.weakest), 0, (len(thicknesses), 1)))
    anything = np.column_stack([dice.uniform(20, 92, TARGETS // 2), dice.normal(0, 28, (TARGETS // 2, 2))])
    return np.concatenate([own.labs(thicknesses), anything])


def nearest(medium: str) -> np.ndarray:
    """ΔE₀₀ of the best mixture on the fine grid for each target."""
    labs, tree = every(medium)
    _, near = tree.query(targets(medium), k=800)
    return np.asarray(difference(targets(medium)[:, None], labs[near]).min(axis=1))


@cache
def found(medium: str) -> tuple[tuple[Recipe, ...], ...]:
    return tuple(recipes_for(bench(medium), targets(medium)))


@pytest.mark.parametrize("medium", PALETTES)
def test_recipes_in_brush_parts_are_as_near_as_an_exhaustive_search(medium: str) -> None:
    gap = np.array([min(r.delta_e for r in own) for own in found(medium)]) - nearest(medium)
    assert gap.mean() <= 0.3
    assert gap.max() <= 1.0


@pytest.mark.soak
@pytest.mark.parametrize("medium", PALETTES)
def test_the_sets_of_paints_that_are_not_followed_would_gain_little(medium: str) -> None:
    lost = merits_lost(medium, rounds(9, 24))
    assert lost.max() < 1.0
    assert lost.mean() < 0.2


@pytest.mark.parametrize("medium", PALETTES)
def test_brush_parts_keep_the_value_of_what_can_be_reached(medium: str) -> None:
    reachable = nearest(medium) < 2.0
    assert reachable.sum() > 60
    error = np.array([abs(own[0].value_error) for own in found(medium)])[reachable]
    assert (error <= 0.25).mean() >= 0.95


def test_a_recipe_gives_its_own_colour_and_says_how_it_looks_wet() -> None:
    own = bench("watercolour")
    for (best, *_), target in zip(found("watercolour"), targets("watercolour"), strict=True):
        thicknesses = np.zeros(len(own.paints))
        thicknesses[list(best.paints)] = best.shares * best.thickness
        assert own.labs(thicknesses) == pytest.approx(best.lab, abs=1e-6)
        assert float(difference(best.lab, target)) == pytest.approx(best.delta_e, abs=1e-9)
        assert best.wet[0] <= best.lab[0] + 1e-6
        measured = best.parts if best.tint is None else [part for _, part in best.tint.rest]
        assert set(measured) <= set(SIZES)
        assert best.layers == max(1, np.ceil(best.thickness / own.vehicle.strongest - 0.02))


def test_fewer_paints_are_preferred_where_they_do_as_well() -> None:
    own = bench("oil")
    pure = own.labs(np.eye(len(own.paints))[2] * 1.2)
    ((best, *_),) = recipes_for(own, pure)
    assert best.paints == (2,)
    assert best.delta_e < 0.2


def test_a_palette_of_one_paint_and_none() -> None:
    one = mixing_model_of([PAINTS["ochre"]], VEHICLES["watercolour"], grey_of_value(9.5))
    (found_one,) = recipes_for(one, (60.0, 10.0, 40.0))
    assert [r.paints for r in found_one] == [(0,)]
    none = MixingModel(VEHICLES["oil"], (), np.zeros((0, 36)), np.zeros((0, 36)), grey_of_value(9.5))
    with refuses(InvalidInput, "no paint on the palette"):
        recipes_for(none, (50.0, 0.0, 0.0))
    with refuses(InvalidInput, "no number"):
        recipes_for(one, (float("nan"), 0.0, 0.0))


def test_parts_are_what_a_brush_can_measure_and_none_is_listed_twice() -> None:
    for count in (1, 2, 3):
        listed = measures(count)
        shares = (listed / listed.sum(axis=1, keepdims=True)).round(6)
        assert len(np.unique(shares, axis=0)) == len(listed)
        assert set(np.unique(listed).tolist()) <= set(SIZES)


@pytest.mark.parametrize("medium", ["watercolour", "oil"])
def test_bands_of_thirty_nanometres_tell_how_a_mixture_changes(medium: str) -> None:
    own, dice = bench(medium), np.random.default_rng(1)
    before = np.zeros((200, len(own.paints)))
    np.put_along_axis(
        before,
        dice.permuted(np.tile(np.arange(len(own.paints)), (200, 1)), axis=1)[:, :3],
        dice.uniform(0.02, 0.5, (200, 3)),
        axis=1,
    )
    after = before * dice.uniform(1.0, 1.02, before.shape)
    changes = own.labs(after) - own.labs(before)
    coarse = own.coarse.labs(after) - own.coarse.labs(before)
    off = np.linalg.norm(coarse - changes, axis=1) / np.linalg.norm(changes, axis=1)
    assert np.median(off) <= 0.06
    assert np.quantile(off, 0.95) <= 0.3


def test_bands_of_thirty_nanometres_are_exact_for_greys() -> None:
    flat = np.array([[0.4], [1.3]]) * np.ones((2, 36))
    greys = MixingModel(VEHICLES["oil"], (), flat, 0.7 * flat[::-1], grey_of_value(6.0))
    films = np.array([[0.1, 0.5], [1.2, 0.0]])
    assert np.allclose(greys.labs(films), greys.coarse.labs(films), atol=1e-9)
