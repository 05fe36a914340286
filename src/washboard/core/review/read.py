"""The values and colours of a painting's masses, read from a photo whose light is known."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import RGB_TO_XYZ, lab_of_linear
from ..colour.value import value_of
from .expected import deep_in, members

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]
Indices = NDArray[np.intp]

INNER_PX = 4
"""Pixels from its border that a mass is read without, where it is wide enough."""
LEAST_PX = 40
"""Pixels from which a mass can be read."""
TRIMMED = (20, 80)
"""Percentiles between which a mass's light is averaged."""


@dataclass(frozen=True)
class MassRead:
    """What was read of one mass: Munsell `value`, colour in CIELAB, how it varies inside (`spread`, half the
    range between the 16th and the 84th percentile, in values), `pixels`; `hidden` the share that shines."""

    value: float
    lab: tuple[float, float, float]
    spread: float
    pixels: int
    hidden: float


MassReads = list[MassRead | None]


def read(reflects: Floats, index: Indices, count: int, hidden: Mask, only: Mask | None = None) -> MassReads:
    """What a picture (h, w, 3) in linear light reflects in each of `count` masses by their index (h, w),
    without what is `hidden` (h, w); None where too little of a mass is seen, and for all but `only` some
    (m,)."""
    luminance = 100 * (reflects @ RGB_TO_XYZ[1])
    deep = deep_in(index)
    light, colour = luminance.ravel(), reflects.reshape(-1, 3)
    shown, depth = ~hidden.ravel(), deep.ravel()
    found: MassReads = []
    for k, own in enumerate(members(index, count)):
        seen = own[shown[own]] if only is None or only[k] else own[:0]
        inner = seen[depth[seen] > INNER_PX]
        if len(inner) < LEAST_PX:
            # A thin mass is read along its middle.
            inner = seen[depth[seen] >= np.quantile(depth[seen], 0.6)] if len(seen) else seen
        if len(inner) < LEAST_PX:
            found.append(None)
            continue
        low, high = np.percentile(light[inner], TRIMMED)
        middle = light[inner][(light[inner] >= low) & (light[inner] <= high)]
        lab = np.median(lab_of_linear(np.clip(colour[inner], 0, None)), axis=0)
        ends = value_of(np.percentile(light[inner], (16, 84)))
        found.append(
            MassRead(
                float(value_of(middle.mean())),
                (float(lab[0]), float(lab[1]), float(lab[2])),
                float(ends[1] - ends[0]) / 2,
                len(inner),
                1 - len(seen) / max(len(own), 1),
            )
        )
    return found
