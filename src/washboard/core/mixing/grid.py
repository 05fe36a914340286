"""Where a search for recipes begins: sets of paints, thin and thick, on a grid over what lies below."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import lru_cache
from itertools import combinations, permutations

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, lab_of_xyz
from ..colour.spectra import BANDS, weights
from ..materials.paints import Paint
from ..optics.vehicle import Vehicle
from .mixture import AT_ONCE, MixingModel, mixing_model_of

Floats = NDArray[np.float64]
Ints = NDArray[np.int64]


PAIR = (0.03, 0.12, 0.3, 0.5, 0.7, 0.88, 0.97)
"""Shares of the first of two paints on the grid: as they tint, not as they measure, since a strong paint does
in a touch what a weak one does in ten parts."""
TRIPLE = (
    (0.34, 0.33, 0.33),
    (0.7, 0.15, 0.15),
    (0.15, 0.7, 0.15),
    (0.15, 0.15, 0.7),
    *permutations((0.5, 0.33, 0.17)),
    (0.47, 0.47, 0.06),
    (0.47, 0.06, 0.47),
    (0.06, 0.47, 0.47),
    (0.92, 0.04, 0.04),
    (0.04, 0.92, 0.04),
    (0.04, 0.04, 0.92),
    (0.98, 0.01, 0.01),
    (0.01, 0.98, 0.01),
    (0.01, 0.01, 0.98),
)
"""Ratios of three paints on the grid, as they tint."""
THICK = 6
"""Thicknesses on the grid, evenly spaced in their logarithm."""
FOLLOWED = 20
"""Sets of paints followed from the grid for each target."""
NEAR_GROUND = 5.0
"""ΔE₀₀ of grounds over which one grid serves to find sets of paints."""
FAR = 6.0
"""ΔE₀₀ from which a target is out of reach, and the plane of Lab about it a poor map."""
TARGETS_AT_ONCE = 16
"""Targets compared with a grid together: their distances stay in the processor's cache."""
MOST_PAINTS = 3


@dataclass(frozen=True)
class Grid:
    """Sets of paints, thin and thick, on a grid.

    `sets` (s, 3) indices, -1 where fewer; `owner` (n,) the set of each point, with its `thicknesses` (n, 3),
    its `films` R and T (n, 36), which no ground changes, and its colour `labs` (n, 3) over one.
    """

    sets: Ints
    owner: Ints
    thicknesses: Floats
    films: tuple[Floats, Floats]
    labs: Floats

    def over(self, model: MixingModel) -> Grid:
        """The same grid over the ground of another model with the same paints."""
        labs = np.empty((len(self.owner), 3))
        for k in range(0, len(labs), AT_ONCE):
            r, t = (each[k : k + AT_ONCE] for each in self.films)
            labs[k : k + AT_ONCE] = lab_of_xyz(model.vehicle.seen_over(r, t, model.ground) @ weights())
        return replace(self, labs=labs)


def grid_of(model: MixingModel, most: int = MOST_PAINTS) -> Grid:
    """The grid of a model's sets of up to `most` paints over its ground."""
    count, vehicle = len(model.paints), model.vehicle
    sets = [
        tuple(chosen) + (-1,) * (3 - size)
        for size in range(1, min(most, count) + 1)
        for chosen in combinations(range(count), size)
    ]
    thick = np.geomspace(max(vehicle.weakest, 0.01), vehicle.most, THICK)
    shapes = {1: np.array([[1.0, 0, 0]]), 2: np.array([[a, 1 - a, 0] for a in PAIR]), 3: np.array(TRIPLE)}
    owners, thicknesses = [], []
    # A place for no paint comes last, where -1 finds it.
    tints = np.append((model.absorption + model.scattering).mean(axis=1), 1.0)
    for k, chosen in enumerate(sets):
        shares = shapes[sum(c >= 0 for c in chosen)] / tints[list(chosen)]
        shares = shares / shares.sum(axis=1, keepdims=True)
        # Keep thin and thick films of one set as separate candidates: a scumble and a coat may both fit.
        points = (thick[:, None, None] * shares[None]).reshape(-1, 3)
        owners.append(np.repeat([2 * k, 2 * k + 1], len(points) // 2))
        thicknesses.append(points)
    owner, thickness = np.concatenate(owners), np.concatenate(thicknesses)
    all_sets = np.repeat(np.array(sets, dtype=np.intp), 2, axis=0)
    amounts = all_thicknesses(model, all_sets[owner], thickness)
    films = np.empty((2, len(thickness), model.absorption.shape[1]))
    for k in range(0, len(thickness), AT_ONCE):
        some = amounts[k : k + AT_ONCE]
        films[:, k : k + AT_ONCE] = model.vehicle.film(some @ model.absorption, some @ model.scattering)
    return Grid(all_sets, owner, thickness, (films[0], films[1]), np.zeros((0, 3))).over(model)


def all_thicknesses(model: MixingModel, sets: Ints, thicknesses: Floats) -> Floats:
    """Loads (n, p) of all paints from loads (n, 3) of the paints in `sets` (n, 3)."""
    full = np.zeros((len(sets), len(model.paints) + 1))
    np.put_along_axis(full, sets, thicknesses, axis=1)
    return full[:, :-1]


def followed_sets(model: MixingModel, grid: Grid, wanted: Floats) -> tuple[Ints, Ints, Floats]:
    """The sets to follow for targets (n, 3), each sought over its own ground."""
    if model.ground.ndim == 1:
        return nearest_on(grid, wanted, FOLLOWED)
    reflectances = lab_of_xyz(model.ground @ weights())
    left, parts = np.arange(len(wanted)), []
    while len(left):
        # A nearby ground is good enough for a starting point.
        near = difference(reflectances[left], reflectances[left[0]]) <= NEAR_GROUND
        targets, left = left[near], left[~near]
        over = grid.over(model.over(model.ground[targets[0]]))
        which, sets, thicknesses = nearest_on(over, wanted[targets], FOLLOWED)
        parts.append((targets[which], sets, thicknesses))
    which, sets, thicknesses = (np.concatenate(each) for each in zip(*parts, strict=True))
    order = np.argsort(which, kind="stable")
    return which[order], sets[order], thicknesses[order]


def nearest_on(grid: Grid, wanted: Floats, followed: int) -> tuple[Ints, Ints, Floats]:
    """The sets to follow for targets (n, 3): which target (c,), paints (c, 3), loads (c, 3) to start from."""
    starts = np.flatnonzero(np.r_[True, np.diff(grid.owner) != 0])
    ends = np.append(starts[1:], len(grid.owner))
    followed = min(followed, len(starts))
    lightness, a, b = grid.labs.T
    square = np.stack([lightness**2, a * a, b * b, lightness * a, lightness * b, a * b, lightness, a, b])
    metrics = metric_of(wanted)
    form = metrics.transpose(0, 2, 1) @ metrics
    square_of = np.einsum("ni,nij,nj->n", wanted, form, wanted)
    linear = -2 * (form @ wanted[..., None])[..., 0]
    weigh = np.concatenate([form[:, [0, 1, 2], [0, 1, 2]], 2 * form[:, [0, 0, 1], [1, 2, 2]], linear], axis=1)
    at = []
    for k in range(0, len(wanted), TARGETS_AT_ONCE):
        # Squared distance without |target|², which is the same for all candidates.
        away = weigh[k : k + TARGETS_AT_ONCE] @ square
        nearest = np.minimum.reduceat(away, starts, axis=1)
        for row in np.flatnonzero(nearest.min(axis=1) + square_of[k : k + TARGETS_AT_ONCE] > FAR**2):
            # The local metric holds only near a target; compare sets far from it by CIEDE2000 itself.
            least = np.flatnonzero(away[row] == np.repeat(nearest[row], ends - starts))
            points = least[np.searchsorted(least, starts)]
            nearest[row] = difference(grid.labs[points], wanted[k + row])
        near = np.argpartition(nearest, followed - 1)[:, :followed]
        near = np.take_along_axis(near, np.take_along_axis(nearest, near, 1).argsort(axis=1), 1)
        for own, sets in zip(away, near.tolist(), strict=True):
            at += [starts[s] + int(own[starts[s] : ends[s]].argmin()) for s in sets]
    found = np.array(at)
    return np.repeat(np.arange(len(wanted)), followed), grid.sets[grid.owner[found]], grid.thicknesses[found]


def metric_of(wanted: Floats) -> Floats:
    """For each target (n, 3) the matrix (3, 3) that turns small Lab differences into those of CIEDE2000.

    Lightness, chroma and hue are weighted as there; its turning of blues is left out.
    """
    lightness, a, b = wanted.T
    chroma = np.hypot(a, b)
    away = np.square(lightness - 50)
    weigh_l = 1 / (1 + 0.015 * away / np.sqrt(20 + away))
    weigh_c, weigh_h = 1 / (1 + 0.045 * chroma), 1 / (1 + 0.015 * chroma)
    cos, sin = a / np.maximum(chroma, 1e-9), b / np.maximum(chroma, 1e-9)
    cos = np.where(chroma > 1e-9, cos, 1.0)
    zero = np.zeros_like(chroma)
    rows = [
        [weigh_l, zero, zero],
        [zero, weigh_c * cos, weigh_c * sin],
        [zero, -weigh_h * sin, weigh_h * cos],
    ]
    return np.array(rows).transpose(2, 0, 1)


@lru_cache(maxsize=8)
def grid_for(vehicle: Vehicle, paints: tuple[Paint, ...], surface: bytes) -> Grid:
    """The grid of paints in a vehicle over a surface (36,), as bytes: kept for whoever asks next."""
    model = mixing_model_of(paints, vehicle, np.frombuffer(surface))
    return _grid_over_white(vehicle, paints).over(model)


@lru_cache(maxsize=4)
def _grid_over_white(vehicle: Vehicle, paints: tuple[Paint, ...]) -> Grid:
    """Its films, which no ground changes, are most of a grid's work."""
    return grid_of(mixing_model_of(paints, vehicle, np.ones(BANDS)))
