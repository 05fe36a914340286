"""The tone curve that a phone lays over a photo, taken off where a second known grey tells it."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import RGB_TO_XYZ, encoded_of, linear_of
from .lit import Samples, lit

Floats = NDArray[np.float64]
Singles = NDArray[np.float32]

STRENGTHS = np.linspace(0.0, 1.2, 13)
CRISPS = np.linspace(0.0, 0.5, 6)
"""Strengths of the tone curve, and of local contrast, that are tried."""
BLUR = 0.03
"""Blur against which a phone lifts local contrast, as a share of the long side. A guess."""
LUMA = RGB_TO_XYZ[1]
"""What each channel adds to luminance."""
FAR = 0.04
"""Encoded light by which a patch is far off."""
APART = 0.7
"""Logarithm of light by which two greys must differ to tell a curve: a grey card beside grey paper says
nothing of darks and lights."""
WORTH = 0.15
"""Share by which the misfit must fall for a curve to be believed."""


@dataclass(frozen=True)
class Tone:
    """What a phone did to a photo: `curve` 0–1 of a rise that makes darks darker and lights lighter,
    `crisp` 0–1 of local contrast."""

    curve: float = 0.0
    crisp: float = 0.0


PLAIN = Tone()
"""A camera that does nothing besides sRGB's own curve."""


def laid(coded: Floats, curve: float) -> Floats:
    """Encoded light (…), 0–1, with a tone curve laid over it: smoothstep's rise, mixed in."""
    return np.asarray(coded + curve * (coded * coded * (3 - 2 * coded) - coded))


_GRID = np.linspace(0.0, 1.0, 2049)


def taken_off(coded: Floats, curve: float) -> Floats:
    """The inverse of `laid`: encoded light (…), 0–1, before the tone curve."""
    return coded if curve == 0 else np.interp(coded, laid(_GRID, curve), _GRID)


def plain(coded: Singles | Floats, calm: Singles | Floats, tone: Tone) -> Floats:
    """An encoded photo (…, 3), 0–1, in linear light, with what the phone did to it taken off; `calm` (…) is
    its grey without local contrast.

    Local contrast o = c + k (c - blurred c) is undone with the blur of o in the place of c's.
    """
    if tone.crisp:
        grey = coded @ LUMA
        flat = (grey + tone.crisp * calm) / (1 + tone.crisp)
        coded = coded + (flat - grey)[..., None]
    return np.asarray(linear_of(taken_off(np.clip(coded, 0, 1), tone.curve)))


def calmed(coded: Singles) -> Singles:
    """The grey of an encoded photo (h, w, 3) without its local contrast (h, w)."""
    return blurred(np.asarray(coded @ LUMA.astype(np.float32)), BLUR * max(coded.shape[:2]))


def blurred(of: Singles, wide: float) -> Singles:
    """An array (h, w) or (h, w, c) blurred with a wide Gaussian of `wide` pixels: at a smaller size, where
    the same takes a fraction of the time."""
    step = max(1, int(wide / 3))
    high, across = of.shape[:2]
    small = cv2.resize(of, (max(2, across // step), max(2, high // step)), interpolation=cv2.INTER_AREA)
    calm = cv2.GaussianBlur(small, (0, 0), wide / step, borderType=cv2.BORDER_REFLECT_101)
    return np.asarray(cv2.resize(calm, (across, high), interpolation=cv2.INTER_LINEAR))


@dataclass(frozen=True, eq=False)
class Known:
    """A patch beside the sheet whose reflectance is known: its encoded colour (3,), blurred grey, place (2,)
    and what it `reflects`; and how much local contrast (0–1) it shows, 0 where none is clear."""

    coded: Floats
    calm: float
    place: Floats
    reflects: float
    crisp: float = 0.0

    def tells_from(self, other: Sequence[float]) -> bool:
        """Whether this and what reflects so much (3,) lie far enough apart to tell a curve between them."""
        return bool(abs(np.log(self.reflects / max(float(np.mean(other)), 1e-3))) >= APART)


def tone_of(coded: Floats, calm: Floats, sampled: Callable[[Floats], Samples], known: Known) -> Tone:
    """What a phone did, from patches' encoded colours (n, 3) and their blurred grey (n,); `sampled` makes
    samples of them in linear light.

    For each strength the field of light and the parts' colours are fitted; the one whose prediction of the
    encoded photo is nearest is taken. A patch that is `known` besides the height of the light tells the
    curve; that each part is of one colour in any light helps, but alone it tells too little.
    """

    def off(tone: Tone) -> float:
        samples = sampled(plain(coded, calm, tone))
        field, reflects = lit(samples)
        away = _predicted(field.at(samples.places) * reflects[samples.part], calm, tone) - coded
        # What is far off is another thing than light; it counts the same in all.
        told = np.minimum(np.sqrt((away**2).mean(axis=1)), FAR) ** 2 @ samples.weight / samples.weight.sum()
        lies = field.at(known.place[None]) * known.reflects
        return float(told + ((_predicted(lies, np.array([known.calm]), tone) - known.coded) ** 2).mean())

    best, least = PLAIN, off(PLAIN)
    start = least
    for _ in range(2):
        tried = [Tone(float(curve), best.crisp) for curve in STRENGTHS]
        best, least = _least([(off(tone), tone) for tone in tried], best, least)
        tried = [Tone(best.curve, float(crisp)) for crisp in CRISPS]
        best, least = _least([(off(tone), tone) for tone in tried], best, least)
    return best if least < (1 - WORTH) * start else PLAIN


def _least(told: list[tuple[float, Tone]], best: Tone, least: float) -> tuple[Tone, float]:
    off, tone = min(told, key=lambda one: one[0])
    return (tone, off) if off < least else (best, least)


def _predicted(light: Floats, calm: Floats, tone: Tone) -> Floats:
    """The encoded colours (n, 3) that a phone makes of light (n, 3)."""
    coded = laid(encoded_of(np.clip(light, 0, 1)), tone.curve)
    return np.asarray(coded + tone.crisp * ((coded @ LUMA) - calm)[:, None])
