"""The ladder: thresholds that divide value into bands, found in the picture or spaced evenly."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from ..errors import InvalidInput
from .picture import Singles

FEWEST, MOST = 2, 9
STEPS = 200
"""Bins of the value histogram: a twentieth of a value each."""
LEAST_SHARE = 0.015
"""A band with less of the picture than this is not worth a column on the ladder."""


def histogram(value: Singles) -> NDArray[np.float64]:
    """Shares (200,) of a picture of values (h, w) at each twentieth of a value, from 0 to 10."""
    bins = np.clip(value.ravel() * (STEPS / 10), 0, STEPS - 1).astype(np.intp)
    return np.bincount(bins, minlength=STEPS) / max(1, value.size)


def checked(thresholds: Sequence[float]) -> tuple[float, ...]:
    """Thresholds in rising order inside 0–10; raises InvalidInput for anything else."""
    inner = tuple(float(t) for t in thresholds)
    if not FEWEST - 1 <= len(inner) <= MOST - 1:
        raise InvalidInput("refused-bands-given", fewest=FEWEST, most=MOST, number=len(inner) + 1)
    rising = all(a < b for a, b in zip((0.0, *inner), (*inner, 10.0), strict=True))
    if not rising or not all(np.isfinite(inner)):
        raise InvalidInput("refused-thresholds-rise")
    return inner


def even(bands: int) -> tuple[float, ...]:
    """Thresholds of `bands` (2–9) bands of equal height."""
    _check_count(bands)
    return tuple(round(10 * k / bands, 4) for k in range(1, bands))


def found(value: Singles, bands: int) -> tuple[float, ...]:
    """Thresholds that split the histogram of values (h, w) into `bands` groups of least spread.

    Exact one-dimensional k-means by dynamic programming on the histogram (Wang and Song 2011),
    with a penalty on bands that hold less than 1.5 % of the picture. A picture with fewer distinct
    values than bands falls back to even steps. Raises InvalidInput for a count outside 2–9.
    """
    _check_count(bands)
    share = histogram(value)
    if np.count_nonzero(share) <= bands:
        return even(bands)
    cost = _spreads(share)
    best = np.full((bands + 1, STEPS + 1), np.inf)
    cut = np.zeros((bands + 1, STEPS + 1), np.intp)
    best[0, 0] = 0.0
    for k in range(1, bands + 1):
        total = best[k - 1][:, None] + cost
        cut[k] = np.argmin(total, axis=0)
        best[k] = np.min(total, axis=0)
    return _cuts(cut, bands)


def middles(value: Singles, thresholds: Sequence[float]) -> NDArray[np.float64]:
    """Mean value (k,) of the pixels of a picture (h, w) in each band; the band's centre where it is empty."""
    edges = np.array([0.0, *thresholds, 10.0])
    share = histogram(value)
    at = (np.arange(STEPS) + 0.5) * 10 / STEPS
    group = np.searchsorted(edges[1:-1], at, side="right")
    weight = np.bincount(group, share, len(edges) - 1)
    total = np.bincount(group, share * at, len(edges) - 1)
    return np.where(weight > 0, total / np.maximum(weight, 1e-12), (edges[1:] + edges[:-1]) / 2)


def _spreads(share: NDArray[np.float64]) -> NDArray[np.float64]:
    """Cost[i, j] of one band over bins i…j-1: its summed squared deviation, in value²."""
    at = (np.arange(STEPS) + 0.5) * 10 / STEPS
    mass, first, second = (np.concatenate([[0.0], np.cumsum(share * at**p)]) for p in range(3))
    held = mass[None] - mass[:, None]
    total = first[None] - first[:, None]
    spread = second[None] - second[:, None] - total**2 / np.maximum(held, 1e-12)
    thin = np.clip(1 - held / LEAST_SHARE, 0, 1) * 0.02
    cost = np.maximum(spread, 0) + thin
    return np.where(np.arange(STEPS + 1)[None] > np.arange(STEPS + 1)[:, None], cost, np.inf)


def _cuts(cut: NDArray[np.intp], bands: int) -> tuple[float, ...]:
    ends, end = [], STEPS
    for k in range(bands, 1, -1):
        end = int(cut[k, end])
        ends.append(round(end * 10 / STEPS, 4))
    return tuple(reversed(ends))


def _check_count(bands: int) -> None:
    if not FEWEST <= bands <= MOST:
        raise InvalidInput("refused-bands-asked", fewest=FEWEST, most=MOST, bands=bands)
