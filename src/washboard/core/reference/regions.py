"""Regions and their contours as a graph that is merged step by step, with contours kept summed."""

from __future__ import annotations

import math
from operator import add

import cv2
import numpy as np
from numpy.typing import NDArray

from .contours import crossings
from .picture import Labels, Singles

Line = list[int]
"""Histogram of edge evidence along a contour, its sum at the end: a plain list, as there are
thousands of tiny ones."""
Mean = tuple[float, float, float]
"""Mean value, a* and b* of a region."""
BINS = 24
EVIDENCE_TOP = 3.0
"""Edge evidence (values across 1 % of the long side) at the last bin of a contour's histogram."""


def edge_evidence(value: Singles, colour: Singles) -> Singles:
    """How much changes across 1 % of the long side at each pixel (h, w), in values.

    Twenty units of a*b* count as one value: a colour edge between equal values is an edge too.
    """
    channels = cv2.GaussianBlur(cv2.merge([value, *cv2.split(colour / 20)]), (0, 0), 1.2)
    steps = (cv2.Sobel(channels, cv2.CV_32F, *axis, scale=1 / 8) for axis in ((1, 0), (0, 1)))
    total = sum(cv2.transform(step * step, np.ones((1, 3))) for step in steps)
    return np.sqrt(total) * np.float32(max(value.shape) * 0.01)


class Regions:
    """Connected regions of a class map and the contours between them.

    `areas` pixels, `sums` (n, 3) of value, a*, b*; `contours[i][j]` a histogram of the edge
    evidence along the shared contour, with its length in pixel sides at the end.
    """

    def __init__(
        self, classes: Labels, value: Singles, colour: Singles, things: Labels | None = None
    ) -> None:
        """`things` (h, w): the painter's own areas, 0 where there is none; no region crosses them."""
        if things is not None:
            classes = classes + things * (int(classes.max()) + 1)
        from skimage.measure import label as components  # takes long to import: only where it is needed

        self.labels: Labels = components(classes, connectivity=1, background=-1).astype(np.int32) - 1
        self.count = int(self.labels.max()) + 1
        flat = self.labels.ravel().astype(np.intp)
        self.areas: list[float] = np.bincount(flat, minlength=self.count).astype(np.float64).tolist()
        channels = (value, colour[..., 0], colour[..., 1])
        sums = [np.bincount(flat, c.ravel(), self.count) for c in channels]
        self.sums: list[list[float]] = np.stack(sums, axis=1).tolist()
        self.things = np.zeros(self.count, np.intp)
        if things is not None:
            self.things[flat] = things.ravel()
        edges = edge_evidence(value, colour).ravel()
        level = np.minimum(edges * (BINS / EVIDENCE_TOP), BINS - 1).astype(np.intp)
        inside = np.bincount(flat * BINS + level, minlength=self.count * BINS)
        self.inside = _with_sum(inside)
        self.into = np.arange(self.count)
        self.contours = self._contours(flat, level)
        self._shared: list[tuple[NDArray[np.intp], int]] = []

    def _contours(self, flat: NDArray[np.intp], level: NDArray[np.intp]) -> list[dict[int, Line]]:
        first, second = crossings(self.labels)
        a, b = flat[first], flat[second]
        strength = np.maximum(level[first], level[second])
        pairs = np.minimum(a, b) * self.count + np.maximum(a, b)
        pairs, which = np.unique(pairs, return_inverse=True)
        lines = _with_sum(np.bincount(which * BINS + strength, minlength=len(pairs) * BINS))
        contours: list[dict[int, Line]] = [{} for _ in range(self.count)]
        for i, j, line in zip(*(each.tolist() for each in np.divmod(pairs, self.count)), lines, strict=True):
            contours[i][j] = contours[j][i] = line
        return contours

    def alive(self) -> list[int]:
        """The regions that were not merged into others."""
        return [int(i) for i in np.flatnonzero(self.into == np.arange(self.count))]

    def mean(self, i: int) -> Mean:
        """Mean value, a*, b* of region i."""
        area = max(self.areas[i], 1.0)
        value, a, b = self.sums[i]
        return value / area, a / area, b / area

    def apart(self, i: int, j: int) -> float:
        """Difference of two regions' means in values, colour counted as in `edge_evidence`."""
        return _apart(self.mean(i), self.mean(j))

    def host(self, i: int) -> int:
        """The neighbour of region i with the least contrast, a longer border counting for more.

        One of the same thing comes before any other.
        """
        own, lines = self.mean(i), self.contours[i]
        total = sum(line[BINS] for line in lines.values())
        return min(
            lines,
            key=lambda j: (
                self.things[j] != self.things[i],
                _apart(own, self.mean(j)) / (0.25 + lines[j][BINS] / total),
                j,
            ),
        )

    def length(self, i: int, j: int) -> int:
        """Pixels of contour between two regions."""
        return self.contours[i][j][BINS]

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

    def share(self, sides: dict[int, tuple[int, int]], value: Singles) -> None:
        """Give the pixels of each region of `sides` to whichever of two others is nearer in value (h, w).

        The region as a whole is merged into the nearer of the two.
        """
        if not sides:
            return
        labels = self.into[self.labels].ravel()
        given = np.full(self.count, -1)
        given[list(sides)] = np.arange(len(sides))
        pixels = np.flatnonzero(given[labels] >= 0)
        pixels = pixels[np.argsort(given[labels[pixels]], kind="stable")]
        ends = np.searchsorted(given[labels[pixels]], np.arange(len(sides)), side="right")
        for (i, (a, b)), own in zip(sides.items(), np.split(pixels, ends[:-1]), strict=True):
            middle = (self.mean(a)[0] + self.mean(b)[0]) / 2
            light, dark = (a, b) if self.mean(a)[0] > self.mean(b)[0] else (b, a)
            lighter = value.ravel()[own] > middle
            self._shared += [(own[lighter], light), (own[~lighter], dark)]
            self.merge(i, light if self.mean(i)[0] > middle else dark)

    def drawn(self) -> Labels:
        """The label map (h, w) with regions numbered 0…n-1 by falling area."""
        labels = self.into[self.labels].ravel()
        for pixels, region in self._shared:
            labels[pixels] = self.into[region]
        held = np.bincount(labels, minlength=self.count)
        rank = np.empty(self.count, np.int32)
        rank[np.argsort(-held, kind="stable")] = np.arange(self.count, dtype=np.int32)
        return rank[labels].reshape(self.labels.shape)


def _apart(one: Mean, other: Mean) -> float:
    (v, a, b), (w, c, d) = one, other
    return math.sqrt((v - w) ** 2 + ((a - c) ** 2 + (b - d) ** 2) / 400)


def _with_sum(counts: NDArray[np.intp]) -> list[Line]:
    rows = counts.reshape(-1, BINS)
    found: list[Line] = np.column_stack([rows, rows.sum(axis=1)]).tolist()
    return found


def _added(one: Line, other: Line) -> Line:
    return list(map(add, one, other))


def median_of(histogram: Line) -> float:
    """Median edge evidence of a contour's histogram, in values; interpolated inside the bin."""
    half = histogram[BINS] / 2
    if half <= 0:
        return 0.0
    before = 0
    for k, held in enumerate(histogram):
        if before + held >= half:
            return (k + (half - before) / held) * EVIDENCE_TOP / BINS
        before += held
    return EVIDENCE_TOP
