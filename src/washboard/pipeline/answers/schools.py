"""Every school for a piece side by side; the kept orders, and the present one with another aim."""

from __future__ import annotations

import base64
from dataclasses import replace
from typing import Any

import numpy as np

from ...core.errors import WashboardError
from ...core.mixing.paintbox import Paintbox
from ...core.order.modelled import prediction_of
from ...core.order.prediction import painted
from ...core.order.result import PlanningResult
from ...core.planning.compare import Compared, delivers, metrics_of
from ...core.schools import school_named
from ...core.schools.aims import WORDS, Aim
from ...formats.comparison import school_entry
from ...settings import Settings, Stage
from ...words import speaker
from ..stages import Result, Stages
from ..subject import Subject
from ..tasks import CompareOrders, CompareSchools
from .picture import jpeg

SMALL = 300
"""Pixels of the long side of a picture among others."""


def compared(stages: Stages, task: CompareSchools) -> dict[str, Any]:
    """Every school with its account and the picture after a third, two thirds and all of its passes."""
    result = stages.result(task.subject)
    found = stages.compared(task.subject, own=task.own)
    return {"schools": [_entry(result, one) for one in found], "chosen": result.worked.plan.school}


def orders(stages: Stages, task: CompareOrders) -> dict[str, Any]:
    """The kept orders, and the present one with each aim that it can come nearer to, told as schools are."""
    subject = task.subject
    result, settings = stages.result(subject), subject.read_up_to(Stage.SCHOOLS)
    # An aim that is taken lets go of an order of passes and of masses shared out by hand.
    free = replace(settings, aim=None, order=None, groups=None)
    box = result.worked.scene.box
    plain, aims = _with(stages, subject, free, box), []
    for aim in Aim:
        one = _with(stages, subject, replace(free, aim=aim), box)
        if one.metrics and plain.metrics and delivers(aim, one.metrics, plain.metrics):
            aims.append(_entry(result, one) | {"name": speaker().local(WORDS[aim]), "aim": aim.value})
    return {"kept": _kept(stages, subject, settings, result), "aims": aims}


def _kept(stages: Stages, subject: Subject, settings: Settings, result: Result) -> list[dict[str, Any]]:
    """The orders kept under a name; one that was kept for another medium or surface waits for that and says
    so, after the others."""
    kept, waiting, box = [], [], result.worked.scene.box
    for variant in settings.variants:
        try:
            own = settings.with_order(variant.order).checked()
        except WashboardError as error:
            why, school = speaker().text(error.sentence).rstrip("."), variant.order.school or ""
            waiting.append(
                {"school": school, "words": variant.name, "why": "", "feasible": False, "whyNot": why}
                | {"name": variant.name}
            )
            continue
        kept.append(_entry(result, _with(stages, subject, own, box)) | {"name": variant.name})
    return kept + waiting


def _with(stages: Stages, subject: Subject, settings: Settings, box: Paintbox) -> Compared:
    """The order of a piece with other settings, and its account; as of every school, without effects and
    small marks."""
    worked = stages.ordered(replace(subject, settings=settings), box)
    return Compared(school_named(worked.plan.school), "", worked, metrics_of(worked))


def _entry(result: Result, one: Compared) -> dict[str, Any]:
    entry = school_entry(one)
    if one.worked is None or one.metrics is None:
        return entry
    if toning := result.worked.plan.toning:
        # The ground is laid before any of them.
        work, wait = one.metrics.active + toning.minutes, one.metrics.waiting + toning.wait
        entry |= {"activeMinutes": round(work, 1), "waitMinutes": round(wait, 1)}
    count = len(one.worked.plan.passes)
    rows = [round(count / 3), round(2 * count / 3), count]
    return entry | {"after": rows, "pictures": [_small(p) for p in pictures(result, one.worked, rows, SMALL)]}


def pictures(result: Result, worked: PlanningResult, rows: list[int], size: int) -> list[np.ndarray]:
    """The painting (h, w, 3) after some of the passes of any order of the same masses, `size` on the long
    side."""
    labels = result.cut.labels
    step = max(1, round(max(labels.shape) / size))
    measured = result.seen.measured
    along, soft = measured.along[::step, ::step], measured.soft[::step, ::step] / step
    spots = tuple(small for spot in worked.spots if (small := spot.every(step)) is not None)
    small_one = replace(worked, spots=spots)
    table, maps = prediction_of(small_one, labels[::step, ::step], along, soft)
    return [painted(table, maps, row) for row in rows]


def _small(picture: np.ndarray) -> str:
    return "data:image/jpeg;base64," + base64.b64encode(jpeg(picture)).decode()
