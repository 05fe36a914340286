"""A piece's plan as it is set, with the schools that areas have of their own."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from ...core.areas.area import Areas
from ...core.areas.corrections import Family
from ...core.effects import Looked, effects_of
from ...core.effects.weave import woven
from ...core.ground.patches import patches_of
from ...core.ground.toning import toning_of
from ...core.key.relations import SKY_ABOVE, Thing
from ...core.marks.laying import DETAILS
from ...core.materials.grounds import GroundKind
from ...core.materials.media import medium_named
from ...core.materials.surfaces import Sheet
from ...core.order.options import Options
from ...core.order.parts import Parts
from ...core.order.result import PlanningResult
from ...core.planning.compare import Compared, compared
from ...core.planning.planner import plan_of
from ...core.planning.reorder import reordered
from ...core.reference.measures import Measured
from ...core.sentence import Sentence, sentence
from ...core.surface.replay import refusals_of
from ...settings import Settings
from .notes import arrangement_notes
from .results import Framed, Result, Seen


def rearranged(worked: PlanningResult, settings: Settings) -> PlanningResult:
    """The plan in the painter's order, with the painter's own passes and tools and without those left out,
    where the judge agrees; else the plan as it was worked out, and a note says why."""
    # Small marks come last whatever the order, and are set once that is settled.
    order = settings.order or tuple(done.id for done in worked.plan.passes)
    order = tuple(name for name in order if name != DETAILS)
    done = reordered(worked, order, settings.own_passes, settings.dropped, settings.tools)
    if done is worked:
        return worked
    plan = done.plan
    refusals = refusals_of(plan)
    if not refusals:
        return done
    why = sentence("note-order-rests", why=refusals[0].sentence)
    return replace(worked, plan=replace(worked.plan, notes=(*worked.plan.notes, why)))


def with_effects(
    worked: PlanningResult, seen: Seen, measured: Measured, settings: Settings
) -> PlanningResult:
    """The plan with the effects that the picture proposes and the painter lets be."""
    looked = Looked(seen.picture, measured.labels, worked.plan)
    own = woven(worked.plan, effects_of(looked), settings.effects_off, settings.effects_taken)
    return replace(worked, plan=own)


def options_for(settings: Settings, areas: Areas) -> Options:
    """What is settled about the order, with what must be known of the areas."""
    options = settings.options(far_to_near(areas))
    if settings.ground != GroundKind.PATCHES:
        return options
    return replace(
        options, patches=tuple((f"a{k}", reflectance) for k, reflectance in patches_of(areas).items())
    )


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
    seen: Seen, parts: Parts, settings: Settings, sheet: Sheet, notes: Sequence[Sentence]
) -> PlanningResult:
    """The plan as it is worked out, before the painter rearranges it, with the ground that is laid first."""
    masses, options = seen.measured.masses, options_for(settings, seen.areas)
    mixed = [(f"a{seen.whole.at(own.x, own.y)}", own.school) for own in settings.mixed]
    held, names = {mass.area for mass in masses}, {thing.id: thing.name for thing in options.things}
    empty = [names[area] for area, _ in mixed if area not in held and area in names]
    alone = [sentence("note-empty-area", thing=name) for name in empty]
    worked = plan_of(
        masses,
        parts,
        medium_named(settings.medium),
        settings.start,
        sheet,
        replace(options, mixed=tuple(mixed)),
        (*notes, *alone),
        settings.intent.mood,
        settings.colours,
    )
    if settings.laid is None:
        return worked
    toning = toning_of(settings.laid, sheet.width_cm * sheet.height_cm)
    return replace(worked, plan=replace(worked.plan, toning=toning))


def annotated(worked: PlanningResult, frame: Framed, settings: Settings) -> PlanningResult:
    """The plan with notes about what was arranged and about the time in hand."""
    notes = (*worked.plan.notes, *arrangement_notes(frame, worked.plan, settings))
    return replace(worked, plan=replace(worked.plan, notes=notes))


def schools(result: Result, settings: Settings, own: tuple[str, ...]) -> tuple[Compared, ...]:
    """Every school for the masses of a result, the painter's `own` by their keys."""
    seen = result.seen
    height, width = seen.picture.shape
    return compared(
        seen.measured.masses,
        result.worked.scene.parts,
        medium_named(settings.medium),
        settings.start,
        settings.sheet(width / height),
        options_for(settings, seen.areas),
        settings.intent.mood,
        settings.colours,
        own,
    )
