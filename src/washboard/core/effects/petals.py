"""Petals: each goes from light to dark in itself, laid one beside the other, never two wet ones that
touch."""

from __future__ import annotations

from collections.abc import Sequence

import cv2
import numpy as np

from ..colour.kindred import chroma, kindred
from ..plan.plan import Kind
from ..reference.adjoining import adjoining
from ..reference.mass import Mass, MassKind
from ..sentence import of_masses, sentence, tone
from .looked import Looked
from .softly import softly, tones_of
from .telling import rising
from .touch import Proposal

COLOURFUL, SMALLEST, LARGEST, RANGE = 25.0, 0.01, 0.35, 0.5
"""Chroma from which something may be a petal, the shares of the picture that a flower takes, and values
from its lightest to its darkest tone."""
LEAST, MOST, DEEP = 4, 14, 0.12
"""How many lobes make a flower, how many more would be something else, and how deep the notches between
them are, as a share of the radius."""
FULL = 0.95
"""Share of a convex outline about it from which something has corners, not lobes."""
SIDES = 120
"""Directions in which an outline is read."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each flower."""
    # What is laid as one gradation of light is no flower, however it is cut up.
    glows = {act.mass for done in on.plan.passes for act in done.operations if act.kind is Kind.GLOW}
    coloured = [mass for mass in on.laid if mass.id not in glows and _coloured(on, mass)]
    found = []
    for group in adjoining(coloured):
        own = [mass for mass in group if kindred(mass.lab, group[0].lab, 40)]
        share = sum(mass.share for mass in own)
        values = [v for mass in own for v in tones_of(mass)]
        if not SMALLEST <= share <= LARGEST or max(values) - min(values) < RANGE:
            continue
        lobes, deep, full = _lobes(on, own)
        if not LEAST <= lobes <= MOST or full > FULL:
            continue
        told = sentence(
            "effect-petals",
            masses=of_masses([mass.id for mass in own]),
            count=lobes,
            light=tone(max(values)),
            dark=tone(min(values)),
            medium=on.plan.medium.key,
        )
        least = min(chroma(mass.lab) for mass in own)
        sure = rising(deep, DEEP / 2, 1.6 * DEEP) * rising(least, COLOURFUL / 2, 1.3 * COLOURFUL)
        found.append(softly(on, "petals", own, sure, told))
    return found


def _lobes(on: Looked, masses: Sequence[Mass]) -> tuple[int, float, float]:
    """How many lobes the outline of some masses has about its middle, how deep the notches between are in the
    mean, as a share of the radius, and how much of a convex outline about them the masses fill."""
    _, inside = on.there(masses)
    filled = cv2.morphologyEx(inside.astype(np.uint8), cv2.MORPH_CLOSE, np.ones((5, 5), np.uint8))
    rows, columns = np.nonzero(filled)
    down, across = rows - rows.mean(), columns - columns.mean()
    side = ((np.arctan2(down, across) / np.pi + 1) * SIDES / 2).astype(int) % SIDES
    far = np.zeros(SIDES)
    np.maximum.at(far, side, np.hypot(down, across))
    far = cv2.GaussianBlur(np.tile(far, 3)[None], (0, 0), 2.0)[0][SIDES : 2 * SIDES]
    around = np.roll(far, -int(far.argmin()))
    tops = [k for k in range(SIDES) if around[k] >= around[k - 1] and around[k] > around[(k + 1) % SIDES]]
    lobes, notches, last = 0, list[float](), 0
    for k in tops:
        notch = float(around[last : k + 1].min())
        if around[k] - notch >= DEEP / 2 * far.max():
            lobes += 1
            notches.append((around[k] - notch) / far.max())
            last = k
    hull = cv2.contourArea(cv2.convexHull(np.column_stack([columns, rows]).astype(np.int32)))
    return lobes, sum(notches) / max(len(notches), 1), len(rows) / max(hull, 1.0)


def _coloured(on: Looked, mass: Mass) -> bool:
    if mass.kind is MassKind.ACCENT or mass.share > LARGEST:
        return False
    return chroma(mass.lab) >= COLOURFUL and not on.rough(mass)
