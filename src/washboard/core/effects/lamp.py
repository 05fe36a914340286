"""A lamp: four to six touches, the outermost darkest and richest, the core nearly white and last."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise

import cv2
import numpy as np

from ..plan.effect import Effect
from ..plan.plan import Kind
from ..reference.light import LAMP, LEADS, SmallLight
from ..reference.mass import Mass
from ..sentence import of_masses, sentence, tone, whole
from .layers import Layer, crisp, touches
from .looked import Looked
from .touch import Moment, Proposal, Touch

LEAST_TOUCHES, MOST_TOUCHES = 4, 6
A_TOUCH = 0.6
"""Minutes of one touch of a glow, with the change of stick or mixture. A guess."""
FARTHEST, RING = 6.0, 0.12
"""How far a halo is followed at most, in the radius of its lamp, and values by which a ring must be lighter
than what is planned there to be laid."""


def found(on: Looked) -> Sequence[Proposal]:
    """Each lamp and how it is laid, and what may be one."""
    return [
        _lamp(on, mass, seen)
        for mass in on.plan.masses
        if (seen := mass.seen_light) is not None
        and seen.lead >= LEADS
        and seen.may_shine
        and mass.id in on.finished
    ]


def _lamp(on: Looked, mass: Mass, seen: SmallLight) -> Proposal:
    """What is, or may be, a lamp."""
    steps = round(float(np.clip(LEAST_TOUCHES + seen.reach, LEAST_TOUCHES, MOST_TOUCHES)))
    others = tuple(sorted((name for name in seen.odds if name != LAMP), key=lambda name: -seen.odds[name]))
    told = sentence(
        "effect-lamp",
        mass=of_masses((mass.id,)),
        lead=tone(seen.lead),
        touches=steps,
        reach=whole(seen.reach * seen.radius * 10),
        kept="yes" if on.plan.medium.transparent else "no",
    )
    figures = {"lead": seen.lead, "halo": seen.halo, "reach": seen.reach, "touches": float(steps)}
    effect = Effect(LAMP, f"lamp:{mass.id}", (mass.id,), mass.inside, seen.odds[LAMP], told, figures, others)
    around = [other for border in mass.borders if (other := on.plan.by_id.get(border.mass)) in on.laid]
    rings = _rings(on, mass, seen, around, steps)
    kind = Kind.LIFT_WET if on.plan.medium.transparent else Kind.GLOW
    moment = Moment.WET if on.plan.medium.transparent else Moment.OVER
    acts = [act for layer in rings for act in _on_each(on, kind, layer, around, moment)]
    row = max([on.finished[mass.id], *(on.turn[other.id] for other in around)])
    if not on.plan.medium.transparent and mass.id in on.turn:
        minutes, own = A_TOUCH * (steps - 1), on.turn[mass.id]
        acts.append(Touch(Kind.GLOW, mass.id, Moment.INSTEAD, 1.0, mass.target, minutes, own, steps))
    return Proposal(effect, row, tuple(acts))


def _on_each(
    on: Looked, kind: Kind, layer: Layer, around: Sequence[Mass], moment: Moment
) -> tuple[Touch, ...]:
    """A ring as acts: what is done while wet is done to each mass in its own pass."""
    own = touches(on, [(kind, layer)], around, 0, moment)
    return tuple(
        Touch(kind, t.mass, moment, t.cover, t.to_value, A_TOUCH, on.turn[t.mass], 1, t.spots) for t in own
    )


def _rings(on: Looked, mass: Mass, seen: SmallLight, around: Sequence[Mass], steps: int) -> Sequence[Layer]:
    """The halo of a lamp over what is around it, ring by ring from the outermost."""
    if not around:
        return ()
    radius = seen.radius / on.cm
    reach = min(FARTHEST, max(seen.reach, 1.0)) * radius
    crop = on.crop(*around)
    down, across = crop.corner
    high, wide = crop.inside.shape
    lamp = on.labels[down : down + high, across : across + wide] == mass.label
    if not lamp.any():
        return ()
    away = cv2.distanceTransform((~lamp).astype(np.uint8), cv2.DIST_L2, 5)
    count = max(1, steps - 2)
    ends = np.linspace(0, reach, count + 1)
    found = []
    for near, far in reversed(list(pairwise(ends))):
        there = crop.inside & (away > near) & (away <= far) & (crop.apart >= RING)
        layer = crisp(on, crop, there, lighter=True, finest=0.1)
        if layer is not None:
            found.append(layer)
    return found
