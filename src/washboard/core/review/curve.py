"""The tone curve that a phone lays over a photo, told by the plan where no second grey tells it.

A phone makes darks darker and lights lighter; painters lay darks too light rather than too dark. How far the
masses lie from their plan as a whole therefore tells a curve from what a hand does.
"""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import linear_of
from ..colour.value import value_of
from .state import USUAL, over_value
from .tone import PLAIN, STRENGTHS, Tone, taken_off

Floats = NDArray[np.float64]
Indices = NDArray[np.intp]

OWN, LINE = 0.3, 0.2
"""Standard deviations, in values, of a mass's own distance from the plan, and of a painter's bias at value 5
and of how much more it is toward black. From made painters: a guess."""
USUAL_CURVE, OF_CURVES = 0.45, 0.3
"""Strength of the curve that goes with local contrast, and its standard deviation. A guess."""
CURVED, BY_CARD = 0.4, 0.25
"""By how much likelier, as a logarithm and for each mass, a photo without local contrast must be with a curve
than without for one to be believed: what a plan misses in one mass it misses in the next, so many masses
prove little more. Beside a grey card, which holds middle values where they are, less proves it: made photos
without a curve reach 0.14, with one they begin at 0.37."""
LEAST = 5
"""Painted masses that can tell a curve."""
STEP = 1e-3
"""Encoded light by which a curve's slope is measured."""


def curve_by_plan(
    seen: Callable[[Tone], Floats],
    planned: Floats,
    coded: Floats,
    mass: Indices,
    weight: Floats,
    crisp: float = 0.0,
    clearly: float = CURVED,
) -> Tone:
    """The tone curve under which a painting is likeliest: `seen` gives the values (n,) of its patches under
    one; `planned` (n,) are those they should have, `coded` (n,) is their encoded grey in the photo, `mass`
    (n,) what each is part of, `weight` (n,) how much it counts. Where a photo has local contrast (`crisp`
    0–1), a phone made it, and a curve is expected; else it must be `clearly` likelier than none.

    Each mass is off by a line over value, about what is usual for painters, and by its own chance (Student's
    t with four degrees of freedom). That tells how likely what was painted is; how likely what is seen of it
    is differs by the slope of the curve between the two. Without that the flattest curve would always win.
    """
    names, at = np.unique(mass, return_inverse=True)
    if len(names) < LEAST:
        return Tone(0.0, crisp)
    share = np.bincount(at, weight)

    def mean(of: Floats) -> Floats:
        return np.asarray(np.bincount(at, weight * of) / share)

    def unlikely(strength: float) -> float:
        off = mean(seen(Tone(strength, crisp)) - planned)
        return _unlikely(off, mean(planned)) - float(mean(_slopes(coded, strength)).sum())

    told = np.array([unlikely(float(strength)) for strength in STRENGTHS])
    if crisp:
        # A phone's doing: a curve goes with it.
        return Tone(_best(told + ((STRENGTHS - USUAL_CURVE) / OF_CURVES) ** 2 / 2), crisp)
    return Tone(_best(told)) if told.min() < told[0] - clearly * len(names) else PLAIN


def _best(told: Floats) -> float:
    return float(STRENGTHS[told.argmin()])


def _slopes(coded: Floats, strength: float) -> Floats:
    """The logarithm of how many values (n,) one value of a photo is with a curve taken off, at encoded greys
    (n,)."""
    grey = np.clip(coded, 0.02, 0.98)
    ends = [grey - STEP, grey + STEP]
    before, after = (value_of(100 * linear_of(taken_off(end, strength))) for end in ends)
    low, high = (value_of(100 * linear_of(end)) for end in ends)
    return np.log((after - before) / (high - low))


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
