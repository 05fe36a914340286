"""A plan as a document of the open format: every sentence said, every number rounded to what is known."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass, replace
from itertools import repeat
from typing import Any

import numpy as np

from ..core.areas.area import Area
from ..core.colour.lab import value_of_lab
from ..core.materials.habit import habit_in
from ..core.materials.media import Medium, medium_named
from ..core.materials.tools import TOOLS as BRUSH_TOOLS
from ..core.plan.effect import Effect
from ..core.plan.marks import MarkFamily
from ..core.plan.plan import Kind, Pass, Plan, Reason, Reserve, Toning
from ..core.plan.stretch import Stretch
from ..core.plan.tools import TOOLS as STICK_TOOLS
from ..core.plan.where import where_of
from ..core.reference.mass import Gradation, Lab, Mass
from ..core.sentence import Sentence, sentence
from ..words import About, Said, speaker
from .finerparts import MarkPart
from .planparts import VERSION, Document, PassPart

DIGITS = 4
"""Digits behind the point that a plan file holds."""


@dataclass(frozen=True)
class DocumentSource:
    """Where a plan's masses come from: the reference's hash and size, the label map's hash, the areas."""

    piece: str
    reference_hash: str | None = None
    width_px: int = 0
    height_px: int = 0
    label_map: str | None = None
    areas: tuple[Area, ...] = ()


def document_of(plan: Plan, source: DocumentSource) -> Document:
    """The plan as a document; every number rounded to what it can be known to."""
    return Document.model_validate(_rounded(_fields(plan, source)))


def _fields(plan: Plan, source: DocumentSource) -> dict[str, Any]:
    told = About.of(plan)
    bare = {o.mass for p in plan.passes for o in p.operations if o.kind is Kind.RESERVE}
    return {
        "washboard": VERSION,
        "engine": plan.engine,
        "piece": source.piece,
        "medium": plan.medium.key,
        "habit": _habit(plan.medium),
        "school": plan.school,
        "school_reason": speaker().text(plan.school_why),
        "surface": vars(plan.surface),
        "sheet": vars(plan.sheet),
        "reference": _reference(plan, source),
        "key": vars(plan.key),
        "label_map": source.label_map,
        "masses": [_mass(m, m.id in bare) for m in plan.masses],
        "passes": [_pass(p, told) for p in plan.passes],
        "predicted": {"values": plan.predicted},
        "notes": [speaker().text(note, told) for note in plan.notes],
        "toning": plan.toning and _toning(plan.toning),
        "areas": [_area(a) for a in source.areas],
        "reserves": [_reserve(r, told) for r in plan.reserves],
        "ties": plan.ties,
        "shapes": plan.shapes,
        "totals": _totals(plan),
        "marks": [_family(family, told) for family in plan.marks],
        "effects": [_effect(effect, told) for effect in plan.effects],
        "edges": [_edge(stretch, told) for stretch in plan.edges],
        **_before(plan),
    }


def _habit(medium: Medium) -> dict[str, float] | None:
    usual = medium_named(medium.key)
    if medium == usual:
        return None
    pace, drying = habit_in(medium, usual)
    return {"pace": round(pace, 3), "drying": round(drying, 3)}


def _reference(plan: Plan, source: DocumentSource) -> dict[str, Any] | None:
    if not source.reference_hash:
        return None
    return {
        "hash": source.reference_hash,
        "width_px": source.width_px,
        "height_px": source.height_px,
        "width_cm": plan.sheet.picture_width_cm,
        "height_cm": plan.sheet.picture_height_cm,
    }


def _before(plan: Plan) -> dict[str, Any]:
    """What was done before a plan begins, and what lies on the sheet by then; never, which JSON has no number
    for, is null."""
    start = plan.start
    lying = [
        {"mass": name}
        | {k: None if isinstance(v, float) and not math.isfinite(v) else v for k, v in vars(there).items()}
        for name, there in start.masses.items()
    ]
    lies = {"clock": start.clock, "masses": lying} if lying else None
    return {"done": plan.done, "logged": plan.logged, "start": lies}


def _family(family: MarkFamily, told: About) -> dict[str, Any]:
    name = _said(family.name, told)
    fields = {k: v for k, v in vars(family).items() if k != "pass_id"}
    named = {"name": name["text"], "name_marks": name["marks"], "pass": family.pass_id, "count": family.count}
    tool = BRUSH_TOOLS.get(family.tool) or STICK_TOOLS[family.tool]
    told_size = {
        "tool_words": speaker().local(tool.words),
        "length_cm": family.length_cm,
        "width_mm": family.width_mm,
    }
    texture = vars(family.texture) if family.texture else None
    return fields | named | told_size | {"paths": [vars(path) for path in family.paths], "texture": texture}


def _effect(effect: Effect, told: About) -> dict[str, Any]:
    words = _said(effect.told, told)
    return {k: v for k, v in vars(effect).items() if k not in ("told", "pass_id", "rests")} | {
        "called": speaker().text(sentence(f"effect-name-{effect.key}")),
        "told": words["text"],
        "marks": words["marks"],
        "figures": dict(effect.figures),
        "asks": effect.asks,
        "rests": speaker().text(effect.rests, told) if effect.rests else None,
        "pass": effect.pass_id,
    }


def _edge(stretch: Stretch, told: About) -> dict[str, Any]:
    own = {k: v for k, v in vars(stretch).items() if k not in ("why", "pass_id")}
    return own | {"why": speaker().text(stretch.why, told), "pass": stretch.pass_id}


def _totals(plan: Plan) -> dict[str, float]:
    """Of the minutes as they are written, so that a plan that is read again has the same."""
    rounded = replace(
        plan,
        passes=tuple(
            replace(
                p,
                minutes=round(p.minutes, DIGITS),
                between=round(p.between, DIGITS),
                wait=round(p.wait, DIGITS),
            )
            for p in plan.passes
        ),
    )
    return {"work_minutes": rounded.work, "wait_minutes": rounded.waiting}


def _area(area: Area) -> dict[str, Any]:
    return {
        "id": f"a{area.label}",
        "name": speaker().name(area.called),
        "share": area.share,
        "value": area.value,
        "depth": area.depth,
        "family": area.family,
    }


def _mass(mass: Mass, reserved: bool) -> dict[str, Any]:
    dropped = ("target", "borders", "called", "look", "target_stops")
    fields = {k: v for k, v in vars(mass).items() if k not in dropped}
    return fields | {
        "called": speaker().name(mass.called),
        "naming": vars(mass.called),
        "look": vars(mass.look),
        "target_value": mass.target,
        "end_values": _values(mass.target_ends),
        "gradation": _gradation(mass.gradation, mass.target_stops) if mass.gradation else None,
        "reserved": reserved,
        "neighbours": [vars(b) for b in mass.borders],
        "seen_light": mass.seen_light and vars(mass.seen_light),
    }


def _gradation(gradation: Gradation, planned: Sequence[Lab]) -> dict[str, Any]:
    """`planned` are its colours as they are laid, none where the mass stays bare."""
    values = _values(planned or gradation.stops)
    stops = [
        {"lab": stop, "target": target, "value": value, "place": place}
        for stop, target, value, place in zip(
            gradation.stops, planned or repeat(None), values, gradation.places, strict=False
        )
    ]
    fields = {k: v for k, v in vars(gradation).items() if k not in ("stops", "places")}
    return fields | {"stops": stops}


def _values(colours: Sequence[Lab]) -> list[float]:
    """Values of colours as they are written, so that a plan that is read again has the same."""
    return [float(value) for value in value_of_lab(np.round(colours, DIGITS))]


def _pass(done: Pass, told: About) -> dict[str, Any]:
    title = _said(done.title, told)
    steps, minds = ([_said(words, told) for words in texts] for texts in (done.what, done.findings))
    return {k: v for k, v in vars(done).items() if k not in ("wait", "max_lag", "graded", "coats")} | {
        "title": title["text"],
        "title_marks": title["marks"],
        "what": " ".join(step["text"] for step in steps),
        "steps": steps,
        "where": speaker().text(done.where, told),
        "edge": speaker().phrase(done.edge),
        "needs": speaker().phrase(done.needs),
        "reason": " ".join(speaker().text(r.sentence, told) for r in done.reasons),
        "wait_minutes": done.wait,
        "max_lag_minutes": done.max_lag,
        "places": {**vars(where_of(done)), "graded": done.graded, "coats": done.coats},
        "operations": [vars(o) for o in done.operations],
        "reasons": [_reason(r, told) for r in done.reasons],
        "findings": [mind["text"] for mind in minds],
        "minds": minds,
    }


def _reason(reason: Reason, told: About) -> dict[str, Any]:
    words = _said(reason.sentence, told)
    return {
        "kind": reason.kind,
        "sentence": words["text"],
        "marks": words["marks"],
        "masses": reason.masses,
        "figures": dict(reason.figures),
    }


def _reserve(reserve: Reserve, told: About) -> dict[str, Any]:
    words = _said(reserve.sentence, told)
    ways = [(kind, minutes, speaker().phrase(why)) for kind, minutes, why in reserve.ways]
    return {
        **vars(reserve),
        "sentence": words["text"],
        "marks": words["marks"],
        "figures": dict(reserve.figures),
        "ways": ways,
    }


def _toning(toning: Toning) -> dict[str, Any]:
    what = " ".join(speaker().text(step) for step in toning.what)
    return {**vars(toning), "title": speaker().phrase(toning.title), "what": what}


def _said(words: Sentence, told: About) -> dict[str, Any]:
    said = speaker().say(words, told)
    return {"text": said.text, "marks": [vars(mark) for mark in said.marks]}


def marks_of(said: Said) -> list[MarkPart]:
    """Where a text names masses, as the format holds it."""
    return [MarkPart.model_validate(vars(mark)) for mark in said.marks]


def _rounded(given: Any) -> Any:
    if isinstance(given, float):
        return round(given, DIGITS)
    if isinstance(given, dict):
        return {k: _rounded(v) for k, v in given.items()}
    return [_rounded(v) for v in given] if isinstance(given, (list, tuple)) else given


def pass_part(done: Pass, told: About) -> PassPart:
    """One pass as the format holds it."""
    return PassPart.model_validate(_rounded(_pass(done, told)))
