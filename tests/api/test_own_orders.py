"""Passes of the painter's own, pins, schools saved, thresholds drawn by hand."""

from __future__ import annotations

from collections.abc import Iterator

import httpx
import pytest

from tests.conftest import new_piece, patched, worked_out
from washboard.core.schools import SCHOOLS


@pytest.fixture
def kettle(client: httpx.Client) -> Iterator[str]:
    """A demo piece in oil, as it was again after the test."""
    there = next(p for p in client.get("/api/pieces").json() if p["name"].startswith("Blue kettle"))
    piece = str(there["id"])
    worked_out(client, piece)
    yield piece
    patched(client, piece, order=None, ownPasses=[], dropped=[])


def test_a_pass_of_ones_own_is_answered_kept_planned_moved_and_left_out(
    client: httpx.Client, kettle: str
) -> None:
    plan = worked_out(client, kettle)["document"]
    ids = [done["id"] for done in plan["passes"]]
    names = [o["mass"] for o in plan["passes"][1]["operations"] if o["role"] == "target"]
    wanted = {"kind": "glaze", "masses": names, "after": ids[1]}
    answer = client.post(f"/api/pieces/{kettle}/own-passes", json=wanted).json()
    assert answer["fine"]
    assert answer["order"] == [*ids[:2], answer["own"]["id"], *ids[2:]]
    assert patched(client, kettle, order=answer["order"], ownPasses=[answer["own"]]).status_code == 200
    longer = worked_out(client, kettle)["document"]
    assert longer["passes"][2]["title"].startswith("Glaze")
    assert longer["passes"][2]["reasons"][0]["kind"] == "own"
    assert len(longer["predicted"]["values"]) == len(plan["predicted"]["values"]) + 1
    # Set in where its shapes are bare, it breaks, and the repair moves other passes before it.
    early = client.post(f"/api/pieces/{kettle}/own-passes", json={"kind": "scumble", "masses": names}).json()
    assert not early["fine"]
    assert early["own"]["id"] == "own2"
    assert {r["mass"] for r in early["refusals"]} <= set(names)
    path = f"/api/pieces/{kettle}/passes/{{}}/leaving-out"
    assert client.post(path.format("own1")).json()["order"] == ids
    needed = client.post(path.format(ids[0])).json()
    assert not needed["fine"]
    assert {r["rule"] for r in needed["refusals"]} >= {"complete"}
    # Another plan is another matter: what was set in belongs to this one.
    assert patched(client, kettle, passes=4).status_code == 200
    there = client.get(f"/api/pieces/{kettle}").json()["settings"]
    assert there["ownPasses"] == []
    assert there["order"] is None
    assert patched(client, kettle, passes=None).status_code == 200


def test_passes_of_ones_own_that_the_judge_refuses_rest_and_a_note_says_why(
    client: httpx.Client, kettle: str
) -> None:
    plan = worked_out(client, kettle)["document"]
    ids = [done["id"] for done in plan["passes"]]
    name = next(o["mass"] for o in plan["passes"][1]["operations"] if o["role"] == "target")
    own = {"id": "own1", "kind": "glaze", "masses": [name]}
    assert patched(client, kettle, order=["own1", *ids], ownPasses=[own]).status_code == 200
    document = worked_out(client, kettle)["document"]
    assert [done["id"] for done in document["passes"]] == ids
    assert any("Your own order of passes rests" in note for note in document["notes"])


@pytest.mark.parametrize(
    ("wanted", "says"),
    [
        ({"kind": "melt", "masses": ["m1"]}, "no act “melt”"),
        ({"kind": "fix", "masses": ["m1"]}, "can be"),
        ({"kind": "glaze", "masses": ["m999"]}, "no mass"),
        ({"kind": "glaze", "masses": ["m1"], "after": "p99"}, "no pass"),
    ],
)
def test_a_pass_that_cannot_be_is_refused_in_a_sentence(
    client: httpx.Client, kettle: str, wanted: dict[str, object], says: str
) -> None:
    answer = client.post(f"/api/pieces/{kettle}/own-passes", json=wanted)
    assert answer.status_code == 422
    assert says in answer.json()["detail"]
    kept = patched(client, kettle, ownPasses=[{"id": "own1", "masses": ["m1"], "kind": "mask"}])
    assert kept.status_code == 422


def test_a_pinned_pass_keeps_the_order_that_was_made(client: httpx.Client, kettle: str) -> None:
    ids = [done["id"] for done in worked_out(client, kettle)["document"]["passes"]]
    assert patched(client, kettle, order=ids).status_code == 200
    assert patched(client, kettle, pins=[ids[0]]).status_code == 200
    assert client.get(f"/api/pieces/{kettle}").json()["settings"]["order"] == ids
    patched(client, kettle, pins=[])


def test_an_order_is_saved_as_a_school_of_ones_own_taken_in_another_piece_and_forgotten(
    client: httpx.Client, landscape: str, cup: bytes
) -> None:
    worked_out(client, landscape)
    saved = client.post("/api/own-schools", json={"piece": landscape, "name": "Three stages"})
    assert saved.status_code == 201
    key = saved.json()["key"]
    other = str(new_piece(client, cup)["id"])
    worked_out(client, other)
    rows = client.get(f"/api/pieces/{other}/schools").json()["schools"]
    assert [row["school"] for row in rows] == [*SCHOOLS, key]
    assert rows[-1]["feasible"]
    assert rows[-1]["words"] == "Three stages"
    assert patched(client, other, school=key).status_code == 200
    assert worked_out(client, other)["document"]["school"] == key
    # The same name for another order is not taken over the first.
    worked_out(client, landscape)
    patched(client, landscape, passes=6)
    worked_out(client, landscape)
    again = client.post("/api/own-schools", json={"piece": landscape, "name": "Three stages"})
    assert again.status_code == 422
    assert "already; it was kept" in again.json()["detail"]
    patched(client, landscape, passes=None)
    assert client.delete("/api/own-schools", params={"key": key}).status_code == 204
    assert client.delete("/api/own-schools", params={"key": key}).status_code == 404
    # What is painted by it keeps it.
    assert worked_out(client, other)["document"]["school"] == key
    refused = patched(client, other, medium="oil")
    assert refused.status_code == 422
    assert "paint covers" in refused.json()["detail"]
    wrong = client.post("/api/own-schools", json={"piece": other, "name": "a/b"})
    assert wrong.status_code == 422


def test_thresholds_drawn_by_hand_stay_when_the_squint_changes(client: httpx.Client, kettle: str) -> None:
    drawn = [2.0, 4.0, 6.0, 8.0]
    assert patched(client, kettle, thresholds=drawn).status_code == 200
    assert patched(client, kettle, squint=1.6).status_code == 200
    assert client.get(f"/api/pieces/{kettle}").json()["settings"]["thresholds"] == drawn
    assert patched(client, kettle, bands=4).status_code == 200
    assert client.get(f"/api/pieces/{kettle}").json()["settings"]["thresholds"] is None
    patched(client, kettle, bands=5, squint=1.0)
