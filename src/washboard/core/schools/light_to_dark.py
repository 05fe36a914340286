"""Light to dark, reserved whites: bare surface, palest wash, joined middle shape, darks, accents."""

from ..colour.warmth import warmth_of
from ..reference.mass import Mass
from .school import School, Strand

WARMER = 0.3
"""Values by which what is as warm as can be comes before what has no colour and is as light: the warmest wash
first, as painters lay it: what is cool goes over it and quietens it. A guess."""


def _turn(mass: Mass) -> float:
    return -mass.target - WARMER * warmth_of(mass.target_lab)


SCHOOL = School(
    key="light-to-dark",
    words="Light to dark, whites kept",
    strands=lambda context: (Strand(context.by(_turn)),),
    fits="transparent paint only darkens, so what is light is kept and the darks come last",
)
