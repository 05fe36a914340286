"""Bare branches before a light sky: a dark mass with a light touch, carved with the sky, then the twigs."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ..colour.lab import difference
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import Sentence, of_masses, sentence, tone, whole
from .layers import Layer
from .looked import Looked, at_top
from .telling import rising, textured
from .texture import Texture
from .touch import Proposal

DARK, STIRS, THIN = 4.5, 0.7, 0.25
"""Value up to which a mass may be branches, fine light and dark in values, and the mean values by which
both thin darks and thin lights stand out in it: sky is seen through."""
LIGHT, RARE, FINE = 6.0, -4.0, 0.15
"""Value from which a mass may be the sky that single twigs run over, how rare they are, and the fine light
and dark that they make."""
LAYERS = ((-0.6, Kind.DETAIL), (0.6, Kind.DETAIL), (1.5, Kind.DETAIL), (-1.6, Kind.DETAIL))
"""The mass with a light touch, what is carved of it with the sky in two goes, and twigs: how far each
stands out of the fine light and dark."""
AMONG, AS_SURE = 0.4, 0.8
"""Fine light and dark in values from which what lies beside branches is part of them, and how surely."""
SKY, LARGE, SAME = 5.5, 0.02, 14.0
"""Value and share of the picture from which something may be the sky behind, and the colour difference up
to which what is seen through is of its colour: between twigs it is darker."""
CALM, MUCH, ASKED = 0.35, 0.15, 0.6
"""Fine light and dark of an open sky at the most, the share of an outline that stands before it, and how sure
branches are at the most that do not."""
HOLES = 0.4
"""Values by which a gap between branches is darker than the open sky: the eye mixes it with the wood."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each group of masses of branches, with the sky that their twigs run over."""
    wooded = {
        mass.id for mass in on.laid if _wood(mass, on.texture.get(mass.id)) > 0 and _sky_through(on, mass)
    }
    # Rubble, stones and things in a heap look alike; only what stands before an open sky is surely a tree.
    before = any(_stands_before(on, on.plan.by_id[name]) for name in wooded)
    beside = {border.mass for name in wooded for border in on.plan.by_id[name].borders}

    def sure(mass: Mass, seen: Texture) -> float:
        over = mass.target >= LIGHT and seen.leans <= RARE and seen.stirs >= FINE and mass.id in beside
        among = seen.stirs >= AMONG and mass.id in beside
        told = 1.0 if over else AS_SURE if among else _wood(mass, seen) * (mass.id in wooded)
        return told if before else min(told, ASKED)

    def told(masses: Sequence[Mass], layers: Sequence[Layer], stirs: float) -> Sentence:
        del stirs
        sky = [mass.target for mass in masses if mass.target >= LIGHT]
        light = max(sky, default=max(layer.value for layer in layers))
        return sentence(
            "effect-branches",
            masses=of_masses([mass.id for mass in masses]),
            dark=tone(min(layer.value for layer in layers)),
            hole=tone(light - HOLES),
            share=whole(100 * max(layer.share for layer in layers)),
            medium=on.plan.medium.key,
        )

    return [one for one in textured(on, "branches", sure, LAYERS, told) if wooded & set(one.effect.masses)]


def _sky_through(on: Looked, mass: Mass) -> bool:
    """Whether the lights in a mass are of the colour of a calm light mass beside it: the sky seen through."""
    crop, seen = on.crop(mass), on.texture[mass.id]
    holes = crop.inside & (crop.apart >= seen.stirs)
    if not holes.any():
        return False
    lab = np.median(crop.meant[holes], axis=0)
    for border in mass.borders:
        other = on.plan.by_id.get(border.mass)
        if other is None or other.target < SKY or other.share < LARGE:
            continue
        if float(difference(lab, np.array(other.target_lab))) <= SAME:
            return True
    return False


def _stands_before(on: Looked, mass: Mass) -> bool:
    """Whether a mass has much of its outline against an open sky: light, up to the top, and calm but for what
    rare darks run over it."""

    def open_sky(other: Mass | None) -> bool:
        seen = on.texture.get(other.id) if other is not None and other.target >= SKY else None
        calm = seen is not None and (seen.stirs < CALM or seen.leans <= RARE)
        return other is not None and calm and at_top(other)

    against = sum(b.length_cm for b in mass.borders if open_sky(on.plan.by_id.get(b.mass)))
    return against >= MUCH * mass.outline_cm


def _wood(mass: Mass, seen: Texture | None) -> float:
    if seen is None or mass.target > DARK or seen.stirs < STIRS:
        return 0.0
    thin = min(seen.thin_dark, seen.thin_light)
    if thin < THIN or seen.leans < 0:
        return 0.0
    return rising(thin, THIN / 2, 1.3 * THIN) * rising(seen.stirs, STIRS / 2, 1.3 * STIRS)
