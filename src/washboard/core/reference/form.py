"""What a gradation looks like on the surface, and where its stops lie."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from .mass import Form
from .picture import Singles

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

NEAR_STOP = 0.08
"""Share of the way within which a place stands for a stop."""
PLANE, BOWL = 0.8, 0.55
"""Share of the variance from which a plane tells a gradation, and from which a bowl with its middle inside
does."""


def form_of(inside: Mask, along: Singles) -> tuple[Form, float, tuple[float, float] | None]:
    """What the way looks like on the surface, toward where it runs (degrees counter-clockwise), and the
    middle of a round one, x and y. `inside` (h, w) the mass, `along` (h, w) 0–1.

    By least squares: a plane where that tells it, a bowl where its middle lies in the mass, else neither.
    """
    rows, columns = np.nonzero(inside)
    t = along[inside].astype(np.float64)
    high, wide = max(inside.shape[0], 2), max(inside.shape[1], 2)
    half = max(high, wide) / 2
    x, y = (columns - wide / 2) / half, (rows - high / 2) / half
    one = np.ones_like(x)
    plane, flat = _fit(np.stack([one, x, y], axis=1), t)
    direction = float(np.degrees(np.arctan2(-plane[2], plane[1])))
    if flat >= PLANE:
        return Form.STRAIGHT, direction, None
    bowl, round_ = _fit(np.stack([one, x, y, x * x + y * y], axis=1), t)
    if round_ >= BOWL and bowl[3]:
        middle = -bowl[1] / (2 * bowl[3]) * half + wide / 2, -bowl[2] / (2 * bowl[3]) * half + high / 2
        if 0 <= middle[0] < wide and 0 <= middle[1] < high:
            return Form.ROUND, direction, (float(middle[0]), float(middle[1]))
    return Form.CURVED, direction, None


def _fit(terms: Floats, wanted: Floats) -> tuple[Floats, float]:
    """Coefficients by least squares, and the share of the variance that they tell."""
    normal = terms.T @ terms + 1e-9 * np.eye(terms.shape[1])
    found = np.asarray(np.linalg.solve(normal, terms.T @ wanted), np.float64)
    left = wanted - terms @ found
    return found, 1 - float(left @ left) / max(float(((wanted - wanted.mean()) ** 2).sum()), 1e-12)


def places_of(inside: Mask, along: Singles, count: int) -> list[tuple[float, float]]:
    """Where each of so many stops lies: x, y of a place far from the border and not far from the stop before;
    `inside` (h, w) the mass, `along` (h, w) 0–1."""
    deep = cv2.distanceTransform(np.pad(inside.astype(np.uint8), 1), cv2.DIST_L2, 3)[1:-1, 1:-1][inside]
    rows, columns = np.nonzero(inside)
    t = along[inside]
    found: list[tuple[float, float]] = []
    for stop in np.linspace(0, 1, count):
        off = np.abs(t - stop)
        worth = np.where(off <= max(NEAR_STOP, float(off.min())), deep, -np.inf)
        if found:
            worth = worth - 0.5 * np.hypot(columns - found[-1][0], rows - found[-1][1])
        best = int(np.argmax(worth))
        found.append((float(columns[best]), float(rows[best])))
    return found
