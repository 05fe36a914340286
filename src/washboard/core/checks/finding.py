"""What a finding about a plan is, and what families look at."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import IntEnum
from functools import cached_property

from ..key.relations import Thing
from ..plan.plan import Plan
from ..reference.mass import Mass, MassKind
from .fix import Fix

Place = tuple[float, float]


class Weight(IntEnum):
    """How much a finding matters."""

    NOTE = 1
    WEAKENS = 2
    SPOILS = 3


@dataclass(frozen=True)
class Finding:
    """One thing that weakens a plan.

    `kind` its stable name; `sentence` what is the matter with `figures`; `why` it matters in one sentence;
    `place` on the picture (shares 0–1); ids of the `masses` and `passes` concerned; `fix` what can be tried.
    """

    kind: str
    weight: Weight
    sentence: str
    why: str
    figures: Mapping[str, float]
    place: Place
    masses: tuple[str, ...] = ()
    passes: tuple[str, ...] = ()
    fix: Fix | None = None


@dataclass(frozen=True)
class Checked:
    """A plan with what is known of its areas by their ids."""

    plan: Plan
    things: Mapping[str, Thing] = field(default_factory=dict)

    @cached_property
    def ends(self) -> Mapping[str, float]:
        """The value of each mass when all is painted."""
        return dict(zip((m.id for m in self.plan.masses), self.plan.predicted[-1], strict=True))

    @property
    def shapes(self) -> tuple[Mass, ...]:
        """The masses that are no accents."""
        return tuple(m for m in self.plan.masses if m.kind is not MassKind.ACCENT)

    def thing(self, mass: Mass) -> Thing | None:
        """What is known of the area of a mass."""
        return self.things.get(mass.area or "")
