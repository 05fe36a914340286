"""Snapping: a roughly drawn outline is moved to the edge that it means."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray

from ..cut import NEVER, least_cut
from ..errors import InvalidInput
from ..reference.nearest import nearest_known
from ..reference.picture import Singles

OFF = 0.010
"""How far a rough outline may be off, as a share of the long side."""
REACH = 1.5
"""Width of the band searched on each side, in times OFF."""
LEAST = 0.0004
"""Least share of the picture that an outline encloses."""
SHARP = 6.0
"""How fast the price of a cut falls with the edge that it follows."""
ALIKE = 14.0
"""Difference in Lab that counts as another look than inside or outside."""
LOOK = 0.05
"""Weight of looks against edges."""
TRUST = 0.005
"""Price a pixel for each pixel of distance from the drawn line: a hand wanders to both sides."""
FAINT = 1.5
"""Gradient in Lab a pixel at which an edge counts half: a weak border counts beside a strong one."""
CHROMA = 1.3

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]
Place = tuple[float, float]


def snapped(lab: Singles, outline: Sequence[Place]) -> Mask:
    """The thing (h, w) that a rough closed outline means, in a Lab picture (h, w, 3).

    Inside a band of REACH · OFF about the outline a minimum cut (Boykov and Jolly 2001) parts what looks
    like the inside next to it from what looks like the outside, along edges; edges are measured against the
    strongest nearby, so that a weak border counts where there is no other. An outline that crosses itself is
    taken with all it encloses. Raises InvalidInput where it encloses nearly nothing.
    """
    rough = enclosed(outline, (lab.shape[0], lab.shape[1]))
    reach = max(3.0, REACH * OFF * max(rough.shape))
    rows, columns = np.nonzero(rough)
    pad = int(reach) + 4
    top, left = max(0, rows.min() - pad), max(0, columns.min() - pad)
    bottom, right = rows.max() + pad + 1, columns.max() + pad + 1
    window = (slice(top, bottom), slice(left, right))
    part = _cut(lab[window], rough[window], reach)
    result = np.zeros(rough.shape, bool)
    result[window] = part
    return result


def enclosed(outline: Sequence[Place], shape: tuple[int, int]) -> Mask:
    """Everything (h, w) that a closed outline encloses, also where it crosses itself; its largest piece."""
    height, width = shape
    corners = np.rint(np.array(outline) * (width - 1, height - 1)).astype(np.int32).reshape(-1, 1, 2)
    drawn = np.zeros(shape, np.uint8)
    cv2.fillPoly(drawn, [corners], 1)
    cv2.polylines(drawn, [corners], True, 1)
    around = np.pad(1 - drawn, 1, constant_values=1)
    _, outside = cv2.connectedComponents(around.astype(np.uint8), connectivity=4)
    filled = (outside != outside[0, 0])[1:-1, 1:-1]
    _, pieces, sizes, _ = cv2.connectedComponentsWithStats(filled.astype(np.uint8))
    best = 1 + int(sizes[1:, cv2.CC_STAT_AREA].argmax()) if len(sizes) > 1 else 0
    if best == 0 or sizes[best, cv2.CC_STAT_AREA] < LEAST * filled.size:
        raise InvalidInput("The outline encloses nearly nothing; the areas were kept as they were.")
    return np.asarray(pieces == best)


def _cut(lab: Singles, rough: Mask, reach: float) -> Mask:
    """The thing inside a window, by a cut through the band about its rough outline."""
    inward = cv2.distanceTransform(np.pad(rough.astype(np.uint8), 1), cv2.DIST_L2, 5)[1:-1, 1:-1]
    outward = cv2.distanceTransform((~rough).astype(np.uint8), cv2.DIST_L2, 5)
    # A thin thing keeps a core: the band never eats more than two thirds of its depth.
    core = inward > min(reach, 0.66 * float(inward.max()))
    beyond = outward > reach
    band = ~core & ~beyond
    colour = cv2.GaussianBlur(lab, (0, 0), 0.8) * np.array([1.0, CHROMA, CHROMA], np.float32)
    leave = _unlike(colour, beyond, band, reach)
    take = _unlike(colour, core, band, reach)
    leave += TRUST * inward[band]
    take += TRUST * outward[band]
    numbers = np.full(rough.shape, -1, np.intp)
    numbers[band] = np.arange(int(band.sum()))
    first, second, between = _neighbours(numbers, _edges(colour))
    beside_core, beside_beyond = _touching(core, band), _touching(beyond, band)
    leave[beside_core], take[beside_core] = NEVER, 0.0
    take[beside_beyond], leave[beside_beyond] = NEVER, 0.0
    taken = least_cut(first, second, between, leave, take)
    result = core.copy()
    result[band] = taken
    return _tidy(result, core)


def _unlike(colour: Singles, seeds: Mask, band: Mask, reach: float) -> Floats:
    """How little each band pixel (n,) looks like the nearest of the seeds, whose colour is blurred along."""
    if not seeds.any():
        return np.full(int(band.sum()), LOOK)
    weight = seeds.astype(np.float32)
    total = cv2.GaussianBlur(weight, (0, 0), 0.6 * reach) + 1e-6
    mean = cv2.GaussianBlur(colour * weight[..., None], (0, 0), 0.6 * reach) / total[..., None]
    apart = np.linalg.norm(colour[band] - nearest_known(mean, seeds)[band], axis=1)
    return np.asarray(LOOK * np.clip(apart / ALIKE, 0, 2), np.float64)


def _edges(colour: Singles) -> Singles:
    """Edge height (h, w) 0–1: nearly the same for all that is clearly an edge."""
    across = cv2.Sobel(colour, cv2.CV_32F, 1, 0, scale=1 / 8)
    down = cv2.Sobel(colour, cv2.CV_32F, 0, 1, scale=1 / 8)
    height = np.sqrt((across**2 + down**2).sum(axis=2))
    return np.asarray(height / (height + FAINT), np.float32)


def _neighbours(
    numbers: NDArray[np.intp], edge: Singles
) -> tuple[NDArray[np.intp], NDArray[np.intp], Floats]:
    """Pairs of band pixels side by side or corner to corner, with the price of parting them."""
    firsts, seconds, prices = [], [], []
    for dy, dx in ((0, 1), (1, 0), (1, 1), (1, -1)):
        one = numbers[: numbers.shape[0] - dy or None, max(0, -dx) : numbers.shape[1] - max(0, dx)]
        other = numbers[dy:, max(0, dx) : numbers.shape[1] + min(0, dx)]
        there = (one >= 0) & (other >= 0)
        firsts.append(one[there])
        seconds.append(other[there])
        flat = edge[numbers >= 0]
        mean = (flat[one[there]] + flat[other[there]]) / 2
        prices.append(np.exp(-SHARP * mean.astype(np.float64)) / np.hypot(dy, dx))
    return np.concatenate(firsts), np.concatenate(seconds), np.concatenate(prices)


def _touching(of: Mask, band: Mask) -> Mask:
    """Which band pixels (n,) lie beside a region."""
    return (cv2.dilate(of.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0)[band]


def _tidy(mask: Mask, core: Mask) -> Mask:
    """The piece that holds the core, without holes or crumbs, its border a little smoothed."""
    smooth = cv2.medianBlur(mask.astype(np.uint8), 5)
    _, pieces = cv2.connectedComponents(smooth)
    held = np.bincount(pieces[core & (smooth > 0)], minlength=2)
    held[0] = 0
    piece = (pieces == int(held.argmax())).astype(np.uint8) if held.any() else core.astype(np.uint8)
    contours, _ = cv2.findContours(piece, cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    filled = np.zeros_like(piece)
    cv2.drawContours(filled, contours, -1, 1, -1)
    return filled > 0
