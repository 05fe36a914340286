"""Rays: a fan from a light, laid a little too strong and knocked back, so that nobody sees where they
start."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace

import cv2
import numpy as np
from numpy.typing import NDArray

from ..plan.plan import Kind
from ..plan.spot import Change, Spot, spot_of
from ..sentence import of_masses, sentence, tone
from .layers import crisp, touches
from .looked import Crop, Looked, Mask
from .shining import Shining
from .telling import proposed, rising
from .touch import Proposal

AGREE, STRONG, LEAST = 0.7, 0.12, 2
"""How much the light of a direction agrees near and far (correlation), how much directions differ in
values, and how many rays make a fan."""
DIRECTIONS, NEAR, FAR = 180, 0.1, 0.5
"""Directions that are looked at, and the share of the diagonal from and to which."""
MOST = 0.5
"""Values by which a ray stands out of what is beside it at most: more is the edge of a thing."""
FALLS = 1.0
"""Values by which the light falls off from its source."""


@dataclass(frozen=True, eq=False)
class _Fan:
    """Rays by direction: their light (n,) over the mean of all, how much near and far agree, and how many."""

    light: NDArray[np.float64]
    agree: float
    strong: float
    count: int


def found(on: Looked) -> Sequence[Proposal]:
    """For the light that shines most, if a fan goes out from it."""
    light = on.shining
    if light is None or light.falls < FALLS:
        return []
    fan = _fan(on, light)
    if fan is None or fan.agree < AGREE or fan.strong < STRONG or fan.count < LEAST:
        return []
    there = _there(on, light, fan)
    names = set(np.unique(on.labels[there]).tolist())
    masses = [mass for mass in on.laid if mass.label in names and mass.share >= 0.02]
    if not masses:
        return []
    crop = on.crop(*masses)
    rows, columns = on.there(masses)[0]
    lit = crop.inside & there[rows, columns]
    layer = crisp(on, crop, lit, lighter=True, finest=0.1)
    kind = Kind.LIFT_DRY if on.plan.medium.transparent else Kind.RAYS
    told = sentence(
        "effect-rays",
        masses=of_masses([mass.id for mass in masses]),
        count=fan.count,
        step=tone(2 * fan.strong),
        medium=on.plan.medium.key,
    )
    figures = {"agree": fan.agree, "strong": fan.strong, "count": float(fan.count)}
    sure = rising(fan.agree, AGREE - 0.2, AGREE + 0.2) * rising(fan.strong, STRONG / 2, 1.3 * STRONG)
    row = max(on.turn[mass.id] for mass in masses)
    acts = touches(on, [(kind, layer)], masses, row) if layer else ()
    one = proposed(on, "rays", masses, sure, told, figures, acts)
    return [replace(one, without=_plain(crop, lit, row))]


def _plain(crop: Crop, lit: Mask, row: int) -> tuple[Spot, ...]:
    """What lies where rays are left out: the tone between them."""
    between = crop.inside & ~lit
    if not between.any():
        return ()
    lightness, a, b = np.median(crop.planned[between], axis=0).tolist()
    spot = spot_of(lit.astype(np.float32), crop.corner, Change.COVERS, (lightness, a, b))
    return () if spot is None else (spot.in_row(row + 1),)


def _fan(on: Looked, light: Shining) -> _Fan | None:
    """The light by direction, about what each ring has in the mean, near the source and far from it."""
    high, wide = on.labels.shape
    reach = FAR * math.hypot(high, wide)
    middle = light.x * wide, light.y * high
    value = cv2.GaussianBlur(on.picture.value, (0, 0), 0.004 * max(high, wide))
    # Without what lies beside: large lights and darks of things are no rays.
    value = np.clip(value - cv2.GaussianBlur(value, (0, 0), 0.05 * max(high, wide)), -MOST, MOST)
    size = int(reach), DIRECTIONS
    flags = cv2.WARP_POLAR_LINEAR | cv2.WARP_FILL_OUTLIERS
    polar = cv2.warpPolar(value, size, middle, reach, flags)
    inside = cv2.warpPolar(np.ones_like(value), size, middle, reach, flags) > 0.99
    first = int(size[0] * NEAR / FAR)
    polar, inside = polar[:, first:], inside[:, first:]
    polar = np.where(inside, polar, 0.0)
    mean = polar.sum(axis=0) / np.maximum(inside.sum(axis=0), 1)
    rest = np.where(inside, polar - mean, 0.0)
    half = rest.shape[1] // 2
    parts = []
    for own, there in ((rest[:, :half], inside[:, :half]), (rest[:, half:], inside[:, half:])):
        count = there.sum(axis=1)
        parts.append(np.where(count > half // 3, own.sum(axis=1) / np.maximum(count, 1), np.nan))
    told = ~np.isnan(parts[0]) & ~np.isnan(parts[1])
    if told.sum() < DIRECTIONS // 6:
        return None
    near, far = (_fine(part, told) for part in parts)
    agree = float(np.corrcoef(near[told], far[told])[0, 1])
    both = np.where(told, (near + far) / 2, 0.0)
    rising_at = (both[:-1] <= STRONG / 2) & (both[1:] > STRONG / 2)
    return _Fan(both, agree, float(both[told].std()), int(rising_at.sum()))


def _fine(light: NDArray[np.float64], told: Mask) -> NDArray[np.float64]:
    """Light by direction without what changes slowly: a sky that is lighter on one side is no fan."""
    filled = np.where(told, light, np.nanmean(light[told]))
    pad = 24
    wide = np.concatenate([filled[-pad:], filled, filled[:pad]]).astype(np.float32)
    slow = cv2.GaussianBlur(wide[None], (0, 0), 12)[0, pad:-pad]
    return np.asarray(filled - slow)


def _there(on: Looked, light: Shining, fan: _Fan) -> Mask:
    """The pixels (h, w) of the rays."""
    high, wide = on.labels.shape
    down, across = np.indices((high, wide), dtype=np.float32)
    down, across = down - light.y * high, across - light.x * wide
    turn = np.mod(np.arctan2(down, across), 2 * np.pi) / (2 * np.pi) * DIRECTIONS
    away = np.hypot(down, across) / math.hypot(high, wide)
    lit = fan.light[np.minimum(turn.astype(int), DIRECTIONS - 1)] > STRONG / 2
    return np.asarray(lit & (away > NEAR / 2) & (away < FAR))
