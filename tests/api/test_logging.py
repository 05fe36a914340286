"""Logging whatever happens: kills, a full disk, devices whose clocks are wrong."""

from __future__ import annotations

import random
import threading
import time
import uuid
from collections.abc import Callable
from datetime import UTC, datetime, timedelta
from itertools import count
from typing import Any

import httpx
import pytest

from tests.conftest import Server, new_piece, worked_out
from tests.store.test_full_disk import tiny  # noqa: F401 - a fixture

KILLS = 4


def drawn(client: httpx.Client) -> str:
    """A piece without a photo, which takes no time."""
    shapes = [{"value": 5.0, "points": [[0.2, 0.2], [0.8, 0.2], [0.5, 0.8]]}]
    body = {"name": "Drawn", "medium": "oil", "surface": "white", "widthCm": 30, "heightCm": 20}
    made = client.post("/api/pieces", json=body | {"shapes": shapes})
    assert made.status_code == 201, made.text
    return str(made.json()["id"])


def note(words: str, at: datetime | None = None) -> dict[str, Any]:
    at = at or datetime.now(UTC)
    return {"id": uuid.uuid4().hex, "at": at.isoformat(), "kind": "note", "words": words, "masses": []}


def log(client: httpx.Client, piece: str, *events: dict[str, Any], **more: str) -> httpx.Response:
    return client.post(f"/api/pieces/{piece}/log", json={"events": list(events), **more})


def logged(client: httpx.Client, piece: str) -> list[dict[str, Any]]:
    return list(client.get(f"/api/pieces/{piece}/log").json()["events"])


def test_no_acknowledged_event_is_lost_however_often_the_server_is_killed(
    start: Callable[..., Server],
) -> None:
    server, dice, told = start(), random.Random(7), list[dict[str, Any]]()
    with server.client() as client:
        piece = drawn(client)
    for _ in range(KILLS):
        unsure: list[dict[str, Any]] = []

        def go(url: str = server.url, unsure: list[dict[str, Any]] = unsure) -> None:
            with httpx.Client(base_url=url, timeout=20) as client:
                for number in count():
                    event = note(f"number {number}")
                    unsure.append(event)
                    try:
                        answer = log(client, piece, event)
                    except httpx.HTTPError:
                        return
                    if answer.status_code == 200:
                        told.append(unsure.pop())

        logging = threading.Thread(target=go)
        logging.start()
        time.sleep(dice.uniform(0.05, 0.4))
        server.kill()
        logging.join()
        server = start(server.folder)
        with server.client() as client:
            there = [event["id"] for event in logged(client, piece)]
            assert len(set(there)) == len(there)
            assert {event["id"] for event in told} <= set(there)
            # The device sends what it is unsure of once more: it is there once.
            assert log(client, piece, *unsure).status_code == 200
            told.extend(unsure)
            assert sorted(event["id"] for event in logged(client, piece)) == sorted(e["id"] for e in told)
    assert len(told) > KILLS


def test_on_a_full_disk_an_event_is_refused_and_those_before_stay(tiny: Server) -> None:  # noqa: F811
    with tiny.client() as client:
        piece, told = drawn(client), list[str]()
        for number in range(3000):
            event = note(f"{number} " + "x" * 1900)
            answer = log(client, piece, event)
            if answer.status_code != 200:
                break
            told.append(event["id"])
        assert answer.status_code == 507
        assert "Everything kept before is safe" in answer.json()["detail"]
        assert [event["id"] for event in logged(client, piece)] == told


@pytest.mark.parametrize("days", [2, -2])
def test_what_a_device_with_a_wrong_clock_logs_is_set_right_and_said(
    start: Callable[..., Server], days: int
) -> None:
    wrong = datetime.now(UTC) + timedelta(days=days)
    events = [note("first", wrong - timedelta(minutes=40)), note("second", wrong - timedelta(minutes=1))]
    with start().client() as client:
        piece = drawn(client)
        answer = log(client, piece, *events, sentAt=wrong.isoformat()).json()
        assert f"48.0 h {'ahead of' if days > 0 else 'behind'}" in answer["told"]
        first, second = (datetime.fromisoformat(event["at"]) for event in answer["events"])
        assert abs(datetime.now(UTC) - timedelta(minutes=1) - second) < timedelta(minutes=1)
        assert second - first == timedelta(minutes=39)
        again = log(client, piece, *events, sentAt=(wrong + timedelta(minutes=30)).isoformat())
        assert (again.status_code, again.json()["new"]) == (200, 0)
        assert log(client, piece, note("third"), sentAt=datetime.now(UTC).isoformat()).json()["told"] == ""


def calendar(*entries: str) -> bytes:
    body = "\r\n".join(f"BEGIN:VEVENT\r\nUID:{k}\r\n{entry}\r\nEND:VEVENT" for k, entry in enumerate(entries))
    return f"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:test\r\n{body}\r\nEND:VCALENDAR\r\n".encode()


@pytest.fixture
def room(start: Callable[..., Server], cup: bytes) -> tuple[httpx.Client, str]:
    client = start().client()
    made = new_piece(client, cup, medium="acrylic", surface="value:7")["id"]
    worked_out(client, made)
    return client, made


def test_free_hours_are_taken_from_a_calendar_and_deadlines_are_measured(
    room: tuple[httpx.Client, str],
) -> None:
    client, made = room
    day = (datetime.now() + timedelta(days=3)).date()
    free = calendar(f"DTSTART:{day:%Y%m%d}T140000\r\nDTEND:{day:%Y%m%d}T200000")
    for bad in (b"no calendar", calendar(), b"BEGIN:VCALENDAR", b"x" * 2_000_000):
        refused = client.put("/api/painter/calendar", files={"file": ("free.ics", bad)})
        assert refused.status_code in (413, 422), bad[:20]
        assert client.get("/api/painter").json()["calendar"] is None
    taken = client.put("/api/painter/calendar", files={"file": ("free.ics", free)})
    assert taken.json()["calendar"] == "free.ics"
    ahead = client.get(f"/api/pieces/{made}/sittings").json()
    assert {s["start"][:10] for s in ahead["sittings"]} == {f"{day:%Y-%m-%d}"}
    assert ahead["told"] == []
    for written, said in (
        (day.isoformat(), "very day"),
        ("1 January 2020", "days late"),
        ("spring", "no date"),
    ):
        piece = client.get(f"/api/pieces/{made}").json()
        intent = {"sentence": "", "mood": "as-seen", "deadline": written}
        change = {"revision": piece["revision"], "intent": intent}
        assert client.patch(f"/api/pieces/{made}", json=change).status_code == 200
        worked_out(client, made)
        assert said in client.get(f"/api/pieces/{made}/sittings").json()["told"][0]
    client.patch("/api/painter", json={"hours": "every day 17-21"})
    assert client.get("/api/painter").json()["calendar"] is None
    client.close()


def test_paint_of_a_pass_that_is_done_is_taken_off_its_tubes_once(room: tuple[httpx.Client, str]) -> None:
    client, made = room
    first = client.get(f"/api/pieces/{made}/easel").json()["passes"][0]
    assert first["paints"]
    take = max(first["paints"], key=lambda own: own["ml"])
    paint = take["paint"]
    tubes = [
        {"kind": "paint", "name": name, "like": paint, "medium": "acrylic", "left": left}
        for name, left in (("Nearly empty", round(take["ml"] / 2, 3)), ("Full", 40.0))
    ]
    client.post("/api/shelf/items", json={"revision": 0, "items": tubes})
    counted = client.get(f"/api/pieces/{made}/easel").json()["passes"][0]["paints"]
    assert next(own for own in counted if own["paint"] == paint)["left"] == pytest.approx(
        40 + take["ml"] / 2, abs=0.01
    )
    event = note("") | {"kind": "pass-done", "pass": first["id"]}
    for again in (event, event, note("") | {"kind": "pass-done", "pass": first["id"]}):
        assert log(client, made, again).status_code == 200
    deadline = time.monotonic() + 60
    while (items := client.get("/api/shelf").json()["items"])[0]["left"] > 0:
        assert time.monotonic() < deadline, items
        time.sleep(0.1)
    left = {item["name"]: item["left"] for item in items}
    assert left["Full"] == pytest.approx(40 - take["ml"] / 2, abs=0.01)
    time.sleep(0.5)
    assert client.get("/api/shelf").json()["revision"] == 2
    client.post("/api/shelf/undo", json={"revision": 2})
    assert client.get("/api/shelf").json()["items"][0]["left"] > 0
    client.close()
