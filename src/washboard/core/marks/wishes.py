"""What a painter says of families of marks: more of one, fewer, none, and what it is called."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..plan.marks import HowMany, MarkKind
from ..reference.picture import Singles
from .candidates import Candidate
from .choice import Chosen, more_of
from .families import Family, alike
from .lack import Lack

NEAR_PX = 6.0
"""Pixels from a mark within which a place stands for its family."""
FEWER, MORE = 0.5, 0.5
"""Share of a family that stays of fewer, and that comes to it of more."""


@dataclass(frozen=True)
class Wish:
    """Of the family of a kind that has a mark at a place, x and y 0–1, how much is wanted, and its name."""

    x: float
    y: float
    kind: MarkKind
    many: HowMany = HowMany.FOUND
    name: str = ""


def wished(
    families: Sequence[Family],
    wishes: Sequence[Wish],
    candidates: Sequence[Candidate],
    lack: Lack,
    weight: Singles,
    cm: float,
) -> tuple[Family, ...]:
    """The families as the painter wants them; a wish that meets no family any more rests.

    `candidates` are those that were chosen from, `weight` (h, w) how much a place counts, a pixel being `cm`
    wide.
    """
    found = list(families)
    for wish in wishes:
        k = _met(found, wish, lack.missing.shape)
        if k is None:
            continue
        family = replace(found[k], name=wish.name.strip() or found[k].name, many=wish.many)
        match wish.many:
            case HowMany.FEWER:
                family = replace(family, marks=family.marks[: max(1, round(FEWER * len(family.marks)))])
            case HowMany.MORE:
                family = _grown(family, [m for f in found for m in f.marks], candidates, lack, weight, cm)
            case HowMany.NONE:
                family = replace(family, marks=())
        found[k] = family
    return tuple(family for family in found if family.marks)


def _met(families: Sequence[Family], wish: Wish, shape: tuple[int, ...]) -> int | None:
    """Which family of the kind has a mark at the place, or else nearest to it and near."""
    y, x = wish.y * shape[0], wish.x * shape[1]
    best, found = NEAR_PX, None
    for k, family in enumerate(families):
        if family.kind is not wish.kind:
            continue
        for mark in family.marks:
            top, bottom, left, right = mark.place.box
            if not (top - NEAR_PX <= y <= bottom + NEAR_PX and left - NEAR_PX <= x <= right + NEAR_PX):
                continue
            rows, columns = np.nonzero(mark.place.mask)
            away = float(np.hypot(rows + top - y, columns + left - x).min())
            if away < best:
                best, found = away, k
    return found


def _grown(
    family: Family,
    chosen: Sequence[Chosen],
    candidates: Sequence[Candidate],
    lack: Lack,
    weight: Singles,
    cm: float,
) -> Family:
    """A family with more of what is like it and near it, the worthiest first."""
    count = max(1, round(MORE * len(family.marks)))
    near = [
        one
        for one in candidates
        if one.kind(cm) is family.kind and all(one is not mark.place for mark in chosen)
    ]
    marks = family.marks
    for mark in more_of(near, chosen, lack, weight, cm):
        if len(marks) >= len(family.marks) + count:
            break
        if alike(mark, marks, lack.missing.shape):
            marks = (*marks, mark)
    return replace(family, marks=marks)
