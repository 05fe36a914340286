"""Models of *Prepare* and of the two windows."""

from __future__ import annotations

from typing import Literal

from pydantic import Field

from .model import Model
from .told import ArrangementModel, Coordinate, PlaceModel

Lab = tuple[float, float, float]


class HorizonRead(Model):
    """Both ends in cm from the picture's top; tilt in degrees, positive when the right end is higher."""

    left_cm: float
    right_cm: float
    tilt_deg: float


class LightRead(Model):
    """Where light comes from: degrees counter-clockwise from the right; how many things agree how much."""

    direction: float
    words: str
    agreement: float
    things: int
    proposed: bool


class SourceRead(Model):
    """A light in the picture that glows: a lamp, a fire, a window."""

    x: float
    y: float
    value: float
    glow: float
    confirmed: bool


class FocusRead(Model):
    """The focus, and the nearest crossing of thirds."""

    x: float
    y: float
    strength: float
    crossing: tuple[float, float]
    away_cm: float
    proposed: bool


class ShapeRead(Model):
    """One of the main shapes."""

    called: str
    share: float


class TurnRead(Model):
    """Where light turns to shadow in an area: its lightest shadow, its darkest light, the gap in values."""

    area: str
    called: str
    lightest_shadow: float
    darkest_light: float
    gap: float


class FindingRead(Model):
    """What weakens the arrangement, why, where (shares), and what could be tried."""

    kind: str
    sentence: str
    why: str
    place: tuple[float, float]
    areas: list[str]
    fix_words: str | None
    fix: ArrangementModel | None


class GroundRead(Model):
    """A candidate ground with its figures; `picture` is a small predicted picture as a data address."""

    key: str
    words: str
    kind: Literal["bare", "paper", "toned", "primed", "patches"]
    value: float
    lab: Lab
    share: float
    fewer_layers: int
    masses: int
    layers: float
    lights_layers: int
    to_lightest: float
    to_darkest: float
    lights_lost: float
    paint: str
    minutes: float
    dry_minutes: float
    note: str
    why: str
    picture: str


class MissedRead(Model):
    """A mass that the palette does not reach."""

    mass: str
    lab: Lab
    apart: float


class SwapRead(Model):
    """The exchange of one paint that would help most."""

    out: str
    into: str = Field(alias="in")
    share: float | None


class PaintRead(Model):
    """A listed paint: strong and thin colour, modelled."""

    key: str
    words: str
    index: str
    strong: Lab
    thin: Lab
    chosen: bool
    caution: str


class PaletteRead(Model):
    """What the palette reaches of the picture."""

    share: float
    mean: float
    missed: list[MissedRead]
    proposed: list[str]
    proposed_share: float
    swap: SwapRead | None
    paints: list[PaintRead]


class PrepareRead(Model):
    """Everything settled before the first mark. Places are shares of the picture as it is arranged."""

    width_cm: float
    height_cm: float
    left_cm: float
    top_cm: float
    horizon: HorizonRead | None
    light: LightRead | None
    sources: list[SourceRead]
    focus: FocusRead
    path: list[tuple[float, float]]
    leads: float
    shapes: list[ShapeRead]
    turns: list[TurnRead]
    findings: list[FindingRead]
    grounds: list[GroundRead]
    palette: PaletteRead
    photo: list[str]
    format_crop: tuple[float, float, float, float]
    invented: float


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


class ComparisonRead(Model):
    """Both readings, their difference in ΔE₀₀ and words, and the values along the line of both."""

    one: ReadingRead
    other: ReadingRead
    apart: float
    words: str
    standing: StandingRead
    profiles: list[list[float]]
