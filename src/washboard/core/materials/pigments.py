"""Pigments as spectra: where each absorbs and how much it scatters. Modelled, not measured.

Shapes follow what is generally known of each class: an edge below which yellows, oranges and reds absorb,
bands where blues, violets and greens do, a grey base in earths and blacks. Their figures are fitted so that
masstones, tints, mixtures and washes look as painters and makers agree that they do (`bench/pigments`). A
unit film is 50 µm of oil paint as it comes.
"""

from __future__ import annotations

from dataclasses import dataclass, field

import numpy as np

from ..colour.spectra import WAVELENGTHS, Floats
from .pigment_table import TABLE


@dataclass(frozen=True)
class Pigment:
    """Absorption and scattering of a unit film.

    `edge`: wavelength (nm), width (nm) and height of the absorption below it. `bands`: centre, width
    (standard deviation) and height of each. `base`: the same at all wavelengths. `scatter`: S at 550 nm,
    falling with the power `steep` of the wavelength: small grains scatter blue more.
    """

    index: str
    scatter: float
    edge: tuple[float, float, float] | None = None
    bands: tuple[tuple[float, float, float], ...] = field(default=())
    base: float = 0.0
    steep: float = 0.4

    @property
    def absorption(self) -> Floats:
        """K (36,) of a unit film."""
        total = np.full(WAVELENGTHS.shape, self.base, dtype=np.float64)
        if self.edge:
            at, width, height = self.edge
            total += height / (1 + np.exp((WAVELENGTHS - at) / width))
        for centre, width, height in self.bands:
            total += height * np.exp(-(((WAVELENGTHS - centre) / width) ** 2) / 2)
        return total

    @property
    def scattering(self) -> Floats:
        """S (36,) of a unit film."""
        return self.scatter * (550 / WAVELENGTHS) ** self.steep


PIGMENTS = {key: Pigment(*row) for key, row in TABLE.items()}
"""By the key that paints are made of."""
