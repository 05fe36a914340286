"""What a painter has decided about a piece, and what was left to the program."""

from __future__ import annotations

from dataclasses import dataclass, field

from ..core.areas.corrections import NONE, Corrections
from ..core.errors import InvalidInput
from ..core.materials.media import medium_named
from ..core.materials.surfaces import sheet_of, surface_of
from ..core.order.schools import school_named
from ..core.reference import ladder
from ..core.reference.place import Anchor
from ..core.reference.squint import STRONGEST

MOST_PASSES = 9
LONGEST_NAME = 80


@dataclass(frozen=True)
class Settings:
    """Three decisions (medium, surface, size in cm) and what can be changed later.

    `school` None: by medium and ground. `passes` None: as many as it takes. `thresholds` None:
    found, or even where `even`. `order` names passes in the painter's order.
    """

    medium: str
    surface: str
    width_cm: float
    height_cm: float
    school: str | None = None
    passes: int | None = None
    bands: int = 5
    even: bool = False
    thresholds: tuple[float, ...] | None = None
    squint: float = 1.0
    names: tuple[Anchor, ...] = field(default=())
    order: tuple[str, ...] | None = None
    areas: Corrections = NONE

    def checked(self) -> Settings:
        """These settings, or InvalidInput, InvalidSize or UnknownName saying what cannot be."""
        medium_named(self.medium)
        surface_of(self.surface)
        sheet_of(self.width_cm, self.height_cm, self.width_cm / self.height_cm if self.height_cm else 1.0)
        if self.school is not None:
            school_named(self.school)
        if self.passes is not None and not 1 <= self.passes <= MOST_PASSES:
            raise InvalidInput(f"A plan has 1 to {MOST_PASSES} passes; {self.passes} were asked for.")
        if self.thresholds is not None:
            ladder.checked(self.thresholds)
        ladder.even(self.bands)
        if not 0 <= self.squint <= STRONGEST:
            raise InvalidInput(f"Squint goes from 0 to {STRONGEST:g}; {self.squint:g} was asked for.")
        for anchor in self.names:
            if not (0 <= anchor.x <= 1 and 0 <= anchor.y <= 1):
                raise InvalidInput("A name must stand inside the picture (x and y from 0 to 1).")
            if not 0 < len(anchor.name.strip()) <= LONGEST_NAME:
                raise InvalidInput(f"A name has 1 to {LONGEST_NAME} characters.")
        self.areas.checked()
        return self
