"""A pass of one's own on a place that is drawn: every act of every medium changes the picture, or says why it
does not."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, edited, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import opened, quiet, settings
from tests.long import SOAK, tried
from washboard.core.materials.media import MEDIA

PLACES = ("Draw a stroke", "Draw an outline")


def drawn(page: Page, place: str) -> None:
    """A place drawn on the picture."""
    page.get_by_role("button", name=place).click()
    box = page.get_by_role("img", name=re.compile("^The picture after")).bounding_box()
    assert box
    x, y = box["x"] + box["width"] * 0.3, box["y"] + box["height"] * 0.3
    page.mouse.move(x, y)
    page.mouse.down()
    for dx, dy in ((80, 0), (80, 60), (0, 60)):
        page.mouse.move(x + dx, y + dy, steps=4)
    page.mouse.up()
    expect(page.get_by_text("the outline" if "outline" in place else "the stroke")).to_be_visible()


def pictured(page: Page) -> bytes:
    """What the picture shows."""
    return page.get_by_role("img", name=re.compile("^The picture after")).screenshot()


def differs(page: Page, before: bytes) -> bool:
    """Whether the picture comes to show something else than before, within some seconds."""
    for _ in range(12):
        if pictured(page) != before:
            return True
        page.wait_for_timeout(250)
    return False


@pytest.mark.soak
@pytest.mark.parametrize("medium", tried([*MEDIA], 2))
def test_every_act_on_a_place_that_is_drawn_changes_the_picture_or_says_why_not(
    page: Page, demo: Server, cup: bytes, medium: str
) -> None:
    with demo.client() as client:
        made = new_piece(client, cup, medium=medium)["id"]
        edited(client, made, marks=0)
        worked_out(client, made)
        last = len(client.get(f"/api/pieces/{made}/plan").json()["document"]["passes"])
    opened(page, (demo, made), f"order?below=passes&pass={last}&look=plain")
    kinds = (
        page.get_by_label("Add a pass after")
        .locator("option")
        .evaluate_all("options => options.map((option) => option.value)")
    )
    assert len(kinds) >= 6
    all_of_them = [(kind, place) for place in PLACES for kind in kinds]
    # In the suite each medium tries one act each way, another in each medium.
    start = [*MEDIA].index(medium)
    for kind, place in all_of_them if SOAK else all_of_them[start :: len(kinds)]:
        before = pictured(page)
        page.get_by_label("Add a pass after").select_option(kind)
        drawn(page, place)
        page.get_by_role("button", name="Try it").click()
        answer = page.get_by_role("status")
        expect(answer).to_contain_text(re.compile(r"\w+\."))
        if "fine." not in answer.inner_text():
            assert len(answer.inner_text().split()) >= 6, (kind, place, answer.inner_text())
            answer.get_by_role("button", name="Put it back").click()
            continue
        answer.get_by_role("button", name="Keep this order").click()
        quiet(page)
        assert settings(demo, made)["ownPasses"][-1]["kind"] == kind
        with demo.client() as client:
            passes = worked_out(client, made)["document"]["passes"]
        opened(page, (demo, made), f"order?below=passes&pass={last + 1}&look=plain")
        expect(page.get_by_text(f"Pass {last + 1} of {last + 1}")).to_be_visible()
        changed = differs(page, before)
        told = " ".join(one["what"] for one in passes if one["id"].startswith("own"))
        assert changed or "picture stays" in told or "stays as it is" in told, (kind, place, told)
        with demo.client() as client:
            edited(client, made, ownPasses=[], order=None)
            worked_out(client, made)
        opened(page, (demo, made), f"order?below=passes&pass={last}&look=plain")
        expect(page.get_by_text(f"Pass {last} of {last}")).to_be_visible()
