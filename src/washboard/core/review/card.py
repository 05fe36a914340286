"""A grey card that lies beside a painting: found by its shape and by being grey."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lab_of_linear, linear_of, linear_of_lab
from .corners import Found
from .expected import Expected
from .patches import has_margin
from .quad import homography, projected, rectangle
from .sharpen import unbent
from .tone import CRISPS, LUMA, Known, calmed

Floats = NDArray[np.float64]

REFLECTS = 0.18
"""What a grey card reflects."""
SIDE = 900
"""Pixels on the long side at which a card is sought."""
SMOOTH = 1.6
"""Change of L* from pixel to pixel up to which a place is even."""
SIZES = (0.0012, 0.05)
"""Shares of the photo between which a card lies."""
FULL, SQUARE = 0.9, 2.2
"""How full a card's quadrilateral is, and its longest side over its shortest at the most."""
LEAST_PX, TOGETHER = 60, 2.0
"""Pixels of a card that can tell local contrast, and how many of them tell as much as one that stands by
itself: a photo's noise is blurred by its making."""
CLEARLY, LEAST_CRISP = 3.0, 0.05
"""Standard deviations, and local contrast, from which that is believed: in made photos of cards without it
what is as much reaches 1.6 of them, with it 2 to 160."""
LIGHTEST = 0.96
"""Quantile of a picture from which its places are its lightest."""
GREY, LIGHTER = 12.0, (0.05, 0.6)
"""Chroma up to which a patch is grey beside the paper, and what it reflects with the paper taken as it is:
a phone's tone curve moves that."""


def card_beside(rgb: NDArray[np.uint8], found: Found, expected: Expected) -> Known | None:
    """The grey card beside a painting in a photo (h, w, 3), encoded; None where none is found."""
    scale = min(1.0, SIDE / max(rgb.shape[:2]))
    size = (round(rgb.shape[1] * scale), round(rgb.shape[0] * scale))
    coded = cv2.resize(rgb, size, interpolation=cv2.INTER_AREA).astype(np.float32) / 255
    lab = cv2.cvtColor(coded, cv2.COLOR_RGB2Lab)
    even = _even(lab)
    even &= cv2.dilate(_filled(coded, found.sheet * scale), np.ones((5, 5), np.uint8)) == 0
    white, reflected = _white(coded, found, scale, expected)
    best, nearest = None, np.inf
    count, parts, stats, _ = cv2.connectedComponentsWithStats(even.astype(np.uint8))
    for part in range(1, count):
        share = stats[part, cv2.CC_STAT_AREA] / even.size
        if not SIZES[0] <= share <= SIZES[1] or not _is_card(parts == part):
            continue
        own = cv2.erode((parts == part).astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
        if own.sum() < 30:
            continue
        seen = np.median(coded[own], axis=0).astype(float)
        reflects = linear_of(seen) / white * reflected
        chroma = float(np.linalg.norm(lab_of_linear(reflects)[1:]))
        lies = float(reflects.mean())
        if chroma > GREY or not LIGHTER[0] <= lies <= LIGHTER[1]:
            continue
        away = abs(np.log(lies / REFLECTS)) + chroma / GREY
        if away < nearest:
            at = np.argwhere(own).mean(axis=0)[::-1] / scale
            calm = calmed(coded)
            place = _place(at, found, rgb.shape, expected.margin)
            crisp = _crisp(coded @ LUMA, calm, own)
            best, nearest = Known(seen, float(np.median(calm[own])), place, REFLECTS, crisp), away
    return best


def _crisp(grey: Floats, calm: NDArray[np.float32], own: NDArray[np.bool_]) -> float:
    """The local contrast (0–1) that a phone has lifted on a card: its `own` pixels (h, w), a photo's grey and
    blurred grey (h, w); 0 where none is clear.

    A card is of one grey. What is k local contrast makes it (1 + k) times that less k times the blurred grey,
    so the grey falls where the blurred grey rises, beyond what light that falls off evenly does.
    """
    inner = cv2.erode(own.astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
    down, across = np.nonzero(inner)
    if len(down) < LEAST_PX:
        return 0.0
    terms = np.stack([calm[inner], down, across, np.ones(len(down))], axis=1).astype(float)
    terms[:, :3] -= terms[:, :3].mean(axis=0)
    found, *_ = np.linalg.lstsq(terms, grey[inner], rcond=None)
    rest = grey[inner] - terms @ found
    spread = np.linalg.pinv(terms.T @ terms)[0, 0] * rest.var() * TOGETHER
    crisp = -float(found[0])
    if crisp < CLEARLY * max(spread, 0.0) ** 0.5 or crisp < LEAST_CRISP:
        return 0.0
    return min(crisp, float(CRISPS[-1]))


def _even(lab: NDArray[np.float32]) -> NDArray[np.bool_]:
    """Where neighbouring pixels are alike (h, w)."""
    calm = cv2.GaussianBlur(lab, (0, 0), 1.2)
    steps = [cv2.Sobel(calm[..., c], cv2.CV_32F, *way) / 8 for c in range(3) for way in ((1, 0), (0, 1))]
    return np.asarray(np.sqrt(sum(step**2 for step in steps)) < SMOOTH)


def _is_card(mask: NDArray[np.bool_]) -> bool:
    """Whether a region (h, w) fills a quadrilateral that is nearly square."""
    outlines, _ = cv2.findContours(mask.astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    outline = max(outlines, key=cv2.contourArea)
    (_, sides, _), inside = cv2.minAreaRect(outline), cv2.contourArea(outline)
    short, long = sorted(sides)
    hull = cv2.contourArea(cv2.convexHull(outline))
    return bool(short > 4 and long <= SQUARE * short and inside >= FULL * hull and hull >= 0.8 * short * long)


def _white(
    coded: NDArray[np.float32], found: Found, scale: float, expected: Expected
) -> tuple[Floats, Floats]:
    """Light (3,) of a photo (h, w, 3), `scale` times as large as that in which the sheet was found, and what
    it comes from reflects (3,): of the margin, or of the picture's lightest places."""
    sheet, picture = (_filled(coded, corners * scale) for corners in (found.sheet, found.picture))
    margin = cv2.erode(sheet, np.ones((5, 5), np.uint8)) & ~cv2.dilate(picture, np.ones((5, 5), np.uint8))
    if has_margin(expected) and margin.any():
        return np.median(linear_of(coded[margin > 0]), axis=0), np.asarray(expected.surface.linear)
    light = linear_of(coded[picture > 0])
    # The lightest of the plan by the same share: its lightest mass may be a speck.
    planned = expected.colours[-1][expected.index.ravel()]
    lightest = planned[planned[:, 0] >= np.quantile(planned[:, 0], LIGHTEST)]
    reflected = np.clip(np.median(linear_of_lab(lightest), axis=0), 1e-3, None)
    return np.median(light[light[:, 1] >= np.quantile(light[:, 1], LIGHTEST)], axis=0), reflected


def _filled(coded: NDArray[np.float32], corners: Floats) -> NDArray[np.uint8]:
    """The pixels (h, w) of a photo inside a quadrilateral (4, 2)."""
    inside = np.zeros(coded.shape[:2], np.uint8)
    cv2.fillConvexPoly(inside, corners.round().astype(np.int32), 1)
    return inside


def _place(at: Floats, found: Found, shape: tuple[int, ...], margins: tuple[float, float]) -> Floats:
    """A place of the photo (2,) on the straightened sheet, from -1 to 1 across and down the picture."""
    size = (shape[1], shape[0])
    across, down = margins
    own = rectangle(2 * (1 + 2 * across), 2 * (1 + 2 * down), -1 - 2 * across, -1 - 2 * down)
    straight = unbent(np.vstack([found.sheet, at]), found.bends, size)
    by = homography(straight[:4], own)
    return np.asarray(projected(by, straight[4:])[0])
