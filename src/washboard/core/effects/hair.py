"""Hair, fur, grain of wood: strokes that follow the form, darks first, then the lights between, a few of
them firm."""

from __future__ import annotations

from collections.abc import Sequence

from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone, whole
from .grass import LOW as GROUND
from .grass import OFF_PLUMB
from .layers import Layer
from .looked import Looked
from .ripples import LOW, OFF_LEVEL
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

STIRS, ONE_WAY, LEANS = 0.15, 0.45, 1.3
"""Fine light and dark in values, how much it runs one way, and how far it leans to rare lights or darks."""
BOTH = 0.35
"""How much of the thin lights or darks there must be of the other."""
LAYERS = ((-0.8, Kind.DETAIL), (0.8, Kind.DETAIL), (1.8, Kind.DETAIL))
"""Dark strands, light ones and the lightest: how far each stands out of the fine light and dark."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of masses of strokes that run one way and are neither grass nor water."""

    def told(masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
        return sentence(
            "effect-hair",
            masses=of_masses([mass.id for mass in masses]),
            way=whole(on.texture[masses[0].id].way),
            stirs=tone(stirs),
            touches=sum(layer.count for layer in layers),
        )

    return textured(on, "hair", _sure, LAYERS, told)


def _sure(mass: Mass, seen: Texture) -> float:
    if seen.stirs < STIRS or seen.runs < ONE_WAY or abs(seen.leans) > LEANS:
        return 0.0
    grass = abs(seen.way - 90) <= OFF_PLUMB and mass.centre[1] >= GROUND
    water = min(seen.way, 180 - seen.way) <= OFF_LEVEL and mass.centre[1] >= LOW
    # Strands lie light and dark beside each other; darks alone before a light are twigs.
    thin = seen.thin_light, seen.thin_dark
    if grass or water or min(thin) < BOTH * max(thin):
        return 0.0
    return rising(seen.stirs, STIRS / 2, 1.4 * STIRS) * rising(seen.runs, ONE_WAY - 0.2, ONE_WAY + 0.15)
