"""Models of the stage Review: photos of the painting as they were read."""

from __future__ import annotations

from typing import Annotated

from pydantic import AwareDatetime, Field

from ...core.plan.plan import Kind
from ...settings.wire import Model
from .mix import Lab
from .reference import Point
from .term import Term


class PhotographCreate(Model):
    """After which pass the camera stand-in photographs; where none is said, after those that are logged."""

    after: Annotated[int, Field(ge=0, le=1000)] | None = None


class MassSeenRead(Model):
    """A mass as planned and as it came out: `difference` in values, positive where it is too light; null
    where it could not be read. One that is not judged may be `unsure`: off, or as planned."""

    mass: str
    value: float | None
    planned: float
    planned_lab: Lab
    difference: float | None
    lab: Lab | None
    delta_e: float | None = Field(alias="deltaE")
    spread: float
    judged: bool
    unsure: bool = False
    why: str


class ToLogRead(Model):
    """What is logged when a correction is tried."""

    kind: str
    what: str
    masses: list[str]
    value: float


class CorrectionRead(Model):
    """What to do about masses: from the value `now` to what it `reaches`, by how much the mean over the
    picture comes nearer (`gain`, in values), in how many minutes; `event` is logged to try it."""

    masses: list[str]
    operation: Kind
    act: Term
    now: float
    reaches: float
    gain: float
    minutes: float
    event: ToLogRead
    sentence: str


class RelationRead(Model):
    """Two neighbours, the lighter as planned first, and how far apart they are planned and read."""

    masses: list[str]
    planned: float
    apart: float
    sentence: str


class DoneRead(Model):
    """A pass that a photo shows to be done and that is not logged: on these masses, all where none is
    named."""

    done: str = Field(alias="pass")
    masses: list[str]


class ObservationRead(Model):
    """A photo of the painting, read. `corners` of the sheet and of the `picture` on it, in pixels of the
    photo of that `size`; from what the `light` is known and how good values are (`sd`), what share is
    `hidden` by shine; the pass that it looks like and the range of those that look alike. `pictures`
    name what was made of it."""

    id: str
    photo: str
    at: AwareDatetime
    pictures: list[str]
    size: tuple[int, int]
    corners: list[Point]
    picture: list[Point]
    confidence: float
    light: str
    sd: float
    hidden: float
    masses: list[MassSeenRead]
    pass_reached: int
    pass_range: tuple[int, int]
    relations: list[RelationRead]
    corrections: list[CorrectionRead]
    leave: list[CorrectionRead]
    within: int
    stop: bool
    off: float
    headline: str
    light_told: str
    done: list[DoneRead]
    against: str
