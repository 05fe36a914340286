"""Small marks of a piece: what its last picture lacks, and which of it is painted or kept."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import partial

import numpy as np

from ...core.composition.focus import focus_of
from ...core.marks.candidates import Candidate, candidates_of
from ...core.marks.choice import Chosen, chosen_of
from ...core.marks.coming import Ground
from ...core.marks.families import families_of
from ...core.marks.lack import Lack, lack_of, weighed
from ...core.marks.laying import Marked
from ...core.marks.laying import marked as laid
from ...core.marks.own import OwnMark, drawn_of
from ...core.marks.textures import textures_of
from ...core.marks.wishes import Wish, wished
from ...core.order.prediction import PatchMap, Table, painted
from ...core.plan.marks import MOST_MARKS
from ...core.plan.spot import FULL, Change
from ...core.reference.picture import Picture, Singles
from ...settings import Settings
from .results import Planned, Seen

LEAST_IN_DARK, FULL_FROM = 0.6, 3.0
"""How much a place counts in the dark, and the value from which it counts whole: shadows stay quiet."""

LEAST_WEIGHT = 0.02
"""How much a place counts at the least."""
FAR, NEAR, FOCUS_REACH = 0.75, 1.3, 0.22
"""How much a place counts far from the focus and on it, and the share of the long side over which that
fades."""


@dataclass(frozen=True)
class Found:
    """A plan's `table` and `maps` without marks, what its last picture lacks, how much each place counts (h,
    w), everything that might become a mark, and as many marks as are ever wanted, the worthiest first."""

    table: Table
    maps: PatchMap
    lack: Lack
    weight: Singles
    candidates: tuple[Candidate, ...]
    chosen: tuple[Chosen, ...]


def found(seen: Seen, bare: Planned, focus: tuple[float, float] | None) -> Found:
    """The marks of a plan, most of them about the painter's `focus` or else where the eye goes by itself.
    Fewer of them are the first of these, so that another number is there at once."""
    plan = bare.worked.plan
    last = painted(bare.table, bare.maps, len(bare.table.colours) - 1)
    labels, along = seen.measured.labels, bare.measured.along
    lack = lack_of(seen.picture, last, plan.masses, labels, along, plan.key)
    weight, cm = _weight(seen.picture, focus), _pixel(bare)
    for spot in bare.worked.spots:
        if spot.change is Change.MOVES:
            # What the painter moves away from the photo is hardly a lack.
            weight[spot.at] *= np.maximum(1 - spot.strength / np.float32(FULL), LEAST_WEIGHT)
    candidates = (*candidates_of(lack, weight), *textures_of(lack, labels, weight, cm))
    return Found(
        bare.table, bare.maps, lack, weight, candidates, chosen_of(candidates, lack, weight, cm, MOST_MARKS)
    )


@dataclass(frozen=True)
class Wanted:
    """What the painter wants of marks, places in the picture: `most` in all, more or fewer of some families,
    lines of their `own`, and whether lights may be won back with opaque white."""

    most: int
    wishes: tuple[Wish, ...] = ()
    own: tuple[OwnMark, ...] = ()
    whites: bool = True


def wanted_of(settings: Settings, seen: Seen) -> Wanted:
    """What settings want of marks, places brought into the arranged picture."""
    height, width = seen.whole.labels.shape
    placed = partial(settings.arrangement.forward, aspect=width / height)
    wishes = tuple(replace(wish, x=x, y=y) for wish in settings.families for x, y in [placed(wish.x, wish.y)])
    own = tuple(
        replace(mark, points=tuple(placed(x, y) for x, y in mark.points)) for mark in settings.own_marks
    )
    return Wanted(settings.marks, wishes, own, settings.whites)


def marked(bare: Planned, found: Found, wanted: Wanted) -> Marked:
    """The plan with its marks as they are wanted."""
    shape = found.maps.first.shape
    cm = bare.worked.plan.sheet.picture_width_cm / shape[1]
    families = families_of(found.chosen[: wanted.most], cm, shape)
    families = wished(families, wanted.wishes, found.candidates, found.lack, found.weight, cm)
    families += drawn_of(wanted.own, found.lack, cm)
    on = Ground(bare.worked, found.table, found.maps, float(weighed(found.lack.apart).sum()))
    return laid(on, families, wanted.whites)


def marker(
    seen: Seen, wanted: Wanted, focus: tuple[float, float] | None
) -> Callable[[Planned], Callable[[int], Planned]]:
    """For a plan without small marks what sets a number of them into it."""

    def setting(bare: Planned) -> Callable[[int], Planned]:
        own = found(seen, bare, focus)

        def with_marks(most: int) -> Planned:
            done = marked(bare, own, replace(wanted, most=most))
            return replace(bare, worked=done.worked, marked=done)

        return with_marks

    return setting


def _pixel(bare: Planned) -> float:
    """How wide a pixel is on the surface, in cm."""
    return bare.worked.plan.sheet.picture_width_cm / bare.maps.first.shape[1]


def _weight(picture: Picture, focus: tuple[float, float] | None) -> Singles:
    """How much (h, w) each place counts: most about the focus and in the light."""
    height, width = picture.shape
    at = focus_of(picture, focus)
    across = (np.arange(width, dtype=np.float32) + 0.5) / width - at.x
    down = (np.arange(height, dtype=np.float32) + 0.5) / height - at.y
    reach = FOCUS_REACH * max(height, width)
    square = (across[None] * width) ** 2 + (down[:, None] * height) ** 2
    near = np.exp(-square / (2 * reach * reach))
    lit = np.clip(picture.value / FULL_FROM, LEAST_IN_DARK, 1)
    return np.asarray(lit * (FAR + (NEAR - FAR) * near), np.float32)
