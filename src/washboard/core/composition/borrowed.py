"""Things borrowed from other photos: cut out along an outline, placed and scaled on the main reference."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..errors import InvalidInput
from ..reference.picture import Bytes, Labels, Picture
from ..sentence import Sentence, as_given, percent, sentence, tone

MOST = 12
WIDTHS = (0.02, 2.0)
LEAST_SHARE = 1e-4
"""Of the other photo: anything smaller is no thing to cut out."""
LOST = 0.4
"""Values apart under which a border cannot be told from what is beside it."""
SEAM = 3
"""Pixels on each side of a seam that are compared."""

Place = tuple[float, float]
Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Borrowed:
    """A thing of another photo (`photo`, its content hash), cut along `outline` (shares of that photo).

    Its middle stands at `x`, `y` and it is `width` wide, shares of the main reference; `flipped` left to
    right.
    """

    photo: str
    outline: tuple[Place, ...]
    x: float
    y: float
    width: float
    flipped: bool = False

    def checked(self) -> Borrowed:
        """This thing, or InvalidInput saying what cannot be."""
        inside = all(0 <= x <= 1 and 0 <= y <= 1 for x, y in self.outline)
        if len(self.outline) < 3 or not inside:
            raise InvalidInput("refused-borrowed-outline")
        placed = 0 <= self.x <= 1 and 0 <= self.y <= 1 and WIDTHS[0] <= self.width <= WIDTHS[1]
        if not placed:
            raise InvalidInput("refused-borrowed-range", least=f"{WIDTHS[0]:g}", most=f"{WIDTHS[1]:g}")
        return self


def pasted(rgb: Bytes, other: Bytes, mask: Mask, thing: Borrowed) -> tuple[Bytes, Mask]:
    """The main reference (h, w, 3) with a thing of another (H, W, 3) on it, and where (h, w) it stands.

    `mask` (H, W) is what the outline snapped to. Raises InvalidInput where that is nothing, or where
    nothing of it lies inside the picture.
    """
    if mask.mean() < LEAST_SHARE:
        raise InvalidInput("refused-borrowed-outline-empty")
    height, width = rgb.shape[:2]
    rows, columns = np.nonzero(mask)
    scale = thing.width * width / (columns.max() + 1 - columns.min())
    across = -scale if thing.flipped else scale
    middle = (columns.min() + columns.max()) / 2, (rows.min() + rows.max()) / 2
    matrix = np.array(
        [
            [across, 0, thing.x * width - 0.5 - across * middle[0]],
            [0, scale, thing.y * height - 0.5 - scale * middle[1]],
        ]
    )
    # Reduce before warping, or a fine pattern of a large photo aliases into noise.
    sigma = 0.45 / scale if scale < 1 else 0
    source = cv2.GaussianBlur(other, (0, 0), sigma) if sigma else other
    size, flags = (width, height), cv2.INTER_LINEAR
    alpha = cv2.warpAffine(mask.astype(np.float32), matrix, size, flags=flags)[..., None]
    reflectances = cv2.warpAffine(source, matrix, size, flags=flags, borderMode=cv2.BORDER_REPLICATE)
    there = np.asarray(alpha[..., 0] > 0.5)
    if not there.any():
        raise InvalidInput("refused-borrowed-outside")
    return np.rint(rgb * (1 - alpha) + reflectances * alpha).astype(np.uint8), there


def seams(picture: Picture, labels: Labels, called: Mapping[int, str]) -> tuple[Sentence, ...]:
    """A sentence on the seam of each borrowed thing: `called` names those of an area map (h, w).

    How far its border stands from what lies beside it, and how much of the border is nearly lost.
    """
    return tuple(
        _seam(picture.value, labels == label, name)
        for label, name in called.items()
        if 0 < np.count_nonzero(labels == label) < labels.size
    )


def _seam(value: NDArray[np.float32], mask: Mask, name: str) -> Sentence:
    own = mask.astype(np.uint8)
    near = np.ones((2 * SEAM + 1, 2 * SEAM + 1), np.uint8)
    edge = own - cv2.erode(own, np.ones((3, 3), np.uint8), borderValue=1)
    inner = _mean_near(value, mask & (cv2.dilate(1 - own, near) > 0))
    outer = _mean_near(value, ~mask & (cv2.dilate(own, near) > 0))
    apart = np.abs(inner - outer)[edge > 0]
    lost = float((apart < LOST).mean())
    return sentence(
        "note-seam",
        thing=as_given(name),
        apart=tone(float(np.median(apart))),
        melts="yes" if lost >= 0.05 else "no",
        lost=percent(lost),
    )


def _mean_near(value: NDArray[np.float32], inside: Mask) -> NDArray[np.float32]:
    """The mean (h, w) of a map over what lies `inside` within two seams of each pixel."""
    size = (4 * SEAM + 1, 4 * SEAM + 1)
    weight = inside.astype(np.float32)
    total = cv2.boxFilter(value * weight, cv2.CV_32F, size, normalize=False)
    return np.asarray(total / np.maximum(cv2.boxFilter(weight, cv2.CV_32F, size, normalize=False), 1e-6))
