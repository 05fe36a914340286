"""The passes of a piece as cards to print, or the whole plan on one sheet."""

from __future__ import annotations

from ...core.recipe.board import board_of
from ...formats import cards as cardfile
from ...settings import Settings, Stage
from ..stages import Result, Stages
from ..tasks import MakeCards
from .picture import jpeg
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
    plan = result.worked.plan
    shown = pictures(result, result.worked, list(range(len(plan.passes) + 1)), SHEETED if sheet else CARDED)
    jpegs = [jpeg(picture) for picture in shown]
    if sheet:
        return cardfile.sheet_of(name, plan, jpegs)
    return cardfile.cards_of(name, plan, jpegs, _mixtures(result, settings))


def _mixtures(result: Result, settings: Settings) -> dict[str, list[str]]:
    """The largest mixtures of each pass, by its id, in brush parts; in pastel the sticks in their order."""
    board = board_of(result.worked, settings.paints)
    named: dict[str, list[str]] = {}
    for pile in board.piles:
        own, best = named.setdefault(pile.done, []), pile.recipes[0]
        if len(own) == MOST_MIXTURES:
            continue
        words = [board.paints[k].words for k in best.paints]
        if settings.medium == "pastel":
            own.append(", then ".join(words))
        else:
            own.append(" + ".join(f"{part:g} {word}" for part, word in zip(best.parts, words, strict=True)))
    return named
