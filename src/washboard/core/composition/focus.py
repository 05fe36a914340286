"""The focus: where contrast, colour and sharp edges meet, and how far it lies from a crossing of thirds."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np

from ..reference.picture import Picture, Singles, fitted

SIDE = 320
"""Pixels on the long side where the focus is sought."""
NEAR, WIDE = 0.035, 0.12
"""Widths of a place and of what it is compared with, as shares of the long side."""
COLOUR, SHARP = 0.6, 0.8
"""Weights of colour contrast and of sharpness beside contrast of value."""
NEARLY = 0.7
"""Share of the strongest pull that belongs to the same place: a thing pulls by its whole outline."""
BORDER = 0.07
"""Share of each side along which a place counts less: nothing as strong should stand there."""
THIRDS = (1 / 3, 2 / 3)


@dataclass(frozen=True)
class Focus:
    """`x`, `y` shares 0–1; `strength` 0–1; `crossing` the nearest crossing of thirds and `away` the
    distance to it in shares of the long side; `proposed` unless the painter has set it."""

    x: float
    y: float
    strength: float
    crossing: tuple[float, float]
    away: float
    proposed: bool = True


def focus_of(picture: Picture, given: tuple[float, float] | None = None) -> Focus:
    """The focus: the painter's own place, or the strongest contrast × colour × sharpness × place."""
    pull = pull_of(picture)
    height, width = pull.shape
    if given is not None:
        x, y = given
    else:
        weighted = pull * _frame(pull.shape)
        x, y = _middle_of_peak(weighted)
    here = float(pull[min(int(y * height), height - 1), min(int(x * width), width - 1)])
    crossing = min(((a, b) for a in THIRDS for b in THIRDS), key=lambda c: _apart((x, y), c, picture.shape))
    away = _apart((x, y), crossing, picture.shape)
    return Focus(x, y, here, crossing, away, proposed=given is None)


def _middle_of_peak(pull: Singles) -> tuple[float, float]:
    """The middle of what pulls nearly as strongly as the strongest place and is joined to it."""
    _, pieces, _, middles = cv2.connectedComponentsWithStats((pull >= NEARLY * pull.max()).astype(np.uint8))
    x, y = middles[int(pieces.ravel()[int(pull.argmax())])]
    return (float(x) + 0.5) / pull.shape[1], (float(y) + 0.5) / pull.shape[0]


def _apart(one: tuple[float, float], other: tuple[float, float], shape: tuple[int, int]) -> float:
    """Distance of two places in shares of the long side."""
    height, width = shape
    return float(np.hypot((one[0] - other[0]) * width, (one[1] - other[1]) * height) / max(shape))


def pull_of(picture: Picture) -> Singles:
    """How strongly (h, w) each place pulls the eye, 0–1: contrast × colour × sharpness, blurred."""
    width, height = fitted(picture.shape, SIDE)
    long = max(width, height)
    value = cv2.resize(picture.value, (width, height), interpolation=cv2.INTER_AREA)
    ab = cv2.resize(picture.lab[..., 1:], (width, height), interpolation=cv2.INTER_AREA)

    def blurred(of: Singles, share: float) -> Singles:
        return cv2.GaussianBlur(of, (0, 0), share * long, borderType=cv2.BORDER_REFLECT)

    contrast = np.sqrt(blurred((value - blurred(value, WIDE)) ** 2, NEAR))
    apart = ((ab - blurred(ab, WIDE)) ** 2).sum(axis=2)
    colour = np.sqrt(blurred(apart, NEAR))
    edge = np.hypot(
        cv2.Sobel(value, cv2.CV_32F, 1, 0, scale=0.25), cv2.Sobel(value, cv2.CV_32F, 0, 1, scale=0.25)
    )
    sharp = blurred(edge, NEAR)
    parts = [contrast / 3, colour / 40, sharp / 1.2]
    contrast, colour, sharp = (np.minimum(part, 1.0) for part in parts)
    return np.asarray(
        contrast * (1 + COLOUR * colour) * (1 + SHARP * sharp) / (1 + COLOUR) / (1 + SHARP), np.float32
    )


def _frame(shape: tuple[int, int]) -> Singles:
    """Weight (h, w) that falls to half at the border, and a little off the very middle."""
    height, width = shape
    y, x = np.mgrid[0:height, 0:width]
    off = np.minimum(
        np.minimum(x + 1, width - x) / (BORDER * width), np.minimum(y + 1, height - y) / (BORDER * height)
    )
    return np.asarray(0.5 + 0.5 * np.clip(off, 0, 1), np.float32)
