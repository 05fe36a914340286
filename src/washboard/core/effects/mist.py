"""Mist: the foot of something far grows lighter and is lost, lifted or blended while it is wet."""

from __future__ import annotations

from collections.abc import Sequence

from ..plan.plan import Kind
from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .looked import Looked
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

SMALLEST, RANGE, DOWN, CALM = 0.015, 0.7, 45.0, 0.25
"""Share of the picture from which a mass may lose its foot, values by which it grows lighter, degrees from
straight down in which it does, and fine light and dark in values up to which it is calm."""
STEP, FIRM = 0.6, 0.55
"""Values by which its upper edge is darker than what lies behind it, and how hard that edge is at least."""
WIDE = 0.25
"""Share of the width of the picture that it takes."""
BY = {"watercolour": Kind.LIFT_WET, "acrylic": Kind.SOFTEN, "oil": Kind.BLEND, "pastel": Kind.BLEND}
"""With what a foot is lost in each medium."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each mass that grows lighter downward before something lighter."""
    found = []
    for mass in on.laid:
        step = _ridge(on, mass)
        if step is None:
            continue
        light, *_, dark = tones_of(mass)
        told = sentence(
            "effect-mist",
            mass=of_masses((mass.id,)),
            light=tone(light),
            dark=tone(dark),
            medium=on.plan.medium.key,
        )
        sure = rising(light - dark, RANGE / 2, 1.6 * RANGE) * rising(step, STEP / 2, 1.4 * STEP)
        found.append(softly(on, "mist", [mass], sure, told, BY[on.plan.medium.key]))
    return found


def _ridge(on: Looked, mass: Mass) -> float | None:
    """By how many values the top of a mass that grows lighter downward stands before what is behind it;
    None for any other mass."""
    seen = on.texture.get(mass.id)
    if seen is None or mass.kind is MassKind.ACCENT or mass.share < SMALLEST or mass.gradation is None:
        return None
    light, *_, dark = tones_of(mass)
    # It grows darker upward: 90 degrees.
    turned = abs((mass.gradation.direction - 90 + 180) % 360 - 180)
    if light - dark < RANGE or turned > DOWN or seen.stirs > CALM or mass.box[3] > 0.95 or mass.box[1] < 0.02:
        return None
    behind = [
        (border, other)
        for border in mass.borders
        if (other := on.plan.by_id.get(border.mass)) is not None
        and other.centre[1] < mass.box[1] + 0.05
        and border.hardness >= FIRM
    ]
    if not behind:
        return None
    _, other = max(behind, key=lambda pair: (pair[0].length_cm, pair[1].id))
    step = other.target - dark
    wide = mass.box[2] - mass.box[0] >= WIDE
    return step if step >= STEP and wide else None
