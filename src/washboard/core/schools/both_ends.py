"""Lightest and darkest first, then the middles, graded between them."""

from __future__ import annotations

from collections.abc import Sequence

from ..plan.plan import Kind
from ..sentence import sentence
from .school import School, SchoolContext, Strand

END = 0.22
"""Share of the range of values, at each end, that is placed first."""
LIGHTS, DARKS, MIDDLES = (sentence(f"strand-{which}") for which in ("lights", "darks", "middles"))


def _strands(context: SchoolContext) -> Sequence[Strand]:
    values = [context.masses[k].target for k in context.main]
    low, high = min(values, default=0.0), max(values, default=0.0)
    reach = END * (high - low)
    lights = [k for k in context.main if context.masses[k].target >= high - reach]
    darks = [k for k in context.main if context.masses[k].target <= low + reach and k not in lights]
    middles = [k for k in context.main if k not in lights and k not in darks]
    way = -1 if context.medium.transparent else 1
    return (
        Strand(context.by(lambda m: -m.target, lights), 1, Kind.PLACEHOLDER, LIGHTS),
        Strand(context.by(lambda m: m.target, darks), 2, None, DARKS),
        Strand(context.by(lambda m: way * m.target, middles), 6, None, MIDDLES),
    )


SCHOOL = School(
    key="both-ends",
    words="Lightest and darkest first",
    strands=_strands,
    fits="a true light and a true dark stand early, so every middle can be judged between them",
    restates=True,
)
