"""Loads of paints brought nearer to colours: a damped Gauss–Newton method in Lab, many at once."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .grid import all_thicknesses, metric_of
from .mixture import MixingModel

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]

ANOTHER_COAT = 0.3
"""ΔE₀₀ that another coat must save to be laid and waited for."""
ASIDE = np.vstack([np.zeros(3), np.eye(3)])
"""Where derivatives are taken: at the loads themselves, and a step aside in each."""
REACHED, STUCK = 0.01, 100.0
"""ΔE₀₀ below which a colour is reached; damping from which refinement does not move any more."""


def refined(model: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats, rounds: int) -> Floats:
    """Loads (c, 3) of the paints in `sets` (c, 3) brought nearer to their targets (c, 3) in Lab by so many
    steps, within what the vehicle lays.

    `off` (c, 4) is how far each is from its target, as CIEDE2000 weighs it, and what its coats cost.
    """
    used, metric = sets >= 0, metric_of(wanted)
    x = np.log(np.where(used, np.maximum(thicknesses, 1e-4), 1.0))
    damping = np.full(len(x), 1e-3)

    def away(by: MixingModel, logs: Floats, at: Ints) -> Floats:
        own = np.where(used[at], np.exp(logs), 0.0)
        labs = by.at(at).labs(all_thicknesses(model, sets[at], own))
        missed = (metric[at] @ (labs - wanted[at])[..., None])[..., 0]
        return np.column_stack([missed, coats_cost(model, own.sum(axis=1))])

    def bounded(logs: Floats, at: Ints) -> Floats:
        own = np.where(used[at], np.exp(np.clip(logs, -9.2, 2.0)), 0.0)
        total = own.sum(axis=1, keepdims=True)
        low, high = model.vehicle.weakest, model.vehicle.most
        own *= np.clip(total, low, high) / total
        return np.log(np.where(used[at], np.maximum(own, 1e-4), 1.0))

    left = np.arange(len(x))
    x = bounded(x, left)
    off = away(model, x, left)
    missed = np.square(off).sum(axis=1)
    step = 1e-3
    for _ in range(rounds):
        # Stop refining rows that reached the target, or that no smaller step improved.
        left = np.flatnonzero((missed > REACHED**2) & (damping < STUCK))
        if not len(left):
            break
        here = x[left]
        # All partial derivatives in one call: for few colours calls cost more than sums.
        beside = here + step * ASIDE[:, None] * used[left]
        around = away(model.coarse, beside.reshape(-1, 3), np.tile(left, 4)).reshape(4, len(left), -1)
        slopes = np.moveaxis((around[1:] - around[0]) / step, 0, 2)
        normal = slopes.transpose(0, 2, 1) @ slopes
        scale = np.trace(normal, axis1=1, axis2=2)[:, None, None] / 3 + 1e-9
        normal = normal + (damping[left, None, None] * scale + 1e-9) * np.eye(3)
        right = slopes.transpose(0, 2, 1) @ -off[left][..., None]
        move = np.clip(np.linalg.solve(normal, right)[..., 0], -1.2, 1.2)
        tried = bounded(here + move, left)
        there = away(model, tried, left)
        now = np.square(there).sum(axis=1)
        better = now < missed[left]
        moved = left[better]
        x[moved], off[moved], missed[moved] = tried[better], there[better], now[better]
        damping[left] *= np.where(better, 1 / 4, 6.0)
    return np.where(used, np.exp(x), 0.0)


def coats_cost(model: MixingModel, thickness: Floats) -> Floats:
    """What films (n,) thicker than one coat cost, in ΔE₀₀."""
    return ANOTHER_COAT * np.maximum(thickness / model.vehicle.strongest - 1, 0.0)


def rank_within(groups: Ints, by: Floats) -> Ints:
    """The rank (n,) of each among its group, of groups (n,), by a number (n,), the least first; of equal ones
    the earlier."""
    order = np.lexsort((np.arange(len(by)), by, groups))
    rank = np.empty(len(by), dtype=np.intp)
    rank[order] = np.arange(len(by)) - np.searchsorted(groups[order], groups[order])
    return rank
