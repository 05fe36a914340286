"""Where on the picture an act goes that is no act on a whole mass, and what it does to the colours there."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from enum import StrEnum

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.mass import Lab

Bytes = NDArray[np.uint8]
Singles = NDArray[np.float32]
FULL = 255


class Change(StrEnum):
    """What becomes of the colours of a spot: covered, darkened by a film, made lighter by taking paint off,
    moved by as much as a whole mass would be, or smeared into each
    other."""

    COVERS = "covers"
    DARKENS = "darkens"
    LIGHTENS = "lightens"
    MOVES = "moves"
    SMEARS = "smears"


@dataclass(frozen=True, eq=False)
class Spot:
    """A place of the picture that one act changes in the pass of the number `row`, from 1 on.

    `box` its rows and columns (top, bottom, left, right) in pixels of the working copy, `strength` (h, w)
    0–255 how much of the change each pixel gets; `lab` the colour that it is brought to, in CIELAB, where
    the change needs one. `by` the differences in CIELAB of masses by their ids, for MOVES.
    """

    box: tuple[int, int, int, int]
    strength: Bytes
    change: Change
    lab: Lab = (0.0, 0.0, 0.0)
    row: int = 0
    by: dict[str, Lab] = field(default_factory=dict)

    @property
    def at(self) -> tuple[slice, slice]:
        """Its rows and columns."""
        top, bottom, left, right = self.box
        return slice(top, bottom), slice(left, right)

    def every(self, step: int) -> Spot | None:
        """The same where only one row and column of every `step` is shown; None where none of it is left."""
        top, bottom, left, right = self.box
        strength = self.strength[-top % step :: step, -left % step :: step]
        if not strength.size:
            return None
        box = (-(-top // step), -(-bottom // step), -(-left // step), -(-right // step))
        return replace(self, box=box, strength=np.ascontiguousarray(strength))

    def in_row(self, row: int) -> Spot:
        """The same in the pass of a number."""
        return replace(self, row=row)


def drawn_spot(
    points: Sequence[tuple[float, float]], width_mm: float, shape: tuple[int, int], cm: float
) -> Spot | None:
    """A place drawn through points (x, y 0–1) of a picture of a `shape` (h, w) whose pixels are `cm` wide:
    along a stroke so many mm wide, or within an outline where that is 0. None where nothing of it lies in
    the picture."""
    high, wide = shape
    corners = np.rint(np.array(points) * (wide - 1, high - 1)).astype(np.int32)
    whole = np.zeros(shape, np.uint8)
    if width_mm > 0:
        cv2.polylines(whole, [corners], False, FULL, max(1, round(width_mm / 10 / cm)), cv2.LINE_8)
    else:
        cv2.fillPoly(whole, [corners], FULL)
    return spot_of((whole > 0).astype(np.float32), (0, 0), Change.MOVES)


def spot_of(
    strength: Singles, corner: tuple[int, int], change: Change, lab: Lab = (0.0, 0.0, 0.0)
) -> Spot | None:
    """A spot from strengths (h, w) 0–1 with the upper left at `corner` (row, column), cut to what is reached;
    None where nothing is."""
    bytes_ = np.rint(np.clip(strength, 0, 1) * FULL).astype(np.uint8)
    rows, columns = np.flatnonzero(bytes_.any(axis=1)), np.flatnonzero(bytes_.any(axis=0))
    if not len(rows):
        return None
    top, bottom, left, right = rows[0], rows[-1] + 1, columns[0], columns[-1] + 1
    down, across = corner
    box = (int(top) + down, int(bottom) + down, int(left) + across, int(right) + across)
    return Spot(box, np.ascontiguousarray(bytes_[top:bottom, left:right]), change, lab)
