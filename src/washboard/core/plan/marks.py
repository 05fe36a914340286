"""Marks: what a painter sets over or leaves between the masses, in families that are one thing to paint."""

from __future__ import annotations

import math
from dataclasses import dataclass
from enum import StrEnum
from itertools import pairwise

from ..errors import InvalidInput
from ..sentence import Listed, Sentence

AMOUNTS = {"none": 0, "few": 40, "some": 80, "many": 150}
"""Marks at most, by the words for how many are wanted."""
ONE_WAY, UPRIGHT = 0.35, 22.5
"""How far strokes follow one direction to run one way, and degrees from the plumb or level up to which they
stand upright or lie level."""
SOME_MARKS, MOST_MARKS = AMOUNTS["some"], AMOUNTS["many"]


class MarkKind(StrEnum):
    """What a mark is to the hand: one pull of the brush, a touch, a small shape, or many strokes by a
    rule."""

    LINE = "line"
    DAB = "dab"
    SHAPE = "shape"
    TEXTURE = "texture"


class How(StrEnum):
    """How marks come into the picture: left as what lies there, painted, or won back with opaque white."""

    KEPT = "kept"
    PAINTED = "painted"
    RECOVERED = "recovered"


BRUSHES = {
    MarkKind.LINE: "rigger",
    MarkKind.DAB: "round-4",
    MarkKind.SHAPE: "round-8",
    MarkKind.TEXTURE: "flat-25",
}
"""The listed brush that each kind is drawn with."""


class HowMany(StrEnum):
    """How much of a family the painter wants."""

    NONE = "none"
    FEWER = "fewer"
    FOUND = "found"
    MORE = "more"


@dataclass(frozen=True)
class Path:
    """A line by its middle, or a dab or shape by its outline: `points` (x, y) in cm on the surface from the
    picture's upper left, and of a line its `widths` in mm at each of them."""

    points: tuple[tuple[float, float], ...]
    widths: tuple[float, ...] = ()


class Way(StrEnum):
    """How strokes run: one way, or across each other."""

    UPRIGHT = "upright"
    LEVEL = "level"
    SLANTING = "slanting"
    CROSSING = "crossing"


@dataclass(frozen=True)
class TextureRule:
    """How a texture is made: its `amplitude` in values (root mean square), `grain_mm` from one grain to the
    next, and how it runs: along `direction` in degrees counter-clockwise, more or less, `along` 0–1."""

    amplitude: float
    grain_mm: float
    direction: float
    along: float


def way_of(direction: float, along: float) -> Way:
    """How strokes run that follow a direction (degrees) more or less, `along` 0–1."""
    if along < ONE_WAY:
        return Way.CROSSING
    turn = abs((direction + 90) % 180 - 90)
    return Way.LEVEL if turn <= UPRIGHT else Way.UPRIGHT if turn >= 90 - UPRIGHT else Way.SLANTING


@dataclass(frozen=True)
class MarkFamily:
    """Marks that are one thing to paint: of one kind and colour, near each other.

    `value` 0–10 and `lab` as they dry; `masses` by ids that they lie on, the most covered first; `pass_id` in
    which they are painted, or before which they must be kept; `tool` a key of the listed tools, or the edge
    of a stick; `minutes` of work; `gain` 0–1 of what the picture lacks without marks. A texture has the rule
    it is made by, and its path is its outline. `place` x, y 0–1 on its worthiest mark; `called` the painter's
    name for it, and `many` how much of it is wanted; `own` the number of a line that was drawn by hand.
    """

    id: str
    kind: MarkKind
    how: How
    name: Sentence
    paths: tuple[Path, ...]
    value: float
    lab: tuple[float, float, float]
    masses: tuple[str, ...]
    pass_id: str
    tool: str
    minutes: float
    gain: float
    texture: TextureRule | None = None
    place: tuple[float, float] = (0.5, 0.5)
    called: str = ""
    many: HowMany = HowMany.FOUND
    own: int | None = None

    @property
    def length_cm(self) -> float:
        """How long its lines are together, or its outlines."""
        return sum(math.dist(a, b) for path in self.paths for a, b in pairwise(path.points))

    @property
    def width_mm(self) -> float:
        """How wide its lines are, their median; 0 where it has none."""
        widths = sorted(width for path in self.paths for width in path.widths)
        return widths[len(widths) // 2] if widths else 0.0

    @property
    def count(self) -> int:
        """How many marks it has."""
        return len(self.paths)


def number_of_marks(text: str) -> int:
    """How many marks a word or a number asks for; raises InvalidInput for any other."""
    if text in AMOUNTS:
        return AMOUNTS[text]
    number = int(text) if text.isdecimal() and len(text) < 6 else -1
    if not 0 <= number <= MOST_MARKS:
        choices = Listed(tuple(AMOUNTS), either=True)
        raise InvalidInput("refused-marks-amount", given=text[:20], choices=choices, most=MOST_MARKS)
    return number
