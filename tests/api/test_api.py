"""The web interface as a program calls it: flow, refusals, events, caching, the guard."""

from __future__ import annotations

import base64
import io
from typing import Any

import httpx
import numpy as np
import pytest
from PIL import Image

from tests.conftest import encoded, new_piece, worked_out
from tests.pieces import photographs


def test_a_photo_and_three_decisions_give_a_plan_with_its_pictures(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)
    plan = worked_out(client, piece["id"])
    document, view = plan["document"], plan["view"]
    assert 3 <= len(document["passes"]) <= 9
    assert document["reference"]["widthPx"] == 1000
    rows = len(document["passes"]) + 1
    assert len(base64.b64decode(view["greys"])) == rows * len(view["patchMass"]) * 2
    maps = client.get(f"/api/pieces/{piece['id']}/maps/maps")
    assert len(maps.content) == 7 * view["width"] * view["height"]
    again = client.get(
        f"/api/pieces/{piece['id']}/maps/maps", headers={"If-None-Match": maps.headers["etag"]}
    )
    assert again.status_code == 304
    exported = client.get(f"/api/pieces/{piece['id']}/export")
    assert exported.json()["passes"] == document["passes"]


def test_the_order_is_told_before_all_of_the_plan_and_the_plan_says_for_which_revision_it_is(
    client: httpx.Client, cup: bytes
) -> None:
    piece = new_piece(client, cup)
    url = f"/api/pieces/{piece['id']}"
    assert client.get(f"{url}/plan").status_code == 409
    first = client.get(f"{url}/passes").json()["passes"]
    plan = worked_out(client, piece["id"])
    titles = [done["title"] for done in plan["document"]["passes"]]
    # Effects and small marks may add passes of their own and say more of a pass, but order none otherwise.
    assert len(first) >= 2
    assert [title.split(":")[0].split(" in ")[0] for title in first] == [
        title.split(":")[0].split(" in ")[0] for title in titles[: len(first)]
    ]
    client.patch(url, json={"revision": 0, "name": "Another"})
    assert client.get(f"{url}/plan").headers["washboard-revision"] == "1"


def test_a_plan_is_frozen_and_found_again_after_undo(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)
    url = f"/api/pieces/{piece['id']}"
    first = worked_out(client, piece["id"])
    edited = client.patch(url, json={"revision": 0, "school": "both-ends"}).json()
    assert edited["undo"] == "approach to Lightest and darkest first"
    other = worked_out(client, piece["id"])
    assert other["document"]["school"] == "both-ends"
    assert {m["id"] for m in other["document"]["masses"]} == {m["id"] for m in first["document"]["masses"]}
    client.post(f"{url}/undo", json={"revision": 1})
    assert client.get(f"{url}/plan").json() == first


def test_a_name_sticks_to_its_mass_when_bands_change(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)
    url = f"/api/pieces/{piece['id']}"
    anchor = {"x": 0.05, "y": 0.03, "name": "the dark corner"}
    changes: tuple[dict[str, Any], ...] = ({"names": [anchor]}, {"bands": 4}, {"squint": 1.5})
    for revision, change in enumerate(changes):
        assert client.patch(url, json={"revision": revision, **change}).status_code == 200
        masses = worked_out(client, piece["id"])["document"]["masses"]
        assert [m["name"] for m in masses].count("the dark corner") == 1


def areas_by_name(plan: dict[str, Any]) -> dict[str, dict[str, Any]]:
    return {area["called"]: area for area in plan["view"]["areas"]}


def test_what_is_said_of_areas_is_one_edit_each_survives_and_is_undone(
    client: httpx.Client, cup: bytes
) -> None:
    piece = new_piece(client, cup)
    url = f"/api/pieces/{piece['id']}"
    first = worked_out(client, piece["id"])
    stroke = {"points": [{"x": 0.45, "y": 0.28}, {"x": 0.55, "y": 0.4}]}
    words: dict[str, Any] = {"strokes": [stroke], "names": [{"x": 0.5, "y": 0.38, "name": "the coffee"}]}
    assert client.patch(url, json={"revision": 0, "areas": words}).json()["undo"] == "areas"
    coffee = areas_by_name(worked_out(client, piece["id"]))["the coffee"]
    assert 0.02 < coffee["share"] < 0.2
    words["depths"] = [{"x": coffee["inside"][0], "y": coffee["inside"][1]}, {"x": 0.95, "y": 0.95}]
    words["families"] = [{"x": coffee["inside"][0], "y": coffee["inside"][1], "family": "shadow"}]
    changes: tuple[dict[str, Any], ...] = ({"areas": words}, {"bands": 3}, {"squint": 2.0})
    for revision, change in enumerate(changes, 1):
        assert client.patch(url, json={"revision": revision, **change}).status_code == 200
        told = areas_by_name(worked_out(client, piece["id"]))["the coffee"]
        assert told["inside"] == coffee["inside"]
        assert told["family"] == "shadow"
    for revision in (4, 5, 6, 7):
        client.post(f"{url}/undo", json={"revision": revision})
    assert client.get(f"{url}/plan").json() == first


@pytest.mark.parametrize(
    "words",
    [
        {"strokes": [{"points": []}]},
        {"strokes": [{"points": [{"x": 0.5, "y": 0.5}], "against": []}]},
        {"strokes": [{"points": [{"x": 0.5, "y": 1.5}]}]},
        {"strokes": [{"points": [{"x": 0.5, "y": 0.5}]}] * 61},
        {"names": [{"x": 0.5, "y": 0.5, "name": ""}]},
        {"families": [{"x": 0.5, "y": 0.5, "family": "dusk"}]},
        {"depths": [{"x": "left", "y": 0.5}]},
        {"colours": []},
        None,
    ],
)
def test_areas_that_cannot_be_are_refused_and_the_old_ones_kept(
    client: httpx.Client, cup: bytes, words: object
) -> None:
    piece = new_piece(client, cup)
    url = f"/api/pieces/{piece['id']}"
    answer = client.patch(url, json={"revision": 0, "areas": words})
    assert answer.status_code == 422
    assert answer.json()["detail"]
    assert client.get(url).json() == piece


def test_masses_belong_to_areas_that_are_listed_far_to_near(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)
    plan = worked_out(client, piece["id"])
    areas = plan["view"]["areas"]
    assert [area["depth"] for area in areas] == list(range(len(areas)))
    assert sum(area["share"] for area in areas) == pytest.approx(1, abs=0.01)
    assert {m["area"] for m in plan["document"]["masses"]} <= {area["id"] for area in areas}
    shown = client.get(f"/api/pieces/{piece['id']}/maps/areas")
    assert len(shown.content) == 2 * plan["view"]["width"] * plan["view"]["height"]


def test_moving_a_pass_is_answered_with_what_breaks(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)
    plan = worked_out(client, piece["id"])
    last = plan["document"]["passes"][-1]["id"]
    verdict = client.post(f"/api/pieces/{piece['id']}/moves", json={"passId": last, "to": 0}).json()
    assert not verdict["fine"]
    assert verdict["order"][0] == last
    assert all(r["mass"] and r["sentence"] for r in verdict["refusals"])


def test_a_stopped_job_leaves_nothing_and_can_be_asked_again(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup, name="Stopped")
    job = client.post(f"/api/pieces/{piece['id']}/analysis").json()
    client.delete(f"/api/jobs/{job['id']}")
    end = client.get(f"/api/jobs/{job['id']}/events").text
    assert '"state":"running"' not in end.strip().splitlines()[-1]
    assert worked_out(client, piece["id"])["document"]["piece"] == "Stopped"


def test_a_piece_without_a_photo_is_planned_from_its_shapes(client: httpx.Client) -> None:
    shapes = [
        {"points": [[0, 0], [1, 0], [1, 0.4], [0, 0.4]], "value": 8},
        {"points": [[0, 0.4], [1, 0.4], [1, 1], [0, 1]], "value": 4},
        {"points": [[0.3, 0.3], [0.6, 0.3], [0.45, 0.8]], "value": 2.5, "b": 10},
    ]
    body = {
        "name": "In mind",
        "shapes": shapes,
        "medium": "oil",
        "surface": "value:6",
        "widthCm": 40,
        "heightCm": 30,
    }
    piece = client.post("/api/pieces", json=body).json()
    document = worked_out(client, piece["id"])["document"]
    assert document["reference"] is None
    assert sorted(round(m["value"]) for m in document["masses"]) == [2, 4, 8]


def picture(width: int, height: int) -> bytes:
    x = np.linspace(0, 255, width)[None, :, None].repeat(height, 0).repeat(3, 2)
    return encoded(x.astype(np.uint8), "PNG")


def animated() -> bytes:
    out = io.BytesIO()
    frames = [Image.fromarray(photographs()[n]).resize((400, 300)) for n in ("cup", "cat")]
    frames[0].save(out, "GIF", save_all=True, append_images=frames[1:])
    return out.getvalue()


UPLOADS = {
    "text": (b"not a picture", 422, "not a picture"),
    "truncated": (picture(400, 300)[:300], 422, "damaged"),
    "one pixel": (picture(1, 1), 422, "one single value"),
    "a strip": (picture(40_000, 10), 422, "narrow"),
    "an svg": (b"<svg/>", 422, "SVG"),
    "one value": (encoded(np.full((300, 300, 3), 90, np.uint8)), 422, "one single value"),
    "noise": (encoded(np.random.default_rng(0).integers(0, 256, (700, 900, 3), np.uint8)), 422, "grain"),
    "too many bytes": (b"\xff\xd8" + bytes(200 * 2**20), 413, "MB"),
}


@pytest.mark.parametrize("name", UPLOADS)
def test_a_bad_upload_is_refused_in_plain_words_and_nothing_is_stored(
    name: str, client: httpx.Client
) -> None:
    data, status, words = UPLOADS[name]
    answer = client.post("/api/references", files={"file": ("x.jpg", data)})
    assert answer.status_code == status
    assert answer.headers["content-type"] == "application/problem+json"
    problem = answer.json()
    assert words in problem["detail"]
    assert "othing was stored" in problem["detail"] or "narrow" in problem["detail"]


def test_an_animated_file_is_taken_by_its_first_picture_and_that_is_said(client: httpx.Client) -> None:
    answer = client.post("/api/references", files={"file": ("x.gif", animated())})
    assert answer.status_code == 201
    assert answer.json()["notes"] == ["The file holds 2 pictures; the first was taken."]


BODIES: dict[str, tuple[dict[str, Any], str]] = {
    "unknown medium": ({"medium": "tempera"}, "no medium"),
    "unknown surface": ({"surface": "tartan"}, "surface"),
    "huge": ({"widthCm": 1e7}, "width"),
    "negative": ({"heightCm": -3}, "height"),
    "nothing": ({"reference": None}, "either a photo or"),
    "unknown field": ({"colour": "blue"}, "colour"),
}


@pytest.mark.parametrize("name", BODIES)
def test_a_bad_decision_is_refused_and_nothing_is_made(client: httpx.Client, cup: bytes, name: str) -> None:
    change, words = BODIES[name]
    reference = client.post("/api/references", files={"file": ("x.jpg", cup)}).json()["hash"]
    body = {
        "name": "X",
        "reference": reference,
        "medium": "oil",
        "surface": "white",
        "widthCm": 30,
        "heightCm": 20,
    }
    before = len(client.get("/api/pieces").json())
    answer = client.post("/api/pieces", json=body | change)
    assert answer.status_code == 422
    assert words in answer.json()["detail"]
    assert len(client.get("/api/pieces").json()) == before


@pytest.mark.parametrize("body", [b"{", b"[1,2", b'{"widthCm": NaN}', b"\xff\xfe", b'{"revision": 1e400}'])
def test_malformed_json_is_refused(client: httpx.Client, body: bytes) -> None:
    answer = client.post("/api/pieces", content=body, headers={"Content-Type": "application/json"})
    assert answer.status_code == 422
    assert answer.json()["code"] == "invalid-input"


def test_a_stale_tab_gets_what_changed_and_overwrites_nothing(client: httpx.Client, cup: bytes) -> None:
    url = f"/api/pieces/{new_piece(client, cup)['id']}"
    assert client.patch(url, json={"revision": 0, "bands": 4}).status_code == 200
    stale = client.patch(url, json={"revision": 0, "bands": 7})
    assert (stale.status_code, stale.json()["code"], stale.json()["changed"]) == (
        409,
        "stale",
        ["bands to 4"],
    )
    assert client.get(url).json()["settings"]["bands"] == 4


def test_a_format_that_differs_from_the_photo_is_centred_and_that_is_said(
    client: httpx.Client, cup: bytes
) -> None:
    piece = new_piece(client, cup, widthCm=50, heightCm=20)
    notes = " ".join(worked_out(client, piece["id"])["document"]["notes"])
    assert "stay free at left and right" in notes


@pytest.mark.parametrize(
    "headers", [{"Host": "example.org"}, {"Origin": "https://example.org"}, {"Origin": "null"}]
)
def test_other_sites_are_kept_out(client: httpx.Client, headers: dict[str, str]) -> None:
    answer = client.get("/api/pieces", headers=headers)
    assert (answer.status_code, answer.json()["code"]) == (403, "foreign")


def test_unknown_addresses_answer_with_a_problem_and_deep_links_with_the_page(client: httpx.Client) -> None:
    assert client.get("/api/nothing").json()["code"] == "missing"
    assert '<div id="root">' in client.get("/pieces/whatever/order").text
    assert '<div id="root">' in client.get("/..%2f..%2fpyproject.toml").text
