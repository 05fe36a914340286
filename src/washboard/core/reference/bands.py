"""Every pixel's class: its value band, and its colour family where things of like value differ."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from .ladder import middles
from .picture import Labels, Singles
from .squint import Squinted

CAP = 1.0
"""Largest squared distance (value²) that counts: a far pixel must not drag its neighbours along."""
FAMILY_APART = 17.0
"""Least distance in a*b* between two colour families."""
FAMILY_SHARE = 0.03
"""Least share of the picture for a colour family."""
MOST_FAMILIES = 6


def classes(squinted: Squinted, thresholds: Sequence[float]) -> tuple[Labels, Labels]:
    """Band and colour family (h, w) of every pixel.

    Instead of cutting at the thresholds, each band's squared distance to its mean is smoothed by a
    guided filter (He et al. 2013) and the smallest wins: far smoother borders and fewer specks.
    """
    value = squinted.value
    means = middles(value, thresholds)
    edges = np.array([0.0, *thresholds, 10.0])
    band = _smallest([_band_cost(value, k, edges, means) for k in range(len(means))], value)
    centres = families(squinted.colour)
    if len(centres) == 1:
        return band, np.zeros_like(band)
    a, b = (np.ascontiguousarray(squinted.colour[..., k]) for k in (0, 1))
    costs = [np.minimum(((a - x) ** 2 + (b - y) ** 2) / 400, 4.0) for x, y in centres.astype(np.float32)]
    return band, _smallest(costs, value)


def _band_cost(value: Singles, k: int, edges: NDArray[np.float64], means: NDArray[np.float64]) -> Singles:
    """How far outside band k a value lies, less a little for lying well inside, squared and capped."""
    outside = np.maximum(edges[k] - value, value - edges[k + 1])
    inside = np.minimum(np.abs(value - means[k]), 1.0) * 0.02
    return (np.clip(outside, -0.35, CAP) + inside).astype(np.float32)


def _smallest(costs: list[Singles], guide: Singles) -> Labels:
    """The cost that is least at each pixel, after smoothing along the guide's edges."""
    # All costs in one go: the guide's statistics are worked out once. At half the size this would
    # take a third of the time, but neighbouring shapes of the dark demo piece run together.
    smooth = cv2.ximgproc.guidedFilter(guide, np.dstack(costs).astype(np.float32), 4, 0.02)
    return np.argmin(smooth, axis=2).astype(np.int32)


def families(colour: Singles) -> NDArray[np.float64]:
    """Centres (n, 2) in a*b* of the colour families of a picture, 1 ≤ n ≤ 6, the largest first.

    Peaks of the a*b* histogram at least FAMILY_APART apart that hold FAMILY_SHARE, then Lloyd's
    iteration; deterministic, because nothing is drawn at random.
    """
    sample = colour[::6, ::6].reshape(-1, 2).astype(np.float64)
    bins = np.arange(-128, 129, 8)
    counts, _, _ = np.histogram2d(sample[:, 0], sample[:, 1], bins=(bins, bins))
    dense = cv2.GaussianBlur(counts, (0, 0), 1.0)
    middle = (bins[:-1] + bins[1:]) / 2
    centres: list[NDArray[np.float64]] = []
    for flat in np.argsort(-dense, axis=None, kind="stable")[:60]:
        at = np.array([middle[flat // len(middle)], middle[flat % len(middle)]])
        if any(np.hypot(*(at - other)) < FAMILY_APART for other in centres):
            continue
        near = ((sample - at) ** 2).sum(axis=1) < (FAMILY_APART / 2) ** 2
        if centres and near.mean() < FAMILY_SHARE:
            continue
        centres.append(at)
        if len(centres) == MOST_FAMILIES:
            break
    return _settled(np.array(centres), sample)


def _settled(centres: NDArray[np.float64], sample: NDArray[np.float64]) -> NDArray[np.float64]:
    for _ in range(8):
        nearest = ((sample[:, None] - centres[None]) ** 2).sum(axis=2).argmin(axis=1)
        held = np.bincount(nearest, minlength=len(centres))
        sums = np.stack([np.bincount(nearest, sample[:, c], len(centres)) for c in (0, 1)], axis=1)
        centres = np.where(held[:, None] > 0, sums / np.maximum(held, 1)[:, None], centres)
    return centres
