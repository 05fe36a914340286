"""The acts of an effect, before they are woven into the passes."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from ..plan.effect import Effect
from ..plan.plan import Kind
from ..plan.spot import Spot


class Moment(StrEnum):
    """When an act of an effect comes: first in its pass, whether or not its mass is laid in it; before what
    its mass is laid with, in place of that, while it is wet, or over it when it is dry, as soon as the
    surface lets it."""

    FIRST = "first"
    READY = "ready"
    INSTEAD = "instead"
    WET = "wet"
    OVER = "over"


@dataclass(frozen=True)
class Touch:
    """One act of an effect on a mass in the pass at the place `row`: how much of it (`cover` 0–1), to which
    Munsell value, in how many minutes more and how many goes. `spots` are the places of the picture that it
    changes and how, where that is less than the whole mass."""

    kind: Kind
    mass: str
    moment: Moment
    cover: float
    to_value: float
    minutes: float
    row: int
    steps: int = 1
    spots: tuple[Spot, ...] = ()


class Claim(StrEnum):
    """What of its masses an effect says how to make, so that no other one does: their tones or their
    texture."""

    TONES = "tones"
    TEXTURE = "texture"


@dataclass(frozen=True)
class Proposal:
    """An effect with its acts, in the order in which they are done, told in the pass at the place `row`; it
    has none where only the way of going about it is told. What its pass told of the mass in sentences whose
    keys begin with `replaces` is told by it now. `without` is what is there instead where the painter
    leaves it out."""

    effect: Effect
    row: int
    touches: tuple[Touch, ...] = ()
    replaces: str = ""
    without: tuple[Spot, ...] = ()
    claims: Claim | None = None
