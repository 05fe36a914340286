"""Drills used by hand: ten questions by keys, one by touch, a kind chosen."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.interface.test_flow import serious
from tests.pieces import photographs


@pytest.fixture(scope="module")
def url(demo: Server) -> str:
    """The trainer, asking of one piece."""
    with demo.client() as client:
        made = new_piece(client, encoded(photographs()["landscape"], quality=92))["id"]
        worked_out(client, made)
        assert client.get("/api/drills/next", params={"piece": made}).status_code == 200
    return f"{demo.url}/drills?piece={made}"


def test_a_round_of_ten_by_keys_alone(page: Page, url: str) -> None:
    page.goto(url)
    for number in range(1, 11):
        expect(page.get_by_text(f"{number} of 10")).to_be_visible()
        page.get_by_role("img", name=re.compile("The picture after pass")).first.wait_for()
        page.keyboard.press("1")
        expect(page.get_by_text("Why this.")).to_be_visible()
        page.keyboard.press("Enter")
        expect(page.get_by_text("Why this.")).to_have_count(0)
    expect(page.get_by_text(re.compile(r"\d+ of \d+ this week"))).to_be_visible()


def test_a_question_by_touch_and_its_reason(browser: Browser, url: str) -> None:
    context = browser.new_context(has_touch=True, viewport={"width": 1024, "height": 768})
    page = context.new_page()
    page.goto(f"{url}&kind=darker")
    options = page.get_by_role("button", name=re.compile(r"^[1-4] \w"))
    options.first.tap()
    expect(page.get_by_text("Why this.")).to_be_visible()
    expect(page.get_by_text("right", exact=True)).to_be_visible()
    assert not serious(page)
    page.get_by_role("button", name="Next question").tap()
    expect(page.get_by_text("Why this.")).to_have_count(0)
    context.close()


def test_a_kind_is_chosen_and_values_are_hidden_until_the_answer(page: Page, url: str) -> None:
    page.goto(url)
    page.get_by_role("button", name="Naming values").click()
    expect(page.get_by_role("heading", name="What value is the place that is marked?")).to_be_visible()
    page.get_by_role("img", name=re.compile("The picture after pass")).first.wait_for()
    page.keyboard.press("v")
    expect(page.get_by_role("img", name=re.compile("values"))).to_have_count(0)
    page.keyboard.press("2")
    expect(page.get_by_text("Why this.")).to_be_visible()
    page.keyboard.press("v")
    expect(page.get_by_role("img", name=re.compile("values"))).to_have_count(1)
