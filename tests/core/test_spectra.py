"""Spectra to colours against published tables and an independent library, and smooth spectra back."""

from __future__ import annotations

import colour
import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.said import refuses
from washboard.core.colour.lab import lab_of_linear, linear_of
from washboard.core.colour.spectra import (
    BANDS,
    WAVELENGTHS,
    grey_of_value,
    lab_of_spectrum,
    linear_of_spectrum,
    spectrum_of_lab,
    weights,
    xyz_of_spectrum,
)
from washboard.core.colour.value import value_of
from washboard.core.errors import UnknownName

WHITES = {
    "A": (109.850, 35.585),
    "C": (98.074, 118.232),
    "D50": (96.422, 82.521),
    "D55": (95.682, 92.149),
    "D65": (95.047, 108.883),
    "D75": (94.972, 122.638),
    "F2": (99.186, 67.393),
    "F7": (95.041, 108.747),
    "F11": (100.962, 64.350),
}
"""X and Z of white, Y = 100, 2° observer (ASTM E308)."""


@pytest.mark.parametrize("name", WHITES)
def test_the_white_of_each_illuminant_is_the_published_one(name: str) -> None:
    white = 100 * weights(name).sum(axis=0)
    assert white[[0, 2]] == pytest.approx(WHITES[name], abs=0.15)
    assert white[1] == pytest.approx(100, abs=1e-4)


def test_an_unknown_lamp_is_refused() -> None:
    with refuses(UnknownName, "no light called"):
        weights("candle")


def test_tristimulus_values_agree_with_an_independent_library() -> None:
    x = (WAVELENGTHS - 380) / 350
    edge = 0.9 / (1 + np.exp((WAVELENGTHS - 580) / -12))
    shape, nm = colour.SpectralShape(360, 780, 1), np.arange(360, 781)
    cmfs = colour.MSDS_CMFS["CIE 1931 2 Degree Standard Observer"].copy().align(shape)
    for reflectance in (0.2 + 0.6 * x, edge, 0.5 + 0.3 * np.sin(9 * x)):
        fine = np.interp(nm, WAVELENGTHS, reflectance)
        sample = colour.SpectralDistribution(fine, nm)
        for lamp in ("D65", "A"):
            light = colour.SDS_ILLUMINANTS[lamp].copy().align(shape)
            theirs = colour.sd_to_XYZ(sample, cmfs, light, method="Integration")
            assert 100 * xyz_of_spectrum(reflectance, lamp) == pytest.approx(theirs, abs=0.02)


def test_the_perfect_white_is_white_under_every_lamp() -> None:
    for lamp in ("D65", "A", "F2", "LED-B3"):
        assert lab_of_spectrum(np.ones(BANDS), lamp) == pytest.approx((100, 0, 0), abs=1e-9)


@given(st.tuples(*[st.integers(0, 255)] * 3))
def test_a_colour_comes_back_from_its_spectrum(rgb: tuple[int, int, int]) -> None:
    lab = lab_of_linear(linear_of(np.array(rgb) / 255))
    if not 3 <= lab[0] <= 98:
        return
    spectrum = spectrum_of_lab(lab)
    assert (spectrum > 0).all()
    assert (spectrum < 1).all()
    assert lab_of_spectrum(spectrum) == pytest.approx(lab, abs=1e-4)
    assert linear_of_spectrum(spectrum) == pytest.approx(linear_of(np.array(rgb) / 255), abs=1e-5)


def test_a_colour_that_nothing_reflects_comes_as_near_as_its_hue_allows() -> None:
    spectrum = spectrum_of_lab((50.0, 120.0, -120.0))
    assert (spectrum > 0).all()
    assert (spectrum < 1).all()
    _, a, b = lab_of_spectrum(spectrum)
    assert a > 20
    assert b < -20


def test_greys_are_flat_and_have_their_value() -> None:
    assert value_of(100 * xyz_of_spectrum(grey_of_value([2.0, 5.0, 9.0]))[:, 1]) == pytest.approx(
        [2, 5, 9], abs=1e-6
    )
    lit = lab_of_spectrum(grey_of_value(5.0), "A")
    assert lit[1:] == pytest.approx((0, 0), abs=1e-9)
