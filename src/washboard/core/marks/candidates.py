"""Everything that might become a mark: connected places where the prediction lacks light or dark."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..materials.tools import TOOLS
from ..plan.marks import BRUSHES, MarkKind
from ..reference.picture import Labels, Singles
from ..reference.stops import STEPS
from .lack import Lack, weighed

Mask = NDArray[np.bool_]
Stats = NDArray[np.int32]

LEVELS = (0.5, 0.9, 1.6, 2.8)
"""Values lacked from which a place may be a mark: each cuts the same lack at another height."""
LEAST_PX, MOST_SHARE = 12, 0.04
"""Smallest mark in pixels of the working copy, largest as a share of the picture: beyond lies a mass."""
MOST = 2000
"""Candidates of most gain that are looked at: a picture all of texture has more than a painter would."""
LINE_PX, LINE_LONG = 5.0, 6.0
"""A line is up to so wide in pixels, and so many times as long."""
DAB_CM2 = 0.35
"""Up to this a mark is set with one touch."""
TOUCH, BEGIN, LOAD = 0.04, 0.1, 0.5
"""Minutes for a touch, to begin a shape, and to load and wipe the brush for a texture."""
WORTH_EDGE, MOST_EDGE = 4.0, 5.0
"""What a missing edge pixel counts beside a pixel of lack, and how many times that lack at most."""
FLAT, STEEP = 0.03, 0.12
"""Slope of the photo's value, a pixel, on an outline that is an edge: at least, and per value lacked."""
UNSURE, SURE = 0.25, 0.75
"""Share of an outline on edges of the photo up to which it is no thing at all, and from which it is one: a
glow and a sky have contours everywhere."""
_THREE, _FIVE = np.ones((3, 3), np.uint8), np.ones((5, 5), np.uint8)


@dataclass(frozen=True)
class Texture:
    """What makes strokes a texture: the `region` (h, w) of their box that it fills, its `amplitude` in values
    (root mean square), its `grain` in pixels from one to the next, and how it runs: along `direction` in
    degrees counter-clockwise, 0–180, more or less, `along` 0–1."""

    region: Mask
    amplitude: float
    grain: float
    direction: float
    along: float


@dataclass(frozen=True)
class Candidate:
    """A place: `box` (top, bottom, left, right) in pixels, and its own pixels in it, `mask`.

    `area` and `outline` in pixels; `gain` of painting it alone and at once, its missing edges with it;
    `support` 0–1: how far its outline lies on edges of the photo. A `texture` is painted by its rule, `mask`
    being a sketch of its strokes; what the painter has `drawn` is a line.
    """

    box: tuple[int, int, int, int]
    mask: Mask
    area: int
    outline: int
    gain: float
    support: float
    texture: Texture | None = None
    drawn: bool = False

    @property
    def at(self) -> tuple[slice, slice]:
        """Its box in a picture."""
        top, bottom, left, right = self.box
        return slice(top, bottom), slice(left, right)

    def kind(self, cm: float) -> MarkKind:
        """What it is to the hand, a pixel being `cm` wide."""
        if self.texture is not None:
            return MarkKind.TEXTURE
        if self.drawn:
            return MarkKind.LINE
        long = self.outline / 2
        wide = self.area / max(long, 1.0)
        if wide < LINE_PX and long > LINE_LONG * wide and long > 3 * LINE_PX:
            return MarkKind.LINE
        return MarkKind.DAB if self.area * cm * cm < DAB_CM2 else MarkKind.SHAPE

    def minutes(self, cm: float) -> float:
        """Minutes to paint it: a touch or a start, then by the pace of the tool it is drawn with. Guesses."""
        kind = self.kind(cm)
        tool, outline, area = TOOLS[BRUSHES[kind]], self.outline * cm, self.area * cm * cm
        if self.texture is not None:
            return LOAD + float(self.texture.region.sum()) * cm * cm / tool.cover
        if kind is MarkKind.SHAPE:
            return BEGIN + outline / tool.cut + area / tool.cover
        # A pull or a touch draws both sides at once.
        return TOUCH + outline / 2 / tool.cut


def candidates_of(lack: Lack, weight: Singles) -> tuple[Candidate, ...]:
    """The candidates of most gain, these first; `weight` (h, w): how much a place counts."""
    cuts = [_measured(lack, weight, labels, stats) for labels, stats in _cuts(lack)]
    worths = np.concatenate([cut.worth for cut in cuts])
    least = np.partition(worths, -MOST)[-MOST] if len(worths) > MOST else 0.0
    found = [cut.candidate(int(k)) for cut in cuts for k in np.flatnonzero(cut.worth > max(least, 0.0))]
    return tuple(sorted(found, key=lambda one: (-one.gain, one.box, one.area)))


@dataclass(frozen=True)
class _Cut:
    """The lack cut at one height: `labels` (h, w), and by label `stats` (n, 5), outline, worth, support."""

    labels: Labels
    stats: Stats
    outline: NDArray[np.intp]
    worth: NDArray[np.float64]
    support: NDArray[np.float64]

    def candidate(self, label: int) -> Candidate:
        """One of its places, with its own pixels."""
        left, top, wide, high, area = self.stats[label].tolist()
        mask = self.labels[top : top + high, left : left + wide] == label
        box = top, top + high, left, left + wide
        outline, worth, support = self.outline[label], self.worth[label], self.support[label]
        return Candidate(box, mask, area, int(outline), float(worth), float(support))


def _cuts(lack: Lack) -> Iterator[tuple[Labels, Stats]]:
    """Label maps (h, w) of the lack cut at each level, as it is and without what is one pixel thin, with
    left, top, width, height and area of each label."""
    value = lack.apart[..., 0]
    for sign in (1, -1):
        for level in LEVELS:
            over = (sign * value > level).astype(np.uint8)
            for cut, joined in ((over, 8), (cv2.morphologyEx(over, cv2.MORPH_OPEN, _THREE), 4)):
                _, labels, stats, _ = cv2.connectedComponentsWithStats(cut, connectivity=joined)
                yield labels, stats


def _measured(lack: Lack, weight: Singles, labels: Labels, stats: Stats) -> _Cut:
    """The places of one label map, all measured together; what is too small or too large is worth nothing."""
    count, area = len(stats), stats[:, cv2.CC_STAT_AREA]
    usable = (area >= LEAST_PX) & (area <= MOST_SHARE * labels.size)
    usable[0] = False
    inside = usable[labels]
    at = np.flatnonzero(inside)
    own, heavy = labels.ravel()[at], weight.ravel()[at]
    meant, there = (np.asarray(lab).reshape(-1, 3)[at] for lab in (lack.meant, lack.lab))
    colour = _means(own, meant, heavy, count)
    before, after = weighed((meant - there) * STEPS), weighed((meant - colour[own]) * STEPS)
    gain = np.bincount(own, heavy * (before - after), count)
    rim = cv2.erode(inside.astype(np.uint8), _THREE).ravel()[at] == 0
    outline = np.bincount(own[rim], minlength=count)
    lacked = np.bincount(own, before, count) / np.maximum(area, 1)
    steep = lack.slope.ravel()[at][rim] > np.maximum(FLAT, STEEP * lacked[own[rim]])
    support = np.bincount(own[rim], steep, count) / np.maximum(outline, 1)
    support = np.clip((support - UNSURE) / (SURE - UNSURE), 0, 1)
    near = cv2.dilate(np.where(inside, labels, 0).astype(np.float32), _FIVE)
    edges = np.bincount(near[lack.missing].astype(np.intp), weight[lack.missing], count)
    worth = gain * support + np.minimum(WORTH_EDGE * edges, MOST_EDGE * gain)
    worth[~(usable & (gain > 0) & (support > 0))] = 0
    return _Cut(labels, stats, outline, worth, support)


def _means(own: NDArray[np.int32], colours: Singles, weight: Singles, count: int) -> Singles:
    total = np.maximum(np.bincount(own, weight, count), 1e-9)
    channels = [np.bincount(own, weight * colours[:, c], count) / total for c in range(3)]
    return np.stack(channels, axis=1).astype(np.float32)
