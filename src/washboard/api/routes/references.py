"""References: pictures taken in, served as working copy and as values."""

from __future__ import annotations

import io
from typing import Annotated

import numpy as np
from fastapi import APIRouter, File, Path, Request, Response, UploadFile
from numpy.typing import NDArray
from PIL import Image
from starlette.concurrency import run_in_threadpool

from ...core.errors import TooLarge
from ...core.materials.surfaces import described, surface_of, tone_beside
from ...formats.image import MOST_BYTES
from ...settings.wire import PlaceModel
from ...store.references import Reference
from ...studio.planning import look_ahead
from ...words import speaker
from ..limits import MOST_FILE
from ..models.reference import CornersUpdate, ReferenceRead, SheetRead, ToneCreate, ToneRead
from ..problems import problems
from .access import InStudio, kept

router = APIRouter(prefix="/api/references", tags=["references"])
Hash = Annotated[str, Path(pattern="^[0-9a-f]{64}$", examples=["0" * 64])]
BYTES = {"content": {"application/octet-stream": {"schema": {"type": "string", "format": "binary"}}}}
JPEG = {"content": {"image/jpeg": {"schema": {"type": "string", "format": "binary"}}}}
UNCHANGED = {"description": "The browser has it already."}


@router.post("", status_code=201, responses=problems(), max_body_size=MOST_FILE)
async def take_in(studio: InStudio, file: Annotated[UploadFile, File()]) -> ReferenceRead:
    """Take a picture in. It is decoded before anything is stored; what cannot be used is refused."""
    data = await file.read(MOST_BYTES + 1)
    if len(data) > MOST_BYTES:
        raise too_large()
    taken = await run_in_threadpool(studio.take_in, data)
    look_ahead(studio, taken)
    return read(taken)


def too_large() -> TooLarge:
    """What an upload beyond the limit is told."""
    return TooLarge("refused-upload-too-large", most=MOST_BYTES >> 20)


@router.get("/{content}", responses=problems())
def one(studio: InStudio, content: Hash) -> ReferenceRead:
    """What is known about a picture."""
    return read(studio.references.get(content))


@router.get(
    "/{content}/picture", response_class=Response, responses={200: JPEG, 304: UNCHANGED, **problems()}
)
def picture(studio: InStudio, request: Request, content: Hash) -> Response:
    """The working copy, upright, in sRGB."""
    return kept(request, studio.working(content), "image/jpeg")


@router.get(
    "/{content}/thumbnail", response_class=Response, responses={200: JPEG, 304: UNCHANGED, **problems()}
)
def thumbnail(studio: InStudio, request: Request, content: Hash) -> Response:
    """A small picture, as the wall shows it."""
    return kept(request, studio.thumbnail(content), "image/jpeg")


@router.get("/{content}/sheet", responses=problems())
def sheet(studio: InStudio, content: Hash) -> SheetRead:
    """Where a painting may lie in a photo of one, for the painter to move."""
    return SheetRead.model_validate(studio.sheet_in(content))


@router.post("/{content}/straight", status_code=201, responses=problems())
def straight(studio: InStudio, content: Hash, given: CornersUpdate) -> ReferenceRead:
    """A painting cut straight out of a photo, taken in as a picture of its own; the photo stays."""
    taken = studio.straighten(content, tuple(given.corners))
    look_ahead(studio, taken)
    return read(taken)


@router.post("/{content}/tone", responses=problems())
def tone(studio: InStudio, content: Hash, given: ToneCreate) -> ToneRead:
    """The tone of a surface from a photo of it beside something white."""
    rgb = np.asarray(Image.open(io.BytesIO(studio.working(content))).convert("RGB"))
    found = tone_beside(_about(rgb, given.surface), _about(rgb, given.white))
    return ToneRead(tone=found, words=speaker().text(described(surface_of(found))))


def _about(rgb: NDArray[np.uint8], place: PlaceModel) -> NDArray[np.float64]:
    """The median of a small square of a picture (h, w, 3) about a place."""
    height, width = rgb.shape[:2]
    reach = max(2, round(0.01 * max(height, width)))
    row, column = round(place.y * (height - 1)), round(place.x * (width - 1))
    part = rgb[max(0, row - reach) : row + reach + 1, max(0, column - reach) : column + reach + 1]
    return np.asarray(np.median(part.reshape(-1, 3), axis=0), np.float64)


def read(reference: Reference) -> ReferenceRead:
    """The model of a reference."""
    return ReferenceRead(
        hash=reference.hash,
        width=reference.width,
        height=reference.height,
        format=reference.format,
        notes=[speaker().text(note) for note in reference.notes],
    )
