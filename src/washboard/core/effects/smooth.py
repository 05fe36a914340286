"""Smooth lights in watercolour: the paper is wetted, the brightest place laid first, the next colours dropped
in outward while the wash is shiny, with a bridge where warm meets cool."""

from __future__ import annotations

from collections.abc import Sequence
from itertools import pairwise

import cv2
import numpy as np

from ..colour.lab import value_of_lab
from ..colour.words import hue_of, tone_of
from ..plan.acts import ACTS
from ..plan.effect import Effect
from ..plan.names import hue_words
from ..plan.plan import Kind, Role
from ..reference.mass import Lab, Mass, MassKind
from ..sentence import as_given, of_masses, sentence, tone, whole
from .looked import Looked
from .softly import GRADE, flat_of
from .touch import Claim, Moment, Proposal, Touch

LARGE = 0.04
"""Share of the picture from which a mass is large enough to be wetted."""
RANGE = 1.0
"""Values from its lightest to its darkest stop from which a mass is graded enough."""
FIRM, MOST_FIRM = 0.6, 0.3
"""Hardness from which a border would bleed, and the share of an outline that may be such toward what is laid
in the same pass."""
CALM, GRAIN = 0.15, 0.012
"""Mean values that a mass may stir for one wash to tell it, and the blur that this is measured against, as a
share of the long side. Guesses."""
LARGER = 0.2
"""How much larger than in the photo the light is drawn: it closes in while the wash runs."""
WARM, COOL = 8.0, -2.0
"""b* above which a colour is warm and below which it is cool: between such two a bridge is laid."""


def found(on: Looked) -> Sequence[Proposal]:
    """For each large graded mass that is laid on bare paper."""
    if on.plan.medium.key != "watercolour":
        return []
    return [one for mass in on.plan.masses if (one := _for(on, mass)) is not None]


def _for(on: Looked, mass: Mass) -> Proposal | None:
    row, stops = on.turn.get(mass.id), mass.target_stops or mass.target_ends
    if row is None or on.begun.get(mass.id) != row or mass.kind is MassKind.ACCENT or mass.share < LARGE:
        return None
    values = [float(value_of_lab(np.array(stop))) for stop in stops]
    if mass.gradation is None or values[0] - values[-1] < RANGE:
        return None
    firm = _firm_share(on, mass, row)
    if firm > MOST_FIRM or _rough(on, mass) > CALM:
        return None
    wetting = ACTS[Kind.WET].pace * mass.area_cm2 / 10
    touches = [Touch(Kind.WET, mass.id, Moment.READY, 1.0, on.plan.surface.value, wetting, row)]
    # The first stop is the wash itself; each further one is charged into it from its edge outward.
    for value in values[1:]:
        cover = min(0.45, 1 / len(values))
        touches.append(Touch(Kind.DROP_IN, mass.id, Moment.WET, cover, min(value, values[0]), 0.5, row))
    bridge = _bridge(stops)
    told = sentence(
        "effect-smooth",
        mass=of_masses((mass.id,)),
        light=tone(values[0]),
        dark=tone(values[-1]),
        stops=len(values) - 1,
        larger=whole(100 * LARGER),
        bridge="yes" if bridge else "no",
        over=hue_words(tone_of(bridge[0] / 10), hue_of(bridge)) if bridge else as_given(""),
    )
    figures = {"stops": float(len(values)), "light": values[0], "dark": values[-1], "firm": firm}
    place = mass.gradation.places[0] if mass.gradation.places else mass.inside
    sure = min(1.0, 0.7 + 0.3 * (1 - firm / MOST_FIRM))
    effect = Effect("smooth", f"smooth:{mass.id}", (mass.id,), place, sure, told, figures)
    return Proposal(effect, row, tuple(touches), GRADE, flat_of(on, mass), Claim.TONES)


def _bridge(stops: Sequence[Lab]) -> Lab | None:
    """The colour between a warm stop and a cool one beside it, where they would go grey or green."""
    for (l1, a1, b1), (l2, a2, b2) in pairwise(stops):
        if (b1 > WARM and b2 < COOL) or (b1 < COOL and b2 > WARM):
            return ((l1 + l2) / 2, (a1 + a2) / 2 + 4.0, (b1 + b2) / 2)
    return None


def _firm_share(on: Looked, mass: Mass, row: int) -> float:
    """Share of an outline that is firm toward what is finished in the same pass: under what comes later the
    wash runs through."""
    together = {o.mass for o in on.plan.passes[row].operations if o.kind.lays and o.role is Role.TARGET}
    total = sum(border.length_cm for border in mass.borders)
    firm = sum(b.length_cm for b in mass.borders if b.hardness >= FIRM and b.mass in together)
    return firm / total if total else 0.0


def _rough(on: Looked, mass: Mass) -> float:
    """How much a mass stirs about its own soft modelling: mean values, inside its rim."""
    left, top, right, bottom = mass.box
    height, width = on.labels.shape
    rows = slice(int(top * height), max(int(bottom * height), int(top * height) + 1))
    columns = slice(int(left * width), max(int(right * width), int(left * width) + 1))
    inside = (on.labels[rows, columns] == mass.label).astype(np.uint8)
    value = on.picture.value[rows, columns]
    blur = GRAIN * max(height, width)
    share = cv2.GaussianBlur(inside.astype(np.float32), (0, 0), blur)
    soft = cv2.GaussianBlur(value * inside, (0, 0), blur) / np.maximum(share, 1e-3)
    middle = cv2.erode(inside, np.ones((5, 5), np.uint8)) > 0
    return float(np.abs(value - soft)[middle].mean()) if middle.any() else 0.0
