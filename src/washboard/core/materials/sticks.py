"""Pastel sticks of our own made-up set: sixteen colours in six steps each. Modelled, not measured."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property

from ..colour.spectra import Floats, lab_of_spectrum, value_of_spectrum
from ..errors import UnknownName
from ..optics.kubelka import infinite
from ..optics.vehicle import vehicle_of
from .paints import PAINTS, Paint
from .surfaces import Lab


class Hardness(StrEnum):
    """How much a stick gives, and how much tooth it takes."""

    HARD = "hard"
    MEDIUM = "medium"
    SOFT = "soft"


@dataclass(frozen=True)
class Stick:
    """A stick: a pigment with `white` and `black` as shares of what colours it, in `chalk`, scattering."""

    key: str
    words: str
    pigment: str
    white: float
    black: float
    hardness: Hardness
    caution: str
    chalk: float

    @cached_property
    def reflectance(self) -> Floats:
        """Reflectance (36,) of the stick laid so thick that nothing shows through, as the eye sees it."""
        return _reflectance(self.pigment, self.white, self.black, self.chalk)

    @cached_property
    def strong(self) -> Lab:
        """Lab of the stick at full cover."""
        lightness, a, b = lab_of_spectrum(self.reflectance).tolist()
        return lightness, a, b

    @property
    def thin(self) -> Lab:
        """The same: a stick is not thinned."""
        return self.strong


CHALK, DEEP_CHALK = 0.8, 0.12
"""Scattering that the filler of a stick adds, and of a deep one: dry grain is never clear. Guesses."""
DEEPER, MOST_BLACK = 0.7, 0.1
"""Share of the full stick's value that a deep one has, with so much black at most: no black makes a dark
violet darker."""
STEPS = (
    ("strong", 0.2, Hardness.MEDIUM), ("middle", 0.45, Hardness.MEDIUM),
    ("light", 0.7, Hardness.SOFT), ("pale", 0.9, Hardness.SOFT),
)  # fmt: skip
"""Words, how far from the full stick's value to white's, hardness: a set steps evenly in value."""
COLOURS = {
    "warm-yellow": "yellow", "ochre": "ochre", "orange": "orange", "scarlet": "scarlet", "rose": "rose",
    "magenta": "magenta", "violet": "violet", "ultramarine": "ultramarine", "cobalt": "sky blue",
    "turquoise": "turquoise", "phthalo-green": "sea green", "chromium-green": "leaf green",
    "burnt-sienna": "red earth", "burnt-umber": "brown earth", "slate": "stone", "black": "grey",
}  # fmt: skip
HALVINGS = 14
"""Halvings by which a share is found: to less than a ten thousandth."""


def _reflectance(pigment: str, white: float, black: float, chalk: float) -> Floats:
    own = 1 - white - black
    parts = ((PAINTS[pigment], own), (PAINTS["white"], white), (PAINTS["black"], black))
    k = sum(share * paint.absorption for paint, share in parts)
    s = sum(share * paint.scattering for paint, share in parts) + chalk
    return vehicle_of("pastel").dry.outside(infinite(k, s))


def _share(value_at: Callable[[float], float], wanted: float) -> float:
    """The share 0–1 at which a value, rising or falling with it, is the one wanted; 0 where it is at 0."""
    low, high = 0.0, 1.0
    rises = value_at(1.0) > value_at(0.0)
    for _ in range(HALVINGS):
        middle = (low + high) / 2
        low, high = (middle, high) if (value_at(middle) < wanted) == rises else (low, middle)
    return low


def _set() -> Iterator[Stick]:
    """All sticks: of each colour a deep one with black, the full one, and its steps to white."""
    for key, words in COLOURS.items():

        def value(white: float, black: float, chalk: float, key: str = key) -> float:
            return float(value_of_spectrum(_reflectance(key, white, black, chalk)))

        full, caution = value(0, 0, CHALK), PAINTS[key].caution
        black = min(MOST_BLACK, _share(lambda share: value(0, share, DEEP_CHALK), DEEPER * full))
        yield Stick(f"{key}-deep", f"deep {words}", key, 0.0, black, Hardness.HARD, caution, DEEP_CHALK)
        yield Stick(f"{key}-full", f"full {words}", key, 0.0, 0.0, Hardness.MEDIUM, caution, CHALK)
        for step, way, hardness in STEPS:
            wanted = full + way * (value(1, 0, CHALK) - full)
            white = _share(lambda share: value(share, 0, CHALK), wanted)
            yield Stick(f"{key}-{step}", f"{step} {words}", key, white, 0.0, hardness, caution, CHALK)


STICKS = {stick.key: stick for stick in _set()}
"""By key: 96 sticks."""

Colour = Paint | Stick
"""What comes along: tubes or sticks."""


def sticks_of(keys: Sequence[str]) -> tuple[Stick, ...]:
    """The sticks of those keys in the set's order, the whole set for none; raises UnknownName."""
    for key in keys:
        if key not in STICKS:
            raise UnknownName("stick", key, STICKS)
    return tuple(stick for stick in STICKS.values() if not keys or stick.key in keys)
