"""How a mass looks and lies to the eye: its commonest hues, its shape, the sides it touches."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.words import hue_of

SECOND = 0.3
"""Share of a mass's pixels from which a second hue is named."""
STEP = 6.0
"""Units of L*a*b* within which pixels are taken for one colour when hues are counted."""


@dataclass(frozen=True)
class Look:
    """`hues` by their keys, the commonest first, two at most. `sides`: whether it touches the left, top,
    right and bottom of the picture. `hole` 0–1 of its filled outline that is not of it, `long` how many
    times it is longer than wide."""

    hues: tuple[str, ...] = ("grey",)
    sides: tuple[bool, bool, bool, bool] = (False, False, False, False)
    hole: float = 0.0
    long: float = 1.0


PLAIN = Look()
WIDE, HALF = 4096, 2048
"""More cells than colours have on a side, and half of them: cells below nothing count too."""


def look_of(
    mask: NDArray[np.bool_], lab: NDArray[np.floating], corner: tuple[int, int], shape: tuple[int, int]
) -> Look:
    """The look of a mass: its `mask` (r, c) with the top left at `corner` (row, column) of a picture of
    `shape`, and Lab colours (n, 3) of its pixels or a sample of them."""
    rows, columns = mask.shape
    top, left = corner
    sides = (left == 0, top == 0, left + columns >= shape[1], top + rows >= shape[0])
    return Look(hues_in(lab), sides, _hole(mask), _long(mask))


def hues_in(lab: NDArray[np.floating]) -> tuple[str, ...]:
    """The commonest hue of Lab colours (n, 3), and a second with a share of SECOND.

    A mean of hues would say grey or brown of what is orange and green. Greys are one hue here, warm or cool.
    """
    # One number for each cell: sorting rows of three takes ten times as long.
    steps = np.rint(lab / STEP).astype(np.int64) + HALF
    codes, counts = np.unique((steps[:, 0] * WIDE + steps[:, 1]) * WIDE + steps[:, 2], return_counts=True)
    cells = np.stack([codes // WIDE**2, codes // WIDE % WIDE, codes % WIDE], axis=1) - HALF
    held: Counter[str] = Counter()
    for (lightness, a, b), count in zip((cells * STEP).tolist(), counts.tolist(), strict=True):
        hue = hue_of((lightness, a, b))
        held["grey" if hue.endswith("grey") else hue] += count
    first, *others = sorted(held, key=lambda hue: (-held[hue], hue))
    second = [hue for hue in others[:1] if held[hue] >= SECOND * len(lab)]
    return first, *second


def _hole(mask: NDArray[np.bool_]) -> float:
    outside = np.pad((~mask).astype(np.uint8), 1, constant_values=1)
    cv2.floodFill(outside, None, (0, 0), 0)
    inner = int(outside.sum())
    return inner / max(inner + int(mask.sum()), 1)


def _long(mask: NDArray[np.bool_]) -> float:
    """From the second moments: for a rectangle, its length over its width."""
    found = cv2.moments(mask.astype(np.uint8), binaryImage=True)
    if not found["m00"]:
        return 1.0
    across, down, both = (found[name] / found["m00"] for name in ("mu20", "mu02", "mu11"))
    middle, apart = (across + down) / 2, np.hypot((across - down) / 2, both)
    # A row of pixels has no width: the twelfth of a pixel's own square is added.
    return float(np.sqrt((middle + apart + 1 / 12) / (middle - apart + 1 / 12)))
