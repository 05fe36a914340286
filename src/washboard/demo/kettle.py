"""The reference of *Blue kettle, two pears*: enamel and fruit on a table, light from a window at the left."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .scenes import Array, capsule, developed, march, merged, noise, normal, rays, shade, unit

EYE, TARGET = np.array([0.06, 0.5, -1.5]), np.array([0.055, 0.15, 0.1])
WINDOW = unit(np.array([-0.72, 0.62, -0.42]))
KETTLE = np.array([-0.13, 0.0, 0.12])


def body(at: Array) -> Array:
    """The kettle's belly with its flat bottom, lid and knob."""
    q = at - KETTLE
    across = np.hypot(q[:, 0], q[:, 2])
    belly = (np.linalg.norm(np.stack([across, (q[:, 1] - 0.125) * 1.2], axis=1), axis=1) - 0.17) * 0.8
    belly = np.maximum(belly, -q[:, 1] + 0.004)
    rim = np.linalg.norm(np.stack([across - 0.088, q[:, 1] - 0.242], axis=1), axis=1) - 0.009
    lid = np.linalg.norm(np.stack([across, (q[:, 1] - 0.225) * 1.6], axis=1), axis=1) * 0.7 - 0.062
    knob = np.linalg.norm(q - np.array([0.0, 0.296, 0.0]), axis=1) - 0.017
    spout = merged(
        capsule(q, (0.12, 0.1, -0.03), (0.215, 0.19, -0.05), 0.026),
        capsule(q, (0.215, 0.19, -0.05), (0.245, 0.245, -0.055), 0.018),
        0.03,
    )
    return np.asarray(np.minimum.reduce([merged(belly, spout, 0.03), rim, lid, knob]))


def handle(at: Array) -> Array:
    """A hoop of dark wire over the lid with a wooden grip."""
    q = at - KETTLE
    ring = np.hypot(np.hypot(q[:, 0], q[:, 1] - 0.235) - 0.155, q[:, 2]) - 0.007
    ring = np.maximum(ring, 0.165 - q[:, 1])
    grip = capsule(q, (-0.055, 0.385, 0.0), (0.055, 0.385, 0.0), 0.016)
    return np.minimum(ring, grip)


def pear(at: Array, foot: tuple[float, float, float], lean: tuple[float, float, float], size: float) -> Array:
    """A pear that stands on `foot` and leans along `lean`."""
    axis = unit(np.asarray(lean))
    low = np.asarray(foot) + size * np.array([0.0, 0.052, 0.0])
    high = low + size * 0.075 * axis
    belly = np.linalg.norm(at - low, axis=1) - size * 0.054
    neck = np.linalg.norm(at - high, axis=1) - size * 0.027
    return merged(belly, neck, size * 0.05)


def stems(at: Array) -> Array:
    one = capsule(at, (0.186, 0.158, -0.1), (0.2, 0.2, -0.115), 0.0035)
    other = capsule(at, (0.372, 0.088, 0.026), (0.405, 0.098, 0.015), 0.0035)
    return np.minimum(one, other)


def standing(at: Array) -> Array:
    return pear(at, (0.175, 0.0, -0.1), (0.12, 1.0, 0.0), 1.12)


def lying(at: Array) -> Array:
    return pear(at, (0.285, 0.0, 0.03), (0.95, 0.22, 0.0), 1.05)


THINGS = (body, handle, standing, lying, stems)


def scene(at: Array) -> Array:
    return np.asarray(np.minimum.reduce([thing(at) for thing in THINGS]))


def world(at: Array) -> Array:
    return np.asarray(np.minimum.reduce([scene(at), at[:, 1], 0.62 - at[:, 2]]))


def colours(at: Array) -> tuple[Array, Array]:
    """Colour (n, 3) and gloss (n,) of what is there."""
    gaps = np.stack([*(thing(at) for thing in THINGS), at[:, 1], 0.62 - at[:, 2]])
    which = np.argmin(gaps, axis=0)
    base = np.array(
        [
            [0.022, 0.082, 0.215],
            [0.03, 0.026, 0.022],
            [0.36, 0.33, 0.045],
            [0.42, 0.28, 0.04],
            [0.06, 0.035, 0.02],
            [0.27, 0.2, 0.135],
            [0.12, 0.122, 0.108],
        ]
    )[which]
    gloss = np.array([0.55, 0.2, 0.12, 0.12, 0.02, 0.05, 0.0])[which]
    q = at - KETTLE
    chipped = (which == 0) & (np.abs(q[:, 1] - 0.242) < 0.012) & (np.hypot(q[:, 0], q[:, 2]) < 0.1)
    base[chipped] = np.array([0.5, 0.49, 0.45])
    grip = (which == 1) & (np.abs(q[:, 0]) < 0.066) & (q[:, 1] > 0.365)
    base[grip] = np.array([0.2, 0.1, 0.04])
    blush = np.clip(noise(at[:, 0] * 11, at[:, 1] * 9, 3, 3) + 0.35 + 2.2 * (at[:, 0] - 0.3), 0, 1)[:, None]
    ripe = np.array([0.36, 0.075, 0.03])
    base = np.where((which == 3)[:, None], base * (1 - 0.75 * blush) + ripe * 0.75 * blush, base)
    speck = 1 + 0.06 * noise(at[:, 0] * 90, at[:, 1] * 90 + at[:, 2] * 70, 8, 2)[:, None]
    base = np.where(((which == 2) | (which == 3))[:, None], base * speck, base)
    grain = 1 + 0.2 * noise(at[:, 0] * 3, at[:, 2] * 34, 5, 4)[:, None]
    plank = 0.82 + 0.18 * np.clip(np.abs((at[:, 2] * 5.2) % 1.0 - 0.5) * 40, 0, 1)[:, None]
    base = np.where((which == 5)[:, None], base * grain * plank, base)
    # The wall gets lighter away from the window, and darker upward.
    wall = (0.62 + 0.75 * np.clip(at[:, 0] + 0.45, 0, 1.2) - 0.35 * at[:, 1])[:, None]
    wall = wall + 0.09 * noise(at[:, 0] * 2.6, at[:, 1] * 2.6, 12, 4)[:, None]
    return np.where((which == 6)[:, None], base * wall, base), gloss


def lit(at: Array, facing: Array, base: Array) -> Array:
    """The window, the room's cool light, and what the table throws back."""
    straight = np.clip(facing @ WINDOW, 0, 1)
    reach = shade(scene, at + facing * 0.004, np.broadcast_to(WINDOW, at.shape), 1.6, 7.0, 70)
    falling = np.clip(1.15 - 0.55 * (at[:, 0] + 0.3), 0.45, 1.4)
    sun = (straight * reach * falling)[:, None] * np.array([2.15, 2.05, 1.85])
    near = np.clip(scene(at + facing * 0.05) / 0.05, 0.15, 1)[:, None]
    room = (0.5 + 0.5 * facing[:, 1:2]) * near * np.array([0.16, 0.185, 0.23])
    back = np.clip(-facing[:, 1:2], 0, 1) * np.exp(-at[:, 1:2] * 5) * np.array([0.34, 0.25, 0.16])
    return base * (sun + room + back)


def mirrored(direction: Array) -> Array:
    """What a gloss shows where nothing stands: the window with its bars, else the dim room."""
    across = direction @ unit(np.cross(WINDOW, np.array([0.0, 1.0, 0.0])))
    up = direction @ unit(np.cross(np.cross(WINDOW, np.array([0.0, 1.0, 0.0])), WINDOW))
    before = direction @ WINDOW > 0
    pane = before & (np.abs(across) < 0.3) & (np.abs(up) < 0.4)
    bars = (np.abs(across) < 0.018) | (np.abs(up - 0.04) < 0.018)
    dim = np.array([0.07, 0.075, 0.08]) * (0.6 + 0.8 * np.clip(-direction[:, :1], 0, 1))
    return np.where((pane & ~bars)[:, None], np.array([3.4, 3.5, 3.6]), dim)


def seen(at: Array, direction: Array, again: bool = True) -> Array:
    """Light (n, 3) from surface points toward the eye; gloss is followed once."""
    facing = normal(world, at, 0.0015)
    base, gloss = colours(at)
    light = lit(at, facing, base)
    if not again:
        return light
    back = unit(direction - 2 * (direction * facing).sum(axis=1, keepdims=True) * facing)
    shines = gloss > 0.01
    start = at[shines] + facing[shines] * 0.004
    hit = march(world, start, back[shines], 3.0, 70)
    found = mirrored(back[shines])
    met = np.isfinite(hit)
    if met.any():
        there = start[met] + back[shines][met] * hit[met, None]
        found[met] = seen(there, back[shines][met], again=False)
    edge = (1 - np.clip(-(direction[shines] * facing[shines]).sum(axis=1), 0, 1)) ** 5
    share = gloss[shines] * (0.1 + 0.9 * edge)
    light[shines] = light[shines] * (1 - share[:, None]) + found * share[:, None]
    return light


def render(width: int = 1500, height: int = 1130) -> NDArray[np.uint8]:
    """The picture (height, width, 3), uint8; the same every time."""
    direction = rays(width, height, EYE, TARGET, 3.25)
    start = np.broadcast_to(EYE, direction.shape)
    hit = march(world, start, direction, 8.0, 220)
    light = np.full(direction.shape, 0.05)
    met = np.isfinite(hit)
    light[met] = seen(start[met] + direction[met] * hit[met, None], direction[met])
    return developed(light, width, height, 0.006, 13)
