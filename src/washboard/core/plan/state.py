"""What lies on the surface at a minute: where the judge begins to replay a plan, and the planner to plan.

Bare by default. After a few passes it is what the judge made of them, or what a log says really happened.
"""

from __future__ import annotations

import math
from collections.abc import Mapping
from dataclasses import dataclass, field

from ..errors import InvalidInput
from ..reference.mass import Lab


@dataclass(frozen=True)
class MassSurface:
    """What lies on one mass. Times are minutes on the clock of the sheet.

    `value` Munsell 0–10, `lab` its colour, None where only the value is known; `layers` laid so far; `oil`
    0–1 the share of oil in the last layer, `staining` 0–1 of the paint, `toxic` whether its dust is
    dangerous. Laid last at `laid_at` and dry from `dry_at`; wet with clear water until `wet_until`, with
    fixative until `sprayed_until`; under masking fluid since `masked_at`. `broken`: the skin of the sheet is;
    `finished`: it has reached its target; `kept`: it is to stay bare. `by` names the pass that was here last.
    """

    value: float
    lab: Lab | None = None
    layers: int = 0
    oil: float = 0.0
    staining: float = 0.0
    toxic: bool = False
    laid_at: float = -math.inf
    dry_at: float = -math.inf
    wet_until: float = -math.inf
    sprayed_until: float = -math.inf
    masked_at: float | None = None
    broken: bool = False
    finished: bool = False
    kept: bool = False
    by: str = ""

    @property
    def settled(self) -> bool:
        """Whether nothing is left to be done here: it has its target, or stays bare."""
        return self.finished or self.kept

    @property
    def ready_at(self) -> float:
        """The minute from which it is dry in every way."""
        return max(self.dry_at, self.wet_until, self.sprayed_until)


@dataclass(frozen=True)
class SheetState:
    """The whole sheet at minute `clock` since the first mark: what lies on the masses by their ids.

    A mass that is not named is bare. Raises InvalidInput for a value outside 0–10, a negative number of
    layers, or a clock that is no time.
    """

    clock: float = 0.0
    masses: Mapping[str, MassSurface] = field(default_factory=dict)

    def __post_init__(self) -> None:
        if not (math.isfinite(self.clock) and self.clock >= 0):
            raise InvalidInput("refused-sheet-clock", clock=f"{self.clock:g}")
        for name, surface in self.masses.items():
            if not 0 <= surface.value <= 10 or surface.layers < 0:
                raise InvalidInput(
                    "refused-sheet-range", name=name, value=f"{surface.value:g}", layers=surface.layers
                )

    def of(self, name: str, ground_value: float) -> MassSurface:
        """What lies on a mass; `ground_value` is that of the bare surface."""
        return self.masses.get(name) or MassSurface(ground_value)

    @property
    def begun(self) -> bool:
        """Whether anything was laid yet."""
        return any(surface.layers > 0 for surface in self.masses.values())


BARE = SheetState()
"""Before the first mark."""
