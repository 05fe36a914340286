"""Textures: places all over fine light and dark, told as a rule how to paint them and a sketch of where."""

from __future__ import annotations

from collections.abc import Iterator

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.picture import Labels, Singles
from ..reference.stops import STEPS
from .candidates import Candidate, Texture
from .lack import Lack, weighed

Mask = NDArray[np.bool_]
Box = tuple[slice, slice]

FINE_PX, COARSE_PX = 0.7, 6.0
"""Blurs between which grain lies: below is noise of the photo, above are shapes."""
NEAR_PX = 10.0
"""Pixels about a place over which its grain is averaged."""
STRONG = 0.3
"""Grain in values (root mean square) from which a place is textured."""
LEAST_CM2, LEAST_SHARE = 4.0, 0.1
"""Smallest texture on the surface, and as a share of its mass."""
STROKE = 0.6
"""Of the grain about a place, how far a stroke's own value stands out."""
LEAST_STROKE_PX = 6
"""Smallest stroke of a sketch in pixels."""
BROAD_PX = 20.0
"""Pixels from the middle of a texture to its border at least: along a single edge there is grain too."""


def textures_of(lack: Lack, labels: Labels, weight: Singles, cm: float) -> Iterator[Candidate]:
    """What might be painted as a texture: for each mass, `labels` (h, w), its darks and its lights; `weight`
    (h, w) how much a place counts, a pixel being `cm` wide."""
    value = lack.apart[..., 0]
    fine = cv2.GaussianBlur(value, (0, 0), FINE_PX)
    grain = fine - cv2.GaussianBlur(value, (0, 0), COARSE_PX)
    strength = np.sqrt(cv2.GaussianBlur(grain * grain, (0, 0), NEAR_PX))
    textured = _broad(strength > STRONG)
    held = np.bincount(labels[textured], minlength=int(labels.max(initial=0)) + 1)
    whole = np.bincount(labels.ravel(), minlength=len(held))
    large = (held * cm * cm >= LEAST_CM2) & (held >= LEAST_SHARE * whole)
    for label in np.flatnonzero(large):
        there = textured & (labels == label)
        left, top, wide, high = cv2.boundingRect(there.astype(np.uint8))
        box = slice(top, top + high), slice(left, left + wide)
        # A view would keep a mask of the whole picture for each mass.
        region = there[box].copy()
        for sign in (-1, 1):
            strokes = region & (sign * grain[box] > STROKE * strength[box]) & (sign * value[box] > 0)
            found = _candidate(lack, weight, box, region, _cleaned(strokes), grain[box])
            if found is not None:
                yield found


def _broad(region: Mask) -> Mask:
    """What of a region lies in circles of BROAD_PX within it."""
    core = cv2.distanceTransform(region.astype(np.uint8), cv2.DIST_L2, 5) > BROAD_PX
    if not core.any():
        return core
    return np.asarray(cv2.distanceTransform((~core).astype(np.uint8), cv2.DIST_L2, 5) < BROAD_PX)


def _cleaned(strokes: Mask) -> Mask:
    _, labels, stats, _ = cv2.connectedComponentsWithStats(strokes.astype(np.uint8), connectivity=8)
    kept = stats[:, cv2.CC_STAT_AREA] >= LEAST_STROKE_PX
    kept[0] = False
    return kept[labels]


def _candidate(
    lack: Lack, weight: Singles, at: Box, region: Mask, mask: Mask, grain: Singles
) -> Candidate | None:
    """The strokes of `mask` (h, w) in a box of the picture; `region` and `grain` (h, w) in the same box."""
    heavy = weight[at]
    if not mask.any():
        return None
    meant, there = lack.meant[at][mask], lack.lab[at][mask]
    colour = np.average(meant, axis=0, weights=heavy[mask])
    gained = weighed((meant - there) * STEPS) - weighed((meant - colour) * STEPS)
    gain = float(heavy[mask] @ gained)
    if gain <= 0:
        return None
    size, direction, along = _run(grain, region)
    texture = Texture(region, float(np.sqrt((grain[region] ** 2).mean())), size, direction, along)
    rows, columns = at
    box = rows.start, rows.stop, columns.start, columns.stop
    rim = int(mask.sum() - cv2.erode(mask.astype(np.uint8), np.ones((3, 3), np.uint8)).sum())
    return Candidate(box, mask, int(mask.sum()), rim, gain, 1.0, texture)


def _run(grain: Singles, region: Mask) -> tuple[float, float, float]:
    """Pixels from one grain to the next, along which direction they run (degrees counter-clockwise, 0–180),
    and how much they do, 0–1: the structure tensor of the grain (Bigün and Granlund 1987)."""
    across, down = (cv2.Sobel(grain, cv2.CV_32F, dx, 1 - dx, scale=1 / 8)[region] for dx in (1, 0))
    xx, yy, xy = float(across @ across), float(down @ down), float(across @ down)
    apart, total = np.hypot(xx - yy, 2 * xy), max(xx + yy, 1e-9)
    normal = 0.5 * np.degrees(np.arctan2(-2 * xy, xx - yy))
    # Of a wave, the mean square over that of its slope is the square of its length over 2π.
    size = 2 * np.pi * np.sqrt(float((grain[region] ** 2).sum()) / total)
    return float(size), float((normal + 90) % 180), float(apart / total)
