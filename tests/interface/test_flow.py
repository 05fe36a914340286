"""The real page in a real browser: a newcomer's way, by keyboard alone, accessible, instant."""

from __future__ import annotations

import json
import re
from collections.abc import Callable
from pathlib import Path

import pytest
from playwright.sync_api import Page, Route, expect

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.interface.test_first_steps import said_in
from tests.long import SOAK
from tests.pieces import photographs

AXE = Path(__file__).parents[2] / "web" / "node_modules" / "axe-core" / "axe.min.js"


@pytest.fixture
def photo(tmp_path: Path) -> Path:
    path = tmp_path / "my-cup.jpg"
    path.write_bytes(encoded(photographs()["cup"], quality=92))
    return path


def serious(page: Page, rules: list[str] | None = None) -> list[str]:
    """Serious and critical violations that axe finds on the page as it is, of all rules or of some."""
    if not page.evaluate("() => 'axe' in window"):
        # Not as a script of the page, which lets none but its own run.
        page.evaluate(Path(AXE).read_text())
    found = page.evaluate(
        "async (rules) => (await axe.run(document, { resultTypes: ['violations'],"
        " ...(rules ? { runOnly: rules } : {}) })).violations",
        rules,
    )
    return [
        f"{v['id']}: {v['nodes'][0]['html'][:120]}" for v in found if v["impact"] in ("serious", "critical")
    ]


def test_from_the_empty_start_to_an_exported_plan_in_three_decisions(
    page: Page, start: Callable[..., Server], photo: Path
) -> None:
    page.goto(start().url)
    expect(page.get_by_role("heading", name="No piece yet")).to_be_visible()
    page.get_by_label("Choose a photo").set_input_files(photo)
    decisions = 0
    page.get_by_text("Pastel").click()
    decisions += 1
    page.get_by_text("Middle grey 5").click()
    decisions += 1
    page.get_by_label("Width in cm").fill("50")
    decisions += 1
    page.get_by_role("button", name="See the order").click()
    expect(page.get_by_role("img", name="The picture after pass")).to_be_visible()
    with page.expect_download() as download:
        page.get_by_role("link", name="export", exact=True).click()
    plan = json.loads(Path(download.value.path()).read_text())
    assert decisions <= 3
    assert (plan["medium"], plan["surface"]["words"], plan["sheet"]["widthCm"]) == ("pastel", "value:5", 50)
    assert len(plan["passes"]) >= 3


def settled(page: Page) -> None:
    """Wait until nothing is being worked out."""
    expect(page.get_by_role("main")).to_have_attribute("aria-busy", "false")


def tabbed(page: Page, role: str, name: str) -> None:
    """Press Tab until the control of that role and name has the focus."""
    target = page.get_by_role(role, name=name)  # type: ignore[arg-type]
    expect(target.first).to_be_attached()
    for _ in range(120):
        if target.first.evaluate("element => element === document.activeElement"):
            return
        page.keyboard.press("Tab")
    raise AssertionError(f"{name} cannot be reached by keyboard")


def test_while_a_plan_is_made_the_photo_and_then_its_masses_stand_where_the_picture_will_be(
    page: Page, start: Callable[..., Server], photo: Path
) -> None:
    page.goto(start().url)
    page.get_by_label("Choose a photo").set_input_files(photo)
    held: list[Route] = []
    page.route("**/analysis", lambda route: held.append(route), times=1)
    page.get_by_role("button", name="See the order").click()
    masses = page.get_by_alt_text("The photo in masses")
    expect(masses).to_be_visible()
    place = masses.bounding_box()
    held[0].continue_()
    picture = page.get_by_role("img", name="The picture after pass")
    expect(picture).to_be_visible()
    expect(masses).to_have_count(0)
    there = picture.bounding_box()
    assert place
    assert there
    assert all(abs(place[side] - there[side]) <= 2 for side in ("x", "y", "width", "height"))


def test_the_whole_way_by_keyboard_alone(page: Page, start: Callable[..., Server], photo: Path) -> None:
    page.goto(start().url)
    page.get_by_role("heading", name="No piece yet").wait_for()
    with page.expect_file_chooser() as chooser:
        tabbed(page, "button", "choose one")
        page.keyboard.press("Enter")
    chooser.value.set_files(photo)
    tabbed(page, "radio", "Watercolour")
    page.keyboard.press("ArrowRight")
    tabbed(page, "button", "See the order")
    page.keyboard.press("Enter")
    picture = page.get_by_role("img", name="The picture after pass")
    expect(picture).to_be_visible()
    page.keyboard.press("ArrowLeft")
    expect(page.get_by_text(re.compile(r"^Pass \d+ of \d+, dry"))).to_be_visible()
    page.keyboard.press("ArrowLeft")
    expect(page).to_have_url(re.compile(r"pass=\d"))
    page.keyboard.press("v")
    expect(page.get_by_role("img", name="values only")).to_be_visible()
    tabbed(page, "tab", "areas")
    page.keyboard.press("ArrowLeft")
    first = page.get_by_role("region", name="Light to dark, whites kept", exact=True)
    expect(first.get_by_role("img").first).to_be_visible()
    tabbed(page, "button", "Use")
    page.keyboard.press("Enter")
    expect(first).to_contain_text("in use")
    settled(page)
    page.keyboard.press("Control+z")
    expect(first).not_to_contain_text("in use")
    settled(page)
    tabbed(page, "button", "Pass 1,")
    page.keyboard.press("Alt+ArrowRight")
    expect(page.get_by_role("status")).to_contain_text("Pass 1 moved to place 2")
    tabbed(page, "link", "See")
    page.keyboard.press("Enter")
    tabbed(page, "slider", "Threshold 2")
    before = page.get_by_role("slider", name="Threshold 2").get_attribute("aria-valuenow")
    page.keyboard.press("ArrowUp")
    expect(page.get_by_role("slider", name="Threshold 2")).not_to_have_attribute("aria-valuenow", str(before))
    page.keyboard.press("?")
    expect(page.get_by_role("dialog")).to_contain_text("hold Q")


VIEWS = (
    "shelf",
    "",
    "new",
    "see?look=bands",
    "see?look=masses",
    "see?look=areas",
    "order?pass=2",
    "order?pass=0",
    "order?below=findings",
    "order?below=lights",
    "order?below=schools",
    "order?below=passes",
    "see?look=windows",
    "see?look=edges",
    "prepare?part=ground",
    "prepare?part=composition",
    "prepare?part=measures",
    "prepare?part=transfer",
    "prepare?part=palette",
    "prepare?part=intent",
    "mix",
    "paint",
    "nowhere",
)

STAGES = ("see", "prepare", "order", "mix", "paint")

BUSY = "[aria-busy=true], [data-busy=true]"


class Walker:
    """Goes from view to view as the page's own links do, and knows when nothing more is asked for."""

    def __init__(self, page: Page) -> None:
        self.page, self.open = page, 0
        page.on("request", lambda _: self.count(1))
        page.on("requestfinished", lambda _: self.count(-1))
        page.on("requestfailed", lambda _: self.count(-1))

    def count(self, change: int) -> None:
        self.open += change

    def go(self, path: str) -> None:
        go = "path => { history.pushState(null, '', path); dispatchEvent(new PopStateEvent('popstate')) }"
        self.page.evaluate(go, path)
        calm = 0
        while calm < 3:
            self.page.wait_for_timeout(40)
            calm = 0 if self.open or self.page.locator(BUSY).count() else calm + 1


@pytest.mark.parametrize("language", ["en", "de"])
def test_no_view_has_a_serious_accessibility_violation_in_any_surround(
    page: Page, demo: Server, language: str
) -> None:
    say = said_in(language)
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[0]
        worked_out(client, piece["id"])
        client.patch("/api/painter", json={"language": language})
    walker = Walker(page)
    page.goto(demo.url)
    try:
        for view in VIEWS if language == "en" or SOAK else VIEWS[::4]:
            path = f"pieces/{piece['id']}/{view}" if view.startswith(STAGES) else view
            path = f"new?reference={piece['reference']['hash']}" if view == "new" else path
            walker.go(f"/{path}")
            # The other surrounds change the same few greys everywhere: some views show all of them.
            for surround in ("middle", *(("dark", "light") if view in VIEWS[::4] or SOAK else ())):
                page.get_by_role("button", name=say(f"frame-surround-{surround}")).click()
                # A surround changes colours only: everything else is looked at once.
                rules = None if surround == "middle" else ["color-contrast"]
                assert serious(page, rules) == [], (view, surround)
    finally:
        with demo.client() as client:
            client.patch("/api/painter", json={"language": "en"})


def median_of_measures(page: Page) -> float:
    return float(
        page.evaluate(
            "() => { const d = performance.getEntriesByName('picture').map(e => e.duration);"
            " return d.sort((a, b) => a - b)[Math.floor(d.length / 2)]; }"
        )
    )


def test_stepping_through_passes_asks_the_server_nothing(page: Page, demo: Server) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[-1]["id"]
        worked_out(client, piece)
    page.goto(f"{demo.url}/pieces/{piece}/order?pass=1")
    page.get_by_role("img", name="The picture after pass 1").wait_for()
    page.wait_for_load_state("networkidle")
    asked: list[str] = []
    page.on("request", lambda request: asked.append(request.url) if "/api/" in request.url else None)
    page.evaluate("() => performance.clearMeasures()")
    for key in ["ArrowRight"] * 4 + ["ArrowLeft"] * 4:
        page.keyboard.press(key)
    assert asked == []
    assert median_of_measures(page) > 0


def test_a_tab_that_fell_behind_is_told_what_changed(
    page: Page, start: Callable[..., Server], photo: Path
) -> None:
    server = start()
    with server.client() as client:
        piece = new_piece(client, photo.read_bytes(), name="Two tabs")["id"]
        worked_out(client, piece)
        page.goto(f"{server.url}/pieces/{piece}/order")
        page.get_by_role("button", name="One pass more").wait_for()
        client.patch(f"/api/pieces/{piece}", json={"revision": 0, "bands": 4})
        page.get_by_role("button", name="One pass more").click()
        expect(page.get_by_role("alert")).to_contain_text("bands to 4")
        assert client.get(f"/api/pieces/{piece}").json()["settings"]["passes"] is None


def test_a_photo_that_cannot_be_used_is_refused_on_the_spot(page: Page, demo: Server, tmp_path: Path) -> None:
    wrong = tmp_path / "drawing.svg"
    wrong.write_text("<svg/>")
    page.goto(demo.url)
    page.get_by_label("Choose a photo").set_input_files(wrong)
    expect(page.get_by_role("alert")).to_contain_text("SVG drawing")


def test_letters_never_fire_while_typing_and_can_be_switched_off(page: Page, demo: Server) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[0]["id"]
    page.goto(f"{demo.url}/pieces/{piece}/see?look=masses")
    page.get_by_role("img", name="The photo: masses").wait_for()
    page.keyboard.press("ArrowDown")
    field = page.get_by_label("Name of this mass")
    field.fill("")
    field.press_sequentially("rov")
    assert "look=masses" in page.url
    expect(field).to_have_value("rov")
    page.keyboard.press("Escape")
    field.blur()
    page.keyboard.press("?")
    page.get_by_label("Turn letter keys off").check()
    page.keyboard.press("Escape")
    page.keyboard.press("v")
    assert "look=masses" in page.url
