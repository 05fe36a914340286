"""Mix in the real browser: passes, recipes, another way, paint moved by hand."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import quiet
from tests.pieces import photographs

Room = tuple[Server, str]


@pytest.fixture(scope="module")
def piece(demo: Server) -> Room:
    with demo.client() as client:
        made = new_piece(client, encoded(photographs()["landscape"]), medium="watercolour")["id"]
        worked_out(client, made)
    return demo, made


def test_the_mixtures_of_each_pass_are_shown_with_parts_values_and_amounts(page: Page, piece: Room) -> None:
    server, made = piece
    page.goto(f"{server.url}/pieces/{made}/mix")
    with server.client() as client:
        board = client.get(f"/api/pieces/{made}/mix").json()
        passes = client.get(f"/api/pieces/{made}/plan").json()["document"]["passes"]
    quiet(page)
    rows = page.get_by_role("article")
    expect(rows.first).to_be_visible()
    page.keyboard.press("ArrowRight")
    expect(page.get_by_role("button", name="Pass 2")).to_have_attribute("aria-pressed", "true")
    own = [pile for pile in board["piles"] if pile["pass"] == passes[1]["id"]]
    more = page.get_by_role("button", name=re.compile("smaller mixture"))
    if more.count():
        more.click()
    expect(rows).to_have_count(len(own))
    expect(rows.first).to_contain_text(f"{own[0]['ml']:.1f} ml")
    expect(rows.first).to_contain_text(f"{own[0]['recipes'][0]['valueWet']:.1f}")


def test_another_way_and_paint_by_hand(page: Page, piece: Room) -> None:
    server, made = piece
    page.goto(f"{server.url}/pieces/{made}/mix")
    quiet(page)
    row = page.get_by_role("article").first
    row.get_by_role("button", name=re.compile("another way .1 of")).click()
    expect(row.get_by_role("button", name=re.compile("another way .2 of"))).to_be_visible()
    row.get_by_role("button", name="by hand").click()
    slider = row.get_by_role("slider").first
    dry = row.locator("[data-look=dry]")
    before = dry.get_attribute("style")
    page.wait_for_timeout(600)
    slider.focus()
    for _ in range(12):
        page.keyboard.press("ArrowRight")
    expect(dry).not_to_have_attribute("style", before or "")
    row.get_by_role("button", name="Reset").click()
    expect(dry).to_have_attribute("style", before or "")
