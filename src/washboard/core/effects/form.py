"""Soft modelling of a rounded thing: fruit, skin, cloth. Its tones side by side, then joined along the
form."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ..reference.mass import Form, Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .looked import Looked, at_top
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

SMALLEST, LARGEST, CALM, RANGE, LONG = 0.006, 0.2, 0.25, 1.2, 3.5
"""Shares of the picture between which a thing is modelled softly, fine light and dark in values up to which
it is smooth, values from its lightest to its darkest tone, and how many times longer than wide it is at
most."""
ROUND = 0.3
"""How round an outline is at least: its area over that of a circle as long (isoperimetric quotient)."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each smooth thing that turns."""
    found = []
    for mass in on.laid:
        if (sure := _sure(on, mass)) > 0:
            light, *_, dark = tones_of(mass)
            told = sentence(
                "effect-form",
                mass=of_masses((mass.id,)),
                light=tone(light),
                middle=tone((light + dark) / 2),
                dark=tone(dark),
                medium=on.plan.medium.key,
                turns=(mass.gradation.form if mass.gradation else Form.STRAIGHT).value,
            )
            found.append(softly(on, "form", [mass], sure, told))
    return found


def _sure(on: Looked, mass: Mass) -> float:
    """How surely it is a smooth thing that turns from light to dark."""
    seen = on.texture.get(mass.id)
    if seen is None or mass.kind is MassKind.ACCENT or not SMALLEST <= mass.share <= LARGEST or at_top(mass):
        return 0.0
    if on.rough(mass):
        return 0.0
    if mass.gradation is None or seen.stirs > CALM or mass.look.long > LONG or sum(mass.look.sides) > 1:
        return 0.0
    light, *_, dark = tones_of(mass)
    roundness = 4 * math.pi * mass.area_cm2 / max(mass.outline_cm**2, 1e-6)
    if light - dark < RANGE or roundness < ROUND:
        return 0.0
    return rising(light - dark, RANGE / 2, 1.5 * RANGE) * rising(CALM - seen.stirs, -0.05, 0.1)
