"""What a finding is, and what families look at."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ...areas.area import Area, Areas
from ...materials.surfaces import Sheet
from ...reference.picture import Picture
from ...sentence import Sentence, Value
from ..arrangement import Change
from ..focus import Focus, focus_of, pull_of
from ..horizon import Horizon, horizon_of

Place = tuple[float, float]

LEAST_THING, MOST_THING = 0.002, 0.3
"""Shares of the picture between which an area is a thing among others, not a ground behind them."""


@dataclass(frozen=True)
class Finding:
    """One thing that weakens the arrangement.

    `kind` its stable name, by which the catalogue knows what is the matter, why it matters and what could be
    tried; `values` what these sentences name; `place` where (shares 0–1); `areas` labels concerned; `fix`
    what could be tried, and `advises` whether that is said though it cannot be done here.
    """

    kind: str
    values: Mapping[str, Value]
    place: Place
    areas: tuple[int, ...] = ()
    fix: Change | None = None
    advises: bool = True

    @property
    def sentence(self) -> Sentence:
        """What is the matter."""
        return Sentence(f"compose-{self.kind}", self.values)

    @property
    def why(self) -> Sentence:
        """Why it matters."""
        return Sentence(f"compose-{self.kind}-why", self.values)

    @property
    def trying(self) -> Sentence | None:
        """What could be tried, if anything can be said."""
        return Sentence(f"compose-{self.kind}-try", self.values) if self.advises else None


@dataclass(frozen=True)
class Composed:
    """All that families look at; `things` are areas of a size to be moved."""

    picture: Picture
    areas: Areas
    horizon: Horizon | None
    focus: Focus
    pull: NDArray[np.float32]
    sheet: Sheet

    @property
    def things(self) -> tuple[Area, ...]:
        """The areas that take up room in the picture."""
        return tuple(a for a in self.areas.areas if LEAST_THING <= a.share <= MOST_THING and not _spans(a))

    def cm(self, share: float, down: bool = False) -> float:
        """A share of the picture's width (or height) in cm."""
        return share * (self.sheet.picture_height_cm if down else self.sheet.picture_width_cm)


def composed_of(picture: Picture, areas: Areas, sheet: Sheet, focus: Place | None = None) -> Composed:
    """A picture with its areas, horizon and focus, the focus at the painter's own place if given."""
    return Composed(picture, areas, horizon_of(picture), focus_of(picture, focus), pull_of(picture), sheet)


def _spans(area: Area) -> bool:
    """Whether an area runs from side to side: that is ground, water or sky, not a thing."""
    left, _, right, _ = area.box
    return right - left > 0.8
