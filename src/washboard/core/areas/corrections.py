"""What the painter has said about areas: strokes, names, families, their order from far to near.

Everything is tied to places in the upright reference, so it survives whatever is worked out anew.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from enum import StrEnum

from ..errors import InvalidInput
from ..reference.place import Anchor
from .snap import enclosed

MOST_POINTS = 400
MOST_STROKES = 60
LONGEST_NAME = 80
NOMINAL = (400, 600)
"""Size of the picture in which it is tried whether an outline encloses anything."""

Place = tuple[float, float]
"""x, y from 0 to 1, from the top left of the upright reference."""


class Family(StrEnum):
    """Whether an area lies in light or in shadow, or too near the border to tell."""

    LIGHT = "light"
    SHADOW = "shadow"
    UNSURE = "unsure"


@dataclass(frozen=True)
class Stroke:
    """A line drawn over a thing, or about it. Points are places in the reference.

    Alone, what it crosses is one area. With `against`, a line over something else, what both cross is
    divided between the two along its edges, and its own part is the area. Where it is `closed`, it is a
    rough outline that snaps to the edge it means, and what it encloses is the area. Where it `joins`, all
    areas that it crosses become one, as they are; with `against` those that either touches. `by_light`
    divides the area at its first point into what of it lies in light and what in shadow.
    """

    points: tuple[Place, ...]
    against: tuple[Place, ...] = ()
    closed: bool = False
    joins: bool = False
    by_light: bool = False

    def checked(self) -> Stroke:
        """This stroke, or InvalidInput for no points, too many, or points outside the picture."""
        inside = all(0 <= x <= 1 and 0 <= y <= 1 for x, y in (*self.points, *self.against))
        if not 0 < len(self.points) <= MOST_POINTS or len(self.against) > MOST_POINTS or not inside:
            raise InvalidInput("refused-stroke-points", most_points=MOST_POINTS)
        if self.closed + self.joins + self.by_light > 1 or (self.by_light and self.against):
            raise InvalidInput("refused-stroke-means-one")
        if self.closed and (len(self.points) < 3 or self.against):
            raise InvalidInput("refused-outline-points")
        if self.closed:
            enclosed(self.points, NOMINAL)
        return self


@dataclass(frozen=True)
class AreaFamily:
    """The family of the area at a place."""

    x: float
    y: float
    family: Family


@dataclass(frozen=True)
class Corrections:
    """All of it; `depths` are places in the areas the painter has put in order, far to near."""

    strokes: tuple[Stroke, ...] = field(default=())
    names: tuple[Anchor, ...] = field(default=())
    families: tuple[AreaFamily, ...] = field(default=())
    depths: tuple[Place, ...] = field(default=())

    def checked(self) -> Corrections:
        """These corrections, or InvalidInput saying what cannot be."""
        if len(self.strokes) > MOST_STROKES:
            raise InvalidInput("refused-strokes-too-many", most_strokes=MOST_STROKES)
        for stroke in self.strokes:
            stroke.checked()
        places = [(name.x, name.y) for name in self.names]
        places += [(family.x, family.y) for family in self.families]
        if not all(0 <= x <= 1 and 0 <= y <= 1 for x, y in (*places, *self.depths)):
            raise InvalidInput("refused-place-outside")
        if not all(0 < len(word.name.strip()) <= LONGEST_NAME for word in self.names):
            raise InvalidInput("refused-name-length", longest_name=LONGEST_NAME)
        return self


NONE = Corrections()
