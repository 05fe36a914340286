"""Accents: small isolated lights and darks, found before squinting and kept as a class of their own."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np

from .picture import Bytes, Labels, Picture, Singles, fitted

SMALLEST, LARGEST = 0.00016, 0.003
"""Share of the picture an accent may take: below it is grain, above it is a mass."""
CONTRAST = 2.4
"""Least step of value to the ring around it."""
CROWD = 7
"""With as many like ones close by it is texture, and texture is brushwork, not accents."""
MOST = 14
SEARCH_SIDE = 450
"""Pixels on the long side where accents are sought."""


@dataclass(frozen=True)
class Accents:
    """`labels` (h, w): 0 where there is none, else 1…n; `light[k]` tells lamps from dark dots.

    `filled` (h, w) is the value picture with every accent replaced by what surrounds it.
    """

    labels: Labels
    light: tuple[bool, ...]
    filled: Singles


@dataclass(frozen=True)
class _Spot:
    mask: Bytes
    left: int
    top: int
    area: int
    contrast: float
    centre: tuple[float, float]
    light: bool

    @property
    def salience(self) -> float:
        return self.contrast * self.area**0.35


def find_accents(picture: Picture) -> Accents:
    """Lights and darks of 0.016 to 0.3 % of the picture that stand at least 2.4 values off.

    A ladder of thresholds every half value, for lights and for darks; of the components at each,
    those of fitting size, compact, off the frame and well set off from their ring. Of nested ones
    the best set off is kept; one of a crowd of like ones is texture and goes.
    """
    value = cv2.resize(picture.value, fitted(picture.shape, SEARCH_SIDE), interpolation=cv2.INTER_AREA)
    spots = _spots(value, True) + _spots(10 - value, False)
    kept = _worth_painting(_without_crowds(_apart(spots), max(value.shape)))
    labels = np.zeros(value.shape, np.int32)
    for number, spot in enumerate(kept, 1):
        rows, columns = spot.mask.shape
        window = labels[spot.top : spot.top + rows, spot.left : spot.left + columns]
        window[spot.mask > 0] = number
    enlarged = _enlarged(labels, picture.shape)
    return Accents(enlarged, tuple(s.light for s in kept), _filled(picture.value, labels, kept))


def _spots(value: Singles, light: bool) -> list[_Spot]:
    """Candidates among the light places of `value`; darks are found in 10 - value."""
    spots = []
    for threshold in np.arange(CONTRAST, 10.0, 0.5):
        _, labels, stats, _ = cv2.connectedComponentsWithStats(
            (value > threshold).astype(np.uint8), connectivity=8
        )
        left, top, width, height, area = stats[1:].T
        long, short = np.maximum(width, height), np.minimum(width, height)
        fits = (area >= SMALLEST * value.size) & (area <= LARGEST * value.size)
        fits &= (area >= 0.42 * width * height) & (long <= 4 * short)
        fits &= (left > 1) & (top > 1)
        fits &= (left + width < value.shape[1] - 1) & (top + height < value.shape[0] - 1)
        for number in np.flatnonzero(fits) + 1:
            spot = _spot(value, labels, int(number), tuple(int(n) for n in stats[number]), light)
            if spot is not None:
                spots.append(spot)
    return spots


def _spot(value: Singles, labels: Labels, number: int, stats: tuple[int, ...], light: bool) -> _Spot | None:
    left, top, width, height, area = stats
    pad = 3 + max(width, height) // 2
    rows = slice(max(0, top - pad), top + height + pad)
    columns = slice(max(0, left - pad), left + width + pad)
    mask = (labels[rows, columns] == number).astype(np.uint8)
    window = value[rows, columns]
    halo = cv2.dilate(mask, np.ones((3, 3), np.uint8))
    ring = float(np.percentile(window[halo == 0], 80))
    core = float(np.median(window[mask > 0]))
    rim = window[(halo > 0) & (mask == 0)]
    # Crisp: one pixel outside its border it has lost a good part of its height.
    crisp = (core - float(rim.mean())) / max(core - ring, 1e-6)
    if core - ring < CONTRAST or crisp < 0.4:
        return None
    centre = (left + width / 2, top + height / 2)
    return _Spot(mask, columns.start, rows.start, area, core - ring, centre, light)


def _apart(spots: list[_Spot]) -> list[_Spot]:
    """Of spots found at several thresholds in one place the most salient."""
    kept: list[_Spot] = []
    for spot in sorted(spots, key=lambda s: (-s.salience, s.centre)):
        reach = 1.2 * spot.area**0.5
        if all(np.hypot(*np.subtract(spot.centre, other.centre)) > reach for other in kept):
            kept.append(spot)
    return kept


def _without_crowds(spots: list[_Spot], side: int) -> list[_Spot]:
    """Drop spots with many like ones near: leaves, pebbles and letters are texture."""
    if not spots:
        return []
    centres = np.array([spot.centre for spot in spots])
    strength = np.array([spot.salience for spot in spots])
    light = np.array([spot.light for spot in spots])
    apart = np.hypot(*(centres[:, None] - centres[None]).transpose(2, 0, 1))
    like = (apart < 0.13 * side) & (strength[None] > 0.4 * strength[:, None])
    like &= light[None] == light[:, None]
    return [spot for spot, near in zip(spots, like.sum(axis=1) - 1, strict=True) if near < CROWD]


def _worth_painting(spots: list[_Spot]) -> list[_Spot]:
    """The strongest few, and only those that hold their own beside the strongest."""
    ranked = sorted(spots, key=lambda spot: (-spot.salience, spot.centre))[:MOST]
    if not ranked:
        return []
    return [spot for spot in ranked if spot.salience >= 0.4 * ranked[0].salience]


def _enlarged(labels: Labels, shape: tuple[int, int]) -> Labels:
    """Labels at full size with round borders: each accent's mask is enlarged smoothly."""
    result = np.zeros(shape, np.int32)
    for number in range(1, int(labels.max(initial=0)) + 1):
        mask = (labels == number).astype(np.float32)
        result[cv2.resize(mask, shape[::-1], interpolation=cv2.INTER_CUBIC) > 0.5] = number
    return result


def _filled(value: Singles, labels: Labels, kept: list[_Spot]) -> Singles:
    """The value picture with each accent, and the glow of a few pixels round it, painted out."""
    if not kept:
        return value
    grown = cv2.dilate((labels > 0).astype(np.uint8), np.ones((5, 5), np.uint8))
    size = (value.shape[1], value.shape[0])
    hole = cv2.resize(grown, size, interpolation=cv2.INTER_NEAREST)
    # Normalised blur: only what is not in the hole counts, so the surround flows in from all sides.
    sigma = max(size) * 0.012
    weight = cv2.GaussianBlur((1 - hole).astype(np.float32), (0, 0), sigma)
    around = cv2.GaussianBlur(value * (1 - hole), (0, 0), sigma) / np.maximum(weight, 1e-3)
    return np.where(hole > 0, around, value).astype(np.float32)
