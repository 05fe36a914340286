"""A border of areas that runs into a corner of the picture."""

from __future__ import annotations

import math

import cv2
import numpy as np

from ...sentence import sentence
from ..arrangement import Change
from .finding import Composed, Finding

NEAR = 0.025
"""Shares of width and height around a corner."""
FAR = 3
"""Times as far from the corner as it must be seen to come from, to be a line."""
LEAST_SLOPE = 0.27
"""Slope (15°) against either border from which a line runs into the corner, not along that border."""
SEEN, CLOSE = 12.0, 0.008
"""Difference in CIELAB between its two sides from which a line is seen, and how close to it they are, as a
share of the long side."""
CROP = 0.07


def found(c: Composed) -> list[Finding]:
    """A border of areas that runs into a corner of the picture."""
    findings = []
    for words, x, y in (
        ("upper left", 0, 0),
        ("upper right", 1, 0),
        ("lower left", 0, 1),
        ("lower right", 1, 1),
    ):
        near, far = _sides(c, x, y, NEAR), _sides(c, x, y, FAR * NEAR)
        if near is not None and near == far and _apart(c, *near, x, y) >= SEEN:
            findings.append(_leads_out(words, float(x), float(y), near))
    return findings


def _around(c: Composed, x: int, y: int, share: float) -> tuple[slice, slice]:
    """The rows and columns around a corner, so many shares of height and width."""
    height, width = c.areas.labels.shape
    rows, columns = max(2, round(share * height)), max(2, round(share * width))
    return (
        slice(height - rows, height) if y else slice(0, rows),
        slice(width - columns, width) if x else slice(0, columns),
    )


def _sides(c: Composed, x: int, y: int, share: float) -> tuple[int, int] | None:
    """The areas on both sides of a line that comes from inside toward a corner at some slope, None where
    there is none or it runs along a border of the picture."""
    patch = c.areas.labels[_around(c, x, y, share)]
    # Turned so that the corner is the upper left one, then along the two inner borders of its surroundings.
    turned = patch[:: -1 if y else 1, :: -1 if x else 1]
    across, along = turned[:, -1], turned[-1, ::-1]
    one, other = int(across[0]), int(along[-1])
    slopes = (across[: math.ceil(LEAST_SLOPE * len(across))] == one).all() and (
        along[-math.ceil(LEAST_SLOPE * len(along)) :] == other
    ).all()
    # Half as near to the corner along both borders it still has not left the picture.
    hits = turned[0, turned.shape[1] // 2] == one and turned[turned.shape[0] // 2, 0] == other
    return (one, other) if one != other and slopes and hits else None


def _apart(c: Composed, one: int, other: int, x: int, y: int) -> float:
    """How different (CIELAB) two areas are where they meet near a corner; nothing where they do not meet."""
    at = _around(c, x, y, FAR * NEAR)
    labels, lab = c.areas.labels[at], c.picture.lab[at]
    beside = np.ones((3, 3), np.uint8)
    reach = max(1, round(CLOSE * max(c.areas.labels.shape)))
    sides = [(labels == label).astype(np.uint8) for label in (one, other)]
    grown = [cv2.dilate(side, beside, iterations=reach) > 0 for side in sides]
    meet = [(sides[k] > 0) & grown[1 - k] for k in (0, 1)]
    if not all(there.any() for there in meet):
        return 0.0
    return float(np.linalg.norm(lab[meet[0]].mean(axis=0) - lab[meet[1]].mean(axis=0)))


def _leads_out(words: str, x: float, y: float, labels: tuple[int, int]) -> Finding:
    crop = (0.0, CROP, 1.0, 1.0) if y == 0 else (0.0, 0.0, 1.0, 1 - CROP)
    return Finding(
        "corner", {"corner": sentence(f"place-{words.replace(' ', '-')}")}, (x, y), labels, Change(crop=crop)
    )
