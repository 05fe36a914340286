"""How small marks come into a picture: kept before the pass that would cover them, painted, or won back."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import value_of_lab
from ..optics.removal import WHITEST
from ..order.prediction import PatchMap, Table
from ..order.result import PlanningResult
from ..plan.effect import FINISHING
from ..plan.marks import How
from ..plan.plan import Kind
from .families import Family

IN_GOES = 4.0
"""Minutes for going round small lights in a wash that is too long to be laid in one go."""
KEPT_FROM = 0.25
"""Values by which keeping a place must bring it nearer to what is meant."""
WHITE = (92.5, 0.0, 1.0)
"""Opaque white as it dries, CIELAB."""

Colour = tuple[float, float, float]


@dataclass(frozen=True)
class Ground:
    """What marks are set on: a plan with its last picture, and what that lacks."""

    worked: PlanningResult
    table: Table
    maps: PatchMap
    lacking: float

    @property
    def cm(self) -> float:
        """Width of a pixel."""
        return self.worked.plan.sheet.picture_width_cm / self.maps.first.shape[1]

    @property
    def joins(self) -> bool:
        """Whether marks that are painted come in the last pass of effects: it sets nothing but small
        marks."""
        last = self.worked.plan.passes[-1]
        return last.id == FINISHING and all(o.kind is Kind.DETAIL for o in last.operations)

    @property
    def last(self) -> int:
        """The number of the pass in which marks are painted."""
        return len(self.worked.steps) + (not self.joins)

    def under(self, family: Family) -> NDArray[np.intp]:
        """The patches (n,) under a family, one for each of its pixels."""
        found = [self.maps.first[mark.place.at][mark.place.mask] for mark in family.marks]
        return np.concatenate(found).astype(np.intp)

    def kept_before(self, family: Family) -> int:
        """The pass (from 1) before which places must be kept to end nearest to what is meant, 0 for none."""
        values = self.table.values.mean(axis=2)[:, self.under(family)].mean(axis=1)
        wanted = float(value_of_lab(np.array(family.lab)))
        best = int(np.argmin(np.abs(values - wanted)))
        if abs(values[best] - wanted) > abs(values[-1] - wanted) - KEPT_FROM:
            return 0
        later = np.flatnonzero(values[best + 1 :] < values[best] - KEPT_FROM)
        return best + 1 + int(later[0]) if len(later) else 0

    def minutes(self, family: Family) -> float:
        """Minutes of work on a family."""
        return self.worked.plan.medium.pace * sum(mark.place.minutes(self.cm) for mark in family.marks)


@dataclass(frozen=True)
class Coming:
    """A family, how it comes into the picture, and in or before which pass (from 1)."""

    family: Family
    how: How
    row: int

    @property
    def lab(self) -> Colour | None:
        """The colour it is painted in, None where it is kept."""
        if self.how is How.KEPT:
            return None
        too_light = self.how is How.RECOVERED and value_of_lab(np.array(self.family.lab)) > WHITEST
        return WHITE if too_light else self.family.lab


def coming_of(on: Ground, families: Sequence[Family], whites: bool) -> tuple[Coming, ...]:
    """How each family comes, what is kept first.

    Where paint is transparent, lights are kept as time allows, and the others won back with opaque white last
    of all, if the painter allows `whites`; else they are left out.
    """
    last = on.last
    if not on.worked.scene.medium.transparent:
        return tuple(Coming(family, How.PAINTED, last) for family in families)
    found = [one for family in families for one in _of_transparent(on, family, last)]
    found = list(_in_time(on, found, last, whites))
    return tuple(sorted(found, key=lambda one: (one.how is not How.KEPT, one.how is How.RECOVERED)))


def _of_transparent(on: Ground, family: Family, last: int) -> Iterator[Coming]:
    if not family.lighter:
        yield Coming(family, How.PAINTED, last)
        return
    keep = on.kept_before(family)
    yield Coming(family, How.KEPT, keep) if keep else Coming(family, How.RECOVERED, last)


def _in_time(on: Ground, found: Sequence[Coming], last: int, whites: bool) -> Iterator[Coming]:
    """What there is no time to go round while the wash that it is kept from is open is won back instead; a
    wash that is laid in several goes anyway has room for a few."""
    opens, passes = on.worked.scene.medium.open_minutes or 0.0, on.worked.plan.passes
    room = [opens - done.minutes if done.minutes < opens else IN_GOES for done in passes]
    for one in found:
        if one.how is not How.KEPT:
            if whites or one.how is How.PAINTED:
                yield one
            continue
        kept, late = [], []
        for mark in one.family.marks:
            minutes = on.worked.plan.medium.pace * mark.place.minutes(on.cm)
            if minutes <= room[one.row - 1]:
                room[one.row - 1] -= minutes
                kept.append(mark)
            elif mark.place.texture is None:
                late.append(mark)
        if kept:
            yield replace(one, family=replace(one.family, marks=tuple(kept)))
        if late and whites:
            yield Coming(replace(one.family, marks=tuple(late)), How.RECOVERED, last)
