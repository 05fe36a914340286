"""Reflections: things mirrored at a shore, paired with them; darks a little lighter, lights a little
darker, softer."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import of_masses, sentence, tone, whole
from .layers import crisp, touches
from .looked import Looked
from .telling import proposed, rising
from .touch import Proposal

SIDE = 150
"""Pixels on the long side at which a shore is looked for."""
DEEP, LEAST, ALIKE = 0.22, 0.1, 0.65
"""How far above and below a shore is compared, as a share of the height; the least that lies in the
picture; and how alike both sides are (correlation of what differs from the mean of each row)."""
STIRS = 0.25
"""Values by which rows differ across, for there to be things that could be mirrored."""
STANDS, WATER = 0.05, 0.5
"""Share of the height within which things end at a shore, and the share of the width that water begins
there."""
SURELY = 0.8
"""How alike both sides are where no two masses tell it."""
SMALLEST = 0.003
FAR = 0.25
"""Values from which a streak of a reflection stands out of the water as it is laid."""


@dataclass(frozen=True)
class Shore:
    """A row `y` (share) at which the picture is mirrored, how `alike` both sides are, and how much lighter or
    darker the lower one is (`keeps` 0–1 of the contrast)."""

    y: float
    alike: float
    keeps: float


def found(on: Looked) -> Sequence[Proposal]:
    """For the shore at which most is mirrored."""
    shore = shore_of(on)
    if shore is None:
        return []
    pairs = _pairs(on, shore.y)
    if not _water(on, shore.y):
        return []
    if not pairs and shore.alike >= SURELY:
        pairs = _beside(on, shore.y)
    if not pairs:
        return []
    return [_proposal(on, shore, pairs)]


def _proposal(on: Looked, shore: Shore, pairs: Sequence[tuple[Mass, Mass]]) -> Proposal:
    """The mirror images with the things that they are of."""
    below = list({mirror.id: mirror for _, mirror in pairs}.values())
    crop = on.crop(*below)
    darks = crisp(on, crop, crop.inside & (crop.apart <= -FAR), lighter=False)
    lights = crisp(on, crop, crop.inside & (crop.apart >= FAR), lighter=True)
    layers = [
        (Kind.DETAIL, one)
        for one in (darks, None if on.plan.medium.transparent else lights)
        if one is not None
    ]
    thing, mirror = max(pairs, key=lambda pair: (pair[1].share, pair[1].id))
    told = sentence(
        "effect-reflections",
        mirrors=of_masses([one.id for one in below]),
        thing=of_masses((thing.id,)),
        above=tone(thing.target),
        below=tone(mirror.target),
        keeps=whole(100 * shore.keeps),
        medium=on.plan.medium.key,
    )
    figures = {"alike": shore.alike, "shore": shore.y, "keeps": shore.keeps, "pairs": float(len(pairs))}
    row = max(on.turn[mass.id] for mass in below)
    sure = rising(shore.alike, ALIKE - 0.2, ALIKE + 0.15)
    masses = [*below, *dict.fromkeys(one for one, _ in pairs)]
    return proposed(on, "reflections", masses, sure, told, figures, touches(on, layers, below, row))


def shore_of(on: Looked) -> Shore | None:
    """The row at which the lower part of the picture mirrors the upper one best; None where none does."""
    scale = SIDE / max(on.labels.shape)
    value = cv2.resize(on.picture.value, None, fx=scale, fy=scale, interpolation=cv2.INTER_AREA)
    # A reflection is drawn out downward and moves: what is compared is calm.
    value = cv2.GaussianBlur(value, (0, 0), 1.5)
    high = len(value)
    deep = int(DEEP * high)
    best: Shore | None = None
    for row in range(int(0.2 * high), int(0.85 * high)):
        size = min(deep, row, high - row)
        if size < LEAST * high:
            continue
        above, below = value[row - size : row][::-1], value[row : row + size]
        first, second = (part - part.mean(axis=1, keepdims=True) for part in (above, below))
        one, other = float(np.sqrt((first**2).mean())), float(np.sqrt((second**2).mean()))
        if min(one, other) < STIRS / 2 or one < STIRS:
            continue
        alike = float((first * second).mean() / (one * other))
        if alike >= ALIKE and (best is None or alike > best.alike):
            best = Shore(row / high, alike, min(1.0, alike * other / one))
    return best


def _beside(on: Looked, y: float) -> list[tuple[Mass, Mass]]:
    """What stands on a shore with the water that begins there, where no mass of the water is a mirror
    image."""
    things = [m for m in on.plan.masses if abs(m.box[3] - y) <= STANDS and m.share >= SMALLEST]
    water = [m for m in on.laid if abs(m.box[1] - y) <= STANDS and m.share >= SMALLEST]
    return [(thing, max(water, key=lambda m: (m.share, m.id))) for thing in things[:1]] if water else []


def _water(on: Looked, y: float) -> bool:
    """Whether masses begin at a row over most of the width."""
    own = [mass for mass in on.plan.masses if abs(mass.box[1] - y) <= STANDS and mass.share >= 0.02]
    return any(mass.box[2] - mass.box[0] >= WATER for mass in own)


def _pairs(on: Looked, y: float) -> list[tuple[Mass, Mass]]:
    """Masses below a row with the masses that stand above it where they are mirrored: not the sky in the
    water, but what is darker or lighter than most."""
    high = len(on.labels)
    row = int(y * high)
    size = min(row, high - row, int(DEEP * high))
    above, below = on.labels[row - size : row][::-1], on.labels[row : row + size]
    by_label = {mass.label: mass for mass in on.plan.masses}
    middle = float(np.median(on.picture.value))
    found = []
    for label in np.unique(below).tolist():
        mirror = by_label.get(label)
        if mirror is None or mirror.id not in on.turn or mirror.share < SMALLEST or mirror.box[1] < y - 0.06:
            continue
        over = np.bincount(above[below == label])
        thing = by_label.get(int(over.argmax())) if len(over) else None
        # The thing stands on the shore, and its mirror image begins there.
        if thing is None or abs(thing.box[3] - y) > STANDS or abs(mirror.box[1] - y) > STANDS:
            continue
        own = float(over.max()) / max(int((below == label).sum()), 1)
        if thing.id == mirror.id or own < 0.4 or thing.share < SMALLEST:
            continue
        if (thing.target - middle) * (mirror.target - middle) > 0:
            found.append((thing, mirror))
    return found
