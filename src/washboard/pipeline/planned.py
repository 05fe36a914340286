"""A piece's plan as it is set; passes that the painter shared out go to the judge first."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..core.key.relations import Thing
from ..core.materials.media import medium_named
from ..core.materials.surfaces import Sheet
from ..core.order.judge.replay import replay
from ..core.order.parts import Parts
from ..core.order.planner import plan_of
from ..core.order.wishes import Wishes
from ..core.order.worked import Worked
from ..core.reference.mass import Mass
from .settings import Settings


def planned(
    masses: Sequence[Mass], parts: Parts, settings: Settings, sheet: Sheet, things: tuple[Thing, ...],
    notes: Sequence[str], mixed: Sequence[tuple[str, str]] = (),
) -> Worked:  # fmt: skip
    """The plan; where the painter's own sharing out of masses is refused, the planner's, and why.

    `mixed`: ids of areas with the keys of the schools that they are painted by.
    """

    def worked(wishes: Wishes, told: Sequence[str]) -> Worked:
        return plan_of(
            masses, parts, medium_named(settings.medium), settings.start, sheet, wishes, told,
            settings.intent.mood, settings.paints,
        )  # fmt: skip

    wishes = replace(settings.wishes(things), mixed=tuple(mixed))
    held, names = {mass.area for mass in masses}, {thing.id: thing.name for thing in things}
    empty = [names.get(area, area) for area, _ in mixed if area not in held]
    notes = (*notes, *(f"No shape lies mostly in {name}: it is painted with the rest." for name in empty))
    found = worked(wishes, notes)
    if not wishes.groups:
        return found
    plan = found.plan
    refusals = replay(plan.masses, plan.passes, plan.medium, plan.surface.value)
    if not refusals:
        return found
    why = (
        f"The passes as you shared them out cannot be painted: {refusals[0].sentence} They stand as planned."
    )
    return worked(replace(wishes, groups=()), (*notes, why))
