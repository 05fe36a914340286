"""What *Prepare* and the two windows ask about a piece."""

from __future__ import annotations

import json
import re
from typing import Annotated

from fastapi import APIRouter, Query, Request, Response

from ...core.reference.windows import Source, Window
from ...formats.transfer import Choices
from ...pipeline.tasks import Comparing, Framing, Outlining, Preparing, Studying, Values
from ..preparing import ComparisonCreate, ComparisonRead, PrepareRead, WindowModel
from ..problems import problems
from .access import InStudio, kept
from .pieces import Id
from .references import BYTES, JPEG, UNCHANGED

router = APIRouter(prefix="/api/pieces", tags=["prepare"])
OUTLINE = {
    "content": {
        "image/svg+xml": {"schema": {"type": "string"}},
        "application/pdf": {"schema": {"type": "string", "format": "binary"}},
    }
}
STUDY = {
    "content": {
        "image/png": {"schema": {"type": "string", "format": "binary"}},
        "application/pdf": {"schema": {"type": "string", "format": "binary"}},
    }
}


@router.get("/{piece}/prepare", responses=problems())
def prepare(studio: InStudio, piece: Id) -> PrepareRead:
    """Horizon, light, focus, findings, grounds and palette of the piece as it is set now."""
    found = studio.ask(studio.pieces.get(piece), "prepare", Preparing)
    return PrepareRead(**json.loads(found))


@router.get("/{piece}/picture", response_class=Response, responses={200: JPEG, 304: UNCHANGED, **problems()})
def picture(studio: InStudio, request: Request, piece: Id, whole: bool = False) -> Response:
    """The reference as the piece arranges it, or the `whole` reference before it is arranged."""
    subject = studio.pieces.get(piece)
    data = studio.ask(subject, f"picture {whole}", lambda about: Framing(about, whole))
    return kept(request, data, "image/jpeg")


@router.get("/{piece}/values", response_class=Response, responses={200: BYTES, 304: UNCHANGED, **problems()})
def values(
    studio: InStudio,
    request: Request,
    piece: Id,
    squint: Annotated[float, Query(ge=0, le=3, examples=[1.0])] = 0.0,
    metres: Annotated[float | None, Query(gt=0, le=50)] = None,
) -> Response:
    """The values of the arranged picture, a byte a pixel, 25.5 a value: squinted, or as from afar."""
    strength, far = round(squint, 2), None if metres is None else round(metres, 1) or 0.1
    data = studio.ask(
        studio.pieces.get(piece), f"values {strength} {far}", lambda about: Values(about, strength, far)
    )
    return kept(request, data, "application/octet-stream", "deflate")


@router.post("/{piece}/compare", responses=problems())
def compare(studio: InStudio, piece: Id, given: ComparisonCreate) -> ComparisonRead:
    """What two windows show, and how the second differs from the first."""
    one, other = _window(given.one), _window(given.other)
    line = None
    if given.line is not None:
        start, end = given.line
        line = ((start.x, start.y), (end.x, end.y))
    found = studio.ask_anew(studio.pieces.get(piece), lambda about: Comparing(about, one, other, line))
    return ComparisonRead(**found)


@router.get("/{piece}/study.{ending}", response_class=Response, responses={200: STUDY, **problems()})
def study(
    studio: InStudio,
    piece: Id,
    ending: str,
    bands: Annotated[int, Query(ge=2, le=9)] = 3,
    paper: Annotated[str | None, Query(max_length=10, examples=["A4"])] = None,
) -> Response:
    """The arranged picture in a few flat values, as `png`, or as `pdf` in true size."""
    subject = studio.pieces.get(piece)
    pdf = ending.lower() == "pdf"
    choices = Choices(paper=paper).checked()
    data = studio.ask_anew(subject, lambda about: Studying(about, subject.name, pdf, bands, choices))
    return Response(data, media_type="application/pdf" if pdf else "image/png")


def _window(given: WindowModel) -> Window:
    return Window(given.x, given.y, given.half, Source(given.source))


@router.get("/{piece}/transfer.{ending}", response_class=Response, responses={200: OUTLINE, **problems()})
def transfer(
    studio: InStudio,
    piece: Id,
    ending: str,
    detail: Annotated[float, Query(ge=0.2, le=20)] = 1.0,
    paper: Annotated[str | None, Query(max_length=10, examples=["A4"])] = None,
    columns: Annotated[int, Query(ge=1, le=40)] = 1,
    rows: Annotated[int, Query(ge=1, le=40)] = 1,
    mirrored: bool = False,
    light: bool = False,
) -> Response:
    """The outline of the areas in true size, as `svg` or `pdf`, tiled on `paper`."""
    subject = studio.pieces.get(piece)
    pdf = ending.lower() == "pdf"
    grid = (columns, rows) if columns * rows > 1 else None
    choices = Choices(grid, mirrored, light, paper).checked()
    data = studio.ask_anew(subject, lambda about: Outlining(about, subject.name, pdf, detail, choices))
    name = re.sub(r"[^a-z0-9]+", "-", subject.name.lower()).strip("-") or "outline"
    kind = "application/pdf" if pdf else "image/svg+xml"
    headers = {"Content-Disposition": f'inline; filename="{name}.{"pdf" if pdf else "svg"}"'}
    return Response(data, media_type=kind, headers=headers)
