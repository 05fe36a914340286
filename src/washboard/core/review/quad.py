"""Four corners in a photo, clockwise from the upper left, and what lies between them."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..errors import InvalidInput

Floats = NDArray[np.float64]

LEAST_SHARE = 0.01
"""Share of a photo from which a sheet in it can be read."""
FOCALS = np.geomspace(0.45, 4.0, 16)
"""Focal lengths, over the photo's width, between which a camera's lies."""
USUAL_FOCAL, UNUSUAL = 0.8, 0.01
"""That of most phones, and what another counts. Guesses."""


def checked(corners: ArrayLike, size: tuple[int, int]) -> Floats:
    """Corners (4, 2) in pixels of a photo of `size` (width, height), as they are.

    Raises InvalidInput for another number of corners, sides that cross, a quadrilateral that is dented,
    mirrored or hardly there, and corners far outside the photo.
    """
    found = np.asarray(corners, float)
    if found.shape != (4, 2) or not np.isfinite(found).all():
        raise InvalidInput("refused-corners-four")
    far = np.array(size) * 0.5
    if (found < -far).any() or (found > np.array(size) + far).any():
        raise InvalidInput("refused-corners-outside")
    turns = _turns(found)
    if (turns < 0).all():
        raise InvalidInput("refused-corners-mirrored")
    if (turns <= 0).any():
        raise InvalidInput("refused-corners-crossed")
    if area(found) < LEAST_SHARE * size[0] * size[1]:
        raise InvalidInput("refused-corners-small")
    return found


def _turns(corners: Floats) -> Floats:
    """At each corner the cross product (4,) of the sides that meet there, positive where one turns right."""
    before, after = corners - np.roll(corners, 1, axis=0), np.roll(corners, -1, axis=0) - corners
    return np.asarray(before[:, 0] * after[:, 1] - before[:, 1] * after[:, 0])


def area(corners: Floats) -> float:
    """The area in pixels between corners (4, 2)."""
    x, y = corners[:, 0], corners[:, 1]
    return float(abs(x @ np.roll(y, -1) - y @ np.roll(x, -1)) / 2)


def long_side(corners: Floats) -> float:
    """The length in pixels of the longest side between corners (4, 2)."""
    return float(np.linalg.norm(corners - np.roll(corners, 1, axis=0), axis=1).max())


def upright(corners: Floats) -> Floats:
    """The same corners (4, 2) clockwise, beginning with the one most to the upper left of the photo: a sheet
    is photographed less than half turned to either side."""
    middle = corners.mean(axis=0)
    angle = np.arctan2(*(corners - middle).T[::-1])
    clockwise = corners[np.argsort(angle)]
    turned = [np.roll(clockwise, -k, axis=0) for k in range(4)]
    # The side from the first to the second corner runs to the right.
    along = [(c[1] - c[0]) @ np.array([1.0, 0.0]) / max(np.linalg.norm(c[1] - c[0]), 1e-9) for c in turned]
    return turned[int(np.argmax(along))]


def rectangle(width: float, height: float, left: float = 0.0, top: float = 0.0) -> Floats:
    """The corners (4, 2) of an upright rectangle."""
    return np.array([[left, top], [left + width, top], [left + width, top + height], [left, top + height]])


def homography(of: Floats, to: Floats) -> Floats:
    """The projection (3, 3) that takes four corners (4, 2) to four others."""
    return np.asarray(
        cv2.getPerspectiveTransform(of.astype(np.float32), to.astype(np.float32)), dtype=np.float64
    )


def projected(by: Floats, points: Floats) -> Floats:
    """Points (n, 2) through a projection (3, 3)."""
    return np.asarray(cv2.perspectiveTransform(points.reshape(-1, 1, 2), by).reshape(-1, 2))


def misfit(corners: Floats, aspect: float, size: tuple[int, int]) -> float:
    """How far a rectangle of `aspect` is from being seen at corners (4, 2) by any camera: 0 for exactly.

    For a camera of some focal length the columns of K⁻¹H are at right angles and of equal length
    (Hartley and Zisserman 2004, 8.8): the cosine between them and the logarithm of their ratio.
    """
    cosine, ratio = _columns(corners, size)
    return float(np.hypot(cosine, np.log(ratio / aspect)).min())


def seen_as(corners: Floats, size: tuple[int, int]) -> tuple[float, float]:
    """The proportions, width over height, of the rectangle that a camera sees at corners (4, 2) of a photo of
    `size` (width, height), and how far that is from being seen by any: by the same two measures, a usual
    camera where more than one would do."""
    cosine, ratio = _columns(corners, size)
    best = int((np.abs(cosine) + UNUSUAL * np.abs(np.log(FOCALS / USUAL_FOCAL))).argmin())
    return float(ratio[best]), float(np.abs(cosine[best]))


def _columns(corners: Floats, size: tuple[int, int]) -> tuple[Floats, Floats]:
    """For each of FOCALS the cosine between the columns of K⁻¹H, and the ratio of their lengths, which is the
    aspect of what is seen."""
    by = homography(rectangle(1.0, 1.0), corners - np.array(size) / 2)
    focal = FOCALS * size[0]
    one, other = (np.stack([c[0] / focal, c[1] / focal, np.full_like(focal, c[2])]) for c in by.T[:2])
    lengths = np.linalg.norm(one, axis=0), np.linalg.norm(other, axis=0)
    return (one * other).sum(axis=0) / (lengths[0] * lengths[1]), lengths[0] / lengths[1]
