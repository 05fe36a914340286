"""What to correct, in which order and with what, what to leave, and when to stop."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

from ..log.accidents import ACCIDENTS
from ..log.event import What
from ..log.ways import ways_out
from ..plan.plan import Kind, Plan
from ..plan.state import MassSurface
from ..surface.replay import state_after
from ..time.pace import covering_minutes
from .judged import MassJudged, Unjudged

GLAZED_FROM, COVERED_FROM = 0.375, 0.45
"""Values from which a mass is corrected in a transparent and in a covering medium: under them a correction
gains less than it risks. A glaze is a small step that only ever darkens; paint or chalk that covers is a new
pile each time. From made painters who correct until they are told to stop."""
LIFTED_FROM = 0.5
"""Values from which lifting watercolour is worth what it does to the paper."""
WORTH = 0.0008
"""Values that the mean over the picture must come nearer for a correction to be worth taking up a brush: a
mass of a fifth of a per cent that is 0.4 off. From the same painters."""
MOST = 9
"""Corrections that are listed."""


@dataclass(frozen=True)
class Correction:
    """What to do about masses that are off: with what operation, from their value as it is now to what it
    reaches, how much nearer the picture comes in the mean (`gain`, in values), in how many minutes; LEAVE is
    to leave it. `paint` is its own value now, without the small marks that lie over it."""

    masses: tuple[str, ...]
    operation: Kind
    now: float
    reaches: float
    wanted: float
    gain: float
    minutes: float
    paint: float

    @property
    def leaves(self) -> bool:
        """Whether nothing is to be done."""
        return self.operation is Kind.LEAVE


@dataclass(frozen=True)
class Advice:
    """Corrections in the order in which to make them, what to `leave`, and whether to `stop`: something is
    judged, nothing that is left would be seen, and of no mass is it `unsure` whether it is off. `off` is the
    mean distance from the plan, by area, and `within` how many masses need nothing."""

    corrections: tuple[Correction, ...]
    leave: tuple[Correction, ...]
    stop: bool
    off: float
    within: int
    unsure: int


def advised(plan: Plan, found: Sequence[MassJudged], sd: float, row: int) -> Advice:
    """What to correct in a painting: by what it gains for its minutes, as far as what lies there after
    pass `row` lets it be done.

    A mass is corrected from as far off as its medium says, or from twice the standard deviation `sd` of the
    measurement where that is larger.
    """
    least = max(GLAZED_FROM if plan.medium.transparent else COVERED_FROM, 2 * sd)
    shares = {mass.id: mass.share for mass in plan.masses}
    judged = [one for one in found if one.judged and one.difference is not None]
    total = sum(shares[one.mass] for one in judged)
    off = sum(shares[one.mass] * abs(one.difference or 0.0) for one in judged) / max(total, 1e-9)
    lies = state_after(plan.masses, plan.passes[:row], plan.medium, plan.surface.value, plan.start)
    do, leave = list[Correction](), list[Correction]()
    for one in judged:
        if abs(one.difference or 0.0) < least:
            continue
        correction = _correction(plan, one, lies.of(one.mass, plan.surface.value))
        (leave if correction.leaves or correction.gain < WORTH else do).append(correction)
    do.sort(key=lambda c: (-c.gain / (c.minutes + 5.0), c.masses))
    leave.sort(key=lambda c: (-shares[c.masses[0]], c.masses))
    within = sum(abs(one.difference or 0.0) < least for one in judged)
    unsure = sum(one.unjudged is Unjudged.UNSURE for one in found)
    stop = bool(judged) and not do and not unsure
    return Advice(tuple(do[:MOST]), tuple(leave[:MOST]), stop, off, within, unsure)


def _correction(plan: Plan, one: MassJudged, there: MassSurface) -> Correction:
    """The best way to bring a mass nearer on what lies there, or to leave it."""
    mass = plan.by_id[one.mass]
    now, off = float(one.value or 0.0), float(one.difference or 0.0)
    what = What.TOO_PALE if off > 0 else What.TOO_DARK
    # A photo shows a mass with the marks on it; what is laid is laid under them.
    marks = one.planned - there.value
    paint = now - marks
    for way in ways_out(
        ACCIDENTS[what], replace(there, value=paint), there.value, plan.surface.value, plan.medium
    ):
        if way.kind is Kind.LEAVE:
            break
        if way.kind.takes and plan.medium.transparent and abs(off) < LIFTED_FROM:
            continue
        gain = mass.share * (abs(off) - way.off)
        minutes = covering_minutes(plan.medium, mass.area_cm2) + 0.5
        if gain > 0:
            return Correction(
                (one.mass,), way.kind, now, way.reaches + marks, one.planned, gain, minutes, paint
            )
    return Correction((one.mass,), Kind.LEAVE, now, now, one.planned, 0.0, 0.0, paint)
