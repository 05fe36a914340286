"""Regions and their contours as a graph that is merged step by step, with contours kept summed."""

from __future__ import annotations

import math

import cv2
import numpy as np
from numpy.typing import NDArray
from skimage.measure import label as components

from .picture import Labels, Singles

Line = list[int]
"""Histogram of edge evidence along a contour: a plain list, as there are thousands of tiny ones."""
BINS = 24
EVIDENCE_TOP = 3.0
"""Edge evidence (values across 1 % of the long side) at the last bin of a contour's histogram."""


def edge_evidence(value: Singles, colour: Singles) -> Singles:
    """How much changes across 1 % of the long side at each pixel (h, w), in values.

    Twenty units of a*b* count as one value: a colour edge between equal values is an edge too.
    """
    span = max(value.shape) * 0.01
    total = _slope2(value)
    for channel in (0, 1):
        total += _slope2(np.ascontiguousarray(colour[..., channel])) / 400
    return np.sqrt(total) * np.float32(span)


def _slope2(channel: Singles) -> Singles:
    smooth = cv2.GaussianBlur(channel, (0, 0), 1.2)
    dx = cv2.Sobel(smooth, cv2.CV_32F, 1, 0, scale=1 / 8)
    dy = cv2.Sobel(smooth, cv2.CV_32F, 0, 1, scale=1 / 8)
    return dx * dx + dy * dy


def crossings(labels: Labels) -> tuple[NDArray[np.intp], NDArray[np.intp]]:
    """Flat indices of neighbouring pixels with different labels, the first left of or above the second."""
    flat = np.arange(labels.size).reshape(labels.shape)
    across = labels[:, 1:] != labels[:, :-1]
    down = labels[1:] != labels[:-1]
    first = np.concatenate([flat[:, :-1][across], flat[:-1][down]])
    second = np.concatenate([flat[:, 1:][across], flat[1:][down]])
    return first, second


class Regions:
    """Connected regions of a class map and the contours between them.

    `areas` pixels, `sums` (n, 3) of value, a*, b*; `contours[i][j]` a histogram of the edge
    evidence along the shared contour, whose sum is its length in pixel sides.
    """

    def __init__(self, classes: Labels, value: Singles, colour: Singles, edges: Singles) -> None:
        self.labels: Labels = components(classes, connectivity=1, background=-1).astype(np.int32) - 1
        self.count = int(self.labels.max()) + 1
        flat = self.labels.ravel()
        self.areas: list[float] = np.bincount(flat, minlength=self.count).astype(np.float64).tolist()
        channels = (value, colour[..., 0], colour[..., 1])
        sums = [np.bincount(flat, c.ravel(), self.count) for c in channels]
        self.sums: list[list[float]] = np.stack(sums, axis=1).tolist()
        level = np.minimum(edges.ravel() * (BINS / EVIDENCE_TOP), BINS - 1).astype(np.intp)
        inside = np.bincount(flat * BINS + level, minlength=self.count * BINS)
        self.inside: list[Line] = inside.reshape(self.count, BINS).tolist()
        self.into = np.arange(self.count)
        self.contours = self._contours(level)

    def _contours(self, level: NDArray[np.intp]) -> list[dict[int, Line]]:
        first, second = crossings(self.labels)
        flat = self.labels.ravel()
        a, b = flat[first], flat[second]
        low, high = np.minimum(a, b).astype(np.int64), np.maximum(a, b).astype(np.int64)
        strength = np.maximum(level[first], level[second])
        key, counts = np.unique((low * self.count + high) * BINS + strength, return_counts=True)
        contours: list[dict[int, Line]] = [{} for _ in range(self.count)]
        for code, length in zip(key.tolist(), counts.tolist(), strict=True):
            pair, bin_ = divmod(code, BINS)
            i, j = divmod(pair, self.count)
            line = contours[i].get(j)
            if line is None:
                line = contours[i][j] = contours[j][i] = [0] * BINS
            line[bin_] += length
        return contours

    def alive(self) -> list[int]:
        return [int(i) for i in np.flatnonzero(self.into == np.arange(self.count))]

    def mean(self, i: int) -> tuple[float, float, float]:
        """Mean value, a*, b* of region i."""
        area = max(self.areas[i], 1.0)
        value, a, b = self.sums[i]
        return value / area, a / area, b / area

    def apart(self, i: int, j: int) -> float:
        """Difference of two regions' means in values, colour counted as in `edge_evidence`."""
        (v, a, b), (w, c, d) = self.mean(i), self.mean(j)
        return math.sqrt((v - w) ** 2 + ((a - c) ** 2 + (b - d) ** 2) / 400)

    def length(self, i: int, j: int) -> int:
        return sum(self.contours[i][j])

    def merge(self, i: int, j: int) -> None:
        """Region i becomes part of region j; their contours to others are summed."""
        self.into[self.into == i] = j
        self.areas[j] += self.areas[i]
        self.sums[j] = [x + y for x, y in zip(self.sums[j], self.sums[i], strict=True)]
        self.inside[j] = _added(self.inside[j], self.inside[i])
        for k, line in self.contours[i].items():
            del self.contours[k][i]
            if k == j:
                continue
            own = self.contours[j].get(k)
            joined = line if own is None else _added(own, line)
            self.contours[j][k] = self.contours[k][j] = joined
        self.contours[i] = {}
        self.areas[i] = 0.0

    def drawn(self) -> Labels:
        """The label map (h, w) with regions numbered 0…n-1 in order of their first pixel."""
        merged = self.into[self.labels]
        _, first, inverse = np.unique(merged, return_index=True, return_inverse=True)
        rank = np.empty(len(first), np.int32)
        rank[np.argsort(first)] = np.arange(len(first), dtype=np.int32)
        return rank[inverse].reshape(self.labels.shape)


def _added(one: Line, other: Line) -> Line:
    return [a + b for a, b in zip(one, other, strict=True)]


def median_of(histogram: Line) -> float:
    """Median edge evidence of a contour's histogram, in values; interpolated inside the bin."""
    half = sum(histogram) / 2
    if half <= 0:
        return 0.0
    before = 0
    for k, held in enumerate(histogram):
        if before + held >= half:
            return (k + (half - before) / held) * EVIDENCE_TOP / BINS
        before += held
    return EVIDENCE_TOP
