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


@dataclass(frozen=True)
class Refusal:
    """What breaks: in which pass, by which operation on which mass in which state, by which rule, and why."""

    done: str
    mass: str
    rule: Rule
    sentence: str
    kind: Kind | None = None
    state: SurfaceState | None = None


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
    ) -> None:
        """Note that an operation on a mass breaks a rule, and why."""
        known = self.masses.get(mass)
        name = (known.name if known else None) or mass
        kind = o.kind if o else None
        self.refusals.append(Refusal(done.id, mass, rule, f"{name}: {rule.value}; {why}.", kind, state))
