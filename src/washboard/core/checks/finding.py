"""What a finding about a plan is, and what families look at."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field
from enum import IntEnum
from functools import cached_property

from ..key.relations import Thing
from ..plan.plan import Plan
from ..reference.mass import Mass, MassKind
from ..sentence import Sentence, Value
from .fix import Change

Place = tuple[float, float]


class Weight(IntEnum):
    """How much a finding matters."""

    NOTE = 1
    WEAKENS = 2
    SPOILS = 3


@dataclass(frozen=True)
class Finding:
    """One thing that weakens a plan.

    `kind` its stable name, by which the catalogue knows what is seen, why it matters and what can be tried;
    `values` what these sentences name, `figures` the same exactly; `place` on the picture (shares 0–1); ids
    of the `masses` and `passes` concerned; `fix` what can be tried.
    """

    kind: str
    weight: Weight
    values: Mapping[str, Value]
    figures: Mapping[str, float]
    place: Place
    masses: tuple[str, ...] = ()
    passes: tuple[str, ...] = ()
    fix: Change | None = None

    @property
    def sentence(self) -> Sentence:
        """What is seen."""
        return Sentence(f"check-{self.kind}", self.values)

    @property
    def why(self) -> Sentence:
        """Why it matters."""
        return Sentence(f"check-{self.kind}-why", self.values)

    @property
    def trying(self) -> Sentence:
        """What the fix does, where there is one."""
        return Sentence(f"check-{self.kind}-try", self.values)


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
