"""The shelf: what can stand on it, doubles, own paints; the strip read off photographs; tools."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.said import refuses
from tests.shelves import MEASURED, SHELF, fields_of_paint, photographed, strip_picture
from washboard.core.calibration.strip import read_strip
from washboard.core.colour.lab import difference, lab_of_linear
from washboard.core.colour.spectra import lab_of_spectrum, linear_of_spectrum, spectrum_of_lab
from washboard.core.errors import InvalidInput, UnknownName
from washboard.core.materials.media import MEDIA
from washboard.core.materials.paints import CARD, PAINTS, THIN, palette_of
from washboard.core.materials.shelf import (
    Item,
    ItemKind,
    duplicates,
    measured,
    nearest_paint,
    seen_over_white,
)
from washboard.core.materials.tools import TOOLS, ToolKind, tool_named
from washboard.core.optics.kubelka import film, over


@pytest.mark.parametrize("key", ["ultramarine", "lemon", "white", "cadmium-red", "burnt-umber", "black"])
def test_a_paint_comes_back_from_its_look_over_white_and_over_black(key: str) -> None:
    listed = PAINTS[key]
    strong = (tuple((1.3 * listed.absorption).tolist()), tuple((1.2 * listed.scattering).tolist()))
    tube = replace(listed, films=strong)
    for thin, bound in ((tube.reflectances(THIN)[0], 0.3), (None, 8.0)):
        own = replace(SHELF[0], like=key, films=measured(*tube.reflectances(), listed, thin)).checked().paint
        for thickness in (0.05, 0.2, 1.0, 2.0):
            for one, back in zip(tube.reflectances(thickness), own.reflectances(thickness), strict=True):
                apart = float(difference(lab_of_spectrum(one), lab_of_spectrum(back)))
                assert apart < (bound if thickness < 1 else 0.5), (thickness, thin is None)


@settings(max_examples=60, deadline=None, derandomize=True)
@given(st.floats(20, 85), st.floats(-30, 30), st.floats(-35, 45), st.sampled_from(sorted(PAINTS)))
def test_a_paint_told_by_its_colour_looks_so_over_white(
    lightness: float, a: float, b: float, like: str
) -> None:
    wanted = spectrum_of_lab((lightness, a, b)) * 0.97
    k, s = seen_over_white(wanted, PAINTS[like])
    got = over(*film(np.array(k), np.array(s)), CARD[0])
    # A white pigment's own film cannot be as dark as all that without hiding nothing at all.
    assert (
        float(difference(lab_of_spectrum(got), lab_of_spectrum(wanted))) < 0.1 or (got >= wanted - 1e-6).all()
    )


def test_films_that_no_paint_has_are_refused_with_a_sentence() -> None:
    white, black = PAINTS["ochre"].reflectances()
    wrongs: tuple[tuple[np.ndarray, np.ndarray, str], ...] = (
        (black, white, "no lighter over white"),
        (white + 0.9, black, "outside 0 to 1"),
        (np.full(36, np.nan), black, "no number"),
    )
    for one, other, says in wrongs:
        with refuses(InvalidInput, says):
            measured(one, other, PAINTS["ochre"])


@pytest.mark.parametrize(
    ("change", "says"),
    [
        ({"name": "  "}, "1 to 80"),
        ({"name": "x" * 81}, "1 to 80"),
        ({"name": "two\nlines"}, "one line"),
        ({"like": "unobtainium"}, "unobtainium"),
        ({"medium": "fresco"}, "fresco"),
        ({"medium": ""}, "say which"),
        ({"left": -1.0}, "between 0"),
        ({"left": float("nan")}, "between 0"),
        ({"note": "n" * 401}, "too long"),
        ({"films": ((1.0,), (1.0,))}, "36 absorptions"),
        ({"kind": ItemKind.TOOL, "like": "mop", "films": MEASURED.films}, "only paints"),
    ],
)
def test_what_cannot_stand_on_a_shelf_is_refused_with_a_sentence(change: dict, says: str) -> None:
    with refuses((InvalidInput, UnknownName), says):
        replace(SHELF[0], **change).checked()


def test_every_thing_of_the_made_up_shelf_can_stand_there() -> None:
    for item in (*SHELF, MEASURED):
        assert item.checked() is item


def test_doubles_are_the_same_listed_thing_or_paints_that_look_alike() -> None:
    again = replace(SHELF[0], key="own-8", name="Another tube of it")
    other_medium = replace(SHELF[0], key="own-9", name="In oil", medium="oil")
    twin = replace(SHELF[0], key="own-10", name="Like cobalt", like="cobalt")
    found = duplicates((*SHELF, MEASURED, again, other_medium, twin))
    assert set(map(frozenset, found)) == {frozenset({"own-1", "own-8"}), frozenset({"own-7", "own-10"})}


def test_own_paints_come_along_like_listed_ones() -> None:
    own = [item.paint for item in (*SHELF, MEASURED) if item.kind is ItemKind.PAINT]
    catalogue = PAINTS | {paint.key: paint for paint in own}
    palette = palette_of("watercolour", ("own-7", "lemon", "burnt-sienna"), catalogue)
    assert [p.key for p in palette] == ["lemon", "burnt-sienna", "own-7"]
    assert palette[2].words == "Measured blue"
    with pytest.raises(UnknownName):
        palette_of("watercolour", ("own-99", "lemon"), catalogue)
    with pytest.raises(UnknownName):
        _ = SHELF[5].paint
    assert nearest_paint(PAINTS["viridian"].reflectances()[0], "oil") == "viridian"


@pytest.mark.parametrize("turn", [0.0, 8.0, -25.0, 90.0, 178.0])
@pytest.mark.parametrize("key", ["ultramarine", "ochre"])
def test_a_strip_is_read_off_a_turned_tilted_and_tinted_photo(key: str, turn: float) -> None:
    reflectances = fields_of_paint(key)
    read = read_strip(photographed(strip_picture(reflectances), turn=turn))
    # A photo in sRGB cannot show what lies outside of it.
    shown = {
        name: lab_of_linear(np.clip(linear_of_spectrum(reflectance), 0, 1))
        for name, reflectance in reflectances.items()
    }
    apart = [float(difference(read[name], lab)) for name, lab in shown.items()]
    assert max(apart) < 3.0, apart


STRIP = strip_picture(fields_of_paint("ultramarine"))


def test_a_photo_from_which_no_strip_can_be_read_says_why() -> None:
    good = photographed(STRIP)
    two = np.vstack([good, good])
    cut = good.copy()
    cut[:, 1150:] = 90
    shade = np.linspace(1.0, 0.5, 1600)[None, :, None]
    for photo, says in (
        (np.full((900, 1200, 3), 128, np.uint8), "No swatch strip"),
        (two, "more than one"),
        (cut, "corner squares|from the side"),
        (photographed(STRIP, tilt=0.45), "from the side|No swatch|corner squares"),
        (photographed(STRIP, exposure=0.05), "too dark|No swatch"),
        (photographed(STRIP, exposure=3.0), "blown"),
        (photographed(strip_picture(fields_of_paint("ultramarine"), grey=0.7)), "grey patch"),
        ((good * shade).astype(np.uint8), "darker than the other"),
    ):
        with refuses(InvalidInput, says):
            read_strip(photo)


def test_real_photographs_are_no_strips() -> None:
    from tests.pieces import photographs

    for picture in photographs().values():
        with pytest.raises(InvalidInput):
            read_strip(picture)


def test_tools_span_what_a_painter_reaches_for() -> None:
    assert len(TOOLS) >= 25
    assert {tool.kind for tool in TOOLS.values()} == set(ToolKind)
    for medium in MEDIA:
        assert sum(medium in tool.media for tool in TOOLS.values()) >= 5
    for tool in TOOLS.values():
        assert 0 <= tool.line[0] <= tool.line[1]
        assert min(tool.cover, tool.cut) >= 0
        assert max(tool.cover, tool.cut) > 0 or tool.note
    fine, wide = tool_named("rigger"), tool_named("mop")
    assert fine.line[0] < wide.line[0]
    assert fine.cover < wide.cover
    assert all("blade" in TOOLS[key].caution for key in ("scalpel", "scraper", "masking-film"))
    with pytest.raises(UnknownName):
        tool_named("magic-wand")


def test_an_item_needs_no_more_than_a_name_and_what_it_is_like() -> None:
    assert Item("", ItemKind.TOOL, "My rag", "lint-free-rag").checked().left is None
