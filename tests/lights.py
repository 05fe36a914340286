"""Rendered lights whose kind is known: lamps with their halo, glints on forms, white things, lit patches."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from washboard.core.colour.lab import encoded_of
from washboard.core.colour.value import luminance_of
from washboard.core.reference.picture import Picture, picture_of

HEIGHT, WIDTH = 240, 360
CM = 40 / WIDTH


@dataclass(frozen=True)
class Rendered:
    """A picture with one light that is `there` (h, w), and what it `is`."""

    is_a: str
    picture: Picture
    there: NDArray[np.bool_]


def rendered(is_a: str, seed: int) -> Rendered:
    """A scene of a seed: a ground with things in it, and a light of a kind."""
    dice = np.random.default_rng(seed * 7 + len(is_a))
    y, x = np.mgrid[:HEIGHT, :WIDTH].astype(np.float64)
    dark = is_a == "lamp" or dice.random() < 0.5
    ground = dice.uniform(1.5, 3.5) if dark else dice.uniform(4.5, 6.5)
    value = np.full((HEIGHT, WIDTH), ground) + dice.uniform(-0.8, 0.8) * (y / HEIGHT - 0.5)
    for _ in range(4):
        top, left = dice.integers(0, HEIGHT - 60), dice.integers(0, WIDTH - 80)
        step = dice.uniform(-1, 1)
        value[top : top + dice.integers(30, 60), left : left + dice.integers(40, 80)] += step
    at = dice.uniform(70, HEIGHT - 70), dice.uniform(80, WIDTH - 80)
    warm = np.zeros_like(value)
    value, warm, there = MAKERS[is_a](value, warm, x - at[1], y - at[0], dice)
    linear = luminance_of(np.clip(value, 0.2, 9.9)) / 100
    tint = np.stack([1 + 0.25 * warm, 1 + 0.05 * warm, 1 - 0.35 * warm], axis=-1)
    rgb = encoded_of(np.clip(linear[..., None] * tint, 0, 1)) * 255 + dice.normal(0, 1.5, (HEIGHT, WIDTH, 3))
    return Rendered(is_a, picture_of(np.clip(np.rint(rgb), 0, 255).astype(np.uint8)), there)


Made = tuple[NDArray[np.float64], NDArray[np.float64], NDArray[np.bool_]]
Grid = NDArray[np.float64]


def _lamp(value: Grid, warm: Grid, x: Grid, y: Grid, dice: np.random.Generator) -> Made:
    """A disc and the glow round it, which falls off with the distance."""
    radius, reach = dice.uniform(2.5, 6), dice.uniform(1.2, 3.0)
    away = np.hypot(x, y) / radius
    lead = dice.uniform(8.6, 9.6) - float(np.median(value))
    glow = dice.uniform(0.3, 0.6) * lead * np.exp(-np.maximum(away - 1, 0) / reach)
    there = away <= 1
    lit = np.where(there, value + lead, value + glow)
    return lit, warm + dice.uniform(0.4, 1.0) * np.exp(-np.maximum(away - 1, 0) / reach), there


def _glint(value: Grid, warm: Grid, x: Grid, y: Grid, dice: np.random.Generator) -> Made:
    """A small crisp spot on a rounded form that is shaded away from the light."""
    size = dice.uniform(28, 48)
    form = np.hypot(x + size * 0.35, y + size * 0.35) / size
    shade = dice.uniform(2.5, 5.5) - 1.6 * form
    value = np.where(form <= 1, shade, value)
    long, turn = dice.uniform(1.0, 3.0), dice.uniform(0, np.pi)
    along, across = x * np.cos(turn) + y * np.sin(turn), y * np.cos(turn) - x * np.sin(turn)
    there = np.hypot(along / long, across) <= dice.uniform(1.8, 3.2)
    return np.where(there, dice.uniform(8.2, 9.6), value), warm, there


def _white(value: Grid, warm: Grid, x: Grid, y: Grid, dice: np.random.Generator) -> Made:
    """A white thing with a lit and a shaded side."""
    high, wide = dice.uniform(9, 14), dice.uniform(9, 16)
    there = (np.abs(x) <= wide) & (np.abs(y) <= high)
    lit, drop = dice.uniform(7.0, 8.8), dice.uniform(0.8, 2.0)
    return np.where(there, lit - drop * (x + wide) / (2 * wide), value), warm, there


def _patch(value: Grid, warm: Grid, x: Grid, y: Grid, dice: np.random.Generator) -> Made:
    """A patch of light that falls on a floor: long, soft, no source."""
    long, wide = dice.uniform(22, 34), dice.uniform(4, 7)
    away = np.hypot(x / long, y / wide)
    lit = dice.uniform(6.0, 7.6)
    soft = np.clip(1.6 - away, 0, 1) ** 1.5
    return value + (lit - value) * np.clip(soft, 0, 1), warm + 0.5 * soft, away <= 0.75


MAKERS = {"lamp": _lamp, "glint": _glint, "white-thing": _white, "patch": _patch}
