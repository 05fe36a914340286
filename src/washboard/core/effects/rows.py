"""Rows of like things: windows, floats, beads. One way for all, stage by stage, each a little different."""

from __future__ import annotations

import math
from collections.abc import Sequence
from itertools import combinations, pairwise

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference
from ..plan.effect import Effect
from ..plan.plan import Kind
from ..reference.mass import Mass
from ..sentence import of_masses, sentence, whole
from .layers import crisp, touches
from .looked import Looked
from .touch import Proposal

LEAST = 3
"""Things that make a row."""
ALIKE, LARGER, SIZE = 9.0, 1.5, 0.03
"""ΔE₀₀ up to which two masses look alike, how many times larger one may be, and the share of the picture up
to which something is one of a row."""
OFF_LINE, UNEVEN, APART = 0.2, 0.3, 5.0
"""How far a thing may lie off the line of its row and how much steps may differ, in the mean step from one to
the next; and how many of their own sizes that is at the most."""
TELLS = 0.25
"""Values by which a shaded or a lit side of a thing differs from how it is laid, to be worth a stage."""
SLIM, FILLS = 0.3, 0.15
"""How much the proportions of two of a kind may differ (natural logarithm), and the share of its box that
each fills."""


def found(on: Looked) -> Sequence[Proposal]:
    """The rows among masses that are laid in one pass, the longest first; no mass is in two."""
    taken: set[str] = set()
    proposals = []
    small = [m for m in on.plan.masses if m.id in on.turn and m.share <= SIZE]
    for row in sorted(_rows(small, on), key=lambda row: (-len(row), row[0].id)):
        if not taken & {mass.id for mass in row}:
            taken |= {mass.id for mass in row}
            proposals.append(_proposal(on, row, on.turn[row[0].id]))
    return proposals


def _rows(masses: Sequence[Mass], on: Looked) -> Sequence[tuple[Mass, ...]]:
    """Every row that two like masses begin and more of the kind go on, evenly and on one line."""
    found, alike = [], _alike(masses, on)
    for k, j in zip(*np.nonzero(np.triu(alike, 1)), strict=True):
        kin = alike[k] & alike[j]
        kin[[k, j]] = True
        row = _along(
            masses[int(k)], masses[int(j)], [m for m, own in zip(masses, kin, strict=True) if own], on
        )
        if len(row) >= LEAST:
            found.append(row)
    return found


def _alike(masses: Sequence[Mass], on: Looked) -> NDArray[np.bool_]:
    """Which of n masses could be two of a kind (n, n): of one pass, size, form and colour, and apart."""
    if not masses:
        return np.zeros((0, 0), bool)
    place = {mass.id: k for k, mass in enumerate(masses)}
    size = np.array([max(mass.area_cm2, 1e-6) for mass in masses])
    slim, fills = np.array([_form(mass, on) for mass in masses]).T
    turn, lab = np.array([on.turn[mass.id] for mass in masses]), np.array([mass.lab for mass in masses])
    found = turn == turn[:, None]
    found &= np.maximum(size, size[:, None]) <= LARGER * np.minimum(size, size[:, None])
    found &= (np.abs(slim - slim[:, None]) <= SLIM) & (np.abs(fills - fills[:, None]) <= FILLS)
    for k, mass in enumerate(masses):
        found[k, [place[border.mass] for border in mass.borders if border.mass in place]] = False
    one, other = np.nonzero(found)
    found[one, other] = difference(lab[one], lab[other]) <= ALIKE
    return found & found.T


def _form(mass: Mass, on: Looked) -> tuple[float, float]:
    """The logarithm of its width over its height, and the share of its box that a mass fills."""
    left, top, right, bottom = mass.box
    wide = max((right - left) * on.plan.sheet.picture_width_cm, 1e-6)
    high = max((bottom - top) * on.plan.sheet.picture_height_cm, 1e-6)
    return math.log(wide / high), mass.area_cm2 / (wide * high)


def _along(first: Mass, second: Mass, kin: Sequence[Mass], on: Looked) -> tuple[Mass, ...]:
    """Those of a kind that stand on the line of two of them, evenly apart; none where they do not."""
    wide, high = on.plan.sheet.picture_width_cm, on.plan.sheet.picture_height_cm
    at = {mass.id: (mass.centre[0] * wide, mass.centre[1] * high) for mass in kin}
    (x0, y0), (x1, y1) = at[first.id], at[second.id]
    length = math.hypot(x1 - x0, y1 - y0)
    if length < 1e-6:
        return ()
    along = {m.id: ((at[m.id][0] - x0) * (x1 - x0) + (at[m.id][1] - y0) * (y1 - y0)) / length for m in kin}
    off = {m.id: abs((at[m.id][0] - x0) * (y1 - y0) - (at[m.id][1] - y0) * (x1 - x0)) / length for m in kin}
    row = sorted((m for m in kin if off[m.id] <= OFF_LINE * length), key=lambda m: along[m.id])
    steps = [along[b.id] - along[a.id] for a, b in pairwise(row)]
    mean = sum(steps) / len(steps) if steps else 0.0
    even = all(abs(step - mean) <= UNEVEN * mean for step in steps) and mean > 0
    near = all(off[m.id] <= OFF_LINE * mean for m in row)
    close = bool(row) and mean <= APART * math.sqrt(row[0].area_cm2)
    return tuple(row) if even and near and close else ()


def _proposal(on: Looked, row: Sequence[Mass], turn: int) -> Proposal:
    ids = tuple(mass.id for mass in row)
    off = max(float(difference(one.lab, other.lab)) for one, other in combinations(row, 2))
    told = sentence("effect-rows", masses=of_masses(ids), count=len(row), size=whole(row[0].width_mm))
    sure = min(1.0, 0.7 + 0.05 * (len(row) - LEAST) + 0.2 * (1 - off / (2 * ALIKE)))
    figures = {"count": float(len(row)), "deltaE": off}
    crop = on.crop(*row)
    # One template for all: the dark gaps and the shaded side, then the lit side and its light.
    darks = crisp(on, crop, crop.inside & (crop.apart <= -TELLS), lighter=False, finest=0.5)
    lights = crisp(on, crop, crop.inside & (crop.apart >= TELLS), lighter=True, finest=0.5)
    layers = [
        (Kind.DETAIL, one)
        for one in (darks, None if on.plan.medium.transparent else lights)
        if one is not None
    ]
    acts = touches(on, layers, row, turn)
    return Proposal(Effect("rows", f"rows:{ids[0]}", ids, row[0].inside, sure, told, figures), turn, acts)
