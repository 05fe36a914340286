"""Spots in the predicted pictures: what effects and own passes do to places that are no whole masses."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import encoded_of, lab_of_linear, linear_of, linear_of_lab, value_of_linear
from ..plan.spot import Change, Spot
from .histories import Histories, Numbers, Singles, histories_of
from .prediction import PatchMap, Table, painted

Bytes = NDArray[np.uint8]

GRADES = 4
"""Into how many steps the modelling under a spot is parted."""
COVERED = 3.0
"""Bytes by which what lies below must change for paint laid later to have covered a spot."""
MOST_PATCHES = 60_000
"""What the map can tell apart."""
SMEARED, TONES = 0.008, 12
"""How far paint is smeared, as a share of the long side, and into how many tones a smear is parted."""


def with_spots(
    table: Table, maps: PatchMap, spots: Sequence[Spot], masses: Sequence[str], covers: bool
) -> tuple[Table, PatchMap]:
    """The table and the map with spots in them, in their order; `masses` the ids by the table's numbers.

    Where paint `covers`, a spot is gone once its place is painted over.
    """
    spots = [one for spot in spots for one in _expanded(table, maps, spot)]
    if not spots:
        return table, maps
    last = np.zeros(maps.first.shape, np.int32)
    for number, spot in enumerate(spots, 1):
        last[spot.at][spot.strength > 0] = number
    for grades in (GRADES, 2, 1):
        histories = histories_of(table, maps, spots, last, grades)
        if len(histories.spot) + len(table.mass) <= MOST_PATCHES:
            break
    return _shown(table, maps, spots, last > 0, histories, masses, covers)


def _shown(
    table: Table,
    maps: PatchMap,
    spots: Sequence[Spot],
    inside: NDArray[np.bool_],
    histories: Histories,
    masses: Sequence[str],
    covers: bool,
) -> tuple[Table, PatchMap]:
    """The table and the map with a patch for each history that a pixel `inside` (h, w) has."""
    bytes_, mass = _coloured(table, spots, histories, masses, covers)
    used, at = np.unique(histories.own, return_inverse=True)
    before = np.where(histories.parent[used] >= 0, histories.parent[used], used)
    colours = np.rint(np.stack([bytes_[:, before], bytes_[:, used]], axis=2)).astype(np.uint8)
    values = value_of_linear(linear_of(colours / 255))
    fuller = Table(
        np.concatenate([table.colours, colours], axis=1),
        np.concatenate([table.values, values], axis=1),
        np.concatenate([table.mass, mass[used]]),
        table.patch,
    )
    planes = {name: getattr(maps, name).copy() for name in ("first", "second", "weight", "along", "beyond")}
    planes["first"][inside] = planes["second"][inside] = len(table.mass) + at.ravel()
    planes["weight"][inside] = 0
    planes["along"][inside] = planes["beyond"][inside] = histories.strength
    return fuller, replace(maps, **planes)


def _coloured(
    table: Table, spots: Sequence[Spot], histories: Histories, masses: Sequence[str], covers: bool
) -> tuple[Singles, NDArray[np.intp]]:
    """Colours (r, n, 3) in bytes of every history after every pass, and the number (n,) of its mass."""
    bytes_ = np.empty((len(table.colours), len(histories.parent), 3), np.float32)
    mass = np.empty(len(histories.parent), np.intp)
    first, second, shade, light, far = histories.rooted.T
    grades = max(int(light.max(initial=0)), int(far.max(initial=0)), 1)
    weight = (shade / 4)[None, :, None]
    own = _between(table, first, light / grades)
    bytes_[:, : len(first)] = own * (1 - weight) + _between(table, second, far / grades) * weight
    mass[: len(first)] = table.mass[first]
    born = np.flatnonzero(histories.spot >= 0)
    cuts = np.flatnonzero(np.diff(histories.spot[born])) + 1
    for group in np.split(born, cuts) if len(born) else ():
        spot, under = spots[int(histories.spot[group[0]])], histories.parent[group]
        mass[group] = mass[under]
        names = [masses[m] for m in mass[group]] if spot.change is Change.MOVES else []
        changed = changed_by(spot, bytes_[:, under], names, covers)
        part = histories.share[group][None, :, None]
        bytes_[:, group] = bytes_[:, under] * (1 - part) + changed * part
    return bytes_, mass


def _between(table: Table, patch: Numbers, share: NDArray[np.float64]) -> Singles:
    """Colours (r, n, 3) of patches (n,) at a share (n,) of the way from their light to their dark end."""
    ends = table.colours[:, patch].astype(np.float32)
    t = share[None, :, None].astype(np.float32)
    return ends[:, :, 0] * (1 - t) + ends[:, :, 1] * t


def changed_by(spot: Spot, below: Singles, masses: Sequence[str], covers: bool) -> Singles:
    """Colours (r, n, 3) in bytes as a spot leaves those that lie `below` it, in its pass and after it; what
    is MOVED belongs to the `masses` (n,)."""
    row = spot.row
    changed = below.copy()
    after = below[row:]
    if spot.change is Change.MOVES:
        by = np.array([spot.by.get(name, (0.0, 0.0, 0.0)) for name in masses])
        lab = lab_of_linear(linear_of(after / 255)) + by
        changed[row:] = 255 * encoded_of(np.clip(linear_of_lab(lab), 0, 1))
    else:
        wanted = (255 * encoded_of(np.clip(linear_of_lab(np.array(spot.lab)), 0, 1))).astype(np.float32)
        if spot.change is Change.DARKENS:
            changed[row:] = np.minimum(after, wanted)
        elif spot.change is Change.LIGHTENS:
            changed[row:] = np.maximum(after, wanted)
        else:
            changed[row:] = wanted
    if covers:
        # What is painted over later shows the later paint.
        over = np.abs(after - below[row]).max(axis=-1) > COVERED
        over = np.logical_or.accumulate(over, axis=0)
        changed[row:][over] = after[over]
    return changed


def _expanded(table: Table, maps: PatchMap, spot: Spot) -> Sequence[Spot]:
    """A smear as the tones that it leaves, each a spot; any other spot as it is."""
    if spot.change is not Change.SMEARS:
        return (spot,)
    seen = painted(table, maps, spot.row)
    reach = SMEARED * max(seen.shape[:2])
    top, bottom, left, right = spot.box
    pad = int(3 * reach) + 1
    rows = slice(max(0, top - pad), bottom + pad)
    columns = slice(max(0, left - pad), right + pad)
    smeared = cv2.GaussianBlur(seen[rows, columns].astype(np.float32), (0, 0), reach)
    own = smeared[top - rows.start :, left - columns.start :][: bottom - top, : right - left]
    there = spot.strength > 0
    grey = own.mean(axis=-1)
    ends = np.quantile(grey[there], np.linspace(0, 1, TONES + 1)[1:-1])
    tone = np.searchsorted(ends, grey)
    found = []
    for k in range(TONES):
        inside = there & (tone == k)
        if inside.any():
            lightness, a, b = lab_of_linear(linear_of(own[inside].mean(axis=0) / 255)).tolist()
            strength = np.where(inside, spot.strength, 0).astype(np.uint8)
            found.append(replace(spot, strength=strength, change=Change.COVERS, lab=(lightness, a, b)))
    return found
