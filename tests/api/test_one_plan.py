"""One plan: every answer about a piece is about its plan in force, its masses under the same ids."""

from __future__ import annotations

import json
import re
from typing import Any

import httpx
import numpy as np
import pytest

from tests.conftest import Server, edited, encoded, new_piece, worked_out
from tests.pieces import photographs

HEADER = "washboard-plan"
ASKED: dict[str, dict[str, Any]] = {
    "/api/pieces/{piece}/plan": {},
    "/api/pieces/{piece}/export": {},
    "/api/pieces/{piece}/maps/{name}": {"name": "labels"},
    "/api/pieces/{piece}/findings": {},
    "/api/pieces/{piece}/schools": {},
    "/api/pieces/{piece}/orders": {},
    "/api/pieces/{piece}/cards.pdf": {},
    "/api/pieces/{piece}/look-back.pdf": {},
    "/api/pieces/{piece}/prepare": {},
    "/api/pieces/{piece}/transfer.{ending}": {"ending": "svg"},
    "/api/pieces/{piece}/mix": {},
    "/api/pieces/{piece}/mix/strips.pdf": {"pass": "p1"},
    "/api/pieces/{piece}/easel": {},
}
"""What is answered about the plan, with what it is asked with."""
NOT_OF_THE_PLAN = {
    "/api/pieces/{piece}",
    "/api/pieces/{piece}/history",
    "/api/pieces/{piece}/relit.jpg",
    "/api/pieces/{piece}/log",
    # Photos name the plan that they were read under, and stay when another comes into force.
    "/api/pieces/{piece}/observations",
    "/api/pieces/{piece}/observations/{seen}/{name}",
    "/api/pieces/{piece}/sittings",
    "/api/pieces/{piece}/sittings.ics",
    # The order alone, on the page before there is a plan to name.
    "/api/pieces/{piece}/passes",
    "/api/pieces/{piece}/picture",
    "/api/pieces/{piece}/masses",
    "/api/pieces/{piece}/values",
    "/api/pieces/{piece}/study.{ending}",
    "/api/pieces/{piece}/mix/table",
}
"""What is about the piece, its picture or its paints only."""
POSTED: dict[str, dict[str, Any]] = {
    "/api/pieces/{piece}/moves": {"passId": "p1", "to": 0},
    "/api/pieces/{piece}/compare": {
        "one": {"x": 0.2, "y": 0.2},
        "other": {"x": 0.7, "y": 0.7, "source": "predicted"},
    },
    "/api/pieces/{piece}/passes/{pass_id}/leaving-out": {},
}


@pytest.fixture(scope="module")
def kettle(client: httpx.Client) -> str:
    return str(new_piece(client, encoded(photographs()["cup"], quality=90), name="One plan")["id"])


def ids_in(found: Any) -> set[str]:
    """Every id of a mass that an answer names."""
    if isinstance(found, list):
        return set().union(*map(ids_in, found))
    if not isinstance(found, dict):
        return set()
    own: set[str] = set()
    for key, value in found.items():
        if key == "mass" and isinstance(value, str) and value:
            own.add(value)
        elif key == "masses" and isinstance(value, list) and all(isinstance(one, str) for one in value):
            own |= set(value)
        else:
            own |= ids_in(value)
    return own


def walked(client: httpx.Client, piece: str) -> None:
    """Ask for everything, in an order in which nothing was asked before the plan: one plan, the same ids."""
    plan = client.get(f"/api/pieces/{piece}/plan").json()
    known = {mass["id"] for mass in plan["document"]["masses"]}
    for path, given in ASKED.items():
        url = path.replace("{piece}", piece)
        for key in ("name", "ending"):
            url = url.replace(f"{{{key}}}", str(given.get(key, "")))
        params = {key: value for key, value in given.items() if key not in ("name", "ending")}
        answer = client.get(url, params=params)
        assert answer.status_code == 200, (path, answer.text)
        told = answer.json() if answer.headers["content-type"].startswith("application/json") else {}
        named = {answer.headers.get(HEADER), told.get("plan") if isinstance(told, dict) else None} - {None}
        assert named == {plan["key"]}, path
        assert ids_in(told) <= known, path
    for path, body in POSTED.items():
        answer = client.post(path.replace("{piece}", piece).replace("{pass_id}", "p1"), json=body)
        assert answer.status_code == 200, (path, answer.text)
        assert answer.json()["plan"] == plan["key"], path
        assert ids_in(answer.json()) <= known, path
    labels = np.frombuffer(client.get(f"/api/pieces/{piece}/maps/labels").content, "<u2")
    assert {mass["label"] for mass in plan["document"]["masses"]} == set(np.unique(labels).tolist()) - {0}


def test_everything_that_can_be_asked_about_a_piece_is_in_one_of_the_lists(client: httpx.Client) -> None:
    paths = client.get("/api/openapi.json").json()["paths"]
    asked = {p for p, methods in paths.items() if p.startswith("/api/pieces/{piece}") and "get" in methods}
    assert asked == ASKED.keys() | NOT_OF_THE_PLAN


def test_every_answer_is_about_one_plan_after_bands_school_and_ways_change(
    client: httpx.Client, kettle: str
) -> None:
    worked_out(client, kettle)
    edited(client, kettle, bands=7)
    worked_out(client, kettle)
    walked(client, kettle)
    edited(client, kettle, school="both-ends")
    worked_out(client, kettle)
    walked(client, kettle)
    reserve = client.get(f"/api/pieces/{kettle}/plan").json()["document"]["reserves"][0]
    edited(client, kettle, ways=[{"mass": reserve["mass"], "way": "mask"}])
    document = worked_out(client, kettle)["document"]
    assert {r["mass"]: r["kind"] for r in document["reserves"]}[reserve["mass"]] == "mask"
    walked(client, kettle)


def stops_of(mass: dict[str, Any]) -> list[dict[str, Any]]:
    """The stops of a mass that are laid."""
    return [stop for stop in (mass["gradation"] or {"stops": []})["stops"] if stop["target"]]


def test_a_pile_has_the_value_that_the_plan_on_screen_gives_its_mass(
    client: httpx.Client, kettle: str
) -> None:
    for bands in (5, 3, 7):
        edited(client, kettle, bands=bands, school=None, ways=[])
        plan = worked_out(client, kettle)["document"]
    ends = {
        mass["id"]: sorted([stop["target"][0] for stop in stops_of(mass)] or [mass["targetEnds"][0][0]])
        for mass in plan["masses"]
    }
    reached = {
        o["mass"]: done["id"] for done in plan["passes"] for o in done["operations"] if o["role"] == "target"
    }
    for pile in client.get(f"/api/pieces/{kettle}/mix").json()["piles"]:
        low, *_, high = [*ends[pile["masses"][0]], ends[pile["masses"][0]][-1]]
        assert low - 0.5 <= pile["target"][0] <= high + 0.5, pile
        assert all(reached[mass] == pile["pass"] for mass in pile["masses"])
    # The piece was worked out anew twice: masses that went through it have ids from before.
    assert max(int(mass["id"][1:]) for mass in plan["masses"]) > len(plan["masses"])


def test_minutes_in_hand_alone_give_a_plan_that_speaks_of_them_and_again_without(
    client: httpx.Client, kettle: str
) -> None:
    def notes(minutes: float | None) -> str:
        edited(client, kettle, intent={"minutes": minutes})
        return " ".join(worked_out(client, kettle)["document"]["notes"])

    def quickest(minutes: float) -> str:
        ((total, hand),) = re.findall(
            r"takes ([0-9,]+) min, waits included; you have ([0-9]+)", notes(minutes)
        )
        assert float(hand) == minutes
        return str(total)

    five = quickest(5)
    assert quickest(6) == five
    assert "you have" not in notes(None)
    assert quickest(5) == five
    edited(client, kettle, intent=None)


def test_a_plan_whose_maps_were_lost_is_worked_out_again_under_the_same_ids(
    client: httpx.Client, kettle: str, demo: Server
) -> None:
    before = worked_out(client, kettle)
    for name in ("labels", "maps"):
        (demo.folder / "media" / before["view"]["media"][name]).unlink()
        assert client.get(f"/api/pieces/{kettle}/plan").json()["code"] == "not-ready"
        assert worked_out(client, kettle) == before
    # Also when the newest plan has lost its labels, another is worked out and ids are not given twice.
    (demo.folder / "media" / before["view"]["media"]["labels"]).unlink()
    edited(client, kettle, bands=4)
    after = worked_out(client, kettle)
    assert not {m["id"] for m in after["document"]["masses"]} & {
        m["id"] for m in before["document"]["masses"]
    }


def test_the_file_of_a_plan_has_the_name_that_the_piece_has_now(client: httpx.Client, kettle: str) -> None:
    worked_out(client, kettle)
    edited(client, kettle, name="Renamed since")
    for path in ("plan", "export"):
        told = json.loads(client.get(f"/api/pieces/{kettle}/{path}").content)
        assert (told["document"] if path == "plan" else told)["piece"] == "Renamed since"
