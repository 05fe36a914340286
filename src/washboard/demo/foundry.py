"""The reference of *Foundry, second pour*: a ladle pours in a dark hall."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .scenes import Array, box, capsule, developed, march, noise, normal, rays, shade, unit

EYE, TARGET = np.array([0.0, 1.75, -6.6]), np.array([-0.15, 1.75, 3.0])
POUR = np.array([1.55, 1.05, 2.3])
"""Where the stream meets the mould: the light of the picture."""
LAMP = np.array([1.45, 1.35, 1.55])
"""The glow as one lamp, a little before the stream so that the ladle's belly is lit."""


def figure(at: Array, x: float, z: float, lean: float, size: float) -> Array:
    foot, hip, neck = ((x, 0.0, z), (x + 0.05 * lean, 0.92 * size, z), (x + 0.3 * lean, 1.48 * size, z))
    left = capsule(at, (x - 0.2, 0.05, z + 0.1), hip, 0.12 * size)
    right = capsule(at, (foot[0] + 0.2, 0.05, z), hip, 0.12 * size)
    trunk = capsule(at, hip, neck, 0.23 * size)
    head = np.linalg.norm(at - np.array([x + 0.38 * lean, 1.72 * size, z]), axis=-1) - 0.155 * size
    brim = box(at, (x + 0.42 * lean, 1.77 * size, z), (0.21 * size, 0.02, 0.2 * size))
    hand = (x + 0.95 * lean, 1.2 * size, z + 0.1)
    arm = capsule(at, (neck[0], 1.38 * size, z - 0.05), hand, 0.085 * size)
    return np.asarray(np.minimum.reduce([left, right, trunk, head, brim, arm]))


def people(at: Array) -> Array:
    tool = capsule(at, (-0.42, 1.12, 0.3), (1.0, 1.32, 2.2), 0.03)
    return np.asarray(
        np.minimum.reduce([figure(at, -0.95, 0.2, 0.55, 1.12), figure(at, 3.35, 2.2, -0.3, 1.04), tool])
    )


def machine(at: Array) -> Array:
    q = at - np.array([1.95, 2.62, 2.35])
    tilt = np.radians(34)
    u = q[:, 0] * np.cos(tilt) + q[:, 1] * np.sin(tilt)
    v = -q[:, 0] * np.sin(tilt) + q[:, 1] * np.cos(tilt)
    across = np.hypot(u, q[:, 2])
    ladle = np.maximum(across - 0.62 - 0.14 * v, np.abs(v) - 0.72) - 0.04
    ladle = np.maximum(ladle, -np.maximum(across - 0.5 - 0.14 * v, -(v + 0.5)))
    hook = capsule(at, (1.95, 3.3, 2.35), (1.95, 5.6, 2.35), 0.06)
    beam = box(at, (0.0, 5.0, 2.6), (9.0, 0.24, 0.28))
    rail = box(at, (0.0, 4.45, 6.2), (9.0, 0.1, 0.12))
    posts = np.minimum(
        box(at, (-3.9, 2.5, 4.2), (0.2, 2.8, 0.22)), box(at, (4.9, 2.5, 4.6), (0.2, 2.8, 0.22))
    )
    mould = box(at, (1.5, 0.42, 2.3), (0.62, 0.42, 0.5))
    crate = box(at, (-3.3, 0.35, 3.4), (0.7, 0.35, 0.5))
    return np.asarray(np.minimum.reduce([ladle, hook, beam, rail, posts, mould, crate]))


def room(at: Array) -> Array:
    wall = 9.5 - at[:, 2]
    sides = 7.5 - np.abs(at[:, 0])
    return np.asarray(np.minimum.reduce([at[:, 1], wall, sides]))


def scene(at: Array) -> Array:
    return np.asarray(np.minimum.reduce([room(at), machine(at), people(at)]))


def windows(at: Array) -> Array:
    """How much of a back-wall point is window, 0–1: three tall panes with bars."""
    x, y = at[:, 0], at[:, 1]
    pane = np.zeros(len(at))
    for centre in (-4.6, -2.6, -0.6):
        inside = (np.abs(x - centre) < 0.62) & (np.abs(y - 3.5) < 0.95) & (at[:, 2] > 9.3)
        bars = (np.abs(x - centre) < 0.05) | (np.abs(y - 3.7) < 0.05)
        pane = np.maximum(pane, inside & ~bars)
    return pane


def glow(start: Array, direction: Array, length: Array) -> Array:
    """Light scattered by the smoke around the pour: the exact integral of 1/d² along the ray."""
    to = POUR + np.array([0.0, 0.25, 0.0]) - start
    along = (to * direction).sum(axis=1)
    off = np.sqrt(np.maximum((to * to).sum(axis=1) - along**2, 0.03))
    return np.asarray((np.arctan((length - along) / off) + np.arctan(along / off)) / off)


def lit(at: Array, facing: Array, base: Array) -> Array:
    to = LAMP - at
    away = np.maximum(np.linalg.norm(to, axis=1), 0.25)
    towards = to / away[:, None]
    reach = shade(people, at + facing * 0.03, towards, 6.0, 9.0, 36)
    heat = np.clip(0.12 + 0.88 * (towards * facing).sum(axis=1), 0, 1) * reach * 9.5 / (0.6 + away**2.1)
    cool = np.clip(facing @ unit(np.array([-0.5, 0.6, 0.6])), 0, 1) * 0.03 + 0.012
    warm = heat[:, None] * np.array([1.3, 0.46, 0.12])
    return base * (warm + cool[:, None] * np.array([0.7, 0.85, 1.2]))


def surface(at: Array) -> Array:
    facing = normal(scene, at)
    parts = np.stack([room(at), machine(at), people(at)])
    which = np.argmin(parts, axis=0)
    base = np.array([[0.30, 0.27, 0.25], [0.22, 0.21, 0.21], [0.17, 0.15, 0.14]])[which]
    base *= 1 + 0.12 * noise(at[:, 0] * 1.7, at[:, 2] * 1.7 + at[:, 1] * 2.3, 8, 4)[:, None]
    colour = lit(at, facing, base)
    pane = windows(at)[:, None]
    return np.asarray(colour * (1 - pane) + pane * np.array([0.085, 0.125, 0.165]))


def molten(start: Array, direction: Array) -> Array:
    """The stream and the pool in the mould: emits, hides what is behind it, softly edged."""
    light = np.zeros(len(start))
    for a, b, r in (
        ((1.62, 2.2, 2.3), (1.53, 0.85, 2.3), 0.055),
        ((1.2, 0.86, 2.2), (1.85, 0.86, 2.2), 0.07),
    ):
        light = np.maximum(light, np.clip(1.6 - _passing(start, direction, a, b) / r, 0, 1))
    return light


def _passing(start: Array, direction: Array, a: tuple[float, ...], b: tuple[float, ...]) -> Array:
    """Least distance of each ray to a segment, sampled along the segment."""
    least = np.full(len(start), 9.0)
    for share in np.linspace(0, 1, 24):
        to = np.asarray(a) * (1 - share) + np.asarray(b) * share - start
        along = (to * direction).sum(axis=1, keepdims=True)
        least = np.minimum(least, np.linalg.norm(to - along * direction, axis=1))
    return least


def sparks(start: Array, direction: Array) -> Array:
    """Nine sparks flung off the mould, 0–1: short streaks away from it, bright in the middle."""
    dice = np.random.default_rng(12)
    light = np.zeros(len(start))
    for size in (0.055, 0.05, 0.05, 0.045, 0.04, 0.035, 0.03, 0.022, 0.018):
        angle, far = dice.uniform(0.15, np.pi - 0.15), dice.uniform(0.75, 1.7)
        away = np.array([np.cos(angle), np.sin(angle) * 0.8 - 0.1 / far, 0.0])
        at = POUR + away * far + np.array([0.0, 0.0, dice.uniform(-0.3, 0.2)])
        streak = _passing(start, direction, tuple(at), tuple(at + away * 1.6 * size))
        light = np.maximum(light, np.clip(1.7 - streak / size, 0, 1) ** 0.8)
    return light


def render(width: int = 1500, height: int = 1050) -> NDArray[np.uint8]:
    """The picture (height, width, 3), uint8; the same every time."""
    direction = rays(width, height, EYE, TARGET, 1.45)
    start = np.broadcast_to(EYE, direction.shape)
    hit = np.minimum(march(scene, start, direction, 40.0), 30.0)
    at = start + direction * hit[:, None]
    colour = surface(at)
    smoke = glow(start, direction, hit)[:, None] * np.array([0.030, 0.0098, 0.0021])
    smoke += (glow(start, direction, hit)[:, None] * 0.11) ** 2.2 * np.array([0.9, 0.42, 0.08]) * 0.55
    metal = molten(start, direction)[:, None]
    colour = (colour + smoke) * (1 - metal) + metal * np.array([1.6, 1.35, 0.85])
    spark = sparks(start, direction)[:, None]
    colour = colour * (1 - spark) + spark * np.array([1.3, 0.95, 0.45])
    # Smoke stands deep in the hall: the far wall is veiled, the near figure is not.
    haze = np.array([0.030, 0.025, 0.027]) * np.clip((hit - 5.8) / 9, 0.05, 1)[:, None]
    return developed(colour + haze, width, height, 0.007, 6)
