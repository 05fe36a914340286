"""Models of *Prepare* and of the two windows."""

from __future__ import annotations

from typing import Literal

from pydantic import Field

from ...settings.wire import ArrangementModel, Model
from .term import Term

Lab = tuple[float, float, float]


class HorizonRead(Model):
    """Both ends in cm from the picture's top; tilt in degrees, positive when the right end is higher."""

    left_cm: float
    right_cm: float
    tilt_deg: float


class LightRead(Model):
    """Where light comes from: degrees counter-clockwise from the right; how many things agree how much."""

    direction: float
    words: Term
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
    """A candidate ground with its figures; `picture` is a small predicted picture as a data address. `tone`
    and `stock` are a shelf paper's own: the surface that the piece has if it is taken."""

    key: str
    words: Term
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
    note: Term
    tone: str
    stock: str
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


class MoreRead(Model):
    """The one paint or stick that would help most besides, and the share within reach then."""

    key: str
    share: float


class PaintRead(Model):
    """A listed paint, one of the painter's `own` shelf, or a stick: strong and thin colour, modelled."""

    key: str
    words: Term
    index: str
    strong: Lab
    thin: Lab
    chosen: bool
    own: bool
    caution: Term


class PaletteRead(Model):
    """What the palette reaches of the picture."""

    share: float
    mean: float
    missed: list[MissedRead]
    proposed: list[str]
    proposed_share: float
    swap: SwapRead | None
    more: MoreRead | None
    limits: list[str]
    help: str | None
    paints: list[PaintRead]


class PrepareRead(Model):
    """Everything settled before the first mark. Places are shares of the picture as it is arranged."""

    plan: str
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
