"""Lights recovered from under paint: lifted, wiped, scratched, sanded, unmasked, set with opaque white."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import value_of_lab
from ..colour.spectra import spectrum_of_lab, value_of_spectrum
from ..optics.removal import WHITEST
from ..plan.acts import ACTS
from ..plan.plan import Kind

Floats = NDArray[np.float64]

TOUCHES = 25
"""Pressures tried: the one that comes nearest to the value wanted is taken."""


def reach_of(kind: Kind, staining: float) -> float:
    """Share 0–1 of the density over the ground that an operation can take off paint that stains so much."""
    act = ACTS[kind]
    return act.reach * (1 - staining * act.grip)


def recovered(kind: Kind, reflectances: Floats, ground: Floats, targets: Floats, staining: Floats) -> Floats:
    """Reflectances (k, 2, 36) after lights were recovered from those before, over a ground (36,).

    Toward `targets` (k, 2, 3) in Lab; `staining` (k,) 0–1 of what lies there.

    A share of the film taken off takes the same share of its density away (Beer and Lambert): exact for clear
    films, and near enough for thin ones. As much is taken as the value wanted asks for.
    """
    wanted = value_of_lab(targets)
    if kind is Kind.WHITE:
        return spectrum_of_lab(np.where((wanted <= WHITEST)[..., None], targets, (92.5, 0.0, 1.0)))
    if kind is Kind.UNMASK:
        return np.broadcast_to(ground, reflectances.shape).copy()
    most = np.array([reach_of(kind, float(s)) for s in staining])
    shares = most[None, :] * np.linspace(0, 1, TOUCHES)[:, None]
    here = np.log(np.maximum(reflectances, 1e-4))
    bare = np.log(np.maximum(ground, 1e-4))
    tried = np.exp(here + shares[..., None, None] * (bare - here))
    off = np.abs(value_of_spectrum(tried) - wanted)
    best = off.argmin(axis=0)
    return np.asarray(np.take_along_axis(tried, best[None, ..., None], axis=0)[0])
