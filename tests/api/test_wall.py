"""The studio wall by one request: how each piece stands, and nothing worked out for it."""

from __future__ import annotations

import io
from datetime import UTC, datetime

import httpx
from PIL import Image

from tests.conftest import edited, new_piece, worked_out


def strip(client: httpx.Client, piece: str) -> dict:
    """What the wall tells of a piece."""
    return next(own for own in client.get("/api/wall").json() if own["id"] == piece)


def logged(client: httpx.Client, piece: str, done: str) -> None:
    at = datetime.now(UTC).isoformat()
    event = {"id": f"{piece[:8]}-{done}", "at": at, "kind": "pass-done", "pass": done}
    assert client.post(f"/api/pieces/{piece}/log", json={"events": [event]}).status_code == 200


def test_the_wall_works_nothing_out_and_says_so(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)["id"]
    for _ in range(2):
        found = strip(client, piece)
        assert (found["standing"], found["passes"], found["next"]) == ("unplanned", [], "")
    worked_out(client, piece)
    assert strip(client, piece)["standing"] == "planned"
    edited(client, piece, bands=4)
    found = strip(client, piece)
    assert found["standing"] == "outdated"
    assert found["passes"]


def test_the_wall_follows_a_piece_from_its_first_pass_to_its_last(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup, medium="pastel")["id"]
    plan = worked_out(client, piece)["document"]
    first = strip(client, piece)
    assert first["next"] == plan["passes"][0]["title"]
    assert abs(first["workMinutes"] - plan["totals"]["workMinutes"]) < 0.2
    assert [own["id"] for own in first["passes"]] == [own["id"] for own in plan["passes"]]
    for k, own in enumerate(plan["passes"]):
        before = strip(client, piece)
        logged(client, piece, own["id"])
        after = strip(client, piece)
        assert after["standing"] == ("begun" if k + 1 < len(plan["passes"]) else "finished")
        assert after["workMinutes"] < before["workMinutes"]
        assert after["painted"]
        assert [p["id"] for p in after["passes"] if p["done"]] == [p["id"] for p in plan["passes"][: k + 1]]


def test_a_thumbnail_is_small_and_keeps_its_proportions(client: httpx.Client, cup: bytes) -> None:
    reference = new_piece(client, cup)["reference"]
    small = client.get(f"/api/references/{reference['hash']}/thumbnail")
    picture = Image.open(io.BytesIO(small.content))
    assert max(picture.size) <= 420
    assert len(small.content) < 40_000
    assert abs(picture.width / picture.height - reference["width"] / reference["height"]) < 0.01
    assert client.get(f"/api/references/{'0' * 64}/thumbnail").status_code == 404
