"""Which of two mixtures a painter would rather have, where the eye cannot tell them apart.

Within UNSEEN of the colour wanted mixtures are judged by how they are to mix and what they are made of;
beyond it nearness counts before all. Every weight is a price in the same unit: what a ΔE₀₀ beyond UNSEEN
costs is BEYOND. The weights are guesses, in the order in which painters hold to them."""

from __future__ import annotations

from collections.abc import Callable, Hashable, Sequence
from dataclasses import dataclass
from functools import cached_property
from typing import TypeVar

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import value_of_lab
from ..materials.paints import Paint
from ..materials.sticks import Colour

Floats = NDArray[np.float64]
T = TypeVar("T")

UNSEEN, UNSEEN_VALUE = 1.5, 0.1
"""ΔE₀₀ and difference of Munsell value that the eye does not see beside each other."""
AWAY = 0.05
"""ΔE₀₀ that what is preferred stays inside of UNSEEN: a little beyond it would still be cheap."""
BEYOND, BEYOND_VALUE, NEARER = 30.0, 5.0, 0.12
"""Prices of a ΔE₀₀ beyond UNSEEN, of a value beyond UNSEEN_VALUE, and of a ΔE₀₀ within."""
ANOTHER_PAINT = 1.3
"""Of every paint after the first."""
TOUCH, SMALL = 1.0, 0.05
"""Of a paint that is less than SMALL of the mixture: a touch is never the same twice."""
STROKE, STROKES, MOST_STROKES = 0.12, 6.0, 1.2
"""Of every brushful beyond STROKES, up to so much in all."""
FOREIGN, FAMILY = 0.6, 50.0
"""Of a leading paint whose hue is more than FAMILY degrees from the colour's own."""
CANCELLED, BRIGHT = 0.5, 30.0
"""Of a dull colour made of paints brighter than it by more than BRIGHT, which must grey each other."""
MUDDY = 0.45
"""Of a dark earth or a black in a light clear colour."""
NOT_OUT = 0.15
"""Of a paint that is not on the palette yet."""
HABIT = 0.6
"""What a pair that the painter likes to mix is ahead by."""
GREY, WHITE_CHROMA, WHITE_LIGHT = 12.0, 6.0, 85.0
"""Chroma under which a colour has no family; and what a white is lighter and greyer than."""
DARK, DULL = 45.0, 45.0
"""L* and chroma of a full film under which a paint is a dark earth or a black."""
CLEAR_VALUE, CLEAR, WARM = 6.0, 6.0, (30.0, 95.0)
"""Munsell value and chroma from which a colour is light and clear, unless its hue is that of earths
themselves and its chroma under twice GREY."""


@dataclass(frozen=True)
class Taste:
    """What preferring needs to know of the paints (p): how they tint (p,), and by their places which pairs
    the painter likes and which paints are `out` on the palette already."""

    paints: tuple[Paint, ...]
    tints: Floats
    pairs: tuple[frozenset[int], ...] = ()
    out: frozenset[int] = frozenset()

    @cached_property
    def _white(self) -> NDArray[np.bool_]:
        return np.array([is_white(paint) for paint in self.paints])

    @cached_property
    def _dark(self) -> NDArray[np.bool_]:
        return np.array([p.strong[0] < DARK and np.hypot(*p.strong[1:]) < DULL for p in self.paints])

    @cached_property
    def _thin(self) -> Floats:
        return np.array([p.thin for p in self.paints])

    def price(self, shares: Floats, strokes: Floats, wanted: Floats) -> Floats:
        """What mixtures cost, (n,): `shares` (n, p) of the paints, brushfuls (n,), colours wanted (n, 3)."""
        used = shares > 0
        count = used.sum(axis=1)
        price = ANOTHER_PAINT * (count - 1.0)
        price += TOUCH * (np.where(used, shares, 1.0).min(axis=1) < SMALL)
        price += np.clip(STROKE * (strokes - STROKES), 0.0, MOST_STROKES)
        hues, chromas = _hue(self._thin), np.hypot(self._thin[:, 1], self._thin[:, 2])
        hue, chroma = _hue(wanted), np.hypot(wanted[:, 1], wanted[:, 2])
        coloured = np.where(self._white, 0.0, shares)
        lead = coloured.argmax(axis=1)
        turned = np.abs((hues[lead] - hue + 180) % 360 - 180)
        has_family = (chroma >= GREY) & (chromas[lead] >= GREY) & (coloured.max(axis=1) > 0)
        price += FOREIGN * (has_family & (turned > FAMILY))
        weight = coloured * self.tints
        mean = (weight @ chromas) / np.maximum(weight.sum(axis=1), 1e-12)
        price += CANCELLED * np.clip((mean - chroma - BRIGHT) / BRIGHT, 0.0, 1.0)
        earthy = (hue > WARM[0]) & (hue < WARM[1]) & (chroma < 2 * GREY)
        clear = (value_of_lab(wanted) >= CLEAR_VALUE) & (chroma >= CLEAR) & ~earthy
        price += MUDDY * (clear & (used & self._dark).any(axis=1))
        if self.out:
            price += NOT_OUT * (used & ~np.isin(np.arange(len(self.paints)), list(self.out))).sum(axis=1)
        for pair in self.pairs:
            rest = [k for k in range(len(self.paints)) if k not in pair and not self._white[k]]
            price -= HABIT * (used[:, list(pair)].all(axis=1) & ~used[:, rest].any(axis=1))
        return price


def missed(delta_e: Floats, value_error: Floats) -> Floats:
    """What being off by ΔE₀₀ (n,) and by values (n,) costs, (n,)."""
    beyond = BEYOND * np.maximum(delta_e - (UNSEEN - AWAY), 0.0)
    return NEARER * delta_e + beyond + BEYOND_VALUE * np.maximum(np.abs(value_error) - UNSEEN_VALUE, 0.0)


def first_of_each(ranked: Sequence[T], made_of: Callable[[T], Hashable]) -> list[T]:
    """Those of a ranking that are the first made of what they are made of, in the same order."""
    first: dict[Hashable, T] = {}
    for one in ranked:
        first.setdefault(made_of(one), one)
    return list(first.values())


def is_white(colour: Colour) -> bool:
    """Whether a paint or stick is a white."""
    lightness, a, b = colour.strong
    return lightness > WHITE_LIGHT and float(np.hypot(a, b)) < WHITE_CHROMA


def clean(paints: Sequence[Paint], shares: Floats) -> float:
    """How clean a mixture is: the mean chroma of thin films of its paints by `shares` (n,)."""
    return float(shares @ np.array([np.hypot(*paint.thin[1:]) for paint in paints]))


def _hue(labs: Floats) -> Floats:
    return np.asarray(np.degrees(np.arctan2(labs[:, 2], labs[:, 1])) % 360)
