"""Several references in the real browser: cut out, placed, opened, swapped, drawn; surfaces read."""

from __future__ import annotations

import re
from pathlib import Path

import numpy as np
import pytest
from playwright.sync_api import Locator, Page, Route, expect

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import opened, quiet, settings
from tests.pieces import photographs

Room = tuple[Server, str]


@pytest.fixture
def piece(demo: Server) -> Room:
    with demo.client() as client:
        made = new_piece(client, encoded(photographs()["landscape"]), medium="acrylic")["id"]
        worked_out(client, made)
    return demo, made


@pytest.fixture
def cat(tmp_path: Path) -> Path:
    path = tmp_path / "cat.jpg"
    path.write_bytes(encoded(photographs()["cat"]))
    return path


def drag(page: Page, over: Locator, places: list[tuple[float, float]]) -> None:
    """A line along places, shares of what it is drawn over."""
    box = over.bounding_box()
    assert box is not None
    for k, (x, y) in enumerate(places):
        page.mouse.move(box["x"] + x * box["width"], box["y"] + y * box["height"], steps=3)
        if k == 0:
            page.mouse.down()
    page.mouse.up()


def ring(x: float, y: float, r: float) -> list[tuple[float, float]]:
    return [(x + r * np.cos(a), y + 1.3 * r * np.sin(a)) for a in np.linspace(0, 6.2, 14).tolist()]


def test_a_thing_is_cut_from_another_photo_placed_made_larger_and_left_out(
    page: Page, piece: Room, cat: Path
) -> None:
    opened(page, piece, "see?look=reference")
    page.get_by_label("cut a thing from another photo").set_input_files(cat)
    other = page.get_by_role("img", name="What a thing is cut from")
    expect(other).to_be_visible()
    drag(page, other, ring(0.5, 0.5, 0.22))
    expect(page.get_by_text("Drag it to its place")).to_be_visible()
    quiet(page)
    (thing,) = settings(*piece)["borrowed"]
    assert (thing["x"], thing["y"]) == (0.5, 0.5)
    drag(page, page.get_by_role("img", name="The photo"), [(0.5, 0.5), (0.3, 0.7)])
    expect(page.get_by_text("comes from another photo")).to_be_visible()
    quiet(page)
    (moved,) = settings(*piece)["borrowed"]
    assert moved["x"] == pytest.approx(0.3, abs=0.01)
    assert moved["y"] == pytest.approx(0.7, abs=0.01)
    page.get_by_role("button", name="larger").click()
    quiet(page)
    assert settings(*piece)["borrowed"][0]["width"] == pytest.approx(1.15 * moved["width"], rel=0.01)
    page.get_by_role("button", name="leave it out").click()
    expect(page.get_by_role("button", name="borrowed thing 1")).to_have_count(0)
    quiet(page)
    assert settings(*piece)["borrowed"] == []
    page.keyboard.press("Control+z")
    expect(page.get_by_role("button", name="borrowed thing 1")).to_be_visible()


def test_lost_ends_are_shown_and_opened_and_the_photo_is_swapped(page: Page, piece: Room, cat: Path) -> None:
    opened(page, piece, "see?look=reference")
    page.get_by_role("button", name="show where").click()
    expect(page.get_by_role("img", name="Lost detail")).to_be_visible()
    page.get_by_role("radio", name="Open the darks 0.5").click()
    expect(page.get_by_text("are the camera's, not the scene's")).to_be_visible()
    quiet(page)
    assert settings(*piece)["opening"] == {"darks": 0.5, "lights": 0.0}
    before = page.get_by_role("img", name="The photo").get_attribute("src")
    page.get_by_label("put another photo in its place").set_input_files(cat)
    expect(page.get_by_role("img", name="The photo")).not_to_have_attribute("src", before or "")
    quiet(page)
    page.keyboard.press("Control+z")
    expect(page.get_by_role("img", name="The photo")).to_have_attribute("src", before or "")


def test_a_scene_is_drawn_changed_and_planned_without_a_photo(page: Page, piece: Room) -> None:
    server, _ = piece
    page.goto(server.url)
    page.get_by_role("link", name="Draw a scene that you have in mind").click()
    expect(page.get_by_role("button", name="See the order")).to_be_disabled()
    scene = page.get_by_role("img", name=re.compile("The scene"))
    for value, corners in (
        ("Value 8.5", [(0.0, 0.0), (0.99, 0.0), (0.99, 0.5), (0.0, 0.5)]),
        ("Value 4.5", [(0.0, 0.5), (0.99, 0.5), (0.99, 0.99), (0.0, 0.99)]),
        ("Value 1.5", [(0.3, 0.3), (0.5, 0.3), (0.5, 0.7), (0.3, 0.7)]),
    ):
        page.get_by_role("button", name=value).click()
        drag(page, scene, corners)
    expect(page.get_by_role("img", name="The scene: 3 masses")).to_be_visible()
    box = scene.bounding_box()
    assert box is not None
    page.mouse.click(box["x"] + 0.4 * box["width"], box["y"] + 0.5 * box["height"])
    page.get_by_role("button", name="red").click()
    page.get_by_role("button", name="See the order").click()
    page.wait_for_url("**/order*")
    expect(page.get_by_role("img", name=re.compile("The picture"))).to_be_visible()
    made = page.url.split("/pieces/")[1].split("/")[0]
    with server.client() as client:
        document = worked_out(client, made)["document"]
    assert sorted(round(m["value"], 1) for m in document["masses"]) == [1.5, 4.5, 8.5]
    page.goto(f"{server.url}/pieces/{made}/see?look=reference")
    drag(page, page.get_by_role("img", name="The scene: 3 masses"), ring(0.75, 0.3, 0.08))
    expect(page.get_by_role("img", name="The scene: 4 masses")).to_be_visible()


def test_areas_are_dragged_in_the_list_divided_by_light_and_joined(page: Page, piece: Room) -> None:
    opened(page, piece, "see?look=areas")
    rows = page.get_by_role("listitem")
    first = rows.nth(0).get_by_role("button").locator("span").nth(1).inner_text()
    count = rows.count()
    rows.nth(0).drag_to(rows.nth(count - 1))
    expect(rows.nth(count - 1)).to_contain_text(first)
    quiet(page)
    assert len(settings(*piece)["areas"]["depths"]) == count
    rows.nth(count - 1).get_by_role("button").click()
    page.get_by_role("button", name="Split into light and shadow").click()
    quiet(page)
    assert settings(*piece)["areas"]["strokes"][-1]["byLight"]
    page.get_by_label("join with").select_option(index=1)
    quiet(page)
    assert settings(*piece)["areas"]["strokes"][-1]["joins"]


def test_a_touch_before_the_map_of_areas_has_come_is_kept(page: Page, piece: Room) -> None:
    waiting: list[Route] = []
    page.route("**/maps/areas*", lambda route: waiting.append(route))
    server, made = piece
    page.goto(f"{server.url}/pieces/{made}/see?look=areas")
    picture = page.get_by_role("img", name="Outlines of the areas")
    picture.click(position={"x": 250, "y": 140})
    page.wait_for_timeout(300)
    pressed = page.get_by_role("button", pressed=True).filter(has_text="%")
    expect(pressed).to_have_count(0)
    for route in waiting:
        route.continue_()
    expect(pressed).to_have_count(1)


def test_the_kind_of_surface_is_chosen_and_its_tone_read_off_a_photo(
    page: Page, piece: Room, tmp_path: Path
) -> None:
    sheet = np.full((200, 300, 3), 235, np.uint8)
    sheet[:, 150:] = (150, 130, 100)
    path = tmp_path / "surface.png"
    path.write_bytes(encoded(sheet, "PNG"))
    opened_prepare(page, piece, "ground")
    page.get_by_label("Kind of surface").select_option("panel")
    expect(page.get_by_text("prime both sides, or it warps")).to_be_visible()
    quiet(page)
    page.get_by_label("Side", exact=True).select_option("back")
    page.get_by_label("read it off a photo").set_input_files(path)
    photo = page.get_by_role("img", name="The surface beside white")
    photo.click(position={"x": 250, "y": 100})
    expect(page.get_by_text("Now the white beside it.")).to_be_visible()
    photo.click(position={"x": 60, "y": 100})
    expect(photo).to_have_count(0)
    quiet(page)
    kept = settings(*piece)
    assert (kept["stock"], kept["side"]) == ("panel", "back")
    assert kept["surface"].startswith("#")


def test_an_accent_is_put_and_a_thing_is_scaled(page: Page, piece: Room) -> None:
    opened_prepare(page, piece, "composition")
    picture = page.get_by_role("img", name="The piece as arranged")
    page.get_by_role("button", name="a dark accent").click()
    picture.click(position={"x": 420, "y": 120})
    quiet(page)
    (accent,) = settings(*piece)["arrangement"]["accents"]
    assert accent["value"] == 1.5
    page.get_by_role("button", name="move a thing").click()
    picture.click(position={"x": 300, "y": 300})
    page.get_by_role("button", name="larger").click()
    quiet(page)
    (move,) = settings(*piece)["arrangement"]["moves"]
    assert move["scale"] == 1.15


def opened_prepare(page: Page, piece: Room, part: str) -> None:
    server, made = piece
    page.goto(f"{server.url}/pieces/{made}/prepare?part={part}")
    page.get_by_role("img", name="The piece as arranged").wait_for()
    quiet(page)
