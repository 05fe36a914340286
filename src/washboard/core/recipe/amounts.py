"""How much to mix: so that a wash never runs out half way. Guessed from usual film weights."""

from __future__ import annotations

from dataclasses import dataclass

UNIT_FILM_CM = 0.005
"""Thickness of a unit film of paint as it comes, 50 µm wet."""
WASH_ML_CM2 = 0.01
"""Water and paint of one wash on a square centimetre: 60–150 g/m²."""
RESERVE = 1.25
"""What is mixed over what is laid: brush, palette and a second look keep some."""
PEA_ML = 0.25
"""A pea of paint from the tube."""
LEAST_ML = 0.3


@dataclass(frozen=True)
class Amount:
    """`mixed` ml of mixture in all, `at_once` ml for the largest single layer, `paint` ml of paint in it."""

    mixed: float
    at_once: float
    paint: float

    @property
    def peas(self) -> float:
        """The paint as peas from the tube."""
        return self.paint / PEA_ML


def amount_of(area_cm2: float, thickness: float, layers: int, transparent: bool) -> Amount:
    """What an area (cm²) takes: `thickness` unit films in all, laid in so many layers, with reserve."""
    paint = area_cm2 * thickness * UNIT_FILM_CM * RESERVE
    if not transparent:
        paint = max(paint, LEAST_ML / 3)
        return Amount(paint, paint / layers, paint)
    once = max(area_cm2 * WASH_ML_CM2 * RESERVE, LEAST_ML)
    return Amount(once * layers, once, paint)
