"""Soft discs of light in a dark: lifted one by one with a stiff round brush, varied in size, some
overlapping."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np

from ..plan.plan import Kind
from ..reference.mass import MassKind
from ..sentence import of_masses, sentence, tone, whole
from .layers import crisp, touches
from .looked import Crop, Looked, Mask
from .telling import proposed, rising
from .touch import Proposal

LIGHTER, ROUND, LEAST = 0.35, 0.72, 3
"""Values by which a disc is lighter than the dark it lies in, the share of its circle that it fills, and how
many there are at the least."""
SMALLEST_MM, LARGEST = 3.0, 0.01
"""Width of the smallest, and the share of the picture of the largest."""
DARK, SHARE = 6.0, 0.03
"""Value up to which a mass is a dark, and its least share of the picture."""
ALIKE = 0.15
"""How much widths differ, as a share of their mean, under which discs read as printed."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each dark with round soft lights in it; where paint covers they are laid instead."""
    found = []
    for mass in on.laid:
        if mass.kind is MassKind.ACCENT or mass.target > DARK or mass.share < SHARE or on.rough(mass):
            continue
        crop = on.crop(mass)
        there, widths = _discs(on, crop)
        if len(widths) < LEAST:
            continue
        layer = crisp(on, crop, there, lighter=True, finest=SMALLEST_MM / 2)
        if layer is None:
            continue
        kind = Kind.LIFT_DRY if on.plan.medium.transparent else Kind.SCUMBLE
        told = sentence(
            "effect-discs",
            mass=of_masses((mass.id,)),
            count=len(widths),
            least=whole(min(widths)),
            most=whole(max(widths)),
            value=tone(layer.value),
            alike="yes" if np.std(widths) < ALIKE * np.mean(widths) else "no",
            medium=on.plan.medium.key,
        )
        figures = {"count": float(len(widths)), "step": layer.step}
        sure = rising(float(len(widths)), LEAST - 1, LEAST + 2) * rising(layer.step, LIGHTER / 2, 2 * LIGHTER)
        acts = touches(on, [(kind, layer)], [mass], on.turn[mass.id])
        found.append(proposed(on, "discs", [mass], sure, told, figures, acts))
    return found


def _discs(on: Looked, crop: Crop) -> tuple[Mask, list[float]]:
    """Where (h, w) round lights lie in a crop, and the width of each in mm."""
    there = (crop.inside & (crop.apart >= LIGHTER)).astype(np.uint8)
    count, parts, stats, _ = cv2.connectedComponentsWithStats(there, connectivity=4)
    kept, widths = np.zeros(count, bool), list[float]()
    most = LARGEST * on.labels.size
    for k in range(1, count):
        wide, high, area = (
            int(stats[k, c]) for c in (cv2.CC_STAT_WIDTH, cv2.CC_STAT_HEIGHT, cv2.CC_STAT_AREA)
        )
        mm = 10 * on.cm * (wide + high) / 2
        circle = np.pi / 4 * max(wide, high) ** 2
        if mm >= SMALLEST_MM and area <= most and area >= ROUND * circle:
            kept[k] = True
            widths.append(mm)
    return kept[parts], widths
