"""Smooth lights in paint that covers: laid in bands from the lightest, then blended along them with a light
hand."""

from __future__ import annotations

from collections.abc import Sequence

from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .looked import Looked
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

LARGE, CALM, RANGE = 0.05, 0.2, 0.8
"""Share of the picture from which a mass is large, fine light and dark in values up to which it is calm,
and values from its lightest to its darkest tone."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each large calm mass that grades."""
    if on.plan.medium.transparent:
        return []
    found = []
    for mass in on.laid:
        if (sure := _sure(on, mass)) > 0:
            light, *_, dark = tones_of(mass)
            told = sentence(
                "effect-blended",
                mass=of_masses((mass.id,)),
                bands=max(3, round(2 * (light - dark)) + 1),
                light=tone(light),
                dark=tone(dark),
                medium=on.plan.medium.key,
            )
            found.append(softly(on, "blended", [mass], sure, told))
    return found


def _sure(on: Looked, mass: Mass) -> float:
    seen = on.texture.get(mass.id)
    if seen is None or mass.kind is MassKind.ACCENT or mass.share < LARGE or mass.gradation is None:
        return 0.0
    light, *_, dark = tones_of(mass)
    if seen.stirs > CALM or light - dark < RANGE or sum(mass.look.sides) < 2:
        return 0.0
    return rising(light - dark, RANGE / 2, 1.3 * RANGE) * rising(CALM - seen.stirs, -0.1, 0.08)
