"""The passes of a piece as cards to print, or the whole plan on one sheet."""

from __future__ import annotations

import numpy as np

from ...core.colour.lab import encoded_of, linear_of_lab
from ...core.recipe.board import board_of
from ...formats import cards as cardfile
from ...settings import Settings, Stage
from ..stages import Result, Stages
from ..tasks import MakeCards
from .picture import jpeg
from .places import place_picture
from .schools import pictures

SHEETED, CARDED = 380, 700
"""Pixels of the long side of a picture on the sheet of a plan, and on a card."""
MOST_MIXTURES = 4
"""Mixtures named on a card."""


def cards(stages: Stages, task: MakeCards) -> bytes:
    """The cards of a piece, one a pass, or the whole plan on one sheet, as PDF."""
    return cards_of(stages.result(task.subject), task.subject.read_up_to(Stage.MIX), task.name, task.sheet)


def cards_of(result: Result, settings: Settings, name: str, sheet: bool = False) -> bytes:
    """The cards of a piece worked out, or the whole plan on one sheet."""
    plan, size = result.worked.plan, SHEETED if sheet else CARDED
    after = pictures(result, result.worked, list(range(len(plan.passes) + 1)), size)
    labels = result.seen.measured.labels
    printed = [jpeg(image) for image in after]
    shown = [
        cardfile.Shown(printed[k], jpeg(place_picture(plan, done, labels, after[k + 1])), printed[k + 1])
        for k, done in enumerate(plan.passes)
    ]
    if sheet:
        return cardfile.sheet_of(name, plan, shown)
    return cardfile.cards_of(name, plan, shown, _mixtures(result, settings))


def _mixtures(result: Result, settings: Settings) -> dict[str, list[cardfile.Mixed]]:
    """The largest mixtures of each pass, by its id, in brush parts; in pastel the sticks in their order."""
    board = board_of(result.worked, settings.paints)
    named: dict[str, list[cardfile.Mixed]] = {}
    for pile in board.piles:
        own, best = named.setdefault(pile.done, []), pile.recipes[0]
        if len(own) == MOST_MIXTURES:
            continue
        words = [board.paints[k].words for k in best.paints]
        red, green, blue = np.rint(encoded_of(linear_of_lab(np.asarray(best.lab))) * 255).astype(int).tolist()
        parts = (
            ", then ".join(words)
            if settings.medium == "pastel"
            else " + ".join(f"{part:g} {word}" for part, word in zip(best.parts, words, strict=True))
        )
        own.append(cardfile.Mixed((red, green, blue), parts))
    return named
