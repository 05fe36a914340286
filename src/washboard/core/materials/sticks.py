"""Pastel sticks of our own made-up set: sixteen colours in six steps each. Modelled, not measured."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property

from ..colour.spectra import Floats, lab_of_spectrum
from ..optics.kubelka import infinite
from ..optics.vehicle import vehicle_of
from .paints import PAINTS
from .surfaces import Lab


class Hardness(StrEnum):
    """How much a stick gives, and how much tooth it takes."""

    HARD = "hard"
    MEDIUM = "medium"
    SOFT = "soft"


@dataclass(frozen=True)
class Stick:
    """A stick: a pigment with `white` and `black` as shares of what colours it."""

    key: str
    words: str
    pigment: str
    white: float
    black: float
    hardness: Hardness
    caution: str

    @cached_property
    def reflectance(self) -> Floats:
        """Reflectance (36,) of the stick laid so thick that nothing shows through, as the eye sees it."""
        own = 1 - self.white - self.black
        parts = ((PAINTS[self.pigment], own), (PAINTS["white"], self.white), (PAINTS["black"], self.black))
        k = sum(share * paint.absorption for paint, share in parts)
        s = sum(share * paint.scattering for paint, share in parts) + CHALK
        return vehicle_of("pastel").dry.outside(infinite(k, s))

    @cached_property
    def strong(self) -> Lab:
        """Lab of the stick at full cover."""
        lightness, a, b = lab_of_spectrum(self.reflectance).tolist()
        return lightness, a, b

    @property
    def thin(self) -> Lab:
        """The same: a stick is not thinned."""
        return self.strong


CHALK = 0.12
"""Scattering that the filler of any stick adds: dry grain is never clear."""
STEPS = (
    ("deep", 0.0, 0.025, Hardness.HARD), ("full", 0.02, 0.0, Hardness.MEDIUM),
    ("strong", 0.16, 0.0, Hardness.MEDIUM), ("middle", 0.45, 0.0, Hardness.MEDIUM),
    ("light", 0.76, 0.0, Hardness.SOFT), ("pale", 0.94, 0.0, Hardness.SOFT),
)  # fmt: skip
"""Words, shares of white and of black, hardness."""
COLOURS = {
    "warm-yellow": "yellow", "ochre": "ochre", "orange": "orange", "scarlet": "scarlet", "rose": "rose",
    "magenta": "magenta", "violet": "violet", "ultramarine": "ultramarine", "cobalt": "sky blue",
    "turquoise": "turquoise", "phthalo-green": "sea green", "chromium-green": "leaf green",
    "burnt-sienna": "red earth", "burnt-umber": "brown earth", "slate": "stone", "black": "grey",
}  # fmt: skip
STICKS = {
    stick.key: stick
    for stick in (
        Stick(f"{key}-{step}", f"{step} {words}", key, white, black, hardness, PAINTS[key].caution)
        for key, words in COLOURS.items()
        for step, white, black, hardness in STEPS
    )
}
"""By key: 96 sticks."""
