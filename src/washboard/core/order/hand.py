"""A picture as laid by a hand: grain of the surface, pigment at the rim of a wash, the way of the brush.

It is shown over the predicted pictures and never touches a figure: in every mass it comes to nothing.
"""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from ..materials.media import Medium
from ..reference.contours import nearest_border
from ..reference.mass import Mass
from ..reference.picture import Singles
from .prediction import PatchMap, Table

Offsets = NDArray[np.int8]

SEED = 7
"""Every picture is grained alike, so that the same plan looks the same again."""
GRAIN_MM, WEAVE_MM, STREAK_MM, RIM_MM = 0.7, 0.9, 7.0, 0.5
"""Millimetres from grain to grain of paper and thread to thread of canvas, length of a streak, width of a
rim."""
PAPER, TOOTH, WEAVE, BRUSH, RIM = 2.2, 6.0, 1.2, 3.5, 9.0
"""How strong each is, in steps of 255: root mean square, of a rim its depth."""
MOST = 30
"""Steps of 255 by which a pixel is lighter or darker at most."""
FIRM_PX = 3.0
"""Pixels over which a border fades out up to which pigment gathers along it."""
WAYS = 4
"""Directions that a brush is drawn in: along, across, and both slants."""


def hand_of(
    table: Table, maps: PatchMap, masses: Sequence[Mass], soft: Singles, medium: Medium, cm: float
) -> Offsets:
    """How much lighter or darker each pixel (h, w) of the finished picture is by hand, in steps of 255.

    `soft` (h, w) pixels over which the nearest border fades out, a pixel being `cm` wide.
    """
    labels = table.mass[maps.first].astype(np.int32)
    noise = np.random.default_rng(SEED).standard_normal(labels.shape, np.float32)
    px = 1 / (10 * cm)
    found = _scaled(_grain(noise, GRAIN_MM * px), TOOTH if medium.key == "pastel" else PAPER)
    if medium.transparent:
        found = found - _rims(labels, soft, noise, RIM_MM * px)
    elif medium.key == "pastel":
        found = found + _streaks(noise, masses, labels, STREAK_MM * px, BRUSH)
    else:
        found = 0.5 * found + _streaks(noise, masses, labels, STREAK_MM * px, BRUSH)
        found = found + _weave(labels.shape, WEAVE_MM * px)
    held = np.maximum(np.bincount(labels.ravel(), minlength=len(masses)), 1)
    mean = np.bincount(labels.ravel(), found.ravel(), len(masses)) / held
    return np.clip(np.rint(found - mean[labels]), -MOST, MOST).astype(np.int8)


def _scaled(field: Singles, strength: float) -> Singles:
    return np.asarray(field * (strength / max(float(field.std()), 1e-6)), np.float32)


def _grain(noise: Singles, px: float) -> Singles:
    """Noise (h, w) of one size, `px` from grain to grain."""
    fine = cv2.GaussianBlur(noise, (0, 0), max(0.3 * px, 0.4))
    return np.asarray(fine - cv2.GaussianBlur(noise, (0, 0), max(0.6 * px, 0.8)))


def _weave(shape: tuple[int, int], px: float) -> Singles:
    """Threads across and along, never finer than pixels can show."""
    y, x = np.indices(shape, np.float32)
    turn = 2 * np.pi / max(px, 3.0)
    return np.asarray(WEAVE * (np.sin(x * turn) + np.sin(y * turn)), np.float32)


def _rims(labels: NDArray[np.int32], soft: Singles, noise: Singles, px: float) -> Singles:
    """Pigment (h, w) that gathers where a wash ends firmly, here more and there less."""
    away, _ = nearest_border(labels)
    uneven = np.clip(0.6 + 0.5 * _scaled(cv2.GaussianBlur(noise, (0, 0), 8.0), 1.0), 0, 1.2)
    near = np.exp(-((away / max(px, 0.8)) ** 2))
    return np.asarray(RIM * near * uneven * (soft < FIRM_PX), np.float32)


def _streaks(
    noise: Singles, masses: Sequence[Mass], labels: NDArray[np.int32], px: float, strength: float
) -> Singles:
    """What a brush or stick leaves (h, w): streaks across the way that a mass is modelled."""
    ways = np.array([_way(mass) for mass in masses])[labels]
    found = np.zeros(labels.shape, np.float32)
    for way in np.unique(ways).tolist():
        streaks = _scaled(cv2.filter2D(noise, -1, _line(way, px)), strength)
        np.copyto(found, streaks, where=ways == way)
    return found


def _way(mass: Mass) -> int:
    """Which of the WAYS a mass is brushed in: along its gradation's lines of equal value, else level."""
    if mass.gradation is None:
        return 0
    return round(((mass.gradation.direction + 90) % 180) / (180 / WAYS)) % WAYS


def _line(way: int, px: float) -> Singles:
    """A line of weights, `px` long, that runs one of the WAYS."""
    wide = 2 * max(2, round(px / 2)) + 1
    kernel = np.zeros((wide, wide), np.float32)
    turn = np.radians(way * 180 / WAYS)
    half = wide // 2
    dx, dy = round(half * np.cos(turn)), -round(half * np.sin(turn))
    cv2.line(kernel, (half - dx, half - dy), (half + dx, half + dy), 1.0, 1)
    return kernel / kernel.sum()
