"""Surfaces, sheets, sizes, key, pace: what is set up before the first pass."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from tests.pieces import Made, patchwork, pieces
from tests.said import refuses, text
from washboard.core.colour.lab import difference, encoded_of, lab_of_linear, value_of_lab
from washboard.core.errors import InvalidInput, InvalidSize, UnknownName
from washboard.core.key.key import key_for, targeted
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.stocks import STOCKS, described_stock, stock_named
from washboard.core.materials.surfaces import described, sheet_of, size_of, surface_of, tone_beside
from washboard.core.time.pace import covering_minutes, cutting_minutes, drying_minutes

SOME = settings(max_examples=80, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))


@pytest.mark.parametrize(
    ("words", "value"), [("white", 9.5), ("black", 2.5), ("value:7", 7.0), (" White ", 9.5)]
)
def test_a_surface_is_what_its_word_says(words: str, value: float) -> None:
    surface = surface_of(words)
    assert surface.value == value
    assert surface.lab[1:] == (0.0, 0.0)
    assert float(value_of_lab(surface.lab)) == pytest.approx(value, abs=1e-6)


def test_a_colour_is_a_surface_with_its_own_value_and_words() -> None:
    surface = surface_of("#463d39")
    assert surface.value == pytest.approx(2.6, abs=0.1)
    assert text(described(surface)) == f"Dark warm grey {surface.value:.1f}"
    assert text(described(surface_of("white"))) == "White"


@pytest.mark.parametrize(
    "words", ["", "tartan", "#12", "#gggggg", "value:", "value:11", "value:-1", "value:nan"]
)
def test_what_is_no_surface_is_refused_with_what_to_say(words: str) -> None:
    with refuses(InvalidInput, "white, black"):
        surface_of(words)


@pytest.mark.parametrize(
    ("words", "size"),
    [("30x20cm", (30, 20)), ("30×20 cm", (30, 20)), ("12x8in", (30.48, 20.32)), ("30x20", (30, 20))],
)
def test_sizes_are_read_in_cm_and_inches(words: str, size: tuple[float, float]) -> None:
    assert size_of(words) == pytest.approx(size)


@pytest.mark.parametrize("words", ["", "30", "axb", "30x", "30x20m", "1.2.3x4", "30 by 20"])
def test_what_is_no_size_is_refused(words: str) -> None:
    with refuses(InvalidSize, "30x20cm"):
        size_of(words)


@pytest.mark.parametrize("side", [0.0, -3.0, 1e9, float("nan"), float("inf"), 0.5])
def test_a_side_that_cannot_be_painted_is_refused(side: float) -> None:
    with refuses(InvalidSize, "between 1 and 1000"):
        sheet_of(side, 30, 1.5)


@given(st.floats(1, 1000), st.floats(1, 1000), st.floats(0.05, 20))
def test_the_picture_is_the_largest_of_its_format_on_the_sheet(
    width: float, height: float, aspect: float
) -> None:
    try:
        sheet = sheet_of(width, height, aspect)
    except InvalidSize as error:
        assert "narrow" in str(error)  # noqa: PT017
        return
    assert sheet.picture_width_cm / sheet.picture_height_cm == pytest.approx(aspect)
    assert sheet.picture_width_cm <= width * (1 + 1e-9)
    assert sheet.picture_height_cm <= height * (1 + 1e-9)
    margins = (width - sheet.picture_width_cm, height - sheet.picture_height_cm)
    assert min(margins) == pytest.approx(0, abs=1e-9 * max(width, height))
    assert (sheet.note is None) == (max(margins) < 0.05)


@SOME
@given(pieces())
def test_the_key_keeps_the_order_of_values_and_stays_within_reach(made: Made) -> None:
    medium, surface = medium_named(made.medium), surface_of(made.surface)
    key = key_for(medium, surface, made.measured.masses)
    values = np.linspace(0, 10, 101)
    planned = np.array([key.of(float(v)) for v in values])
    assert (np.diff(planned) >= -1e-9).all()
    masses = targeted(made.measured.masses, key, medium, surface)
    for before, after in zip(made.measured.masses, masses, strict=True):
        assert after.value == before.value
        assert key.lowest - 0.05 <= after.target <= key.highest + 0.05
        low, high = after.band_range
        assert low - 1e-9 <= after.target <= high + 1e-9


def test_accents_beyond_the_shapes_go_as_far_as_paint_reaches() -> None:
    medium, surface = medium_named("pastel"), surface_of("black")
    middling = [m for m in patchwork(12, 10, 0)[0].masses if 3 < m.value < 7]
    key = key_for(medium, surface, middling)
    lamp, pit = key.of(9.8), key.of(0.2)
    assert lamp == medium.lightest
    assert pit == medium.darkest
    assert key.of(8.0) == 8.0


def test_in_watercolour_the_lightest_light_is_paper_and_light_accents_are_too() -> None:
    measured, _ = patchwork(12, 10, 3)
    medium, surface = medium_named("watercolour"), surface_of("white")
    masses = targeted(measured.masses, key_for(medium, surface, measured.masses), medium, surface)
    for mass in masses:
        if mass.kind == "accent" and mass.light:
            assert mass.target == surface.value


@given(st.floats(0.1, 20_000), st.sampled_from(list(MEDIA.values())))
def test_more_area_or_edge_never_takes_less_time(area: float, medium) -> None:  # type: ignore[no-untyped-def]
    assert covering_minutes(medium, area) <= covering_minutes(medium, area * 1.5) + 1e-9
    assert cutting_minutes(medium, area) == pytest.approx(area / medium.cut_cm)
    assert drying_minutes(medium, area) <= drying_minutes(medium, area * 2) + 1e-9
    assert drying_minutes(medium, area) >= (medium.quickest_dry if medium.dry_minutes else 0)


def test_nothing_laid_takes_and_dries_in_no_time() -> None:
    medium = medium_named("watercolour")
    assert covering_minutes(medium, 0) == drying_minutes(medium, 0) == 0


def test_every_medium_says_its_caution_and_reaches_dark_and_light() -> None:
    for medium in MEDIA.values():
        assert "labels" in medium.caution
        assert medium.darkest < 3 < 9 < medium.lightest
        assert replace(medium) == medium


def test_a_surface_is_read_off_a_photo_beside_white_whatever_the_light() -> None:
    paper = np.array([0.45, 0.40, 0.30])
    for lamp in (np.array([1.0, 1.0, 1.0]), np.array([0.8, 0.6, 0.4]), np.array([0.35, 0.4, 0.5])):
        coded = [np.rint(255 * encoded_of(lamp * of)) for of in (paper, np.full(3, 0.9))]
        read = surface_of(tone_beside(*coded))
        assert float(difference(read.lab, lab_of_linear(paper))) < 1.5
    with refuses(InvalidInput, "blown"):
        tone_beside([120, 120, 120], [255, 254, 255])
    with refuses(InvalidInput, "too dark"):
        tone_beside([20, 20, 20], [90, 90, 90])


def test_every_medium_has_surfaces_and_thin_paper_is_stretched() -> None:
    for medium in MEDIA:
        own = [stock for stock in STOCKS.values() if medium in stock.media]
        assert len(own) >= 4
        for stock in own:
            assert 0 <= stock.tooth <= 1
            assert 0 <= stock.absorbency <= 1
            assert 4 < surface_of(stock.tone).value < 10
    assert "stretch it" in described_stock(STOCKS["rough"])
    assert "stretch it" not in described_stock(STOCKS["heavy"])
    with refuses(UnknownName, "no surface for oil called"):
        stock_named("oil", "velour")
