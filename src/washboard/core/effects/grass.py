"""Interleaved upright strokes: dry grass before snow, reeds before water. Dark, light between, dark again."""

from __future__ import annotations

from collections.abc import Sequence

from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone
from .layers import Layer
from .looked import Looked
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

STIRS, ONE_WAY, OFF_PLUMB, LEANS = 0.2, 0.6, 25.0, 2.0
"""Fine light and dark in values, how much it runs one way, degrees from the plumb up to which it is
upright, and how far it leans to rare lights or darks: a single post is no grass."""
LOW, SMALLEST = 0.4, 0.01
"""Height of the middle of a mass, from the top, from which it may be ground that grows, and its least
share."""
LAYERS = ((-0.7, Kind.DETAIL), (0.7, Kind.DETAIL), (-1.6, Kind.DETAIL))
"""Dark strokes, light ones between and dark ones again: how far each stands out of the fine light and
dark."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of masses of upright strokes."""
    return textured(on, "grass", _sure, LAYERS, _told)


def _sure(mass: Mass, seen: Texture) -> float:
    if mass.centre[1] < LOW or mass.share < SMALLEST:
        return 0.0
    if seen.stirs < STIRS or seen.runs < ONE_WAY or abs(seen.way - 90) > OFF_PLUMB or abs(seen.leans) > LEANS:
        return 0.0
    return rising(seen.stirs, STIRS / 2, 1.5 * STIRS) * rising(seen.runs, ONE_WAY - 0.2, ONE_WAY + 0.15)


def _told(masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
    return sentence(
        "effect-grass",
        masses=of_masses([mass.id for mass in masses]),
        dark=tone(min(layer.value for layer in layers)),
        stirs=tone(stirs),
        touches=sum(layer.count for layer in layers),
        lights="yes" if any(layer.step > 0 for layer in layers) else "no",
    )
