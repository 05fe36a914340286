"""Pieces: create, read, edit, undo, redo, delete; their plans, moves and exports."""

from __future__ import annotations

from typing import Annotated, Any

from fastapi import APIRouter, Path, Query, Request, Response

from ...core.errors import InvalidInput, WashboardError
from ...core.materials.shelf import OWN
from ...pipeline.fields import fields_of, settings_of
from ...store.errors import Missing
from ...store.pieces import Piece, Reference, StoredPlan
from ..model import plain
from ..models import (
    EditRead,
    JobRead,
    PieceCreate,
    PieceRead,
    PieceUpdate,
    PlanRead,
    RevisionUpdate,
    SettingsRead,
    ViewRead,
)
from ..problems import problems
from ..studio import Studio, document_of, now
from ..told import ShapeModel
from . import jobs, references
from .access import InStudio, kept

router = APIRouter(prefix="/api/pieces", tags=["pieces"])
Id = Annotated[str, Path(pattern="^[0-9a-f]{32}$", examples=["0" * 32])]
DOCUMENT = {"content": {"application/json": {"schema": {"$ref": "#/components/schemas/Document"}}}}


class NotReady(WashboardError):
    code = "not-ready"


@router.get("", responses=problems())
def pieces(studio: InStudio) -> list[PieceRead]:
    """Every piece, the newest first."""
    return [read(piece) for piece in studio.pieces.all()]


@router.post("", status_code=201, responses=problems())
def create(studio: InStudio, given: PieceCreate) -> PieceRead:
    """A new piece from a reference (or drawn shapes) and three decisions."""
    if (given.reference is None) == (given.shapes is None):
        raise InvalidInput("A piece has either a reference or drawn shapes; nothing was made.")
    wanted = {
        "medium": given.medium, "surface": given.surface, "width_cm": given.width_cm,
        "height_cm": given.height_cm,
    }  # fmt: skip
    settings = fields_of(settings_of(wanted))
    shapes = [plain(shape) for shape in given.shapes] if given.shapes else None
    return read(
        studio.pieces.create(given.name.strip() or "Untitled", settings, now(), given.reference, shapes)
    )


@router.get("/{piece}", responses=problems())
def one(studio: InStudio, piece: Id) -> PieceRead:
    """A piece as it is now."""
    return read(studio.pieces.get(piece))


@router.patch("/{piece}", responses=problems())
def edit(studio: InStudio, piece: Id, given: PieceUpdate) -> PieceRead:
    """One undoable edit; 409 with what changed when the piece is no longer at that revision."""
    changes = plain(given)
    changes = {key: changes[key] for key in given.model_fields_set if key != "revision"}
    for key in sorted(changes.keys() & ALWAYS):
        if changes[key] is None:
            raise InvalidInput(f"The field {key} cannot be empty; it was kept as it was.")
    now_there = studio.pieces.get(piece)
    for thing in changes.get("borrowed", ()):
        studio.pieces.reference(thing["photo"])
    if "shapes" in changes and now_there.shapes is None:
        raise InvalidInput("This piece has a photo; shapes are drawn in a piece without one.")
    if "reference" in changes:
        changes |= _swapped(now_there, studio.pieces.reference(changes["reference"]))
    if changes.keys() & {"bands", "even", "reference"}:
        changes.setdefault("thresholds", None)
    if "medium" in changes:
        listed = [key for key in now_there.settings.get("palette") or () if not key.startswith(OWN)]
        changes = {"ground": None, "stock": None, "palette": listed} | changes
        if now_there.settings.get("mixed"):
            # What one area was painted by may not be in another medium.
            changes.setdefault("mixed", [])
    if "stock" in changes:
        changes.setdefault("side", "")
    if not changes.keys() <= KEEP_ORDER:
        changes = {"order": None, "groups": None, "own_passes": [], "dropped": [], "tools": []} | changes
    wanted = {**now_there.settings, **changes}
    settings_of(wanted, studio.own_paints())
    known = now_there.settings.get("variants") or ()
    for variant in changes.get("variants") or ():
        # An order that is kept now must be one that can be taken up; older ones may wait for their medium.
        if variant not in known:
            settings_of({**wanted, **variant}, studio.own_paints())
    return read(studio.pieces.edit(piece, given.revision, changes, words_for(changes), now()))


KEEP_ORDER = {
    "order", "own_passes", "dropped", "tools", "pins", "name", "focus", "light", "palette", "sources", "side",
    "variants",
}  # fmt: skip
"""What can be changed without a new plan, so that the painter's order of passes stays."""
ALWAYS = {
    "name", "medium", "surface", "width_cm", "height_cm", "bands", "even", "squint", "names", "areas",
    "spread", "margin_cm", "palette", "borrowed", "sources", "side", "reference", "shapes",
    "variants", "mixed", "own_passes", "dropped", "tools",
}  # fmt: skip
"""Fields that an edit may change but not empty."""
SAME_FORMAT = 0.02
"""Share by which the formats of two photos may differ for places on one to hold on the other."""


def _swapped(piece: Piece, photo: Reference) -> dict[str, Any]:
    """What else changes with a new photo: on one of another format, places told on the old mean nothing."""
    if piece.reference is None:
        raise InvalidInput("This piece is drawn, not taken from a photo; its shapes can be changed.")
    old, new = piece.reference.width / piece.reference.height, photo.width / photo.height
    if abs(old / new - 1) <= SAME_FORMAT:
        return {}
    return {
        "areas": {"strokes": [], "names": [], "families": [], "depths": []}, "arrangement": None, "names": [],
        "focus": None, "borrowed": [],
    }  # fmt: skip


@router.post("/{piece}/undo", responses=problems())
def undo(studio: InStudio, piece: Id, given: RevisionUpdate) -> PieceRead:
    """Take the last edit back."""
    return read(studio.pieces.undo(piece, given.revision))


@router.post("/{piece}/redo", responses=problems())
def redo(studio: InStudio, piece: Id, given: RevisionUpdate) -> PieceRead:
    """Do the next undone edit again."""
    return read(studio.pieces.redo(piece, given.revision))


@router.get("/{piece}/history", responses=problems())
def history(studio: InStudio, piece: Id) -> list[EditRead]:
    """Every edit, the oldest first."""
    return [
        EditRead(number=e.number, words=e.words, undone=e.undone, created=e.created)
        for e in studio.pieces.history(piece)
    ]


@router.delete("/{piece}", status_code=204, response_class=Response, responses=problems())
def delete(studio: InStudio, piece: Id, revision: Annotated[int, Query(ge=0, le=2**53)]) -> Response:
    """Delete a piece with its history and plans."""
    studio.pieces.delete(piece, revision)
    return Response(status_code=204)


@router.post("/{piece}/analysis", status_code=202, responses=problems())
def analyse(studio: InStudio, piece: Id) -> JobRead:
    """Work the piece out as it is set now; done at once where that was done before."""
    return jobs.read(studio.analyse(studio.pieces.get(piece)))


@router.get("/{piece}/plan", responses=problems())
def plan(studio: InStudio, piece: Id) -> PlanRead:
    """The plan of the piece as it is set now; 409 while it is not worked out."""
    stored = ready(studio, studio.pieces.get(piece))
    return PlanRead(key=stored.key, document=document_of(stored), view=ViewRead(**stored.view))


@router.get("/{piece}/export", response_class=Response, responses={200: DOCUMENT, **problems()})
def export(studio: InStudio, piece: Id) -> Response:
    """The plan in the open format, as a file."""
    stored = ready(studio, studio.pieces.get(piece))
    headers = {"Content-Disposition": f'attachment; filename="plan-{stored.key[:8]}.json"'}
    return Response(stored.document, media_type="application/json", headers=headers)


@router.get(
    "/{piece}/maps/{name}",
    response_class=Response,
    responses={200: references.BYTES, 304: references.UNCHANGED, **problems()},
)
def maps(
    studio: InStudio,
    request: Request,
    piece: Id,
    name: Annotated[str, Path(pattern="^(maps|labels|areas)$")],
) -> Response:
    """A map of the piece's plan, deflated: `maps` (patches), `labels` (masses) or `areas`."""
    stored = ready(studio, studio.pieces.get(piece))
    data = studio.media.read(stored.view["media"][name])
    return kept(request, data, "application/octet-stream", "deflate")


def ready(studio: Studio, piece: Piece) -> StoredPlan:
    """The piece's plan; raises NotReady, and Missing where its maps were lost."""
    stored = studio.plan(piece)
    if stored is None:
        raise NotReady(
            f"The plan of {piece.name} is not worked out yet (or was stopped); nothing is lost. "
            "Ask for it with a POST to `analysis`."
        )
    if not studio.media.path(stored.view["media"]["maps"]).exists():
        raise Missing("The maps of this plan are gone from the data folder.")
    return stored


WORDS = {
    "name": "name", "medium": "medium", "surface": "surface", "width_cm": "size", "height_cm": "size",
    "school": "school", "passes": "number of passes", "bands": "bands", "even": "even bands",
    "thresholds": "thresholds", "squint": "squint", "names": "names of masses", "order": "order of passes",
    "areas": "areas", "arrangement": "arrangement", "spread": "spread", "margin_cm": "margin",
    "focus": "focus", "light": "light", "ground": "ground", "palette": "palette", "intent": "intent",
    "opening": "opening of the photo", "borrowed": "things from other photos", "reference": "photo",
    "shapes": "drawn shapes", "sources": "sources of light",
    "stock": "kind of surface", "side": "side", "ways": "how lights are kept", "whites": "opaque white",
    "holds": "what the key holds", "pins": "pinned passes", "aim": "what the order is to be",
    "variants": "kept orders", "groups": "which masses share a pass",
    "mixed": "areas with a school of their own", "own_passes": "passes of your own",
    "dropped": "passes left out", "tools": "tools of passes",
}  # fmt: skip


QUIET = {
    "order", "groups", "own_passes", "dropped", "tools", "thresholds", "ground", "stock", "side",
}  # fmt: skip
"""What goes empty along with something else, and is not worth a word then."""


def words_for(changes: dict[str, Any]) -> str:
    """An edit in words: which settings changed, and to what where that is short."""
    quiet = QUIET if len(changes) > 1 else set()
    shown = {k: v for k, v in changes.items() if v not in (None, []) or k not in quiet}
    parts = {}
    for key, value in shown.items():
        text = f" to {value:g}" if isinstance(value, (int, float)) and not isinstance(value, bool) else ""
        text = f" to {value}" if isinstance(value, str) and key != "reference" else text
        parts[WORDS[key]] = WORDS[key] + text
    return ", ".join(parts.values())[:200]


def read(piece: Piece) -> PieceRead:
    """The model of a piece."""
    return PieceRead(
        id=piece.id, name=piece.name, revision=piece.revision,
        reference=references.read(piece.reference) if piece.reference else None,
        shapes=[ShapeModel.model_validate(shape) for shape in piece.shapes] if piece.shapes else None,
        settings=SettingsRead.model_validate(piece.settings), undo=piece.undo, redo=piece.redo,
        created=piece.created,
    )  # fmt: skip
