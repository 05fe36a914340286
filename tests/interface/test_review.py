"""Review used by hand: a photo, the plan held over it, corrections tried, corners dragged, the look back."""

from __future__ import annotations

import re
from pathlib import Path

import numpy as np
import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, edited, encoded, new_piece, worked_out
from tests.interface.test_flow import serious
from tests.pieces import photographs

Room = tuple[Server, str]


@pytest.fixture(scope="module")
def piece(demo: Server) -> Room:
    with demo.client() as client:
        made = new_piece(client, encoded(photographs()["cup"], quality=92))["id"]
        edited(client, made, marginCm=2)
        worked_out(client, made)
    return demo, made


@pytest.fixture(scope="module")
def photo(piece: Room, tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A photo of the finished painting, and the same kept by the program."""
    server, made = piece
    path = tmp_path_factory.mktemp("photo") / "painting.png"
    with server.client() as client:
        seen = client.post(f"/api/pieces/{made}/observations/camera", json={}).json()
        path.write_bytes(client.get(f"/api/pieces/{made}/observations/{seen['id']}/photo").content)
    return path


def opened(page: Page, room: Room, part: str = "corrections") -> None:
    server, made = room
    page.goto(f"{server.url}/pieces/{made}/review?part={part}")
    expect(page.get_by_role("tab", name="Corrections")).to_be_visible()


def test_a_photo_becomes_corrections_in_one_touch(page: Page, piece: Room, photo: Path) -> None:
    opened(page, piece)
    with page.expect_file_chooser() as chooser:
        page.get_by_role("button", name="Photograph it").click()
    chooser.value.set_files(photo)
    expect(page.get_by_text(re.compile(r"\d+ of \d+ masses judged"))).to_be_visible()
    expect(page.get_by_role("img", name="The painting, straightened")).to_be_visible()
    expect(page.get_by_text("bare margin")).to_be_visible()
    assert not serious(page)


@pytest.mark.usefixtures("photo")
def test_the_plan_stands_in_place_of_the_painting_while_its_key_is_held(page: Page, piece: Room) -> None:
    opened(page, piece)
    painting = page.get_by_role("img", name="The painting, straightened")
    painting.wait_for()
    before = painting.bounding_box()
    page.keyboard.down("c")
    expect(page.get_by_text("The plan at the same place")).to_be_visible()
    plan = page.locator("[data-plan=true] img").nth(1)
    expect(plan).to_be_visible()
    assert plan.bounding_box() == before
    page.keyboard.up("c")
    expect(page.get_by_text("The plan at the same place")).to_have_count(0)


@pytest.mark.usefixtures("photo")
def test_comparing_takes_no_longer_than_a_frame(page: Page, piece: Room) -> None:
    opened(page, piece)
    page.get_by_role("img", name="The painting, straightened").wait_for()
    took = page.evaluate(
        """async () => {
          const picture = document.querySelector("[data-plan]");
          const one = (type) => new Promise((done) => {
            const start = performance.now();
            const seen = new MutationObserver(() => { seen.disconnect(); done(performance.now() - start); });
            seen.observe(picture, { attributes: true });
            document.body.dispatchEvent(new KeyboardEvent(type, { key: "c", bubbles: true }));
          });
          const found = [];
          for (let k = 0; k < 11; k++) found.push(await one("keydown"), await one("keyup"));
          return found.sort((a, b) => a - b)[11];
        }"""
    )
    # A frame is 16 ms; a busy machine is allowed several.
    assert took < 64


@pytest.mark.usefixtures("photo")
def test_a_correction_that_is_tried_is_the_next_pass(page: Page, piece: Room) -> None:
    opened(page, piece)
    page.get_by_role("button", name=re.compile(r"^Log (this|these)")).click()
    expect(page.get_by_text("Logged: the plan goes on from here.")).to_be_visible()
    first = page.get_by_role("listitem").first
    first.get_by_role("button", name="Try it").click()
    first.get_by_role("link", name="It is the next pass: to the easel").click()
    expect(page.get_by_role("link", name="Take it to the easel")).to_be_visible()


@pytest.mark.usefixtures("photo")
def test_corners_are_moved_by_keys_and_taken(page: Page, piece: Room) -> None:
    opened(page, piece)
    page.get_by_role("button", name="Move the corners").click()
    corner = page.get_by_role("button", name="Upper left corner")
    before = corner.bounding_box()
    corner.focus()
    for _ in range(3):
        page.keyboard.press("ArrowRight")
    after = corner.bounding_box()
    assert before is not None
    assert after is not None
    assert after["x"] > before["x"]
    page.get_by_role("button", name="Take these corners").click()
    expect(page.get_by_role("img", name="The painting, straightened")).to_be_visible()


def test_a_photo_of_something_else_is_told_and_leaves_what_was_there(
    page: Page, piece: Room, photo: Path, tmp_path: Path
) -> None:
    opened(page, piece)
    judged = page.get_by_text(re.compile(r"\d+ of \d+ masses judged"))
    told = judged.text_content()
    other = tmp_path / "other.png"
    noise = np.random.default_rng(1).integers(60, 200, (300, 400, 3)).astype(np.uint8)
    other.write_bytes(encoded(noise, "PNG"))
    with page.expect_file_chooser() as chooser:
        page.get_by_role("button", name="Photograph it").click()
    chooser.value.set_files(other)
    expect(page.get_by_role("alert")).to_be_visible()
    assert photo.exists()
    expect(judged).to_have_text(told or "")


@pytest.mark.usefixtures("photo")
def test_the_look_back_shows_photos_and_minutes_and_what_is_learnt(page: Page, piece: Room) -> None:
    opened(page, piece, "back")
    expect(page.get_by_text("off in the mean").first).to_be_visible()
    expect(page.get_by_role("link", name="On one page, to print")).to_be_visible()
    page.get_by_role("tab", name="Your hand").click()
    expect(page.get_by_role("heading", name="What is learnt of your hand")).to_be_visible()
    assert not serious(page)
    page.get_by_role("tab", name="Look back").click()
    page.get_by_role("button", name="Start another try").click()
    expect(page.get_by_role("link", name="Cup, again")).to_be_visible()
