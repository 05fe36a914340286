"""The tone curve that a phone lays over a photo, told by the plan where no second grey tells it.

A phone makes darks darker and lights lighter; painters lay darks too light rather than too dark. How far the
masses lie from their plan as a whole therefore tells a strong curve from what a hand does.
"""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from .state import USUAL, over_value
from .tone import PLAIN, Tone

Floats = NDArray[np.float64]
Indices = NDArray[np.intp]

STRENGTHS = np.linspace(0.0, 1.0, 11)
"""Strengths of a curve that are tried."""
OWN, LINE = 0.3, 0.2
"""Standard deviations, in values, of a mass's own distance from the plan, and of a painter's bias at value 5
and of how much more it is toward black. From made painters: a guess."""
CLEARLY = 0.6
"""By how much likelier, as a logarithm and for each mass, a photo must be with a curve than without for one
to be believed: what a plan misses in one mass it misses in the next, so many masses prove little more."""
LEAST = 5
"""Painted masses that can tell a curve."""


def curve_by_plan(seen: Callable[[Tone], Floats], planned: Floats, mass: Indices, weight: Floats) -> Tone:
    """The tone curve under which a painting is likeliest: `seen` gives the values (n,) of its patches under
    one; `planned` (n,) are those they should have, `mass` (n,) what each is part of, `weight` (n,) how much
    it counts.

    Each mass is off by a line over value, about what is usual for painters, and by its own chance (Student's
    t with four degrees of freedom).
    """
    names, at = np.unique(mass, return_inverse=True)
    if len(names) < LEAST:
        return PLAIN
    share = np.bincount(at, weight)
    should = np.bincount(at, weight * planned) / share

    def unlikely(strength: float) -> float:
        values = np.bincount(at, weight * seen(Tone(strength))) / share
        return _unlikely(values - should, should)

    told = [unlikely(float(strength)) for strength in STRENGTHS]
    best = int(np.argmin(told))
    return Tone(float(STRENGTHS[best])) if told[best] < told[0] - CLEARLY * len(names) else PLAIN


def _unlikely(off: Floats, planned: Floats) -> float:
    """The negative logarithm of how likely a painter is whose masses (n,) are `off` by so many values."""
    terms = over_value(planned) * LINE
    rest = off - terms @ (np.array(USUAL) / LINE)
    line: Floats = np.zeros(2)
    for _ in range(8):
        near = 5 / (4 + ((rest - terms @ line) / OWN) ** 2) / OWN**2
        solved = np.linalg.solve(terms.T @ (terms * near[:, None]) + np.eye(2), terms.T @ (near * rest))
        line = np.asarray(solved, np.float64)
    own = (rest - terms @ line) / OWN
    return float(2.5 * np.log1p(own**2 / 4).sum() + line @ line / 2)
