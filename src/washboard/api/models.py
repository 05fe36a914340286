"""Models of the web interface: Create, Read, Update; apart from core values and rows."""

from __future__ import annotations

from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field

from ..formats.planfile import Document, PassPart

Name = Annotated[str, Field(min_length=1, max_length=120)]
Coordinate = Annotated[float, Field(ge=0, le=1)]


def _camel(name: str) -> str:
    head, *rest = name.split("_")
    return head + "".join(word.title() for word in rest)


class Model(BaseModel):
    model_config = ConfigDict(
        alias_generator=_camel, populate_by_name=True, allow_inf_nan=False, extra="forbid"
    )


class ReferenceRead(Model):
    """A picture that was taken in."""

    hash: str = Field(examples=["9f86d081884c7d659a2feaa0c55ad015a3bf4f1b2b0b822cd15d6c15b0f00a08"])
    width: int = Field(examples=[4000])
    height: int = Field(examples=[3000])
    format: str = Field(examples=["JPEG"])
    notes: list[str]


class ShapeModel(Model):
    """A drawn area of a piece without a photo."""

    points: list[tuple[Coordinate, Coordinate]] = Field(min_length=3, max_length=500)
    value: float = Field(ge=0, le=10)
    a: float = Field(0.0, ge=-128, le=128)
    b: float = Field(0.0, ge=-128, le=128)


class AnchorModel(Model):
    """A name for the mass at a place."""

    x: Coordinate
    y: Coordinate
    name: str = Field(min_length=1, max_length=80)


class PlaceModel(Model):
    """A place in the upright reference, from its top left."""

    x: Coordinate
    y: Coordinate


Line = Annotated[list[PlaceModel], Field(min_length=1, max_length=400)]


class StrokeModel(Model):
    """A line over a thing: one area; `against` another: divided; `closed`: outlined; `joins`: all crossed."""

    points: Line
    against: Line | None = None
    closed: bool = False
    joins: bool = False


class AreaFamilyModel(Model):
    """The family of the area at a place."""

    x: Coordinate
    y: Coordinate
    family: Literal["light", "shadow", "unsure"]


class AreasModel(Model):
    """What the painter has said about areas: strokes, names, families, places in order from far to near."""

    strokes: list[StrokeModel] = Field(default_factory=list, max_length=60)
    names: list[AnchorModel] = Field(default_factory=list, max_length=100)
    families: list[AreaFamilyModel] = Field(default_factory=list, max_length=100)
    depths: list[PlaceModel] = Field(default_factory=list, max_length=100)


class CropModel(Model):
    """What of the reference is painted, as shares of it after it is levelled."""

    left: Coordinate = 0.0
    top: Coordinate = 0.0
    right: Coordinate = 1.0
    bottom: Coordinate = 1.0


class MoveModel(Model):
    """The area at a place of the reference, moved by shares of it, scaled about its middle, or dropped."""

    x: Coordinate
    y: Coordinate
    dx: float = Field(0.0, ge=-2, le=2)
    dy: float = Field(0.0, ge=-2, le=2)
    scale: float = Field(1.0, ge=0.2, le=4)
    drop: bool = False


class ArrangementModel(Model):
    """Crop, turn in degrees so that the horizon is level, and moved areas."""

    crop: CropModel = Field(default_factory=CropModel)
    level: float = Field(0.0, ge=-10, le=10)
    moves: list[MoveModel] = Field(default_factory=list, max_length=40)


class IntentModel(Model):
    """What the piece is about: the sentence is only shown; the rest is used."""

    sentence: str = Field("", max_length=200)
    about: PlaceModel | None = None
    mood: Literal["as-seen", "lighter", "darker", "closer"] = "as-seen"
    minutes: float | None = Field(None, ge=1, le=60_000)
    deadline: str = Field("", max_length=40)


class OpeningModel(Model):
    """How far the crushed darks and the blown lights of the photo are opened."""

    darks: Coordinate = 0.0
    lights: Coordinate = 0.0


Hash = Annotated[str, Field(pattern="^[0-9a-f]{64}$", examples=["0" * 64])]


class BorrowedModel(Model):
    """A thing cut along an outline on another photo; its middle and width in shares of the main one."""

    photo: Hash
    outline: Annotated[list[PlaceModel], Field(min_length=3, max_length=400)]
    x: Coordinate
    y: Coordinate
    width: float = Field(ge=0.02, le=2)
    flipped: bool = False


Keys = Annotated[list[Annotated[str, Field(max_length=40)]], Field(max_length=16)]


class SettingsRead(Model):
    """What was decided about a piece; null: computed."""

    medium: str
    surface: str
    width_cm: float
    height_cm: float
    school: str | None = None
    passes: int | None = None
    bands: int = 5
    even: bool = False
    thresholds: list[float] | None = None
    squint: float = 1.0
    names: list[AnchorModel] = Field(default_factory=list)
    order: list[str] | None = None
    areas: AreasModel | None = None
    arrangement: ArrangementModel | None = None
    spread: bool = False
    margin_cm: float = 0.0
    focus: PlaceModel | None = None
    light: float | None = None
    ground: str | None = None
    palette: Keys = Field(default_factory=list)
    intent: IntentModel | None = None
    opening: OpeningModel | None = None
    borrowed: list[BorrowedModel] = Field(default_factory=list)


class PieceCreate(Model):
    """A new piece: a reference or drawn shapes, and the three decisions."""

    model_config = ConfigDict(
        json_schema_extra={
            "examples": [
                {"name": "Salt pans, noon", "medium": "watercolour", "surface": "white", "widthCm": 45,
                 "heightCm": 30, "shapes": [{"points": [[0, 0], [1, 0], [1, 0.5]], "value": 6.0}]}
            ]
        }
    )  # fmt: skip

    name: Name
    reference: str | None = Field(None, min_length=64, max_length=64)
    shapes: list[ShapeModel] | None = Field(None, min_length=1, max_length=200)
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
    undo: str | None
    redo: str | None
    created: str


class PieceUpdate(Model):
    """One undoable edit: only the fields given are changed; `revision` is the one it was read at."""

    revision: int = Field(ge=0, le=2**53)
    name: Name | None = None
    medium: str | None = Field(None, max_length=40)
    surface: str | None = Field(None, max_length=40)
    width_cm: float | None = Field(None, gt=0, le=1000)
    height_cm: float | None = Field(None, gt=0, le=1000)
    school: str | None = Field(None, max_length=40)
    passes: int | None = Field(None, ge=1, le=9)
    bands: int | None = Field(None, ge=2, le=9)
    even: bool | None = None
    thresholds: list[float] | None = Field(None, min_length=1, max_length=8)
    squint: float | None = Field(None, ge=0, le=3)
    names: list[AnchorModel] | None = Field(None, max_length=200)
    order: list[Annotated[str, Field(max_length=20)]] | None = Field(None, max_length=20)
    areas: AreasModel | None = None
    arrangement: ArrangementModel | None = None
    spread: bool | None = None
    margin_cm: float | None = Field(None, ge=0, le=500)
    focus: PlaceModel | None = None
    light: float | None = Field(None, ge=0, lt=360)
    ground: str | None = Field(None, max_length=40)
    palette: Keys | None = None
    intent: IntentModel | None = None
    opening: OpeningModel | None = None
    borrowed: list[BorrowedModel] | None = Field(None, max_length=12)
    reference: Hash | None = None
    shapes: list[ShapeModel] | None = Field(None, min_length=1, max_length=200)


class RevisionUpdate(Model):
    """The revision that the caller has seen."""

    revision: int = Field(ge=0, le=2**53)


class EditRead(Model):
    """One edit of the history."""

    number: int
    words: str
    undone: bool
    created: str


class JobRead(Model):
    """A piece being worked out."""

    id: str
    state: Literal["running", "done", "failed", "stopped"]
    stage: str
    done: float = Field(ge=0, le=1)
    problem: str | None = None


class AreaRead(Model):
    """An area: `called` its name, or look and place; `gap` values from the border of light and shadow."""

    id: str
    label: int
    name: str | None
    called: str
    share: float
    value: float
    family: Literal["light", "shadow", "unsure"]
    gap: float
    depth: int
    inside: tuple[float, float]


class ViewRead(Model):
    """What the page looks things up in. Tables are rows of passes by patches, both ends of each."""

    width: int
    height: int
    thresholds: list[float]
    histogram: list[float]
    crushed: float
    blown: float
    colours: list[list[list[list[int]]]]
    greys: list[list[list[int]]]
    patch_mass: list[int]
    next_mass: int
    areas: list[AreaRead] = Field(default_factory=list)
    area_width: int = 0
    area_height: int = 0
    back: tuple[float, float, float, float, float, float] = (0.0, 1.0, 0.0, 0.0, 0.0, 1.0)
    media: dict[str, str]


class PlanRead(Model):
    """A frozen plan: the open document, and the tables and maps that show it."""

    key: str
    document: Document
    view: ViewRead


class MoveCreate(Model):
    """Move a pass to a place, the first being 0."""

    pass_id: str = Field(max_length=20, examples=["p3"])
    to: int = Field(ge=0, le=50, examples=[0])


class RefusalRead(Model):
    """What breaks: the pass, the mass, the rule and why."""

    pass_id: str
    mass: str
    rule: str
    sentence: str


class VerdictRead(Model):
    """The answer to a move: fine, or what breaks."""

    fine: bool
    refusals: list[RefusalRead]
    order: list[str]
    passes: list[PassPart]


class Choice(Model):
    """One entry of a list to choose from."""

    key: str
    words: str
    why: str


class CatalogueRead(Model):
    """What there is to choose from, and the greys of a value picture's levels."""

    media: list[Choice]
    schools: list[Choice]
    surfaces: list[Choice]
    greys: list[int]


def plain(model: Model) -> dict[str, Any]:
    """A model's fields under their own names, as JSON holds them."""
    return model.model_dump(mode="json")
