"""Accidents as data: what each does to the surface, and the ways out of it in each medium."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from ..plan.plan import Kind
from .event import What

K = Kind
"""A short name for the table below."""

Ways = Mapping[str, tuple[Kind, ...]]
"""By medium, what a painter tries, in that order, where the surface lets them; leaving it always remains."""


@dataclass(frozen=True)
class Accident:
    """What went wrong in one of `media`.

    `shift` values by which a mass is off its target where nobody says its value; None where its value is as
    it should be. `spoils`: it is not finished any more; `broken`: the skin of the sheet is; `full`: its
    grain is; `wet_minutes` until fixative is dry; `bare`: its masking fluid is gone. `ways` out of it.
    """

    what: What
    media: frozenset[str]
    ways: Ways
    shift: float | None = None
    spoils: bool = True
    broken: bool = False
    full: bool = False
    wet_minutes: float = 0.0
    bare: bool = False


WATER, PASTEL, ACRYLIC, OIL = "watercolour", "pastel", "acrylic", "oil"
ALL = frozenset({WATER, PASTEL, ACRYLIC, OIL})
WET, PASTE = frozenset({WATER, ACRYLIC, OIL}), frozenset({ACRYLIC, OIL})

TAKEN_OFF = (K.LIFT_WET, K.BLOT, K.LIFT_DRY)
"""How watercolour is taken off: while it is shiny, while it is damp, when it is dry."""
LIGHTER: Ways = {
    WATER: TAKEN_OFF,
    ACRYLIC: (K.WIPE, K.LAYER),
    OIL: (K.WIPE, K.LAYER, K.SCRAPE),
    PASTEL: (K.LAYER,),
}
DARKER: Ways = {
    WATER: (K.GLAZE, K.WASH),
    ACRYLIC: (K.GLAZE, K.LAYER),
    OIL: (K.GLAZE, K.LAYER),
    PASTEL: (K.LAYER,),
}
SOFTER: Ways = {
    WATER: (K.SOFTEN,),
    ACRYLIC: (K.SOFTEN, K.SCUMBLE),
    OIL: (K.SOFTEN, K.SCUMBLE),
    PASTEL: (K.BLEND,),
}
AGAIN: Ways = {
    WATER: (K.LIFT_DRY, K.LIFT_WET, K.BLOT, K.GLAZE),
    ACRYLIC: (K.WIPE, K.LAYER),
    OIL: (K.SCRAPE, K.LAYER),
    PASTEL: (K.LAYER,),
}

ACCIDENTS: Mapping[What, Accident] = {
    accident.what: accident
    for accident in (
        Accident(
            What.WHITE_LOST,
            ALL,
            {**LIGHTER, WATER: (*TAKEN_OFF, K.WHITE), ACRYLIC: (K.WIPE, K.LAYER, K.WHITE)},
            shift=-2.0,
        ),
        Accident(What.TOO_DARK, ALL, LIGHTER, shift=-1.0),
        Accident(What.TOO_PALE, ALL, DARKER, shift=1.0),
        Accident(
            What.BLOOM,
            frozenset({WATER, ACRYLIC}),
            {WATER: (K.SOFTEN, K.LIFT_DRY), ACRYLIC: (K.LAYER,)},
            spoils=False,
        ),
        Accident(What.HARD_LINE, ALL, SOFTER, spoils=False),
        Accident(What.MUD, ALL, AGAIN, shift=-0.3),
        Accident(What.LIFT_OFF, ALL, {**AGAIN, WATER: (K.GLAZE, K.WASH)}, shift=1.0),
        Accident(What.TEAR, ALL, {}, spoils=False, broken=True),
        Accident(What.TOOTH_GONE, frozenset({PASTEL}), {PASTEL: (K.FIX,)}, spoils=False, full=True),
        Accident(What.FIXATIVE_WET, frozenset({PASTEL}), {}, spoils=False, wet_minutes=20.0),
        Accident(What.SKINNED, PASTE, {ACRYLIC: (K.LAYER,), OIL: (K.SCRAPE, K.LAYER)}),
        Accident(What.WRONG_COLOUR, ALL, AGAIN),
        Accident(What.MASK_TORN, frozenset({WATER}), {}, spoils=False, broken=True, bare=True),
        Accident(
            What.DRIP, ALL, {**LIGHTER, WATER: (K.BLOT, K.LIFT_DRY), OIL: (K.WIPE, K.LAYER)}, shift=-0.8
        ),
    )
}
"""Every accident. How far off, and how long fixative stays wet, are guesses until somebody says."""
