"""The arrangement: what of the reference is painted, and what is moved, scaled or dropped in it."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, field, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..areas.area import Areas
from ..colour.lab import encoded_of, lab_of_linear, linear_of, linear_of_lab
from ..colour.value import luminance_of
from ..errors import InvalidInput
from ..reference.picture import Bytes, Labels
from .filling import disc, edge_px, filled

LEAST_SIDE = 0.1
"""Shortest side of a crop as a share of the reference."""
STEEPEST = 10.0
"""Degrees a picture may be turned to be level."""
MOST_MOVES = 40
MOST_ACCENTS = 20
LARGEST_ACCENT = 0.05
SCALES = (0.2, 4.0)
FULL = (0.0, 0.0, 1.0, 1.0)

Box = tuple[float, float, float, float]
Mask = NDArray[np.bool_]


@dataclass(frozen=True)
class Move:
    """The area at `x`, `y` (shares of the reference): moved by `dx`, `dy`, scaled in place, or dropped."""

    x: float
    y: float
    dx: float = 0.0
    dy: float = 0.0
    scale: float = 1.0
    drop: bool = False


@dataclass(frozen=True)
class Accent:
    """A round accent put at `x`, `y`: its Munsell `value`, and the `share` of the reference it takes."""

    x: float
    y: float
    value: float
    share: float = 0.001


@dataclass(frozen=True)
class Change:
    """What a fix would change: shares of the picture as it is arranged now."""

    crop: Box | None = None
    level: float | None = None
    moves: tuple[Move, ...] = ()
    accents: tuple[Accent, ...] = ()


@dataclass(frozen=True)
class Arrangement:
    """`crop`: left, top, right, bottom as shares of the reference, after it is turned by `level` degrees
    clockwise about its middle so that what rose to the right by as much is level; `moves` in order, then
    `accents` that the photo lacks."""

    crop: Box = FULL
    level: float = 0.0
    moves: tuple[Move, ...] = field(default=())
    accents: tuple[Accent, ...] = field(default=())

    def checked(self) -> Arrangement:
        """This arrangement, or InvalidInput saying what cannot be and that nothing was changed."""
        left, top, right, bottom = self.crop
        if not (0 <= left < right <= 1 and 0 <= top < bottom <= 1):
            raise InvalidInput("refused-crop-outside")
        if min(right - left, bottom - top) < LEAST_SIDE:
            raise InvalidInput("refused-crop-too-small")
        if not abs(self.level) <= STEEPEST:
            raise InvalidInput("refused-turn-too-far", steepest=f"{STEEPEST:g}")
        if len(self.moves) > MOST_MOVES:
            raise InvalidInput("refused-moves-too-many", most_moves=MOST_MOVES)
        for move in self.moves:
            inside = 0 <= move.x <= 1 and 0 <= move.y <= 1 and max(abs(move.dx), abs(move.dy)) <= 2
            if not inside or not SCALES[0] <= move.scale <= SCALES[1]:
                raise InvalidInput("refused-move-range", least=f"{SCALES[0]:g}", most=f"{SCALES[1]:g}")
        if len(self.accents) > MOST_ACCENTS:
            raise InvalidInput("refused-accents-too-many", most_accents=MOST_ACCENTS)
        for accent in self.accents:
            inside = 0 <= accent.x <= 1 and 0 <= accent.y <= 1 and 0 <= accent.value <= 10
            if not inside or not 0 < accent.share <= LARGEST_ACCENT:
                raise InvalidInput("refused-accent-range", most=f"{100 * LARGEST_ACCENT:g}")
        return self

    @property
    def plain(self) -> bool:
        """Whether the reference stays as it is."""
        return self == AS_SEEN

    def forward(self, x: float, y: float, aspect: float) -> tuple[float, float]:
        """Where a place of the reference lies in the arranged picture (may be outside 0–1)."""
        turned = _turned(x, y, -self.level, aspect)
        left, top, right, bottom = self.crop
        return (turned[0] - left) / (right - left), (turned[1] - top) / (bottom - top)

    def back(self, x: float, y: float, aspect: float) -> tuple[float, float]:
        """Where a place of the arranged picture lies in the reference."""
        left, top, right, bottom = self.crop
        return _turned(left + x * (right - left), top + y * (bottom - top), self.level, aspect)

    def with_change(self, change: Change, aspect: float) -> Arrangement:
        """This arrangement with a change told in shares of what it shows now; see `turned_crop`."""
        made = self
        if change.level is not None:
            level = made.level + change.level
            made = replace(made, level=level, crop=_inside(made.crop, level, aspect))
        if change.crop is not None:
            left, top, right, bottom = made.crop
            wide, high = right - left, bottom - top
            a, b, c, d = change.crop
            made = replace(made, crop=(left + a * wide, top + b * high, left + c * wide, top + d * high))
        moves = list(made.moves)
        for move in change.moves:
            x, y = self.back(move.x, move.y, aspect)
            left, top, right, bottom = self.crop
            dx, dy = move.dx * (right - left), move.dy * (bottom - top)
            moves.append(Move(min(max(x, 0), 1), min(max(y, 0), 1), dx, dy, move.scale, move.drop))
        left, top, right, bottom = self.crop
        taken = (right - left) * (bottom - top)
        accents = [
            Accent(*self.back(accent.x, accent.y, aspect), accent.value, accent.share * taken)
            for accent in change.accents
        ]
        return replace(made, moves=tuple(moves), accents=(*made.accents, *accents))


AS_SEEN = Arrangement()
"""The reference as it is."""


def _turned(x: float, y: float, degrees: float, aspect: float) -> tuple[float, float]:
    """A place turned about the middle of a picture `aspect` times as wide as high, clockwise positive."""
    angle = math.radians(-degrees)
    u, v = (x - 0.5) * aspect, y - 0.5
    u, v = u * math.cos(angle) - v * math.sin(angle), u * math.sin(angle) + v * math.cos(angle)
    return u / aspect + 0.5, v + 0.5


def _inside(crop: Box, level: float, aspect: float) -> Box:
    """The crop shrunk about its middle until its turned corners lie inside the reference."""
    left, top, right, bottom = crop
    x, y = (left + right) / 2, (top + bottom) / 2
    for shrink in np.linspace(1.0, 0.5, 101):
        w, h = (right - left) / 2 * shrink, (bottom - top) / 2 * shrink
        corners = [_turned(x + a * w, y + b * h, level, aspect) for a in (-1, 1) for b in (-1, 1)]
        if all(-1e-9 <= c <= 1 + 1e-9 for corner in corners for c in corner):
            return x - w, y - h, x + w, y + h
    return crop


@dataclass(frozen=True)
class Arranged:
    """The picture as it will be painted: `rgb` (h, w, 3), its area map `labels` (h, w), and `invented`
    (h, w), what was filled where a thing stood."""

    rgb: Bytes
    labels: Labels
    invented: Mask


def arranged(rgb: Bytes, areas: Areas, arrangement: Arrangement) -> Arranged:
    """The reference's pixels (h, w, 3) with its areas (h, w) moved, then turned and cropped.

    A moved area leaves a hole that its neighbours fill, each with its own colours, flat or graded; it
    stands before what is farther and behind what is nearer.
    """
    picture, labels = rgb.copy(), areas.labels.copy()
    invented = np.zeros(labels.shape, bool)
    depth = np.zeros(int(labels.max()) + 1)
    for area in areas.areas:
        depth[area.label] = area.depth
    for move in arrangement.moves:
        _moved(picture, labels, invented, depth, areas.at(move.x, move.y), move)
    for accent in arrangement.accents:
        _put(picture, invented, accent)
    if arrangement.crop == FULL and not arrangement.level:
        return Arranged(picture, labels, invented)
    return Arranged(*_cropped(picture, labels, invented, arrangement))


def _moved(
    picture: Bytes, labels: Labels, invented: Mask, depth: NDArray[np.float64], label: int, move: Move
) -> None:
    """One area moved in place, in all three maps."""
    mask = labels == label
    if not mask.any() or mask.all():
        return
    pixels = picture.copy()
    behind = depth[labels] < depth[label]
    soft = edge_px(picture, mask)
    filled(picture, labels, mask, behind if (behind & ~mask).any() else ~mask, soft)
    invented |= mask
    if move.drop:
        return
    _set(picture, labels, invented, depth, label, move, Cut(pixels, mask, soft))


@dataclass(frozen=True)
class Cut:
    """A thing that was cut out: the picture (h, w, 3) it stood in, its `mask` (h, w), and pixels over which
    its outline is blurred."""

    pixels: Bytes
    mask: Mask
    soft: float


def _set(
    picture: Bytes,
    labels: Labels,
    invented: Mask,
    depth: NDArray[np.float64],
    label: int,
    move: Move,
    cut: Cut,
) -> None:
    """A thing that was cut out set into all three maps in its new place, behind what is nearer."""
    mask, soft = cut.mask, cut.soft
    height, width = labels.shape
    rows, columns = np.nonzero(mask)
    cx, cy = float(columns.mean()), float(rows.mean())
    matrix = np.array(
        [
            [move.scale, 0, cx * (1 - move.scale) + move.dx * width],
            [0, move.scale, cy * (1 - move.scale) + move.dy * height],
        ]
    )
    # Its blurred rim holds what stood behind it: it is cut a little inside, and softly again.
    core = cv2.erode(mask.astype(np.uint8), disc(soft / 2)).astype(np.float32)
    core = cv2.GaussianBlur(core, (0, 0), soft / 4) if soft > 1 else core
    there, whole = (
        cv2.warpAffine(own, matrix, (width, height), flags=cv2.INTER_LINEAR)
        for own in (core, mask.astype(np.float32))
    )
    reflectances = cv2.warpAffine(
        cut.pixels, matrix, (width, height), flags=cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE
    )
    nearer = depth[labels] > depth[label]
    there[nearer] = whole[nearer] = 0
    picture[:] = np.rint(picture * (1 - there[..., None]) + reflectances * there[..., None]).astype(np.uint8)
    solid = whole > 0.5
    labels[solid], invented[solid] = label, False


def _put(picture: Bytes, invented: Mask, accent: Accent) -> None:
    """A round accent painted in place, of the hue that is there, as strong as its value lets it be."""
    height, width = invented.shape
    radius = math.sqrt(accent.share * height * width / math.pi)
    x, y = accent.x * width - 0.5, accent.y * height - 0.5
    rows, columns = np.mgrid[:height, :width]
    there = np.clip(radius + 0.5 - np.hypot(columns - x, rows - y), 0, 1)[..., None]
    here = lab_of_linear(linear_of(picture[min(int(y), height - 1), min(int(x), width - 1)] / 255))
    light = float(luminance_of(accent.value)) / 100
    lab = [float(lab_of_linear([light] * 3)[0]), 0.5 * here[1], 0.5 * here[2]]
    reflectance = 255 * encoded_of(linear_of_lab(lab))
    picture[:] = np.rint(picture * (1 - there) + reflectance * there).astype(np.uint8)
    invented |= there[..., 0] > 0.5


def _cropped(
    picture: Bytes, labels: Labels, invented: Mask, arrangement: Arrangement
) -> tuple[Bytes, Labels, Mask]:
    height, width = labels.shape
    left, top, right, bottom = arrangement.crop
    size = (max(4, round((right - left) * width)), max(4, round((bottom - top) * height)))
    ends: Sequence[tuple[float, float]] = ((0, 0), (1, 0), (0, 1))
    source = np.array(
        [np.multiply(arrangement.back(x, y, width / height), (width, height)) for x, y in ends], np.float32
    )
    target = np.array([np.multiply(end, size) for end in ends], np.float32)
    # Pixel centres lie half a pixel inside.
    matrix = cv2.getAffineTransform(source - 0.5, target - 0.5)
    turned = cv2.warpAffine(picture, matrix, size, flags=cv2.INTER_LINEAR, borderMode=cv2.BORDER_REPLICATE)
    flags, border = cv2.INTER_NEAREST, cv2.BORDER_REPLICATE
    own = cv2.warpAffine(labels.astype(np.float32), matrix, size, flags=flags, borderMode=border).astype(
        np.int32
    )
    new = cv2.warpAffine(invented.astype(np.uint8), matrix, size, flags=flags) > 0
    return turned, own, new
