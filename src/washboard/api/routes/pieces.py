"""Pieces: create, read, edit, undo, redo, delete, and have them worked out."""

from __future__ import annotations

from typing import Annotated, Any

from fastapi import APIRouter, Query, Response

from ...settings.models import shown
from ...settings.wire import Revision, ShapeModel
from ...store.pieces import Piece
from ...studio import edits, planning
from ..models.piece import EditRead, JobRead, PieceCreate, PieceRead, PieceUpdate, RevisionUpdate
from ..problems import problems
from . import jobs, references
from .access import Id, InStudio

router = APIRouter(prefix="/api/pieces", tags=["pieces"])
DECISIONS = {"medium", "surface", "width_cm", "height_cm"}


@router.get("", responses=problems())
def pieces(studio: InStudio) -> list[PieceRead]:
    """Every piece, the newest first."""
    return [read(piece) for piece in studio.pieces.all()]


@router.post("", status_code=201, responses=problems())
def create(studio: InStudio, given: PieceCreate) -> PieceRead:
    """A new piece from a reference (or drawn shapes) and three decisions."""
    shapes = [shape.model_dump(mode="json") for shape in given.shapes] if given.shapes else None
    decisions = given.model_dump(include=DECISIONS)
    return read(edits.create(studio, given.name, decisions, given.reference, shapes))


@router.get("/{piece}", responses=problems())
def one(studio: InStudio, piece: Id) -> PieceRead:
    """A piece as it is now."""
    return read(studio.pieces.get(piece))


@router.patch("/{piece}", responses=problems())
def edit(studio: InStudio, piece: Id, given: PieceUpdate) -> PieceRead:
    """One undoable edit; 409 with what changed when the piece is no longer at that revision."""
    changes: dict[str, Any] = given.model_dump(mode="json", exclude={"revision"})
    return read(edits.edit(studio, piece, given.revision, changes))


@router.post("/{piece}/undo", responses=problems())
def undo(studio: InStudio, piece: Id, given: RevisionUpdate) -> PieceRead:
    """Take the last edit back."""
    return read(studio.pieces.undo(piece, given.revision))


@router.post("/{piece}/redo", responses=problems())
def redo(studio: InStudio, piece: Id, given: RevisionUpdate) -> PieceRead:
    """Do the next undone edit again."""
    return read(studio.pieces.redo(piece, given.revision))


@router.post("/{piece}/copies", status_code=201, responses=problems())
def copy(studio: InStudio, piece: Id) -> PieceRead:
    """Another try: a piece with the same photo and settings, nothing painted yet."""
    return read(edits.copy(studio, piece))


@router.get("/{piece}/history", responses=problems())
def history(studio: InStudio, piece: Id) -> list[EditRead]:
    """Every edit, the oldest first."""
    return [
        EditRead(number=e.number, words=e.words, undone=e.undone, created=e.created)
        for e in studio.pieces.history(piece)
    ]


@router.delete("/{piece}", status_code=204, response_class=Response, responses=problems())
def delete(studio: InStudio, piece: Id, revision: Annotated[Revision, Query()]) -> Response:
    """Delete a piece with its history, log and plans."""
    edits.delete(studio, piece, revision)
    return Response(status_code=204)


@router.post("/{piece}/analysis", status_code=202, responses=problems())
def analyse(studio: InStudio, piece: Id) -> JobRead:
    """Work the piece out as it is set now; done at once where that was done before."""
    return jobs.read(planning.analyse(studio, studio.pieces.get(piece)))


def read(piece: Piece) -> PieceRead:
    """The model of a piece."""
    return PieceRead(
        id=piece.id,
        name=piece.name,
        revision=piece.revision,
        reference=references.read(piece.reference) if piece.reference else None,
        shapes=[ShapeModel.model_validate(shape) for shape in piece.shapes] if piece.shapes else None,
        settings=shown(dict(piece.settings)),
        undo=piece.undo,
        redo=piece.redo,
        created=piece.created,
    )
