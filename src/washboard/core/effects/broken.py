"""Broken colour: stone, bark, gravel, rough walls. A dry brush or the side of the stick, darks, then
lights."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.kindred import green
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone
from .layers import Layer
from .looked import Looked
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

STIRS, ONE_WAY, LEANS, DARKEST = 0.25, 0.4, 2.2, 2.5
"""Fine light and dark in values, how much it runs one way at most, how far it leans to rare lights or
darks, and the value up to which a mass is a dark in which nothing is told."""
GREEN = 14.0
"""Chroma from which what has the hue of leaves is taken for leaves."""
LAYERS = ((-0.9, Kind.DETAIL), (0.9, Kind.DETAIL))
"""Darks and lights: how far each stands out of the fine light and dark."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of rough masses that are no leaves."""

    def told(masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
        return sentence(
            "effect-broken",
            masses=of_masses([mass.id for mass in masses]),
            stirs=tone(stirs),
            medium=on.plan.medium.key,
            lights="yes" if any(layer.step > 0 for layer in layers) else "no",
        )

    return textured(on, "broken", _sure, LAYERS, told)


def _sure(mass: Mass, seen: Texture) -> float:
    if seen.stirs < STIRS or seen.runs > ONE_WAY or abs(seen.leans) > LEANS or mass.target < DARKEST:
        return 0.0
    if green(mass.lab, GREEN):
        return 0.0
    return rising(seen.stirs, STIRS / 2, 1.4 * STIRS) * rising(ONE_WAY - seen.runs, -0.15, 0.15)
