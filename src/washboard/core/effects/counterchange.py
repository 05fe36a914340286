"""Counterchange: along a silhouette what lies behind is darker or lighter than the thing, stretch by stretch,
as the painter wants it; it runs out softly into the rest."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.effect import Effect
from ..plan.plan import Kind
from ..plan.spot import Change, spot_of
from ..plan.stretch import Beyond, Stretch
from ..reference.mass import Lab, Mass
from ..sentence import Amount, of_masses, sentence, tone
from ..time.pace import covering_minutes
from .looked import Looked
from .touch import Moment, Proposal, Touch

TELLS = 1.0
"""Values between both sides from which a silhouette tells clearly."""
WIDE = 0.12
"""How far what is changed behind runs out, as a share of the picture's short side. A guess."""
WORTH_CM2 = 0.3
"""Area under which a change is none."""
LEAST = 0.15
"""Values under which nothing is to be changed."""
BY = {"watercolour": Kind.DROP_IN, "acrylic": Kind.SCUMBLE, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what the ground behind is strengthened while its pass is laid."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each mass that the painter wants darker or lighter behind silhouettes, one effect each way."""
    wanted: dict[tuple[str, Beyond], list[tuple[Stretch, Mass]]] = {}
    for stretch in on.plan.edges:
        if stretch.beyond is not Beyond.AS_SEEN:
            thing, behind = sides(on, stretch)
            if behind.id in on.turn:
                wanted.setdefault((behind.id, stretch.beyond), []).append((stretch, thing))
    found = [
        _proposal(on, on.plan.by_id[name], beyond, own) for (name, beyond), own in sorted(wanted.items())
    ]
    return [proposal for proposal in found if proposal is not None]


def sides(on: Looked, stretch: Stretch) -> tuple[Mass, Mass]:
    """The thing along a stretch and what lies behind it: what is nearer, of two as near the smaller."""
    one, other = (on.plan.by_id[name] for name in stretch.masses)
    nearer = ((one.depth or 0), -one.share) >= ((other.depth or 0), -other.share)
    return (one, other) if nearer else (other, one)


def _proposal(
    on: Looked, behind: Mass, beyond: Beyond, along: Sequence[tuple[Stretch, Mass]]
) -> Proposal | None:
    """The acts that make a mass darker or lighter along some stretches; None where it is so already."""
    acts, steps = list[Touch](), list[tuple[float, float, float]]()
    for stretch, thing in along:
        changed = _changed(on, stretch, thing, behind)
        if changed is None:
            continue
        value, step, move = changed
        own = [act for mass in _belonging(on, behind, thing) for act in _acts(on, stretch, mass, step, move)]
        acts += own
        area = sum(act.cover * on.plan.by_id[act.mass].area_cm2 for act in own)
        steps.append((step, value, area))
    if not acts:
        return None
    effect = _effect(behind, beyond, along, steps, sum(act.minutes for act in acts))
    return Proposal(effect, on.turn[behind.id], tuple(acts))


def _effect(
    behind: Mass,
    beyond: Beyond,
    along: Sequence[tuple[Stretch, Mass]],
    steps: Sequence[tuple[float, float, float]],
    minutes: float,
) -> Effect:
    """What is told of the change: by the largest of its steps, each in values, the value reached and cm²."""
    step, value, _ = max(steps, key=lambda one: abs(one[0]))
    area = sum(one[2] for one in steps)
    told = sentence(
        "effect-counterchange",
        behind=of_masses((behind.id,)),
        things=of_masses(list(dict.fromkeys(thing.id for _, thing in along))),
        how=beyond.value,
        value=tone(value),
        step=tone(abs(step)),
        area=Amount(area, 0 if area >= 10 else 1),
    )
    return Effect(
        "counterchange",
        f"behind-{beyond.value}:{behind.id}",
        (behind.id,),
        along[0][0].at,
        1.0,
        told,
        {"step": step, "cm2": area, "minutes": minutes},
    )


def _belonging(on: Looked, behind: Mass, thing: Mass) -> Sequence[Mass]:
    """What lies behind a thing, with all that belongs to the same area, unless the thing does as well."""
    area = None if behind.area == thing.area else behind.area
    return [m for m in on.plan.masses if m.id in on.turn and (m is behind or m.area == area is not None)]


def _acts(on: Looked, stretch: Stretch, mass: Mass, step: float, move: Lab) -> Sequence[Touch]:
    """The act that moves the colours of a mass behind a stretch, most close to it."""
    strength, corner = _runs_out(on, stretch, mass)
    spot = None if strength is None else spot_of(strength, corner, Change.MOVES)
    if spot is None:
        return []
    spot = replace(spot, by={mass.id: move})
    cover = min(1.0, on.under(spot.at, spot.strength).get(mass.id, 0.0))
    if cover * mass.area_cm2 < WORTH_CM2:
        return []
    minutes = covering_minutes(on.plan.medium, cover * mass.area_cm2) + 0.3
    to = min(max(mass.target + step, on.plan.key.lowest), on.plan.key.highest)
    kind = BY[on.plan.medium.key]
    return [Touch(kind, mass.id, Moment.WET, cover, to, minutes, on.turn[mass.id], 1, (spot,))]


def _changed(on: Looked, stretch: Stretch, thing: Mass, behind: Mass) -> tuple[float, float, Lab] | None:
    """To which value what lies behind a stretch is changed, by how many values, and how its colour moves."""
    strength, corner = _runs_out(on, stretch, behind)
    if strength is None:
        return None
    now = _planned_there(on, strength, corner)
    far = -TELLS if stretch.beyond is Beyond.DARKER else TELLS
    nearest = min if stretch.beyond is Beyond.DARKER else max
    value = nearest(now[0] / 10, thing.target + far)
    value = min(max(value, on.plan.key.lowest), on.plan.key.highest)
    step = value - now[0] / 10
    lightness, a, b = np.subtract(_at_value(now, value), now).tolist()
    return (value, step, (lightness, a, b)) if abs(step) >= LEAST else None


def _runs_out(
    on: Looked, stretch: Stretch, behind: Mass
) -> tuple[NDArray[np.float32] | None, tuple[int, int]]:
    """How strongly each place of what lies behind is changed (h, w), fading away from the stretch, and where
    that lies."""
    if on.stretches is None:
        return None, (0, 0)
    wide = max(2.0, WIDE * min(on.labels.shape))
    (rows, columns), inside = on.there([behind])
    # Far from the stretch there is nothing of it in the crop: look all over.
    there = on.stretches == stretch.number
    if not there.any() or not inside.any():
        return None, (0, 0)
    far = cv2.distanceTransform((~there).astype(np.uint8), cv2.DIST_L2, 5)[rows, columns]
    strength = np.exp(-((far / wide) ** 2)) * inside
    if strength.max() < 0.1:
        return None, (0, 0)
    return np.where(strength > 0.02, strength, 0).astype(np.float32), (rows.start, columns.start)


def _planned_there(on: Looked, strength: NDArray[np.float32], corner: tuple[int, int]) -> Lab:
    """The colour that is planned where it is changed most."""
    high, wide = strength.shape
    planned = on.planned[corner[0] : corner[0] + high, corner[1] : corner[1] + wide]
    lightness, a, b = np.median(planned[strength > 0.5 * strength.max()], axis=0).tolist()
    return lightness, a, b


def _at_value(lab: Lab, value: float) -> Lab:
    """A colour at another value: a darker one is not louder."""
    scale = min(1.0, 10 * value / max(lab[0], 1.0))
    return 10 * value, lab[1] * scale, lab[2] * scale
