"""The picture says where: a pass hatched, a name lit, a count lit, by pointer and by keyboard alone."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Locator, Page, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import opened, settings

Room = tuple[Server, str]

INKED = """([x, y, reach]) => {
  const c = document.querySelector('[data-layer=where] canvas'), d = c.getContext('2d');
  const px = d.getImageData(Math.round(x * c.width) - reach, Math.round(y * c.height) - reach,
                            2 * reach, 2 * reach).data;
  let dark = 0, light = 0;
  for (let i = 0; i < px.length; i += 4) if (px[i + 3]) px[i] < 128 ? dark++ : light++;
  return [dark, light];
}"""
ALL = """() => {
  const c = document.querySelector('[data-layer=where] canvas');
  const px = c.getContext('2d').getImageData(0, 0, c.width, c.height).data;
  let n = 0;
  for (let i = 3; i < px.length; i += 4) n += px[i] === 255;
  return n;
}"""
"""How many pixels of the layer are drawn at full strength: outlines of what is lit, marked edges."""


@pytest.fixture
def piece(demo: Server, cup: bytes) -> Room:
    with demo.client() as client:
        made = new_piece(client, cup, name="Where")["id"]
        worked_out(client, made)
    return demo, made


def plan(piece: Room) -> dict:
    server, name = piece
    with server.client() as client:
        return client.get(f"/api/pieces/{name}/plan").json()["document"]


def unhatched(page: Page, piece: Room, view: str) -> int:
    """Order with the pass not hatched: the pixels that are lit with nothing pointed at."""
    opened(page, piece, view)
    expect(page.get_by_role("img", name="Where this pass is painted")).to_be_visible()
    page.keyboard.press("w")
    expect(page.get_by_role("img", name="What is lit")).to_be_visible()
    return lit(page)


def lit(page: Page) -> int:
    return int(page.evaluate(ALL))


def names(page: Page) -> Locator:
    """Names and counts in the words of the pass."""
    return page.locator("section").get_by_role("button").filter(has_text=re.compile(r"\w"))


@pytest.mark.parametrize("number", [1, 2, 4])
def test_a_chosen_pass_is_hatched_where_it_is_painted_and_nowhere_else(
    page: Page, piece: Room, number: int
) -> None:
    opened(page, piece, f"order?pass={number}")
    expect(page.get_by_role("img", name="Where this pass is painted")).to_be_visible()
    document = plan(piece)
    places = document["passes"][number - 1]["places"]
    assert places["painted"]
    checked = 0
    for mass in document["masses"]:
        if mass["narrowestMm"] < 6 and mass["id"] not in places["painted"]:
            continue
        dark, light = page.evaluate(INKED, [*mass["inside"], 12 if mass["widthMm"] > 12 else 4])
        role = next((role for role in ("painted", "across", "round") if mass["id"] in places[role]), None)
        if role == "painted":
            assert dark, mass["called"]
            assert light, "both inks, so that it shows on dark and on light"
        elif role is None and mass["widthMm"] > 14:
            assert (dark, light) == (0, 0), mass["called"]
            checked += 1
    page.keyboard.press("w")
    expect(page.get_by_role("img", name="What is lit")).to_be_visible()
    assert lit(page) == 0


def test_a_name_lights_its_mass_and_a_count_all_that_it_counts(page: Page, piece: Room) -> None:
    before = unhatched(page, piece, "order?pass=4")
    name = names(page).first
    name.hover()
    one = lit(page)
    assert one > before
    count = page.get_by_role("button", name=re.compile(r"^\d+ more$")).first
    count.hover()
    assert lit(page) > one, "a count lights more than one"
    page.mouse.move(5, 790)
    assert lit(page) == before
    name.click()
    page.mouse.move(5, 790)
    name.blur()
    assert lit(page) == one, "a click keeps it lit"
    expect(name).to_have_attribute("aria-pressed", "true")
    name.click()
    page.mouse.move(5, 790)
    name.blur()
    assert lit(page) == before


def test_names_are_lit_by_keyboard_alone(page: Page, piece: Room) -> None:
    before = unhatched(page, piece, "order?pass=4")
    wanted = names(page).first
    for _ in range(60):
        page.keyboard.press("Tab")
        if wanted.evaluate("element => element === document.activeElement"):
            break
    assert lit(page) > before
    page.keyboard.press("Enter")
    expect(wanted).to_have_attribute("aria-pressed", "true")
    page.keyboard.press("Tab")
    page.keyboard.press("Shift+Tab")
    page.keyboard.press("Enter")
    expect(wanted).to_have_attribute("aria-pressed", "false")


def test_a_white_is_lit_while_its_way_is_chosen_by_keyboard(page: Page, piece: Room) -> None:
    before = unhatched(page, piece, "order?pass=4&below=lights")
    way = page.get_by_label(re.compile("^How .* is kept$")).first
    way.focus()
    assert lit(page) > before
    way.blur()
    assert lit(page) == before


def test_an_edge_that_would_run_is_drawn_where_it_runs(page: Page, piece: Room) -> None:
    document = plan(piece)
    number = next(
        k
        for k, done in enumerate(document["passes"], 1)
        if any(mark["edges"] for reason in done["reasons"] for mark in reason["marks"])
    )
    before = unhatched(page, piece, f"order?pass={number}")
    page.get_by_role("button", name=re.compile("cm of sharp edge")).first.hover()
    assert lit(page) > before + 200


def test_what_a_refused_move_breaks_is_lit_at_once(page: Page, piece: Room) -> None:
    before = unhatched(page, piece, "order?pass=1&below=passes")
    page.get_by_role("button", name="Leave out pass 1").click()
    expect(page.get_by_role("status")).to_contain_text("cannot be")
    page.mouse.move(5, 790)
    assert lit(page) > before


def test_a_word_of_the_craft_explains_itself_by_keyboard(page: Page, piece: Room) -> None:
    opened(page, piece, "order?pass=2")
    page.get_by_text("value", exact=True).first.focus()
    expect(page.get_by_text("from 0 black to 10 white")).to_be_visible()
    page.get_by_role("tab", name=re.compile("weak point")).hover()
    expect(page.get_by_text("What weakens the order or the composition.")).to_be_visible()


def test_what_is_seen_is_named_by_a_word_or_a_touch_and_the_plan_speaks_of_it(
    page: Page, piece: Room
) -> None:
    unlit = unhatched(page, piece, "order?pass=2")
    page.get_by_role("button", name="Begin").click()
    field = page.get_by_role("textbox", name=re.compile("What is this. 1 of"))
    expect(field).to_be_focused()
    assert lit(page) > unlit, "it is lit in the picture"
    field.fill("Old oak table")
    page.keyboard.press("Enter")
    expect(page.get_by_role("textbox", name=re.compile("2 of"))).to_be_visible()
    page.keyboard.press("Enter")
    page.get_by_role("button", name="wall", exact=True).click()
    page.get_by_role("button", name="Done").click()
    expect(page.get_by_role("rowheader", name="Old oak table")).to_be_visible()
    names = [area["name"] for area in settings(*piece)["areas"]["names"]]
    assert names == ["Old oak table", "wall"]
    called = [mass["called"] for mass in plan(piece)["masses"]]
    assert any(name.endswith("Old oak table") for name in called), called
    expect(page.get_by_text("Name what you see.")).to_have_count(0)
