"""Light to dark, reserved whites: bare surface, palest wash, joined middle shape, darks, accents."""

from .school import School, Strand

SCHOOL = School(
    key="light-to-dark",
    words="Light to dark, whites kept",
    strands=lambda context: (Strand(context.by(lambda mass: -mass.target)),),
    fits="transparent paint only darkens, so what is light is kept and the darks come last",
)
