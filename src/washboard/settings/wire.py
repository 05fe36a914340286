"""What settings look like as JSON: models that turn into values of the core, and read them back."""

from __future__ import annotations

from typing import Annotated, Any, ClassVar

from pydantic import BaseModel, BeforeValidator, ConfigDict, Field, model_validator

from ..core.areas.corrections import AreaFamily, Corrections, Family, Stroke
from ..core.composition.arrangement import Accent, Arrangement, Move
from ..core.composition.borrowed import Borrowed
from ..core.composition.sources import Said
from ..core.errors import InvalidInput
from ..core.key.mood import Mood
from ..core.order.options import Kept
from ..core.order.reserve import KEEPING
from ..core.plan.own import COARSEST_MM, Own
from ..core.plan.plan import Kind
from ..core.plan.tools import Handled
from ..core.reference.drawn import Shape
from ..core.reference.place import Anchor
from ..core.reference.tone_curve import Opening
from .intent import Intent
from .mixed import Mixed

WRITTEN = r"^[^\x00-\x1f\x7f]*[^\x00-\x20\x7f][^\x00-\x1f\x7f]*$"
"""What a name is: one line, not all of it blank."""
Revision = Annotated[int, Field(ge=0, le=2**53)]


def _camel(name: str) -> str:
    head, *rest = name.split("_")
    return head + "".join(word.title() for word in rest)


class Model(BaseModel):
    """Base of every model that the web interface sends or takes: names in camel case, nothing unknown."""

    model_config = ConfigDict(
        alias_generator=_camel, populate_by_name=True, allow_inf_nan=False, extra="forbid"
    )


class Wire(Model):
    """A value of the core as JSON holds it. `makes` is the core's class, whose fields have the same names."""

    model_config = ConfigDict(from_attributes=True)
    makes: ClassVar[Any]

    def core(self) -> Any:
        """The core's value; raises InvalidInput where it cannot be."""
        return self.makes(**{name: core_of(getattr(self, name)) for name in type(self).model_fields})


def core_of(value: Any) -> Any:
    """The core's value of anything that JSON holds: lists become tuples, models what they make."""
    if isinstance(value, Wire):
        return value.core()
    if isinstance(value, list):
        return tuple(map(core_of, value))
    return value


Coordinate = Annotated[float, Field(ge=0, le=1)]
Id = Annotated[str, Field(max_length=20)]
Ids = Annotated[list[Id], Field(max_length=400)]
"""Ids of the masses of one pass."""
Hash = Annotated[str, Field(pattern="^[0-9a-f]{64}$", examples=["0" * 64])]
Keys = Annotated[list[Annotated[str, Field(max_length=40)]], Field(max_length=112)]

Pair = Annotated[list[Annotated[str, Field(max_length=40)]], Field(min_length=2, max_length=2)]
"""Keys of two paints."""


class ShapeModel(Wire):
    """A drawn area of a piece without a photo."""

    makes = Shape
    points: list[tuple[Coordinate, Coordinate]] = Field(min_length=3, max_length=500)
    value: float = Field(ge=0, le=10)
    a: float = Field(0.0, ge=-128, le=128)
    b: float = Field(0.0, ge=-128, le=128)


class AnchorModel(Wire):
    """A name for the mass at a place."""

    makes = Anchor
    x: Coordinate
    y: Coordinate
    name: str = Field(min_length=1, max_length=80)


class PlaceModel(Wire):
    """A place in the upright reference, from its top left."""

    x: Coordinate
    y: Coordinate

    @model_validator(mode="before")
    @classmethod
    def _pair(cls, given: Any) -> Any:
        return {"x": given[0], "y": given[1]} if isinstance(given, tuple) else given

    def core(self) -> tuple[float, float]:
        """The place as x, y."""
        return self.x, self.y


Line = Annotated[list[PlaceModel], Field(min_length=1, max_length=400)]
NoneForEmpty = BeforeValidator(lambda given: given if given != () else None)


class StrokeModel(Wire):
    """A line over a thing: one area; `against` another: divided; `closed`: outlined; `joins`: all touched.

    `byLight`: the area at its first place is divided into light and shadow.
    """

    points: Line
    against: Annotated[Line | None, NoneForEmpty] = None
    closed: bool = False
    joins: bool = False
    by_light: bool = False

    def core(self) -> Stroke:
        """The stroke."""
        against = core_of(self.against) or ()
        return Stroke(core_of(self.points), against, self.closed, self.joins, self.by_light)


class AreaFamilyModel(Wire):
    """The family of the area at a place."""

    makes = AreaFamily
    x: Coordinate
    y: Coordinate
    family: Family


class AreasModel(Wire):
    """What the painter has said about areas: strokes, names, families, places in order from far to near."""

    makes = Corrections
    strokes: list[StrokeModel] = Field(default_factory=list, max_length=60)
    names: list[AnchorModel] = Field(default_factory=list, max_length=100)
    families: list[AreaFamilyModel] = Field(default_factory=list, max_length=100)
    depths: list[PlaceModel] = Field(default_factory=list, max_length=100)


class CropModel(Wire):
    """What of the reference is painted, as shares of it after it is levelled."""

    left: Coordinate = 0.0
    top: Coordinate = 0.0
    right: Coordinate = 1.0
    bottom: Coordinate = 1.0

    @model_validator(mode="before")
    @classmethod
    def _box(cls, given: Any) -> Any:
        sides = ("left", "top", "right", "bottom")
        return dict(zip(sides, given, strict=True)) if isinstance(given, tuple) else given

    def core(self) -> tuple[float, float, float, float]:
        """Left, top, right, bottom."""
        return self.left, self.top, self.right, self.bottom


class MoveModel(Wire):
    """The area at a place of the reference, moved by shares of it, scaled about its middle, or dropped."""

    makes = Move
    x: Coordinate
    y: Coordinate
    dx: float = Field(0.0, ge=-2, le=2)
    dy: float = Field(0.0, ge=-2, le=2)
    scale: float = Field(1.0, ge=0.2, le=4)
    drop: bool = False


class AccentModel(Wire):
    """An accent that the photo lacks: place and share of the reference, value."""

    makes = Accent
    x: Coordinate
    y: Coordinate
    value: float = Field(ge=0, le=10)
    share: float = Field(0.001, gt=0, le=0.05)


class SaidModel(Wire):
    """Whether a light shines at a place."""

    makes = Said
    x: Coordinate
    y: Coordinate
    shines: bool


class ArrangementModel(Wire):
    """Crop, turn in degrees so that the horizon is level, moved areas and added accents."""

    makes = Arrangement
    crop: CropModel = Field(default_factory=CropModel)
    level: float = Field(0.0, ge=-10, le=10)
    moves: list[MoveModel] = Field(default_factory=list, max_length=40)
    accents: list[AccentModel] = Field(default_factory=list, max_length=20)


class IntentModel(Wire):
    """What the piece is about: the sentence is only shown; the rest is used."""

    makes = Intent
    sentence: str = Field("", max_length=200)
    about: PlaceModel | None = None
    mood: Mood = Mood.AS_SEEN
    minutes: float | None = Field(None, ge=1, le=60_000)
    deadline: str = Field("", max_length=40)


class OpeningModel(Wire):
    """How far the crushed darks and the blown lights of the photo are opened."""

    makes = Opening
    darks: Coordinate = 0.0
    lights: Coordinate = 0.0


class BorrowedModel(Wire):
    """A thing cut along an outline on another photo; its middle and width in shares of the main one."""

    makes = Borrowed
    photo: Hash
    outline: Annotated[list[PlaceModel], Field(min_length=3, max_length=400)]
    x: Coordinate
    y: Coordinate
    width: float = Field(ge=0.02, le=2)
    flipped: bool = False


class WayModel(Wire):
    """How a light is to be kept: the id of its mass, and the way by its operation."""

    mass: str = Field(max_length=20)
    way: str = Field(max_length=20, examples=["mask", "reserve", "lift-dry"])

    def core(self) -> Kept:
        """The way; raises InvalidInput for an operation that keeps no light."""
        if self.way not in KEEPING:
            raise InvalidInput("refused-no-way", way=self.way)
        return Kept(self.mass, Kind(self.way))


class MixedModel(Wire):
    """The area at a place of the reference is painted first, by a school of its own."""

    makes = Mixed
    x: float = Field(ge=0, le=1)
    y: float = Field(ge=0, le=1)
    school: str = Field(max_length=160, examples=["light-first"])


class OwnPassModel(Wire):
    """A pass of the painter's own: one `kind` of operation on some masses, or on a place drawn through
    points of the upright reference: along a stroke so many mm wide, or within an outline where that is
    0."""

    id: Annotated[str, Field(pattern=r"^own[0-9]{1,3}$")]
    kind: Id = Field(examples=["glaze"])
    masses: list[Id] = Field(default_factory=list, max_length=80)
    points: list[tuple[Coordinate, Coordinate]] = Field(default_factory=list, max_length=200)
    width_mm: float = Field(0.0, ge=0, le=COARSEST_MM)

    def core(self) -> Own:
        """The pass; raises InvalidInput for an unknown operation."""
        return Own(self.id, kind_named(self.kind), tuple(self.masses), tuple(self.points), self.width_mm)


def kind_named(word: str) -> Kind:
    """A kind of operation by its word; raises InvalidInput."""
    if word not in set(Kind):
        raise InvalidInput("refused-no-act", word=word[:20])
    return Kind(word)


class HandledModel(Wire):
    """A pass that is done with another tool than usual."""

    makes = Handled
    pass_id: Id = Field(examples=["p2"])
    tool: Id = Field(examples=["knife"])
