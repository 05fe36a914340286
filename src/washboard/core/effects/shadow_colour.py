"""The colour of a shadow: the thing's own colour with a breath of its opposite, not the same paint with
black."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..colour.kindred import chroma, kindred
from ..plan.plan import Kind
from ..plan.spot import Change, Spot
from ..reference.mass import Lab, Mass, MassKind
from ..sentence import of_masses, sentence, tone, whole
from .looked import Looked, at_top
from .telling import proposed, rising
from .touch import Moment, Proposal, Touch

APART, SMALLEST, COLOURFUL, DARK = (1.2, 4.5), 0.004, 9.0, 6.5
"""Values between the lit and the shaded side of one thing, least and most, the share of the picture from
which they count, the chroma from which it has a colour of its own, and the value up to which something may be
in shadow."""
LEAST = 5.0
"""Chroma from which a shadow has a hue."""
MOST = 4
"""Shadows of which it is told: the others are mixed alike."""
DIFFERS = 4.0
"""Units of a*b* by which a shadow's colour differs from the lit colour grown dark, for it to be worth
telling."""
BY = {"watercolour": Kind.DROP_IN, "acrylic": Kind.DROP_IN, "oil": Kind.BLEND, "pastel": Kind.SCUMBLE}
"""With what the other colour comes into a shadow in each medium."""
BEHIND = 0.25
"""Share of the picture from which what reaches the top lies behind all else."""
SKY = 6.0
"""Value from which what reaches the top may be a sky."""


def found(on: Looked) -> Sequence[Proposal]:
    """For the largest shadows that lie beside their lit side."""
    return [one for mass in on.laid if (one := _for(on, mass)) is not None][:MOST]


def _for(on: Looked, mass: Mass) -> Proposal | None:
    if mass.kind is MassKind.ACCENT or mass.share < SMALLEST or mass.target > DARK or on.rough(mass):
        return None
    if chroma(mass.lab) < LEAST:
        return None
    lit = _lit(on, mass)
    if lit is None:
        return None
    plain = _darkened(lit.target_lab, mass.target_lab[0])
    off = _turned(mass.target_lab, plain)
    if off < DIFFERS:
        return None
    row = on.turn[mass.id]
    told = sentence(
        "effect-shadow-colour",
        mass=of_masses((mass.id,)),
        lit=of_masses((lit.id,)),
        value=tone(mass.target),
        cooler="yes" if mass.target_lab[2] < plain[2] else "no",
        off=whole(off),
    )
    act = Touch(BY[on.plan.medium.key], mass.id, Moment.WET, 0.3, mass.target, 1.0, row)
    figures = {"off": off, "apart": lit.target - mass.target}
    sure = rising(off, DIFFERS / 2, 1.6 * DIFFERS) * rising(
        lit.target - mass.target, APART[0] / 2, 1.3 * APART[0]
    )
    proposal = proposed(on, "shadow-colour", [mass, lit], sure, told, figures, (act,))
    dead = (0.0, plain[1] - mass.target_lab[1], plain[2] - mass.target_lab[2])
    return replace(proposal, without=recoloured(on, mass, dead))


def recoloured(on: Looked, mass: Mass, by: Lab) -> tuple[Spot, ...]:
    """A mass laid in a colour that differs by so much in CIELAB from the one that is planned."""
    spot = on.spot(mass, Change.MOVES)
    return () if spot is None else (replace(spot, by={mass.id: by}, row=on.turn[mass.id] + 1),)


def _turned(lab: Lab, plain: Lab) -> float:
    """By how much (units of a*b*) a shadow's colour goes toward blue or toward the opposite of its own hue,
    from the lit colour grown dark: a shadow that is only richer has no other colour in it."""
    across, up = lab[1] - plain[1], lab[2] - plain[2]
    own = max(chroma(plain), 1e-6)
    opposite = -(across * plain[1] + up * plain[2]) / own
    return max(-up, opposite)


def _lit(on: Looked, mass: Mass) -> Mass | None:
    """The lit side of the thing that a mass is the shadow of: the neighbour along most of its outline that
    is of its hue and lighter."""
    beside = [
        (border.length_cm, other)
        for border in mass.borders
        if (other := on.plan.by_id.get(border.mass)) is not None
        and other.kind is not MassKind.ACCENT
        and APART[0] <= other.target - mass.target <= APART[1]
        and chroma(other.lab) >= COLOURFUL
        and kindred(mass.lab, other.lab, 55)
        and other.share >= SMALLEST
        # Nothing is the shadow of what stands far behind it, up to the top: a sky has none, and what lies
        # behind all else is none of what lies before it.
        and not (at_top(other) and not at_top(mass) and other.target >= SKY)
        and not (at_top(mass) and not at_top(other) and mass.share > BEHIND)
    ]
    if not beside:
        return None
    length, other = max(beside, key=lambda pair: (pair[0], pair[1].id))
    return other if length >= 0.2 * mass.outline_cm else None


def _darkened(lab: Lab, lightness: float) -> Lab:
    """A colour with less light and the same hue: its chroma falls in proportion."""
    share = lightness / max(lab[0], 1e-6)
    return lightness, lab[1] * share, lab[2] * share
