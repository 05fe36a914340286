"""Marks that are one thing to paint, together: of one kind, one colour, near each other."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..plan.marks import HowMany, MarkKind
from ..reference.stops import STEPS
from .choice import Chosen

ALIKE = 1.5
"""Values by which colours of one family differ at most from a next of it: one mixture does for them."""
NEAR = 0.25
"""Share of the long side that a mark lies from the next of its family at most."""


@dataclass(frozen=True)
class Family:
    """Marks of one kind; the worthiest first. `lab` is their mean by area, `name` the painter's, who wants so
    `many` of them; `own` the number of a line that was drawn by hand, from 0 on."""

    kind: MarkKind
    marks: tuple[Chosen, ...]
    lab: tuple[float, float, float]
    name: str = ""
    many: HowMany = HowMany.FOUND
    own: int | None = None

    @property
    def lighter(self) -> bool:
        """Whether they are lighter than what they lie on."""
        return sum(mark.step * mark.place.area for mark in self.marks) > 0

    @property
    def gain(self) -> float:
        """What they gain together."""
        return sum(mark.gain for mark in self.marks)


def families_of(marks: Sequence[Chosen], cm: float, shape: tuple[int, int]) -> tuple[Family, ...]:
    """The families of marks, those of most gain first; a pixel is `cm` wide, the picture has a `shape`."""
    parent = list(range(len(marks)))

    def root(k: int) -> int:
        while parent[k] != k:
            k = parent[k]
        return k

    kinds = [mark.place.kind(cm) for mark in marks]
    reach = NEAR * max(shape)
    for k, one in enumerate(marks):
        for other in range(k):
            if kinds[k] is kinds[other] and _alike(one, marks[other], reach):
                parent[root(k)] = root(other)
    groups: dict[int, list[int]] = {}
    for k in range(len(marks)):
        groups.setdefault(root(k), []).append(k)
    found = [
        Family(kinds[own[0]], tuple(marks[k] for k in own), _mean(marks, own)) for own in groups.values()
    ]
    return tuple(sorted(found, key=lambda family: (-family.gain, family.marks[0].place.box)))


def alike(one: Chosen, marks: Sequence[Chosen], shape: tuple[int, ...]) -> bool:
    """Whether a mark of the same kind belongs to a family with these marks, in a picture of a `shape`."""
    return any(_alike(one, other, NEAR * max(shape)) for other in marks)


def _alike(one: Chosen, other: Chosen, reach: float) -> bool:
    return (
        (one.step > 0) is (other.step > 0)
        and _apart(one.lab, other.lab) < ALIKE
        and _away(one, other) < reach
    )


def _apart(one: Sequence[float], other: Sequence[float]) -> float:
    return float(np.linalg.norm(np.subtract(one, other) * STEPS))


def _away(one: Chosen, other: Chosen) -> float:
    """Pixels between two boxes."""
    top, bottom, left, right = one.place.box
    above, below, before, behind = other.place.box
    return float(np.hypot(max(top - below, above - bottom, 0), max(left - behind, before - right, 0)))


def _mean(marks: Sequence[Chosen], own: Sequence[int]) -> tuple[float, float, float]:
    labs: NDArray[np.float64] = np.array([marks[k].lab for k in own])
    lightness, a, b = np.average(labs, axis=0, weights=[marks[k].place.area for k in own]).tolist()
    return lightness, a, b
