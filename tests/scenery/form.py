"""Scenes of things and their shadows."""

from __future__ import annotations

import numpy as np

from .canvas import Canvas, ball


def form(c: Canvas) -> None:
    """Fruit on a table before a wall."""
    c.lab[:] = (c.any(35, 45), 0.0, 4.0)
    c.lay(c.y > 170, (c.any(60, 70), 2.0, 10.0))
    for k in range(2):
        hue = c.any(-0.6, 1.2)
        ball(
            c,
            130 + 180 * k + c.any(-20, 20),
            c.any(150, 185),
            c.any(45, 65),
            (c.any(62, 74), 40 * np.cos(hue), 40 * np.sin(hue) + 10),
        )


def petals(c: Canvas) -> None:
    """A flower of five petals, each from light at its edge to dark within."""
    c.lab[:] = (c.any(24, 32), -10.0, 8.0)
    hue, start = c.any(-0.3, 0.5), c.any(0, 1)
    for k in range(5):
        turn = start + 2 * np.pi * k / 5
        x, y = 225 + 62 * np.cos(turn), 150 + 62 * np.sin(turn)
        along = (c.x - x) * np.cos(turn) + (c.y - y) * np.sin(turn)
        across = (c.y - y) * np.cos(turn) - (c.x - x) * np.sin(turn)
        away = np.hypot(along / 54, across / 36)
        share = np.clip((along + 54) / 108, 0, 1)
        light = c.any(30, 36) + 34 * share + (k % 2) * 5
        colour = np.stack([light, 52 * np.cos(hue) + 0 * light, 52 * np.sin(hue) + 0 * light], axis=-1)
        c.lay(np.clip((1 - away) * 25, 0, 1), colour)
    c.lay(np.hypot(c.x - 225, c.y - 150) < 16, (75.0, 8.0, 60.0))


def cast_shadow(c: Canvas) -> None:
    """A box on a table in sun, with a shadow that grows softer and lighter away from it."""
    c.lab[:] = (c.any(50, 60), 0.0, 2.0)
    c.lay(c.y > 130, (c.any(76, 84), 1.0, 8.0))
    x, wide = c.any(90, 140), c.any(60, 80)
    far = np.clip((c.x - x - wide) / c.any(140, 170), 0, 1)
    soft = 2 + 14 * far
    there = np.clip(0.5 + (c.x - x - wide + 5) / 4, 0, 1) * np.clip(
        0.5 + (22 + 6 * far - np.abs(c.y - 212)) / soft, 0, 1
    )
    there = there * np.clip((1 - far) * 3, 0, 1)
    c.lay(there, np.stack([c.any(36, 42) + 20 * far, 0 * far, -4 + 0 * far], axis=-1))
    c.lay(
        (c.x > x) & (c.x < x + wide) & (c.y > 130) & (c.y < 236),
        (c.any(55, 65), c.any(15, 30), c.any(15, 30)),
    )


def shadow_colour(c: Canvas) -> None:
    """A building with a lit and a shaded side, the shadow bluer than the same colour in the dark."""
    c.lab[:] = (c.any(84, 90), 0.0, -6.0)
    x, y = c.any(110, 150), c.any(60, 90)
    c.lay((c.x > x) & (c.x < 225) & (c.y > y) & (c.y < 260), (c.any(70, 76), c.any(10, 16), c.any(30, 38)))
    c.lay((c.x >= 225) & (c.x < 340) & (c.y > y) & (c.y < 260), (c.any(40, 46), c.any(9, 12), c.any(4, 9)))
    c.lay(c.y >= 260, (c.any(60, 66), 0.0, 8.0))


def joined_shadow(c: Canvas) -> None:
    """Two or three things of different colours that lie in one shadow."""
    c.lab[:] = (c.any(78, 86), 0.0, 8.0)
    value, edge = c.any(28, 36), 150 + 10 * np.sin(c.x / 40)
    there = (c.y > edge) & (c.x > 60) & (c.x < 390)
    for k, (left, right) in enumerate(((60, 170), (170, 290), (290, 390))):
        turn = c.any(0, 0.8) + 2.1 * k
        own = np.clip((c.x - left) / 5 + 1, 0, 1) * (c.x <= right)
        c.lay(own * there, (value + c.any(-2, 2), 20 * np.cos(turn), 20 * np.sin(turn)))


def rows(c: Canvas) -> None:
    """Windows in a row, alike and evenly apart, each with a darker half and a light on its pane."""
    c.lab[:] = (c.any(62, 72), 3.0, 12.0)
    c.lay(c.y > 230, (c.any(45, 52), 0.0, 4.0))
    count, wide = int(c.dice.integers(4, 7)), c.any(26, 34)
    step, y, light = 380 / count, c.any(110, 150), c.any(26, 34)
    for k in range(count):
        x = 50 + step * k
        there = (np.abs(c.x - x) < wide / 2) & (np.abs(c.y - y) < wide * 0.8)
        c.lay(there, (light, 0.0, -10.0))
        c.lay(there & (c.x < x - wide / 5), (light - 5, 0.0, -8.0))
        c.lay(there & (c.x > x + wide / 4) & (c.y < y - wide * 0.2), (light + 5, 0.0, -10.0))


def plain(c: Canvas) -> None:
    """Flat shapes beside each other, with firm edges."""
    c.lab[:] = (c.any(60, 75), c.any(-6, 6), c.any(-6, 6))
    for _ in range(4):
        x, y = c.any(20, 320), c.any(20, 180)
        there = (c.x > x) & (c.x < x + c.any(60, 120)) & (c.y > y) & (c.y < y + c.any(50, 110))
        c.lay(there, (c.any(25, 85), c.any(-25, 25), c.any(-25, 25)))
