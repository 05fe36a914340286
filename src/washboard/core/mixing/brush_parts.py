"""Parts that painters can measure by brush: 1 : 2, 3 : 1, and a touch."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cache
from itertools import product

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
TOUCH, TRACE = 0.15, 0.05
"""A touch of paint, in parts: the tip of a brush; and a trace, what a tip wiped once still gives off."""
SIZES = (TRACE, TOUCH, 0.5, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 12.0, 20.0, 30.0)
"""Parts of one paint that a brush can measure."""
FEW, SHARE = 6.0, 0.05
"""Brushfuls in all, and share of the smallest part, of a mixture that is easy to measure."""


@dataclass(frozen=True)
class Tint:
    """One part of paint `strong`, and `beside` (paint, parts) where there is another such, in `parts` of
    paint `into`, by their places in the model; of that `taken` parts, `rest` (paint, parts) added to them."""

    strong: int
    into: int
    parts: float
    taken: float
    rest: tuple[tuple[int, float], ...]
    beside: tuple[int, float] | None = None


@cache
def measures(count: int) -> Floats:
    """Every mixture (r, count) of so many paints in parts, one part whole at least, no ratio twice."""
    found: dict[tuple[float, ...], tuple[float, ...]] = {}
    for parts in product(SIZES, repeat=count):
        if max(parts) < 1:
            continue
        ratio = tuple(round(p / sum(parts), 9) for p in parts)
        if ratio not in found or sum(parts) < sum(found[ratio]):
            found[ratio] = parts
    return np.array([found[ratio] for ratio in sorted(found)], dtype=np.float64)


@cache
def easy(count: int) -> Floats:
    """Those (r, count) that are quickly measured and come out the same twice: few brushfuls, no touch."""
    every = measures(count)
    total = every.sum(axis=1)
    return every[(total <= FEW) & (every.min(axis=1) >= SHARE * total)]
