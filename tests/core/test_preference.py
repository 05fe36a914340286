"""What a painter would rather mix: recipes for colours that painters meet, and what each choice goes by."""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest

from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import lab_of_spectrum, spectrum_of_lab
from washboard.core.materials.paints import PAINTS, palette_of
from washboard.core.materials.surfaces import surface_of
from washboard.core.mixing.brush_parts import easy, measures
from washboard.core.mixing.grid import grid_for
from washboard.core.mixing.measured import Recipe
from washboard.core.mixing.merits import Merit, merits
from washboard.core.mixing.mixture import MixingModel, mixing_model_of
from washboard.core.mixing.paintbox import coated
from washboard.core.mixing.preference import UNSEEN, UNSEEN_VALUE, Taste, first_of_each
from washboard.core.mixing.search import recipes_for
from washboard.core.optics.vehicle import vehicle_of

SKIES = ((85, -5, -14), (78, -6, -20), (70, -7, -27), (88, -3, -8), (90, 0, 4), (86, 4, 14), (80, 2, -4))
TARGETS = np.array(
    [
        *SKIES,
        *((78, 12, 18), (70, 16, 21), (62, 18, 22), (52, 18, 22), (42, 14, 18), (84, 8, 14)),
        *((48, -22, 28), (38, -18, 22), (60, -22, 40), (30, -12, 14), (52, -12, 22), (44, -6, 22)),
        *((68, 2, 8), (58, 3, 10), (48, 2, 6), (40, 0, 2), (62, 5, 16), (82, 1, 9)),
        *((40, -12, -14), (52, -12, -14), (64, -9, -10), (24, -4, -12), (46, -16, -4), (58, -3, -14)),
        *((36, 4, -16), (30, 2, -10), (44, 4, -12), (24, 4, -6), (52, 5, -11), (28, 6, 6)),
        *((52, 56, 30), (72, 30, 62), (82, 6, 72), (36, 34, -48), (66, 38, 8), (86, -4, 56)),
    ],
    dtype=np.float64,
)
"""Skies, skin, foliage, stone, water, shadows, flowers, in Lab."""
MEDIA = ("watercolour", "acrylic", "oil")
DARK_EARTHS = {"burnt-umber", "raw-umber", "black", "ivory-black", "sepia"}


def bench(medium: str, *keys: str) -> MixingModel:
    ground = spectrum_of_lab(surface_of("white").lab)
    return mixing_model_of(palette_of(medium, keys), coated(vehicle_of(medium)), ground)


@cache
def found(medium: str) -> tuple[tuple[Recipe, ...], ...]:
    model = bench(medium)
    grid = grid_for(model.vehicle, model.paints, model.ground.tobytes())
    return tuple(recipes_for(model, TARGETS, grid))


@cache
def names(medium: str) -> tuple[str, ...]:
    return tuple(paint.key for paint in bench(medium).paints)


@pytest.mark.parametrize("medium", MEDIA)
def test_what_is_proposed_is_not_to_be_told_from_what_can_be_reached(medium: str) -> None:
    nearest = np.array([min(way.delta_e for way in ways) for ways in found(medium)])
    best = np.array([ways[0].delta_e for ways in found(medium)])
    within = nearest <= UNSEEN
    assert within.sum() >= 0.8 * len(TARGETS)
    assert (best[within] <= UNSEEN).mean() >= 0.95
    off = np.array([abs(ways[0].value_error) for ways in found(medium)])[within]
    assert (off <= 2 * UNSEEN_VALUE).mean() >= 0.95


def test_recipes_are_as_a_painter_would_mix() -> None:
    best = [(ways[0], medium) for medium in MEDIA for ways in found(medium)]
    counts = [len(recipe.paints) for recipe, _ in best]
    # Two colours and white, where a medium has one, reach what one colour and white do not.
    assert np.mean(counts) < 2.75
    assert np.mean([recipe.shares.min() < 0.05 for recipe, _ in best]) < 0.2
    assert np.mean([sum(recipe.parts) > 6 for recipe, _ in best]) < 0.4


@pytest.mark.parametrize("medium", MEDIA)
def test_no_dark_earth_lies_in_a_clear_light_sky(medium: str) -> None:
    for target, ways in zip(TARGETS[: len(SKIES)], found(medium), strict=False):
        clear = [way for way in ways if not DARK_EARTHS & {names(medium)[i] for i in way.paints}]
        if target[2] < -6 and min((way.delta_e for way in clear), default=9) <= UNSEEN:
            assert not DARK_EARTHS & {names(medium)[i] for i in ways[0].paints}, target


@pytest.mark.parametrize("medium", MEDIA)
def test_the_nearest_and_the_fewest_paints_are_always_among_the_ways(medium: str) -> None:
    for ways in found(medium):
        assert len({frozenset(way.paints) for way in ways}) == len(ways)
        told = merits(ways, bench(medium).paints, medium == "watercolour")
        least = min(ways, key=lambda way: way.delta_e)
        others = sorted(way.delta_e for way in ways)
        if len(others) > 1 and others[1] > 1.06 * others[0]:
            assert Merit.NEAREST in told[ways.index(least)]
        assert sum(Merit.LIFTS in own for own in told) <= (medium == "watercolour")


def test_a_favourite_pair_wins_where_it_cannot_be_told_from_the_rest() -> None:
    model = bench("oil")
    keys = names("oil")
    white, one, other = (keys.index(key) for key in ("white", "ultramarine", "raw-umber"))
    loads = np.zeros(len(keys))
    loads[[white, one, other]] = 0.2, 0.2, 0.4
    grey = model.labs(loads)
    ((usual, *_),) = recipes_for(model, grey)
    ((mine, *_),) = recipes_for(model, grey, pairs=[frozenset((one, other))])
    assert set(mine.paints) - {white} == {one, other}
    assert mine.delta_e <= UNSEEN
    assert len(usual.paints) <= len(mine.paints)


def test_paints_that_are_out_on_the_palette_are_taken_before_others() -> None:
    model = bench("watercolour")
    taste = Taste(model.paints, np.ones(len(model.paints)))
    shares = np.zeros((2, len(model.paints)))
    shares[0, [0, 1]], shares[1, [0, 2]] = 0.5, 0.5
    wanted = np.tile((70.0, 1.0, 2.0), (2, 1))
    alike = taste.price(shares, np.array([2.0, 2.0]), wanted)
    out = Taste(model.paints, np.ones(len(model.paints)), out=frozenset((0, 1)))
    told = out.price(shares, np.array([2.0, 2.0]), wanted)
    assert told[0] - alike[0] < told[1] - alike[1]


def test_a_set_of_paints_stands_where_the_best_way_of_measuring_it_does() -> None:
    ranked = [("umber", 1), ("viridian", 2), ("umber", 3), ("viridian", 4), ("ochre", 5)]
    assert first_of_each(ranked, lambda way: way[0]) == [("umber", 1), ("viridian", 2), ("ochre", 5)]


def test_touches_many_brushfuls_and_foreign_leads_cost() -> None:
    model = bench("watercolour", "ultramarine", "burnt-sienna", "lemon")
    taste = Taste(model.paints, np.ones(3))
    place = {paint.key: k for k, paint in enumerate(model.paints)}
    blue = np.tile((60.0, -2.0, -30.0), (4, 1))
    shares = np.zeros((4, 3))
    shares[0, place["ultramarine"]], shares[0, place["burnt-sienna"]] = 0.8, 0.2
    shares[1, place["ultramarine"]], shares[1, place["burnt-sienna"]] = 0.98, 0.02
    shares[2] = shares[0]
    shares[3, place["ultramarine"]], shares[3, place["burnt-sienna"]] = 0.2, 0.8
    plain, touch, many, foreign = taste.price(shares, np.array([5.0, 5.0, 12.0, 5.0]), blue)
    assert plain < min(touch, many, foreign)


def test_easy_measures_are_few_brushfuls_without_a_touch() -> None:
    for count in (1, 2, 3):
        own = easy(count)
        assert len(own) > 0
        assert (own.sum(axis=1) <= 6).all()
        assert (own.min(axis=1) >= 0.05 * own.sum(axis=1)).all()
        assert {tuple(row) for row in own.tolist()} <= {tuple(row) for row in measures(count).tolist()}


@pytest.mark.parametrize("key", ["ultramarine", "phthalo-blue", "rose", "white"])
def test_an_uneven_wash_keeps_what_light_there_is_and_darkens_with_every_layer(key: str) -> None:
    vehicle, paint = vehicle_of("watercolour"), PAINTS[key]
    ground = spectrum_of_lab(surface_of("white").lab)
    values = []
    for film in (0.0, 0.05, 0.2, 0.8, 3.0):
        look = vehicle.laid(film * paint.absorption, film * paint.scattering, ground)
        assert (look <= 1).all()
        values.append(look[5:30].mean())
    assert float(difference(lab_of_spectrum(look), lab_of_spectrum(ground))) > 0
    # Titanium white lightens paper by a hair; every other only darkens it.
    steps = np.diff(values)
    assert (steps < (0.05 if key == "white" else 1e-9)).all()
    reflectance, through = vehicle.film(paint.absorption, paint.scattering)
    assert (reflectance + through <= 1 + 1e-9).all() or key != "white"
