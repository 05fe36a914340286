"""Accents: small isolated lights and darks, found before squinting and kept as a class of their own."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from .picture import Bytes, Labels, Picture, Singles, fitted

SMALLEST, LARGEST = 0.00015, 0.003
"""Share of the picture an accent may take: below it is grain, above it is a mass."""
LEAST_CANDIDATE = 0.000096
"""Share of the picture a candidate takes at least: high up on it only its core is left."""
CONTRAST = 2.4
"""Least step of value to the ring around it."""
HEIGHTS = (0.8 * CONTRAST, 1.5 * CONTRAST, 2.3 * CONTRAST)
"""Contrasts at which candidates are sought."""
COMPACT = {True: (0.42, 4.0), False: (0.5, 2.4)}
"""Share of its box a light or a dark one fills at least, and how many times longer than wide at
most: lamps have rays, long darks are shadows."""
CROWD = 7
"""With as many like ones close by it is texture, and texture is brushwork, not accents."""
RING = 1.0
"""Width of the ring an accent is compared with, on both sides together, in its own size."""
EXTREME = 0.8
"""An accent lies beyond this share of the picture: the lightest lights, the darkest darks."""
LIKE, GAP = 0.8, 1.1
"""Difference in value that counts as alike, and how many times its own area of that makes it a gap."""
TOGETHER = 3
"""Accents sought in one candidate at most."""
LEAST_SALIENCE = 9.0
FRAME = 0.015
"""Share of the short side from the frame inside which no accent has its peak: there things are cut off."""
MOST = 14
GLOW = 7
"""Pixels across of what is painted out round every point of an accent."""
SEARCH_SIDE = 450
"""Pixels on the long side where accents are sought."""


@dataclass(frozen=True)
class Accents:
    """`labels` (h, w): 0 where there is none, else 1…n; `light[k]` tells lamps from dark dots."""

    labels: Labels
    light: tuple[bool, ...]


@dataclass(frozen=True)
class _Spot:
    mask: Bytes
    left: int
    top: int
    area: int
    core: float
    ring: float
    centre: tuple[float, float]
    light: bool

    @property
    def contrast(self) -> float:
        return self.core - self.ring

    @property
    def salience(self) -> float:
        return self.contrast * self.area**0.35


def find_accents(picture: Picture) -> Accents:
    """Lights and darks of 0.015 to 0.3 % of the picture that stand at least 2.4 values off.

    Each is the part of a small thing above half its height over its ring: of fitting size, compact,
    crisp, lighter or darker than most of the picture, and no gap through which a larger thing is
    seen. One of a crowd of like ones is texture and goes.
    """
    value = cv2.resize(picture.value, fitted(picture.shape, SEARCH_SIDE), interpolation=cv2.INTER_AREA)
    states = _spots(value, True) + _spots(10 - value, False)
    kept = _worth_painting(_without_crowds(_apart(states), max(value.shape)))
    labels = np.zeros(value.shape, np.int32)
    for number, state in enumerate(kept, 1):
        rows, columns = state.mask.shape
        window = labels[state.top : state.top + rows, state.left : state.left + columns]
        window[state.mask > 0] = number
    return Accents(_enlarged(labels, picture.shape), tuple(s.light for s in kept))


def _spots(value: Singles, light: bool) -> list[_Spot]:
    """Candidates among the light places of `value`; darks are found in 10 - value.

    What an opening by the largest accent takes away (the top-hat) holds every small light thing.
    """
    width = int(2 * np.sqrt(LARGEST * value.size)) | 1
    hat = value - cv2.morphologyEx(value, cv2.MORPH_OPEN, np.ones((width, width), np.uint8))
    brightest = float(np.quantile(value[::2, ::2], EXTREME))
    states = []
    for height in HEIGHTS:
        # Try several heights: low down a lamp may touch its neighbour's halo, higher up it stands alone.
        _, labels, stats, middles = cv2.connectedComponentsWithStats(
            (hat >= height).astype(np.uint8), connectivity=4
        )
        fits = stats[:, 4] >= LEAST_CANDIDATE * value.size
        fits &= (np.maximum(stats[:, 2], stats[:, 3]) <= 3 * width) & (
            stats[:, 4] <= 2 * LARGEST * value.size
        )
        fits[0] = False
        # Skip candidates with little overall contrast before measuring their core.
        held = np.bincount(labels.ravel(), hat.ravel(), len(stats))
        fits &= held >= 0.9 * CONTRAST * stats[:, 4]
        fits &= _sparse(middles, fits, max(value.shape))
        # Skip candidates without any pixel that is light enough and stands out enough.
        holds = np.bincount(labels[(value >= brightest) & (hat >= CONTRAST)], minlength=len(stats)) > 0
        fits &= holds
        for n in np.flatnonzero(fits).tolist():
            states += _spots_in(value, hat, labels, n, stats[n].tolist(), light, brightest)
    return states


def _sparse(middles: NDArray[np.float64], fits: NDArray[np.bool_], side: int) -> NDArray[np.bool_]:
    """Which candidates do not stand in a thicket: foliage and pebbles give hundreds close together."""
    kept = np.zeros(len(middles), bool)
    at = middles[fits]
    near = ((at[:, None] - at[None]) ** 2).sum(axis=2) < (0.13 * side) ** 2
    kept[fits] = near.sum(axis=1) <= 2 * CROWD
    return kept


def _spots_in(
    value: Singles, hat: Singles, labels: Labels, number: int, stats: list[int], light: bool, brightest: float
) -> list[_Spot]:
    """The accents in one candidate: two sparks close together are found as one, so the next is sought."""
    left, top, width, height, _ = stats
    pad = 3 + max(width, height) // 2
    rows = slice(max(0, top - pad), top + height + pad)
    columns = slice(max(0, left - pad), left + width + pad)
    own = labels[rows, columns] == number
    found: list[_Spot] = []
    while len(found) < TOGETHER and own.any() and not own.all():
        state = _spot(value, hat, rows, columns, own, light, brightest)
        if state is None:
            break
        found.append(state)
        gone = cv2.dilate(state.mask, np.ones((3, 3), np.uint8)) > 0
        own &= ~gone
        value = value.copy()
        value[rows, columns][gone] = state.ring  # the next must not be taken for a part of this one
    return found


def _spot(
    value: Singles,
    hat: Singles,
    rows: slice,
    columns: slice,
    own: NDArray[np.bool_],
    light: bool,
    brightest: float,
) -> _Spot | None:
    """The part of a candidate above half its height over its ring, where that is a proper accent.

    `own` marks the candidate's pixels in its window of `rows` and `columns`.
    """
    window = value[rows, columns]
    _, peak, _, (x, y) = cv2.minMaxLoc(hat[rows, columns], own.view(np.uint8))
    if peak < CONTRAST:
        return None
    centre = (columns.start + x, rows.start + y)
    if min(*centre, value.shape[1] - centre[0], value.shape[0] - centre[1]) < FRAME * min(value.shape):
        return None
    level = (float(window[y, x]) + _high(window[~own])) / 2
    above = cv2.compare(window, level, cv2.CMP_GT)
    if not above[y, x]:
        return None
    filled = np.zeros((window.shape[0] + 2, window.shape[1] + 2), np.uint8)
    area, _, _, box = cv2.floodFill(above, filled, (x, y), 0, flags=8 | cv2.FLOODFILL_MASK_ONLY | 1 << 8)
    part = [*box, area]
    if not _is_proper(part, (columns.start, rows.start), window.shape, value.shape, light):
        return None
    mask = np.ascontiguousarray(filled[1:-1, 1:-1])
    halo = cv2.dilate(mask, np.ones((3, 3), np.uint8))
    around = cv2.dilate(halo, np.ones((_odd(RING * part[4] ** 0.5),) * 2, np.uint8))
    ring = min(_high(window[around > halo]), _high(window[halo == 0]))
    core = float(np.median(window[mask > 0]))
    # Crisp means that one pixel outside the border most of the contrast is gone.
    crisp = (core - float(window[(halo > 0) & (mask == 0)].mean())) / max(core - ring, 1e-6)
    if core - ring < CONTRAST or crisp < 0.4 or core < brightest:
        return None
    if _is_gap(value, mask, (columns.start, rows.start), part, core):
        return None
    return _Spot(mask, columns.start, rows.start, part[4], core, ring, centre, light)


def _odd(size: float) -> int:
    return max(5, int(size) | 1)


def _high(values: Singles) -> float:
    """The 80th percentile, to the nearest value there is."""
    k = int(0.8 * (len(values) - 1))
    return float(np.partition(values, k)[k])


def _is_proper(
    part: list[int], corner: tuple[int, int], window: tuple[int, ...], whole: tuple[int, ...], light: bool
) -> bool:
    """Whether a thing has an accent's size, is compact, and ends where it was sought.

    `part` is its left, top, width, height and area in the `window` (h, w) it was sought in, whose
    `corner` is at (x, y) of the `whole` (h, w).
    """
    left, top, width, height, area = part
    # Refuse what touches the search window's border (part of something larger), unless it is the picture's.
    if (left < 1 and corner[0] > 0) or (top < 1 and corner[1] > 0):
        return False
    if left + width >= window[1] and corner[0] + window[1] < whole[1]:
        return False
    if top + height >= window[0] and corner[1] + window[0] < whole[0]:
        return False
    fill, long = COMPACT[light]
    compact = area >= fill * width * height and max(width, height) <= long * min(width, height)
    return compact and SMALLEST <= area / (whole[0] * whole[1]) <= LARGEST


def _is_gap(value: Singles, mask: Bytes, corner: tuple[int, int], part: list[int], core: float) -> bool:
    """Whether a larger thing of like value is seen there: as much of it close by as in the spot itself."""
    left, top, width, height, area = part
    reach = max(width, height)
    far = cv2.copyMakeBorder(mask, reach, reach, reach, reach, cv2.BORDER_CONSTANT, value=0)
    there = cv2.dilate(far[top : top + height + 2 * reach, left : left + width + 2 * reach], np.ones((5, 5)))
    x, y = corner[0] + left - reach, corner[1] + top - reach
    seen = value[max(0, y) : y + there.shape[0], max(0, x) : x + there.shape[1]]
    there = there[max(0, -y) :, max(0, -x) :][: seen.shape[0], : seen.shape[1]]
    return bool(np.count_nonzero((seen >= core - LIKE) & (there == 0)) > GAP * area)


def _apart(states: list[_Spot]) -> list[_Spot]:
    """Of spots in one place the most salient."""
    kept: list[_Spot] = []
    for state in sorted(states, key=lambda s: (-s.salience, s.centre)):
        reach = 1.2 * state.area**0.5
        if all(np.hypot(*np.subtract(state.centre, other.centre)) > reach for other in kept):
            kept.append(state)
    return kept


def _without_crowds(states: list[_Spot], side: int) -> list[_Spot]:
    """Drop spots with many like ones near: leaves, pebbles and letters are texture."""
    if not states:
        return []
    centres = np.array([state.centre for state in states])
    strength = np.array([state.salience for state in states])
    light = np.array([state.light for state in states])
    apart = np.hypot(*(centres[:, None] - centres[None]).transpose(2, 0, 1))
    like = (apart < 0.13 * side) & (strength[None] > 0.4 * strength[:, None])
    like &= light[None] == light[:, None]
    return [state for state, near in zip(states, like.sum(axis=1) - 1, strict=True) if near < CROWD]


def _worth_painting(states: list[_Spot]) -> list[_Spot]:
    """The strongest few, and only those that hold their own beside the strongest."""
    ranked = sorted(states, key=lambda state: (-state.salience, state.centre))[:MOST]
    if not ranked:
        return []
    least = max(LEAST_SALIENCE, 0.35 * ranked[0].salience)
    return [state for state in ranked if state.salience >= least]


def _enlarged(labels: Labels, shape: tuple[int, int]) -> Labels:
    """Labels at full size with round borders: each accent's mask is enlarged smoothly."""
    result = np.zeros(shape, np.int32)
    for number in range(1, int(labels.max(initial=0)) + 1):
        mask = (labels == number).astype(np.float32)
        result[cv2.resize(mask, shape[::-1], interpolation=cv2.INTER_CUBIC) > 0.5] = number
    return result


def painted_out(value: Singles, accents: Accents) -> Singles:
    """A value picture (h, w), of any size, with each accent and its glow replaced by what surrounds it."""
    if not accents.light:
        return value
    size = (value.shape[1], value.shape[0])
    there = cv2.resize((accents.labels > 0).astype(np.uint8), size, interpolation=cv2.INTER_NEAREST)
    hole = cv2.dilate(there, np.ones((GLOW, GLOW), np.uint8))
    # Normalised blur at a fraction of the size: only what is not in a hole counts, so the surround
    # flows in from all sides.
    small = fitted((value.shape[0], value.shape[1]), SEARCH_SIDE // 2)
    open_ = cv2.resize((1 - hole).astype(np.float32), small, interpolation=cv2.INTER_AREA)
    seen = cv2.resize(value * (1 - hole), small, interpolation=cv2.INTER_AREA)
    both = cv2.GaussianBlur(np.dstack([seen, open_]), (0, 0), max(small) * 0.012)
    around = cv2.resize(both[..., 0] / np.maximum(both[..., 1], 1e-3), size)
    return np.where(hole > 0, around, value)
