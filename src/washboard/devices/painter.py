"""A made painter, who lays a plan down with a bias and a hand that is never quite steady: what demo and tests
photograph."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..core.colour.lab import LINEAR_OF_BYTE, encoded_of, lab_of_linear, linear_of_lab, value_of_lab

Bytes = NDArray[np.uint8]
Indices = NDArray[np.intp]

A_VALUE = 10.0
"""Units of L* to a Munsell value, about."""


@dataclass(frozen=True)
class MadePainter:
    """Lays paint `pale` values too light at value 5, and by `darks` more toward black; `scatter` is the
    standard deviation from mass to mass, `warm` units of b* too warm."""

    pale: float = 0.35
    darks: float = 0.25
    scatter: float = 0.25
    warm: float = 0.0

    def paints(self, planned: Bytes, bare: Bytes, index: Indices, seed: int) -> Bytes:
        """The picture (h, w, 3) that comes of a planned one on a `bare` ground, with the number (h, w) of the
        mass at each pixel; the same seed paints the same."""
        dice = np.random.default_rng(seed)
        lab = lab_of_linear(LINEAR_OF_BYTE[planned])
        off = dice.normal(0, self.scatter, int(index.max()) + 1)[index]
        off += self.pale + self.darks * (5 - value_of_lab(lab)) / 5
        laid = np.abs(planned.astype(int) - bare).max(axis=-1) > 2
        lab[..., 0] = np.clip(lab[..., 0] + A_VALUE * np.where(laid, off, 0.0), 2, 98)
        lab[..., 2] += np.where(laid, self.warm, 0.0)
        return np.asarray(np.rint(255 * encoded_of(np.clip(linear_of_lab(lab), 0, 1))), np.uint8)
