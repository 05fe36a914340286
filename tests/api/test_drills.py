"""The trainer through the interface of the program."""

from __future__ import annotations

import uuid

import httpx
import pytest


@pytest.fixture(scope="module")
def piece(landscape: str) -> str:
    return landscape


def asked(client: httpx.Client, **wanted: str) -> dict:
    answer = client.get("/api/drills/next", params=wanted)
    assert answer.status_code == 200, answer.text
    return answer.json()


def answered(client: httpx.Client, drill: dict, option: int, name: str = "") -> httpx.Response:
    body = {"id": name or uuid.uuid4().hex, "piece": drill["piece"], "item": drill["item"], "option": option}
    return client.post("/api/drills/answers", json=body)


def test_a_question_does_not_say_what_is_right_and_its_answer_does(client: httpx.Client, piece: str) -> None:
    drill = asked(client, piece=piece, kind="darker")
    assert "right" not in drill
    told = answered(client, drill, 0)
    assert told.status_code == 201, told.text
    found = told.json()
    assert found["right"] is (found["option"] == 0)
    assert len(found["whys"]) == len(drill["options"])
    assert found["days"] >= 0.9


def test_an_answer_that_is_sent_twice_counts_once(client: httpx.Client, piece: str) -> None:
    drill = asked(client, piece=piece, kind="value")

    def count() -> int:
        return sum(week["count"] for week in client.get("/api/drills/progress").json()["weeks"])

    before, name = count(), uuid.uuid4().hex
    assert answered(client, drill, 1, name).status_code == 201
    assert answered(client, drill, 1, name).status_code == 201
    assert count() == before + 1


def test_what_was_answered_does_not_come_again_at_once(client: httpx.Client, piece: str) -> None:
    first = asked(client, piece=piece, kind="value")
    answered(client, first, 0)
    assert asked(client, piece=piece, kind="value")["item"] != first["item"]


def test_what_there_is_not_is_refused_and_nothing_is_counted(client: httpx.Client, piece: str) -> None:
    drill = asked(client, piece=piece, kind="value")
    before = client.get("/api/drills/progress").json()["weeks"]
    assert answered(client, drill, 17).status_code == 422
    assert answered(client, drill | {"item": "darker:none"}, 0).status_code == 422
    assert answered(client, drill | {"piece": "0" * 32}, 0).status_code == 404
    assert client.get("/api/drills/next", params={"kind": "smell"}).status_code == 422
    assert client.get("/api/drills/progress").json()["weeks"] == before


def test_where_a_piece_holds_no_such_question_nothing_is_asked(client: httpx.Client, piece: str) -> None:
    answer = client.get("/api/drills/next", params={"piece": piece, "kind": "next", "row": 900})
    assert answer.status_code == 204


def test_passes_of_one_piece_are_guessed_in_their_order(client: httpx.Client, piece: str) -> None:
    rows, onward = list[int](), 0
    while (answer := client.get(f"/api/drills/guess/{piece}", params={"onward": onward})).status_code == 200:
        rows.append(answer.json()["row"])
        onward = rows[-1] + 1
    assert answer.status_code == 204
    assert rows
    assert rows == sorted(set(rows))
    assert client.get(f"/api/drills/guess/{'0' * 32}").status_code == 404
