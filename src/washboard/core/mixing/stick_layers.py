"""Ways to lay sticks over each other, and how they look."""

from __future__ import annotations

from dataclasses import dataclass
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from ..colour.spectra import lab_of_spectrum
from ..materials.sticks import Stick
from ..optics.grain import PRESSURES, mixing, seen

Floats = NDArray[np.float64]


NEAREST = 12
"""Ways to lay sticks that are judged over what lies there."""
MOST_COATS = 6


@lru_cache(maxsize=2)
def grains_of(sticks: tuple[Stick, ...]) -> Floats:
    """Colours (s, 36) of sticks as they mix by area."""
    return mixing(np.array([stick.reflectance for stick in sticks]))


@dataclass(frozen=True)
class StickLayers:
    """One stick at each pressure, and every two, the lower one firmly: places (w, 2), shares seen (w, 2)."""

    count: int
    sticks: NDArray[np.intp]
    shares: Floats

    def amounts(self, places: NDArray[np.intp]) -> Floats:
        """The same as amounts (n, count)."""
        full = np.zeros((len(places), self.count))
        rows = np.arange(len(places))
        for k in (0, 1):
            full[rows, self.sticks[places, k]] += self.shares[places, k]
        return full


@lru_cache(maxsize=2)
def stick_layers_of(sticks: tuple[Stick, ...]) -> StickLayers:
    """Every way to lay one, two or three of the sticks over each other."""
    covers, every = np.array(tuple(PRESSURES.values())), np.arange(len(sticks))
    upper, lower = (each.ravel() for each in np.meshgrid(every, every, indexing="ij"))
    # The pair (i, i) stands for stick i alone, laid twice with a firm hand.
    below = np.where(upper == lower, 0.0, covers.max())
    shares = [np.stack([np.full(len(upper), c), (1 - c) * below], axis=1) for c in covers]
    twice = (upper == lower) & (shares[-1][:, 0] == covers.max())
    shares[-1][twice, 1] = (1 - covers.max()) * covers.max()
    return StickLayers(
        len(sticks), np.tile(np.stack([upper, lower], axis=1), (len(covers), 1)), np.concatenate(shares)
    )


@lru_cache(maxsize=4)
def stick_layers_over(sticks: tuple[Stick, ...], surface: bytes) -> Floats:
    """Lab (w, 3) of those ways over a surface."""
    ways, grains = stick_layers_of(sticks), grains_of(sticks)
    sums = (ways.shares[..., None] * grains[ways.sticks]).sum(axis=1)
    left = 1 - ways.shares.sum(axis=1, keepdims=True)
    return lab_of_spectrum(seen(sums + left * mixing(np.frombuffer(surface))))
