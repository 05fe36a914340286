"""Joined shadow: dark things of different colours that touch are one shape, with the colour changing inside
it."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from ..plan.spot import Spot
from ..reference.adjoining import adjoining
from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone, whole
from .looked import Looked
from .shadow_colour import recoloured
from .softly import SMOOTHS
from .telling import proposed, rising
from .touch import Moment, Proposal, Touch

DARK, CLOSE, SMALLEST, LARGE, LARGEST = 4.5, 0.7, 0.003, 0.015, 0.5
"""Value up to which something is in shadow, values between the parts of one, the share of the picture from
which a part counts, and those of the whole."""
MOST = 2
"""Shadows that are told, the largest first."""
COLOURS = 9.0
"""Units of a*b* between two parts from which the colour changes inside."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each shadow of several colours."""
    dark = [
        mass
        for mass in on.laid
        if mass.target <= DARK and mass.kind is not MassKind.ACCENT and mass.share >= SMALLEST
    ]
    groups = (_close(group) for group in adjoining(dark))
    return [one for group in groups if (one := _for(on, group)) is not None][:MOST]


def _close(group: Sequence[Mass]) -> list[Mass]:
    """Those of a group whose value is near that of its largest."""
    return [mass for mass in group if abs(mass.target - group[0].target) <= CLOSE]


def _for(on: Looked, group: Sequence[Mass]) -> Proposal | None:
    share = sum(mass.share for mass in group)
    if len(group) < 2 or not LARGE <= share <= LARGEST:
        return None
    colours = np.array([mass.target_lab for mass in group])
    apart = max(float(np.hypot(*(a[1:] - b[1:]))) for a in colours for b in colours)
    if apart < COLOURS:
        return None
    weight = np.array([mass.share for mass in group]) / share
    _, a, b = (weight @ colours).tolist()
    acts, flat = list[Touch](), list[Spot]()
    for mass in group:
        row = on.turn[mass.id]
        acts.append(Touch(SMOOTHS[on.plan.medium.key], mass.id, Moment.WET, 0.15, mass.target, 0.6, row))
        flat += recoloured(on, mass, (0.0, a - mass.target_lab[1], b - mass.target_lab[2]))
    told = sentence(
        "effect-joined-shadow",
        masses=of_masses([mass.id for mass in group]),
        value=tone(float(weight @ np.array([mass.target for mass in group]))),
        apart=whole(apart),
        medium=on.plan.medium.key,
    )
    figures = {"parts": float(len(group)), "colours": apart}
    sure = rising(apart, COLOURS / 2, 1.6 * COLOURS) * rising(share, LARGE / 2, 2 * LARGE)
    proposal = proposed(on, "joined-shadow", group, sure, told, figures, acts)
    return Proposal(proposal.effect, proposal.row, proposal.touches, "", tuple(flat))
