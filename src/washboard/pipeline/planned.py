"""A piece's plan as it is set, with the schools that areas have of their own."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ..core.areas.area import Areas
from ..core.areas.corrections import Family
from ..core.ground.patches import patches_of
from ..core.key.relations import SKY_ABOVE, Thing
from ..core.materials.grounds import GroundKind
from ..core.materials.media import medium_named
from ..core.materials.surfaces import Sheet
from ..core.order.judge.replay import replay
from ..core.order.parts import Parts
from ..core.order.planner import plan_of
from ..core.order.reorder import reordered
from ..core.order.wishes import Wishes
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


def wishes_for(settings: Settings, areas: Areas) -> Wishes:
    """What is settled about the order, with what must be known of the areas."""
    wishes = settings.wishes(far_to_near(areas))
    if settings.ground != GroundKind.PATCHES:
        return wishes
    return replace(wishes, patches=tuple((f"a{k}", look) for k, look in patches_of(areas).items()))


def far_to_near(areas: Areas) -> tuple[Thing, ...]:
    """The areas in order of depth, with what a key must know of them."""
    ranked = sorted(areas.areas, key=lambda area: (area.depth, area.label))
    return tuple(
        Thing(
            f"a{area.label}",
            None if area.family is Family.UNSURE else area.family.value,
            area is ranked[0] and area.centre[1] < SKY_ABOVE and area.box[1] < 0.02,
            area.called,
        )
        for area in ranked
    )


def planned(
    masses: Sequence[Mass], parts: Parts, settings: Settings, sheet: Sheet, wishes: Wishes,
    notes: Sequence[str], mixed: Sequence[tuple[str, str]] = (),
) -> Worked:  # fmt: skip
    """The plan; `mixed`: ids of areas with the keys of the schools that they are painted by."""
    held, names = {mass.area for mass in masses}, {thing.id: thing.name for thing in wishes.things}
    empty = [names.get(area, area) for area, _ in mixed if area not in held]
    told = [f"No shape lies mostly in {name}: it is painted with the rest." for name in empty]
    return plan_of(
        masses, parts, medium_named(settings.medium), settings.start, sheet,
        replace(wishes, mixed=tuple(mixed)), (*notes, *told), settings.intent.mood, settings.paints,
    )  # fmt: skip
