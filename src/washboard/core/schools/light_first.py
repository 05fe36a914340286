"""The light first: its glow as one big gradient, then everything that it does not reach."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ..key.relations import brightest
from ..plan.plan import Kind
from ..reference.mass import Mass, MassKind
from ..sentence import sentence
from .school import School, SchoolContext, Strand

FIRM = 0.75
"""Hardness of an edge at which a glow ends: a firm edge is a thing that stands before it."""
ONE_LIGHT = 42.0
"""Units of a*b* within which two lit places are of one light, whatever their edge."""
LIT_CHROMA = 14.0
"""Chroma from which a place shows the colour of the light."""
FALLS = 5.0
"""Values below the source at which its glow ends."""
GLOW, BEYOND = sentence("strand-glow"), sentence("strand-beyond-glow")


def _strands(context: SchoolContext) -> Sequence[Strand]:
    glow = _glow(context)
    rest = [k for k in context.main if k not in glow]
    kind = None if context.medium.transparent else Kind.GLOW
    return (
        Strand(context.by(lambda m: -m.target, list(glow)), 1, kind, GLOW),
        Strand(context.by(lambda m: -m.target, rest), 8, None, BEYOND),
    )


def _glow(context: SchoolContext) -> set[int]:
    """The masses that the light falls off through: neighbours of neighbours, each no lighter than the
    last."""
    source = brightest(context.masses)
    if source is None:
        return set()
    at = {mass.id: k for k, mass in enumerate(context.masses)}
    highest = context.masses[source].target
    ends = highest - FALLS
    seen, left = {source}, [source]
    while left:
        mass = context.masses[left.pop()]
        for border in mass.borders:
            k = at[border.mass]
            through = border.hardness < FIRM or mass.kind is MassKind.ACCENT or _lit(context.masses[k], mass)
            if k not in seen and through and ends <= context.masses[k].target <= highest:
                seen.add(k)
                left.append(k)
    found = seen & set(context.main)
    return found or {max(context.main, key=lambda k: context.masses[k].target)} if context.main else set()


def _lit(mass: Mass, by: Mass) -> bool:
    """Whether a place shows the same coloured light as another."""
    (_, a, b), (_, c, d) = mass.target_lab, by.target_lab
    return math.hypot(a, b) >= LIT_CHROMA and math.dist((a, b), (c, d)) <= ONE_LIGHT


SCHOOL = School(
    key="light-first",
    words="The light first",
    strands=_strands,
    fits="the glow is laid as one gradient while nothing is in its way; the darks are left out of it",
    fewest=2,
)
