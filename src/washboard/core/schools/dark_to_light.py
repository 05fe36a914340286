"""Dark to light on a toned ground: darks, middles, lights, highlights; the ground is a value itself."""

from .school import School, Strand

SCHOOL = School(
    key="dark-to-light",
    words="Dark to light",
    strands=lambda context: (Strand(context.by(lambda mass: mass.target)),),
    fits="opaque paint covers, so darks and middles go in loosely and the lights are set on them last",
    media=frozenset({"pastel", "acrylic", "oil"}),
    why_not="a transparent layer only darkens, so no light can be set on a dark",
    nearest="both-ends",
)
