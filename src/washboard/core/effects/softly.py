"""Tones inside a mass that run into each other: joined while the paint can be moved; left out, the mass is
flat."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from ..colour.lab import value_of_lab
from ..plan.plan import Kind
from ..plan.spot import Change, Spot
from ..reference.mass import Mass
from ..sentence import Sentence
from .looked import Looked
from .telling import proposed
from .touch import Claim, Moment, Proposal, Touch

SMOOTHS = {"watercolour": Kind.SOFTEN, "acrylic": Kind.SOFTEN, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what each medium joins tones."""
JOINING = 0.1
"""Minutes for each cm that a mass is wide that joining its tones takes. A guess."""
GRADE = "how-grade"
"""The sentences that tell a gradation as it is laid without an effect."""


def softly(
    on: Looked, key: str, masses: Sequence[Mass], sure: float, told: Sentence, kind: Kind | None = None
) -> Proposal:
    """An effect of soft tones in masses: while each is wet its tones are joined, or `kind` is done to it.
    Left out, each is laid flat in its middle tone."""
    kind = kind or SMOOTHS[on.plan.medium.key]
    acts, flat = list[Touch](), list[Spot]()
    for mass in masses:
        row = on.turn[mass.id]
        minutes = JOINING * mass.width_mm / 10 + 0.3
        acts.append(Touch(kind, mass.id, Moment.WET, 0.3, mass.target, minutes, row))
        flat += flat_of(on, mass)
    values = [v for mass in masses for v in tones_of(mass)]
    figures = {"light": max(values), "dark": min(values), "masses": float(len(masses))}
    proposal = proposed(on, key, masses, sure, told, figures, acts, replaces=GRADE)
    return replace(proposal, without=tuple(flat), claims=Claim.TONES)


def flat_of(on: Looked, mass: Mass) -> tuple[Spot, ...]:
    """A mass laid flat in its middle tone."""
    spot = on.spot(mass, Change.COVERS, mass.target_lab)
    return () if spot is None else (spot.in_row(on.turn[mass.id] + 1),)


def tones_of(mass: Mass) -> list[float]:
    """The values of its tones, the lightest first."""
    return [float(value_of_lab(np.array(stop))) for stop in mass.target_stops or mass.target_ends]
