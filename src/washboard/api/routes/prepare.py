"""What *Prepare* asks about a piece, and what is traced or printed before the first mark."""

from __future__ import annotations

import re
from typing import Annotated, Literal

from fastapi import APIRouter, Query, Response

from ...core.composition.relit import LitBy, Relight
from ...formats.transfer import Choices
from ...pipeline.tasks import LightAnew, MakeOutline, MakeStudy, PrepareFigures
from ...studio.answers import ask, ask_anew
from ..models.prepare import PrepareRead
from ..problems import problems
from .access import Id, InStudio, about

router = APIRouter(prefix="/api/pieces", tags=["prepare"])
OUTLINE = {
    "content": {
        "image/svg+xml": {"schema": {"type": "string"}},
        "application/pdf": {"schema": {"type": "string", "format": "binary"}},
    }
}
LIT = {"content": {"image/jpeg": {"schema": {"type": "string", "format": "binary"}}}}
STUDY = {
    "content": {
        "image/png": {"schema": {"type": "string", "format": "binary"}},
        "application/pdf": {"schema": {"type": "string", "format": "binary"}},
    }
}


@router.get("/{piece}/prepare", responses=problems())
def prepare(studio: InStudio, piece: Id) -> PrepareRead:
    """Horizon, light, focus, findings, grounds and palette of the piece as it is set now."""
    answer = ask(studio, studio.pieces.get(piece), PrepareFigures)
    return PrepareRead(plan=answer.plan, **answer.fields)


@router.get("/{piece}/study.{ending}", response_class=Response, responses={200: STUDY, **problems()})
def study(
    studio: InStudio,
    piece: Id,
    ending: Literal["png", "pdf"],
    bands: Annotated[int, Query(ge=2, le=9)] = 3,
    paper: Annotated[str | None, Query(max_length=10, examples=["A4"])] = None,
) -> Response:
    """The arranged picture in a few flat values, as `png`, or as `pdf` in true size."""
    subject = studio.pieces.get(piece)
    pdf = ending == "pdf"
    choices = Choices(paper=paper).checked()
    answer = ask_anew(studio, subject, lambda about: MakeStudy(about, subject.name, pdf, bands, choices))
    return Response(answer.data, media_type="application/pdf" if pdf else "image/png")


@router.get("/{piece}/relit.jpg", response_class=Response, responses={200: LIT, **problems()})
def relit(
    studio: InStudio,
    piece: Id,
    x: Annotated[float, Query(ge=0, le=1)],
    y: Annotated[float, Query(ge=0, le=1)],
    by: LitBy = LitBy.SUN,
    strength: Annotated[float, Query(ge=0, le=1)] = 0.7,
) -> Response:
    """The arranged picture with a sun or a lamp put in at a place of the reference: only to look at."""
    light = Relight(x, y, by, strength)
    answer = ask_anew(studio, studio.pieces.get(piece), lambda about: LightAnew(about.set(relight=light)))
    return Response(answer.data, media_type="image/jpeg")


@router.get("/{piece}/transfer.{ending}", response_class=Response, responses={200: OUTLINE, **problems()})
def transfer(
    studio: InStudio,
    piece: Id,
    ending: Literal["svg", "pdf"],
    detail: Annotated[float, Query(ge=0.2, le=20)] = 1.0,
    paper: Annotated[str | None, Query(max_length=10, examples=["A4"])] = None,
    columns: Annotated[int, Query(ge=1, le=40)] = 1,
    rows: Annotated[int, Query(ge=1, le=40)] = 1,
    mirrored: bool = False,
    light: bool = False,
) -> Response:
    """The outline of the areas in true size, as `svg` or `pdf`, tiled on `paper`."""
    subject = studio.pieces.get(piece)
    pdf = ending == "pdf"
    grid = (columns, rows) if columns * rows > 1 else None
    choices = Choices(grid, mirrored, light, paper).checked()
    answer = ask_anew(studio, subject, lambda about: MakeOutline(about, subject.name, pdf, detail, choices))
    name = re.sub(r"[^a-z0-9]+", "-", subject.name.lower()).strip("-") or "outline"
    kind = "application/pdf" if pdf else "image/svg+xml"
    shown = {"Content-Disposition": f'inline; filename="{name}.{"pdf" if pdf else "svg"}"'}
    return about(answer.plan, answer.data, kind, **shown)
