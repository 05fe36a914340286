"""Lamps far off: small warm lights in the dark, one touch each, smaller and closer together with distance."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np

from ..plan.plan import Kind
from ..reference.mass import MassKind
from ..sentence import of_masses, sentence, tone
from .layers import crisp, touches
from .looked import Looked
from .telling import proposed, rising
from .touch import Proposal

DARK, SMALLEST, LEADS, BRIGHT = 4.5, 0.04, 1.5, 6.0
"""Value up to which a ground is dark enough, its least share of the picture, values by which a lamp stands
out of it, and its least value."""
LEAST, MOST, SHARE, WARM = 3, 80, 0.03, 6.0
"""How many lamps tell, how many are something else, the share of the ground that they take at most, and how
much yellower (b*) than the ground they are."""
DIM = 3.5
"""Mean value of a picture in which lamps are lit."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each dark mass with small warm lights in it."""
    if float(on.picture.value.mean()) > DIM:
        return []
    found = []
    for mass in on.laid:
        if mass.kind is MassKind.ACCENT or mass.target > DARK or mass.share < SMALLEST:
            continue
        crop = on.crop(mass)
        # Along its border a ground takes on the light of what is beside it.
        inner = cv2.erode(crop.inside.astype(np.uint8), np.ones((9, 9), np.uint8)) > 0
        lights = inner & (crop.apart >= LEADS) & (crop.value >= BRIGHT)
        if not 0 < lights.sum() <= SHARE * crop.inside.sum():
            continue
        layer = crisp(on, crop, lights, lighter=True, finest=0.3)
        if layer is None or not LEAST <= layer.count <= MOST:
            continue
        warm = float(np.median(crop.meant[lights][:, 2] - crop.planned[lights][:, 2]))
        if warm < WARM:
            continue
        kind = Kind.WHITE if on.plan.medium.transparent else Kind.DETAIL
        told = sentence(
            "effect-far-lamps", masses=of_masses((mass.id,)), count=layer.count, value=tone(layer.value)
        )
        row = on.turn[mass.id]
        sure = rising(warm, WARM / 2, 1.3 * WARM) * rising(layer.count, LEAST - 2, LEAST + 1)
        figures = {"count": float(layer.count), "warm": warm, "value": layer.value}
        acts = touches(on, [(kind, layer)], [mass], row)
        found.append(proposed(on, "far-lamps", [mass], sure, told, figures, acts))
    return found
