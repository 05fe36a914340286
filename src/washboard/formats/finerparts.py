"""The parts of the plan format that are finer than masses: modelling, small marks, effects, edges."""

from __future__ import annotations

from pydantic import Field

from ..core.plan.marks import How, HowMany, MarkKind
from ..core.plan.stretch import Beyond, Edge, When
from ..core.reference.mass import Form
from .part import LabColour, Length, Part, Share, Value


class MarkPart(Part):
    """From `start` to `end` of a text these masses, or the edges between these pairs, are named."""

    start: int
    end: int
    masses: tuple[str, ...] = ()
    edges: tuple[tuple[str, str], ...] = ()


class StopPart(Part):
    """A colour on the way of a gradation: measured, planned, and where in the picture (0–1) it lies best."""

    lab: LabColour
    target: LabColour | None = None
    value: Value
    place: tuple[float, float]


class GradationPart(Part):
    """The soft modelling of a mass from stop to stop, evenly along its way."""

    form: Form
    direction: float
    centre: tuple[float, float] | None = None
    stops: tuple[StopPart, ...] = Field(min_length=2, max_length=5)


class PathPart(Part):
    """A line by its middle with its widths in mm, or else an outline; cm from the picture's upper left."""

    points: tuple[tuple[float, float], ...]
    widths: tuple[float, ...] = ()


class TexturePart(Part):
    """How a texture is made."""

    amplitude: float
    grain_mm: Length
    direction: float
    along: Share


class MarkFamilyPart(Part):
    """Small marks that are one thing to paint, painted in `pass` or kept before it; `gain` of what lacks."""

    id: str
    kind: MarkKind
    count: int = Field(ge=1)
    name: str
    name_marks: tuple[MarkPart, ...] = ()
    paths: tuple[PathPart, ...]
    value: Value
    lab: LabColour
    masses: tuple[str, ...]
    pass_id: str = Field(alias="pass")
    how: How
    tool: str
    minutes: Length
    gain: Share
    tool_words: str = ""
    length_cm: Length = 0.0
    width_mm: Length = 0.0
    texture: TexturePart | None = None
    place: tuple[Share, Share] = (0.5, 0.5)
    called: str = ""
    many: HowMany = HowMany.FOUND
    own: int | None = None


class EffectPart(Part):
    """How something is made that is more than a flat mass: in `pass`, or it rests, with why. `sure` 0–1 how
    sure the picture tells it; `asks` whether the painter is asked; what it would be `instead`."""

    id: str
    key: str
    called: str
    masses: tuple[str, ...]
    place: tuple[Share, Share]
    sure: Share
    asks: bool
    told: str
    marks: tuple[MarkPart, ...] = ()
    figures: dict[str, float] = Field(default_factory=dict)
    instead: tuple[str, ...] = ()
    rests: str | None = None
    pass_id: str = Field("", alias="pass")


class EdgePart(Part):
    """A stretch of border between two masses, the one laid later first: made `how`, where `proposed` is
    what the picture says, for the reason `why`; `when` it is not firm, made in `pass` while that is wet, or
    on dry paint; what lies `beyond` it is wanted darker or lighter, or as it is seen."""

    number: int
    masses: tuple[str, str]
    at: tuple[Share, Share]
    length_cm: Length
    wide_mm: Length
    step: Length
    proposed: Edge
    how: Edge
    why: str
    pass_id: str = Field("", alias="pass")
    when: When | None = None
    beyond: Beyond = Beyond.AS_SEEN


class LightPart(Part):
    """What a small light shows of itself in the picture, and how likely it is what (the odds sum to 1)."""

    lead: float
    core: float
    below: float
    halo: float
    reach: float
    even: float
    warm: float
    long: float
    inner: float
    share: float
    dim: float
    radius: float
    odds: dict[str, float] = Field(default_factory=dict)


class HabitPart(Part):
    """Times as long as usual that the painter takes, and that things dry, by which a plan was made."""

    pace: float = Field(1.0, gt=0, le=100)
    drying: float = Field(1.0, gt=0, le=100)
