"""A piece's plan as it is set, with the schools that areas have of their own."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from dataclasses import replace

import numpy as np

from ...core.areas.area import Area, Areas
from ...core.areas.corrections import Family
from ...core.colour.kindred import bluish, chroma
from ...core.edges.finding import Borders, Found, found_in
from ...core.edges.made import EdgeWish, broken, faded, made, near_to, told
from ...core.effects import Looked, Proposal, effects_of
from ...core.effects.weave import woven
from ...core.ground.patches import patches_of
from ...core.ground.toning import toning_of
from ...core.key.relations import SKY_ABOVE, Thing
from ...core.marks.laying import DETAILS
from ...core.materials.grounds import GroundKind
from ...core.materials.surfaces import Sheet
from ...core.mixing.paintbox import Paintbox
from ...core.order.options import Options
from ...core.order.parts import Cut, Parts
from ...core.order.result import PlanningResult
from ...core.order.unders import Over, forbidden_by
from ...core.plan.effect import FINISHING
from ...core.plan.own import Own
from ...core.plan.spot import Spot
from ...core.plan.stretch import Edge, Stretch
from ...core.planning.compare import Compared, compared
from ...core.planning.in_time import NOTHING, Saving, broad_tools, spared_of
from ...core.planning.placing import placed_on
from ...core.planning.planner import plan_of
from ...core.planning.reorder import reordered
from ...core.reference.measures import Measured
from ...core.schools.aims import Aim
from ...core.sentence import Sentence, sentence
from ...core.surface.replay import refusals_of
from ...core.words.waits import filled
from ...settings import Settings
from .focus import told_focus
from .notes import arrangement_notes
from .results import Bordered, Framed, Result, Seen


def rearranged(
    worked: PlanningResult, seen: Seen, measured: Measured, settings: Settings, saving: Saving = NOTHING
) -> PlanningResult:
    """The plan in the painter's order, with the painter's own passes and tools and without those left out,
    where the judge agrees; else the plan as it was worked out, and a note says why. Where time is saved by
    broad tools, large passes have them."""
    tools = broad_tools(worked.plan, settings.tools) if saving.broad else settings.tools
    own, places = placed(settings, seen, measured, worked.plan.sheet)
    # Small marks come last whatever the order, and are set once that is settled.
    order = settings.order or tuple(done.id for done in worked.plan.passes)
    order = tuple(name for name in order if name not in (DETAILS, FINISHING))
    done = reordered(worked, order, own, settings.dropped, tools, places)
    if done is worked:
        return worked
    plan = done.plan
    refusals = refusals_of(plan)
    if not refusals:
        return done
    why = sentence("note-order-rests", why=refusals[0].sentence)
    return replace(worked, plan=replace(worked.plan, notes=(*worked.plan.notes, why)))


def with_effects(
    worked: PlanningResult,
    seen: Seen,
    measured: Measured,
    cut: Cut,
    settings: Settings,
    saving: Saving = NOTHING,
    drawn: bool = False,
) -> tuple[PlanningResult, Bordered]:
    """The plan with its edges and the effects that the picture proposes and the painter lets be, without
    those that are given up for want of time, and how the edges are shown. In a `drawn` scene there is less to
    tell them by."""
    looked = _looked(worked, seen, measured, settings)
    found = _borders(looked, measured)
    stretches = made(found, worked.plan, _wishes(seen, settings))
    looked = replace(looked, stretches=found.where, around_cm=settings.around_cm, drawn=drawn)
    proposed = effects_of(replace(looked, plan=told(worked.plan, stretches)))
    stretches = _firm_where_left_out(worked, stretches, proposed, settings.effects_off)
    worked = replace(worked, plan=told(worked.plan, stretches))
    near = near_to(found, measured.nearest[1])
    shown = Bordered(
        found.where,
        faded(near, stretches, measured.soft, looked.cm),
        broken(cut.labels, near, measured.nearest, stretches, looked.cm),
    )
    taken = settings.effects_taken
    return woven(worked, proposed, settings.effects_off, taken, _spared(proposed, taken, saving)), shown


def _borders(looked: Looked, measured: Measured) -> Found:
    """Every stretch of border, and what each is proposed to be."""
    return found_in(
        Borders(
            looked.plan.masses,
            measured.labels,
            measured.soft,
            looked.planned[..., 0] / np.float32(10),
            {name: texture.stirs for name, texture in looked.texture.items()},
            looked.cm,
            looked.light,
            looked.focus,
        )
    )


def _wishes(seen: Seen, settings: Settings) -> tuple[EdgeWish, ...]:
    """What is wanted of edges, at places of the arranged picture."""
    return tuple(
        replace(wish, x=x, y=y)
        for wish in settings.edges
        for x, y in [_arranged((wish.x, wish.y), seen, settings)]
    )


def _spared(proposed: Sequence[Proposal], taken: Collection[str], saving: Saving) -> frozenset[str]:
    """The effects that are given up for want of time: never what the painter took, nor what only says how
    a mass is modelled."""
    costs = [
        (one.effect, sum(touch.minutes for touch in one.touches))
        for one in proposed
        if one.touches and not one.without and not one.effect.asks and one.effect.id not in taken
    ]
    return spared_of(costs, saving.effects) if saving.effects < 1 else frozenset()


def _firm_where_left_out(
    worked: PlanningResult, stretches: Sequence[Stretch], proposed: Sequence[Proposal], off: Collection[str]
) -> tuple[Stretch, ...]:
    """The stretches, firm in the passes whose edges the painter leaves as they are cut."""
    left = {
        worked.plan.passes[one.row].id
        for one in proposed
        if one.effect.key == "edges" and one.effect.id in off
    }
    return tuple(
        replace(s, how=Edge.FIRM, when=None) if s.pass_id in left and not s.wished else s for s in stretches
    )


def placed(
    settings: Settings, seen: Seen, measured: Measured, sheet: Sheet
) -> tuple[tuple[Own, ...], Mapping[str, Spot]]:
    """The painter's own passes with the masses under those that are drawn, and where these lie."""
    found, places = list[Own](), dict[str, Spot]()
    cm = sheet.picture_width_cm / measured.labels.shape[1]
    for own in settings.own_passes:
        if not own.drawn:
            found.append(own)
            continue
        points = tuple(_arranged(point, seen, settings) for point in own.points)
        there = placed_on(replace(own, points=points), measured.labels, measured.masses, cm)
        if there is not None:
            placed_own, places[own.id] = there
            found.append(placed_own)
    return tuple(found), places


def _looked(worked: PlanningResult, seen: Seen, measured: Measured, settings: Settings) -> Looked:
    """What effects look at, with what the painter has said of light and focus."""
    sources = tuple(_arranged((said.x, said.y), seen, settings) for said in settings.sources if said.shines)
    return Looked(
        seen.picture,
        measured.labels,
        worked.plan,
        measured.along,
        settings.light,
        told_focus(seen, settings),
        sources,
    )


def _arranged(place: tuple[float, float], seen: Seen, settings: Settings) -> tuple[float, float]:
    """A place of the reference in the arranged picture."""
    tall, wide = seen.whole.labels.shape
    return settings.arrangement.forward(*place, wide / tall)


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
            area is ranked[0] and _is_sky(area),
            area.called,
        )
        for area in ranked
    )


def _is_sky(area: Area) -> bool:
    """Whether the farthest area may be sky: at the top, wide, light, and of a colour that skies have."""
    left, top, right, _ = area.box
    wide = right - left >= SKY_WIDE and area.centre[1] < SKY_ABOVE and top < 0.02
    dark = area.value < SKY_LIGHT
    return wide and not dark and (bluish(area.lab) or chroma(area.lab) < SKY_PLAIN)


SKY_WIDE, SKY_LIGHT, SKY_PLAIN = 0.5, 5.0, 20.0
"""Share of the width that a sky takes at least, its least value, and the chroma up to which one of any hue
is."""


def _saved(options: Options, saving: Saving) -> Options:
    """What is settled about the order, with what is given up for want of time."""
    return replace(
        options,
        passes=options.passes if saving.passes is None else saving.passes,
        least=saving.least,
        aim=options.aim or (Aim.MIXTURES if saving.few else None),
    )


def planned(
    seen: Seen,
    parts: Parts,
    settings: Settings,
    sheet: Sheet,
    notes: Sequence[Sentence],
    saving: Saving = NOTHING,
    box: Paintbox | None = None,
) -> PlanningResult:
    """The plan as it is worked out, before the painter rearranges it, with the ground that is laid first and
    with what is given up for want of time; `box` is that of a plan for the same paints, if any."""
    masses, options = seen.measured.masses, _saved(options_for(settings, seen.areas), saving)
    mixed = [(f"a{seen.whole.at(own.x, own.y)}", own.school) for own in settings.mixed]
    things = [f"a{seen.whole.at(own.x, own.y)}" for own in settings.unders if own.what is Over.THING]
    held, names = {mass.area for mass in masses}, {thing.id: thing.name for thing in options.things}
    empty = [names[area] for area, _ in mixed if area not in held and area in names]
    alone = [sentence("note-empty-area", thing=name) for name in empty]
    worked = plan_of(
        masses,
        parts,
        settings.used,
        settings.start,
        sheet,
        replace(options, mixed=tuple(mixed), forbidden=forbidden_by(settings.unders, things)),
        (*notes, *alone),
        settings.intent.mood,
        settings.colours,
        box,
    )
    if settings.laid is None:
        return worked
    toning = toning_of(settings.laid, sheet.width_cm * sheet.height_cm)
    return replace(worked, plan=replace(worked.plan, toning=toning))


def annotated(worked: PlanningResult, frame: Framed, settings: Settings) -> PlanningResult:
    """The plan with notes about what was arranged, and with what fills its waits."""
    notes = (*worked.plan.notes, *arrangement_notes(frame, settings))
    return replace(worked, plan=filled(replace(worked.plan, notes=notes)))


def schools(
    result: Result, settings: Settings, own: tuple[str, ...], known: PlanningResult | None
) -> tuple[Compared, ...]:
    """Every school for the masses of a result, the painter's `own` by their keys; one that is `known`
    is not worked out again."""
    seen = result.seen
    height, width = seen.picture.shape
    return compared(
        seen.measured.masses,
        result.worked.scene.parts,
        settings.used,
        settings.start,
        settings.sheet(width / height),
        options_for(settings, seen.areas),
        settings.intent.mood,
        settings.colours,
        own,
        result.worked.scene.box,
        known,
    )
