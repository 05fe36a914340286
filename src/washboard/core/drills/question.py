"""What a question of the trainer is, and what it is made of."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from ..areas.corrections import Family
from ..learning.bias import BANDS, band_of
from ..materials.paints import Paint
from ..plan.plan import Plan
from ..reference.mass import Mass
from ..sentence import Sentence

Dice = np.random.Generator
Floats = NDArray[np.float64]
Lab = tuple[float, float, float]


@dataclass(frozen=True)
class Stuff:
    """What questions are drawn from: a plan, the `families` of its areas by their ids, and the paints that
    come along."""

    plan: Plan
    families: Mapping[str, Family] = field(default_factory=dict)
    paints: tuple[Paint, ...] = ()

    @cached_property
    def values(self) -> Floats:
        """The planned Munsell values (n, m) of the masses: of the bare sheet, then after each pass."""
        return np.asarray(self.plan.predicted, float)

    def value(self, mass: Mass) -> float:
        """The value of a mass in the finished picture."""
        return float(self.values[-1, self.plan.masses.index(mass)])


@dataclass(frozen=True)
class Option:
    """One answer: in `words`, or the masses or the place (x, y, 0–1) that are shown in the picture after pass
    `row`; `why` it is right, or not."""

    why: Sentence
    words: Sentence | None = None
    masses: tuple[str, ...] = ()
    place: tuple[float, float] | None = None
    row: int | None = None


@dataclass(frozen=True)
class Question:
    """A question of a `kind`, `item` its name within the piece: what is asked of the picture after pass
    `row`, with these masses lit and this colour shown; one of the options is `right`. `band` is the band of
    value that it is about, "" for none."""

    kind: str
    item: str
    ask: Sentence
    row: int
    options: tuple[Option, ...]
    right: int
    masses: tuple[str, ...] = ()
    lab: Lab | None = None
    band: str = ""


Asker = Callable[[Stuff, Dice], Iterator[Question]]
"""Makes the questions of one kind that a piece holds."""


def shuffled(question: Question, dice: Dice) -> Question:
    """The same with its options in an order by chance: the place of the right one tells nothing."""
    order = dice.permutation(len(question.options)).tolist()
    options = tuple(question.options[k] for k in order)
    return replace(question, options=options, right=order.index(question.right))


def even(masses: Sequence[Mass]) -> list[Mass]:
    """Large masses of about one value: what is modelled from light to dark has no value to be asked for."""
    return [mass for mass in large(masses) if abs(mass.target_ends[0][0] - mass.target_ends[1][0]) <= EVEN]


EVEN = 6.0
"""Units of L* between the ends of a mass of about one value."""


def large(masses: Sequence[Mass], share: float = 0.01) -> list[Mass]:
    """Masses that are large enough in the picture to be asked about."""
    return [mass for mass in masses if mass.share >= share]


def band_name(value: float) -> str:
    """The band of a value by its name."""
    return BANDS[band_of(value)][0]
