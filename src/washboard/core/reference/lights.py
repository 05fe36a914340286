"""Small lights told apart: lamps outshine what is around them and have a halo, glints are mirror light on a
form, white things are lit or in shade."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from dataclasses import replace

import cv2
import numpy as np
from numpy.typing import NDArray

from .light import GLINT, LAMP, WHITE, SmallLight
from .mass import Mass
from .picture import Labels, Picture, Singles

Mask = NDArray[np.bool_]

LARGEST = 0.012
"""Share of the picture up to which a light may be a lamp or a glint."""
NEARLY = 0.8
"""Values by which the mean of a mass lies over what is around it for it to be looked at as a light."""
REACH = 5.0
"""How far around a light its halo is looked for, in its own radius."""
RINGS = 8
HALO = 0.18
"""Excess of light one radius off, as a share of the light's own, from which there is surely a halo."""
DARK_ENOUGH = 3.9
"""Mean value of a picture up to which a lamp may be taken for one without asking."""
BY_DAY = 0.6
"""How likely something is a lamp at most in a lighter picture."""
DIM = 5.0
"""Mean value of a picture under which lamps are lit."""
FAINT = 0.25
"""Values above the surroundings at which a halo is over."""
RISES = 0.1
"""Values by which a halo may rise from ring to ring: noise."""
LEAST_PX, RIM, RING, SIDES = 4, 0.25, 1.2, 8
"""Pixels of a light at the least; where its rim is over and up to where a ring round it goes, in its radius;
and into how many sides that is parted."""
LIT_FROM, BELOW = 7.5, 0.6
"""Value from which a light may be a lamp, and how far under the lightest place of the picture: a lamp
outshines."""


def told_apart(picture: Picture, labels: Labels, masses: Sequence[Mass], cm: float) -> tuple[Mass, ...]:
    """The masses with what the small lights among them are, by labels (h, w) whose pixels are `cm` wide."""
    by_id = {mass.id: mass for mass in masses}
    return tuple(
        replace(mass, seen_light=light_of(picture, labels == mass.label, cm)) if _small(mass, by_id) else mass
        for mass in masses
    )


def _small(mass: Mass, by_id: Mapping[str, Mass]) -> bool:
    """Whether a mass may be a light: small, and lighter than what is around it."""
    if not mass.light or mass.share > LARGEST:
        return False
    around = [(b.length_cm, by_id[b.mass].value) for b in mass.borders if b.mass in by_id]
    length = sum(cm for cm, _ in around)
    return bool(length) and mass.value - sum(cm * value for cm, value in around) / length >= NEARLY


def light_of(picture: Picture, there: Mask, cm: float) -> SmallLight | None:
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
    short, long = sorted(cv2.minAreaRect(np.argwhere(inside).astype(np.float32))[1])
    seen = SmallLight(
        lead,
        core,
        max(0.0, float(np.quantile(picture.value[::4, ::4], 0.998)) - core),
        halo,
        reach,
        _even(value, far, inside, ground, lead),
        _warm(lab, around & (far < RING), plain),
        (long + 1) / (short + 1),
        _inner(value, inside),
        area / there.size,
        float(picture.value.mean()),
        radius * cm,
    )
    return replace(seen, odds=odds_of(seen))


def _warm(lab: Singles, ring: Mask, plain: NDArray[np.float32]) -> float:
    """How much yellower (b*) a ring (h, w) round a light is than the `plain` colour (3,) farther off."""
    return float(np.median(lab[ring][:, 2]) - plain[2]) if ring.any() else 0.0


def _inner(value: Singles, inside: Mask) -> float:
    """The spread of values within a light, without its rim; none where it is too small to have an inside."""
    core = cv2.erode(inside.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
    own = value[core]
    return float(np.quantile(own, 0.9) - np.quantile(own, 0.2)) if len(own) >= LEAST_PX else 0.0


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


def odds_of(seen: SmallLight) -> Mapping[str, float]:
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
        # Where something else is lighter it hardly shines; and a petal has an inside.
        - 1.6 * float(np.clip((seen.below - 0.4) / 0.5, 0, 1))
        - 0.8 * float(np.clip(seen.inner - 1, 0, 1))
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
    odds = {name: power / total for name, power in powers.items()}
    if seen.dim <= DARK_ENOUGH or odds[LAMP] <= BY_DAY:
        return odds
    rest = (1 - BY_DAY) / max(1 - odds[LAMP], 1e-9)
    return {name: BY_DAY if name == LAMP else rest * own for name, own in odds.items()}


SMALL = 0.003
"""Share of the picture from which a light is too large for a glint. A guess."""
SHARP = 1.4
"""How sharply a lead of one score over the others counts."""


def _dim(value: float) -> float:
    """What the mean value of a picture says for a lit lamp: much in the dark, much against it by day."""
    return float(np.clip((DIM - value) * 0.9, -2.5, 1.2))
