"""Rendered scenes whose horizon, sun, depth and things are known: a small exact ray caster."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cache

import cv2
import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import map_coordinates

Array = NDArray[np.float64]

WIDTH, HEIGHT = 600, 400
LENS = 1.5
"""Focal length over half the width."""


@dataclass(frozen=True)
class Ball:
    centre: tuple[float, float, float]
    radius: float
    colour: tuple[float, float, float]

    def hit(self, start: Array, along: Array) -> tuple[Array, Array]:
        """Distance (n,) to the first hit or infinity, and the outward normal (n, 3)."""
        off = start - np.asarray(self.centre)
        b = (off * along).sum(axis=1)
        inside = b * b - (off * off).sum(axis=1) + self.radius**2
        far = np.where(inside > 0, -b - np.sqrt(np.maximum(inside, 0)), np.inf)
        far = np.where(far > 1e-4, far, np.inf)
        at = start + along * np.where(np.isfinite(far), far, 0)[:, None]
        return far, (at - np.asarray(self.centre)) / self.radius


@dataclass(frozen=True)
class Block:
    """An upright box turned by `turn` radians."""

    centre: tuple[float, float, float]
    half: tuple[float, float, float]
    turn: float
    colour: tuple[float, float, float]

    def hit(self, start: Array, along: Array) -> tuple[Array, Array]:
        c, s = np.cos(self.turn), np.sin(self.turn)
        spin = np.array([[c, 0, -s], [0, 1, 0], [s, 0, c]])
        origin = (start - np.asarray(self.centre)) @ spin.T
        way = along @ spin.T
        way = np.where(np.abs(way) < 1e-9, 1e-9, way)
        one, two = (-np.asarray(self.half) - origin) / way, (np.asarray(self.half) - origin) / way
        near, far = np.minimum(one, two), np.maximum(one, two)
        enter, leave = near.max(axis=1), far.min(axis=1)
        met = (enter < leave) & (enter > 1e-4)
        axis = near.argmax(axis=1)
        facing = np.zeros_like(way)
        rows = np.arange(len(way))
        facing[rows, axis] = -np.sign(way[rows, axis])
        return np.where(met, enter, np.inf), facing @ spin


@dataclass(frozen=True)
class Scene:
    """A picture (h, w, 3) with what is known of it.

    `horizon`: heights of its left and right end as shares from the top, None where there is none.
    `sun`: where light comes from in the picture plane, degrees counter-clockwise from the right.
    `things`: labels (h, w), 0 the sky, 1 the ground, then each thing; `far`: their distance.
    """

    rgb: NDArray[np.uint8]
    horizon: tuple[float, float] | None
    sun: float
    things: NDArray[np.int32]
    far: dict[int, float]


def _view(pitch: float, roll: float) -> tuple[Array, Array, Array]:
    forward = np.array([0, -np.sin(pitch), np.cos(pitch)])
    right, up = np.array([1.0, 0, 0]), np.array([0, np.cos(pitch), np.sin(pitch)])
    c, s = np.cos(roll), np.sin(roll)
    return forward, c * right + s * up, c * up - s * right


def _noise(x: Array, y: Array, seed: int) -> Array:
    table = np.random.default_rng(seed).uniform(-1, 1, (64, 64)).astype(np.float32)
    total = np.zeros(x.shape)
    for octave in range(3):
        u, v = (x * 2**octave) % 64, (y * 2**octave) % 64
        total += map_coordinates(table, (u, v), order=1, mode="grid-wrap") / 2**octave
    return total


def rendered(
    seed: int,
    things: tuple[Ball | Block, ...],
    sun: Array,
    pitch: float,
    roll: float,
    sky: tuple[Array, Array],
    ground: Array,
    haze: float,
    eye: float = 1.7,
) -> Scene:
    """A ground plane under a sky with things on it, lit by a sun with cast shadows and some sky light."""
    forward, right, up = _view(pitch, roll)
    x = ((np.arange(WIDTH) + 0.5) / WIDTH * 2 - 1)[None, :, None]
    y = (1 - (np.arange(HEIGHT) + 0.5) / HEIGHT * 2)[:, None, None] * HEIGHT / WIDTH
    along = (x * right + y * up + LENS * forward).reshape(-1, 3)
    along /= np.linalg.norm(along, axis=1, keepdims=True)
    start = np.broadcast_to(np.array([0.0, eye, 0.0]), along.shape)
    down = np.minimum(along[:, 1], -1e-9)
    near = np.where(along[:, 1] < -1e-6, -eye / down, np.inf)
    facing = np.broadcast_to(np.array([0.0, 1.0, 0.0]), along.shape).copy()
    label = np.where(np.isfinite(near), 1, 0)
    for number, thing in enumerate(things, 2):
        far, normal = thing.hit(start, along)
        closer = far < near
        near, label = np.where(closer, far, near), np.where(closer, number, label)
        facing[closer] = normal[closer]
    high = np.clip(along[:, 1] * 2.2, 0, 1)[:, None]
    light = sky[1] * (1 - high) + sky[0] * high
    solid = np.flatnonzero(label)
    at = start[solid] + along[solid] * near[solid, None] + facing[solid] * 2e-3
    colours = np.stack([sky[1], ground, *(np.asarray(t.colour) for t in things)])[label[solid]]
    floor = label[solid] == 1
    texture = _noise(at[:, 0] * 2.3, at[:, 2] * 2.3, seed) * np.exp(-near[solid] / 25)
    colours = colours * (1 + 0.16 * np.where(floor, texture, 0.3 * texture)[:, None])
    direct = np.clip(facing[solid] @ sun, 0, None)
    towards = np.broadcast_to(sun, at.shape)
    for thing in things:
        direct[np.isfinite(thing.hit(at, towards)[0])] = 0
    lit = colours * (0.95 * direct[:, None] + 0.3 * (0.6 + 0.4 * facing[solid][:, 1:2]))
    air = (1 - np.exp(-near[solid] * haze))[:, None]
    light[solid] = lit * (1 - air) + sky[1] * air
    coded = np.clip(light, 0, 1) ** (1 / 2.2) + np.random.default_rng(seed).normal(0, 0.012, (len(light), 1))
    rgb = cv2.GaussianBlur(
        (np.clip(coded, 0, 1) * 255).reshape(HEIGHT, WIDTH, 3).astype(np.uint8), (0, 0), 0.7
    )
    distance = {0: 1e4, 1: 0.0} | {k: float(t.centre[2]) for k, t in enumerate(things, 2)}
    plane = np.degrees(np.arctan2(sun @ up, sun @ right))
    return Scene(
        rgb,
        _horizon(forward, right, up),
        float(plane),
        label.reshape(HEIGHT, WIDTH).astype(np.int32),
        distance,
    )


def _horizon(forward: Array, right: Array, up: Array) -> tuple[float, float] | None:
    """Where level directions meet the left and right frame: shares from the top."""
    ends = []
    for x in (-1.0, 1.0):
        y = -(x * right[1] + LENS * forward[1]) / up[1]
        ends.append(0.5 - y * WIDTH / HEIGHT / 2)
    return (ends[0], ends[1]) if all(0.02 < end < 0.98 for end in ends) else None


@cache
def outdoors(seed: int) -> Scene:
    """A scene with a horizon and things before it, some of them through it."""
    dice = np.random.default_rng(seed)
    high, side = dice.uniform(0.35, 0.9), dice.uniform(0.25, 1.0) * dice.choice([-1, 1])
    sun = np.array([side, high, dice.uniform(-0.7, 0.1)])
    sun /= np.linalg.norm(sun)
    things: list[Ball | Block] = []
    for _ in range(int(dice.integers(3, 7))):
        z, colour = dice.uniform(6, 22), tuple(dice.uniform(0.12, 0.75, 3))
        x = dice.uniform(-0.55, 0.55) * z
        if dice.random() < 0.55:
            r = dice.uniform(0.05, 0.12) * z
            things.append(Ball((x, r * 0.9, z), r, colour))
        else:
            half = tuple(dice.uniform(0.04, 0.12, 3) * z)
            things.append(Block((x, half[1], z), half, dice.uniform(-0.7, 0.7), colour))
    blue = np.array([0.25, 0.42, 0.75]) * dice.uniform(0.6, 1.1)
    pale = np.array([0.72, 0.78, 0.85]) * dice.uniform(0.8, 1.0)
    ground = np.array([0.3, 0.27, 0.16]) * dice.uniform(0.5, 1.5, 3)
    return rendered(
        seed,
        tuple(things),
        sun,
        dice.uniform(-0.2, 0.3),
        np.radians(dice.uniform(-3, 3)),
        (blue, pale),
        ground,
        dice.choice([0.001, 0.003, 0.008]),
    )


@cache
def from_above(seed: int) -> Scene:
    """Things on a floor seen from above: no horizon in the picture."""
    dice = np.random.default_rng(seed)
    sun = np.array(
        [dice.uniform(0.3, 1) * dice.choice([-1, 1]), dice.uniform(0.4, 0.9), dice.uniform(-0.6, 0.2)]
    )
    sun /= np.linalg.norm(sun)
    things: list[Ball | Block] = []
    for _ in range(int(dice.integers(3, 6))):
        x, z, colour = dice.uniform(-0.7, 0.7), dice.uniform(1.6, 3.0), tuple(dice.uniform(0.12, 0.75, 3))
        r = dice.uniform(0.12, 0.25)
        things.append(
            Ball((x, r, z), r, colour)
            if dice.random() < 0.6
            else Block((x, r, z), (r, r, r), dice.uniform(-0.7, 0.7), colour)
        )
    ground = np.array([0.4, 0.36, 0.3]) * dice.uniform(0.5, 1.5, 3)
    sky = np.array([0.5, 0.6, 0.8])
    return rendered(seed, tuple(things), sun, 0.62, 0.0, (sky, sky), ground, 0.002)
