"""What cards and sheets are set from: the product's own faces, pictures, ridges and ladders, in mm."""

from __future__ import annotations

import io
from collections.abc import Sequence
from html import escape
from importlib.resources import as_file, files

from PIL import Image
from reportlab.lib.colors import Color
from reportlab.lib.styles import ParagraphStyle
from reportlab.lib.utils import ImageReader
from reportlab.pdfbase.pdfmetrics import registerFont
from reportlab.pdfbase.ttfonts import TTFont
from reportlab.pdfgen.canvas import Canvas
from reportlab.pdfgen.pathobject import PDFPathObject
from reportlab.platypus import Paragraph

from ..core.colour.lab import greys

MM = 72 / 25.4
INK, QUIET, HAIR = 0.08, 0.36, 0.72
"""Greys of print: text, what stands behind it, thin lines."""
DIP = 1.6
"""mm that a wait dips below the line."""
TEXT, STRONG, DISPLAY = "washboard-text", "washboard-strong", "washboard-display"
for _name, _file in ((TEXT, "text.ttf"), (STRONG, "strong.ttf"), (DISPLAY, "display.ttf")):
    with as_file(files(__package__) / "fonts" / _file) as _path:
        registerFont(TTFont(_name, str(_path)))


def style(face: str, size: float, leading: float = 1.28, grey: float = INK) -> ParagraphStyle:
    """A face at a size in points, lines `leading` times that apart."""
    return ParagraphStyle(
        f"{face} {size}",
        fontName=face,
        fontSize=size,
        leading=leading * size,
        textColor=Color(grey, grey, grey),
    )


def flow(
    canvas: Canvas,
    parts: Sequence[tuple[str, ParagraphStyle]],
    box: tuple[float, float, float, float],
    between: float = 1.2,
) -> float:
    """Paragraphs from the top of a box (left, top, wide, tall in mm) down; the mm they take.

    Text that is too much for the box is set smaller until it fits, never cut.
    """
    left, top, wide, tall = box
    scale = 1.0
    while True:
        set_up = [Paragraph(_safe(text), _scaled(own, scale)) for text, own in parts if text]
        heights = [part.wrap(wide * MM, 10_000)[1] / MM for part in set_up]
        total = sum(heights) + between * max(len(set_up) - 1, 0)
        if total <= tall or scale < 0.5:
            break
        scale -= 0.04
    at = top
    for part, height in zip(set_up, heights, strict=True):
        part.drawOn(canvas, left * MM, (at - height) * MM)
        at -= height + between
    return total


def _scaled(own: ParagraphStyle, scale: float) -> ParagraphStyle:
    if scale == 1.0:
        return own
    return ParagraphStyle(own.name, parent=own, fontSize=own.fontSize * scale, leading=own.leading * scale)


def _safe(text: str) -> str:
    """Text as a paragraph reads it, without the two signs that the faces lack."""
    return escape(text, quote=False).replace("≥", "at least ").replace("→", "to")


def words(
    canvas: Canvas, text: str, left: float, bottom: float, size: float, face: str = TEXT, grey: float = INK
) -> None:
    """One line of text with its foot at `bottom`."""
    canvas.setFont(face, size)
    canvas.setFillGray(grey)
    canvas.drawString(left * MM, bottom * MM, text)


def picture(
    canvas: Canvas, image: bytes, left: float, top: float, wide: float, tall: float
) -> tuple[float, float]:
    """A picture at the top left of a box, as large as fits; its width and height in mm."""
    read = Image.open(io.BytesIO(image))
    scale = min(wide / read.width, tall / read.height)
    width, height = read.width * scale, read.height * scale
    canvas.drawImage(ImageReader(read), left * MM, (top - height) * MM, width * MM, height * MM)
    return width, height


def ladder(
    canvas: Canvas, left: float, bottom: float, wide: float, low: float, high: float, steps: int = 10
) -> None:
    """The values 1 to 10 as greys in a row, those of a pass under a bar."""
    step, shades = wide / steps, greys(steps + 1, 1.0)
    for value in range(1, steps + 1):
        canvas.setFillGray(shades[value] / 255)
        canvas.setStrokeGray(HAIR)
        canvas.setLineWidth(0.3)
        canvas.rect((left + (value - 1) * step) * MM, bottom * MM, step * MM, 3.4 * MM, fill=1)
        face = STRONG if low - 0.5 <= value <= high + 0.5 else TEXT
        ink = 0.0 if value > 4 else 1.0
        words(canvas, str(value), left + (value - 0.5) * step - 0.8, bottom + 1.1, 6, face, ink)
    start, end = (left + (value - 0.5) * step for value in (low, high))
    canvas.setStrokeGray(INK)
    canvas.setLineWidth(1.6)
    canvas.line((start - 0.6) * MM, (bottom + 4.4) * MM, (end + 0.6) * MM, (bottom + 4.4) * MM)


def ridge(canvas: Canvas, left: float, bottom: float, wide: float, tall: float, dip: float = 0.0) -> None:
    """A pass as a ridge of its work, and the wait after it as a dip `dip` mm wide."""
    slope, right, top = min(2.0, wide / 4), left + wide, bottom + tall
    path = canvas.beginPath()
    path.moveTo(left * MM, bottom * MM)
    _curve(path, (left + 0.6 * slope, bottom), (left + 0.4 * slope, top), (left + slope, top))
    path.lineTo((right - slope) * MM, top * MM)
    _curve(path, (right - 0.4 * slope, top), (right - 0.6 * slope, bottom), (right, bottom))
    canvas.setStrokeGray(INK)
    canvas.setLineWidth(1.1)
    canvas.drawPath(path)
    if dip <= 0:
        return
    path = canvas.beginPath()
    path.moveTo(right * MM, bottom * MM)
    low = bottom - DIP
    _curve(path, (right + dip / 3, low), (right + 2 * dip / 3, low), (right + dip, bottom))
    canvas.setStrokeGray(QUIET)
    canvas.setLineWidth(0.5)
    canvas.drawPath(path)


def _curve(path: PDFPathObject, *points: tuple[float, float]) -> None:
    """A Bézier curve through two handles to an end, all in mm."""
    path.curveTo(*(MM * each for point in points for each in point))


def stroke(
    canvas: Canvas, rgb: tuple[int, int, int], left: float, bottom: float, wide: float, tall: float
) -> None:
    """A stroke of a mixture: a bar with ends as a flat brush leaves them."""
    red, green, blue = (channel / 255 for channel in rgb)
    canvas.setFillColorRGB(red, green, blue)
    canvas.setStrokeGray(HAIR)
    canvas.setLineWidth(0.3)
    canvas.rect(left * MM, bottom * MM, wide * MM, tall * MM, fill=1)
