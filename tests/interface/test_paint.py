"""Paint and the easel used by hand: sittings, a pass by touch and key, accidents, a server that is gone."""

from __future__ import annotations

import re
import threading
import time
from collections import Counter
from random import Random

import pytest
from playwright.sync_api import Browser, Page, Route, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_flow import serious

Room = tuple[Server, str]
SIZES = {"desk": (1280, 800), "tablet": (1024, 768), "upright": (768, 1024), "phone": (390, 844)}


@pytest.fixture
def piece(demo: Server, cup: bytes) -> Room:
    with demo.client() as client:
        made = new_piece(client, cup, medium="acrylic", surface="value:7")["id"]
        worked_out(client, made)
        client.patch("/api/painter", json={"hours": "every day 19-21"})
    return demo, made


def events(room: Room) -> list[dict]:
    server, made = room
    with server.client() as client:
        return client.get(f"/api/pieces/{made}/log").json()["events"]


def kinds(room: Room, last: str = "") -> list[str]:
    """The kinds of what was logged, once the `last` one is there: the page goes on before it is sent."""
    deadline = time.monotonic() + 30
    while True:
        found = [event["kind"] for event in events(room)]
        if not last or found[-1:] == [last] or time.monotonic() > deadline:
            return found
        time.sleep(0.1)


def at_easel(page: Page, room: Room) -> None:
    server, made = room
    page.goto(f"{server.url}/pieces/{made}/easel")
    page.get_by_role("button", name="Begin").wait_for()
    page.get_by_role("img", name=re.compile("The picture after pass")).wait_for()


def share(mass: dict) -> float:
    return float(mass["share"])


def main_button(page: Page):  # type: ignore[no-untyped-def]
    return page.get_by_role("navigation", name="What now").get_by_role("button").last


def test_sittings_ahead_are_shown_and_follow_the_free_hours_that_are_said(page: Page, piece: Room) -> None:
    server, made = piece
    page.goto(f"{server.url}/pieces/{made}/paint")
    expect(page.get_by_role("heading", name=re.compile("sittings? ahead"))).to_be_visible()
    expect(page.get_by_role("img", name="The sittings ahead")).to_contain_text(re.compile("(19|07):00"))
    page.get_by_role("button", name="Your free hours").click()
    field = page.get_by_label("When do you have time?")
    field.fill("every day 17-21")
    field.press("Enter")
    expect(page.get_by_role("img", name="The sittings ahead")).to_contain_text(re.compile("(17|05):00"))
    field = page.get_by_label("When do you have time?")
    field.fill("when the muse comes")
    field.press("Enter")
    expect(page.get_by_text("is not understood").first).to_be_visible()
    with server.client() as client:
        assert client.get("/api/painter").json()["hours"] == "every day 17-21"
    with page.expect_download() as download:
        page.get_by_role("link", name="Write a calendar file").click()
    assert "BEGIN:VEVENT" in download.value.path().read_text()


def test_a_pass_is_gone_through_by_key_and_the_log_grows_by_itself(page: Page, piece: Room) -> None:
    at_easel(page, piece)
    first = page.get_by_role("heading", level=1).inner_text()
    page.keyboard.press("ArrowRight")
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()
    for _ in range(40):
        label = main_button(page).inner_text()
        page.keyboard.press("ArrowRight")
        if label == "Done, it is drying":
            break
        expect(main_button(page)).not_to_have_text(label)
    expect(page.get_by_text("Pass 2 of")).to_be_visible()
    expect(page.get_by_role("heading", level=1)).not_to_have_text(first)
    told = kinds(piece, "pass-done")
    assert told[0] == "pass-begun"
    assert told[-1] == "pass-done"
    assert "step-done" in told or len(told) == 2


def test_what_is_drying_can_be_said_to_be_wet_still_or_dry_by_now(page: Page, piece: Room) -> None:
    server, made = piece
    with server.client() as client:
        passes = client.get(f"/api/pieces/{made}/easel").json()["passes"]
    page.goto(f"{server.url}/pieces/{made}/easel")
    page.get_by_role("button", name="Begin").click()
    # Short steps are taken together by what is left, so that their number is not known beforehand.
    for _ in range(60):
        label = main_button(page).inner_text()
        main_button(page).click()
        expect(main_button(page)).not_to_have_text(label)
        if label == "Done, it is drying":
            break
    if passes[0]["wait"] > 0:
        expect(page.get_by_role("heading", name=re.compile("to dry"))).to_be_visible()
        page.get_by_role("button", name="It is still wet").click()
        page.get_by_role("button", name="It is dry now").click()
        expect(page.get_by_role("button", name="Begin")).to_be_visible()
        assert kinds(piece, "dry")[-2:] == ["still-wet", "dry"]


def test_something_that_went_wrong_is_touched_named_and_mended(page: Page, piece: Room) -> None:
    server, made = piece
    with server.client() as client:
        easel = client.get(f"/api/pieces/{made}/easel").json()
        plan = client.get(f"/api/pieces/{made}/plan").json()["document"]
    first = easel["passes"][0]
    mass = max(
        (m for m in plan["masses"] if m["id"] in first["piles"][0]["masses"]), key=lambda m: m["share"]
    )
    at_easel(page, piece)
    with server.client() as client:
        done = {"id": "done-1", "at": "2026-11-20T10:00:00+00:00", "kind": "pass-done", "pass": first["id"]}
        client.post(f"/api/pieces/{made}/log", json={"events": [done]})
    page.reload()
    page.get_by_role("button", name="Something went wrong").click()
    expect(page.get_by_role("button", name="Too dark")).to_be_disabled()
    picture = page.get_by_role("img", name=re.compile("The picture after pass"))
    page.get_by_role("img", name="What is lit").wait_for()
    box = picture.bounding_box()
    assert box is not None
    x, y = mass["inside"]
    page.mouse.click(box["x"] + x * box["width"], box["y"] + y * box["height"])
    expect(page.get_by_role("heading", level=1)).to_contain_text("what happened?")
    page.get_by_role("button", name="Wrong colour").click()
    expect(page.get_by_role("button", name="Something went wrong")).to_be_visible()
    page.wait_for_timeout(500)
    assert events(piece)[-1]["masses"] == [mass["id"]]
    with server.client() as client:
        told = client.get(f"/api/pieces/{made}/easel").json()
    assert any(own["id"].startswith("mend") for own in told["passes"])
    page.goto(f"{server.url}/pieces/{made}/paint")
    expect(page.get_by_text("has the wrong colour").first).to_be_visible()


def test_an_accident_is_told_by_key_alone(page: Page, piece: Room) -> None:
    at_easel(page, piece)
    page.keyboard.press("ArrowRight")
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()
    page.get_by_role("button", name="Something went wrong").focus()
    page.keyboard.press("Enter")
    page.get_by_label("or choose it by its name").focus()
    page.keyboard.press("ArrowDown")
    expect(page.get_by_role("heading", level=1)).to_contain_text("what happened?")
    page.get_by_role("button", name="Wrong colour").focus()
    page.keyboard.press("Enter")
    assert kinds(piece, "accident")[-1] == "accident"
    assert len(events(piece)[-1]["masses"]) == 1


def test_a_pass_is_gone_through_by_touch_alone(browser: Browser, piece: Room) -> None:
    context = browser.new_context(
        viewport={"width": 820, "height": 1180}, has_touch=True, service_workers="block"
    )
    page = context.new_page()
    page.set_default_timeout(60_000)
    at_easel(page, piece)
    page.get_by_role("button", name="Begin").tap()
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()
    for _ in range(60):
        label = main_button(page).inner_text()
        main_button(page).tap()
        expect(main_button(page)).not_to_have_text(label)
        if label == "Done, it is drying":
            break
    assert kinds(piece, "pass-done")[-1] == "pass-done"
    page.get_by_role("button", name="Something went wrong").tap()
    picture = page.get_by_role("img", name=re.compile("The picture after pass"))
    picture.tap()
    expect(page.get_by_role("heading", level=1)).to_contain_text("what happened?")
    page.get_by_role("button", name="Wrong colour").tap()
    assert kinds(piece, "accident")[-1] == "accident"
    context.close()


def test_the_easel_goes_on_without_the_server_and_loses_nothing(page: Page, piece: Room) -> None:
    at_easel(page, piece)

    def gone(route: Route) -> None:
        route.abort()

    page.route("**/log", gone)
    page.get_by_role("button", name="Begin").click()
    for _ in range(40):
        label = main_button(page).inner_text()
        main_button(page).click()
        if label == "Done, it is drying":
            break
        expect(main_button(page)).not_to_have_text(label)
    expect(page.get_by_text("Pass 2 of")).to_be_visible()
    expect(page.get_by_text(re.compile(r"wait to be sent"))).to_be_visible()
    assert kinds(piece) == []
    page.unroute("**/log", gone)
    said_dry = main_button(page).inner_text() == "It is dry now"
    main_button(page).click()
    expect(page.get_by_text(re.compile(r"wait to be sent"))).to_have_count(0)
    kinds(piece, "dry" if said_dry else "pass-begun")
    told = events(piece)
    assert [event["kind"] for event in told].count("pass-done") == 1
    assert len({event["id"] for event in told}) == len(told)
    expect(page.get_by_text("not kept here")).to_be_visible()


def test_a_network_that_drops_doubles_and_delays_brings_each_event_once(page: Page, piece: Room) -> None:
    at_easel(page, piece)
    dice, held, fates, well = Random(3), list[Route](), Counter[str](), threading.Event()

    def bad(route: Route) -> None:
        if well.is_set():
            route.continue_()
            return
        # What was late comes after what was sent later.
        late = held.pop() if held else None
        fate = dice.choice(("dropped", "unanswered", "doubled", "late"))
        fates[fate] += 1
        if fate == "late":
            held.append(route)
        elif fate == "dropped":
            route.abort()
        else:
            answer = route.fetch()
            if fate == "doubled":
                route.fulfill(response=route.fetch())
            else:
                assert answer.ok
                route.abort()
        if late is not None:
            late.continue_()

    page.route("**/log", bad)
    page.get_by_role("button", name="Begin").click()
    begun = 1
    for _ in range(60):
        label = main_button(page).inner_text()
        main_button(page).click()
        begun += label in ("Begin", "It is dry now")
        expect(main_button(page)).not_to_have_text(label)
        if begun >= 3:
            break
    well.set()
    for route in held:
        route.continue_()
    expect(page.get_by_text(re.compile(r"wait to be sent"))).to_have_count(0, timeout=60_000)
    kinds(piece, "dry" if label == "It is dry now" else "pass-begun")
    page.unroute_all(behavior="ignoreErrors")
    told = events(piece)
    assert sum(fates[fate] > 0 for fate in fates) >= 3, fates
    assert len({event["id"] for event in told}) == len(told)
    assert [event["at"] for event in told] == sorted(event["at"] for event in told)
    done = [event["pass"] for event in told if event["kind"] == "pass-done"]
    assert done
    assert len(set(done)) == len(done)


@pytest.mark.parametrize("size", SIZES)
def test_buttons_are_large_and_no_word_is_cut_on_any_size(page: Page, piece: Room, size: str) -> None:
    width, height = SIZES[size]
    page.set_viewport_size({"width": width, "height": height})
    at_easel(page, piece)
    page.get_by_role("button", name="Begin").click()
    expect(page.get_by_text(re.compile("^Step 1 of"))).to_be_visible()
    for button in page.get_by_role("navigation", name="What now").get_by_role("button").all():
        box = button.bounding_box()
        assert box is not None
        assert box["height"] >= 56
        assert box["x"] >= 0
        assert box["x"] + box["width"] <= width
        assert box["y"] + box["height"] <= height
        assert button.evaluate(
            "b => b.scrollWidth <= b.clientWidth + 1 && b.scrollHeight <= b.clientHeight + 1"
        )
    picture = page.get_by_role("img", name=re.compile("The picture after pass")).bounding_box()
    assert picture is not None
    assert picture["width"] / picture["height"] == pytest.approx(600 / 400, abs=0.02)
    heading = page.get_by_role("heading", level=1)
    assert float(heading.evaluate("h => parseFloat(getComputedStyle(h).fontSize)")) >= 30
    assert serious(page) == []
