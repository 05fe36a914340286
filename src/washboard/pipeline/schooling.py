"""What *Order* asks beyond the plan: every school side by side, and the passes as cards."""

from __future__ import annotations

import base64
from dataclasses import replace
from typing import Any

import numpy as np

from ..core.order.aims import WORDS, Aim
from ..core.order.compare import Compared, account_of, delivers
from ..core.order.prediction import painted, patch_map, table_of
from ..core.order.schools import school_named
from ..core.order.worked import Worked
from ..core.recipe.board import board_of
from ..formats import cards as cardfile
from ..formats.comparison import school_entry
from .asked import jpeg
from .settings import Settings
from .stages import Result, Stages
from .subject import Subject
from .tasks import Carding, Schooling

SMALL, SHEETED, CARDED = 300, 380, 700
"""Pixels of the long side of a picture among others, on the sheet of a plan, on a card."""
MOST_MIXTURES = 4
"""Mixtures named on a card."""


def schools(stages: Stages, task: Schooling) -> dict[str, Any]:
    """Every school with its account and the picture after a third, two thirds and all of its passes.

    Also the kept orders, and the present one with each aim that it can come nearer to.
    """
    result = stages.result(task.subject)
    found = stages.compared(task.subject, own=task.own)
    kept = [
        _entry(result, _with(stages, task.subject, settings)) | {"name": name} for name, settings in task.kept
    ]
    # An aim that is taken lets go of an order of passes and of masses shared out by hand.
    free = replace(task.subject.settings, aim=None, order=None, groups=None)
    plain, aims = _with(stages, task.subject, free), []
    for aim in Aim:
        one = _with(stages, task.subject, replace(free, aim=aim))
        if one.account and plain.account and delivers(aim, one.account, plain.account):
            aims.append(_entry(result, one) | {"name": WORDS[aim], "aim": aim.value})
    return {
        "schools": [_entry(result, one) for one in found], "chosen": result.worked.plan.school,
        "kept": kept, "aims": aims,
    }  # fmt: skip


def _with(stages: Stages, subject: Subject, settings: Settings) -> Compared:
    """The order of a piece with other settings, and its account."""
    worked = stages.result(replace(subject, settings=settings)).worked
    return Compared(school_named(worked.plan.school), "", worked, account_of(worked))


def _entry(result: Result, one: Compared) -> dict[str, Any]:
    entry = school_entry(one)
    if one.worked is None:
        return entry
    count = len(one.worked.plan.passes)
    rows = [round(count / 3), round(2 * count / 3), count]
    return entry | {"after": rows, "pictures": [_small(p) for p in pictures(result, one.worked, rows, SMALL)]}


def pictures(result: Result, worked: Worked, rows: list[int], size: int) -> list[np.ndarray]:
    """The painting (h, w, 3) after some of the passes of any order of the same masses, `size` on the long
    side."""
    labels = result.cut.labels
    step = max(1, round(max(labels.shape) / size))
    table = table_of(worked)
    along = result.seen.measured.along[::step, ::step]
    maps = patch_map(worked, table, labels[::step, ::step], along, worked.plan.sheet.picture_width_cm)
    return [painted(table, maps, row) for row in rows]


def _small(picture: np.ndarray) -> str:
    return "data:image/jpeg;base64," + base64.b64encode(jpeg(picture)).decode()


def cards(stages: Stages, task: Carding) -> bytes:
    """The cards of a piece, one a pass, or the whole plan on one sheet, as PDF."""
    return cards_of(stages.result(task.subject), task.subject.settings, task.name, task.sheet)


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
    told: dict[str, list[str]] = {}
    for pile in board.piles:
        own, best = told.setdefault(pile.done, []), pile.recipes[0]
        if len(own) == MOST_MIXTURES:
            continue
        words = [board.paints[k].words for k in best.paints]
        if settings.medium == "pastel":
            own.append(", then ".join(words))
        else:
            own.append(" + ".join(f"{part:g} {word}" for part, word in zip(best.parts, words, strict=True)))
    return told
