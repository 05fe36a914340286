"""How much of a picture a ground already paints, counted pixel by pixel."""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference
from ..reference.picture import Picture

RIGHT_VALUE, RIGHT_COLOUR = 0.4, 8.0
"""Values and ΔE₀₀ within which a ground needs no paint."""
STEP = 4
"""Every so many pixels a colour is read: 15,000 of them settle a share within half a point."""


def sampled(picture: Picture) -> tuple[NDArray[np.float32], NDArray[np.float32]]:
    """Value (n,) and Lab (n, 3) of every STEP-th pixel each way."""
    return picture.value[::STEP, ::STEP].ravel(), picture.lab[::STEP, ::STEP].reshape(-1, 3)


def painted_share(value: ArrayLike, lab: ArrayLike, ground_value: ArrayLike, ground_lab: ArrayLike) -> float:
    """Share (0–1) of samples (n,) and (n, 3) that a ground, one colour or one a sample, already paints.

    Right is within RIGHT_VALUE of value and RIGHT_COLOUR of ΔE₀₀ (CIEDE2000).
    """
    near = np.abs(np.asarray(value) - ground_value) <= RIGHT_VALUE
    if not near.any():
        return 0.0
    ground = np.broadcast_to(np.asarray(ground_lab, float), np.shape(lab))[near]
    apart = difference(np.asarray(lab, float)[near], ground)
    return float((apart <= RIGHT_COLOUR).sum() / len(near))
