"""The ways out of an accident: which the surface lets be done, how far each gets, and when to leave it."""

from __future__ import annotations

from dataclasses import dataclass

from ..materials.media import Medium
from ..optics.grain import value_fixed
from ..optics.removal import value_lifted
from ..plan.acts import ACTS
from ..plan.plan import Kind
from ..plan.state import MassSurface
from .accidents import Accident

SEEN = 0.3
"""Munsell values by which a mass may be off unseen: half of what painters plan with, and a little."""
LIGHTEST_WHITE = 9.0
"""Munsell value of opaque white over watercolour paper."""


@dataclass(frozen=True)
class WayOut:
    """What can be done: the operation, the value it gets to, and how far that is from the one wanted.
    `kind` LEAVE is to leave it."""

    kind: Kind
    reaches: float
    off: float


def ways_out(
    accident: Accident, surface: MassSurface, target: float, ground: float, medium: Medium
) -> tuple[WayOut, ...]:
    """The ways out of an accident on a mass, in the order in which a painter would try them.

    `target` and `ground` are the Munsell values wanted and of the bare surface. A way that brings a mass no
    nearer is left out; leaving it comes first where nobody sees it, last otherwise.
    """
    off = abs(surface.value - target)
    leave = WayOut(Kind.LEAVE, surface.value, off)
    found = []
    for kind in accident.ways.get(medium.key, ()):
        reached = reach_of(kind, surface, target, ground, medium)
        if ACTS[kind].sort.value in ("moves", "readies") or abs(reached - target) < off - 0.05 or off <= SEEN:
            found.append(WayOut(kind, reached, abs(reached - target)))
    if accident.spoils and accident.shift is not None and off <= SEEN:
        return (leave, *found)
    return (*found, leave)


def reach_of(kind: Kind, surface: MassSurface, target: float, ground: float, medium: Medium) -> float:
    """The Munsell value that an act on a mass gets to on the way to a target."""
    now = surface.value
    if kind.takes:
        act = ACTS[kind]
        lifted = value_lifted(now, ground, surface.staining, act.reach, act.grip)
        return min(max(now, lifted), max(now, target))
    if kind is Kind.FIX:
        return float(value_fixed(now))
    if kind is Kind.WHITE and medium.transparent:
        return max(now, min(target, LIGHTEST_WHITE))
    if not kind.lays:
        return now
    if medium.transparent or kind is Kind.GLAZE:
        return min(now, max(target, medium.darkest))
    return min(max(target, medium.darkest), medium.lightest)
