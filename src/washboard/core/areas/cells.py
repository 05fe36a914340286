"""Cells: chips divided finer, and an area divided in two by a cut between two strokes."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..cut import NEVER, least_cut
from ..reference.contours import contacts
from ..reference.picture import Labels
from .superpixels import Superpixels, flooded

CELLS = 2500
"""Cells sought, more or less."""
LOOK = (0.66, 1.27, 1.27, 9.0, 9.0)
"""Weights of L*, a*, b* and the two textures in how alike two cells look."""
ALIKE = 6.0
"""Weighted difference that counts as another look."""
BETWEEN, SHARP = 4.0, 9.0
"""Price of a pixel side divided where there is no edge, and how fast it falls with the edge."""

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Cells:
    """`labels` (h, w) 0…n-1; `chip` (n,) the chip of each; `colour` (n, 5) its mean channels, weighted;
    `areas` (n,) pixels; contacts `first`, `second` (c,) with `length` and mean `edge` 0–1."""

    labels: Labels
    chip: NDArray[np.intp]
    colour: Floats
    areas: Floats
    first: NDArray[np.intp]
    second: NDArray[np.intp]
    length: Floats
    edge: Floats


def cells_of(superpixels: Superpixels) -> Cells:
    """The cells of chips: a finer watershed of the same edges, each inside one chip."""
    fine = flooded(superpixels.edge, CELLS)
    key = superpixels.labels.astype(np.int64) * (int(fine.max()) + 1) + fine
    known, dense = np.unique(key, return_inverse=True)
    labels = dense.reshape(fine.shape).astype(np.int32)
    count, flat = len(known), labels.ravel()
    areas = np.bincount(flat, minlength=count).astype(np.float64)
    channels = superpixels.channels.reshape(-1, 5)
    colour = np.stack([np.bincount(flat, channels[:, c], count) / areas * LOOK[c] for c in range(5)], axis=1)
    first, second, length, edge = contacts(labels, superpixels.edge)
    chip = known // (int(fine.max()) + 1)
    return Cells(labels, chip.astype(np.intp), colour, areas, first, second, length, edge / length)


def divided(
    cells: Cells, inside: NDArray[np.bool_], here: NDArray[np.intp], there: NDArray[np.intp]
) -> NDArray[np.bool_]:
    """Which cells (n,) of those `inside` belong to `here` rather than `there`, by a minimum cut.

    A cell is drawn to the side whose nearest stroked cell it looks more like; dividing two cells is
    cheap along an edge. Stroked cells stay on their side; where both strokes meet, `here` wins.
    """
    nearest = [_unlike(cells, seeds) for seeds in (here, there)]
    pull = np.clip(np.stack(nearest) / ALIKE, 0, 2) * np.sqrt(cells.areas)
    leave, take = pull[1].copy(), pull[0].copy()
    take[there], leave[there] = NEVER, 0.0
    leave[here], take[here] = NEVER, 0.0
    take[~inside], leave[~inside] = NEVER, 0.0
    both = inside[cells.first] & inside[cells.second]
    between = BETWEEN * cells.length * np.exp(-SHARP * cells.edge**2)
    return least_cut(cells.first[both], cells.second[both], between[both], leave, take) & inside


def _unlike(cells: Cells, seeds: NDArray[np.intp]) -> Floats:
    """How little each cell (n,) looks like the most alike of the seeds."""
    if not len(seeds):
        return np.full(len(cells.areas), 2 * ALIKE)
    apart = cells.colour[:, None, :] - cells.colour[None, seeds, :]
    return np.asarray(np.sqrt((apart**2).sum(axis=2)).min(axis=1))
