"""The merge tree: chips joined two by two, the most alike first, kept so that any count can be read."""

from __future__ import annotations

import heapq
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.contours import contacts, frame_lengths
from .superpixels import Superpixels

BINS = 24
RANGES = ((0.0, 100.0), (-60.0, 60.0), (-60.0, 60.0), (0.0, 3.2), (0.0, 3.2))
"""Lowest and highest value of each channel's histogram."""
WEIGHTS = (0.66, 1.25, 1.25, 0.3, 1.24)
"""Of the channels' differences: L*, a*, b*, and texture at two scales."""
EDGE = 2.2
"""Weight of the mean edge (0–1) along a shared border against the difference of histograms."""
SMALL_POWER = 0.28
"""Power of the smaller one's share: a small piece is joined before a large one."""
ENCLOSED = 0.21
"""How much of the price falls away where the other holds all of the smaller one's outline."""
FREE = 0.008
"""Share of the picture under which a piece is merged almost for nothing."""

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Tree:
    """`merges` (n - 1, 2): in order, the piece that was joined and the piece it was joined to."""

    superpixels: Superpixels
    merges: tuple[tuple[int, int], ...]

    def cut(self, count: int) -> NDArray[np.int32]:
        """The area (n,) 0…k-1 of each chip when `count` pieces are left, the largest first."""
        number = self.superpixels.count
        into = np.arange(number)
        for small, large in self.merges[: max(0, number - count)]:
            into[into == small] = large
        held = np.bincount(into[self.superpixels.labels.ravel()], minlength=number)
        rank = np.full(number, -1, np.int32)
        alive = np.flatnonzero(held)
        rank[alive[np.argsort(-held[alive], kind="stable")]] = np.arange(len(alive))
        return rank[into]


def tree_of(superpixels: Superpixels) -> Tree:
    """Chips joined cheapest first: how much their histograms differ, and how sure their shared edge is.

    A difference counts less where one of the two is small, or nearly enclosed by the other.
    """
    growing = _Growing(superpixels)
    heap = [(growing.price(i, j), i, j, 0, 0) for i in growing.borders for j in growing.borders[i] if i < j]
    heapq.heapify(heap)
    merges = []
    while heap:
        _, i, j, age_i, age_j = heapq.heappop(heap)
        if growing.age.get(i) != age_i or growing.age.get(j) != age_j:
            continue
        small, large = sorted((i, j), key=lambda k: (growing.areas[k], -k))
        growing.merge(small, large)
        merges.append((small, large))
        for k in growing.borders[large]:
            a, b = min(large, k), max(large, k)
            heapq.heappush(heap, (growing.price(a, b), a, b, growing.age[a], growing.age[b]))
    return Tree(superpixels, tuple(merges))


class _Growing:
    """Pieces while they are merged: areas, cumulative histograms, borders as (length, summed edge)."""

    def __init__(self, superpixels: Superpixels) -> None:
        count, labels = superpixels.count, superpixels.labels
        self.total = labels.size
        flat = labels.ravel()
        held = np.bincount(flat, minlength=count).astype(np.float64)
        # Each piece's mean histogram: OpenCV compares two rows in a fifth of NumPy's time.
        self.colours = (_histograms(superpixels) / held[:, None]).astype(np.float32)
        # Single numbers are read thousands of times: lists give them faster than arrays.
        self.areas: list[float] = held.tolist()
        self.age: dict[int, int] = dict.fromkeys(range(count), 0)
        self.borders = _borders(superpixels)
        frame = frame_lengths(labels, count).tolist()
        self.outline = [
            sum(length for length, _ in self.borders[i].values()) + frame[i] for i in range(count)
        ]

    def price(self, i: int, j: int) -> float:
        small = i if self.areas[i] <= self.areas[j] else j
        share = self.areas[small] / self.total
        length, edge = self.borders[i][j]
        differ = cv2.norm(self.colours[i], self.colours[j], cv2.NORM_L1)
        price = (differ + EDGE * edge / length) * share**SMALL_POWER
        price *= 1 - ENCLOSED * length / max(self.outline[small], 1.0)
        return price * 0.05 if share < FREE else price

    def merge(self, small: int, large: int) -> None:
        both = self.areas[large] + self.areas[small]
        self.colours[large] += (self.colours[small] - self.colours[large]) * (self.areas[small] / both)
        self.areas[large] = both
        shared = self.borders[large].pop(small)[0]
        self.outline[large] += self.outline[small] - 2 * shared
        for k, (length, edge) in self.borders.pop(small).items():
            if k == large:
                continue
            del self.borders[k][small]
            own = self.borders[large].get(k, (0.0, 0.0))
            self.borders[large][k] = self.borders[k][large] = (own[0] + length, own[1] + edge)
        del self.age[small]
        self.age[large] += 1


def _histograms(superpixels: Superpixels) -> Floats:
    """Weighted cumulative histograms (n, 5 · BINS) of each chip's channels, summed over its pixels."""
    count, flat = superpixels.count, superpixels.labels.ravel().astype(np.intp)
    columns = []
    for channel, (low, high), weight in zip(range(5), RANGES, WEIGHTS, strict=True):
        level = (superpixels.channels[..., channel].ravel() - low) * (BINS / (high - low))
        level = np.clip(level, 0, BINS - 1).astype(np.intp)
        held = np.bincount(flat * BINS + level, minlength=count * BINS).reshape(count, BINS)
        columns.append(weight * np.cumsum(held, axis=1, dtype=np.float64) * (high - low) / BINS / 10)
    return np.concatenate(columns, axis=1)


def _borders(superpixels: Superpixels) -> dict[int, dict[int, tuple[float, float]]]:
    borders: dict[int, dict[int, tuple[float, float]]] = {i: {} for i in range(superpixels.count)}
    for i, j, length, edge in zip(
        *(each.tolist() for each in contacts(superpixels.labels, superpixels.edge)), strict=True
    ):
        borders[i][j] = borders[j][i] = (length, edge)
    return borders
