"""The surface: what is there before the first mark, as value and Lab."""

from __future__ import annotations

import math
import re
from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike

from ..colour.lab import encoded_of, lab_of_linear, lightness_of_value, linear_of, linear_of_lab, value_of_lab
from ..colour.words import hue_of, tone_of
from ..errors import InvalidInput, InvalidSize
from ..sentence import Amount, Sentence, sentence, tone

Lab = tuple[float, float, float]

WORDS = {"white": 9.5, "black": 2.5}
"""Paper is neither 10 nor 0."""
LARGEST_CM = 1000.0
SMALLEST_CM = 1.0


@dataclass(frozen=True)
class Surface:
    """A surface of one tone. `value` Munsell 0–10, `lab` D65/2°."""

    words: str
    value: float
    lab: Lab

    @property
    def linear(self) -> tuple[float, float, float]:
        """Linear sRGB of the bare surface, each at least 0.002 so that densities stay finite."""
        red, green, blue = (max(0.002, float(c)) for c in linear_of_lab(self.lab))
        return red, green, blue


def surface_of(text: str) -> Surface:
    """A surface from `white`, `black`, `#rrggbb` or `value:N` (0–10, a neutral tone).

    Raises InvalidInput for anything else.
    """
    given = text.strip().lower()
    if given in WORDS:
        return _neutral(given, WORDS[given])
    if re.fullmatch(r"#[0-9a-f]{6}", given):
        coded = [int(given[k : k + 2], 16) / 255 for k in (1, 3, 5)]
        lab = lab_of_linear(linear_of(coded))
        return _toned(given, (float(lab[0]), float(lab[1]), float(lab[2])))
    match = re.fullmatch(r"value:([0-9]+(?:\.[0-9]+)?)", given)
    if match and 0 <= float(match[1]) <= 10:
        return _neutral(given, float(match[1]))
    raise InvalidInput("refused-tone-not-understood", text=text[:40])


WHITEST = 0.9
"""Reflectance taken for the white that a photo of a surface is read against: good paper."""


def tone_beside(surface: ArrayLike, white: ArrayLike) -> str:
    """The tone `#rrggbb` of a surface photographed beside white: both encoded sRGB (3,), 0–255.

    The photo's light and exposure fall out: in linear light the surface is as much darker as it is on
    the photo than a white of WHITEST. Raises InvalidInput where the white is too dark, or clipped.
    """
    lit, own = linear_of(np.asarray(white, float) / 255), linear_of(np.asarray(surface, float) / 255)
    if float(np.min(lit)) < 0.2:
        raise InvalidInput("refused-tone-white-dark")
    if float(np.max(np.asarray(white, float))) >= 254:
        raise InvalidInput("refused-tone-white-blown")
    coded = np.rint(255 * encoded_of(np.clip(WHITEST * own / lit, 0, 1))).astype(int)
    return "#{:02x}{:02x}{:02x}".format(*coded.tolist())


def _neutral(words: str, value: float) -> Surface:
    return Surface(words, value, (lightness_of_value(value), 0.0, 0.0))


def _toned(words: str, lab: Lab) -> Surface:
    return Surface(words, float(value_of_lab(lab)), lab)


def described(surface: Surface) -> Sentence:
    """The surface's tone in words: `white`, `black`, or its tone and hue with the value."""
    if surface.words in WORDS:
        return sentence(f"tone-{surface.words}")
    tone_key, hue = tone_of(surface.value), hue_of(surface.lab)
    return sentence(
        "surface", tone=sentence(f"tone-{tone_key}"), hue=sentence(f"hue-{hue}"), value=tone(surface.value)
    )


@dataclass(frozen=True)
class Sheet:
    """The sheet and the picture on it, in cm: the picture is centred, the rest is margin."""

    width_cm: float
    height_cm: float
    picture_width_cm: float
    picture_height_cm: float

    @property
    def note(self) -> Sentence | None:
        """What was done about a format that differs from the reference's, or None."""
        across = self.width_cm - self.picture_width_cm
        down = self.height_cm - self.picture_height_cm
        if max(across, down) < 0.05:
            return None
        side, margin = ("sides", across / 2) if across > down else ("ends", down / 2)
        return sentence(f"margin-{side}", margin=tone(margin))


def sheet_of(width_cm: float, height_cm: float, aspect: float, margin_cm: float = 0.0) -> Sheet:
    """The largest centred picture of `aspect` (width over height) on a sheet, `margin_cm` kept free.

    Raises InvalidSize for sizes that are no numbers or outside 1 to 1000 cm, and for pictures so
    narrow on the sheet that they would be under half a cm.
    """
    for side in (width_cm, height_cm):
        if not math.isfinite(side) or not SMALLEST_CM <= side <= LARGEST_CM:
            raise InvalidSize(
                "refused-side-range",
                side=f"{side:g}",
                smallest_cm=f"{SMALLEST_CM:g}",
                largest_cm=f"{LARGEST_CM:g}",
            )
    if not 0 <= margin_cm < min(width_cm, height_cm) / 2 - 0.25:
        raise InvalidSize(
            "refused-margin-too-wide",
            margin_cm=f"{margin_cm:g}",
            width_cm=f"{width_cm:g}",
            height_cm=f"{height_cm:g}",
        )
    width = min(width_cm - 2 * margin_cm, (height_cm - 2 * margin_cm) * aspect)
    height = width / aspect
    if min(width, height) < 0.5:
        raise InvalidSize(
            "refused-picture-too-narrow",
            width_cm=f"{width_cm:g}",
            height_cm=f"{height_cm:g}",
            width=Amount(width, 2),
            height=Amount(height, 2),
        )
    return Sheet(width_cm, height_cm, width, height)


def size_of(text: str) -> tuple[float, float]:
    """Width and height in cm from `30x20cm` (also `30×20 cm`, `12x8in`); raises InvalidSize."""
    match = re.fullmatch(r"\s*([0-9.]+)\s*[x×]\s*([0-9.]+)\s*(cm|in)?\s*", text.lower())
    try:
        width, height = float(match[1]), float(match[2])  # type: ignore[index]
    except (TypeError, ValueError):
        raise InvalidSize("refused-size-not-understood", text=text[:40]) from None
    unit = 2.54 if match and match[3] == "in" else 1.0
    return width * unit, height * unit
