"""Models of *Mix*: piles with their recipes, meetings, tables for the hand."""

from __future__ import annotations

from typing import Annotated, Literal

from pydantic import Field

from ...settings.wire import Model
from .term import Term

Lab = Annotated[list[float], Field(min_length=3, max_length=3)]


Channel = Annotated[float, Field(ge=-150, le=150)]
GivenLab = tuple[Annotated[float, Field(ge=0, le=100)], Channel, Channel]
"""Lab as it is given: within what a colour can be."""

Row = Annotated[list[float], Field(min_length=4, max_length=4)]
"""Lab and Munsell value."""


class PartRead(Model):
    """So many parts of a paint; 0.15 is a touch, 0.05 a trace."""

    paint: str
    parts: Annotated[float, Field(gt=0, le=1000)]


class RecipeRead(Model):
    """A recipe: `load` unit films in all, `dilution` of one layer, 1 undiluted; colours dry and wet."""

    parts: list[PartRead]
    load: float
    dilution: float
    layers: int
    lab: Lab
    lab_wet: Lab
    value: float
    value_wet: float
    delta_e: float = Field(alias="deltaE")
    value_error: float
    target_value: float
    says: Term = ""
    tint: str = ""


class WayRead(RecipeRead):
    """Another way to the same value, or the recipe as a test strip corrects it."""

    words: Term


class WaysRead(Model):
    """Other ways."""

    ways: list[WayRead]


class MixtureCreate(Model):
    """A mixture over a colour for a target. For the recipe corrected, what its test strip dried as: `seen` as
    measured, or `seenValue` as judged, and how much warmer (or cooler, under 0) it looked."""

    parts: Annotated[list[PartRead], Field(min_length=1, max_length=3)]
    load: Annotated[float, Field(gt=0, le=10)]
    target: GivenLab
    over: GivenLab
    seen: GivenLab | None = None
    seen_value: Annotated[float, Field(ge=0, le=10)] | None = None
    warmer: Annotated[float, Field(ge=-3, le=3)] = 0.0


class AgainRead(Model):
    """An earlier pile, by its place, that would do: `strength` times as thick as it was laid then."""

    pile: int
    strength: float
    delta_e: float = Field(alias="deltaE")
    value_error: float


class HelpsRead(Model):
    """A paint that is not along and would come nearest."""

    paint: str
    words: Term
    delta_e: float = Field(alias="deltaE")


class DustRead(Model):
    """Of sticks laid dry: share 0–1 of the tooth left, and the value once rubbed with a finger, or fixed."""

    tooth: float
    rubbed: float
    fixed: float


class PileRead(Model):
    """A mixture of a pass: for which masses, the colour wanted, what lies there, recipes best first.

    `liftsTo`: the value that it can be lifted to once dry, `grain` how far its L* strays as it settles."""

    done: str = Field(alias="pass")
    masses: list[str]
    target: Lab
    over: Lab
    value: float
    band: int
    band_kept: bool
    nearest: float
    graded: list[float] | None
    end: Literal["", "light", "between", "dark"]
    ml: float
    at_once_ml: float
    peas: float
    lifts_to: float | None
    grain: float | None
    dust: DustRead | None
    recipes: list[RecipeRead]
    again: AgainRead | None
    helps: HelpsRead | None


class MeetingRead(Model):
    """Two piles that meet wet, by place: what lies between, what is wrong, and the paint that would help."""

    one: int
    other: int
    fault: str
    labs: list[Lab]
    through: Term | None
    cleaner: list[Lab] | None


class OnPaletteRead(Model):
    """A paint that comes along, strong and thinned over white."""

    key: str
    words: Term
    strong: Lab
    thin: Lab
    caution: Term


class UsedRead(Model):
    """The ml of a paint that the piece takes, in working order; `owned` says whether the shelf has it, `left`
    how many ml of it, where that was counted."""

    paint: str
    ml: float
    owned: bool = False
    left: float | None = None


class UseRead(Model):
    """What a pass takes of each paint."""

    done: str = Field(alias="pass")
    paints: list[UsedRead]


class BoardRead(Model):
    """The recipe board of the plan whose key is `plan`: `bands` are the borders between bands as planned;
    what is `used` in all, and by each pass."""

    plan: str
    used: list[UsedRead]
    uses: list[UseRead]
    paints: list[OnPaletteRead]
    bands: list[float]
    piles: list[PileRead]
    meetings: list[MeetingRead]


class TableRead(Model):
    """Looks of all amounts of a few paints, the last running fastest, for looking up between."""

    loads: list[float]
    dry: list[Row]
    wet: list[Row]
    strongest: float
