"""Corners made exact: where the sides of a sheet truly run in a photo, with the curve of the lens."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from .quad import long_side

Floats = NDArray[np.float64]
Singles = NDArray[np.float32]

PROFILES = 80
"""Profiles read across each side."""
ROUNDS = (0.028, 0.014, 0.007)
"""How far to either side of a line its true place is sought, in shares of the long side, round by round."""
STEP = 4.0
"""Difference in CIELAB from which a step across a side is one."""
WIDE = 2
"""Pixels to either side of a step whose means tell it."""
MOST_BEND = 0.08
"""Radial distortion beyond which a lens is no phone's."""


def sharpened(lab: Singles, corners: Floats, rounds: tuple[float, ...] = ROUNDS) -> tuple[Floats, float]:
    """Corners (4, 2) moved to the nearest clear sides in a photo (h, w, 3) in CIELAB, and the lens's radial
    term over half the photo's width.

    Along each side the strongest step is sought on profiles at right angles to it; four lines and one lens
    are fitted to all of them together, robustly (soft L1). A side without a step stays where it was.
    """
    size = (lab.shape[1], lab.shape[0])
    now, bends = corners.astype(float), 0.0
    for reach in rounds:
        points, weights = _on_sides(lab, now, bends, max(3.0, reach * long_side(now)))
        now, bends = _fitted(points, weights, now, bends, size)
    return now, bends


def _on_sides(lab: Singles, corners: Floats, bends: float, reach: float) -> tuple[list[Floats], list[Floats]]:
    """Points (n, 2) of steps along each side with their weights (n,)."""
    size = (lab.shape[1], lab.shape[0])
    straight = unbent(corners, bends, size)
    points, weights = [], []
    offsets = np.arange(-np.ceil(reach) - WIDE, np.ceil(reach) + WIDE + 1)
    for k in range(4):
        one, other = straight[k], straight[(k + 1) % 4]
        along = (other - one) / max(float(np.linalg.norm(other - one)), 1e-9)
        inward = np.array([-along[1], along[0]])
        at = np.linspace(0.02, 0.98, PROFILES)[:, None]
        middle = one * (1 - at) + other * at
        lines = middle[:, None] + offsets[None, :, None] * inward
        seen = bent(lines.reshape(-1, 2), bends, size).reshape(lines.shape).astype(np.float32)
        offset, peak = _steps_in(_read(lab, seen), offsets, reach)
        where = bent(middle + offset[:, None] * inward, bends, size)
        clear = (peak >= STEP) & (where >= 0).all(axis=1) & (where <= np.array(size)).all(axis=1)
        points.append(where[clear])
        weights.append(np.minimum(peak[clear] / 20, 1.0))
    return points, weights


def _read(lab: Singles, at: Singles) -> Floats:
    """The colours (n, p, 3) of a photo at places (n, p, 2)."""
    half = np.float32(0.5)
    return np.asarray(
        cv2.remap(
            lab, at[..., 0] - half, at[..., 1] - half, cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE
        ),
        np.float64,
    )


def _steps_in(profile: Floats, offsets: Floats, reach: float) -> tuple[Floats, Floats]:
    """Where on each of some profiles (n, p, 3), at `offsets` (p,), the strongest step lies (n,), nearer ones
    before others, and how strong it is (n,): between the means of WIDE pixels to either side."""
    sums = np.cumsum(np.pad(profile, ((0, 0), (1, 0), (0, 0))), axis=1)
    ahead = (sums[:, 2 * WIDE :] - sums[:, WIDE:-WIDE]) / WIDE
    behind = (sums[:, WIDE:-WIDE] - sums[:, : -2 * WIDE]) / WIDE
    strength = np.linalg.norm(ahead - behind, axis=2)
    places = offsets[WIDE - 1 : -WIDE] + 0.5
    best = (strength * np.exp(-0.5 * (places / reach) ** 2)).argmax(axis=1)
    rows = np.arange(len(best))
    inner = np.clip(best, 1, strength.shape[1] - 2)
    # A parabola through the peak and its neighbours tells it to a fraction of a pixel.
    left, middle, right = (strength[rows, inner + step] for step in (-1, 0, 1))
    curve = left - 2 * middle + right
    fine = np.where(np.abs(curve) > 1e-9, 0.5 * (left - right) / np.where(curve == 0, 1, curve), 0.0)
    return places[inner] + np.clip(fine, -0.5, 0.5), strength[rows, best]


def _fitted(
    points: list[Floats], weights: list[Floats], corners: Floats, bends: float, size: tuple[int, int]
) -> tuple[Floats, float]:
    """Corners (4, 2) and lens whose sides run through the points of each side."""
    start = unbent(corners, bends, size)
    scale = long_side(corners)
    enough = [len(p) >= PROFILES // 5 for p in points]

    def off(guess: Floats) -> Floats:
        quad, lens = guess[:8].reshape(4, 2), float(guess[8])
        told: list[Floats] = [np.asarray((guess[:8] - start.ravel()) * 0.02), np.array([lens * scale * 0.05])]
        for k, (own, weight) in enumerate(zip(points, weights, strict=True)):
            if enough[k]:
                one, other = quad[k], quad[(k + 1) % 4]
                along = (other - one) / max(float(np.linalg.norm(other - one)), 1e-9)
                away = unbent(own, lens, size) - one
                told.append(weight * (away[:, 0] * -along[1] + away[:, 1] * along[0]))
        return np.concatenate(told)

    if sum(enough) < 2:
        return corners, bends
    # It takes long to load, and only reviews need it.
    from scipy.optimize import least_squares

    bounds = np.full(9, np.inf)
    bounds[8] = MOST_BEND
    first = np.concatenate([start.ravel(), [bends]])
    found = least_squares(off, first, loss="soft_l1", f_scale=0.8, bounds=(-bounds, bounds))
    lens = float(found.x[8])
    return bent(found.x[:8].reshape(4, 2), lens, size), lens


def unbent(points: Floats, bends: float, size: tuple[int, int]) -> Floats:
    """Where a straight lens would have put points (n, 2) of a photo of `size` (width, height): each is moved
    from the middle by 1 + bends r², r over half the width (division of Brown 1966's first term)."""
    middle, half = np.array(size) / 2, size[0] / 2
    away = (points - middle) / half
    return np.asarray(middle + away * (1 + bends * (away**2).sum(axis=-1, keepdims=True)) * half)


def bent(points: Floats, bends: float, size: tuple[int, int]) -> Floats:
    """The inverse of `unbent`: where the lens puts points (n, 2), by eight steps of a fixed point."""
    if bends == 0:
        return points
    middle, half = np.array(size) / 2, size[0] / 2
    wanted = (points - middle) / half
    away = wanted
    for _ in range(8):
        away = wanted / (1 + bends * (away**2).sum(axis=-1, keepdims=True))
    return np.asarray(middle + away * half)
