"""What is said, as data: the key of a sentence in the catalogue, and the values that the sentence names."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field

from .name import Name


@dataclass(frozen=True)
class Amount:
    """A number as it is told: rounded to `digits` after the point."""

    number: float
    digits: int = 0


@dataclass(frozen=True)
class Masses:
    """Masses by their ids, the weightiest first: `most` are named, the rest is `counted` as something. In a
    `row`, as a title has it, they go without articles."""

    ids: tuple[str, ...]
    most: int = 3
    row: bool = False
    counted: str = "more"


@dataclass(frozen=True)
class Edges:
    """Edges between pairs of masses, `said` in words: what can be shown where it runs."""

    pairs: tuple[tuple[str, str], ...]
    said: Sentence


@dataclass(frozen=True)
class Mark:
    """From `start` to `end` of a text these masses, or the edges between these pairs, are named."""

    start: int
    end: int
    masses: tuple[str, ...] = ()
    edges: tuple[tuple[str, str], ...] = ()


@dataclass(frozen=True)
class Given:
    """Words that stand for themselves, with the places in them where masses are named."""

    text: str
    marks: tuple[Mark, ...] = ()


@dataclass(frozen=True)
class Turn:
    """A pass by its id, told by its number; "" for what lay there before the first."""

    id: str


@dataclass(frozen=True)
class Sentence:
    """The `key` of a sentence in the catalogue with its values by name.

    A text stands for itself, as a painter's own words do; a sentence among the values is said in its place.
    """

    key: str
    values: Mapping[str, Value] = field(default_factory=dict)


USUAL_LANGUAGE = "en"
"""The language of the lists of the core, and of whoever said nothing else."""


@dataclass(frozen=True)
class Listed:
    """Several things in a row: `a, b and c`, or `a, b or c` where one of `either` is to be chosen."""

    of: tuple[Sentence | str, ...]
    either: bool = False


Value = Amount | Masses | Edges | Name | Turn | Given | Sentence | Listed | int | str


def sentence(key: str, /, **values: Value) -> Sentence:
    """A sentence by its key, with its values."""
    return Sentence(key, values)


def term(words: str) -> Sentence:
    """What a list of the core calls something: each language has a word of its own for it."""
    return Sentence("term", {"words": words})


def as_given(text: str, marks: Sequence[Mark] = ()) -> Sentence:
    """Words that stand for themselves: a painter's own, or those of a plan that was read from a file."""
    return Sentence("as-given", {"text": Given(text, tuple(marks))})


def tone(value: float) -> Amount:
    """A Munsell value or a step between two, to the tenth that an eye can tell."""
    return Amount(value, 1)


def whole(number: float) -> Amount:
    """Minutes, cm or mm as they are read at the easel: whole, and never none of what is there."""
    return Amount(max(number, 1.0))


def percent(share: float) -> Amount:
    """A share 0–1 in whole per cent."""
    return Amount(100 * share)


def of_masses(ids: Sequence[str], most: int = 3) -> Masses:
    """Masses without repeats, in this order."""
    return Masses(tuple(dict.fromkeys(ids)), most)


def row_of(ids: Sequence[str], most: int = 3) -> Masses:
    """The same as a title has them, without articles."""
    return Masses(tuple(dict.fromkeys(ids)), most, row=True)


def count_of(ids: Sequence[str], counted: str) -> Masses:
    """How many masses there are of a kind, none of several named: `7 whites`."""
    return Masses(tuple(dict.fromkeys(ids)), 0, counted=counted)
