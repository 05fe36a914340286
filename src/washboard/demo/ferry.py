"""The reference of *Ferry slip in fog*: two near posts, a slip with a lamp, a ferry nearly gone."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from .scenes import Array, box, capsule, developed, march, noise, normal, rays, shade, unit

EYE, TARGET = np.array([0.0, 2.3, -8.0]), np.array([0.9, 2.05, 10.0])
OVERCAST = unit(np.array([-0.25, 0.95, -0.3]))
LAMP = np.array([5.9, 3.55, 12.0])
FOG = np.array([0.50, 0.515, 0.525])
THICK = 0.026
"""Share of light that a metre of fog takes."""


def ferry(at: Array) -> Array:
    """Hull, house and bridge, far off and a little to the left."""
    x, z = -7.5, 38.0
    hull = box(at, (x, 1.2, z), (8.5, 1.5, 2.6))
    cut = 0.75 * (at[:, 0] - (x + 8.2)) + 0.65 * (1.0 - at[:, 1])
    hull = np.maximum(hull, cut)
    house = box(at, (x - 1.2, 4.1, z), (5.4, 1.5, 2.2))
    bridge = box(at, (x + 2.2, 6.4, z), (2.0, 0.85, 1.9))
    funnel = box(at, (x - 3.6, 6.8, z), (0.75, 1.4, 0.75))
    mast = capsule(at, (x + 2.2, 7.0, z), (x + 2.2, 9.6, z), 0.12)
    return np.asarray(np.minimum.reduce([hull, house, bridge, funnel, mast]))


def slip(at: Array) -> Array:
    """A ramp on piles that runs in from the right, with a rail and the lamp's pole."""
    deck = box(at, (12.6, 0.85, 12.0), (9.6, 0.16, 1.7))
    piles = [
        capsule(at, (x, -0.5, z), (x, 1.15, z), 0.17)
        for x, z in (
            (3.3, 10.5),
            (4.9, 10.4),
            (6.7, 10.4),
            (3.4, 13.4),
            (5.6, 13.5),
            (8.6, 10.4),
            (10.4, 10.4),
        )
    ]
    rail = capsule(at, (3.2, 1.75, 13.5), (22.0, 1.75, 13.5), 0.05)
    stays = [capsule(at, (x, 1.0, 13.5), (x, 1.78, 13.5), 0.05) for x in (3.2, 5.3, 7.4, 9.5, 11.6)]
    pole = capsule(at, (5.9, 1.0, 12.4), (5.9, 3.7, 12.4), 0.06)
    hood = box(at, (5.9, 3.78, 12.15), (0.16, 0.05, 0.3))
    return np.asarray(np.minimum.reduce([deck, *piles, rail, *stays, pole, hood]))


def posts(at: Array) -> Array:
    """Two mooring posts, near, one leaning."""
    left = capsule(at, (-2.05, -0.6, -0.9), (-1.86, 2.95, -0.95), 0.22)
    right = capsule(at, (-0.85, -0.6, 1.3), (-0.93, 2.35, 1.28), 0.2)
    band = np.maximum(
        np.abs(at[:, 1] - 1.5) - 0.07, capsule(at, (-2.05, -0.6, -0.9), (-1.86, 2.95, -0.95), 0.25)
    )
    return np.asarray(np.minimum.reduce([left, right, band]))


def scene(at: Array) -> Array:
    return np.asarray(np.minimum.reduce([ferry(at), slip(at), posts(at)]))


def world(at: Array) -> Array:
    return np.minimum(scene(at), at[:, 1])


def air(direction: Array) -> Array:
    """The fog itself: lighter upward and toward the left, where the sun stands behind it."""
    up = np.clip(direction[:, 1] * 1.6, -0.1, 1)[:, None]
    side = np.clip(0.5 - direction[:, 0], 0, 1)[:, None]
    return FOG * (0.94 + 0.20 * up + 0.13 * side) + np.array([0.012, 0.006, 0.0]) * side


def lit(at: Array, facing: Array, base: Array) -> Array:
    """Light from the whole sky, and a little from the lamp."""
    open_sky = 0.45 + 0.55 * np.clip(facing @ OVERCAST, 0, 1)
    to = LAMP - at
    away = np.maximum(np.linalg.norm(to, axis=1), 0.2)
    warm = np.clip((to / away[:, None] * facing).sum(axis=1), 0, 1) / (0.5 + away**2)
    reach = shade(scene, at + facing * 0.02, np.broadcast_to(OVERCAST, at.shape), 6.0, 3.0, 24)
    day = (open_sky * (0.55 + 0.45 * reach))[:, None] * np.array([0.74, 0.78, 0.82])
    return np.asarray(base * (day + warm[:, None] * np.array([0.9, 0.55, 0.2])))


def solid(at: Array) -> Array:
    which = np.argmin(np.stack([ferry(at), slip(at), posts(at)]), axis=0)
    base = np.array([[0.20, 0.19, 0.19], [0.17, 0.15, 0.125], [0.060, 0.048, 0.038]])[which]
    grain = noise(at[:, 0] * 3 + at[:, 2] * 3, at[:, 1] * 9, 5, 3)[:, None]
    white = (which == 0) & (at[:, 1] > 2.75)
    base[white] = np.array([0.36, 0.35, 0.34])
    return lit(at, normal(scene, at), base * (1 + 0.22 * grain))


def veiled(colour: Array, far: Array, direction: Array) -> Array:
    """What is left of a colour behind so many metres of fog."""
    clear = np.exp(-THICK * np.maximum(far - 3.0, 0))[:, None]
    return np.asarray(colour * clear + air(direction) * (1 - clear))


def lamp(start: Array, direction: Array, far: Array) -> Array:
    """The lamp's disc and its halo in the fog, seen along rays; hidden by what is nearer."""
    to = LAMP - start
    along = (to * direction).sum(axis=1)
    off = np.linalg.norm(to - along[:, None] * direction, axis=1)
    seen = (along > 0) & (along < far + 0.4)
    disc = np.clip(1.5 - off / 0.15, 0, 1)
    halo = 0.17 * np.exp(-off / 0.42) + 0.05 * np.exp(-off / 1.4)
    return np.asarray(
        np.where(seen, disc, 0)[:, None] * np.array([0.75, 0.5, 0.16])
        + halo[:, None] * np.array([0.9, 0.62, 0.3])
    )


def water(at: Array, direction: Array, far: Array) -> Array:
    """Nearly still water: the fog and what stands in it, drawn out by ripples."""
    ripple = noise(at[:, 0] * 1.3, at[:, 2] * 4.2, 9, 3) * 0.035 / (1 + 0.05 * far)
    facing = unit(np.stack([0.4 * ripple, np.ones_like(ripple), ripple], axis=1))
    back = unit(direction - 2 * (direction * facing).sum(axis=1, keepdims=True) * facing)
    back[:, 1] = np.abs(back[:, 1])
    start = at + np.array([0.0, 0.01, 0.0])
    hit = march(scene, start, back, 60, 80)
    mirrored = air(back)
    met = np.isfinite(hit)
    if met.any():
        there = start[met] + back[met] * hit[met, None]
        mirrored[met] = veiled(solid(there), hit[met] + far[met], back[met])
    mirrored = mirrored + 0.8 * lamp(start, back, np.where(met, hit, 99.0))
    depth = np.array([0.13, 0.15, 0.15])
    grazing = (1 - np.clip(-(direction * facing).sum(axis=1), 0, 1))[:, None]
    fresnel = np.clip(0.1 + 0.86 * grazing**3, 0, 0.92)
    return np.asarray(depth * (1 - fresnel) + mirrored * fresnel)


def render(width: int = 1500, height: int = 1012) -> NDArray[np.uint8]:
    """The picture (height, width, 3), uint8; the same every time."""
    direction = rays(width, height, EYE, TARGET, 1.5)
    start = np.broadcast_to(EYE, direction.shape)
    hit = march(world, start, direction, 160.0)
    colour = air(direction)
    met = np.isfinite(hit)
    at = start[met] + direction[met] * hit[met, None]
    wet = at[:, 1] < 0.02 + 0.0012 * hit[met]
    wet &= scene(at) > 0.004
    seen = np.empty_like(at)
    seen[wet] = water(at[wet], direction[met][wet], hit[met][wet])
    seen[~wet] = solid(at[~wet])
    colour[met] = veiled(seen, hit[met], direction[met])
    colour = colour + lamp(start, direction, np.where(met, hit, 200.0))
    return developed(colour, width, height, 0.006, 9)
