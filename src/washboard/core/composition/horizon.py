"""The horizon: a nearly level line that most of the picture's width agrees on."""

from __future__ import annotations

from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..reference.picture import Picture, fitted

SIDE = 480
"""Pixels on the long side where the line is sought."""
STRIPS = 24
"""Upright strips the picture is divided into; each tells for itself where its line could be."""
STEEPEST = 8.0
"""Degrees of tilt sought on both sides of level."""
TILT_STEP = 1.0
REACH = 5
"""Rows above and below a line that are compared."""
AGREE = 0.38
"""Share of strips that must have the line for it to be offered."""
SURE = 0.55
"""Share of strips from which a picture is offered to be turned level by its line."""
SCORE = 0.17
"""Least score of a line to be offered."""
ODD = 5.0
"""Degrees of tilt at which a line must stand out twice as much: nobody holds a camera so."""
NEAR = 0.012
"""Share of the long side a strip's own edge may lie from the line and still belong to it."""
AROUND = 25
"""Rows over which a line's change is compared with what changes anyway: a sky that grades is none."""
LEAST = 1.5
"""Change in Lab below which a strip tells nothing."""
FAINT = 3.0
"""Change in Lab at which a line counts half."""
ON = 1.5
"""Rows within which a strip's edge lies on the line."""
ONSET = 0.2
"""Share of a strip's change at which the sky ends: air blurs a far horizon downward."""
TRIED, APART = 12, 6
"""Lines that are fitted before the best is chosen, and the rows they lie apart."""
SLOW = 10
"""Rows on both sides of a line over which a change is looked at."""
AT_ONCE = 0.5
"""Share of that change that must come within REACH rows: an even gradation has a third of it there."""
ELSEWHERE, ASLANT, RIVAL = 0.03, 1.5, 0.8
"""Share of the height and degrees from which another line is another one, and of the score with which it
makes both unsure: clouds lie in several lines, and none of them is level."""
FRAME = 0.12
"""Share of the height at top and foot where no horizon is sought."""

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Horizon:
    """A line across the picture.

    `left`, `right`: its height at the left and right border as shares 0–1 from the top. `tilt` degrees
    counter-clockwise on the picture's own format, positive when the right end is higher. `agreement`:
    share (0–1) of the picture's width that shows it. `score`: how much it stands out; `step`: share of the
    change across it that comes at once; `rival`: the score of the best line elsewhere at
    another slant, as a share of its own.
    """

    left: float
    right: float
    tilt: float
    agreement: float
    score: float
    step: float
    rival: float = 0.0

    @property
    def sure(self) -> bool:
        """Whether so much of the width shows it that a picture may be turned by it."""
        return self.agreement >= SURE

    @property
    def middle(self) -> float:
        """Its height at the middle of the picture, from the top, 0–1."""
        return (self.left + self.right) / 2


def horizon_of(picture: Picture) -> Horizon | None:
    """The horizon of a picture, or None where no line is sure enough to be one.

    Rows are compared with those REACH below, in Lab, along lines of every tilt up to STEEPEST; a line
    counts by how many of STRIPS strips change alike across it, more where it is calm above. The best
    line is then fitted through the strips' own edges, the strips that have none left out.
    """
    best = candidate(picture)
    if best is None or best.agreement < AGREE or best.step < AT_ONCE or best.rival > RIVAL:
        return None
    return best if best.score >= SCORE * (1 + (best.tilt / ODD) ** 2) else None


def candidate(picture: Picture) -> Horizon | None:
    """The best line, sure or not."""
    width, height = fitted(picture.shape, SIDE)
    if width < STRIPS:
        # Too narrow to be divided into strips, let alone to show a line across them.
        return None
    lab = cv2.resize(picture.lab, (width, height), interpolation=cv2.INTER_AREA)
    strips = _strips(lab)
    step, calm = _steps(strips), _calm(lab)
    tilts = np.arange(-STEEPEST, STEEPEST + TILT_STEP / 2, TILT_STEP)
    scored = [_scored(step, calm, width, np.tan(np.radians(tilt))) for tilt in tilts]
    lines = []
    sheet = np.stack(scored)
    for _ in range(TRIED):
        k, row = (int(i) for i in np.unravel_index(int(sheet.argmax()), sheet.shape))
        lines.append(_fitted(strips, step, calm, width, row, float(np.tan(np.radians(tilts[k])))))
        sheet[max(0, k - 4) : k + 5, max(0, row - APART) : row + APART + 1] = 0
    found = sorted((line for line in lines if line), key=lambda line: -line.score)
    if not found:
        return None
    best = found[0]
    others = [
        line.score
        for line in found[1:]
        if abs(line.middle - best.middle) > ELSEWHERE and abs(line.tilt - best.tilt) > ASLANT
    ]
    return replace(best, rival=max(others, default=0.0) / max(best.score, 1e-9))


def _strips(lab: NDArray[np.float32]) -> Floats:
    """Median Lab (h, STRIPS, 3) of each row of each strip."""
    parts = np.array_split(np.arange(lab.shape[1]), STRIPS)
    return np.stack([np.median(lab[:, part], axis=1) for part in parts], axis=1).astype(np.float64)


def _steps(strips: Floats) -> Floats:
    """Change of Lab (h, STRIPS, 3) across each row: what lies just below less what lies just above."""
    running = np.concatenate([np.zeros((1, *strips.shape[1:])), np.cumsum(strips, axis=0)])
    rows = np.arange(len(strips))
    low, high = np.clip(rows - REACH, 0, None), np.clip(rows + REACH, None, len(strips))
    above = (running[rows] - running[low]) / np.maximum(rows - low, 1)[:, None, None]
    below = (running[high] - running[rows]) / np.maximum(high - rows, 1)[:, None, None]
    step = below - above
    step[:REACH] = step[-REACH:] = 0
    return step


def _calm(lab: NDArray[np.float32]) -> Floats:
    """How busy (h, STRIPS) each strip is above each row, in L*: a sky is calm."""
    fine = np.abs(lab[..., 0] - cv2.GaussianBlur(lab[..., 0], (0, 0), 2.0))
    parts = np.array_split(np.arange(lab.shape[1]), STRIPS)
    busy = np.stack([fine[:, part].mean(axis=1) for part in parts], axis=1).astype(np.float64)
    return np.asarray(cv2.blur(busy, (1, 15), anchor=(0, 14), borderType=cv2.BORDER_REPLICATE))


def _shifts(width: int, slope: float) -> NDArray[np.intp]:
    """Rows by which a line of that slope is higher in each strip than in the middle."""
    centres = (np.arange(STRIPS) + 0.5) / STRIPS * width - width / 2
    return np.rint(slope * centres).astype(np.intp)


def _along(values: Floats, shifts: NDArray[np.intp]) -> Floats:
    """Values (h, STRIPS, …) read along slanted lines; beyond the picture the border row."""
    rows = np.arange(len(values))[:, None] - shifts[None]
    return values[np.clip(rows, 0, len(values) - 1), np.arange(STRIPS)[None]]


def _shared(lines: Floats) -> tuple[Floats, Floats]:
    """The change (h, 3) that most strips of each line share, and the share (h,) of strips that have it.

    The strip that most others agree with, not the median: things in the way may hide half the line.
    """
    square = np.square(lines).sum(axis=2)
    # The square of the distance by the product of all with all: many times faster than their differences.
    apart = square[:, :, None] + square[:, None] - 2 * lines @ lines.transpose(0, 2, 1)
    size = np.sqrt(square)
    alike = (apart < np.square(0.35 * size + 0.7)[..., None]).mean(axis=2) * (size > LEAST)
    best = (alike * size / (size + FAINT)).argmax(axis=1)
    rows = np.arange(len(lines))
    return lines[rows, best], alike[rows, best]


def _scored(step: Floats, calm: Floats, width: int, slope: float) -> Floats:
    """Score (h,) of the line through each row of the middle at that slope."""
    shifts = _shifts(width, slope)
    lines, busy = _along(step, shifts), _along(calm, shifts)
    middle, alike = _shared(lines)
    size = np.linalg.norm(middle, axis=1)
    mean = cv2.blur(size[:, None].astype(np.float64), (1, AROUND), borderType=cv2.BORDER_REFLECT)[:, 0]
    peak = np.maximum(size - mean, 0)
    score = peak / (peak + FAINT) * alike**2 / (1 + 0.5 * np.median(busy, axis=1))
    margin = int(FRAME * len(score))
    score[:margin] = score[len(score) - margin :] = 0
    return np.asarray(score)


def _fitted(strips: Floats, step: Floats, calm: Floats, width: int, row: int, slope: float) -> Horizon | None:
    """The line through the strips' own edges near the best one: by least squares, outliers left out."""
    height = len(step)
    middle = _shared(_along(step, _shifts(width, slope))[row : row + 1])[0][0]
    size = float(np.linalg.norm(middle))
    if size < 1e-6:
        return None
    profile = strips @ (middle / size)
    centres = (np.arange(STRIPS) + 0.5) / STRIPS * width - width / 2
    reach = max(3, round(NEAR * max(width, height)))
    level, tilt = float(row), slope
    for _ in range(3):
        places = _own_edges(profile, level - tilt * centres, reach, 0.4 * size)
        good = np.isfinite(places)
        if good.sum() < 4:
            return None
        off = np.abs(places - (level - tilt * centres))
        keep = good & (off <= max(1.5, 2.5 * float(np.median(off[good]))))
        level, slope_here = _median_line(centres[keep], places[keep])
        tilt = -slope_here
    ends = [(level + tilt * width / 2) / height, (level - tilt * width / 2) / height]
    on = np.abs(places - (level - tilt * centres)) <= ON
    rows = np.clip(np.rint(level - tilt * centres).astype(np.intp), 0, height - 1)
    busy = float(np.median(calm[rows, np.arange(STRIPS)]))
    score = float(on.mean()) * size / (size + FAINT) / (1 + busy)
    slant = float(np.degrees(np.arctan(tilt)))
    return Horizon(ends[0], ends[1], slant, float(on.mean()), score, _step_share(strips, rows))


def _step_share(strips: Floats, rows: NDArray[np.intp]) -> float:
    """The share of the change across a line, `rows` (STRIPS,) of the strips (h, STRIPS, 3), that comes at
    once and not by and by: a sky and a floor that grade have lines of equal value too, at any slant."""
    found = []
    for strip, row in enumerate(rows.tolist()):
        own = strips[max(row - SLOW, 0) : row + SLOW, strip]
        if len(own) >= SLOW:
            whole = float(np.linalg.norm(own[-REACH:].mean(axis=0) - own[:REACH].mean(axis=0)))
            at_once = float(np.linalg.norm(own[REACH:] - own[:-REACH], axis=1).max())
            found.append(at_once / max(whole, LEAST))
    return float(np.median(found)) if found else 0.0


def _median_line(x: Floats, y: Floats) -> tuple[float, float]:
    """Height at x = 0 and slope of the line through points (n,) by the median of all pairs' slopes.

    Source: Theil 1950, Sen 1968; the height by the medians of both. A third of the points may lie anywhere.
    """
    apart = x[:, None] - x
    rises = y[:, None] - y
    slope = float(np.median(rises[apart > 0] / apart[apart > 0]))
    return float(np.median(y) - slope * np.median(x)), slope


def _own_edges(profile: Floats, line: Floats, reach: int, least: float) -> Floats:
    """Row (STRIPS,) where each strip's sky ends near the line, to a fraction, NaN where none does."""
    places = np.full(STRIPS, np.nan)
    for strip in range(STRIPS):
        low, high = int(line[strip]) - reach - REACH, int(line[strip]) + reach + REACH + 1
        if low < 0 or high > len(profile):
            continue
        own = profile[low:high, strip]
        sky, ground = float(np.median(own[:REACH])), float(np.median(own[-REACH:]))
        if ground - sky < least:
            continue
        past = np.flatnonzero(own >= sky + ONSET * (ground - sky))
        if not (past >= 1).any():
            continue
        first = int(past[past >= 1][0])
        before = own[first - 1]
        share = (sky + ONSET * (ground - sky) - before) / max(own[first] - before, 1e-9)
        places[strip] = low + first - 0.5 + min(max(float(share), 0.0), 1.0)
    return places
