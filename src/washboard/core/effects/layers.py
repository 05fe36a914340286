"""Layers of an effect: which places of some masses are darker or lighter than the masses alone bring them."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.plan import Kind
from ..plan.spot import Change, Spot, spot_of
from ..reference.mass import Lab, Mass
from ..time.pace import covering_minutes
from .looked import Crop, Looked, Mask
from .touch import Moment, Touch

FINEST_MM = 0.9
"""Width of the finest touch that is worth laying, where a mass is full of them."""
RIM = 0.6
"""Pixels of blur at the rim of a touch."""
A_STROKE, MOST_MINUTES = 0.025, 9.0
"""Minutes of one touch of many, and of a layer of them at most: the rest is done by the rule, not one by one.
Guesses."""
STEP = 12.0
"""Units of L* between grounds on which the same touches want another mixture."""


@dataclass(frozen=True, eq=False)
class Layer:
    """Where a layer lies: its `spots`, one for each mixture, how many touches it is, its share of the
    masses, its value, how far that is from what they have, and its minutes."""

    spots: tuple[Spot, ...]
    count: int
    share: float
    value: float
    step: float
    minutes: float


def change_of(on: Looked, lighter: bool) -> Change:
    """What a layer does to the colours: in transparent paint darks are films, lights paper won back."""
    if not on.plan.medium.transparent:
        return Change.COVERS
    return Change.LIGHTENS if lighter else Change.DARKENS


def crisp(on: Looked, crop: Crop, there: Mask, lighter: bool, finest: float = FINEST_MM) -> Layer | None:
    """The touches that are `there` (h, w) in a crop, without what is finer than so many mm; None for too
    few."""
    least = max(2.0, (finest / 10 / on.cm) ** 2)
    count, parts, stats, _ = cv2.connectedComponentsWithStats(there.astype(np.uint8), connectivity=8)
    kept = stats[:, cv2.CC_STAT_AREA] >= least
    kept[0] = False
    inside = kept[parts]
    if count < 2 or not inside.any():
        return None
    return _layer(on, crop, _each(on, crop, inside, lighter), lighter, int(kept.sum()))


def _each(on: Looked, crop: Crop, inside: Mask, lighter: bool) -> list[tuple[Spot, Mask]]:
    """Touches as spots, a mixture for what lies on each step of value; where a mixture would bring nothing
    nearer, none is laid."""
    rows, columns = np.nonzero(inside)
    meant, planned = crop.meant[rows, columns], crop.planned[rows, columns, 0]
    step = np.rint(planned / STEP)
    found = []
    for k in np.unique(step).tolist():
        there = step == k
        lab = _median(meant[there])
        there &= np.abs(meant[:, 0] - lab[0]) < np.abs(meant[:, 0] - planned)
        if not there.any():
            continue
        own = np.zeros(inside.shape, bool)
        own[rows[there], columns[there]] = True
        rim = cv2.GaussianBlur(own.astype(np.float32), (0, 0), RIM)
        strength = np.where(own, np.maximum(rim, 0.6), 0).astype(np.float32)
        spot = spot_of(strength, crop.corner, change_of(on, lighter), lab)
        if spot is not None:
            found.append((spot, own))
    return found


def _layer(
    on: Looked, crop: Crop, each: Sequence[tuple[Spot, Mask]], lighter: bool, count: int
) -> Layer | None:
    if not each:
        return None
    inside = np.logical_or.reduce([own for _, own in each])
    ends = [spot.lab[0] / 10 for spot, _ in each]
    value = max(ends) if lighter else min(ends)
    step = value - float(np.median(crop.planned[inside][:, 0])) / 10
    area = float(inside.sum()) * on.cm**2
    minutes = min(MOST_MINUTES, A_STROKE * count + covering_minutes(on.plan.medium, area))
    spots = tuple(spot for spot, _ in each)
    return Layer(spots, count, float(inside.sum() / max(crop.inside.sum(), 1)), value, step, minutes)


def _median(lab: NDArray[np.float32]) -> Lab:
    lightness, a, b = np.median(lab, axis=0).tolist()
    return lightness, a, b


def touches(
    on: Looked,
    layers: Sequence[tuple[Kind, Layer]],
    masses: Sequence[Mass],
    row: int,
    moment: Moment = Moment.OVER,
) -> tuple[Touch, ...]:
    """Layers as acts on the masses that they lie on, one after the other."""
    found = []
    names = {mass.id for mass in masses}
    for kind, layer in layers:
        shares: dict[str, float] = {}
        for spot in layer.spots:
            for name, share in on.under(spot.at, spot.strength).items():
                if name in names:
                    shares[name] = min(1.0, shares.get(name, 0.0) + share)
        whole = sum(shares.values())
        ranked = sorted(shares, key=lambda name: (-shares[name], name))
        for k, name in enumerate(ranked):
            minutes = layer.minutes * shares[name] / whole
            spots = layer.spots if k == 0 else ()
            own = Touch(kind, name, moment, shares[name], layer.value, minutes, row, 1, spots)
            found.append(own)
    return tuple(found)
