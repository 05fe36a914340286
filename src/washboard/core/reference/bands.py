"""Every pixel's class: its value band, and its colour family where things of like value differ."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from .ladder import middles
from .picture import Labels, Singles

CAP = 1.0
"""Largest squared distance (value²) that counts: a far pixel must not drag its neighbours along."""
FAMILY_APART = 17.0
"""Least distance in a*b* between two colour families."""
FAMILY_SHARE = 0.03
"""Least share of the picture for a colour family."""
MOST_FAMILIES = 6
COARSE_BIN, FINE_BIN = 8, 2
"""Sides of the bins of a*b* in which the peaks of families are sought, and their middles settled."""
RADIUS, EPSILON = 4, 0.02
"""Of the guided filter: pixels to either side, and the variance (value²) under which it smooths."""
STEPS = 2000
"""Values told apart when bands are sought: half a hundredth of a value each."""


def bands_of(value: Singles, thresholds: Sequence[float]) -> Labels:
    """The band (h, w), 0…n-1, of every pixel of a squinted value picture.

    Instead of cutting at the thresholds, how far each pixel lies outside each band is smoothed by a
    guided filter (He et al. 2013) and the least wins: far smoother borders and fewer specks.
    """
    costs = _band_costs(thresholds, middles(value, thresholds))
    each = (costs[:, 1:] - costs[:, :1]).take(
        (value * (STEPS / 10) + 0.5).astype(np.uint16), axis=0, mode="clip"
    )
    # The filter is linear, so filter the differences to the first band's cost: one channel less.
    # At half the size it would take a third of the time, but close shapes of dark pictures run together.
    others = cv2.split(cv2.ximgproc.guidedFilter(value, each, RADIUS, EPSILON))
    winner = np.zeros(value.shape, np.int32)
    least = np.zeros(value.shape, np.float32)
    for k, cost in enumerate(others, 1):
        winner[cost < least] = k
        least = cv2.min(least, cost)
    return winner


def families_of(value: Singles, colour: Singles) -> Labels:
    """The colour family (h, w), 0…n-1 with n ≤ 6, of every pixel: the one nearest in a*b*.

    The colour is smoothed along the edges in value first. The nearest of smoothed colours has the
    least smoothed squared distance, so this is the search of `bands_of` without its cap.
    """
    centres = families(colour)
    winner = np.zeros(value.shape, np.int32)
    if len(centres) == 1:
        return winner
    a, b = cv2.split(cv2.ximgproc.guidedFilter(value, colour, RADIUS, EPSILON))
    least = np.full(value.shape, np.inf, np.float32)
    for k, (x, y) in enumerate(centres.tolist()):
        # Squared distance without a² + b², which is the same for all centres.
        apart = cv2.addWeighted(a, -2 * x, b, -2 * y, x * x + y * y)
        winner[apart < least] = k
        least = cv2.min(least, apart)
    return winner


def _band_costs(thresholds: Sequence[float], means: NDArray[np.float64]) -> Singles:
    """How far outside each of n bands a value lies, less a little for lying well inside: (STEPS + 1, n)."""
    value = np.linspace(0, 10, STEPS + 1)[:, None]
    low, high = np.array([0.0, *thresholds]), np.array([*thresholds, 10.0])
    outside = np.maximum(low - value, value - high)
    inside = np.minimum(np.abs(value - means), 1.0) * 0.02
    return (np.clip(outside, -0.35, CAP) + inside).astype(np.float32)


def families(colour: Singles) -> NDArray[np.float64]:
    """Centres (n, 2) in a*b* of the colour families of a picture, 1 ≤ n ≤ 6, the largest first.

    Peaks of the a*b* histogram at least FAMILY_APART apart that hold FAMILY_SHARE, then Lloyd's
    iteration; deterministic, because nothing is drawn at random.
    """
    side, step = 256 // FINE_BIN, COARSE_BIN // FINE_BIN
    bins = ((colour[::3, ::3].reshape(-1, 2) + 128) / FINE_BIN).astype(np.intp) @ np.array([side, 1])
    fine = np.bincount(bins, minlength=side * side) / len(bins)
    at = (np.stack(np.divmod(np.arange(side * side), side), axis=1) + 0.5) * FINE_BIN - 128
    coarse = fine.reshape(side // step, step, side // step, step).sum(axis=(1, 3))
    dense = cv2.GaussianBlur(coarse, (0, 0), 1.0).ravel()
    middle = (np.stack(np.divmod(np.arange(dense.size), len(coarse)), axis=1) + 0.5) * COARSE_BIN - 128
    full = fine > 0
    at, held = at[full], fine[full]
    centres: list[NDArray[np.float64]] = []
    for peak in middle[np.argsort(-dense, kind="stable")[:60]]:
        if any(np.hypot(*(peak - other)) < FAMILY_APART for other in centres):
            continue
        near = ((at - peak) ** 2).sum(axis=1) < (FAMILY_APART / 2) ** 2
        if centres and held[near].sum() < FAMILY_SHARE:
            continue
        centres.append(peak)
        if len(centres) == MOST_FAMILIES:
            break
    return _settled(np.array(centres), at, held)


def _settled(
    centres: NDArray[np.float64], at: NDArray[np.float64], held: NDArray[np.float64]
) -> NDArray[np.float64]:
    """Centres after Lloyd's iteration over the points `at` (n, 2) that hold shares `held` (n,)."""
    for _ in range(8):
        nearest = ((at[:, None] - centres[None]) ** 2).sum(axis=2).argmin(axis=1)
        weight = np.bincount(nearest, held, len(centres))
        total = np.stack([np.bincount(nearest, held * at[:, c], len(centres)) for c in (0, 1)], axis=1)
        centres = np.where(weight[:, None] > 0, total / np.maximum(weight, 1e-12)[:, None], centres)
    return centres
