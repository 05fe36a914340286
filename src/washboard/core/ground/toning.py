"""Toning the surface: the pass before the first, with its paint, minutes and drying."""

from __future__ import annotations

from ..materials.grounds import Ground, GroundKind
from ..plan.plan import Toning
from ..sentence import as_given, sentence

REFERENCE_CM2 = 500.0
"""Area for which a ground's minutes are given."""
SHRINKS = 0.7
"""Power with which minutes grow with area: a larger brush comes along."""


def toning_of(ground: Ground, area_cm2: float) -> Toning | None:
    """The toning pass for a ground on a sheet of that area; None for paper, which is so already."""
    if ground.kind not in (GroundKind.TONED, GroundKind.PRIMED):
        return None
    minutes = ground.minutes * max(area_cm2 / REFERENCE_CM2, 0.2) ** SHRINKS
    what = sentence("how-toning", ground=ground.words, paint=ground.paint)
    care = (as_given(f"{ground.note}."),) if ground.note else ()
    return Toning(
        as_given(ground.words), (what, *care), ground.paint, minutes, ground.dry_minutes, ground.value
    )
