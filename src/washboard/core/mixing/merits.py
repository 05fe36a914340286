"""What each of several mixtures for one colour is better at than the others."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from enum import StrEnum

from ..materials.paints import Paint
from .measured import Recipe
from .preference import clean

CLEARLY = 1.05
"""How many times as much the next best must have for the best to be told apart."""


class Merit(StrEnum):
    """What is told of a mixture."""

    NEAREST = "nearest"
    FEWEST = "fewest"
    CLEANEST = "cleanest"
    LIFTS = "lifts"
    OUT = "out"
    LIGHTFAST = "lightfast"
    CHEAPEST = "cheapest"


def merits(
    recipes: Sequence[Recipe], paints: Sequence[Paint], lifts: bool, out: Collection[int] = ()
) -> list[tuple[Merit, ...]]:
    """For each recipe what it is the best at, by all that is told of mixtures; `lifts`: whether the medium
    can be lifted; `out`: places of the paints that are on the palette already.

    The first is what is proposed, for all of these together; it may be best at none.
    """

    def mean(recipe: Recipe, of: Sequence[float]) -> float:
        return float(sum(share * of[i] for share, i in zip(recipe.shares, recipe.paints, strict=True)))

    staining, cost = [paint.staining for paint in paints], [float(paint.cost) for paint in paints]
    # Least is best: of what should be most, what lacks.
    scores: dict[Merit, list[float]] = {
        Merit.NEAREST: [recipe.delta_e for recipe in recipes],
        Merit.FEWEST: [float(len(recipe.paints)) for recipe in recipes],
        Merit.CLEANEST: [1 / (1 + clean([paints[i] for i in r.paints], r.shares)) for r in recipes],
        Merit.LIFTS: [mean(recipe, staining) for recipe in recipes] if lifts else [],
        Merit.OUT: [float(sum(i not in out for i in r.paints)) for r in recipes] if out else [],
        Merit.LIGHTFAST: [float(max(paints[i].lightfast for i in r.paints)) for r in recipes],
        Merit.CHEAPEST: [mean(recipe, cost) * recipe.thickness for recipe in recipes],
    }
    found: list[tuple[Merit, ...]] = [()] * len(recipes)
    for merit, score in scores.items():
        if len(score) < 2:
            continue
        best = min(range(len(score)), key=score.__getitem__)
        if sorted(score)[1] > CLEARLY * score[best] + 1e-9:
            found[best] = (*found[best], merit)
    return found
