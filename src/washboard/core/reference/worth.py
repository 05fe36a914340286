"""Whether a picture holds anything that can be put in an order."""

from __future__ import annotations

import cv2
import numpy as np

from ..errors import InvalidImage
from ..sentence import Amount
from .picture import Picture, fitted

LEAST_RANGE = 0.4
"""Values between the darkest and lightest twentieth that a painter could still tell apart."""


def refuse_if_empty(picture: Picture) -> None:
    """Raises InvalidImage for a picture of one single value, or one of grain alone."""
    low, high = np.percentile(picture.value[::4, ::4], (1, 99))
    if high - low < LEAST_RANGE / 2:
        raise InvalidImage("refused-picture-one-value", value=Amount(float(np.median(picture.value)), 1))
    small = cv2.resize(picture.value, fitted(picture.shape, 128), interpolation=cv2.INTER_AREA)
    calm = cv2.GaussianBlur(small, (0, 0), 4)
    low, high = np.percentile(calm, (2, 98))
    if (
        high - low < LEAST_RANGE
        and float(np.std(picture.value - cv2.GaussianBlur(picture.value, (0, 0), 3))) > 0.5
    ):
        raise InvalidImage("refused-picture-grain")
