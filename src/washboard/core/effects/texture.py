"""How fine light and dark lie within the masses: what tells leaves, grass, ripples, twigs and calm apart."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.mass import Mass
from ..reference.picture import Labels, Singles

Floats = NDArray[np.float64]

GRAIN = 0.012
"""The blur that fine light and dark are told against, as a share of the long side."""
RIM = 3
"""Pixels from the border of a mass that tell of its edge, not of what lies in it."""
THIN = 0.01
"""Width of what is thin, as a share of the long side."""


@dataclass(frozen=True)
class Texture:
    """Within one mass: `stirs` the root mean square of its fine light and dark, in values; `leans` what of
    it is rare and light (positive) or rare and dark (negative), the third moment over the third power;
    `runs` 0–1 how much it runs one way and `way` along which, in degrees counter-clockwise from the right
    (0–180); `thin_dark` and `thin_light` the mean values by which thin darks and lights stand out."""

    stirs: float
    leans: float
    runs: float
    way: float
    thin_dark: float
    thin_light: float


def textures(apart: Singles, labels: Labels, masses: Sequence[Mass]) -> Mapping[str, Texture]:
    """The texture of each mass by its id, from what its modelling leaves out, `apart` (h, w) in values, and
    labels (h, w): the border between two flat masses is no texture of either.

    Direction is the mean structure tensor's (Bigün and Granlund 1987), thin things are black and white top
    hats (Serra 1982).
    """
    fine, calm, dark, light = _fine(apart)
    across, down = (cv2.Sobel(calm, cv2.CV_32F, dx, 1 - dx) for dx in (1, 0))
    small = labels.astype(np.uint16)
    kernel = np.ones((2 * RIM + 1,) * 2, np.uint8)
    inner = cv2.erode(small, kernel) == cv2.dilate(small, kernel)
    own = labels[inner]
    count = int(labels.max(initial=0)) + 1
    pixels = np.maximum(np.bincount(own, minlength=count), 1)

    def mean(of: Singles) -> Floats:
        return np.asarray(np.bincount(own, of[inner], count) / pixels)

    square, cube = mean(fine * fine), mean(fine * fine * fine)
    xx, yy, xy = mean(across * across), mean(down * down), mean(across * down)
    # Along the stroke the value changes least: at right angles to the gradient.
    way = (np.degrees(np.arctan2(-2 * xy, xx - yy)) / 2 + 90) % 180
    runs = np.hypot(xx - yy, 2 * xy) / np.maximum(xx + yy, 1e-9)
    leans = cube / np.maximum(square, 1e-6) ** 1.5
    told = np.stack([np.sqrt(square), leans, runs, way, mean(dark), mean(light)], axis=1)
    return {mass.id: Texture(*told[mass.label].tolist()) for mass in masses if mass.label < count}


def _fine(apart: Singles) -> tuple[Singles, Singles, Singles, Singles]:
    """What is finer than GRAIN (h, w), all without the noise of single pixels, and what thin darks and thin
    lights stand out by."""
    long = max(apart.shape)
    fine = cv2.GaussianBlur(apart, (0, 0), 0.7)
    fine = fine - cv2.GaussianBlur(apart, (0, 0), GRAIN * long)
    calm = cv2.GaussianBlur(apart, (0, 0), 1.0)
    size = max(3, round(THIN * long) | 1)
    disc = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (size, size))
    dark, light = (cv2.morphologyEx(calm, kind, disc) for kind in (cv2.MORPH_BLACKHAT, cv2.MORPH_TOPHAT))
    return np.asarray(fine), np.asarray(calm), np.asarray(dark), np.asarray(light)
