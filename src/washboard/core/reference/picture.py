"""The working copy of a reference: upright pixels as light, value and Lab."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import LINEAR_OF_BYTE, RGB_TO_XYZ
from ..colour.value import value_of
from ..errors import InvalidImage
from .tone_curve import flat_ends

Bytes = NDArray[np.uint8]
Singles = NDArray[np.float32]
Labels = NDArray[np.int32]

LONG_SIDE = 1000
"""Pixels on the long side of the working copy: finer than a painter's mass, coarse enough to be fast."""
WORKING_AREA, LONGEST_SIDE = 667_000, 2400
"""Pixels that a longer format than 3 : 2 has in all, and on its long side at most: a panorama is as fine."""
SEGMENT_SIDE = 600
"""Pixels on the long side where masses are sought; their borders are then drawn at full size."""

_STEPS = 8192
_VALUE_OF_STEP = value_of(np.linspace(0, 100, _STEPS + 1)).astype(np.float32)
_LINEAR = LINEAR_OF_BYTE.astype(np.float32).reshape(1, 256, 1)
_LUMA = RGB_TO_XYZ[1].astype(np.float32).reshape(1, 3)


@dataclass(frozen=True)
class Picture:
    """A reference as the core sees it.

    `rgb` (h, w, 3) encoded sRGB; `value` (h, w) Munsell value 0–10; `lab` (h, w, 3) CIE Lab.
    `crushed` and `blown` are the shares (0–1) of pixels at the very ends of the file's range,
    where a photo has lost what was there.
    """

    rgb: Bytes
    value: Singles
    lab: Singles
    crushed: float
    blown: float

    @property
    def shape(self) -> tuple[int, int]:
        """Height and width in pixels."""
        return self.value.shape[0], self.value.shape[1]


def picture_of(rgb: Bytes) -> Picture:
    """The working copy from upright encoded sRGB (h, w, 3), uint8, at any size up to its `working_side`.

    Raises InvalidImage when the array has another shape or fewer than 4 pixels on a side.
    """
    if rgb.ndim != 3 or rgb.shape[2] != 3 or rgb.dtype != np.uint8:
        raise InvalidImage("refused-picture-channels")
    if min(rgb.shape[:2]) < 4:
        height, width = rgb.shape[:2]
        raise InvalidImage("refused-picture-few-pixels", width=width, height=height)
    linear = cv2.LUT(rgb, np.repeat(_LINEAR, 3, axis=2))
    luminance = cv2.transform(linear, _LUMA)
    value = _VALUE_OF_STEP.take((luminance * _STEPS + 0.5).astype(np.int32), mode="clip")
    lab = cv2.cvtColor(linear, cv2.COLOR_LRGB2Lab)
    crushed, blown = (np.count_nonzero(ends) / ends.size for ends in flat_ends(rgb))
    return Picture(rgb, value, lab, crushed, blown)


def working_side(width: float, height: float) -> int:
    """Pixels on the long side of the working copy of a picture of that format."""
    aspect = max(width, height) / max(min(width, height), 1e-9)
    return int(min(max(LONG_SIDE, (WORKING_AREA * aspect) ** 0.5), LONGEST_SIDE))


def segment_side(shape: tuple[int, int]) -> int:
    """Pixels on the long side at which masses are sought in a working copy of that (height, width)."""
    return round(SEGMENT_SIDE * max(1.0, max(shape) / LONG_SIDE))


def fitted(shape: tuple[int, int], long_side: int) -> tuple[int, int]:
    """Width and height of a (height, width) `shape` reduced so that the long side is `long_side`.

    Never enlarges; no side becomes 0.
    """
    scale = min(1.0, long_side / max(shape))
    return max(1, round(shape[1] * scale)), max(1, round(shape[0] * scale))
