"""The page in another language: switched by a touch, numbers with a comma, kept for the next time."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server


@pytest.fixture
def home(demo: Server, page: Page) -> Iterator[Page]:
    """The wall of the demo, in English again for whoever looks next."""
    page.goto(demo.url)
    yield page
    with demo.client() as client:
        client.patch("/api/painter", json={"language": "en"})


def test_a_touch_changes_the_language_of_everything_and_another_brings_it_back(
    home: Page, demo: Server
) -> None:
    home.get_by_role("button", name="Deutsch").click()
    expect(home.get_by_role("link", name="Bilder")).to_be_visible()
    assert home.locator("html").get_attribute("lang") == "de"
    expect(home.get_by_text("Aquarell, 45 × 30 cm").first).to_be_visible()
    home.get_by_role("link", name=re.compile("Salt pans")).first.click()
    expect(home.get_by_role("link", name="Ordnen")).to_be_visible()
    expect(home.get_by_role("main")).to_have_attribute("aria-busy", "false")
    expect(home.get_by_text(re.compile(r"^\d,\d$")).first).to_be_visible()
    home.goto(demo.url)
    home.get_by_role("button", name="English").click()
    expect(home.get_by_role("link", name="Pieces")).to_be_visible()
    assert home.locator("html").get_attribute("lang") == "en"


def test_a_browser_that_prefers_german_begins_in_german_until_the_painter_says_otherwise(
    browser: Browser, start: Callable[..., Server]
) -> None:
    server = start()
    context = browser.new_context(locale="de-DE")
    page = context.new_page()
    page.goto(server.url)
    expect(page.get_by_text("Noch kein Bild")).to_be_visible(timeout=60_000)
    with server.client() as client:
        assert client.get("/api/painter").json()["language"] == "de"
        client.patch("/api/painter", json={"language": "en"})
    page.reload()
    expect(page.get_by_role("link", name="Pieces")).to_be_visible()
    context.close()
