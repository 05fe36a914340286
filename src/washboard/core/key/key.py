"""A thin key: the reference's values mapped monotonically into the reach of surface and paint."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference, lab_of_linear, linear_of_lab, value_of_lab
from ..colour.value import luminance_of
from ..materials.media import Medium
from ..materials.surfaces import Surface
from ..reference.mass import Mass, MassKind
from ..sentence import Sentence, sentence, tone

Floats = NDArray[np.float64]

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
    def note(self) -> Sentence:
        """What the key does."""
        if np.allclose(self.measured, self.planned, atol=0.05):
            return sentence("key-fits", lowest=tone(self.lowest), highest=tone(self.highest))
        return sentence(
            "key-closer",
            lowest=tone(self.lowest),
            highest=tone(self.highest),
            seen_lowest=tone(self.measured[0]),
            seen_highest=tone(self.measured[-1]),
        )


def key_for(medium: Medium, surface: Surface, masses: Sequence[Mass]) -> Key:
    """The map that brings every mass into the medium's reach, moving the middle least.

    Transparent paint can only be darker than the surface; opaque paint ranges from its darkest
    mixture to the lighter of paint and surface. Only the ends bend, within KNEE of each end.
    """
    lowest = min(medium.darkest, surface.value)
    highest = surface.value if medium.transparent else max(medium.lightest, surface.value)
    # Leave accents out of the range: a glint must not keep the lightest shape from being bare paper.
    shapes = [m for m in masses if m.kind is not MassKind.ACCENT] or list(masses)
    extremes = [_extremes(mass) for mass in shapes]
    values = [v for own in extremes for v in own]
    low, high = min(values, default=lowest), max(values, default=highest)
    low, high = min(low, high), max(low, high)
    # A picture all above the reach is moved down whole, as far as there is room.
    to_low = max(low, lowest) if low <= highest else max(lowest, highest - (high - low))
    to_high = min(high, highest)
    tops = [max(own) for own in extremes]
    pale = bool(tops) and math.hypot(*shapes[tops.index(max(tops))].ends[0][1:]) <= WHITE_CHROMA
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
    if mass.kind is MassKind.GRADED:
        return (mass.value, *value_of_lab(np.array(mass.ends)).tolist())
    return (mass.value,)


def targeted(masses: Sequence[Mass], key: Key, medium: Medium, surface: Surface) -> tuple[Mass, ...]:
    """Every mass with its target; in transparent media the lit whites are given the bare surface.

    A lit white is lighter than nearly all it borders on by at least a value and close to the surface
    as it is: leaving it out costs less than a value and gives the picture its light.
    """
    planned = _keyed(masses, key, medium, surface)
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


def _keyed(masses: Sequence[Mass], key: Key, medium: Medium, surface: Surface) -> list[Mass]:
    """The masses with their target values and target colours at both ends.

    A light accent in a transparent medium is kept as bare surface: its target is the surface.
    """
    ends = np.array([m.ends if m.kind is MassKind.GRADED else (m.lab, m.lab) for m in masses]).reshape(
        -1, 2, 3
    )
    wanted = value_of_lab(ends)
    flat = [m.kind is not MassKind.GRADED for m in masses]
    wanted[flat] = np.array([m.value for m in masses])[flat, None]
    planned = np.array([[key.of(v) for v in pair] for pair in wanted.tolist()]).reshape(-1)
    moved = moved_to(ends.reshape(-1, 3), planned, medium, surface)
    values = value_of_lab(moved)[::2].tolist()
    found = []
    for k, (mass, pair) in enumerate(zip(masses, moved.reshape(-1, 2, 3).tolist(), strict=True)):
        light, dark = ((lightness, a, b) for lightness, a, b in pair)
        if mass.kind is MassKind.ACCENT and mass.light and medium.transparent:
            found.append(replace(mass, target=surface.value, target_ends=(surface.lab, surface.lab)))
            continue
        target = values[k] if flat[k] else key.of(mass.value)
        found.append(replace(mass, target=target, target_ends=(light, dark)))
    return found


FADES = (1.0, 0.85, 0.7, 0.55, 0.4, 0.25, 0.1, 0.0)
"""Shares of its chroma that a colour keeps: as much as fits."""


def moved_to(labs: Floats, values: ArrayLike, medium: Medium, surface: Surface) -> Floats:
    """Colours (n, 3) at other values (n,), within what can be laid over the surface.

    Chroma follows lightness, so a darker red is not louder. In a transparent medium no channel may
    be lighter than the bare surface; what is, loses chroma until it fits.
    """
    light = np.maximum(luminance_of(values) / 100, DARKEST)
    lightness = lab_of_linear(np.repeat(light[:, None], 3, axis=1))[:, 0]
    scale = np.minimum(1.0, lightness / np.maximum(labs[:, 0], 1.0))
    tried = np.empty((len(labs), len(FADES), 3))
    tried[..., 0] = lightness[:, None]
    tried[..., 1:] = (labs[:, 1:] * scale[:, None])[:, None] * np.array(FADES)[:, None]
    linear = linear_of_lab(tried)
    most = np.asarray(surface.linear) * 1.002 if medium.transparent else np.ones(3) + 1e-3
    inside = (linear >= -1e-3) & (linear <= np.minimum(most, 1.0 + 1e-3))
    fits = np.asarray(inside.all(axis=2), bool)
    found = tried[np.arange(len(labs)), fits.argmax(axis=1)]
    bare = ~np.asarray(fits.any(axis=1), bool)
    found[bare, 1:] = 0.0
    if medium.transparent:
        found[bare & (lightness >= surface.lab[0] - 0.5)] = surface.lab
    return found
