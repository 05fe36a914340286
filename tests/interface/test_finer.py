"""Small marks, modelling and the hand, as they are used by hand."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import worked_out
from tests.interface.test_order import Room, piece
from tests.interface.test_rooms_of_a_piece import becomes, opened, quiet, settings

__all__ = ["piece"]
"""The piece that *Order* is tried on."""


def last_pass(page: Page, piece: Room, more: str = "") -> str:
    """Open *Order* at the last pass, in which small marks are painted; its title."""
    server, made = piece
    with server.client() as client:
        passes = worked_out(client, made)["document"]["passes"]
    opened(page, piece, f"order?pass={len(passes)}{more}")
    return str(passes[-1]["title"])


def test_small_marks_are_shown_in_the_last_pass_and_are_as_many_as_are_asked_for(
    page: Page, piece: Room
) -> None:
    title = last_pass(page, piece, "&below=passes")
    shown = page.get_by_role("img", name="Small marks of this pass")
    expect(page.get_by_role("heading", name=title)).to_be_visible()
    shown.wait_for()
    assert shown.locator("g").count() > 3
    page.keyboard.press("w")
    expect(shown).to_have_count(0)
    page.keyboard.press("w")
    many = page.get_by_role("slider", name="Small marks")
    many.press("Home")
    quiet(page)
    assert settings(*piece)["marks"] == 0
    expect(page.get_by_role("heading", name="Last marks")).to_have_count(0)
    many.press("End")
    quiet(page)
    assert settings(*piece)["marks"] == 150


def test_a_family_of_small_marks_lights_up_is_named_left_out_and_brought_back(
    page: Page, piece: Room
) -> None:
    last_pass(page, piece)
    families = page.get_by_role("list", name="Small marks of this pass")
    families.wait_for()
    count = families.get_by_role("listitem").count()
    assert count > 1
    first = families.get_by_role("listitem").first
    drawn = page.get_by_role("img", name="Small marks of this pass")
    first.get_by_role("button").first.click()
    expect(drawn.locator("g[data-lit=true]")).to_have_count(1)
    first.get_by_label("Name of these marks").fill("the rim")
    first.get_by_role("button", name="name it").click()
    quiet(page)
    expect(families.get_by_role("button", name=re.compile("^The rim: "))).to_be_visible()
    families.get_by_role("listitem").first.get_by_role("button", name="leave out").click()
    quiet(page)
    expect(families.get_by_role("listitem")).to_have_count(count - 1)
    page.get_by_role("button", name="Bring back one group left out").click()
    quiet(page)
    expect(families.get_by_role("listitem")).to_have_count(count)
    assert not any(wish["many"] == "none" for wish in settings(*piece)["families"])


def test_the_picture_is_shown_laid_by_a_hand_until_h_is_pressed(page: Page, piece: Room) -> None:
    opened(page, piece, "order")
    hand = page.get_by_role("img", name="As it looks laid by hand")
    hand.wait_for()
    page.keyboard.press("h")
    expect(hand).to_have_count(0)
    page.keyboard.press("h")
    hand.wait_for()


def test_the_modelling_of_what_is_lit_is_shown_with_its_values(page: Page, piece: Room) -> None:
    server, made = piece
    with server.client() as client:
        masses = worked_out(client, made)["document"]["masses"]
    opened(page, piece, "order?pass=0")
    shown = page.get_by_role("img", name="How masses are modelled")
    expect(shown).to_have_count(0)
    modelled = [mass for mass in masses if mass["gradation"] and not mass["name"]]
    assert modelled
    page.keyboard.press("ArrowDown")
    for _ in range(12):
        if shown.count():
            break
        page.keyboard.press("ArrowDown")
    expect(shown).to_be_visible()


def test_a_line_is_drawn_by_hand_on_the_picture_and_taken_off_again(page: Page, piece: Room) -> None:
    opened(page, piece, "order")
    page.get_by_role("button", name="draw a line").click()
    box = page.get_by_role("img", name=re.compile("^The picture after pass")).bounding_box()
    assert box is not None
    across, down = box["width"], box["height"]
    page.mouse.move(box["x"] + 0.2 * across, box["y"] + 0.2 * down)
    page.mouse.down()
    page.mouse.move(box["x"] + 0.4 * across, box["y"] + 0.25 * down, steps=4)
    page.mouse.move(box["x"] + 0.7 * across, box["y"] + 0.2 * down, steps=4)
    page.mouse.up()
    becomes(piece, lambda now: len(now["ownMarks"]) == 1)
    quiet(page)
    (mark,) = settings(*piece)["ownMarks"]
    assert mark["points"][0] == pytest.approx([0.2, 0.2], abs=0.02)
    assert mark["points"][-1] == pytest.approx([0.7, 0.2], abs=0.02)
    families = page.get_by_role("list", name="Small marks of this pass")
    drawn = families.get_by_role("listitem").filter(has_text="one dark").last
    drawn.get_by_role("button").first.click()
    field = families.get_by_label("wide, mm")
    field.fill("2")
    field.press("Enter")
    becomes(piece, lambda now: now["ownMarks"][0]["widthMm"] == 2)
    quiet(page)
    families.get_by_role("listitem").filter(has=page.get_by_label("wide, mm")).get_by_role(
        "button", name="leave out"
    ).click()
    becomes(piece, lambda now: now["ownMarks"] == [])


def test_the_modelling_of_a_mass_is_made_straight_and_follows_its_form_again(page: Page, piece: Room) -> None:
    server, made = piece
    with server.client() as client:
        masses = worked_out(client, made)["document"]["masses"]
    form = [(mass.get("gradation") or {}).get("form", "straight") for mass in masses]
    at = next(k for k, one in enumerate(form) if one != "straight")
    opened(page, piece, "see")
    for _ in range(at + 1):
        page.keyboard.press("ArrowDown")
    straighten = page.get_by_role("button", name="Make straight")
    straighten.click()
    quiet(page)
    with server.client() as client:
        now = {m["id"]: m for m in worked_out(client, made)["document"]["masses"]}
    assert now[masses[at]["id"]]["gradation"]["form"] == "straight"
    page.get_by_role("button", name="Follow the form").click()
    quiet(page)
    expect(straighten).to_be_visible()
    assert settings(*piece)["straight"] == []
