"""Reflectance spectra, 380–730 nm in steps of 10 nm: to XYZ, Lab and light, and back from a colour."""

from __future__ import annotations

from functools import cache

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..errors import UnknownName
from .illuminants import TABLES
from .lab import WHITE, XYZ_TO_RGB, lab_of_xyz, xyz_of_lab
from .value import luminance_of, value_of

Floats = NDArray[np.float64]

WAVELENGTHS = np.arange(380.0, 731.0, 10.0)
"""nm, 36 bands."""
BANDS = len(WAVELENGTHS)
DAYLIGHT = "D65"
STEPS, NEAR = 40, 1e-9
"""Most Newton steps for a smooth spectrum, and the error in XYZ at which it is done."""
LOW, HIGH = 0.0015, 0.985
"""Y between which a spectrum is sought: beyond, no smooth reflectance stays between 0 and 1."""


@cache
def weights(illuminant: str = DAYLIGHT) -> Floats:
    """(36, 3) weights of an illuminant by its standard name, Y of white = 1; raises UnknownName.

    Daylight is scaled (by less than 1e-5) so that the perfect white has exactly the white of sRGB.
    """
    if illuminant not in TABLES:
        raise UnknownName("illuminant", illuminant, TABLES)
    table = np.array(TABLES[illuminant].split(), dtype=np.float64).reshape(BANDS, 3) / 100
    table /= table[:, 1].sum()
    if illuminant == DAYLIGHT:
        table *= WHITE / table.sum(axis=0)
    return table


@cache
def _white(illuminant: str) -> Floats:
    return weights(illuminant).sum(axis=0)


def xyz_of_spectrum(reflectance: ArrayLike, illuminant: str = DAYLIGHT) -> Floats:
    """XYZ (…, 3), Y of white = 1, of reflectances (…, 36). Source: CIE 015:2018."""
    reflectances = np.asarray(reflectance, dtype=np.float64)
    # Flatten to one matrix product: a stack of small products takes ten times as long.
    light = reflectances.reshape(-1, BANDS) @ weights(illuminant)
    return light.reshape(*reflectances.shape[:-1], 3)


def lab_of_spectrum(reflectance: ArrayLike, illuminant: str = DAYLIGHT) -> Floats:
    """CIE Lab (…, 3) of reflectances (…, 36), relative to the perfect white under the same light."""
    return lab_of_xyz(xyz_of_spectrum(reflectance, illuminant), _white(illuminant))


def linear_of_spectrum(reflectance: ArrayLike) -> Floats:
    """Linear sRGB (…, 3) of reflectances (…, 36) in daylight; may lie outside 0–1."""
    return np.asarray(xyz_of_spectrum(reflectance) @ XYZ_TO_RGB.T)


def value_of_spectrum(reflectance: ArrayLike) -> Floats:
    """Munsell value (…) of reflectances (…, 36) in daylight."""
    reflectances = np.asarray(reflectance, dtype=np.float64)
    light = reflectances.reshape(-1, BANDS) @ np.ascontiguousarray(weights()[:, 1])
    return value_of(100 * light.reshape(reflectances.shape[:-1]))


def grey_of_value(value: ArrayLike) -> Floats:
    """The flat reflectance (…, 36) of a Munsell value 0–10."""
    return np.repeat(np.asarray(luminance_of(value) / 100)[..., None], BANDS, axis=-1)


def spectrum_of_lab(lab: ArrayLike) -> Floats:
    """The smoothest reflectance (…, 36), strictly between 0 and 1, with these colours (…, 3) in daylight.

    Least slope of z with reflectance (tanh z + 1) / 2, by Newton's method on the conditions of Lagrange
    (Burns 2015). A colour that no reflectance has is drawn toward its grey until one does.
    """
    wanted = np.asarray(lab, dtype=np.float64)
    flat = wanted.reshape(-1, 3)
    xyz = xyz_of_lab(flat)
    y = np.clip(xyz[:, 1], LOW, HIGH)
    grey = y[:, None] * WHITE
    xyz = np.where((xyz[:, 1] == y)[:, None], xyz, grey)
    result, found = _smoothest(xyz, y)
    left = np.flatnonzero(~found)
    for share in (0.9, 0.75, 0.6, 0.4, 0.2, 0.0):
        if not len(left):
            break
        drawn = grey[left] + share * (xyz[left] - grey[left])
        result[left], found = _smoothest(drawn, y[left])
        left = left[~found]
    return ((np.tanh(result) + 1) / 2).reshape(*wanted.shape[:-1], BANDS)


def _smoothest(xyz: Floats, y: Floats) -> tuple[Floats, NDArray[np.bool_]]:
    """z (n, 36) of each colour (n, 3), and whether (n,) it was found."""
    count = len(xyz)
    slope = np.zeros((BANDS, BANDS))
    for k in range(BANDS - 1):
        slope[k : k + 2, k : k + 2] += np.array([[2.0, -2.0], [-2.0, 2.0]])
    table = weights()
    z = np.repeat(np.arctanh(2 * y - 1)[:, None], BANDS, axis=1)
    multipliers = np.zeros((count, 3))
    found = np.zeros(count, bool)
    for _ in range(STEPS):
        going = np.flatnonzero(~found)
        if not len(going):
            break
        own, rate = z[going], multipliers[going]
        tanh = np.tanh(own)
        sech = (1 - tanh**2) / 2
        pull = rate @ table.T
        system = np.zeros((len(going), BANDS + 3, BANDS + 3))
        system[:, :BANDS, :BANDS] = slope
        diagonal = np.arange(BANDS)
        system[:, diagonal, diagonal] += -2 * sech * tanh * pull
        side = sech[..., None] * table
        system[:, :BANDS, BANDS:], system[:, BANDS:, :BANDS] = side, side.transpose(0, 2, 1)
        # For black the system is singular; a tiny diagonal keeps it solvable.
        system[:, range(BANDS, BANDS + 3), range(BANDS, BANDS + 3)] -= 1e-13
        missed = ((tanh + 1) / 2) @ table - xyz[going]
        right = -np.concatenate([own @ slope + sech * pull, missed], axis=1)
        step = np.linalg.solve(system, right[..., None])[..., 0]
        size = np.minimum(1.0, 2.5 / np.maximum(np.abs(step[:, :BANDS]).max(axis=1), 1e-12))[:, None]
        z[going] = np.clip(own + size * step[:, :BANDS], -9, 9)
        multipliers[going] = rate + size * step[:, BANDS:]
        now = ((np.tanh(z[going]) + 1) / 2) @ table - xyz[going]
        found[going] = np.abs(now).max(axis=1) < NEAR
    return z, found
