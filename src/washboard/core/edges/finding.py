"""What each stretch of border is proposed to be: from how soft it is in the picture, from form and light,
from depth and focus."""

from __future__ import annotations

import math
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.stretch import Edge
from ..reference.contours import crossings
from ..reference.mass import Mass, MassKind
from ..reference.picture import Labels, Singles
from ..sentence import Amount, Sentence, sentence, tone

SOFT_MM, SOFT_PX = 1.0, 2.5
"""Width of a transition from which an edge is soft on the surface, and in pixels, so that what a photo
blurs is firm."""
LOST_STEP, LOST_MM, WIDE_STEP = 0.4, 8.0, 1.2
"""Values between both sides under which an edge is lost; the width from which one is that is hardly a step,
and the values up to which it hardly is."""
ROUGH = 0.3
"""Fine light and dark, in values, of both sides from which an edge is broken."""
LEAST_CM = 1.2
"""Length of a stretch that is told for itself; a shorter one goes with what it lies in."""
ALL_FIRM, SOFTENED = 0.9, 0.25
"""Share of all edges from which a picture is hard all over, and the share that is proposed to be softened
then."""
AWAY, FAR, SMALL_STEP = 1.0, 0.7, 0.8
"""What the distance from the focus, the depth and a small step of value are worth when it is chosen which
firm edges are softened."""
FORM = (0.004, 0.2)
"""Shares of the picture between which something modelled is a form that turns."""
TURNS = 0.7
"""Cosine to the light from which the outline of a turning form faces it."""
KINDS = (Edge.LOST, Edge.SOFT, Edge.FIRM, Edge.BROKEN)

Numbers = NDArray[np.int64]
Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Borders:
    """What edges are read from: masses by `labels` (h, w), how many pixels each border fades over (h, w) as
    it is measured, the values as they are `planned` (h, w), the fine light and dark of each mass by its id;
    the direction of the `light` in degrees counter-clockwise from the right, and the `focus` (x, y 0–1),
    where they are known; a pixel is `cm` wide."""

    masses: Sequence[Mass]
    labels: Labels
    soft: Singles
    planned: Singles
    stirs: Mapping[str, float]
    cm: float
    light: float | None = None
    focus: tuple[float, float] | None = None


@dataclass(frozen=True, eq=False)
class Found:
    """Every stretch of border: where (h, w) it lies, by its number from 1 on and 0 elsewhere; and of each
    its masses, a place, its length in cm, its width in mm, its step in values, what it is proposed to be
    and why."""

    where: NDArray[np.int32]
    masses: tuple[tuple[str, str], ...]
    places: tuple[tuple[float, float], ...]
    lengths: tuple[float, ...]
    widths: tuple[float, ...]
    steps: tuple[float, ...]
    edges: tuple[Edge, ...]
    reasons: tuple[Sentence, ...]


def found_in(seen: Borders) -> Found:
    """The stretches of all borders, in reading order of their pairs."""
    first, second = crossings(seen.labels)
    flat = seen.labels.ravel()
    one, other = np.minimum(flat[first], flat[second]), np.maximum(flat[first], flat[second])
    count = int(seen.labels.max(initial=0)) + 1
    pair = one.astype(np.int64) * count + other
    width = seen.soft.ravel()[first]
    planned = cv2.GaussianBlur(seen.planned, (0, 0), 0.8).ravel()
    step = np.abs(planned[first] - planned[second])
    step = np.maximum(step, _mean_of(pair, step))
    kind, reason = _proposed(seen, first, one, other, width, step)
    kind = _settled(pair, kind)
    where, numbers = _stretches(seen.labels.shape, first, second, pair, kind, seen.cm)
    return _told(seen, where, numbers, first, one, other, width, step, kind, reason)


def _mean_of(pair: Numbers, values: Floats) -> Floats:
    """The mean (n,) over each pair, at each of its crossings: a step at one pixel is noise."""
    _, own = np.unique(pair, return_inverse=True)
    own = own.ravel()
    mean = np.bincount(own, values) / np.maximum(np.bincount(own), 1)
    return np.asarray(mean[own])


def _proposed(
    seen: Borders, first: Numbers, one: Numbers, other: Numbers, width: Singles, step: Floats
) -> tuple[Numbers, Numbers]:
    """What each crossing (n,) is proposed to be and why, as places in KINDS and REASONS."""
    mm = width * seen.cm * 10
    soft = (mm >= SOFT_MM) & (width >= SOFT_PX)
    lost = (step < LOST_STEP) | (soft & (mm >= LOST_MM) & (step <= WIDE_STEP))
    kind = np.where(lost, 0, np.where(soft, 1, 2))
    reason = np.where(step < LOST_STEP, 1, np.where(soft, 0, 2))
    rough = _by_label(seen, lambda mass: seen.stirs.get(mass.id, 0.0) >= ROUGH)
    broken = rough[one] & rough[other] & (kind == 2)
    kind, reason = np.where(broken, 3, kind), np.where(broken, 3, reason)
    small = _by_label(seen, lambda mass: mass.kind is MassKind.ACCENT)
    kind = np.where(small[one] | small[other], 2, kind)
    firm = float((kind == 2).mean()) if len(kind) else 0.0
    if firm >= ALL_FIRM:
        kind, reason = _eased(seen, first, one, other, step, kind, reason)
    return kind.astype(np.int64), reason.astype(np.int64)


REASONS = ("soft-seen", "lost-step", "firm-seen", "broken-rough", "soft-light", "soft-away")


def _by_label(seen: Borders, true: Callable[[Mass], bool]) -> NDArray[np.bool_]:
    found = np.zeros(int(seen.labels.max(initial=0)) + 1, bool)
    for mass in seen.masses:
        if mass.label < len(found):
            found[mass.label] = true(mass)
    return found


def _eased(
    seen: Borders,
    first: Numbers,
    one: Numbers,
    other: Numbers,
    step: Floats,
    kind: NDArray[np.int_],
    reason: NDArray[np.int_],
) -> tuple[NDArray[np.int_], NDArray[np.int_]]:
    """Where a picture is hard all over: what is softened, first the lit side of forms that turn, then the
    pairs least in the focus, far off, and with the smallest steps, until a quarter of the length is."""
    pair = one.astype(np.int64) * (int(seen.labels.max(initial=0)) + 1) + other
    names, own = np.unique(pair, return_inverse=True)
    own = own.ravel()
    count = np.bincount(own)
    by_label = {mass.label: mass for mass in seen.masses}
    most = max((mass.depth or 0 for mass in seen.masses), default=0) or 1
    focus = seen.focus or (0.5, 0.5)
    worth = np.zeros(len(names))
    for k, name in enumerate(names.tolist()):
        masses = [by_label[m] for m in divmod(name, int(seen.labels.max(initial=0)) + 1) if m in by_label]
        away = min(math.dist(mass.inside, focus) for mass in masses) if masses else 0.0
        near = max((mass.depth or 0 for mass in masses), default=most) / most
        worth[k] = AWAY * away + FAR * (1 - near) - SMALL_STEP * min(2.0, float(step[own == k].mean()))
    lit = _lit(seen, first, one, other) & (kind == 2)
    kind, reason = np.where(lit, 1, kind), np.where(lit, 4, reason)
    left = SOFTENED * len(kind) - float(lit.sum())
    for k in np.argsort(-worth, kind="stable").tolist():
        if left <= 0:
            break
        taken = (own == k) & (kind == 2)
        kind[taken], reason[taken] = 1, 5
        left -= float(count[k])
    return kind, reason


def _lit(seen: Borders, first: Numbers, one: Numbers, other: Numbers) -> NDArray[np.bool_]:
    """Which crossings (n,) lie on the lit side of a form that turns, if it is known where light comes
    from."""
    found = np.zeros(len(first), bool)
    if seen.light is None:
        return found
    high, wide = seen.labels.shape
    turn = math.radians(seen.light)
    x, y = (first % wide) / wide, (first // wide) / high
    for mass in seen.masses:
        if mass.gradation is None or not FORM[0] <= mass.share <= FORM[1]:
            continue
        mine = (one == mass.label) | (other == mass.label)
        across, up = (x[mine] - mass.centre[0]) * wide, (mass.centre[1] - y[mine]) * high
        far = np.maximum(np.hypot(across, up), 1e-6)
        found[mine] |= (across * math.cos(turn) + up * math.sin(turn)) / far >= TURNS
    return found


def _settled(pair: Numbers, kind: Numbers) -> Numbers:
    """What each crossing is, where a pair is nearly all of one kind the others being that too."""
    _, own = np.unique(pair, return_inverse=True)
    own = own.ravel()
    held = np.zeros((int(own.max(initial=0)) + 1, len(KINDS)))
    np.add.at(held, (own, kind), 1)
    most = held.argmax(axis=1)
    nearly = held.max(axis=1) >= 0.85 * held.sum(axis=1)
    return np.where(nearly[own], most[own], kind)


def _stretches(
    shape: tuple[int, ...], first: Numbers, second: Numbers, pair: Numbers, kind: Numbers, cm: float
) -> tuple[NDArray[np.int32], Numbers]:
    """The number of the stretch at each pixel (h, w) and crossing (n,): what hangs together of one pair and
    kind; what is too short goes with the longest stretch of its pair."""
    _, own = np.unique(pair * len(KINDS) + kind, return_inverse=True)
    own = own.ravel()
    raster = np.full(shape, -1, np.int32)
    # Both sides of a border belong to it, so that it hangs together round corners.
    raster.ravel()[second] = own
    raster.ravel()[first] = own
    numbers = np.zeros(len(first), np.int64)
    total = 0
    for code in range(int(own.max(initial=-1)) + 1):
        mine = own == code
        rows, columns = np.divmod(np.concatenate([first[mine], second[mine]]), shape[1])
        top, left = int(rows.min()), int(columns.min())
        mask = np.zeros((int(rows.max()) - top + 1, int(columns.max()) - left + 1), np.uint8)
        mask[rows - top, columns - left] = 1
        parts, labels = cv2.connectedComponents(cv2.dilate(mask, np.ones((3, 3), np.uint8)), connectivity=8)
        at = first[mine]
        numbers[mine] = total + labels[at // shape[1] - top, at % shape[1] - left]
        total += parts - 1
    numbers = _joined(numbers, pair, cm)
    where = np.zeros(shape, np.int32)
    where.ravel()[second] = numbers
    where.ravel()[first] = numbers
    return where, numbers


def _joined(numbers: Numbers, pair: Numbers, cm: float) -> Numbers:
    """Numbers (n,) from 1 on, those of stretches that are too short given to the longest of their pair."""
    ids, own = np.unique(numbers, return_inverse=True)
    own = own.ravel()
    long = np.bincount(own).astype(np.float64)
    pairs = np.zeros(len(ids), np.int64)
    pairs[own] = pair
    target = np.arange(len(ids))
    for k in np.flatnonzero(long * cm < LEAST_CM).tolist():
        kin = np.flatnonzero(pairs == pairs[k])
        target[k] = kin[int(long[kin].argmax())]
    _, again = np.unique(target[own], return_inverse=True)
    return np.asarray(again.ravel() + 1, np.int64)


def _told(
    seen: Borders,
    where: NDArray[np.int32],
    numbers: Numbers,
    first: Numbers,
    one: Numbers,
    other: Numbers,
    width: Singles,
    step: Floats,
    kind: Numbers,
    reason: Numbers,
) -> Found:
    high, wide = seen.labels.shape
    names = {mass.label: mass.id for mass in seen.masses}
    order = np.argsort(numbers, kind="stable")
    cuts = np.flatnonzero(np.diff(numbers[order])) + 1
    rows: list[tuple[tuple[str, str], tuple[float, float], float, float, float, Edge, Sentence]] = []
    for own in np.split(order, cuts) if len(order) else ():
        most = int(np.bincount(kind[own]).argmax())
        mine = own[kind[own] == most]
        why = int(np.bincount(reason[mine]).argmax())
        at = int(first[mine[len(mine) // 2]])
        mm = float(np.median(width[own])) * seen.cm * 10
        far = float(step[own].mean())
        # Crossings of a slanting border are counted along both axes: 4 / π of its length in the mean.
        length = len(own) * seen.cm * np.pi / 4
        words = sentence(f"edge-why-{REASONS[why]}", wide=Amount(mm, 1), step=tone(far))
        place = ((at % wide + 0.5) / wide, (at // wide + 0.5) / high)
        pair = (names.get(int(one[own[0]]), ""), names.get(int(other[own[0]]), ""))
        rows.append((pair, place, float(length), mm, far, KINDS[most], words))
    columns = tuple(zip(*rows, strict=True)) if rows else ((),) * 7
    return Found(where, *columns)
