"""Coverage sets: what one pass covers beyond its own masses, as a minimum cut.

A pass must cover the masses that reach their target in it and must keep off those finished or left
bare. Whether it runs under the others is a cut between cutting-in time and spoilt colour.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from enum import IntEnum

import numpy as np
from numpy.typing import NDArray

from ..cut import NEVER, least_cut
from ..materials.media import Medium
from ..schools.school import Weights
from .parts import Parts

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


class Status(IntEnum):
    """What a part is to the pass at hand."""

    NOW = 0
    LATER = 1
    DONE = 2
    BARE = 3


@dataclass(frozen=True)
class Coverage:
    """One pass's question: which later parts to run under.

    `status` (p,) of each part; `over` (p,) those that must lie under some paint although they are finished
    later, to be taken out of it; `spoil` (p,) seconds of damage if it is run under, NEVER where that
    is forbidden; `spoilt` (p,) ΔE₀₀ that its final colour ends farther off then; `step` (p,) how visible, in
    L*, a stop inside the part would be.
    """

    parts: Parts
    status: NDArray[np.int64]
    spoil: Floats
    spoilt: Floats
    step: Floats
    weights: Weights
    medium: Medium
    over: Mask

    @property
    def own(self) -> Mask:
        """The parts (p,) that the pass finishes."""
        return np.asarray(self.status == Status.NOW)

    def contacts(self) -> Floats:
        """Seconds (c,) that each contact costs when one of its sides is covered and the other not."""
        parts, weights = self.parts, self.weights
        cutting = 60 / self.medium.cut_cm * parts.hardness
        a, b = self.status[parts.first], self.status[parts.second]
        later = (a == Status.LATER) & (b == Status.LATER)
        settled = (a >= Status.DONE) | (b >= Status.DONE)
        price = np.where(settled, weights.stop_done, weights.stop_later) * cutting
        between = weights.between_later * (1 + 2 * parts.hardness)
        price = np.where(later, between, price)
        step = np.maximum(self.step[parts.first], self.step[parts.second])
        price = np.where(parts.inner, weights.fade + weights.fade_step * step, price)
        return np.asarray(price * parts.length)

    def seconds(self, covered: Mask) -> float:
        """What a choice of covered parts (p,) costs."""
        parts = self.parts
        later = covered & (self.status == Status.LATER) & ~self.over
        cost = float((self.spoil[later] + self.weights.area * parts.areas[later]).sum())
        return cost + float(self.contacts()[covered[parts.first] != covered[parts.second]].sum())

    def alone(self) -> Mask:
        """The coverage (p,) of a pass that runs under nothing but what must be washed over."""
        return self.own | self.over

    def best(self, forced: Mapping[int, bool] | None = None) -> Mask:
        """The cheapest coverage (p,), the parts in `forced` held covered (true) or kept off (false)."""
        later = self.status == Status.LATER
        must = self.alone()
        never = ~must & ~later
        for part, held in (forced or {}).items():
            must[part], never[part] = held, not held
        off = np.where(later, self.spoil + np.maximum(self.weights.area, 0) * self.parts.areas, 0.0)
        on = np.where(later, np.maximum(-self.weights.area, 0) * self.parts.areas, 0.0)
        leave, take = np.where(must, NEVER, on), np.where(never, NEVER, off)
        return least_cut(self.parts.first, self.parts.second, self.contacts(), leave, take)


def cut_length(parts: Parts, covered: Mask) -> float:
    """cm of outline cut in by a coverage (p,): where it ends between two masses, not inside one."""
    ends = (covered[parts.first] != covered[parts.second]) & ~parts.inner
    return float(parts.length[ends].sum())
