"""Paint taken off, and paint that settles: what stays and how rough it looks."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from washboard.core.colour.spectra import grey_of_value, value_of_spectrum
from washboard.core.materials.paints import PAINTS
from washboard.core.optics.removal import granulation, lifted, scraped
from washboard.core.optics.vehicle import vehicle_of

share = st.floats(0, 1)
WASH = vehicle_of("watercolour")
PAPER = grey_of_value(9.4)


def grain_of(key: str, thickness: float = 0.3) -> float:
    paint = PAINTS[key]
    return granulation(
        WASH,
        paint.absorption[None],
        paint.scattering[None],
        np.array([thickness]),
        np.array([paint.granulation]),
        PAPER,
    )


def value_lifted(key: str) -> float:
    paint = PAINTS[key]
    left = lifted([0.4], [paint.staining], 2)[0]
    return float(value_of_spectrum(WASH.laid(left * paint.absorption, left * paint.scattering, PAPER)))


@given(st.floats(0, 3), share, st.integers(0, 6))
def test_lifting_never_adds_paint_and_never_takes_the_stain(
    thickness: float, stain: float, times: int
) -> None:
    left = float(lifted([thickness], [stain], times)[0])
    assert stain * thickness - 1e-12 <= left <= thickness + 1e-12
    assert float(lifted([thickness], [stain], times + 1)[0]) <= left + 1e-12


@given(st.floats(0, 3), share, share)
def test_scraping_takes_more_the_harder_and_the_smoother_the_sheet(
    thickness: float, depth: float, tooth: float
) -> None:
    left = float(scraped([thickness], depth, tooth)[0])
    assert 0 <= left <= thickness
    assert float(scraped([thickness], min(1.0, depth + 0.2), tooth)[0]) <= left + 1e-12
    assert float(scraped([thickness], depth, min(1.0, tooth + 0.3))[0]) >= left - 1e-12
    assert scraped([thickness], 0.0, tooth)[0] == thickness


def test_ultramarine_lifts_and_phthalo_stays() -> None:
    assert value_lifted("ultramarine") > value_lifted("phthalo-blue") + 1.5


def test_granulating_paints_look_rough_and_dyes_smooth() -> None:
    assert grain_of("cerulean") > 3
    assert grain_of("ultramarine") > 3
    assert grain_of("phthalo-blue") == pytest.approx(0)
    assert grain_of("ultramarine", 1.8) < grain_of("ultramarine", 0.3), "a dark hides its own grain"
