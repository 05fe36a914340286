"""Where would you lose the edge?"""

from __future__ import annotations

from collections.abc import Iterator

from ..plan.stretch import Edge, Stretch
from ..reference.mass import MassKind
from ..sentence import of_masses, sentence
from .question import Dice, Option, Question, Stuff

KIND = "edge"
LEAST_CM, CLEAR = 1.0, 1.5
"""Length of a stretch that is asked about, and the step in values from which a firm one is clearly so."""
OPTIONS = 3


def asked(stuff: Stuff, dice: Dice) -> Iterator[Question]:
    """One stretch that is proposed to be lost, among firm ones between values that stand clearly apart."""
    long = [one for one in stuff.plan.edges if one.length_cm >= LEAST_CM]
    # The name of a highlight says by itself that its edge is firm.
    accents = {mass.id for mass in stuff.plan.masses if mass.kind is MassKind.ACCENT}
    plain = [one for one in long if not accents & set(one.masses)]
    firm = [one for one in plain if one.proposed is Edge.FIRM and one.step >= CLEAR]
    for lost in (one for one in plain if one.proposed is Edge.LOST):
        others = [one for one in firm if not set(one.masses) & set(lost.masses)] or firm
        if len(others) < OPTIONS - 1:
            continue
        chosen = dice.choice(len(others), OPTIONS - 1, replace=False).tolist()
        options = tuple(map(_option, (lost, *(others[k] for k in chosen))))
        row = len(stuff.values) - 1
        yield Question(KIND, f"{KIND}:{lost.number}", sentence("drill-edge"), row, options, 0)


def _option(one: Stretch) -> Option:
    if one.proposed is Edge.FIRM:
        why = sentence("drill-edge-firm", masses=of_masses(one.masses))
    else:
        why = sentence("drill-edge-lost", why=one.why)
    return Option(why, masses=one.masses, place=one.at)
