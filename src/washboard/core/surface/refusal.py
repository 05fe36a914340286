"""What breaks in a plan, and the replay that notes it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from ..materials.media import Medium
from ..plan.plan import Kind, Operation, Pass
from ..plan.state import MassSurface
from ..reference.mass import Mass
from .rules import Rule
from .transitions import SurfaceState

BY = "{by}"
"""Where a refusal tells the pass that stands in its way."""


@dataclass(frozen=True)
class Refusal:
    """What breaks: in which pass, by which operation on which mass in which state, by which rule, and why.

    `name` is the mass's, or its id. `detail` may hold BY for the pass `by`, which stands in the way: the plan
    knows its id, a page its number.
    """

    done: str
    mass: str
    rule: Rule
    name: str
    detail: str
    by: str = ""
    kind: Kind | None = None
    state: SurfaceState | None = None

    @property
    def sentence(self) -> str:
        """The mass, the rule and why, passes told by their ids."""
        return f"{self.name}: {self.why({})}"

    def why(self, called: Mapping[str, str]) -> str:
        """The rule and what is in its way, passes told by what they are `called`, by their ids otherwise."""
        return f"{self.rule.value}; {self.detail.replace(BY, called.get(self.by, self.by))}."


@dataclass
class Replay:
    """A plan being replayed: what lies on each mass by now, and what was refused so far."""

    medium: Medium
    ground: float
    masses: Mapping[str, Mass]
    surfaces: dict[str, MassSurface]
    refusals: list[Refusal] = field(default_factory=list)

    def refuse(
        self,
        done: Pass,
        mass: str,
        rule: Rule,
        why: str,
        o: Operation | None = None,
        state: SurfaceState | None = None,
        by: str = "",
    ) -> None:
        """Note that an operation on a mass breaks a rule, and why: BY in it stands for the pass `by`."""
        known = self.masses.get(mass)
        name = (known.name if known else None) or mass
        kind = o.kind if o else None
        self.refusals.append(Refusal(done.id, mass, rule, name, why, by, kind, state))
