"""Marks as a hand draws them: the middle of a line with its widths, the outline of anything else."""

from __future__ import annotations

from collections import deque

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.marks import MarkKind, Path
from .candidates import Candidate

Mask = NDArray[np.bool_]
Pixel = tuple[int, int]

FINE_PX = 0.8
"""Pixels by which a path may leave what it stands for."""
EVERY_PX = 6
"""Pixels from one point of a line to the next."""
AROUND = [(y, x) for y in (-1, 0, 1) for x in (-1, 0, 1) if y or x]


def path_of(place: Candidate, kind: MarkKind, cm: float) -> Path:
    """The path of a mark in cm from the picture's upper left, a pixel being `cm` wide."""
    top, _, left, _ = place.box
    mask = np.pad(place.texture.region if place.texture else place.mask, 1)
    line = _middle(mask) if kind is MarkKind.LINE else ()
    if len(line) >= 2:
        deep = cv2.distanceTransform(mask.astype(np.uint8), cv2.DIST_L2, 3)
        some = [*line[:-1:EVERY_PX], line[-1]]
        widths = tuple(round(10 * cm * max(2 * float(deep[y, x]) - 1, 1.0), 2) for y, x in some)
        return Path(tuple(_placed(x, y, left, top, cm) for y, x in some), widths)
    contours, _ = cv2.findContours(mask.astype(np.uint8), cv2.RETR_EXTERNAL, cv2.CHAIN_APPROX_NONE)
    outline = cv2.approxPolyDP(max(contours, key=len), FINE_PX, closed=True)[:, 0]
    return Path(tuple(_placed(int(x), int(y), left, top, cm) for x, y in outline))


def _placed(x: int, y: int, left: int, top: int, cm: float) -> tuple[float, float]:
    """A pixel of a padded mask on the surface: its middle."""
    return round((left + x - 0.5) * cm, 3), round((top + y - 0.5) * cm, 3)


def _middle(mask: Mask) -> tuple[Pixel, ...]:
    """The longest way along the middle of a mask, pixel by pixel."""
    # Half a second to import, wanted by few: a plan that is read has its paths.
    from skimage.morphology import skeletonize

    pixels = {(int(y), int(x)) for y, x in np.argwhere(skeletonize(mask))}
    if not pixels:
        return ()
    one = _way(pixels, min(pixels))[-1]
    return tuple(_way(pixels, one))


def _way(pixels: set[Pixel], start: Pixel) -> list[Pixel]:
    """The way from a pixel to one of those farthest from it."""
    before: dict[Pixel, Pixel | None] = {start: None}
    queue, last = deque([start]), start
    while queue:
        last = queue.popleft()
        for dy, dx in AROUND:
            there = last[0] + dy, last[1] + dx
            if there in pixels and there not in before:
                before[there] = last
                queue.append(there)
    way: list[Pixel] = []
    at: Pixel | None = last
    while at is not None:
        way.append(at)
        at = before[at]
    return way[::-1]
