"""Areas of a picture: proposed from the merge tree, corrected by strokes, ordered far to near."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np

from ..name import Name, letter_of
from ..reference.picture import Labels, Picture
from .area_map import PROPOSED, STEP
from .corrections import NONE, Corrections, Family
from .depth import depth_ranks


@dataclass(frozen=True)
class Area:
    """A thing in the picture.

    `label` its number in the area map; `share` 0–1; `value` median Munsell value, `lab` median colour;
    `box` left, top, right, bottom, `centre` x, y and `inside` the point farthest from its border, all
    normalised 0–1; `depth` 0 the farthest, rising toward the viewer; `gap` how far its value lies from
    the border between light and shadow.
    """

    label: int
    share: float
    value: float
    lab: tuple[float, float, float]
    box: tuple[float, float, float, float]
    centre: tuple[float, float]
    inside: tuple[float, float]
    depth: int
    family: Family
    gap: float
    name: str | None = None

    @property
    def called(self) -> Name:
        """The painter's name, else a letter that stays with it: an area has no name in common with a mass."""
        return Name(own=self.name) if self.name else Name(noun="area", letter=letter_of(self.label - 1))


UNSURE = 0.5
"""Values from the border between light and shadow within which an area's family is asked for."""


@dataclass(frozen=True)
class Areas:
    """A picture's areas, far to near, and their map: `labels` (h, w)."""

    labels: Labels
    areas: tuple[Area, ...]

    @property
    def drawn_labels(self) -> Labels | None:
        """The areas the painter has drawn (h, w), numbered from 1, 0 elsewhere; None where none is."""
        drawn = np.maximum(self.labels - PROPOSED, 0)
        return drawn if drawn.any() else None

    def at(self, x: float, y: float) -> int:
        """The label of the area at a place, x and y 0–1."""
        height, width = self.labels.shape
        return int(self.labels[min(int(y * height), height - 1), min(int(x * width), width - 1)])


def areas_of(
    picture: Picture, labels: Labels, corrections: Corrections = NONE, foremost: int | None = None
) -> Areas:
    """The areas of an area map (h, w): measured, ranked far to near, with the painter's own word on each.

    Those labelled `foremost` and up were put before all others, the later ones nearer.

    What the painter has placed comes in that order; the rest keeps its proposed rank between them.
    """
    numbers = np.flatnonzero(np.bincount(labels.ravel())).tolist()
    border = dividing_value(picture)
    plain = Areas(labels, tuple(_measured(picture, labels, number, border) for number in numbers))
    names = {plain.at(word.x, word.y): word.name for word in corrections.names}
    families = {plain.at(word.x, word.y): word.family for word in corrections.families}
    ranks = dict(zip(numbers, depth_ranks(picture, labels, numbers), strict=True))
    if foremost is not None:
        ranks |= {number: number for number in numbers if number >= foremost}
    order = _ordered(ranks, [plain.at(x, y) for x, y in corrections.depths])
    return replace(
        plain,
        areas=tuple(
            replace(
                area,
                depth=order.index(area.label),
                name=names.get(area.label),
                family=families.get(area.label, area.family),
            )
            for area in sorted(plain.areas, key=lambda a: order.index(a.label))
        ),
    )


def followed(picture: Picture, labels: Labels, whole: Areas) -> Areas:
    """The areas of `whole` where they lie in a rearranged picture by `labels` (h, w): measured anew, what was
    said kept."""
    numbers = np.flatnonzero(np.bincount(labels.ravel())).tolist()
    border = dividing_value(picture)
    anew = {number: _measured(picture, labels, number, border) for number in numbers}
    kept = [area for area in whole.areas if area.label in anew]
    return Areas(
        labels,
        tuple(
            replace(anew[area.label], depth=depth, name=area.name, family=area.family)
            for depth, area in enumerate(kept)
        ),
    )


def _ordered(ranks: Mapping[int, int], placed: Sequence[int]) -> list[int]:
    """Labels far to near: the proposed order with those the painter placed put into their own order."""
    proposed = sorted(ranks, key=lambda label: ranks[label])
    own = iter(dict.fromkeys(label for label in placed if label in ranks))
    fixed = set(placed)
    return [next(own) if label in fixed else label for label in proposed]


def dividing_value(picture: Picture) -> float:
    """The value that best divides the picture into light and shadow (Otsu 1979)."""
    levels = np.clip(picture.value * 25.5, 0, 255).astype(np.uint8)
    threshold, _ = cv2.threshold(levels, 0, 255, cv2.THRESH_OTSU)
    return float(threshold) / 25.5


def _measured(picture: Picture, labels: Labels, number: int, border: float) -> Area:
    """One area of an area map (h, w), measured every STEP pixels, a hair-thin one at all of them."""
    step = STEP if (labels[::STEP, ::STEP] == number).any() else 1
    mask = labels[::step, ::step] == number
    height, width = mask.shape
    rows, columns = np.nonzero(mask)
    value = float(np.median(picture.value[::step, ::step][mask]))
    colour = np.median(picture.lab[::step, ::step][mask], axis=0)
    distance = cv2.distanceTransform(np.pad(mask.astype(np.uint8), 1), cv2.DIST_L2, 5)[1:-1, 1:-1]
    deep = divmod(int(distance.argmax()), width)
    gap = value - border
    family = Family.UNSURE if abs(gap) < UNSURE else Family.LIGHT if gap > 0 else Family.SHADOW
    return Area(
        number,
        len(rows) / mask.size,
        value,
        (float(colour[0]), float(colour[1]), float(colour[2])),
        (columns.min() / width, rows.min() / height, (columns.max() + 1) / width, (rows.max() + 1) / height),
        (float(columns.mean() + 0.5) / width, float(rows.mean() + 0.5) / height),
        ((deep[1] + 0.5) / width, (deep[0] + 0.5) / height),
        0,
        family,
        abs(gap),
    )
