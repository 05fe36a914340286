"""What the settings about light, tones, small marks and edges look like as JSON."""

from __future__ import annotations

from pydantic import Field

from ..core.composition.relit import LitBy, Relight
from ..core.edges.made import EdgeWish
from ..core.key.wishes import MOST_COLOUR, MOST_LIGHTER, MOST_WARMER, Tone
from ..core.marks.own import COARSEST_MM, FINEST_MM, OwnMark
from ..core.marks.wishes import Wish
from ..core.order.unders import NoUnder, Over
from ..core.plan.marks import HowMany, MarkKind
from ..core.plan.stretch import Beyond, Edge
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
    beyond: Beyond = Beyond.AS_SEEN


class ToneModel(Wire):
    """How a mass is moved from what the key plans: lighter by values, to so many times its chroma, warmer by
    units of CIELAB."""

    makes = Tone
    mass: str = Field(max_length=20)
    lighter: float = Field(0.0, ge=-MOST_LIGHTER, le=MOST_LIGHTER)
    colour: float = Field(1.0, ge=0, le=MOST_COLOUR)
    warmer: float = Field(0.0, ge=-MOST_WARMER, le=MOST_WARMER)


class NoUnderModel(Wire):
    """What nothing runs under: the thing at a place, or what is of a hue; or a pass, by its number, that
    runs under nothing."""

    makes = NoUnder
    what: Over
    x: Coordinate = 0.0
    y: Coordinate = 0.0
    number: int = Field(1, ge=1, le=9)


class RelightModel(Wire):
    """A sun or a lamp put in at a place, and how far it rules the picture."""

    makes = Relight
    x: Coordinate
    y: Coordinate
    by: LitBy = LitBy.SUN
    strength: float = Field(0.7, ge=0, le=1)
