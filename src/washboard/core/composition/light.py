"""Where light comes from, read off the things it falls on."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..areas.area import Area, Areas
from ..colour.value import luminance_of
from ..reference.picture import Picture, Singles, fitted

SIDE = 500
"""Pixels on the long side where outlines are read."""
INSIDE = 0.16
"""How far inside the outline light is read, as a share of the root of the thing's area."""
LARGEST, SMALLEST = 0.3, 0.0015
"""Shares of the picture between which an area is a thing whose form can turn."""
LEAST = 0.12
"""Least change of light across a thing, against its mean, that says anything."""
AGREE = 0.6
"""How nearly the things' own directions must agree (1: all the same) for one to be offered."""

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Turn:
    """One thing's own word: `direction` degrees, `weight` how strongly it turns from light to shadow."""

    label: int
    direction: float
    weight: float


@dataclass(frozen=True)
class Light:
    """`direction` light comes from in the picture plane: degrees counter-clockwise, 0 from the right.

    `agreement` 0–1 of the things that tell; `turns` what each says; `proposed` unless the painter set it.
    """

    direction: float
    agreement: float
    turns: tuple[Turn, ...]
    proposed: bool = True

    @property
    def words(self) -> str:
        """Where light comes from, in words."""
        sides = (
            "from the right",
            "from the upper right",
            "from above",
            "from the upper left",
            "from the left",
            "from the lower left",
            "from below",
            "from the lower right",
        )
        return sides[int((self.direction + 22.5) % 360 // 45)]


def light_of(picture: Picture, areas: Areas, given: float | None = None) -> Light | None:
    """The direction of light: the painter's own, or found; None where things are too few or do not agree.

    Each thing's luminance just inside its outline is fitted to the outline's outward normal: of a body
    that scatters evenly it grows with the cosine to the light (Lambert 1760), and along the outline the
    normal lies in the picture plane. Only outlines before something farther count: others are not its own.
    """
    turns = turns_of(picture, areas)
    if given is not None:
        return Light(given, 1.0, tuple(turns), proposed=False)
    if len(turns) < 2:
        return None
    weight = np.array([turn.weight for turn in turns])
    angle = np.radians([turn.direction for turn in turns])
    total = np.array([(weight * np.cos(angle)).sum(), (weight * np.sin(angle)).sum()])
    agreement = float(np.hypot(*total) / weight.sum())
    if agreement < AGREE:
        return None
    return Light(float(np.degrees(np.arctan2(total[1], total[0]))) % 360, agreement, tuple(turns))


def turns_of(picture: Picture, areas: Areas) -> Sequence[Turn]:
    """What each thing says by itself; those that tell nothing are left out."""
    width, height = fitted(picture.shape, SIDE)
    value = cv2.resize(picture.value, (width, height), interpolation=cv2.INTER_AREA)
    luminance = luminance_of(cv2.GaussianBlur(value, (0, 0), 1.0)).astype(np.float32)
    labels = cv2.resize(areas.labels, (width, height), interpolation=cv2.INTER_NEAREST_EXACT)
    nearness = np.zeros(int(areas.labels.max()) + 1)
    for area in areas.areas:
        nearness[area.label] = area.depth
    near = nearness[labels]
    turns = [_turn(luminance, labels == a.label, near, a) for a in areas.areas if _is_thing(a)]
    return [turn for turn in turns if turn]


def _is_thing(area: Area) -> bool:
    left, _, right, _ = area.box
    return SMALLEST <= area.share <= LARGEST and right - left < 0.85


def _turn(luminance: Singles, mask: Mask, near: Floats, area: Area) -> Turn | None:
    size = float(np.sqrt(mask.sum()))
    soft = cv2.GaussianBlur(mask.astype(np.float32), (0, 0), max(1.0, 0.06 * size))
    across = -cv2.Sobel(soft, cv2.CV_32F, 1, 0, ksize=3)
    upward = cv2.Sobel(soft, cv2.CV_32F, 0, 1, ksize=3)
    rim = (
        mask
        & ~(cv2.erode(np.pad(mask.astype(np.uint8), 1, mode="edge"), np.ones((3, 3), np.uint8)) > 0)[
            1:-1, 1:-1
        ]
    )
    rows, columns = np.nonzero(rim)
    length = np.hypot(across[rows, columns], upward[rows, columns])
    good = length > 1e-6
    rows, columns, length = rows[good], columns[good], length[good]
    normal = np.stack([across[rows, columns], upward[rows, columns]], axis=1) / length[:, None]
    outside = _read(near, rows, columns, normal, -0.05 * size - 2)
    own = outside <= area.depth
    light = _read(luminance, rows, columns, normal, INSIDE * size)
    still = _read(mask.astype(np.float32), rows, columns, normal, INSIDE * size) > 0.5
    keep = own & still
    if keep.sum() < 12:
        return None
    return _fitted(area.label, normal[keep], light[keep])


def _read(
    of: NDArray[np.floating], rows: NDArray[np.intp], columns: NDArray[np.intp], normal: Floats, by: float
) -> Floats:
    """Values so many pixels inward (outward where negative) of rim pixels."""
    y = np.clip(np.rint(rows + by * normal[:, 1]), 0, of.shape[0] - 1).astype(np.intp)
    x = np.clip(np.rint(columns - by * normal[:, 0]), 0, of.shape[1] - 1).astype(np.intp)
    return np.asarray(of[y, x], np.float64)


def _fitted(label: int, normal: Floats, light: Floats) -> Turn | None:
    """Light against the outline's normal (n, 2), by least squares."""
    terms = np.column_stack([np.ones(len(light)), normal])
    (mean, right, up), *_ = np.linalg.lstsq(terms, light, rcond=None)
    change = float(np.hypot(right, up) / max(mean, 1e-6))
    rest = light - terms @ np.array([mean, right, up])
    explained = 1 - float(rest.var() / max(light.var(), 1e-9))
    if change < LEAST or explained < 0.15:
        return None
    return Turn(
        label,
        float(np.degrees(np.arctan2(up, right))) % 360,
        min(change, 1.0) * explained**3 * np.sqrt(len(light)),
    )
