"""Which of these belongs to the shadow family?"""

from __future__ import annotations

from collections.abc import Iterator
from itertools import combinations

from ..areas.corrections import Family
from ..sentence import of_masses, sentence, tone
from .question import Dice, Option, Question, Stuff, band_name, large

KIND = "shadow"
MOST = 40
"""Questions of this kind that a piece gives."""


def asked(stuff: Stuff, _: Dice) -> Iterator[Question]:
    """One mass in shadow between two in light, the darkest first: a dark thing in light is a trap."""
    masses = large(stuff.plan.masses)
    of = {mass.id: stuff.families.get(mass.area or "", Family.UNSURE) for mass in masses}
    shadows = [mass for mass in masses if of[mass.id] is Family.SHADOW]
    lights = sorted((mass for mass in masses if of[mass.id] is Family.LIGHT), key=stuff.value)
    count = 0
    for dark in shadows:
        for pair in list(combinations(lights, 2))[:4]:
            options = tuple(
                Option(
                    sentence(
                        "drill-shadow-why" if mass is dark else "drill-shadow-not",
                        masses=of_masses((mass.id,)),
                        value=tone(stuff.value(mass)),
                    ),
                    masses=(mass.id,),
                    place=mass.inside,
                )
                for mass in (dark, *pair)
            )
            names = ",".join(mass.id for mass in (dark, *pair))
            ask = sentence("drill-shadow")
            band, row = band_name(stuff.value(dark)), len(stuff.values) - 1
            yield Question(KIND, f"{KIND}:{names}", ask, row, options, 0, band=band)
            count += 1
            if count >= MOST:
                return
