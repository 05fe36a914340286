"""Which sticks: one, or two or three laid over each other with light, middle or firm pressure."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, lab_of_xyz, value_of_lab
from ..colour.spectra import Floats, weights
from ..materials.sticks import Stick
from ..optics.grain import PRESSURES, TOOTH, WANDER, mixing
from .search import MORE, Recipe

Ints = NDArray[np.intp]

KEPT = 24
"""Best pairs to which a third stick is tried."""
JUDGED = 600
"""Ways judged by their whole spectrum: the nearest by a coarse one."""
COARSE = 3
"""Bands that a coarse spectrum takes as one."""
COVERS = tuple(PRESSURES.values())


def sticks_for(
    sticks: Sequence[Stick], ground: Floats, target: Sequence[float], count: int = 4
) -> tuple[Recipe, ...]:
    """Up to `count` ways to a target (3,) in Lab over a ground (36,), best first.

    All single sticks and all ordered pairs are tried at every pressure, and a third over the best pairs. In a
    recipe `parts` are the covers in the order in which the sticks are laid, `load` their sum.
    """
    wanted = np.asarray(target, dtype=np.float64)
    # Single precision tells colours to a thousandth, and the many powers take half the time.
    looks = mixing(np.array([stick.look for stick in sticks])).astype(np.float32)
    bare, covers = mixing(ground).astype(np.float32), np.array(COVERS, np.float32)
    one = covers[None, :, None] * looks[:, None] + (1 - covers[None, :, None]) * bare
    found = [_ranked(one, wanted)]
    two = covers[None, :, None] * looks[:, None]
    left = (1 - covers)[None, :, None]
    first = one.reshape(-1, one.shape[-1])
    pairs = two[None] + left[None] * first[:, None, None]
    found.append(_ranked(pairs, wanted))
    flat = pairs.reshape(-1, pairs.shape[-1])
    best = found[-1][0][:KEPT]
    triples = two[None] + left[None] * flat[best][:, None, None]
    found.append(_ranked(triples, wanted))
    ways = []
    for size, (order, apart, labs) in enumerate(found, 1):
        for k in order[: 3 * count].tolist():
            own = _places(k, size, len(sticks), best)
            if sum(COVERS[c] for _, c in own) <= TOOTH and len({s for s, _ in own}) == size:
                ways.append((float(apart[k]) + MORE * (size - 1), own, labs[k], float(apart[k])))
    ways.sort(key=lambda way: (way[0], tuple(s for s, _ in way[1])))
    different = {frozenset(s for s, _ in way[1]): way for way in reversed(ways)}
    kept = list(different.values())[::-1][:count]
    return tuple(_recipe(own, lab, apart, wanted) for _, own, lab, apart in kept)


def _ranked(mixed: NDArray[np.floating[Any]], wanted: Floats) -> tuple[Ints, Floats, Floats]:
    """Indices by ΔE₀₀, ΔE₀₀ (infinite but for the nearest) and Lab of all (zero but for the nearest)."""
    flat = mixed.reshape(-1, mixed.shape[-1])
    near = _nearest(flat, wanted, JUDGED) if len(flat) > 4 * JUDGED else np.arange(len(flat))
    apart, labs = np.full(len(flat), np.inf), np.zeros((len(flat), 3))
    labs[near] = _labs(flat[near], weights().astype(np.float32))
    apart[near] = difference(labs[near], wanted)
    return near[np.argsort(apart[near], kind="stable")], apart, labs


def _nearest(flat: NDArray[np.floating[Any]], wanted: Floats, count: int) -> Ints:
    """About where the nearest are, by every third band: spectra are smooth, and powers are what takes
    time."""
    coarse = weights().astype(np.float32).reshape(-1, COARSE, 3).sum(axis=1)
    away = np.square(_labs(flat[:, COARSE // 2 :: COARSE], coarse) - wanted).sum(axis=1)
    return np.sort(np.argpartition(away, count)[:count])


def _labs(mixed: NDArray[np.floating[Any]], weigh: NDArray[np.floating[Any]]) -> Floats:
    return lab_of_xyz(np.power(mixed, np.float32(WANDER)) @ weigh)


def _places(index: int, size: int, count: int, best: Ints) -> list[tuple[int, int]]:
    """Sticks and covers (as places in COVERS) of a flat index, in the order in which they are laid."""
    steps = len(COVERS)
    if size == 1:
        return [divmod(index, steps)]
    before, last = divmod(index, count * steps)
    stick, cover = divmod(last, steps)
    lower = _places(before, 1, count, best) if size == 2 else _places(int(best[before]), 2, count, best)
    return [*lower, (stick, cover)]


def _recipe(own: Sequence[tuple[int, int]], lab: Floats, apart: float, wanted: Floats) -> Recipe:
    lightness, a, b = lab.tolist()
    covers = tuple(COVERS[c] for _, c in own)
    look = (lightness, a, b)
    error = float(value_of_lab(lab) - value_of_lab(wanted))
    return Recipe(tuple(s for s, _ in own), covers, sum(covers), len(own), look, look, apart, error)
