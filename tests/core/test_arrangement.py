"""The arrangement: crop, level, moved and dropped areas, holes filled by what lies around."""

from __future__ import annotations

import cv2
import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.said import refuses, words_of
from washboard.core.areas.area import Areas, areas_of
from washboard.core.composition.arrangement import AS_SEEN, Accent, Arrangement, Change, Move, arranged
from washboard.core.errors import InvalidInput
from washboard.core.reference.picture import picture_of

ASPECT = 1.5


def scene() -> tuple[np.ndarray, Areas]:
    """Sky over field with a red barn and a white post before it."""
    rgb = np.full((400, 600, 3), (150, 190, 220), np.uint8)
    rgb[:200] = (np.linspace(120, 200, 200)[:, None, None] * np.array([0.8, 0.95, 1.1])).clip(0, 255)
    rgb[200:] = (110, 120, 70)
    labels = np.ones((400, 600), np.int32)
    labels[200:] = 2
    for number, (left, top, right, bottom), colour in (
        (3, (120, 140, 220, 260), (160, 50, 40)),
        (4, (200, 180, 212, 300), (240, 240, 235)),
    ):
        rgb[top:bottom, left:right], labels[top:bottom, left:right] = colour, number
    return rgb, areas_of(picture_of(rgb), labels)


def test_nothing_arranged_changes_no_pixel() -> None:
    rgb, areas = scene()
    done = arranged(rgb, areas, AS_SEEN)
    assert np.array_equal(done.rgb, rgb)
    assert np.array_equal(done.labels, areas.labels)
    assert not done.invented.any()


def test_an_accent_is_as_large_and_as_dark_as_it_says_and_is_marked_as_invented() -> None:
    rgb, areas = scene()
    done = arranged(rgb, areas, Arrangement(accents=(Accent(0.7, 0.3, 2.0, 0.004),)))
    changed = (done.rgb != rgb).any(axis=2)
    assert changed.mean() == pytest.approx(0.004, rel=0.1)
    assert done.invented.mean() == pytest.approx(0.004, rel=0.05)
    assert picture_of(done.rgb).value[120, 420] == pytest.approx(2.0, abs=0.1)
    assert np.array_equal(done.labels, areas.labels)


def test_accents_that_cannot_be_are_refused() -> None:
    for accent in (Accent(1.2, 0.3, 2.0), Accent(0.5, 0.3, 12.0), Accent(0.5, 0.3, 2.0, 0.3)):
        with refuses(InvalidInput, "An accent stands inside"):
            Arrangement(accents=(accent,)).checked()


def test_a_dropped_thing_leaves_what_is_around_it_and_the_hole_is_marked() -> None:
    rgb, areas = scene()
    done = arranged(rgb, areas, Arrangement(moves=(Move(0.28, 0.45, drop=True),)))
    barn = areas.labels == 3
    assert not (done.labels == 3).any()
    assert done.invented[barn].all()
    assert not done.invented[~barn].any()
    assert np.array_equal(done.rgb[~barn], rgb[~barn])
    upper, lower = done.rgb[160, 160].astype(int), done.rgb[250, 160].astype(int)
    assert np.abs(upper - rgb[160, 300]).max() < 16, "sky where the barn stood before the sky"
    assert np.abs(lower - rgb[250, 300]).max() < 16, "field where it stood before the field"


def test_a_moved_thing_stands_whole_in_its_new_place_behind_what_is_nearer() -> None:
    rgb, areas = scene()
    depth = {area.label: area.depth for area in areas.areas}
    assert depth[4] > depth[3]
    done = arranged(rgb, areas, Arrangement(moves=(Move(0.25, 0.5, dx=0.4, dy=0.05),)))
    assert (done.labels == 3).sum() == pytest.approx((areas.labels == 3).sum(), rel=0.02)
    assert np.abs(done.rgb[240, 400].astype(int) - (160, 50, 40)).max() < 4
    assert np.array_equal(done.labels == 4, areas.labels == 4)
    behind = arranged(rgb, areas, Arrangement(moves=(Move(0.25, 0.5, dx=0.06),)))
    assert np.array_equal(behind.labels == 4, areas.labels == 4), "the post stays before the barn"


def test_a_scaled_thing_keeps_its_middle() -> None:
    rgb, areas = scene()
    done = arranged(rgb, areas, Arrangement(moves=(Move(0.343, 0.6, scale=0.5),)))
    rows, columns = np.nonzero(done.labels == 4)
    before = np.argwhere(areas.labels == 4).mean(axis=0)
    assert (rows.mean(), columns.mean()) == pytest.approx(tuple(before), abs=2)
    assert (done.labels == 4).sum() == pytest.approx((areas.labels == 4).sum() / 4, rel=0.1)


def test_a_crop_shows_the_same_pixels() -> None:
    rgb, areas = scene()
    done = arranged(rgb, areas, Arrangement(crop=(0.1, 0.2, 0.7, 0.9)))
    assert done.rgb.shape[:2] == (280, 360)
    assert np.abs(done.rgb.astype(int) - rgb[80:360, 60:420]).max() <= 1
    assert np.array_equal(done.labels, areas.labels[80:360, 60:420])


@settings(max_examples=60, deadline=None, derandomize=True)
@given(
    st.floats(0, 0.4),
    st.floats(0, 0.4),
    st.floats(0.6, 1),
    st.floats(0.6, 1),
    st.floats(-8, 8),
    st.floats(0, 1),
    st.floats(0, 1),
)
def test_forward_and_back_are_inverse(
    left: float, top: float, right: float, bottom: float, level: float, x: float, y: float
) -> None:
    plan = Arrangement((left, top, right, bottom), level)
    assert plan.forward(*plan.back(x, y, ASPECT), ASPECT) == pytest.approx((x, y), abs=1e-9)


def test_a_tilted_picture_is_levelled() -> None:
    rgb = np.full((400, 600, 3), 220, np.uint8)
    rise = np.tan(np.radians(3.0)) * 300
    cv2.fillPoly(
        rgb, [np.array([(0, 200 + rise), (600, 200 - rise), (600, 400), (0, 400)], np.int32)], (60, 60, 60)
    )
    labels = np.ones((400, 600), np.int32)
    plan = AS_SEEN.with_change(Change(level=3.0), ASPECT).checked()
    done = arranged(rgb, areas_of(picture_of(rgb), labels), plan)
    first = (done.rgb[..., 0] < 140).argmax(axis=0)
    assert first.max() - first.min() <= 2
    assert not np.isclose(done.rgb.astype(int), 0).all(axis=2).any(), "no corner from outside the photo"


def test_a_change_is_told_in_what_is_seen_now() -> None:
    first = AS_SEEN.with_change(Change(crop=(0.5, 0.0, 1.0, 1.0)), ASPECT)
    second = first.with_change(Change(crop=(0.5, 0.0, 1.0, 0.5), moves=(Move(0.5, 0.5, 0.1, 0.0),)), ASPECT)
    assert second.crop == pytest.approx((0.75, 0.0, 1.0, 0.5))
    assert (second.moves[0].x, second.moves[0].dx) == pytest.approx((0.75, 0.05))


@pytest.mark.parametrize(
    ("plan", "words"),
    [
        (Arrangement(crop=(-0.1, 0, 1, 1)), "inside the picture"),
        (Arrangement(crop=(0.5, 0, 0.4, 1)), "inside the picture"),
        (Arrangement(crop=(0.5, 0, 0.55, 1)), "at least a tenth"),
        (Arrangement(crop=(float("nan"), 0, 1, 1)), "inside the picture"),
        (Arrangement(level=30), "up to 10°"),
        (Arrangement(moves=(Move(0.5, 0.5, scale=9.0),)), "scaled 0.2 to 4"),
        (Arrangement(moves=(Move(1.5, 0.5),)), "inside the picture"),
        (Arrangement(moves=(Move(0.5, 0.5),) * 41), "Up to 40"),
    ],
)
def test_what_cannot_be_arranged_is_refused_and_says_what_was_kept(plan: Arrangement, words: str) -> None:
    with refuses(InvalidInput, words) as caught:
        plan.checked()
    assert "kept" in words_of(caught.value)


def test_moving_all_of_a_picture_or_nothing_leaves_it() -> None:
    rgb, _ = scene()
    one = areas_of(picture_of(rgb), np.ones(rgb.shape[:2], np.int32))
    done = arranged(rgb, one, Arrangement(moves=(Move(0.5, 0.5, drop=True),)))
    assert np.array_equal(done.rgb, rgb)
