"""What is known of a figure: a mean, how far it may be off, from how many observations."""

from __future__ import annotations

import math
from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]

EIGHTY = 1.2816
"""Standard deviations to either side within which 80 % lie."""
GRID = np.linspace(-2.0, 2.0, 401)
"""Values of a logarithm that are looked at, from a seventh to seven times."""


@dataclass(frozen=True)
class Estimate:
    """A figure by its `mean` and standard deviation `sd`, from `count` observations."""

    mean: float
    sd: float
    count: int

    @property
    def between(self) -> tuple[float, float]:
        """Within which it lies with 80 % probability."""
        return self.mean - EIGHTY * self.sd, self.mean + EIGHTY * self.sd

    @property
    def ratio(self) -> tuple[float, float, float]:
        """A logarithm as times as much: the likeliest, and the least and most with 80 % probability."""
        low, high = self.between
        return math.exp(self.mean), math.exp(low), math.exp(high)


def on_grid(prior: Estimate, likelihoods: Callable[[Floats], Floats], count: int) -> Estimate:
    """The mean and spread of a logarithm from a normal prior and the logarithm of the likelihood (401,) at
    each value of the grid (401,)."""
    log = -0.5 * np.square((GRID - prior.mean) / prior.sd) + likelihoods(GRID)
    weight = np.exp(log - log.max())
    weight /= weight.sum()
    mean = float(weight @ GRID)
    return Estimate(mean, math.sqrt(float(weight @ np.square(GRID - mean))), count)
