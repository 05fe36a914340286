"""From a phone to a desk: everything in view, nothing cut at the sides, the picture always there."""

from __future__ import annotations

from collections.abc import Sequence

from playwright.sync_api import Browser, Page, ViewportSize

from tests.conftest import Server, worked_out
from tests.interface.test_flow import serious

SIZES = ((390, 844), (360, 740), (820, 1180), (1180, 820), (1280, 800), (2560, 1300))
IN_GERMAN = ((390, 844), (1280, 800))
VIEWS = (
    "",
    "shelf",
    "drills",
    "devices",
    *(f"pieces/PIECE/{stage}" for stage in ("see", "prepare", "order", "mix", "paint", "review", "easel")),
)
BESIDE = """() => [...document.querySelectorAll("body *")].filter((element) => {
  const style = getComputedStyle(element);
  const own = [...element.childNodes].some((node) => node.nodeType === 3 && node.data.trim());
  const box = element.getBoundingClientRect();
  const scrolls = (at) => at && (getComputedStyle(at).overflowX === "auto" || scrolls(at.parentElement));
  return own && !element.closest("svg, .unseen, nav") && box.width > 2 && style.visibility === "visible"
    && !scrolls(element.parentElement) && (box.left < -1 || box.right > innerWidth + 1);
}).map((element) => element.textContent.slice(0, 40))"""
"""Elements with text of their own that reach beyond the sides of the window."""
OVERLAPPING = """() => {
  const layer = (at) => !at || ["sticky", "fixed"].includes(getComputedStyle(at).position)
    ? at : layer(at.parentElement);
  const texts = [...document.querySelectorAll("body *")].filter((element) =>
    [...element.childNodes].some((node) => node.nodeType === 3 && node.data.trim())
      && getComputedStyle(element).visibility === "visible"
      && !element.closest("svg, .unseen, option, select")
  ).map((element) => {
    const range = document.createRange();
    range.selectNodeContents(element);
    return { element, box: range.getBoundingClientRect(), layer: layer(element) };
  }).filter(({ box }) => box.width > 3 && box.height > 3);
  return texts.flatMap((one, k) => texts.slice(k + 1).filter((other) => {
    if (one.layer !== other.layer) return false;
    if (one.element.contains(other.element) || other.element.contains(one.element)) return false;
    const inline = ({ element }) => getComputedStyle(element).display === "inline";
    const [a, b] = [one.box, other.box];
    const [left, right] = [Math.max(a.left, b.left), Math.min(a.right, b.right)];
    const [top, bottom] = [Math.max(a.top, b.top), Math.min(a.bottom, b.bottom)];
    if ((inline(one) && inline(other)) || right - left <= 3 || bottom - top <= 5) return false;
    const there = document.elementsFromPoint((left + right) / 2, (top + bottom) / 2);
    return there.includes(one.element) && there.includes(other.element);
  }).map((other) => [one, other].map(({ element }) => element.textContent.slice(0, 30)).join(" / ")));
}"""
"""Texts of one layer whose boxes lie over each other; what stays in view over what scrolls is another,
and what is scrolled out of a list is not there."""


def test_nothing_is_cut_at_the_sides_at_any_size(page: Page, demo: Server) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[-1]["id"]
        worked_out(client, piece)
    looked_at(page, demo, piece, SIZES)


def looked_at(
    page: Page, server: Server, piece: str, sizes: Sequence[tuple[int, int]], axe: bool = False
) -> None:
    """Every view at some sizes, one after the other in one window: nothing beyond the sides, no text over
    another."""
    for view in VIEWS:
        page.set_viewport_size({"width": sizes[0][0], "height": sizes[0][1]})
        page.goto(f"{server.url}/{view.replace('PIECE', piece)}")
        page.get_by_role("main").and_(page.locator(":not([aria-busy=true])")).wait_for()
        page.wait_for_load_state("networkidle")
        for wide, high in sizes:
            page.set_viewport_size({"width": wide, "height": high})
            # Two frames: what is measured is laid out by the script once the size is known.
            page.evaluate(
                "() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))"
            )
            reach = page.evaluate("document.documentElement.scrollWidth")
            assert reach <= wide, (view, wide, reach)
            assert page.evaluate(BESIDE) == [], (view, wide)
            assert page.evaluate(OVERLAPPING) == [], (view, wide)
            assert not axe or serious(page) == [], (view, wide)


def test_longer_words_of_another_language_fit_as_well(page: Page, demo: Server) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[-1]["id"]
        client.patch("/api/painter", json={"language": "de"})
        try:
            worked_out(client, piece)
            looked_at(page, demo, piece, IN_GERMAN, axe=True)
        finally:
            client.patch("/api/painter", json={"language": "en"})


def test_the_picture_stays_in_view_on_a_phone_while_all_else_scrolls(page: Page, demo: Server) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[-1]["id"]
        worked_out(client, piece)
    page.set_viewport_size({"width": 390, "height": 844})
    page.goto(f"{demo.url}/pieces/{piece}/order")
    picture = page.get_by_role("img", name="The picture after pass").first
    picture.wait_for()
    page.evaluate("scrollTo(0, 600)")
    page.wait_for_function("scrollY > 300")
    box = picture.bounding_box()
    assert box is not None
    assert box["y"] >= 0
    assert box["y"] + box["height"] <= 844 / 2
    assert abs(box["width"] / box["height"] - 1.5) < 0.1


SMALL = """() => [...document.querySelectorAll(
  "a[href], button, select, textarea, summary, [role=tab], input"
)].filter((element) => {
  const inside = element.closest("p, svg, .unseen, [role=slider], [class*=_ridges_], [class*=_window_]");
  const apart = /_named_|_term_/.test(element.className) || /checkbox|radio|file/.test(element.type);
  const box = element.getBoundingClientRect();
  const shown = getComputedStyle(element).visibility === "visible" && box.width > 2 && box.height > 2;
  const narrow = box.width < 24 && !element.closest("td");
  return shown && !inside && !apart && !element.disabled && (box.height < 43.5 || narrow);
}).map((element) => element.getAttribute("aria-label") || element.textContent.slice(0, 30))"""
"""What is touched and smaller than a fingertip. What stands in a sentence, handles in a picture and boxes
whose label is touched are apart; a cell is as wide as its column."""


HELD = """() => [...document.querySelectorAll("[role=slider]:not(input)")].map((element) => {
  element.scrollIntoView({ block: "center" });
  const box = element.getBoundingClientRect(), there = [];
  for (let x = box.left - 24; x < box.right + 24; x += 2)
    for (let y = box.top - 24; y < box.bottom + 24; y += 2)
      if (document.elementFromPoint(x, y)?.closest("[role=slider]")) there.push([x, y]);
  const wide = (k) => Math.max(...there.map((at) => at[k])) - Math.min(...there.map((at) => at[k])) + 2;
  return [element.getAttribute("aria-label"), there.length ? Math.min(wide(0), wide(1)) : null];
}).filter(([, reach]) => reach !== null && reach < 43)"""
"""Handles in a picture that leave a finger less than a fingertip, with those beside them."""


def test_what_is_touched_on_a_phone_is_as_large_as_a_fingertip(browser: Browser, demo: Server) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[-1]["id"]
        worked_out(client, piece)
    size: ViewportSize = {"width": 390, "height": 844}
    phone = browser.new_context(viewport=size, has_touch=True, is_mobile=True, service_workers="block")
    page = phone.new_page()
    page.set_default_timeout(150_000)
    for view in (*VIEWS, "pieces/PIECE/see?look=windows", "pieces/PIECE/prepare?part=composition"):
        page.goto(f"{demo.url}/{view.replace('PIECE', piece)}")
        page.get_by_role("main").and_(page.locator(":not([aria-busy=true])")).wait_for()
        page.wait_for_load_state("networkidle")
        assert page.evaluate(SMALL) == [], view
        assert page.evaluate(HELD) == [], view
    page.get_by_role("button", name="crop", exact=True).click()
    page.get_by_role("slider", name="left side of the frame").wait_for()
    assert page.evaluate(HELD) == []
    phone.close()
