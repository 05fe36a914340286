"""The pixels of one mass, and their medians and quantiles."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from .mass import Lab
from .picture import Singles

Mask = NDArray[np.bool_]

SAMPLED = 3000
"""Pixels of a mass from which its medians are taken, at least."""
SMALL = 600
"""Pixels under which a mass has no ridge worth following: its width is its largest circle's."""


@dataclass(frozen=True)
class MassPixels:
    """One mass: `at` its pixels' flat indices in reading order, `rows` and `columns` its bounding box.

    `value` (n,) and `lab` (n, 3) hold every so many of its pixels; `box_lab` all of its box.
    """

    label: int
    at: NDArray[np.intp]
    centre: tuple[float, float]
    rows: slice
    columns: slice
    mask: Mask
    value: Singles
    lab: Singles
    box_lab: Singles

    @property
    def count(self) -> int:
        """How many pixels it has."""
        return len(self.at)


def median_colour(colours: NDArray[np.floating]) -> Lab:
    """The median of colours (n, 3), channel by channel."""
    middle = np.partition(colours, len(colours) // 2, axis=0)[len(colours) // 2]
    return float(middle[0]), float(middle[1]), float(middle[2])


def quantiles_of(values: NDArray[np.floating], *shares: float) -> tuple[float, ...]:
    """The values (n,) below which the given shares lie, each to the nearest value there is."""
    ranked = np.sort(values)
    return tuple(float(ranked[round(share * (len(ranked) - 1))]) for share in shares)
