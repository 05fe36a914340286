"""What is learnt of the painter through the interface of the program: offered, taken, taken back."""

from __future__ import annotations

import uuid
from datetime import UTC, datetime, timedelta

import httpx
import pytest

from tests.conftest import encoded, new_piece, worked_out
from tests.pieces import photographs


@pytest.fixture(scope="module")
def slow(client: httpx.Client) -> str:
    """A piece whose passes all took half as long again as planned."""
    made = str(new_piece(client, encoded(photographs()["cup"]), medium="pastel", surface="value:4")["id"])
    passes = worked_out(client, made)["document"]["passes"]
    clock, events = datetime.now(UTC) - timedelta(days=2), []
    for own in passes:
        for kind, minutes in (("pass-begun", 1.0), ("pass-done", 1.5 * own["minutes"])):
            clock += timedelta(minutes=minutes)
            events.append({"id": uuid.uuid4().hex, "at": clock.isoformat(), "kind": kind, "pass": own["id"]})
    assert client.post(f"/api/pieces/{made}/log", json={"events": events}).status_code == 200
    return made


def lesson(client: httpx.Client, key: str) -> dict:
    return next(one for one in client.get("/api/learning").json()["lessons"] if one["key"] == key)


PACE = "pace:pastel:"


@pytest.mark.usefixtures("slow")
def test_a_slow_painter_is_told_so_with_the_spread_and_offered_more_minutes(client: httpx.Client) -> None:
    found = lesson(client, PACE)
    assert 1.1 < found["low"] < found["figure"] < found["high"] < 2
    assert f"{found['figure']:.1f} times as long" in found["sentence"]
    assert found["offered"]
    assert not found["taken"]


@pytest.mark.usefixtures("slow")
def test_what_is_taken_goes_into_pieces_that_are_not_begun_and_is_taken_back(client: httpx.Client) -> None:
    photo = encoded(photographs()["coins"])
    other = str(new_piece(client, photo, medium="pastel", surface="value:4")["id"])
    usual = worked_out(client, other)["document"]["totals"]["workMinutes"]
    assert client.put(f"/api/learning/{PACE}").status_code == 200
    assert lesson(client, PACE)["taken"]
    habit = client.get(f"/api/pieces/{other}").json()["settings"]["habit"]
    slowly = worked_out(client, other)["document"]["totals"]["workMinutes"]
    assert slowly / usual == pytest.approx(habit["pace"], rel=0.12)
    # A new piece takes it along from the start.
    new = new_piece(client, photo, medium="pastel", surface="value:4")
    assert new["settings"]["habit"]["pace"] == habit["pace"]
    assert client.delete(f"/api/learning/{PACE}").status_code == 200
    assert client.get(f"/api/pieces/{other}").json()["settings"]["habit"]["pace"] == 1
    assert worked_out(client, other)["document"]["totals"]["workMinutes"] == usual


def test_a_piece_that_is_begun_keeps_its_plan(client: httpx.Client, slow: str) -> None:
    before = client.get(f"/api/pieces/{slow}").json()
    assert client.put(f"/api/learning/{PACE}").status_code == 200
    assert client.get(f"/api/pieces/{slow}").json() == before
    assert client.delete(f"/api/learning/{PACE}").status_code == 200


def test_what_was_not_learnt_is_not_taken_and_not_taken_back(client: httpx.Client) -> None:
    assert client.put("/api/learning/bias:oil:light").status_code == 422
    assert client.delete("/api/learning/bias:oil:light").status_code == 422


def test_another_try_has_the_settings_of_the_piece_and_an_empty_log(client: httpx.Client, slow: str) -> None:
    made = client.post(f"/api/pieces/{slow}/copies")
    assert made.status_code == 201
    again = made.json()
    before = client.get(f"/api/pieces/{slow}").json()
    assert again["name"] == f"{before['name']}, again"
    assert again["settings"] == before["settings"]
    assert client.get(f"/api/pieces/{again['id']}/log").json()["events"] == []


def test_the_look_back_is_one_page(client: httpx.Client, slow: str) -> None:
    answer = client.get(f"/api/pieces/{slow}/look-back.pdf")
    assert answer.status_code == 200
    assert answer.content.startswith(b"%PDF")
    assert answer.content.count(b"/Type /Page\n") == 1
