"""The masses of a picture: what gets painted alike, as one label map."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from .accents import Accents
from .bands import MOST_FAMILIES, bands_of
from .cleanups import SPECK, dissolve, drop_fragments, join_gradients, reassign_slivers, share_rims, smoothed
from .picture import Labels, Picture
from .regions import Regions
from .squint import Squinted

MOST = 40
"""Masses without accents that a painter can hold in one picture."""
LEAST_HELD = 0.3
"""Share of a drawn thing that masses of its own hold at least, or it is one itself."""
LEAST_DRAWN = 0.00008
"""Share of the picture from which a thing that the painter drew is a mass: below it is a slip of the hand."""

Progress = Callable[[str, float], None]
"""Called with a stage's name and the share done; raising Stopped in it ends the work."""


def no_progress(stage: str, done: float) -> None:
    """Progress for callers who do not wait."""


@dataclass(frozen=True)
class Division:
    """The picture divided: `labels` (h, w) 1…n; accents have the last numbers, after `flat_count`.

    `light_accent[k]` belongs to label `flat_count + 1 + k`.
    """

    labels: Labels
    flat_count: int
    light_accent: tuple[bool, ...]

    @property
    def count(self) -> int:
        """How many masses there are, accents included."""
        return self.flat_count + len(self.light_accent)


def divide(
    picture: Picture,
    accents: Accents,
    squinted: Squinted,
    thresholds: Sequence[float],
    progress: Progress = no_progress,
    things: Labels | None = None,
) -> Division:
    """Masses from the squinted picture: bands first, then every contour is judged.

    `things` (h, w), of any size, are the painter's own areas, 0 where there is none: no mass crosses one, and
    each holds one of its own, however small it is: who draws the lamp wants it painted.

    The same picture and thresholds give the same masses; nothing is random.
    """
    value, colour = squinted.value, squinted.colour
    classes = bands_of(value, thresholds) * MOST_FAMILIES + squinted.family
    progress("bands", 0.25)
    regions = Regions(classes, value, colour, None if things is None else _sized(things, value.shape))
    dissolve(regions, SPECK / 8)
    reassign_slivers(regions)
    share_rims(regions, value)
    progress("rims", 0.5)
    dissolve(regions, SPECK / 2)
    join_gradients(regions)
    progress("gradients", 0.7)
    share_rims(regions, value)
    dissolve(regions, SPECK / 2)
    join_gradients(regions)
    dissolve(regions, SPECK, MOST)
    progress("contours", 0.85)
    # Numbers fall with area, so that a mass keeps its number when a small one vanishes.
    labels = smoothed(drop_fragments(regions.drawn()), picture.shape, sigma=1.6)
    if things is not None:
        labels = _with_drawn(labels, _sized(things, picture.shape), accents)
    return _with_accents(labels + 1, accents)


def _sized(things: Labels, shape: tuple[int, ...]) -> Labels:
    size = (shape[1], shape[0])
    return np.asarray(cv2.resize(things, size, interpolation=cv2.INTER_NEAREST_EXACT), np.int32)


def _with_drawn(labels: Labels, things: Labels, accents: Accents) -> Labels:
    """Labels (h, w) 0…n-1 with a mass more for each drawn thing (h, w) of which those that mostly lie in it,
    accents too, hold little."""
    count, first = int(things.max()) + 1, int(labels.max()) + 1
    whole = np.where(accents.labels > 0, first - 1 + accents.labels, labels).astype(np.int64)
    held = np.bincount((whole * count + things).ravel())
    table = np.pad(held, (0, -len(held) % count)).reshape(-1, count)
    own = np.where(2 * table > table.sum(axis=1, keepdims=True), table, 0).sum(axis=0)
    drawn = table.sum(axis=0)
    lost = (drawn >= LEAST_DRAWN * labels.size) & (own < LEAST_HELD * drawn)
    for number, thing in enumerate(np.flatnonzero(lost[1:]) + 1, first):
        labels = np.where(things == thing, number, labels)
    # Renumber without gaps: accents may have covered a mass completely.
    dense = np.cumsum(np.bincount(labels.ravel()) > 0, dtype=np.int32) - 1
    return np.asarray(dense[labels], np.int32)


def by_areas(areas: Labels) -> Division:
    """One mass for each area of a map (h, w) that is drawn flat."""
    there, dense = np.unique(areas, return_inverse=True)
    return Division(dense.reshape(areas.shape).astype(np.int32) + 1, len(there), ())


def _with_accents(labels: Labels, accents: Accents) -> Division:
    count = int(labels.max())
    there = accents.labels > 0
    result = np.where(there, accents.labels + count, labels).astype(np.int32)
    return Division(result, count, accents.light)
