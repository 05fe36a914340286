"""What breaks in a plan, and the replay that notes it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from ..materials.media import Medium
from ..plan.plan import Kind, Operation, Pass
from ..plan.state import MassSurface
from ..reference.mass import Mass
from ..sentence import Sentence, Turn, of_masses, sentence
from .rules import Rule
from .transitions import SurfaceState


@dataclass(frozen=True)
class Refusal:
    """What breaks: in which pass, by which operation on which mass in which state, and by which rule.

    `by` is the id of the pass that stands in the way, `behind` that of a mass.
    """

    done: str
    mass: str
    rule: Rule
    by: str = ""
    behind: str = ""
    kind: Kind | None = None
    state: SurfaceState | None = None

    @property
    def sentence(self) -> Sentence:
        """The rule, about this mass."""
        own, behind = of_masses((self.mass,)), of_masses((self.behind,) if self.behind else ())
        return sentence(f"refused-{self.rule}", masses=own, by=Turn(self.by), behind=behind)


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
        o: Operation | None = None,
        state: SurfaceState | None = None,
        by: str = "",
        behind: str = "",
    ) -> None:
        """Note that an operation on a mass breaks a rule; `by` and `behind` as in a refusal."""
        self.refusals.append(Refusal(done.id, mass, rule, by, behind, o.kind if o else None, state))
