"""A camera before the easel: the interface, and a simulated one that photographs a made painting in a made
room.

A real camera would be another class with `photograph`; nothing else knows which one is there.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Protocol

import cv2
import numpy as np
from numpy.typing import NDArray

from ..core.colour.lab import LINEAR_OF_BYTE, encoded_of

Bytes = NDArray[np.uint8]
Floats = NDArray[np.float64]

FOCAL = 1.2
"""Focal length over the width of the photo: a phone's main lens."""
TABLES = {
    "wood": (0.23, 0.14, 0.075),
    "grey": (0.30, 0.30, 0.31),
    "dark": (0.035, 0.035, 0.04),
    "white": (0.78, 0.77, 0.75),
}
"""What an easel or table reflects, in linear sRGB."""
CARD = 0.18
"""What a grey card reflects."""
STRIP, STRIP_WIDE, STRIP_GAP = 0.82, 0.11, 0.03
"""What a strip of white paper reflects, and to where and from where it reaches beside the sheet, over the
sheet's width."""
CARD_SIDE = 0.09
"""The side of the grey card over the sheet's long side."""


@dataclass(frozen=True)
class Room:
    """How a painting stands before the camera.

    `tilt`, `turn` and `roll` in degrees; `bends` the lens's radial term over half the photo's width; `fills`
    how much of the photo the sheet takes across; `light` how the lamp's light changes across and down, in
    natural logarithms from the middle to the rim, and bends; `cast` of the lamp a channel; `noise` in shares
    of full light; `glare` as x, y, radius in shares of the sheet, and strength; `curve` 0–1 of the phone's
    own tone curve, `crisp` 0–1 of its local contrast; `card` whether a grey card lies beside,
    `strips` whether strips of white paper lie along its upper and its left side.
    """

    tilt: float = 0.0
    turn: float = 0.0
    roll: float = 0.0
    bends: float = 0.0
    fills: float = 0.72
    light: tuple[float, float, float] = (0.0, 0.0, 0.0)
    cast: tuple[float, float, float] = (1.0, 1.0, 1.0)
    noise: float = 0.006
    glare: tuple[float, float, float, float] | None = None
    table: str = "wood"
    curve: float = 0.0
    crisp: float = 0.0
    card: bool = False
    strips: bool = False
    exposure: float = 0.85
    size: tuple[int, int] = (1280, 960)


@dataclass(frozen=True, eq=False)
class Photograph:
    """A photo (h, w, 3) in encoded sRGB, and where the corners (4, 2) of the sheet and of the picture on it
    truly lie in it, in pixels from the top left, clockwise from the upper left."""

    rgb: Bytes
    sheet: Floats
    picture: Floats


class Camera(Protocol):
    """Something that takes a photo of what stands on the easel."""

    words: str

    def photograph(self, painting: Bytes, margin: tuple[float, float], seed: int) -> Photograph:
        """A photo of a painting (h, w, 3) whose margins left and above are shares of its width and height."""


@dataclass(frozen=True)
class SimulatedCamera:
    """Photographs a made painting in a made room: perspective, lamp, noise, glare, tone curve."""

    room: Room = Room()
    paper: tuple[float, float, float] = (0.84, 0.84, 0.83)
    words: str = "simulated camera"

    def photograph(self, painting: Bytes, margin: tuple[float, float], seed: int) -> Photograph:
        """See Camera; the same seed takes the same photo."""
        dice = np.random.default_rng(seed)
        sheet, inner = self._sheet(painting, margin)
        high, wide = sheet.shape[:2]
        across, down = self.room.size
        to_photo = _projected(self.room, wide / high) @ np.diag([1 / wide, 1 / wide, 1.0])
        points = _undistorted(self.room)
        at = cv2.perspectiveTransform(points.reshape(-1, 1, 2), np.linalg.inv(to_photo)).reshape(
            down, across, 2
        )
        place = at.astype(np.float32)
        lit = cv2.remap(_fine(sheet), place[..., 0] - 0.5, place[..., 1] - 0.5, cv2.INTER_LINEAR)
        rim = _inside(place, (0, 0), (wide, high))
        scene = lit * rim + _table(self.room, place / wide, dice) * (1 - rim)
        if self.room.card:
            scene = _with_card(scene, place / wide, high / wide)
        if self.room.strips:
            scene = _with_strips(scene, place / wide, high / wide)
        light = scene * _lamp(self.room)
        light += _shine(self.room, place, wide, high)[..., None] * rim
        coded = _developed(self.room, light, dice)
        corners = np.array([[0, 0], [wide, 0], [wide, high], [0, high]], float)
        return Photograph(coded, _seen(self.room, corners, to_photo), _seen(self.room, inner, to_photo))

    def _sheet(self, painting: Bytes, margin: tuple[float, float]) -> tuple[Floats, Floats]:
        """The painting (h, w, 3) with its margins in linear light, and the corners (4, 2) of the picture."""
        high, wide = painting.shape[:2]
        x, y = round(margin[0] * wide), round(margin[1] * high)
        sheet = np.empty((high + 2 * y, wide + 2 * x, 3))
        sheet[:] = self.paper
        sheet[y : y + high, x : x + wide] = LINEAR_OF_BYTE[painting]
        return sheet, np.array([[x, y], [x + wide, y], [x + wide, y + high], [x, y + high]], float)


def _projected(room: Room, aspect: float) -> Floats:
    """The homography from the sheet, its width 1, to the photo in pixels."""
    across, down = room.size
    tilt, turn, roll = np.radians([room.tilt, room.turn, room.roll])
    c, s = np.cos, np.sin
    about_x = np.array([[1, 0, 0], [0, c(tilt), -s(tilt)], [0, s(tilt), c(tilt)]])
    about_y = np.array([[c(turn), 0, s(turn)], [0, 1, 0], [-s(turn), 0, c(turn)]])
    about_z = np.array([[c(roll), -s(roll), 0], [s(roll), c(roll), 0], [0, 0, 1]])
    turned = about_z @ about_x @ about_y
    tall = 1 / aspect
    far = FOCAL / min(room.fills, room.fills * down / across / tall)
    middle = np.array([[1, 0, -0.5], [0, 1, -tall / 2], [0, 0, 1]])
    placed = np.column_stack([turned[:, 0], turned[:, 1], [0, 0, far]])
    lens = np.array([[FOCAL * across, 0, across / 2], [0, FOCAL * across, down / 2], [0, 0, 1.0]])
    return np.asarray(lens @ placed @ middle)


def _undistorted(room: Room) -> Floats:
    """For each pixel of the photo (h * w, 2) where a straight lens would have put it."""
    across, down = room.size
    y, x = np.indices((down, across), float) + 0.5
    dx, dy = (x - across / 2) / (across / 2), (y - down / 2) / (across / 2)
    away = 1 + room.bends * (dx * dx + dy * dy)
    straight = np.stack([dx * away, dy * away], -1) * across / 2 + np.array([across / 2, down / 2])
    return straight.reshape(-1, 2)


def _seen(room: Room, points: Floats, to_photo: Floats) -> Floats:
    """Where points of the sheet (n, 2) lie in the photo, through the lens."""
    across, down = room.size
    middle = np.array([across / 2, down / 2])
    straight = cv2.perspectiveTransform(points.reshape(-1, 1, 2), to_photo).reshape(-1, 2)
    wanted = (straight - middle) / (across / 2)
    bent = wanted.copy()
    for _ in range(20):
        bent = wanted / (1 + room.bends * (bent**2).sum(axis=1, keepdims=True))
    return np.asarray(bent * across / 2 + middle)


def _fine(sheet: Floats) -> NDArray[np.float32]:
    return np.ascontiguousarray(sheet, np.float32)


def _inside(place: NDArray[np.float32], low: tuple[float, float], high: tuple[float, float]) -> Floats:
    """How far (h, w, 1) each pixel lies inside a rectangle, with borders a pixel soft."""
    rate = np.maximum(np.abs(np.gradient(place[..., 0], axis=1)).mean(), 1e-6)
    edge = np.minimum(place - np.array(low), np.array(high) - place).min(axis=-1)
    return np.asarray(np.clip(edge / rate + 0.5, 0, 1)[..., None], float)


def _table(room: Room, at: NDArray[np.float32], dice: np.random.Generator) -> Floats:
    """What lies behind the sheet (h, w, 3) in linear light: one colour with a grain that runs across."""
    colour = np.array(TABLES[room.table])
    grain = cv2.GaussianBlur(dice.normal(size=at.shape[:2]), (0, 0), sigmaX=18, sigmaY=1.2)
    grain /= max(float(grain.std()), 1e-9)
    strength = 0.18 if room.table == "wood" else 0.03
    rings = 0.12 * np.sin(40 * at[..., 1] + 3 * np.sin(5 * at[..., 0])) if room.table == "wood" else 0.0
    return np.asarray(colour * np.exp(strength * grain + rings)[..., None])


def _with_card(scene: Floats, at: NDArray[np.float32], tall: float) -> Floats:
    """A grey card a little to the right of the sheet."""
    low, high = (1.025, tall * 0.4), (1.025 + CARD_SIDE, tall * 0.4 + CARD_SIDE)
    there = _inside(at, low, high)
    return scene * (1 - there) + CARD * there


def _with_strips(scene: Floats, at: NDArray[np.float32], tall: float) -> Floats:
    """A scene (h, w, 3) with white strips along the upper and the left side of a sheet 1 wide; `at` (h, w, 2)
    are its places."""
    above = _inside(at, (-STRIP_WIDE, -STRIP_WIDE), (1.0, -STRIP_GAP))
    left = _inside(at, (-STRIP_WIDE, -STRIP_WIDE), (-STRIP_GAP, tall))
    strip = np.maximum(above, left)
    return np.asarray(scene * (1 - strip) + STRIP * strip)


def _lamp(room: Room) -> Floats:
    """The light on each pixel (h, w, 3)."""
    across, down = room.size
    y, x = np.indices((down, across), float)
    x, y = x / across * 2 - 1, y / down * 2 - 1
    right, below, bends = room.light
    falls = np.exp(right * x + below * y + bends * (x * x + y * y))
    return np.asarray(room.exposure * falls[..., None] * np.array(room.cast))


def _shine(room: Room, place: NDArray[np.float32], wide: int, high: int) -> Floats:
    """What the lamp adds where it is mirrored (h, w)."""
    if room.glare is None:
        return np.zeros(place.shape[:2])
    x, y, radius, strength = room.glare
    away = np.hypot(place[..., 0] / wide - x, (place[..., 1] / high - y) * high / wide)
    return np.asarray(strength * np.exp(-((away / radius) ** 2)), float)


def _developed(room: Room, light: Floats, dice: np.random.Generator) -> Bytes:
    """The light as a phone makes a picture of it: noise, tone curve, local contrast, 8 bits."""
    spread = room.noise * np.sqrt(np.clip(light, 0, None) + 0.02)
    coded = encoded_of(light + dice.normal(size=light.shape) * spread)
    if room.curve:
        # Smoothstep's rise, mixed in: darks darker, lights lighter, both ends kept.
        coded = coded + room.curve * (coded * coded * (3 - 2 * coded) - coded)
    if room.crisp:
        grey = coded @ np.array([0.2126, 0.7152, 0.0722])
        local = grey - cv2.GaussianBlur(grey, (0, 0), 0.03 * max(room.size))
        coded = coded + room.crisp * local[..., None]
    return np.asarray(np.rint(np.clip(coded, 0, 1) * 255), np.uint8)
