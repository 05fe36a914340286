"""An underpainting in patches: thin paint all over before the first shape, a muted colour for each area."""

from __future__ import annotations

from collections.abc import Mapping

from ..areas.area import Areas
from ..colour.lab import lightness_of_value
from ..reference.mass import Lab

MUTED = 0.45
"""Share of an area's chroma that its patch keeps: what comes over it is to be the richer one."""
LEAST_SHARE = 0.005
"""Share of the picture from which an area has a patch: nobody underpaints a lamp."""


def patches_of(areas: Areas) -> Mapping[int, Lab]:
    """The colour of each area's patch in Lab, by the area's label: its median value, its hue muted.

    Areas too small for one are not among them: what is around is carried on under them.
    """
    found = {}
    for area in areas.areas:
        if area.share < LEAST_SHARE:
            continue
        found[area.label] = (lightness_of_value(area.value), MUTED * area.lab[1], MUTED * area.lab[2])
    return found
