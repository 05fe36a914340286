"""Pass cards to lay beside the easel, one a pass, and the whole plan on one sheet, as PDF in true size."""

from __future__ import annotations

import io
from collections.abc import Mapping, Sequence
from html import escape

from PIL import Image
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.utils import ImageReader
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Frame, KeepInFrame, Paragraph

from ..core.plan.acts import ACTS
from ..core.plan.plan import Pass, Plan, Role
from ..words import ENGLISH, About
from .table import minutes

MM = 72 / 25.4
CARD = (148.0, 105.0)
"""A card in mm: half of half a sheet of A4."""
SHEET = (210.0, 297.0)
EDGE, GAP = 6.0, 4.0
BIG = ParagraphStyle("big", fontName="Helvetica-Bold", fontSize=12, leading=14)
PLAIN = ParagraphStyle("plain", fontName="Helvetica", fontSize=8.2, leading=10.2, spaceAfter=2.5)
SMALL = ParagraphStyle("small", fontName="Helvetica", fontSize=6.8, leading=8.2, spaceAfter=1)


def cards_of(
    name: str, plan: Plan, pictures: Sequence[bytes], mixtures: Mapping[str, Sequence[str]]
) -> bytes:
    """A card of 148 × 105 mm for each pass: the picture before and after, and the pass in words.

    `pictures` are JPEGs of the bare surface and of the painting after each pass; `mixtures` of each pass, by
    its id, in words.
    """
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(CARD[0] * MM, CARD[1] * MM), invariant=True)
    canvas.setTitle(f"{name}: pass cards")
    for number, done in enumerate(plan.passes, 1):
        wide = 44.0
        for k, (words, picture) in enumerate((("before", pictures[number - 1]), ("after", pictures[number]))):
            top = CARD[1] - EDGE - k * 48
            tall = _picture(canvas, picture, EDGE, top, wide, 42.0)
            _words(canvas, words, EDGE, top - tall - 3.2, 6.5)
        left = EDGE + wide + GAP
        _flow(
            canvas,
            _card(number, plan, done, mixtures.get(done.id, ())),
            left,
            EDGE,
            CARD[0] - left - EDGE,
            CARD[1] - 2 * EDGE,
        )
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def _card(number: int, plan: Plan, done: Pass, mixtures: Sequence[str]) -> list[Paragraph]:
    told, edges = About.of(plan), ENGLISH.text(done.edge)
    low, high = done.values
    values = f"{low:.1f}" if high - low < 0.05 else f"{low:.1f} to {high:.1f}"
    wait = f"then wait {minutes(done.wait)}" if done.wait else "no wait"
    if done.between:
        wait = f"{minutes(done.between)} between coats, {wait}"
    lines = [
        (f"{number} of {len(plan.passes)}  {ENGLISH.text(done.title, told)}", BIG),
        (f"<b>Where</b> {_safe(ENGLISH.text(done.where, told))}", PLAIN),
        (f"<b>{minutes(done.minutes)}</b>, {wait}. Value {values}. Edges: {_safe(edges)}.", PLAIN),
        (f"<b>Before</b> {_safe(ENGLISH.text(done.needs))}. <b>Tool</b> {_safe(tools_of(done))}.", PLAIN),
        (_safe(_how(done, told)), PLAIN),
    ]
    if mixtures:
        lines += [(f"<b>Mix</b> {_safe('; '.join(mixtures))}.", PLAIN)]
    lines += [
        (f"<b>Why</b> {_safe(' '.join(ENGLISH.text(r.sentence, told) for r in done.reasons[:3]))}", PLAIN)
    ]
    lines += [(f"<b>Mind</b> {_safe(ENGLISH.text(mind, told))}", PLAIN) for mind in done.findings[:2]]
    lines += [(_safe(caution), SMALL) for caution in cautions_of(plan, done)]
    head, *rest = lines
    return [Paragraph(_safe(head[0]), head[1]), *(Paragraph(text, style) for text, style in rest)]


def _how(done: Pass, told: About) -> str:
    return " ".join(ENGLISH.text(step, told) for step in done.what)


def tools_of(done: Pass) -> str:
    """The tools of a pass, as they are needed."""
    tools = dict.fromkeys(
        ACTS[o.kind].tool for o in done.operations if o.role is Role.TARGET or o.kind.reaches
    )
    return ", ".join(tool for tool in tools if tool) or "as the medium asks"


def cautions_of(plan: Plan, done: Pass) -> list[str]:
    """What to mind with the hands in a pass: its operations' own, then the medium's."""
    own = dict.fromkeys(ACTS[o.kind].caution for o in done.operations)
    return [*(caution for caution in own if caution), plan.medium.caution]


def sheet_of(name: str, plan: Plan, pictures: Sequence[bytes]) -> bytes:
    """The whole plan on one sheet of A4: every pass with its picture, title, minutes and first reason."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(SHEET[0] * MM, SHEET[1] * MM), invariant=True)
    canvas.setTitle(f"{name}: the plan")
    told = About.of(plan)
    margin, top = 12.0, SHEET[1] - 12.0
    work, wait = sum(p.minutes for p in plan.passes), sum(p.waiting for p in plan.passes)
    head = (
        f"{name}. {plan.medium.words}, {plan.sheet.width_cm:g} × {plan.sheet.height_cm:g} cm: "
        f"{len(plan.passes)} passes, {minutes(work)} of work, {minutes(wait)} of waiting."
    )
    _flow(canvas, [Paragraph(_safe(head), BIG)], margin, top - 14, SHEET[0] - 2 * margin, 14)
    room = (top - 18 - margin) / max(len(plan.passes), 1)
    tall = min(room - 2, 46.0)
    for number, done in enumerate(plan.passes, 1):
        upper = top - 16 - (number - 1) * min(room, tall + 3)
        wide = tall * 1.45
        _picture(canvas, pictures[number], margin, upper, wide, tall)
        style = PLAIN if tall > 26 else SMALL
        wait_words = f", then {minutes(done.wait)}" if done.wait else ""
        if done.between:
            wait_words = f", {minutes(done.between)} between coats{wait_words}"
        text = [
            Paragraph(f"<b>{number}  {_safe(ENGLISH.text(done.title, told))}</b>", style),
            Paragraph(_safe(f"{minutes(done.minutes)}{wait_words}. {_how(done, told)}"), style),
            *(Paragraph(_safe(ENGLISH.text(r.sentence, told)), style) for r in done.reasons[:2]),
        ]
        _flow(canvas, text, margin + wide + GAP, upper - tall, SHEET[0] - 2 * margin - wide - GAP, tall)
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def _safe(text: str) -> str:
    """Text as the flow reads it; the fonts that every reader has know Greek only as symbols."""
    return escape(text, quote=False).replace("Δ", '<font face="Symbol">D</font>').replace("≥", "at least ")


def _picture(canvas: Canvas, jpeg: bytes, left: float, top: float, wide: float, tall: float) -> float:
    """A picture at the top left of a box, as large as fits, in mm; its height."""
    image = Image.open(io.BytesIO(jpeg))
    scale = min(wide / image.width, tall / image.height)
    width, height = image.width * scale, image.height * scale
    canvas.drawImage(ImageReader(image), left * MM, (top - height) * MM, width * MM, height * MM)
    return height


def _words(canvas: Canvas, text: str, left: float, bottom: float, size: float) -> None:
    canvas.setFont("Helvetica", size)
    canvas.setFillGray(0.25)
    canvas.drawString(left * MM, bottom * MM, text)


def _flow(
    canvas: Canvas, text: Sequence[Paragraph], left: float, bottom: float, wide: float, tall: float
) -> None:
    """Paragraphs in a box in mm; what is too much is set smaller, never cut."""
    frame = Frame(left * MM, bottom * MM, wide * MM, tall * MM, 0, 0, 0, 0)
    frame.add(KeepInFrame(wide * MM, tall * MM, list(text), mode="shrink"), canvas)
