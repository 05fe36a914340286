"""What Order asks over the web interface: schools, findings, repairs, lights, cards."""

from __future__ import annotations

import base64
import io

import httpx
import numpy as np
import pytest
from pdfminer.high_level import extract_pages, extract_text
from PIL import Image

from tests.conftest import encoded, new_piece, patched, worked_out
from tests.pieces import photographs
from washboard.core.schools import SCHOOLS


def test_schools_stand_side_by_side_with_figures_and_pictures_on_the_way(
    client: httpx.Client, landscape: str
) -> None:
    answer = client.get(f"/api/pieces/{landscape}/schools").json()
    assert answer["chosen"] == "light-to-dark"
    assert [s["school"] for s in answer["schools"]] == list(SCHOOLS)
    for school in answer["schools"]:
        if not school["feasible"]:
            assert "only darkens" in school["whyNot"]
            continue
        assert school["after"][-1] == school["passes"] == len(school["titles"])
        shown = [
            np.asarray(Image.open(io.BytesIO(base64.b64decode(p.split(",")[1])))) for p in school["pictures"]
        ]
        assert len({picture.shape for picture in shown}) == 1
        assert float(shown[0].mean()) > float(shown[-1].mean()), "watercolour grows darker on the way"


def test_each_school_is_told_alike_whichever_the_piece_is_in(client: httpx.Client, landscape: str) -> None:
    before = client.get(f"/api/pieces/{landscape}/schools").json()
    assert patched(client, landscape, school="both-ends").status_code == 200
    worked_out(client, landscape)
    after = client.get(f"/api/pieces/{landscape}/schools").json()
    assert after["chosen"] == "both-ends"
    assert after["schools"] == before["schools"]
    assert patched(client, landscape, school="light-to-dark").status_code == 200


def test_a_school_taken_is_planned_and_one_that_cannot_be_is_refused_with_a_way_out(
    client: httpx.Client, landscape: str
) -> None:
    assert patched(client, landscape, school="layered-negative").status_code == 200
    assert worked_out(client, landscape)["document"]["school"] == "layered-negative"
    refused = patched(client, landscape, school="dark-to-light")
    assert refused.status_code == 422
    assert "both-ends" in refused.json()["detail"]
    assert patched(client, landscape, school=None).status_code == 200


def test_a_finding_is_tried_and_gone(client: httpx.Client) -> None:
    piece = str(new_piece(client, encoded(photographs()["cup"]), medium="acrylic", surface="value:6")["id"])
    worked_out(client, piece)
    found = client.get(f"/api/pieces/{piece}/findings").json()["findings"]
    order = ["spoils", "weakens", "note"]
    assert [order.index(f["weight"]) for f in found] == sorted(order.index(f["weight"]) for f in found)
    offered = next(f for f in found if f["fix"])
    assert patched(client, piece, **offered["fix"]["changes"]).status_code == 200
    worked_out(client, piece)
    after = client.get(f"/api/pieces/{piece}/findings").json()["findings"]
    assert offered["kind"] not in {f["kind"] for f in after if f["masses"] == offered["masses"]}


def test_a_light_is_overruled_and_what_is_no_way_is_refused(client: httpx.Client, cup: bytes) -> None:
    piece = str(new_piece(client, cup)["id"])
    document = worked_out(client, piece)["document"]
    reserve = document["reserves"][0]
    other = next(
        way[0] for way in reserve["ways"] if way[0] not in (reserve["kind"], "placeholder", "reserve")
    )
    assert patched(client, piece, ways=[{"mass": reserve["mass"], "way": other}]).status_code == 200
    again = worked_out(client, piece)["document"]
    now = next(r for r in again["reserves"] if r["mass"] == reserve["mass"])
    assert (now["kind"], now["overruled"]) == (other, True)
    refused = patched(client, piece, ways=[{"mass": reserve["mass"], "way": "wish"}])
    assert refused.status_code == 422
    assert "it was kept" in refused.json()["detail"]
    assert patched(client, piece, ways=[]).status_code == 200


def test_a_move_that_breaks_is_answered_with_the_smallest_repair_which_is_then_fine(
    client: httpx.Client, landscape: str
) -> None:
    passes = worked_out(client, landscape)["document"]["passes"]
    url = f"/api/pieces/{landscape}/moves"
    first, last = passes[0]["id"], len(passes) - 1
    verdict = client.post(url, json={"passId": first, "to": last, "repair": True}).json()
    assert not verdict["fine"]
    assert verdict["refusals"]
    plain = client.post(url, json={"passId": first, "to": last}).json()
    assert plain["repair"] is None, "a repair is looked for when it is asked for"
    if verdict["repair"] is not None:
        assert sorted(verdict["repair"]["order"]) == sorted(p["id"] for p in passes)
        assert first not in verdict["repair"]["moved"]
    assert patched(client, landscape, pins=[first]).status_code == 200
    pinned = client.post(url, json={"passId": first, "to": last})
    assert pinned.status_code == 422
    assert "pinned" in pinned.json()["detail"]
    assert patched(client, landscape, pins=[]).status_code == 200


def test_what_a_key_shall_hold_is_one_of_its_relations(client: httpx.Client, landscape: str) -> None:
    refused = patched(client, landscape, holds=["peace"])
    assert refused.status_code == 422
    assert "light" in refused.json()["detail"]


def test_cards_are_true_to_size_and_say_what_the_pass_says(client: httpx.Client, landscape: str) -> None:
    document = worked_out(client, landscape)["document"]
    data = client.get(f"/api/pieces/{landscape}/cards.pdf").content
    pages = list(extract_pages(io.BytesIO(data)))
    assert len(pages) == len(document["passes"])
    for page in pages:
        assert page.width * 25.4 / 72 == pytest.approx(148, abs=0.1)
        assert page.height * 25.4 / 72 == pytest.approx(105, abs=0.1)
    text = " ".join(extract_text(io.BytesIO(data)).split())
    for number, done in enumerate(document["passes"], 1):
        assert f"{number} of {len(pages)}" in text
        assert done["title"].split(":")[0] in text
        assert done["steps"][0]["text"] in text
    for label in ("before", "where", "after", "Why:", "Tool:"):
        assert label in text
    assert "Read the labels" in text
    sheet = client.get(f"/api/pieces/{landscape}/cards.pdf?sheet=true").content
    (only,) = extract_pages(io.BytesIO(sheet))
    assert (only.width * 25.4 / 72, only.height * 25.4 / 72) == pytest.approx((210, 297), abs=0.1)
    whole = " ".join(extract_text(io.BytesIO(sheet)).split())
    for done in document["passes"]:
        assert done["title"].split(":")[0] in whole


@pytest.mark.parametrize("what", ["schools", "findings", "cards.pdf"])
def test_what_is_asked_of_no_piece_is_missing_with_a_sentence(
    client: httpx.Client, landscape: str, what: str
) -> None:
    answer = client.get(f"/api/pieces/{'0' * len(landscape)}/{what}")
    assert answer.status_code == 404
    assert answer.json()["detail"]


def test_an_order_is_kept_compared_taken_up_again_and_forgotten(client: httpx.Client, landscape: str) -> None:
    assert patched(client, landscape, school="both-ends", passes=None, order=None).status_code == 200
    ours = {"name": "Both ends, kept", "school": "both-ends"}
    kept = patched(client, landscape, variants=[ours]).json()
    assert kept["settings"]["variants"][0]["name"] == "Both ends, kept"
    assert kept["undo"] == "kept orders"
    patched(client, landscape, school="light-to-dark", aim="fewer-mixtures")
    schools = client.get(f"/api/pieces/{landscape}/schools").json()["schools"]
    answer = client.get(f"/api/pieces/{landscape}/orders").json()
    (one,) = answer["kept"]
    assert (one["name"], one["school"], one["feasible"]) == ("Both ends, kept", "both-ends", True)
    alike = next(s for s in schools if s["school"] == "both-ends")
    assert len(one["pictures"]) == 3
    assert one["passes"] == len(one["titles"])
    assert alike["feasible"]
    for other in answer["aims"]:
        assert other["name"] in ("fewer waits", "fewer mixtures", "safest")
    again = {key: value for key, value in kept["settings"]["variants"][0].items() if key != "name"}
    assert patched(client, landscape, **again).json()["settings"]["school"] == "both-ends"
    assert worked_out(client, landscape)["document"]["school"] == "both-ends"
    assert patched(client, landscape, variants=[]).json()["settings"]["variants"] == []


def test_an_order_kept_for_another_medium_waits_for_it_and_says_so(
    client: httpx.Client, landscape: str
) -> None:
    negatives = {"name": "Negatives", "school": "layered-negative"}
    assert patched(client, landscape, variants=[negatives]).status_code == 200
    kept = client.get(f"/api/pieces/{landscape}").json()["settings"]["variants"]
    assert patched(client, landscape, medium="oil", school=None).status_code == 200
    worked_out(client, landscape)
    (one,) = client.get(f"/api/pieces/{landscape}/orders").json()["kept"]
    assert (one["name"], one["feasible"]) == ("Negatives", False)
    assert "covers the layer before" in one["whyNot"]
    more = [*kept, {"name": "As it is"}]
    assert patched(client, landscape, variants=more).status_code == 200, "others can be kept all the same"
    patched(client, landscape, medium="watercolour", variants=[])
    worked_out(client, landscape)


@pytest.mark.parametrize(
    ("fields", "words"),
    [
        ({"aim": "prettiest"}, "fewer-waits"),
        ({"mixed": [{"x": 0.5, "y": 0.1, "school": "wipe-out"}]}, "whole sheet"),
        ({"mixed": [{"x": 0.5, "y": 0.1, "school": "dark-to-light"}]}, "only darkens"),
        ({"mixed": [{"x": 1.5, "y": 0.1, "school": "both-ends"}]}, "x"),
        ({"variants": [{"name": " "}]}, "name"),
        ({"variants": [{"name": "x", "school": "upside-down"}]}, "upside-down"),
        ({"variants": [{"name": "x", "aim": "prettiest"}]}, "prettiest"),
        ({"variants": None}, "variants"),
        ({"variants": [{"name": f"order {k}"} for k in range(9)]}, "8"),
    ],
)
def test_an_order_that_cannot_be_kept_is_refused_in_a_sentence(
    client: httpx.Client, landscape: str, fields: dict[str, object], words: str
) -> None:
    before = client.get(f"/api/pieces/{landscape}").json()
    answer = patched(client, landscape, **fields)
    assert answer.status_code == 422
    assert words in answer.text
    assert client.get(f"/api/pieces/{landscape}").json() == before


def test_the_sky_is_painted_by_a_school_of_its_own_before_the_rest(
    client: httpx.Client, landscape: str
) -> None:
    patched(client, landscape, school="light-to-dark", aim=None, mixed=[])
    own = [{"x": 0.9, "y": 0.1, "school": "both-ends"}]
    assert patched(client, landscape, mixed=own).json()["undo"] == "areas with an approach of their own"
    titles = [done["title"] for done in worked_out(client, landscape)["document"]["passes"]]
    assert any("lightest and darkest first" in title for title in titles[:2]), titles
    patched(client, landscape, mixed=[{"x": 0.5, "y": 0.05, "school": "both-ends"}])
    notes = worked_out(client, landscape)["document"]["notes"]
    assert any("painted with the rest" in note for note in notes), (
        "all of it belongs to shapes of other areas"
    )
    patched(client, landscape, mixed=[])
