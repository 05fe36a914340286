"""Lengths and softness of the contours between labels."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from .picture import Labels, Singles

Floats = NDArray[np.float64]
CORNER = 2**-0.5
UNBIASED = 0.97
"""Counting straight passages and cut corners is right at 0° and 45° and 8 % long between: this
splits the error."""
REACH = 10
"""Pixels to either side of a contour in which its transition is sought."""
SAMPLES = 40
"""Points of a contour whose profiles are read at most: the median needs no more."""

MOST_PROFILES = 30_000
"""Profiles read at once: OpenCV takes no more than 32,767 rows."""
READING = 1.55
"""Width in pixels that a perfectly sharp edge shows: pixels and reading between them blur it."""
ALONG_PX = 3.0
"""Blur along a border over which its softness is evened out."""
FIRM = 1.5
"""Times the width of the firmest tenth up to which an edge is firm."""


def crossings(labels: Labels) -> tuple[NDArray[np.intp], NDArray[np.intp]]:
    """Flat indices (n,) of neighbouring pixels with different labels (h, w), the first left of or above the
    second."""
    flat, width = labels.ravel(), labels.shape[1]
    across = np.flatnonzero(flat[1:] != flat[:-1])
    across = across[(across + 1) % width != 0]  # the end of a row does not touch the next one's start
    down = np.flatnonzero(flat[width:] != flat[:-width])
    return np.concatenate([across, down]), np.concatenate([across + 1, down + width])


def lengths(labels: Labels, count: int) -> Floats:
    """Contour length in pixels between every two labels, (count, count), symmetric, zero diagonal.

    Marching squares on each 2 × 2 window: a straight passage counts 1, a cut corner 1/√2. That
    keeps contours within 3 % short and 5 % long at every angle; counting pixel sides is up to 41 % off.
    """
    width = labels.shape[1]
    corners = labels[:-1, :-1], labels[:-1, 1:], labels[1:, :-1], labels[1:, 1:]
    busy = np.logical_or.reduce([corners[0] != other for other in corners[1:]])
    row, column = np.divmod(np.flatnonzero(busy), width - 1)
    at = row * width + column
    a, b, c, d = (labels.ravel()[at + step].astype(np.int64) for step in (0, 1, width, width + 1))
    first = np.minimum(np.minimum(a, b), np.minimum(c, d))
    last = np.maximum(np.maximum(a, b), np.maximum(c, d))
    low, high = (sum((x == end).astype(np.int8) for x in (a, b, c, d)) for end in (first, last))
    plain = low + high == 4  # only two labels meet here
    weight = np.where(low != high, CORNER, np.where(a == d, 2 * CORNER, 1.0))
    total = np.zeros(count * count)
    total += np.bincount((first * count + last)[plain], weight[plain], count * count)
    for x, y in ((a, b), (c, d), (a, c), (b, d)):
        # Where three labels meet, each differing side counts half a pixel.
        x, y = x[~plain], y[~plain]
        apart = x != y
        pair = np.minimum(x, y)[apart] * count + np.maximum(x, y)[apart]
        total += 0.5 * np.bincount(pair, minlength=count * count)
    square = UNBIASED * total.reshape(count, count)
    return square + square.T


def frame_lengths(labels: Labels, count: int) -> Floats:
    """Pixels of the picture's own border along each label, (count,)."""
    rim = np.concatenate([labels[0], labels[-1], labels[:, 0], labels[:, -1]])
    return np.bincount(rim, minlength=count).astype(np.float64)


def contacts(labels: Labels, strength: Singles) -> tuple[NDArray[np.intp], NDArray[np.intp], Floats, Floats]:
    """Every two labels that touch: the lower, the higher, pixel sides shared, and their summed strength.

    `labels` (h, w) 0…n-1; `strength` (h, w) of each pixel, of two the greater counts. For many small
    regions counting sides will do; `lengths` is true to the angle.
    """
    first, second = crossings(labels)
    flat, strong = labels.ravel().astype(np.int64), strength.ravel()
    count = int(flat.max(initial=0)) + 1
    a, b = flat[first], flat[second]
    pairs, which = np.unique(np.minimum(a, b) * count + np.maximum(a, b), return_inverse=True)
    low, high = np.divmod(pairs, count)
    summed = np.bincount(which, np.maximum(strong[first], strong[second]), len(pairs))
    sides = np.bincount(which, minlength=len(pairs)).astype(np.float64)
    return low.astype(np.intp), high.astype(np.intp), sides, np.asarray(summed, np.float64)


def softness(value: Singles, labels: Labels) -> dict[tuple[int, int], float]:
    """Median 10–90 % width in pixels of the transition across each contour of `labels` (h, w), from the
    values (h, w).

    The profile across a contour is read along the normal of the smoothed labels; the width is 0.8 ×
    step ÷ steepest slope, exact for a ramp. Contours with a step under 0.25 are as soft as the reach.
    """
    first, second = _sampled(labels)
    if not first.size:
        return {}
    flat = labels.ravel()
    low, high = np.minimum(flat[first], flat[second]), np.maximum(flat[first], flat[second])
    width = _widths(value, first, second)
    order = np.lexsort((width, high, low))
    low, high, width = low[order], high[order], width[order]
    starts = np.flatnonzero(np.r_[True, (low[1:] != low[:-1]) | (high[1:] != high[:-1])])
    last = np.r_[starts[1:], len(low)] - 1
    middle = (width[(starts + last) // 2] + width[(starts + last + 1) // 2]) / 2
    pairs = zip(low[starts].tolist(), high[starts].tolist(), strict=True)
    return dict(zip(pairs, middle.tolist(), strict=True))


def _sampled(labels: Labels) -> tuple[NDArray[np.intp], NDArray[np.intp]]:
    """Up to SAMPLES pixel pairs across each contour, evenly taken in reading order."""
    first, second = crossings(labels)
    a, b = labels.ravel()[first], labels.ravel()[second]
    key = np.minimum(a, b).astype(np.int64) * (int(labels.max(initial=0)) + 1) + np.maximum(a, b)
    order = np.argsort(key, kind="stable")
    key = key[order]
    starts = np.flatnonzero(np.r_[True, key[1:] != key[:-1]])
    held = np.diff(np.r_[starts, len(key)])
    rank = np.arange(len(key)) - np.repeat(starts, held)
    step = np.repeat(np.maximum(1, held // SAMPLES), held)
    take = order[rank % step == 0]
    return first[take], second[take]


def _widths(value: Singles, first: NDArray[np.intp], second: NDArray[np.intp]) -> Floats:
    profile = _across(value, first, second)
    step = np.abs(profile[:, -3:].mean(axis=1) - profile[:, :3].mean(axis=1))
    return _ramps(profile, step)


def _ramps(profile: Singles, step: Singles) -> Floats:
    """Widths (n,) of steps (n,) in profiles (n, m), as if each were a ramp."""
    slope = np.abs(np.diff(profile, axis=1)).max(axis=1)
    measured = 0.8 * step / np.maximum(slope, 1e-6)
    return np.where(step < 0.25, 2.0 * REACH, np.clip(measured, 0.8, 2 * REACH))


def _across(value: Singles, first: NDArray[np.intp], second: NDArray[np.intp]) -> Singles:
    """Values (n, 2 · REACH + 1) along the gradient through each crossing, a pixel apart."""
    width = value.shape[1]
    x = (first % width + second % width) / 2.0
    y = (first // width + second // width) / 2.0
    smooth = cv2.GaussianBlur(value, (0, 0), 0.8)
    broad = cv2.GaussianBlur(value, (0, 0), 2.5)
    nx, ny = _slopes(broad, second // width, second % width)
    norm = np.maximum(np.hypot(nx, ny), 1e-6)
    along = np.arange(-REACH, REACH + 1)
    px = (x[:, None] + along * (nx / norm)[:, None]).astype(np.float32)
    py = (y[:, None] + along * (ny / norm)[:, None]).astype(np.float32)
    parts = [
        cv2.remap(smooth, px[own], py[own], cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
        for own in (slice(k, k + MOST_PROFILES) for k in range(0, len(px), MOST_PROFILES))
    ]
    return np.concatenate(parts)


def softness_along(value: Singles, labels: Labels, across: NDArray[np.intp]) -> Singles:
    """The width in pixels (h, w) of the transition across the border nearest to each pixel, as it is there.

    As `softness`, but place by place: evened out over a few pixels along the border, without the blur of
    reading, and 0 where the edge is as firm as the picture's firmest. `value` (h, w), `labels` (h, w);
    `across` (h, w) the flat index of the pixel across the border nearest to each.
    """
    first, second = crossings(labels)
    if not first.size:
        return np.zeros(labels.shape, np.float32)
    profile = _across(value, first, second)
    # Of a rim both sides are alike and the step lies between them.
    read = _ramps(profile, profile.max(axis=1) - profile.min(axis=1))
    width = np.sqrt(np.maximum(read * read - READING * READING, 0))
    total, count = np.zeros(labels.size, np.float32), np.zeros(labels.size, np.float32)
    for side in (first, second):
        total += np.bincount(side, width, labels.size).astype(np.float32)
        count += np.bincount(side, minlength=labels.size).astype(np.float32)
    even, weight = (cv2.GaussianBlur(sums.reshape(labels.shape), (0, 0), ALONG_PX) for sums in (total, count))
    mean = even / np.maximum(weight, 1e-6)
    found = mean.ravel()[across]
    firmest = float(np.percentile(width, 10)) + READING
    return np.asarray(np.where(found < FIRM * firmest, 0, found), np.float32)


def _slopes(value: Singles, rows: NDArray[np.intp], columns: NDArray[np.intp]) -> tuple[Singles, Singles]:
    """Differences of `value` (h, w) across each of the given pixels, along x and along y."""
    height, width = value.shape
    left, right = np.maximum(columns - 1, 0), np.minimum(columns + 1, width - 1)
    above, below = np.maximum(rows - 1, 0), np.minimum(rows + 1, height - 1)
    return value[rows, right] - value[rows, left], value[below, columns] - value[above, columns]


def nearest_border(labels: Labels) -> tuple[Singles, NDArray[np.intp]]:
    """Distance in pixels of each pixel to the nearest other label, and the pixel across that border.

    `labels` (h, w); the second array (h, w) holds flat indices. Infinite, and the pixel itself, where
    there is no other label.
    """
    own = np.arange(labels.size).reshape(labels.shape)
    beyond = own.copy()
    inside = np.ones(labels.shape, np.uint8)
    for here, there in (
        (np.s_[:, 1:], np.s_[:, :-1]),
        (np.s_[:, :-1], np.s_[:, 1:]),
        (np.s_[1:], np.s_[:-1]),
        (np.s_[:-1], np.s_[1:]),
    ):
        apart = labels[here] != labels[there]
        inside[here][apart] = 0
        beyond[here] = np.where(apart, own[there], beyond[here])
    if inside.all():
        return np.full(labels.shape, np.inf, np.float32), own
    distance, seed = cv2.distanceTransformWithLabels(inside, cv2.DIST_L2, 5, labelType=cv2.DIST_LABEL_PIXEL)
    rim = inside == 0
    near, across = (np.zeros(int(seed.max()) + 1, np.intp) for _ in range(2))
    near[seed[rim]], across[seed[rim]] = own[rim], beyond[rim]
    # The nearest border pixel may lie across the border: then it is the neighbour's own.
    border = near[seed]
    return distance, np.where(labels.ravel()[border] == labels, across[seed], border)


def hardness_of(widths: dict[tuple[int, int], float]) -> dict[tuple[int, int], float]:
    """Hardness 0.2–1 of each contour against the picture's own sharpest edges.

    Up to 1.5 times the sharpest tenth an edge is firm (1), from 4 times on it is soft (0.2); a
    photo that is soft all over, or a large sheet, must not make every edge soft.
    """
    if not widths:
        return {}
    sharpest = max(1.0, float(np.percentile(list(widths.values()), 10)))
    return {
        pair: float(np.clip(1 - 0.8 * (width / sharpest - 1.5) / 2.5, 0.2, 1.0))
        for pair, width in widths.items()
    }
