"""Drills: the next question, an answer, how one gets better."""

from __future__ import annotations

from datetime import UTC, datetime
from typing import Annotated

from fastapi import APIRouter, Query, Response

from ...core.drills import KINDS
from ...core.sentence import Sentence, sentence
from ...studio import drills
from ...words import speaker
from ..models.drills import (
    DrillAnswerCreate,
    DrillOptionRead,
    DrillProgressRead,
    DrillRead,
    DrillToldRead,
    KindRead,
    MissedRead,
    WeekRead,
)
from ..problems import problems
from .access import Id, InStudio

router = APIRouter(prefix="/api/drills", tags=["drills"])
Kind = Annotated[str | None, Query(max_length=20, examples=["darker"])]
OfPiece = Annotated[str | None, Query(pattern="^[0-9a-f]{32}$", examples=["0" * 32])]
Row = Annotated[int | None, Query(ge=0, le=1000)]


@router.get(
    "/next", response_model=DrillRead, responses={204: {"description": "Nothing to ask."}, **problems()}
)
def question(
    studio: InStudio, kind: Kind = None, piece: OfPiece = None, row: Row = None
) -> DrillRead | Response:
    """The question that is due, or a new one; of one kind, one piece, the picture after one pass."""
    asked = drills.next_question(studio, kind, piece, row, datetime.now(UTC))
    return Response(status_code=204) if asked is None else _read(asked)


@router.get(
    "/guess/{piece}",
    response_model=DrillRead,
    responses={204: {"description": "Every pass is guessed."}, **problems()},
)
def guess(studio: InStudio, piece: Id, onward: Row = None) -> DrillRead | Response:
    """The next pass of one piece to be guessed, its later passes hidden until they are."""
    asked = drills.guess(studio, piece, onward or 0)
    return Response(status_code=204) if asked is None else _read(asked)


def _read(asked: drills.Asked) -> DrillRead:
    fields = asked.fields
    options = [
        DrillOptionRead(**{name: own[name] for name in DrillOptionRead.model_fields})
        for own in fields["options"]
    ]
    return DrillRead(
        piece=asked.piece.id,
        piece_name=asked.piece.name,
        plan=asked.plan,
        item=asked.item,
        options=options,
        **{name: fields[name] for name in ("kind", "ask", "row", "masses", "lab")},
    )


@router.post("/answers", status_code=201, responses=problems())
def answer(studio: InStudio, given: DrillAnswerCreate) -> DrillToldRead:
    """Keep an answer, and say what was right and why."""
    now = datetime.now(UTC)
    told = drills.answer(studio, given.id, given.piece, given.item, given.option, now)
    return DrillToldRead(right=told.right, option=told.option, whys=told.whys, days=round(told.days, 2))


@router.get("/progress", responses=problems())
def progress(studio: InStudio) -> DrillProgressRead:
    """How one gets better, week by week, and what is missed most."""
    weeks, often = drills.progress(studio, datetime.now(UTC))
    return DrillProgressRead(
        kinds=[KindRead(key=kind, words=speaker().text(sentence(f"drill-kind-{kind}"))) for kind in KINDS],
        weeks=[WeekRead(right=right, count=count) for right, count in weeks],
        missed=[
            MissedRead(
                kind=kind,
                band=band,
                wrong=wrong,
                count=count,
                sentence=speaker().text(_missed_words(kind, band, wrong, count)),
            )
            for kind, band, wrong, count in often
        ],
    )


def _missed_words(kind: str, band: str, wrong: int, count: int) -> Sentence:
    what = sentence(f"drill-kind-{kind}")
    return sentence("drill-missed", what=what, band=band, wrong=wrong, count=count)
