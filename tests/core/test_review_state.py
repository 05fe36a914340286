"""What of a painting is done, and what a phone did to its photo."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from numpy.typing import NDArray
from scipy.ndimage import gaussian_filter

from tests.core.test_review import apart, paint, piece
from tests.core.test_review_card import full
from washboard.core.colour.lab import difference, linear_of
from washboard.core.reference.picture import picture_of
from washboard.core.review.corners import snapped
from washboard.core.review.curve import curve_by_plan
from washboard.core.review.expected import Expected
from washboard.core.review.judged import Unjudged, judged
from washboard.core.review.lit import Source
from washboard.core.review.observed import Observation, observed
from washboard.core.review.read import read
from washboard.core.review.review import located
from washboard.core.review.told import light_words
from washboard.core.review.tone import PLAIN, Tone
from washboard.devices.camera import Room, SimulatedCamera

Floats = NDArray[np.float64]
Bytes = NDArray[np.uint8]


def photographed_in(room: Room, painting: Bytes, expected: Expected, seed: int) -> tuple[Bytes, Floats]:
    red, green, blue = (float(c) for c in expected.surface.linear)
    photo = SimulatedCamera(room, (red, green, blue)).photograph(painting, expected.margin, seed)
    return photo.rgb, photo.sheet


@pytest.mark.parametrize(
    ("name", "medium", "surface"), [("cat", "acrylic", "white"), ("landscape", "oil", "value:5")]
)
def test_of_a_painting_that_ends_half_way_each_place_is_known_as_done_or_bare(
    name: str, medium: str, surface: str
) -> None:
    expected, pictures = piece(name, medium, surface, 3.0)
    dice = np.random.default_rng(5)
    row = len(pictures) - 1
    high, wide = expected.labels.shape
    y, x = np.indices((high, wide))
    wave = gaussian_filter(dice.normal(size=(high, wide)), high / 8)
    done = 0.8 * (x / wide - 0.5) + 0.6 * (y / high - 0.45) + 0.05 * wave / wave.std() < 0
    painting = np.where(
        done[..., None], paint(expected, pictures, row, dice), paint(expected, pictures, 0, dice)
    )
    rgb, corners = photographed_in(Room(tilt=8, turn=-12, light=(0.1, -0.1, -0.05)), painting, expected, 5)
    found = located(picture_of(rgb), expected)
    assert apart(found.sheet, corners) <= 0.01
    state = observed(rgb, found, expected).state
    truth = np.where(done, row, 0)
    colours = expected.colours
    alike = difference(colours[state.picture, expected.index], colours[truth, expected.index]) < 4
    assert alike.mean() >= 0.97


def with_curve(curve: float, card: bool = False, crisp: float = 0.0) -> tuple[Observation, float]:
    """A painting with a margin photographed by a phone with a tone curve and local contrast, with or without
    a grey card, and how far its masses are off in the mean."""
    expected, pictures = piece("cup", "oil", "value:5", 3.0)
    painting = paint(expected, pictures, len(pictures) - 1, np.random.default_rng(8))
    lamp = Room(tilt=6, turn=8, light=(0.1, 0.08, -0.04), cast=(1.0, 0.95, 0.85))
    room = replace(lamp, curve=curve, crisp=crisp, card=card)
    rgb, corners = photographed_in(room, painting, expected, 8)
    seen = observed(rgb, snapped(picture_of(rgb).lab, corners, expected), expected)
    bare = np.zeros(expected.labels.shape, bool)
    truth = read(linear_of(painting / 255), expected.index, len(expected.plan.masses), bare)
    off = [abs(one.value - t.value) for one, t in zip(seen.read, truth, strict=True) if one and t]
    return seen, float(np.mean(off))


def test_a_strong_curve_of_a_phone_shows_beside_the_plan_and_is_told_to_be_a_guess() -> None:
    seen, off = with_curve(0.8)
    assert seen.by_plan
    assert 0.5 <= seen.tone.curve <= 1.0
    assert off < 0.2
    assert seen.sd > with_curve(0.0)[0].sd


def test_a_grey_card_beside_grey_paper_tells_no_curve_and_the_plan_does() -> None:
    seen, off = with_curve(0.8, card=True)
    assert seen.by_plan
    assert not seen.card
    assert off < 0.2
    assert light_words(seen).values["phone"] == "plan"


def test_what_a_phone_may_have_done_to_a_mass_is_not_told_as_a_fault_of_the_painter() -> None:
    seen, _ = with_curve(0.8)
    found = judged(seen)
    unsure = [one for one in found if one.unjudged is Unjudged.UNSURE]
    far = [one for one in found if one.judged and abs(one.difference or 0) >= 0.35]
    assert unsure
    assert all(0.35 <= abs(one.difference or 0) < 0.65 for one in unsure)
    assert far
    assert all(abs(one.difference or 0) >= 0.65 for one in far)
    plain = judged(with_curve(0.0)[0])
    assert not any(one.unjudged is Unjudged.UNSURE for one in plain)
    assert any(one.judged and 0.35 <= abs(one.difference or 0) < 0.65 for one in plain)


@pytest.mark.parametrize("curve", [0.25, 0.6])
def test_a_margin_lighter_beside_darks_tells_a_phone_and_the_plan_then_its_curve(curve: float) -> None:
    seen, off = with_curve(curve, crisp=0.2)
    assert seen.tone.crisp == pytest.approx(0.2, abs=0.05)
    assert seen.tone.curve == pytest.approx(curve, abs=0.25)
    assert off < 0.15
    assert light_words(seen).values["phone"] == "plan"


def test_a_plain_camera_is_taken_for_one() -> None:
    seen, off = with_curve(0.0)
    assert seen.tone == PLAIN
    assert off < 0.06


def test_too_few_masses_tell_nothing_of_a_curve() -> None:
    planned, mass = np.array([2.0, 5.0, 8.0]), np.arange(3)
    assert curve_by_plan(lambda _: planned - 2, planned, planned / 10, mass, np.ones(3)) == PLAIN


def test_a_painter_who_lays_all_too_light_is_no_phone() -> None:
    planned, mass = np.linspace(1.5, 8.5, 20), np.arange(20)

    def seen(tone: Tone) -> Floats:
        return planned + 0.3 + 0.06 * (5 - planned) + 2 * tone.curve * np.sin((5 - planned) / 2)

    assert curve_by_plan(seen, planned, planned / 10, mass, np.ones(20)) == PLAIN


def without_margin(room: Room) -> tuple[Observation, float]:
    """A painting to the edges of its sheet, of which a third is bare, and how far its masses are off."""
    expected, pictures = full("cup", "watercolour")
    dice = np.random.default_rng(3)
    painting = paint(expected, pictures, len(pictures) - 1, dice)
    bare = paint(expected, pictures, 0, dice)
    painting[:, : painting.shape[1] // 3] = bare[:, : painting.shape[1] // 3]
    rgb, corners = photographed_in(room, painting, expected, 3)
    seen = observed(rgb, snapped(picture_of(rgb).lab, corners, expected), expected)
    nothing = np.zeros(expected.labels.shape, bool)
    truth = read(linear_of(painting / 255), expected.index, len(expected.plan.masses), nothing)
    off = [abs(one.value - t.value) for one, t in zip(seen.read, truth, strict=True) if one and t]
    return seen, float(np.mean(off))


ASKEW = Room(tilt=-6, turn=10, light=(0.1, -0.1, -0.05))


def test_a_sheet_painted_to_its_edges_is_told_by_what_of_it_is_bare() -> None:
    seen, off = without_margin(ASKEW)
    assert seen.source is Source.INSIDE
    assert not seen.relative
    assert off <= 0.12


def test_where_a_phone_shows_and_there_is_no_margin_only_what_stands_beside_what_is_told() -> None:
    seen, _ = without_margin(replace(ASKEW, curve=0.8, crisp=0.2))
    assert seen.source is Source.INSIDE
    assert seen.by_plan
    assert not any(one.judged for one in judged(seen))
    assert light_words(seen).values["source"] == "relative"
