"""Light across one dark thing: what stands before a light is pale beside it, then richer, then dark and
grey."""

from __future__ import annotations

from collections.abc import Sequence

from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .glow import EVEN, FALLS, away
from .looked import Looked
from .shining import Shining
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

DARK, RANGE, SMALLEST, NEARER = 5.5, 0.8, 0.004, 0.7
"""Value of its dark end, values from there to its light end, the share of the picture from which it counts,
and how much nearer to the light than its dark end its light end lies at most."""
BEFORE, MOSTLY = 0.8, 0.5
"""Values by which it is darker than what is behind it, and the share of its outline along which it is."""
REACH = 1.6
"""How far from a light, in the reach of its glow, something can still be lit by it."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each dark thing that grades from the light that shines."""
    light = on.shining
    if light is None or light.falls < FALLS or light.even < EVEN:
        return []
    found = []
    for mass in on.laid:
        if not _dark_before(on, mass, light):
            continue
        bright, *_, dark = tones_of(mass)
        told = sentence(
            "effect-lit-across",
            mass=of_masses((mass.id,)),
            light=tone(bright),
            middle=tone((bright + dark) / 2),
            dark=tone(dark),
        )
        found.append(softly(on, "lit-across", [mass], rising(bright - dark, RANGE / 2, 1.5 * RANGE), told))
    return found


def _dark_before(on: Looked, mass: Mass, light: Shining) -> bool:
    """Whether a mass is dark and grows lighter toward a light near it."""
    if mass.kind is MassKind.ACCENT or mass.share < SMALLEST or mass.gradation is None:
        return False
    places, values = mass.gradation.places, tones_of(mass)
    if values[-1] > DARK or values[0] - values[-1] < RANGE or len(places) < 2:
        return False
    lighter = sum(
        border.length_cm
        for border in mass.borders
        if (other := on.plan.by_id.get(border.mass)) is not None and other.target - mass.target >= BEFORE
    )
    before = lighter >= MOSTLY * mass.outline_cm
    first, last = (away(on, place, light) for place in (places[0], places[-1]))
    sheet = on.plan.sheet
    reach = REACH * light.reach * (sheet.picture_width_cm**2 + sheet.picture_height_cm**2) ** 0.5
    return before and first <= NEARER * last and first <= reach
