"""Which marks are worth their minutes: greedily, each judged by what the others leave to be gained."""

from __future__ import annotations

import heapq
from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.marks import Path
from ..reference.picture import Singles
from ..reference.stops import STEPS
from .candidates import MOST_EDGE, WORTH_EDGE, Candidate
from .lack import Lack, weighed
from .paths import path_of

Mask = NDArray[np.bool_]

MINUTES = 15.0
"""Minutes that marks take in all: after that a painter begins to fiddle."""
START = 0.05
"""Minutes from one mark to the next."""
CHEAP = 0.8
"""Power of the minutes by which a gain is divided: 1 would choose the smallest."""
NOWHERE = Path(())
"""The path of a mark that is only measured."""
SEEN = 0.35
"""Values by which a mark must differ from what it lies on."""
FULL_EDGE = 1.2
"""Values from which an edge that a mark brings counts whole."""
_FIVE = np.ones((5, 5), np.uint8)


@dataclass(frozen=True)
class Chosen:
    """A candidate that is a mark now: `lab` as it is meant, `step` in values against what it lies on, `path`
    as a hand draws it."""

    place: Candidate
    lab: tuple[float, float, float]
    step: float
    gain: float
    path: Path = NOWHERE


def chosen_of(
    candidates: Sequence[Candidate],
    lack: Lack,
    weight: Singles,
    cm: float,
    most: int,
    minutes: float = MINUTES,
) -> tuple[Chosen, ...]:
    """Up to `most` marks in up to `minutes`, the worthiest first; a pixel is `cm` wide, `weight` (h, w) how
    much a place counts.

    Lazy greedy: what a candidate gains falls, as a rule, when another is chosen, so one that still leads
    after it is measured again is taken for the best.
    """
    state = _State(lack, weight)
    work = [one.minutes(cm) for one in candidates]
    prices = [(own + START) ** CHEAP for own in work]
    queue = [(-one.gain / price, k) for k, (one, price) in enumerate(zip(candidates, prices, strict=True))]
    heapq.heapify(queue)
    found, left = list[Chosen](), minutes
    while queue and len(found) < most:
        _, k = heapq.heappop(queue)
        if work[k] > left:
            continue
        mark = state.measured(candidates[k])
        if mark.gain <= 0 or abs(mark.step) < SEEN:
            continue
        worth = mark.gain / prices[k]
        if queue and worth < -queue[0][0] * (1 - 1e-6):
            heapq.heappush(queue, (-worth, k))
            continue
        state.painted(mark)
        found.append(_drawn(mark, cm))
        left -= work[k]
    return tuple(found)


def more_of(
    candidates: Sequence[Candidate], chosen: Sequence[Chosen], lack: Lack, weight: Singles, cm: float
) -> Iterator[Chosen]:
    """Candidates that still gain something beside those chosen, the worthiest for its minutes first; `weight`
    (h, w) how much a place counts, a pixel being `cm` wide."""
    state = _State(lack, weight)
    for mark in chosen:
        state.painted(mark)
    prices = [(one.minutes(cm) + START) ** CHEAP for one in candidates]
    for k in sorted(range(len(candidates)), key=lambda k: -candidates[k].gain / prices[k]):
        mark = state.measured(candidates[k])
        if mark.gain > 0 and abs(mark.step) >= SEEN:
            state.painted(mark)
            yield _drawn(mark, cm)


def _drawn(mark: Chosen, cm: float) -> Chosen:
    return replace(mark, path=path_of(mark.place, mark.place.kind(cm), cm))


class _State:
    """The picture with the marks that are chosen so far."""

    def __init__(self, lack: Lack, weight: Singles) -> None:
        self.lack, self.weight = lack, weight
        self.lab, self.missing = lack.lab.copy(), lack.missing.copy()

    def measured(self, one: Candidate) -> Chosen:
        """What a candidate would bring now."""
        at, mask = one.at, one.mask
        meant, there, weight = self.lack.meant[at][mask], self.lab[at][mask], self.weight[at][mask]
        share = weight / weight.sum()
        colour = share @ meant
        before, after = weighed((meant - there) * STEPS), weighed((meant - colour) * STEPS)
        apart = share @ there - colour
        gain = float(weight @ (before - after)) * one.support
        rim, box = _rim(one, self.missing.shape)
        edges = float(self.weight[box][rim & self.missing[box]].sum())
        full = min(1.0, float(np.linalg.norm(apart * STEPS)) / FULL_EDGE)
        gain += min(WORTH_EDGE * edges * full, MOST_EDGE * max(gain, 0.0))
        lightness, a, b = colour.tolist()
        return Chosen(one, (lightness, a, b), float(-apart[0] * STEPS[0]), gain)

    def painted(self, mark: Chosen) -> None:
        """Paint a mark, so that others are judged beside it."""
        self.lab[mark.place.at][mark.place.mask] = mark.lab
        rim, box = _rim(mark.place, self.missing.shape)
        self.missing[box] &= ~rim


def _rim(one: Candidate, shape: tuple[int, int]) -> tuple[Mask, tuple[slice, slice]]:
    """Where within two pixels of its outline lies, in a box two pixels larger."""
    top, bottom, left, right = one.box
    inside = cv2.copyMakeBorder(one.mask.astype(np.uint8), 2, 2, 2, 2, cv2.BORDER_CONSTANT)
    rim = cv2.morphologyEx(inside, cv2.MORPH_GRADIENT, _FIVE) > 0
    rows = slice(max(top - 2, 0), min(bottom + 2, shape[0]))
    columns = slice(max(left - 2, 0), min(right + 2, shape[1]))
    within = rim[
        rows.start - top + 2 : rows.stop - top + 2, columns.start - left + 2 : columns.stop - left + 2
    ]
    return within, (rows, columns)
