"""Clouds: soft lights in a sky, blotted or worked in while it is wet, softer below than above."""

from __future__ import annotations

from collections.abc import Collection, Sequence

import cv2
import numpy as np

from ..colour.kindred import bluish, chroma
from ..plan.plan import Kind
from ..reference.adjoining import adjoining
from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .looked import Looked, at_top
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

LARGE, CALM, LIGHT, RANGE = 0.02, 0.2, 5.0, 0.5
"""Share of the picture from which a mass may be sky, fine light and dark in values up to which it is calm,
its least value, and values from its lightest to its darkest tone."""
WIDE, PLAIN = 0.5, 14.0
"""Share of the width that a sky takes at least, and the chroma up to which one of any hue is."""
BOTTOM, BLUE = 0.9, 8.0
"""Height to which a sky of no colour reaches down at the most, and the chroma from which one is blue."""
MOSTLY, SOFT = 0.7, 0.75
"""Share of an outline that lies in the sky for a cloud, and how hard its border is at most."""
TURNS = 0.35
"""How much of its light and dark, about a straight gradient, a sky has that has clouds."""
BY = {"watercolour": Kind.BLOT, "acrylic": Kind.BLOT, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what clouds are made in each medium while the sky is wet."""


def found(on: Looked) -> Sequence[Proposal]:
    """For the sky, where soft shapes lie in it."""
    top = {mass.id for mass in on.laid if _sky(on, mass) and at_top(mass) and bluish(mass.lab)}
    sky = [mass for mass in on.laid if mass.id in top or (_sky(on, mass) and _within(mass, top))]
    return [
        _proposal(on, group)
        for group in adjoining(sky)
        if max(m.box[2] for m in group) - min(m.box[0] for m in group) >= WIDE and _lumpy(on, group) >= TURNS
    ]


def _sky(on: Looked, mass: Mass) -> bool:
    seen = on.texture.get(mass.id)
    calm = seen is not None and seen.stirs <= CALM
    large = mass.kind is not MassKind.ACCENT and mass.share >= LARGE
    coloured = bluish(mass.lab) or chroma(mass.lab) < PLAIN
    # What reaches down to the bottom is a sky only if it is blue: folded cloth is none.
    down = mass.box[3] < BOTTOM or (bluish(mass.lab) and chroma(mass.lab) >= BLUE)
    return calm and large and coloured and down and mass.target >= LIGHT and mass.box[1] < 0.4


def _within(mass: Mass, sky: Collection[str]) -> bool:
    """Whether a mass lies in the sky, with soft borders to it."""
    own = [border for border in mass.borders if border.mass in sky]
    length = sum(border.length_cm for border in own)
    if length < MOSTLY * mass.outline_cm:
        return False
    return sum(border.hardness * border.length_cm for border in own) <= SOFT * length


def _lumpy(on: Looked, group: Sequence[Mass]) -> float:
    """The share of the light and dark of some masses that no plane tells: a clear sky is one (least
    squares)."""
    at, inside = on.there(group)
    value = cv2.GaussianBlur(on.meant[at][..., 0] / 10, (0, 0), 3)
    # Along its border what is beside it is mixed in.
    inside = cv2.erode(inside.astype(np.uint8), np.ones((19, 19), np.uint8)) > 0
    value = value[inside]
    if len(value) < 50:
        return 0.0
    down, across = np.nonzero(inside)
    step = max(1, len(value) // 4000)
    plane = np.stack([np.ones(len(value[::step])), down[::step], across[::step]], axis=1)
    own = value[::step].astype(np.float64)
    rest = own - plane @ np.linalg.lstsq(plane, own, rcond=None)[0]
    whole = float(own.std())
    return float(rest.std() / whole) if whole > RANGE / 2 else 0.0


def _proposal(on: Looked, group: Sequence[Mass]) -> Proposal:
    values = [v for mass in group for v in tones_of(mass)]
    told = sentence(
        "effect-clouds",
        masses=of_masses([mass.id for mass in group]),
        medium=on.plan.medium.key,
        light=tone(max(values)),
        dark=tone(min(values)),
    )
    lumpy, share = _lumpy(on, group), sum(mass.share for mass in group)
    sure = rising(lumpy, TURNS / 2, 1.5 * TURNS) * rising(share, LARGE, 4 * LARGE)
    return softly(on, "clouds", group, sure, told, BY[on.plan.medium.key])
