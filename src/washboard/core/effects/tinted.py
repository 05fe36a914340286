"""Tinted lights: what was kept from paint is given its own value and colour at the end, and softened at one
side."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ..colour.kindred import chroma
from ..colour.lab import difference, value_of_lab
from ..key.key import moved_to
from ..plan.plan import Kind, Role
from ..plan.spot import Change
from ..reference.mass import Lab, Mass
from ..sentence import of_masses, sentence, tone
from .looked import Looked
from .telling import proposed, rising
from .touch import Moment, Proposal, Touch

DARKER, TELLS, LARGEST = 0.35, 4.0, 0.2
"""Values below the bare surface, or the colour difference from it, from which a kept light is worth a tint,
and the share of the picture up to which it is a light."""
A_TINT = 0.4
"""Minutes of a tint, beyond its area. A guess."""


def found(on: Looked) -> Sequence[Proposal]:
    """For the lights that a plan keeps from paint and that are not as the bare surface is."""
    if not on.plan.medium.transparent:
        return []
    kept = {
        o.mass
        for done in on.plan.passes
        for o in done.operations
        if o.role is Role.TARGET and o.kind in (Kind.RESERVE, Kind.UNMASK)
    }
    return [one for mass in on.plan.masses if mass.id in kept and (one := _for(on, mass)) is not None]


def meant_for(on: Looked, mass: Mass) -> Lab:
    """The colour of a mass as it is measured, within the key: what is kept from paint has the surface's for a
    target."""
    measured = np.array([mass.lab])
    value = on.plan.key.of(mass.value)
    lightness, a, b = moved_to(measured, [value], on.plan.medium, on.plan.surface)[0].tolist()
    return lightness, a, b


def _for(on: Looked, mass: Mass) -> Proposal | None:
    if mass.share > LARGEST or (mass.seen_light is not None and mass.seen_light.may_shine):
        return None
    lab, surface = meant_for(on, mass), on.plan.surface
    value = float(value_of_lab(np.array(lab)))
    off = float(difference(np.array(lab), np.array(surface.lab)))
    darker = surface.value - value
    if darker < DARKER and off < TELLS:
        return None
    spot = on.spot(mass, Change.DARKENS, lab)
    if spot is None:
        return None
    told = sentence(
        "effect-tinted",
        mass=of_masses((mass.id,)),
        value=tone(value),
        surface=tone(surface.value),
        coloured="yes" if chroma(lab) >= 5 else "no",
    )
    minutes = A_TINT + mass.area_cm2 / 60
    touch = Touch(Kind.DETAIL, mass.id, Moment.OVER, 1.0, value, minutes, 0, 1, (spot,))
    sure = max(rising(off, TELLS / 2, 1.3 * TELLS), rising(darker, DARKER / 2, 1.3 * DARKER))
    return proposed(on, "tinted", [mass], sure, told, {"value": value, "darker": darker}, (touch,))
