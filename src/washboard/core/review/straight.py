"""A painting taken straight out of a photo: perspective and lens removed."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

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

TABLE, TABLE_CELLS = (0.05, 0.09, 0.13, 0.17), 20
"""How far from the sheet what it lies on is looked at, in shares of its long side, and at how many places
along each of its sides."""
TABLE_BLUR = 0.012
"""Blur of what is looked at there, as a share of the photo's long side: a grain is no light."""
EDGE_PX = 3
"""Pixels inside the edges of sheet and picture that the light of both sides runs into."""
BESIDE, GAP = 0.075, 0.04
"""To where from the sheet strips of white paper are looked for, and from where: shares of its long side."""
FAR = (0.15, 0.19, 0.23)
"""Distances from the sheet, as shares of its long side, at which a strip has ended."""
CLIPPED = 254
"""Encoded level from which a photo has lost what was there."""


@dataclass(frozen=True, eq=False)
class Table:
    """What lies round a sheet, above, below, left and right of it: encoded colours (n, 3), grey without local
    contrast (n,), places (n, 2) as those of the picture, and the side of each (n,)."""

    coded: Floats
    calm: Floats
    places: Floats
    side: NDArray[np.intp]


@dataclass(frozen=True, eq=False)
class Whole:
    """All of a photo: encoded colours (h, w, 3) 0–1, its grey without local contrast, `calm` (h, w), the way
    `to_photo` (3, 3) from the straightened sheet (4, 2), and the lens."""

    coded: Singles
    calm: Singles
    to_photo: Floats
    sheet: Floats
    bends: float


@dataclass(frozen=True, eq=False)
class Straight:
    """The sheet and a little around it (h, w, 3), encoded 0–1 as photographed, its grey without local
    contrast, `calm` (h, w), where the photo has lost what was there, `clipped` (h, w), and which part of it,
    as rows and columns, is the picture, at the size of the labels, and which the `sheet`. What lies beyond
    the photo is `outside` (h, w); `whole` is the photo."""

    coded: Singles
    calm: Singles
    clipped: Mask
    picture: tuple[slice, slice]
    sheet: tuple[slice, slice]
    outside: Mask
    whole: Whole

    @cached_property
    def far(self) -> Floats:
        """The encoded grey (4,) well beyond the strip above, below, left and right of the sheet, NaN where
        the photo ends before."""
        return _far(self.whole)

    @cached_property
    def table(self) -> Table:
        """What lies round the sheet."""
        return _table(self.whole, self.picture)

    @cached_property
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

    @cached_property
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

    @cached_property
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
    calm = calmed(coded)
    whole = Whole(coded, calm, to_photo, sheet, found.bends)
    return Straight(taken(coded), taken(calm), taken(lost) > 64, picture, own, outside, whole)


def _beside(sheet: Floats, away: tuple[float, ...], count: int) -> list[tuple[Floats, Floats]]:
    """Lines of places (x, y) outside a sheet (4, 2), so far `away` in shares of its long side: above, below,
    left and right of it, `count` along each."""
    (left, top), _, (right, bottom), _ = sheet.tolist()
    long_side = max(right - left, bottom - top)
    out, along = np.meshgrid(long_side * np.array(away), np.linspace(0.15, 0.85, count))
    x, y = left + along * (right - left), top + along * (bottom - top)
    return [(x, top - out), (x, bottom + out), (left - out, y), (right + out, y)]


def _table(whole: Whole, picture: tuple[slice, slice]) -> Table:
    """What lies round a sheet, whose `picture` is these rows and columns of it straightened."""
    coded, calm = whole.coded, whole.calm
    size = (coded.shape[1], coded.shape[0])
    smooth = cv2.GaussianBlur(coded, (0, 0), TABLE_BLUR * max(size))
    rows, columns = picture
    kept = []
    for side, (x, y) in enumerate(_beside(whole.sheet, TABLE, TABLE_CELLS)):
        own = np.stack([x.ravel(), y.ravel()], -1)
        at = np.rint(bent(projected(whole.to_photo, own), whole.bends, size) - 0.5).astype(int)
        rim = round(TABLE_BLUR * max(size))
        inside = (at >= rim).all(axis=1) & (at < np.array(size) - rim).all(axis=1)
        column, row = at[inside].T
        middle = np.array([columns.start + columns.stop, rows.start + rows.stop]) / 2
        half = np.array([columns.stop - columns.start, rows.stop - rows.start]) / 2
        places = (own[inside] - middle) / half
        kept.append((smooth[row, column], calm[row, column], places, np.full(len(places), side)))
    parts = [np.concatenate(one) for one in zip(*kept, strict=True)]
    return Table(parts[0].astype(float), parts[1].astype(float), parts[2], parts[3])


def _far(whole: Whole) -> Floats:
    """The grey (4,) well beyond each side of a sheet in a photo, NaN where the photo ends before."""
    grey = whole.coded.mean(axis=-1)
    size, lines = (grey.shape[1], grey.shape[0]), _beside(whole.sheet, FAR, 24)
    found = np.full(4, np.nan)
    for k, line in enumerate(lines):
        own = np.stack([line[0].ravel(), line[1].ravel()], -1)
        at = bent(projected(whole.to_photo, own), whole.bends, size)
        column, row = np.rint(at).astype(int).T
        inside = (column >= 0) & (row >= 0) & (column < size[0]) & (row < size[1])
        if inside.mean() > 0.3:
            found[k] = float(np.median(grey[row[inside], column[inside]]))
    return found
