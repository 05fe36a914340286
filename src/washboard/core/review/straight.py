"""A painting taken straight out of a photo: perspective and lens removed."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from .corners import Found
from .expected import Expected
from .quad import homography, projected, rectangle
from .sharpen import bent, unbent
from .tone import calmed

Floats = NDArray[np.float64]
Singles = NDArray[np.float32]
Mask = NDArray[np.bool_]

EDGE_PX = 3
"""Pixels inside the edges of sheet and picture that the light of both sides runs into."""
CLIPPED = 254
"""Encoded level from which a photo has lost what was there."""


@dataclass(frozen=True, eq=False)
class Straight:
    """The sheet (h, w, 3) encoded 0–1 as photographed, its grey without local contrast, `calm` (h, w), where
    the photo has lost what was there, `clipped` (h, w), and which part of it, as rows and columns, is the
    picture, at the size of the labels."""

    coded: Singles
    calm: Singles
    clipped: Mask
    picture: tuple[slice, slice]

    @property
    def margin(self) -> Mask:
        """The margins (h, w), without what lies at their edges."""
        inner = np.zeros(self.clipped.shape, bool)
        inner[EDGE_PX:-EDGE_PX, EDGE_PX:-EDGE_PX] = True
        rows, columns = self.picture
        top, left = max(0, rows.start - 2 * EDGE_PX), max(0, columns.start - 2 * EDGE_PX)
        inner[top : rows.stop + 2 * EDGE_PX, left : columns.stop + 2 * EDGE_PX] = False
        return inner

    @property
    def places(self) -> Floats:
        """Where each pixel lies (h, w, 2), from -1 to 1 across and down the picture."""
        rows, columns = self.picture
        y, x = np.indices(self.clipped.shape, np.float64)
        return np.stack(
            [
                (x - (columns.start + columns.stop) / 2) / (columns.stop - columns.start) * 2,
                (y - (rows.start + rows.stop) / 2) / (rows.stop - rows.start) * 2,
            ],
            -1,
        )


def straightened(rgb: NDArray[np.uint8], found: Found, expected: Expected) -> Straight:
    """The sheet of a photo (h, w, 3), encoded, with the picture at the labels' size."""
    high, wide = expected.labels.shape
    across, down = (round(share * side) for share, side in zip(expected.margin, (wide, high), strict=True))
    size = (rgb.shape[1], rgb.shape[0])
    sheet = rectangle(wide + 2 * across, high + 2 * down)
    to_photo = homography(sheet, unbent(found.sheet, found.bends, size))
    y, x = np.indices((high + 2 * down, wide + 2 * across), np.float64) + 0.5
    at = projected(to_photo, np.stack([x.ravel(), y.ravel()], -1))
    place = bent(at, found.bends, size).reshape(*x.shape, 2).astype(np.float32) - np.float32(0.5)
    coded = rgb.astype(np.float32) / np.float32(255)
    lost = ((rgb >= CLIPPED).sum(axis=2) >= 2).astype(np.uint8) * 255

    def taken(of: Singles) -> Singles:
        return np.asarray(cv2.remap(of, place, None, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE))

    picture = (slice(down, down + high), slice(across, across + wide))
    return Straight(taken(coded), taken(calmed(coded)), taken(lost) > 64, picture)
