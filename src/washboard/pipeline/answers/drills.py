"""The questions of the trainer that a piece holds."""

from __future__ import annotations

from typing import Any

from ...core.drills import questions_of
from ...core.drills.question import Stuff
from ...core.materials.paints import palette_of
from ...formats import drillfile
from ...formats.planparts import Document
from ...formats.planreading import plan_from
from ...settings import Settings, Stage
from ..stages import Stages
from ..stages.results import Result
from ..subject import Subject
from ..tasks import DrillQuestions


def questions(stages: Stages, task: DrillQuestions) -> list[dict[str, Any]]:
    """All questions, in words."""
    result = stages.result(task.subject)
    stuff = stuff_of(result, task.subject.read_up_to(Stage.MIX))
    return drillfile.entries_of(questions_of(stuff), stuff.plan)


def asked_of(subject: Subject, kind: str | None, seed: int) -> list[dict[str, Any]]:
    """The questions of one kind, or all, that a piece holds which is worked out for them alone."""
    stuff = stuff_of(Stages().result(subject), subject.read_up_to(Stage.MIX))
    return drillfile.entries_of(questions_of(stuff, kind, seed), stuff.plan)


def asked_of_plan(document: Document, kind: str | None, seed: int) -> list[dict[str, Any]]:
    """The questions that the plan in a document holds, for the usual paints."""
    plan, families = plan_from(document), {area.id: area.family for area in document.areas}
    paints = () if plan.medium.key == "pastel" else palette_of(plan.medium.key, ())
    stuff = Stuff(plan, families, paints)
    return drillfile.entries_of(questions_of(stuff, kind, seed), plan)


def stuff_of(result: Result, settings: Settings) -> Stuff:
    """What questions are drawn from."""
    families = {f"a{area.label}": area.family for area in result.seen.areas.areas}
    paints = () if settings.medium == "pastel" else settings.paints
    return Stuff(result.worked.plan, families, paints)
