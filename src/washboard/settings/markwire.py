"""What the settings about small marks and edges look like as JSON."""

from __future__ import annotations

from pydantic import Field

from ..core.edges.made import EdgeWish
from ..core.marks.own import COARSEST_MM, FINEST_MM, OwnMark
from ..core.marks.wishes import Wish
from ..core.plan.marks import HowMany, MarkKind
from ..core.plan.stretch import Edge
from .wire import Coordinate, Wire


class WishModel(Wire):
    """What is wanted of the family of small marks that has one of a kind at a place."""

    makes = Wish
    x: Coordinate
    y: Coordinate
    kind: MarkKind
    many: HowMany = HowMany.FOUND
    name: str = Field("", max_length=80)


class OwnMarkModel(Wire):
    """A line drawn by hand: through places of the upright reference, so wide in mm, of a value."""

    makes = OwnMark
    points: list[tuple[Coordinate, Coordinate]] = Field(min_length=2, max_length=200)
    width_mm: float = Field(1.0, ge=FINEST_MM, le=COARSEST_MM)
    value: float = Field(2.0, ge=0, le=10)
    name: str = Field("", max_length=80)


class EdgeWishModel(Wire):
    """How the stretch of border at a place is to be."""

    makes = EdgeWish
    x: Coordinate
    y: Coordinate
    how: Edge
