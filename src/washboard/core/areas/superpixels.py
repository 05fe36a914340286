"""Chips: a few hundred small pieces of a picture whose borders follow its edges."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np

from ..reference.picture import Labels, Picture, Singles, fitted

SIDE = 448
"""Pixels on the long side where chips are made."""
SEEDS = 420
"""Chips sought, more or less."""
CHROMA = 1.5
"""Weight of a*b* against L* in an edge: things of equal value differ in hue."""
BUSY = 14.0
"""Pixels over which edges are counted: where there are many, each says less."""


@dataclass(frozen=True)
class Superpixels:
    """`labels` (h, w) 0…n-1 at SIDE; `edge` (h, w) 0–1, how surely a pixel is an edge.

    `channels` (h, w, 5): L*, a*, b* and the logarithm of the local deviation of L* at two scales.
    """

    labels: Labels
    edge: Singles
    channels: Singles

    @property
    def count(self) -> int:
        """How many there are."""
        return int(self.labels.max()) + 1


def superpixels_of(picture: Picture) -> Superpixels:
    """The picture's chips: a watershed of its edges from seeds on a grid, moved off the edges."""
    lab = cv2.resize(picture.lab, fitted(picture.shape, SIDE), interpolation=cv2.INTER_AREA)
    calm = cv2.medianBlur(lab, 5)
    edge = _edges(calm)
    channels = np.dstack([calm, _texture(lab[..., 0], 1.6), _texture(lab[..., 0], 4.0)])
    return Superpixels(flooded(edge, SEEDS), edge, channels.astype(np.float32))


def flooded(edge: Singles, seeds: int) -> Labels:
    """Labels (h, w) 0…n-1 of a watershed of `edge` (h, w) 0–1 from about so many seeds."""
    # OpenCV's watershed wants a picture; the markers flood its grey levels from low to high.
    relief = np.repeat(np.clip(edge * 255, 0, 255).astype(np.uint8)[..., None], 3, axis=2)
    return _without_lines(cv2.watershed(relief, _seeds(edge, seeds)))


def _edges(lab: Singles) -> Singles:
    """Gradient of Lab at two scales over the edges' local density, 0–1."""
    total = np.zeros(lab.shape[:2], np.float32)
    weighted = lab * np.array([1.0, CHROMA, CHROMA], np.float32)
    for sigma in (1.0, 2.2):
        smooth = cv2.GaussianBlur(weighted, (0, 0), sigma)
        across = cv2.Sobel(smooth, cv2.CV_32F, 1, 0, scale=sigma / 8)
        down = cv2.Sobel(smooth, cv2.CV_32F, 0, 1, scale=sigma / 8)
        # OpenCV adds up three channels in a fifth of NumPy's time.
        square = cv2.multiply(across, across) + cv2.multiply(down, down)
        total += cv2.sqrt(cv2.transform(square, np.ones((1, 3), np.float32)))
    busy = cv2.GaussianBlur(total, (0, 0), BUSY)
    return np.asarray(total / (total + 1.6 * busy + 2.0), np.float32)


def _texture(lightness: Singles, sigma: float) -> Singles:
    mean = cv2.GaussianBlur(lightness, (0, 0), sigma)
    square = cv2.GaussianBlur(lightness * lightness, (0, 0), sigma)
    deviation = np.sqrt(np.maximum(square - mean * mean, 0))
    wide = cv2.GaussianBlur(deviation, (0, 0), 2 * sigma)
    return np.log1p(wide)


def _seeds(edge: Singles, wanted: int) -> Labels:
    """Markers 1…n on a grid, each moved to the least edge near it."""
    height, width = edge.shape
    step = max(4, round((height * width / wanted) ** 0.5))
    markers = np.zeros(edge.shape, np.int32)
    calm = cv2.GaussianBlur(edge, (0, 0), 1.5)
    number, reach = 0, step // 3
    for y in range(step // 2, height, step):
        for x in range(step // 2, width, step):
            window = calm[max(0, y - reach) : y + reach + 1, max(0, x - reach) : x + reach + 1]
            dy, dx = np.unravel_index(int(window.argmin()), window.shape)
            number += 1
            row, column = max(0, y - reach) + int(dy), max(0, x - reach) + int(dx)
            cv2.circle(markers, (column, row), 1, number, -1)
    return markers


def _without_lines(basins: Labels) -> Labels:
    """Labels 0…n-1 with the watershed's lines (-1) given to the nearest chip."""
    line = (basins <= 0).astype(np.uint8)
    _, seed = cv2.distanceTransformWithLabels(line, cv2.DIST_L2, 3, labelType=cv2.DIST_LABEL_PIXEL)
    held = np.zeros(int(seed.max()) + 1, np.int32)
    held[seed[line == 0]] = basins[line == 0]
    whole = held[seed]
    dense = np.cumsum(np.bincount(whole.ravel()) > 0, dtype=np.int32) - 1
    return np.asarray(dense[whole], np.int32)
