"""What the last predicted picture lacks of the picture that is meant."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lightness_of_value
from ..key.key import Key
from ..reference.mass import Mass
from ..reference.picture import Labels, Picture, Singles, picture_of
from ..reference.stops import MOST_STOPS, STEPS

Bytes = NDArray[np.uint8]
Mask = NDArray[np.bool_]

KNEE = 0.7
"""Values from which a difference counts in proportion; below, by its square: hardly seen."""
EDGE_BLUR, EDGE_FROM, EDGE_SURE = 1.4, 40, 100
"""Strong edges: Canny's on lightness in bytes after a blur, thresholds as for the fidelity of pictures."""
NEAR_PX = 3.0
"""Pixels within which an edge of the predicted picture stands for one of the photo."""
CALM, CALM_COLOUR, CALM_PX = 5, 5.0, 1.2
"""Smoothing of what is meant: pixels across, units of L* and pixels of its fall."""


@dataclass(frozen=True)
class Lack:
    """What is meant, and what of it is not there; pictures (h, w).

    `meant` and `lab` (h, w, 3) are CIELAB of what is meant and of what is predicted; `missing` are strong
    edges of the photo that the prediction has not; `slope` of its value, a pixel.
    """

    meant: Singles
    lab: Singles
    missing: Mask
    slope: Singles

    @property
    def apart(self) -> Singles:
        """How far what is meant lies from the prediction (h, w, 3), in values."""
        return np.asarray((self.meant - self.lab) * STEPS)


def weighed(apart: Singles) -> Singles:
    """What differences (h, w, 3) or (n, 3) in values come to, (h, w) or (n,): small ones nearly nothing,
    large ones themselves."""
    length = np.sqrt(np.einsum("...c,...c", apart, apart))
    return np.asarray(length * length / (length + KNEE), np.float32)


def lack_of(
    picture: Picture, predicted: Bytes, masses: Sequence[Mass], labels: Labels, along: Singles, key: Key
) -> Lack:
    """What a predicted picture (h, w, 3) lacks; `labels` (h, w) of the masses, `along` (h, w) how far each
    pixel lies on the way of its modelling.

    Meant is each mass as it was planned, and on it the photo's own steps of value and colour: a line between
    two darks that the key brings together is still told.
    """
    lab = picture_of(predicted).lab
    meant = cv2.bilateralFilter(meant_of(picture, masses, labels, along, key), CALM, CALM_COLOUR, CALM_PX)
    photo, there = _edges(picture.lab[..., 0]), _edges(lab[..., 0])
    far = cv2.distanceTransform((~there).astype(np.uint8), cv2.DIST_L2, 3) > NEAR_PX
    value = cv2.GaussianBlur(picture.value, (0, 0), 1.0)
    across, down = (cv2.Sobel(value, cv2.CV_32F, dx, 1 - dx, scale=1 / 8) for dx in (1, 0))
    slope = cv2.magnitude(across, down)
    return Lack(meant, lab, photo & far, slope)


def meant_of(picture: Picture, masses: Sequence[Mass], labels: Labels, along: Singles, key: Key) -> Singles:
    """The picture (h, w, 3) in CIELAB as it is meant: moved by as much as each mass, and each place on the
    way of its modelling, was moved."""
    count = 1 + max(int(labels.max(initial=0)), max((mass.label for mass in masses), default=0))
    moved = np.zeros((count, MOST_STOPS, 3), np.float32)
    for mass in masses:
        moved[mass.label] = _moved(mass, key)
    at = along * (MOST_STOPS - 1)
    before = np.minimum(at.astype(np.int32), MOST_STOPS - 2)
    share = (at - before.astype(np.float32))[..., None]
    meant = picture.lab + moved[labels, before] * (1 - share) + moved[labels, before + 1] * share
    lowest, highest = (lightness_of_value(end) for end in (key.lowest, key.highest))
    meant[..., 0] = np.clip(meant[..., 0], lowest, highest)
    return np.asarray(meant)


def _moved(mass: Mass, key: Key) -> NDArray[np.float64]:
    """How far the colours of a mass were moved, evenly along the way of its modelling (MOST_STOPS, 3).

    A light that is kept as bare surface is meant as it was measured: it is only kept so, not seen so.
    """
    keyed = key.of(mass.value)
    if mass.target >= key.highest - 1e-6 and keyed < key.highest - 1e-6:
        lighter = lightness_of_value(keyed) - lightness_of_value(mass.value)
        return np.tile((lighter, 0.0, 0.0), (MOST_STOPS, 1))
    stops = mass.gradation.stops if mass.gradation and mass.target_stops else (mass.lab,)
    planned = mass.target_stops or (mass.target_lab,)
    at, wanted = np.linspace(0, 1, len(stops)), np.linspace(0, 1, MOST_STOPS)
    far = np.subtract(planned, stops)
    return np.stack([np.interp(wanted, at, far[:, c]) for c in range(3)], axis=1)


def _edges(lightness: Singles) -> Mask:
    grey = np.clip(lightness * 2.55, 0, 255).astype(np.uint8)
    calm = cv2.GaussianBlur(grey, (0, 0), EDGE_BLUR)
    return cv2.Canny(calm, EDGE_FROM, EDGE_SURE, L2gradient=True) > 0
