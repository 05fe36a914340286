"""Wiping out: an even middle tone, the lights wiped out of it while it is wet, the darks added."""

from .school import School, Strand

SCHOOL = School(
    key="wipe-out",
    words="Wiping out",
    strands=lambda context: (Strand(context.by(lambda mass: -mass.target), 4),),
    fits="a middle tone stands everywhere at once; the rag finds the lights in it and the darks come last",
    media=frozenset({"oil", "acrylic", "watercolour"}),
    why_not="grain cannot be wiped back to the sheet",
    nearest="dark-to-light",
    fewest=2,
    tones=True,
    ground_from=6.0,
)
