"""The passes of a piece as cards to print, or the whole plan on one sheet."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from ...core.colour.lab import encoded_of, linear_of_lab
from ...core.order.prediction import painted
from ...core.plan.plan import Pass
from ...core.recipe.board import board_of
from ...core.reference.picture import fitted
from ...formats import cards as cardfile
from ...formats.lookback import LookedBack, page_of
from ...settings import Settings, Stage
from ...words import speaker
from ..recipes import mixture_words
from ..stages import Result, Stages
from ..tasks import MakeCards, MakeLookBack
from .picture import jpeg
from .places import place_picture

Bytes = NDArray[np.uint8]
Mask = NDArray[np.bool_]

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
    rows = range(len(plan.passes) + 1)
    after = [_shrunk(painted(result.table, result.maps, row), size) for row in rows]
    labels, printed = result.seen.measured.labels, [jpeg(image) for image in after]
    places = [
        place_picture(plan, done, labels, after[k], _marks(result, done))
        for k, done in enumerate(plan.passes, 1)
    ]
    shown = [cardfile.Shown(printed[k], jpeg(place), printed[k + 1]) for k, place in enumerate(places)]
    if sheet:
        return cardfile.sheet_of(name, plan, shown)
    return cardfile.cards_of(name, plan, shown, _mixtures(result, settings))


def look_back(stages: Stages, task: MakeLookBack) -> bytes:
    """The look back of a piece on one page, as PDF."""
    result, settings = stages.result(task.subject), task.subject.read_up_to(Stage.MIX)
    plan = result.worked.plan
    planned = jpeg(_shrunk(painted(result.table, result.maps, len(plan.passes)), CARDED))
    mixed = [one for own in _mixtures(result, settings).values() for one in own]
    shown = LookedBack(planned, task.painting, dict(task.real), mixed, task.told)
    return page_of(task.name, plan, shown)


def _shrunk(picture: Bytes, long_side: int) -> Bytes:
    """A picture (h, w, 3) that is no longer than that."""
    wide, high = fitted(picture.shape[:2], long_side)
    return np.asarray(cv2.resize(picture, (wide, high), interpolation=cv2.INTER_AREA))


def _marks(result: Result, done: Pass) -> Mask | None:
    """Where small marks of a pass lie (h, w), None where it has none."""
    own = [k for k, family in enumerate(result.worked.plan.marks, 1) if family.pass_id == done.id]
    marked = result.planned.marked
    return np.isin(marked.where, own) if marked is not None and own else None


def _mixtures(result: Result, settings: Settings) -> dict[str, list[cardfile.Mixed]]:
    """The largest mixtures of each pass, by its id, in brush parts; in pastel the sticks in their order."""
    board = board_of(result.worked, settings.colours, settings.pairs, settings.habit)
    named: dict[str, list[cardfile.Mixed]] = {}
    for pile in board.piles:
        own, best = named.setdefault(pile.done, []), pile.recipes[0]
        if len(own) == MOST_MIXTURES:
            continue
        words = [speaker().local(board.paints[k].words) for k in best.paints]
        red, green, blue = np.rint(encoded_of(linear_of_lab(np.asarray(best.lab))) * 255).astype(int).tolist()
        parts = ", then ".join(words) if settings.medium == "pastel" else mixture_words(best, board.paints)
        own.append(cardfile.Mixed((red, green, blue), parts))
    return named
