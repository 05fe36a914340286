"""The open plan format: JSON, versioned, self-describing, validated on write and read."""

from __future__ import annotations

import hashlib
import json
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

from pydantic import ValidationError

from ..core.areas.area import Area
from ..core.areas.corrections import Family
from ..core.colour.lab import value_of_lab
from ..core.errors import InvalidPlan, NewerPlan, UnknownName
from ..core.key.key import Key
from ..core.key.relations import SKY_ABOVE, Thing
from ..core.materials.media import medium_named
from ..core.materials.surfaces import Sheet, Surface
from ..core.plan.plan import Kind, Operation, Pass, Plan, Reason, Reserve, Toning
from ..core.reference.look import Look
from ..core.reference.mass import Border, Mass
from ..core.reference.name import Name
from ..core.reference.picture import Labels
from ..core.sentence import Mark, Sentence, as_given
from ..words import ENGLISH, About, Said
from .planparts import (
    VERSION,
    Document,
    MarkPart,
    MassPart,
    PassPart,
    ReservePart,
    SaidPart,
    SheetPart,
    ToningPart,
)

MOST_BYTES = 16 * 2**20


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
    sheet = plan.sheet
    reference = source.reference_hash and {
        "hash": source.reference_hash,
        "width_px": source.width_px,
        "height_px": source.height_px,
        "width_cm": sheet.picture_width_cm,
        "height_cm": sheet.picture_height_cm,
    }
    told = About.of(plan)
    bare = {o.mass for p in plan.passes for o in p.operations if o.kind is Kind.RESERVE}
    return {
        "washboard": VERSION,
        "engine": plan.engine,
        "piece": source.piece,
        "medium": plan.medium.key,
        "school": plan.school,
        "school_reason": ENGLISH.text(plan.school_why),
        "surface": vars(plan.surface),
        "sheet": vars(sheet),
        "reference": reference or None,
        "key": vars(plan.key),
        "label_map": source.label_map,
        "masses": [_mass(m, m.id in bare) for m in plan.masses],
        "passes": [_pass(p, told) for p in plan.passes],
        "predicted": {"values": plan.predicted},
        "notes": [ENGLISH.text(note, told) for note in plan.notes],
        "toning": plan.toning and _toning(plan.toning),
        "areas": [_area(a) for a in source.areas],
        "reserves": [_reserve(r, told) for r in plan.reserves],
        "ties": plan.ties,
        "shapes": plan.shapes,
    }


def _area(area: Area) -> dict[str, Any]:
    return {
        "id": f"a{area.label}",
        "name": ENGLISH.name(area.called),
        "share": area.share,
        "value": area.value,
        "depth": area.depth,
        "family": area.family,
    }


def _mass(mass: Mass, reserved: bool) -> dict[str, Any]:
    fields = {k: v for k, v in vars(mass).items() if k not in ("target", "borders", "called", "look")}
    return fields | {
        "called": ENGLISH.name(mass.called),
        "naming": vars(mass.called),
        "look": vars(mass.look),
        "target_value": mass.target,
        "end_values": [float(value_of_lab(end)) for end in mass.target_ends],
        "reserved": reserved,
        "neighbours": [vars(b) for b in mass.borders],
    }


def _pass(done: Pass, told: About) -> dict[str, Any]:
    title = _said(done.title, told)
    steps, minds = ([_said(words, told) for words in texts] for texts in (done.what, done.findings))
    return {k: v for k, v in vars(done).items() if k not in ("wait", "max_lag")} | {
        "title": title["text"],
        "title_marks": title["marks"],
        "what": " ".join(step["text"] for step in steps),
        "steps": steps,
        "where": ENGLISH.text(done.where, told),
        "edge": _small(ENGLISH.text(done.edge)),
        "needs": _small(ENGLISH.text(done.needs)),
        "reason": " ".join(ENGLISH.text(r.sentence, told) for r in done.reasons),
        "wait_minutes": done.wait,
        "max_lag_minutes": done.max_lag,
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
    ways = [(kind, minutes, _small(ENGLISH.text(why))) for kind, minutes, why in reserve.ways]
    return {
        **vars(reserve),
        "sentence": words["text"],
        "marks": words["marks"],
        "figures": dict(reserve.figures),
        "ways": ways,
    }


def _toning(toning: Toning) -> dict[str, Any]:
    what = " ".join(ENGLISH.text(step) for step in toning.what)
    return {**vars(toning), "title": ENGLISH.text(toning.title), "what": what}


def _said(words: Sentence, told: About) -> dict[str, Any]:
    said = ENGLISH.say(words, told)
    return {"text": said.text, "marks": [vars(mark) for mark in said.marks]}


def marks_of(said: Said) -> list[MarkPart]:
    """Where a text names masses, as the format holds it."""
    return [MarkPart.model_validate(vars(mark)) for mark in said.marks]


def _small(text: str) -> str:
    """A phrase that stands behind a label."""
    return text[:1].lower() + text[1:]


def _rounded(given: Any) -> Any:
    if isinstance(given, float):
        return round(given, 4)
    if isinstance(given, dict):
        return {k: _rounded(v) for k, v in given.items()}
    return [_rounded(v) for v in given] if isinstance(given, (list, tuple)) else given


def written(document: Document) -> str:
    """The document as JSON text, validated once more."""
    plain = document.model_dump(mode="json", by_alias=True)
    Document.model_validate(plain)
    return json.dumps(plain, indent=1, ensure_ascii=False, allow_nan=False)


def read(text: str | bytes) -> Document:
    """A document from JSON text. Raises NewerPlan and InvalidPlan, naming what is wrong and where."""
    if len(text) > MOST_BYTES:
        raise InvalidPlan(f"The plan file is larger than {MOST_BYTES >> 20} MB; nothing was read from it.")
    try:
        raw = json.loads(text, parse_constant=_no_constant)
    except RecursionError:
        raise InvalidPlan("The plan file is nested too deeply; nothing was read from it.") from None
    except ValueError as error:
        raise InvalidPlan(
            f"The plan file is not JSON ({str(error)[:80]}); nothing was read from it."
        ) from None
    version = raw.get("washboard") if isinstance(raw, dict) else None
    if isinstance(version, bool) or not isinstance(version, int):
        raise InvalidPlan("The file is no plan: the field `washboard` with the format's version is missing.")
    if version > VERSION:
        raise NewerPlan(
            f"The plan is of format version {version}; this program reads up to {VERSION}. Nothing was "
            "changed. Use a newer Washboard, or export the plan again from the one that wrote it."
        )
    try:
        return Document.model_validate(raw)
    except ValidationError as error:
        first = error.errors()[0]
        where = ".".join(str(part) for part in first["loc"])
        raise InvalidPlan(f"The plan file cannot be read: {first['msg']} @ {where}.") from None


def _no_constant(name: str) -> float:
    raise ValueError(f"{name} is not a number that JSON knows")


def plan_from(document: Document) -> Plan:
    """The plan in a document; raises InvalidPlan for an unknown medium."""
    try:
        medium = medium_named(document.medium)
    except UnknownName as error:
        raise InvalidPlan(str(error)) from None
    key = document.key
    return Plan(
        document.engine,
        medium,
        document.school,
        as_given(document.school_reason),
        Surface(document.surface.words, document.surface.value, document.surface.lab),
        Sheet(**{k: getattr(document.sheet, k) for k in SheetPart.model_fields}),
        Key(key.measured, key.planned, key.lowest, key.highest),
        tuple(_mass_from(m) for m in document.masses),
        tuple(_pass_from(p) for p in document.passes),
        document.predicted.values,
        tuple(map(as_given, document.notes)),
        _toning_from(document.toning),
        tuple(map(_reserve_from, document.reserves)),
        document.ties,
        document.shapes,
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
    dropped = ("called", "naming", "look", "target_value", "end_values", "reserved", "neighbours")
    fields = {k: getattr(part, k) for k in MassPart.model_fields if k not in dropped}
    borders = tuple(Border(b.mass, b.length_cm, b.softness_mm, b.hardness) for b in part.neighbours)
    # Files of before have the name in words only.
    called = Name(**dict(part.naming)) if part.naming else Name(own=part.called)
    look = Look(**dict(part.look)) if part.look else Look()
    return Mass(**fields, called=called, look=look, target=part.target_value, borders=borders)


def _pass_from(part: PassPart) -> Pass:
    operations = tuple(Operation(**dict(o)) for o in part.operations)
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
    )


def _given(text: str, marks: Sequence[MarkPart]) -> Sentence:
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


def schema() -> dict[str, Any]:
    """The published JSON Schema of the format."""
    published = Document.model_json_schema(by_alias=True)
    published["$schema"] = "https://json-schema.org/draft/2020-12/schema"
    published["title"] = "Washboard plan"
    return published


def label_hash(labels: Labels) -> str:
    """The hash that names a label map: SHA-256 of its shape and its labels as uint16, row by row."""
    shape = f"{labels.shape[1]}x{labels.shape[0]}:".encode()
    return hashlib.sha256(shape + labels.astype("<u2").tobytes()).hexdigest()


def pass_part(done: Pass, told: About) -> PassPart:
    """One pass as the format holds it."""
    return PassPart.model_validate(_rounded(_pass(done, told)))
