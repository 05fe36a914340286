"""A wide weak shine over a painting: too faint to hide anything, light enough to make its darks look pale."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.value import luminance_of, value_of
from .curve import LINE, OWN
from .state import USUAL, over_value

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]
Indices = NDArray[np.intp]

PART = 0.1
"""Standard deviation, in values, of a part beside the rest of its mass. From made painters: a guess."""
TOGETHER = 4.0
"""Parts of the picture that tell as much as one that stands by itself: what is off here is off beside it."""
MIDDLES = np.linspace(-1.4, 1.4, 9)
"""Where the middle of a shine is sought, across and down, from -1 to 1 over the picture: that may lie beside
the sheet, and only its skirt on it."""
WIDTHS, STRENGTHS = (0.15, 0.3, 0.55), (0.012, 0.035, 0.1)
"""Its width, in half the picture's, and the light in its middle as a share of white's, that are tried."""
NEARER, TRIES = 8, 50
"""Times that the best is moved a little, and ways that are tried each time."""
HINTS, CLEARLY = 4.0, 25.0
"""By how much likelier, as a logarithm, a photo must be with a shine than without for the best to be looked
at more closely, and for it to be believed."""
LEAST = 40
"""Parts that can tell one."""
DOUBTFUL = 0.5
"""Times what lies there that a shine may add for what is left to be believed."""


@dataclass(frozen=True)
class Sheen:
    """White light that a dull coat throws back round where it would mirror the lamp: a bell about `middle`
    (x, y), from -1 to 1 over the picture, so `wide` (one standard deviation) and `strong` in its middle as a
    share of what white reflects. The lobe of a rough surface whose facets lean by a normal distribution
    (Torrance and Sparrow 1967)."""

    middle: tuple[float, float]
    wide: float
    strong: float

    def at(self, places: Floats) -> Floats:
        """What it adds (…) at places (…, 2)."""
        return bells(places, np.array([[*self.middle, self.wide, self.strong]]))[..., 0]


def bells(places: Floats, ways: Floats) -> Floats:
    """The light (…, n) at places (…, 2) of n shines (n, 4): the middle's x and y, width, strength."""
    away = ((places[..., None, :] - ways[:, :2]) ** 2).sum(axis=-1)
    return np.asarray(ways[:, 3] * np.exp(-away / (2 * ways[:, 2] ** 2)))


def sheen_of(
    seen: Floats, planned: Floats, bare: Mask, mass: Indices, weight: Floats, places: Floats
) -> Sheen | None:
    """The shine under which parts of a painting are likeliest, None where none is clearly there: the values
    (n,) that are `seen` of them and are `planned`, which of them are `bare` (n,), the `mass` (n,) of each,
    what it counts (n,), and its place (n, 2).

    A painter's mass is off as a whole. What grows lighter across masses, darks the most, is no paint.
    """
    if len(seen) < LEAST:
        return None
    unlikely = _Painters(seen, planned, bare, mass, weight)
    axes = np.meshgrid(MIDDLES, MIDDLES, WIDTHS, STRENGTHS, indexing="ij")
    tried = np.stack([axis.ravel() for axis in axes], -1)
    # A bell that hardly touches the picture explains nothing.
    tried = tried[bells(places, tried).max(axis=0) > 0.2 * tried[:, 3]]
    costs = unlikely(bells(places, tried))
    best, cost = tried[costs.argmin()], float(costs.min())
    nothing = float(unlikely(np.zeros((len(seen), 1)))[0])
    if nothing - cost < HINTS:
        return None
    steps, dice = np.array([0.2, 0.2, 0.3, 0.5]), np.random.default_rng(0)
    for _ in range(NEARER):
        moved = dice.normal(size=(TRIES, 4)) * steps
        near = np.concatenate([best[:2] + moved[:, :2], best[2:] * np.exp(moved[:, 2:])], axis=1)
        costs = unlikely(bells(places, near))
        if costs.min() < cost:
            best, cost = near[costs.argmin()], float(costs.min())
        steps *= 0.7
    if nothing - cost < CLEARLY:
        return None
    x, y, wide, strong = (float(term) for term in best)
    return Sheen((x, y), wide, strong)


class _Painters:
    """How unlikely parts are under each of many shines: a painter is off by a line over value, and in each
    mass by their own chance, both held near what is usual; parts differ by Student's t with four degrees of
    freedom."""

    def __init__(self, seen: Floats, planned: Floats, bare: Mask, mass: Indices, weight: Floats) -> None:
        _, at = np.unique(mass, return_inverse=True)
        painted = (~bare)[:, None]
        line = over_value(planned) * painted
        own = np.eye(int(at.max()) + 1)[at] * painted
        self.light = np.asarray(luminance_of(seen), np.float64)
        self.wanted = planned + line @ np.array(USUAL)
        self.terms = np.concatenate([line * LINE, own * OWN], axis=1)
        self.counts = np.sqrt(weight) / np.sqrt(weight).mean() / TOGETHER
        scaled = self.terms * (self.counts / PART**2)[:, None]
        self.solved = np.linalg.solve(scaled.T @ self.terms + np.eye(self.terms.shape[1]), scaled.T)

    def __call__(self, added: Floats) -> Floats:
        """The negative logarithm of the likelihood (n,) when so much light (parts, n) was added."""
        left = np.asarray(value_of(np.clip(self.light[:, None] - 100 * added, 0.01, None)))
        off = left - self.wanted[:, None]
        own = self.solved @ off
        rest = (off - self.terms @ own) / PART
        return np.asarray(self.counts @ (2.5 * np.log1p(rest**2 / 4)) + (own**2).sum(axis=0) / 2)
