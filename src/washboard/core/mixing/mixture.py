"""Mixtures: amounts of paints as films, thousands at once."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from functools import cached_property

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import lab_of_xyz
from ..colour.spectra import weights
from ..materials.paints import Paint
from ..optics.vehicle import Vehicle

Floats = NDArray[np.float64]
AT_ONCE = 320
"""Mixtures worked out together: their spectra, at three thicknesses, stay in the processor's cache."""
TOGETHER = 3
"""Neighbouring bands that are one in a coarse model."""


@dataclass(frozen=True)
class MixingModel:
    """Paints of a palette in a medium over one ground, ready to be mixed.

    `absorption`, `scattering` (p, bands) of unit films of the paints; `ground` (bands,) as the eye sees it,
    or (n, bands), one for each of n mixtures; `weights` (bands, 3) of daylight. The bands are the 36 of a
    spectrum, or the 12 of a coarse model.
    """

    vehicle: Vehicle
    paints: tuple[Paint, ...]
    absorption: Floats
    scattering: Floats
    ground: Floats
    weights: Floats = field(default_factory=weights)

    @cached_property
    def coarse(self) -> MixingModel:
        """The same model in bands of 30 nm: a third of the work, near enough to tell how a colour changes
        with the amounts, not what it is."""
        return replace(
            self,
            absorption=_joined(self.absorption) / TOGETHER,
            scattering=_joined(self.scattering) / TOGETHER,
            ground=_joined(self.ground) / TOGETHER,
            weights=_joined(self.weights.T).T,
        )

    def spectra(self, thicknesses: ArrayLike, wet: bool = False) -> Floats:
        """Reflectance (…, 36) of films of `thicknesses` (…, p), in unit films of each paint, all mixed."""
        amounts = np.asarray(thicknesses, dtype=np.float64)
        k, s = amounts @ self.absorption, amounts @ self.scattering
        lay = self.vehicle.laid_wet if wet else self.vehicle.laid
        return lay(k, s, self.ground)

    def labs(self, thicknesses: ArrayLike, wet: bool = False) -> Floats:
        """Lab (…, 3) of films of `thicknesses` (…, p), in unit films of each paint, all mixed."""
        amounts = np.asarray(thicknesses, dtype=np.float64)
        flat = amounts.reshape(-1, amounts.shape[-1])
        parts = []
        for k in range(0, max(len(flat), 1), AT_ONCE):
            some = self if self.ground.ndim == 1 else self.over(self.ground[k : k + AT_ONCE])
            parts.append(lab_of_xyz(some.spectra(flat[k : k + AT_ONCE], wet) @ self.weights))
        return np.concatenate(parts).reshape(*amounts.shape[:-1], 3)

    def at(self, rows: NDArray[np.intp]) -> MixingModel:
        """The same model for those of its mixtures at `rows` (k,), or any over its one ground."""
        return self if self.ground.ndim == 1 else self.over(self.ground[rows])

    def over(self, ground: Floats) -> MixingModel:
        """The same model over another ground (36,), or one for each mixture (n, 36)."""
        return replace(self, ground=ground)


def _joined(bands: Floats) -> Floats:
    """Sums (…, bands / 3) of neighbouring bands (…, bands)."""
    return np.add.reduceat(bands, np.arange(0, bands.shape[-1], TOGETHER), axis=-1)


def mixing_model_of(paints: Sequence[Paint], vehicle: Vehicle, ground: Floats) -> MixingModel:
    """A model for those paints over a ground (36,)."""
    return MixingModel(
        vehicle,
        tuple(paints),
        np.array([paint.absorption for paint in paints]),
        np.array([paint.scattering for paint in paints]),
        ground,
    )
