"""Which masses share a pass: dynamic programming over the masses in the school's order."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference
from ..reference.mass import Mass
from ..schools.school import Weights

MOST_PASSES = 9
"""Passes of laying that a painter keeps in mind."""
SPAN_OF_ALIKE = 6.0
"""ΔE₀₀ within which two masses can be mixed in one go, the less the better."""
TINY = 0.04
"""Share of the picture under which shapes are hardly worth a pass of their own: the smaller, the less."""
VALLEY, CROWDED = 1.0, 15.0
"""Values about a border between passes that could as well lie beyond it; what that costs, in passes times
the share of the picture."""
MIXTURE_STEP, MIXTURE_HUE = 1.0, 15.0
"""Values, and units of a* and b*, within which masses of a pass are laid with one mixture."""
HUE_STEP = 30.0
"""Units of a*b* that show in a bleeding edge like one step of value: blue into brown is mud."""

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class PassGrouping:
    """The best grouping of one strand for every number of passes.

    `cost` (n + 1,) seconds; `cut` (n + 1, count + 1) where its last group starts.
    """

    cost: Floats
    cut: NDArray[np.intp]

    def groups(self, number: int) -> list[list[int]]:
        """The groups of places in the strand, with so many passes."""
        groups, end = [], self.cut.shape[1] - 1
        for k in range(number, 0, -1):
            start = int(self.cut[k, end])
            groups.append(list(range(start, end)))
            end = start
        return groups[::-1]


def groupings_of(masses: Sequence[Mass], weights: Weights, most: int = MOST_PASSES) -> PassGrouping:
    """The best plan of a strand, masses in the school's order, for every number of passes up to `most`.

    Cost in seconds: one pass each, bleeding edges and range inside a pass; soft edges and like colours kept
    together are worth something.
    """
    count = len(masses)
    most = min(count, most)
    best = np.full((most + 1, count + 1), np.inf)
    cut = np.zeros((most + 1, count + 1), np.intp)
    best[0, 0] = 0.0
    if count:
        cost = group_costs(masses, weights)
        for k in range(1, most + 1):
            total = best[k - 1][:, None] + cost
            cut[k] = np.argmin(total, axis=0)
            best[k] = np.min(total, axis=0)
    return PassGrouping(best[:, count], cut)


def shared_out(ways: Sequence[PassGrouping], fewest: int, pinned: int | None = None) -> list[int]:
    """How many passes each strand gets, so that all cost least together.

    At least `fewest` in all, or just the pinned number, as far as the strands allow it.
    """
    total = np.zeros(1)
    taken: list[NDArray[np.intp]] = []
    for way in ways:
        sums = _with(total, way)
        taken.append(np.argmin(sums, axis=1))
        total = np.min(sums, axis=1)
    able = np.flatnonzero(np.isfinite(total))
    if pinned is not None:
        number = int(able[np.argmin(np.abs(able - pinned))])
    else:
        enough = able[able >= min(fewest, int(able[-1]))]
        number = int(enough[np.argmin(total[enough])])
    numbers = []
    for choice in reversed(taken):
        numbers.append(int(choice[number]))
        number -= numbers[-1]
    return numbers[::-1]


def _with(total: Floats, way: PassGrouping) -> Floats:
    """Cost (n, k) of n passes in all, k of them in one strand more, from that of the strands before."""
    sums = np.full((len(total) + len(way.cost) - 1, len(way.cost)), np.inf)
    for k, cost in enumerate(way.cost):
        sums[k : k + len(total), k] = total + cost
    return sums


def near_ties(ways: Sequence[PassGrouping], within: float) -> tuple[int, ...]:
    """Numbers of passes whose best plan costs at most `within` of the best number's, as a share, more."""
    total = np.zeros(1)
    for way in ways:
        total = _with(total, way).min(axis=1)
    scale = abs(float(total.min()))
    return tuple(int(k) for k in np.flatnonzero(total <= total.min() + within * scale))


def group_costs(masses: Sequence[Mass], weights: Weights) -> Floats:
    """Cost (m, n) with n = m + 1: [i, j] in seconds of one pass over masses i…j-1; infinite where j ≤ i."""
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
    share = np.concatenate([[0.0], np.cumsum([mass.share for mass in masses])])
    tiny = weights.another_pass * np.maximum(1 - (share[j] - share[i]) / TINY, 0.0)
    between = _between(values, np.diff(share), pair, weights)
    cost = weights.another_pass + tiny + between[i] + inside + over
    if weights.mixture:
        cost += weights.mixture * _mixtures_in(masses)
    return np.where(j > i, cost, np.inf)


def _between(values: Floats, shares: Floats, pair: Floats, weights: Weights) -> Floats:
    """Cost (n + 1,) in seconds of a border between passes before each mass; at both ends there is none.

    Splitting passes at a value is penalised by the share of the picture that lies near it, and costs nothing
    where least does. One that keeps like values from bleeding into each other is there for a reason.
    """
    count = len(values)
    borders = np.concatenate([[0.0], (values[1:] + values[:-1]) / 2, [0.0]]) if count else np.zeros(1)
    near = np.maximum(1 - np.abs(borders[:, None] - values[None]) / VALLEY, 0.0) @ shares
    near -= near[1:-1].min(initial=np.inf) if count > 1 else 0.0
    near[[0, -1]] = 0.0
    bleeds = np.maximum(pair, 0.0) * (np.abs(values[:, None] - values[None]) <= 2 * VALLEY)
    running = np.zeros((count + 1, count + 1))
    running[1:, 1:] = bleeds.cumsum(axis=0).cumsum(axis=1)
    prevented = running[:, -1] - np.diagonal(running)
    return np.asarray(np.maximum(CROWDED * weights.another_pass * near - prevented, 0.0))


def mixture_of(mass: Mass) -> tuple[int, int, int]:
    """What tells a mass's mixture from another: its colour in steps that matter."""
    _, a, b = mass.target_lab
    return round(mass.target / MIXTURE_STEP), round(a / MIXTURE_HUE), round(b / MIXTURE_HUE)


def _mixtures_in(masses: Sequence[Mass]) -> Floats:
    """Mixtures (n + 1, n + 1) that one pass over masses i…j-1 takes."""
    own, count = [mixture_of(mass) for mass in masses], len(masses)
    found = np.zeros((count + 1, count + 1))
    for i in range(count):
        seen: set[tuple[int, int, int]] = set()
        for j in range(i, count):
            seen.add(own[j])
            found[i, j + 1] = len(seen)
    return found


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
        pair -= weights.alike * np.maximum(1 - apart / SPAN_OF_ALIKE, 0)
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
