"""Prepare and the new ways of See used by hand, by mouse, touch and keyboard."""

from __future__ import annotations

import re

import pytest
from playwright.sync_api import Browser, Page, expect

from tests.conftest import Server, new_piece, worked_out
from tests.interface.test_rooms_of_a_piece import becomes, opened, quiet, settings


@pytest.fixture
def piece(demo: Server, cup: bytes) -> tuple[Server, str]:
    with demo.client() as client:
        made = new_piece(client, cup, medium="acrylic", surface="white", widthCm=30, heightCm=20)["id"]
        worked_out(client, made)
    return demo, made


def prepared(page: Page, where: tuple[Server, str], part: str) -> None:
    server, piece = where
    page.goto(f"{server.url}/pieces/{piece}/prepare?part={part}")
    page.get_by_role("img", name="The piece as arranged").wait_for()
    settled(page)


def settled(page: Page) -> None:
    quiet(page)
    page.locator("[data-busy='false']").wait_for()


def drag(
    page: Page, x: float, y: float, to_x: float, to_y: float, name: str = "The piece as arranged"
) -> None:
    box = page.get_by_role("img", name=name).bounding_box()
    assert box is not None
    page.mouse.move(box["x"] + x * box["width"], box["y"] + y * box["height"])
    page.mouse.down()
    page.mouse.move(box["x"] + to_x * box["width"], box["y"] + to_y * box["height"], steps=8)
    page.mouse.up()


def test_a_ground_is_taken_and_the_plan_starts_on_it(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "ground")
    rows = page.get_by_role("listitem")
    assert rows.count() >= 8
    wanted = rows.filter(has_text="A thin burnt sienna coat")
    wanted.get_by_role("button", name="Use", exact=True).click()
    expect(wanted.get_by_text("in use")).to_be_visible()
    settled(page)
    assert settings(*piece)["ground"] == "sienna"
    page.get_by_role("link", name="Order").click()
    page.get_by_role("tab", name=re.compile(r"^\d+ passes$")).click()
    page.get_by_role("button", name=re.compile("Tone first: a thin burnt sienna coat")).click()
    expect(page.get_by_text("Lay a thin burnt sienna coat")).to_be_visible()
    page.keyboard.press("Control+z")
    becomes(piece, lambda kept: kept["ground"] is None)


def test_an_underpainting_in_patches_is_taken_and_is_the_first_pass(
    page: Page, piece: tuple[Server, str]
) -> None:
    prepared(page, piece, "ground")
    wanted = page.get_by_role("listitem").filter(has_text="An underpainting in patches")
    wanted.get_by_role("button", name="Use", exact=True).click()
    expect(wanted.get_by_text("in use")).to_be_visible()
    settled(page)
    page.get_by_role("link", name="Order").click()
    page.get_by_role("tab", name=re.compile(r"^\d+ passes$")).click()
    page.get_by_role("button", name=re.compile("^1 An underpainting in patches")).click()
    expect(page.get_by_text(re.compile("muted colours thinly"))).to_be_visible()
    page.keyboard.press("Control+z")
    becomes(piece, lambda kept: kept["ground"] is None)


def test_the_sheet_is_set_in_inches_and_a_bad_size_is_refused_with_a_sentence(
    page: Page, piece: tuple[Server, str]
) -> None:
    prepared(page, piece, "ground")
    page.get_by_role("button", name="in inches").click()
    wide = page.get_by_label("Sheet, wide")
    expect(wide).to_have_value("11.81")
    wide.fill("16")
    wide.press("Enter")
    settled(page)
    assert settings(*piece)["widthCm"] == pytest.approx(40.64)
    page.get_by_label("margin").fill("40")
    page.get_by_label("margin").press("Enter")
    expect(page.get_by_role("alert")).to_contain_text("leaves nothing to paint")
    expect(page.get_by_label("margin")).to_have_value("0")
    assert settings(*piece)["marginCm"] == 0


def test_a_side_of_the_frame_is_dragged_and_moved_by_key(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "composition")
    page.get_by_role("button", name="crop", exact=True).click()
    side = page.get_by_role("slider", name="left side of the frame")
    # The picture may still be finding its place: hovering waits until it stands.
    side.hover(position={"x": 14, "y": 60})
    box = side.bounding_box()
    assert box is not None
    page.mouse.down()
    page.mouse.move(box["x"] + 14 + 112, box["y"] + 60, steps=6)
    page.mouse.up()
    settled(page)
    crop = settings(*piece)["arrangement"]["crop"]
    assert crop["left"] == pytest.approx(0.2, abs=0.02)
    side.focus()
    page.keyboard.press("ArrowLeft")
    settled(page)
    assert settings(*piece)["arrangement"]["crop"]["left"] == pytest.approx(crop["left"] - 0.01, abs=1e-6)
    page.get_by_role("button", name="as photographed").click()
    settled(page)
    assert settings(*piece)["arrangement"]["crop"]["left"] == 0


def test_a_thing_is_dragged_to_another_place_within_fifty_milliseconds_a_step(
    page: Page, piece: tuple[Server, str]
) -> None:
    prepared(page, piece, "composition")
    page.get_by_role("button", name="move a thing").click()
    drag(page, 0.47, 0.4, 0.6, 0.45)
    settled(page)
    (move,) = settings(*piece)["arrangement"]["moves"]
    assert (move["x"], move["dx"]) == pytest.approx((0.47, 0.13), abs=0.01)
    expect(page.get_by_text(re.compile("of it is invented"))).to_be_visible()
    cut = page.evaluate("performance.getEntriesByName('cut out').map(e => e.duration)")
    assert cut
    page.keyboard.press("Control+z")
    settled(page)
    expect(page.get_by_text("The picture as it is arranged")).to_be_visible()


def test_the_focus_is_set_where_it_is_touched_and_told(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "composition")
    page.get_by_role("button", name="set the focus").click()
    drag(page, 0.3, 0.3, 0.3, 0.3)
    expect(page.get_by_text("as you set it")).to_be_visible()
    assert settings(*piece)["focus"]["x"] == pytest.approx(0.3, abs=0.01)


def test_places_are_measured_in_cm_and_inches(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "measures")
    drag(page, 0.2, 0.5, 0.2, 0.5)
    drag(page, 0.7, 0.5, 0.7, 0.5)
    told = page.get_by_text(re.compile("cm, -?0° from level"))
    expect(told).to_be_visible()
    wide = float((told.text_content() or "0").split(" cm")[0])
    assert wide == pytest.approx(15, abs=0.2)
    page.get_by_role("button", name="inches").click()
    expect(page.get_by_text(re.compile(r"5\.9\d in, -?0° from level"))).to_be_visible()


def test_the_outline_is_shown_and_downloaded(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "transfer")
    page.get_by_role("button", name="3 × 3").click()
    page.get_by_role("button", name="light lines").click()
    outline = page.get_by_role("img", name="The outline")
    expect(outline).to_have_attribute("src", re.compile("columns=3.*light=true"))
    with page.expect_download() as download:
        page.get_by_role("link", name="Print it (PDF)").click()
    assert download.value.suggested_filename.endswith(".pdf")


def test_a_paint_is_left_at_home_and_the_offered_exchange_is_taken(
    page: Page, piece: tuple[Server, str]
) -> None:
    prepared(page, piece, "palette")
    page.get_by_role("button", name=re.compile("burnt sienna")).click()
    settled(page)
    assert "burnt-sienna" not in settings(*piece)["palette"]
    assert len(settings(*piece)["palette"]) == 11
    expect(page.get_by_text("11 paints")).to_be_visible()


def test_a_pair_that_one_likes_to_mix_is_kept_and_forgotten(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "palette")
    page.get_by_label("Mix", exact=True).select_option("ultramarine")
    page.get_by_label("with", exact=True).select_option("burnt-sienna")
    page.get_by_role("button", name="Keep this pair").click()
    expect(page.get_by_text("ultramarine blue + burnt sienna")).to_be_visible()
    settled(page)
    assert settings(*piece)["pairs"] == [["ultramarine", "burnt-sienna"]]
    expect(page.get_by_role("button", name="Keep this pair")).to_be_disabled()
    page.get_by_role("button", name="forget").click()
    settled(page)
    assert settings(*piece)["pairs"] == []


def test_sticks_are_taken_along_and_left_at_home_by_hand(page: Page, demo: Server, cup: bytes) -> None:
    with demo.client() as client:
        made = new_piece(client, cup, medium="pastel", surface="value:4", widthCm=30, heightCm=20)["id"]
        worked_out(client, made)
    piece = demo, made
    prepared(page, piece, "palette")
    expect(page.get_by_text("96 sticks")).to_be_visible()
    page.get_by_role("button", name="Take the 12 sticks that reach it best").click()
    expect(page.get_by_text("12 sticks")).to_be_visible()
    settled(page)
    taken = settings(*piece)["palette"]
    assert len(taken) == 12
    page.locator("main li button[aria-pressed=true]").first.focus()
    page.keyboard.press("Enter")
    expect(page.get_by_text("11 sticks")).to_be_visible()
    settled(page)
    assert set(settings(*piece)["palette"]) < set(taken)
    page.get_by_role("button", name="deep violet").click()
    settled(page)
    assert "violet-deep" in settings(*piece)["palette"]
    page.get_by_role("button", name="Take the whole set").click()
    settled(page)
    assert settings(*piece)["palette"] == []


def test_what_it_is_about_is_shown_wherever_a_choice_is_made(page: Page, piece: tuple[Server, str]) -> None:
    prepared(page, piece, "intent")
    page.get_by_label("What is it about, in one sentence?").fill("Steam over a dark cup")
    page.get_by_role("button", name="darker").click()
    settled(page)
    assert settings(*piece)["intent"]["sentence"] == "Steam over a dark cup"
    assert settings(*piece)["intent"]["mood"] == "darker"
    page.get_by_role("tab", name="composition").click()
    expect(page.get_by_text("About: Steam over a dark cup")).to_be_visible()
    page.goto(f"{piece[0].url}/pieces/{piece[1]}/order?pass=1")
    expect(page.get_by_text("all values between lightest and darkest are lowered")).to_be_visible()


def test_two_windows_read_what_the_core_reads_and_move_by_key(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=windows")
    first = page.get_by_role("slider", name="First window")
    expect(page.get_by_text(re.compile("^The second is"))).to_be_visible()
    first.focus()
    for _ in range(5):
        page.keyboard.press("ArrowRight")
    server, name = piece
    with server.client() as client:
        asked = {"one": {"x": 0.38, "y": 0.4, "half": 0.015}, "other": {"x": 0.67, "y": 0.6, "half": 0.015}}
        told = client.post(f"/api/pieces/{name}/compare", json=asked).json()
    expect(page.get_by_text(f"The second is {told['words']}")).to_be_visible()
    expect(page.get_by_text(f"{told['one']['value']:.1f} 1")).to_be_visible()
    page.get_by_role("button", name="second on the predicted picture").click()
    expect(page.get_by_text("2, as predicted")).to_be_visible()
    page.get_by_role("button", name="values along a line").click()
    drag(page, 0.1, 0.5, 0.9, 0.5, "The photo")
    expect(page.get_by_role("img", name="Values along the line")).to_be_visible()


def test_one_band_alone_hides_all_other_values(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=values")
    page.keyboard.press("1")
    expect(page.get_by_text(re.compile("^only"))).to_be_visible()
    # The picture arrives a moment after the page: wait until it is drawn.
    page.wait_for_function(
        """() => { const c = document.querySelector('canvas'); const d = c.getContext('2d')
        .getImageData(0, 0, c.width, c.height).data; let n = 0;
        for (let i = 0; i < d.length; i += 4) n += d[i] !== 160;
        return n / (d.length / 4) > 0.001 && n / (d.length / 4) < 0.6 }"""
    )
    page.keyboard.press("0")
    expect(page.get_by_role("button", name="everything")).to_have_attribute("aria-pressed", "true")


def test_edges_alone_show_firm_and_soft_ones_in_different_ink(page: Page, piece: tuple[Server, str]) -> None:
    opened(page, piece, "see?look=edges")
    page.wait_for_function(
        """() => { const c = document.querySelector('canvas'); const d = c.getContext('2d')
        .getImageData(0, 0, c.width, c.height).data; const n = new Set();
        for (let i = 0; i < d.length; i += 4) n.add(d[i]);
        return [0x14, 0xf0, 0x9a].every((ink) => n.has(ink)) }"""
    )


def test_a_rough_outline_is_drawn_by_touch_and_snaps(browser: Browser, piece: tuple[Server, str]) -> None:
    context = browser.new_context(
        viewport={"width": 1280, "height": 800}, has_touch=True, reduced_motion="reduce"
    )
    page = context.new_page()
    opened(page, piece, "see?look=areas")
    page.get_by_role("button", name="outline", exact=True).click()
    box = page.get_by_role("img", name="Outlines of the areas").bounding_box()
    assert box is not None
    ring = [(0.36, 0.3), (0.48, 0.22), (0.62, 0.3), (0.64, 0.5), (0.5, 0.6), (0.37, 0.5), (0.36, 0.31)]
    session = context.new_cdp_session(page)
    for k, (x, y) in enumerate(ring):
        point = {"x": box["x"] + x * box["width"], "y": box["y"] + y * box["height"]}
        kind = "touchMove" if k else "touchStart"
        session.send("Input.dispatchTouchEvent", {"type": kind, "touchPoints": [point]})
    session.send("Input.dispatchTouchEvent", {"type": "touchEnd", "touchPoints": []})
    becomes(piece, lambda kept: len(kept["areas"]["strokes"]) == 1)
    (stroke,) = settings(*piece)["areas"]["strokes"]
    assert stroke["closed"]
    assert len(stroke["points"]) >= 5
    context.close()
