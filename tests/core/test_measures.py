"""Measures of masses against plain recounts, ramps of known direction, and exact widths."""

from __future__ import annotations

import cv2
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.ndimage import distance_transform_edt, find_objects
from scipy.ndimage import label as components

from tests.pieces import THRESHOLDS, photographs
from washboard.core.colour.lab import encoded_of, linear_of_lab
from washboard.core.colour.value import luminance_of
from washboard.core.reference.contours import hardness_of, softness
from washboard.core.reference.identity import inherited
from washboard.core.reference.mass import Mass, MassKind
from washboard.core.reference.masses import Division
from washboard.core.reference.measures import Measured, depths, measure
from washboard.core.reference.picture import picture_of

SOME = settings(max_examples=25, deadline=None, derandomize=True)


def greys(value: np.ndarray) -> np.ndarray:
    """A neutral picture of given Munsell values, as sRGB bytes."""
    grey = np.rint(encoded_of(luminance_of(value) / 100) * 255).astype(np.uint8)
    return np.repeat(grey[..., None], 3, axis=2)


def measured(value: np.ndarray, labels: np.ndarray, accents: int = 0, width_cm: float = 30.0) -> Measured:
    flat = int(labels.max()) - accents
    division = Division(labels.astype(np.int32), flat, (True,) * accents)
    return measure(picture_of(greys(value)), division, THRESHOLDS, width_cm)


def only(value: np.ndarray) -> Mass:
    return measured(value, np.ones(value.shape, np.int32)).masses[0]


def blotches(seed: int, height: int = 90, width: int = 140) -> np.ndarray:
    dice = np.random.default_rng(seed)
    noise = cv2.GaussianBlur(dice.random((height, width)), (0, 0), 6)
    return 1 + np.searchsorted(np.quantile(noise, (0.2, 0.5, 0.8)), noise).astype(np.int32)


@SOME
@given(st.integers(0, 10**6))
def test_extent_pieces_and_medians_are_those_of_a_recount(seed: int) -> None:
    labels = blotches(seed)
    value = np.array([0, 2.5, 4.5, 6.5, 8.5])[labels]
    found = measured(value, labels)
    height, width = labels.shape
    assert sum(m.share for m in found.masses) == pytest.approx(1)
    for mass, place in zip(found.masses, find_objects(labels), strict=True):
        own = labels == mass.label
        y, x = np.nonzero(own)
        assert mass.share == own.mean()
        assert mass.area_cm2 == pytest.approx(own.sum() * (30 / width) ** 2)
        assert mass.pieces == components(own, np.ones((3, 3)))[1]
        assert mass.centre == pytest.approx(((x.mean() + 0.5) / width, (y.mean() + 0.5) / height))
        rows, columns = place
        box = (columns.start / width, rows.start / height, columns.stop / width, rows.stop / height)
        assert mass.box == pytest.approx(box)
        assert mass.value == pytest.approx(value[own][0], abs=0.04)
        assert own[int(mass.inside[1] * height), int(mass.inside[0] * width)]
        assert THRESHOLDS[mass.band - 1] <= mass.value or mass.band == 0
        for border in mass.borders:
            other = next(m for m in found.masses if m.id == border.mass)
            assert border in other.borders or any(
                (b.mass, b.length_cm) == (mass.id, border.length_cm) for b in other.borders
            )


@pytest.mark.parametrize("angle", range(0, 360, 30))
def test_a_gradation_is_found_with_its_direction_and_both_ends(angle: int) -> None:
    y, x = np.mgrid[:240, :240] - 119.5
    along = x * np.cos(np.radians(angle)) - y * np.sin(np.radians(angle))
    mass = only(6 - 2 * along / 120)
    assert mass.kind is MassKind.GRADED
    assert mass.direction is not None
    assert (mass.direction - angle + 180) % 360 - 180 == pytest.approx(0, abs=3)
    light, dark = mass.ends
    assert light[0] > mass.lab[0] > dark[0]
    whole = 4 * (abs(np.cos(np.radians(angle))) + abs(np.sin(np.radians(angle))))
    assert 0.5 * whole < mass.spread < whole
    assert mass.value_range[0] < mass.value < mass.value_range[1]


@pytest.mark.parametrize("rise", [0.0, 0.3, 0.6])
def test_a_slight_unevenness_is_flat(rise: float) -> None:
    mass = only(np.tile(np.linspace(5, 5 + rise, 200), (150, 1)))
    assert mass.kind is MassKind.FLAT
    assert mass.direction is None
    assert mass.ends[0] == mass.ends[1]


def test_a_graded_mass_says_for_every_pixel_how_far_along_it_lies() -> None:
    labels = np.ones((160, 200), np.int32)
    labels[:, 150:] = 2
    value = np.tile(np.linspace(8, 4, 200), (160, 1))
    value[:, 150:] = 2.0
    found = measured(value, labels)
    assert (np.diff(found.along[80, 5:145]) >= 0).all()
    assert found.along[80, 5] < 0.1 < 0.9 < found.along[80, 145]
    assert not found.along[:, 150:].any()
    assert found.along.min() >= 0
    assert found.along.max() <= 1


@pytest.mark.parametrize("width", [6, 7, 12, 25, 40])
def test_the_width_of_a_stripe_is_its_width(width: int) -> None:
    labels = np.ones((200, 300), np.int32)
    labels[:, 100 : 100 + width] = 2
    stripe = measured(np.where(labels == 2, 3.0, 8.0), labels, width_cm=30).masses[1]
    assert stripe.width_mm == pytest.approx(width, abs=1.2)  # 300 pixels are 300 mm
    assert stripe.narrowest_mm <= stripe.width_mm + 1e-9


def test_a_neck_makes_a_mass_narrow_not_thin() -> None:
    labels = np.ones((200, 400), np.int32)
    labels[60:140, 50:170] = labels[60:140, 230:350] = labels[95:105, 170:230] = 2
    mass = measured(np.where(labels == 2, 3.0, 8.0), labels, width_cm=40).masses[1]
    assert mass.narrowest_mm < 14
    assert mass.width_mm > 20


@pytest.mark.parametrize("cm", [10.0, 40.0, 200.0])
def test_everything_in_centimetres_grows_with_the_sheet(cm: float) -> None:
    labels = blotches(3)
    value = np.array([0, 2.5, 4.5, 6.5, 8.5])[labels]
    small, large = (measured(value, labels, width_cm=w).masses for w in (cm, 2 * cm))
    for one, two in zip(small, large, strict=True):
        assert two.area_cm2 == pytest.approx(4 * one.area_cm2)
        assert two.outline_cm == pytest.approx(2 * one.outline_cm)
        assert two.width_mm == pytest.approx(2 * one.width_mm)
        assert (two.share, two.value, two.band) == (one.share, one.value, one.band)


@pytest.mark.parametrize("spread", [1.5, 2.0, 3.0, 4.0])
def test_a_blurred_edge_is_as_soft_as_it_was_blurred(spread: float) -> None:
    labels = np.ones((120, 200), np.int32)
    labels[:, 100:] = 2
    step = np.where(labels == 2, 8.0, 3.0).astype(np.float32)
    assert softness(step, labels)[1, 2] < 2.6  # the finest that pixels can tell
    value = cv2.GaussianBlur(step, (0, 0), spread)
    width = softness(value, labels)[1, 2]
    # 0.8 × step ÷ steepest slope of a blurred step is 0.8 √(2π) σ; reading it smooths by 0.8 more.
    exact = 0.8 * (2 * np.pi) ** 0.5 * (spread**2 + 0.8**2) ** 0.5
    assert width == pytest.approx(exact, rel=0.15)


def test_hardness_is_judged_against_the_sharpest_edges_of_the_same_picture() -> None:
    widths = {(1, 2): 2.0, (1, 3): 2.0, (2, 3): 3.0, (2, 4): 5.0, (3, 4): 20.0}
    hardness = hardness_of(widths)
    doubled = hardness_of({pair: 2 * width for pair, width in widths.items()})
    assert hardness[1, 2] == 1.0
    assert hardness[3, 4] == pytest.approx(0.2)
    assert hardness[2, 3] > hardness[2, 4]
    assert doubled == pytest.approx(hardness)
    assert hardness_of({}) == {}


def test_accents_are_measured_as_accents_of_their_kind() -> None:
    labels = np.ones((120, 160), np.int32)
    labels[40:48, 60:68] = 2
    found = measured(np.where(labels == 2, 9.0, 3.0), labels, accents=1)
    assert [m.kind for m in found.masses] == [MassKind.FLAT, MassKind.ACCENT]
    assert found.masses[1].light


def test_labels_that_vanished_leave_a_gap_in_the_numbers_not_in_the_measures() -> None:
    labels = np.ones((60, 80), np.int32)
    labels[:, 40:] = 3
    found = measured(np.where(labels == 3, 7.0, 3.0), labels)
    assert [m.label for m in found.masses] == [1, 3]
    assert found.masses[0].borders[0].mass == "m3"


def test_colour_is_measured_as_lab() -> None:
    lab = np.broadcast_to((62.0, 18.0, -24.0), (60, 80, 3))
    rgb = np.rint(encoded_of(linear_of_lab(lab)) * 255).astype(np.uint8)
    one = np.ones((60, 80), np.int32)
    mass = measure(picture_of(rgb), Division(one, 1, ()), THRESHOLDS, 20.0).masses[0]
    assert mass.lab == pytest.approx((62, 18, -24), abs=0.5)


@pytest.mark.parametrize("name", ["cup", "flower"])
def test_masses_of_a_photograph_mirrored_are_the_same_ones_mirrored(name: str) -> None:
    rgb = photographs()[name][::4, ::4]
    labels = blotches(9, *rgb.shape[:2])
    division = Division(labels, int(labels.max()), ())
    turned = Division(np.ascontiguousarray(labels[:, ::-1]), int(labels.max()), ())
    mirrored = picture_of(np.ascontiguousarray(rgb[:, ::-1]))
    for one, two in zip(
        measure(picture_of(rgb), division, THRESHOLDS, 30).masses,
        measure(mirrored, turned, THRESHOLDS, 30).masses,
        strict=True,
    ):
        assert two.share == one.share
        assert two.centre == pytest.approx((1 - one.centre[0], one.centre[1]))
        assert two.outline_cm == pytest.approx(one.outline_cm, rel=1e-6)
        assert two.value == pytest.approx(one.value, abs=0.3)


def test_ids_follow_the_larger_overlap_and_new_masses_get_new_numbers() -> None:
    before = np.ones((40, 60), np.int32)
    before[:, 30:] = 2
    after = np.ones((40, 60), np.int32)
    after[:, 35:] = 2
    after[:8, :8] = 3
    ids, following = inherited(after, before, {1: "m7", 2: "m4"}, 9)
    assert ids == {1: "m7", 2: "m4", 3: "m9"}
    assert following == 10
    assert inherited(after, before[:, :-1], {1: "m7"}, 9)[0] == {1: "m9", 2: "m10", 3: "m11"}


def test_depths_are_exact_to_the_last_digit_so_the_deepest_place_is_the_same_in_every_run() -> None:
    dice = np.random.default_rng(2)
    labels = np.where(dice.random((400, 600)) < 0.002, 2, 1).astype(np.int32)
    framed = np.pad(labels, 1)
    beside = [framed[1:-1, :-2], framed[1:-1, 2:], framed[:-2, 1:-1], framed[2:, 1:-1]]
    border = np.any([other != labels for other in beside], axis=0)
    exact = distance_transform_edt(~border)
    assert np.array_equal(depths(labels), exact.astype(np.float32) + np.float32(0.5))
