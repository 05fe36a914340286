"""Mixtures as they are measured by brush: the ratios that are tried, and the thickness that suits each."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference, value_of_lab
from .brush_parts import Tint, easy, measures
from .grid import MOST_PAINTS, all_thicknesses
from .mixture import MixingModel
from .preference import Taste, missed
from .refine import coats_cost, rank_within

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]

ROUNDED = 6
"""Ratios of brush parts tried about the refined one, of all and of the easy ones."""
THICKENED = 3
"""Ratios of brush parts, by nearness and by preference, whose best thickness is sought."""


@dataclass(frozen=True)
class Recipe:
    """How to mix one colour.

    `paints` indices into the model's paints, the largest part first; `parts` as measured by brush;
    `thickness` in unit films, all layers together, `layers` the coats or washes it takes; `lab` dry and `wet`
    (as mixed and laid) (3,); `delta_e` ΔE₀₀ and `value_error` values from the target, lighter positive;
    `tint` how it is measured in two steps, where a paint is too little of it.
    """

    paints: tuple[int, ...]
    parts: tuple[float, ...]
    thickness: float
    layers: int
    lab: tuple[float, float, float]
    wet: tuple[float, float, float]
    delta_e: float
    value_error: float
    tint: Tint | None = None

    @property
    def shares(self) -> Floats:
        """Share of each paint (n,)."""
        parts = np.array(self.parts)
        return np.asarray(parts / parts.sum())


def recipe_from_parts(
    model: MixingModel, parts: Sequence[tuple[int, float]], thickness: float, target: ArrayLike
) -> Recipe:
    """A mixture that is given, places in the model with their parts, as a recipe for a target (3,)."""
    sets = np.full((1, 3), -1, np.intp)
    amounts = np.zeros((1, 3))
    for k, (paint, part) in enumerate(parts[:MOST_PAINTS]):
        sets[0, k], amounts[0, k] = paint, part
    wanted = np.asarray(target, dtype=np.float64).reshape(1, 3)
    return _made(model, sets, amounts, np.array([thickness]), wanted)[0]


def rounded(
    model: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats, taste: Taste
) -> list[tuple[Recipe, ...]]:
    """Recipes of each set (c, 3) in brush parts, the preferred one and the nearest: the nearest ratios of
    all, and of those that are easy to measure, are tried, each with the thickness that suits it best."""
    at, measured = _ratios(sets, thicknesses)
    shares = measured / measured.sum(axis=1, keepdims=True)
    full = all_thicknesses(model, sets[at], shares * thicknesses[at].sum(axis=1, keepdims=True))
    delta_e, error = off_by(model.at(at).labs(full), wanted[at])
    price = taste.price(full / full.sum(axis=1, keepdims=True), measured.sum(axis=1), wanted[at])
    # The thickness that suits a ratio is sought only for those that are near, or easy and not far.
    ranks = [rank_within(at, by) for by in (delta_e, missed(delta_e / 2, error / 2) + price)]
    kept = np.flatnonzero((ranks[0] < THICKENED) | (ranks[1] < THICKENED))
    at, measured, shares = at[kept], measured[kept], shares[kept]
    tried = model.at(at)
    total = _best_thickness(tried, sets[at], shares, thicknesses[at].sum(axis=1), wanted[at])
    full = all_thicknesses(tried, sets[at], shares * total[:, None])
    delta_e, error = off_by(tried.labs(full), wanted[at])
    price = missed(delta_e, error)
    price += taste.price(full / full.sum(axis=1, keepdims=True), measured.sum(axis=1), wanted[at])
    best: list[int] = []
    for by in (price, delta_e):
        order = np.lexsort((by, at))
        best += order[np.flatnonzero(np.r_[True, np.diff(at[order]) != 0])].tolist()
    made = _made(model.at(at[best]), sets[at[best]], measured[best], total[best], wanted[at[best]])
    half = len(made) // 2
    return list(zip(made[:half], made[half:], strict=True))


def _ratios(sets: Ints, thicknesses: Floats) -> tuple[Ints, Floats]:
    """Whose (r,), and ratios (r, 3) of brush parts near those of loads (c, 3), of all and of the easy
    ones."""
    owner, parts = [], []
    sizes = (sets >= 0).sum(axis=1)
    for size in (1, 2, 3):
        own = np.flatnonzero(sizes == size)
        if not len(own):
            continue
        shares = np.log(
            np.maximum(thicknesses[own, :size] / thicknesses[own, :size].sum(axis=1, keepdims=True), 1e-3)
        )
        for listed in (measures(size), easy(size)):
            logs = np.log(listed / listed.sum(axis=1, keepdims=True))
            # Compare ratios by logarithm, since a strong paint matters in small shares.
            away = np.square(shares[:, None] - logs[None]).sum(axis=2)
            near = np.sort(np.argpartition(away, min(ROUNDED, len(listed)) - 1, axis=1)[:, :ROUNDED], axis=1)
            owner.append(np.repeat(own, near.shape[1]))
            parts.append(np.pad(listed[near.ravel()], ((0, 0), (0, 3 - size))))
    return np.concatenate(owner), np.concatenate(parts)


def off_by(labs: Floats, wanted: Floats) -> tuple[Floats, Floats]:
    """ΔE₀₀ (n,) and values (n,) by which colours (n, 3) are off."""
    return difference(labs, wanted), value_of_lab(labs) - value_of_lab(wanted)


def _made(model: MixingModel, sets: Ints, parts: Floats, total: Floats, wanted: Floats) -> list[Recipe]:
    """Recipes of parts (n, 3) of the paints in `sets` (n, 3), `total` (n,) thick."""
    full = all_thicknesses(model, sets, parts / parts.sum(axis=1, keepdims=True) * total[:, None])
    labs, wet = model.labs(full), model.labs(full, wet=True)
    delta_e, error = difference(labs, wanted), value_of_lab(labs) - value_of_lab(wanted)
    layers = np.maximum(1, np.ceil(total / model.vehicle.strongest - 0.02)).astype(int)
    recipes = []
    for k, (own, measured) in enumerate(zip(sets.tolist(), parts.tolist(), strict=True)):
        pairs = sorted(((p, i) for i, p in zip(own, measured, strict=True) if i >= 0), key=lambda x: -x[0])
        paints, measured = tuple(i for _, i in pairs), tuple(p for p, _ in pairs)
        reflectances = _three(labs[k]), _three(wet[k])
        thick, coats = float(total[k]), int(layers[k])
        recipes.append(
            Recipe(paints, measured, thick, coats, *reflectances, float(delta_e[k]), float(error[k]))
        )
    return recipes


def _best_thickness(model: MixingModel, sets: Ints, shares: Floats, start: Floats, wanted: Floats) -> Floats:
    """Thickness (c,) of each mixture at which ΔE₀₀ and coats cost least: golden sections of its logarithm."""
    low, high = np.log(model.vehicle.weakest), np.log(model.vehicle.most)
    left, right = np.clip(np.log(start) - 0.7, low, high), np.clip(np.log(start) + 0.7, low, high)
    golden = (np.sqrt(5) - 1) / 2

    def delta_e(logs: Floats) -> Floats:
        labs = model.labs(all_thicknesses(model, sets, shares * np.exp(logs)[:, None]))
        return np.asarray(difference(labs, wanted) + coats_cost(model, np.exp(logs)))

    one, other = right - golden * (right - left), left + golden * (right - left)
    first, second = delta_e(one), delta_e(other)
    for _ in range(6):
        lower = first < second
        right, left = np.where(lower, other, right), np.where(lower, left, one)
        fresh = np.where(lower, right - golden * (right - left), left + golden * (right - left))
        got = delta_e(fresh)
        one, other = np.where(lower, fresh, other), np.where(lower, one, fresh)
        first, second = np.where(lower, got, second), np.where(lower, first, got)
    return np.asarray(np.exp((left + right) / 2))


def _three(of: Floats) -> tuple[float, float, float]:
    one, two, three = of.tolist()
    return one, two, three
