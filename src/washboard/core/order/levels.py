"""Which masses share a pass: dynamic programming over the masses in the school's order."""

from __future__ import annotations

import math
from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference
from ..reference.mass import Mass
from .schools.school import Weights

MOST_PASSES = 9
"""Passes of laying that a painter keeps in mind."""
LOOK_ALIKE = 90.0
"""Seconds saved by mixing two masses of one colour in one go."""
SPAN_OF_ALIKE = 6.0
HUE_STEP = 30.0
"""Units of a*b* that show in a bleeding edge like one step of value: blue into brown is mud."""

Floats = NDArray[np.float64]


def grouped(
    masses: Sequence[Mass], weights: Weights, fewest: int, pinned: int | None = None
) -> list[list[int]]:
    """Groups of indices into `masses`, which come in the school's order.

    The best plan for every number of passes is kept; the number with the least cost wins, or the
    pinned one as far as there are masses for it. Cost in seconds: one pass each, bleeding edges and
    range inside a pass; soft edges and like colours kept together are worth something.
    """
    count = len(masses)
    if count == 0:
        return []
    cost = group_costs(masses, weights)
    most = min(count, MOST_PASSES)
    best = np.full((most + 1, count + 1), np.inf)
    cut = np.zeros((most + 1, count + 1), np.intp)
    best[0, 0] = 0.0
    for k in range(1, most + 1):
        total = best[k - 1][:, None] + cost
        cut[k] = np.argmin(total, axis=0)
        best[k] = np.min(total, axis=0)
    if pinned is not None:
        number = min(max(1, pinned), most)
    else:
        low = min(fewest, most)
        number = low + int(np.argmin(best[low:, count]))
    groups, end = [], count
    for k in range(number, 0, -1):
        start = int(cut[k, end])
        groups.append(list(range(start, end)))
        end = start
    return groups[::-1]


def group_costs(masses: Sequence[Mass], weights: Weights) -> Floats:
    """Cost[i, j] in seconds of one pass over masses i…j-1; infinite where j ≤ i."""
    count = len(masses)
    pair = pair_costs(masses, weights)
    inside = np.zeros((count + 1, count + 1))
    running = np.zeros((count + 1, count + 1))
    running[1:, 1:] = pair.cumsum(axis=0).cumsum(axis=1)
    i, j = np.meshgrid(np.arange(count + 1), np.arange(count + 1), indexing="ij")
    inside = (running[j, j] - running[i, j] - running[j, i] + running[i, i]) / 2
    values = np.array([mass.target for mass in masses])
    span = np.zeros((count + 1, count + 1))
    for start in range(count):
        low = np.minimum.accumulate(values[start:])
        high = np.maximum.accumulate(values[start:])
        span[start, start + 1 :] = high - low
    over = np.maximum(span - weights.span_free, 0) * weights.span
    return np.where(j > i, weights.another_pass + inside + over, np.inf)


def contrast(one: Mass, other: Mass) -> float:
    """How much two masses' targets differ, in values, a difference in hue counting too."""
    hue = math.dist(one.target_lab[1:], other.target_lab[1:])
    return math.hypot(one.target - other.target, hue / HUE_STEP)


def pair_costs(masses: Sequence[Mass], weights: Weights) -> Floats:
    """Cost (n, n) in seconds, symmetric, of two masses being laid in one pass."""
    index = {mass.id: k for k, mass in enumerate(masses)}
    pair = np.zeros((len(masses), len(masses)))
    if masses:
        colours = np.array([mass.target_lab for mass in masses])
        apart = difference(colours[:, None], colours[None])
        pair -= LOOK_ALIKE * np.maximum(1 - apart / SPAN_OF_ALIKE, 0)
        np.fill_diagonal(pair, 0.0)
    for k, mass in enumerate(masses):
        for border in mass.borders:
            other = index.get(border.mass)
            if other is None:
                continue
            step = max(0.0, contrast(mass, masses[other]) - 0.5)
            pair[k, other] += weights.bleed * border.length_cm * border.hardness * step
            pair[k, other] -= weights.soft_bonus * border.length_cm * (1 - border.hardness)
    return pair
