"""Whites that are not white: a pale light has its own tint, never bare paper or white from the tube."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..colour.kindred import chroma
from ..colour.lab import difference
from ..plan.spot import Change
from ..reference.mass import Lab, Mass
from ..sentence import of_masses, sentence, tone
from .looked import Looked
from .telling import proposed, rising
from .touch import Proposal

PALE, TELLS, LARGEST, MOST = 8.0, 4.0, 0.2, 18.0
"""Value from which a light is a near white, the colour difference from white that tells, the share of the
picture up to which it is a light, and the chroma up to which anybody would call it white."""
PALE_SHEET = 8.5
"""Value from which a bare sheet is white."""
WHITE: Lab = (93.0, 0.0, 1.0)
"""White paint as it dries, CIELAB."""


def found(on: Looked) -> Sequence[Proposal]:
    """For the pale lights that are laid in a colour of their own."""
    return [one for mass in on.laid if (one := _for(on, mass)) is not None]


def _for(on: Looked, mass: Mass) -> Proposal | None:
    off = float(difference(np.array(mass.target_lab), np.array(white := _white(on))))
    around = [other.target for c in mass.borders if (other := on.plan.by_id.get(c.mass)) is not None]
    light = mass.target >= PALE and mass.target >= max(around, default=10.0)
    if not light or off < TELLS or chroma(mass.target_lab) > MOST or mass.share > LARGEST or on.rough(mass):
        return None
    if mass.seen_light is not None and mass.seen_light.may_shine:
        return None
    told = sentence(
        "effect-near-white", mass=of_masses((mass.id,)), value=tone(mass.target), medium=on.plan.medium.key
    )
    bare = on.spot(mass, Change.COVERS, white)
    figures = {"value": mass.target, "off": off}
    one = proposed(on, "near-white", [mass], rising(off, TELLS / 2, 1.3 * TELLS), told, figures)
    return replace(one, without=(bare.in_row(on.turn[mass.id] + 1),) if bare else ())


def _white(on: Looked) -> Lab:
    """What white is here: a pale sheet that is left bare, or white paint."""
    surface = on.plan.surface
    return surface.lab if on.plan.medium.transparent and surface.value >= PALE_SHEET else WHITE
