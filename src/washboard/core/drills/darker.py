"""Which of three masses is the darkest?"""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations

from ..sentence import of_masses, sentence, tone
from .question import Dice, Option, Question, Stuff, band_name, even

KIND = "darker"
APART, TRIVIAL = 0.3, 1.3
"""Values by which the darkest must differ from the next to be seen, and from which anybody sees it."""
TRIED = 120
"""Triples that are looked at."""


def asked(stuff: Stuff, dice: Dice) -> Iterator[Question]:
    """Triples whose darkest stands apart from the next, but not by much; the finished picture is shown."""
    masses = even(stuff.plan.masses)
    every = list(combinations(masses, 3))
    for number in dice.permutation(len(every))[:TRIED].tolist():
        three = every[number]
        ranked = sorted(three, key=stuff.value)
        darkest, next_one = (stuff.value(mass) for mass in ranked[:2])
        if not APART <= next_one - darkest <= TRIVIAL or stuff.value(ranked[2]) - darkest > 2 * TRIVIAL:
            continue
        options = tuple(
            Option(
                sentence("drill-darker-why", masses=of_masses((mass.id,)), value=tone(stuff.value(mass))),
                masses=(mass.id,),
                place=mass.inside,
            )
            for mass in three
        )
        names = ",".join(mass.id for mass in three)
        right = three.index(ranked[0])
        yield Question(
            KIND,
            f"{KIND}:{names}",
            sentence("drill-darker"),
            len(stuff.values) - 1,
            options,
            right,
            band=band_name(darkest),
        )
