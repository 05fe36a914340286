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
    steps, inner = [], []
    for k in range(4):
        one, other = straight[k], straight[(k + 1) % 4]
        along = (other - one) / max(float(np.linalg.norm(other - one)), 1e-9)
        inward = np.array([-along[1], along[0]])
        inward = inward if inward @ (middle - one) > 0 else -inward
        line = one * (1 - at) + other * at
        both = [bent(line + side * reach * inward, bends, size) for side in (1.5, -1.5)]
        inside, outside = read_at(lab, np.stack(both).astype(np.float32))
        # What hides a part of a side, or is by chance like it, is no reason to think that there is none.
        step = float(np.quantile(np.linalg.norm(inside - outside, axis=1), 0.3))
        steps.append(step / (step + HALF_CLEAR))
        inner.append(inside)
    seen = np.concatenate(inner)
    spread = float(np.median(np.linalg.norm(seen - np.median(seen, axis=0), axis=1)))
    return 0.5 * min(steps) + 0.5 * float(np.mean(steps)), spread
