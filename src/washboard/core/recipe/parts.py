"""Parts that painters can measure by brush: 1 : 2, 3 : 1, and a touch."""

from __future__ import annotations

from functools import cache
from itertools import product
from math import gcd

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
TOUCH = 0.15
"""A touch of paint, in parts: the tip of a brush."""
MOST = 5
"""Parts of one paint at most: nobody counts more."""


@cache
def ratios(count: int) -> Floats:
    """Every ratio (r, count) of so many paints in parts 1…MOST, or a touch of some, as shares of 1."""
    sizes = (TOUCH, *range(1, MOST + 1))
    found = {}
    for parts in product(sizes, repeat=count):
        whole = [int(p) for p in parts if p >= 1]
        if not whole or (gcd(*whole) > 1 and len(whole) == count):
            continue
        if any(p < 1 for p in parts) and len(whole) > 1 and gcd(*whole) > 1:
            continue
        total = sum(parts)
        found[tuple(round(p / total, 9) for p in parts)] = parts
    return np.array(sorted(found))


def parts_of(shares: Floats) -> tuple[float, ...]:
    """The parts that shares (n,) of a listed ratio stand for: whole numbers, TOUCH for a touch."""
    shares = np.asarray(shares, dtype=np.float64)
    for least in range(1, MOST + 1):
        for touched in (False, True):
            unit = shares.min() / (TOUCH if touched else least)
            parts = shares / unit
            rounded = np.where(np.abs(parts - TOUCH) < 1e-6, TOUCH, np.rint(parts))
            if np.allclose(parts, rounded, atol=1e-5) and rounded.max() <= MOST and (rounded > 0).all():
                return tuple(float(p) for p in rounded)
    return tuple(float(p) for p in shares / shares.min())


def said(parts: tuple[float, ...]) -> str:
    """Parts in words: `3 : 1 : a touch`."""
    return " : ".join("a touch" if p == TOUCH else f"{p:g}" for p in parts)
