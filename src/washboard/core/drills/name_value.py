"""What value is this?"""

from __future__ import annotations

from collections.abc import Iterator

from ..sentence import of_masses, sentence, tone, whole
from .question import Dice, Option, Question, Stuff, band_name, even

KIND = "value"
KEEPS_ORDER = True
SURE = 0.35
"""Values from a whole one within which it is the nearest beyond doubt."""
OPTIONS = 4


def asked(stuff: Stuff, dice: Dice) -> Iterator[Question]:
    """Masses whose value lies near a whole one, among four whole ones in a row."""
    for mass in even(stuff.plan.masses):
        value = stuff.value(mass)
        nearest = round(value)
        if abs(value - nearest) > SURE or not 1 <= nearest <= 10:
            continue
        first = nearest - int(dice.integers(OPTIONS))
        first = min(max(first, 1), 10 - OPTIONS + 1)
        whole_ones = range(first, first + OPTIONS)
        options = tuple(
            Option(
                sentence("drill-value-why", masses=of_masses((mass.id,)), value=tone(value)),
                words=sentence("drill-value-option", value=whole(one)),
            )
            for one in whole_ones
        )
        yield Question(
            KIND,
            f"{KIND}:{mass.id}",
            sentence("drill-value"),
            len(stuff.values) - 1,
            options,
            whole_ones.index(nearest),
            masses=(mass.id,),
            band=band_name(value),
        )
