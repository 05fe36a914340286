"""The nearest known pixel: what it holds, carried to all others."""

from __future__ import annotations

from typing import TypeVar

import cv2
import numpy as np
from numpy.typing import NDArray

T = TypeVar("T", bound=np.generic)


def nearest_known(values: NDArray[T], known: NDArray[np.bool_]) -> NDArray[T]:
    """Values (h, w) or (h, w, c) with each pixel holding what the nearest `known` (h, w) one holds.

    At least one pixel must be known. Exact to the 5 × 5 distance transform (Borgefors 1986).
    """
    _, seed = cv2.distanceTransformWithLabels(
        (~known).astype(np.uint8), cv2.DIST_L2, 5, labelType=cv2.DIST_LABEL_PIXEL
    )
    held = np.zeros((int(seed.max()) + 1, *values.shape[2:]), values.dtype)
    held[seed[known]] = values[known]
    return held[seed]
