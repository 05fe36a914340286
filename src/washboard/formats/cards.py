"""Pass cards to lay beside the easel, one a pass, and the whole plan on one sheet, as PDF in true size."""

from __future__ import annotations

import io
import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from reportlab.pdfgen.canvas import Canvas

from ..core.plan.acts import ACTS
from ..core.plan.plan import Pass, Plan, Role
from ..core.sentence import Sentence
from ..words import About, speaker
from .table import minutes
from .typeset import (
    DISPLAY,
    HAIR,
    MM,
    QUIET,
    STRONG,
    TEXT,
    flow,
    ladder,
    picture,
    ridge,
    stroke,
    style,
    words,
)

CARD = (148.0, 105.0)
"""A card in mm: half of half a sheet of A4."""
SHEET = (210.0, 297.0)
EDGE, GAP = 6.0, 4.0
MOST_WORDS = 60
"""Words on a card beside its mixtures and cautions: more cannot be read at the easel."""


@dataclass(frozen=True)
class Mixed:
    """A mixture as a card shows it: its colour, and its parts in words."""

    rgb: tuple[int, int, int]
    words: str


@dataclass(frozen=True)
class Shown:
    """A pass in pictures (JPEG): before it, where it is painted, after it."""

    before: bytes
    where: bytes
    after: bytes


def cards_of(name: str, plan: Plan, shown: Sequence[Shown], mixtures: Mapping[str, Sequence[Mixed]]) -> bytes:
    """A card of 148 × 105 mm for each pass: three pictures, what to do in few words, what to mix.

    `mixtures` of each pass by its id.
    """
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(CARD[0] * MM, CARD[1] * MM), invariant=True)
    canvas.setTitle(f"{name}: pass cards")
    for number, (done, pictures) in enumerate(zip(plan.passes, shown, strict=True), 1):
        _card(canvas, plan, number, done, pictures, mixtures.get(done.id, ()))
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def _card(
    canvas: Canvas, plan: Plan, number: int, done: Pass, shown: Shown, mixtures: Sequence[Mixed]
) -> None:
    told, wide = About.of(plan), CARD[0] - 2 * EDGE
    top = CARD[1] - EDGE
    words(canvas, str(number), EDGE, top - 9.6, 32, DISPLAY)
    words(canvas, f"of {len(plan.passes)}", EDGE, top - 13.4, 7.5, TEXT, QUIET)
    title = [(speaker().text(done.title, told), style(DISPLAY, 15, 1.14))]
    flow(canvas, title, (EDGE + 13, top, wide - 13, 13.4))
    third = (wide - 2 * GAP) / 3
    at = top - 16.5
    tall = 0.0
    for k, (label, image) in enumerate(
        (("before", shown.before), ("where", shown.where), ("after", shown.after))
    ):
        left = EDGE + k * (third + GAP)
        _, height = picture(canvas, image, left, at, third, 31.0)
        tall = max(tall, height)
        words(canvas, speaker().pattern(f"card-{label}"), left, at - height - 3.0, 7, TEXT, QUIET)
    at -= tall + 6.0
    foot = EDGE + 13.0
    side = EDGE + 2 * (third + GAP)
    lines = [(text, style(TEXT, 9.2)) for text in _said(done, told)]
    flow(canvas, lines, (EDGE, at, 2 * third + GAP, at - foot), 1.0)
    _mixtures(canvas, mixtures, (side, at, third, at - foot - 3.0))
    _foot(canvas, plan, done, EDGE, wide, third)


def _said(done: Pass, told: About) -> list[str]:
    """How, the first reason, and what to mind, as far as they can be read at the easel."""
    how = [speaker().text(step, told) for step in done.what]
    why = [speaker().text(reason.sentence, told) for reason in done.reasons]
    minds = [speaker().text(mind, told) for mind in done.findings[:1]]
    room = MOST_WORDS - len(speaker().text(done.title, told).split())
    kept = [" ".join(how)]
    if why:
        kept.append(f"{speaker().pattern('card-why')} {_first(why[0])}")
    room -= sum(len(text.split()) for text in kept)
    if minds and room > 0:
        kept.append(minds[0])
    return [text for text in kept if text]


def _first(text: str) -> str:
    """The first sentence of a text."""
    return re.split(r"(?<=[.!?])\s", text, maxsplit=1)[0]


def _mixtures(canvas: Canvas, mixtures: Sequence[Mixed], box: tuple[float, float, float, float]) -> None:
    """What is mixed, as strokes with their parts beside them."""
    left, top, wide, tall = box
    if not mixtures:
        return
    row = min(9.0, tall / len(mixtures))
    for k, mixed in enumerate(mixtures):
        bottom = top - (k + 1) * row
        stroke(canvas, mixed.rgb, left, bottom + 1.2, 11.0, row - 2.0)
        flow(canvas, [(mixed.words, style(TEXT, 7.4, 1.16))], (left + 13, bottom + row - 0.8, wide - 13, row))


def _foot(canvas: Canvas, plan: Plan, done: Pass, left: float, wide: float, third: float) -> None:
    """Work and wait as a ridge and a dip, the pass's values on the ladder, tool and cautions."""
    base = EDGE + 6.5
    whole = max(sum(p.minutes + p.waiting for p in plan.passes), 1.0)
    scale = (third - 4) / max(done.minutes + done.waiting, 0.25 * whole)
    work, wait = max(5.0, scale * done.minutes), scale * done.waiting
    ridge(canvas, left, base, work, 4.5, wait)
    words(canvas, minutes(done.minutes), left + 1, base + 5.4, 8.5, STRONG)
    if done.waiting:
        dry = speaker().pattern("card-dry", minutes=minutes(done.waiting))
        words(canvas, dry, left + work + 2, base + 1.0, 7.5, TEXT, QUIET)
    ladder(canvas, left + third + GAP, base, third, *done.values)
    side = left + 2 * (third + GAP)
    needs, tools = speaker().phrase(done.needs), tools_of(done)
    facts = [(speaker().pattern("card-needs", needs=needs, tools=tools), style(TEXT, 7.6, 1.2))]
    flow(canvas, facts, (side, base + 7.6, third, 7.6))
    caution = " ".join(cautions_of(plan, done))
    canvas.setStrokeGray(HAIR)
    canvas.setLineWidth(0.3)
    canvas.line(left * MM, (EDGE + 3.6) * MM, (left + wide) * MM, (EDGE + 3.6) * MM)
    flow(canvas, [(caution, style(TEXT, 6.4, 1.15, QUIET))], (left, EDGE + 2.8, wide, 5.4))


def tools_of(done: Pass) -> str:
    """The tools of a pass, as they are needed."""
    tools = dict.fromkeys(
        ACTS[o.kind].tool for o in done.operations if o.role is Role.TARGET or o.kind.reaches
    )
    return ", ".join(tool for tool in tools if tool) or speaker().pattern("card-usual-tools")


def cautions_of(plan: Plan, done: Pass) -> list[str]:
    """What to mind with the hands in a pass: its operations' own, then the medium's."""
    own = dict.fromkeys(ACTS[o.kind].caution for o in done.operations)
    return [*(caution for caution in own if caution), plan.medium.caution]


def sheet_of(name: str, plan: Plan, shown: Sequence[Shown]) -> bytes:
    """The whole plan on one sheet of A4: every pass large enough to be read at arm's length, in its order."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(SHEET[0] * MM, SHEET[1] * MM), invariant=True)
    canvas.setTitle(f"{name}: the plan")
    told, margin = About.of(plan), 12.0
    top, wide = SHEET[1] - margin, SHEET[0] - 2 * margin
    flow(canvas, [(name, style(DISPLAY, 22, 1.1))], (margin, top, wide, 10))
    flow(canvas, [(_head(plan), style(TEXT, 10))], (margin, top - 10.5, wide, 6))
    room = (top - 20 - margin) / max(len(plan.passes), 1)
    tall = min(room - 3, 46.0)
    for number, (done, pictures) in enumerate(zip(plan.passes, shown, strict=True), 1):
        _row(canvas, told, number, done, pictures, (margin, top - 19 - (number - 1) * (tall + 3), wide, tall))
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def _head(plan: Plan) -> str:
    return speaker().pattern(
        "sheet-head" if plan.waiting >= 0.5 else "sheet-head-dry",
        medium=speaker().local(plan.medium.words),
        size=f"{plan.sheet.width_cm:g} × {plan.sheet.height_cm:g}",
        passes=len(plan.passes),
        work=minutes(plan.work),
        wait=minutes(plan.waiting),
    )


def _row(
    canvas: Canvas, told: About, number: int, done: Pass, shown: Shown, box: tuple[float, float, float, float]
) -> None:
    """A pass on the sheet: its number, where, after, title, times and values, how it is done."""
    left, top, wide, tall = box
    canvas.setStrokeGray(HAIR)
    canvas.setLineWidth(0.4)
    canvas.line(left * MM, (top + 1.5) * MM, (left + wide) * MM, (top + 1.5) * MM)
    words(canvas, str(number), left, top - 9, 28, DISPLAY)
    at = left + 12
    for image in (shown.where, shown.after):
        width, _ = picture(canvas, image, at, top, 50.0, tall - 1)
        at += width + 2.5
    low, high = done.values
    values = f"{low:.1f}" if high - low < 0.05 else f"{low:.1f}–{high:.1f}"
    facts = [minutes(done.minutes), speaker().pattern("card-values", values=values)]
    if done.waiting:
        facts.insert(1, speaker().pattern("card-dry", minutes=minutes(done.waiting)))
    text = [
        (speaker().text(done.title, told), style(DISPLAY, 14.5, 1.1)),
        (" · ".join(facts), style(STRONG, 10.5)),
        (" ".join(_how(done.what, told)), style(TEXT, 10)),
    ]
    flow(canvas, text, (at + 1, top, left + wide - at - 1, tall), 0.8)


def _how(steps: Sequence[Sentence], told: About) -> list[str]:
    return [speaker().text(step, told) for step in steps[:2]]
