"""How much of a picture a palette reaches, and which one exchange would help most."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations

import numpy as np
from numpy.typing import NDArray
from scipy.spatial import cKDTree

from ..colour.lab import difference, lab_of_linear, linear_of_lab
from ..materials.media import Medium
from ..materials.paints import PAINTS, Paint
from ..materials.surfaces import Surface
from ..optics.film import DARKEST
from ..reference.mass import Mass

REACHED = 6.0
"""ΔE₀₀ within which a mixture counts as the colour."""
PARTS = (0.0, 0.2, 0.4, 0.6, 0.8, 1.0)
STRENGTHS = (0.08, 0.18, 0.3, 0.45, 0.62, 0.8, 1.0)
"""Shares of a thick film's density to which a mixture is thinned, or with which white is mixed."""

Floats = NDArray[np.float64]


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

    Mixtures of two paints and white or the surface, by the weighted mean of densities: a stand-in for
    films, modelled. Exchanges are tried by what they would do for the masses that are missed.
    """
    apart = _apart(palette, masses, medium, surface)
    shares = np.array([mass.share for mass in masses])
    shares = shares / max(float(shares.sum()), 1e-9)
    share, mean = min(float(shares[apart <= REACHED].sum()), 1.0), float((shares * apart).sum())
    order = np.argsort(-apart * np.sqrt(shares))
    missed = tuple((masses[m].id, float(apart[m])) for m in order if apart[m] > REACHED)
    if not missed or len(palette) < 3:
        return Coverage(share, mean, missed)
    swap, then = _best_swap(palette, masses, shares, mean, medium, surface)
    return Coverage(share, mean, missed, swap, then)


def mixtures_of(palette: Sequence[Paint], medium: Medium, surface: Surface) -> Floats:
    """Lab (n, 3) of what pairs of the palette reach: thinned over the surface, or mixed with its white."""
    strong = np.clip(linear_of_lab([p.strong for p in palette if p.key != "white"]), DARKEST, 1.0)
    density = -np.log10(strong)
    pairs = [(i, i) for i in range(len(density))] + list(combinations(range(len(density)), 2))
    mixed = np.concatenate(
        [
            part * density[[i for i, _ in pairs]] + (1 - part) * density[[j for _, j in pairs]]
            for part in PARTS
        ]
    )
    light = np.array(STRENGTHS)[:, None, None]
    if medium.transparent:
        looks = np.asarray(surface.linear) * 10.0 ** -(light * mixed)
    else:
        white = any(p.key == "white" for p in palette)
        base = linear_of_lab(PAINTS["white"].strong) if white else np.asarray(surface.linear)
        looks = 10.0 ** (light * -mixed + (1 - light) * np.log10(np.clip(base, DARKEST, 1.0)))
    alone = [
        np.asarray(surface.linear),
        *([linear_of_lab(PAINTS["white"].strong)] if not medium.transparent else []),
    ]
    return lab_of_linear(np.concatenate([looks.reshape(-1, 3), np.array(alone).reshape(-1, 3)]))


def _apart(palette: Sequence[Paint], masses: Sequence[Mass], medium: Medium, surface: Surface) -> Floats:
    """ΔE₀₀ (m,) of each mass's planned colour from the nearest mixture."""
    known = mixtures_of(palette, medium, surface)
    wanted = np.array([mass.target_lab for mass in masses])
    # The nearest by plain distance are few; among them the nearest by CIEDE2000 counts.
    _, near = cKDTree(known).query(wanted, k=min(12, len(known)))
    return np.asarray(difference(wanted[:, None], known[near]).min(axis=1))


def _best_swap(
    palette: Sequence[Paint],
    masses: Sequence[Mass],
    shares: Floats,
    mean: float,
    medium: Medium,
    surface: Surface,
) -> tuple[tuple[str, str] | None, float | None]:
    own = {paint.key for paint in palette}
    best: tuple[float, tuple[str, str] | None, float | None] = (mean - 0.2, None, None)
    spare = [paint for paint in palette if paint.key not in ("white", "black")]
    for new in (paint for paint in PAINTS.values() if paint.key not in own):
        for old in spare:
            tried = [new if paint is old else paint for paint in palette]
            apart = _apart(tried, masses, medium, surface)
            then = float((shares * apart).sum())
            if then < best[0]:
                best = (then, (old.key, new.key), float(shares[apart <= REACHED].sum()))
    return best[1], best[2]
