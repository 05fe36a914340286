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
BESIDE, GAP = 0.075, 0.04
"""To where from the sheet strips of white paper are looked for, and from where: shares of its long side."""
FAR = (0.15, 0.19, 0.23)
"""Distances from the sheet, as shares of its long side, at which a strip has ended."""
CLIPPED = 254
"""Encoded level from which a photo has lost what was there."""


@dataclass(frozen=True, eq=False)
class Straight:
    """The sheet and a little around it (h, w, 3), encoded 0–1 as photographed, its grey without local
    contrast, `calm` (h, w), where the photo has lost what was there, `clipped` (h, w), and which part of it,
    as rows and columns, is the picture, at the size of the labels, and which the `sheet`. What lies beyond
    the photo is `outside` (h, w); `far` (4,) is the encoded grey well beyond the strip above, below, left and
    right of the sheet, NaN where the photo ends before."""

    coded: Singles
    calm: Singles
    clipped: Mask
    picture: tuple[slice, slice]
    sheet: tuple[slice, slice]
    outside: Mask
    far: Floats

    @property
    def margin(self) -> Mask:
        """The margins (h, w), without what lies at their edges."""
        inner = np.zeros(self.clipped.shape, bool)
        rows, columns = self.sheet
        inner[
            rows.start + EDGE_PX : rows.stop - EDGE_PX, columns.start + EDGE_PX : columns.stop - EDGE_PX
        ] = True
        rows, columns = self.picture
        top, left = max(0, rows.start - 2 * EDGE_PX), max(0, columns.start - 2 * EDGE_PX)
        inner[top : rows.stop + 2 * EDGE_PX, left : columns.stop + 2 * EDGE_PX] = False
        return inner

    @property
    def sides(self) -> tuple[Mask, ...]:
        """What lies beside the sheet (h, w), on each of its four sides by itself, without what lies at its
        edges and beyond the photo."""
        y, x = np.indices(self.clipped.shape)
        rows, columns = self.sheet
        along = (x >= columns.start) & (x < columns.stop), (y >= rows.start) & (y < rows.stop)
        gap = round(GAP * max(rows.stop - rows.start, columns.stop - columns.start))
        beside = (
            along[0] & (y < rows.start - gap),
            along[0] & (y >= rows.stop + gap),
            along[1] & (x < columns.start - gap),
            along[1] & (x >= columns.stop + gap),
        )
        return tuple(side & ~self.outside for side in beside)

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
    beside = round(BESIDE * max(wide, high))
    sheet = rectangle(wide + 2 * across, high + 2 * down) + beside
    to_photo = homography(sheet, unbent(found.sheet, found.bends, size))
    across, down = across + beside, down + beside
    y, x = np.indices((high + 2 * down, wide + 2 * across), np.float64) + 0.5
    at = projected(to_photo, np.stack([x.ravel(), y.ravel()], -1))
    place = bent(at, found.bends, size).reshape(*x.shape, 2).astype(np.float32) - np.float32(0.5)
    coded = rgb.astype(np.float32) / np.float32(255)
    lost = ((rgb >= CLIPPED).sum(axis=2) >= 2).astype(np.uint8) * 255

    def taken(of: Singles) -> Singles:
        return np.asarray(cv2.remap(of, place, None, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE))

    picture = (slice(down, down + high), slice(across, across + wide))
    own = (slice(beside, x.shape[0] - beside), slice(beside, x.shape[1] - beside))
    outside = (place < 0).any(axis=-1) | (place[..., 0] > size[0] - 1) | (place[..., 1] > size[1] - 1)
    far = _far(coded.mean(axis=-1), to_photo, sheet, found.bends)
    return Straight(taken(coded), taken(calmed(coded)), taken(lost) > 64, picture, own, outside, far)


def _far(grey: Singles, to_photo: Floats, sheet: Floats, bends: float) -> Floats:
    """The median grey (4,) of a photo (h, w) well above, below, left and right of a sheet (4, 2)."""
    (left, top), _, (right, bottom), _ = sheet.tolist()
    size, long_side = (grey.shape[1], grey.shape[0]), max(right - left, bottom - top)
    away, along = np.meshgrid(long_side * np.array(FAR), np.linspace(0.15, 0.85, 24))
    x, y = left + along * (right - left), top + along * (bottom - top)
    lines = ((x, top - away), (x, bottom + away), (left - away, y), (right + away, y))
    found = np.full(4, np.nan)
    for k, line in enumerate(lines):
        at = bent(projected(to_photo, np.stack([line[0].ravel(), line[1].ravel()], -1)), bends, size)
        column, row = np.rint(at).astype(int).T
        inside = (column >= 0) & (row >= 0) & (column < size[0]) & (row < size[1])
        if inside.mean() > 0.3:
            found[k] = float(np.median(grey[row[inside], column[inside]]))
    return found
