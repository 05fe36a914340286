"""Sparkle: many small lights on something darker, set last of all and firm."""

from __future__ import annotations

from collections.abc import Sequence
from functools import partial

from ..materials.media import Medium
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone, whole
from .layers import Layer
from .looked import Looked
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

STIRS, LEANS, THIN, DARKER = 0.25, 2.5, 0.06, 7.5
"""Fine light and dark in values, how rare and light it must be, the mean values by which thin lights stand
out, and the value up to which a ground is dark enough."""
FAR = 2.0
"""How far a sparkle stands out of the fine light and dark."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of masses with many small lights."""
    kind = Kind.WHITE if on.plan.medium.transparent else Kind.DETAIL
    return textured(on, "sparkle", _sure, ((FAR, kind),), partial(_told, on.plan.medium))


def _sure(mass: Mass, seen: Texture) -> float:
    if seen.stirs < STIRS or seen.leans < LEANS or mass.target > DARKER:
        return 0.0
    if seen.thin_light < max(THIN, 1.5 * seen.thin_dark):
        return 0.0
    return rising(seen.leans, LEANS / 2, 1.5 * LEANS) * rising(seen.stirs, STIRS / 2, 1.2 * STIRS)


def _told(medium: Medium, masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
    del stirs
    return sentence(
        "effect-sparkle",
        masses=of_masses([mass.id for mass in masses]),
        touches=sum(layer.count for layer in layers),
        value=tone(layers[0].value),
        share=whole(100 * layers[0].share),
        medium=medium.key,
    )
