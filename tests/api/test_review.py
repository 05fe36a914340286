"""Photos of the painting through the interface of the program."""

from __future__ import annotations

import io
import uuid
from datetime import datetime, timedelta

import httpx
import numpy as np
import pytest
from PIL import Image

from tests.conftest import edited, encoded, new_piece, worked_out
from tests.pieces import photographs


@pytest.fixture(scope="module")
def piece(client: httpx.Client) -> str:
    """A watercolour with a margin, worked out and never painted."""
    made = str(new_piece(client, encoded(photographs()["cup"]))["id"])
    edited(client, made, marginCm=2)
    worked_out(client, made)
    return made


@pytest.fixture(scope="module")
def seen(client: httpx.Client, piece: str) -> dict:
    """A photo of that painting when it is finished, by the camera stand-in."""
    answer = client.post(f"/api/pieces/{piece}/observations/camera", json={})
    assert answer.status_code == 201, answer.text
    return answer.json()


def log_of(client: httpx.Client, piece: str) -> list[dict]:
    return client.get(f"/api/pieces/{piece}/log").json()["events"]


def test_a_photo_is_read_and_kept_with_what_was_made_of_it(
    client: httpx.Client, piece: str, seen: dict
) -> None:
    plan = client.get(f"/api/pieces/{piece}/plan").json()
    assert [one["mass"] for one in seen["masses"]] == [mass["id"] for mass in plan["document"]["masses"]]
    assert seen["light"] == "margin"
    first, last = seen["passRange"]
    assert first <= len(plan["document"]["passes"]) <= last
    assert [one["id"] for one in client.get(f"/api/pieces/{piece}/observations").json()] == [seen["id"]]
    view = plan["view"]
    for name in ("straight", "planned", "difference", "photo"):
        answer = client.get(f"/api/pieces/{piece}/observations/{seen['id']}/{name}")
        assert answer.status_code == 200
        with Image.open(io.BytesIO(answer.content)) as picture:
            wide, high = seen["size"] if name == "photo" else (view["width"], view["height"])
            assert picture.width / picture.height == pytest.approx(wide / high, abs=0.01)
    missing = client.get(f"/api/pieces/{piece}/observations/{seen['id']}/nothing")
    assert missing.status_code == 404


def test_a_painter_who_lays_everything_too_light_is_told_so_and_what_to_darken_first(seen: dict) -> None:
    off = [one["difference"] for one in seen["masses"] if one["judged"]]
    assert np.mean(off) > 0.1
    assert seen["corrections"]
    gains = [one["gain"] / (one["minutes"] + 5) for one in seen["corrections"]]
    assert gains == sorted(gains, reverse=True)
    assert seen["headline"].startswith("First")


def test_what_the_photo_shows_to_be_done_is_offered_as_events_that_the_log_takes(
    client: httpx.Client, piece: str, seen: dict
) -> None:
    assert "Nothing was logged" in seen["against"]
    plan = client.get(f"/api/pieces/{piece}/plan").json()["document"]
    assert {one["pass"] for one in seen["done"]} <= {own["id"] for own in plan["passes"]}
    begun = datetime.fromisoformat(seen["at"])
    events = [
        {
            "id": uuid.uuid4().hex,
            "at": (begun + timedelta(milliseconds=k)).isoformat(),
            "kind": "pass-done",
            "pass": one["pass"],
        }
        for k, one in enumerate(seen["done"])
    ]
    assert client.post(f"/api/pieces/{piece}/log", json={"events": events}).status_code == 200
    easel = client.get(f"/api/pieces/{piece}/easel").json()
    assert not easel["strange"]
    assert len(easel["real"]) == len(plan["passes"])


def test_a_correction_that_is_tried_becomes_the_next_pass_at_the_easel(
    client: httpx.Client, piece: str, seen: dict
) -> None:
    wanted = seen["corrections"][0]
    later = datetime.fromisoformat(seen["at"]) + timedelta(hours=2)
    event = {"id": uuid.uuid4().hex, "at": later.isoformat()} | wanted["event"]
    assert client.post(f"/api/pieces/{piece}/log", json={"events": [event]}).status_code == 200
    easel = client.get(f"/api/pieces/{piece}/easel").json()
    assert wanted["masses"][0] in {mass for step in easel["passes"][0]["steps"] for mass in step["masses"]}


def test_corners_that_were_dragged_are_snapped_and_the_reading_before_is_replaced(
    client: httpx.Client, piece: str, seen: dict
) -> None:
    dragged = [[x + 9, y - 7] for x, y in seen["corners"]]
    path = f"/api/pieces/{piece}/observations/{seen['id']}/corners"
    again = client.post(path, json={"corners": dragged})
    assert again.status_code == 201, again.text
    apart = np.abs(np.array(again.json()["corners"]) - np.array(seen["corners"])).max()
    assert apart < 0.01 * max(seen["size"])
    kept = [one["id"] for one in client.get(f"/api/pieces/{piece}/observations").json()]
    assert again.json()["id"] in kept
    assert seen["id"] not in kept


@pytest.mark.parametrize(
    ("made", "says"),
    [
        (np.zeros((600, 800, 3), np.uint8), "dark"),
        (np.full((600, 800, 3), 255, np.uint8), "one single value"),
        (np.random.default_rng(3).integers(90, 160, (600, 800, 3)).astype(np.uint8), ""),
    ],
)
def test_a_photo_without_the_painting_is_refused_and_nothing_is_kept(
    client: httpx.Client, piece: str, made: np.ndarray, says: str
) -> None:
    before = client.get(f"/api/pieces/{piece}/observations").json()
    path, files = f"/api/pieces/{piece}/observations", {"file": ("photo.png", encoded(made, "PNG"))}
    answer = client.post(path, files=files)
    assert answer.status_code == 422
    assert says in answer.json()["detail"]
    assert client.get(path).json() == before


@pytest.mark.usefixtures("seen")
def test_corners_that_are_none_and_a_pass_that_is_none_are_refused(client: httpx.Client, piece: str) -> None:
    path = f"/api/pieces/{piece}/observations"
    crossed = {"corners": [[100, 100], [900, 700], [900, 100], [100, 700]]}
    latest = client.get(path).json()[-1]["id"]
    assert client.post(f"{path}/{latest}/corners", json=crossed).status_code == 422
    assert client.post(f"{path}/{latest}/corners", json={"corners": [[1, 2]]}).status_code == 422
    assert client.post(f"{path}/camera", json={"after": 400}).status_code == 422
    assert client.post(f"{path}/{'0' * 32}/corners", json=crossed).status_code == 404
