"""What a palette or a stick box cannot do, in sentences, and which one thing would help most."""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence

import numpy as np

from ..colour.lab import value_of_lab
from ..materials.sticks import Colour, Stick
from ..mixing.preference import is_white
from ..reference.mass import Mass
from ..sentence import Sentence, percent, sentence, tone
from .coverage import Coverage

FALLS_SHORT = 0.5
"""Munsell values by which the picture goes beyond what is reached before it is told."""


def limits_of(box: Sequence[Colour], masses: Sequence[Mass], reached: Coverage) -> tuple[Sentence, ...]:
    """What a box cannot do for masses, the gravest first; empty where it can do all.

    Said are: one alone, only whites, no dark, no light, two of one name.
    """
    kind = _kind(box)
    found = []
    if all(map(is_white, box)):
        found.append(sentence("limit-whites", kind=kind, value=tone(reached.darkest)))
    elif len(box) == 1:
        found.append(sentence("limit-one", kind=kind, what=box[0].words))
    values = value_of_lab(np.array([stop for mass in masses for stop in _colours_of(mass)]))
    low, high = float(values.min()), float(values.max())
    if reached.darkest > low + FALLS_SHORT:
        found.append(sentence("limit-dark", value=tone(reached.darkest), wanted=tone(low)))
    if reached.lightest < high - FALLS_SHORT:
        found.append(sentence("limit-light", value=tone(reached.lightest), wanted=tone(high)))
    named = Counter(each.words.casefold() for each in box)
    found += [sentence("limit-name", kind=kind, what=words) for words, times in named.items() if times > 1]
    return tuple(found)


def help_of(box: Sequence[Colour], reached: Coverage, known: Mapping[str, Colour]) -> Sentence | None:
    """How much of a picture a box reaches, and which of all that are `known` by their keys would help most;
    None where it reaches all or nothing would."""
    if reached.more is None:
        return None
    key, share = reached.more
    return sentence(
        "limit-help",
        kind=_kind(box),
        share=percent(reached.share),
        what=known[key].words,
        then=percent(share),
    )


def _kind(box: Sequence[Colour]) -> str:
    return "sticks" if isinstance(box[0], Stick) else "paints"


def _colours_of(mass: Mass) -> Sequence[tuple[float, float, float]]:
    return mass.target_stops or (mass.target_lab,)
