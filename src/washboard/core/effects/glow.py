"""A glow: one gradient round a light in colour, from its core out to where the light ends, laid from the
light on."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone, whole
from .looked import Looked
from .shining import Shining
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

FALLS, REACH, EVEN, LARGE, CALM = 1.5, 0.12, 0.7, 0.02, 0.3
"""Values by which the light falls off, the share of the diagonal that it reaches, on what share of the way
round, the share of the picture from which a mass is part of it, and fine light and dark in values up to
which it is calm."""
RANGE = 0.6
"""Values by which a part of a glow falls off itself."""


def found(on: Looked) -> Sequence[Proposal]:
    """For the light that shines most, if it has a glow."""
    light = on.shining
    if light is None or light.falls < FALLS or light.reach < REACH or light.even < EVEN:
        return []
    lit = [mass for mass in on.laid if _lit(on, mass, light)]
    if not lit:
        return []
    lit.sort(key=lambda mass: (away(on, mass.inside, light), mass.id))
    values = [v for mass in lit for v in tones_of(mass)]
    told = sentence(
        "effect-glow",
        masses=of_masses([mass.id for mass in lit]),
        light=tone(max(values)),
        dark=tone(min(values)),
        falls=tone(light.falls),
        reach=whole(light.reach * _diagonal(on)),
        medium=on.plan.medium.key,
    )
    sure = rising(light.falls, FALLS / 2, 1.4 * FALLS) * rising(light.even, EVEN - 0.2, EVEN + 0.2)
    return [softly(on, "glow", lit, sure, told)]


def _lit(on: Looked, mass: Mass, light: Shining) -> bool:
    """Whether a mass grades away from a light within its glow."""
    seen = on.texture.get(mass.id)
    if seen is None or mass.kind is MassKind.ACCENT or mass.share < LARGE or seen.stirs > CALM:
        return False
    values = tones_of(mass)
    if mass.gradation is None or max(values) - min(values) < RANGE or not mass.gradation.places:
        return False
    first, last = (away(on, place, light) for place in (mass.gradation.places[0], mass.gradation.places[-1]))
    return first < last and first <= light.reach * _diagonal(on)


def away(on: Looked, place: tuple[float, float], light: Shining) -> float:
    """How far a place (shares) lies from a light, in cm."""
    sheet = on.plan.sheet
    across = (place[0] - light.x) * sheet.picture_width_cm
    return math.hypot(across, (place[1] - light.y) * sheet.picture_height_cm)


def _diagonal(on: Looked) -> float:
    return math.hypot(on.plan.sheet.picture_width_cm, on.plan.sheet.picture_height_cm)
