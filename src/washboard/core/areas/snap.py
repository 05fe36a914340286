"""Snapping: a roughly drawn outline is moved to the edge that it means."""

from __future__ import annotations

from collections.abc import Sequence
from functools import reduce
from itertools import chain
from typing import Any

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
BLOCK = 3
"""Pixels to a side of the blocks that are cut first."""
WIDE = 8.0
"""Reach from which on blocks are worth it."""

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
    """Everything (h, w) that a closed outline encloses, also where it crosses itself; its largest piece.

    Raises InvalidInput for an outline that encloses nothing.
    """
    height, width = shape
    corners = np.rint(np.array(outline) * (width - 1, height - 1)).astype(np.int32).reshape(-1, 1, 2)
    low = np.clip(corners.min(axis=(0, 1)), 0, (width - 1, height - 1))
    high = np.clip(corners.max(axis=(0, 1)) + 1, low + 1, (width, height))
    window = (slice(low[1], high[1]), slice(low[0], high[0]))
    drawn = np.zeros(high[::-1] - low[::-1] + 2, np.uint8)
    cv2.fillPoly(drawn[1:-1, 1:-1], [corners - low], 1)
    cv2.polylines(drawn[1:-1, 1:-1], [corners - low], True, 1)
    _, outside = cv2.connectedComponents(1 - drawn, connectivity=4)
    filled = (outside != outside[0, 0])[1:-1, 1:-1]
    _, pieces, sizes, _ = cv2.connectedComponentsWithStats(filled.astype(np.uint8))
    best = 1 + int(sizes[1:, cv2.CC_STAT_AREA].argmax()) if len(sizes) > 1 else 0
    if best == 0 or sizes[best, cv2.CC_STAT_AREA] < LEAST * height * width:
        raise InvalidInput("refused-outline-encloses-nothing")
    mask = np.zeros(shape, bool)
    mask[window] = pieces == best
    return mask


def _cut(lab: Singles, rough: Mask, reach: float) -> Mask:
    """The thing inside a window: a cut through the band about its rough outline, first in blocks of
    pixels, then pixel by pixel near where that one runs; a third of the time of one cut of all pixels."""
    inward = cv2.distanceTransform(np.pad(rough.astype(np.uint8), 1), cv2.DIST_L2, 5)[1:-1, 1:-1]
    outward = cv2.distanceTransform((~rough).astype(np.uint8), cv2.DIST_L2, 5)
    # Limit the band to two thirds of a thin thing's depth, so that a core remains inside.
    side = (inward > min(reach, 0.66 * float(inward.max()))).astype(np.int8) - (outward > reach)
    colour = cv2.GaussianBlur(lab, (0, 0), 0.8) * np.array([1.0, CHROMA, CHROMA], np.float32)
    price = np.exp(-SHARP * _edges(colour).astype(np.float64))
    n = BLOCK if reach >= WIDE else 1
    sides = (_over(np.minimum, side, n) > 0).astype(np.int8) - (_over(np.maximum, side, n) < 0)
    colours = np.stack([_over(np.add, colour[..., c], n) for c in range(3)], axis=2) / (n * n)
    here, there = (_colours_near(colours, sides == s, reach / n) for s in (1, -1))
    leave = n * n * _unlike(colours, there) + TRUST * _over(np.add, inward, n)
    take = n * n * _unlike(colours, here) + TRUST * _over(np.add, outward, n)
    coarse = _full(_least(sides, leave, take, _block_prices(price, n)), n, side.shape)
    if n == 1:
        return _tidy(coarse, side > 0)
    near = cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (2 * n - 1, 2 * n - 1))
    fits = coarse.astype(np.uint8)
    free = (cv2.dilate(fits, near) != cv2.erode(fits, near)) & (side == 0)
    settled = np.where(free, 0, np.where(side != 0, side, 2 * fits.astype(np.int8) - 1))
    leave = _unlike(colour, _full(there, n, side.shape)) + TRUST * inward
    take = _unlike(colour, _full(here, n, side.shape)) + TRUST * outward
    return _tidy(_least(settled, leave, take, _block_prices(price, 1)), side > 0)


def _blocks(field: NDArray[Any], n: int) -> list[list[NDArray[Any]]]:
    """Row by row the n × n pixels of each block, (H, W) each, of a field (h, w) repeated at its ends."""
    height, width = field.shape
    whole = np.pad(field, ((0, -height % n), (0, -width % n)), mode="edge")
    return [[whole[y::n, x::n] for x in range(n)] for y in range(n)]


def _over(by: np.ufunc, field: NDArray[Any], n: int) -> NDArray[Any]:
    """What `by` makes of each block's pixels, (H, W)."""
    return reduce(by, chain.from_iterable(_blocks(field, n)))


def _full(field: NDArray[Any], n: int, shape: tuple[int, ...]) -> NDArray[Any]:
    """A field of blocks (H, W, …) again pixel by pixel (h, w, …)."""
    return field.repeat(n, axis=0).repeat(n, axis=1)[: shape[0], : shape[1]]


def _colours_near(colours: Floats, seeds: Mask, reach: float) -> Singles:
    """What the seeds near each place (h, w, 3) look like, blurred along; NaN where there are none."""
    if not seeds.any():
        return np.full(colours.shape, np.nan, np.float32)
    total = cv2.GaussianBlur(seeds.astype(np.float32), (0, 0), 0.6 * reach) + 1e-6
    blurred = cv2.GaussianBlur((colours * seeds[..., None]).astype(np.float32), (0, 0), 0.6 * reach)
    return nearest_known(blurred / total[..., None], seeds)


def _unlike(colours: Floats | Singles, wanted: Singles) -> Floats:
    """How little each place (h, w) looks like that; with nothing to compare, neither like nor unlike."""
    apart = colours - wanted
    distance = np.sqrt(np.einsum("ijk,ijk->ij", apart, apart))
    return np.asarray(LOOK * np.clip(np.nan_to_num(distance / ALIKE, nan=1.0), 0, 2), np.float64)


def _least(sides: NDArray[Any], leave: Floats, take: Floats, prices: Sequence[Floats]) -> Mask:
    """The cheapest inside (h, w): 1 in `sides` is inside, -1 outside, 0 is found."""
    band = sides == 0
    numbers = np.full(sides.shape, -1, np.intp)
    numbers[band] = np.arange(int(band.sum()))
    first, second, between = _neighbours(numbers, prices)
    leaving, taking = leave[band], take[band]
    beside_core, beside_beyond = _touching(sides > 0, band), _touching(sides < 0, band)
    leaving[beside_core], taking[beside_core] = NEVER, 0.0
    taking[beside_beyond], leaving[beside_beyond] = NEVER, 0.0
    inside = sides > 0
    inside[band] = least_cut(first, second, between, leaving, taking)
    return inside


def _edges(colour: Singles) -> Singles:
    """Edge height (h, w) 0–1: nearly the same for all that is clearly an edge."""
    across = cv2.Sobel(colour, cv2.CV_32F, 1, 0, scale=1 / 8)
    down = cv2.Sobel(colour, cv2.CV_32F, 0, 1, scale=1 / 8)
    height = np.sqrt((across**2 + down**2).sum(axis=2))
    return np.asarray(height / (height + FAINT), np.float32)


TOWARD = ((0, 1), (1, 0), (1, 1), (1, -1))
"""Rows and columns to the neighbours beside, below and across."""


def _block_prices(price: Floats, n: int) -> list[Floats]:
    """Price (H, W) of parting each block from its neighbour TOWARD each side, of `price` (h, w) a pixel.

    Between blocks side by side each row of pixels is cut where that is cheapest within half a block.
    """
    if n == 1:
        full = np.pad(price, 1, mode="edge")
        rows, columns = price.shape
        around = [full[1 + y : 1 + y + rows, 1 + x : 1 + x + columns] for y, x in TOWARD]
        return [np.sqrt(price * other) / np.hypot(*to) for to, other in zip(TOWARD, around, strict=True)]
    beside = sum(reduce(np.minimum, row) for row in _blocks(np.roll(price, -(n // 2), axis=1), n))
    downward = _blocks(np.roll(price, -(n // 2), axis=0), n)
    below = sum(reduce(np.minimum, column) for column in zip(*downward, strict=True))
    across = n * _over(np.minimum, price, n) / 2**0.5
    return [np.asarray(beside), np.asarray(below), across, across]


def _neighbours(
    numbers: NDArray[np.intp], prices: Sequence[Floats]
) -> tuple[NDArray[np.intp], NDArray[np.intp], Floats]:
    """Pairs of places of the band side by side or corner to corner, with the price of parting them."""
    firsts, seconds, between = [], [], []
    for (dy, dx), price in zip(TOWARD, prices, strict=True):
        here = (slice(0, numbers.shape[0] - dy), slice(max(0, -dx), numbers.shape[1] - max(0, dx)))
        one = numbers[here]
        other = numbers[dy:, max(0, dx) : numbers.shape[1] + min(0, dx)]
        there = (one >= 0) & (other >= 0)
        firsts.append(one[there])
        seconds.append(other[there])
        between.append(price[here][there])
    return np.concatenate(firsts), np.concatenate(seconds), np.concatenate(between)


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
