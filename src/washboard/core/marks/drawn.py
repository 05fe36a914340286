"""Marks in the predicted pictures: patches of their own in the table and in the map that looks it up."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import encoded_of, linear_of, linear_of_lab, value_of_linear
from ..order.prediction import PatchMap, Table
from .families import Family

Where = NDArray[np.int32]
Bytes = NDArray[np.uint8]


@dataclass(frozen=True)
class Laid:
    """How a family comes into the picture: in the pass `row` from 1 on, in a colour `lab` in CIELAB, None
    where it is kept before that pass; `lightens`: in paint that covers."""

    row: int
    lab: tuple[float, float, float] | None
    lightens: bool = False


SOFT_PX = 0.4
"""Pixels of blur at the rim of a mark."""


def raster_of(families: Sequence[Family], shape: tuple[int, int]) -> Where:
    """The family of each pixel (h, w) from 1 on, 0 for none; of two marks the later family lies on top."""
    where = np.zeros(shape, np.int32)
    for number, family in enumerate(families, 1):
        for mark in family.marks:
            where[mark.place.at][mark.place.mask] = number
    return where


def with_marks(
    table: Table, maps: PatchMap, where: Where, laid: Sequence[Laid], darkens: bool
) -> tuple[Table, PatchMap]:
    """The table and the map with the marks of a raster `where` (h, w) in them.

    `laid`: for each family of the raster how it comes into the picture; what is kept stays as it lay there
    before its pass. Paint that `darkens` leaves no channel lighter.
    """
    inside = where > 0
    if not inside.any():
        return table, maps
    count = len(table.mass)
    code = where[inside].astype(np.int64) * count + maps.first[inside]
    codes, own = np.unique(code, return_inverse=True)
    family, under = codes // count - 1, codes % count
    colours, values = _painted(table, under, [laid[number] for number in family.tolist()], darkens)
    first, second = maps.first.copy(), maps.second.copy()
    weight, beyond = maps.weight.copy(), maps.beyond.copy()
    first[inside] = count + own.ravel()
    second[inside] = maps.first[inside]
    beyond[inside] = maps.along[inside]
    rim = 1 - cv2.GaussianBlur(inside.astype(np.float32), (0, 0), SOFT_PX)
    weight[inside] = np.rint(np.clip(rim[inside], 0, 0.5) * 254)
    fuller = Table(
        np.concatenate([table.colours, colours], axis=1),
        np.concatenate([table.values, values], axis=1),
        np.concatenate([table.mass, table.mass[under]]),
        table.patch,
    )
    return fuller, replace(maps, first=first, second=second, weight=weight, beyond=beyond)


def _painted(
    table: Table, under: NDArray[np.int64], laid: Sequence[Laid], darkens: bool
) -> tuple[Bytes, NDArray[np.float64]]:
    """Colours and values of marks, each on one patch of those `under` (n,)."""
    colours, values = table.colours[:, under].copy(), table.values[:, under].copy()
    for patch, one in enumerate(laid):
        row, lab = one.row, one.lab
        if lab is None:
            colours[row:, patch], values[row:, patch] = colours[row - 1, patch], values[row - 1, patch]
            continue
        linear = np.clip(linear_of_lab(np.array(lab)), 0, 1)
        wanted = np.rint(encoded_of(linear) * 255).astype(np.uint8)
        below = colours[row:, patch]
        colours[row:, patch] = np.minimum(below, wanted) if darkens and not one.lightens else wanted
        values[row:, patch] = value_of_linear(linear_of(colours[row:, patch] / 255))
    return colours, values
