"""The shelf in the browser: things put there, files taken in, a paint fitted to its swatches."""

from __future__ import annotations

import re
import time
from collections.abc import Iterator
from pathlib import Path

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, encoded, new_piece, started, worked_out
from tests.shelves import MEASURED, SHELF, fields_of_paint, photographed, strip_picture
from washboard.formats.shelves import written_shelf


@pytest.fixture(scope="module")
def server(tmp_path_factory: pytest.TempPathFactory) -> Iterator[Server]:
    """One empty studio for all of these tests."""
    found = started(tmp_path_factory.mktemp("shelf"))
    yield found
    found.stop()


@pytest.fixture
def shelf(page: Page, server: Server, tmp_path: Path) -> Page:
    """The shelf with the made-up things on it."""
    file = tmp_path / "things.csv"
    file.write_bytes(written_shelf("things.csv", (*SHELF, MEASURED)))
    page.goto(f"{server.url}/shelf")
    page.get_by_label("A shelf as CSV or CxF").set_input_files(file)
    expect(page.get_by_text(re.compile("added, 0 changed|unchanged"))).to_be_visible()
    return page


def test_an_own_paint_stands_on_the_shelf_in_under_a_minute_and_is_undone(shelf: Page) -> None:
    begun = time.monotonic()
    shelf.get_by_role("button", name="add something").click()
    shelf.get_by_label("The pigment it is made of, or nearest to").fill("cobalt blue")
    shelf.get_by_label("Your name for it").fill("Old cobalt")
    shelf.get_by_label("Left, ml").fill("9")
    shelf.get_by_label("L*", exact=True).fill("35")
    shelf.get_by_label("a*", exact=True).fill("12")
    shelf.get_by_label("b*", exact=True).fill("-48")
    shelf.get_by_role("button", name="Put it on the shelf").click()
    row = shelf.get_by_role("button", name=re.compile("Old cobalt"))
    expect(row).to_be_visible()
    assert time.monotonic() - begun < 60
    expect(row).to_contain_text("PB28")
    expect(row).to_contain_text("toxic")
    expect(shelf.get_by_label("Old cobalt left")).to_have_value("9")
    shelf.get_by_label("Old cobalt left").fill("4.5")
    shelf.get_by_label("Old cobalt left").press("Enter")
    expect(shelf.get_by_role("button", name="undo")).to_have_attribute("title", "undo: changed: Old cobalt")
    shelf.reload()
    expect(shelf.get_by_label("Old cobalt left")).to_have_value("4.5")
    shelf.keyboard.press("Control+z")
    expect(shelf.get_by_label("Old cobalt left")).to_have_value("9")
    shelf.get_by_role("button", name="undo").click()
    expect(row).to_have_count(0)


def test_a_paint_shows_how_it_thins_tints_and_lies_over_grounds(shelf: Page) -> None:
    shelf.get_by_role("button", name=re.compile("Ultramarine tube")).click()
    expect(shelf.get_by_role("heading", name="Ultramarine tube")).to_be_visible()
    for words in ("as it comes", "1 : 3", "masstone", "94 % white"):
        expect(shelf.get_by_text(words).first).to_be_visible()
    expect(shelf.get_by_text("Modelled as the listed pigment, not measured.")).to_be_visible()


def test_doubles_are_named_where_they_stand(shelf: Page) -> None:
    shelf.get_by_role("button", name="add something").click()
    shelf.get_by_label("The pigment it is made of, or nearest to").fill("ultramarine blue")
    shelf.get_by_label("Your name for it").fill("Second blue")
    shelf.get_by_role("button", name="Put it on the shelf").click()
    row = shelf.get_by_role("button", name=re.compile("^Second blue"))
    expect(row).to_contain_text("does the same as Ultramarine tube")
    row.click()
    shelf.get_by_role("button", name="take it off the shelf").click()
    expect(row).to_have_count(0)


def test_a_paint_is_calibrated_from_a_photo_of_its_strip_to_the_end(shelf: Page, tmp_path: Path) -> None:
    photo = tmp_path / "strip.jpg"
    photo.write_bytes(
        encoded(photographed(strip_picture(fields_of_paint("lemon", 1.6)), turn=12), quality=92)
    )
    shelf.get_by_role("button", name=re.compile("SUM")).click()
    shelf.get_by_label("A photo or CxF file of the strip").set_input_files(photo)
    verdict = shelf.get_by_text(re.compile("The listed paint misses your swatches by"))
    expect(verdict).to_be_visible()
    before, after = (float(x) for x in re.findall(r"[0-9]+\.[0-9]", verdict.inner_text())[:2])
    assert after < before
    shelf.get_by_role("button", name="Keep the fitted paint").click()
    expect(shelf.get_by_text("Kept: recipes use your paint now.")).to_be_visible()
    expect(shelf.get_by_text("Measured: your own swatches.")).to_be_visible()
    shelf.get_by_role("button", name="undo").click()
    expect(shelf.get_by_text("Modelled as the listed pigment, not measured.")).to_be_visible()


def test_swatches_are_typed_or_read_by_the_simulated_reader(shelf: Page) -> None:
    shelf.get_by_role("button", name=re.compile("half dry")).click()
    for field, lab in (
        ("as it comes, over white", (38, 30, 33)),
        ("1 : 3", (62, 24, 36)),
        ("1 : 7", (74, 15, 26)),
    ):
        for channel, value in zip(("L*", "a*", "b*"), lab, strict=True):
            cell = shelf.get_by_label(f"{field} {channel}")
            cell.fill(str(value))
            cell.blur()
    expect(shelf.get_by_text(re.compile("The listed paint misses your swatches by"))).to_be_visible()
    shelf.get_by_role("button", name=re.compile("simulated reader")).click()
    expect(shelf.get_by_label("as it comes, over black L*")).not_to_have_value("")
    expect(shelf.get_by_text(re.compile("ΔE [0-9.]+")).first).to_be_visible()


def test_a_piece_takes_the_paints_of_the_shelf_along(shelf: Page, server: Server, cup: bytes) -> None:
    with server.client() as client:
        piece = new_piece(client, cup)["id"]
        worked_out(client, piece)
    shelf.goto(f"{server.url}/pieces/{piece}/prepare?part=palette")
    shelf.get_by_role("button", name=re.compile("Take the 3 on your shelf")).click()
    mine = shelf.get_by_role("button", name=re.compile("Ultramarine tube"))
    expect(mine).to_have_attribute("aria-pressed", "true")
    shelf.get_by_role("link", name="Mix").click()
    expect(shelf.get_by_text("Ultramarine tube").first).to_be_visible()


def test_what_cannot_be_read_says_why_and_keeps_everything(shelf: Page, tmp_path: Path) -> None:
    rows = shelf.locator("button[aria-pressed]").count()
    bad = tmp_path / "bad.csv"
    bad.write_bytes(b"kind,name,like\npaint,Blue,unobtainium\n")
    shelf.get_by_label("A shelf as CSV or CxF").set_input_files(bad)
    expect(shelf.get_by_text(re.compile("Line 2: .*Nothing was imported"))).to_be_visible()
    assert shelf.locator("button[aria-pressed]").count() == rows
