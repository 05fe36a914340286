"""A painter's own paint from a swatch strip: K and S moved from the table's as far as the swatches ask.

A strip holds films over white and over black and thinner ones over white, read as Lab. That is too little to
find 36 bands, so the table's K and S are multiplied by smooth factors (straight between a few wavelengths, in
their logarithm) and these are fitted, held back toward 1 where the swatches say nothing.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, lab_of_linear, linear_of_lab
from ..colour.spectra import BANDS, WAVELENGTHS, lab_of_spectrum
from ..errors import InvalidInput
from ..optics.kubelka import film, over

Floats = NDArray[np.float64]

BENDS_K = (400.0, 450.0, 500.0, 550.0, 600.0, 650.0, 710.0)
BENDS_S = (420.0, 680.0)
"""Wavelengths in nm between which the factors of K and of S run straight."""
HELD = 0.9
"""Weight against moving a factor by one in its logarithm, in ΔE of one channel."""
FEWEST = 3
"""Swatches without which nothing is fitted."""
STRANGE, TIMES = 5.0, 3.0
"""ΔE₀₀ from which a swatch is an outlier, and how many times the others' median it must be."""
AT_BORDER = 0.004
"""Linear light of a channel at which a reading counts as clipped."""
MOST_FILM = 10.0


@dataclass(frozen=True)
class Swatch:
    """One field of a strip: a film in unit films over a backing of known reflectance, read as Lab."""

    film: float
    backing: float
    lab: tuple[float, float, float]


@dataclass(frozen=True)
class Refit:
    """K and S (36,) of a unit film as fitted; mean ΔE₀₀ to the swatches `before` and `after`.

    `outliers`: places in the strip of what was left out because it fits with none of the others.
    """

    absorption: Floats
    scattering: Floats
    before: float
    after: float
    outliers: tuple[int, ...]


def refit(absorption: Floats, scattering: Floats, swatches: Sequence[Swatch]) -> Refit:
    """The paint whose table has K and S (36,) as its painter's swatches show it.

    Raises InvalidInput for fewer than FEWEST swatches, none over another thickness or backing, or swatches
    that are no numbers or cannot be.
    """
    _check(swatches)
    used = list(range(len(swatches)))
    factors = _fitted(absorption, scattering, swatches)
    apart = _apart(absorption, scattering, factors, swatches)
    outliers: list[int] = []
    if len(swatches) > FEWEST + 1:
        for k in range(len(swatches)):
            rest = [n for n in used if n != k]
            without = _fitted(absorption, scattering, [swatches[n] for n in rest])
            missed = _apart(absorption, scattering, without, swatches)
            if missed[k] > max(STRANGE, TIMES * float(np.median(missed[rest]))) and missed[k] > apart.mean():
                outliers.append(k)
    # Leave out one outlier at most: with two, nobody can tell which is right.
    if outliers:
        worst = max(outliers, key=lambda k: apart[k])
        outliers, used = [worst], [n for n in used if n != worst]
        factors = _fitted(absorption, scattering, [swatches[n] for n in used])
        apart = _apart(absorption, scattering, factors, swatches)
    before = _apart(absorption, scattering, np.zeros(len(factors)), swatches)
    own = _moved(absorption, scattering, factors)
    return Refit(*own, float(before[used].mean()), float(apart[used].mean()), tuple(outliers))


def _check(swatches: Sequence[Swatch]) -> None:
    if len(swatches) < FEWEST:
        raise InvalidInput("refused-swatches-too-few", fewest=FEWEST, number=len(swatches))
    for swatch in swatches:
        numbers = np.array([swatch.film, swatch.backing, *swatch.lab])
        if not np.isfinite(numbers).all():
            raise InvalidInput("refused-swatch-no-number")
        if not (0 < swatch.film <= MOST_FILM and 0 <= swatch.backing <= 1 and 0 <= swatch.lab[0] <= 100):
            raise InvalidInput("refused-swatch-range", most_film=f"{MOST_FILM:g}")
    if len({(swatch.film, swatch.backing) for swatch in swatches}) < 2:
        raise InvalidInput("refused-swatches-alike")


def _moved(absorption: Floats, scattering: Floats, factors: Floats) -> tuple[Floats, Floats]:
    """K and S with the logarithms of their factors at the bends."""
    bend = len(BENDS_K)
    return (
        absorption * np.exp(np.interp(WAVELENGTHS, BENDS_K, factors[:bend])),
        scattering * np.exp(np.interp(WAVELENGTHS, BENDS_S, factors[bend:])),
    )


def _looks(absorption: Floats, scattering: Floats, factors: Floats, swatches: Sequence[Swatch]) -> Floats:
    k, s = _moved(absorption, scattering, factors)
    thick = np.array([swatch.film for swatch in swatches])[:, None]
    ground = np.array([swatch.backing for swatch in swatches])[:, None] * np.ones(BANDS)
    return lab_of_spectrum(over(*film(k, s, thick), ground))


def _apart(absorption: Floats, scattering: Floats, factors: Floats, swatches: Sequence[Swatch]) -> Floats:
    """ΔE₀₀ (n,) of each swatch from what the factors give."""
    read = np.array([swatch.lab for swatch in swatches])
    return np.asarray(difference(_as_read(_looks(absorption, scattering, factors, swatches), read), read))


def _as_read(looks: Floats, read: Floats) -> Floats:
    """Looks (n, 3) as a photo would hold them, where what was `read` (n, 3) lies at the border of what it
    can."""
    clipped = (np.abs(linear_of_lab(read)) < AT_BORDER).any(axis=1, keepdims=True)
    return np.where(clipped, lab_of_linear(np.clip(linear_of_lab(looks), 0.0, 1.0)), looks)


def _fitted(absorption: Floats, scattering: Floats, swatches: Sequence[Swatch]) -> Floats:
    from scipy.optimize import least_squares  # takes long to import: only where it is needed

    read = np.array([swatch.lab for swatch in swatches])
    chroma = np.hypot(read[:, 1], read[:, 2])[:, None]
    # Weigh by chroma as CIEDE2000 does: the same step counts less in strong colours.
    weight = np.concatenate(
        [np.ones_like(chroma), 1 / (1 + 0.035 * chroma), 1 / (1 + 0.035 * chroma)], axis=1
    )

    def missed(factors: Floats) -> Floats:
        off = (_as_read(_looks(absorption, scattering, factors, swatches), read) - read) * weight
        return np.concatenate([off.ravel(), HELD * factors])

    start = np.zeros(len(BENDS_K) + len(BENDS_S))
    return np.asarray(least_squares(missed, start, loss="soft_l1", f_scale=4.0, max_nfev=60).x)
