"""The corners of a painting in a photo: proposed from what stands out and what the plan says is on it."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from .candidates import candidates, shrunk, unlike
from .expected import Expected, reduced
from .quad import homography, long_side, misfit, projected, rectangle
from .sharpen import ROUNDS, bent, sharpened, unbent
from .sides import sides
from .state import Blocks

Floats = NDArray[np.float64]
Singles = NDArray[np.float32]

SMALL = 96
"""Pixels on the long side of the picture at which candidates are compared with the plan."""
KEPT, SURE = 6, 2
"""Candidates whose sides are sought exactly, and of them those for which every way of that is tried."""
WAYS = (ROUNDS, ROUNDS[1:], ROUNDS[2:])
"""From how far away sides are sought: what lies beside them may be nearer than they are."""
UNSEEN = 0.12
"""How far from what any camera sees corners may be and still be believed."""
EDGES, BENDS, EVEN = 0.5, 3.0, 0.1
"""What clear sides, a shape that no camera sees, and an even margin count beside likeness."""
UNEVEN = 6.0
"""Spread in CIELAB over which a margin is hardly even."""


@dataclass(frozen=True, eq=False)
class Found:
    """The corners (4, 2) of the sheet and of the picture on it in pixels of the photo, clockwise from the
    upper left; the lens's `bends`; `like` -1 to 1 how much what lies there is like the plan at pass `row`,
    parts of it being bare, and how much more when it is `turned` upside down, or `mirrored`; `edges` 0–1 how
    clear the sheet's sides are, or the picture's on it; `confidence` 0–1."""

    sheet: Floats
    picture: Floats
    bends: float
    like: float
    row: int
    edges: float
    confidence: float
    turned: float
    mirrored: float


def found_in(lab: Singles, expected: Expected) -> Found | None:
    """Where the painting lies in a photo (h, w, 3) in CIELAB; None where nothing there could be a sheet."""
    matcher = Matcher(lab, reduced(expected, SMALL))
    small = shrunk(lab)
    scale = lab.shape[1] / small.shape[1]
    quads = unlike(candidates(small), 2.5)
    read = [one for quad in quads for one in matcher.readings(quad * scale, roughly=True)]
    if not read:
        return None
    read.sort(key=lambda one: -one.score)
    first = [(matcher.exact(one.sheet, ROUNDS), one) for one in read[:KEPT]]
    first.sort(key=lambda one: -one[0].score)
    more = [matcher.exact(one.sheet, *WAYS[1:]) for _, one in first[:SURE]]
    exact = [*more, *(one for one, _ in first)]
    best = max(exact, key=lambda one: one.score)
    others = [
        one.score for one in exact if np.abs(one.sheet - best.sheet).max() > 0.02 * long_side(best.sheet)
    ]
    return matcher.told(best, best.score - max(others, default=best.score - 0.5))


def fills(lab: Singles, expected: Expected) -> float:
    """How much all of a photo (h, w, 3) in CIELAB is like the picture on the sheet, -1 to 1."""
    matcher = Matcher(lab, reduced(expected, SMALL))
    return matcher.readings(rectangle(lab.shape[1], lab.shape[0]))[-1].like


def snapped(lab: Singles, corners: Floats, expected: Expected) -> Found:
    """Corners (4, 2) that a painter put near a sheet's, or near those of the picture on it, moved to where
    the sides truly run."""
    matcher = Matcher(lab, reduced(expected, SMALL))
    read = [matcher.exact(one.sheet, *WAYS, near=True) for one in matcher.readings(corners)]
    best = max(read, key=lambda one: one.score)
    return matcher.told(best, 1.0)


@dataclass(frozen=True, eq=False)
class Reading:
    """A candidate read as a sheet with its picture on it."""

    sheet: Floats
    bends: float
    like: float
    row: int
    edges: float
    score: float


class Matcher:
    """A photo in CIELAB beside a plan, both small."""

    def __init__(self, lab: Singles, expected: Expected) -> None:
        self.lab = lab
        self.size = (lab.shape[1], lab.shape[0])
        self.expected = expected
        self.high, self.wide = expected.labels.shape
        across, down = expected.margin
        self.margins = (across * self.wide, down * self.high)
        # Blurred so that a pixel of the plan is compared with all that it covers.
        self.calm = cv2.GaussianBlur(lab, (0, 0), max(0.6, 0.3 * lab.shape[1] / self.wide * 0.6))
        self.blocks = Blocks(expected)

    @property
    def bordered(self) -> bool:
        """Whether the sheet has a margin round its picture."""
        return max(self.margins) > 0.005 * self.wide

    @property
    def _rectangles(self) -> tuple[Floats, Floats]:
        """The sheet and the picture in pixels of the plan, the picture's upper left at 0, 0."""
        x, y = self.margins
        return (rectangle(self.wide + 2 * x, self.high + 2 * y, -x, -y), rectangle(self.wide, self.high))

    def readings(self, quad: Floats, roughly: bool = False) -> list[Reading]:
        """A quadrilateral (4, 2) read as the sheet's edge and as the picture's."""
        read = [self.reading(quad, 0.0, roughly)]
        if self.bordered:
            read.append(self.reading(self.around(quad, 0.0)[0], 0.0, roughly))
        return read

    def exact(self, sheet: Floats, *ways: tuple[float, ...], near: bool = False) -> Reading:
        """A reading of a sheet (4, 2), its sides sought exactly in some `ways`; `near` where a painter said
        where it lies."""
        tried = [sharpened(self.lab, sheet, rounds) for rounds in ways]
        if self.bordered:
            # White paper on a white table is told by where its paint ends.
            inner = self.picture_of(sheet, 0.0)
            tried += [self.around(*sharpened(self.lab, inner, rounds)) for rounds in ways]
        read = [self.reading(*one) for one in tried]
        return max([self.reading(sheet, 0.0)][near:] + read, key=lambda one: one.score)

    def reading(self, sheet: Floats, bends: float, roughly: bool = False) -> Reading:
        """How much what lies on a sheet (4, 2) is like the plan, by its parts alone where that is told
        `roughly`, and how clear its sides are."""
        seen = self.seen(sheet, bends)
        like, row = self._like(seen, roughly)
        edges, spread = sides(self.lab, sheet, bends)
        even = 0.0
        if self.bordered:
            edges = max(edges, sides(self.lab, self.picture_of(sheet, bends), bends)[0])
            even = float(np.exp(-spread / UNEVEN))
        off = self._misfit(sheet, bends)
        score = like + EDGES * edges + EVEN * even - BENDS * min(off, 0.5)
        return Reading(sheet, bends, like, row, edges, score)

    def _misfit(self, sheet: Floats, bends: float) -> float:
        aspect = self.expected.sheet.width_cm / self.expected.sheet.height_cm
        return misfit(unbent(sheet, bends, self.size), aspect, self.size)

    def picture_of(self, sheet: Floats, bends: float) -> Floats:
        """The corners (4, 2) of the picture on a sheet (4, 2), in the photo."""
        own, picture = self._rectangles
        return bent(projected(homography(own, unbent(sheet, bends, self.size)), picture), bends, self.size)

    def around(self, picture: Floats, bends: float) -> tuple[Floats, float]:
        """The corners (4, 2) of the sheet round a picture (4, 2) in the photo, and the lens."""
        own, inner = self._rectangles
        by = homography(inner, unbent(picture, bends, self.size))
        return bent(projected(by, own), bends, self.size), bends

    def seen(self, sheet: Floats, bends: float) -> Singles:
        """What lies in the picture (h, w, 3), at the size of the plan."""
        own, _ = self._rectangles
        to_photo = homography(own, unbent(sheet, bends, self.size))
        y, x = np.indices((self.high, self.wide), np.float64) + 0.5
        at = projected(to_photo, np.stack([x.ravel(), y.ravel()], -1))
        place = bent(at, bends, self.size).reshape(self.high, self.wide, 2).astype(np.float32)
        return np.asarray(
            cv2.remap(
                self.calm,
                place[..., 0] - 0.5,
                place[..., 1] - 0.5,
                cv2.INTER_LINEAR,
                borderMode=cv2.BORDER_REPLICATE,
            )
        )

    def _like(self, seen: Singles, roughly: bool = False) -> tuple[float, int]:
        """How much a picture (h, w, 3) is like the plan after the pass that it is most like, parts of it
        being as they were before the first."""
        there = self.blocks.of(seen.astype(float))
        composed = self.blocks.composed(there)
        likeness = np.array([_correlation(there, rows, self.blocks.weight) for rows in composed])
        if roughly:
            return float(likeness.max()), int(likeness.argmax())
        best, told = 0, -1.0
        pixels = np.ones(seen.shape[:2])
        for row in np.argsort(-likeness)[:3]:
            like = _correlation(
                seen.reshape(-1, 3).astype(float), composed[row][self.blocks.at.ravel()], pixels.ravel()
            )
            if like > told:
                best, told = int(row), like
        return told, best

    def told(self, best: Reading, ahead: float) -> Found:
        """A reading as what was found, `ahead` of the next best by so much."""
        sure = np.clip((best.like - 0.3) / 0.4, 0, 1) * 0.6 + np.clip(best.edges / 0.6, 0, 1) * 0.4
        seen = np.exp(-((self._misfit(best.sheet, best.bends) / UNSEEN) ** 2))
        confidence = float(sure * seen * np.clip(0.6 + ahead * 4, 0.6, 1.0))
        picture = self.picture_of(best.sheet, best.bends)
        there = self.seen(best.sheet, best.bends)
        turned, mirrored = (self._like(way)[0] - best.like for way in (there[::-1, ::-1], there[:, ::-1]))
        return Found(
            best.sheet, picture, best.bends, best.like, best.row, best.edges, confidence, turned, mirrored
        )


def _correlation(one: Floats, other: Floats, weight: Floats) -> float:
    """How two lists of colours (n, 3) go together, -1 to 1, each entry by its weight (n,)."""
    share = (weight / weight.sum())[:, None]
    a, b = one - (one * share).sum(axis=0), other - (other * share).sum(axis=0)
    lengths = np.sqrt((a * a * share).sum() * (b * b * share).sum())
    return float((a * b * share).sum() / max(lengths, 1e-9))
