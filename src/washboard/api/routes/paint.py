"""Paint: the easel, the log, the sittings ahead, the painter's free hours."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import UTC, datetime, timedelta
from typing import Annotated

from fastapi import APIRouter, Query
from fastapi.responses import Response
from pydantic import AwareDatetime

from ...core.log.accidents import ACCIDENTS
from ...core.log.event import EventKind
from ...core.log.spent import millilitres_mixed, minutes_spent, minutes_waited
from ...core.plan.acts import ACTS
from ...core.plan.plan import Pass
from ...core.planning.mending import MENDS
from ...core.planning.stopping import may_stay_out, stopping
from ...core.sentence import sentence
from ...core.way.way import Stride, way_through
from ...core.words.strides import heading, lines
from ...formats import calendar, logfile
from ...pipeline import sittings as room
from ...pipeline.tasks import RecipeBoard
from ...studio import Studio, easel
from ...studio.answers import ask
from ...studio.studio import now
from ...words import About, speaker
from ..models.mix import PileRead, UsedRead
from ..models.paint import (
    EaselPassRead,
    EaselRead,
    EventCreate,
    EventsCreate,
    EventsRead,
    RealRead,
    SittingRead,
    SittingsRead,
    StintRead,
    StrideRead,
)
from ..problems import problems
from .access import Id, InStudio
from .mix import counted

router = APIRouter(prefix="/api", tags=["paint"])
ICS = {"content": {"text/calendar": {"schema": {"type": "string"}}}}
Begin = Annotated[AwareDatetime | None, Query(alias="from", examples=["2026-12-01T09:00:00+01:00"])]


@dataclass(frozen=True)
class _Mixed:
    """The piles of a piece, and what each of its passes takes of each paint."""

    piles: list[PileRead]
    uses: dict[str, list[UsedRead]]


@router.get("/pieces/{piece}/easel", responses=problems())
def at_easel(studio: InStudio, piece: Id) -> EaselRead:
    """A piece from now on: the passes left with their steps and piles, what was done, what is told of it."""
    there = studio.pieces.get(piece)
    standing = easel.at_easel(studio, there, datetime.now(UTC))
    rest, told = standing.rest.plan, About.of(standing.rest.plan)
    found = ask(studio, there, RecipeBoard).fields
    uses = {use["pass"]: [UsedRead.model_validate(own) for own in use["paints"]] for use in found["uses"]}
    counted(studio, there, [own for paints in uses.values() for own in paints])
    mixed = _Mixed([PileRead.model_validate(pile) for pile in found["piles"]], uses)
    left = not studio.painter.fields().get("leftHanded")
    shows = [done.id for done in standing.plan.passes]
    return EaselRead(
        plan=standing.key,
        piece=there.name,
        medium=rest.medium.key,
        open_minutes=rest.medium.open_minutes,
        dry_minutes=rest.medium.dry_minutes,
        told=[speaker().text(said, told) for said in standing.rest.told],
        stopping=speaker().text(stopping(rest), told),
        passes=[
            _pass(own, standing, mixed, left, told, _shown(rest.passes, k, shows))
            for k, own in enumerate(rest.passes)
        ],
        real=_real(standing),
        strange=[speaker().phrase(sentence(why)) for _, why in standing.what.strange],
        accidents=[what for what, own in ACCIDENTS.items() if rest.medium.key in own.media],
        paints=found["paints"],
        begun_at=_last(standing, EventKind.PASS_BEGUN, {done.id for done in rest.passes[:1]}),
        done_at=_last(standing, EventKind.PASS_DONE, set(standing.what.done)),
        ready_at=_ready(standing),
        logged=[line.id for line in standing.lines],
    )


def _last(standing: easel.AtEasel, kind: EventKind, passes: set[str]) -> datetime | None:
    """When the last event of a kind about one of these passes was."""
    return max(
        (line.at for line in standing.lines if line.kind == kind and line.done in passes), default=None
    )


def _ready(standing: easel.AtEasel) -> datetime | None:
    """From when the surface is ready for the first pass that is left."""
    last = max((line.at for line in standing.lines), default=None)
    if last is None:
        return None
    return last + timedelta(minutes=standing.rest.plan.start.clock - standing.what.state.clock)


def _shown(passes: tuple[Pass, ...], k: int, shows: list[str]) -> int:
    """The place of the picture after a pass: that of the pass itself, or of the one before what mends."""
    own = passes[k].id
    if own in shows:
        return shows.index(own) + 1
    later = [shows.index(p.id) for p in passes[k:] if p.id in shows]
    return min(later) if later else len(shows)


def _pass(
    done: Pass, standing: easel.AtEasel, mixed: _Mixed, right: bool, told: About, shows: int
) -> EaselPassRead:
    plan = standing.rest.plan
    kinds = dict.fromkeys(o.kind for o in done.operations)
    cautions = dict.fromkeys([plan.medium.caution, *(ACTS[kind].caution for kind in kinds)])
    return EaselPassRead(
        id=done.id,
        title=speaker().text(done.title, told),
        minutes=round(done.minutes, 1),
        wait=round(done.wait, 1),
        max_lag=done.max_lag,
        needs=speaker().text(done.needs, told),
        steps=[_stride(standing, stride, told) for stride in way_through(plan, done, right)],
        piles=_piles(done, mixed.piles),
        paints=mixed.uses.get(done.id, []),
        cautions=[caution for caution in cautions if caution],
        shows=shows,
        may_stay_out=may_stay_out(plan, done),
    )


def _piles(done: Pass, board: list[PileRead]) -> list[PileRead]:
    """What a pass is painted with; one that mends by laying paint, with what its masses were painted with."""
    own = [pile for pile in board if pile.done == done.id]
    if own or not done.id.startswith(MENDS):
        return own
    laid = {o.mass for o in done.operations if o.kind.lays}
    last = {mass: pile for pile in board for mass in laid & set(pile.masses)}
    return list({id(pile): pile for pile in last.values()}.values())


def _stride(standing: easel.AtEasel, stride: Stride, told: About) -> StrideRead:
    plan = standing.rest.plan
    return StrideRead(
        heading=speaker().text(heading(plan, stride), told),
        lines=[speaker().text(line, told) for line in lines(plan, stride)],
        masses=list(stride.masses),
        begins=stride.begins,
        ends=stride.ends,
        start=round(stride.start, 1),
        minutes=round(stride.minutes, 1),
        open_minutes=None if stride.open_minutes is None else round(stride.open_minutes, 1),
        count=stride.count,
        lays=stride.kind.lays,
    )


def _rounded(figure: float | None) -> float | None:
    return None if figure is None else round(figure, 1)


def _real(standing: easel.AtEasel) -> list[RealRead]:
    plan, told = standing.plan, About.of(standing.plan)
    events = logfile.log_of(standing.lines).events
    spent, waited, mixed = minutes_spent(events), minutes_waited(events), millilitres_mixed(events)
    return [
        RealRead(
            id=done.id,
            title=speaker().text(done.title, told),
            planned=round(done.lasts, 1),
            real=_rounded(spent.get(done.id)),
            wait_planned=round(done.wait, 1),
            wait=_rounded(waited.get(done.id)),
            ml=_rounded(mixed.get(done.id)),
        )
        for done in plan.passes
        if done.id in standing.what.done
    ]


@router.get("/pieces/{piece}/log", responses=problems())
def log(studio: InStudio, piece: Id) -> EventsRead:
    """Everything that was logged."""
    return EventsRead(new=0, events=[_event(line) for line in easel.lines_of(studio, piece)])


@router.post("/pieces/{piece}/log", responses=problems())
def append(studio: InStudio, piece: Id, given: EventsCreate) -> EventsRead:
    """Keep events; one that is sent twice is kept once, 409 where its id is taken by something else."""
    sent = [logfile.LogLine.model_validate(e.model_dump(by_alias=True)) for e in given.events]
    off = given.sent_at - datetime.now(UTC) if given.sent_at else timedelta()
    new, told = easel.log(studio, piece, sent, now(), off)
    events = [_event(line) for line in easel.lines_of(studio, piece)]
    return EventsRead(new=new, told=speaker().text(told) if told else "", events=events)


def _event(line: logfile.LogLine) -> EventCreate:
    known = {EventCreate.model_fields[k].alias or k for k in EventCreate.model_fields}
    plain = line.model_dump(by_alias=True)
    return EventCreate.model_validate({key: value for key, value in plain.items() if key in known})


@router.get("/pieces/{piece}/sittings", responses=problems())
def sittings(studio: InStudio, piece: Id, begin: Begin = None) -> SittingsRead:
    """The sittings ahead, of this piece and of all that are begun, in the painter's free hours."""
    found, given = _scheduled(studio, piece, begin)
    plain = room.document_of(found)
    by_name = {one.name: one for one in given}
    return SittingsRead(
        sittings=[
            SittingRead(
                start=found.at(sitting.start),
                end=found.at(sitting.end),
                stints=[
                    StintRead.model_validate(
                        {
                            "piece": stint.chain,
                            "pass": stint.done,
                            "title": room.title_of(by_name[stint.chain], stint.done),
                            "start": found.at(stint.start),
                            "minutes": stint.minutes,
                            "fills": stint.fills[0] if stint.fills else "",
                            "lab": room.colour_of(by_name[stint.chain], stint.done),
                        }
                    )
                    for stint in sitting.stints
                ],
            )
            for sitting in found.sittings
        ],
        proven=plain["proven"],
        bound=plain["bound"],
        waiting_minutes=plain["waiting"]["minutes"],
        filled_minutes=plain["waiting"]["filled"],
        told=[speaker().text(said) for said in easel.deadlines(studio.pieces.get(piece), found)],
    )


@router.get("/pieces/{piece}/sittings.ics", response_class=Response, responses={200: ICS, **problems()})
def sittings_file(studio: InStudio, piece: Id, begin: Begin = None) -> Response:
    """The same as a calendar file."""
    found, given = _scheduled(studio, piece, begin)
    written = calendar.written(room.entries_of(found, given), datetime.now(UTC))
    headers = {"Content-Disposition": 'attachment; filename="sittings.ics"'}
    return Response(written, media_type="text/calendar", headers=headers)


def _scheduled(studio: Studio, piece: str, begin: datetime | None) -> tuple[room.Scheduled, list[room.Given]]:
    return easel.sittings_for(studio, studio.pieces.get(piece), begin or datetime.now().astimezone())
