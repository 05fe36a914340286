"""Review: photos of the painting, read beside the plan."""

from __future__ import annotations

from datetime import UTC, datetime
from typing import Annotated

from fastapi import APIRouter, File, Form, Request, Response, UploadFile
from pydantic import AwareDatetime
from starlette.concurrency import run_in_threadpool

from ...formats.image import MOST_BYTES
from ...store.errors import Missing
from ...store.observations import Observed
from ...studio import Studio, reviews
from ..limits import MOST_FILE
from ..models.reference import CornersUpdate
from ..models.review import ObservationRead, PhotographCreate
from ..problems import problems
from .access import Id, InStudio, about, kept
from .references import JPEG, UNCHANGED, too_large

router = APIRouter(prefix="/api/pieces/{piece}", tags=["review"])
PDF = {"content": {"application/pdf": {"schema": {"type": "string", "format": "binary"}}}}
TYPES = {"planned": "image/jpeg"}
"""Pictures that are no PNG."""


@router.post("/observations", status_code=201, responses=problems(), max_body_size=MOST_FILE)
async def observe(
    studio: InStudio,
    piece: Id,
    file: Annotated[UploadFile, File()],
    at: Annotated[AwareDatetime | None, Form()] = None,
) -> ObservationRead:
    """Read a photo of the painting. One in which it cannot be seen is refused with what would help, and
    nothing is kept of it."""
    there = await run_in_threadpool(studio.pieces.get, piece)
    data = await file.read(MOST_BYTES + 1)
    if len(data) > MOST_BYTES:
        raise too_large()
    when = at or datetime.now(UTC)
    return _read(studio, piece, await run_in_threadpool(reviews.observe, studio, there, data, when))


@router.post("/observations/camera", status_code=201, responses=problems())
def photograph(studio: InStudio, piece: Id, given: PhotographCreate) -> ObservationRead:
    """Let the camera stand-in photograph a made painting of this piece, and read that."""
    there = studio.pieces.get(piece)
    return _read(studio, piece, reviews.photograph(studio, there, given.after, datetime.now(UTC)))


@router.get("/observations", responses=problems())
def observations(studio: InStudio, piece: Id) -> list[ObservationRead]:
    """The photos of a painting, the first first."""
    return [_read(studio, piece, seen) for seen in studio.observations.of(piece)]


@router.post("/observations/{seen}/corners", status_code=201, responses=problems())
def corners(studio: InStudio, piece: Id, seen: Id, given: CornersUpdate) -> ObservationRead:
    """Read a photo again by corners that the painter dragged: they are snapped to the edges of the sheet."""
    there = studio.pieces.get(piece)
    return _read(studio, piece, reviews.observe_again(studio, there, seen, given.corners))


@router.get(
    "/observations/{seen}/{name}",
    response_class=Response,
    responses={200: JPEG, 304: UNCHANGED, **problems()},
)
def picture(studio: InStudio, request: Request, piece: Id, seen: Id, name: str) -> Response:
    """What was made of a photo: `straight`, `planned` or `difference`; or the `photo` as a working copy."""
    there = studio.observations.get(piece, seen)
    if name == "photo":
        return kept(request, studio.working(there.photo), "image/jpeg")
    if name not in there.pictures:
        raise Missing("refused-no-such-picture", name=name[:40])
    content = there.pictures[name]
    data = studio.media.read(content)
    return kept(request, data, TYPES.get(name, "image/png"), content=content)


@router.get("/look-back.pdf", response_class=Response, responses={200: PDF, **problems()})
def look_back(studio: InStudio, piece: Id) -> Response:
    """The look back on one page: the painting beside its plan, passes as planned and as they were, the
    palette."""
    answer = reviews.look_back(studio, studio.pieces.get(piece))
    return about(answer.plan, answer.data, "application/pdf")


def _read(studio: Studio, piece: str, seen: Observed) -> ObservationRead:
    """The model of an observation; what is logged by now is not offered any more."""
    fields = dict(seen.fields) | {"id": seen.id, "photo": seen.photo, "at": seen.happened}
    logged = reviews.done_by_log(studio, piece)
    left = [one for one in fields["done"] if one["pass"] not in logged]
    if fields["done"] and not left:
        fields["against"] = ""
    fields |= {"done": left, "pictures": sorted(seen.pictures)}
    known = {part.alias or name for name, part in ObservationRead.model_fields.items()}
    return ObservationRead.model_validate({key: value for key, value in fields.items() if key in known})
