"""Sources of light in the picture: lamps, fires, windows, a sun; told from glints by the glow about them."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.masses import Division
from ..reference.picture import Picture, Singles

NEAR, FAR = 0.02, 0.09
"""Widths of the rings about a light that are compared, as shares of the long side."""
GLOW = 0.35
"""Values by which the near ring must be lighter than the far one: a glint has no glow."""
SECTORS, MOST = 8, 0.85
"""Directions that are looked at, and the share of them in which it must be so."""
ABOVE = 1.0
"""Values by which a source outshines all but a twentieth of the picture."""
LARGEST = 0.02
"""Share of the picture that a source takes at most."""
BRIGHT = 7.5
"""Least value of a source in the picture."""
SAME = 0.04
"""Shares of the picture within which a place means a source."""


Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Said:
    """The painter's word on a place: a light `shines` there, or does not."""

    x: float
    y: float
    shines: bool

    def near(self, x: float, y: float) -> bool:
        """Whether a place means the same light."""
        return bool(np.hypot(self.x - x, self.y - y) <= SAME)


@dataclass(frozen=True)
class LightSource:
    """A light that shines: its place (shares), its value, and the `glow` about it in values.

    `confirmed` where the painter has said so; else it is proposed.
    """

    x: float
    y: float
    value: float
    glow: float
    confirmed: bool = False


def confirmed_of(
    picture: Picture, found: Sequence[LightSource], said: Sequence[Said]
) -> tuple[LightSource, ...]:
    """The sources `found` in a picture as the painter has confirmed, denied or added to them."""
    height, width = picture.shape
    kept = [s for s in found if not any(word.near(s.x, s.y) and not word.shines for word in said)]
    sources = [replace(s, confirmed=any(word.near(s.x, s.y) for word in said)) for s in kept]
    for word in said:
        if word.shines and not any(word.near(s.x, s.y) for s in found):
            row, column = min(int(word.y * height), height - 1), min(int(word.x * width), width - 1)
            sources.append(LightSource(word.x, word.y, float(picture.value[row, column]), 0.0, True))
    return tuple(sources)


def sources_of(picture: Picture, division: Division) -> tuple[LightSource, ...]:
    """Accents and other small light masses that glow and outshine the rest, the strongest glow first.

    Proposals, for the painter to confirm.
    """
    height, width = picture.shape
    long = max(picture.shape)
    found = []
    rest = float(np.quantile(picture.value[::4, ::4], 0.95))
    held = np.bincount(division.labels.ravel())
    for label in np.flatnonzero((held > 0) & (held <= LARGEST * division.labels.size)).tolist():
        accent = label - division.flat_count - 1
        if accent >= 0 and not division.light_accent[accent]:
            continue
        mask = (division.labels == label).astype(np.uint8)
        if float(np.quantile(picture.value[mask > 0], 0.8)) < max(BRIGHT, rest + ABOVE):
            continue
        away = cv2.distanceTransform(1 - mask, cv2.DIST_L2, 5)
        near = (away > 2) & (away <= NEAR * long)
        far = (away > 2 * NEAR * long) & (away <= FAR * long)
        if not mask.any() or not near.any() or not far.any():
            continue
        value = float(np.quantile(picture.value[mask > 0], 0.8))
        glow = float(np.median(picture.value[near]) - np.median(picture.value[far]))
        rows, columns = np.nonzero(mask)
        x, y = float(columns.mean()) + 0.5, float(rows.mean()) + 0.5
        if glow >= GLOW and value >= BRIGHT and _all_round(picture.value, near, far, x, y):
            found.append(LightSource(x / width, y / height, value, glow))
    return tuple(sorted(found, key=lambda source: -source.glow))


def _all_round(value: Singles, near: Mask, far: Mask, x: float, y: float) -> bool:
    """Whether it is lighter near than far in nearly every direction: a glow, not a light patch beside."""
    rows, columns = np.mgrid[0 : value.shape[0], 0 : value.shape[1]]
    sector = ((np.arctan2(rows - y, columns - x) + np.pi) / (2 * np.pi) * SECTORS).astype(int) % SECTORS
    lighter = seen = 0
    for k in range(SECTORS):
        close, away = near & (sector == k), far & (sector == k)
        if close.any() and away.any():
            seen += 1
            lighter += float(np.median(value[close]) - np.median(value[away])) >= GLOW / 2
    return seen > 0 and lighter >= MOST * seen
