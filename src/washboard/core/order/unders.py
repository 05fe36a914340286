"""What nothing runs under, and passes that run under nothing, as the painter forbids it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum

import numpy as np
from numpy.typing import NDArray

from ..colour.warmth import Side, side_of
from ..errors import InvalidInput
from ..reference.mass import Mass

Mask = NDArray[np.bool_]

MOST_UNDERS = 20


class Over(StrEnum):
    """What nothing may run under: a thing, all that is cool or warm; or a pass that runs under nothing."""

    THING = "thing"
    COOL = "cool"
    WARM = "warm"
    PASS = "pass"


@dataclass(frozen=True)
class NoUnder:
    """One thing that is forbidden: `what`; of a thing the place, x and y 0–1 of the reference; of a pass its
    `number` among those over shapes, from 1."""

    what: Over
    x: float = 0.0
    y: float = 0.0
    number: int = 1

    def checked(self) -> None:
        """Raises InvalidInput for a place beside the picture."""
        if not (0 <= self.x <= 1 and 0 <= self.y <= 1):
            raise InvalidInput("refused-area-outside")


@dataclass(frozen=True)
class Forbidden:
    """What nothing may run under: `areas` by their ids, what is `cool` or `warm`; and the passes over shapes,
    counted from 0, that run under nothing."""

    areas: tuple[str, ...] = ()
    cool: bool = False
    warm: bool = False
    passes: tuple[int, ...] = ()

    def of(self, masses: Sequence[Mass], number: int) -> Mask:
        """Which masses (m,) the pass of that number among those over shapes may not run under."""
        if number in self.passes:
            return np.ones(len(masses), bool)
        return np.array([self._keeps(mass) for mass in masses], bool)

    def _keeps(self, mass: Mass) -> bool:
        if mass.area in self.areas:
            return True
        side = side_of(mass.target_lab)
        return (self.warm and side is Side.WARM) or (self.cool and side is Side.COOL)


FREE = Forbidden()
"""Nothing is forbidden."""


def forbidden_by(unders: Sequence[NoUnder], areas: Sequence[str]) -> Forbidden:
    """What the painter forbids; `areas` the ids of the areas at the places of the things, in their order."""
    return Forbidden(
        tuple(areas),
        any(one.what is Over.COOL for one in unders),
        any(one.what is Over.WARM for one in unders),
        tuple(sorted({one.number - 1 for one in unders if one.what is Over.PASS})),
    )
