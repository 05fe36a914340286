"""Corners made exact: where the sides of a sheet truly run in a photo, with the curve of the lens."""

from __future__ import annotations

from dataclasses import dataclass

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
HELD, STIFF = 0.02, 0.05
"""Weights of a corner that moves, in pixels, and of a lens that bends, beside points that lie off a side."""
FINE = 1e-4
"""Share of the misfit by which a step of the fit must better it to go on: a hundredth of a pixel."""
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
        offset, peak = _steps_in(read_at(lab, seen), offsets, reach)
        where = bent(middle + offset[:, None] * inward, bends, size)
        clear = (peak >= STEP) & (where >= 0).all(axis=1) & (where <= np.array(size)).all(axis=1)
        points.append(where[clear])
        weights.append(np.minimum(peak[clear] / 20, 1.0))
    return points, weights


def read_at(lab: Singles, at: Singles) -> Floats:
    """The colours (n, p, 3) of a photo (h, w, 3) at places (n, p, 2) in pixels, blended between them."""
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
    told = [k for k in range(4) if len(points[k]) >= PROFILES // 5]
    if len(told) < 2:
        return corners, bends
    own, weight = (np.concatenate([of[k] for k in told]) for of in (points, weights))
    side = np.repeat(told, [len(points[k]) for k in told])
    lines = _Lines(own, weight, side, start, size, long_side(corners))
    # It takes long to load, and only reviews need it.
    from scipy.optimize import least_squares

    bounds = np.full(9, np.inf)
    bounds[8] = MOST_BEND
    first = np.concatenate([start.ravel(), [bends]])
    found = least_squares(
        lines.off, first, lines.slopes, loss="soft_l1", f_scale=0.8, bounds=(-bounds, bounds), ftol=FINE
    )
    lens = float(found.x[8])
    return bent(found.x[:8].reshape(4, 2), lens, size), lens


@dataclass(frozen=True, eq=False)
class _Lines:
    """Points (n, 2) of a photo of `size` (width, height) with their weights (n,) and the `side` (n,) of the
    quadrilateral that each should lie on, which begins as `start` (4, 2), `long` pixels on its long side.

    A guess (9,) is its corners, as a straight lens would put them, and the lens."""

    points: Floats
    weights: Floats
    side: NDArray[np.intp]
    start: Floats
    size: tuple[int, int]
    long: float

    def off(self, guess: Floats) -> Floats:
        """How far (9 + n,) the guess is from the start, a little, and each point from its side."""
        _, _, off, _ = self._at(guess)
        return np.concatenate([(guess[:8] - self.start.ravel()) * HELD, [guess[8] * self.long * STIFF], off])

    def slopes(self, guess: Floats) -> Floats:
        """The derivatives (9 + n, 9) of that."""
        normal, share, off, bends = self._at(guess)
        slopes = np.zeros((len(off), 9))
        rows = np.arange(len(off))
        for corner, part in ((self.side, share - 1), ((self.side + 1) % 4, -share)):
            for k in (0, 1):
                slopes[rows, 2 * corner + k] = self.weights * part * normal[:, k]
        slopes[:, 8] = self.weights * (normal * bends).sum(axis=1)
        held = np.diag([*[HELD] * 8, self.long * STIFF])
        return np.vstack([held, slopes])

    def _at(self, guess: Floats) -> tuple[Floats, Floats, Floats, Floats]:
        """The normal (n, 2) of each point's side, how far along it the point lies (n,), 0 to 1, its weighted
        distance (n,), and where the lens moves it (n, 2)."""
        quad = guess[:8].reshape(4, 2)
        ways = np.roll(quad, -1, axis=0) - quad
        lengths = np.maximum(np.linalg.norm(ways, axis=1, keepdims=True), 1e-9)
        along = (ways / lengths)[self.side]
        normal = np.stack([-along[:, 1], along[:, 0]], axis=1)
        away = unbent(self.points, float(guess[8]), self.size) - quad[self.side]
        share = (away * along).sum(axis=1) / lengths[self.side, 0]
        middle, half = np.array(self.size) / 2, self.size[0] / 2
        from_middle = (self.points - middle) / half
        bends = from_middle * (from_middle**2).sum(axis=1, keepdims=True) * half
        return normal, share, self.weights * (away * normal).sum(axis=1), bends


def unbent(points: Floats, bends: float, size: tuple[int, int]) -> Floats:
    """Where a straight lens would have put points (n, 2) of a photo of `size` (width, height): each is moved
    from the middle by 1 + bends r², r over half the width (division of Brown 1966's first term)."""
    middle, half = np.array(size) / 2, size[0] / 2
    away = (points - middle) / half
    far = away[..., 0] ** 2 + away[..., 1] ** 2
    return np.asarray(middle + away * (1 + bends * far)[..., None] * half)


def bent(points: Floats, bends: float, size: tuple[int, int]) -> Floats:
    """The inverse of `unbent`: where the lens puts points (n, 2), by eight steps of a fixed point."""
    if bends == 0:
        return points
    middle, half = np.array(size) / 2, size[0] / 2
    wanted = (points - middle) / half
    # All points move along their own line from the middle: only how far is sought.
    far = wanted[..., 0] ** 2 + wanted[..., 1] ** 2
    nearer = np.ones_like(far)
    for _ in range(8):
        nearer = 1 / (1 + bends * far * nearer**2)
    return np.asarray(middle + wanted * nearer[..., None] * half)
