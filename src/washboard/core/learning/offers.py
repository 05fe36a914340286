"""What was learnt, and what of it is worth an offer."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum

from ..estimate import Estimate
from ..time.dryness import Report, drying_from
from .bias import Seen, biases, warmth
from .ratio import ratio_of, ratios_of

SURE = 1.96
"""Standard deviations from nothing from which a figure is offered: 97.5 % to one side."""


class Learnt(StrEnum):
    """What can be learnt. One closed list, growing only by addition."""

    PACE = "pace"
    DRYING = "drying"
    BIAS = "bias"
    WARMTH = "warmth"
    WASTE = "waste"


@dataclass(frozen=True)
class Rule:
    """When a figure is worth an offer: so far from nothing, from so many observations."""

    least: float
    count: int


RULES = {
    Learnt.PACE: Rule(math.log(1.12), 3),
    Learnt.DRYING: Rule(math.log(1.15), 2),
    Learnt.BIAS: Rule(0.25, 2),
    Learnt.WASTE: Rule(math.log(1.15), 3),
}
"""Warmth is told and not offered: no lever of the plan would take it."""


@dataclass(frozen=True)
class Lesson:
    """A figure learnt in a `medium`, of a `scope`: a tool, a surface, a band of value; logarithms but for
    values and warmth."""

    kind: Learnt
    medium: str
    scope: str
    estimate: Estimate

    @property
    def key(self) -> str:
        """Its name."""
        return f"{self.kind}:{self.medium}:{self.scope}"

    @property
    def offered(self) -> bool:
        """Whether it is worth an offer."""
        rule = RULES.get(self.kind)
        if rule is None:
            return False
        off = abs(self.estimate.mean)
        return off >= rule.least and off > SURE * self.estimate.sd and self.estimate.count >= rule.count


@dataclass(frozen=True)
class Evidence:
    """What is known in one medium: `paces` by tool, `reports` by surface with what the climate of the room
    alone makes of drying there, paintings as they were `seen`, `wastes`."""

    paces: Mapping[str, Sequence[float]]
    reports: Mapping[str, Sequence[Report]]
    seen: Sequence[Seen]
    wastes: Sequence[float]
    room: float = 1.0


def lessons(medium: str, known: Evidence) -> tuple[Lesson, ...]:
    """All that is learnt in a medium. The pace of all tools together, which plans take, has the scope ""."""
    found = [Lesson(Learnt.PACE, medium, tool, estimate) for tool, estimate in ratios_of(known.paces).items()]
    every = [ratio for ratios in known.paces.values() for ratio in ratios]
    if every:
        found.insert(0, Lesson(Learnt.PACE, medium, "", ratio_of(every)))
    for surface, reports in known.reports.items():
        drying = drying_from(reports, known.room)
        own = Estimate(drying.mean - math.log(known.room), drying.sd, drying.count)
        found.append(Lesson(Learnt.DRYING, medium, surface, own))
    found += [Lesson(Learnt.BIAS, medium, band, own) for band, own in biases(known.seen).items()]
    warm = warmth(known.seen)
    if warm is not None:
        found.append(Lesson(Learnt.WARMTH, medium, "", warm))
    if known.wastes:
        found.append(Lesson(Learnt.WASTE, medium, "", ratio_of(known.wastes)))
    return tuple(found)
