"""Ranges of colour that painters and makers agree on for masstones, tints, mixtures and washes.

From general knowledge, each with its kind of source: what makers' charts agree on (maker), Munsell notations
in textbooks (munsell, textbook), what painters mix (practice) and paint out (swatch). None is a measurement.
"""

from __future__ import annotations

import csv
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from pathlib import Path

import numpy as np

from washboard.core.colour.spectra import BANDS, Floats, lab_of_spectrum
from washboard.core.materials.paints import paint_named
from washboard.core.optics.vehicle import VEHICLES

FILE = Path(__file__).with_name("ranges.csv")
PAPER = 0.9
"""Reflectance of what the paints are laid on."""
THINNEST, THICKEST, TRIED = 1e-4, 30.0, 25
"""Unit films between which a wash of a given lightness is sought, and how many are tried at once."""

Films = Mapping[str, tuple[Floats, Floats]]
"""K and S (36,) of a unit film by the key of the pigment."""


@dataclass(frozen=True)
class Range:
    """A mixture by `parts` of pigments in a medium, `film` unit films thick or thinned to `lightness`, and
    between what L*, chroma and hue (degrees, turning upward) it is seen; None where that does not matter.
    """

    medium: str
    words: str
    parts: tuple[tuple[str, float], ...]
    film: float | None
    lightness: float | None
    between: tuple[tuple[float, float] | None, ...]

    def looks(self, films: Films) -> Floats:
        """Lab (3,) of the mixture."""
        total = sum(part for _, part in self.parts)
        k = sum(part / total * films[key][0] for key, part in self.parts)
        s = sum(part / total * films[key][1] for key, part in self.parts)
        vehicle = VEHICLES[self.medium]

        def laid(thickness: Floats) -> Floats:
            return lab_of_spectrum(vehicle.laid(thickness * k, thickness * s, np.full(BANDS, PAPER)))

        if self.lightness is None:
            return laid(np.array([self.film or 1.0]))
        return _thinned(laid, self.lightness)

    def outside(self, lab: Floats, margin: tuple[float, float, float] = (0.0, 0.0, 0.0)) -> Floats:
        """How far (3,) a colour lies outside in L*, in chroma and, as a chord, in hue.

        `margin` L*, C* and degrees narrow the range at each end, by a third of it at most.
        """
        chroma = float(np.hypot(lab[1], lab[2]))
        hue = float(np.degrees(np.arctan2(lab[2], lab[1])))
        found = np.zeros(3)
        for k, (seen, ends) in enumerate(zip((float(lab[0]), chroma, hue), self.between, strict=True)):
            if ends is None:
                continue
            low, high = ends
            wide = (high - low) % 360 if k == 2 else high - low
            less = min(margin[k], wide / 3)
            if k == 2:
                turned = abs((seen - low - wide / 2 + 180) % 360 - 180) - wide / 2 + less
                found[k] = max(0.0, np.radians(turned) * max(chroma, GREY))
            else:
                found[k] = max(0.0, (low + less if low > 0 else low) - seen, seen - high + less)
        return found


GREY = 3.0
"""Chroma that a hue is taken to have at least: of a grey it says little, but not nothing."""


def _thinned(laid: Callable[[Floats], Floats], lightness: float) -> Floats:
    """The Lab (3,) of the film that is so light, between two of films ever closer to it."""
    low, high = np.log(THINNEST), np.log(THICKEST)
    for _ in range(4):
        tried = np.linspace(low, high, TRIED)
        labs = laid(np.exp(tried)[:, None])
        k = int(np.argmax(labs[:, 0] < lightness))
        if k == 0:
            return np.asarray(labs[-1])
        low, high = tried[k - 1], tried[k]
    share = (labs[k - 1, 0] - lightness) / (labs[k - 1, 0] - labs[k, 0])
    return np.asarray(labs[k - 1] * (1 - share) + labs[k] * share)


def ranges() -> tuple[Range, ...]:
    """All that are known."""
    with FILE.open(newline="", encoding="utf-8") as file:
        return tuple(_range(row) for row in csv.DictReader(file))


def _range(row: Mapping[str, str]) -> Range:
    parts = [part.split("=") for part in row["mixture"].split(",")]
    how, amount = row["film"].split()
    between = tuple(
        (float(row[f"{what}_min"]), float(row[f"{what}_max"])) if row[f"{what}_min"] else None
        for what in ("L", "C", "h")
    )
    return Range(
        row["medium"],
        row["mixture"],
        tuple((paint_named(key).pigment, float(part)) for key, part in parts),
        float(amount) if how == "film" else None,
        float(amount) if how == "L" else None,
        between,
    )
