"""Accents on real photographs, against places marked by eye, and on made-up pictures."""

from __future__ import annotations

from functools import cache
from pathlib import Path

import cv2
import numpy as np
import pytest

import washboard.demo
from tests.pieces import photographs
from washboard.core.reference.accents import Accents, find_accents, painted_out
from washboard.core.reference.picture import picture_of
from washboard.formats.image import decoded

TRUE: dict[str, list[tuple[float, float]]] = {
    "portrait": [(0.718, 0.851)],
    "figure and sky": [(0.353, 0.398), (0.549, 0.484), (0.647, 0.453)],
    "cat": [(0.693, 0.478)],
    "cup": [(0.580, 0.677), (0.380, 0.643), (0.558, 0.613)],
    "night lamps": [
        (0.122, 0.823),
        (0.171, 0.967),
        (0.233, 0.883),
        (0.298, 0.933),
        (0.571, 0.940),
        (0.676, 0.923),
        (0.702, 0.980),
    ],
    "machine": [(0.724, 0.322), (0.187, 0.329), (0.631, 0.372), (0.476, 0.625)],
    "landscape": [],
    "flower": [(0.936, 0.983)],
    "coins": [],
    "foundry": [(0.736, 0.472), (0.717, 0.529), (0.717, 0.552), (0.582, 0.555), (0.602, 0.518)],
    "salt-pans": [(0.533, 0.913), (0.378, 0.890), (0.609, 0.830), (0.658, 0.657)],
}
"""Glints, lamps, pupils: what a painter would set with one touch, as x and y of the width and height.

Marked by looking at the pictures enlarged; what is under 0.015 % of the picture is left out.
"""


@cache
def found_in(name: str) -> Accents:
    if name in photographs():
        return find_accents(picture_of(photographs()[name]))
    file = Path(washboard.demo.__file__).parent / "references" / f"{name}.jpg"
    return find_accents(picture_of(decoded(file.read_bytes()).rgb))


@pytest.mark.parametrize("name", TRUE)
def test_five_of_six_true_accents_are_kept_and_few_are_needless(name: str) -> None:
    accents = found_in(name)
    height, width = accents.labels.shape
    hit = set()
    kept = 0
    for x, y in TRUE[name]:
        row, column, reach = int(y * height), int(x * width), round(0.008 * width)
        near = accents.labels[max(0, row - reach) : row + reach, max(0, column - reach) : column + reach]
        kept += bool(near.any())
        hit |= set(np.unique(near[near > 0]).tolist())
    assert 6 * kept >= 5 * len(TRUE[name])
    assert len(accents.light) - len(hit) <= 0.3 * len(accents.light)


def night(states: list[tuple[int, int, int]], ground: int = 60) -> np.ndarray:
    """A dark sheet of 600 × 400 with light discs at (x, y) of a radius."""
    sheet = np.full((400, 600, 3), ground, np.uint8)
    for x, y, radius in states:
        cv2.circle(sheet, (x, y), radius, (255, 245, 220), -1)
    return sheet


def test_a_lamp_of_a_fiftieth_of_a_per_cent_survives() -> None:
    radius = 4  # 50 of 240,000 pixels: 0.021 %
    accents = find_accents(picture_of(night([(300, 200, radius)])))
    assert accents.light == (True,)
    assert np.count_nonzero(accents.labels) == pytest.approx(50, rel=0.35)


def test_a_dark_dot_on_a_light_sheet_is_a_dark_accent() -> None:
    accents = find_accents(picture_of(255 - night([(150, 100, 9)])))
    assert accents.light == (False,)


def test_what_is_too_large_to_be_an_accent_is_left_to_the_masses() -> None:
    assert find_accents(picture_of(night([(300, 200, 40)]))).light == ()


def test_a_crowd_of_like_dots_is_texture() -> None:
    crowd = [(240 + 18 * k, 180 + 18 * j, 5) for k in range(5) for j in range(4)]
    assert find_accents(picture_of(night(crowd))).light == ()


def test_two_sparks_close_together_are_two_accents() -> None:
    accents = find_accents(picture_of(night([(300, 200, 8), (300, 222, 6)])))
    assert accents.light == (True, True)


def test_a_gap_through_which_a_larger_light_is_seen_is_no_accent() -> None:
    hole = np.s_[206:218, 290:302]
    wall, fence = night([]), night([])
    wall[hole] = 235
    fence[hole] = fence[:200] = 235  # the same light thing, with a light sky six pixels above
    assert find_accents(picture_of(wall)).light == (True,)
    assert find_accents(picture_of(fence)).light == ()


def test_what_the_frame_cuts_off_is_no_accent() -> None:
    assert find_accents(picture_of(night([(599, 200, 8)]))).light == ()


@pytest.mark.parametrize("size", [(400, 600), (667, 1000)])
def test_painting_out_leaves_nothing_of_an_accent_and_nothing_else_changed(size: tuple[int, int]) -> None:
    picture = picture_of(night([(300, 200, 7)]))
    accents = find_accents(picture)
    value = cv2.resize(picture.value, size[::-1], interpolation=cv2.INTER_AREA)
    calm = painted_out(value, accents)
    ground = float(np.median(value))
    assert np.abs(calm - ground).max() < 0.3
    far = np.hypot(*(np.indices(size) - np.array([size[0] / 2, size[1] / 2])[:, None, None])) > 0.05 * size[1]
    assert np.array_equal(calm[far], value[far])
