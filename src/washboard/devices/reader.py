"""A colour reader held on a swatch: the interface, and a simulated one that ships with the program.

A real reader would be another class with `read`; nothing else knows which one is there.
"""

from __future__ import annotations

import hashlib
from typing import Protocol

import numpy as np

from ..core.calibration.strip import Field
from ..core.colour.spectra import BANDS, WAVELENGTHS, Floats
from ..core.errors import WashboardError
from ..core.materials.paints import Paint
from ..core.optics.kubelka import film, over

NOISE = 0.004
"""Standard deviation of a reading's reflectances: what pocket readers are usually good for. A guess."""
DROPOUT = 0.12
"""Share of readings that fail: the reader stood askew, or light got under it."""
AWAY = 0.25
"""How far the simulated tube is from the listed paint, in the logarithm of what it absorbs."""


class NoReading(WashboardError):
    """The reader gave nothing; holding it on again is all there is to do."""

    code = "no-reading"


class Reader(Protocol):
    """A device that reads the reflectance of what it is held on."""

    words: str

    def read(self, paint: Paint, field: Field, turn: int) -> Floats:
        """Reflectance (36,) of a field of a paint's strip, the `turn`th time; raises NoReading."""


class SimulatedReader:
    """Reads a made-up tube of each paint, a little unlike the listed one, with noise and dropouts."""

    words = "simulated reader"

    def read(self, paint: Paint, field: Field, turn: int) -> Floats:
        tube = np.random.default_rng(_seed(paint.key))
        bends = tube.normal(0, AWAY, 5)
        factor = np.exp(np.interp(WAVELENGTHS, np.linspace(380, 730, 5), bends))
        noise = np.random.default_rng(_seed(f"{paint.key} {field.key} {turn}"))
        if noise.random() < DROPOUT:
            raise NoReading("refused-reader-askew")
        look = over(
            *film(paint.absorption * factor, paint.scattering * np.exp(tube.normal(0, AWAY / 2)), field.film),
            np.full(BANDS, field.backing),
        )
        return np.asarray(np.clip(look + noise.normal(0, NOISE, BANDS), 0.001, 0.999))


def _seed(text: str) -> int:
    return int.from_bytes(hashlib.sha256(text.encode()).digest()[:8], "big")
