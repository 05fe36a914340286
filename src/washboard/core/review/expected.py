"""What a painting is compared with: where its masses lie, and what each should look like after each pass."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace
from functools import cached_property

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import value_of_lab
from ..materials.surfaces import Sheet, Surface
from ..plan.plan import Plan
from ..reference.picture import Labels

Floats = NDArray[np.float64]
Indices = NDArray[np.intp]


@dataclass(frozen=True, eq=False)
class Expected:
    """Masses by label (h, w), and their colours (k + 1, m, 3) in CIELAB, row 0 before the first pass.

    `ends` (k + 1, p, 2, 3) are the same of the light and the dark end of each `patch` (h, w), and `along`
    (h, w), 0–255, is how far from the one to the other each pixel lies.
    """

    plan: Plan
    labels: Labels
    colours: Floats
    ends: Floats
    patch: NDArray[np.uint16]
    along: NDArray[np.uint8]

    @property
    def sheet(self) -> Sheet:
        """The sheet and the picture on it."""
        return self.plan.sheet

    @property
    def surface(self) -> Surface:
        """What the masses are painted on."""
        return self.plan.surface

    @cached_property
    def index(self) -> Indices:
        """The place (h, w) of each pixel's mass in the plan."""
        return index_of(self.labels, self.plan)

    @cached_property
    def deep(self) -> NDArray[np.float32]:
        """How many pixels each lies from the border of its mass (h, w)."""
        return deep_in(self.index)

    @cached_property
    def values(self) -> Floats:
        """The values (n, m) of the masses after each of n - 1 passes, row 0 before the first."""
        return np.asarray(value_of_lab(self.colours))

    def planned(self, part: Indices, count: int) -> Floats:
        """The mean colours (k + 1, count, 3) of parts (h, w) of the picture as they are planned, row 0 before
        the first pass: those of a modelled mass differ from place to place."""
        ends = 2 * self.ends.shape[1]
        at, dark = (part * ends + 2 * self.patch).ravel(), self.along.ravel() / 255
        light = np.bincount(at, 1 - dark, count * ends) + np.bincount(at + 1, dark, count * ends)
        pixels = np.maximum(np.bincount(part.ravel(), minlength=count), 1)
        looks = self.ends.reshape(len(self.ends), ends, 3)
        return np.asarray(light.reshape(count, ends) / pixels[:, None] @ looks)

    @property
    def mass_ends(self) -> Floats:
        """The colours (n, m, 2, 3) of the light and the dark end of each mass, row 0 before the first pass:
        the mean of its patches."""
        count, patches = self.colours.shape[1], self.ends.shape[1]
        pixels = np.bincount((self.index * patches + self.patch).ravel(), minlength=count * patches)
        of_mass = pixels.reshape(count, patches)
        share = of_mass / np.maximum(of_mass.sum(axis=1, keepdims=True), 1)
        return np.asarray(np.einsum("mp,kpec->kmec", share, self.ends))

    @property
    def lightest(self) -> float:
        """The value above which nothing lies on the sheet but a lamp's reflection: that of the surface, or of
        the lightest paint."""
        paint = 0.0 if self.plan.medium.transparent else self.plan.medium.lightest
        return min(10.0, max(float(self.values.max()), self.surface.value, paint))

    @property
    def rows(self) -> int:
        """How many passes the plan has."""
        return len(self.colours) - 1

    @property
    def margin(self) -> tuple[float, float]:
        """The margin left and right, and above and below, as shares of the picture's width and height."""
        sheet = self.sheet
        return (
            (sheet.width_cm / sheet.picture_width_cm - 1) / 2,
            (sheet.height_cm / sheet.picture_height_cm - 1) / 2,
        )

    def looks_alike(self, row: int, seen: float = 0.2, area: float = 0.015) -> tuple[int, int]:
        """The first and the last pass that look like pass `row`: less than `area` of the picture differs by
        more than `seen` values."""
        share = np.bincount(self.index.ravel(), minlength=self.colours.shape[1]) / self.index.size
        apart = np.abs(self.values - self.values[row]) > seen
        alike = (apart * share).sum(axis=1) < area
        first = last = row
        while first > 0 and alike[first - 1]:
            first -= 1
        while last < self.rows and alike[last + 1]:
            last += 1
        return first, last


def deep_in(index: Indices) -> NDArray[np.float32]:
    """How many pixels each lies from the border of its mass (h, w)."""
    edge = np.zeros(index.shape, bool)
    across, down = index[:, 1:] != index[:, :-1], index[1:] != index[:-1]
    edge[:, 1:] |= across
    edge[:, :-1] |= across
    edge[1:] |= down
    edge[:-1] |= down
    return np.asarray(cv2.distanceTransform(1 - edge.astype(np.uint8), cv2.DIST_L2, 3))


def index_of(labels: Labels, plan: Plan) -> Indices:
    """The place (h, w) of each pixel's mass in a plan, from labels (h, w)."""
    place = np.zeros(1 + max(int(labels.max(initial=0)), max(m.label for m in plan.masses)), np.intp)
    for k, mass in enumerate(plan.masses):
        place[mass.label] = k
    return np.asarray(place[labels])


def mean_by(index: Indices, of: Floats, count: int, weight: Floats | None = None) -> Floats:
    """The mean (count, …) of an array (h, w, …) over the pixels of each index (h, w), or of lists (n, …) and
    (n,); NaN where none are."""
    flat = index.ravel()
    weights = np.ones(len(flat)) if weight is None else weight.ravel().astype(float)
    total = np.bincount(flat, weights, count)
    planes = of.reshape(len(flat), math.prod(of.shape[index.ndim :]))
    sums = np.stack([np.bincount(flat, weights * planes[:, c], count) for c in range(planes.shape[1])], -1)
    with np.errstate(invalid="ignore", divide="ignore"):
        found = sums / total[:, None]
    return np.asarray(found.reshape(count, *of.shape[index.ndim :]))


def cells(shape: tuple[int, int], across: int) -> Indices:
    """The number of the cell (h, w) in which each pixel lies, of a grid of `across` cells each way."""
    rows, columns = np.indices(shape)
    return np.asarray(rows * across // shape[0] * across + columns * across // shape[1])


def members(index: Indices, count: int) -> list[Indices]:
    """For each of `count` numbers, at most 65,535, the flat places (n,) of its pixels in an index (h, w)."""
    # Numbers of 16 bits are sorted by radix, which takes a tenth of the time.
    small = index.ravel().astype(np.uint16)
    order = np.argsort(small, kind="stable")
    bounds = np.searchsorted(small[order], np.arange(count + 1))
    return [order[bounds[k] : bounds[k + 1]] for k in range(count)]


def reduced(expected: Expected, side: int) -> Expected:
    """The same at most `side` pixels on its long side."""
    step = max(1, int(np.ceil(max(expected.labels.shape) / side)))
    every = (slice(step // 2, None, step),) * 2
    return replace(
        expected, labels=expected.labels[every], patch=expected.patch[every], along=expected.along[every]
    )
