"""A box that limits: six sticks, six tubes, one, only whites; pairs one likes to mix; papers of one's own."""

from __future__ import annotations

from typing import Any

import httpx
import pytest

from tests.conftest import edited, encoded, new_piece, worked_out
from tests.pieces import photographs

SIX = (
    "ochre-light",
    "ultramarine-middle",
    "burnt-umber-deep",
    "orange-strong",
    "chromium-green-deep",
    "cobalt-pale",
)
TUBES = ("lemon", "rose", "ultramarine", "burnt-sienna", "ochre", "phthalo-green")


@pytest.fixture(scope="module")
def photo() -> bytes:
    return encoded(photographs()["landscape"])


def piece_with(
    client: httpx.Client, photo: bytes, medium: str, surface: str, palette: tuple[str, ...]
) -> tuple[str, dict[str, Any]]:
    """A piece with that box, worked out; its plan."""
    made = new_piece(client, photo, medium=medium, surface=surface)["id"]
    edited(client, made, palette=list(palette))
    return made, worked_out(client, made)["document"]


def palette_of(client: httpx.Client, piece: str) -> dict[str, Any]:
    return dict(client.get(f"/api/pieces/{piece}/prepare").json()["palette"])


def test_a_pastel_is_planned_and_mixed_with_the_six_sticks_that_come_along(
    client: httpx.Client, photo: bytes
) -> None:
    piece, document = piece_with(client, photo, "pastel", "value:4", SIX)
    board = client.get(f"/api/pieces/{piece}/mix").json()
    laid = {part["paint"] for pile in board["piles"] for r in pile["recipes"] for part in r["parts"]}
    assert laid <= set(SIX)
    found = palette_of(client, piece)
    assert {p["key"] for p in found["paints"] if p["chosen"]} == set(SIX)
    assert len(found["paints"]) == 96
    assert 0.1 < found["share"] < 1
    assert "as well would help most" in found["help"]
    assert any("cannot be matched with the sticks" in note for note in document["notes"])
    edited(client, piece, palette=[*SIX, found["more"]["key"]])
    worked_out(client, piece)
    assert palette_of(client, piece)["mean"] < found["mean"]
    # The whole set reaches more, and says nothing of a dark that it lacks.
    edited(client, piece, palette=[])
    worked_out(client, piece)
    whole = palette_of(client, piece)
    assert whole["share"] > found["share"]
    assert sum(p["chosen"] for p in whole["paints"]) == 96


def test_a_watercolour_with_six_tubes_keeps_to_them(client: httpx.Client, photo: bytes) -> None:
    piece, _ = piece_with(client, photo, "watercolour", "white", TUBES)
    board = client.get(f"/api/pieces/{piece}/mix").json()
    mixed = {part["paint"] for pile in board["piles"] for r in pile["recipes"] for part in r["parts"]}
    assert mixed <= set(TUBES)
    assert all(pile["recipes"][0]["says"] is not None for pile in board["piles"])
    assert any("nearest" in r["says"] for pile in board["piles"] for r in pile["recipes"])


@pytest.mark.parametrize(
    ("medium", "palette", "says"),
    [
        ("oil", ("white", "zinc-white"), "only white paints"),
        ("oil", ("ochre",), "One paint alone, yellow ochre"),
        ("oil", ("white", "ochre"), "The darkest that these give"),
        ("pastel", ("slate-pale", "ochre-pale"), "The darkest that these give"),
        ("pastel", ("black-deep", "burnt-umber-deep"), "The lightest that these give"),
        ("pastel", ("ultramarine-full",), "One stick alone, full ultramarine"),
    ],
)
def test_what_a_box_cannot_do_is_said_and_a_plan_remains(
    client: httpx.Client, photo: bytes, medium: str, palette: tuple[str, ...], says: str
) -> None:
    piece, document = piece_with(client, photo, medium, "value:4", palette)
    assert document["passes"]
    found = palette_of(client, piece)
    assert any(says in limit for limit in found["limits"]), found["limits"]
    assert found["help"]
    assert client.get(f"/api/pieces/{piece}/mix").status_code == 200


def test_a_box_waits_for_its_medium(client: httpx.Client, photo: bytes) -> None:
    piece, _ = piece_with(client, photo, "pastel", "value:4", SIX)
    edited(client, piece, medium="oil")
    assert worked_out(client, piece)["document"]["medium"] == "oil"
    edited(client, piece, medium="pastel")
    worked_out(client, piece)
    assert sum(p["chosen"] for p in palette_of(client, piece)["paints"]) == len(SIX)


def test_a_stick_that_is_none_is_refused_and_the_box_kept(client: httpx.Client, photo: bytes) -> None:
    piece, _ = piece_with(client, photo, "pastel", "value:4", SIX)
    there = client.get(f"/api/pieces/{piece}").json()
    body = {"revision": there["revision"], "palette": ["ochre-light", "ochre-neon"]}
    answer = client.patch(f"/api/pieces/{piece}", json=body)
    assert answer.status_code == 422
    assert "no stick called" in answer.json()["detail"]
    assert client.get(f"/api/pieces/{piece}").json()["settings"]["palette"] == list(SIX)


def test_a_favourite_pair_is_kept_and_forgotten(client: httpx.Client, photo: bytes) -> None:
    piece, _ = piece_with(client, photo, "oil", "white", ())
    edited(client, piece, pairs=[["ultramarine", "burnt-sienna"]])
    worked_out(client, piece)
    assert client.get(f"/api/pieces/{piece}/mix").status_code == 200
    edited(client, piece, pairs=[])
    assert client.get(f"/api/pieces/{piece}").json()["settings"]["pairs"] == []
    there = client.get(f"/api/pieces/{piece}").json()
    three = {"revision": there["revision"], "pairs": [["ultramarine"]]}
    assert client.patch(f"/api/pieces/{piece}", json=three).status_code == 422


def test_papers_on_the_shelf_are_among_the_grounds(client: httpx.Client, photo: bytes) -> None:
    shelf = client.get("/api/shelf").json()
    paper = {"kind": "surface", "name": "Sanded, from the drawer", "like": "sanded", "medium": "pastel"}
    added = client.post("/api/shelf/items", json={"items": [paper], "revision": shelf["revision"]})
    assert added.status_code in (200, 201), added.text
    piece, _ = piece_with(client, photo, "pastel", "white", ())
    grounds = client.get(f"/api/pieces/{piece}/prepare").json()["grounds"]
    mine = next(ground for ground in grounds if ground["words"] == "Sanded, from the drawer")
    edited(client, piece, surface=mine["tone"], stock=mine["stock"])
    assert worked_out(client, piece)["document"]["surface"]["words"] == mine["tone"]
