"""Modelling: gradations that follow the form, with stops where the hue turns, in the plan and its
pictures."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from functools import cache
from itertools import product

import cv2
import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.long import tried
from tests.pieces import THRESHOLDS, photographs, worked_out_of
from washboard.core.colour.lab import difference, encoded_of, linear_of_lab, value_of_lab
from washboard.core.order.modelled import prediction_of
from washboard.core.order.prediction import painted
from washboard.core.recipe.board import board_of
from washboard.core.reference.mass import Form, Mass, MassKind
from washboard.core.reference.masses import Division
from washboard.core.reference.measures import Measured, measure, with_straight
from washboard.core.reference.picture import picture_of
from washboard.core.reference.stops import MOST_STOPS
from washboard.pipeline.stages.results import Result
from washboard.settings import Settings

SETTINGS = {
    "watercolour": Settings("watercolour", "white", 45, 30, marks=0),
    "oil": Settings("oil", "value:5", 45, 30, marks=0),
}
Floats = NDArray[np.float64]


def of_lab(lab: Floats) -> NDArray[np.uint8]:
    """A picture (h, w, 3) of given colours, as bytes."""
    return np.rint(255 * encoded_of(np.clip(linear_of_lab(lab), 0, 1))).astype(np.uint8)


def blended(stops: Sequence[tuple[float, float, float]], along: Floats) -> Floats:
    """Colours (h, w, 3) that run straight from stop to stop, `along` (h, w) 0–1."""
    at = np.linspace(0, 1, len(stops))
    return np.stack([np.interp(along, at, [stop[c] for stop in stops]) for c in range(3)], axis=-1)


def whole(lab: Floats) -> tuple[Mass, Measured]:
    """A picture (h, w, 3) as one mass."""
    labels = np.ones(lab.shape[:2], np.int32)
    found = measure(picture_of(of_lab(lab)), Division(labels, 1, ()), THRESHOLDS, 30.0)
    return found.masses[0], found


def reconstructed(mass: Mass, found: Measured) -> Floats:
    """The colours (h, w, 3) that the modelling of a mass tells."""
    assert mass.gradation is not None
    return blended(mass.gradation.stops, found.along.astype(np.float64))


GOLD, ROSE, BLUE = (82.0, 8.0, 46.0), (70.0, 34.0, 6.0), (58.0, 2.0, -36.0)
DOWN = np.tile(np.linspace(0, 1, 300)[:, None], (1, 400))


def test_a_sky_from_gold_over_rose_to_blue_has_a_stop_where_its_hue_turns() -> None:
    mass, found = whole(blended((GOLD, ROSE, BLUE), DOWN))
    assert mass.gradation is not None
    stops = mass.gradation.stops
    assert 3 <= len(stops) <= MOST_STOPS
    assert mass.gradation.form is Form.STRAIGHT
    assert mass.gradation.direction == pytest.approx(-90, abs=3)
    middle = stops[len(stops) // 2]
    assert float(difference(middle, ROSE)) < 6
    off = difference(reconstructed(mass, found), blended((GOLD, ROSE, BLUE), DOWN))
    assert float(np.quantile(off, 0.95)) < 5


def test_a_gradation_of_one_hue_needs_no_stop_between_its_ends() -> None:
    mass, _ = whole(blended(((80.0, 0.0, 0.0), (50.0, 0.0, 0.0)), DOWN))
    assert mass.gradation is not None
    assert len(mass.gradation.stops) == 2
    assert mass.kind is MassKind.GRADED


def test_a_glow_is_round_and_its_middle_is_found() -> None:
    y, x = np.mgrid[:300, :400]
    away = np.clip(np.hypot(x - 150, y - 120) / 220, 0, 1)
    mass, _ = whole(blended(((88.0, 4.0, 40.0), (40.0, 20.0, 20.0)), away))
    assert mass.gradation is not None
    assert mass.gradation.form is Form.ROUND
    assert mass.gradation.centre is not None
    assert np.hypot(mass.gradation.centre[0] - 150 / 400, mass.gradation.centre[1] - 120 / 300) < 0.06


@pytest.mark.parametrize("photograph", ["portrait", "landscape", "flower", "cup"])
def test_no_stop_is_of_a_colour_that_its_mass_has_not(photograph: str) -> None:
    result = planned(photograph, "oil")
    lab, labels = result.seen.picture.lab.astype(np.float64), result.seen.measured.labels
    for mass in result.worked.plan.masses:
        if mass.gradation is None:
            continue
        own = lab[labels == mass.label]
        for stop, (x, y) in zip(mass.gradation.stops, mass.gradation.places, strict=True):
            assert float(difference(own[:: max(1, len(own) // 4000)], stop).min()) < 8, mass.id
            height, width = labels.shape
            assert labels[int(y * height), int(x * width)] == mass.label, "a stop is shown in its own mass"


def test_twigs_do_not_darken_the_sky_behind_them() -> None:
    sky = blended(((85.0, 0.0, -4.0), (70.0, 0.0, -20.0)), DOWN)
    twigs = sky.copy()
    twigs[:, 60::40] = twigs[:, 61::40] = (20.0, 4.0, 6.0)
    (clean, bare), (mass, found) = whole(sky), whole(twigs)
    between = np.ones(DOWN.shape, bool)
    for k in range(57, 400, 40):
        between[:, k : k + 8] = False
    off = np.abs(reconstructed(mass, found)[..., 0] - reconstructed(clean, bare)[..., 0])[between]
    assert float(np.median(off)) < 4, "a plain mean over the mass would be 7 darker"


def test_two_masses_of_one_sky_meet_without_a_step() -> None:
    lab = blended(((85.0, 4.0, 20.0), (45.0, 0.0, -25.0)), DOWN)
    labels = np.where(DOWN < 0.5, 1, 2).astype(np.int32)
    found = measure(picture_of(of_lab(lab)), Division(labels, 2, ()), THRESHOLDS, 30.0)
    rows = np.flatnonzero(DOWN[:, 0] >= 0.5)[0]
    upper, lower = (
        reconstructed(mass, found)[row, 50:350].mean(axis=0)
        for mass, row in zip(found.masses, (rows - 2, rows + 1), strict=True)
    )
    step = float(difference(upper, lower))
    assert step < 4, "three rows of the photo differ by 0.8; flat masses would by 30"


@cache
def planned(photograph: str, medium: str, straight: tuple[tuple[float, float], ...] = ()) -> Result:
    """A photograph planned without small marks."""
    data = encoded(photographs()[photograph])
    return worked_out_of(data, replace(SETTINGS[medium], straight=straight))


@pytest.mark.soak
@pytest.mark.parametrize(
    ("photograph", "medium"), tried([*product(("portrait", "landscape", "cup"), SETTINGS)], 4)
)
def test_the_last_picture_is_nearer_to_the_photo_than_flat_masses_would_be(
    photograph: str, medium: str
) -> None:
    result = planned(photograph, medium)
    last = painted(result.table, result.maps, len(result.table.colours) - 1)
    photo, labels = result.seen.picture.lab, result.seen.measured.labels
    there = picture_of(last).lab
    key = result.worked.plan.key
    keyed = np.interp(photo[..., 0], *_curve(key))
    flat = np.zeros_like(keyed)
    for label in np.unique(labels):
        flat[labels == label] = np.median(keyed[labels == label])
    off, off_flat = (float(np.abs(keyed - one).mean()) for one in (there[..., 0], flat))
    assert off < 0.9 * off_flat


def _curve(key) -> tuple[Floats, Floats]:  # type: ignore[no-untyped-def]
    from washboard.core.colour.lab import lightness_of_value

    values = np.linspace(0, 10, 51)
    return tuple(
        np.array([lightness_of_value(v) for v in vs]) for vs in (values, [key.of(v) for v in values])
    )  # type: ignore[return-value]


def test_modelling_changes_only_what_is_painted_and_watercolour_only_darkens_for_it() -> None:
    result = planned("landscape", "watercolour")
    plan, planned_of = result.worked.plan, result.planned
    # Touches of effects come over that, and may lift.
    bare = replace(result.worked, spots=())
    measured = planned_of.measured
    table, _ = prediction_of(bare, planned_of.edges.parts, measured.along, planned_of.edges.soft)
    for row in range(1, len(table.colours)):
        assert (table.values[row] - table.values[row - 1]).max() <= 0.05
    kept = [m for m, mass in enumerate(plan.masses) if all(e == plan.surface.lab for e in mass.target_ends)]
    for m in kept:
        own = table.colours[-1, table.mass == m]
        assert (own == own[0, 0]).all(), "bare paper has no modelling"


def test_a_straightened_gradation_runs_straight_and_keeps_its_colours_and_its_plan() -> None:
    before = planned("portrait", "oil")
    mass = max(
        (m for m in before.worked.plan.masses if m.gradation and m.gradation.form is Form.CURVED),
        key=lambda m: m.share,
    )
    after = planned("portrait", "oil", (mass.inside,))
    own = next(m for m in after.worked.plan.masses if m.id == mass.id)
    assert own.gradation is not None
    assert mass.gradation is not None
    assert own.gradation.form is Form.STRAIGHT
    assert own.gradation.stops == mass.gradation.stops
    assert [done.id for done in after.worked.plan.passes] == [done.id for done in before.worked.plan.passes]
    inside = after.seen.measured.labels == mass.label
    rows, columns = np.nonzero(inside)
    turn = np.radians(own.gradation.direction)
    way = columns * np.cos(turn) - rows * np.sin(turn)
    assert np.corrcoef(way, after.seen.measured.along[inside])[0, 1] > 0.98
    others = before.seen.measured.labels != mass.label
    assert np.array_equal(before.seen.measured.along[others], after.seen.measured.along[others])
    assert with_straight(before.seen.measured, ()) is before.seen.measured


def test_each_stop_where_the_hue_turns_has_a_mixture() -> None:
    lab = blended((GOLD, ROSE, BLUE), DOWN)
    lab[220:, :] = (25.0, 4.0, 8.0)
    data = encoded(of_lab(lab))
    worked = worked_out_of(data, SETTINGS["oil"]).worked
    sky = max(worked.plan.masses, key=lambda m: m.share)
    piles = [pile for pile in board_of(worked, SETTINGS["oil"].paints).piles if sky.id in pile.masses]
    assert len(piles) >= 3
    hues = [np.degrees(np.arctan2(pile.target[2], pile.target[1])) for pile in piles]
    assert max(hues) - min(hues) > 90
    ends = {float(value_of_lab(np.array(stop))) for stop in sky.target_stops}
    assert all(min(abs(pile.value - end) for end in ends) < 0.05 for pile in piles)


def test_borders_are_as_soft_as_they_are_at_each_place() -> None:
    lab = np.zeros((200, 400, 3))
    lab[:, :, 0] = 75.0
    lab[100:, :, 0] = 35.0
    soft = cv2.GaussianBlur(lab[:, 200:], (0, 0), 5.0)
    lab[:, 200:] = soft
    labels = np.where(np.arange(200)[:, None] < 100, 1, 2).astype(np.int32) * np.ones((1, 400), np.int32)
    found = measure(picture_of(of_lab(lab)), Division(labels, 2, ()), THRESHOLDS, 30.0)
    firm, lost = found.soft[90:110, 20:160], found.soft[90:110, 240:380]
    assert float(firm.max()) < 1.5
    assert float(lost.min()) > 6
