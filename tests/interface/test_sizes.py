"""From a phone to a desk: everything in view, nothing cut at the sides, the picture always there."""

from __future__ import annotations

import pytest
from playwright.sync_api import Page

from tests.conftest import Server, worked_out

SIZES = ((390, 844), (360, 740), (820, 1180), (1180, 820))
VIEWS = (
    "",
    "shelf",
    "drills",
    "devices",
    *(f"pieces/PIECE/{stage}" for stage in ("see", "prepare", "order", "mix", "paint", "review")),
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


@pytest.mark.parametrize("size", SIZES)
def test_nothing_is_cut_at_the_sides_at_any_size(page: Page, demo: Server, size: tuple[int, int]) -> None:
    with demo.client() as client:
        piece = client.get("/api/pieces").json()[-1]["id"]
        worked_out(client, piece)
    page.set_viewport_size({"width": size[0], "height": size[1]})
    for view in VIEWS:
        page.goto(f"{demo.url}/{view.replace('PIECE', piece)}")
        page.get_by_role("main").and_(page.locator(":not([aria-busy=true])")).wait_for()
        page.wait_for_load_state("networkidle")
        wide = page.evaluate("document.documentElement.scrollWidth")
        assert wide <= size[0], (view, wide)
        assert page.evaluate(BESIDE) == [], view


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


def test_what_is_touched_on_a_phone_is_as_large_as_a_fingertip(page: Page, demo: Server) -> None:
    page.set_viewport_size({"width": 390, "height": 844})
    page.goto(demo.url)
    page.get_by_role("link", name="Drills").wait_for()
    for link in page.get_by_role("navigation").get_by_role("link").all():
        box = link.bounding_box()
        assert box is not None
        assert box["height"] >= 44
        assert box["width"] >= 44
