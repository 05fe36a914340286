"""A painting judged mass by mass, and what stands beside what."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference
from ..plan.plan import Plan
from .observed import Observation

Floats = NDArray[np.float64]

SURROUNDED = 0.7
"""Share of a mass's borders behind which the others must be in for it to be judged."""
IN = 0.3
"""Values by which what is planned after a pass may miss what is planned in the end, and count as in."""
HIDDEN = 0.5
"""Share of a mass that may be hidden by shine for it to be judged."""
SURE = 0.1
"""Standard deviation up to which a difference is told as it is read."""
OFF = 0.35
"""Values under which a mass is not off. Where values are less sure than `SURE`, one is told off only if it is
so by as much more as the reading may be wrong (two standard deviations)."""
ORDER, GAP = 0.3, 0.5
"""Values from which neighbours have an order, and by which their distance may be off."""


class Unjudged(StrEnum):
    """Why a mass is not judged."""

    SHINES = "shines"
    SMALL = "small"
    OPEN = "open"
    NEIGHBOURS = "neighbours"
    LIGHT = "light"
    UNSURE = "unsure"


@dataclass(frozen=True)
class MassJudged:
    """One mass: its value and colour as `planned` for its state and as read, None where it is not seen; the
    `difference` in values, positive where it is too light, and ΔE₀₀; or why it is not judged."""

    mass: str
    planned: float
    planned_lab: tuple[float, float, float]
    value: float | None
    lab: tuple[float, float, float] | None
    spread: float
    difference: float | None
    delta_e: float | None
    unjudged: Unjudged | None

    @property
    def judged(self) -> bool:
        """Whether it is."""
        return self.unjudged is None


@dataclass(frozen=True)
class Relation:
    """Two neighbours that stand otherwise than planned: the lighter as planned first, how far `apart` they
    are as `planned` and as read, in values, along how many cm."""

    masses: tuple[str, str]
    planned: float
    apart: float
    length_cm: float

    @property
    def turned(self) -> bool:
        """Whether the darker is the lighter by now."""
        return self.apart < 0


def judged(observation: Observation) -> tuple[MassJudged, ...]:
    """Every mass of a painting, in the order of the plan."""
    state, expected = observation.state, observation.state.blocks.expected
    plan = expected.plan
    there = np.array([expected.values[row, k] for k, row in enumerate(state.of_mass)])
    final = expected.values[-1]
    settled = np.abs(there - final) <= IN
    found = []
    for k, mass in enumerate(plan.masses):
        read, row = observation.read[k], int(state.of_mass[k])
        lab = tuple(float(c) for c in expected.colours[row, k])
        value = None if read is None else read.value
        off = None if read is None else read.value - float(there[k])
        apart = None if read is None else float(difference(np.array(read.lab), np.array(lab)))
        why = _unjudged(observation, k, settled, plan) or _unsure(observation, value, off)
        found.append(
            MassJudged(
                mass.id,
                float(there[k]),
                (lab[0], lab[1], lab[2]),
                value,
                None if read is None else read.lab,
                0.0 if read is None else read.spread,
                off,
                apart,
                why,
            )
        )
    return tuple(found)


def _unjudged(observation: Observation, k: int, settled: NDArray[np.bool_], plan: Plan) -> Unjudged | None:
    """Why a mass is not judged."""
    read = observation.read[k]
    if read is None:
        hidden = float(observation.hidden[observation.state.blocks.expected.index == k].mean())
        return Unjudged.SHINES if hidden > HIDDEN else Unjudged.SMALL
    if read.hidden > HIDDEN:
        return Unjudged.SHINES
    if not settled[k]:
        return Unjudged.OPEN
    index = {mass.id: j for j, mass in enumerate(plan.masses)}
    borders = [(b.length_cm, settled[index[b.mass]]) for b in plan.masses[k].borders if b.mass in index]
    total = sum(length for length, _ in borders)
    if total and sum(length for length, done in borders if done) < SURROUNDED * total:
        return Unjudged.NEIGHBOURS
    return Unjudged.LIGHT if observation.relative else None


def _unsure(observation: Observation, value: float | None, off: float | None) -> Unjudged | None:
    """Whether a mass that is `off` by so many values may as well not be: by less than its reading may be
    wrong, or by a `value` that no paint has, which shows that it is."""
    sd = observation.sd
    if off is None or value is None or sd <= SURE or abs(off) < OFF:
        return None
    too_light = value > observation.state.blocks.expected.lightest
    return Unjudged.UNSURE if too_light or abs(off) < OFF + 2 * sd else None


def relations(plan: Plan, found: Sequence[MassJudged]) -> tuple[Relation, ...]:
    """The neighbours that stand otherwise than planned, those along the longest borders first. Neither the
    height of the light nor its colour matters for it."""
    by_id = {one.mass: one for one in found}
    relative = {None, Unjudged.LIGHT, Unjudged.UNSURE}
    told = []
    for mass in plan.masses:
        for border in mass.borders:
            one, other = by_id[mass.id], by_id.get(border.mass)
            if other is None or one.unjudged not in relative or other.unjudged not in relative:
                continue
            planned = one.planned - other.planned
            if planned <= 0 or one.value is None or other.value is None:
                continue
            apart = one.value - other.value
            turned = planned >= ORDER and apart <= -0.1
            if turned or (abs(apart - planned) >= GAP and border.hardness > 0.3):
                told.append(Relation((mass.id, border.mass), planned, apart, border.length_cm))
    return tuple(sorted(told, key=lambda r: (-r.length_cm * abs(r.apart - r.planned), r.masses)))
