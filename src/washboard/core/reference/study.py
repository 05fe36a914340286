"""A study: the picture in two, three or five flat values, to be seen before anything is painted."""

from __future__ import annotations

import cv2
import numpy as np

from ..colour.lab import encoded_of
from ..colour.value import luminance_of
from ..errors import InvalidInput
from . import ladder
from .picture import Bytes, Picture
from .squint import Squinted

FEWEST, MOST = 2, 9
NOTAN = (2.0, 9.3)
"""Values of a notan: ink and paper."""


def study_of(picture: Picture, squinted: Squinted, bands: int) -> Bytes:
    """The picture (h, w) as grey bytes in so many flat values, each the median of its band; a notan in two.

    Raises InvalidInput for fewer than 2 or more than 9 bands.
    """
    if not FEWEST <= bands <= MOST:
        raise InvalidInput("refused-study-values", fewest=FEWEST, most=MOST, bands=bands)
    height, width = picture.shape
    value = cv2.resize(squinted.value, (width, height), interpolation=cv2.INTER_LINEAR)
    band = np.digitize(value, ladder.found(squinted.value, bands))
    if bands == len(NOTAN):
        tones = np.array(NOTAN)
    else:
        tones = np.array(
            [float(np.median(value[band == k])) if (band == k).any() else 0 for k in range(bands)]
        )
    grey = np.rint(encoded_of(luminance_of(tones) / 100) * 255).astype(np.uint8)
    return np.asarray(grey[band])
