"""The look back of a piece on one page: the painting beside its plan, passes as planned and as they were, the
palette, as PDF in true size."""

from __future__ import annotations

import io
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from reportlab.pdfgen.canvas import Canvas

from ..core.plan.plan import Plan
from ..words import About, speaker
from .cards import Mixed
from .table import minutes
from .typeset import DISPLAY, HAIR, MM, STRONG, TEXT, flow, picture, stroke, style, words

PAGE = (210.0, 297.0)
EDGE = 14.0
MOST_MIXED = 12
"""Mixtures on the page: the largest of the piece."""


@dataclass(frozen=True)
class LookedBack:
    """What a page of a piece shows: the plan as it should look and the painting (None where it was never
    photographed), both as JPEG or PNG; real minutes by the id of the pass; mixtures; what is said of it."""

    planned: bytes
    painting: bytes | None
    real: Mapping[str, float]
    mixed: Sequence[Mixed]
    told: Sequence[str]


def page_of(name: str, plan: Plan, shown: LookedBack) -> bytes:
    """The page of a piece."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(PAGE[0] * MM, PAGE[1] * MM), invariant=True)
    canvas.setTitle(speaker().pattern("look-back-page-title", name=name))
    top, wide = PAGE[1] - EDGE, PAGE[0] - 2 * EDGE
    flow(canvas, [(name, style(DISPLAY, 24, 1.1))], (EDGE, top, wide, 11))
    size = f"{plan.sheet.width_cm:g} × {plan.sheet.height_cm:g} cm"
    facts = f"{speaker().local(plan.medium.words)}, {size}"
    flow(canvas, [(facts, style(TEXT, 10))], (EDGE, top - 11.5, wide, 6))
    half = (wide - 6) / 2
    deep = 0.0
    images = {"look-back-painted": shown.painting, "look-back-planned": shown.planned}
    left = EDGE
    for caption, image in images.items():
        if image is not None:
            _, tall = picture(canvas, image, left, top - 20, half, 110)
            words(canvas, speaker().pattern(caption), left, top - 24 - tall, 9, STRONG)
            left, deep = left + half + 6, max(deep, tall + 8)
    at = top - 20 - deep - 4
    at -= flow(canvas, [(said, style(TEXT, 10)) for said in shown.told], (EDGE, at, wide, 30)) + 5
    at = _passes(canvas, plan, shown.real, at, wide)
    _palette(canvas, shown.mixed, at - 6, wide)
    canvas.showPage()
    canvas.save()
    return out.getvalue()


def _passes(canvas: Canvas, plan: Plan, real: Mapping[str, float], top: float, wide: float) -> float:
    """Each pass with its planned minutes as a line and the real ones as a bar; where they end."""
    told = About.of(plan)
    room = min(9.0, max(4.5, (top - EDGE - 60) / max(len(plan.passes), 1)))
    most = max([1.0, *(done.lasts for done in plan.passes), *real.values()])
    for number, done in enumerate(plan.passes, 1):
        bottom = top - number * room
        title = f"{number}  {speaker().text(done.title, told)}"
        flow(canvas, [(title, style(TEXT, 9, 1.1))], (EDGE, bottom + room - 1, wide * 0.55, room - 0.5))
        left, scale = EDGE + wide * 0.58, wide * 0.27 / most
        if done.id in real:
            canvas.setFillGray(0.15)
            canvas.rect(
                left * MM, (bottom + 1) * MM, real[done.id] * scale * MM, (room - 3) * MM, stroke=0, fill=1
            )
        canvas.setStrokeGray(0.5)
        canvas.setLineWidth(1.4)
        at = left + done.lasts * scale
        canvas.line(at * MM, bottom * MM, at * MM, (bottom + room - 1) * MM)
        times = minutes(done.lasts)
        if done.id in real:
            times = speaker().pattern("look-back-times", real=minutes(real[done.id]), planned=times)
        words(canvas, times, EDGE + wide * 0.87, bottom + room / 2 - 1.5, 8)
    return top - len(plan.passes) * room


def _palette(canvas: Canvas, mixed: Sequence[Mixed], top: float, wide: float) -> None:
    """Mixtures in two columns."""
    canvas.setStrokeGray(HAIR)
    canvas.setLineWidth(0.4)
    canvas.line(EDGE * MM, top * MM, (EDGE + wide) * MM, top * MM)
    for k, one in enumerate(mixed[:MOST_MIXED]):
        left, bottom = EDGE + (k % 2) * wide / 2, top - 8 - (k // 2) * 7
        if bottom < EDGE / 2:
            break
        stroke(canvas, one.rgb, left, bottom, 16, 4.5)
        flow(canvas, [(one.words, style(TEXT, 8.5))], (left + 18, bottom + 4.6, wide / 2 - 22, 6.5))
