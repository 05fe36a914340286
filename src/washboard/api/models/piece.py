"""Models of pieces: made, shown, changed. Settings come from their declarations."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import ConfigDict, Field

from ...settings.models import SettingsRead, SettingsUpdate, unsaid
from ...settings.wire import WRITTEN, Hash, Model, Revision, ShapeModel
from .reference import ReferenceRead
from .term import Term

Name = Annotated[str, Field(min_length=1, max_length=120, pattern=WRITTEN)]
Shapes = Annotated[list[ShapeModel], Field(min_length=1, max_length=200)]


class PieceCreate(Model):
    """A new piece: a reference or drawn shapes, and the three decisions."""

    model_config = ConfigDict(
        json_schema_extra={
            "examples": [
                {
                    "name": "Salt pans, noon",
                    "medium": "watercolour",
                    "surface": "white",
                    "widthCm": 45,
                    "heightCm": 30,
                    "shapes": [{"points": [[0, 0], [1, 0], [1, 0.5]], "value": 6.0}],
                }
            ]
        }
    )

    name: Annotated[str, Field(min_length=1, max_length=120)]
    reference: str | None = Field(None, min_length=64, max_length=64)
    shapes: Shapes | None = None
    medium: str = Field(max_length=40, examples=["watercolour"])
    surface: str = Field(max_length=40, examples=["white", "black", "#c8b89a", "value:7"])
    width_cm: float = Field(gt=0, le=1000, examples=[45])
    height_cm: float = Field(gt=0, le=1000, examples=[30])


class PieceRead(Model):
    """A piece as it is now; `undo` and `redo` say what would be undone or redone."""

    id: str
    name: str
    revision: int
    reference: ReferenceRead | None
    shapes: list[ShapeModel] | None
    settings: SettingsRead
    undo: Term | None
    redo: Term | None
    created: str


class PieceUpdate(SettingsUpdate):
    """One undoable edit: only the fields given are changed; `revision` is the one it was read at."""

    revision: Revision
    name: Name = unsaid()
    reference: Hash = unsaid()
    shapes: Shapes = unsaid()


class RevisionUpdate(Model):
    """The revision that the caller has seen."""

    revision: Revision


class EditRead(Model):
    """One edit of the history."""

    number: int
    words: Term
    undone: bool
    created: str


class JobRead(Model):
    """A piece being worked out."""

    id: str
    state: Literal["running", "done", "failed", "stopped"]
    stage: Term
    done: float = Field(ge=0, le=1)
    problem: str | None = None
