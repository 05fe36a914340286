"""A painting without a plan in a photo: where its sides run, and how it is cut out."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from numpy.typing import NDArray

from tests.core.test_review import apart, shot
from tests.long import rounds
from tests.photographed import drawn, photographed
from tests.pieces import photographs
from washboard.core.reference.picture import picture_of
from washboard.core.review.quad import homography, misfit, projected, rectangle, seen_as
from washboard.core.review.sheet import cut_straight, sheet_in

Floats = NDArray[np.float64]
SIZE = (1200, 900)
WHITE = (0.85, 0.85, 0.82)


def seen_by_a_camera(aspect: float, turn: float, tilt: float) -> Floats:
    """The corners (4, 2) of a rectangle three of its sides away, through a usual pinhole."""
    (a, b), (c, d) = (np.cos([turn, tilt]), np.sin([turn, tilt]))
    turned = np.array([[a, 0, c], [0, 1, 0], [-c, 0, a]]) @ np.array([[1, 0, 0], [0, b, -d], [0, d, b]])
    flat = np.array([[-aspect, -1, 0], [aspect, -1, 0], [aspect, 1, 0], [-aspect, 1, 0]]) / 2
    there = flat @ turned.T + np.array([0.1, -0.05, 3.0 * max(aspect, 1.0)])
    return np.asarray(there[:, :2] / there[:, 2:] * 0.8 * SIZE[0] + np.array(SIZE) / 2)


@given(st.floats(0.4, 2.5), st.floats(-0.4, 0.4), st.floats(-0.4, 0.4))
def test_the_proportions_of_what_a_camera_sees_are_told(aspect: float, turn: float, tilt: float) -> None:
    corners = seen_by_a_camera(aspect, turn, tilt)
    told, off = seen_as(corners, SIZE)
    assert told == pytest.approx(aspect, rel=0.04)
    assert off <= 0.03
    assert misfit(corners, aspect, SIZE) <= 0.03


def test_a_painting_is_cut_out_as_it_would_be_seen_from_before_it() -> None:
    painting = np.ascontiguousarray(photographs()["cup"][::3, ::3])
    scene = drawn(np.random.default_rng(2), phone=False)
    photo, corners = photographed(painting, WHITE, (0.0, 0.0), scene, 2)
    cut = cut_straight(photo, corners)
    high, wide = painting.shape[:2]
    assert cut.shape[1] / cut.shape[0] == pytest.approx(wide / high, rel=0.05)
    rows = np.linspace(0, 0.999, 60)
    ours, theirs = (
        one[(rows * one.shape[0]).astype(int)][:, (rows * one.shape[1]).astype(int)].mean(axis=-1).ravel()
        for one in (cut, painting)
    )
    assert np.corrcoef(ours, theirs)[0, 1] >= 0.9


@pytest.mark.soak
def test_paintings_are_found_by_their_sides_alone() -> None:
    off = []
    for seed in range(rounds(4, 40)):
        made = shot(seed)
        found = sheet_in(picture_of(made.photo).lab)
        assert found is not None
        across, down = made.expected.margin
        inner = rectangle(1, 1), rectangle(1 + 2 * across, 1 + 2 * down, -across, -down)
        picture = projected(homography(inner[1], made.corners), inner[0])
        off.append(min(apart(found, made.corners), apart(found, picture)))
    assert np.mean(np.array(off) <= 0.01) >= 0.6, off


def test_where_nothing_stands_out_nothing_is_found() -> None:
    assert sheet_in(picture_of(np.full((300, 400, 3), 128, np.uint8)).lab) is None
