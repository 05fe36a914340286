"""Munsell value from luminance and back: ASTM D1535, current scale (perfect diffuser = 100)."""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

Floats = NDArray[np.float64]

QUINTIC = (0.0, 1.1914, -0.22533, 0.23352, -0.020484, 0.00081939)
"""Coefficients of Y in powers of V, ASTM D1535-14 equation 2; the 1943 scale is these / 0.975."""

_SLOPE = tuple(power * c for power, c in enumerate(QUINTIC))[1:]
_GRID = np.linspace(0.0, 10.0, 8193)


def _horner(at: Floats, coefficients: tuple[float, ...]) -> Floats:
    total = np.full_like(at, coefficients[-1])
    for coefficient in coefficients[-2::-1]:
        total = total * at + coefficient
    return total


_LUMINANCE = _horner(_GRID, QUINTIC)


def luminance_of(value: ArrayLike) -> Floats:
    """Luminance Y (0–100, perfect diffuser = 100) of Munsell value (any shape, 0–10).

    Values outside 0–10 are clipped. Source: ASTM D1535-14, equation 2.

    >>> round(float(luminance_of(5.0)), 2)
    19.27
    """
    clipped = np.clip(np.asarray(value, dtype=np.float64), 0.0, 10.0)
    return _horner(clipped, QUINTIC)


def value_of(luminance: ArrayLike) -> Floats:
    """Munsell value (0–10) of luminance Y (any shape, 0–100): the inverse of `luminance_of`.

    The quintic is monotone on 0–10. A table of 8193 knots gives a first guess, one Newton step
    brings the error below 1e-9. Luminance outside 0–100 is clipped.

    >>> round(float(value_of(19.272)), 3)
    5.0
    """
    target = np.clip(np.asarray(luminance, dtype=np.float64), 0.0, 100.0)
    guess = np.interp(target, _LUMINANCE, _GRID)
    error = _horner(guess, QUINTIC) - target
    return np.clip(guess - error / _horner(guess, _SLOPE), 0.0, 10.0)
