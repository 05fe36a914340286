"""Two-constant Kubelka–Munk: what a film of paint does to light, band by band.

K and S are absorption and scattering of a film one unit thick (Kubelka 1948). All functions take arrays whose
last axis is the bands; nothing here knows a surface: reflectances are those inside the film.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..errors import InvalidInput

Floats = NDArray[np.float64]

LEAST = 1e-9
"""Least reflectance and transmittance that is told from none."""


def film(absorption: ArrayLike, scattering: ArrayLike, thickness: ArrayLike = 1.0) -> tuple[Floats, Floats]:
    """Reflectance over black and transmittance (…, bands) of a film.

    `absorption` K and `scattering` S ≥ 0 (…, bands) a unit, `thickness` ≥ 0 in units, broadcast against
    them. R = S t / ((K + S) t + 1), T = sech(w x) / ((K + S) t + 1) with w = √(K (K + 2 S)) and
    t = tanh(w x) / w: the hyperbolic solution written so that it stays exact for no scattering (the law of
    Beer and Lambert), no absorption (S x / (1 + S x)) and any thickness.
    """
    k, s = np.asarray(absorption, dtype=np.float64), np.asarray(scattering, dtype=np.float64)
    x = np.asarray(thickness, dtype=np.float64)
    # tanh(w x) / w → x as w → 0: w = 1e-12 gives x to the last digit and avoids 0 / 0.
    w = np.maximum(np.sqrt(k * (k + 2 * s)), 1e-12)
    # tanh and sech by one exponential: e = exp(−2 w x) − 1 keeps its digits for thin films, and cosh(w x)
    # would overflow for thick ones.
    e = np.expm1(-2 * w * x)
    both = 2 + e
    below = (both * w) - (k + s) * e
    return -s * e / below, 2 * np.sqrt(1 + e) * w / below


def over(reflectance: ArrayLike, transmittance: ArrayLike, ground: ArrayLike) -> Floats:
    """Reflectance (…, bands) of a film over a ground: R + T² Rg / (1 − R Rg)."""
    r, t = np.asarray(reflectance, dtype=np.float64), np.asarray(transmittance, dtype=np.float64)
    g = np.asarray(ground, dtype=np.float64)
    return r + t * t * g / (1 - r * g)


def stacked(upper: tuple[Floats, Floats], lower: tuple[Floats, Floats]) -> tuple[Floats, Floats, Floats]:
    """Two films as one, each given as reflectance and transmittance (…, 36): reflectance from above,
    transmittance, and reflectance from below."""
    (r1, t1), (r2, t2) = upper, lower
    between = 1 - r1 * r2
    return r1 + t1 * t1 * r2 / between, t1 * t2 / between, r2 + t2 * t2 * r1 / between


def infinite(absorption: ArrayLike, scattering: ArrayLike) -> Floats:
    """Reflectance (…, bands) of a film too thick to see through: 1 + K/S − √((K/S)² + 2 K/S)."""
    k, s = np.asarray(absorption, dtype=np.float64), np.asarray(scattering, dtype=np.float64)
    return s / np.maximum(k + s + np.sqrt(k * (k + 2 * s)), LEAST)


def constants_of(
    over_white: ArrayLike, over_black: ArrayLike, white: ArrayLike = 1.0, black: ArrayLike = 0.0
) -> tuple[Floats, Floats]:
    """K and S (…, bands) of the film that looks so over two backings of known reflectance.

    The film's own reflectance over nothing follows exactly: the two equations of `over` differ only in terms
    linear in it. K and S then come from the inverse of `film` (Kubelka 1948). Raises InvalidInput for
    reflectances that are no numbers or outside 0 to 1, a film no lighter over white than over black, or
    backings the wrong way round.
    """
    rw, rb = np.asarray(over_white, dtype=np.float64), np.asarray(over_black, dtype=np.float64)
    bw, bb = np.asarray(white, dtype=np.float64), np.asarray(black, dtype=np.float64)
    given = np.broadcast_arrays(rw, rb, bw, bb)
    if not all(np.isfinite(each).all() for each in given):
        raise InvalidInput("refused-reflectance-no-number")
    if any((each < 0).any() or (each > 1).any() for each in given):
        raise InvalidInput("refused-reflectance-range")
    if (bw <= bb).any():
        raise InvalidInput("refused-backings-exchanged")
    if (rw <= rb).any():
        raise InvalidInput("refused-film-lighter-over-black")
    r0 = (rw * bb - rb * bw) / (bb * (rw * bw + 1) - bw * (rb * bb + 1))
    r0 = np.clip(r0, LEAST, 1 - 2 * LEAST)
    squared = (rw - r0) * (1 - r0 * bw) / bw
    t = np.clip(np.sqrt(np.maximum(squared, LEAST**2)), LEAST, 1 - r0 - LEAST)
    return film_constants(r0, t)


def film_constants(reflectance: Floats, transmittance: Floats) -> tuple[Floats, Floats]:
    """K and S (…, bands) of the film one unit thick with R over black and T, R + T < 1: `film` inverted."""
    r, t = reflectance, transmittance
    a = (1 + r * r - t * t) / (2 * r)
    b = np.sqrt(np.maximum(a * a - 1, 0.0))
    # arcoth((1 − a R) / (b R)) = arsinh(b R / T) by sinh(b S x) = b R / T.
    wx = np.arcsinh(b * r / t)
    s = np.where(b > 1e-7, wx / np.where(b > 1e-7, b, 1.0), r / t)
    return s * (a - 1), s
