"""What a medium makes of pigment: how its films look on a ground, wet and dry. Figures are guesses.

One interface for previews, recipes and checks: films of any paints, in any amounts, over any ground.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..errors import UnknownName
from .finish import Finish
from .kubelka import film, over

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Vehicle:
    """A medium's binder and how it dries.

    `dry` and `wet`: the skin of the surface. `swell`: how much more a film takes away while wet, since water
    fills what scatters; `milk`: scattering that a wet binder adds a unit film, gone when it is clear.
    `strongest`, `weakest`: the thickest and thinnest film laid at once, in unit films (a drawdown is one);
    `most` the thickest in all; `brushed` one spread over a large shape. `covers`: whether lights are mixed
    with white and coats laid full, rather than thinned over white.
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

    def laid(self, absorption: ArrayLike, scattering: ArrayLike, ground: ArrayLike) -> Floats:
        """Reflectance (…, 36) of dry films over a ground.

        `absorption` and `scattering` (…, 36) are those of the whole film, amount times unit values; `ground`
        (…, 36) is what the eye sees there. Nothing laid changes nothing.
        """
        return self.seen_over(*film(absorption, scattering), ground)

    def seen_over(self, reflectance: Floats, transmittance: Floats, ground: ArrayLike) -> Floats:
        """The same for films whose reflectance and transmittance (…, 36) are known."""
        return self.dry.outside(over(reflectance, transmittance, self.dry.inside(ground)))

    def laid_wet(self, absorption: ArrayLike, scattering: ArrayLike, ground: ArrayLike) -> Floats:
        """The reflectance (…, 36) of the same films just laid: what the painter sees while they are wet."""
        k, s = np.asarray(absorption, dtype=np.float64), np.asarray(scattering, dtype=np.float64)
        amount = np.minimum(1.0, (k + s).mean(axis=-1, keepdims=True))
        r, t = film(k * self.swell, s * self.swell + self.milk * amount)
        return self.wet.outside(over(r, t, self.dry.inside(ground)))


_DULL = Finish(0.032, 0.0)
_GLOSS = Finish(0.008, 0.4)
VEHICLES = {
    vehicle.key: vehicle
    for vehicle in (
        Vehicle("watercolour", _DULL, Finish(0.006, 0.0), 1.18, 0.0, 0.005, 1.0, 2.0, 1.0, False),
        Vehicle("pastel", Finish(0.024, 0.0), Finish(0.024, 0.0), 1.0, 0.0, 1.0, 2.0, 2.0, 1.0, True),
        Vehicle("acrylic", _GLOSS, _GLOSS, 1.0, 0.35, 0.04, 0.3, 1.8, 0.12, True),
        Vehicle("oil", _GLOSS, _GLOSS, 1.0, 0.0, 0.04, 0.45, 2.0, 0.3, True),
    )
}
"""By medium."""


def vehicle_of(medium: str) -> Vehicle:
    """The vehicle of a medium; raises UnknownName."""
    if medium not in VEHICLES:
        raise UnknownName("medium", medium, VEHICLES)
    return VEHICLES[medium]
