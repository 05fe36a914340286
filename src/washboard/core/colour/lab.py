"""sRGB, CIE XYZ and CIE Lab (D65, 2° observer), and the difference of two colours."""

from __future__ import annotations

import numpy as np
from numpy.typing import ArrayLike, NDArray

from .value import luminance_of, value_of

Floats = NDArray[np.float64]

RGB_TO_XYZ = np.array(
    [[0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041]]
)
"""Linear sRGB to XYZ with Y of white = 1: the primaries of IEC 61966-2-1 and D65, to seven digits."""
XYZ_TO_RGB = np.linalg.inv(RGB_TO_XYZ)
WHITE = RGB_TO_XYZ @ np.ones(3)
"""The white that the matrix gives to (1, 1, 1): greys then have a* = b* = 0 exactly."""
EPSILON = 216 / 24389
KAPPA = 24389 / 27
"""CIE 15:2004 constants of the Lab function, as exact fractions."""


def linear_of(srgb: ArrayLike) -> Floats:
    """Linear light (0–1) of encoded sRGB (any shape, 0–1). Source: IEC 61966-2-1."""
    encoded = np.asarray(srgb, dtype=np.float64)
    return np.where(encoded <= 0.04045, encoded / 12.92, ((encoded + 0.055) / 1.055) ** 2.4)


def encoded_of(linear: ArrayLike) -> Floats:
    """Encoded sRGB (0–1, clipped to the gamut) of linear light (any shape)."""
    light = np.clip(np.asarray(linear, dtype=np.float64), 0.0, 1.0)
    return np.where(light <= 0.0031308, light * 12.92, 1.055 * light ** (1 / 2.4) - 0.055)


OPPOSITE = 1e-9
"""Degrees by which opposite hues may be off for rounding."""
LINEAR_OF_BYTE = linear_of(np.arange(256) / 255.0)
"""Linear light of each of the 256 encoded levels."""


def lab_of_xyz(xyz: ArrayLike, white: Floats = WHITE) -> Floats:
    """CIE Lab (…, 3) of XYZ (…, 3) with Y of white = 1, daylight's by default. Source: CIE 15:2004, 8.2.1."""
    ratio = np.asarray(xyz, dtype=np.float64) / white
    f = np.where(ratio > EPSILON, np.cbrt(ratio), (KAPPA * ratio + 16) / 116)
    return np.stack([116 * f[..., 1] - 16, 500 * (f[..., 0] - f[..., 1]), 200 * (f[..., 1] - f[..., 2])], -1)


def xyz_of_lab(lab: ArrayLike) -> Floats:
    """XYZ (…, 3), Y of white = 1, of CIE Lab (…, 3): the inverse of `lab_of_xyz`."""
    colour = np.asarray(lab, dtype=np.float64)
    fy = (colour[..., 0] + 16) / 116
    f = np.stack([fy + colour[..., 1] / 500, fy, fy - colour[..., 2] / 200], -1)
    cubed = f**3
    return np.where(cubed > EPSILON, cubed, (116 * f - 16) / KAPPA) * WHITE


def lab_of_linear(rgb: ArrayLike) -> Floats:
    """CIE Lab (…, 3) of linear sRGB (…, 3), 0–1."""
    return lab_of_xyz(np.asarray(rgb, dtype=np.float64) @ RGB_TO_XYZ.T)


def linear_of_lab(lab: ArrayLike) -> Floats:
    """Linear sRGB (…, 3) of CIE Lab (…, 3); not clipped to the gamut."""
    return xyz_of_lab(lab) @ XYZ_TO_RGB.T


def value_of_linear(rgb: ArrayLike) -> Floats:
    """Munsell value (…) of linear sRGB (…, 3)."""
    return value_of(100 * (np.asarray(rgb, dtype=np.float64) @ RGB_TO_XYZ[1]))


def lightness_of_value(value: float) -> float:
    """CIE L* of a Munsell value 0–10: of its luminance alone, ASTM D1535 and CIE 15:2004."""
    return float(lab_of_linear([float(luminance_of(value)) / 100] * 3)[0])


def value_of_lab(lab: ArrayLike) -> Floats:
    """Munsell value (…) of CIE Lab (…, 3): of its luminance alone."""
    fy = (np.asarray(lab, dtype=np.float64)[..., 0] + 16) / 116
    cubed = fy**3
    return value_of(100 * np.where(cubed > EPSILON, cubed, (116 * fy - 16) / KAPPA))


def difference(one: ArrayLike, other: ArrayLike) -> Floats:
    """CIEDE2000 difference of two Lab arrays (…, 3), broadcast against each other.

    Source: Sharma, Wu, Dalal (2005), equations 2–22, with all parametric weights 1.
    """
    l1, a1, b1 = np.moveaxis(np.asarray(one, dtype=np.float64), -1, 0)
    l2, a2, b2 = np.moveaxis(np.asarray(other, dtype=np.float64), -1, 0)
    mean_chroma7 = ((np.hypot(a1, b1) + np.hypot(a2, b2)) / 2) ** 7
    g = 0.5 * (1 - np.sqrt(mean_chroma7 / (mean_chroma7 + 25.0**7)))
    a1, a2 = (1 + g) * a1, (1 + g) * a2
    c1, c2 = np.hypot(a1, b1), np.hypot(a2, b2)
    h1, h2 = np.degrees(np.arctan2(b1, a1)) % 360, np.degrees(np.arctan2(b2, a2)) % 360
    turn = h2 - h1
    # For hues exactly 180° apart keep the given direction: the published test pairs need it.
    turn = turn - 360 * np.sign(turn) * (np.abs(turn) > 180 + OPPOSITE)
    grey = c1 * c2 == 0
    turn = np.where(grey, 0.0, turn)
    mean_hue = np.where(grey, h1 + h2, h1 + turn / 2) % 360
    big_h = 2 * np.sqrt(c1 * c2) * np.sin(np.radians(turn / 2))
    mean_l, mean_c = (l1 + l2) / 2, (c1 + c2) / 2
    return _weighted(l2 - l1, c2 - c1, big_h, mean_l, mean_c, mean_hue)


def _weighted(dl: Floats, dc: Floats, dh: Floats, mean_l: Floats, mean_c: Floats, mean_h: Floats) -> Floats:
    """The second half of CIEDE2000: weights, rotation term, root (equations 15–22)."""
    t = (
        1
        - 0.17 * np.cos(np.radians(mean_h - 30))
        + 0.24 * np.cos(np.radians(2 * mean_h))
        + 0.32 * np.cos(np.radians(3 * mean_h + 6))
        - 0.20 * np.cos(np.radians(4 * mean_h - 63))
    )
    sl = 1 + 0.015 * (mean_l - 50) ** 2 / np.sqrt(20 + (mean_l - 50) ** 2)
    sc = 1 + 0.045 * mean_c
    sh = 1 + 0.015 * mean_c * t
    rc = 2 * np.sqrt(mean_c**7 / (mean_c**7 + 25.0**7))
    rt = -rc * np.sin(np.radians(60 * np.exp(-(((mean_h - 275) / 25) ** 2))))
    l_term, c_term, h_term = dl / sl, dc / sc, dh / sh
    total = l_term**2 + c_term**2 + h_term**2 + rt * c_term * h_term
    return np.asarray(np.sqrt(np.maximum(total, 0.0)))


def greys(levels: int = 256, per_value: float = 25.5) -> list[int]:
    """Encoded sRGB (0–255) of the neutral grey of each level of a value picture."""
    value = np.arange(levels) / per_value
    return [int(g) for g in np.rint(encoded_of(luminance_of(value) / 100) * 255)]
