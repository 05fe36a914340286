"""Drills: questions from one's own pieces, each with exactly one right answer by the engine's own rules.

A new kind is one file with its name and a function that asks, its line here, and what it is called in the
catalogue of words.
"""

from __future__ import annotations

from collections.abc import Mapping
from importlib import import_module

import numpy as np

from .question import Asker, Question, Stuff, shuffled

FILES = ("next_pass", "darker", "name_value", "shadow", "breaks", "mix", "edge")
"""The kinds by their files, in the order in which they are listed."""
_FOUND = [import_module(f".{name}", __package__) for name in FILES]
KINDS: Mapping[str, Asker] = {own.KIND: own.asked for own in _FOUND}
"""Every kind of question by its name."""
KEPT_IN_ORDER = frozenset(own.KIND for own in _FOUND if getattr(own, "KEEPS_ORDER", False))
"""Kinds whose options stand in an order of their own: values upward, steps as they follow."""


def questions_of(stuff: Stuff, kind: str | None = None, seed: int = 0) -> list[Question]:
    """All questions that a piece holds, of one kind or of every kind; the same seed asks the same."""
    found = []
    for number, (name, ask) in enumerate(KINDS.items()):
        dice = np.random.default_rng([seed, number])
        if kind in (None, name):
            every = list(ask(stuff, dice))
            found += every if name in KEPT_IN_ORDER else [shuffled(one, dice) for one in every]
    return found
