"""Toning the surface: the pass before the first, with its paint, minutes and drying."""

from __future__ import annotations

from ..colour.words import hue_of, level_of
from ..materials.grounds import Ground, GroundKind
from ..plan.plan import Toning

REFERENCE_CM2 = 500.0
"""Area for which a ground's minutes are given."""
SHRINKS = 0.7
"""Power with which minutes grow with area: a larger brush comes along."""


def toning_of(ground: Ground, area_cm2: float) -> Toning | None:
    """The toning pass for a ground on a sheet of that area; None for paper, which is so already."""
    if ground.kind not in (GroundKind.TONED, GroundKind.PRIMED):
        return None
    minutes = ground.minutes * max(area_cm2 / REFERENCE_CM2, 0.2) ** SHRINKS
    tone = f"{level_of(ground.value)} {hue_of(ground.surface.lab)}, value {ground.value:.1f}"
    what = f"Lay {ground.words} ({ground.paint}) evenly over the whole sheet: {tone}."
    if ground.note:
        what += f" Mind: {ground.note}."
    return Toning(ground.words, what, ground.paint, minutes, ground.dry_minutes, ground.value)
