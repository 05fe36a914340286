"""A small ray marcher over signed distance fields: light, cast shadow, reflection, air.

Points are (n, 3) arrays in metres: x right, y up, z away from the eye. A field gives the distance
to the nearest surface; colours are linear light.
"""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

Array = NDArray[np.float64]
Field = Callable[[Array], Array]


def unit(vector: Array) -> Array:
    """Vectors (…, 3) brought to length 1."""
    return np.asarray(vector / np.maximum(np.linalg.norm(vector, axis=-1, keepdims=True), 1e-12))


def rays(width: int, height: int, eye: Array, target: Array, lens: float) -> Array:
    """Directions (height·width, 3) of a pinhole at `eye`; `lens` is focal length over half width."""
    forward = unit(target - eye)
    right = unit(np.cross(np.array([0.0, 1.0, 0.0]), forward))
    up = np.cross(forward, right)
    x = (np.arange(width) + 0.5) / width * 2 - 1
    y = (1 - (np.arange(height) + 0.5) / height * 2) * height / width
    grid_x, grid_y = np.meshgrid(x, y)
    plane = grid_x[..., None] * right + grid_y[..., None] * up + lens * forward
    return unit(plane.reshape(-1, 3))


def march(field: Field, start: Array, direction: Array, far: float, steps: int = 140) -> Array:
    """Distance (n,) along each ray to the first surface, or infinity."""
    travelled = np.full(len(start), 0.02)
    alive = np.arange(len(start))
    hit = np.full(len(start), np.inf)
    for _ in range(steps):
        gap = field(start[alive] + direction[alive] * travelled[alive, None])
        close = gap < 0.0008 * (1 + travelled[alive])
        hit[alive[close]] = travelled[alive[close]]
        travelled[alive] += gap * 0.85
        alive = alive[~close & (travelled[alive] < far)]
        if not len(alive):
            break
    return hit


def normal(field: Field, at: Array, step: float = 0.004) -> Array:
    """Outward normals (n, 3) by central differences."""
    axes = np.eye(3) * step
    return unit(np.stack([field(at + a) - field(at - a) for a in axes], axis=-1))


def shade(field: Field, at: Array, towards: Array, far: float, sharp: float, steps: int = 48) -> Array:
    """Share (n,) of a light in direction `towards` (n, 3) that reaches the points: soft shadows."""
    travelled = np.full(len(at), 0.05)
    light = np.ones(len(at))
    for _ in range(steps):
        gap = field(at + towards * travelled[:, None])
        light = np.minimum(light, np.clip(sharp * gap / travelled, 0, 1))
        travelled += np.clip(gap, 0.03, 0.8)
        if np.all((travelled > far) | (light <= 0)):
            break
    return np.asarray(light * light * (3 - 2 * light))


def noise(x: Array, y: Array, seed: int, octaves: int = 4) -> Array:
    """Smooth value noise (n,) of about -1 to 1, the same for the same seed."""
    table = np.random.default_rng(seed).uniform(-1, 1, (256, 256))
    total, weight = np.zeros_like(x), 0.0
    for octave in range(octaves):
        scale, gain = 2.0**octave, 0.5**octave
        u, v = x * scale + 37.2 * octave, y * scale + 11.7 * octave
        i, j = np.floor(u).astype(int), np.floor(v).astype(int)
        s, t = u - i, v - j
        s, t = s * s * (3 - 2 * s), t * t * (3 - 2 * t)
        a, b = table[i % 256, j % 256], table[(i + 1) % 256, j % 256]
        c, d = table[i % 256, (j + 1) % 256], table[(i + 1) % 256, (j + 1) % 256]
        total += gain * ((a * (1 - s) + b * s) * (1 - t) + (c * (1 - s) + d * s) * t)
        weight += gain
    return np.asarray(total / weight)


def box(at: Array, centre: tuple[float, float, float], half: tuple[float, float, float]) -> Array:
    """Distance to an upright box."""
    q = np.abs(at - np.asarray(centre)) - np.asarray(half)
    outside = np.linalg.norm(np.maximum(q, 0), axis=-1)
    return np.asarray(outside + np.minimum(q.max(axis=-1), 0))


def capsule(at: Array, a: tuple[float, float, float], b: tuple[float, float, float], r: float) -> Array:
    """Distance to a rod with round ends."""
    start, axis = np.asarray(a), np.subtract(b, a)
    share = np.clip((at - start) @ axis / (axis @ axis), 0, 1)
    return np.asarray(np.linalg.norm(at - start - share[:, None] * axis, axis=-1) - r)


def merged(one: Array, other: Array, width: float) -> Array:
    """Smooth union of two distances."""
    h = np.clip(0.5 + 0.5 * (other - one) / width, 0, 1)
    return np.asarray(other * (1 - h) + one * h - width * h * (1 - h))


def developed(light: Array, width: int, height: int, grain: float, seed: int) -> NDArray[np.uint8]:
    """Linear light (n, 3) as an 8-bit picture (height, width, 3): shoulder, sRGB curve, a little grain."""
    from ..core.colour.lab import encoded_of

    knee = 0.8
    over = np.maximum(light - knee, 0)
    toned = np.where(light > knee, knee + (1 - knee) * (1 - np.exp(-over / (1 - knee))), light)
    coded = encoded_of(toned).reshape(height, width, 3)
    coded += np.random.default_rng(seed).normal(0, grain, (height, width, 1))
    return np.clip(np.rint(coded * 255), 0, 255).astype(np.uint8)
