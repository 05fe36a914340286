"""A plan out of a document of the open format."""

from __future__ import annotations

import math
from collections.abc import Sequence

from ..core.areas.corrections import Family
from ..core.errors import InvalidPlan, UnknownName
from ..core.key.key import Key
from ..core.key.relations import SKY_ABOVE, Thing
from ..core.materials.habit import by_habit
from ..core.materials.media import medium_named
from ..core.materials.surfaces import Sheet, Surface
from ..core.name import Name
from ..core.plan.effect import Effect
from ..core.plan.marks import MarkFamily, Path, TextureRule
from ..core.plan.plan import Operation, Pass, Plan, Reason, Reserve, Toning
from ..core.plan.state import BARE, MassSurface, SheetState
from ..core.plan.stretch import Stretch
from ..core.reference.light import SmallLight
from ..core.reference.look import Look
from ..core.reference.mass import Border, Gradation, Lab, Mass
from ..core.sentence import Mark, Sentence, as_given
from ..words import speaker
from .finerparts import EdgePart, EffectPart, GradationPart, MarkFamilyPart, MarkPart
from .planparts import Document, LyingPart, MassPart, PassPart, ReservePart, SaidPart, StartPart, ToningPart
from .planwhole import checked


def plan_from(document: Document, judged: bool = False) -> Plan:
    """The plan in a document; raises InvalidPlan for an unknown medium, for marks outside their text, and for
    what does not hang together, but for passes that are `judged` next."""
    checked(document, judged)
    try:
        medium = medium_named(document.medium)
    except UnknownName as error:
        raise InvalidPlan(error.sentence) from None
    if document.habit is not None:
        medium = by_habit(medium, document.habit.pace, document.habit.drying)
    key = document.key
    return Plan(
        document.engine,
        medium,
        document.school,
        as_given(document.school_reason),
        Surface(document.surface.words, document.surface.value, document.surface.lab),
        Sheet(**document.sheet.known),
        Key(key.measured, key.planned, key.lowest, key.highest),
        tuple(_mass_from(m) for m in document.masses),
        tuple(_pass_from(p) for p in document.passes),
        document.predicted.values,
        tuple(map(as_given, document.notes)),
        _toning_from(document.toning),
        tuple(map(_reserve_from, document.reserves)),
        document.ties,
        document.shapes,
        marks=tuple(map(_family_from, document.marks)),
        effects=tuple(map(_effect_from, document.effects)),
        edges=tuple(map(_edge_from, document.edges)),
        start=_start_from(document.start) if document.start else BARE,
        done=document.done,
        logged=document.logged,
    )


def _start_from(part: StartPart) -> SheetState:
    """What lies on the sheet; raises InvalidPlan for a state that cannot be."""
    surfaces = {}
    for lying in part.masses:
        fields = {k: getattr(lying, k) for k in LyingPart.model_fields if k != "mass"}
        never = {k: -math.inf for k in NEVER if fields[k] is None}
        surfaces[lying.mass] = MassSurface(**(fields | never))
    return SheetState(part.clock, surfaces)


NEVER = ("laid_at", "dry_at", "wet_until", "sprayed_until")
"""Times that are before the first mark where nothing of the kind was done."""


def _family_from(part: MarkFamilyPart) -> MarkFamily:
    return MarkFamily(
        part.id,
        part.kind,
        part.how,
        _given(part.name, part.name_marks),
        tuple(Path(path.points, path.widths) for path in part.paths),
        part.value,
        part.lab,
        part.masses,
        part.pass_id,
        part.tool,
        part.minutes,
        part.gain,
        TextureRule(**part.texture.known) if part.texture else None,
        part.place,
        part.called,
        part.many,
        part.own,
    )


def _toning_from(part: ToningPart | None) -> Toning | None:
    if part is None:
        return None
    what = (as_given(part.what),)
    return Toning(as_given(part.title), what, part.paint, part.minutes, part.wait, part.value)


def _reserve_from(part: ReservePart) -> Reserve:
    ways = tuple((kind, minutes, as_given(why)) for kind, minutes, why in part.ways)
    words = _given(part.sentence, part.marks)
    return Reserve(part.mass, part.kind, part.runner_up, words, part.figures, ways, part.overruled)


def _mass_from(part: MassPart) -> Mass:
    dropped = (
        "called",
        "naming",
        "look",
        "target_value",
        "end_values",
        "reserved",
        "neighbours",
        "gradation",
        "seen_light",
    )
    fields = {name: value for name, value in part.known.items() if name not in dropped}
    borders = tuple(Border(b.mass, b.length_cm, b.softness_mm, b.hardness) for b in part.neighbours)
    # Files of before have the name in words only, and those of another version words that are not known here.
    named = Name(**part.naming.known) if part.naming else None
    called = named if named and speaker().knows(named) else Name(own=part.called)
    look = Look(**part.look.known) if part.look else Look()
    gradation, planned = _gradation_from(part.gradation) if part.gradation else (None, ())
    return Mass(
        **fields,
        called=called,
        look=look,
        target=part.target_value,
        borders=borders,
        gradation=gradation,
        target_stops=planned,
        seen_light=SmallLight(**part.seen_light.known) if part.seen_light else None,
    )


def _gradation_from(part: GradationPart) -> tuple[Gradation, tuple[Lab, ...]]:
    stops, places = tuple(s.lab for s in part.stops), tuple(s.place for s in part.stops)
    planned = tuple(s.target for s in part.stops if s.target)
    return Gradation(part.form, stops, part.direction, places, part.centre), planned


def _pass_from(part: PassPart) -> Pass:
    operations = tuple(Operation(**o.known) for o in part.operations)
    reasons = tuple(Reason(r.kind, _given(r.sentence, r.marks), r.masses, r.figures) for r in part.reasons)
    return Pass(
        part.id,
        _given(part.title, part.title_marks),
        _steps(part.steps, (part.what,)),
        as_given(part.where),
        part.values,
        as_given(part.edge),
        part.minutes,
        part.wait_minutes,
        as_given(part.needs),
        part.max_lag_minutes,
        operations,
        reasons,
        _steps(part.minds, part.findings),
        part.beside,
        part.between,
        part.places.graded,
        part.places.coats,
    )


def _effect_from(part: EffectPart) -> Effect:
    return Effect(
        part.key,
        part.id,
        part.masses,
        part.place,
        part.sure,
        _given(part.told, part.marks),
        part.figures,
        part.instead,
        as_given(part.rests) if part.rests else None,
        part.pass_id,
    )


def _edge_from(part: EdgePart) -> Stretch:
    return Stretch(**(part.known | {"why": as_given(part.why)}))


def _given(text: str, marks: Sequence[MarkPart]) -> Sentence:
    places = [0, *(at for mark in marks for at in (mark.start, mark.end)), len(text)]
    if places != sorted(places):
        raise InvalidPlan("refused-planfile-marks", text=text)
    return as_given(text, [Mark(mark.start, mark.end, mark.masses, mark.edges) for mark in marks])


def _steps(said: Sequence[SaidPart], texts: Sequence[str]) -> tuple[Sentence, ...]:
    """Sentences with their marks; files of before have the texts only."""
    return tuple(_given(s.text, s.marks) for s in said) or tuple(as_given(text) for text in texts if text)


def things_of(document: Document) -> dict[str, Thing]:
    """What a document tells of its areas, by their ids: family, and which is the sky."""
    ranked = sorted(document.areas, key=lambda area: area.depth)
    held: dict[str, list[MassPart]] = {}
    for mass in document.masses:
        held.setdefault(mass.area or "", []).append(mass)
    return {
        area.id: Thing(
            area.id,
            None if area.family is Family.UNSURE else area.family.value,
            area is ranked[0]
            and any(m.box[1] < 0.02 and m.centre[1] < SKY_ABOVE for m in held.get(area.id, ())),
        )
        for area in document.areas
    }
