"""A thin key: the reference's values mapped monotonically into the reach of surface and paint."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..colour.lab import difference, lab_of_linear, linear_of_lab, value_of_lab
from ..colour.value import luminance_of
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..reference.mass import Kind, Lab, Mass

DARKEST = 0.002
"""Least luminance of a planned colour, of white = 1: no paint is perfectly black."""
KNEE = 2.0
"""Values above the reach's dark end, and below its light end, in which the map bends."""

WHITE_GAP, WHITE_COLOUR, WHITE_ALONE = 1.0, 10.0, 0.6
"""Of a lit white: values and ΔE₀₀ from the bare surface at most, share of outline against darker."""
WHITE_CHROMA = 14.0
"""Chroma up to which a lightest light may be meant to be paper: a golden sky is not."""
LIFT = 1.5
"""A lightest light this close to bare paper is meant to be it."""


@dataclass(frozen=True)
class Key:
    """A monotone piecewise-linear map of value: `measured[k]` becomes `planned[k]`."""

    measured: tuple[float, ...]
    planned: tuple[float, ...]
    lowest: float
    highest: float

    def of(self, value: float) -> float:
        """The planned value (0–10) of a measured one.

        Accents lie beyond the shapes that the map was made for: they go as far as paint reaches.
        """
        if value > self.measured[-1]:
            return max(self.planned[-1], min(value, self.highest))
        if value < self.measured[0]:
            return min(self.planned[0], max(value, self.lowest))
        return float(np.interp(value, self.measured, self.planned))

    @property
    def words(self) -> str:
        if np.allclose(self.measured, self.planned, atol=0.05):
            return f"The reference's values fit into {self.lowest:.1f} to {self.highest:.1f} as they are."
        return (
            f"The reference runs from {self.measured[0]:.1f} to {self.measured[-1]:.1f}; "
            f"surface and paint reach {self.lowest:.1f} to {self.highest:.1f}, so its ends are drawn in "
            "and the order kept."
        )


def key_for(medium: Medium, surface: Surface, masses: Sequence[Mass]) -> Key:
    """The map that brings every mass into the medium's reach, moving the middle least.

    Transparent paint can only be darker than the surface; opaque paint ranges from its darkest
    mixture to the lighter of paint and surface. Only the ends bend, within KNEE of each end.
    """
    lowest = min(medium.darkest, surface.value)
    highest = surface.value if medium.transparent else max(medium.lightest, surface.value)
    # Accents are set apart from the ladder: a glint must not keep the lightest shape from being paper.
    shapes = [m for m in masses if m.kind is not Kind.ACCENT] or list(masses)
    values = [v for mass in shapes for v in _extremes(mass)]
    low, high = min(values, default=lowest), max(values, default=highest)
    low, high = min(low, high), max(low, high)
    # A picture all above the reach is moved down whole, as far as there is room.
    to_low = max(low, lowest) if low <= highest else max(lowest, highest - (high - low))
    to_high = min(high, highest)
    lightest = max(shapes, key=lambda m: max(_extremes(m)), default=None)
    pale = lightest is not None and math.hypot(*lightest.ends[0][1:]) <= WHITE_CHROMA
    if medium.transparent and pale and highest - LIFT < high < highest:
        to_high = highest  # the lightest light is paper: nothing a brush lays is as light
    knee = min(KNEE, (highest - lowest) / 3)
    points = [(low, to_low)]
    if low < lowest and lowest + knee < high:
        points.append((lowest + knee, lowest + knee))
    if high != to_high and highest - knee > max(low, points[-1][0]):
        points.append((highest - knee, highest - knee))
    if high > points[-1][0]:
        points.append((high, max(to_high, points[-1][1])))
    measured, planned = zip(*points, strict=True)
    return Key(measured, planned, lowest, highest)


def _extremes(mass: Mass) -> tuple[float, ...]:
    if mass.kind is Kind.GRADED:
        return (mass.value, *(float(value_of_lab(end)) for end in mass.ends))
    return (mass.value,)


def targeted(masses: Sequence[Mass], key: Key, medium: Medium, surface: Surface) -> tuple[Mass, ...]:
    """Every mass with its target; in transparent media the lit whites are given the bare surface.

    A lit white is lighter than nearly all it borders on by at least a value and close to the surface
    as it is: leaving it out costs less than a value and gives the picture its light.
    """
    planned = [keyed(mass, key, medium, surface) for mass in masses]
    if medium.transparent:
        values = {mass.id: mass.target for mass in planned}
        bare = (surface.lab, surface.lab)
        planned = [
            replace(mass, target=surface.value, target_ends=bare)
            if _is_lit_white(mass, values, surface)
            else mass
            for mass in planned
        ]
    return tuple(replace(mass, band_range=_planned_band(mass, key)) for mass in planned)


def _planned_band(mass: Mass, key: Key) -> tuple[float, float]:
    """The values a mass may end at: its band as planned, reaching to its target where that was moved."""
    low, high = (key.of(edge) for edge in mass.band_range)
    return min(low, mass.target), max(high, mass.target)


def _is_lit_white(mass: Mass, values: dict[str, float], surface: Surface) -> bool:
    gap = surface.value - mass.target
    near = gap <= WHITE_GAP and float(difference(mass.target_ends[0], surface.lab)) <= WHITE_COLOUR
    if not near or gap <= 0:
        return False
    total = sum(b.length_cm for b in mass.borders)
    darker = sum(b.length_cm for b in mass.borders if values[b.mass] <= mass.target - 1.0)
    return darker >= WHITE_ALONE * mass.outline_cm and total > 0


def keyed(mass: Mass, key: Key, medium: Medium, surface: Surface) -> Mass:
    """The mass with its target value and target colours at both ends.

    A light accent in a transparent medium is kept as bare surface: its target is the surface.
    """
    if mass.kind is Kind.ACCENT and mass.light and medium.transparent:
        return replace(mass, target=surface.value, target_ends=(surface.lab, surface.lab))
    if mass.kind is Kind.GRADED:
        ends = tuple(moved_to(end, key.of(float(value_of_lab(end))), medium, surface) for end in mass.ends)
        middle = key.of(mass.value)
        return replace(mass, target=middle, target_ends=(ends[0], ends[1]))
    target = key.of(mass.value)
    colour = moved_to(mass.lab, target, medium, surface)
    return replace(mass, target=float(value_of_lab(colour)), target_ends=(colour, colour))


def moved_to(lab: Lab, value: float, medium: Medium, surface: Surface) -> Lab:
    """The colour at another value, within what can be laid over the surface.

    Chroma follows lightness, so a darker red is not louder. In a transparent medium no channel may
    be lighter than the bare surface; what is, loses chroma until it fits.
    """
    lightness = float(lab_of_linear([max(float(luminance_of(value)) / 100, DARKEST)] * 3)[0])
    scale = min(1.0, lightness / max(lab[0], 1.0))
    ground = np.asarray(surface.linear)
    for fade in (1.0, 0.85, 0.7, 0.55, 0.4, 0.25, 0.1, 0.0):
        colour = (lightness, lab[1] * scale * fade, lab[2] * scale * fade)
        linear = linear_of_lab(colour)
        inside = bool(np.all(linear >= -1e-3) and np.all(linear <= 1.0 + 1e-3))
        if inside and (not medium.transparent or bool(np.all(linear <= ground * 1.002))):
            return colour
    return surface.lab if medium.transparent and lightness >= surface.lab[0] - 0.5 else (lightness, 0.0, 0.0)
