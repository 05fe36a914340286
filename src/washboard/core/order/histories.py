"""What happened to the pixels that lie under spots: each different history once."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..plan.spot import FULL, Spot
from .prediction import PatchMap, Table

Bytes = NDArray[np.uint8]
Singles = NDArray[np.float32]
Numbers = NDArray[np.int64]

SHARES = 4
"""Into how many steps the strength of a spot is parted that lies under another."""
DITHER = np.array([[0, 8, 2, 10], [12, 4, 14, 6], [3, 11, 1, 9], [15, 7, 13, 5]], np.float32) / 16
"""Bayer's ordered dither: steps are not seen as bands."""


@dataclass(frozen=True)
class Histories:
    """What happened to the pixels under spots, each different history once: the one before it, `parent`
    (n,) –1 for none; the `spot` (n,) –1 for none and the `share` (n,) 0–1 of it; of the first ones the
    patches and grades they are `rooted` in (n, 5). `own` (k,) the history of each pixel and `strength` (k,)
    of its last spot."""

    parent: Numbers
    spot: Numbers
    share: Singles
    rooted: Numbers
    own: Numbers
    strength: Bytes


def histories_of(
    table: Table, maps: PatchMap, spots: Sequence[Spot], last: NDArray[np.int32], grades: int
) -> Histories:
    """What happened to every pixel (k,) that lies under spots, `last` (h, w) the number of its last one
    from 1 on; modelling under them is parted into so many `grades`."""
    inside = last > 0
    rooted, now = _roots(table, maps, inside, grades)
    parent, of_spot = [np.full(len(rooted), -1)], [np.full(len(rooted), -1)]
    share = [np.ones(len(rooted), np.float32)]
    numbers = np.full(last.shape, -1, np.int64)
    numbers[inside] = np.arange(len(now))
    total, strength = len(rooted), np.zeros(len(now), np.uint8)
    for number, spot in enumerate(spots):
        there = spot.strength > 0
        pixels, given = numbers[spot.at][there], spot.strength[there]
        ends = last[spot.at][there] == number + 1
        # The last spot of a pixel fades out as finely as it is; one below another in a few steps.
        step = np.where(ends, SHARES, np.rint(given / FULL * SHARES).astype(np.int64))
        changed = step > 0
        pixels, step, given, ends = pixels[changed], step[changed], given[changed], ends[changed]
        code, own = np.unique(now[pixels] * (SHARES + 1) + step, return_inverse=True)
        parent.append(code // (SHARES + 1))
        of_spot.append(np.full(len(code), number))
        share.append((code % (SHARES + 1) / SHARES).astype(np.float32))
        now[pixels] = total + own.ravel()
        strength[pixels[ends]] = given[ends]
        total += len(code)
    return Histories(
        np.concatenate(parent), np.concatenate(of_spot), np.concatenate(share), rooted, now, strength
    )


def _roots(table: Table, maps: PatchMap, inside: NDArray[np.bool_], grades: int) -> tuple[Numbers, Numbers]:
    """What lies under spots: both patches, the share of the second in quarters, and the grades of both on
    their way (n, 5), each different one once, and which of these each pixel (k,) is."""
    height, width = inside.shape
    dither = np.tile(DITHER, (-(-height // 4), -(-width // 4)))[:height, :width]

    def graded(steps: Bytes) -> Numbers:
        along = steps[inside].astype(np.float32) / 255 * (grades - 1)
        return np.floor(along + dither[inside]).astype(np.int64).clip(0, grades - 1)

    shade = np.rint(maps.weight[inside] / 254 * 4).astype(np.int64)
    first = maps.first[inside].astype(np.int64)
    second = np.where(shade > 0, maps.second[inside], first).astype(np.int64)
    far = np.where(shade > 0, graded(maps.beyond), 0)
    roots = np.stack([first, second, shade, graded(maps.along), far], axis=1)
    count = len(table.mass)
    code = (((first * count + second) * 8 + shade) * 8 + roots[:, 3]) * 8 + far
    _, at, now = np.unique(code, return_index=True, return_inverse=True)
    return roots[at], now.ravel().astype(np.int64)
