"""How much of a picture a palette reaches, and which one exchange would help most."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cache

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference
from ..colour.spectra import spectrum_of_lab
from ..materials.media import Medium
from ..materials.paints import PAINTS, Paint
from ..materials.surfaces import Surface
from ..optics.vehicle import vehicle_of
from ..recipe.mixture import bench_of
from ..reference.mass import Mass

REACHED = 6.0
"""ΔE₀₀ within which a mixture counts as the colour."""
RATIOS = (0.04, 0.2, 0.5, 0.8, 0.96)
"""Shares of the first of two paints that are tried."""
STEPS = {
    False: (0.012, 0.025, 0.045, 0.08, 0.13, 0.21, 0.34, 0.55, 0.9),
    True: (0.0, 0.25, 0.5, 0.75, 0.9, 0.96, 0.985),
}
"""Thicknesses of a wash; shares of white where the medium covers."""

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]


@dataclass(frozen=True)
class Coverage:
    """`share` 0–1 of the picture within REACHED; `missed` (mass id, ΔE₀₀) of those out of reach, worst
    first; `mean` ΔE₀₀ weighted by share. `swap` (out, in) keys that would help most, with the share then."""

    share: float
    mean: float
    missed: tuple[tuple[str, float], ...]
    swap: tuple[str, str] | None = None
    swapped: float | None = None


def coverage_of(
    palette: Sequence[Paint], masses: Sequence[Mass], medium: Medium, surface: Surface
) -> Coverage:
    """What a palette reaches of the masses' planned colours, with the best exchange of one paint.

    Mixtures of two paints, thinned or with white, by the films of the medium: modelled.
    """
    place, _, _ = reach_of(medium.key, surface)
    apart = _apart(masses, medium, surface, any(paint.key == "white" for paint in palette))
    bare = np.asarray(difference(np.array([mass.target_lab for mass in masses]), np.asarray(surface.lab)))
    own = [place[paint.key] for paint in palette]
    shares = np.array([mass.share for mass in masses])
    shares = shares / max(float(shares.sum()), 1e-9)
    nearest = _nearest(apart, own, bare)
    share, mean = min(float(shares[nearest <= REACHED].sum()), 1.0), float((shares * nearest).sum())
    order = np.argsort(-nearest * np.sqrt(shares))
    missed = tuple((masses[m].id, float(nearest[m])) for m in order if nearest[m] > REACHED)
    if not missed or len(palette) < 3:
        return Coverage(share, mean, missed)
    kept = [place[key] for key in ("white", "black") if place[key] in own]
    swap, then = _best_swap(apart, bare, own, shares, mean, kept)
    keys = list(place)
    return Coverage(share, mean, missed, (keys[swap[0]], keys[swap[1]]) if swap else None, then)


@cache
def reach_of(medium: str, surface: Surface) -> tuple[dict[str, int], Ints, Floats]:
    """What every two listed paints reach over a surface: their places, the pairs (n, 2), Lab (n, m, 3).

    Thinned over a transparent medium's surface, mixed with white where a medium covers.
    """
    vehicle, paints = vehicle_of(medium), tuple(PAINTS.values())
    bench = bench_of(paints, vehicle, spectrum_of_lab(surface.lab))
    place = {paint.key: k for k, paint in enumerate(paints)}
    pairs = np.array([(i, j) for i in range(len(paints)) for j in range(i, len(paints))], dtype=np.intp)
    ratio = np.array(RATIOS)
    loads = np.zeros((len(pairs), len(RATIOS), len(STEPS[vehicle.covers]), len(paints)), np.float32)
    rows = np.arange(len(pairs))
    for k, step in enumerate(STEPS[vehicle.covers]):
        full = vehicle.strongest * (1 - step) if vehicle.covers else step
        for place_of, share in ((pairs[:, 0], ratio), (pairs[:, 1], 1 - ratio)):
            for r, part in enumerate(share):
                loads[rows, r, k, place_of] += part * full
        if vehicle.covers:
            loads[:, :, k, place["white"]] += vehicle.strongest * step
    return place, pairs, bench.labs(loads.reshape(len(pairs), -1, len(paints)))


def _apart(masses: Sequence[Mass], medium: Medium, surface: Surface, white: bool) -> Floats:
    """ΔE₀₀ (m, p, p) of each mass's planned colour from what each two paints reach, with `white` or water."""
    place, pairs, labs = reach_of(medium.key, surface)
    if not white and not medium.transparent:
        labs = labs[:, :: len(STEPS[True])]
    apart = np.zeros((len(masses), len(place), len(place)))
    flat = labs.reshape(-1, 3)
    for m, mass in enumerate(masses):
        away = np.square(flat - np.asarray(mass.target_lab)).sum(axis=1).reshape(len(pairs), -1)
        near = np.take_along_axis(labs, away.argmin(axis=1)[:, None, None], axis=1)[:, 0]
        found = difference(np.asarray(mass.target_lab), near)
        apart[m, pairs[:, 0], pairs[:, 1]] = apart[m, pairs[:, 1], pairs[:, 0]] = found
    return apart


def _nearest(apart: Floats, palette: Sequence[int], bare: Floats) -> Floats:
    """ΔE₀₀ (m,) of the nearest mixture of a palette, or of the surface left as it is (m,)."""
    own = np.array(palette)
    return np.asarray(np.minimum(apart[:, own[:, None], own].min(axis=(1, 2)), bare))


def _best_swap(
    apart: Floats, bare: Floats, palette: Sequence[int], shares: Floats, mean: float, kept: Sequence[int]
) -> tuple[tuple[int, int] | None, float | None]:
    """The exchange (out, in) that would lower the mean most, and the share reached then."""
    best: tuple[float, tuple[int, int] | None, float | None] = (mean - 0.2, None, None)
    for new in set(range(apart.shape[1])) - set(palette):
        for old in set(palette) - set(kept):
            then = _nearest(apart, [new if k == old else k for k in palette], bare)
            score = float((shares * then).sum())
            if score < best[0] - 1e-12:
                best = (score, (old, new), float(shares[then <= REACHED].sum()))
    return best[1], best[2]
