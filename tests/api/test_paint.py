"""Paint over the interface: the easel, the log, sittings, free hours."""

from __future__ import annotations

import uuid
from collections.abc import Iterator

import httpx
import pytest

from tests.conftest import Server, new_piece, worked_out

Piece = tuple[httpx.Client, str]


@pytest.fixture
def piece(demo: Server, cup: bytes) -> Iterator[Piece]:
    with demo.client() as client:
        made = new_piece(client, cup)["id"]
        worked_out(client, made)
        yield client, made


def event(kind: str, at: str, **more: object) -> dict[str, object]:
    return {"id": str(uuid.uuid4()), "at": f"2026-11-28T{at}:00+01:00", "kind": kind, **more}


def sent(piece: Piece, *events: dict[str, object]) -> httpx.Response:
    client, made = piece
    return client.post(f"/api/pieces/{made}/log", json={"events": list(events)})


def easel(piece: Piece) -> dict:
    client, made = piece
    answer = client.get(f"/api/pieces/{made}/easel")
    assert answer.status_code == 200, answer.text
    return answer.json()


def test_the_easel_tells_every_pass_with_steps_piles_and_cautions(piece: Piece) -> None:
    told = easel(piece)
    assert told["real"] == []
    assert len(told["passes"]) >= 3
    for own in told["passes"]:
        assert own["cautions"]
        assert sum(step["minutes"] for step in own["steps"]) == pytest.approx(own["minutes"], abs=1)
        for step in own["steps"]:
            assert len(step["heading"].split()) <= 14
    assert any(own["piles"] for own in told["passes"])
    assert [own["shows"] for own in told["passes"]] == list(range(1, len(told["passes"]) + 1))


def test_what_is_done_leaves_the_easel_and_its_real_minutes_are_told(piece: Piece) -> None:
    first = easel(piece)["passes"][0]["id"]
    answer = sent(
        piece,
        event("pass-begun", "10:00", **{"pass": first}),
        event("interrupted", "10:05"),
        event("resumed", "10:35"),
        event("pass-done", "10:45", **{"pass": first}),
    )
    assert answer.json()["new"] == 4
    told = easel(piece)
    assert first not in [own["id"] for own in told["passes"]]
    assert told["real"][0]["id"] == first
    assert told["real"][0]["real"] == pytest.approx(15)
    assert told["told"][0].startswith("One pass is done")


def test_an_event_sent_twice_is_kept_once_and_an_id_taken_by_another_is_refused(piece: Piece) -> None:
    one = event("note", "10:00", words="squint")
    assert sent(piece, one).json()["new"] == 1
    assert sent(piece, one, event("note", "09:00", words="earlier")).json()["new"] == 1
    clash = sent(piece, one | {"words": "other"})
    assert clash.status_code == 409
    client, made = piece
    words = [e["words"] for e in client.get(f"/api/pieces/{made}/log").json()["events"]]
    assert words == ["squint", "earlier"]


def test_an_accident_brings_a_pass_that_mends_it_and_says_so(piece: Piece) -> None:
    passes = easel(piece)["passes"]
    count = next(k for k, own in enumerate(passes) if own["piles"]) + 1
    mass = passes[count - 1]["piles"][0]["masses"][0]
    done = [event("pass-done", f"10:0{k}", **{"pass": own["id"]}) for k, own in enumerate(passes[:count])]
    sent(piece, *done, event("accident", "12:00", what="too-dark", masses=[mass], value=3.0))
    after = easel(piece)
    assert any(own["id"].startswith("mend") for own in after["passes"])
    assert any("too dark" in said for said in after["told"])


@pytest.mark.parametrize(
    "wrong",
    [
        {"at": "yesterday"},
        {"at": "2026-11-28T10:00:00"},
        {"id": ""},
        {"id": "x" * 37},
        {"id": "a b"},
        {"value": "dark"},
        {"masses": "m1"},
        {"surprise": 1},
    ],
)
def test_events_that_cannot_be_are_refused_and_none_is_kept(piece: Piece, wrong: dict[str, object]) -> None:
    good = event("note", "10:00")
    answer = sent(piece, good, event("note", "10:00") | wrong)
    assert answer.status_code == 422
    client, made = piece
    assert client.get(f"/api/pieces/{made}/log").json()["events"] == []


def test_events_about_what_is_not_there_are_kept_and_passed_over(piece: Piece) -> None:
    answer = sent(
        piece,
        event("pass-done", "10:00", **{"pass": "p99"}),
        event("accident", "10:00", what="gremlin", masses=["m1"]),
        event("from-a-newer-program", "10:00"),
    )
    assert answer.status_code == 200
    assert answer.json()["new"] == 3
    assert len(easel(piece)["strange"]) == 2


def test_sittings_follow_free_hours_and_the_file_is_a_calendar(piece: Piece) -> None:
    client, made = piece
    said = client.patch("/api/painter", json={"hours": "weekdays 19-21, Saturday mornings"})
    assert said.json()["hoursSaid"] is True
    told = client.get(f"/api/pieces/{made}/sittings", params={"from": "2026-12-01T09:00:00+01:00"}).json()
    assert "sittings" in told, told
    assert told["bound"] <= len(told["sittings"])
    assert all(sitting["start"][11:16] in ("19:00", "09:00") for sitting in told["sittings"])
    passes = [own["id"] for own in easel(piece)["passes"]]
    # Pieces of other tests that are begun share the painter's hours.
    stints = [stint for sitting in told["sittings"] for stint in sitting["stints"]]
    placed = [stint["pass"] for stint in stints if stint["piece"] == "Cup"]
    assert list(dict.fromkeys(placed)) == passes
    file = client.get(f"/api/pieces/{made}/sittings.ics", params={"from": "2026-12-01T09:00:00+01:00"})
    assert file.headers["content-type"].startswith("text/calendar")
    assert file.text.count("BEGIN:VEVENT") == len(told["sittings"])


def test_hours_that_are_not_understood_are_refused_and_those_of_before_kept(piece: Piece) -> None:
    client, _ = piece
    client.patch("/api/painter", json={"hours": "Sundays 9-11"})
    wrong = client.patch("/api/painter", json={"hours": "now and then"})
    assert wrong.status_code == 422
    assert "now" in wrong.json()["detail"]
    assert client.get("/api/painter").json()["hours"] == "Sundays 9-11"


def test_free_hours_that_are_too_short_say_which_and_what_helps(piece: Piece) -> None:
    client, made = piece
    client.patch("/api/painter", json={"hours": "Sundays 9-9:20"})
    answer = client.get(f"/api/pieces/{made}/sittings", params={"from": "2026-12-01T09:00:00+01:00"})
    assert answer.status_code == 422
    assert "do not fit" in answer.json()["detail"]
    client.patch("/api/painter", json={"hours": "every day 9-12"})
