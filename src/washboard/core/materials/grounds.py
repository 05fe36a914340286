"""Grounds that a painter could start on: papers, primers and thin toning coats, per medium.

Looks are modelled from typical samples, not measured.
"""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from ..colour.lab import lightness_of_value
from ..errors import UnknownName
from .surfaces import Surface


class GroundKind(StrEnum):
    """How a ground comes to be there."""

    BARE = "bare"
    PAPER = "paper"
    TONED = "toned"
    PRIMED = "primed"
    PATCHES = "patches"


@dataclass(frozen=True)
class Ground:
    """A candidate. `value` Munsell 0–10 and `ab` the colour's a*, b*; `paint` what tones it, if anything.

    `minutes`: work for 500 cm²; `dry_minutes`: until it can be painted on; `note`: what to mind. Of a paper
    on the shelf also its `tone`, as surfaces are written, and the key of its `stock`."""

    key: str
    words: str
    kind: GroundKind
    value: float
    ab: tuple[float, float]
    paint: str = ""
    minutes: float = 0.0
    dry_minutes: float = 0.0
    note: str = ""
    tone: str = ""
    stock: str = ""

    @property
    def surface(self) -> Surface:
        """The ground as a surface to paint on."""
        return Surface(f"value:{self.value:g}", self.value, (lightness_of_value(self.value), *self.ab))


def _paper(key: str, words: str, value: float, a: float, b: float, note: str = "") -> Ground:
    return Ground(key, words, GroundKind.PAPER, value, (a, b), note=note)


def _toned(key: str, words: str, value: float, ab: tuple[float, float], paint: str, dry: float) -> Ground:
    return Ground(key, words, GroundKind.TONED, value, ab, paint, 6.0, dry)


_LET_DRY = "let it dry through, else it lifts into the first wash"
_BOTH_SIDES = "prime card on both sides, or it curls"

GROUNDS: dict[str, tuple[Ground, ...]] = {
    "watercolour": (
        _paper("white", "white paper", 9.5, 0.0, 0.0),
        _paper("cream", "cream paper", 9.1, 0.5, 8.0),
        Ground(
            "ochre-wash",
            "a light yellow ochre wash",
            GroundKind.TONED,
            8.8,
            (2.0, 18.0),
            "yellow ochre (PY43), much water",
            8.0,
            25.0,
            _LET_DRY,
        ),
        Ground(
            "rose-wash",
            "a light rose wash",
            GroundKind.TONED,
            8.7,
            (11.0, 3.0),
            "quinacridone rose (PV19), much water",
            8.0,
            25.0,
            _LET_DRY,
        ),
        Ground(
            "grey-wash",
            "a light warm grey wash",
            GroundKind.TONED,
            8.3,
            (1.0, 5.0),
            "burnt sienna (PBr7) and ultramarine (PB29), much water",
            8.0,
            25.0,
            _LET_DRY,
        ),
        Ground(
            "blue-wash",
            "a light blue wash",
            GroundKind.TONED,
            8.3,
            (-3.0, -9.0),
            "ultramarine (PB29), much water",
            8.0,
            25.0,
            _LET_DRY,
        ),
        _paper("buff", "buff paper", 7.8, 2.5, 14.0),
        _paper("grey-paper", "light grey paper", 7.3, 0.0, 1.0),
    ),
    "pastel": (
        _paper("white", "white paper", 9.5, 0.0, 0.0),
        _paper("cream", "cream paper", 8.9, 1.0, 10.0),
        _paper("buff", "buff paper", 7.6, 4.0, 17.0),
        _paper("pale-grey", "light grey paper", 7.4, 0.0, 1.0),
        _paper("blue-grey", "blue-grey paper", 5.8, -2.0, -7.0),
        _paper("warm-grey", "middle warm grey paper", 5.6, 1.5, 6.0),
        _paper("terracotta", "terracotta paper", 4.8, 20.0, 24.0),
        _paper("olive", "olive paper", 4.6, -4.0, 16.0),
        _paper("brown", "brown paper", 4.0, 9.0, 17.0),
        _paper("slate", "slate paper", 3.7, -1.5, -5.0),
        _paper("charcoal", "charcoal paper", 2.7, 1.5, 2.5),
        _paper("black", "black paper", 2.5, 0.0, 0.0, "a black sheet is not black: darker sticks still read"),
    ),
    "acrylic": (
        Ground(
            "white",
            "white primer",
            GroundKind.PRIMED,
            9.5,
            (0.0, 0.0),
            "white primer",
            6.0,
            20.0,
            _BOTH_SIDES,
        ),
        _toned(
            "pale-warm-grey", "a light warm grey coat", 7.4, (0.5, 5.0), "white with raw umber (PBr7)", 15.0
        ),
        _toned(
            "pale-cool-grey",
            "a light cool grey coat",
            7.4,
            (-1.5, -4.0),
            "white, ultramarine (PB29), umber",
            15.0,
        ),
        _toned("ochre", "a thin yellow ochre coat", 6.6, (8.0, 38.0), "yellow ochre (PY43), thinned", 12.0),
        _toned("middle-grey", "a middle grey coat", 5.5, (0.0, 2.0), "white with black (PBk7)", 15.0),
        _toned("sienna", "a thin burnt sienna coat", 4.8, (22.0, 30.0), "burnt sienna (PBr7), thinned", 12.0),
        _toned("brown", "a thin umber coat", 4.0, (7.0, 15.0), "burnt umber (PBr7), thinned", 12.0),
        _toned("blue-grey", "a blue-grey coat", 4.6, (-3.0, -14.0), "ultramarine (PB29), white, umber", 15.0),
        Ground(
            "black",
            "black primer",
            GroundKind.PRIMED,
            2.3,
            (0.0, 0.0),
            "black primer",
            6.0,
            20.0,
            _BOTH_SIDES,
        ),
    ),
    "oil": (
        Ground("white", "white primer", GroundKind.PRIMED, 9.4, (0.0, 1.0), "white oil primer", 6.0, 1440.0),
        _toned(
            "pale-warm-grey",
            "a light warm grey coat",
            7.2,
            (0.5, 6.0),
            "white with raw umber (PBr7), lean",
            1440.0,
        ),
        _toned("ochre", "a thin yellow ochre coat", 6.6, (9.0, 38.0), "yellow ochre (PY43), lean", 1440.0),
        _toned(
            "warm-grey", "a middle warm grey coat", 5.6, (1.0, 6.0), "white, raw umber (PBr7), lean", 1440.0
        ),
        _toned("sienna", "a thin burnt sienna coat", 4.8, (23.0, 31.0), "burnt sienna (PBr7), lean", 1440.0),
        _toned("umber", "a thin raw umber coat", 4.2, (3.0, 14.0), "raw umber (PBr7), lean", 1440.0),
        _toned("green-earth", "a green earth coat", 5.4, (-8.0, 8.0), "green earth (PG23), lean", 1440.0),
        _toned(
            "dark-brown", "a dark brown coat", 2.9, (6.0, 9.0), "burnt umber with ultramarine, lean", 1440.0
        ),
    ),
}
"""Candidates of each medium, the bare usual one first."""


def ground_named(medium: str, key: str) -> Ground:
    """The ground of that key for a medium; raises UnknownName."""
    found = {ground.key: ground for ground in GROUNDS[medium]}
    if key not in found:
        raise UnknownName("ground", key, found, medium=medium)
    return found[key]
