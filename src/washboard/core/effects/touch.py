"""The acts of an effect, before they are woven into the passes."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from ..plan.effect import Effect
from ..plan.plan import Kind


class Moment(StrEnum):
    """When an act of an effect comes: before what its mass is laid with, in place of that, or while it is
    wet."""

    READY = "ready"
    INSTEAD = "instead"
    WET = "wet"


@dataclass(frozen=True)
class Touch:
    """One act of an effect on a mass in the pass at the place `row`: how much of it (`cover` 0–1), to which
    Munsell value, in how many minutes more and how many goes."""

    kind: Kind
    mass: str
    moment: Moment
    cover: float
    to_value: float
    minutes: float
    row: int
    steps: int = 1


@dataclass(frozen=True)
class Proposal:
    """An effect with its acts, in the order in which they are done, told in the pass at the place `row`; it
    has none where only the way of going about it is told. What its pass told of the mass in sentences whose
    keys begin with `replaces` is told by it now."""

    effect: Effect
    row: int
    touches: tuple[Touch, ...] = ()
    replaces: str = ""
