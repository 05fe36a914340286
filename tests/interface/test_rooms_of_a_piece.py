"""See and Order used by hand: ladder, squint, names, washboard, moves, schools."""

from __future__ import annotations

import re
import time
from collections.abc import Callable

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, new_piece, worked_out


@pytest.fixture
def piece(demo: Server, cup: bytes) -> tuple[Server, str]:
    with demo.client() as client:
        made = new_piece(client, cup, medium="pastel", surface="value:4")["id"]
        worked_out(client, made)
    return demo, made


def settings(server: Server, piece: str) -> dict:
    with server.client() as client:
        return client.get(f"/api/pieces/{piece}").json()["settings"]


def becomes(where: tuple[Server, str], wanted: Callable[[dict], bool]) -> None:
    """Wait until what is kept of a piece's settings is as wanted."""
    deadline = time.monotonic() + 60
    while not wanted(settings(*where)):
        assert time.monotonic() < deadline, settings(*where)
        time.sleep(0.05)


def quiet(page: Page) -> None:
    """Wait until nothing is being worked out."""
    expect(page.get_by_role("main")).to_have_attribute("aria-busy", "false")


def opened(page: Page, where: tuple[Server, str], view: str) -> None:
    server, piece = where
    page.goto(f"{server.url}/pieces/{piece}/{view}")
    # Any of a stage's pictures: what is seen before its plan is there may be gone before it is loaded.
    page.get_by_role("img", name=re.compile("The (picture|photo|piece)")).first.wait_for()
    quiet(page)


def test_a_threshold_dragged_on_the_ladder_is_kept_and_undone(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=bands")
    handle = page.get_by_role("slider", name="Threshold 2")
    before = float(handle.get_attribute("aria-valuenow") or 0)
    box = handle.bounding_box()
    assert box is not None
    page.mouse.move(box["x"] + 12, box["y"] + box["height"] / 2)
    page.mouse.down()
    page.mouse.move(box["x"] + 12, box["y"] + box["height"] / 2 - 12, steps=4)
    page.mouse.up()
    quiet(page)
    kept = settings(*piece)["thresholds"]
    assert kept is not None
    assert kept[1] > before
    expect(handle).to_have_attribute("aria-valuenow", str(kept[1]))
    page.keyboard.press("Control+z")
    expect(handle).to_have_attribute("aria-valuenow", str(before))
    assert settings(*piece)["thresholds"] is None


def test_squint_and_bands_are_set_on_their_ridges(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see")
    page.get_by_role("radio", name="Squint 2", exact=True).click()
    quiet(page)
    page.get_by_role("radio", name="Bands 3", exact=True).click()
    quiet(page)
    assert (settings(*piece)["squint"], settings(*piece)["bands"]) == (2.0, 3)
    expect(page.get_by_role("slider")).to_have_count(2)
    page.get_by_role("button", name="space them evenly").click()
    expect(page.get_by_role("slider", name="Threshold 1")).to_have_attribute("aria-valuenow", "3.3333")


@pytest.mark.parametrize("look", ["reference", "values", "bands", "masses"])
def test_every_way_of_looking_has_an_address_of_its_own(
    page: Page, piece: tuple[Server, str], look: str
) -> None:
    opened(page, piece, "see")
    words = "photo" if look == "reference" else look
    page.get_by_role("tab", name=words, exact=True).click()
    expect(page).to_have_url(re.compile(f"look={look}"))
    expect(page.get_by_role("tab", name=words, exact=True)).to_have_attribute("aria-selected", "true")


def test_a_mass_that_is_named_is_called_so_in_the_plan(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=masses")
    page.keyboard.press("ArrowDown")
    page.get_by_label("Name of this mass").fill("the wooden table")
    page.get_by_role("button", name="name it").click()
    quiet(page)
    assert settings(*piece)["names"][0]["name"] == "the wooden table"
    page.get_by_role("link", name="Order").click()
    page.get_by_role("tab", name=re.compile(r"^\d+ masses$")).click()
    expect(page.get_by_role("rowheader", name="Wooden table")).to_be_visible()


def test_the_passes_are_chosen_on_their_ridges_and_in_the_list(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "order?pass=1&below=passes")
    page.get_by_role("button", name=re.compile("^Pass 2,")).click()
    expect(page).to_have_url(re.compile("pass=2"))
    page.get_by_role("listitem").get_by_role("button", name=re.compile("^1 ")).click()
    expect(page).to_have_url(re.compile("pass=1"))
    expect(page.get_by_role("img", name="The picture after pass 1")).to_be_visible()
    page.keyboard.press("ArrowLeft")
    expect(page.get_by_text("The bare surface")).to_be_visible()


def test_all_masses_are_listed_on_demand(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "order")
    few = page.get_by_role("rowheader").count()
    page.get_by_role("tab", name=re.compile(r"^\d+ masses$")).click()
    expect(page.get_by_role("rowheader").nth(few)).to_be_visible()


def test_the_number_of_passes_is_pinned_by_one_more_or_fewer(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "order")
    server, name = piece

    def shapes() -> int:
        with server.client() as client:
            return int(client.get(f"/api/pieces/{name}/plan").json()["document"]["shapes"])

    passes, shaped = page.get_by_role("button", name=re.compile("^Pass ")), shapes()
    before = passes.count()
    page.get_by_role("button", name="One pass fewer").click()
    # Thin things that had a pass of their own may come along with the shapes now.
    expect(passes).not_to_have_count(before)
    quiet(page)
    assert passes.count() < before
    assert settings(*piece)["passes"] == shapes() == shaped - 1


def test_a_pass_dragged_along_the_board_is_answered_while_it_moves(
    page: Page, piece: tuple[Server, str]
) -> None:
    opened(page, piece, "order")
    passes = page.get_by_role("button", name=re.compile("^Pass "))
    last, first = passes.last.bounding_box(), passes.first.bounding_box()
    assert last is not None
    assert first is not None
    page.mouse.move(last["x"] + last["width"] / 2, last["y"] + 10)
    page.mouse.down()
    page.mouse.move(first["x"] + 4, first["y"] + 10, steps=8)
    expect(page.get_by_role("status")).to_contain_text("moved to place 1")
    page.mouse.up()
    page.get_by_role("button", name=re.compile("Put it back")).click()
    expect(page.get_by_role("status")).to_have_count(0)


def test_values_reference_and_outlines_change_the_picture_not_its_place(
    page: Page, piece: tuple[Server, str]
) -> None:
    opened(page, piece, "order?pass=2")
    picture = page.get_by_role("img", name="The picture after pass 2")
    place = picture.bounding_box()
    page.keyboard.press("v")
    expect(page.get_by_role("img", name="values only")).to_be_visible()
    assert page.get_by_role("img", name="values only").bounding_box() == place
    page.keyboard.press("v")
    page.keyboard.press("r")
    reference = page.get_by_role("img", name="The photo").bounding_box()
    assert reference is not None
    assert place is not None
    assert (reference["x"], reference["y"], reference["width"]) == (place["x"], place["y"], place["width"])
    assert reference["height"] == pytest.approx(place["height"], abs=1)


def test_the_surround_is_remembered(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "order")
    page.get_by_role("button", name="dark surround").click()
    page.reload()
    expect(page.locator("html")).to_have_attribute("data-surround", "dark")


def rows_of_areas(page: Page) -> list[str]:
    return page.get_by_role("listitem").all_inner_texts()


def test_a_line_drawn_over_a_thing_makes_it_one_area_and_is_undone(
    page: Page, piece: tuple[Server, str]
) -> None:
    opened(page, piece, "see?look=areas")
    before = rows_of_areas(page)
    picture = page.get_by_role("img", name="Outlines of the areas")
    box = picture.bounding_box()
    assert box is not None
    page.mouse.move(box["x"] + 0.42 * box["width"], box["y"] + 0.36 * box["height"])
    page.mouse.down()
    page.mouse.move(box["x"] + 0.55 * box["width"], box["y"] + 0.4 * box["height"], steps=8)
    page.mouse.up()
    quiet(page)
    (stroke,) = settings(*piece)["areas"]["strokes"]
    assert len(stroke["points"]) >= 3
    assert stroke["against"] is None
    assert stroke["points"][0]["x"] == pytest.approx(0.42, abs=0.01)
    expect(page.get_by_role("listitem").first).to_be_visible()
    page.keyboard.press("Control+z")
    becomes(piece, lambda kept: kept["areas"]["strokes"] == [])
    quiet(page)
    assert rows_of_areas(page) == before


def test_an_area_is_split_by_two_lines(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=areas")
    box = page.get_by_role("img", name="Outlines of the areas").bounding_box()
    assert box is not None
    page.get_by_role("button", name="split", exact=True).click()
    for words, x, y in (("Draw along one", 0.47, 0.38), ("Now along the other", 0.46, 0.16)):
        expect(page.get_by_text(words)).to_be_visible()
        page.mouse.move(box["x"] + x * box["width"], box["y"] + y * box["height"])
        page.mouse.down()
        page.mouse.move(box["x"] + (x + 0.05) * box["width"], box["y"] + y * box["height"], steps=6)
        page.mouse.up()
    expect(page.get_by_role("button", name="draw over")).to_have_attribute("aria-pressed", "true")
    quiet(page)
    (stroke,) = settings(*piece)["areas"]["strokes"]
    assert stroke["points"][0]["y"] == pytest.approx(0.38, abs=0.01)
    assert stroke["against"][0]["y"] == pytest.approx(0.16, abs=0.01)


def test_a_touch_draws_no_line_but_chooses_the_area(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=areas")
    page.get_by_role("img", name="Outlines of the areas").click(position={"x": 250, "y": 140})
    expect(page.get_by_role("button", pressed=True).filter(has_text="%")).to_have_count(1)
    assert settings(*piece)["areas"]["strokes"] == []


def test_an_area_is_named_and_put_nearer_by_keyboard(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=areas")
    second = page.get_by_role("listitem").nth(1)
    page.keyboard.press("ArrowDown")
    page.keyboard.press("ArrowDown")
    expect(second.get_by_role("button")).to_have_attribute("aria-pressed", "true")
    page.get_by_role("textbox", name="Name of this area").focus()
    page.keyboard.type("the saucer")
    page.keyboard.press("Enter")
    expect(second).to_contain_text("Saucer")
    quiet(page)
    page.get_by_role("button", name="nearer").focus()
    page.keyboard.press("Enter")
    expect(page.get_by_role("listitem").nth(2)).to_contain_text("Saucer")
    quiet(page)
    opened(page, piece, "order?pass=1")
    expect(page.get_by_role("rowheader", name="Saucer")).to_be_visible()
