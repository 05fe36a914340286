"""The recipe board and mixing tables over the web interface."""

from __future__ import annotations

import httpx
import numpy as np
import pytest

from tests.conftest import encoded, new_piece, worked_out
from tests.pieces import photographs
from washboard.core.colour.spectra import spectrum_of_lab
from washboard.core.materials.paints import PAINTS
from washboard.core.mixing.mixture import mixing_model_of
from washboard.core.optics.vehicle import vehicle_of
from washboard.core.plan.plan import Kind


@pytest.mark.parametrize("medium", ["watercolour", "acrylic"])
def test_every_mass_that_is_painted_has_a_pile_with_recipes_and_enough_paint(
    client: httpx.Client, medium: str
) -> None:
    piece = new_piece(client, encoded(photographs()["landscape"]), medium=medium)["id"]
    document = worked_out(client, piece)["document"]
    board = client.get(f"/api/pieces/{piece}/mix").json()
    painted = [
        o["mass"]
        for done in document["passes"]
        for o in done["operations"]
        if o["role"] == "target" and Kind(o["kind"]).lays
    ]
    # A modelled mass has a pile for each stop where its hue turns, shared with what has the same colour.
    assert {mass for pile in board["piles"] for mass in pile["masses"]} == set(painted)
    order = [done["id"] for done in document["passes"]]
    assert [pile["pass"] for pile in board["piles"]] == sorted(
        (pile["pass"] for pile in board["piles"]), key=order.index
    )
    palette = {paint["key"] for paint in board["paints"]}
    for pile in board["piles"]:
        best = pile["recipes"][0]
        assert {part["paint"] for part in best["parts"]} <= palette
        assert pile["ml"] >= pile["atOnceMl"] > 0
        assert best["deltaE"] < 12
    near = [abs(pile["recipes"][0]["valueError"]) <= 0.25 for pile in board["piles"]]
    assert np.mean(near) > 0.85
    largest = max(board["piles"], key=lambda pile: pile["ml"])
    areas = {mass["id"]: mass["areaCm2"] for mass in document["masses"]}
    if medium == "watercolour":
        assert largest["atOnceMl"] >= 0.01 * sum(areas[m] for m in largest["masses"])


def test_a_mixing_table_holds_what_the_films_give(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)["id"]
    query = "paint=ultramarine&paint=burnt-sienna&lightness=92&a=1&b=4"
    table = client.get(f"/api/pieces/{piece}/mix/table?{query}").json()
    loads = table["loads"]
    assert len(table["dry"]) == len(loads) ** 2
    bench = mixing_model_of(
        [PAINTS["ultramarine"], PAINTS["burnt-sienna"]],
        vehicle_of("watercolour"),
        spectrum_of_lab((92.0, 1.0, 4.0)),
    )
    for i, j in ((0, 0), (3, 5), (8, 2)):
        lab = bench.labs([loads[i], loads[j]])
        assert table["dry"][i * len(loads) + j][:3] == pytest.approx(lab.tolist(), abs=0.02)


def test_mixing_what_is_not_there_is_refused(client: httpx.Client, cup: bytes) -> None:
    piece = new_piece(client, cup)["id"]
    for query in (
        "paint=mud",
        "paint=lemon&paint=lemon",
        "",
        "paint=a&paint=b&paint=c&paint=d",
        "lightness=x",
    ):
        answer = client.get(f"/api/pieces/{piece}/mix/table?{query}")
        assert 400 <= answer.status_code < 500, query
        assert answer.json()["detail"]
    assert client.get(f"/api/pieces/{'0' * 32}/mix").status_code == 404


def test_a_pile_has_other_ways_at_its_value_and_is_corrected_by_its_strip(
    client: httpx.Client, cup: bytes
) -> None:
    piece = new_piece(client, cup)["id"]
    worked_out(client, piece)
    board = client.get(f"/api/pieces/{piece}/mix").json()
    pile = max(board["piles"], key=lambda pile: pile["ml"])
    best = pile["recipes"][0]
    mixture = {key: pile[key] for key in ("target", "over")} | {"parts": best["parts"], "load": best["load"]}
    address = f"/api/pieces/{piece}/mix/ways"
    ways = client.post(address, json=mixture).json()["ways"]
    assert {"warmer", "cooler"} <= {way["words"] for way in ways}
    assert all(abs(way["valueError"]) <= 0.3 for way in ways)
    # It dried darker than meant: less paint is taken.
    darker = client.post(address, json=mixture | {"seenValue": best["value"] - 0.8}).json()["ways"][0]
    assert darker["load"] < best["load"]
    assert abs(darker["valueError"]) <= 0.3
    wrongs: tuple[dict, ...] = (
        {"parts": [{"paint": "unobtainium", "parts": 1}]},
        {"parts": []},
        {"load": 0},
        {"load": "x"},
        {"parts": [{"paint": "lemon", "parts": 1}] * 2},
        {"target": [300, 0, 0]},
        {"seenValue": 11},
    )
    for wrong in wrongs:
        answer = client.post(address, json=mixture | wrong)
        assert answer.status_code == 422, wrong
        assert answer.json()["detail"]
    said = [recipe["says"] for p in board["piles"] for recipe in p["recipes"]]
    assert {"fewest paints", "lifts best", "nearest"} <= set(", ".join(said).split(", "))
    assert any(p["again"] for p in board["piles"])
    for k, p in enumerate(board["piles"]):
        assert p["again"] is None or p["again"]["pile"] < k
    strips = client.get(f"/api/pieces/{piece}/mix/strips.pdf", params={"pass": pile["pass"]})
    assert strips.content.startswith(b"%PDF")


def test_a_poor_palette_is_told_what_would_reach_what_it_misses(client: httpx.Client) -> None:
    photo = encoded(photographs()["flower"])
    made = new_piece(client, photo, medium="oil")
    palette = ["white", "raw-umber", "ultramarine"]
    client.patch(f"/api/pieces/{made['id']}", json={"revision": made["revision"], "palette": palette})
    worked_out(client, made["id"])
    board = client.get(f"/api/pieces/{made['id']}/mix").json()
    helped = [p for p in board["piles"] if p["helps"]]
    assert helped
    for pile in helped:
        assert pile["helps"]["paint"] not in palette
        assert pile["helps"]["deltaE"] < pile["recipes"][0]["deltaE"]
