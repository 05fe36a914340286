"""Where light and shadow part inside each area: the lightest in shadow against the darkest in light."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.mass import Mass
from ..reference.picture import Labels, Singles
from .area import Areas

LEAST_PART = 0.04
"""Share of its area under which a mass is a detail of it, not its light or shadow."""
BORDER = 0.008
"""Distance from its border, as a share of the long side, from which a place belongs to light or shadow."""
LEAST_STEP = 0.8
"""Values between neighbouring masses from which the step may be the border of light and shadow."""
ENDS = 0.1
"""Share of pixels at each end that is left out: grain and mixed pixels at borders."""


@dataclass(frozen=True)
class Turn:
    """The border of light and shadow in one area: `label`, and the Munsell values on its two sides."""

    label: int
    lightest_shadow: float
    darkest_light: float

    @property
    def gap(self) -> float:
        """Values between them; below 0 they overlap."""
        return self.darkest_light - self.lightest_shadow


def turns_of(masses: Sequence[Mass], labels: Labels, areas: Areas, value: Singles) -> tuple[Turn, ...]:
    """The turn of each area that has one, the narrowest gap first.

    `labels` (h, w) are the masses' map, `value` (h, w) the picture's. An area has both light and shadow
    where the widest step between its masses, in order of value, is at least LEAST_STEP.
    """
    found = []
    for area in areas.areas:
        own = sorted(
            (m for m in masses if m.area == f"a{area.label}" and m.share >= LEAST_PART * area.share),
            key=lambda m: m.value,
        )
        steps = np.diff([m.value for m in own])
        if not steps.size or steps.max() < LEAST_STEP:
            continue
        cut = int(steps.argmax()) + 1
        inside = areas.labels == area.label
        shadow = _well_inside(inside & np.isin(labels, [m.label for m in own[:cut]]), value)
        light = _well_inside(inside & np.isin(labels, [m.label for m in own[cut:]]), value)
        if shadow.size and light.size:
            ends = float(np.quantile(shadow, 1 - ENDS)), float(np.quantile(light, ENDS))
            found.append(Turn(area.label, *ends))
    return tuple(sorted(found, key=lambda turn: turn.gap))


def _well_inside(mask: NDArray[np.bool_], value: Singles) -> Singles:
    """Values (n,) of a mask (h, w) away from its border, where masses and areas are drawn a little off."""
    away = cv2.distanceTransform(np.pad(mask.astype(np.uint8), 1), cv2.DIST_L2, 3)[1:-1, 1:-1]
    least = min(BORDER * max(mask.shape), 0.5 * float(away.max()))
    return np.asarray(value[away > least])
