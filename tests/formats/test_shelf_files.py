"""The shelf as CSV and CxF: round trips, an independent reader, and files made to do harm."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import colour_cxf
import numpy as np
import pytest

from tests.said import refuses, words_of
from tests.shelves import MEASURED, SHELF
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import WAVELENGTHS, lab_of_spectrum
from washboard.core.errors import InvalidInput
from washboard.core.materials.paints import PAINTS
from washboard.core.materials.shelf import Item, ItemKind
from washboard.formats import cxf, shelfcsv
from washboard.formats.shelves import read_shelf, written_shelf

ALL = (*SHELF, MEASURED)


def bare(item: Item) -> Item:
    return replace(item, key="", films=None)


def same_films(one: Item, other: Item) -> bool:
    if (one.films is None) != (other.films is None):
        return False
    reflectances = (
        zip(one.paint.reflectances(0.4), other.paint.reflectances(0.4), strict=True) if one.films else ()
    )
    return all(float(difference(lab_of_spectrum(a), lab_of_spectrum(b))) < 0.05 for a, b in reflectances)


def test_csv_comes_back_as_it_was_written_and_runs_nothing() -> None:
    data = written_shelf("shelf.csv", ALL)
    assert b"\n=SUM" not in data
    assert b",=SUM" not in data
    back, notes = read_shelf("shelf.csv", data)
    assert notes == []
    assert [bare(item) for item in back] == [bare(item) for item in ALL]
    assert all(same_films(one, other) for one, other in zip(back, ALL, strict=True))
    again, _ = read_shelf("shelf.csv", written_shelf("shelf.csv", back))
    assert all(same_films(one, other) for one, other in zip(again, ALL, strict=True))


def test_cxf_comes_back_with_everything_that_has_a_spectrum() -> None:
    paints = [item for item in ALL if item.kind is ItemKind.PAINT]
    data = written_shelf("shelf.cxf", ALL)
    back, _ = read_shelf("shelf.cxf", data)
    assert [bare(item) for item in back] == [bare(item) for item in paints]
    assert all(same_films(one, other) for one, other in zip(back, paints, strict=True))


def test_an_independent_reader_opens_our_cxf(tmp_path: Path) -> None:
    file = tmp_path / "shelf.cxf"
    file.write_bytes(cxf.written(ALL))
    found = colour_cxf.read_cxf_from_file(str(file))
    objects = found.resources.object_collection.object_value
    assert len(objects) == 3 * sum(item.kind is ItemKind.PAINT for item in ALL)
    first = objects[0].color_values.choice[0]
    assert first.start_wl == 380
    assert np.allclose(first.value, PAINTS["ultramarine"].reflectances()[0], atol=1e-7)
    assert objects[0].name == "Ultramarine tube over white"
    step = found.resources.color_specification_collection.color_specification[0].measurement_spec
    assert float(step.wavelength_range.increment) == 10.0


def test_we_open_what_an_independent_writer_wrote() -> None:
    model = colour_cxf.read_cxf(cxf.written([MEASURED]))
    back, _ = cxf.read(colour_cxf.write_cxf(model))
    assert same_films(back[0], MEASURED)


@pytest.mark.parametrize(
    "change",
    [
        lambda t: t.replace(",", ";"),
        lambda t: t.replace(",", "\t"),
        lambda t: t.replace("\r\n", "\n"),
        lambda t: t.replace("7.5", "7,5").replace(",", ";").replace("7;5", "7,5"),
    ],
)
@pytest.mark.parametrize("encoding", ["utf-8", "utf-8-sig", "utf-16", "cp1252"])
def test_csv_is_read_however_a_spreadsheet_wrote_it(change: object, encoding: str) -> None:
    text = shelfcsv.written([SHELF[0], SHELF[3]]).decode("utf-8-sig").replace("warm, grainy", "wärm")
    back, _ = shelfcsv.read(change(text).encode(encoding))  # type: ignore[operator]
    assert [item.left for item in back] == [7.5, 1.0]
    assert back[0].note == "wärm"


HEAD = "kind,name,like,medium,set,left\n"


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("", "first line"),
        ("name,price\nA,1\n", "first line"),
        (HEAD, "nothing in this file"),
        ("kind,kind,name,like\n", "twice"),
        (HEAD + "paint,Blue,ultramarine,watercolour,,-3\n", "between 0"),
        (HEAD + "paint,Blue,ultramarine,watercolour,,much\n", "no number"),
        (HEAD + "paint,Blue,ultramarine,watercolour,,nan\n", "no number"),
        (HEAD + "poison,Blue,ultramarine,watercolour,,1\n", "no kind"),
        (HEAD + "paint,,ultramarine,watercolour,,1\n", "1 to 80"),
        (HEAD + "paint,Blue,nothing,watercolour,,1\n", "nothing"),
        (HEAD + 'paint,"Blue,ultramarine\n', "proper CSV|first line|no paint|name"),
        (HEAD + "tool,Mop,mop,,,1\n" * 5001, "More than 5,000"),
        ("kind,name,like,medium,over white,over black\npaint,B,ochre,oil,1 2 3,1\n", "36 numbers"),
    ],
)
def test_csv_that_cannot_be_used_is_refused_with_its_line(text: str, says: str) -> None:
    with refuses(InvalidInput, says):
        read_shelf("shelf.csv", text.encode())


def spectrum_file(values: str, start: str = "400", step: str = "10", name: str = "Blue") -> bytes:
    return (
        f'<CxF xmlns="{cxf.SPACE}"><Resources><ObjectCollection><Object Name="{name}" Id="1"><ColorValues>'
        f'<ReflectanceSpectrum ColorSpecification="s" StartWL="{start}">{values}</ReflectanceSpectrum>'
        f'</ColorValues></Object></ObjectCollection><ColorSpecificationCollection><ColorSpecification Id="s">'
        f'<MeasurementSpec><WavelengthRange StartWL="{start}" Increment="{step}"/></MeasurementSpec>'
        f"</ColorSpecification></ColorSpecificationCollection></Resources></CxF>"
    ).encode()


@pytest.mark.parametrize(("start", "step"), [(400, 10), (380, 5), (360, 20), (400, 3.5)])
def test_spectra_over_other_ranges_and_steps_are_brought_to_ours(start: float, step: float) -> None:
    at = np.arange(start, 741, step)
    reflectance = np.interp(at, WAVELENGTHS, PAINTS["cobalt"].reflectances()[0])
    text = " ".join(f"{v:.5f}" for v in reflectance)
    items, notes = cxf.read(spectrum_file(text, str(start), str(step)))
    apart = difference(items[0].paint.strong, PAINTS["cobalt"].strong)
    assert float(apart) < 1.0
    assert any("white alone" in note for note in notes)
    assert any("continued" in note for note in notes) == (start > 380)


LEVEL = " ".join(["0.4"] * 31)


@pytest.mark.parametrize(
    ("data", "says"),
    [
        (b"", "proper XML"),
        (b"<CxF", "proper XML"),
        (b"<html/>", "no CxF"),
        (f'<CxF xmlns="{cxf.SPACE}"/>'.encode(), "no reflectance"),
        (spectrum_file(""), "usable values"),
        (spectrum_file("a b"), "no number"),
        (spectrum_file(LEVEL.replace("0.4", "nan", 1)), "usable values"),
        (spectrum_file(LEVEL.replace("0.4", "1.4", 1)), "between 0"),
        (spectrum_file(LEVEL.replace("0.4", "-0.1", 1)), "between 0"),
        (spectrum_file(LEVEL, "500"), "spans"),
        (spectrum_file(LEVEL, step="50"), "steps"),
        (spectrum_file(LEVEL, "x", "y"), "where it begins"),
        (spectrum_file(LEVEL, name="Blue over black"), "over black alone"),
        (b'<!DOCTYPE c [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]><CxF>&b;</CxF>', "entities"),
        (b'<!DOCTYPE c [<!ENTITY x SYSTEM "file:///etc/hostname">]><CxF>&x;</CxF>', "entities"),
    ],
)
def test_cxf_that_cannot_be_used_is_refused_with_a_sentence(data: bytes, says: str) -> None:
    with refuses(InvalidInput, says):
        read_shelf("shelf.cxf", data)


def hostile(count: int) -> list[tuple[str, bytes]]:
    """Files cut, swapped, doubled and scribbled over: good files gone wrong, and noise."""
    dice = np.random.default_rng(11)
    good = {"shelf.csv": shelfcsv.written(ALL), "shelf.cxf": cxf.written(ALL)}
    files = []
    for k in range(count):
        name = ("shelf.csv", "shelf.cxf")[k % 2]
        data = bytearray(good[name])
        match k % 5:
            case 0:
                data = data[: int(dice.integers(0, len(data)))]
            case 1:
                for _ in range(int(dice.integers(1, 60))):
                    data[int(dice.integers(len(data)))] = int(dice.integers(256))
            case 2:
                at, size = int(dice.integers(len(data))), int(dice.integers(1, 400))
                data[at:at] = data[max(0, at - size) : at]
            case 3:
                word = (b"0.1", b"watercolour", b"<", b'"', b",", b"own", b"white")[k % 7]
                data = bytearray(
                    bytes(data).replace(word, bytes(dice.integers(0, 256, 3, np.uint8).tolist()))
                )
            case _:
                data = bytearray(dice.integers(0, 256, int(dice.integers(0, 4000)), np.uint8).tobytes())
        files.append((name, bytes(data)))
    return files


def test_five_hundred_hostile_files_are_read_or_refused_and_nothing_else() -> None:
    read = refused = 0
    for name, data in hostile(500):
        try:
            items, _ = read_shelf(name, data)
        except InvalidInput as error:
            refused += words_of(error).endswith(".")
        else:
            for item in items:
                item.checked()
            read += 1
    assert read + refused == 500
    assert refused > 250
