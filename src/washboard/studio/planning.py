"""The plan in force: found, worked out by a job where it is not there, put in force when it is.

Everything that is said about a piece is said about this plan. It belongs to the settings as they are; masses
that were there before keep their ids, and whatever is asked about the plan is asked with these ids.
"""

from __future__ import annotations

from dataclasses import replace
from functools import partial

from .. import ENGINE
from ..core.errors import WashboardError
from ..core.sentence import sentence
from ..formats import planfile
from ..formats.planjudged import fault_in
from ..formats.planparts import Document
from ..pipeline.subject import Identity, Subject
from ..pipeline.tasks import LookAhead, WorkOut
from ..settings import Stage, settings_of
from ..store.database import translated
from ..store.pieces import Piece
from ..store.plans import StoredPlan
from ..store.references import Reference
from .jobs import Job
from .studio import Studio, now
from .subjects import identity_of, subject_of

Before = tuple[bytes, tuple[int, int], Identity]
"""Masses as they were: the deflated label map, its (h, w), ids and names."""

LONG_CM = 40
"""The longer side of a sheet that is not decided on yet, in whole cm as the page proposes it."""


class NotReady(WashboardError):
    """The plan of a piece is not worked out yet."""

    code = "not-ready"


class Unplanned(WashboardError):
    """A plan was asked for and could not be worked out."""

    code = "not-ready"


def analyse(studio: Studio, piece: Piece, beside: bool = False) -> Job:
    """Work a piece out unless its plan is there; the running job if there is one. What nobody waits for is
    done `beside`."""
    subject = subject_of(studio, piece)
    key = subject.key(Stage.RESULT)
    if _there(studio, piece, key) is not None:
        return studio.jobs.finished(f"{piece.id} {key}")
    return studio.jobs.start(f"{piece.id} {key}", lambda job: _work_out(studio, piece, subject, job), beside)


def running(studio: Studio, piece: Piece) -> bool:
    """Whether a plan of a piece is being worked out."""
    return studio.jobs.runs(f"{piece.id} ")


def look_ahead(studio: Studio, taken: Reference) -> None:
    """Let the masses of a photo that was just taken in be found while the painter still decides what to paint
    it with. Only one at a time: of many photos brought in together few are painted."""
    to_cm = LONG_CM / max(taken.width, taken.height)
    size = {"width_cm": max(1, round(taken.width * to_cm)), "height_cm": max(1, round(taken.height * to_cm))}
    settings = settings_of({"medium": "watercolour", "surface": "white", **size})
    content = taken.hash
    task = LookAhead(Subject(settings, content, {content: partial(studio.media.read, content)}))
    studio.jobs.start("ahead", lambda job: studio.workers.run(task, content, job.report, job.cancelled))


def current(studio: Studio, piece: Piece) -> StoredPlan | None:
    """The plan of a piece as it is set now, put in force, or None while it is not worked out."""
    return _there(studio, piece, subject_of(studio, piece).key(Stage.RESULT))


def ready(studio: Studio, piece: Piece) -> StoredPlan:
    """The plan of a piece as it is set now; raises NotReady."""
    plan = current(studio, piece)
    if plan is None:
        raise NotReady("refused-plan-not-ready", piece=piece.name)
    return plan


def planned(studio: Studio, piece: Piece) -> StoredPlan:
    """The plan of a piece as it is set now, waiting for it where it is not worked out.

    Raises Unplanned where that fails or is stopped.
    """
    plan = current(studio, piece)
    if plan is None:
        job = analyse(studio, piece)
        job.ended.wait()
        plan = current(studio, piece)
        if plan is None:
            raise Unplanned(job.problem or sentence("refused-plan-stopped", piece=piece.name))
    return plan


def document_of(plan: StoredPlan) -> Document:
    """The open document of a frozen plan."""
    return planfile.read(plan.document)


def _there(studio: Studio, piece: Piece, key: str) -> StoredPlan | None:
    """The stored plan under a key, put in force; None where there is none, its maps were lost, or it is wrong
    in itself."""
    plan = studio.plans.get(piece.id, key)
    if plan is None or not _has_maps(studio, plan) or fault_in(plan.document):
        return None
    if piece.plan_key != key:
        _put_in_force(studio, piece.id, key)
    return plan


def _has_maps(studio: Studio, plan: StoredPlan) -> bool:
    return all(studio.media.path(content).exists() for content in plan.view["media"].values())


def _put_in_force(studio: Studio, piece: str, key: str) -> None:
    with studio.filing:
        studio.media.discard(studio.plans.put_in_force(piece, key))


def _work_out(studio: Studio, piece: Piece, subject: Subject, job: Job) -> None:
    key = subject.key(Stage.RESULT)
    lost = studio.plans.get(piece.id, key)
    fault = fault_in(lost.document) if lost else ""
    if fault:
        studio.plans.set_aside(piece.id, key)
        lost = None
    if lost is None:
        task = WorkOut(subject, piece.name, _before(studio, piece))
    else:
        # The plan is there, only its maps are gone: it is worked out again under its own ids.
        task = WorkOut(subject.named(identity_of(lost)), piece.name)
    result = studio.workers.run(task, piece.id, job.report, job.cancelled, subject.content)
    with translated(), studio.filing:
        media = {name: studio.media.keep(data) for name, data in result["blobs"].items()}
        view = result["view"] | {"media": media} | ({"aside": fault} if fault else {})
        plan = StoredPlan(key, ENGINE, result["document"], view, now())
        studio.plans.keep(piece.id, plan, result["nextMass"])
    # Whoever changed the piece meanwhile will ask for another plan: this one waits for an undo.
    if subject_of(studio, studio.pieces.get(piece.id)).key(Stage.RESULT) == key:
        _put_in_force(studio, piece.id, key)


def _before(studio: Studio, piece: Piece) -> Before | None:
    """The masses of the plan in force, whose ids the new ones inherit; without its map only the numbers."""
    last = studio.plans.in_force(piece.id)
    if last is None or fault_in(last.document):
        return None
    there = studio.pieces.get(piece.id)
    path = studio.media.path(last.view["media"]["labels"])
    if not path.exists():
        return b"", (0, 0), Identity((), there.next_mass)
    identity = replace(identity_of(last), next_number=there.next_mass)
    return path.read_bytes(), (last.view["height"], last.view["width"]), identity
