"""Parts that painters can measure by brush: 1 : 2, 3 : 1, and a touch."""

from __future__ import annotations

from functools import cache
from itertools import product

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
TOUCH = 0.15
"""A touch of paint, in parts: the tip of a brush."""
MOST = 5
"""Parts of one paint at most: nobody counts more."""


@cache
def measures(count: int) -> Floats:
    """Every mixture (r, count) of so many paints in parts: 1…MOST of each, or a touch of some, none twice."""
    found: dict[tuple[float, ...], tuple[float, ...]] = {}
    for parts in product((TOUCH, *range(1, MOST + 1)), repeat=count):
        if max(parts) < 1:
            continue
        ratio = tuple(round(p / sum(parts), 9) for p in parts)
        if ratio not in found or sum(parts) < sum(found[ratio]):
            found[ratio] = parts
    return np.array([found[ratio] for ratio in sorted(found)], dtype=np.float64)


def said(parts: tuple[float, ...]) -> str:
    """Parts in words: `3 : 1 : a touch`."""
    return " : ".join("a touch" if p == TOUCH else f"{p:g}" for p in parts)
