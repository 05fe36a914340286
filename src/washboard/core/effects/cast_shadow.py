"""Cast shadow: firm and darkest where it leaves the thing, softer, lighter and cooler away from it."""

from __future__ import annotations

from collections.abc import Sequence

from ..colour.kindred import chroma
from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .looked import Looked, at_top
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

DARKER, SMALLEST, LARGEST, MOST, TOUCHES = 0.8, 0.002, 0.08, 0.45, 0.06
"""Values by which it is darker than the ground that it falls on, the shares of the picture that it takes,
and those of its outline that the ground and the thing have at least."""
CALM = 0.15
"""Fine light and dark in values up to which shadow and ground are calm."""
RICHER = 6.0
"""Chroma that a shadow has beyond that of its ground at most: more is a thing."""
FLAT = 1.2
"""How many times wider than high it is at least: it lies."""
RANGE = 0.4
"""Values from its lightest to its darkest tone."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each shadow that lies on a ground beside the thing that throws it."""
    found = []
    for mass in on.laid:
        pair = _falls(on, mass)
        if pair is None:
            continue
        thing, ground = pair
        light, *_, dark = tones_of(mass)
        told = sentence(
            "effect-cast-shadow",
            mass=of_masses((mass.id,)),
            thing=of_masses((thing.id,)),
            ground=of_masses((ground.id,)),
            dark=tone(dark),
            light=tone(light),
            darker=tone(ground.target - mass.target),
        )
        sure = rising(ground.target - mass.target, DARKER / 2, 1.4 * DARKER) * rising(light - dark, 0, RANGE)
        found.append(softly(on, "cast-shadow", [mass], sure, told))
    return found


def _falls(on: Looked, mass: Mass) -> tuple[Mass, Mass] | None:
    """The thing that throws a shadow and the ground that it falls on; None where a mass is none."""
    left, top, right, bottom = mass.box
    sheet = on.plan.sheet
    flat = (right - left) * sheet.picture_width_cm >= FLAT * (bottom - top) * sheet.picture_height_cm
    if mass.kind is MassKind.ACCENT or not SMALLEST <= mass.share <= LARGEST or not flat or at_top(mass):
        return None
    light, *_, dark = tones_of(mass)
    if on.rough(mass, CALM) or mass.gradation is None or light - dark < RANGE or sum(mass.look.sides) > 1:
        return None
    beside = sorted(
        ((b.length_cm, on.plan.by_id[b.mass]) for b in mass.borders if b.mass in on.plan.by_id),
        key=lambda pair: (-pair[0], pair[1].id),
    )
    lighter = [(cm, other) for cm, other in beside if other.target - mass.target >= DARKER]
    # What is half in shadow lies between it and the ground.
    if sum(cm for cm, _ in lighter) < MOST * mass.outline_cm:
        return None
    ground = max((other for _, other in lighter), key=lambda other: (other.share, other.id))
    things = [
        other
        for cm, other in beside
        if other.id != ground.id and cm >= TOUCHES * mass.outline_cm and other.centre[1] < mass.centre[1]
    ]
    plain = chroma(mass.lab) <= chroma(ground.lab) + RICHER
    return (things[0], ground) if things and plain and ground.share > mass.share else None
