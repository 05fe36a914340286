"""Generic paints by pigment and Colour Index name, with what to know of each. Modelled, not measured."""

# Kept by the row with "fmt: skip": the figures of one thing are read side by side.
from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum
from functools import cached_property

import numpy as np

from ..colour.spectra import Floats, lab_of_spectrum, xyz_of_spectrum
from ..errors import InvalidInput, UnknownName
from ..optics.kubelka import film, over
from .pigments import PIGMENTS
from .surfaces import Lab

FEWEST, MOST = 1, 16
"""Paints in a palette; painters take 6 to 12."""
CARD = (0.85, 0.04)
"""Reflectance of the white and the black of a drawdown card."""
THIN = 0.05
"""Thickness of the thin film that a paint is shown by, in unit films."""


Films = tuple[tuple[float, ...], tuple[float, ...]]
"""K and S of a unit film, 36 bands each."""


class Drying(StrEnum):
    """How fast a pigment lets oil dry."""

    FAST = "fast"
    MEDIUM = "medium"
    SLOW = "slow"


@dataclass(frozen=True)
class Paint:
    """A paint.

    `pigment` its key among the pigments; `staining` 0–1: the share of a dry wash that no brush lifts;
    `granulation` 0–1; `lightfast` 1 (best) to 4; `drying` and `oil`, grams of oil for 100 g of pigment, in
    oil; `media` in which it is sold; `cost` 1–4; `caution`: what its label usually warns of; `films`: K and S
    (36,) of a unit film where they were measured.
    """

    key: str
    words: str
    pigment: str
    staining: float
    granulation: float
    lightfast: int
    drying: Drying
    oil: int
    cost: int
    caution: str = ""
    media: tuple[str, ...] = ("watercolour", "acrylic", "oil")
    films: Films | None = None

    @property
    def index(self) -> str:
        """Colour Index name."""
        return PIGMENTS[self.pigment].index

    @cached_property
    def absorption(self) -> Floats:
        """K (36,) of a unit film."""
        return np.array(self.films[0]) if self.films else PIGMENTS[self.pigment].absorption

    @cached_property
    def scattering(self) -> Floats:
        """S (36,) of a unit film."""
        return np.array(self.films[1]) if self.films else PIGMENTS[self.pigment].scattering

    def reflectances(self, thickness: float = 1.0) -> tuple[Floats, Floats]:
        """Reflectance (36,) of a film over the white and over the black of a drawdown card."""
        r, t = film(self.absorption, self.scattering, thickness)
        return over(r, t, CARD[0]), over(r, t, CARD[1])

    @cached_property
    def strong(self) -> Lab:
        """Lab of a unit film over white."""
        return _lab(self.reflectances()[0])

    @cached_property
    def thin(self) -> Lab:
        """Lab of a thin film over white."""
        return _lab(self.reflectances(THIN)[0])

    @cached_property
    def opaque(self) -> float:
        """Contrast ratio 0–1: light from a unit film over black against over white."""
        white, black = (float(xyz_of_spectrum(reflectance)[1]) for reflectance in self.reflectances())
        return black / white


def _lab(spectrum: Floats) -> Lab:
    lightness, a, b = lab_of_spectrum(spectrum).tolist()
    return lightness, a, b


_METAL = "toxic metal: no sanding, no spraying, no dust; wash hands"
F, M, S = Drying.FAST, Drying.MEDIUM, Drying.SLOW

_ROWS: tuple[tuple[str | float | int | Drying, ...], ...] = (
    ("white", "titanium white", "titanium", 0.3, 0.0, 1, S, 20, 1),
    ("zinc-white", "zinc white", "zinc", 0.2, 0.0, 1, S, 18, 1),
    ("lemon", "lemon yellow", "arylide-lemon", 0.5, 0.0, 2, M, 55, 1),
    ("bismuth-yellow", "bismuth yellow", "bismuth", 0.3, 0.1, 1, M, 25, 3),
    ("clear-yellow", "benzimidazolone yellow", "benzimidazolone", 0.6, 0.0, 1, M, 50, 2),
    ("warm-yellow", "warm yellow", "arylide-warm", 0.6, 0.0, 2, M, 50, 1),
    ("cadmium-lemon", "cadmium lemon", "cadmium-lemon", 0.3, 0.1, 1, S, 22, 4, _METAL),
    ("cadmium-yellow", "cadmium yellow", "cadmium-yellow", 0.3, 0.1, 1, S, 22, 4, _METAL),
    ("azo-gold", "nickel azo gold", "nickel-azo", 0.7, 0.0, 1, M, 60, 2, _METAL),
    ("indian-yellow", "deep transparent yellow", "isoindolinone", 0.6, 0.0, 1, M, 55, 2),
    ("naples-yellow", "nickel titanate yellow", "titanate", 0.1, 0.2, 1, M, 18, 2, _METAL),
    ("ochre", "yellow ochre", "ochre", 0.2, 0.2, 1, M, 35, 1),
    ("transparent-ochre", "transparent yellow oxide", "transparent-yellow-oxide", 0.5, 0.1, 1, M, 60, 1),
    ("raw-sienna", "raw sienna", "raw-sienna", 0.3, 0.3, 1, M, 70, 1),
    ("orange", "warm orange", "benzimidazolone-orange", 0.6, 0.0, 1, M, 50, 2),
    ("pyrrole-orange", "pyrrole orange", "pyrrole-orange", 0.7, 0.0, 1, M, 45, 3),
    ("cadmium-orange", "cadmium orange", "cadmium-orange", 0.3, 0.1, 1, S, 22, 4, _METAL),
    ("scarlet", "pyrrole scarlet", "pyrrole-scarlet", 0.7, 0.0, 1, M, 45, 3),
    ("warm-red", "pyrrole red", "pyrrole-red", 0.7, 0.0, 1, M, 45, 3),
    ("cadmium-red", "cadmium red", "cadmium-red", 0.4, 0.1, 1, S, 22, 4, _METAL),
    ("rose", "quinacridone rose", "quinacridone-rose", 0.7, 0.0, 1, M, 60, 3),
    ("magenta", "quinacridone magenta", "quinacridone-magenta", 0.8, 0.0, 1, M, 60, 3),
    ("crimson", "deep crimson", "pyrrole-crimson", 0.8, 0.0, 1, S, 60, 3),
    ("maroon", "quinacridone maroon", "quinacridone-maroon", 0.7, 0.0, 1, M, 60, 3),
    ("red-oxide", "transparent red oxide", "transparent-red-oxide", 0.5, 0.2, 1, M, 60, 1),
    ("light-red", "light red", "light-red", 0.5, 0.2, 1, F, 30, 1),
    ("indian-red", "indian red", "indian-red", 0.6, 0.3, 1, F, 25, 1),
    ("burnt-sienna", "burnt sienna", "burnt-sienna", 0.4, 0.4, 1, F, 60, 1),
    ("burnt-umber", "burnt umber", "burnt-umber", 0.4, 0.5, 1, F, 60, 1),
    ("raw-umber", "raw umber", "raw-umber", 0.4, 0.6, 1, F, 60, 1),
    ("mars-brown", "brown oxide", "mars-brown", 0.4, 0.3, 1, F, 35, 1),
    ("violet", "dioxazine violet", "dioxazine", 0.9, 0.0, 2, S, 60, 2),
    ("manganese-violet", "manganese violet", "manganese-violet", 0.2, 0.6, 1, F, 30, 3, _METAL),
    ("cobalt-violet", "cobalt violet", "cobalt-violet", 0.1, 0.7, 1, F, 28, 4, _METAL),
    ("ultramarine", "ultramarine blue", "ultramarine", 0.2, 0.7, 1, S, 40, 1),
    ("cobalt", "cobalt blue", "cobalt-blue", 0.2, 0.5, 1, F, 60, 4, _METAL),
    ("cerulean", "cerulean blue", "cerulean", 0.2, 0.8, 1, F, 50, 4, _METAL),
    ("phthalo-blue", "phthalo blue, green shade", "phthalo-blue-green", 0.9, 0.0, 1, M, 60, 1),
    ("phthalo-blue-red", "phthalo blue, red shade", "phthalo-blue-red", 0.9, 0.0, 1, M, 60, 1),
    ("indanthrone", "indanthrone blue", "indanthrone", 0.8, 0.1, 1, M, 60, 3),
    ("prussian", "prussian blue", "prussian", 0.8, 0.1, 2, F, 70, 1),
    ("turquoise", "phthalo turquoise", "phthalo-turquoise", 0.9, 0.0, 1, M, 60, 1),
    ("phthalo-green", "phthalo green, blue shade", "phthalo-green-blue", 0.9, 0.0, 1, M, 60, 1),
    ("phthalo-green-yellow", "phthalo green, yellow shade", "phthalo-green-yellow", 0.9, 0.0, 1, M, 60, 1),
    ("viridian", "viridian", "viridian", 0.2, 0.5, 1, M, 60, 3, _METAL),
    ("chromium-green", "chromium oxide green", "chromium-oxide", 0.2, 0.3, 1, M, 25, 2, _METAL),
    ("cobalt-green", "cobalt green", "cobalt-green", 0.2, 0.6, 1, F, 35, 4, _METAL),
    ("green-earth", "green earth", "green-earth", 0.1, 0.5, 1, M, 80, 1),
    ("perylene-green", "perylene green", "perylene-green", 0.7, 0.0, 1, M, 55, 2),
    ("black", "carbon black", "carbon-black", 0.6, 0.1, 1, S, 80, 1),
    ("ivory-black", "ivory black", "ivory-black", 0.3, 0.4, 1, S, 60, 1),
    ("mars-black", "mars black", "mars-black", 0.5, 0.4, 1, F, 40, 1),
    ("graphite", "graphite grey", "graphite", 0.2, 0.6, 1, M, 40, 1),
    ("slate", "slate grey", "slate", 0.1, 0.5, 1, M, 30, 1),
    ("sepia", "sepia earth", "sepia", 0.4, 0.3, 1, M, 60, 1),
)
PAINTS = {paint.key: paint for paint in (Paint(*row) for row in _ROWS)}  # type: ignore[arg-type]
"""By key."""

USUAL = {
    "watercolour": (
        "lemon", "warm-yellow", "ochre", "warm-red", "rose", "burnt-sienna", "burnt-umber", "ultramarine",
        "cerulean", "phthalo-green",
    ),
    "pastel": (
        "white", "black", "warm-yellow", "ochre", "orange", "warm-red", "rose", "burnt-sienna", "burnt-umber",
        "ultramarine", "cobalt", "viridian",
    ),
    "acrylic": (
        "white", "black", "lemon", "warm-yellow", "ochre", "warm-red", "rose", "burnt-sienna", "burnt-umber",
        "ultramarine", "phthalo-blue", "phthalo-green",
    ),
    "oil": (
        "white", "cadmium-yellow", "ochre", "cadmium-red", "rose", "burnt-sienna", "raw-umber", "ultramarine",
        "cobalt", "viridian",
    ),
}  # fmt: skip
"""What comes along where the painter has not chosen."""


def paint_named(text: str) -> Paint:
    """A paint by its key, its name or its pigment's name, whatever the case; raises UnknownName."""
    wanted = text.strip().lower()
    for paint in PAINTS.values():
        if wanted.replace(" ", "-") in (paint.key, paint.pigment) or wanted == paint.words:
            return paint
    raise UnknownName("paint", text.strip()[:40], PAINTS)


def palette_of(
    medium: str, keys: Sequence[str], catalogue: Mapping[str, Paint] = PAINTS
) -> tuple[Paint, ...]:
    """The paints of those keys in the catalogue's order, the medium's usual ones for none.

    Raises UnknownName for one that is not listed, InvalidInput for more than 16.
    """
    for key in keys:
        if key not in catalogue:
            raise UnknownName("paint", key, PAINTS)
    if keys and not FEWEST <= len(set(keys)) <= MOST:
        raise InvalidInput("refused-palette-size", fewest=FEWEST, most=MOST)
    chosen = set(keys or USUAL[medium])
    return tuple(paint for paint in catalogue.values() if paint.key in chosen)
