"""A painting without a plan in a photo: where its sides run, and how it is cut out straight."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from .candidates import candidates, shrunk, unlike
from .quad import area, homography, long_side, rectangle, seen_as
from .sharpen import ROUNDS, sharpened
from .sides import sides

Floats = NDArray[np.float64]
Singles = NDArray[np.float32]
Bytes = NDArray[np.uint8]

KEPT = 8
"""Candidates whose sides are sought exactly."""
LARGE, BENT = 0.25, 3.0
"""What the share of the photo, and a shape that no camera sees, count beside clear sides. Guesses."""


def sheet_in(lab: Singles) -> Floats | None:
    """The corners (4, 2) of the painting that a photo (h, w, 3) in CIELAB most likely shows, clockwise from
    the upper left: clear sides, a shape that a camera sees, large. None where nothing there could be one.

    It is a proposal for the painter to move: without a plan a frame, a mat and the picture in it look alike.
    """
    small = shrunk(lab)
    scale = small.shape[1] / lab.shape[1]

    def merit(of: Singles, quad: Floats) -> float:
        high, wide = of.shape[:2]
        share = area(quad) / (high * wide)
        _, off = seen_as(quad, (wide, high))
        return sides(of, quad, 0.0)[0] + LARGE * float(np.sqrt(share)) - BENT * min(off, 0.5)

    quads = sorted(unlike(candidates(small), 2.5), key=lambda quad: -merit(small, quad))[:KEPT]
    exact = [sharpened(lab, quad / scale, ROUNDS[1:])[0] for quad in quads]
    return max(exact, key=lambda quad: merit(lab, quad), default=None)


def cut_straight(rgb: Bytes, corners: Floats) -> Bytes:
    """What lies between corners (4, 2) of a photo (h, w, 3) as a picture of its true proportions, as large as
    it is seen there."""
    aspect, _ = seen_as(corners, (rgb.shape[1], rgb.shape[0]))
    long = long_side(corners)
    wide, high = (long, long / aspect) if aspect >= 1 else (long * aspect, long)
    size = max(1, round(wide)), max(1, round(high))
    by = homography(corners, rectangle(*size))
    return np.asarray(
        cv2.warpPerspective(rgb, by, size, flags=cv2.INTER_CUBIC, borderMode=cv2.BORDER_REPLICATE), np.uint8
    )
