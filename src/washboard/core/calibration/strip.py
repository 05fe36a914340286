"""A painter's swatch strip: its fields, and how they are read off a photo of it.

The strip has a dark square at each corner, the top left one with a hole, a printed grey and white paper; the
photo may be tilted and tinted. The squares straighten it, the grey sets its light.
"""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import Floats, lab_of_linear, linear_of
from ..errors import InvalidInput
from ..materials.paints import CARD

Bytes = NDArray[np.uint8]

WIDE, HIGH = 180.0, 60.0
"""The strip in mm, from the middle of one corner square to the middle of the next."""
MARK, HOLE = 8.0, 3.0
"""Side of a corner square and of the hole in the first, in mm."""
WHITE, BLACK = CARD
"""The strip's paper and its printed black are taken for a drawdown card's."""
GREY = 0.184
"""Reflectance of the grey patch: L* 50."""


@dataclass(frozen=True)
class Field:
    """A field to be painted: so many unit films over a backing; its middle on the strip in mm."""

    key: str
    words: str
    film: float
    backing: float
    x: float
    y: float = 34.0


FIELDS = (
    Field("white", "as it comes, over white", 0.5, WHITE, 22.0),
    Field("half", "1 : 1 with water or medium", 0.25, WHITE, 50.0),
    Field("quarter", "1 : 3", 0.125, WHITE, 78.0),
    Field("eighth", "1 : 7", 0.0625, WHITE, 106.0),
    Field("black", "as it comes, over black", 0.5, BLACK, 134.0),
)
FIELD_MM, GREY_AT, PAPER_AT = 20.0, (160.0, 34.0), ((36.0, 12.0), (120.0, 12.0))
"""Side of a field; where the grey is, and where bare paper is looked at, in mm."""
SCALE = 4
"""Pixels a mm of the straightened strip."""
TILTED = 1.7
"""Ratio of opposite sides from which a strip is too much from the side to be read."""
DARK, BLOWN = 0.035, 0.985
"""Linear light of the grey under which a photo is too dark, and of the paper over which it is blown."""
UNEVEN = 1.45
"""Ratio of the paper's light at both ends from which the light is too uneven."""


def read_strip(rgb: Bytes) -> dict[str, tuple[float, float, float]]:
    """Lab of every field of the strip on a photo (h, w, 3) in sRGB.

    Raises InvalidInput when there is no strip, more than one, or it is askew, dark, blown, unevenly lit or
    without its grey.
    """
    corners = _ordered(_marks(rgb))
    target = np.array([[0, 0], [WIDE, 0], [WIDE, HIGH], [0, HIGH]], np.float32) * SCALE
    turn = cv2.getPerspectiveTransform(corners.astype(np.float32), target)
    size = (round(WIDE * SCALE), round(HIGH * SCALE))
    flat = linear_of(cv2.warpPerspective(rgb, turn, size, flags=cv2.INTER_AREA) / 255.0)
    paper = [_patch(flat, *at, 6.0) for at in PAPER_AT]
    grey = _patch(flat, *GREY_AT, 0.5 * FIELD_MM)
    _check_light(paper, grey)
    gain = GREY / np.maximum(grey, 1e-6)
    read = {}
    for field in FIELDS:
        lab = lab_of_linear(np.clip(_patch(flat, field.x, field.y, 0.5 * FIELD_MM) * gain, 0.0, 1.0))
        read[field.key] = (float(lab[0]), float(lab[1]), float(lab[2]))
    return read


def _check_light(paper: list[Floats], grey: Floats) -> None:
    white = np.mean(paper, axis=0)
    if float(white.max()) > BLOWN:
        raise InvalidInput("refused-strip-photo-blown")
    if float(grey.mean()) < DARK:
        raise InvalidInput("refused-strip-photo-dark")
    ends = sorted(float(each.mean()) for each in paper)
    if ends[1] > UNEVEN * max(ends[0], 1e-6):
        raise InvalidInput("refused-strip-light-uneven")
    # Compare with the paper, so that the light cancels out; a covered patch is neither grey nor that dark.
    share = grey / np.maximum(white, 1e-6)
    away = float(np.abs(np.log(share / (GREY / WHITE))).max())
    if away > 0.45:
        raise InvalidInput("refused-strip-no-grey")


def _patch(flat: Floats, x: float, y: float, side: float) -> Floats:
    """The median (3,) of a square about a place in mm."""
    half = side / 2 * SCALE
    left, top = round(x * SCALE - half), round(y * SCALE - half)
    part = flat[top : top + round(2 * half), left : left + round(2 * half)]
    return np.asarray(np.median(part.reshape(-1, 3), axis=0))


def _marks(rgb: Bytes) -> list[tuple[float, float, bool]]:
    """Middles of the corner squares and whether each has a hole."""
    grey = cv2.GaussianBlur(cv2.cvtColor(rgb, cv2.COLOR_RGB2GRAY), (0, 0), 1.0)
    side = max(grey.shape)
    block = max(15, side // 6) | 1
    dark = cv2.adaptiveThreshold(grey, 255, cv2.ADAPTIVE_THRESH_MEAN_C, cv2.THRESH_BINARY_INV, block, 18)
    outlines, tree = cv2.findContours(dark, cv2.RETR_CCOMP, cv2.CHAIN_APPROX_SIMPLE)
    found: list[tuple[float, float, bool, float]] = []
    for k, outline in enumerate(outlines):
        if tree[0][k][3] >= 0:
            continue
        area = cv2.contourArea(outline)
        if area < (0.008 * side) ** 2:
            continue
        hull = cv2.contourArea(cv2.convexHull(outline))
        corners = cv2.approxPolyDP(outline, 0.08 * cv2.arcLength(outline, True), True)
        (_, _), (wide, high), _ = cv2.minAreaRect(outline)
        if len(corners) != 4 or area < 0.85 * hull or max(wide, high) > 1.9 * min(wide, high):
            continue
        inner = tree[0][k][2]
        hole = inner >= 0 and 0.05 < cv2.contourArea(outlines[inner]) / area < 0.28
        m = cv2.moments(outline)
        found.append((m["m10"] / m["m00"], m["m01"] / m["m00"], hole, area))
    return _corner_sized(found)


def _corner_sized(found: list[tuple[float, float, bool, float]]) -> list[tuple[float, float, bool]]:
    """Of dark squares those as large as one with a hole: that is the strip's first corner."""
    first = [f for f in found if f[2]]
    if not first:
        raise InvalidInput("refused-strip-not-seen")
    if len(first) > 1:
        raise InvalidInput("refused-strips-several")
    size = first[0][3]
    alike = [f for f in found if f[2] or size / 3 < f[3] < 3 * size]
    if len(alike) < 4:
        raise InvalidInput("refused-strip-cut-off")
    nearest = sorted(alike, key=lambda f: abs(np.log(f[3] / size)))
    x, y = first[0][:2]
    others = [f for f in nearest if not f[2]]
    # Take the three squares that span the largest quadrangle with the first: fields may be dark squares too.
    best, most = None, 0.0
    for i in range(len(others)):
        for j in range(i + 1, len(others)):
            for k in range(j + 1, len(others)):
                four = np.array([(x, y), *(others[n][:2] for n in (i, j, k))], np.float32)
                area = float(cv2.contourArea(cv2.convexHull(four)))
                if area > most:
                    best, most = (i, j, k), area
        if i > 12:
            break
    chosen = best or (0, 1, 2)
    return [(x, y, True), *((*others[n][:2], False) for n in chosen)]


def _ordered(marks: list[tuple[float, float, bool]]) -> Floats:
    """Corners (4, 2) from the one with the hole, clockwise; raises InvalidInput where they are askew."""
    points = np.array([mark[:2] for mark in marks])
    centre = points.mean(axis=0)
    angle = np.arctan2(*(points - centre).T[::-1])
    order = np.argsort(angle)
    points = np.roll(points[order], -int(np.flatnonzero(order == 0)[0]), axis=0)
    sides = np.linalg.norm(points - np.roll(points, -1, axis=0), axis=1)
    long, short = sides[[0, 2]], sides[[1, 3]]
    tilted = max(float(long.max() / long.min()), float(short.max() / short.min()))
    shape = float(long.mean() / short.mean()) / (WIDE / HIGH)
    if tilted > TILTED or not 1 / TILTED < shape < TILTED:
        raise InvalidInput("refused-strip-askew")
    return np.asarray(points)
