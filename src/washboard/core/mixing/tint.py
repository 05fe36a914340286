"""A strong paint let down first: where a mixture takes less than a painter can measure, a tint of it is mixed
in another of its paints, and the mixture is measured from that tint."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from functools import cache
from itertools import product

import numpy as np
from numpy.typing import NDArray

from .brush_parts import SHARE, Tint
from .grid import MOST_PAINTS, all_thicknesses
from .measured import Recipe, off_by
from .mixture import MixingModel
from .preference import UNSEEN, missed

Floats = NDArray[np.float64]

LET_DOWN = (2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 15.0)
"""Parts in which one part of the strong paint is let down."""
TAKEN, ADDED = (0.5, 1.0, 1.5, 2.0, 3.0, 4.0), (0.0, 0.5, 1.0, 1.5, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0)
"""Parts of the tint, and of each other paint, in the mixture made from it."""
BESIDE = (0.5, 1.0, 2.0, 3.0)
"""Parts of a second paint that is let down with it."""
TRIED = 12
"""Nearest ratios whose colour is looked at."""
FARTHER = 0.3
"""ΔE₀₀ that a mixture in two steps may be off by more than one that is out of reach already."""
BRUSHFUL = 0.02
"""Price of a brushful, in the unit of `missed`: of ratios that come as near the shortest is told."""


@dataclass(frozen=True)
class _Ratios:
    """Every way of measuring from a tint: parts let down in (r,), of a second paint let down with it (r,),
    of the tint (r,), of the paint it is let down in added (r,) and of a third paint added (r,); logarithms
    (r, 3) of the shares of the strong paint, of what it is let down in and of the third that this makes."""

    down: Floats
    beside: Floats
    taken: Floats
    added: Floats
    third: Floats
    logs: Floats


@cache
def _ratios(paints: int, both: bool) -> _Ratios:
    thirds = ADDED[1:] if paints == MOST_PAINTS and not both else (0.0,)
    rows = np.array(list(product(LET_DOWN, BESIDE if both else (0.0,), TAKEN, ADDED, thirds)))
    total = rows[:, 2:].sum(axis=1)
    measured = np.where(rows[:, 2:] > 0, rows[:, 2:], total[:, None])
    in_tint = 1 + rows[:, 0] + rows[:, 1]
    least = np.where(rows[:, 1] > 0, np.minimum(rows[:, 1], 1.0), 1.0)
    rows = rows[(measured.min(axis=1) >= SHARE * total) & (least >= SHARE * in_tint)]
    down, beside, taken, added, third = rows.T
    of_tint = taken / (1 + down + beside)
    made = np.stack([of_tint, added + of_tint * down, third + of_tint * beside], axis=1)
    logs = np.log(np.maximum(made / made.sum(axis=1, keepdims=True), 1e-6))
    return _Ratios(down, beside, taken, added, third, logs)


def _ratios_for(recipe: Recipe) -> _Ratios:
    """Those of the recipe's number of paints, with two let down together where two are too little."""
    return _ratios(len(recipe.paints), len(recipe.paints) == MOST_PAINTS and sorted(recipe.shares)[1] < SHARE)


def in_two_steps(model: MixingModel, recipes: Sequence[Recipe], wanted: Floats) -> list[Recipe]:
    """The recipes, those with a paint under SHARE measured from a tint of it where that comes as near to its
    target (n, 3), the others as they are. The model has a ground for all or for each of n."""
    found = list(recipes)
    small = [k for k, r in enumerate(recipes) if len(r.paints) > 1 and sorted(r.shares)[0] < SHARE]
    if not small:
        return found
    ways = [(k, at) for k in small for at in _near(recipes[k])]
    owner = np.array([k for k, _ in ways])
    sets = np.full((len(ways), 3), -1, np.intp)
    shares = np.zeros((len(ways), 3))
    for row, (k, at) in enumerate(ways):
        own = _placed(recipes[k])
        sets[row, : len(own)] = own
        shares[row] = np.exp(_ratios_for(recipes[k]).logs[at])
    shares *= sets >= 0
    shares /= shares.sum(axis=1, keepdims=True)
    thickness = np.array([recipes[k].thickness for k, _ in ways])
    tried = model.at(owner)
    full = all_thicknesses(tried, sets, shares * thickness[:, None])
    labs, wet = tried.labs(full), tried.labs(full, wet=True)
    delta_e, error = off_by(labs, wanted[owner])
    price = missed(delta_e, error) + np.array([BRUSHFUL * _brushfuls(recipes[k], at) for k, at in ways])
    for k in small:
        of_it = np.flatnonzero(owner == k)
        best = int(of_it[price[of_it].argmin()])
        was = recipes[k].delta_e
        if delta_e[best] <= (UNSEEN if was <= UNSEEN else was + FARTHER):
            looks = _three(labs[best]), _three(wet[best])
            found[k] = _made(recipes[k], ways[best][1], *looks, float(delta_e[best]), float(error[best]))
    return found


def _placed(recipe: Recipe) -> list[int]:
    """Its paints: the strong one, what it is let down in (the largest part), the third."""
    by_share = [paint for _, paint in sorted(zip(recipe.shares, recipe.paints, strict=True))]
    return [by_share[0], by_share[-1], *by_share[1:-1]]


def _near(recipe: Recipe) -> list[int]:
    """Places of the ratios that come nearest to the recipe's, by logarithm."""
    placed, ratios = _placed(recipe), _ratios_for(recipe)
    share = dict(zip(recipe.paints, recipe.shares, strict=True))
    logs = np.log([share[paint] for paint in placed])
    away = np.square(ratios.logs[:, : len(placed)] - logs).sum(axis=1)
    nearest: list[int] = np.argsort(away, kind="stable")[:TRIED].tolist()
    return nearest


def _brushfuls(recipe: Recipe, at: int) -> float:
    own = _ratios_for(recipe)
    return float(1 + own.down[at] + own.beside[at] + own.taken[at] + own.added[at] + own.third[at])


def _made(
    recipe: Recipe,
    at: int,
    lab: tuple[float, float, float],
    wet: tuple[float, float, float],
    delta_e: float,
    value_error: float,
) -> Recipe:
    """The recipe measured by a ratio: parts of the pure paints, the largest first, and the tint."""
    placed, own = _placed(recipe), _ratios_for(recipe)
    pure = np.exp(own.logs[at][: len(placed)])
    pure *= max(recipe.parts) / pure.max()
    order = np.argsort(-pure, kind="stable")
    rest = [(placed[1], float(own.added[at])), *((paint, float(own.third[at])) for paint in placed[2:])]
    tint = Tint(
        placed[0],
        placed[1],
        float(own.down[at]),
        float(own.taken[at]),
        tuple((paint, parts) for paint, parts in rest if parts),
        (placed[2], float(own.beside[at])) if own.beside[at] else None,
    )
    paints, parts = tuple(placed[k] for k in order), tuple(round(float(pure[k]), 9) for k in order)
    return replace(
        recipe,
        paints=paints,
        parts=parts,
        lab=lab,
        wet=wet,
        delta_e=delta_e,
        value_error=value_error,
        tint=tint,
    )


def _three(of: Floats) -> tuple[float, float, float]:
    one, two, three = of.tolist()
    return one, two, three
