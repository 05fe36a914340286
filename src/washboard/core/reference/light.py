"""What a small light in the picture shows of itself."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

LAMP, GLINT, WHITE = "lamp", "glint", "white-thing"
SURELY, MAY_BE = 2 / 3, 0.3
"""How likely something must be for it to be taken so, and a lamp for the painter to be asked."""
LEADS = 1.2
"""Values by which a light stands above what is around it."""


@dataclass(frozen=True)
class SmallLight:
    """Evidence on a small light: `lead` in values over its surroundings, `core` its value and `below` how far
    it lies under the lightest of the picture; `halo` 0–1 the share of the lead that is left one radius off,
    `reach` how far that is seen, in radii, and `even` 0–1 on how many sides; `warm` how much yellower the
    halo is than the surroundings (b*), `long` times as long as wide, `inner` the spread of values in it,
    `share` of the picture, `dim` the mean value of the picture, `radius` in cm."""

    lead: float
    core: float
    below: float
    halo: float
    reach: float
    even: float
    warm: float
    long: float
    inner: float
    share: float
    dim: float
    radius: float
    odds: Mapping[str, float] = field(default_factory=dict)

    @property
    def kind(self) -> str:
        """What it most likely is."""
        return max(self.odds, key=lambda name: (self.odds[name], name))

    def surely(self, name: str) -> bool:
        """Whether it is that, two thirds sure."""
        return self.odds[name] >= SURELY

    @property
    def may_shine(self) -> bool:
        """Whether it is a lamp, or the painter must be asked."""
        return self.kind == LAMP or (self.odds[LAMP] > MAY_BE and not self.surely(self.kind))
