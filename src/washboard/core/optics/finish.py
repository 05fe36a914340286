"""The skin of a surface: what is reflected before light gets into paint or paper, and what is kept in.

Kubelka–Munk tells the light inside a film. Seen from outside, a share `veil` of it never gets in (dull paper
and pastel send it everywhere, gloss away from the eye), and where the film ends in a binder, `kept` of the
light that comes up is thrown back in: R = veil + (1 − veil)(1 − kept) Ri / (1 − kept Ri) (Saunderson 1942).
It matters for oil and acrylic, whose binder lies on top; for watercolour and pastel, whose grains stick out
into the air, only the veil does, and it is what keeps their darks from being dark.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import ArrayLike, NDArray

Floats = NDArray[np.float64]


@dataclass(frozen=True)
class Finish:
    """`veil` and `kept`, both 0–1."""

    veil: float
    kept: float

    def outside(self, inner: ArrayLike) -> Floats:
        """What the eye sees (…, bands) of a reflectance inside."""
        inside = np.asarray(inner, dtype=np.float64)
        return self.veil + (1 - self.veil) * (1 - self.kept) * inside / (1 - self.kept * inside)

    def inside(self, seen: ArrayLike) -> Floats:
        """The reflectance inside (…, bands), at least 0, of what the eye sees: `outside` inverted."""
        outer = (np.asarray(seen, dtype=np.float64) - self.veil) / (1 - self.veil)
        return np.clip(outer / ((1 - self.kept) + self.kept * outer), 0.0, 1.0)


BARE = Finish(0.0, 0.0)
"""No skin: what is inside is seen."""
