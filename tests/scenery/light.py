"""Scenes of light and air."""

from __future__ import annotations

import cv2
import numpy as np

from .canvas import HIGH, Canvas, ball, sky_and_land


def glow(c: Canvas) -> None:
    """A low sun in a dark warm sky, its glow falling off all round, over black land."""
    at = 235.0
    x, y = c.any(160, 290), c.any(110, 150)
    away = np.hypot(c.x - x, c.y - y) / c.any(110, 150)
    fall = np.exp(-away)
    colour = np.stack([30 + 58 * fall, 26 - 14 * fall, 8 + 38 * fall], axis=-1)
    c.lab = colour
    c.lay(np.hypot(c.x - x, c.y - y) < c.any(9, 12), (97.0, 0.0, 14.0))
    c.lay(c.y > at, (c.any(12, 18), 2.0, 2.0))


def lit_across(c: Canvas) -> None:
    """A branch of leaves before a low sun: pale beside it, then orange, then dark and grey."""
    x, y = c.any(200, 250), 130.0
    away = np.hypot(c.x - x, c.y - y) / c.any(130, 160)
    fall = np.exp(-away)
    c.lab = np.stack([52 + 40 * fall, 8 + 0 * fall, 10 + 28 * fall], axis=-1)
    c.lay(np.hypot(c.x - x, c.y - y) < 12, (98.0, 0.0, 8.0))
    share = np.clip((c.x - x - 18) / c.any(130, 160), 0, 1)
    band = (np.abs(c.y - y - 8 * np.sin(c.x / 25)) < 26 - 6 * share) & (c.x > x + 18) & (c.x < 430)
    warm = np.sin(np.pi * np.clip(share * 1.3, 0, 1))
    c.lay(band, np.stack([66 - 46 * share, 6 + 24 * warm, 14 + 26 * warm], axis=-1))


def rays(c: Canvas) -> None:
    """Shafts of light from a window or a gap above into a dim room."""
    x, y = c.any(170, 280), c.any(20, 50)
    down, across = c.y - y, c.x - x
    turn = np.arctan2(down, across)
    away = np.hypot(down, across)
    light = c.any(28, 34) + 16 * np.exp(-away / 160)
    fan = np.zeros_like(light)
    for k in range(c.dice.integers(3, 5)):
        middle = np.pi / 2 + (k - 1.5) * 0.42 + c.any(-0.06, 0.06)
        fan += np.clip(1.3 - np.abs(turn - middle) / c.any(0.07, 0.1), 0, 1)
    c.lab = np.stack(
        [light + 16 * np.clip(fan, 0, 1) * np.exp(-away / 300), 2 + 0 * light, 10 + 0 * light], axis=-1
    )
    c.lay(np.hypot(across, down * 1.4) < 16, (96.0, 0.0, 8.0))


def rims(c: Canvas) -> None:
    """Dark heads or jars against a dim wall, with a light along one side."""
    c.lab[:] = (c.any(28, 38), 0.0, 4.0)
    c.lay(c.y > 230, (c.any(40, 48), 3.0, 8.0))
    for k in range(2):
        x, y, rx, ry = 140 + 170 * k + c.any(-15, 15), 150.0, c.any(45, 60), c.any(75, 90)
        away = np.hypot((c.x - x) / rx, (c.y - y) / ry)
        c.lay(np.clip((1 - away) * rx / 1.5, 0, 1), (c.any(12, 20), 2.0, 2.0))
        band = (away < 1) & (away > 1 - c.any(0.07, 0.1)) & (c.x > x + rx * 0.25) & (c.y < y + ry * 0.5)
        c.lay(cv2.GaussianBlur(band.astype(float), (0, 0), 0.8), (c.any(72, 85), 8.0, 30.0))


def lamp(c: Canvas) -> None:
    """Street lamps at night, each with its halo."""
    c.lab[:] = (c.any(16, 24), 2.0, -12.0)
    c.lay(c.y > 220, (c.any(26, 34), 0.0, -6.0))
    for x in (c.any(90, 150), c.any(280, 340)):
        y, r, reach = c.any(90, 130), c.any(6, 9), c.any(14, 22)
        away = np.hypot(c.x - x, c.y - y)
        fall = np.exp(-np.maximum(away - r, 0) / reach)
        c.lay(np.clip(fall * 0.75, 0, 1), (82.0, 12.0, 48.0))
        c.lay(np.clip((r - away) + 0.5, 0, 1), (98.0, -1.0, 16.0))
        c.lay((np.abs(c.x - x) < 2) & (c.y > y + r) & (c.y < 220), (10.0, 0.0, 0.0))


def far_lamps(c: Canvas) -> None:
    """A row of small lamps far off over dark water."""
    c.lab[:] = (c.any(20, 28), 0.0, -12.0)
    c.lay(c.y > 160, (c.any(14, 20), 0.0, -8.0))
    x = c.any(40, 70)
    while x < 420:
        y = 150 + c.any(-6, 4)
        away = np.hypot(c.x - x, c.y - y)
        c.lay(np.clip(np.exp(-np.maximum(away - 1.6, 0) / 3.0) * 0.6, 0, 1), (70.0, 14.0, 44.0))
        c.lay(np.clip(2.0 - away + 0.5, 0, 1), (96.0, 0.0, 20.0))
        x += c.any(45, 70)


def glint(c: Canvas) -> None:
    """Metal and glazed things with mirror lights on them."""
    c.lab[:] = (c.any(48, 58), 0.0, 6.0)
    c.lay(c.y > 180, (c.any(60, 68), 2.0, 10.0))
    for k in range(2):
        x, y, r = 140 + 170 * k, c.any(150, 180), c.any(48, 60)
        ball(c, x, y, r, (c.any(38, 50), c.any(-8, 8), c.any(-22, -8)))
        away = np.hypot((c.x - x + 0.35 * r) / 1.6, c.y - y + 0.4 * r)
        c.lay(np.clip(c.any(3.0, 4.2) - away + 0.5, 0, 1), (97.0, 0.0, 2.0))


def near_white(c: Canvas) -> None:
    """A pale cup and a pale cloth on a darker table: whites with a tint of their own."""
    c.lab[:] = (c.any(36, 46), 2.0, 6.0)
    c.lay((np.abs(c.x - 150) < 55) & (np.abs(c.y - 150) < 60), (c.any(86, 90), c.any(0, 3), c.any(12, 17)))
    c.lay((np.abs(c.x - 320) < 50) & (np.abs(c.y - 160) < 50), (c.any(85, 90), c.any(-4, 0), c.any(-12, -8)))


def tinted(c: Canvas) -> None:
    """Flecks of light on a dark trunk, none of them white."""
    c.lab[:] = (c.any(62, 70), -2.0, 4.0)
    c.lay(np.abs(c.x - 225) < 90, (c.any(22, 28), 2.0, 5.0))
    for k in range(4):
        x, y = 165 + 40 * k + c.any(-6, 6), c.any(60, 240)
        c.lay(
            np.hypot((c.x - x) / 1.0, (c.y - y) / 1.6) < c.any(4, 6),
            (c.any(62, 78), c.any(2, 8), c.any(14, 26)),
        )


def clouds(c: Canvas) -> None:
    """Soft clouds in a blue sky over land."""
    at = sky_and_land(c, c.any(0.6, 0.75))
    soft = np.clip((c.noise(22, 2.0) - c.any(0.2, 0.5)) * 0.6, 0, 1) * (c.y < at)
    c.lab[..., 0] -= (c.y < at) * 12
    c.lab[..., 2] -= (c.y < at) * 12
    c.lay(soft, (c.any(88, 93), 0.0, 1.0))


def blended(c: Canvas) -> None:
    """A clear evening sky that grades from warm to cool over dark hills."""
    at = HIGH * c.any(0.65, 0.8)
    share = np.clip(c.y / at, 0, 1) ** c.any(0.8, 1.4)
    top, low = np.array((c.any(40, 55), -2.0, -25.0)), np.array((c.any(80, 90), 8.0, 30.0))
    c.lab = top + (low - top) * share[..., None]
    c.lay(c.y > at - 20 * np.sin(c.x / c.any(60, 90)), (c.any(20, 30), 0.0, -3.0))


def smooth(c: Canvas) -> None:
    """A clear sky from warm light at the horizon to blue, for paint that is laid wet."""
    blended(c)


def mist(c: Canvas) -> None:
    """A far ridge whose foot is lost in mist."""
    c.lab[:] = (c.any(80, 86), 0.0, -3.0)
    top = c.any(70, 100) + 15 * np.sin(c.x / c.any(50, 80))
    down = np.clip((c.y - top) / c.any(110, 130), 0, 1)
    colour = np.stack([c.any(48, 56) + 30 * down, -2 + 0 * down, -8 + 5 * down], axis=-1)
    c.lay(np.clip((c.y - top) / 2, 0, 1) * (c.y < top + 125), colour)
    c.lay(c.y > 265, (c.any(35, 45), -4.0, 8.0))
