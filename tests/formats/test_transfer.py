"""Outlines read back by independent readers: true to size, tiles join, each border drawn once."""

from __future__ import annotations

import io
from collections.abc import Iterator

import numpy as np
import pytest
from pdfminer.high_level import extract_pages
from pdfminer.layout import LTChar, LTContainer, LTCurve, LTPage
from svgelements import SVG, Path

from tests.said import refuses
from washboard.core.areas.area import Areas, areas_of
from washboard.core.composition.outline import arcs_of, chains_of
from washboard.core.errors import InvalidInput
from washboard.core.materials.surfaces import sheet_of
from washboard.core.reference.picture import picture_of
from washboard.formats.transfer import CHECK, Choices, lines_of, pdf_of, svg_of, tiles_of
from washboard.words import ENGLISH

MM = 72 / 25.4
SHEET = sheet_of(50.0, 40.0, 1.5)


def areas() -> Areas:
    """Sky, ground, a disc over both and an island in the ground."""
    y, x = np.mgrid[0:400, 0:600]
    labels = np.where(y < 180, 1, 2).astype(np.int32)
    labels[np.hypot(x - 200, y - 190) < 90] = 3
    labels[np.hypot(x - 450, y - 300) < 40] = 4
    colours = np.array([(0, 0, 0), (170, 190, 210), (110, 100, 70), (150, 60, 50), (230, 230, 225)], np.uint8)
    return areas_of(picture_of(colours[labels]), labels)


def lines(choices: Choices = Choices(), detail: float = 0.5):  # type: ignore[no-untyped-def]
    return lines_of(arcs_of(areas(), SHEET.picture_width_cm, detail), SHEET, choices)


def curves(thing: LTContainer) -> Iterator[LTCurve]:
    for part in thing:
        if isinstance(part, LTCurve):
            yield part
        elif isinstance(part, LTContainer):
            yield from curves(part)


def pages(data: bytes) -> list[LTPage]:
    return list(extract_pages(io.BytesIO(data)))


def test_every_border_is_drawn_once_and_lines_meet_exactly_where_three_areas_meet() -> None:
    found = chains_of(areas().labels)
    assert len(found) == 5  # horizon left and right of the disc, the disc above and below, the island
    closed = [chain for chain, _ in found if chain[0] == chain[-1]]
    assert len(closed) == 1
    ends = [chain[k] for chain, _ in found if chain[0] != chain[-1] for k in (0, -1)]
    inner = [end for end in ends if 0 < end[1] < 600]
    assert len(inner) == 6
    assert len(set(inner)) == 2
    drawn = {point for arc in arcs_of(areas(), 50.0) for point in (arc.points[0], arc.points[-1])}
    assert {(c / 600, r / 400) for r, c in set(inner)} <= drawn


def test_no_line_strays_from_its_border_by_more_than_the_detail() -> None:
    for detail in (0.5, 2.0, 8.0):
        (island,) = [a for a in arcs_of(areas(), 50.0, detail) if a.points[0] == a.points[-1]]
        places = np.array(island.points) * (600, 400) - (450.5, 300.5)
        off_mm = np.abs(np.hypot(*places.T) - 40) / 600 * 500
        assert off_mm.max() < detail + 1.0
    coarse, fine = (sum(len(a.points) for a in arcs_of(areas(), 50.0, d)) for d in (8.0, 0.5))
    assert coarse < fine / 2


def test_the_svg_is_true_to_size_and_has_a_group_for_each_area() -> None:
    names = {area.label: ENGLISH.name(area.called) for area in areas().areas}
    text = svg_of(lines(), SHEET, names, Choices())
    read = SVG.parse(io.StringIO(text), ppi=25.4)
    assert (read.width, read.height) == pytest.approx((500, 400), abs=0.1)
    check = next(p for p in read.elements() if isinstance(p, Path) and p.id == "check")
    assert check.length() == pytest.approx(100, abs=0.1)
    frame = next(p for p in read.elements() if isinstance(p, Path)).bbox()
    left = 10 * (SHEET.width_cm - SHEET.picture_width_cm) / 2
    top = 10 * (SHEET.height_cm - SHEET.picture_height_cm) / 2
    assert frame == pytest.approx((left, top, 500 - left, 400 - top), abs=0.1)
    assert [n for n in names.values() if f'aria-label="{n}"' in text]


def test_on_one_page_a_hundred_millimetres_are_a_hundred_millimetres() -> None:
    (page,) = pages(pdf_of(lines(), SHEET, "Made up", Choices()))
    assert (page.width / MM, page.height / MM) == pytest.approx((500, 400), abs=0.1)
    assert any(c.width / MM == pytest.approx(CHECK, abs=0.1) and c.height < 0.1 for c in curves(page))
    frame = max(curves(page), key=lambda c: c.width * c.height)
    assert frame.width / MM == pytest.approx(10 * SHEET.picture_width_cm, abs=0.1)
    assert frame.height / MM == pytest.approx(10 * SHEET.picture_height_cm, abs=0.1)


@pytest.mark.parametrize("paper", ["A4", "A3", "Letter"])
def test_tiles_cover_the_sheet_and_join_exactly(paper: str) -> None:
    tiles = tiles_of(SHEET, paper)
    data = pages(pdf_of(lines(), SHEET, "Made up", Choices(paper=paper)))
    assert len(data) == len(tiles) > 1
    assert max(t.left + t.width for t in tiles) >= 500
    assert max(t.top + t.height for t in tiles) >= 400
    marks: dict[tuple[int, int], set[tuple[float, float]]] = {}
    outlines = []
    for tile, page in zip(tiles, data, strict=True):

        def on_sheet(x: float, y: float, tile=tile, page=page) -> tuple[float, float]:  # type: ignore[no-untyped-def]
            return x / MM - 10 + tile.left, (page.height - y) / MM - 10 + tile.top

        found = list(curves(page))
        assert any(c.width / MM == pytest.approx(CHECK, abs=0.1) for c in found)
        crosses = [c for c in found if c.width / MM == pytest.approx(6, abs=0.01) and c.height < 0.01]
        marks[tile.row, tile.column] = {
            (round(x, 1), round(y, 1)) for x, y in (on_sheet(c.x0 + c.width / 2, c.y0) for c in crosses)
        }
        largest = max(found, key=lambda c: c.width * c.height)
        outlines.append(np.array([on_sheet(*point) for point in largest.pts]))
    for outline in outlines[1:]:
        assert np.abs(outline - outlines[0]).max() < 0.05
    for (row, column), own in marks.items():
        assert len(own) == 4
        for beside in ((row, column + 1), (row + 1, column)):
            if beside in marks:
                assert len(own & marks[beside]) == 2, "two marks of each page lie on its neighbour's"


def test_pages_say_which_they_are_and_the_same_outline_gives_the_same_bytes() -> None:
    choices = Choices(paper="A4")
    one, two = (pdf_of(lines(), SHEET, "Made up", choices) for _ in range(2))
    assert one == two
    first = pages(one)[0]
    text = "".join(part.get_text() for part in _letters(first))
    assert "100 mm" in text
    assert "row 1 of" in text


def _letters(thing: LTContainer) -> Iterator[LTChar]:
    for part in thing:
        if isinstance(part, LTChar):
            yield part
        elif isinstance(part, LTContainer):
            yield from _letters(part)


def test_mirrored_is_left_for_right_and_a_grid_divides_the_picture() -> None:
    plain, mirrored = lines(), lines(Choices(mirrored=True))
    for one, other in zip(plain, mirrored, strict=True):
        assert np.allclose(np.array(one.points) * (-1, 1) + (500, 0), other.points)
    grid = [line for line in lines(Choices(grid=(4, 3))) if line.near == 0]
    assert len(grid) == 3 + 2
    assert grid[0].points[0][0] == pytest.approx(10 * SHEET.picture_width_cm / 4, abs=0.01)


@pytest.mark.parametrize(
    "choices", [Choices(grid=(0, 3)), Choices(grid=(3, 99)), Choices(paper="A0"), Choices(paper="")]
)
def test_grids_and_papers_that_there_are_not_are_refused(choices: Choices) -> None:
    with pytest.raises(InvalidInput):
        choices.checked()


def test_a_wall_of_pages_and_a_detail_finer_than_a_pen_are_refused() -> None:
    with refuses(InvalidInput, "pages of A4"):
        tiles_of(sheet_of(900, 600, 1.5), "A4")
    with refuses(InvalidInput, r"0\.2 to 20 mm"):
        arcs_of(areas(), 50.0, 0.01)
