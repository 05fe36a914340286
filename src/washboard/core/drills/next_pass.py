"""Which pass comes next?"""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from ..plan.plan import Pass
from ..planning.repair import precedences
from ..sentence import Sentence, Turn, sentence
from .breaks import step_words
from .question import Dice, Option, Question, Stuff

KIND = "next"
MOST_WRONG = 3


def asked(stuff: Stuff, dice: Dice) -> Iterator[Question]:
    """After each pass, the next one among later ones that would break what is still to come.

    A pass that could be painted now as well is never a wrong answer: only those are which something undone
    must come before, whatever else is done first.
    """
    passes, needs = stuff.plan.passes, precedences(stuff.plan)
    for k, right in enumerate(passes[:-1]):
        undone = [done.id for done in passes[k:]]
        wrong = []
        for j, later in enumerate(passes[k + 1 :], k + 1):
            before = [first for first in undone if (first, later.id) in needs]
            if before:
                why = sentence("drill-next-not", first=Turn(before[0]), later=later.title)
                wrong.append(Option(why, step_words(later), row=j + 1))
        if len(wrong) < 2:
            continue
        chosen = sorted(dice.choice(len(wrong), min(MOST_WRONG, len(wrong)), replace=False).tolist())
        waiting = [later for later in passes[k + 1 :] if (right.id, later.id) in needs]
        option = Option(_why(right, waiting), step_words(right), row=k + 1)
        options = (option, *(wrong[n] for n in chosen))
        yield Question(KIND, f"{KIND}:{k}", sentence("drill-next"), k, options, 0)


TURNS = (
    "in-turn",
    "beside",
    "last",
    "thing",
    "wiped",
    "light-kept",
    "won-back",
    "toned",
    "glow",
    "surrounds",
)
"""Kinds of reasons that tell why a pass has its turn."""


def _why(done: Pass, waiting: Sequence[Pass]) -> Sentence:
    """Why a pass has its turn: its own reason for that, else what is `waiting` for it."""
    own = [one for one in done.reasons if one.kind in TURNS]
    if own:
        return min(own, key=lambda one: TURNS.index(one.kind)).sentence
    if waiting:
        return sentence("drill-next-needed", count=len(waiting), first=waiting[0].title)
    return sentence("drill-next-why")
