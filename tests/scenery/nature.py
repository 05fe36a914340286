"""Scenes of leaves, water and wood."""

from __future__ import annotations

import cv2
import numpy as np

from .canvas import HIGH, WIDE, Canvas, Grid, sky_and_land


def foliage(c: Canvas) -> None:
    """A tree crown of clumps before a sky."""
    at = sky_and_land(c, 0.8)
    x, y = c.any(150, 300), at - c.any(90, 110)
    rough = np.hypot((c.x - x) / c.any(120, 150), (c.y - y) / c.any(70, 85)) + 0.06 * c.noise(7)
    leaves = 9 * c.noise(5) + 6 * c.noise(2.2)
    hue = c.any(8, 26)
    colour = np.stack([c.any(34, 44) + leaves, -14 + 0 * leaves, hue + 0.5 * leaves], axis=-1)
    c.lay(np.clip((1 - rough) * 12, 0, 1), colour)


def grass(c: Canvas) -> None:
    """Dry upright grass before snow."""
    c.lab[:] = (c.any(82, 88), 0.0, -4.0)
    far = c.y < c.any(60, 100)
    c.lay(far, (c.any(55, 65), 0.0, -6.0))
    band = np.clip((c.y - c.any(120, 140)) / 8, 0, 1) * np.clip((c.any(260, 290) - c.y) / 8, 0, 1)
    blades = c.noise(1.3, 12, upright=True)
    colour = np.stack([c.any(52, 60) + 11 * blades, 4 + 0 * blades, 20 + 3 * blades], axis=-1)
    c.lay(band, colour)


def hair(c: Canvas) -> None:
    """A head of hair or a flank of fur whose strands run aslant."""
    c.lab[:] = (c.any(50, 60), 4.0, 8.0)
    turn = np.radians(c.any(35, 55) * c.dice.choice([-1, 1]))
    plain = c.dice.normal(size=(2 * HIGH, 2 * WIDE))
    soft = cv2.GaussianBlur(plain, (0, 0), sigmaX=14, sigmaY=1.6)
    spun = cv2.warpAffine(
        soft, cv2.getRotationMatrix2D((WIDE, HIGH), np.degrees(turn), 1), (2 * WIDE, 2 * HIGH)
    )
    strands = spun[HIGH // 2 : HIGH // 2 + HIGH, WIDE // 2 : WIDE // 2 + WIDE]
    strands = strands / strands.std()
    away = np.hypot((c.x - 225) / c.any(120, 150), (c.y - 140) / c.any(90, 110))
    colour = np.stack([c.any(38, 46) + 8 * strands, 8 + 0 * strands, 16 + 2 * strands], axis=-1)
    c.lay(np.clip((1 - away) * 30, 0, 1), colour)


def broken(c: Canvas) -> None:
    """A rough stone wall below a plain one."""
    c.lab[:] = (c.any(70, 80), 0.0, 4.0)
    rough = 6 * c.noise(2.0) + 5 * c.noise(4.5)
    colour = np.stack([c.any(48, 58) + rough, 1 + 0 * rough, 5 + 0.2 * rough], axis=-1)
    c.lay(c.y > c.any(80, 130), colour)


def ripples(c: Canvas) -> None:
    """Water with level ripples under a sky and a far shore."""
    at = HIGH * c.any(0.3, 0.4)
    c.lab[:] = (c.any(80, 88), 0.0, -6.0)
    c.lay((c.y > at - 25) & (c.y <= at), (c.any(38, 48), -6.0, 8.0))
    waves = c.noise(1.5, 14) * np.clip((c.y - at) / 90, 0.4, 1)
    water = np.stack([c.any(52, 62) + 7 * waves, -3 + 0 * waves, -12 + waves], axis=-1)
    c.lay(c.y > at, water)


def sparkle(c: Canvas) -> None:
    """Small lights all over dark water."""
    c.lab[:] = (c.any(70, 80), 0.0, -5.0)
    at = HIGH * c.any(0.25, 0.35)
    c.lay(c.y > at, (c.any(32, 42), -2.0, -14.0))
    bits = c.noise(1.2, 2.5) > c.any(1.7, 2.0)
    c.lay(bits & (c.y > at + 10), (c.any(88, 95), 0.0, 2.0))


def _twig(c: Canvas, at: Grid, x: float, y: float, angle: float, long: float, wide: float) -> None:
    if wide < 0.7 or long < 5:
        return
    end = x + long * np.cos(angle), y - long * np.sin(angle)
    cv2.line(
        at,
        (round(8 * x), round(8 * y)),
        (round(8 * end[0]), round(8 * end[1])),
        1.0,
        max(1, round(wide)),
        cv2.LINE_AA,
        3,
    )
    for _ in range(3):
        _twig(c, at, *end, angle + c.any(-0.7, 0.7), long * c.any(0.6, 0.85), wide * 0.68)


def branches(c: Canvas) -> None:
    """A bare tree before a light sky."""
    at = sky_and_land(c, 0.85)
    wood = np.zeros((HIGH, WIDE))
    for x in (c.any(120, 180), c.any(260, 330)):
        _twig(c, wood, x, at + 5, np.pi / 2 + c.any(-0.1, 0.1), c.any(60, 75), c.any(8, 11))
    c.lay(wood, (c.any(20, 28), 2.0, 5.0))


def reflections(c: Canvas) -> None:
    """Trees and houses on a shore, mirrored in calm water."""
    at = int(HIGH * c.any(0.42, 0.52))
    c.lab[:] = (c.any(80, 88), 0.0, -8.0)
    for _ in range(5):
        x, wide, high = c.any(20, 390), c.any(25, 50), c.any(35, 90)
        top = at - high * np.clip(1 - ((c.x - x - wide / 2) / (wide / 2)) ** 4, 0, 1)
        c.lay(
            (np.abs(c.x - x - wide / 2) < wide / 2) & (c.y > top) & (c.y <= at),
            (c.any(22, 46), c.any(-12, 12), c.any(0, 20)),
        )
    water = c.lab.copy()
    rows = np.clip(2 * at - np.arange(HIGH), 0, HIGH - 1)
    mirrored = cv2.GaussianBlur(water[rows], (0, 0), sigmaX=1.2, sigmaY=3.0)
    mirrored[..., 0] = 52 + 0.7 * (mirrored[..., 0] - 52)
    c.lab = np.where((c.y > at)[..., None], mirrored, water)


def negatives(c: Canvas) -> None:
    """Trunks that stand behind each other, each layer darker, seen in the gaps of the one before."""
    hue = c.any(80, 150)
    a, b = 16 * np.cos(np.radians(hue)), 16 * np.sin(np.radians(hue))
    c.lab[:] = (30.0, a, b)
    for k, light in enumerate((42.0, 54.0, 66.0, 80.0)):
        for _ in range(7 - k):
            x, wide, lean = c.any(0, WIDE), c.any(10, 17) + 5 * k, c.any(-0.15, 0.15)
            c.lay(np.abs(c.x - x - lean * (c.y - 150)) < wide / 2, (light, a * 0.9, b * 0.9))


def edges(c: Canvas) -> None:
    """Soft hills behind each other in haze."""
    c.lab[:] = (c.any(82, 88), 0.0, -4.0)
    for k, light in enumerate((68.0, 52.0, 36.0)):
        top = 100 + 60 * k + 18 * np.sin(c.x / c.any(50, 80) + k)
        c.lay(np.clip(0.5 + (c.y - top) / (9 - 2 * k), 0, 1), (light, -2.0, -8.0 + 5 * k))
    # One firm thing in front, against which the eye judges what is soft.
    x = c.any(60, 380)
    c.lay((np.abs(c.x - x) < 14) & (c.y > 150), (18.0, 0.0, 0.0))
