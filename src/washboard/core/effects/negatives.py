"""Layered negatives: in the gaps between shapes stand others, each a step darker, as deep as the painter
wants."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.kindred import kindred
from ..plan.plan import Kind
from ..reference.adjoining import adjoining
from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .layers import Layer, crisp, touches
from .looked import Looked
from .telling import proposed, rising
from .touch import Proposal

DEEP, STEP, SMALLEST, LARGE = 3, 0.45, 0.002, 0.05
"""How many layers deep shapes must lie, values between two of them, and the shares of the picture from
which a shape and all of them count."""
MOST = 7
"""Layers that are told at most."""
CALM = 0.2
"""Fine light and dark in values, in the mean, up to which shapes are shapes and not texture."""
FAR = 0.3
"""Values by which a shape in a gap is darker than the gap is laid."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of shapes that lie behind each other, in paint that only darkens."""
    if not on.plan.medium.transparent:
        return []
    shapes = [m for m in on.laid if m.kind is not MassKind.ACCENT and SMALLEST <= m.share <= 0.4]
    return [one for group in adjoining(shapes) if (one := _for(on, group)) is not None]


def _for(on: Looked, group: Sequence[Mass]) -> Proposal | None:
    own = [mass for mass in group if kindred(mass.lab, group[0].lab, 50)]
    layers = _depths(own)
    share = sum(mass.share for mass in own)
    stirs = sum(mass.share * on.texture[mass.id].stirs for mass in own) / share
    if len(layers) < DEEP or share < LARGE or stirs > CALM:
        return None
    # Deeper shapes lie in the gaps: each layer must be parted by the ones before it into several.
    gaps = sum(len(layer) for layer in layers[1:])
    if gaps < 2 * (len(layers) - 1):
        return None
    crop = on.crop(*own)
    dark = crisp(on, crop, crop.inside & (crop.apart <= -FAR), lighter=False)
    acts: list[tuple[Kind, Layer]] = [] if dark is None else [(Kind.DETAIL, dark)]
    told = sentence(
        "effect-negatives",
        masses=of_masses([mass.id for mass in own]),
        layers=min(MOST, len(layers)),
        light=tone(max(mass.target for mass in own)),
        dark=tone(min(mass.target for mass in own)),
        step=tone((max(m.target for m in own) - min(m.target for m in own)) / (len(layers) - 1)),
    )
    figures = {"layers": float(len(layers)), "gaps": float(gaps)}
    sure = rising(len(layers), DEEP - 1.5, DEEP + 1) * rising(gaps / (len(layers) - 1), 1, 3)
    row = max(on.turn[mass.id] for mass in own)
    return proposed(on, "negatives", own, sure, told, figures, touches(on, acts, own, row))


def _depths(masses: Sequence[Mass]) -> list[list[Mass]]:
    """Masses in layers from light to dark, a step apart."""
    layers: list[list[Mass]] = []
    for mass in sorted(masses, key=lambda m: (-m.target, m.id)):
        if layers and layers[-1][0].target - mass.target < STEP:
            layers[-1].append(mass)
        else:
            layers.append([mass])
    return layers
