"""A piece taken along: the easel without the program, and what was logged there once it is back."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Callable, Iterator

import httpx
import pytest
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_paint import main_button

Room = tuple[Server, str]


@pytest.fixture
def device(browser: Browser) -> Iterator[Callable[[], Page]]:
    """Opens devices: each a browser with what it keeps of its own, service workers allowed."""
    contexts = []

    def opened() -> Page:
        context = browser.new_context(viewport={"width": 1024, "height": 768}, reduced_motion="reduce")
        contexts.append(context)
        page = context.new_page()
        page.set_default_timeout(60_000)
        return page

    yield opened
    for context in contexts:
        context.close()


@pytest.fixture
def room(start: Callable[..., Server], cup: bytes) -> Room:
    server = start()
    with server.client() as client:
        made = new_piece(client, cup, medium="acrylic", surface="value:7")["id"]
        worked_out(client, made)
    return server, made


def taken_along(page: Page, room: Room) -> None:
    server, made = room
    page.goto(f"{server.url}/pieces/{made}/easel")
    expect(page.get_by_text("kept here", exact=True)).to_be_visible()


def whole_pass(page: Page) -> None:
    """Go through the pass that one is at, and through its drying, with the main button."""
    for _ in range(60):
        label = main_button(page).inner_text()
        main_button(page).click()
        if label == "Done, it is drying":
            break
        expect(main_button(page)).not_to_have_text(label)
    dry = page.get_by_role("button", name="It is dry now")
    begin = page.get_by_role("button", name="Begin")
    expect(dry.or_(begin)).to_be_visible()
    if dry.is_visible():
        dry.click()
        expect(begin).to_be_visible()


def log_of(server: Server, made: str) -> list[dict]:
    with server.client() as client:
        return client.get(f"/api/pieces/{made}/log").json()["events"]


def arrived(page: Page, server: Server, made: str) -> list[dict]:
    """The log once nothing waits on the device any more."""
    waits = re.compile("to be sent")
    page.reload()
    expect(page.get_by_text("kept here", exact=True)).to_be_visible()
    expect(page.get_by_text(waits)).to_have_count(0)
    return log_of(server, made)


def passes_done(events: list[dict]) -> Counter[str]:
    return Counter(event["pass"] for event in events if event["kind"] == "pass-done")


def test_a_sitting_without_the_program_goes_on_through_reloads_and_arrives_whole_and_once(
    device: Callable[[], Page], room: Room, start: Callable[..., Server]
) -> None:
    server, made = room
    page = device()
    taken_along(page, room)
    server.kill()
    page.reload()
    expect(page.get_by_role("button", name="Begin")).to_be_visible()
    page.get_by_role("img", name=re.compile("The picture after pass")).wait_for()
    whole_pass(page)
    expect(page.get_by_text("Pass 2 of")).to_be_visible()
    page.reload()
    expect(page.get_by_text("Pass 2 of")).to_be_visible()
    whole_pass(page)
    expect(page.get_by_text("Pass 3 of")).to_be_visible()
    page.get_by_role("button", name="Begin").click()
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()
    page.reload()
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()
    expect(page.get_by_text(re.compile(r"\d+ entries wait to be sent"))).to_be_visible()
    again = start(server.folder, port=int(server.url.rpartition(":")[2]))
    events = arrived(page, again, made)
    assert len({event["id"] for event in events}) == len(events)
    assert set(passes_done(events).values()) == {1}
    assert len(passes_done(events)) == 2
    assert events[-1]["kind"] == "pass-begun"
    expect(page.get_by_text("Pass 3 of")).to_be_visible()
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()


def test_two_devices_without_the_program_are_put_together_without_loss_or_doubling(
    device: Callable[[], Page], room: Room, start: Callable[..., Server]
) -> None:
    server, made = room
    tablet, phone = device(), device()
    taken_along(tablet, room)
    taken_along(phone, room)
    server.kill()
    for page, passes in ((phone, 1), (tablet, 2)):
        page.reload()
        for _ in range(passes):
            whole_pass(page)
    again = start(server.folder, port=int(server.url.rpartition(":")[2]))
    arrived(tablet, again, made)
    events = arrived(phone, again, made)
    ids = [event["id"] for event in events]
    assert len(set(ids)) == len(ids)
    with again.client() as client:
        easel = client.get(f"/api/pieces/{made}/easel").json()
    first, second = (one["id"] for one in easel["real"])
    assert passes_done(events) == {first: 2, second: 1}
    expect(phone.get_by_text("Pass 3 of")).to_be_visible()


def test_what_is_not_taken_along_asks_for_the_program_and_other_rooms_are_not_answered_from_the_device(
    device: Callable[[], Page], room: Room
) -> None:
    server, made = room
    page = device()
    page.goto(f"{server.url}/")
    taken_along(page, room)
    server.kill()
    with pytest.raises(httpx.HTTPError):
        httpx.get(server.url, timeout=5)
    answers = page.evaluate(
        "async (at) => Promise.all(at.map(a => fetch(a).then(r => r.status, () => 'gone')))",
        [f"/api/pieces/{made}", f"/api/pieces/{made}/log", "/api/pieces", f"/api/pieces/{'0' * 32}"],
    )
    assert answers == [200, "gone", "gone", "gone"]
