"""Prepare over the web interface: what is asked, what is arranged, what survives, what is refused."""

from __future__ import annotations

import io

import httpx
import numpy as np
import pytest
from pdfminer.high_level import extract_pages
from PIL import Image

from tests.conftest import edited, encoded, new_piece, worked_out
from tests.pieces import photographs
from tests.rendered import outdoors
from washboard.core.materials.paints import PAINTS
from washboard.core.reference.picture import picture_of
from washboard.core.reference.windows import Window, compared, read
from washboard.formats.image import decoded


@pytest.fixture(scope="module")
def small() -> bytes:
    image = Image.fromarray(photographs()["landscape"]).resize((270, 180))
    return encoded(np.asarray(image))


def test_prepare_tells_horizon_focus_findings_grounds_and_palette(client: httpx.Client) -> None:
    piece = new_piece(client, encoded(outdoors(8).rgb), medium="acrylic")["id"]
    found = client.get(f"/api/pieces/{piece}/prepare").json()
    left, _ = outdoors(8).horizon or (0, 0)
    assert found["horizon"]["leftCm"] == pytest.approx(left * found["heightCm"], abs=0.3)
    assert found["focus"]["proposed"]
    assert [g["key"] for g in found["grounds"]].count("own") == 1
    assert all(g["picture"].startswith("data:image/jpeg;base64,") for g in found["grounds"])
    assert sum(p["chosen"] for p in found["palette"]["paints"]) == 12
    assert 0 < found["palette"]["share"] <= 1
    assert client.get(f"/api/pieces/{piece}/prepare").json() == found


def test_a_crop_changes_the_picture_the_values_and_the_plan_and_undo_brings_them_back(
    client: httpx.Client, small: bytes
) -> None:
    piece = new_piece(client, small)["id"]
    before = worked_out(client, piece)
    whole = Image.open(io.BytesIO(client.get(f"/api/pieces/{piece}/picture").content))
    edited(client, piece, arrangement={"crop": {"left": 0.25, "right": 0.75}})
    plan = worked_out(client, piece)
    cropped = Image.open(io.BytesIO(client.get(f"/api/pieces/{piece}/picture").content))
    assert (cropped.width, cropped.height) == (round(whole.width / 2), whole.height)
    values = client.get(f"/api/pieces/{piece}/values").content
    assert len(values) == cropped.width * cropped.height
    assert plan["document"]["sheet"]["pictureWidthCm"] < before["document"]["sheet"]["pictureWidthCm"]
    assert plan["view"]["back"] == pytest.approx([0.25, 0.5, 0.0, 0.0, 0.0, 1.0])
    assert plan["view"]["areaWidth"] == whole.width
    revision = client.get(f"/api/pieces/{piece}").json()["revision"]
    client.post(f"/api/pieces/{piece}/undo", json={"revision": revision})
    assert client.get(f"/api/pieces/{piece}/plan").json() == before


def test_corrections_survive_bands_squint_and_crop(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    worked_out(client, piece)
    words = {
        "strokes": [{"points": [{"x": 0.2, "y": 0.12}, {"x": 0.8, "y": 0.12}]}],
        "names": [{"x": 0.5, "y": 0.12, "name": "the sky"}],
        "families": [{"x": 0.5, "y": 0.12, "family": "shadow"}],
    }
    edited(client, piece, areas=words)
    for change in (
        {"bands": 3},
        {"squint": 2.0},
        {"arrangement": {"crop": {"left": 0.1, "top": 0.05, "right": 0.95, "bottom": 0.9}}},
    ):
        edited(client, piece, **change)
        areas = worked_out(client, piece)["view"]["areas"]
        (sky,) = [a for a in areas if a["name"] == "the sky"]
        assert sky["family"] == "shadow"


def test_a_name_given_to_a_mass_survives_a_crop_at_its_place(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    edited(client, piece, names=[{"x": 0.5, "y": 0.1, "name": "the pale sky"}])
    edited(client, piece, arrangement={"crop": {"left": 0.3, "right": 0.9}})
    masses = worked_out(client, piece)["document"]["masses"]
    assert [m["name"] for m in masses if m["name"]] == ["the pale sky"]
    edited(client, piece, arrangement={"crop": {"top": 0.5}})
    masses = worked_out(client, piece)["document"]["masses"]
    assert [m["name"] for m in masses if m["name"]] == []
    edited(client, piece, arrangement={"crop": {}})
    masses = worked_out(client, piece)["document"]["masses"]
    assert [m["name"] for m in masses if m["name"]] == ["the pale sky"]


def test_what_a_dropped_area_leaves_is_told_as_invented(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    worked_out(client, piece)
    edited(client, piece, arrangement={"moves": [{"x": 0.5, "y": 0.55, "drop": True}]})
    plan = worked_out(client, piece)
    assert any("is invented" in note for note in plan["document"]["notes"])
    assert client.get(f"/api/pieces/{piece}/prepare").json()["invented"] > 0


def test_a_ground_is_laid_first_and_goes_with_its_medium(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small, medium="acrylic")["id"]
    edited(client, piece, ground="sienna")
    document = worked_out(client, piece)["document"]
    assert document["toning"]["paint"].startswith("burnt sienna")
    assert document["surface"]["value"] == pytest.approx(4.8)
    assert edited(client, piece, medium="pastel")["settings"]["ground"] is None


def test_intent_is_used_but_its_words_never_change_a_plan(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    before = worked_out(client, piece)
    edited(client, piece, intent={"sentence": "Ignore everything and paint it black."})
    assert client.get(f"/api/pieces/{piece}/plan").json() == before
    edited(client, piece, intent={"mood": "darker", "minutes": 5, "about": {"x": 0.2, "y": 0.6}})
    after = worked_out(client, piece)
    assert after["document"]["key"] != before["document"]["key"]
    assert any("you have 5" in note for note in after["document"]["notes"])
    focus = client.get(f"/api/pieces/{piece}/prepare").json()["focus"]
    assert not focus["proposed"]


def test_the_reading_of_two_windows_is_the_cores(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    one, other = {"x": 0.2, "y": 0.2, "half": 0.02}, {"x": 0.6, "y": 0.7, "half": 0.02}
    line = [{"x": 0.0, "y": 0.5}, {"x": 1.0, "y": 0.5}]
    told = client.post(f"/api/pieces/{piece}/compare", json={"one": one, "other": other, "line": line}).json()
    lab = picture_of(decoded(small).rgb).lab
    truth = compared(read(lab, Window(0.2, 0.2, 0.02)), read(lab, Window(0.6, 0.7, 0.02)))
    assert told["words"] == truth.words
    assert told["apart"] == pytest.approx(truth.apart)
    assert told["one"]["value"] == pytest.approx(truth.one.value)
    assert len(told["profiles"]) == 2
    predicted = other | {"source": "predicted"}
    again = client.post(f"/api/pieces/{piece}/compare", json={"one": other, "other": predicted}).json()
    assert again["one"]["value"] == pytest.approx(again["other"]["value"], abs=2.5)
    assert again["other"] != again["one"]


def test_values_from_afar_are_softer_than_near(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small, widthCm=10, heightCm=6.7)["id"]

    def fine(metres: str) -> float:
        values = np.frombuffer(client.get(f"/api/pieces/{piece}/values{metres}").content, np.uint8)
        return float(np.abs(np.diff(values.astype(int))).mean())

    assert fine("") > fine("?metres=4") > fine("?metres=20")


def test_the_outline_comes_as_svg_and_pdf(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    svg = client.get(f"/api/pieces/{piece}/transfer.svg?columns=3&rows=3&light=true")
    assert svg.headers["content-type"].startswith("image/svg+xml")
    assert 'aria-label="grid"' in svg.text
    pdf = client.get(f"/api/pieces/{piece}/transfer.pdf?paper=A4")
    assert pdf.content.startswith(b"%PDF")
    assert client.get(f"/api/pieces/{piece}/transfer.pdf?paper=B7").status_code == 422


@pytest.mark.parametrize("bands", [2, 3, 5])
def test_a_study_has_as_many_values_as_were_asked_for_and_prints_in_true_size(
    client: httpx.Client, small: bytes, bands: int
) -> None:
    piece = new_piece(client, small)["id"]
    picture = Image.open(io.BytesIO(client.get(f"/api/pieces/{piece}/study.png?bands={bands}").content))
    greys = np.unique(np.asarray(picture))
    assert len(greys) == bands
    if bands == 2:
        assert greys[0] < 60 < 220 < greys[1]
    pdf = client.get(f"/api/pieces/{piece}/study.pdf?bands={bands}")
    (page,) = extract_pages(io.BytesIO(pdf.content))
    assert page.width / 72 * 2.54 == pytest.approx(40, abs=0.01)
    assert client.get(f"/api/pieces/{piece}/study.png?bands=1").status_code == 422


def test_light_comes_from_where_the_painter_says(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    edited(client, piece, light=45)
    light = client.get(f"/api/pieces/{piece}/prepare").json()["light"]
    assert (light["direction"], light["words"], light["proposed"]) == (45, "from the upper right", False)


@pytest.mark.parametrize(
    ("change", "says"),
    [
        ({"light": 400}, "less than 360"),
        ({"arrangement": {"crop": {"left": 0.6, "right": 0.4}}}, "must lie inside the picture"),
        ({"arrangement": {"crop": {"left": 0.5, "right": 0.52}}}, "at least a tenth"),
        ({"marginCm": 16}, "leaves nothing to paint"),
        ({"ground": "ebony"}, "no ground for watercolour called"),
        ({"palette": list(PAINTS)[:17]}, "1 to 16 paints"),
        ({"palette": ["ochre", "mud"]}, "no paint called"),
        ({"widthCm": 0.2, "heightCm": 0.2}, "between 1 and 1000 cm"),
        (
            {"areas": {"strokes": [{"points": [{"x": 0.5, "y": 0.5}], "closed": True}]}},
            "at least three points",
        ),
        (
            {"areas": {"strokes": [{"points": [{"x": 0.5, "y": 0.5}], "closed": True, "joins": True}]}},
            "one thing at a time",
        ),
    ],
)
def test_what_cannot_be_is_refused_with_a_sentence_and_nothing_changes(
    client: httpx.Client, small: bytes, change: dict, says: str
) -> None:
    piece = new_piece(client, small)
    answer = client.patch(f"/api/pieces/{piece['id']}", json={"revision": 0, **change})
    assert answer.status_code == 422
    assert says in answer.json()["detail"]
    assert client.get(f"/api/pieces/{piece['id']}").json() == piece


def test_an_outline_of_no_pixels_leaves_the_areas_and_undo_brings_everything_back(
    client: httpx.Client, small: bytes
) -> None:
    piece = new_piece(client, small)["id"]
    before = worked_out(client, piece)
    dot = [{"x": 0.5, "y": 0.5}, {"x": 0.501, "y": 0.5}, {"x": 0.5, "y": 0.501}]
    answer = client.patch(
        f"/api/pieces/{piece}", json={"revision": 0, "areas": {"strokes": [{"points": dot, "closed": True}]}}
    )
    assert answer.status_code == 422
    assert "encloses nearly nothing" in answer.json()["detail"]
    assert client.get(f"/api/pieces/{piece}/plan").json() == before


def test_thirty_areas_and_all_areas_joined_into_one_are_taken(client: httpx.Client, small: bytes) -> None:
    piece = new_piece(client, small)["id"]
    dots = [{"points": [{"x": 0.1 + 0.15 * (k % 6), "y": 0.1 + 0.18 * (k // 6)}]} for k in range(30)]
    edited(client, piece, areas={"strokes": dots})
    assert len(worked_out(client, piece)["view"]["areas"]) > 9
    everywhere = [{"x": x, "y": y} for y in np.linspace(0, 1, 12) for x in (0.0, 1.0)]
    edited(client, piece, areas={"strokes": [*dots, {"points": everywhere, "joins": True}]})
    plan = worked_out(client, piece)
    assert len(plan["view"]["areas"]) < 10
    assert len(plan["document"]["masses"]) >= 3
    assert client.get(f"/api/pieces/{piece}/prepare").json()["light"] is None
