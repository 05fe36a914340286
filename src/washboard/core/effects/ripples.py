"""Ripples: level strokes across water, last of all and broader toward the viewer."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.kindred import chroma, hue
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone
from .layers import Layer
from .looked import Looked
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

STIRS, ONE_WAY, OFF_LEVEL, LEANS = 0.12, 0.55, 20.0, 2.5
"""Fine light and dark in values, how much it runs one way, degrees from level up to which it is level, and
how far it leans to rare lights."""
LOW = 0.35
"""Height of the middle of a mass, from the top, from which it may be water."""
WARM, WIDE, ASKED = 8.0, 0.2, 0.6
"""Chroma from which a warm hue is no water's, the share of the width that water takes, and how sure it is
at most without that."""
LAYERS = ((-0.8, Kind.DETAIL), (0.8, Kind.DETAIL))
"""Dark and light ripples: how far each stands out of the fine light and dark."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of masses of level strokes in the lower picture."""
    return textured(on, "ripples", _sure, LAYERS, _told)


def _sure(mass: Mass, seen: Texture) -> float:
    level = min(seen.way, 180 - seen.way) <= OFF_LEVEL and mass.centre[1] >= LOW
    if seen.stirs < STIRS or seen.runs < ONE_WAY or not level or abs(seen.leans) > LEANS:
        return 0.0
    told = rising(seen.stirs, STIRS / 2, 1.4 * STIRS) * rising(seen.runs, ONE_WAY - 0.2, ONE_WAY + 0.15)
    # Water is seldom warm, and what is narrow is a thing: the painter is asked.
    warm = chroma(mass.lab) > WARM and 20 <= hue(mass.lab) <= 90
    return min(told, ASKED) if warm or mass.box[2] - mass.box[0] < WIDE else told


def _told(masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
    return sentence(
        "effect-ripples",
        masses=of_masses([mass.id for mass in masses]),
        step=tone(stirs),
        touches=sum(layer.count for layer in layers),
        lights="yes" if any(layer.step > 0 for layer in layers) else "no",
    )
