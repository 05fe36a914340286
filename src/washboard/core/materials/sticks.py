"""Pastel sticks of our own made-up set: sixteen colours in six steps each. Modelled, not measured."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property

import numpy as np

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
    whites, blacks = np.array([[white]]), np.array([[black]])
    return np.asarray(_reflectances([PAINTS[pigment]], whites, blacks, chalk)[0, 0])


def _reflectances(pigments: Sequence[Paint], white: Floats, black: Floats, chalk: float) -> Floats:
    """Reflectances (p, n, 36) of pigments with shares (p, n) of white and black."""

    def mixed(of: Callable[[Paint], Floats]) -> Floats:
        own = np.stack([of(paint) for paint in pigments])[:, None]
        parts = ((own, 1 - white - black), (of(PAINTS["white"]), white), (of(PAINTS["black"]), black))
        return np.asarray(sum(share[..., None] * part for part, share in parts))

    k, s = mixed(lambda paint: paint.absorption), mixed(lambda paint: paint.scattering)
    return vehicle_of("pastel").dry.outside(infinite(k, s + chalk))


def _shares(values_at: Callable[[Floats], Floats], wanted: Floats) -> Floats:
    """The shares 0–1 (p, n) at which values (p, n), rising or falling with them, are those wanted; 0 where
    they are at 0."""
    low, high = np.zeros_like(wanted), np.ones_like(wanted)
    rises = values_at(high) > values_at(low)
    for _ in range(HALVINGS):
        middle = (low + high) / 2
        more = (values_at(middle) < wanted) == rises
        low, high = np.where(more, middle, low), np.where(more, high, middle)
    return low


def _set() -> Iterator[Stick]:
    """All sticks: of each colour a deep one with black, the full one, and its steps to white."""
    pigments = [PAINTS[key] for key in COLOURS]
    none = np.zeros((len(pigments), 1))

    def values(white: Floats, black: Floats, chalk: float) -> Floats:
        return np.asarray(value_of_spectrum(_reflectances(pigments, white, black, chalk)))

    full, palest = values(none, none, CHALK), values(none + 1, none, CHALK)
    blacks = _shares(lambda share: values(np.zeros_like(share), share, DEEP_CHALK), DEEPER * full)
    wanted = full + np.array([way for _, way, _ in STEPS]) * (palest - full)
    whites = _shares(lambda share: values(share, np.zeros_like(share), CHALK), wanted)
    for (key, words), [black], own in zip(COLOURS.items(), blacks.tolist(), whites.tolist(), strict=True):
        caution, black = PAINTS[key].caution, min(MOST_BLACK, black)
        yield Stick(f"{key}-deep", f"deep {words}", key, 0.0, black, Hardness.HARD, caution, DEEP_CHALK)
        yield Stick(f"{key}-full", f"full {words}", key, 0.0, 0.0, Hardness.MEDIUM, caution, CHALK)
        for (step, _, hardness), white in zip(STEPS, own, strict=True):
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
