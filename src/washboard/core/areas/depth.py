"""Depth: which of two areas is nearer, from where they lie, overlap and how strong they are."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.picture import Labels, Picture, Singles, fitted

SIDE = 300
"""Pixels on the long side at which areas are compared."""
LOW, INSIDE, TEXTURE, CONTRAST = 0.5, 1.2, 0.85, 0.65
"""Weights of the cues: lowest point, lying inside another's hull, fine texture, contrast."""
SURE = 0.2
"""Weighted difference from which one area is taken to be nearer than the other, nearly fully."""
BEHIND = 4.8
"""Weight of spanning the top and not the foot: that is sky, or the far wall."""

IN_FRONT, STANDING = 1.0, 25.0
"""Weights of lying in front where three areas meet, and of standing lower on the floor."""
MEETINGS = 100
"""Places where three areas meet that are looked at, about."""
DISC, HALF = 6, (0.4, 0.7)
"""Pixels about such a place that are looked at, and the share there of what is in front."""

Floats = NDArray[np.float64]


def depth_ranks(picture: Picture, labels: Labels, numbers: Sequence[int]) -> list[int]:
    """Ranks 0…n-1, far to near, of the areas `numbers` of an area map (h, w).

    Every pair votes: lower in the picture, inside the other's convex hull, busier or stronger in
    contrast is nearer. The ranks follow the sums of the votes.
    """
    size = fitted(picture.shape, SIDE)
    small = cv2.resize(labels, size, interpolation=cv2.INTER_NEAREST_EXACT)
    value = cv2.resize(picture.value, size, interpolation=cv2.INTER_AREA)
    masks = [small == number for number in numbers]
    fine = np.abs(value - cv2.GaussianBlur(value, (0, 0), 1.5))
    alone = np.array([_alone(value, fine, mask) for mask in masks]).reshape(len(numbers), -1).sum(axis=1)
    inside = _inside(masks)
    votes = alone[:, None] - alone[None] + INSIDE * (inside - inside.T)
    votes += IN_FRONT * _in_front(small, numbers) + STANDING * _standing(masks)
    nearness = np.tanh(votes / SURE).sum(axis=1)
    order = np.lexsort((np.arange(len(numbers)), nearness))
    ranks = np.empty(len(numbers), np.intp)
    ranks[order] = np.arange(len(numbers))
    return [int(rank) for rank in ranks]


def _in_front(labels: Labels, numbers: Sequence[int]) -> Floats:
    """How much (n, n) each area lies in front of each other by where three meet, -1 to 1.

    The outline of what is in front runs straight through such a place (a T-junction, Guzmán 1969): there it
    fills about half of a disc, the two behind share the rest.
    """
    count = len(numbers)
    index = np.full(max(int(labels.max()), *numbers) + 1, -1)
    index[list(numbers)] = np.arange(count)
    dense = index[labels]
    corners = np.stack([dense[:-1, :-1], dense[:-1, 1:], dense[1:, :-1], dense[1:, 1:]])
    ordered = np.sort(corners, axis=0)
    kinds = 1 + (np.diff(ordered, axis=0) > 0).sum(axis=0)
    score, seen = np.zeros((count, count)), np.zeros((count, count))
    places = np.argwhere(kinds >= 3)
    for row, column in places[:: max(1, len(places) // MEETINGS)]:
        window = dense[max(0, row - DISC) : row + DISC + 2, max(0, column - DISC) : column + DISC + 2]
        share = np.bincount(window[window >= 0].ravel(), minlength=count) / window.size
        three = np.argsort(share)[-3:]
        front = int(three[-1])
        if share[three[0]] < 0.06 or not HALF[0] <= share[front] <= HALF[1]:
            continue
        for behind in three[:-1]:
            score[front, behind] += 1
            score[behind, front] -= 1
            seen[front, behind] += 1
            seen[behind, front] += 1
    return np.asarray(score / np.maximum(seen, 1) * np.minimum(seen, 3) / 3)


def _standing(masks: Sequence[NDArray[np.bool_]]) -> Floats:
    """How much lower (n, n) each thing stands than each other, shares of the height, where both stand.

    A thing stands where its foot is inside the picture and it does not run from side to side: on one floor
    the lower foot is the nearer one.
    """
    feet = np.array([_foot(mask) for mask in masks])
    both = np.isfinite(feet)[:, None] & np.isfinite(feet)[None]
    apart = np.where(both, feet[:, None] - feet[None], 0.0)
    return np.asarray(np.clip(apart, -0.3, 0.3))


def _foot(mask: NDArray[np.bool_]) -> float:
    """Height of a thing's foot, 0–1 from the top; NaN for what does not stand in the picture."""
    rows, columns = np.nonzero(mask)
    if not len(rows):
        return np.nan
    height, width = mask.shape
    wide = (columns.max() - columns.min() + 1) / width
    if wide > 0.75 or rows.max() >= height - 2 or mask.mean() > 0.3:
        return np.nan
    return float(np.quantile(rows, 0.99)) / height


def _alone(value: Singles, fine: Singles, mask: NDArray[np.bool_]) -> list[float]:
    """The weighted cues that an area shows by itself; `fine` (h, w) is what is small in the values."""
    if not mask.any():
        return [0.0] * 4
    height, width = mask.shape
    rows = np.flatnonzero(mask.sum(axis=1) > 0.01 * width)
    low = float(rows.max() + 1) / height if len(rows) else float(np.nonzero(mask)[0].max() + 1) / height
    dark, light = np.quantile(value[mask], (0.1, 0.9))
    top, foot = float(mask[0].mean()), float(mask[-1].mean())
    return [
        LOW * low,
        TEXTURE * min(1.0, 4 * float(fine[mask].mean())),
        CONTRAST * min(1.0, float(light - dark) / 5),
        -BEHIND * (top > 0.4 and foot < 0.2),
    ]


def _inside(masks: Sequence[NDArray[np.bool_]]) -> Floats:
    """Share (n, n) of each area that lies in the convex hull of each other."""
    hulls = [_hull(mask) for mask in masks]
    share = np.zeros((len(masks), len(masks)))
    for i, mask in enumerate(masks):
        held = max(int(mask.sum()), 1)
        for j, hull in enumerate(hulls):
            if i != j:
                share[i, j] = float((mask & hull).sum()) / held
    return share


def _hull(mask: NDArray[np.bool_]) -> NDArray[np.bool_]:
    filled = np.zeros(mask.shape, np.uint8)
    points = cv2.findNonZero(mask.astype(np.uint8))
    if points is not None:
        cv2.fillConvexPoly(filled, cv2.convexHull(points), 1)
    return filled > 0
