"""What of a painting is done: each part of each mass as it looks after some pass, or before the first."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from .expected import Expected, Floats, Indices, cells, mean_by

CELLS, FINE = 10, 30
"""Cells across and down by which parts of a mass can be painted and others not, at first and in the end."""
MOST_HIDDEN = 0.6
"""Share of a part that may be hidden by shine for it to tell its state."""
APART = 4.0
"""ΔE₀₀ from which two states of a part are told apart."""
USUAL, LOOSE = (0.3, 0.2), 12.0
"""By how many values paintings usually come out paler at value 5 and the more toward black, and how much
proof moves that: the weight of a part of the whole. From made painters: a guess."""
OWN = 2.0
"""Parts of a mass from which its own distance from that counts half."""
WORST, OFF = 2.0, 8.0
"""What a part that is not alike counts at the most, and the ΔE₀₀ that counts as one."""
PULL = 0.45
"""What a part counts that is in another state than the rest, in the same units; a bare one by as many of
those beside it as are not: what is not begun yet lies together."""
TIE, ALMOST = 0.002, 0.01
"""What a pass may count more than the best and be the same, or be told as one that the painting may be
after."""
BESIDE, STILL = 9, 0.3
"""Parts next to each other, the part itself among them; share of the pull that stays where all are bare."""


def _tree(places: Floats) -> Any:
    """A tree to look up which of the places (n, 2) are nearest."""
    # Takes long to import: only where a photo is read.
    from scipy.spatial import cKDTree

    return cKDTree(places)


class Blocks:
    """Parts of masses: each mass divided by a grid; `planned` (k + 1, b, 3) their colours after each pass,
    `weight` (b,) their share of the picture, `mass` (b,) the place of their mass, `middle` (b, 2) theirs in
    pixels, `beside` (b, n) those next to each, `at` (h, w) the number of the part at each pixel."""

    def __init__(self, expected: Expected, across: int = CELLS) -> None:
        self.expected = expected
        block = expected.index * across**2 + cells(expected.labels.shape, across)
        known = np.flatnonzero(np.bincount(block.ravel()))
        number = np.zeros(int(known[-1]) + 1, np.intp)
        number[known] = np.arange(len(known))
        self.at: Indices = number[block]
        self.count = len(known)
        self.mass: Indices = known // across**2
        self.weight: Floats = np.bincount(self.at.ravel(), minlength=self.count) / self.at.size
        self.planned: Floats = expected.planned(self.at, self.count)
        places = np.moveaxis(np.indices(self.at.shape), 0, -1).astype(float)
        self.middle: Floats = mean_by(self.at, places, self.count)
        near = _tree(self.middle).query(self.middle, k=[*range(1, min(BESIDE, self.count) + 1)])
        self.beside: Indices = np.asarray(near[1])

    def of(self, seen: Floats) -> Floats:
        """The mean colours (b, 3) of a picture (h, w, 3)."""
        return mean_by(self.at, seen, self.count)

    def seen_in(self, seen: Floats, hidden: NDArray[np.bool_]) -> Floats:
        """The mean colours (b, 3) of what is seen of a picture (h, w, 3) in all parts, NaN where most of a
        part is `hidden` (h, w)."""
        covered = mean_by(self.at, hidden.astype(float), self.count)
        means = mean_by(self.at, seen, self.count, (~hidden).astype(float))
        return np.where((covered <= MOST_HIDDEN)[:, None], means, np.nan)

    def composed(self, there: Floats) -> Floats:
        """For each pass the colours (k + 1, b, 3) of all parts, each as after that pass or as before the
        first, whichever is nearer to what is `there` (b, 3) once light and contrast are evened out."""
        composed = self.planned.copy()
        weight = self.weight[:, None]
        own = (there * weight).sum(axis=0)
        for _ in range(4):
            middle = (composed * weight).sum(axis=1, keepdims=True)
            apart, theirs = composed - middle, there - own
            along = (apart * theirs * weight).sum(axis=(1, 2))
            gain = along / np.maximum((apart**2 * weight).sum(axis=(1, 2)), 1e-9)
            shown = (there - own)[None] / np.maximum(gain, 0.3)[:, None, None] + middle
            bare = ((shown - self.planned[:1]) ** 2).sum(axis=2) < ((shown - self.planned) ** 2).sum(axis=2)
            composed = np.where(bare[..., None], self.planned[:1], self.planned)
        return composed


@dataclass(frozen=True, eq=False)
class State:
    """After which pass (b,) each part of a painting looks; `row` after which the whole does, `first` and
    `last` the passes that look alike."""

    blocks: Blocks
    of_block: Indices
    row: int
    first: int
    last: int

    @cached_property
    def of_mass(self) -> Indices:
        """The state (m,) in which most of each mass is."""
        count, rows = int(self.blocks.mass.max()) + 1, self.blocks.planned.shape[0]
        votes = np.zeros((count, rows))
        np.add.at(votes, (self.blocks.mass, self.of_block), self.blocks.weight)
        return np.asarray(votes.argmax(axis=1))

    @property
    def picture(self) -> Indices:
        """The state (h, w) at each pixel."""
        return np.asarray(self.of_block[self.blocks.at])


def state_of(expected: Expected, blocks: Blocks, there: Floats, known: int | None = None) -> State:
    """The state of a painting from the colours (b, 3) of its parts in CIELAB, NaN where they are hidden; the
    pass is `known` where the painter, or the log, says it.

    The painter's own bias, a line over value, is fitted for each pass to the parts that look painted, with
    a prior. A part is in the state whose planned colour, with that bias, is nearest, and states of a
    kind as the rest cost nothing; those that hardly differ are one.
    """
    seen = np.asarray(np.isfinite(there).all(axis=1))
    rows = blocks.planned.shape[0]
    costs = np.empty(rows)
    states = np.empty((rows, blocks.count), np.intp)
    for row in range(rows):
        states[row], costs[row] = _as_after(blocks, there, seen, row)
    # Of passes that hardly differ the last: what was to be done before is done.
    alike = np.flatnonzero(costs <= costs.min() + TIE)
    row = int(alike[-1]) if known is None else known
    first, last = expected.looks_alike(row)
    while first > 0 and costs[first - 1] <= costs[row] + ALMOST:
        first -= 1
    while last < rows - 1 and costs[last + 1] <= costs[row] + ALMOST:
        last += 1
    return State(blocks, _beside(blocks, states[row], seen, row), row, first, last)


def finer(state: State, blocks: Blocks, there: Floats) -> State:
    """A state told anew in smaller parts, from their colours (b, 3), NaN where they are hidden: where what is
    painted ends, hardly any of the larger parts is of one state."""
    seen = np.asarray(np.isfinite(there).all(axis=1))
    found, _ = _as_after(blocks, there, seen, state.row)
    return replace(state, blocks=blocks, of_block=_beside(blocks, found, seen, state.row))


def _beside(blocks: Blocks, state: Indices, seen: NDArray[np.bool_], row: int) -> Indices:
    """The states (b,), where those of hidden parts are as the nearest that is seen: bare, or as the rest."""
    if seen.all() or not seen.any():
        return state
    nearest = _tree(blocks.middle[seen]).query(blocks.middle[~seen])[1]
    found = state.copy()
    found[~seen] = np.where(state[seen][nearest] == 0, 0, row)
    return found


def _as_after(blocks: Blocks, there: Floats, seen: NDArray[np.bool_], row: int) -> tuple[Indices, float]:
    """The states (b,) of all parts of a painting that is about after pass `row`, and what that costs."""
    rows = np.arange(blocks.planned.shape[0])
    state, pull = np.full(blocks.count, row), np.full((len(rows), blocks.count), 1.5 * PULL)
    untouched = difference(blocks.planned[row], blocks.planned[0]) < APART
    pull[0] = PULL
    off = _usual(blocks)
    for _ in range(4):
        biased = _biased(blocks, off)
        same = difference(biased, biased[row][None]) < APART
        away = np.minimum(difference(biased, np.nan_to_num(there)[None]) / OFF, WORST)
        cost = away + np.where(same, 0.0, pull)
        # Nothing is done after what is being done: later states only where they look like it.
        cost[(rows > row)[:, None] & ~same] += WORST
        cost[:, ~seen] = np.where(rows == row, 0.0, 1.0)[:, None]
        state = cost.argmin(axis=0)
        state = np.where(same[state, np.arange(blocks.count)], row, state)
        off = _bias(blocks, there, state, seen)
        alone = 1 - ((state == 0) | untouched)[blocks.beside].mean(axis=1)
        pull[0] = PULL * (STILL + (1 - STILL) * alone)
    best = cost[state, np.arange(blocks.count)]
    return state, float((best * blocks.weight)[seen].sum())


def over_value(values: Floats) -> Floats:
    """The terms (…, 2) of a painter's bias at planned values (…): at value 5, and the more toward black."""
    return np.stack([np.ones_like(values), (5 - values) / 5], -1)


def _usual(blocks: Blocks) -> Floats:
    """By how many values (k + 1, b) parts usually come out lighter than planned."""
    return np.asarray(over_value(value_of_lab(blocks.planned)) @ np.array(USUAL))


def _biased(blocks: Blocks, off: Floats) -> Floats:
    """The planned colours (k + 1, b, 3) as a painter lays them who is `off` (k + 1, b) values: what is bare
    stays."""
    values = value_of_lab(blocks.planned)
    painted = np.abs(values - values[:1]) > 0.05
    moved = blocks.planned.copy()
    # L* is about ten times the value.
    moved[..., 0] += 10 * np.where(painted, off, 0.0)
    return moved


def _bias(blocks: Blocks, there: Floats, state: Indices, seen: NDArray[np.bool_]) -> Floats:
    """By how many values (k + 1, b) a painter is lighter than planned: a line over value, by ridge regression
    about what is usual, and of what is left each mass's own, drawn to none where few parts of it tell."""
    values = value_of_lab(blocks.planned)
    own = values[state, np.arange(blocks.count)]
    use = seen & (np.abs(own - values[0]) > 0.05)
    if not use.any():
        return _usual(blocks)
    terms = over_value(own)[use]
    off = (value_of_lab(there[use]) - own[use]) - terms @ np.array(USUAL)
    # Outliers are parts in another state: what is far from the middle of all counts less.
    near = 1 / (1 + ((off - np.median(off)) / 0.5) ** 2)
    weight = blocks.weight[use] * near * LOOSE
    more = np.linalg.solve(terms.T @ (terms * weight[:, None]) + np.eye(2), terms.T @ (off * weight))
    line = np.array(USUAL) + more
    left, mass = off - terms @ more, blocks.mass[use]
    alone = np.zeros(int(blocks.mass.max()) + 1)
    for k in np.unique(mass):
        of_mass = left[mass == k]
        alone[k] = np.median(of_mass) * len(of_mass) / (len(of_mass) + OWN)
    return np.asarray(over_value(values) @ line + alone[blocks.mass])
