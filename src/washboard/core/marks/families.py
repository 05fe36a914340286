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
"""Values by which the colour of a mark differs at most from that of a next of its family."""
SPREAD = 2.0
"""Values by which any two colours of one family differ at most: one mixture does for them."""
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
    near = _near(marks, NEAR * max(shape))
    for k in range(len(marks)):
        for other in np.flatnonzero(near[k, :k]).tolist():
            if kinds[k] is kinds[other]:
                parent[root(k)] = root(other)
    groups: dict[int, list[int]] = {}
    for k in range(len(marks)):
        groups.setdefault(root(k), []).append(k)
    found = [
        Family(kinds[own[0]], tuple(marks[k] for k in own), _mean(marks, own))
        for group in groups.values()
        for own in _of_one_mixture(marks, group)
    ]
    return tuple(sorted(found, key=lambda family: (-family.gain, family.marks[0].place.box)))


def _of_one_mixture(marks: Sequence[Chosen], group: Sequence[int]) -> list[list[int]]:
    """A group of marks in parts (their numbers) in which no two colours differ by more than `SPREAD`: each
    may be like the next, and the last far from the first. A mark joins the first part that it fits."""
    labs = np.array([mark.lab for mark in marks]) * STEPS
    parts: list[list[int]] = []
    for k in group:
        for part in parts:
            if np.linalg.norm(labs[part] - labs[k], axis=1).max() <= SPREAD:
                part.append(k)
                break
        else:
            parts.append([k])
    return parts


def alike(one: Chosen, marks: Sequence[Chosen], shape: tuple[int, ...]) -> bool:
    """Whether a mark of the same kind belongs to a family with these marks, in a picture of a `shape`."""
    return bool(_near((one, *marks), NEAR * max(shape))[0, 1:].any())


def _near(marks: Sequence[Chosen], reach: float) -> NDArray[np.bool_]:
    """Which marks (n, n) are both lighter or both darker, of nearly one colour, and up to `reach` pixels
    apart."""
    steps = np.array([mark.step for mark in marks]) > 0
    labs = np.array([mark.lab for mark in marks]).reshape(-1, 3) * STEPS
    boxes: NDArray[np.float64] = np.array([mark.place.box for mark in marks], np.float64).reshape(-1, 4)
    top, bottom, left, right = boxes.T
    apart = np.linalg.norm(labs[:, None] - labs[None], axis=2)
    down = np.maximum(np.maximum(top[:, None] - bottom[None], top[None] - bottom[:, None]), 0)
    across = np.maximum(np.maximum(left[:, None] - right[None], left[None] - right[:, None]), 0)
    return (steps[:, None] == steps[None]) & (apart < ALIKE) & (np.hypot(down, across) < reach)


def _mean(marks: Sequence[Chosen], own: Sequence[int]) -> tuple[float, float, float]:
    labs: NDArray[np.float64] = np.array([marks[k].lab for k in own])
    lightness, a, b = np.average(labs, axis=0, weights=[marks[k].place.area for k in own]).tolist()
    return lightness, a, b
