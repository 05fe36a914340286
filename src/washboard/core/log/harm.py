"""What an accident does to what lies on a mass."""

from __future__ import annotations

from dataclasses import dataclass, replace

from ..plan.plan import Plan
from ..plan.state import MassSurface
from .accidents import ACCIDENTS
from .event import Event, What


def strange(plan: Plan, event: Event) -> str:
    """Why an accident makes no sense for a plan, by a key of the catalogue; empty where it does."""
    if event.what not in set(What):
        return "log-no-such-accident"
    if plan.medium.key not in ACCIDENTS[What(event.what)].media:
        return "log-not-in-medium"
    if event.value is not None and not 0 <= event.value <= 10:
        return "log-value-range"
    return ""


@dataclass(frozen=True)
class LastLaid:
    """The paint that was laid last, anywhere: when, and how much it stains, 0–1."""

    at: float
    staining: float


def harmed(
    plan: Plan, name: str, there: MassSurface, what: What, value: float | None, now: float, last: LastLaid
) -> MassSurface:
    """What an accident at minute `now` leaves of what lies `there` on a mass; `value` as it came out, where
    somebody says. What got on a white is of the paint laid `last`."""
    accident, medium = ACCIDENTS[what], plan.medium
    if value is None and accident.shift is not None and (there.finished or what is What.WHITE_LOST):
        value = min(max(planned_value(plan, name) + accident.shift, 0.0), 10.0)
    if value is not None and value != there.value:
        there = replace(there, value=value, lab=None, layers=max(there.layers, 1))
    if what is What.WHITE_LOST:
        there = replace(
            there,
            kept=False,
            laid_at=max(there.laid_at, last.at),
            dry_at=max(there.dry_at, last.at + medium.dry_minutes),
            staining=max(there.staining, last.staining),
        )
    if accident.wet_minutes:
        there = replace(there, sprayed_until=max(there.sprayed_until, now + accident.wet_minutes))
    if accident.full:
        there = replace(there, layers=medium.most_layers + 1)
    if accident.bare:
        there = replace(there, masked_at=None)
    return replace(there, broken=there.broken or accident.broken)


def planned_value(plan: Plan, name: str) -> float:
    """The Munsell value of a mass after the last pass of a plan: its target, or as near as paint gets."""
    place = next(k for k, mass in enumerate(plan.masses) if mass.id == name)
    return plan.predicted[-1][place] if plan.passes else plan.by_id[name].target
