"""Grain of pastel on a toothed sheet: what of it is covered, and how covered and bare mix to the eye.

Dots smaller than the eye can tell mix by area, but light wanders between them in the sheet, which darkens the
mixture: R^(1/n) is what mixes, with n = 1 where it does not wander and 2 where it wanders far (Yule and
Nielsen 1951).
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.spectra import value_of_spectrum
from ..colour.value import luminance_of

Floats = NDArray[np.float64]

WANDER = 1.6
"""n of pastel on paper: grain lies on top, so light wanders less than in print. A guess."""
PRESSURES = {"light": 0.35, "middle": 0.6, "firm": 0.85}
"""Share of the grain of a sheet that one going-over covers."""
TOOTH = 2.0
"""Covers, summed over layers, that fill the tooth of an ordinary sheet: then nothing more holds."""
RUBBED = 1.25
"""Times the grain that a finger spreads over what one stroke leaves bare. A guess."""
DARKENED = 0.4
"""Values that workable fixative takes at a middle value; black and white it leaves as they are. A guess."""
GIVEN_BACK = 0.5
"""Cover that a light coat of fixative lets the sheet hold once more. A guess."""


def mixing(reflectance: ArrayLike) -> Floats:
    """A reflectance (…, 36) in the form that mixes by area."""
    return np.asarray(np.asarray(reflectance, dtype=np.float64) ** (1 / WANDER))


def seen(mixed: ArrayLike) -> Floats:
    """The reflectance (…, 36) of what was mixed by area."""
    return np.asarray(np.asarray(mixed, dtype=np.float64) ** WANDER)


def laid(stick: ArrayLike, cover: ArrayLike, ground: ArrayLike) -> Floats:
    """The look (…, 36) of a stick over a ground, `cover` 0–1 of the grain covered."""
    share = np.asarray(cover, dtype=np.float64)[..., None]
    return seen(share * mixing(stick) + (1 - share) * mixing(ground))


def blended(one: ArrayLike, other: ArrayLike, share: float) -> Floats:
    """Two reflectances (…, 36) rubbed into each other with a finger: the dots of the grain are gone."""
    return share * np.asarray(one, dtype=np.float64) + (1 - share) * np.asarray(other, dtype=np.float64)


def rubbed(sticks: Sequence[ArrayLike], covers: Sequence[float], ground: ArrayLike) -> Floats:
    """The look (36,) of sticks laid over each other with covers 0–1, each rubbed with a finger.

    Grain is spread over more of what lies below it, and its dots are gone: colours mix as light does.
    """
    reflectance = np.asarray(ground, dtype=np.float64)
    for stick, cover in zip(sticks, covers, strict=True):
        reflectance = blended(stick, reflectance, min(1.0, RUBBED * cover))
    return reflectance


def tooth_left(covers: Sequence[float], sprayed: int = 0) -> float:
    """Share 0–1 of an ordinary sheet's tooth that still holds grain after covers, `sprayed` so many times."""
    return float(np.clip(1 - (sum(covers) - GIVEN_BACK * sprayed) / TOOTH, 0, 1))


def fixed(reflectance: ArrayLike) -> Floats:
    """The look (…, 36) after a light coat of workable fixative: grain is wetted and lies closer.

    Its value falls by DARKENED in the middle of the scale, less toward both ends.
    """
    reflectance = np.asarray(reflectance, dtype=np.float64)
    value = value_of_spectrum(reflectance)
    wanted, now = luminance_of(value_fixed(value)), luminance_of(value)
    return reflectance * (wanted / np.maximum(now, 1e-9))[..., None]


def value_fixed(value: ArrayLike) -> Floats:
    """The Munsell value (…,) 0–10 that a light coat of workable fixative leaves of one (…,)."""
    value = np.asarray(value, dtype=np.float64)
    return value - DARKENED * 4 * value * (10 - value) / 100
