"""Coats of weak-covering paint: how many it takes until a ground no longer shows."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, lab_of_linear, value_of_linear
from ..materials.media import Medium
from ..optics.film import covered
from .shares import RIGHT_COLOUR, RIGHT_VALUE

SHOWS = 0.15
"""Values by which a ground may still show through."""
LIGHT_HIDES_LESS = 0.3
"""Share of its hiding that the lightest paint lacks: white scatters, but hardly absorbs. A guess."""
DARK_HIDES_MORE = 0.85
"""Share of what the medium's paint lets through that the darkest paint hides besides: it absorbs. A guess."""
MOST = 6

Floats = NDArray[np.float64]


def coats_to_hide(target: Floats, ground: Floats, medium: Medium) -> NDArray[np.int64]:
    """Coats (m,) of paint mixed as `target` (m, 3) that hide `ground` (m, 3), both in linear light.

    None where the ground is right: within RIGHT_VALUE and RIGHT_COLOUR (ΔE₀₀). Opaque paint of one
    mixture leaves 1 - h of what is below at each coat, with h the medium's hiding, more in darks,
    less in lights. Transparent paint takes one.
    """
    wanted = value_of_linear(target)
    apart = difference(lab_of_linear(target), lab_of_linear(ground))
    right = (np.abs(wanted - value_of_linear(ground)) <= RIGHT_VALUE) & (apart <= RIGHT_COLOUR)
    coats = np.where(right, 0, 1).astype(np.int64)
    if medium.transparent:
        return coats
    hiding = medium.hiding * (1 - LIGHT_HIDES_LESS * (wanted / 10) ** 2)
    hiding += (1 - medium.hiding) * DARK_HIDES_MORE * (1 - wanted / 10)
    look = ground
    for _ in range(MOST - 1):
        look = covered(look, target, hiding[:, None])
        coats += ~right & (np.abs(value_of_linear(look) - wanted) > SHOWS)
    return coats
