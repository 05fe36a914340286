"""How clear the four sides of what lies in a photo are."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .quad import long_side
from .sharpen import bent, read_at, unbent

Floats = NDArray[np.float64]
Singles = NDArray[np.float32]

PLACES = 32
"""Places along a side at which it is read."""
HALF_CLEAR = 8.0
"""Step in CIELAB across a side that is half as clear as can be."""


def sides(lab: Singles, corners: Floats, bends: float) -> tuple[float, float]:
    """How clear the sides between corners (4, 2) are, 0–1, in a photo (h, w, 3) in CIELAB through a lens, and
    by how much what lies just inside them differs, in CIELAB."""
    size = (lab.shape[1], lab.shape[0])
    straight = unbent(corners, bends, size)
    middle, reach = straight.mean(axis=0), max(1.5, 0.004 * long_side(corners))
    at = np.linspace(0.04, 0.96, PLACES)[:, None]
    ends = np.roll(straight, -1, axis=0)
    along = (ends - straight) / np.maximum(np.linalg.norm(ends - straight, axis=1, keepdims=True), 1e-9)
    inward = np.stack([-along[:, 1], along[:, 0]], axis=1)
    inward *= np.where(((middle - straight) * inward).sum(axis=1) > 0, 1, -1)[:, None]
    lines = straight[:, None] * (1 - at) + ends[:, None] * at
    both = np.stack([lines + side * reach * inward[:, None] for side in (1.5, -1.5)])
    seen = read_at(lab, bent(both.reshape(-1, 2), bends, size).reshape(8, PLACES, 2).astype(np.float32))
    inside, outside = seen[:4], seen[4:]
    # What hides a part of a side, or is by chance like it, is no reason to think that there is none.
    step = np.quantile(np.linalg.norm(inside - outside, axis=2), 0.3, axis=1)
    clear = step / (step + HALF_CLEAR)
    inner = inside.reshape(-1, 3)
    spread = float(np.median(np.linalg.norm(inner - np.median(inner, axis=0), axis=1)))
    return float(0.5 * clear.min() + 0.5 * clear.mean()), spread
