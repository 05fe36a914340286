"""Effects in the room Order: left out, brought back, and asked where the picture does not tell surely."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Page, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_flow import serious
from washboard.demo.pieces import DEMO, reference_bytes


def piece_of(demo: Server, name: str) -> tuple[str, dict]:
    """A piece of one's own of a demo photo, worked out, with its plan."""
    one = next(own for own in DEMO if own.name.startswith(name))
    size = {"widthCm": one.settings.width_cm, "heightCm": one.settings.height_cm}
    with demo.client() as client:
        given = {"medium": one.settings.medium, "surface": one.settings.surface, "name": name} | size
        made = str(new_piece(client, reference_bytes(one), **given)["id"])
        return made, worked_out(client, made)["document"]


def effects(demo: Server, made: str) -> dict[str, dict]:
    with demo.client() as client:
        worked_out(client, made)
        document = client.get(f"/api/pieces/{made}/plan").json()["document"]
    return {effect["id"]: effect for effect in document["effects"]}


def test_an_effect_is_left_out_of_its_pass_and_brought_back(page: Page, demo: Server) -> None:
    made, plan = piece_of(demo, "Dry flats")
    smooth = next(effect for effect in plan["effects"] if effect["key"] == "smooth")
    number = [done["id"] for done in plan["passes"]].index(smooth["pass"]) + 1
    done = plan["passes"][number - 1]
    assert {"wet", "drop-in"} <= {operation["kind"] for operation in done["operations"]}
    page.goto(f"{demo.url}/pieces/{made}/order?pass={number}")
    listed = page.get_by_role("list", name="How this is made")
    expect(listed).to_contain_text("Smooth light")
    expect(page.get_by_text("wet it with clear water first")).to_be_visible()
    assert serious(page) == []
    listed.get_by_role("button", name="Leave it out").first.click()
    expect(page.get_by_text("wet it with clear water first")).to_have_count(0)
    assert effects(demo, made)[smooth["id"]]["rests"] == "You left it out."
    page.goto(f"{demo.url}/pieces/{made}/order?pass=1")
    page.get_by_role("button", name="Bring it back").click()
    page.goto(f"{demo.url}/pieces/{made}/order?pass={number}")
    expect(listed).to_contain_text("Smooth light")
    assert effects(demo, made)[smooth["id"]]["rests"] is None


@pytest.mark.parametrize("answer", ["Yes, a ", "No, "])
def test_what_may_be_a_lamp_is_asked_once_and_the_plan_follows(page: Page, demo: Server, answer: str) -> None:
    made, plan = piece_of(demo, "Foundry")
    asked = [effect for effect in plan["effects"] if effect["asks"]]
    assert asked
    assert all(effect["rests"] and not effect["pass"] for effect in asked)
    page.goto(f"{demo.url}/pieces/{made}/order")
    question = page.get_by_role("region", name="A question about the picture")
    expect(question.get_by_role("heading")).to_have_text(re.compile("^Is the .* a .*\\?$"))
    expect(question).to_contain_text(f"question 1 of {len(asked)}")
    question.get_by_role("button", name=re.compile(answer)).click()
    if len(asked) == 1:
        expect(question).to_have_count(0)
    else:
        expect(question).to_contain_text(f"question 2 of {len(asked)}")
    now = effects(demo, made)[asked[0]["id"]]
    if answer.startswith("Yes"):
        assert now["pass"]
    else:
        assert now["rests"] == "You left it out."
