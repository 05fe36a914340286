"""The swatch strip to be printed and painted on, as PDF in true size."""

from __future__ import annotations

import io

from reportlab.pdfgen.canvas import Canvas

from ..core.calibration.strip import FIELD_MM, FIELDS, GREY, GREY_AT, HIGH, HOLE, MARK, WHITE, WIDE

MM = 72 / 25.4
LEFT, TOP = 15.0, 30.0
"""Where the strip's first corner is on the page, in mm."""
PAGE = (210.0, 297.0)


def pdf_of(name: str) -> bytes:
    """A page with a strip for a paint of that name."""
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(PAGE[0] * MM, PAGE[1] * MM), invariant=True)

    def box(x: float, y: float, side: float, grey: float) -> None:
        canvas.setFillGray(grey)
        left, bottom = (LEFT + x - side / 2) * MM, (PAGE[1] - TOP - y - side / 2) * MM
        canvas.rect(left, bottom, side * MM, side * MM, stroke=0, fill=1)

    for x, y in ((0.0, 0.0), (WIDE, 0.0), (WIDE, HIGH), (0.0, HIGH)):
        box(x, y, MARK, 0.0)
    box(0.0, 0.0, HOLE, 1.0)
    # Encoded as sRGB would be, so that a printer's own curve starts from the right grey.
    box(*GREY_AT, FIELD_MM, 1.055 * (GREY / WHITE) ** (1 / 2.4) - 0.055)
    canvas.setLineWidth(0.4)
    for field in FIELDS:
        if field.backing < 0.5:
            box(field.x, field.y, FIELD_MM, 0.0)
        canvas.setStrokeGray(0.6)
        half = FIELD_MM / 2
        canvas.rect(
            (LEFT + field.x - half) * MM, (PAGE[1] - TOP - field.y - half) * MM, FIELD_MM * MM, FIELD_MM * MM
        )
        canvas.setFillGray(0.2)
        canvas.setFont("Helvetica", 7)
        canvas.drawCentredString((LEFT + field.x) * MM, (PAGE[1] - TOP - field.y - 14) * MM, field.words)
    canvas.setFillGray(0.2)
    canvas.setFont("Helvetica", 10)
    canvas.drawString(LEFT * MM, (PAGE[1] - 15) * MM, f"Swatch strip: {name[:80]}")
    canvas.setFont("Helvetica", 8)
    lines = (
        "Print on the paper you paint on, or glue the strip to it. Paint every field evenly, let it dry.",
        "Photograph it flat in even daylight, all four squares in view, grey patch and top margin clean.",
        "A printer's grey and black are near enough, a grey card glued over the patch is better.",
    )
    for k, line in enumerate(lines):
        canvas.drawString(LEFT * MM, (PAGE[1] - TOP - HIGH - 18 - 5 * k) * MM, line)
    canvas.save()
    return out.getvalue()
