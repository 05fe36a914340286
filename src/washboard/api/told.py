"""Models of what a painter has told about a piece: shapes, areas, arrangement, sources, intent."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from .model import Model

Coordinate = Annotated[float, Field(ge=0, le=1)]


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
    """A line over a thing: one area; `against` another: divided; `closed`: outlined; `joins`: all touched.

    `byLight`: the area at its first place is divided into light and shadow.
    """

    points: Line
    against: Line | None = None
    closed: bool = False
    joins: bool = False
    by_light: bool = False


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


class AccentModel(Model):
    """An accent that the photo lacks: place and share of the reference, value."""

    x: Coordinate
    y: Coordinate
    value: float = Field(ge=0, le=10)
    share: float = Field(0.001, gt=0, le=0.05)


class SaidModel(Model):
    """Whether a light shines at a place."""

    x: Coordinate
    y: Coordinate
    shines: bool


class ArrangementModel(Model):
    """Crop, turn in degrees so that the horizon is level, moved areas and added accents."""

    crop: CropModel = Field(default_factory=CropModel)
    level: float = Field(0.0, ge=-10, le=10)
    moves: list[MoveModel] = Field(default_factory=list, max_length=40)
    accents: list[AccentModel] = Field(default_factory=list, max_length=20)


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
