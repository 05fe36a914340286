"""Which sticks: one, or two or three laid over each other with light, middle or firm pressure."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import WHITE, difference, lab_of_xyz, value_of_lab, xyz_of_lab
from ..colour.spectra import Floats, weights
from ..materials.sticks import Stick
from ..optics.grain import PRESSURES, TOOTH, WANDER, mixing
from .measured import Recipe
from .preference import first_of_each

Ints = NDArray[np.intp]
Singles = NDArray[np.float32]

MORE = 0.35
"""ΔE₀₀ that another stick must save to be worth its place."""
MOST_STICKS = 3
"""Sticks laid over each other."""
KEPT = 24
"""Best pairs to which a third stick is tried."""
LIKELY, JUDGED = 6000, 600
"""Ways looked at by a coarse spectrum, and of those by the whole one: powers are what takes time."""
COARSE = 3
"""Bands that a coarse spectrum takes as one: spectra are smooth."""
LAB_OF_ROOTS = np.array([[0, 500, 0], [116, -500, 200], [0, 0, -200]], np.float32)
"""From the cube roots of X, Y and Z over those of white to Lab, but for a constant (CIE 15:2004, 8.2.1)."""
COVERS = tuple(PRESSURES.values())


def sticks_for(
    sticks: Sequence[Stick], ground: Floats, target: Sequence[float], count: int = 4
) -> tuple[Recipe, ...]:
    """Up to `count` ways to a target (3,) in Lab over a ground (36,), best first, the nearest among them.

    All single sticks and all ordered pairs are tried at every pressure, and a third over the best pairs. In a
    recipe `parts` are the covers in the order in which the sticks are laid, `load` their sum.
    """
    wanted = np.asarray(target, dtype=np.float64)
    # float32 is exact to about 0.001 ΔE here, and the many powers take half the time.
    covers = np.array(COVERS, np.float32)
    reflectances = mixing(np.array([stick.reflectance for stick in sticks])).astype(np.float32)
    strokes = (covers[None, :, None] * reflectances[:, None]).reshape(-1, reflectances.shape[-1])
    left = np.tile(1 - covers, len(sticks))
    lower, best, ways = mixing(ground).astype(np.float32)[None], np.zeros(1, np.intp), []
    for size in range(1, MOST_STICKS + 1):
        order, delta_e, labs = _nearest(lower, strokes, left, wanted)
        for k, away, lab in zip(order[: 3 * count].tolist(), delta_e.tolist(), labs, strict=False):
            own = _places(k, size, len(sticks), best)
            if sum(COVERS[c] for _, c in own) <= TOOTH and len({s for s, _ in own}) == size:
                ways.append((away + MORE * (size - 1), own, lab, away))
        # Continue from every single stroke, but only from the best pairs.
        best = order[:KEPT] if size > 1 else np.arange(len(strokes))
        lower = _over(lower, strokes, left, best)
    ways.sort(key=lambda way: (way[0], tuple(s for s, _ in way[1])))
    kept = first_of_each(ways, lambda way: frozenset(s for s, _ in way[1]))[:count]
    nearest = min(ways, key=lambda way: (way[3], tuple(s for s, _ in way[1])))
    if nearest not in kept:
        kept[-1] = nearest
    return tuple(_recipe(own, lab, delta_e, wanted) for _, own, lab, delta_e in kept)


def _over(lower: Singles, strokes: Singles, left: Singles, ways: Ints) -> Singles:
    """Looks (n, b) of strokes (s, b) that leave `left` (s,) of the lower ones (l, b) to be seen.

    A way (n,) is the place of the lower one times s, and that of the stroke."""
    at, stroke = np.divmod(ways, len(strokes))
    return strokes[stroke] + left[stroke, None] * lower[at]


def _nearest(lower: Singles, strokes: Singles, left: Singles, wanted: Floats) -> tuple[Ints, Floats, Floats]:
    """The ways of laying strokes over lower looks, nearest first, with ΔE₀₀ (n,) and Lab (n, 3)."""
    near = np.arange(len(lower) * len(strokes))
    if len(near) > 4 * LIKELY:
        near = _least(_at_a_glance(lower, strokes, left, wanted), LIKELY)
    if len(near) > 4 * JUDGED:
        bands = slice(COARSE // 2, None, COARSE)
        weigh = weights().astype(np.float32).reshape(-1, COARSE, 3).sum(axis=1)
        mixed = _over(lower[:, bands], strokes[:, bands], left, near)
        near = near[_least(np.square(_labs(mixed, weigh) - wanted).sum(axis=1), JUDGED)]
    labs = _labs(_over(lower, strokes, left, near), weights().astype(np.float32))
    delta_e = difference(labs, wanted)
    order = np.argsort(delta_e, kind="stable")
    return near[order], delta_e[order], labs[order]


def _at_a_glance(lower: Singles, strokes: Singles, left: Singles, wanted: Floats) -> Singles:
    """About how far, in Lab squared, every way is from what is wanted: X, Y and Z are mixed as if they were
    bands."""
    weigh = (weights() / weights().sum(axis=0)).astype(np.float32)
    mixed = (strokes @ weigh)[None] + left[None, :, None] * (lower @ weigh)[:, None]
    roots = mixed.reshape(-1, 3) ** np.float32(WANDER / 3)
    x, y, z = np.cbrt(xyz_of_lab(wanted) / WHITE).astype(np.float32)
    off = roots - np.array([x, y, z], np.float32)
    return np.square(off @ LAB_OF_ROOTS).sum(axis=1)


def _least(of: NDArray[np.floating[Any]], count: int) -> Ints:
    return np.sort(np.argpartition(of, count)[:count])


def _labs(mixed: Singles, weigh: Singles) -> Floats:
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


def _recipe(own: Sequence[tuple[int, int]], lab: Floats, delta_e: float, wanted: Floats) -> Recipe:
    lightness, a, b = lab.tolist()
    covers = tuple(COVERS[c] for _, c in own)
    reflectance = (lightness, a, b)
    error = float(value_of_lab(lab) - value_of_lab(wanted))
    return Recipe(
        tuple(s for s, _ in own), covers, sum(covers), len(own), reflectance, reflectance, delta_e, error
    )
