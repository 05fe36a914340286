"""Where a pass is painted, as a picture to print: its masses in their colours, the rest as light greys."""

from __future__ import annotations

import cv2
import numpy as np
from numpy.typing import NDArray

from ...core.plan.plan import Pass, Plan
from ...core.plan.where import where_of
from ...core.reference.picture import Labels

Bytes = NDArray[np.uint8]
Mask = NDArray[np.bool_]
PAPER, REST = 246.0, 0.16
"""Grey of what a pass leaves alone, and how much of its own value shows in it."""
INK = 30
MARKED = 0.25
"""Share of a small pixel that a mark must cover to be seen in it."""
WIDE, DOTS = 26, 12
"""Pixels between lines of what is painted across, and between dots of what is painted round, for a picture of
400 pixels on the long side."""


def place_picture(plan: Plan, done: Pass, labels: Labels, after: Bytes, marks: Mask | None = None) -> Bytes:
    """The picture (h, w, 3): `after` where the pass is painted, hatched where it is painted across, dotted
    where it goes round. `labels` (h, w) of masses, at the size of `after` or larger; so `marks` (h, w), where
    small marks of the pass lie."""
    height, width = after.shape[:2]
    small = cv2.resize(labels.astype(np.uint16), (width, height), interpolation=cv2.INTER_NEAREST_EXACT)
    by_label = np.zeros(int(labels.max()) + 1, np.uint8)
    value = np.full(int(labels.max()) + 1, 5.0)
    where = where_of(done)
    for mass in plan.masses:
        value[mass.label] = mass.target
        role = 1 if mass.id in where.painted else 2 if mass.id in where.across else 0
        by_label[mass.label] = 3 if mass.id in where.round else role
    roles = by_label[small]
    grey = PAPER - REST * (255 - 25.5 * value[small])
    found = np.repeat(grey[..., None], 3, 2)
    unit = max(width, height) / 400
    y, x = np.mgrid[:height, :width]
    line = max(1, round(unit))
    found[(roles == 2) & ((x - y) % round(WIDE * unit) < line)] = INK
    step = round(DOTS * unit)
    found[(roles == 3) & (x % step < 2 * line) & (y % step < 2 * line)] = INK
    found[roles == 1] = after[roles == 1]
    own = (roles == 1).astype(np.uint8)
    edge = cv2.morphologyEx(own, cv2.MORPH_GRADIENT, np.ones((2 * line + 1, 2 * line + 1), np.uint8)) > 0
    found[edge] = INK
    if marks is not None:
        near = cv2.resize(marks.astype(np.float32), (width, height), interpolation=cv2.INTER_AREA) > MARKED
        found[near] = after[near]
    return np.clip(np.rint(found), 0, 255).astype(np.uint8)
