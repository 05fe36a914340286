"""A plan: passes made of operations on masses, each with its reasons."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import StrEnum
from functools import cached_property

from ..key.key import Key
from ..materials.media import Medium
from ..materials.surfaces import Sheet, Surface
from ..reference.mass import Mass


class Kind(StrEnum):
    """What is done to a mass. One closed list, growing only by addition."""

    LEAVE = "leave"
    RESERVE = "reserve"
    WASH = "wash"
    GRADED_WASH = "graded-wash"
    BLOCK_IN = "block-in"
    LAYER = "layer"
    ACCENT = "accent"

    @property
    def lays(self) -> bool:
        """Whether paint is laid at all."""
        return self not in (Kind.LEAVE, Kind.RESERVE)


class Role(StrEnum):
    """Why: to reach the target, running under a later pass, or a loose overlap into a later shape."""

    TARGET = "target"
    UNDER = "under"
    OVERLAP = "overlap"


@dataclass(frozen=True)
class Operation:
    """One mass in one pass. `cover` 0–1 of the mass; values Munsell before and after, where covered."""

    mass: str
    kind: Kind
    role: Role
    cover: float
    from_value: float
    to_value: float


@dataclass(frozen=True)
class Reason:
    """Why a pass is as it is: a sentence and the figures in it, recomputable from a forced alternative."""

    kind: str
    sentence: str
    masses: tuple[str, ...] = ()
    figures: Mapping[str, float] = field(default_factory=dict)


@dataclass(frozen=True)
class Pass:
    """One going-over of the sheet.

    `needs` is the state of the surface it asks for; `wait` the minutes after it before the next may
    begin; `max_lag` the most minutes the next may come later, or None.
    """

    id: str
    title: str
    what: str
    where: str
    values: tuple[float, float]
    edge: str
    minutes: float
    wait: float
    needs: str
    max_lag: float | None
    operations: tuple[Operation, ...]
    reasons: tuple[Reason, ...]
    findings: tuple[str, ...] = ()

    @property
    def targets(self) -> tuple[str, ...]:
        """Masses that reach their target in this pass."""
        return tuple(o.mass for o in self.operations if o.role is Role.TARGET and o.kind.lays)


@dataclass(frozen=True)
class Toning:
    """What is laid all over before the first pass: `minutes` of work, then `wait` minutes to dry."""

    title: str
    what: str
    paint: str
    minutes: float
    wait: float
    value: float


@dataclass(frozen=True)
class Plan:
    """A whole plan. `predicted[k][m]` is the value of mass m after pass k, row 0 the bare surface."""

    engine: str
    medium: Medium
    school: str
    school_why: str
    surface: Surface
    sheet: Sheet
    key: Key
    masses: tuple[Mass, ...]
    passes: tuple[Pass, ...]
    predicted: tuple[tuple[float, ...], ...]
    notes: tuple[str, ...] = ()
    toning: Toning | None = None

    @cached_property
    def by_id(self) -> Mapping[str, Mass]:
        """The masses by their ids."""
        return {mass.id: mass for mass in self.masses}

    def mass(self, name: str) -> Mass:
        """The mass of that id; raises KeyError."""
        return self.by_id[name]
