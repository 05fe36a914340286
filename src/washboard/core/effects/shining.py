"""Where a picture shines: the light from which all around grows darker, and how far its glow reaches."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from ..reference.picture import Singles

SIDE = 160
"""Pixels on the long side at which a glow is looked for."""
RINGS, SECTORS = 10, 12
REACH = 0.45
"""How far a glow is followed, as a share of the diagonal."""
RISES = 0.12
"""Values by which a glow may rise from ring to ring."""
GRADUAL = (0.15, 0.85)
"""Shares of its fall between which a glow has fallen half way out: a dark thing beside a light falls at
once."""


@dataclass(frozen=True)
class Shining:
    """A light at `x`, `y` (shares): how many values its glow `falls`, over what `reach` (share of the
    diagonal), and on what share of the way round (`even` 0–1)."""

    x: float
    y: float
    falls: float
    reach: float
    even: float


def shining(value: Singles, sources: Sequence[tuple[float, float]]) -> Shining | None:
    """The light that shines most, from the `value` (h, w) of a picture: the painter's own source, else the
    lightest place; None where nothing falls off from it."""
    scale = SIDE / max(value.shape)
    small = cv2.resize(value, None, fx=scale, fy=scale, interpolation=cv2.INTER_AREA)
    calm = cv2.GaussianBlur(small, (0, 0), 2.0)
    high, wide = calm.shape
    if sources:
        x, y = sources[0]
        row, column = min(high - 1, int(y * high)), min(wide - 1, int(x * wide))
    else:
        row, column = divmod(int(calm.argmax()), wide)
    down, across = np.indices(calm.shape, dtype=np.float32)
    away = np.hypot(down - row, across - column) / math.hypot(high, wide)
    ring = np.minimum((away / REACH * RINGS).astype(int), RINGS)
    middles = [float(np.median(calm[ring == k])) if (ring == k).any() else math.nan for k in range(RINGS)]
    steps = -np.diff(middles)
    over = np.flatnonzero(~(steps >= -RISES) | (np.nan_to_num(steps) < 0))
    last = int(over[0]) if len(over) else RINGS - 1
    if last < 2:
        return None
    falls = middles[0] - middles[last]
    even = _even(calm, away, row, column, last / RINGS * REACH, falls)
    return Shining((column + 0.5) / wide, (row + 0.5) / high, falls, last / RINGS * REACH, even)


def _even(calm: Singles, away: Singles, row: int, column: int, reach: float, falls: float) -> float:
    """On what share of the directions that lie in the picture the light falls off by half as much at
    least."""
    down, across = np.indices(calm.shape, dtype=np.float32)
    side = (np.arctan2(down - row, across - column) / np.pi + 1) * SECTORS / 2
    sector = np.minimum(side.astype(int), SECTORS - 1)
    rings = [
        away < reach * 0.25,
        (away > reach * 0.35) & (away < reach * 0.6),
        (away > reach * 0.75) & (away < reach * 1.1),
    ]
    told = []
    for k in range(SECTORS):
        parts = [calm[ring & (sector == k)] for ring in rings]
        if min(map(len, parts)) < 3:
            continue
        near, middle, far = (float(np.median(part)) for part in parts)
        fall = near - far
        told.append(fall >= max(falls / 2, 1e-3) and GRADUAL[0] <= (near - middle) / fall <= GRADUAL[1])
    return sum(told) / len(told) if told else 0.0
