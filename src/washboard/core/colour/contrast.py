"""Simultaneous contrast: how a tone looks on another. For judging only, never mixed into measures."""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike

from .lab import WHITE, Floats, lab_of_xyz, lightness_of_value, value_of_lab, xyz_of_lab
from .value import luminance_of, value_of

ADAPTED = 64.0
"""cd/m² to which the eye is adapted: white paper in a lit room."""
INDUCED = -0.2
"""The factor p of Hunt's model, 0 for no contrast of colours and -1 for all that there could be. A guess."""
CONES = np.array([[0.38971, 0.68898, -0.07868], [-0.22981, 1.18340, 0.04641], [0.0, 0.0, 1.0]])
"""XYZ to the responses of the cones after Hunt, Pointer and Estévez, for equal energy."""
STANDARD = 20.0
"""Y of the background for which Munsell value was scaled."""


def value_seen_on(value: float, background: float) -> float:
    """The Munsell value (0–10) that a tone of `value` seems to have on a background of that value.

    It is the tone that has the same lightness J on the standard grey (Y = 20). J of CIECAM02 for a grey,
    CIE 159:2004, equations 16 to 24: J = 100 (A / Aw)^(c z) with z = 1.48 + √(Yb / Yw).

    >>> value_seen_on(5.0, 9.5) < 5.0 < value_seen_on(5.0, 1.0)
    True
    """
    shown = _response(float(luminance_of(value))) / _response(100.0)
    exponent = _base(float(luminance_of(background))) / _base(STANDARD)
    wanted = max(shown, 0.0) ** exponent
    luminances = np.linspace(0.0, 100.0, 2001)
    responses = np.array([_response(float(y)) for y in luminances]) / _response(100.0)
    return float(value_of(np.interp(wanted, responses, luminances)))


def colour_seen_on(lab: ArrayLike, background: ArrayLike) -> Floats:
    """The Lab (3,) that a colour (3,) seems to have on a background (3,): away from it in value, hue and
    chroma.

    Its value is that of `value_seen_on`. For hue and chroma the eye takes another white for white, which
    leans toward the background: the colour is what looks the same under the true white (von Kries). The
    models' own bounds hold: on a grey nothing but the value moves."""
    colour, field = np.asarray(lab, dtype=np.float64), np.asarray(background, dtype=np.float64)
    white = leaning_white(field) / (CONES @ WHITE)
    seen = lab_of_xyz(np.linalg.solve(CONES, CONES @ xyz_of_lab(colour) / white))
    value = value_seen_on(float(value_of_lab(colour)), float(value_of_lab(field)))
    return np.array([lightness_of_value(value), seen[1], seen[2]])


def leaning_white(background: ArrayLike) -> Floats:
    """The cone responses (3,) of what passes for white beside a background of Lab (3,).

    Hunt (1991), simultaneous contrast: ρ'w = ρw √[((1 − p) r + (1 + p) / r) / ((1 + p) r + (1 − p) / r)] with
    r the response to the background over that to a grey of its luminance, p = INDUCED."""
    around = xyz_of_lab(background)
    ratio = (CONES @ around) / np.maximum(CONES @ (WHITE * around[1]), 1e-9)
    ratio = np.clip(ratio, *FAR)
    more, less = 1 + INDUCED, 1 - INDUCED
    return CONES @ WHITE * np.sqrt((less * ratio + more / ratio) / (more * ratio + less / ratio))


FAR = (0.2, 5.0)
"""Ratios of responses beyond which a background is taken for no stronger."""


def _base(background: float) -> float:
    return 1.48 + float(np.sqrt(background / 100))


def _response(luminance: float) -> float:
    """The achromatic response A of a grey of luminance Y (0–100), without the factor Nbb that cancels."""
    k = 1 / (5 * ADAPTED + 1)
    level = 0.2 * k**4 * 5 * ADAPTED + 0.1 * (1 - k**4) ** 2 * (5 * ADAPTED) ** (1 / 3)
    raised = (level * luminance / 100) ** 0.42
    adapted = 400 * raised / (27.13 + raised) + 0.1
    return 3.05 * adapted - 0.305
