"""Foliage: first the mass, then its dark gaps and light clumps, and single leaves only where it matters."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.kindred import autumn, green, hue
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone
from .layers import Layer
from .looked import Looked
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

STIRS, ONE_WAY, LEANS = 0.3, 0.5, 3.0
"""Fine light and dark, in values, from which a mass may be leaves; how much leaves run one way at most, and
how far they lean to rare lights or darks."""
GREEN, ASKED = 100.0, 0.6
"""Hue from which leaves are green, and how sure they are at the most that are not."""
LAYERS = ((-0.8, Kind.DETAIL), (0.8, Kind.DETAIL), (1.7, Kind.DETAIL))
"""Gaps, clumps and leaves: how far each stands out of the fine light and dark."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of masses of leaves."""
    return textured(on, "foliage", _sure, LAYERS, _told)


def _sure(mass: Mass, seen: Texture) -> float:
    hue_of_leaves = green(mass.lab) or autumn(mass.lab)
    if not hue_of_leaves or seen.stirs < STIRS or seen.runs > ONE_WAY or abs(seen.leans) > LEANS:
        return 0.0
    told = rising(seen.stirs, STIRS / 2, 1.5 * STIRS) * rising(ONE_WAY - seen.runs, -0.15, 0.15)
    # Wood, fur, skin and fruit have the hues of withered leaves and of those with light through them: the
    # painter is asked.
    return told if green(mass.lab) and hue(mass.lab) >= GREEN else min(told, ASKED)


def _told(masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
    return sentence(
        "effect-foliage",
        masses=of_masses([mass.id for mass in masses]),
        stirs=tone(stirs),
        touches=sum(layer.count for layer in layers),
        dark=tone(min(layer.value for layer in layers)),
        lights="yes" if any(layer.step > 0 for layer in layers) else "no",
        light=tone(max(layer.value for layer in layers)),
    )
