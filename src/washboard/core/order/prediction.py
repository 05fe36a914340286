"""The prediction: a table passes × patches, and the map that looks it up without a visible step.

A patch is the part of a mass with one history. The picture after pass k is row k of the table looked
up through the patch map: two patches and a weight for every pixel, so that edges are as soft as they
were measured and a wash that stops inside a mass fades out.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import encoded_of
from ..colour.spectra import linear_of_spectrum, value_of_spectrum
from ..colour.value import luminance_of
from ..reference.contours import nearest_border
from ..reference.picture import Labels, Singles
from .parts import STRIP_CM
from .result import PlanningResult

Floats = NDArray[np.float64]
Bytes = NDArray[np.uint8]

FADE_CM = 0.9 * STRIP_CM
"""Width over which a stop inside a mass fades out."""
LEAST_EDGE_PX, MOST_EDGE_PX = 1.2, 20.0


@dataclass(frozen=True)
class Table:
    """`colours` (k + 1, p, 2, 3) sRGB bytes at the light and dark end of each patch, row 0 bare;
    `values` (k + 1, p, 2) Munsell; `mass` (p,) index of each patch's mass; `patch` (parts,)."""

    colours: Bytes
    values: Floats
    mass: NDArray[np.intp]
    patch: NDArray[np.intp]

    @property
    def greys(self) -> Bytes:
        """The same table (k, p, 2) as neutral greys of equal value, k rows before and after every pass: the
        values-only twin."""
        grey = encoded_of(luminance_of(self.values) / 100)
        return np.rint(grey * 255).astype(np.uint8)


@dataclass(frozen=True)
class PatchMap:
    """For every pixel (h, w): patch `first`, its neighbour `second`, and `weight` 0–127 of the
    second; `along` 0–255 from the light to the dark end of graded masses, and `beyond` the same for
    the second where it begins, so that both sides of a border mix the same two colours."""

    first: NDArray[np.uint16]
    second: NDArray[np.uint16]
    weight: Bytes
    along: Bytes
    beyond: Bytes


def table_of(worked: PlanningResult) -> Table:
    """The table of predictions of a worked plan."""
    rows = np.stack([worked.scene.bare, *(step.after for step in worked.steps)])
    covered = [step.covered for step in worked.steps] or [np.zeros(rows.shape[1], bool)]
    history = np.stack([worked.scene.parts.mass, *covered], axis=1)
    _, first, patch = np.unique(history, axis=0, return_index=True, return_inverse=True)
    reflectances = rows[:, first]
    colours = np.rint(encoded_of(linear_of_spectrum(reflectances)) * 255).astype(np.uint8)
    return Table(colours, value_of_spectrum(reflectances), worked.scene.parts.mass[first], patch.ravel())


def patch_map(table: Table, parts: Labels, along: Singles, soft: Singles, width_cm: float) -> PatchMap:
    """The map of patches with soft edges; `parts` (h, w), `along` (h, w) 0–1, `soft` (h, w) pixels over which
    the nearest border between masses fades out, `width_cm` > 0.

    Inside a mass the transition is the width over which a wash fades out.
    """
    patches = table.patch[parts].astype(np.int32)
    to_border, across = nearest_border(patches)
    other = patches.ravel()[across]
    # Distances count from the border between two pixels, half a pixel before the next one's centre.
    distance = to_border + np.float32(0.5)
    fade = FADE_CM * parts.shape[1] / width_cm
    width = np.where(
        table.mass[patches] == table.mass[other], fade, np.clip(soft, LEAST_EDGE_PX, MOST_EDGE_PX)
    )
    # Linear ramp across the border: 50 % on it, 100 % own colour half a width inside.
    weight = np.clip(0.5 - distance / np.maximum(width, 1e-6), 0, 0.5)
    steps = np.rint(np.clip(along, 0, 1) * 255).astype(np.uint8)
    return PatchMap(
        patches.astype(np.uint16),
        other.astype(np.uint16),
        np.rint(weight * 254).astype(np.uint8),
        steps,
        steps.ravel()[across],
    )


def painted(table: Table, where: PatchMap, row: int, values_only: bool = False) -> Bytes:
    """The picture (h, w, 3) after pass `row` (0: bare), or its values-only twin."""
    if values_only:
        ends = np.repeat(table.greys[row][..., None], 3, axis=-1).astype(np.float32)
    else:
        ends = table.colours[row].astype(np.float32)

    def laid(patch: NDArray[np.uint16], steps: Bytes) -> Singles:
        t = steps.astype(np.float32)[..., None] / 255
        return np.asarray(ends[patch, 0] * (1 - t) + ends[patch, 1] * t)

    picture = laid(where.first, where.along)
    # Most of a picture lies away from soft edges.
    soft = where.weight > 0
    w = where.weight[soft].astype(np.float32)[:, None] / 254
    picture[soft] = picture[soft] * (1 - w) + laid(where.second[soft], where.beyond[soft]) * w
    return np.rint(picture).astype(np.uint8)
