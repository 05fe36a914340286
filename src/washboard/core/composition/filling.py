"""The hole that a moved thing leaves, filled from what lies behind, without a ghost of its blurred edge."""

from __future__ import annotations

import math

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.contours import softness
from ..reference.picture import Bytes, Labels, picture_of

Mask = NDArray[np.bool_]

READING, TAILS, MOST_EDGE = 2.2, 1.6, 8.0
"""Pixels over which a perfectly sharp outline reads as blurred, how many times wider a blur is than from a
tenth to nine tenths, and what is believed at most."""
LEAST_AROUND = 40
"""Pixels about a small hole from which it is filled."""
NEAR, FILLS, ENOUGH = 1.5, 9, 0.15
"""Pixels from which a hole is filled first, how often that is doubled, and the share of what is near that
must be known."""


def edge_px(picture: Bytes, mask: Mask) -> float:
    """Pixels over which the outline of a thing, `mask` (h, w), is blurred in a picture (h, w, 3)."""
    value = picture_of(picture).value
    found = softness(value, mask.astype(np.int32) + 1)
    read = found.get((1, 2), READING)
    return float(min(TAILS * math.sqrt(max(read * read - READING * READING, 0)), MOST_EDGE))


def disc(radius: float) -> NDArray[np.uint8]:
    """A round structuring element (n, n) of a radius in pixels, one pixel for none."""
    wide = 2 * round(radius) + 1
    return np.asarray(cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (wide, wide)), np.uint8)


def filled(picture: Bytes, labels: Labels, hole: Mask, behind: Mask, soft: float) -> None:
    """Fill a `hole` (h, w) in a picture (h, w, 3) and its area map `labels` (h, w), in place: each pixel goes
    to the area of those `behind` (h, w) that most of what is near belongs to, and gets its colours.

    What is left of the thing in the `soft` pixels about its outline is filled too, or it would stand there as
    a ghost. A pixel takes the mean of what is known near it, the nearer the finer: so the fill meets its rim.
    """
    grown = cv2.dilate(hole.astype(np.uint8), disc(soft)) > 0
    box = _about(grown)
    picture, labels = picture[box], labels[box]
    hole, behind, grown = hole[box], behind[box], grown[box]
    known = behind & ~hole
    if not known.any():
        known = ~hole
    numbers = np.unique(labels[known])
    ones = np.stack([labels == number for number in numbers.tolist()], axis=-1).astype(np.float32)
    labels[hole] = numbers[_spread(ones, known, hole).argmax(axis=-1)][hole]
    grown = grown & (behind | hole)
    for own in np.unique(labels[grown]).tolist():
        inside = labels == own
        source, to = inside & ~grown, inside & grown
        if not source.any():
            source = inside & ~hole
        spread = _spread(picture.astype(np.float32), source, to)
        picture[to] = np.rint(np.clip(_evened(spread, to, inside)[to], 0, 255)).astype(np.uint8)


def _about(hole: Mask) -> tuple[slice, slice]:
    """The box of a hole with its own size about it: as far as it is filled from."""
    left, top, wide, high = cv2.boundingRect(hole.astype(np.uint8))
    far = max(wide, high, LEAST_AROUND)
    return slice(max(top - far, 0), top + high + far), slice(max(left - far, 0), left + wide + far)


def _spread(values: NDArray[np.float32], known: Mask, to: Mask) -> NDArray[np.float32]:
    """Values (h, w, c) with those at `to` (h, w) taken from what is `known` (h, w) near each, first from as
    near as there is enough."""
    found, left, source = values.copy(), to.copy(), known.astype(np.float32)
    weighted = values * source[..., None]
    for size in NEAR * 2.0 ** np.arange(FILLS):
        total = cv2.GaussianBlur(source, (0, 0), size)
        here = left & (total > ENOUGH)
        blurred = cv2.GaussianBlur(weighted, (0, 0), size).reshape(values.shape)
        found[here] = blurred[here] / total[here][:, None]
        left &= ~here
        if not left.any():
            break
    if left.any() and known.any():
        found[left] = values[known].mean(axis=0)
    return found


def _evened(filled: NDArray[np.float32], to: Mask, inside: Mask) -> NDArray[np.float32]:
    """A fill without the steps between its scales: the farther from its rim, the more it is blurred."""
    away = cv2.distanceTransform(to.astype(np.uint8), cv2.DIST_L2, 3)
    weight = inside.astype(np.float32)
    even = filled
    for size in (1.0, 2.0, 4.0, 8.0):
        total = cv2.GaussianBlur(weight, (0, 0), size) + 1e-6
        blurred = cv2.GaussianBlur(even * weight[..., None], (0, 0), size) / total[..., None]
        share = np.clip(away / (2 * size) - 0.5, 0, 1)[..., None]
        even = even * (1 - share) + blurred * share
    return even
