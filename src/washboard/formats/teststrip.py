"""Test strips of a pass to be printed and painted: every mixture with the grey of its value beside."""

from __future__ import annotations

import io
from collections.abc import Sequence
from dataclasses import dataclass

from reportlab.pdfgen.canvas import Canvas

from ..core.colour.lab import encoded_of
from ..core.colour.value import luminance_of

MM = 72 / 25.4
PAGE, LEFT, TOP, HIGH, FIELD = (210.0, 297.0), 15.0, 30.0, 24.0, 18.0
A_PAGE = 10
"""Mixtures on a page."""


@dataclass(frozen=True)
class Strip:
    """A mixture: what it is for, its parts in words, the value it should dry at."""

    name: str
    parts: str
    value: float


def pdf_of(title: str, strips: Sequence[Strip]) -> bytes:
    """Pages with a field to paint for each mixture, between two of the grey that it should dry like."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(PAGE[0] * MM, PAGE[1] * MM), invariant=True)
    for first in range(0, max(len(strips), 1), A_PAGE):
        canvas.setFont("Helvetica", 12)
        canvas.drawString(LEFT * MM, (PAGE[1] - 18) * MM, title[:100])
        for k, strip in enumerate(strips[first : first + A_PAGE]):
            bottom = (PAGE[1] - TOP - HIGH * k - FIELD) * MM
            for n in (0, 2):
                canvas.setFillGray(float(encoded_of(luminance_of(strip.value) / 100)))
                canvas.rect((LEFT + FIELD * n) * MM, bottom, FIELD * MM, FIELD * MM, stroke=0, fill=1)
            canvas.rect((LEFT + FIELD) * MM, bottom, FIELD * MM, FIELD * MM, stroke=1, fill=0)
            canvas.setFillGray(0.1)
            canvas.setFont("Helvetica", 9)
            right = (LEFT + 3 * FIELD + 6) * MM
            canvas.drawString(right, bottom + 11 * MM, f"{strip.name[:60]}: value {strip.value:.1f} dry")
            canvas.drawString(right, bottom + 5 * MM, strip.parts[:90])
        canvas.setFont("Helvetica", 8)
        canvas.drawString(
            LEFT * MM,
            14 * MM,
            "Paint the field between the greys, let it dry, squint: note the value it looks like, and mark "
            "it in Mix. A printer's greys are near enough for that.",
        )
        canvas.showPage()
    canvas.save()
    return out.getvalue()
