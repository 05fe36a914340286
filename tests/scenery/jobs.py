"""Nine rendered scenes as painters bring them, each with the effects that its picture is made of."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from .canvas import HIGH, WIDE, Canvas, Grid, ball, canvas


@dataclass(frozen=True)
class Job:
    """A scene: how it is drawn, in which medium on which surface it is painted, and the kinds of effects of
    which at least one of each group must be told or asked."""

    draw: Callable[[Canvas], None]
    medium: str
    surface: str
    asks_for: tuple[tuple[str, ...], ...]


def _disc(c: Canvas, x: float, y: float, r: float, soft: float = 1.0) -> Grid:
    return np.clip((r - np.hypot(c.x - x, c.y - y)) / soft + 0.5, 0, 1)


def lamps_on_snow(c: Canvas) -> None:
    """Two street lamps over blue snow at night, their light on the ground."""
    c.lab = np.stack([14 + 8 * c.y / HIGH, 2 + 0 * c.y, -16 + 0 * c.y], axis=-1)
    ground = c.y > 185 + 8 * np.sin(c.x / 60)
    c.lay(ground, np.stack([38 + 0 * c.y, 0 * c.y, -14 + 0 * c.y], axis=-1))
    for x in (130.0, 320.0):
        pool = np.exp(-(((c.x - x) / 70) ** 2 + ((c.y - 235) / 26) ** 2)) * ground
        c.lay(0.9 * pool, (80.0, 8.0, 34.0))
        away = np.hypot(c.x - x, c.y - 95)
        c.lay(np.clip(0.8 * np.exp(-np.maximum(away - 6, 0) / 16), 0, 1), (82.0, 14.0, 50.0))
        c.lay((np.abs(c.x - x) < 2) & (c.y > 100) & (c.y < 215), (8.0, 0.0, 0.0))
        c.lay(_disc(c, x, 95, 6.5), (98.0, -1.0, 16.0))


def shrubs_mirrored(c: Canvas) -> None:
    """Autumn shrubs on a bank, mirrored in still dark water."""
    c.lab[:] = (16.0, 0.0, -4.0)
    shore = 150
    for k, x in enumerate((70.0, 165.0, 260.0, 365.0)):
        r = c.any(38, 52)
        inside = np.hypot((c.x - x) / 1.25, c.y - (shore - 0.75 * r)) < r + 5 * c.noise(5)
        inside &= c.y < shore
        warm = (46.0, 26.0, 34.0) if k % 2 else (52.0, 12.0, 44.0)
        leaves = np.clip(c.noise(1.6) * 7, -16, 20)
        c.lay(inside, np.stack([warm[0] + leaves, warm[1] + 0 * c.y, warm[2] + leaves / 2], axis=-1))
    mirrored = c.lab[shore - 1 :: -1][: HIGH - shore].copy()
    soft = cv2.GaussianBlur(mirrored, (0, 0), sigmaX=1.5, sigmaY=5)
    c.lab[shore : shore + len(soft)] = soft * np.array((0.7, 0.7, 0.7)) + np.array((4.0, 0.0, -1.0))


def cup_fruit_metal(c: Canvas) -> None:
    """A cup, fruit and a metal jar on a wooden table, lit from the upper left."""
    c.lab[:] = (34.0, 2.0, 6.0)
    grain = c.noise(1.2, 30) * 2.2
    c.lay(c.y > 165, np.stack([52 + grain, 12 + 0 * c.y, 26 + 0 * c.y], axis=-1))
    ball(c, 130, 185, 42, (62.0, 40.0, 48.0))
    ball(c, 225, 195, 34, (66.0, 6.0, 58.0))
    ball(c, 335, 170, 52, (46.0, -2.0, -8.0))
    c.lay(_disc(c, 316, 148, 3.4), (97.0, 0.0, 2.0))
    c.lay(_disc(c, 117, 168, 3.0), (96.0, 4.0, 10.0))


def storm_over_sea(c: Canvas) -> None:
    """A storm with the sun behind it over a level sea, its light on the water."""
    away = np.hypot((c.x - 300) / 1.6, c.y - 95) / 120
    fall = np.exp(-away)
    c.lab = np.stack([30 + 52 * fall, 4 + 6 * fall, -2 + 30 * fall], axis=-1)
    clouds = np.clip(c.noise(26, 2.4) * 0.5 - 0.1, 0, 0.75) * (c.y < 140)
    c.lay(clouds, (24.0, 2.0, -6.0))
    sea = c.y >= 170
    ripples = np.clip(c.noise(1.4, 12), -1.5, 2.5) * 5 * np.exp(-(((c.x - 300) / 110) ** 2))
    c.lay(
        sea,
        np.stack([28 + 22 * np.exp(-(((c.x - 300) / 90) ** 2)) + ripples, 2 + 0 * c.y, 8 * fall], axis=-1),
    )


def red_flower(c: Canvas) -> None:
    """A red flower among dark leaves."""
    c.lab[:] = (20.0, -10.0, 12.0)
    for _ in range(16):
        x, y, turn = c.any(0, WIDE), c.any(0, HIGH), c.any(0, 3)
        across = (c.x - x) * np.cos(turn) + (c.y - y) * np.sin(turn)
        along = -(c.x - x) * np.sin(turn) + (c.y - y) * np.cos(turn)
        leaf = np.hypot(across / 14, along / 46) < 1
        c.lay(leaf, (c.any(24, 40), c.any(-22, -12), c.any(14, 28)))
    for k in range(5):
        turn = 2 * np.pi * k / 5 + 0.3
        x, y = 225 + 42 * np.cos(turn), 145 + 42 * np.sin(turn)
        away = np.hypot(c.x - x, c.y - y) / 40
        light = 34 + 30 * np.clip(np.hypot(c.x - 225, c.y - 145) / 85, 0, 1)
        c.lay(np.clip((1 - away) * 30, 0, 1), np.stack([light, 52 + 0 * c.y, 30 + 0 * c.y], axis=-1))
    c.lay(_disc(c, 225, 145, 13), (70.0, 6.0, 60.0))


def wreath_behind_tree(c: Canvas) -> None:
    """A tree before a wreath of evening light, bare branches before it."""
    away = np.abs(np.hypot(c.x - 225, c.y - 120) - 60) / 50
    fall = np.exp(-(away**1.5))
    c.lab = np.stack([36 + 46 * fall, 6 + 6 * fall, 4 + 36 * fall], axis=-1)
    c.lay(c.y > 240, (14.0, 2.0, 2.0))
    trunk = np.abs(c.x - 225 - 6 * np.sin(c.y / 40)) < 5 + (c.y - 60) / 22
    c.lay(trunk & (c.y > 60), (10.0, 2.0, 2.0))
    for k in range(26):
        x, y, turn, long = 225.0, c.any(60, 170), (1 if k % 2 else -1) * c.any(0.3, 1.2), c.any(50, 120)
        line = np.array([[x, y], [x + long * np.sin(turn), y - long * np.cos(turn)]]).astype(np.int32)
        drawn = np.zeros((HIGH, WIDE), np.uint8)
        cv2.line(drawn, line[0].tolist(), line[1].tolist(), 255, int(c.any(1, 3)), cv2.LINE_AA)
        c.lay(drawn / 255, (12.0, 2.0, 2.0))


def white_hair(c: Canvas) -> None:
    """A head with white hair, lit from the left, before a brown wall."""
    c.lab[:] = (30.0, 6.0, 12.0)
    away = np.hypot((c.x - 225) / 62, (c.y - 160) / 82)
    turn = np.clip((c.x - 175) / 110, 0, 1)
    skin = np.stack([74 - 34 * turn, 14 + 0 * c.y, 22 + 0 * c.y], axis=-1)
    hair = np.hypot((c.x - 225) / 80, (c.y - 125) / 78) < 1
    strands = np.clip(c.noise(1.1, 16, upright=True), -2, 2) * 5
    c.lay(hair, np.stack([80 - 26 * turn + strands, 0 * c.y, 4 + 0 * c.y], axis=-1))
    c.lay(np.clip((1 - away) * 40, 0, 1) * (c.y > 105), skin)
    c.lay((c.y > 245) & (np.abs(c.x - 225) < 40 + (c.y - 245) * 2), (24.0, 2.0, -10.0))


def trunks_six_deep(c: Canvas) -> None:
    """Trunks behind trunks, the farther the lighter and greyer, in a misty wood."""
    c.lab[:] = (86.0, 0.0, 2.0)
    for depth in range(6):
        light = 80 - 11 * depth
        for _ in range(2):
            x, wide = c.any(20, WIDE - 20), 6 + 4 * depth
            c.lay(np.abs(c.x - x - 4 * np.sin(c.y / 50 + depth)) < wide / 2, (light, 0.0, 3.0 + depth))
    c.lay(c.y > 265, (34.0, -6.0, 14.0))


def beads_on_cloth(c: Canvas) -> None:
    """A long string of glass beads on folded cloth."""
    folds = 6 * np.sin(c.x / 34 + c.y / 90) + 3 * np.sin(c.x / 15)
    c.lab = np.stack([64 + folds, 3 + 0 * c.y, 6 + 0 * c.y], axis=-1)
    for k in range(14):
        x, y = 34 + 29.0 * k, 150 + 40 * np.sin(k / 2.6)
        ball(c, x, y, 12, (40.0, 44.0, 20.0))
        c.lay(_disc(c, x - 4, y - 4, 1.6), (96.0, 2.0, 4.0))


JOBS: Mapping[str, Job] = {
    "lamps on snow": Job(
        lamps_on_snow, "pastel", "value:3", (("lamp",), ("glow", "blended", "form", "smooth"))
    ),
    "shrubs mirrored": Job(shrubs_mirrored, "acrylic", "black", (("reflections",), ("foliage", "broken"))),
    "cup, fruit and metal": Job(
        cup_fruit_metal, "oil", "value:5", (("form",), ("glint",), ("cast-shadow", "joined-shadow"))
    ),
    "storm over the sea": Job(
        storm_over_sea,
        "watercolour",
        "white",
        (("glow", "smooth", "blended", "clouds"), ("ripples", "reflections")),
    ),
    "red flower": Job(red_flower, "watercolour", "white", (("petals", "form"),)),
    "wreath of light": Job(
        wreath_behind_tree, "pastel", "value:5", (("branches",), ("glow", "blended", "smooth"))
    ),
    "white hair": Job(
        white_hair, "oil", "value:5", (("form", "blended", "smooth"), ("hair", "near-white", "broken"))
    ),
    "trunks six deep": Job(trunks_six_deep, "watercolour", "white", (("negatives",),)),
    "beads on cloth": Job(
        beads_on_cloth, "oil", "value:6", (("rows", "form"), ("glint", "near-white", "rows"))
    ),
}
"""What painters bring, by name."""


def drawn(name: str, seed: int) -> NDArray[np.uint8]:
    """A scene (h, w, 3) of a seed."""
    c = canvas(sum(map(ord, name)) + 100 * seed)
    JOBS[name].draw(c)
    return c.rgb
