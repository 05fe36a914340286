"""Parts: masses divided where a pass may stop inside them, and the contacts between parts.

A large mass is a core and one strip along each neighbour, so that a wash may run a little way under
it on one side without going all round it on the others. Strips follow the borders: where a wash
stops inside a mass it stops along a line parallel to the edge, never at a grid.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..reference.contours import lengths, nearest_border
from ..reference.mass import Mass
from ..reference.picture import Labels

STRIP_CM = 1.2
"""Width of a strip: about two widths of a middle-sized brush."""
DIVIDED_FROM_CM2 = 40.0
LEAST_BORDER_CM = 3.0

Floats = NDArray[np.float64]
Indices = NDArray[np.intp]


@dataclass(frozen=True)
class Parts:
    """`mass` (p,) index of the mass of each part, `areas` (p,) cm²; contacts as parallel arrays.

    `first`, `second` (c,) are parts, `length` (c,) cm, `hardness` (c,) 0.2–1; `inner` (c,) is true
    where both belong to one mass.
    """

    mass: Indices
    areas: Floats
    first: Indices
    second: Indices
    length: Floats
    hardness: Floats

    @cached_property
    def inner(self) -> NDArray[np.bool_]:
        """Which contacts (c,) lie between two parts of one mass."""
        return self.mass[self.first] == self.mass[self.second]

    def of(self, mass: int) -> Indices:
        """Parts of one mass."""
        order, ends = self._by_mass
        return order[ends[mass] : ends[mass + 1]]

    @cached_property
    def _by_mass(self) -> tuple[Indices, Indices]:
        """The parts mass by mass, and where those of each mass begin."""
        order = np.argsort(self.mass, kind="stable")
        return order, np.searchsorted(self.mass[order], np.arange(self.mass.max(initial=-1) + 2))


@dataclass(frozen=True)
class Cut:
    """Parts together with their map: `labels` (h, w) holds the part of each pixel."""

    parts: Parts
    labels: Labels


def whole(masses: Sequence[Mass]) -> Parts:
    """One part a mass, contacts from the masses' own borders: for pieces without a label map."""
    index = {mass.id: k for k, mass in enumerate(masses)}
    contacts = [
        (index[m.id], index[b.mass], b.length_cm, b.hardness)
        for m in masses
        for b in m.borders
        if b.mass in index and index[m.id] < index[b.mass]
    ]
    first, second, length, hardness = zip(*contacts, strict=True) if contacts else ((), (), (), ())
    return Parts(
        np.arange(len(masses)),
        np.array([m.area_cm2 for m in masses], dtype=np.float64),
        np.array(first, dtype=np.intp),
        np.array(second, dtype=np.intp),
        np.array(length, dtype=np.float64),
        np.array(hardness, dtype=np.float64),
    )


def divided(masses: Sequence[Mass], labels: Labels, width_cm: float) -> Cut:
    """Parts of every mass and their map; `labels` (h, w) holds the masses' labels, `width_cm` > 0."""
    cm = width_cm / labels.shape[1]
    index_of = np.zeros(int(labels.max(initial=0)) + 1, np.int32)
    for k, mass in enumerate(masses):
        index_of[mass.label] = k
    index = index_of[labels]
    count = len(masses)
    distance, across = nearest_border(index)
    nearest = index.ravel()[across]
    splits = _splits(masses)
    # A strip's code is mass × count + neighbour; a core's is mass × count + mass.
    may = splits[index, nearest]
    strip = (distance * cm <= STRIP_CM) & may
    code = index.astype(np.int64) * count + np.where(strip, nearest, index)
    codes, flat = np.unique(code, return_inverse=True)
    part = flat.reshape(labels.shape).astype(np.int32)
    return Cut(_parts(masses, part, codes // count, cm), part)


def _splits(masses: Sequence[Mass]) -> NDArray[np.bool_]:
    """Which masses (row) get a strip along which neighbour (column)."""
    index = {mass.id: k for k, mass in enumerate(masses)}
    splits = np.zeros((len(masses), len(masses)), bool)
    for k, mass in enumerate(masses):
        if mass.area_cm2 < DIVIDED_FROM_CM2:
            continue
        for border in mass.borders:
            splits[k, index[border.mass]] = border.length_cm >= LEAST_BORDER_CM
    return splits


def _parts(masses: Sequence[Mass], part: Labels, mass: NDArray[np.int64], cm: float) -> Parts:
    count = len(mass)
    square = lengths(part, count) * cm
    first, second = np.nonzero(np.triu(square) > 0.02)
    hardness = np.ones(len(first))
    table = {(m.id, b.mass): b.hardness for m in masses for b in m.borders}
    ids = [m.id for m in masses]
    for c, (a, b) in enumerate(zip(first, second, strict=True)):
        hardness[c] = table.get((ids[mass[a]], ids[mass[b]]), 0.2)
    areas = np.bincount(part.ravel(), minlength=count).astype(np.float64) * cm * cm
    return Parts(mass.astype(np.intp), areas, first, second, square[first, second], hardness)
