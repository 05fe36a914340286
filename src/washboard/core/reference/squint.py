"""Squinting: small things melt, borders stay."""

from __future__ import annotations

import math
from dataclasses import dataclass

import cv2
import numpy as np

from ..colour.value import luminance_of, value_of
from .accents import Accents, painted_out
from .bands import families_of
from .picture import Labels, Picture, Singles, fitted, segment_side

STRONGEST = 3.0
MM_A_METRE = 1000 * math.tan(math.radians(1 / 60))
"""What one minute of arc, the finest that the eye resolves, covers in mm at a metre."""
FARTHEST = 50.0


@dataclass(frozen=True)
class Squinted:
    """The picture after squinting at segment size: `value` (h, w), `colour` (h, w, 2) a* and b*.

    `family` (h, w) numbers the colour family of each pixel: things of like value that differ in hue.
    """

    value: Singles
    colour: Singles
    family: Labels


def squint(picture: Picture, accents: Accents, strength: float) -> Squinted:
    """Edge-preserving smoothing with a strength of 0 (none) to 3.

    A median removes confetti and serves as guide; a domain-transform filter (Gastal and Oliveira
    2011) of the unsmoothed values on that guide puts the borders back. Sizes scale with the picture.
    """
    side = segment_side(picture.shape)
    size = fitted(picture.shape, side)
    value = painted_out(cv2.resize(picture.value, size, interpolation=cv2.INTER_AREA), accents)
    colour = np.ascontiguousarray(cv2.resize(picture.lab, size, interpolation=cv2.INTER_AREA)[..., 1:])
    strength = float(np.clip(strength, 0.0, STRONGEST))
    if strength <= 0:
        return Squinted(value, colour, families_of(value, colour))
    unit = max(size) / side
    half = cv2.resize(_eight_bit(value), fitted(value.shape, max(size) // 2), interpolation=cv2.INTER_AREA)
    guide = cv2.resize(cv2.medianBlur(half, _odd(3.6 * strength * unit)), size)
    smooth = cv2.ximgproc.dtFilter(guide, value, 12 * strength * unit, 22.0, numIters=2)
    smooth = cv2.ximgproc.dtFilter(_eight_bit(smooth), smooth, 9 * strength * unit, 14.0, numIters=2)
    colour = cv2.medianBlur(colour, 5) if strength > 0.3 else colour
    colour = cv2.blur(colour, (_odd(5 * strength * unit),) * 2)
    return Squinted(smooth, colour, families_of(smooth, colour))


def _eight_bit(value: Singles) -> np.ndarray:
    return np.clip(np.rint(value * 25.5), 0, 255).astype(np.uint8)


def _odd(size: float) -> int:
    return max(3, int(size) | 1)


def from_afar(picture: Picture, metres: float, width_cm: float) -> Singles:
    """Values (h, w) as the painting looks from so many metres: light blurred by a minute of arc.

    `width_cm` is the picture's width on the surface. Another thing than squinting: edges melt too. The
    blur is a Gaussian whose full width at half height is a minute of arc.
    """
    across = metres * MM_A_METRE / 2.355 / (10 * width_cm) * picture.shape[1]
    luminance = luminance_of(picture.value)
    if across > 0.3:
        luminance = cv2.GaussianBlur(luminance, (0, 0), across, borderType=cv2.BORDER_REFLECT)
    return value_of(luminance).astype(np.float32)
