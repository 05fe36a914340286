"""Models of what *See* and *Order* show a plan by."""

from __future__ import annotations

from typing import Literal

from pydantic import Field

from ...formats.planparts import Document
from ...settings.wire import Coordinate, Model, PlaceModel
from .term import Term

Lab = tuple[float, float, float]


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
    """What the page looks things up in. Tables are rows of passes by patches, both ends of each, as bytes in
    base64; `school` and `surface` are told in words."""

    width: int
    height: int
    thresholds: list[float]
    histogram: list[float]
    crushed: float
    blown: float
    colours: str
    greys: str
    patch_mass: list[int]
    next_mass: int
    areas: list[AreaRead] = Field(default_factory=list)
    area_width: int = 0
    area_height: int = 0
    school: str = ""
    surface: str = ""
    photo: list[str] = Field(default_factory=list)
    back: tuple[float, float, float, float, float, float] = (0.0, 1.0, 0.0, 0.0, 0.0, 1.0)
    media: dict[str, str]


class PlanRead(Model):
    """A frozen plan: the open document, and the tables and maps that show it."""

    key: str
    document: Document
    view: ViewRead


class WindowModel(Model):
    """A window on reference or prediction; `half` its half width as a share of the picture's width."""

    x: Coordinate
    y: Coordinate
    half: float = Field(0.012, ge=0.002, le=0.25)
    source: Literal["reference", "predicted"] = "reference"


class ComparisonCreate(Model):
    """Two windows, and the ends of a line across both, if any."""

    one: WindowModel
    other: WindowModel
    line: list[PlaceModel] | None = Field(None, min_length=2, max_length=2)


class ReadingRead(Model):
    """A window: Lab of its mean light, value, spread of value in it."""

    lab: Lab
    value: float
    spread: float


class StandingRead(Model):
    """Which band the first window is in, how near its border, and how it looks on surface and neighbours."""

    value: float
    band: int
    nearest: float
    on_surface: float
    beside: float
    beside_lab: Lab
    words: Term


class FirstOrderRead(Model):
    """The passes by their titles, before there are effects and small marks."""

    passes: list[str]


class ComparisonRead(Model):
    """Both readings, their difference in ΔE₀₀ and words, and the values along the line of both."""

    plan: str
    one: ReadingRead
    other: ReadingRead
    apart: float
    words: Term
    standing: StandingRead
    profiles: list[list[float]]
