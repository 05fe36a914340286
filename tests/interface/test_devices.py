"""Pairing as it is done: a code on the desk, scanned on a device, which is then listed and forgotten."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator

import cv2
import numpy as np
import pytest
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server
from tests.interface.test_flow import serious


@pytest.fixture
def tablet(browser: Browser) -> Iterator[Page]:
    """A tablet whose painter goes on past the warning about the certificate."""
    context = browser.new_context(viewport={"width": 820, "height": 1180}, ignore_https_errors=True)
    yield context.new_page()
    context.close()


def scanned(page: Page) -> str:
    picture = page.get_by_role("img", name="The address with the code").screenshot()
    pixels = cv2.imdecode(np.frombuffer(picture, np.uint8), cv2.IMREAD_GRAYSCALE)
    assert pixels is not None
    return cv2.QRCodeDetector().detectAndDecode(pixels)[0]


def test_the_pairing_page_is_readable_to_all(browser: Browser, start: Callable[..., Server]) -> None:
    with start().client() as client:
        url = client.put("/api/pairing/door", json={"address": "127.0.0.2", "port": 0}).json()["url"]
    # What looks for faults is a script that the page itself would not let run.
    context = browser.new_context(ignore_https_errors=True, bypass_csp=True)
    looked_at = context.new_page()
    looked_at.goto(f"{url}pair")
    assert serious(looked_at) == []
    context.close()


def test_a_tablet_is_paired_by_what_the_desk_shows_works_and_is_forgotten(
    page: Page, tablet: Page, start: Callable[..., Server]
) -> None:
    server = start()
    with server.client() as client:
        client.put("/api/pairing/door", json={"address": "127.0.0.2", "port": 0})
    page.goto(f"{server.url}/devices")
    page.get_by_role("button", name="Pair a device").click()
    expect(page.get_by_text(re.compile(r"Valid for \d min"))).to_be_visible()
    assert serious(page) == []
    address = scanned(page)
    assert re.fullmatch(r"https://127\.0\.0\.2:\d+/pair#[A-Z2-9]{6}", address)
    tablet.goto(address.partition("#")[0])
    tablet.get_by_label("Code").fill("ABC")
    tablet.get_by_role("button", name="Pair it").click()
    expect(tablet.get_by_role("alert")).to_contain_text("4 tries are left")
    tablet.goto(address)
    expect(tablet.get_by_label("Code")).to_have_value(address[-6:])
    tablet.get_by_label("A name").fill("Old tablet")
    tablet.get_by_role("button", name="Pair it").click()
    expect(tablet.get_by_role("link", name="Shelf")).to_be_visible()
    expect(page.get_by_role("listitem")).to_contain_text("Old tablet")
    page.get_by_role("button", name="Forget").click()
    expect(page.get_by_text("No device yet.")).to_be_visible()
    tablet.reload()
    expect(tablet.get_by_role("heading", name="Pair this device")).to_be_visible()
    page.get_by_role("button", name="Switch off").click()
    expect(page.get_by_text("Washboard answers to this machine only.")).to_be_visible()
