"""Models of the web interface: Create, Read, Update; apart from core values and rows."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import ConfigDict, Field

from ..formats.planfile import Document
from .model import Model
from .told import (
    AnchorModel,
    AreasModel,
    ArrangementModel,
    BorrowedModel,
    Hash,
    IntentModel,
    Keys,
    OpeningModel,
    PlaceModel,
    SaidModel,
    ShapeModel,
)

Name = Annotated[str, Field(min_length=1, max_length=120)]


class ReferenceRead(Model):
    """A picture that was taken in."""

    hash: str = Field(examples=["9f86d081884c7d659a2feaa0c55ad015a3bf4f1b2b0b822cd15d6c15b0f00a08"])
    width: int = Field(examples=[4000])
    height: int = Field(examples=[3000])
    format: str = Field(examples=["JPEG"])
    notes: list[str]


class WayModel(Model):
    """How a light is to be kept: the id of its mass, and the way by its operation."""

    mass: str = Field(max_length=20)
    way: str = Field(max_length=20, examples=["mask", "reserve", "lift-dry"])


Id = Annotated[str, Field(max_length=20)]
Ids = Annotated[list[Id], Field(max_length=400)]
"""Ids of the masses of one pass."""


class MixedModel(Model):
    """The area at a place of the reference is painted first, by a school of its own."""

    x: float = Field(ge=0, le=1)
    y: float = Field(ge=0, le=1)
    school: str = Field(max_length=160, examples=["light-first"])


class OwnPassModel(Model):
    """A pass of the painter's own: one `kind` of operation on some shapes."""

    id: Annotated[str, Field(pattern=r"^own[0-9]{1,3}$")]
    kind: Id = Field(examples=["glaze"])
    masses: list[Id] = Field(min_length=1, max_length=80)


class HandledModel(Model):
    """A pass that is done with another tool than usual."""

    pass_id: Id = Field(examples=["p2"])
    tool: Id = Field(examples=["knife"])


class OrderModel(Model):
    """All that is settled about the order; null: computed. `passes` are those over shapes."""

    school: str | None = Field(None, max_length=160)
    passes: int | None = Field(None, ge=1, le=9)
    order: list[Id] | None = Field(None, max_length=20)
    pins: list[Id] = Field(default_factory=list, max_length=40)
    ways: list[WayModel] = Field(default_factory=list, max_length=200)
    whites: bool = True
    holds: list[Id] = Field(default_factory=list, max_length=6)
    aim: Id | None = None
    groups: list[Ids] | None = Field(None, max_length=20)
    mixed: list[MixedModel] = Field(default_factory=list, max_length=12)
    own_passes: list[OwnPassModel] = Field(default_factory=list, max_length=6)
    dropped: list[Id] = Field(default_factory=list, max_length=20)
    tools: list[HandledModel] = Field(default_factory=list, max_length=40)


class VariantModel(OrderModel):
    """An order that was kept under a name, to be taken up again."""

    name: Annotated[str, Field(min_length=1, max_length=40, pattern=r"\S")]


class SettingsRead(OrderModel):
    """What was decided about a piece; null: computed."""

    medium: str
    surface: str
    width_cm: float
    height_cm: float
    bands: int = 5
    even: bool = False
    thresholds: list[float] | None = None
    squint: float = 1.0
    names: list[AnchorModel] = Field(default_factory=list)
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
    sources: list[SaidModel] = Field(default_factory=list)
    stock: str | None = None
    side: str = ""
    variants: list[VariantModel] = Field(default_factory=list)


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
    school: str | None = Field(None, max_length=160)
    passes: int | None = Field(None, ge=1, le=9)
    bands: int | None = Field(None, ge=2, le=9)
    even: bool | None = None
    thresholds: list[float] | None = Field(None, min_length=1, max_length=8)
    squint: float | None = Field(None, ge=0, le=3)
    names: list[AnchorModel] | None = Field(None, max_length=200)
    order: list[Id] | None = Field(None, max_length=20)
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
    sources: list[SaidModel] | None = Field(None, max_length=40)
    stock: str | None = Field(None, max_length=40)
    side: str | None = Field(None, max_length=40)
    ways: list[WayModel] | None = Field(None, max_length=200)
    whites: bool | None = None
    holds: list[Id] | None = Field(None, max_length=6)
    pins: list[Id] | None = Field(None, max_length=40)
    aim: Id | None = None
    groups: list[Ids] | None = Field(None, max_length=20)
    mixed: list[MixedModel] | None = Field(None, max_length=12)
    own_passes: list[OwnPassModel] | None = Field(None, max_length=6)
    dropped: list[Id] | None = Field(None, max_length=20)
    tools: list[HandledModel] | None = Field(None, max_length=40)
    variants: list[VariantModel] | None = Field(None, max_length=8)
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
    """What the page looks things up in. Tables are rows of passes by patches, both ends of each; `school` is
    told in words."""

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
    school: str = ""
    photo: list[str] = Field(default_factory=list)
    back: tuple[float, float, float, float, float, float] = (0.0, 1.0, 0.0, 0.0, 0.0, 1.0)
    media: dict[str, str]


class PlanRead(Model):
    """A frozen plan: the open document, and the tables and maps that show it."""

    key: str
    document: Document
    view: ViewRead


class Choice(Model):
    """One entry of a list to choose from."""

    key: str
    words: str
    why: str


class StockRead(Model):
    """A kind of sheet or panel: `says` what to mind; `tone` its usual colour."""

    key: str
    words: str
    media: list[str]
    tooth: float
    absorbency: float
    weight: int
    sides: list[str]
    tone: str
    says: str


class ToneCreate(Model):
    """Two places on a photo: the surface, and something white beside it in the same light."""

    surface: PlaceModel
    white: PlaceModel


class ToneRead(Model):
    """The tone of a surface read off a photo."""

    tone: str = Field(examples=["#c8b89a"])
    words: str


class HandRead(Model):
    """What a pass of one's own can do, or a tool, with the media in which it can be."""

    key: str
    words: str
    media: list[str]


class CatalogueRead(Model):
    """What there is to choose from, and the greys of a value picture's levels."""

    media: list[Choice]
    schools: list[Choice]
    surfaces: list[Choice]
    stocks: list[StockRead]
    own_passes: list[HandRead]
    tools: list[HandRead]
    greys: list[int]
