"""Mix this colour with three of these paints."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from itertools import combinations

import numpy as np

from ..colour.spectra import spectrum_of_lab
from ..materials.paints import Paint
from ..mixing.mixture import mixing_model_of
from ..mixing.paintbox import coated
from ..mixing.search import recipes_for
from ..optics.vehicle import vehicle_of
from ..sentence import Listed, Sentence, sentence, term
from .question import Dice, Lab, Option, Question, Stuff, band_name, large

KIND = "mix"
NEAR, FAR = 3.0, 9.0
"""ΔE₀₀ within which a colour is reached, and beyond which it is missed for everybody to see."""
COLOURS, TRIED, WRONG = 5, 9, 3
"""Colours of a piece that are asked for, sets of paints tried for each, and wrong ones offered."""
COLOURFUL = 12.0
"""Chroma from which a colour is no grey that any set reaches."""


def asked(stuff: Stuff, dice: Dice) -> Iterator[Question]:
    """Colours of the plan that one set of three paints reaches on the bare surface, and others miss."""
    sets = list(combinations(stuff.paints, 3))
    wanted = [mass for mass in large(stuff.plan.masses) if np.hypot(*mass.target_lab[1:]) >= COLOURFUL]
    if len(sets) < 6 or not wanted:
        return
    for mass in sorted(wanted, key=lambda m: -m.share)[:COLOURS]:
        tried = [sets[k] for k in dice.choice(len(sets), min(TRIED, len(sets)), replace=False)]
        off = {own: _off(stuff, own, mass.target_lab) for own in map(tuple, tried)}
        right = [own for own in off if off[own] <= NEAR]
        wrong = [own for own in off if off[own] >= FAR][:WRONG]
        if not right or len(wrong) < 2:
            continue
        best = min(right, key=lambda own: off[own])
        options = tuple(
            Option(
                sentence("drill-mix-why" if own == best else "drill-mix-not", paints=_named(own)), _named(own)
            )
            for own in (best, *wrong)
        )
        item = f"{KIND}:{mass.id}"
        band = band_name(stuff.value(mass))
        yield Question(KIND, item, sentence("drill-mix"), 0, options, 0, lab=mass.target_lab, band=band)


def _off(stuff: Stuff, paints: Sequence[Paint], target: Lab) -> float:
    """How near three paints come to a colour on the bare surface, in ΔE₀₀."""
    ground = spectrum_of_lab(np.array(stuff.plan.surface.lab))
    model = mixing_model_of(paints, coated(vehicle_of(stuff.plan.medium.key)), ground)
    (found,) = recipes_for(model, np.array(target), count=1)
    return found[0].delta_e


def _named(paints: Sequence[Paint]) -> Sentence:
    names = Listed(tuple(term(paint.words.lower()) for paint in paints))
    return sentence("drill-paints", paints=names)
