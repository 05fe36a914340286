"""Coats of weak-covering paint: how many it takes until a ground no longer shows."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from ..colour.spectra import spectrum_of_lab
from ..mixing.paintbox import Paintbox
from .shares import RIGHT_COLOUR, RIGHT_VALUE

SHOWS = 1.0
"""ΔE₀₀ by which a ground may still show through: what the eye just tells."""

Floats = NDArray[np.float64]


def coats_to_hide(targets: Floats, grounds: Floats, box: Paintbox, transparent: bool) -> NDArray[np.int64]:
    """Coats (m,) of paint mixed for Lab `targets` (m, 3) that hide `grounds` (m, 3).

    None where the ground is right: within RIGHT_VALUE and RIGHT_COLOUR (ΔE₀₀). Covering paint is laid, film
    upon film, until the ground shows by less than SHOWS; transparent paint takes one wash.
    """
    near = np.abs(value_of_lab(targets) - value_of_lab(grounds)) <= RIGHT_VALUE
    right = near & (difference(targets, grounds) <= RIGHT_COLOUR)
    if transparent:
        return np.where(right, 0, 1).astype(np.int64)
    return np.where(right, 0, box.hidden(targets, spectrum_of_lab(grounds), SHOWS))
