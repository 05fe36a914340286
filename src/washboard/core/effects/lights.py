"""Lamps, glints and white things told apart, and how a lamp is made to glow: touches from the outermost,
darkest and richest, to a core that is nearly white and last."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.effect import SURE, Effect
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..reference.picture import Picture, Singles
from ..sentence import of_masses, sentence, tone, whole
from .looked import Looked, Mask
from .touch import Moment, Proposal, Touch

LAMP, GLINT, WHITE = "lamp", "glint", "white-thing"
LARGEST = 0.012
"""Share of the picture up to which a light may be a lamp or a glint."""
LEADS = 1.2
"""Values by which such a light stands above what is around it."""
REACH = 5.0
"""How far around a light its halo is looked for, in its own radius."""
RINGS = 8
HALO = 0.18
"""Excess of light one radius off, as a share of the light's own, from which there is surely a halo."""
DIM = 5.0
"""Mean value of a picture under which lamps are lit."""
FAINT = 0.25
"""Values above the surroundings at which a halo is over."""
LEAST_TOUCHES, MOST_TOUCHES = 4, 6
RISES = 0.1
"""Values by which a halo may rise from ring to ring: noise."""
MAY_BE = 0.3
"""How likely a light must be a lamp for the painter to be asked."""
LEAST_PX, RIM, RING, SIDES = 4, 0.25, 1.2, 8
"""Pixels of a light at the least; where its rim is over and up to where a ring round it goes, in its radius;
and into how many sides that is parted."""
LIT_FROM, BELOW = 7.5, 0.6
"""Value from which a light may be a lamp, and how far under the lightest place of the picture: a lamp
outshines."""
A_TOUCH = 0.6
"""Minutes of one touch of a glow, with the change of stick or mixture. A guess."""


@dataclass(frozen=True)
class Light:
    """Evidence on a small light: `lead` in values over its surroundings, `core` its value and `below` how far
    it lies under the lightest of the picture; `halo` 0–1 the share of the lead that is left one radius off,
    `reach` how far that is seen, in radii, and `even` 0–1 on how many sides; `warm` how much yellower the
    halo is than the surroundings (b*), `long` times as long as wide, `inner` the spread of values in it,
    `share` of the picture, `dim` the mean value of the picture, `radius` in cm."""

    lead: float
    core: float
    below: float
    halo: float
    reach: float
    even: float
    warm: float
    long: float
    inner: float
    share: float
    dim: float
    radius: float


def found(on: Looked) -> Sequence[Proposal]:
    """Each lamp and how it is laid, what may be one, and the glints of a pass together."""
    lamps, glints = [], dict[int, list[tuple[Mass, Light, float]]]()
    for mass in on.plan.masses:
        if not mass.light or mass.share > LARGEST or mass.id not in on.turn:
            continue
        seen = light_of(on.picture, on.labels == mass.label, on.cm)
        if seen is None or seen.lead < LEADS:
            continue
        odds = odds_of(seen)
        key = max(odds, key=lambda name: (odds[name], name))
        if key == LAMP or (odds[LAMP] > MAY_BE and odds[key] < SURE):
            lamps.append(_lamp(on, mass, seen, odds))
        elif key == GLINT and odds[key] >= SURE:
            glints.setdefault(on.turn[mass.id], []).append((mass, seen, odds[key]))
    return [*lamps, *(_glints(own, row) for row, own in sorted(glints.items()))]


def light_of(picture: Picture, there: Mask, cm: float) -> Light | None:
    """The evidence on a light that is `there` (h, w) in a picture whose pixels are `cm` wide; None where it
    has too few pixels or nothing lies around it."""
    area = int(there.sum())
    if area < LEAST_PX:
        return None
    radius = max(1.5, math.sqrt(area / math.pi))
    about = _about(there, int(REACH * radius) + 3)
    inside, value, lab = there[about], picture.value[about], picture.lab[about]
    far = cv2.distanceTransform((~inside).astype(np.uint8), cv2.DIST_L2, 5) / radius
    # The rim itself is half light, half ground, and tells nothing.
    around = far > RIM
    outer = around & (far >= 0.7 * REACH) & (far <= REACH)
    if not outer.any():
        return None
    ground, plain = float(np.median(value[outer])), np.median(lab[outer], axis=0)
    lead = (core := float(np.quantile(value[inside], 0.8))) - ground
    halo, reach = _halo(_profile(value, far, around) - ground, lead)
    ring = around & (far < RING)
    glow = np.median(lab[ring], axis=0) if ring.any() else plain
    short, long = sorted(cv2.minAreaRect(np.argwhere(inside).astype(np.float32))[1])
    return Light(
        lead,
        core,
        max(0.0, float(np.quantile(picture.value[::4, ::4], 0.998)) - core),
        halo,
        reach,
        _even(value, far, inside, ground, lead),
        float(glow[2] - plain[2]),
        (long + 1) / (short + 1),
        float(np.quantile(value[inside], 0.9) - np.quantile(value[inside], 0.2)),
        area / there.size,
        float(picture.value.mean()),
        radius * cm,
    )


def _halo(excess: NDArray[np.float64], lead: float) -> tuple[float, float]:
    """The share of a light's lead that is left one radius off, and how many radii off it is over: a halo
    falls from the light outward, which a light neighbour does not."""
    over = np.flatnonzero(excess < FAINT)
    reach = float(over[0] if len(over) else RINGS) * REACH / RINGS
    falls = bool((np.diff(excess[: RINGS // 2]) <= RISES).all()) and reach > 0
    return (float(np.clip(excess[1] / max(lead, 1e-6), 0, 1)) if falls else 0.0), reach


def _about(there: Mask, pad: int) -> tuple[slice, slice]:
    """The rows and columns of a light with `pad` pixels round it."""
    x, y, wide, high = cv2.boundingRect(there.astype(np.uint8))
    return slice(max(0, y - pad), y + high + pad), slice(max(0, x - pad), x + wide + pad)


def _even(value: Singles, far: Singles, inside: Mask, ground: float, lead: float) -> float:
    """On how much of the way round a light its surroundings are lighter than farther off: all round a lamp,
    on one side of a highlight on a form."""
    middle = np.argwhere(inside).mean(axis=0)
    down, across = np.indices(value.shape, dtype=np.float32)
    side = ((np.arctan2(down - middle[0], across - middle[1]) / math.pi + 1) * SIDES / 2).astype(int) % SIDES
    near = (far > 2 * RIM) & (far < RING)
    lit = [
        float(np.median(own)) - ground > HALO / 2 * lead
        for k in range(SIDES)
        if len(own := value[near & (side == k)])
    ]
    return sum(lit) / len(lit) if lit else 0.0


def _profile(value: Singles, far: Singles, around: Mask) -> NDArray[np.float64]:
    """Median value in rings around a light, from its rim outward."""
    ring = np.minimum((far * RINGS / REACH).astype(np.int32), RINGS)
    found: list[float] = []
    for k in range(RINGS):
        own = value[around & (ring == k)]
        found.append(float(np.median(own)) if len(own) else (found[-1] if found else 0.0))
    return np.array(found)


def odds_of(seen: Light) -> Mapping[str, float]:
    """How likely a light is a lamp, a glint or a white thing (they sum to 1). Weights are set by hand and
    measured on rendered lights."""
    halo = min(seen.halo / HALO, 1.5) * seen.even
    small = float(np.clip((SMALL - seen.share) / SMALL, 0, 1))
    shines = float(np.clip(1 - seen.below / BELOW, -1, 1)) + float(np.clip(seen.core - LIT_FROM, -1.5, 0))
    scores = {
        LAMP: 3.2 * halo
        + 1.2 * float(np.clip(seen.warm / 12, -1, 1))
        + _dim(seen.dim)
        + shines
        - 1.5 * float(np.clip(seen.long - 2, 0, 1))
        - 3.0,
        GLINT: 2.0 * (1 - min(halo, 1.0))
        + 1.6 * small
        + 0.8 * float(np.clip(seen.long - 1.6, 0, 1))
        + 0.5 * shines
        - 1.2 * min(seen.inner, 1.0)
        - 1.4,
        WHITE: 1.6 * (1 - min(halo, 1.0)) + 2.0 * (1 - small) + 1.6 * min(seen.inner, 1.0) - 1.6,
    }
    top = max(scores.values())
    powers = {name: math.exp(SHARP * (score - top)) for name, score in scores.items()}
    total = sum(powers.values())
    return {name: power / total for name, power in powers.items()}


SMALL = 0.003
"""Share of the picture from which a light is too large for a glint. A guess."""
SHARP = 1.4
"""How sharply a lead of one score over the others counts."""


def _dim(value: float) -> float:
    """What the mean value of a picture says for a lit lamp: much in the dark, much against it by day."""
    return float(np.clip((DIM - value) * 0.9, -2.5, 1.2))


def _lamp(on: Looked, mass: Mass, seen: Light, odds: Mapping[str, float]) -> Proposal:
    """What is, or may be, a lamp."""
    steps = round(float(np.clip(LEAST_TOUCHES + seen.reach, LEAST_TOUCHES, MOST_TOUCHES)))
    others = tuple(sorted((name for name in odds if name != LAMP), key=lambda name: -odds[name]))
    told = sentence(
        "effect-lamp",
        mass=of_masses((mass.id,)),
        lead=tone(seen.lead),
        touches=steps,
        reach=whole(seen.reach * seen.radius * 10),
        kept="yes" if on.plan.medium.transparent else "no",
    )
    figures = {"lead": seen.lead, "halo": seen.halo, "reach": seen.reach, "touches": float(steps)}
    effect = Effect(LAMP, f"lamp:{mass.id}", (mass.id,), mass.inside, odds[LAMP], told, figures, others)
    return Proposal(effect, on.turn[mass.id], _laid(on, mass, steps))


def _glints(own: Sequence[tuple[Mass, Light, float]], row: int) -> Proposal:
    """The glints of one pass, a touch each."""
    masses = tuple(mass.id for mass, _, _ in own)
    lead = sum(seen.lead for _, seen, _ in own) / len(own)
    told = sentence("effect-glint", masses=of_masses(masses), count=len(masses), lead=tone(lead))
    touches = tuple(
        Touch(Kind.ACCENT, mass.id, Moment.INSTEAD, 1.0, mass.target, 0.0, row) for mass, _, _ in own
    )
    figures = {"count": float(len(own)), "lead": lead}
    sure = min(odds for _, _, odds in own)
    effect = Effect(GLINT, f"glint:{masses[0]}", masses, own[0][0].inside, sure, told, figures)
    return Proposal(effect, row, touches)


def _laid(on: Looked, mass: Mass, steps: int) -> tuple[Touch, ...]:
    """The touches of a lamp, each nearer to white; in watercolour the paper is its core, and what is around
    it is softened toward it while it is wet."""
    row = on.turn[mass.id]
    if not on.plan.medium.transparent:
        minutes = A_TOUCH * (steps - 1)
        return (Touch(Kind.GLOW, mass.id, Moment.INSTEAD, 1.0, mass.target, minutes, row, steps),)
    beside = sorted(mass.borders, key=lambda b: (-b.length_cm, b.mass))
    around = [b.mass for b in beside if b.mass in on.turn and not on.plan.by_id[b.mass].light][:1]
    return tuple(
        Touch(Kind.SOFTEN, name, Moment.WET, 0.1, on.plan.by_id[name].target, A_TOUCH, on.turn[name])
        for name in around
    )
