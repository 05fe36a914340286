"""What *Order* asks about a piece: moves with repairs, findings, schools side by side, cards."""

from __future__ import annotations

from typing import Annotated, Literal

from fastapi import APIRouter, Path, Response

from ...core.checks import Checked, Finding, Weight, findings_of
from ...core.plan.own import Own, free_id
from ...core.plan.plan import Plan
from ...core.planning.rearrange import Verdict, moved, with_own, without
from ...core.sentence import sentence
from ...core.surface.refusal import Refusal
from ...formats import planfile
from ...pipeline.tasks import CompareOrders, CompareSchools, MakeCards
from ...settings import Settings
from ...settings.fixes import fields_changed
from ...settings.models import changes_of
from ...settings.wire import OwnPassModel, kind_named
from ...store.pieces import Piece
from ...studio import Studio
from ...studio.answers import ask
from ...studio.places import laid_on
from ...studio.planning import document_of, ready
from ...studio.subjects import subject_of
from ...words import About, speaker
from ..models.order import (
    FixRead,
    MoveCreate,
    OrdersRead,
    OwnPassCreate,
    RefusalRead,
    RepairRead,
    SchoolsRead,
    VerdictRead,
    WeaknessesRead,
    WeaknessRead,
)
from ..problems import problems
from .access import Id, InStudio, about

router = APIRouter(prefix="/api/pieces", tags=["order"])
PassId = Annotated[str, Path(max_length=20, examples=["p3"])]
PDF = {"content": {"application/pdf": {"schema": {"type": "string", "format": "binary"}}}}


@router.post("/{piece}/moves", responses=problems())
def move(studio: InStudio, piece: Id, given: MoveCreate) -> VerdictRead:
    """What moving a pass would come to: fine, or which rule breaks for which mass and why, and what mends
    it."""
    there = studio.pieces.get(piece)
    key, plan = _plan(studio, there)
    pinned = subject_of(studio, there).settings.pins
    return _read(key, plan, moved(plan, given.pass_id, given.to, pinned, given.repair))


@router.post("/{piece}/own-passes", responses=problems())
def own_pass(studio: InStudio, piece: Id, given: OwnPassCreate) -> VerdictRead:
    """What a pass of one's own, set in after another, would come to."""
    there = studio.pieces.get(piece)
    key, plan = _plan(studio, there)
    settings = subject_of(studio, there).settings
    taken = [one.id for one in settings.own_passes]
    own = Own(
        free_id(plan, taken),
        kind_named(given.kind),
        tuple(dict.fromkeys(given.masses)),
        tuple(given.points),
        given.width_mm,
    )
    own.checked(plan.medium)
    on_masses = laid_on(studio, there, plan, own) if own.drawn else own
    verdict = with_own(plan, on_masses, given.after or "", settings.pins)
    fresh = OwnPassModel(
        id=own.id,
        kind=own.kind,
        masses=[] if own.drawn else list(own.masses),
        points=list(own.points),
        width_mm=own.width_mm,
    )
    return _read(key, plan, verdict).model_copy(update={"own": fresh})


@router.post("/{piece}/passes/{pass_id}/leaving-out", responses=problems())
def leaving_out(studio: InStudio, piece: Id, pass_id: PassId) -> VerdictRead:
    """What the plan without a pass would come to."""
    key, plan = _plan(studio, studio.pieces.get(piece))
    return _read(key, plan, without(plan, pass_id))


def _plan(studio: Studio, piece: Piece) -> tuple[str, Plan]:
    """The key of the plan in force, and the plan."""
    stored = ready(studio, piece)
    return stored.key, planfile.plan_from(document_of(stored))


def _read(key: str, plan: Plan, verdict: Verdict) -> VerdictRead:
    told = About.of(plan)
    refusals = [_refusal(refusal, told) for refusal in verdict.refusals]
    repair = verdict.repair
    return VerdictRead(
        plan=key,
        fine=verdict.fine,
        refusals=refusals,
        order=[p.id for p in verdict.passes],
        passes=[planfile.pass_part(p, told) for p in verdict.passes],
        repair=RepairRead(order=list(repair.order), moved=list(repair.moved)) if repair else None,
    )


def _refusal(refusal: Refusal, told: About) -> RefusalRead:
    said = speaker().say(refusal.sentence, told)
    return RefusalRead(
        pass_id=refusal.done,
        mass=refusal.mass,
        rule=refusal.rule.name.lower(),
        by=refusal.by,
        sentence=said.text,
        marks=planfile.marks_of(said),
    )


@router.get("/{piece}/findings", responses=problems())
def findings(studio: InStudio, piece: Id) -> WeaknessesRead:
    """What weakens the piece's plan, the weightiest first, each with what can be tried."""
    there = studio.pieces.get(piece)
    stored = ready(studio, there)
    document = document_of(stored)
    plan = planfile.plan_from(document)
    found, told = findings_of(Checked(plan, planfile.things_of(document))), About.of(plan)
    settings = subject_of(studio, there).settings
    read = [_finding(finding, settings, told) for finding in found]
    aside = stored.view.get("aside")
    return WeaknessesRead(plan=stored.key, findings=[_replaced(aside), *read] if aside else read)


def _replaced(fault: str) -> WeaknessRead:
    """That the plan which was kept before was wrong in itself, and why."""
    return WeaknessRead(
        kind="replaced",
        weight="note",
        sentence=speaker().text(sentence("plan-replaced")),
        marks=[],
        why=fault,
        figures={},
        place=(0.5, 0.5),
        masses=[],
        passes=[],
        fix=None,
    )


WEIGHTS: dict[Weight, Literal["spoils", "weakens", "note"]] = {
    Weight.SPOILS: "spoils",
    Weight.WEAKENS: "weakens",
    Weight.NOTE: "note",
}


def _finding(finding: Finding, settings: Settings, told: About) -> WeaknessRead:
    said = speaker().say(finding.sentence, told)
    return WeaknessRead(
        kind=finding.kind,
        weight=WEIGHTS[finding.weight],
        sentence=said.text,
        marks=planfile.marks_of(said),
        why=speaker().text(finding.why, told),
        figures=dict(finding.figures),
        place=finding.place,
        masses=list(finding.masses),
        passes=list(finding.passes),
        fix=_fix(finding, settings, told),
    )


def _fix(finding: Finding, settings: Settings, told: About) -> FixRead | None:
    """A fix as a change of settings; None where it would change nothing, or cannot be as the piece is set."""
    changes = fields_changed(settings, finding.fix) if finding.fix else None
    if changes is None:
        return None
    return FixRead(words=speaker().phrase(finding.trying, told), changes=changes_of(changes))


@router.get("/{piece}/schools", responses=problems())
def schools(studio: InStudio, piece: Id) -> SchoolsRead:
    """Every school for the piece as it is set now, with the painting on the way; worked out when asked
    for."""
    saved = studio.schools.keys()
    answer = ask(studio, studio.pieces.get(piece), lambda about: CompareSchools(about, saved))
    # Answers that were kept before orders were asked for by themselves hold these too.
    return SchoolsRead(plan=answer.plan, schools=answer.fields["schools"], chosen=answer.fields["chosen"])


@router.get("/{piece}/orders", responses=problems())
def orders(studio: InStudio, piece: Id) -> OrdersRead:
    """The orders of the piece that are kept under a name, and its present one with other aims."""
    answer = ask(studio, studio.pieces.get(piece), CompareOrders)
    return OrdersRead(plan=answer.plan, **answer.fields)


@router.get("/{piece}/cards.pdf", response_class=Response, responses={200: PDF, **problems()})
def cards(studio: InStudio, piece: Id, sheet: bool = False) -> Response:
    """A card of 148 × 105 mm for each pass, or the whole plan on one sheet of A4."""
    there = studio.pieces.get(piece)
    answer = ask(studio, there, lambda subject: MakeCards(subject, there.name, sheet))
    return about(answer.plan, answer.data, "application/pdf")
