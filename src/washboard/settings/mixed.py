"""Areas that are painted by a school of their own."""

from __future__ import annotations

from dataclasses import dataclass

from ..core.errors import InvalidInput
from ..core.materials.media import Medium
from ..core.materials.surfaces import Surface
from ..core.schools import mixable, school_named


@dataclass(frozen=True)
class Mixed:
    """The area at a place of the reference, x and y 0–1, is painted first, by that school."""

    x: float
    y: float
    school: str

    def checked(self, medium: Medium, surface: Surface) -> None:
        """Raises InvalidInput or UnknownName saying what cannot be."""
        if not (0 <= self.x <= 1 and 0 <= self.y <= 1):
            raise InvalidInput("refused-area-outside")
        school = school_named(self.school, medium, surface)
        if not mixable(school):
            raise InvalidInput("refused-approach-whole-sheet", approach=school.words)
