"""How wide the transition across each contour is, measured as painters would: from a tenth to nine tenths."""

from __future__ import annotations

from collections.abc import Collection

import cv2
import numpy as np
from numpy.typing import NDArray

from .contours import MOST_PROFILES, READING, crossings
from .picture import Labels, Singles

REACH = 12
"""Pixels to either side of a contour that are read, at each scale."""
SAMPLES = 20
"""Points of a contour read at most."""
FITS = 0.5
"""Share of what is read that a transition may fill; a wider one is read at half the size."""
SCALES = (1, 2, 4, 8)
LEAST_STEP = 0.25
"""Values between both sides below which there is no edge to measure."""

Floats = NDArray[np.float64]
Pair = tuple[int, int]


def transitions(value: Singles, labels: Labels) -> dict[Pair, float]:
    """The 10–90 % width in pixels of the transition across each contour of labels (h, w), from values (h, w).

    Profiles across a contour are laid over each other where they pass the middle and averaged; the blur of
    pixels themselves is taken out in quadrature. A contour with a step under 0.25 is as wide as is read.
    """
    found: dict[Pair, float] = {}
    for scale in SCALES:
        size = (max(4, labels.shape[1] // scale), max(4, labels.shape[0] // scale))
        own = value if scale == 1 else cv2.resize(value, size, interpolation=cv2.INTER_AREA)
        small = labels if scale == 1 else cv2.resize(labels, size, interpolation=cv2.INTER_NEAREST_EXACT)
        # Keep the width found at a finer scale: it is more exact.
        known = {pair for pair, width in found.items() if width < FITS * REACH * scale}
        if scale > 1 and len(known) == len(found):
            break
        found |= {pair: width * scale for pair, width in _at_one_scale(own, small, known).items()}
    return found


def _at_one_scale(value: Singles, labels: Labels, known: Collection[Pair]) -> dict[Pair, float]:
    """The widths at one scale of the contours that are not known yet."""
    first, second = crossings(labels)
    if not first.size:
        return {}
    flat = labels.ravel()
    low, high = np.minimum(flat[first], flat[second]), np.maximum(flat[first], flat[second])
    key = low.astype(np.int64) * (int(labels.max()) + 1) + high
    order = np.argsort(key, kind="stable")
    starts = np.flatnonzero(np.r_[True, np.diff(key[order]) != 0])
    ends = np.r_[starts[1:], len(key)]
    taken = [
        order[start:end][:: max(1, (end - start) // SAMPLES)]
        for start, end in zip(starts, ends, strict=True)
        if (int(low[order[start]]), int(high[order[start]])) not in known
    ]
    if not taken:
        return {}
    profiles = _profiles(value, first[np.concatenate(taken)], second[np.concatenate(taken)])
    edges = np.cumsum([0, *(len(own) for own in taken)])
    return {
        (int(low[own[0]]), int(high[own[0]])): _width(profiles[start:end])
        for own, start, end in zip(taken, edges[:-1], edges[1:], strict=True)
    }


def _profiles(value: Singles, first: NDArray[np.intp], second: NDArray[np.intp]) -> Floats:
    """Values (n, 2 · REACH · 2 + 1) along the gradient through each crossing, every half pixel, rising."""
    width = value.shape[1]
    x = (first % width + second % width) / 2.0
    y = (first // width + second // width) / 2.0
    broad = cv2.GaussianBlur(value, (0, 0), 3.0)
    across = cv2.Sobel(broad, cv2.CV_32F, 1, 0)
    down = cv2.Sobel(broad, cv2.CV_32F, 0, 1)
    nx, ny = across.ravel()[first], down.ravel()[first]
    norm = np.maximum(np.hypot(nx, ny), 1e-6)
    along = np.arange(-2 * REACH, 2 * REACH + 1) / 2
    px = (x[:, None] + along * (nx / norm)[:, None]).astype(np.float32)
    py = (y[:, None] + along * (ny / norm)[:, None]).astype(np.float32)
    parts = [
        cv2.remap(value, px[own], py[own], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
        for own in (slice(k, k + MOST_PROFILES) for k in range(0, len(px), MOST_PROFILES))
    ]
    return np.concatenate(parts).astype(np.float64)


def _width(profiles: Floats) -> float:
    """The 10–90 % width in pixels of the profiles (n, m) of one contour, laid over each other."""
    widest = float(2 * REACH)
    ends = np.concatenate([profiles[:, :4].mean(axis=1)[None], profiles[:, -4:].mean(axis=1)[None]])
    steps = ends[1] - ends[0]
    step = float(np.median(steps))
    if step < LEAST_STEP:
        return widest
    good = np.abs(steps - step) <= max(0.5 * step, 0.3)
    if not good.any():
        good[:] = True
    own, low, high = profiles[good], ends[0][good], ends[1][good]
    middle = (low + high) / 2
    passed = (own >= middle[:, None]).argmax(axis=1)
    half = profiles.shape[1] // 2
    at = np.clip(np.arange(own.shape[1])[None] + (passed - half)[:, None], 0, own.shape[1] - 1)
    moved = np.take_along_axis(own, at, axis=1)
    mean = np.median((moved - low[:, None]) / np.maximum(high - low, 1e-6)[:, None], axis=0)
    grid = np.arange(len(mean))
    rising = np.maximum.accumulate(mean)
    tenth = float(np.interp(0.1, rising[: half + 1], grid[: half + 1])) if rising[0] < 0.1 else 0.0
    above = np.flatnonzero(mean[half:] >= 0.9)
    if not len(above):
        return widest
    k = half + int(above[0])
    before = float(mean[k - 1])
    nine = k - 1 + (0.9 - before) / max(float(mean[k]) - before, 1e-9) if k > half else float(k)
    width = (nine - tenth) / 2
    return float(min(np.sqrt(max(width**2 - READING**2, 0.09)), widest))
