"""What a check can propose: a change of what the painter has settled, each kind with its own type."""

from __future__ import annotations

from dataclasses import dataclass

from ..key.mood import Mood
from ..key.relations import Holds
from ..key.wishes import Tone
from ..plan.plan import Kind
from ..schools.aims import Aim


@dataclass(frozen=True)
class Hold:
    """The key holds a relation of values besides."""

    relation: Holds


@dataclass(frozen=True)
class KeepLight:
    """A light, by the id of its mass, is kept in another way."""

    mass: str
    way: Kind


@dataclass(frozen=True)
class TakePasses:
    """Another number of passes over shapes, 1 to 9."""

    count: int


@dataclass(frozen=True)
class TakeSchool:
    """Another school, by its key."""

    school: str


@dataclass(frozen=True)
class TakeAim:
    """The order is to be something besides."""

    aim: Aim


@dataclass(frozen=True)
class TakeMood:
    """The whole is planned in another mood."""

    mood: Mood


@dataclass(frozen=True)
class TakeTones:
    """Single masses are moved besides: lighter or darker, more or less coloured, warmer or cooler."""

    tones: tuple[Tone, ...]


Change = TakeTones | Hold | KeepLight | TakePasses | TakeSchool | TakeAim | TakeMood
