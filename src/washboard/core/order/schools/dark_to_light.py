"""Dark to light on a toned ground: darks, middles, lights, highlights; the ground is a value itself."""

from .school import School

DARK_TO_LIGHT = School(
    key="dark-to-light",
    words="Dark to light",
    priority=lambda mass: mass.target,
    fits="opaque paint covers, so darks and middles go in loosely and the lights are set on them last",
)
