"""The reference of *Salt pans, noon*: white heaps on thin water between earth walls."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .scenes import Array, box, developed, march, noise, normal, rays, shade, unit

EYE, TARGET = np.array([0.0, 2.35, -6.2]), np.array([0.25, 0.95, 6.0])
SUN = unit(np.array([-0.80, 0.45, -0.36]))
HEAPS = (
    (-2.55, 1.6, 1.62, 1.75),
    (0.95, 4.0, 1.45, 1.6),
    (-0.5, 11.5, 1.3, 1.4),
    (4.6, 9.0, 1.6, 1.75),
    (-7.2, 13.0, 1.4, 1.5),
    (9.6, 17.0, 1.5, 1.6),
)
"""Each heap: x, z, radius, height in metres."""

GLINTS = ((-0.75, -1.6, 0.085), (0.35, -1.9, 0.075), (1.0, -1.2, 0.09), (-1.9, -1.35, 0.08), (2.2, 2.3, 0.14))
"""Sun on open water: x, z, half width in metres."""


def heaps(at: Array) -> Array:
    nearest = np.full(len(at), 50.0)
    rough = 0.05 * noise(at[:, 0] * 2.1 + at[:, 1], at[:, 2] * 2.1 - at[:, 1], 5, 3)
    for x, z, radius, height in HEAPS:
        across = np.hypot(at[:, 0] - x, at[:, 2] - z)
        slope = np.hypot(radius, height)
        cone = (height * across + radius * (at[:, 1] - height)) / slope
        # A rounded tip: salt slides, it does not stand in a point.
        nearest = np.minimum(nearest, np.hypot(np.maximum(cone + 0.16, 0), 0.12) - 0.14 + rough * 0.7)
    return nearest


def walls(at: Array) -> Array:
    wobble = 0.09 * noise(at[:, 0] * 0.7, at[:, 2] * 0.7, 9, 2)
    x, y, z = at[:, 0] + wobble, at[:, 1], at[:, 2] + wobble
    lines = [np.abs(z + 0.55), np.abs(z - 6.6), np.abs(z - 14.0), np.abs(z - 23.0), np.abs(z - 36.0)]
    slanted = [np.abs(x + 4.55 - 0.05 * z), np.abs(x - 2.85 - 0.12 * z), np.abs(x - 10.5 - 0.12 * z)]
    across = np.minimum.reduce(lines + slanted)
    return np.asarray(np.maximum(y - 0.2 + 0.02 * np.sin(5 * x + 3 * z), (across - 0.3 + 0.5 * y) * 0.8))


def shed(at: Array) -> Array:
    body = box(at, (6.9, 0.8, 15.0), (1.25, 0.8, 0.9))
    x, y = np.abs(at[:, 0] - 6.9), at[:, 1] - 1.55
    roof = np.maximum((x * 0.55 + y) * 0.87 - 0.72, np.abs(at[:, 2] - 15.0) - 1.05)
    roof = np.maximum(roof, -y)
    pole = np.maximum(np.hypot(at[:, 0] - 4.9, at[:, 2] - 14.0) - 0.05, at[:, 1] - 3.1)
    return np.asarray(np.minimum.reduce([body, roof, pole]))


def scene(at: Array) -> Array:
    return np.asarray(np.minimum.reduce([at[:, 1], heaps(at), walls(at), shed(at)]))


def sky(direction: Array) -> Array:
    up = np.clip(direction[:, 1:2], 0, 1)
    low, mid, high = (
        np.array([0.92, 0.80, 0.60]),
        np.array([0.72, 0.75, 0.74]),
        np.array([0.36, 0.50, 0.72]),
    )
    first = np.clip(up / 0.10, 0, 1)
    second = np.clip((up - 0.07) / 0.25, 0, 1)
    first, second = first * first * (3 - 2 * first), second * second * (3 - 2 * second)
    glow = low * (1 - first) + mid * first
    colour = glow * (1 - second) + high * second
    bearing = np.arctan2(direction[:, 0], direction[:, 2])
    ridge = 0.034 + 0.011 * np.sin(bearing * 3.1 + 0.6) + 0.006 * noise(bearing * 9, bearing * 0, 3, 3)
    hill = np.array([0.19, 0.24, 0.40])
    edge = np.clip((ridge - direction[:, 1]) / 0.0015, 0, 1)[:, None]
    return np.asarray(colour * (1 - edge) + hill * edge)


def lit(at: Array, facing: Array, base: Array, reach: float) -> Array:
    sun = np.array([1.42, 1.30, 1.08])
    towards = np.broadcast_to(SUN, at.shape)
    seen = np.clip(facing @ SUN, 0, 1) * shade(scene, at + facing * 0.02, towards, reach, 14.0)
    above = (0.55 + 0.45 * facing[:, 1])[:, None] * np.array([0.135, 0.18, 0.29])
    return base * (seen[:, None] * sun + above)


def ground(at: Array, direction: Array) -> Array:
    """Thin water over mud, with a broken crust of salt."""
    facing = np.zeros_like(at)
    facing[:, 1] = 1.0
    away = np.linalg.norm(at - EYE, axis=1)
    ripple = noise(at[:, 0] * 5, at[:, 2] * 1.6, 21, 2) * 0.012 / (1 + 0.06 * away)
    facing[:, 0] += ripple
    facing = unit(facing)
    back = unit(direction - 2 * (direction * facing).sum(axis=1, keepdims=True) * facing)
    hit = march(
        lambda p: np.minimum(heaps(p), np.minimum(walls(p), shed(p))), at + facing * 0.01, back, 40, 60
    )
    mirrored = sky(back)
    met = np.isfinite(hit)
    if met.any():
        mirrored[met] = solid(at[met] + back[met] * hit[met, None])
    grazing = (1 - np.clip(-(direction * facing).sum(axis=1), 0, 1))[:, None]
    fresnel = np.clip(0.06 + 0.9 * grazing**3.2, 0, 0.86)
    water = lit(at, facing, np.array([0.05, 0.115, 0.12]), 8.0)
    colour = water * (1 - fresnel) + mirrored * fresnel * np.array([0.86, 0.92, 0.95])
    near_heap = np.exp(-np.maximum(heaps(at), 0) * 1.6)
    patch = noise(at[:, 0] * 0.55, at[:, 2] * 0.8, 14, 4) + 0.5 * near_heap - 0.36
    cover = np.clip(patch / 0.05, 0, 1)[:, None]
    crust = lit(at, np.broadcast_to([0.0, 1.0, 0.0], at.shape), np.array([0.80, 0.78, 0.74]), 8.0)
    colour = colour * (1 - cover) + crust * cover
    for x, z, size in GLINTS:
        state = np.hypot((at[:, 0] - x) / size, (at[:, 2] - z) / (2.1 * size))
        shine = np.clip((1.0 - state) / 0.25, 0, 1)[:, None]
        colour = colour * (1 - shine) + np.array([1.3, 1.28, 1.2]) * shine
    return np.asarray(colour)


def solid(at: Array) -> Array:
    """Colour of heaps, walls and shed at their surface, lit."""
    parts = np.stack([heaps(at), walls(at), shed(at)])
    which = np.argmin(parts, axis=0)
    speckle = 1 + 0.05 * noise(at[:, 0] * 9, at[:, 1] * 9 + at[:, 2] * 9, 2, 2)[:, None]
    base = np.array([[0.88, 0.87, 0.84], [0.155, 0.088, 0.05], [0.30, 0.26, 0.22]])[which] * speckle
    roof = (which == 2) & (at[:, 1] > 1.56) & (np.abs(at[:, 0] - 6.9) < 1.7)
    base[roof] = np.array([0.42, 0.16, 0.10])
    return lit(at, normal(scene, at), base, 9.0)


def render(width: int = 1500, height: int = 1000) -> NDArray[np.uint8]:
    """The picture (height, width, 3), uint8; the same every time."""
    direction = rays(width, height, EYE, TARGET, 1.35)
    start = np.broadcast_to(EYE, direction.shape)
    hit = march(scene, start, direction, 90.0)
    colour = sky(direction)
    met = np.isfinite(hit)
    at = start[met] + direction[met] * hit[met, None]
    flat = (at[:, 1] < 0.02) & (heaps(at) > 0.01) & (walls(at) > 0.004) & (shed(at) > 0.01)
    seen = np.empty_like(at)
    seen[flat] = ground(at[flat], direction[met][flat])
    seen[~flat] = solid(at[~flat])
    air = np.clip(1 - np.exp(-hit[met] / 95), 0, 1)[:, None] * 0.7
    colour[met] = seen * (1 - air) + np.array([0.66, 0.67, 0.66]) * air
    return developed(colour * 0.97, width, height, 0.006, 4)
