"""An independent model of paint: many directions of light instead of two, by adding and doubling.

A slab of isotropic scatterers, light falling on it from everywhere, its radiance followed in sixteen
directions (van de Hulst 1980). It knows nothing of Kubelka and Munk: it makes the hidden paints that tests
calibrate against.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
DIRECTIONS = 16
THIN = 2.0**-14

_AT, _WEIGHT = np.polynomial.legendre.leggauss(DIRECTIONS)
MU, WEIGHT = (_AT + 1) / 2, _WEIGHT / 2
FLUX = 2 * MU * WEIGHT


def slab(absorb: Floats, scatter: Floats, thick: float = 1.0) -> tuple[Floats, Floats]:
    """Diffuse reflectance and transmittance (n,) of a slab of coefficients (n,)."""
    reflect, transmit = matrices(absorb, scatter, thick)
    return FLUX @ reflect.sum(axis=2).T, FLUX @ transmit.sum(axis=2).T


def matrices(absorb: Floats, scatter: Floats, thick: float) -> tuple[Floats, Floats]:
    """Reflection and transmission (n, 16, 16) from direction to direction."""
    absorb, scatter = np.asarray(absorb, float), np.asarray(scatter, float)
    depth = (absorb + scatter) * thick
    doublings = int(np.ceil(np.log2(max(float(depth.max()), THIN) / THIN)))
    small = (depth / 2**doublings)[:, None, None]
    albedo = (scatter / np.maximum(absorb + scatter, 1e-12))[:, None, None]
    eye = np.eye(DIRECTIONS)
    turned = albedo / 2 * np.ones((DIRECTIONS, 1)) * WEIGHT
    reflect = small / MU[:, None] * turned
    transmit = eye - small / MU[:, None] * (eye - turned)
    for _ in range(doublings):
        inner = np.linalg.solve(eye - reflect @ reflect, np.broadcast_to(eye, reflect.shape))
        reflect, transmit = reflect + transmit @ reflect @ inner @ transmit, transmit @ inner @ transmit
    return reflect, transmit


def over(absorb: Floats, scatter: Floats, thick: float, ground: Floats) -> Floats:
    """Reflectance (n,) of a slab over a ground that sends light everywhere alike (Lambert)."""
    reflect, transmit = matrices(absorb, scatter, thick)
    eye = np.eye(DIRECTIONS)
    back = np.asarray(ground, float)[:, None, None] * np.ones((DIRECTIONS, 1)) * FLUX
    between = np.linalg.solve(eye - back @ reflect, np.broadcast_to(eye, reflect.shape))
    return FLUX @ (reflect + transmit @ between @ back @ transmit).sum(axis=2).T
