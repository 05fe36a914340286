"""What *Order* asks about a piece: moves with repairs, findings, schools side by side, cards."""

from __future__ import annotations

import json
from collections.abc import Mapping
from typing import Annotated, Any

from fastapi import APIRouter, Path, Response

from ...core.checks import Checked, Finding, Fix, findings_of
from ...core.errors import InvalidInput, WashboardError
from ...core.order.own import Own, free_id
from ...core.order.plan import Kind
from ...core.order.rearrange import Verdict, moved, with_own, without
from ...formats import planfile
from ...pipeline.fields import settings_of
from ...pipeline.tasks import Carding, Schooling
from ..models import OwnPassModel
from ..ordering import (
    FixRead,
    MoveCreate,
    OwnPassCreate,
    RefusalRead,
    RepairRead,
    SchoolRead,
    SchoolsRead,
    VerdictRead,
    WeaknessesRead,
    WeaknessRead,
)
from ..problems import problems
from ..studio import document_of
from .access import InStudio
from .pieces import Id, ready

router = APIRouter(prefix="/api/pieces", tags=["order"])
PassId = Annotated[str, Path(max_length=20, examples=["p3"])]
PDF = {"content": {"application/pdf": {"schema": {"type": "string", "format": "binary"}}}}


@router.post("/{piece}/moves", responses=problems())
def move(studio: InStudio, piece: Id, given: MoveCreate) -> VerdictRead:
    """What moving a pass would come to: fine, or which rule breaks for which mass and why, and what mends
    it."""
    there = studio.pieces.get(piece)
    plan = planfile.plan_from(document_of(ready(studio, there)))
    pinned = there.settings.get("pins") or ()
    return _told(moved(plan, given.pass_id, given.to, pinned, given.repair))


@router.post("/{piece}/own-passes", responses=problems())
def own_pass(studio: InStudio, piece: Id, given: OwnPassCreate) -> VerdictRead:
    """What a pass of one's own, set in after another, would come to."""
    there = studio.pieces.get(piece)
    plan = planfile.plan_from(document_of(ready(studio, there)))
    if given.kind not in set(Kind):
        raise InvalidInput(f"There is no operation {given.kind[:20]!r}; the passes were kept as they were.")
    taken = [one["id"] for one in there.settings.get("own_passes") or ()]
    own = Own(free_id(plan, taken), Kind(given.kind), tuple(dict.fromkeys(given.masses)))
    verdict = with_own(plan, own, given.after or "", there.settings.get("pins") or ())
    fresh = OwnPassModel(id=own.id, kind=own.kind, masses=list(own.masses))
    return _told(verdict).model_copy(update={"own": fresh})


@router.post("/{piece}/passes/{pass_id}/leaving-out", responses=problems())
def leaving_out(studio: InStudio, piece: Id, pass_id: PassId) -> VerdictRead:
    """What the plan without a pass would come to."""
    plan = planfile.plan_from(document_of(ready(studio, studio.pieces.get(piece))))
    return _told(without(plan, pass_id))


def _told(verdict: Verdict) -> VerdictRead:
    refusals = [
        RefusalRead(pass_id=r.done, mass=r.mass, rule=r.rule.name.lower(), sentence=r.sentence)
        for r in verdict.refusals
    ]
    repair = verdict.repair
    return VerdictRead(
        fine=verdict.fine, refusals=refusals, order=[p.id for p in verdict.passes],
        passes=[planfile.pass_part(p) for p in verdict.passes],
        repair=RepairRead(order=list(repair.order), moved=list(repair.moved)) if repair else None,
    )  # fmt: skip


@router.get("/{piece}/findings", responses=problems())
def findings(studio: InStudio, piece: Id) -> WeaknessesRead:
    """What weakens the piece's plan, the weightiest first, each with what can be tried."""
    there = studio.pieces.get(piece)
    document = document_of(ready(studio, there))
    found = findings_of(Checked(planfile.plan_from(document), planfile.things_of(document)))
    return WeaknessesRead(findings=[_finding(finding, there.settings) for finding in found])


def _finding(finding: Finding, settings: Mapping[str, Any]) -> WeaknessRead:
    return WeaknessRead(
        kind=finding.kind, weight=finding.weight.name.lower(), sentence=finding.sentence, why=finding.why,
        figures=dict(finding.figures), place=finding.place, masses=list(finding.masses),
        passes=list(finding.passes), fix=_fix(finding.fix, settings) if finding.fix else None,
    )  # fmt: skip


def _fix(fix: Fix, settings: Mapping[str, Any]) -> FixRead | None:
    """A fix as the whole new value of the setting it changes; None where that is its value already."""
    now: Any = settings.get(fix.field)
    value: Any = fix.value
    if fix.field == "holds":
        held = list(now or ())
        if str(value) in held:
            return None
        value = [*held, str(value)]
    elif fix.field == "ways":
        value = [way for way in now or () if way["mass"] != value["mass"]] + [value]
    return FixRead(words=fix.words, field=fix.field, value=value)


@router.get("/{piece}/schools", responses=problems())
def schools(studio: InStudio, piece: Id) -> SchoolsRead:
    """Every school for the piece as it is set now, with the painting on the way; worked out when asked
    for."""
    there = studio.pieces.get(piece)
    own, named, lost = studio.own_paints(), [], []
    for variant in there.settings.get("variants") or ():
        try:
            named.append((variant["name"], settings_of({**there.settings, **variant}, own)))
        except WashboardError as error:
            # Kept for another medium or surface: it waits for that, and says so.
            lost.append(_lost(variant, str(error)))
    saved = studio.schools.keys()
    what = "schools " + json.dumps([there.settings.get("variants"), saved], sort_keys=True)
    answer = json.loads(studio.ask(there, what, lambda about: Schooling(about, tuple(named), saved)))
    found = SchoolsRead(**answer)
    return found.model_copy(update={"kept": [*found.kept, *lost]})


def _lost(variant: Mapping[str, Any], why: str) -> SchoolRead:
    name, school = str(variant["name"]), str(variant.get("school") or "")
    why = why.rstrip(".")
    return SchoolRead(school=school, words=name, why="", feasible=False, why_not=why, name=name)


@router.get("/{piece}/cards.pdf", response_class=Response, responses={200: PDF, **problems()})
def cards(studio: InStudio, piece: Id, sheet: bool = False) -> Response:
    """A card of 148 × 105 mm for each pass, or the whole plan on one sheet of A4."""
    there = studio.pieces.get(piece)
    data = studio.ask(there, f"cards {sheet}", lambda about: Carding(about, there.name, sheet))
    return Response(data, media_type="application/pdf")
