"""A tone curve that spreads the crushed darks or blown lights of a photo, and what that invents."""

from __future__ import annotations

from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..errors import InvalidInput
from ..sentence import Amount, Sentence, sentence

Bytes = NDArray[np.uint8]
Mask = NDArray[np.bool_]

DARKS_BELOW, LIGHTS_ABOVE = 0.3, 0.8
"""Encoded levels (0–1) between which a photo stays as it is: about values 3 and 8."""
FLAT_DARK, FLAT_LIGHT = 3, 254
"""Levels of the file at which nothing is left: all channels at most, at least."""


@dataclass(frozen=True)
class Opening:
    """How far each end is opened, 0 not at all to 1."""

    darks: float = 0.0
    lights: float = 0.0

    def checked(self) -> Opening:
        """This opening, or InvalidInput."""
        if not (0 <= self.darks <= 1 and 0 <= self.lights <= 1):
            raise InvalidInput("refused-opened-range")
        return self


AS_TAKEN = Opening()
"""The photo as the camera wrote it."""


def curve(opening: Opening) -> NDArray[np.uint8]:
    """The level (256,) that each level of the file becomes.

    A power of 1 / (1 + amount) from each end to where the middle begins: monotone, the ends and the
    middle stay, what is close to an end is drawn away from it.
    """
    level = np.arange(256) / 255
    dark = DARKS_BELOW * (level / DARKS_BELOW) ** (1 / (1 + opening.darks))
    span = 1 - LIGHTS_ABOVE
    light = 1 - span * (np.clip(1 - level, 0, None) / span) ** (1 / (1 + opening.lights))
    opened = np.where(level < DARKS_BELOW, dark, np.where(level > LIGHTS_ABOVE, light, level))
    return np.rint(255 * opened).astype(np.uint8)


def opened(rgb: Bytes, opening: Opening) -> Bytes:
    """A photo (h, w, 3) with its ends opened, each channel by the same curve."""
    return rgb if opening == AS_TAKEN else np.asarray(cv2.LUT(rgb, curve(opening)), np.uint8)


def flat_ends(rgb: Bytes) -> tuple[Mask, Mask]:
    """Where (h, w) a photo is crushed and where it is blown: nothing is left there."""
    channels = cv2.split(rgb)
    most = cv2.max(cv2.max(channels[0], channels[1]), channels[2])
    least = cv2.min(cv2.min(channels[0], channels[1]), channels[2])
    return np.asarray(most <= FLAT_DARK), np.asarray(least >= FLAT_LIGHT)


def invented(rgb: Bytes, opening: Opening) -> tuple[Sentence, ...]:
    """What opening this photo (h, w, 3) cannot bring back, and what it makes up, a sentence an end."""
    crushed, blown = flat_ends(rgb)
    steps = np.diff(curve(opening).astype(int))
    limit = round(255 * DARKS_BELOW), round(255 * LIGHTS_ABOVE)
    words = []
    for amount, flat, name, within in (
        (opening.darks, crushed, "black", steps[FLAT_DARK : limit[0]]),
        (opening.lights, blown, "white", steps[limit[1] : FLAT_LIGHT]),
    ):
        if amount:
            lost = 100 * float(flat.mean())
            words.append(
                sentence(
                    "note-opened",
                    end=name,
                    flat="yes" if lost >= 0.05 else "no",
                    lost=Amount(lost, 1),
                    steps=int(within.max()),
                )
            )
    return tuple(words)
