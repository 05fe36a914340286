"""Order used by hand: schools, repairs, findings, lights, pins, cards."""

from __future__ import annotations

import io
import re
from collections.abc import Callable
from pathlib import Path

import pytest
from pdfminer.high_level import extract_pages
from playwright.sync_api import Page, expect

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import becomes, opened, quiet, settings
from tests.pieces import photographs

Room = tuple[Server, str]


@pytest.fixture
def piece(demo: Server, cup: bytes) -> Room:
    with demo.client() as client:
        made = new_piece(client, cup)["id"]
        worked_out(client, made)
    return demo, made


def part(page: Page, name: str) -> None:
    page.get_by_role("tab", name=re.compile(name)).click()


def test_schools_are_looked_at_side_by_side_and_one_is_taken_and_undone(page: Page, piece: Room) -> None:
    opened(page, piece, "order")
    part(page, "^approaches$")
    negatives = page.get_by_role("region", name="Layered negatives", exact=True)
    expect(negatives.get_by_role("img")).to_have_count(3)
    negatives.get_by_text("more").click()
    expect(negatives).to_contain_text("stand from pass")
    expect(page.get_by_role("region", name="Dark to light")).to_contain_text("only darkens")
    negatives.get_by_role("button", name="Use").click()
    expect(negatives).to_contain_text("in use")
    quiet(page)
    assert settings(*piece)["school"] == "layered-negative"
    page.keyboard.press("Control+z")
    first = page.get_by_role("region", name="Light to dark, whites kept", exact=True)
    expect(first).to_contain_text("in use")


def test_an_order_is_kept_under_a_name_and_switched_to_from_another(page: Page, piece: Room) -> None:
    opened(page, piece, "order")
    part(page, "^approaches$")
    page.get_by_label("Save this order as").fill("As it came")
    page.get_by_role("button", name="Save", exact=True).click()
    kept = page.get_by_role("region", name="As it came")
    expect(kept.get_by_role("img")).to_have_count(3)
    expect(kept).to_contain_text("in use")
    before = [b.inner_text() for b in page.get_by_role("button", name=re.compile("^Pass ")).all()]
    page.get_by_role("region", name="Layered negatives", exact=True).get_by_role("button", name="Use").click()
    expect(kept.get_by_role("button", name="Use")).to_be_visible()
    quiet(page)
    assert settings(*piece)["school"] == "layered-negative"
    kept.get_by_role("button", name="Use").click()
    expect(kept).to_contain_text("in use")
    quiet(page)
    assert settings(*piece)["school"] is None
    assert [b.inner_text() for b in page.get_by_role("button", name=re.compile("^Pass ")).all()] == before
    kept.get_by_role("button", name="Delete").click()
    expect(kept).to_have_count(0)
    page.keyboard.press("Control+z")
    expect(kept).to_have_count(1)


def test_a_pass_dragged_where_it_breaks_is_repaired_by_the_fewest_moves(page: Page, piece: Room) -> None:
    server, name = piece
    with server.client() as client:
        passes = client.get(f"/api/pieces/{name}/plan").json()["document"]["passes"]
        k, to, verdict = next(
            (k, to, verdict)
            for k, done in enumerate(passes)
            for to in range(len(passes))
            if (
                verdict := client.post(
                    f"/api/pieces/{name}/moves", json={"passId": done["id"], "to": to, "repair": True}
                ).json()
            )["repair"]
        )
    opened(page, piece, "order")
    boxes = [page.get_by_role("button", name=re.compile(f"^Pass {n + 1},")).bounding_box() for n in (k, to)]
    assert boxes[0] is not None
    assert boxes[1] is not None
    page.mouse.move(boxes[0]["x"] + boxes[0]["width"] / 2, boxes[0]["y"] + 10)
    page.mouse.down()
    page.mouse.move(boxes[1]["x"] + boxes[1]["width"] / 2, boxes[1]["y"] + 10, steps=10)
    expect(page.get_by_role("status")).to_contain_text("cannot be")
    page.mouse.up()
    expect(page.get_by_role("status")).to_contain_text("Fix: pass")
    page.get_by_role("button", name="Use the fix").click()
    quiet(page)
    expect(page.get_by_role("status")).to_have_count(0)
    assert settings(*piece)["order"] == verdict["repair"]["order"]
    page.keyboard.press("Control+z")
    quiet(page)
    assert settings(*piece)["order"] is None


def test_a_pinned_pass_says_so_and_stays(page: Page, piece: Room) -> None:
    opened(page, piece, "order?below=passes")
    page.get_by_role("button", name="Pin pass 2").click()
    expect(page.get_by_role("button", name="Pin pass 2")).to_have_attribute("aria-pressed", "true")
    page.get_by_role("button", name=re.compile("^Pass 2,")).focus()
    page.keyboard.press("Alt+ArrowLeft")
    expect(page.get_by_text("Pass 2 is pinned")).to_be_visible()


def test_a_finding_is_tried_seen_beside_what_was_before_and_taken_back(page: Page, piece: Room) -> None:
    opened(page, piece, "order")
    page.keyboard.press("f")
    expect(page).to_have_url(re.compile("below=findings"))
    before = settings(*piece)
    page.get_by_role("button", name=re.compile("^Try: ")).first.click()
    expect(page.get_by_role("status")).to_contain_text("Tried:")
    expect(page.get_by_role("img", name="Before")).to_be_visible()
    quiet(page)
    assert settings(*piece) != before
    page.get_by_role("button", name="Undo", exact=True).click()
    quiet(page)
    expect(page.get_by_role("status")).to_have_count(0)
    assert settings(*piece) == before


def test_a_light_is_kept_another_way_and_as_it_was_found_again(page: Page, piece: Room) -> None:
    opened(page, piece, "order?below=lights")
    choice = page.get_by_role("combobox", name=re.compile("^How .* is kept")).first
    was = choice.input_value()
    other = "mask" if was != "mask" else "reserve"
    choice.select_option(other)
    quiet(page)
    expect(page.get_by_text("as you asked").first).to_be_visible()
    assert settings(*piece)["ways"][0]["way"] == other
    page.get_by_role("button", name="Reset").first.click()
    quiet(page)
    assert settings(*piece)["ways"] == []


def test_wiping_out_marks_its_steps_without_return_by_a_shape(
    page: Page, start: Callable[..., Server]
) -> None:
    server = start()
    with server.client() as client:
        made = new_piece(client, encoded(photographs()["cup"]), medium="oil")["id"]
        client.patch(f"/api/pieces/{made}", json={"revision": 0, "school": "wipe-out"})
        worked_out(client, made)
    opened(page, (server, made), "order")
    wiping = page.get_by_role("button", name=re.compile("^Pass 2, Wipe out the lights"))
    expect(wiping.get_by_role("img", name="A step without return")).to_be_visible()
    expect(page.get_by_role("button", name=re.compile("^Pass 1,")).get_by_role("img")).to_have_count(0)


def test_cards_are_printed_one_a_pass(page: Page, piece: Room, tmp_path: Path) -> None:
    opened(page, piece, "order")
    count = page.get_by_role("button", name=re.compile("^Pass ")).count()
    with page.expect_download() as download:
        page.get_by_role("link", name="pass cards").click()
    path = tmp_path / "cards.pdf"
    download.value.save_as(path)
    assert download.value.suggested_filename == "Cup cards.pdf"
    assert len(list(extract_pages(io.BytesIO(path.read_bytes())))) == count


def test_passes_are_joined_and_split_and_shared_out_as_planned_again(page: Page, piece: Room) -> None:
    opened(page, piece, "order")
    part(page, r"^\d+ passes$")
    passes = page.get_by_role("button", name=re.compile("^Pass "))
    before = passes.count()
    page.get_by_role("button", name=re.compile("^Join pass")).first.click()
    expect(passes).to_have_count(before - 1)
    quiet(page)
    assert settings(*piece)["groups"]
    page.get_by_role("button", name=re.compile("^Split pass")).first.click()
    expect(passes).to_have_count(before)
    quiet(page)
    page.get_by_role("button", name="reset which masses go where").click()
    becomes(piece, lambda now: now["groups"] is None)
    quiet(page)
    expect(passes).to_have_count(before)


def test_a_pass_of_ones_own_is_set_in_with_its_price_and_left_out_again(page: Page, piece: Room) -> None:
    opened(page, piece, "order?pass=2&below=passes")
    page.get_by_label("Add a pass after").select_option("unify")
    page.get_by_role("button", name="Try it").click()
    answer = page.get_by_role("status")
    expect(answer).to_contain_text("after pass 2: fine.")
    expect(answer).to_contain_text("more work")
    answer.get_by_role("button", name="Keep this order").click()
    expect(page.get_by_role("button", name=re.compile("^3 ?Unify with a glaze"))).to_be_visible()
    quiet(page)
    assert settings(*piece)["ownPasses"][0]["kind"] == "unify"
    page.get_by_role("button", name=re.compile("^3 ?Unify with a glaze")).click()
    expect(page.get_by_text("You set it in here")).to_be_visible()
    page.get_by_role("button", name="Leave out pass 3").click()
    expect(answer).to_contain_text("The plan without pass 3: fine.")
    answer.get_by_role("button", name="Keep this order").click()
    expect(page.get_by_role("button", name=re.compile("^3 ?Unify"))).to_have_count(0)
    quiet(page)
    assert settings(*piece)["ownPasses"] == []


@pytest.mark.parametrize("place", ["Draw a stroke", "Draw an outline"])
def test_a_pass_of_ones_own_goes_on_a_place_that_is_drawn(page: Page, piece: Room, place: str) -> None:
    opened(page, piece, "order?below=passes")
    page.get_by_label("Add a pass after").select_option("glaze")
    page.get_by_role("button", name=place).click()
    told = "Draw round the place." if "outline" in place else "Draw a line where it belongs."
    picture = page.get_by_text(told)
    expect(picture).to_be_visible()
    box = page.get_by_role("img", name=re.compile("^The picture after")).bounding_box()
    assert box is not None
    x, y = box["x"] + box["width"] * 0.3, box["y"] + box["height"] * 0.3
    page.mouse.move(x, y)
    page.mouse.down()
    for dx, dy in ((60, 0), (60, 50), (0, 50)):
        page.mouse.move(x + dx, y + dy, steps=4)
    page.mouse.up()
    expect(page.get_by_text("the outline" if "outline" in place else "the stroke")).to_be_visible()
    page.get_by_role("button", name="Try it").click()
    answer = page.get_by_role("status")
    expect(answer).to_contain_text("fine.")
    answer.get_by_role("button", name="Keep this order").click()
    quiet(page)
    (own,) = settings(*piece)["ownPasses"]
    assert own["kind"] == "glaze"
    assert len(own["points"]) >= 3
    assert (own["widthMm"] > 0) == ("stroke" in place)
    assert not own["masses"]
    page.keyboard.press("ControlOrMeta+z")
    quiet(page)


def test_leaving_out_what_a_shape_needs_says_which_would_be_missing(page: Page, piece: Room) -> None:
    opened(page, piece, "order?pass=1&below=passes")
    page.get_by_role("button", name="Leave out pass 1").click()
    answer = page.get_by_role("status")
    expect(answer).to_contain_text("The plan without pass 1 cannot be")
    expect(answer.get_by_role("button", name="Keep this order")).to_have_count(0)
    answer.get_by_role("button", name="Put it back").click()
    expect(answer).to_have_count(0)


def test_a_pass_is_given_to_another_tool_and_its_minutes_follow(page: Page, piece: Room) -> None:
    opened(page, piece, "order?pass=2")
    tool = page.get_by_label("Tool of this pass")
    tool.select_option("wide-brush")
    expect(page.get_by_text("Take a wide soft brush.")).to_be_visible()
    quiet(page)
    assert settings(*piece)["tools"][0]["tool"] == "wide-brush"
    tool.select_option("")
    expect(page.get_by_text("Take a wide soft brush.")).to_have_count(0)


def test_an_order_is_saved_as_a_school_of_ones_own_and_forgotten(page: Page, piece: Room) -> None:
    opened(page, piece, "order?below=schools")
    name = page.get_by_label("Save this order as")
    name.fill("Quiet middles")
    page.get_by_role("button", name="Save as an approach").click()
    mine = page.get_by_role("region", name="Quiet middles", exact=True)
    expect(mine.get_by_role("img")).to_have_count(3)
    mine.get_by_role("button", name="Use").click()
    expect(mine).to_contain_text("in use")
    quiet(page)
    assert settings(*piece)["school"].startswith("own/Quiet middles/darkens/")
    mine.get_by_role("button", name="Delete").click()
    expect(mine).to_have_count(0)
