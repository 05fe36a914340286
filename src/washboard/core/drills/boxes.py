"""Which question comes when: five boxes by Leitner (1972), and how one gets better."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass

DAYS = (1.0, 2.0, 4.0, 8.0, 16.0)
"""Days after which what lies in each box comes again."""


@dataclass(frozen=True)
class Answer:
    """An answer: which item, of a kind, about a band of value, right or not, at which day (a number with
    fractions that all answers share)."""

    item: str
    kind: str
    right: bool
    day: float
    band: str = ""


@dataclass(frozen=True)
class Card:
    """An item in its box, 0 to 4, and from which day on it is due."""

    box: int
    due: float


def cards_of(answers: Iterable[Answer]) -> dict[str, Card]:
    """Where each item lies after answers, by time: right is one box up, wrong the first box again."""
    found: dict[str, Card] = {}
    for one in sorted(answers, key=lambda a: (a.day, a.item)):
        before = found.get(one.item)
        box = 0 if not one.right else min(len(DAYS) - 1, before.box + 1 if before else 1)
        found[one.item] = Card(box, one.day + DAYS[box])
    return found


def chosen(
    items: Sequence[tuple[str, str]], answers: Sequence[Answer], day: float, seed: int = 0
) -> str | None:
    """The item to ask next, of (item, kind) pairs: what is due, the lowest box first; else something new of
    the kind that was asked least; else what is due next. None where there is nothing to ask."""
    cards, known = cards_of(answers), dict(items)
    due = [item for item in known if item in cards and cards[item].due <= day]
    if due:
        return min(due, key=lambda item: (cards[item].box, cards[item].due, _mixed(item, seed)))
    fresh = [item for item in known if item not in cards]
    asked: dict[str, int] = defaultdict(int)
    for one in answers:
        asked[one.kind] += 1
    if fresh:
        return min(fresh, key=lambda item: (asked[known[item]], _mixed(item, seed)))
    return min(known, key=lambda item: (cards[item].due, item), default=None)


def _mixed(item: str, seed: int) -> int:
    """A number by which items stand in an order by chance, always the same for a seed."""
    number = seed * 2654435761 + 12345
    for letter in item:
        number = (number * 31 + ord(letter)) * 2654435761 % 2**32
    return number


WEEK = 7.0


def by_week(answers: Iterable[Answer], day: float, weeks: int = 6) -> list[tuple[int, int]]:
    """Right answers and all answers of each of the last weeks, the oldest first."""
    found = [[0, 0] for _ in range(weeks)]
    for one in answers:
        ago = int((day - one.day) // WEEK)
        if 0 <= ago < weeks:
            found[weeks - 1 - ago][0] += one.right
            found[weeks - 1 - ago][1] += 1
    return [(right, count) for right, count in found]


def missed(answers: Iterable[Answer], least: int = 4) -> Mapping[tuple[str, str], tuple[int, int]]:
    """Wrong answers and all answers by kind and band of value, where there are enough to tell."""
    found: dict[tuple[str, str], list[int]] = defaultdict(lambda: [0, 0])
    for one in answers:
        found[one.kind, one.band][0] += not one.right
        found[one.kind, one.band][1] += 1
    return {key: (wrong, count) for key, (wrong, count) in found.items() if count >= least}
