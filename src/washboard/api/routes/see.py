"""What *See* and *Order* show: the plan in force with its maps, pictures, values, two windows."""

from __future__ import annotations

import json
from collections.abc import Mapping
from typing import Annotated, Any

from fastapi import APIRouter, Path, Query, Request, Response

from ...core.reference.windows import Window, WindowSource
from ...formats import planfile
from ...formats.packed import packed_table
from ...pipeline.tasks import ArrangedPicture, CompareWindows, FirstOrder, MassPicture, ValuePicture
from ...store.errors import Missing
from ...studio.answers import ask, ask_anew
from ...studio.planning import document_of, ready
from ..models.see import ComparisonCreate, ComparisonRead, FirstOrderRead, PlanRead, WindowModel
from ..problems import problems
from .access import Id, InStudio, about, kept
from .references import BYTES, JPEG, UNCHANGED

router = APIRouter(prefix="/api/pieces", tags=["see"])
DOCUMENT = {"content": {"application/json": {"schema": {"$ref": "#/components/schemas/Document"}}}}

REVISION = "Washboard-Revision"
"""Header of the revision of the piece that a plan is for."""

MAPS = "^(maps|labels|areas|hand|edges)$"
"""The maps of a plan by their names."""


@router.get("/{piece}/plan", response_model=PlanRead, responses=problems())
def plan(studio: InStudio, piece: Id) -> Response:
    """The plan in force of the piece as it is set now, whose revision is told beside; 409 while it is not
    worked out."""
    there = studio.pieces.get(piece)
    stored = ready(studio, there)
    # It was written by these models; to read and write it through them again takes most of the answer's time.
    document = json.loads(stored.document) | {"piece": there.name}
    answer = {"key": stored.key, "document": document, "view": _packed(stored.view)}
    data = json.dumps(answer, ensure_ascii=False, separators=(",", ":")).encode()
    return about(stored.key, data, "application/json", **{REVISION: str(there.revision)})


def _packed(view: Mapping[str, Any]) -> Mapping[str, Any]:
    """What shows a plan; tables of plans that an earlier version has kept are lists of numbers."""
    lists = {
        name: packed_table(view[name]) for name in ("colours", "greys") if not isinstance(view[name], str)
    }
    return {**view, **lists}


@router.get("/{piece}/export", response_class=Response, responses={200: DOCUMENT, **problems()})
def export(studio: InStudio, piece: Id) -> Response:
    """The plan in force in the open format, as a file."""
    there = studio.pieces.get(piece)
    stored = ready(studio, there)
    text = planfile.written(document_of(stored).model_copy(update={"piece": there.name}))
    name = {"Content-Disposition": f'attachment; filename="plan-{stored.key[:8]}.json"'}
    return about(stored.key, text.encode(), "application/json", **name)


@router.get(
    "/{piece}/maps/{name}", response_class=Response, responses={200: BYTES, 304: UNCHANGED, **problems()}
)
def maps(studio: InStudio, request: Request, piece: Id, name: Annotated[str, Path(pattern=MAPS)]) -> Response:
    """A map of the piece's plan, deflated: `maps` (patches), `labels` (masses), `areas`, `edges` (the
    number of the stretch of border, 0 for none), or `hand` (how much lighter or darker each pixel is for
    being laid by hand, 128 for not at all)."""
    stored = ready(studio, studio.pieces.get(piece))
    content = stored.view["media"].get(name)
    if content is None:
        raise Missing("refused-map-none")
    data = studio.media.read(content)
    return kept(request, data, "application/octet-stream", "deflate", stored.key, content)


@router.get("/{piece}/picture", response_class=Response, responses={200: JPEG, 304: UNCHANGED, **problems()})
def picture(studio: InStudio, request: Request, piece: Id, whole: bool = False) -> Response:
    """The reference as the piece arranges it, or the `whole` reference before it is arranged."""
    subject = studio.pieces.get(piece)
    answer = ask(studio, subject, lambda about: ArrangedPicture(about, whole))
    return kept(request, answer.data, "image/jpeg")


@router.get("/{piece}/masses", response_class=Response, responses={200: JPEG, 304: UNCHANGED, **problems()})
def masses(studio: InStudio, request: Request, piece: Id) -> Response:
    """The masses of the arranged picture, flat in their colours: shown while the plan is still worked out."""
    return kept(request, ask(studio, studio.pieces.get(piece), MassPicture).data, "image/jpeg")


@router.get("/{piece}/passes", responses=problems())
def passes(studio: InStudio, piece: Id) -> FirstOrderRead:
    """The passes by their titles, without effects and small marks: shown while these are still sought."""
    return FirstOrderRead(passes=ask(studio, studio.pieces.get(piece), FirstOrder).fields)


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
    answer = ask(studio, studio.pieces.get(piece), lambda about: ValuePicture(about, strength, far))
    return kept(request, answer.data, "application/octet-stream", "deflate")


@router.post("/{piece}/compare", responses=problems())
def compare(studio: InStudio, piece: Id, given: ComparisonCreate) -> ComparisonRead:
    """What two windows show, and how the second differs from the first."""
    one, other = _window(given.one), _window(given.other)
    line = None
    if given.line is not None:
        start, end = given.line
        line = ((start.x, start.y), (end.x, end.y))
    answer = ask_anew(studio, studio.pieces.get(piece), lambda about: CompareWindows(about, one, other, line))
    return ComparisonRead(plan=answer.plan, **answer.fields)


def _window(given: WindowModel) -> Window:
    return Window(given.x, given.y, given.half, WindowSource(given.source))
