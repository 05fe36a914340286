"""Refitting a paint to its painter's swatches, against hidden paints of another model of light."""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest

from tests import manyflux
from tests.said import refuses
from washboard.core.calibration.refit import Swatch, refit
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import BANDS, WAVELENGTHS, lab_of_spectrum
from washboard.core.errors import InvalidInput
from washboard.core.materials.paints import CARD, PAINTS
from washboard.core.optics.kubelka import film, over

KEYS = (
    "ultramarine",
    "burnt-sienna",
    "ochre",
    "lemon",
    "rose",
    "viridian",
    "cobalt",
    "raw-umber",
    "cadmium-red",
    "cerulean",
    "indian-red",
    "warm-yellow",
)
STRIP = ((0.5, 0), (0.5, 1), (0.25, 0), (0.125, 0), (0.0625, 0))
"""Film and backing (0 white, 1 black) of the fields of a strip."""
NOISE = 1.2
"""Standard deviation of a phone's reading in L*, a* and b*."""

Coefficients = tuple[np.ndarray, np.ndarray]


@cache
def hidden(key: str) -> Coefficients:
    """Absorption and scattering of a paint that differs from the table's as two makers' paints do."""
    dice = np.random.default_rng(sum(map(ord, key)))
    paint = PAINTS[key]
    bends = np.array([380.0, 480.0, 560.0, 640.0, 730.0])
    colour = np.exp(np.interp(WAVELENGTHS, bends, dice.normal(0.0, 0.35, 5)) + dice.normal(0, 0.25))
    return paint.absorption / 2 * colour, paint.scattering / 0.75 * np.exp(dice.normal(0, 0.35))


def strip(key: str, noise: float = NOISE) -> list[Swatch]:
    dice = np.random.default_rng(sum(map(ord, key)) + 1)
    swatches = []
    for thick, backing in STRIP:
        ground = np.full(BANDS, CARD[backing])
        lab = lab_of_spectrum(manyflux.over(*hidden(key), thick, ground)) + dice.normal(0, noise, 3)
        lightness, a, b = np.clip(lab, [0, -128, -128], [100, 128, 128]).tolist()
        swatches.append(Swatch(thick, CARD[backing], (lightness, a, b)))
    return swatches


def error(key: str, other: str, own: Coefficients, its: Coefficients) -> float:
    """Mean ΔE₀₀ on mixtures of two hidden paints that no strip shows, over white and over grey."""
    apart = []
    for share, thick, ground in ((0.5, 0.7, 0.85), (0.75, 0.3, 0.85), (0.3, 0.4, 0.3)):
        absorb, scatter = (
            share * one + (1 - share) * two for one, two in zip(hidden(key), hidden(other), strict=True)
        )
        truth = manyflux.over(absorb, scatter, thick, np.full(BANDS, ground))
        k, s = (share * one + (1 - share) * two for one, two in zip(own, its, strict=True))
        apart.append(
            float(difference(lab_of_spectrum(truth), lab_of_spectrum(over(*film(k, s, thick), ground))))
        )
    return float(np.mean(apart))


def improvement() -> dict[str, tuple[float, float]]:
    table = {key: (PAINTS[key].absorption, PAINTS[key].scattering) for key in KEYS}
    fits = {key: refit(*table[key], strip(key)) for key in KEYS}
    fitted = {key: (fit.absorption, fit.scattering) for key, fit in fits.items()}
    found = {}
    for k, key in enumerate(KEYS):
        others = [KEYS[(k + n) % len(KEYS)] for n in (1, 3, 5)]
        found[key] = (
            float(np.mean([error(key, o, table[key], table[o]) for o in others])),
            float(np.mean([error(key, o, fitted[key], fitted[o]) for o in others])),
        )
    return found


def test_a_strip_halves_the_error_on_mixtures_it_does_not_show_for_nine_paints_of_ten() -> None:
    halved = [after <= before / 2 for before, after in improvement().values()]
    assert np.mean(halved) >= 0.9


def test_a_fit_without_noise_comes_close_and_says_by_how_much() -> None:
    for key in ("ultramarine", "ochre"):
        fit = refit(PAINTS[key].absorption, PAINTS[key].scattering, strip(key, 0.0))
        assert fit.after < fit.before / 3
        assert fit.after < 2.0
        assert fit.outliers == ()


def test_a_field_that_fits_with_none_of_the_others_is_named_and_left_out() -> None:
    swatches = strip("ochre", 0.3)
    lightness, a, b = swatches[3].lab
    swatches[3] = Swatch(swatches[3].film, swatches[3].backing, (lightness - 25, a + 10, b - 30))
    fit = refit(PAINTS["ochre"].absorption, PAINTS["ochre"].scattering, swatches)
    assert fit.outliers == (3,)
    assert fit.after < 3


GOOD = Swatch(1.0, 0.85, (50.0, 10.0, 20.0))


@pytest.mark.parametrize(
    ("swatches", "says"),
    [
        ([GOOD, GOOD], "at least 3 swatches"),
        ([GOOD] * 4, "nothing tells hiding from colour"),
        ([GOOD, GOOD, Swatch(0.0, 0.85, (50.0, 0.0, 0.0))], "over 0 and up to"),
        ([GOOD, GOOD, Swatch(1.0, 2.0, (50.0, 0.0, 0.0))], "backing from 0 to 1"),
        ([GOOD, GOOD, Swatch(1.0, 0.04, (float("nan"), 0.0, 0.0))], "no number"),
        ([GOOD, GOOD, Swatch(1.0, 0.04, (150.0, 0.0, 0.0))], "lightness from"),
    ],
)
def test_a_strip_that_cannot_be_is_refused(swatches: list[Swatch], says: str) -> None:
    with refuses(InvalidInput, says):
        refit(PAINTS["ochre"].absorption, PAINTS["ochre"].scattering, swatches)
