"""Whether a plan that was kept can still be painted from. Bytes rot, and hands reach into databases."""

from __future__ import annotations

from functools import lru_cache

from ..core.errors import WashboardError
from ..core.surface.replay import refusals_of
from ..words import About, speaker
from . import planfile


@lru_cache(maxsize=64)
def fault_in(document: str) -> str:
    """What is wrong with a plan as it was written, "" for nothing: that it cannot be read, or what the judge
    says of it."""
    try:
        plan = planfile.plan_from(planfile.read(document))
    except WashboardError as error:
        return speaker().text(error.sentence)
    refusals = refusals_of(plan)
    return speaker().text(refusals[0].sentence, About.of(plan)) if refusals else ""
