"""What the painter wants of single masses: lighter or darker, more or less coloured, warmer or cooler."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..colour.lab import value_of_lab
from ..errors import InvalidInput
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..reference.mass import Lab, Mass
from .key import Key, moved_to

MOST_LIGHTER, MOST_COLOUR, MOST_WARMER = 4.0, 2.0, 30.0
"""Values, times its chroma, and units of warmth by which a mass is moved at most."""
MOST_WISHES = 60


@dataclass(frozen=True)
class Tone:
    """How a mass, by its id, is moved from what the key plans: by `lighter` values (−4 to 4), to `colour`
    times its chroma (0 to 2), `warmer` by units of CIELAB along from blue to orange (−30 to 30)."""

    mass: str
    lighter: float = 0.0
    colour: float = 1.0
    warmer: float = 0.0

    def checked(self) -> None:
        """Raises InvalidInput for more than a mass can be moved."""
        far = abs(self.lighter) > MOST_LIGHTER or abs(self.warmer) > MOST_WARMER
        if far or not 0 <= self.colour <= MOST_COLOUR:
            raise InvalidInput("refused-tone-range", most=f"{MOST_LIGHTER:g}")

    def and_then(self, other: Tone) -> Tone:
        """Both moves of one mass, as far as it can be moved."""
        return Tone(
            self.mass,
            _within(self.lighter + other.lighter, MOST_LIGHTER),
            min(self.colour * other.colour, MOST_COLOUR),
            _within(self.warmer + other.warmer, MOST_WARMER),
        )


def _within(amount: float, most: float) -> float:
    return min(max(amount, -most), most)


def toned(
    masses: Sequence[Mass], wishes: Sequence[Tone], key: Key, medium: Medium, surface: Surface
) -> tuple[Mass, ...]:
    """The masses, whose targets and stops are set, each moved as is wished, within what paint reaches on the
    surface; of two wishes for one mass the later counts."""
    wanted = {wish.mass: wish for wish in wishes}
    return tuple(
        _moved(mass, wanted[mass.id], key, medium, surface) if mass.id in wanted else mass for mass in masses
    )


def _moved(mass: Mass, tone: Tone, key: Key, medium: Medium, surface: Surface) -> Mass:
    light, dark = _shifted(mass.target_ends, tone, key, medium, surface)
    stops = _shifted(mass.target_stops, tone, key, medium, surface) if mass.target_stops else ()
    value = min(max(mass.target + tone.lighter, key.lowest), key.highest)
    low, high = mass.band_range
    return replace(
        mass,
        target=value,
        target_ends=(light, dark),
        target_stops=tuple(stops),
        band_range=(min(low, value), max(high, value)),
    )


def _shifted(labs: Sequence[Lab], tone: Tone, key: Key, medium: Medium, surface: Surface) -> list[Lab]:
    """Colours moved alike, each as far as can be laid."""
    colours = np.array(labs, float)
    values = np.clip(value_of_lab(colours) + tone.lighter, key.lowest, key.highest)
    colours[:, 1:] *= tone.colour
    # From blue to orange: mostly along b*, a little along a*.
    colours[:, 1:] += np.array((0.35, 0.94)) * tone.warmer
    moved = moved_to(colours, values, medium, surface)
    return [(lightness, a, b) for lightness, a, b in moved.tolist()]
