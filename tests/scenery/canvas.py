"""The sheet on which scenes are drawn."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from washboard.core.colour.lab import encoded_of, linear_of_lab

HIGH, WIDE = 300, 450
Grid = NDArray[np.float64]


@dataclass
class Canvas:
    """A picture in CIELAB (h, w, 3) under way, and the chance that it is drawn by."""

    lab: Grid
    dice: np.random.Generator

    @property
    def y(self) -> Grid:
        return np.mgrid[:HIGH, :WIDE][0].astype(np.float64)

    @property
    def x(self) -> Grid:
        return np.mgrid[:HIGH, :WIDE][1].astype(np.float64)

    def any(self, low: float, high: float) -> float:
        return float(self.dice.uniform(low, high))

    def lay(self, there: Grid | NDArray[np.bool_], colour: tuple[float, float, float] | Grid) -> None:
        """Colour laid where it is `there`, 0–1."""
        share = np.asarray(there, np.float64)[..., None]
        self.lab = self.lab * (1 - share) + np.asarray(colour, np.float64) * share

    def noise(self, grain: float, long: float = 1.0, upright: bool = False) -> Grid:
        """Grain of mean 0 and deviation 1, so many pixels wide, drawn out one way."""
        plain = self.dice.normal(size=(HIGH, WIDE))
        across, down = (grain, grain * long) if upright else (grain * long, grain)
        soft = cv2.GaussianBlur(plain, (0, 0), sigmaX=across, sigmaY=down)
        return np.asarray(soft / soft.std())

    @property
    def rgb(self) -> NDArray[np.uint8]:
        linear = np.clip(linear_of_lab(self.lab), 0, 1)
        bytes_ = encoded_of(linear) * 255 + self.dice.normal(0, 1.2, self.lab.shape)
        return np.clip(np.rint(bytes_), 0, 255).astype(np.uint8)


def canvas(seed: int, colour: tuple[float, float, float] = (70.0, 0.0, 0.0)) -> Canvas:
    """A sheet of one colour."""
    return Canvas(np.tile(np.array(colour), (HIGH, WIDE, 1)), np.random.default_rng(seed))


def sky_and_land(c: Canvas, horizon: float | None = None) -> float:
    """A sky that grades a little over darker land; the row in which they meet."""
    at = HIGH * (horizon or c.any(0.3, 0.5))
    light = c.any(78, 88)
    sky = np.stack([light + 6 * c.y / HIGH, -2 + 0 * c.y, -10 + 12 * c.y / HIGH], axis=-1)
    c.lab = np.where((c.y < at)[..., None], sky, (c.any(45, 55), -4.0, 14.0))
    return at


def ball(
    c: Canvas, x: float, y: float, r: float, colour: tuple[float, float, float], light: float = 135
) -> None:
    """A round thing lit from a side (degrees), with its cast shadow."""
    turn = np.radians(light)
    c.lay(
        np.clip(
            (1.05 - np.hypot((c.x - x + r * 0.6 * np.cos(turn)) / (1.1 * r), (c.y - y - 0.8 * r) / (0.3 * r)))
            * 6,
            0,
            1,
        ),
        (30.0, 0.0, 2.0),
    )
    away = np.hypot(c.x - x, c.y - y) / r
    across, down = (c.x - x) / r, (c.y - y) / r
    deep = np.sqrt(np.clip(1 - away**2, 0, 1))
    lit = np.clip(across * np.cos(turn) * 0.7 - down * np.sin(turn) * 0.7 + 0.55 * deep, -0.2, 1)
    shade = np.stack([colour[0] * (0.45 + 0.6 * lit), colour[1] + 0 * lit, colour[2] + 0 * lit], axis=-1)
    c.lay(np.clip((1 - away) * r / 1.5, 0, 1), shade)
