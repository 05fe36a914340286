"""Rough outlines: a true one as a hand would draw it, several pixels off, smoothly."""

from __future__ import annotations

import cv2
import numpy as np

Place = tuple[float, float]


def rough_outline(mask: np.ndarray, off: float, seed: int) -> tuple[Place, ...]:
    """A closed outline of the largest piece of a mask (h, w), off by about so many pixels; shares x, y."""
    contours, _ = cv2.findContours(mask.astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    line = max(contours, key=cv2.contourArea)[:, 0].astype(np.float64)
    count = len(line)
    step = max(1, count // 90)
    dice = np.random.default_rng(seed)
    # A hand wanders: inward and outward by turns of some eighty pixels.
    knots = max(4, count // 80)
    wander = np.interp(
        np.arange(count),
        np.linspace(0, count, knots + 1),
        np.append(w := dice.choice([-1, 1], knots) * dice.uniform(0.7, 1.0, knots), w[0]),
    )
    ahead, behind = np.roll(line, -6, axis=0), np.roll(line, 6, axis=0)
    along = ahead - behind
    along /= np.maximum(np.linalg.norm(along, axis=1, keepdims=True), 1e-9)
    normal = along[:, ::-1] * (1, -1)
    moved = (line + normal * (off * wander)[:, None])[::step]
    height, width = mask.shape
    return tuple(
        (float(np.clip(x / (width - 1), 0, 1)), float(np.clip(y / (height - 1), 0, 1))) for x, y in moved
    )


def border_of(mask: np.ndarray) -> np.ndarray:
    """Places (n, 2) row, column of the inner border of a mask, off the frame."""
    inner = mask & ~(cv2.erode(mask.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0)
    inner[:3] = inner[-3:] = False
    inner[:, :3] = inner[:, -3:] = False
    return np.argwhere(inner)


def on_border(found: np.ndarray, truth: np.ndarray, within: float = 2.0) -> float:
    """Share of the true border that has the found border within so many pixels."""
    true, own = border_of(truth), border_of(found)
    if not len(true) or not len(own):
        return 0.0
    sheet = np.ones(truth.shape, np.uint8)
    sheet[own[:, 0], own[:, 1]] = 0
    distance = cv2.distanceTransform(sheet, cv2.DIST_L2, 5)
    return float((distance[true[:, 0], true[:, 1]] <= within).mean())
