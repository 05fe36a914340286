"""The reference of *Dry flats, last light*: a sky from gold to blue, table hills, a wet track."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .scenes import Array, developed, noise

SKY = np.array(
    [[0.80, 0.46, 0.12], [0.74, 0.38, 0.17], [0.52, 0.32, 0.30], [0.27, 0.29, 0.42], [0.10, 0.16, 0.33]]
)
AT = np.array([0.0, 0.1, 0.24, 0.44, 0.72])
"""Linear light of the sky, and how far above the horizon it is met."""
SUN, HORIZON = 0.32, 0.62
LAND, FAR = np.array([0.030, 0.022, 0.026]), np.array([0.105, 0.075, 0.105])


def sky(x: Array, up: Array) -> Array:
    """Light (n, 3) at x, so far above the horizon; below it what water gives back of it."""
    high = np.abs(up) + 0.35 * (x - SUN) ** 2
    high += 0.02 * noise(3 * x, 9 * up, 5)
    return np.column_stack([np.interp(high, AT, SKY[:, k]) for k in range(3)])


def hills(x: Array, base: float, tables: tuple[tuple[float, float, float], ...]) -> Array:
    """Height (n,) of a line of table hills: middle, half width and height of each, with steep sides."""
    rise = [h / (1 + np.exp((np.abs(x - m) - w) / 0.008)) for m, w, h in tables]
    return base + np.max(rise, axis=0) + 0.006 * noise(14 * x, 0 * x, 8)


def render(width: int = 1500, height: int = 1000) -> NDArray[np.uint8]:
    """The picture (height, width, 3), uint8; the same every time."""
    y, x = (g.ravel() for g in np.mgrid[0:height, 0:width].astype(float))
    x, up = (x + 0.5) / width, HORIZON - (y + 0.5) / height
    light = sky(x, up)
    far = up < hills(x, 0.015, ((0.14, 0.09, 0.05), (0.83, 0.12, 0.075)))
    light[far & (up > 0)] = FAR
    near = up < hills(x, -0.02, ((0.69, 0.075, 0.15), (0.55, 0.03, 0.09)))
    light[near & (up > -0.03)] = LAND * 1.5
    depth = np.maximum(-up, 1e-3)
    ground = LAND + np.array([0.07, 0.042, 0.02]) * np.clip(1 - depth / 0.3, 0, 1)[:, None]
    ground *= 1 + 0.25 * noise(40 * x, 90 * depth, 11)[:, None]
    # A wet track winds nearer and wider, and shows the sky.
    middle = 0.36 + 0.1 * np.sin(7 / (depth + 0.2)) * depth / 0.2
    wet = np.abs(x - middle) < 0.015 + 0.28 * depth
    below = up < -0.03
    light[below] = ground[below]
    light[below & wet] = 0.82 * sky(x, 1.2 * up)[below & wet]
    return developed(light, width, height, 0.005, 21)
