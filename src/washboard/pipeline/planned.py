"""A piece's plan as it is set, with the schools that areas have of their own."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..core.key.relations import Thing
from ..core.materials.media import medium_named
from ..core.materials.surfaces import Sheet
from ..core.order.judge.replay import replay
from ..core.order.parts import Parts
from ..core.order.planner import plan_of
from ..core.order.reorder import reordered
from ..core.order.worked import Worked
from ..core.reference.mass import Mass
from .settings import Settings


def rearranged(worked: Worked, settings: Settings) -> Worked:
    """The plan in the painter's order, with the painter's own passes and tools and without those left out,
    where the judge agrees; else the plan as it was worked out, and a note says why."""
    order = settings.order or tuple(done.id for done in worked.plan.passes)
    done = reordered(worked, order, settings.own_passes, settings.dropped, settings.tools)
    if done is worked:
        return worked
    plan = done.plan
    refusals = replay(plan.masses, plan.passes, plan.medium, plan.surface.value)
    if not refusals:
        return done
    why = f"Your own order of passes rests: {refusals[0].sentence}"
    return replace(worked, plan=replace(worked.plan, notes=(*worked.plan.notes, why)))


def planned(
    masses: Sequence[Mass], parts: Parts, settings: Settings, sheet: Sheet, things: tuple[Thing, ...],
    notes: Sequence[str], mixed: Sequence[tuple[str, str]] = (),
) -> Worked:  # fmt: skip
    """The plan; `mixed`: ids of areas with the keys of the schools that they are painted by."""
    held, names = {mass.area for mass in masses}, {thing.id: thing.name for thing in things}
    empty = [names.get(area, area) for area, _ in mixed if area not in held]
    told = [f"No shape lies mostly in {name}: it is painted with the rest." for name in empty]
    return plan_of(
        masses, parts, medium_named(settings.medium), settings.start, sheet,
        replace(settings.wishes(things), mixed=tuple(mixed)), (*notes, *told), settings.intent.mood,
        settings.paints,
    )  # fmt: skip
