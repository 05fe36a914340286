"""Outlines in true size: SVG for a projector or cutter, PDF for any printer, tiled where it must be."""

from __future__ import annotations

import io
from collections.abc import Sequence
from dataclasses import dataclass
from math import ceil
from xml.sax.saxutils import quoteattr

from PIL import Image
from reportlab.lib.utils import ImageReader
from reportlab.pdfgen.canvas import Canvas

from ..core.composition.outline import Arc
from ..core.errors import InvalidInput
from ..core.materials.surfaces import Sheet
from ..core.reference.picture import Bytes
from ..core.sentence import Listed

PAPERS = {"A4": (210.0, 297.0), "A3": (297.0, 420.0), "Letter": (215.9, 279.4)}
"""Width and height in mm."""
MARGIN, OVERLAP = 10.0, 10.0
"""In mm: what printers leave blank, and how far neighbouring pages show the same."""
CHECK = 100.0
"""Length in mm of the line that tells whether a print came out in true size."""
MM = 72 / 25.4
"""Points of a PDF in a mm."""
MOST_PAGES = 200


@dataclass(frozen=True)
class Choices:
    """How an outline is drawn.

    `grid`: columns and rows of a grid, or None. `mirrored`: left for right, to be rubbed through.
    `light`: light lines on dark, for a dark ground or a projector. `paper`: tiles for that paper in PDF,
    None for one page of the sheet's own size.
    """

    grid: tuple[int, int] | None = None
    mirrored: bool = False
    light: bool = False
    paper: str | None = None

    def checked(self) -> Choices:
        """These choices, or InvalidInput for a grid or paper that there is not."""
        if self.grid and not all(1 <= count <= 40 for count in self.grid):
            raise InvalidInput("refused-grid-range")
        if self.paper is not None and self.paper not in PAPERS:
            raise InvalidInput(
                "refused-no-paper", paper=self.paper[:20], papers=Listed(tuple(PAPERS), either=True)
            )
        return self


@dataclass(frozen=True)
class Line:
    """A line in mm from the sheet's top left, `wide` mm; `near` the label of the area it outlines, 0 for a
    grid line, -1 for the picture's frame."""

    points: tuple[tuple[float, float], ...]
    wide: float
    near: int


def lines_of(arcs: Sequence[Arc], sheet: Sheet, choices: Choices) -> tuple[Line, ...]:
    """Frame, grid and arcs on the sheet, in mm, mirrored where asked."""
    left = 10 * (sheet.width_cm - sheet.picture_width_cm) / 2
    top = 10 * (sheet.height_cm - sheet.picture_height_cm) / 2
    wide, high = 10 * sheet.picture_width_cm, 10 * sheet.picture_height_cm
    corners = ((0.0, 0.0), (1.0, 0.0), (1.0, 1.0), (0.0, 1.0), (0.0, 0.0))
    shares: list[tuple[tuple[tuple[float, float], ...], float, int]] = [(corners, 0.25, -1)]
    if choices.grid:
        across, down = choices.grid
        shares += [(((k / across, 0.0), (k / across, 1.0)), 0.12, 0) for k in range(1, across)]
        shares += [(((0.0, k / down), (1.0, k / down)), 0.12, 0) for k in range(1, down)]
    shares += [(arc.points, 0.35, arc.near) for arc in arcs]

    def placed(x: float, y: float) -> tuple[float, float]:
        across_mm = left + wide * x
        return 10 * sheet.width_cm - across_mm if choices.mirrored else across_mm, top + high * y

    return tuple(Line(tuple(placed(x, y) for x, y in points), width, near) for points, width, near in shares)


def svg_of(lines: Sequence[Line], sheet: Sheet, names: dict[int, str], choices: Choices) -> str:
    """The outline as SVG, one unit a mm: a group for each area, far ones first, so that it can be hidden."""
    width, height = 10 * sheet.width_cm, 10 * sheet.height_cm
    ink, ground = ("#f4f4f4", "#141414") if choices.light else ("#141414", None)
    parts = [
        '<?xml version="1.0" encoding="UTF-8"?>',
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{width:g}mm" height="{height:g}mm" '
        f'viewBox="0 0 {width:g} {height:g}" fill="none" stroke="{ink}" stroke-linejoin="round">',
    ]
    if ground:
        parts.append(f'<rect width="{width:g}" height="{height:g}" fill="{ground}" stroke="none"/>')
    for near in dict.fromkeys(line.near for line in lines):
        title = {-1: "the picture", 0: "grid"}.get(near) or names.get(near, "area")
        parts.append(f"<g id={quoteattr(f'a{near}' if near > 0 else title)} aria-label={quoteattr(title)}>")
        parts += [_path(line) for line in lines if line.near == near]
        parts.append("</g>")
    parts.append(
        f'<path id="check" stroke-width="0.2" d="M5 {height - 3:g} h{CHECK:g}"/>'
        if width > CHECK + 10
        else ""
    )
    return "\n".join([*parts, "</svg>", ""])


def _path(line: Line) -> str:
    places = " L".join(f"{x:.3f} {y:.3f}" for x, y in line.points)
    return f'<path stroke-width="{line.wide:g}" d="M{places}"/>'


@dataclass(frozen=True)
class Tile:
    """A page: its row and column from 0 and the place of its printed window on the sheet, in mm."""

    row: int
    column: int
    left: float
    top: float
    width: float
    height: float


def tiles_of(sheet: Sheet, paper: str | None) -> tuple[Tile, ...]:
    """Pages that cover the sheet, each showing OVERLAP mm of its neighbours; whichever way is fewer.

    Raises InvalidInput for more than MOST_PAGES.
    """
    width, height = 10 * sheet.width_cm, 10 * sheet.height_cm
    if paper is None:
        return (Tile(0, 0, 0.0, 0.0, width, height),)
    short, long = PAPERS[paper]
    ways = [(wide - 2 * MARGIN, high - 2 * MARGIN - CAPTION) for wide, high in ((short, long), (long, short))]
    counts = [(_count(width, w), _count(height, h)) for w, h in ways]
    best = min((0, 1), key=lambda k: counts[k][0] * counts[k][1])
    (wide, high), (columns, rows) = ways[best], counts[best]
    if columns * rows > MOST_PAGES:
        raise InvalidInput("refused-pages-too-many", pages=columns * rows, paper=paper, most=MOST_PAGES)
    return tuple(
        Tile(row, column, column * (wide - OVERLAP), row * (high - OVERLAP), wide, high)
        for row in range(rows)
        for column in range(columns)
    )


CAPTION = 9.0
"""Height in mm of the strip below the window: check line and page number."""


def _count(length: float, window: float) -> int:
    return max(1, ceil((length - OVERLAP) / (window - OVERLAP)))


def pdf_of(
    lines: Sequence[Line], sheet: Sheet, name: str, choices: Choices, picture: Bytes | None = None
) -> bytes:
    """The outline as PDF in true size, each page with register marks and a line of 100 mm to check.

    `picture` (h, w) or (h, w, 3) is laid below the lines where the painting will stand.
    """
    tiles = tiles_of(sheet, choices.paper)
    room = MARGIN if choices.paper else 0.0
    page = (tiles[0].width + 2 * room, tiles[0].height + 2 * room + (CAPTION if choices.paper else 0))
    out = io.BytesIO()
    canvas = Canvas(out, pagesize=(page[0] * MM, page[1] * MM), invariant=1)
    canvas.setTitle(name)
    canvas.setCreator("Washboard")
    for tile in tiles:
        _page(canvas, tile, page, room, lines, choices, _placed(picture, sheet))
        _caption(canvas, tile, tiles, page, room, name, choices)
        canvas.showPage()
    canvas.save()
    return out.getvalue()


def _page(
    canvas: Canvas,
    tile: Tile,
    page: tuple[float, float],
    room: float,
    lines: Sequence[Line],
    choices: Choices,
    picture: Placed | None,
) -> None:
    """The window of one page: what of the lines lies in it, clipped, and its register marks."""

    def at(x: float, y: float) -> tuple[float, float]:
        return (x - tile.left + room) * MM, (page[1] - (y - tile.top + room)) * MM

    if choices.light:
        canvas.setFillGray(0.08)
        canvas.rect(0, 0, page[0] * MM, page[1] * MM, stroke=0, fill=1)
    canvas.saveState()
    window = canvas.beginPath()
    corner = at(tile.left, tile.top + tile.height)
    window.rect(*corner, tile.width * MM, tile.height * MM)
    canvas.clipPath(window, stroke=0, fill=0)
    if picture is not None:
        image, left, top, wide, high = picture
        canvas.drawImage(image, *at(left, top + high), wide * MM, high * MM)
    canvas.setStrokeGray(0.96 if choices.light else 0.08)
    canvas.setLineJoin(1)
    for line in lines:
        canvas.setLineWidth(line.wide * MM)
        path = canvas.beginPath()
        path.moveTo(*at(*line.points[0]))
        for point in line.points[1:]:
            path.lineTo(*at(*point))
        canvas.drawPath(path, stroke=1, fill=0)
    canvas.restoreState()


Placed = tuple[ImageReader, float, float, float, float]
"""A picture with its left, top, width and height on the sheet in mm."""


def _placed(picture: Bytes | None, sheet: Sheet) -> Placed | None:
    if picture is None:
        return None
    wide, high = 10 * sheet.picture_width_cm, 10 * sheet.picture_height_cm
    left, top = (10 * sheet.width_cm - wide) / 2, (10 * sheet.height_cm - high) / 2
    return ImageReader(Image.fromarray(picture)), left, top, wide, high


def _caption(
    canvas: Canvas,
    tile: Tile,
    tiles: Sequence[Tile],
    page: tuple[float, float],
    room: float,
    name: str,
    choices: Choices,
) -> None:
    """Register marks where pages overlap, the line to check and what page it is."""
    canvas.setStrokeGray(0.96 if choices.light else 0.08)
    canvas.setFillGray(0.96 if choices.light else 0.08)
    canvas.setLineWidth(0.15 * MM)
    if choices.paper:
        for x, y in _marks(tile, room):
            canvas.line((x - 3) * MM, (page[1] - y) * MM, (x + 3) * MM, (page[1] - y) * MM)
            canvas.line(x * MM, (page[1] - y - 3) * MM, x * MM, (page[1] - y + 3) * MM)
    foot = room + 1.5 if choices.paper else 3.0
    if page[0] > CHECK + 2 * room + 5:
        canvas.line((room + 2) * MM, foot * MM, (room + 2 + CHECK) * MM, foot * MM)
        canvas.setFont("Helvetica", 7)
        rows, columns = tiles[-1].row + 1, tiles[-1].column + 1
        words = f"100 mm. {name}"
        if len(tiles) > 1:
            words += f" · row {tile.row + 1} of {rows}, column {tile.column + 1} of {columns}"
        canvas.drawString((room + 2) * MM, (foot + 1.2) * MM, words)


def _marks(tile: Tile, room: float) -> list[tuple[float, float]]:
    """Centres of the register marks on a page: in the middle of what it shares with its neighbours."""
    inset = OVERLAP / 2
    across, down = (room + inset, room + tile.width - inset), (room + inset, room + tile.height - inset)
    return [(x, y) for x in across for y in down]
