"""Grain of pastel on a toothed sheet: what of it is covered, and how covered and bare mix to the eye.

Dots smaller than the eye can tell mix by area, but light wanders between them in the sheet, which darkens the
mixture: R^(1/n) is what mixes, with n = 1 where it does not wander and 2 where it wanders far (Yule and
Nielsen 1951).
"""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

Floats = NDArray[np.float64]

WANDER = 1.6
"""n of pastel on paper: grain lies on top, so light wanders less than in print. A guess."""
PRESSURES = {"light": 0.35, "middle": 0.6, "firm": 0.85}
"""Share of the grain of a sheet that one going-over covers."""
TOOTH = 2.0
"""Covers, summed over layers, that fill the tooth of an ordinary sheet: then nothing more holds."""


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
    """Two colours rubbed into each other with a finger: grain fills the tooth and the dots are gone."""
    return share * np.asarray(one, dtype=np.float64) + (1 - share) * np.asarray(other, dtype=np.float64)
