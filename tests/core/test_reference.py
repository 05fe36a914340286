"""From a picture to masses, on made-up pictures and on real photographs."""

from __future__ import annotations

from itertools import combinations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.pieces import photographs
from tests.said import refuses
from washboard.core.errors import InvalidImage, InvalidInput
from washboard.core.reference import ladder
from washboard.core.reference.accents import find_accents
from washboard.core.reference.contours import lengths, softness
from washboard.core.reference.drawn import Shape, drawn
from washboard.core.reference.identity import inherited
from washboard.core.reference.masses import Division, by_areas, divide
from washboard.core.reference.measures import Measured, measure
from washboard.core.reference.picture import Picture, picture_of
from washboard.core.reference.squint import squint
from washboard.core.reference.worth import refuse_if_empty


def worked(rgb: np.ndarray, bands: int = 5, strength: float = 1.0) -> tuple[Picture, Division, Measured]:
    picture = picture_of(rgb)
    accents = find_accents(picture)
    squinted = squint(picture, accents, strength)
    thresholds = ladder.found(squinted.value, bands)
    division = divide(picture, accents, squinted, thresholds)
    return picture, division, measure(picture, division, thresholds, 45.0)


def scene(height: int = 600, width: int = 900) -> np.ndarray:
    """A made-up evening: graded sky, dark land, a house, two lamps, soft grain."""
    y, x = np.mgrid[:height, :width]
    picture = np.zeros((height, width, 3))
    picture[:] = (225 - 95 * y / height)[..., None] * np.array([0.9, 0.95, 1.0])
    picture[y > 380] = (60, 62, 48)
    picture[(y > 250) & (y < 420) & (abs(x - 600) < 90)] = (150, 90, 70)
    for cx, cy in ((180, 470), (330, 500)):
        picture[(x - cx) ** 2 + (y - cy) ** 2 < 81] = (255, 240, 200)
    picture += np.random.default_rng(3).normal(0, 3, (height, width, 1))
    return np.clip(picture, 0, 255).astype(np.uint8)


def test_a_smooth_sky_is_one_graded_mass_and_lamps_survive() -> None:
    _, division, measured = worked(scene())
    sky = np.bincount(division.labels[:240].ravel())
    assert sky.max() / sky.sum() > 0.97
    found = next(m for m in measured.masses if m.label == int(sky.argmax()))
    assert found.kind == "graded"
    assert found.direction is not None
    assert abs(found.direction + 90) < 15
    assert division.light_accent == (True, True)


def test_the_night_photograph_keeps_its_lamps_and_its_sky_in_one() -> None:
    _, division, _ = worked(photographs()["night lamps"])
    assert sum(division.light_accent) >= 5
    top = np.bincount(division.labels[:500, 200:450].ravel())
    assert top.max() / top.sum() > 0.9


def test_strong_edges_get_no_rim_of_middle_value() -> None:
    # Two plateaus joined by a blurred edge: the ramp between them is no mass.
    ramp = np.clip((np.arange(900) - 444) / 12, 0, 1)
    rgb = np.repeat((40 + 190 * ramp)[None, :, None], 600, 0).repeat(3, 2).astype(np.uint8)
    _, division, _ = worked(rgb)
    assert division.flat_count == 2


def test_the_same_bytes_and_settings_give_the_same_masses() -> None:
    one, other = (worked(photographs()["cup"])[1].labels for _ in range(2))
    assert np.array_equal(one, other)


def test_every_pixel_belongs_to_a_mass_and_shares_add_up() -> None:
    _, division, measured = worked(photographs()["landscape"])
    assert division.labels.min() == 1
    assert sum(m.share for m in measured.masses) == pytest.approx(1.0)
    for mass in measured.masses:
        for border in mass.borders:
            other = next(m for m in measured.masses if m.id == border.mass)
            back = next(b for b in other.borders if b.mass == mass.id)
            assert back.length_cm == pytest.approx(border.length_cm)


def test_found_thresholds_are_the_exact_least_spread() -> None:
    value = np.random.default_rng(5).choice([1.0, 1.5, 4.0, 4.4, 8.0, 9.0], 4000).astype(np.float32)
    share = ladder.histogram(value)
    at = (np.arange(ladder.STEPS) + 0.5) / 20

    def spread(cuts: tuple[float, ...]) -> float:
        band = np.searchsorted(cuts, at, side="right")
        return sum(
            float(
                share[band == b] @ (at[band == b] - np.average(at[band == b], weights=share[band == b])) ** 2
            )
            for b in range(len(cuts) + 1)
            if share[band == b].sum() > 0
        )

    found = ladder.found(value, 3)
    best = min(spread(cuts) for cuts in combinations([1.25, 2.5, 4.2, 6.0, 8.5], 2))
    assert spread(found) <= best + 1e-9


@given(st.lists(st.floats(-1, 11) | st.just(float("nan")), max_size=10))
def test_thresholds_are_refused_unless_they_rise_inside_the_scale(given_thresholds: list[float]) -> None:
    try:
        kept = ladder.checked(given_thresholds)
    except InvalidInput as error:
        assert "thresholds" in str(error).lower() or "bands" in str(error)  # noqa: PT017
    else:
        assert list(kept) == sorted(set(kept))
        assert all(0 < t < 10 for t in kept)


@settings(max_examples=40, deadline=None)
@given(st.floats(30, 90), st.floats(0, 180))
def test_contour_lengths_are_true_within_six_per_cent_at_every_angle(radius: float, angle: float) -> None:
    y, x = np.indices((200, 200)) - 100.0
    disc = x**2 + y**2 < radius**2
    assert lengths(disc.astype(np.int32), 2)[0, 1] == pytest.approx(2 * np.pi * radius, rel=0.06)
    turned = np.radians(angle)
    half = (x * np.cos(turned) + y * np.sin(turned) > 0) & disc
    assert lengths(half.astype(np.int32), 2)[0, 1] == pytest.approx((np.pi + 2) * radius, rel=0.06)


def test_softness_of_a_ramp_is_its_ten_to_ninety_width() -> None:
    for width in (4, 8, 12):
        ramp = np.clip((np.arange(200) - 100) / width + 0.5, 0, 1).astype(np.float32)
        value = np.repeat(2 + 6 * ramp[None], 60, 0)
        labels = np.repeat((np.arange(200) >= 100)[None], 60, 0).astype(np.int32) + 1
        assert softness(value, labels)[1, 2] == pytest.approx(0.8 * width, abs=1.3)


def test_a_mass_keeps_its_id_by_overlap_and_ids_are_never_reused() -> None:
    before = np.ones((40, 40), np.int32)
    before[:, 20:] = 2
    after = np.ones((40, 40), np.int32)
    after[:, 24:] = 2
    after[:10, :10] = 3
    ids, following = inherited(after, before, {1: "m4", 2: "m7"}, 9)
    assert ids == {1: "m4", 2: "m7", 3: "m9"}
    assert following == 10


def test_a_piece_without_a_photo_gives_the_same_kind_of_masses() -> None:
    shapes = (
        Shape(((0, 0), (1, 0), (1, 0.4), (0, 0.4)), 8.0),
        Shape(((0.3, 0.3), (0.6, 0.3), (0.6, 0.7)), 3.0, 10, 20),
    )
    picture, areas = drawn(shapes, 9.5, 1.5)
    division = by_areas(areas)
    measured = measure(picture, division, (2.0, 4.0, 6.0, 8.0), 30.0)
    assert [round(m.value, 1) for m in measured.masses] == [9.5, 8.0, 3.0]
    with pytest.raises(InvalidInput):
        drawn((Shape(((0, 0), (2, 0), (1, 1)), 5.0),), 9.5, 1.5)


@pytest.mark.parametrize("grey", [0, 128, 255])
def test_a_picture_of_one_value_is_refused(grey: int) -> None:
    with refuses(InvalidImage, "one single value"):
        refuse_if_empty(picture_of(np.full((300, 400, 3), grey, np.uint8)))


def test_pure_grain_is_refused_and_a_photograph_is_not() -> None:
    noise = np.random.default_rng(0).integers(0, 256, (700, 1000, 3), dtype=np.uint8)
    with refuses(InvalidImage, "grain"):
        refuse_if_empty(picture_of(noise))
    for photograph in photographs().values():
        refuse_if_empty(picture_of(photograph))
