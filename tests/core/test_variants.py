"""Mixtures moved on purpose: other temperatures at one value, after a test strip, a pile used once more."""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest

from washboard.core.colour.lab import difference, value_of_lab
from washboard.core.colour.spectra import grey_of_value
from washboard.core.materials.paints import palette_of
from washboard.core.mixing.grid import Grid, grid_of
from washboard.core.mixing.measured import Recipe, recipe_from_parts
from washboard.core.mixing.mixture import MixingModel, mixing_model_of
from washboard.core.mixing.paintbox import coated
from washboard.core.mixing.search import recipes_for
from washboard.core.mixing.variants import AGAIN, corrected, reuses, seen_as, variants_of
from washboard.core.optics.vehicle import vehicle_of

MIDDLES = [(52.0, 4.0, 9.0), (60.0, -8.0, 14.0), (45.0, 14.0, -6.0), (68.0, 2.0, -10.0)]


@cache
def bench(medium: str) -> MixingModel:
    return mixing_model_of(palette_of(medium, ()), coated(vehicle_of(medium)), grey_of_value(9.4))


@cache
def grid(medium: str) -> Grid:
    return grid_of(bench(medium))


def recipe(medium: str, target: tuple[float, float, float]) -> Recipe:
    return recipes_for(bench(medium), target, grid(medium))[0][0]


@pytest.mark.parametrize("medium", ["watercolour", "acrylic", "oil"])
@pytest.mark.parametrize("target", MIDDLES)
def test_variants_stay_in_their_value_and_go_where_they_say(
    medium: str, target: tuple[float, float, float]
) -> None:
    of = recipe(medium, target)
    ways = {way.words: way.recipe for way in variants_of(bench(medium), of, grid(medium))}
    for way in ways.values():
        assert abs(float(value_of_lab(way.lab)) - float(value_of_lab(of.lab))) <= 0.25
        assert way.value_error == pytest.approx(float(value_of_lab(way.lab) - value_of_lab(of.lab)))
    assert ways["warmer"].lab[2] > of.lab[2] + 3
    assert ways["cooler"].lab[2] < of.lab[2] - 3
    if "greyer" in ways:
        assert np.hypot(*ways["greyer"].lab[1:]) < np.hypot(*of.lab[1:])


@pytest.mark.parametrize("medium", ["watercolour", "oil"])
def test_a_palette_that_lies_is_corrected_by_its_test_strip(medium: str) -> None:
    true = bench(medium)
    # The tubes in the box are stronger than the table says.
    real = MixingModel(true.vehicle, true.paints, 1.5 * true.absorption, 0.8 * true.scattering, true.ground)
    better = 0
    for target in MIDDLES:
        of = recipe(medium, target)
        thicknesses = np.zeros(len(true.paints))
        thicknesses[list(of.paints)] = of.shares * of.thickness
        seen = real.labs(thicknesses)
        mended = corrected(true, target, of, seen.tolist(), grid(medium))
        thicknesses = np.zeros(len(true.paints))
        thicknesses[list(mended.paints)] = mended.shares * mended.thickness
        before, after = (float(difference(lab, target)) for lab in (seen, real.labs(thicknesses)))
        better += after < 0.6 * before
        assert after < before
    assert better >= len(MIDDLES) - 1


def test_a_strip_that_dried_as_meant_changes_nothing_and_a_mistaken_one_little() -> None:
    target = MIDDLES[0]
    of = recipe("oil", target)
    same = corrected(bench("oil"), of.lab, of, of.lab, grid("oil"))
    assert float(difference(same.lab, of.lab)) < 1.0
    wild = corrected(bench("oil"), target, of, (2.0, 80.0, -90.0), grid("oil"))
    assert np.isfinite([*wild.lab, wild.thickness]).all()


def test_what_was_judged_by_eye_becomes_a_colour_of_that_value() -> None:
    lab = (50.0, 5.0, 10.0)
    darker, warmer = seen_as(lab, 4.0), seen_as(lab, 4.0, 1.0)
    assert float(value_of_lab(darker)) == pytest.approx(4.0, abs=1e-3)
    assert darker[1:] == lab[1:]
    assert warmer[2] > darker[2]


def test_a_grey_that_is_there_already_is_used_again_with_more_water() -> None:
    own = bench("watercolour")
    dark = recipe("watercolour", (45.0, 1.0, -4.0))
    thicknesses = np.zeros(len(own.paints))
    thicknesses[list(dark.paints)] = dark.shares * dark.thickness
    paler = own.labs(0.35 * thicknesses)
    found = reuses(own, paler.tolist(), [np.roll(thicknesses, 3), thicknesses])
    assert found is not None
    assert found.pile == 1
    assert found.strength == pytest.approx(0.35, rel=0.15)
    assert found.delta_e < AGAIN
    assert reuses(own, (60.0, 60.0, 50.0), [thicknesses]) is None
    assert reuses(own, paler.tolist(), []) is None


def test_a_covering_paint_is_not_thinned_to_a_glaze_to_be_used_again() -> None:
    own = bench("oil")
    thicknesses = np.zeros(len(own.paints))
    thicknesses[0] = own.vehicle.weakest
    reflectance = own.labs(0.3 * thicknesses)
    found = reuses(own, reflectance.tolist(), [thicknesses])
    assert found is None or found.thickness >= own.vehicle.weakest * 0.99


def test_a_given_mixture_is_told_like_any_recipe() -> None:
    of = recipe("watercolour", MIDDLES[1])
    again = recipe_from_parts(
        bench("watercolour"), list(zip(of.paints, of.parts, strict=True)), of.thickness, MIDDLES[1]
    )
    assert again.lab == pytest.approx(of.lab)
    assert again.delta_e == pytest.approx(of.delta_e)
