"""Where in a photo a sheet may lie: what stands out of the rim, bright and dark regions, pairs of lines."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations

import cv2
import numpy as np
from numpy.typing import NDArray

from .lit import powers
from .quad import area, upright

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

SIDE = 480
"""Pixels on the long side at which candidates are sought."""
RIM = 0.03
"""Width of the rim of the photo that tells of what lies behind the sheet."""
LEAST, MOST = 0.06, 0.985
"""Shares of the photo between which a sheet lies."""
FULL = 0.88
"""Share of a quadrilateral that a region fills at the least."""
LEVELS = 9
"""Thresholds between light and dark at which regions are sought."""
LINES = 9
"""Lines each way whose pairs are tried."""
SAME_WAY, SAME_PLACE = 0.9986, 0.008
"""Cosine between segments, and distance in shares of the long side, within which they lie on one line."""
SUPPORTED = 60
"""Pairs of lines that are kept: those along which most light changes."""


def shrunk(lab: NDArray[np.float32]) -> NDArray[np.float32]:
    """A photo (h, w, 3) at the size at which candidates are sought, never larger than it is."""
    scale = min(1.0, SIDE / max(lab.shape[:2]))
    size = (round(lab.shape[1] * scale), round(lab.shape[0] * scale))
    return np.asarray(cv2.resize(lab, size, interpolation=cv2.INTER_AREA))


def candidates(lab: NDArray[np.float32]) -> list[Floats]:
    """Quadrilaterals (4, 2) in pixels of a small photo (h, w, 3) in CIELAB, clockwise from the upper left."""
    found = [*_out_of_the_rim(lab), *_regions(lab), *_of_lines(lab)]
    high, wide = lab.shape[:2]
    return [quad for quad in found if LEAST <= area(quad) / (high * wide) <= MOST]


def _out_of_the_rim(lab: NDArray[np.float32]) -> list[Floats]:
    """What differs from the smooth field of the rim's colour."""
    high, wide = lab.shape[:2]
    y, x = np.indices((high, wide), np.float64)
    x, y = x / wide * 2 - 1, y / high * 2 - 1
    rim = max(2, round(RIM * max(high, wide)))
    edge = np.ones((high, wide), bool)
    edge[rim:-rim, rim:-rim] = False
    terms = powers(np.stack([x, y], -1))
    calm = cv2.GaussianBlur(lab, (0, 0), 1.5).astype(np.float64)
    own, there = terms[edge], calm[edge]
    keep = np.ones(len(own), bool)
    for _ in range(3):
        field, *_ = np.linalg.lstsq(own[keep], there[keep], rcond=None)
        off = np.linalg.norm(there - own @ field, axis=1)
        keep = off <= 2.5 * max(float(np.median(off)), 0.5)
    apart = calm - terms @ field
    spread = np.cov((there - own @ field)[keep].T) + np.eye(3) * 2.0
    far = np.sqrt(np.einsum("hwi,ij,hwj->hw", apart, np.linalg.inv(spread), apart))
    return [quad for least in (3.0, 4.5, 7.0) for quad in _quads(far > least)]


def _regions(lab: NDArray[np.float32]) -> list[Floats]:
    """What is lighter, or darker, than some level."""
    light = cv2.GaussianBlur(np.ascontiguousarray(lab[..., 0]), (0, 0), 1.2)
    levels = np.quantile(light, np.linspace(0.08, 0.92, LEVELS))
    return [quad for level in levels for mask in (light > level, light < level) for quad in _quads(mask)]


def _quads(mask: Mask) -> list[Floats]:
    """Large parts of a mask (h, w) that fill a quadrilateral, their holes filled."""
    closed = cv2.morphologyEx(mask.astype(np.uint8), cv2.MORPH_CLOSE, np.ones((5, 5), np.uint8))
    opened = cv2.morphologyEx(closed, cv2.MORPH_OPEN, np.ones((7, 7), np.uint8))
    outlines, _ = cv2.findContours(opened, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    found = []
    for outline in outlines:
        hull = cv2.convexHull(outline).reshape(-1, 2).astype(np.float64)
        if len(hull) < 4 or area(hull) < LEAST * mask.size:
            continue
        quad = _four_of(hull)
        if quad is not None and cv2.contourArea(outline) >= FULL * area(quad):
            found.append(upright(quad + 0.5))
    return found


def _four_of(hull: Floats) -> Floats | None:
    """The four corners (4, 2) of a hull (n, 2): sides are dropped one by one, each time the one whose
    neighbours meet nearest outside, until four are left."""
    points = hull
    while len(points) > 4:
        best, gained = None, np.inf
        for k in range(len(points)):
            a, b, c, d = (points[(k + i) % len(points)] for i in (-1, 0, 1, 2))
            meets = _crossing(a, b, d, c)
            if meets is None:
                continue
            gain = abs((c - b)[0] * (meets - b)[1] - (c - b)[1] * (meets - b)[0])
            if gain < gained:
                best, gained = (k, meets), gain
        if best is None:
            return None
        k, meets = best
        after = (k + 1) % len(points)
        points = points.copy()
        points[k] = meets
        points = np.delete(points, after, axis=0)
    return points


def _crossing(a: Floats, b: Floats, c: Floats, d: Floats) -> Floats | None:
    """Where the line from a beyond b meets that from c beyond d, None where it does not."""
    one, other, between = b - a, d - c, c - a
    turn = one[0] * other[1] - one[1] * other[0]
    if abs(turn) < 1e-9:
        return None
    along = (between[0] * other[1] - between[1] * other[0]) / turn
    beyond = (between[0] * one[1] - between[1] * one[0]) / turn
    return np.asarray(a + along * one) if along >= 1 - 1e-9 and beyond >= 1 - 1e-9 else None


def _of_lines(lab: NDArray[np.float32]) -> list[Floats]:
    """Pairs of long lines across and upright."""
    grey = np.clip(lab[..., 0] * 2.55, 0, 255).astype(np.uint8)
    high, wide = grey.shape
    seeker = cv2.ximgproc.createFastLineDetector(max(12, round(0.05 * wide)), 1.414, 20, 60, 3, True)
    seen = seeker.detect(grey)
    if seen is None:
        return []
    segments = seen.reshape(-1, 2, 2).astype(np.float64)
    lines = _joined(segments, max(high, wide))
    across = [line for line in lines if abs(line[0]) < abs(line[1])][:LINES]
    upward = [line for line in lines if abs(line[0]) >= abs(line[1])][:LINES]
    steps = np.hypot(*(cv2.Sobel(grey, cv2.CV_32F, *way) for way in ((1, 0), (0, 1))))
    calm = cv2.GaussianBlur(np.minimum(steps, 200), (0, 0), 1.5)
    quads = _between(across, upward)
    inside = (quads >= -0.08 * wide) & (quads <= np.array([wide, high]) * 1.08)
    quads = quads[inside.all(axis=(1, 2))]
    quads = quads[[area(quad) >= LEAST * grey.size for quad in quads]]
    order = np.argsort(-_support(calm, quads), kind="stable")
    return [upright(quad) for quad in quads[order[:SUPPORTED]]]


@dataclass
class _Line:
    """A line normal · x = off, of so long segments, and the middle of the first."""

    normal: Floats
    off: float
    length: float
    middle: Floats


def _joined(segments: Floats, side: int) -> list[Floats]:
    """Segments (n, 2, 2) that lie on one line as lines (a, b, c) with a x + b y = c, the longest first."""
    lines = []
    for one, other in segments:
        along, middle = other - one, (one + other) / 2
        length = float(np.linalg.norm(along))
        normal = np.array([-along[1], along[0]]) / max(length, 1e-9)
        lines.append(_Line(normal, float(normal @ middle), length, middle))
    kept: list[_Line] = []
    for line in sorted(lines, key=lambda line: -line.length):
        for known in kept:
            same = abs(float(line.normal @ known.normal)) > SAME_WAY
            if same and abs(float(known.normal @ line.middle) - known.off) < SAME_PLACE * side:
                known.length += line.length
                break
        else:
            kept.append(line)
    return [np.array([*line.normal, line.off]) for line in sorted(kept, key=lambda line: -line.length)]


def _between(across: Sequence[Floats], upward: Sequence[Floats]) -> Floats:
    """The quadrilaterals (n, 4, 2) between two of the lines that go across and two that go upward, without
    those of which two are parallel."""
    if min(len(across), len(upward)) < 2:
        return np.zeros((0, 4, 2))
    one, other = np.array(across)[:, None], np.array(upward)[None]
    turn = one[..., 0] * other[..., 1] - one[..., 1] * other[..., 0]
    meets = np.abs(turn) >= 0.3
    x = one[..., 2] * other[..., 1] - one[..., 1] * other[..., 2]
    y = one[..., 0] * other[..., 2] - one[..., 2] * other[..., 0]
    points = np.stack([x, y], -1) / np.where(meets, turn, 1.0)[..., None]
    top, bottom = np.array([*combinations(range(len(across)), 2)]).T[..., None]
    left, right = np.array([*combinations(range(len(upward)), 2)]).T[:, None]
    corners = ((top, left), (top, right), (bottom, right), (bottom, left))
    known = np.all([meets[corner] for corner in corners], axis=0)
    return np.asarray(np.stack([points[corner] for corner in corners], axis=2)[known])


def _support(steps: NDArray[np.float32], quads: Floats) -> Floats:
    """How much light changes along the weakest of the sides of each quadrilateral (n, 4, 2)."""
    at = np.linspace(0.03, 0.97, 40)[:, None]
    points = quads[:, :, None] * (1 - at) + np.roll(quads, -1, axis=1)[:, :, None] * at
    x = np.clip(points[..., 0].round().astype(int), 0, steps.shape[1] - 1)
    y = np.clip(points[..., 1].round().astype(int), 0, steps.shape[0] - 1)
    told = np.median(steps[y, x], axis=2)
    return np.asarray(told.min(axis=1) + 0.25 * told.sum(axis=1))


def unlike(quads: Sequence[Floats], least: float) -> list[Floats]:
    """Quadrilaterals (4, 2) of which each has a corner at least `least` pixels from that of every earlier
    one."""
    kept: list[Floats] = []
    for quad in quads:
        if all(np.abs(quad - known).max() >= least for known in kept):
            kept.append(quad)
    return kept
