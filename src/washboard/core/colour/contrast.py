"""Simultaneous contrast: how light a tone looks on another. For judging only, never mixed into measures."""

from __future__ import annotations

import numpy as np

from .value import luminance_of, value_of

ADAPTED = 64.0
"""cd/m² to which the eye is adapted: white paper in a lit room."""
STANDARD = 20.0
"""Y of the background for which Munsell value was scaled."""


def value_seen_on(value: float, background: float) -> float:
    """The Munsell value (0–10) that a tone of `value` seems to have on a background of that value.

    It is the tone that has the same lightness J on the standard grey (Y = 20). J of CIECAM02 for a grey,
    CIE 159:2004, equations 16 to 24: J = 100 (A / Aw)^(c z) with z = 1.48 + √(Yb / Yw).

    >>> looks_on(5.0, 9.5) < 5.0 < looks_on(5.0, 1.0)
    True
    """
    shown = _response(float(luminance_of(value))) / _response(100.0)
    exponent = _base(float(luminance_of(background))) / _base(STANDARD)
    wanted = max(shown, 0.0) ** exponent
    luminances = np.linspace(0.0, 100.0, 2001)
    responses = np.array([_response(float(y)) for y in luminances]) / _response(100.0)
    return float(value_of(np.interp(wanted, responses, luminances)))


def _base(background: float) -> float:
    return 1.48 + float(np.sqrt(background / 100))


def _response(luminance: float) -> float:
    """The achromatic response A of a grey of luminance Y (0–100), without the factor Nbb that cancels."""
    k = 1 / (5 * ADAPTED + 1)
    level = 0.2 * k**4 * 5 * ADAPTED + 0.1 * (1 - k**4) ** 2 * (5 * ADAPTED) ** (1 / 3)
    raised = (level * luminance / 100) ** 0.42
    adapted = 400 * raised / (27.13 + raised) + 0.1
    return 3.05 * adapted - 0.305
