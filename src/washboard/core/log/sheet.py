"""The sheet while the events of a log are gone through."""

from __future__ import annotations

from dataclasses import dataclass, field, replace

from ..plan.plan import Pass, Plan
from ..plan.state import MassSurface, SheetState
from ..time.dryness import Report, pace_from
from .event import Event, What
from .harm import LastLaid


@dataclass(frozen=True)
class Trouble:
    """A mass that is not as it should be: what happened, in which event."""

    mass: str
    what: What
    event: str


@dataclass
class Sheet:
    """The sheet while events are gone through."""

    plan: Plan
    state: SheetState
    parts: dict[str, set[str]] = field(default_factory=dict)
    done: list[str] = field(default_factory=list)
    skipped: list[str] = field(default_factory=list)
    trouble: dict[str, Trouble] = field(default_factory=dict)
    strange: list[tuple[str, str]] = field(default_factory=list)
    last: str = ""
    room: float = 1.0
    reports: dict[float, Report] = field(default_factory=dict)
    last_laid: LastLaid = field(default_factory=lambda: LastLaid(0.0, 0.0))

    @property
    def now(self) -> float:
        """The minute of the event."""
        return self.state.clock

    @property
    def pace(self) -> float:
        """Times as long as expected that things dry, by what was reported so far."""
        return pace_from(list(self.reports.values()), self.room)

    def pass_of(self, event: Event) -> Pass | None:
        """The pass of an event, of the last one for none; what is unknown is noted."""
        name = event.done or self.last
        found = next((p for p in self.plan.passes if p.id == name), None)
        # An earlier plan's passes are on the surface already, and known to be.
        if found is None and name not in self.plan.done:
            self.strange.append((event.id, "log-no-such-pass"))
        return found

    def masses_of(self, event: Event) -> list[str]:
        """The masses of an event that there are; what is unknown is noted."""
        known = [name for name in event.masses if name in self.plan.by_id]
        if len(known) < len(event.masses):
            self.strange.append((event.id, "log-no-such-mass"))
        return known

    def of(self, name: str) -> MassSurface:
        """What lies on a mass."""
        return self.state.of(name, self.plan.surface.value)

    def put(self, name: str, surface: MassSurface) -> None:
        """What lies on a mass now."""
        self.state = replace(self.state, masses={**self.state.masses, name: surface})
