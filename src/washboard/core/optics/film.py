"""Three-channel stand-in for paint films: densities that add, or covers that hide.

Colours are linear sRGB (…, 3). Modelled, not measured; spectra take this place later behind the
same interface, `Film`.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Protocol

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.value import luminance_of
from ..materials.media import Medium

Floats = NDArray[np.float64]

DARKEST = 0.002
"""Least reflectance a channel is given: no film is perfectly black, and logs stay finite."""
MOST_COATS = 3
MET, MET_DARK = 0.006, 0.0015
"""A coat is enough when every channel is within this share of full light; in the darks, where the eye
tells less light apart, within the second and a twentieth of the channel."""


class Film(Protocol):
    """How a medium's paint changes what is there; looks and colours are linear sRGB (…, 3)."""

    def lay(self, look: ArrayLike, colour: ArrayLike) -> Floats:
        """The look after laying paint mixed to look like `colour` here."""

    def coats(self, look: ArrayLike, colour: ArrayLike) -> NDArray[np.int64]:
        """Coats (…) that `lay` needs for it."""


@dataclass(frozen=True)
class Transparent:
    """Films whose optical densities add (Beer–Lambert): light is only ever taken away.

    The paint for `colour` over `look` has the density log10(look / colour) in each channel, and
    none where the colour is lighter: so the result is the lesser light of both, channel by channel.
    """

    def lay(self, look: ArrayLike, colour: ArrayLike) -> Floats:
        below = np.asarray(look, dtype=np.float64)
        return glazed(below, density_over(below, colour))

    def coats(self, look: ArrayLike, colour: ArrayLike) -> NDArray[np.int64]:
        return np.ones(np.broadcast(np.asarray(look), np.asarray(colour)).shape[:-1], np.int64)


@dataclass(frozen=True)
class Opaque:
    """Films that hide a share of the ground and show their own colour for the rest.

    `hiding` 0–1 for one coat; `lightest` linear light of the lightest paint.
    """

    hiding: float
    lightest: float

    def lay(self, look: ArrayLike, colour: ArrayLike) -> Floats:
        result, _ = self._coated(look, colour)
        return result

    def coats(self, look: ArrayLike, colour: ArrayLike) -> NDArray[np.int64]:
        _, coats = self._coated(look, colour)
        return coats

    def _coated(self, look: ArrayLike, colour: ArrayLike) -> tuple[Floats, NDArray[np.int64]]:
        below, wanted = np.broadcast_arrays(
            np.asarray(look, dtype=np.float64), np.asarray(colour, dtype=np.float64)
        )
        result = np.array(below)
        coats = np.ones(below.shape[:-1], np.int64)
        near = np.minimum(MET, MET_DARK + wanted / 20)
        for coat in range(MOST_COATS):
            missing = np.any(np.abs(result - wanted) >= near, axis=-1)
            if coat and not missing.any():
                break
            paint = self.paint_for(result, wanted)
            again = covered(result, paint, self.hiding)
            result = np.where((missing | (coat == 0))[..., None], again, result)
            coats = np.where(missing & (coat > 0), coat + 1, coats)
        return result, coats

    def paint_for(self, look: ArrayLike, colour: ArrayLike) -> Floats:
        """The paint (…, 3) that looks like `colour` over `look` in one coat, as far as paint reaches."""
        below = np.asarray(look, dtype=np.float64)
        wanted = (np.asarray(colour, dtype=np.float64) - (1 - self.hiding) * below) / self.hiding
        return np.clip(wanted, DARKEST, self.lightest)


def film_of(medium: Medium) -> Film:
    """The film of a medium."""
    if medium.transparent:
        return Transparent()
    return Opaque(medium.hiding, float(luminance_of(medium.lightest)) / 100)


def density_over(ground: ArrayLike, target: ArrayLike) -> Floats:
    """Optical density (…, 3) ≥ 0 a transparent film needs over `ground` to look like `target`.

    Density is log10 of the ratio of light (Beer–Lambert); where the target is lighter than the
    ground in a channel the film can do nothing and the density is 0.
    """
    below = np.maximum(np.asarray(ground, dtype=np.float64), DARKEST)
    wanted = np.clip(np.asarray(target, dtype=np.float64), DARKEST, 1.0)
    return np.maximum(np.log10(below / wanted), 0.0)


def glazed(ground: ArrayLike, density: ArrayLike) -> Floats:
    """Look (…, 3) of a transparent film of `density` over `ground`; stacked films' densities add."""
    return np.asarray(ground, dtype=np.float64) * 10.0 ** -np.asarray(density, dtype=np.float64)


def covered(ground: ArrayLike, paint: ArrayLike, hiding: float | Floats) -> Floats:
    """Look (…, 3) of an opaque coat that hides the share `hiding` (0–1) of what is below."""
    below = np.asarray(ground, dtype=np.float64)
    return hiding * np.asarray(paint, dtype=np.float64) + (1 - hiding) * below
