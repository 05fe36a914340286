"""The steps of a pass in words: a heading to be read at two metres, and what to mind."""

from __future__ import annotations

from collections.abc import Sequence

from ..plan.acts import ACTS
from ..plan.plan import Kind, Plan
from ..sentence import Amount, Listed, Sentence, of_masses, row_of, sentence
from ..way.way import SMALL_CM2, Stride

LIGHT_TO_DARK = 6.0
"""Difference of L* between the stops of a gradation from which it is told where to begin."""


def heading(plan: Plan, stride: Stride) -> Sentence:
    """What comes next, and which way."""
    if stride.count > 1:
        return sentence("stride-many", count=len(stride.masses), masses=row_of(stride.masses, 1))
    if ACTS[stride.kind].sort.value != "lays":
        return sentence("stride-act", act=ACTS[stride.kind].words, masses=row_of(stride.masses, 1))
    if len(stride.masses) > 1:
        return sentence("stride-several", masses=row_of(stride.masses, 1))
    return sentence("stride-one", masses=row_of(stride.masses, 1), way=way_of(plan, stride))


def way_of(plan: Plan, stride: Stride) -> str:
    """Which way a step goes: right, left, down or up."""
    across = (stride.ends[0] - stride.begins[0]) * plan.sheet.picture_width_cm
    down = (stride.ends[1] - stride.begins[1]) * plan.sheet.picture_height_cm
    if abs(across) >= abs(down):
        return "right" if across >= 0 else "left"
    return "down" if down >= 0 else "up"


def lines(plan: Plan, stride: Stride) -> tuple[Sentence, ...]:
    """What to mind in a step: tool, where to begin, wet edges, what is painted round or softened."""
    told, act, mass = [], ACTS[stride.kind], plan.by_id[stride.masses[0]]
    if stride.before:
        told.append(sentence("stride-before", acts=_acts(stride.before)))
    if act.tool:
        told.append(sentence("stride-tool", tool=act.tool))
    light, dark = mass.target_ends
    graded = mass.gradation is not None and light[0] - dark[0] >= LIGHT_TO_DARK
    if graded and stride.count == 1 and mass.area_cm2 > SMALL_CM2 and stride.kind is not Kind.DETAIL:
        told.append(sentence("stride-graded"))
    if stride.carries and stride.open_minutes is not None:
        minutes = Amount(max(1.0, stride.open_minutes))
        told.append(sentence("stride-carry", masses=of_masses(stride.carries, 2), minutes=minutes))
    if stride.seams:
        told.append(sentence("stride-seam", masses=of_masses(stride.seams, 2)))
    if stride.round:
        told.append(sentence("stride-round", masses=of_masses(stride.round, 2)))
    if stride.soft:
        told.append(sentence("stride-soft", masses=of_masses(stride.soft, 2)))
    if stride.after:
        told.append(sentence("stride-after", acts=_acts(stride.after)))
    return tuple(told)


def _acts(kinds: Sequence[Kind]) -> Listed:
    """Acts in a row, each with what it is done with."""
    return Listed(
        tuple(sentence("stride-with", act=ACTS[k].words, tool=ACTS[k].tool or "without") for k in kinds)
    )
