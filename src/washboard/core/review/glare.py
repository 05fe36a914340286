"""Where a painting shines: what a lamp mirrored on it hides."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import RGB_TO_XYZ
from .expected import members
from .tone import blurred

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]
Indices = NDArray[np.intp]

CALM, CLOSED, WIDER = 0.007, 0.02, 0.012
"""Blur, gaps closed, and what is added all round, as shares of the long side."""
BRIGHTER, BLOWN = 1.08, 0.85
"""Times the lightest that the painting can be from which light is a mirror's, and light that a camera takes
up to which what is blown on a photo is no paper in too much light."""
ADDS, STIRS = 0.03, 0.15
"""Light added beside a mirror's, as a share of white's and of what lies there, from which that shines too."""
A_LOT = (0.07, 0.3)
"""The same from which white light is a mirror's by itself."""
BARE = 0.08
"""Share of its light by which bare surface, of the luminance `paper`, may seem lighter or darker."""
USUAL, ENOUGH = 0.4, 4000
"""The quantile of a part's light that counts as what it usually is, and pixels that tell it."""
GROWS = 2
"""Times that a glare is followed outward from what is known outside it."""
FAINT, REACHES, MOVES = 0.012, 0.3, (0.006, 0.09)
"""Blur, as a share of the long side; distance, as a share of the glare's own size; and light added, as a
share of white's and of what lies there, from which a faint shine counts: it moves a value by a tenth."""
WITNESS = (150, 0.05)
"""Pixels, and share, of a part outside a glare by which it tells what lies in it."""
LEAST = 0.0006
"""Share of the picture from which what shines is a glare, not a speck."""


def shining(
    reflects: Floats, blown: Mask, index: Indices, ends: Floats, along: Floats, lightest: float, paper: float
) -> Mask:
    """Where a picture (h, w, 3) in linear light, evened out, shines (h, w): where it is `blown` on the photo
    or lighter than the `lightest` luminance that can be there, and round that as far as something is added to
    what the parts by their index (h, w) reflect elsewhere, or are meant to between their `ends` (p, 2, 3), so
    far `along` (h, w) from the first to the second."""
    luminance = reflects @ RGB_TO_XYZ[1]
    long = max(luminance.shape)
    calm = cv2.GaussianBlur(luminance, (0, 0), max(1.0, CALM * long))
    modelled = _modelled(reflects, index, ends, along)
    usual = np.maximum(_usual(reflects, index), modelled)
    wide_blur = max(1.0, 2 * CALM * long)
    more, there = (
        blurred(of.astype(np.float32), wide_blur).astype(float) for of in (reflects - usual, usual)
    )
    added, lies = more @ RGB_TO_XYZ[1], there @ RGB_TO_XYZ[1]
    # A mirror adds the lamp's own light, the same to all channels whatever lies there.
    white = more.min(axis=2) > 0.6 * more.max(axis=2)
    white &= np.abs(calm - paper) > BARE * paper
    core = blown | (calm > BRIGHTER * lightest) | (white & (added > A_LOT[0] + A_LOT[1] * lies))
    core = cv2.morphologyEx(core.astype(np.uint8), cv2.MORPH_OPEN, np.ones((5, 5), np.uint8)) > 0
    wide = added > ADDS + STIRS * lies
    joined = cv2.morphologyEx((core | wide).astype(np.uint8), cv2.MORPH_CLOSE, _disc(CLOSED * long))
    found = _glares(joined, core, long)
    for _ in range(GROWS if found.any() else 0):
        found = _grown(found, reflects, index, modelled)
    return np.asarray(cv2.dilate(found.astype(np.uint8), _disc(WIDER * long)) > 0)


def _glares(joined: Mask, core: Mask, long: int) -> Mask:
    """The parts of what is `joined` (h, w) that have enough of a `core` (h, w), with what they enclose."""
    count, parts = cv2.connectedComponents(np.asarray(joined, np.uint8))
    cores = np.bincount(parts[core], minlength=count)
    found = np.zeros(joined.shape, np.uint8)
    for part in range(1, count):
        if cores[part] >= LEAST * joined.size:
            own = (parts == part).astype(np.uint8)
            hull = np.zeros_like(own)
            cv2.fillConvexPoly(hull, cv2.convexHull(cv2.findNonZero(own)), 1)
            # Small masses inside a glare have no place without it; a long tail has nothing beside it.
            found |= hull & cv2.dilate(own, _disc(2 * CLOSED * long))
    return np.asarray(found > 0)


def _grown(found: Mask, reflects: Floats, index: Indices, modelled: Floats) -> Mask:
    """A glare (h, w) as far as it goes: where the light that it adds to what lies outside it in the same part
    would still move a value. Parts that lie in it altogether are told by those beside them."""
    long = max(found.shape)
    usual, known = _outside(found, reflects, index, modelled)
    more = np.where(known, (reflects - usual) @ RGB_TO_XYZ[1], 0.0)
    tells, sums = (blurred(of.astype(np.float32), FAINT * long) for of in (known, more))
    adds = np.where(tells > 0.05, sums / np.maximum(tells, 0.05), np.inf)
    lies = np.where(known, usual @ RGB_TO_XYZ[1], np.clip(reflects @ RGB_TO_XYZ[1] - adds, 0.0, None))
    away = cv2.distanceTransform((~found).astype(np.uint8), cv2.DIST_L2, cv2.DIST_MASK_PRECISE)
    near = away <= REACHES * np.sqrt(found.sum())
    wide = found | (near & (adds > MOVES[0] + MOVES[1] * lies))
    _, parts = cv2.connectedComponents(wide.astype(np.uint8))
    touched = np.unique(parts[found])
    own = np.isin(parts, touched[touched > 0])
    return np.asarray(cv2.morphologyEx(own.astype(np.uint8), cv2.MORPH_CLOSE, _disc(CLOSED * long)) > 0)


def _outside(found: Mask, reflects: Floats, index: Indices, modelled: Floats) -> tuple[Floats, Mask]:
    """What lies in each part (h, w, 3) by what is seen of it outside a glare (h, w), and where that is known
    (h, w)."""
    count = int(index.max()) + 1
    shift, told = np.ones((count, 3)), np.zeros(count, bool)
    free, ratio = ~found.ravel(), (reflects / np.maximum(modelled, 1e-3)).reshape(-1, 3)
    for part, own in enumerate(members(index, count)):
        seen = own[free[own]]
        told[part] = len(seen) >= max(WITNESS[0], WITNESS[1] * len(own))
        if told[part]:
            shift[part] = np.median(ratio[seen[:: max(1, len(seen) // ENOUGH)]], axis=0)
    return np.asarray(modelled * shift[index]), np.asarray(told[index])


def _modelled(reflects: Floats, index: Indices, ends: Floats, meant: Floats) -> Floats:
    """What lies in each part (h, w, 3) if it is between its `ends` (p, 2, 3): the colour on that way to which
    the least white light must be added, but no darker than it is `meant` (h, w), 0–1 from the first end: on
    the way from grey to grey white light is all that there is."""
    dark = ends[index, 0]
    way = ends[index, 1] - dark
    off = reflects - dark
    # Least squares for how far along the way, and how much white.
    even = way - way.mean(axis=-1, keepdims=True)
    along = (even * off).sum(axis=-1) / np.maximum((even**2).sum(axis=-1), 1e-6)
    return np.asarray(dark + np.clip(along, meant, 1.0)[..., None] * way)


def _disc(wide: float) -> NDArray[np.uint8]:
    size = max(3, round(wide) | 1)
    return np.asarray(cv2.getStructuringElement(cv2.MORPH_ELLIPSE, (size, size)))


def _usual(reflects: Floats, index: Indices) -> Floats:
    """What each part of a picture (h, w, 3) reflects usually: its median, or less where it is all glare."""
    count, light = int(index.max()) + 1, reflects.reshape(-1, 3)
    usual = np.zeros((count, 3))
    for part, own in enumerate(members(index, count)):
        if len(own):
            # A few thousand pixels tell a quantile as well as all.
            usual[part] = np.quantile(light[own[:: max(1, len(own) // ENOUGH)]], USUAL, axis=0)
    return np.asarray(usual[index])
