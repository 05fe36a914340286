"""A mixture moved on purpose: warmer, cooler or greyer at its value; after a test strip; used once more."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..colour.lab import difference, lightness_of_value, value_of_lab
from .grid import Grid
from .measured import Recipe
from .mixture import Floats, MixingModel
from .preference import UNSEEN
from .search import recipes_for

SHIFTS = {"warmer": (5.0, 9.0), "cooler": (-5.0, -9.0)}
"""What is added to a* and b*: toward the light of a candle, and away from it."""
GREYED = 0.4
"""Share of its chroma that a greyer variant keeps."""
STRENGTHS = np.geomspace(0.08, 8.0, 25)
"""Times the load of a mixture that is tried to use it once more."""
COARSELY, LIKELY = 3, 4
"""Every so many strengths are tried of all earlier piles, and all of the likeliest piles."""
HOPELESS = 15.0
"""ΔE₀₀ at the coarse strengths from which none between them comes within AGAIN."""
AGAIN = 3.0
"""ΔE₀₀ within which a pile that is there already will do."""
STEADY = 0.2
"""Values within which a variant stays where it was."""
MOST_OFF = 40.0
"""ΔE₀₀ between what was meant and what was seen, beyond which it was another mixture."""


@dataclass(frozen=True)
class Variant:
    """A mixture of the same value as another: `words` says how it differs."""

    words: str
    recipe: Recipe


@dataclass(frozen=True)
class Reuse:
    """An earlier pile that comes near when it is laid at `thickness` instead: `strength` times as thick."""

    pile: int
    thickness: float
    strength: float
    delta_e: float
    value_error: float


def variants_of(model: MixingModel, recipe: Recipe, grid: Grid | None = None) -> tuple[Variant, ...]:
    """The mixture warmer, cooler and greyer, each at its value as nearly as the palette can."""
    lightness, a, b = recipe.lab
    wanted = {words: (lightness, a + da, b + db) for words, (da, db) in SHIFTS.items()}
    if np.hypot(a, b) > 4:
        wanted["greyer"] = (lightness, GREYED * a, GREYED * b)
    found = recipes_for(model, list(wanted.values()), grid)
    return tuple(
        # Report the difference from the original mixture: a variant keeps its value.
        Variant(words, replace(ways[0], value_error=_value_gap(ways[0], recipe)))
        for words, ways in zip(wanted, (_steady(own, recipe) for own in found), strict=True)
    )


def _steady(ways: Sequence[Recipe], of: Recipe) -> list[Recipe]:
    """Ways by how well they keep the value, then by how near they come."""
    return sorted(ways, key=lambda way: (abs(_value_gap(way, of)) > STEADY, way.delta_e))


def _value_gap(one: Recipe, other: Recipe) -> float:
    return float(value_of_lab(one.lab) - value_of_lab(other.lab))


def seen_as(lab: Sequence[float], value: float, warmer: float = 0.0) -> tuple[float, float, float]:
    """The Lab (3,) of a colour seen at a value 0–10 instead, so many times SHIFTS warmer (or cooler)."""
    da, db = SHIFTS["warmer"]
    return lightness_of_value(value), lab[1] + warmer * da, lab[2] + warmer * db


def corrected(
    model: MixingModel,
    target: Sequence[float],
    recipe: Recipe,
    seen: Sequence[float],
    grid: Grid | None = None,
) -> Recipe:
    """The recipe for a Lab target (3,) once its test strip dried as `seen` (3,) instead of `recipe.lab`.

    What the strip is off by is aimed at from the other side; the look that is told has it added back. A strip
    off by more than MOST_OFF was another mixture: the aim goes no farther.
    """
    bias = np.subtract(seen, recipe.lab)
    size = float(difference(seen, recipe.lab))
    bias *= min(1.0, MOST_OFF / max(size, 1e-9))
    aim = np.subtract(target, bias)
    aim[0] = np.clip(aim[0], 0.0, 100.0)
    best = _of_the_same(model, aim, recipe)
    nearest = min(recipes_for(model, aim, grid)[0], key=lambda way: way.delta_e)
    if nearest.delta_e + UNSEEN < best.delta_e:
        best = nearest
    lab = np.add(best.lab, bias)
    lightness, a, b = float(np.clip(lab[0], 0, 100)), float(lab[1]), float(lab[2])
    reflectance = (lightness, a, b)
    error = float(value_of_lab(reflectance) - value_of_lab(target))
    return replace(best, lab=reflectance, delta_e=float(difference(reflectance, target)), value_error=error)


def _of_the_same(model: MixingModel, aim: Floats, recipe: Recipe) -> Recipe:
    """The nearest recipe of the same paints: what others dry as, the strip does not tell."""
    own = list(recipe.paints)
    paints = tuple(model.paints[i] for i in own)
    alone = MixingModel(model.vehicle, paints, model.absorption[own], model.scattering[own], model.ground)
    best = min(recipes_for(alone, aim)[0], key=lambda way: way.delta_e)
    return replace(best, paints=tuple(own[i] for i in best.paints))


def reuses(model: MixingModel, target: Sequence[float], earlier: Sequence[Floats]) -> Reuse | None:
    """The earlier pile, as loads (p,) of all paints, that comes nearest to a Lab target, thinner or thicker.

    None where none comes within AGAIN.
    """
    if not earlier:
        return None
    thicknesses, wanted = np.asarray(earlier), np.asarray(target, dtype=np.float64)
    # Try each pile at a few strengths first; only the promising ones at all strengths.
    delta_e, _ = _at(model, thicknesses, STRENGTHS[::COARSELY], wanted)
    best = delta_e.min(axis=0)
    likely = np.argsort(best, kind="stable")[:LIKELY]
    likely = likely[best[likely] <= HOPELESS]
    if not len(likely):
        return None
    delta_e, labs = _at(model, thicknesses[likely], STRENGTHS, wanted)
    k, own = np.unravel_index(int(delta_e.argmin()), delta_e.shape)
    if not delta_e[k, own] <= AGAIN:
        return None
    error = float(value_of_lab(labs[k, own]) - value_of_lab(target))
    strength, pile = float(STRENGTHS[k]), int(likely[own])
    return Reuse(pile, strength * float(thicknesses[pile].sum()), strength, float(delta_e[k, own]), error)


def _at(model: MixingModel, thicknesses: Floats, strengths: Floats, wanted: Floats) -> tuple[Floats, Floats]:
    """ΔE₀₀ (s, n) from a colour, infinite where it cannot be, and Lab (s, n, 3), of piles laid so thick."""
    total = strengths[:, None] * thicknesses.sum(axis=1)
    possible = (total <= model.vehicle.most) & (total >= model.vehicle.weakest)
    labs = model.labs(strengths[:, None, None] * thicknesses[None])
    return np.where(possible, difference(labs, wanted), np.inf), labs
