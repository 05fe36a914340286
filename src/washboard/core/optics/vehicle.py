"""What a medium makes of pigment: how its films look on a ground, wet and dry. Figures are guesses.

One interface for previews, recipes and checks: films of any paints, in any amounts, over any ground.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..errors import UnknownName
from .finish import Finish
from .kubelka import LEAST, film, over

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Vehicle:
    """A medium's binder and how it dries.

    `dry` and `wet`: the skin of the surface. `swell`: how much more a film takes away while wet, since water
    fills what scatters; `milk`: scattering that a wet binder adds a unit film, gone when it is clear.
    `strongest`, `weakest`: the thickest and thinnest film laid at once, in unit films (a drawdown is one);
    `most` the thickest in all; `brushed` one spread over a large shape. `covers`: whether lights are mixed
    with white and coats laid full, rather than thinned over white. `load`: how much pigment a film holds,
    against one of oil paint. `uneven`: standard deviation of the logarithm of a film's thickness from place
    to place.
    """

    key: str
    dry: Finish
    wet: Finish
    swell: float
    milk: float
    weakest: float
    strongest: float
    most: float
    brushed: float
    covers: bool
    load: float = 1.0
    uneven: float = 0.0

    def film(self, absorption: ArrayLike, scattering: ArrayLike) -> tuple[Floats, Floats]:
        """Reflectance and transmittance (…, 36) of a film of this medium with K and S (…, 36), unit films of
        paint at full load: thinner by `load`, and where it is `uneven` the even film that looks like its mean
        over black and over white.

        An uneven film is thick here and thin there, by a logarithmic normal distribution of the same mean
        (three points of Gauss and Hermite). What it lets through of any ground is told by its looks over two.
        """
        k, s = np.asarray(absorption, dtype=np.float64), np.asarray(scattering, dtype=np.float64)
        if not self.uneven:
            return film(k, s, self.load)
        shape = (-1,) + (1,) * max(k.ndim, s.ndim)
        thickness = self.load * np.exp(self.uneven * NODES - self.uneven**2 / 2).reshape(shape)
        r, t = film(k, s, thickness)
        black = _mean(r)
        return black, np.sqrt(_mean(t * t / np.maximum(1 - r, LEAST)) * (1 - black))

    def laid(self, absorption: ArrayLike, scattering: ArrayLike, ground: ArrayLike) -> Floats:
        """Reflectance (…, 36) of dry films over a ground.

        `absorption` and `scattering` (…, 36) are those of the whole film, amount times unit values; `ground`
        (…, 36) is what the eye sees there. Nothing laid changes nothing.
        """
        return self.seen_over(*self.film(absorption, scattering), ground)

    def seen_over(self, reflectance: Floats, transmittance: Floats, ground: ArrayLike) -> Floats:
        """The same for films whose reflectance and transmittance (…, 36) are known."""
        return self.dry.outside(over(reflectance, transmittance, self.dry.inside(ground)))

    def laid_wet(self, absorption: ArrayLike, scattering: ArrayLike, ground: ArrayLike) -> Floats:
        """The reflectance (…, 36) of the same films just laid: what the painter sees while they are wet."""
        k, s = np.asarray(absorption, dtype=np.float64), np.asarray(scattering, dtype=np.float64)
        amount = np.minimum(1.0, (k + s).mean(axis=-1, keepdims=True))
        r, t = self.film(k * self.swell, s * self.swell + self.milk * amount)
        return self.wet.outside(over(r, t, self.dry.inside(ground)))


NODES, NODE_WEIGHTS = np.array([-np.sqrt(3), 0.0, np.sqrt(3)]), np.array([1 / 6, 2 / 3, 1 / 6])
"""Points and weights of Gauss and Hermite for a normal distribution (Abramowitz and Stegun, 25.4.46)."""


def _mean(values: Floats) -> Floats:
    """The mean (…) over places of values (3, …) at the nodes."""
    return np.asarray((NODE_WEIGHTS @ values.reshape(3, -1)).reshape(values.shape[1:]))


_DULL = Finish(0.04, 0.0)
_GLOSS = Finish(0.008, 0.4)
VEHICLES = {
    vehicle.key: vehicle
    for vehicle in (
        Vehicle("watercolour", _DULL, Finish(0.006, 0.0), 1.18, 0.0, 0.005, 1.0, 2.0, 1.0, False, 0.5, 0.85),
        Vehicle("pastel", Finish(0.025, 0.0), Finish(0.025, 0.0), 1.0, 0.0, 1.0, 2.0, 2.0, 1.0, True),
        Vehicle("acrylic", _GLOSS, _GLOSS, 1.0, 0.35, 0.04, 0.5, 3.0, 0.2, True),
        Vehicle("oil", _GLOSS, _GLOSS, 1.0, 0.0, 0.04, 0.75, 3.4, 0.5, True),
    )
}
"""By medium."""


def vehicle_of(medium: str) -> Vehicle:
    """The vehicle of a medium; raises UnknownName."""
    if medium not in VEHICLES:
        raise UnknownName("medium", medium, VEHICLES)
    return VEHICLES[medium]
