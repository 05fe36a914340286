"""What the painter wants of masses, silhouettes, things and light, each set and taken back in the browser."""

from __future__ import annotations

import re

import httpx
import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_flow import serious
from tests.interface.test_rooms_of_a_piece import opened, quiet, settings

Room = tuple[Server, str]


@pytest.fixture
def piece(demo: Server, cup: bytes) -> Room:
    with demo.client() as client:
        made = new_piece(client, cup, medium="oil")["id"]
        worked_out(client, made)
    return demo, made


def read(piece: Room) -> httpx.Response:
    with piece[0].client() as client:
        return client.get(f"/api/pieces/{piece[1]}/plan")


def test_a_chosen_mass_is_made_darker_and_quieter_by_key_and_then_as_planned_again(
    page: Page, piece: Room
) -> None:
    opened(page, piece, "order?below=masses&pass=1")
    panel = page.get_by_role("region", name="Value and colour of a mass")
    expect(panel).to_contain_text("Touch a mass")
    page.get_by_role("rowheader").nth(1).click()
    for label in ("lighter or darker", "more or less colour"):
        panel.get_by_role("slider", name=re.compile(label)).focus()
        for _ in range(3):
            page.keyboard.press("ArrowLeft")
        quiet(page)
    expect(panel).to_contain_text("0.3 darker")
    (tone,) = settings(*piece)["tones"]
    assert tone["lighter"] == pytest.approx(-0.3)
    assert tone["colour"] == pytest.approx(0.85)
    assert re.search(r"pass=1\b", page.url), "the arrows move the slider, not the pass"
    assert serious(page) == []
    panel.get_by_role("button", name="as planned").click()
    quiet(page)
    assert settings(*piece)["tones"] == []


@pytest.mark.parametrize("behind", ["darker", "lighter"])
def test_what_lies_behind_a_silhouette_is_wanted_otherwise_and_as_it_is_seen_again(
    page: Page, piece: Room, behind: str
) -> None:
    plan = read(piece).json()["document"]
    ids = [done["id"] for done in plan["passes"]]
    long = max((edge for edge in plan["edges"] if edge["pass"]), key=lambda edge: edge["lengthCm"])
    opened(page, piece, f"order?pass={ids.index(long['pass']) + 1}")
    edges = page.get_by_role("region", name="Edges of this pass")
    edges.get_by_role("combobox").select_option(index=1)
    lever = edges.get_by_role("button", name=behind, exact=True)
    lever.click()
    expect(lever).to_have_attribute("aria-pressed", "true")
    quiet(page)
    assert [wish["beyond"] for wish in settings(*piece)["edges"]] == [behind]
    edges.get_by_role("button", name="as it is seen").click()
    quiet(page)
    assert settings(*piece)["edges"] == []


def test_a_lamp_is_tried_in_the_picture_then_taken_and_taken_out(page: Page, piece: Room) -> None:
    opened(page, piece, "prepare?part=composition")
    page.get_by_role("button", name="put in a light").click()
    box = page.get_by_role("img", name="The piece as arranged").bounding_box()
    assert box
    page.mouse.click(box["x"] + 0.7 * box["width"], box["y"] + 0.2 * box["height"])
    expect(page.get_by_role("img", name="The picture in the light that is tried")).to_be_visible()
    assert settings(*piece)["relight"] is None, "only looked at"
    page.get_by_role("button", name="lamp", exact=True).click()
    page.get_by_role("button", name="Light it so").click()
    quiet(page)
    light = settings(*piece)["relight"]
    assert light["by"] == "lamp"
    assert (light["x"], light["y"]) == (pytest.approx(0.7, abs=0.01), pytest.approx(0.2, abs=0.01))
    expect(page.get_by_text("A new lamp lights the picture.")).to_be_visible()
    assert any("light is put in" in note for note in read(piece).json()["document"]["notes"])
    page.get_by_role("button", name="Take it out").click()
    quiet(page)
    assert settings(*piece)["relight"] is None


def test_stages_background_and_what_nothing_runs_under_are_set_and_taken_back(
    page: Page, piece: Room
) -> None:
    opened(page, piece, "order?below=schools")
    stages = page.get_by_label("Stages of a thing")
    stages.fill("5")
    stages.press("Enter")
    quiet(page)
    around = page.get_by_label("Background round it, cm")
    around.fill("2.5")
    around.press("Enter")
    quiet(page)
    page.get_by_label("Never paint across").select_option("cool")
    page.get_by_role("button", name="Forbid").click()
    quiet(page)
    own = settings(*piece)
    assert (own["stages"], own["aroundCm"], [one["what"] for one in own["unders"]]) == (5, 2.5, ["cool"])
    page.get_by_role("button", name="allow again").click()
    quiet(page)
    assert settings(*piece)["unders"] == []
    stages.fill("2")
    stages.press("Enter")
    quiet(page)
    assert settings(*piece)["stages"] in (3, 5), "two stages are not taken"
