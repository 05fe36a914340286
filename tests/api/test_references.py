"""Several references over the web interface: swapped, borrowed from, opened, drawn."""

from __future__ import annotations

from collections.abc import Callable

import httpx
import numpy as np
from PIL import Image

from tests.conftest import Server, encoded, new_piece, patched, worked_out
from tests.core.test_review import apart
from tests.photographed import drawn, photographed
from tests.pieces import photographs

ROUND = [{"x": 0.5 + 0.25 * np.cos(a), "y": 0.5 + 0.3 * np.sin(a)} for a in np.linspace(0, 6, 30)]


def photo(name: str, size: tuple[int, int]) -> bytes:
    return encoded(np.asarray(Image.fromarray(photographs()[name]).resize(size)))


def taken_in(client: httpx.Client, data: bytes) -> str:
    return str(client.post("/api/references", files={"file": ("x.jpg", data)}).json()["hash"])


def settled(client: httpx.Client, piece: str) -> dict:
    return dict(client.get(f"/api/pieces/{piece}").json())


STROKE = {"points": [{"x": 0.2, "y": 0.7}, {"x": 0.5, "y": 0.75}]}


def corrected(client: httpx.Client) -> str:
    piece = str(new_piece(client, photo("landscape", (270, 180)))["id"])
    areas = {"strokes": [STROKE], "names": [{"x": 0.3, "y": 0.72, "name": "bank"}]}
    assert patched(client, piece, areas=areas).status_code == 200
    return piece


def test_a_photo_of_the_same_format_takes_the_others_place_and_corrections_stay(client: httpx.Client) -> None:
    piece = corrected(client)
    before = worked_out(client, piece)["document"]
    other = taken_in(client, photo("flower", (270, 180)))
    answer = patched(client, piece, reference=other).json()
    assert answer["reference"]["hash"] == other
    assert len(answer["settings"]["areas"]["strokes"]) == 1
    after = worked_out(client, piece)["document"]
    assert "bank" in {area["name"] for area in after["areas"]}
    assert after["masses"] != before["masses"]
    client.post(f"/api/pieces/{piece}/undo", json={"revision": answer["revision"]})
    assert worked_out(client, piece)["document"] == before


def test_a_photo_of_another_format_has_its_areas_proposed_anew_and_undo_brings_them_back(
    client: httpx.Client,
) -> None:
    piece = corrected(client)
    before = settled(client, piece)
    answer = patched(client, piece, reference=taken_in(client, photo("portrait", (180, 270)))).json()
    assert answer["settings"]["areas"]["strokes"] == []
    assert "areas" in answer["undo"]
    back = client.post(f"/api/pieces/{piece}/undo", json={"revision": answer["revision"]}).json()
    assert back["settings"] == before["settings"]
    assert back["reference"] == before["reference"]


def test_a_thing_of_another_photo_is_borrowed_and_the_picture_shows_it(client: httpx.Client) -> None:
    piece = str(new_piece(client, photo("landscape", (270, 180)))["id"])
    before = client.get(f"/api/pieces/{piece}/picture?whole=true").content
    other = taken_in(client, photo("cat", (260, 180)))
    thing = {"photo": other, "outline": ROUND, "x": 0.3, "y": 0.6, "width": 0.3}
    assert patched(client, piece, borrowed=[thing]).status_code == 200
    document = worked_out(client, piece)["document"]
    assert any("another photo" in note for note in document["notes"])
    assert client.get(f"/api/pieces/{piece}/picture?whole=true").content != before


def test_opening_the_darks_says_what_it_invents(client: httpx.Client) -> None:
    piece = str(new_piece(client, photo("portrait", (270, 270)))["id"])
    assert patched(client, piece, opening={"darks": 0.7}).status_code == 200
    notes = worked_out(client, piece)["document"]["notes"]
    assert any("stays flat: nothing was recorded there" in note for note in notes)


def test_shapes_of_a_drawn_scene_are_edited_and_undone(client: httpx.Client) -> None:
    shape = {"points": [[0, 0], [1, 0], [1, 0.5]], "value": 6.0, "a": 0.0, "b": 0.0}
    body = {"name": "Drawn", "shapes": [shape], "medium": "oil", "surface": "value:6", "widthCm": 40}
    piece = client.post("/api/pieces", json=body | {"heightCm": 30}).json()
    more = [shape, shape | {"points": [[0.2, 0.6], [0.7, 0.6], [0.5, 0.9]], "value": 2.0}]
    answer = patched(client, piece["id"], shapes=more).json()
    assert len(answer["shapes"]) == 2
    assert len(worked_out(client, piece["id"])["document"]["areas"]) == 3
    undone = client.post(f"/api/pieces/{piece['id']}/undo", json={"revision": answer["revision"]}).json()
    assert undone["shapes"] == piece["shapes"]
    refused = patched(client, piece["id"], reference="0" * 64)
    assert refused.status_code in (404, 422)
    assert settled(client, piece["id"])["shapes"] == piece["shapes"]


def test_what_cannot_be_borrowed_or_swapped_is_refused_and_nothing_changes(client: httpx.Client) -> None:
    piece = str(new_piece(client, photo("landscape", (270, 180)))["id"])
    before = settled(client, piece)
    there = before["reference"]["hash"]
    thing = {"photo": there, "outline": ROUND, "x": 0.3, "y": 0.6, "width": 0.3}
    for change in (
        {"borrowed": [thing | {"photo": "0" * 64}]},
        {"borrowed": [thing | {"outline": ROUND[:2]}]},
        {"borrowed": [thing | {"x": 3}]},
        {"borrowed": [thing] * 13},
        {"borrowed": None},
        {"reference": None},
        {"reference": "0" * 64},
        {"opening": {"darks": 2}},
        {"shapes": [{"points": [[0, 0], [1, 0], [1, 1]], "value": 5}]},
    ):
        answer = patched(client, piece, **change)
        assert 400 <= answer.status_code < 500, change
        assert answer.json()["detail"]
    assert settled(client, piece) == before


def test_photos_that_only_the_history_names_outlast_a_restart(start: Callable[..., Server]) -> None:
    server = start()
    with server.client() as client:
        piece = corrected(client)
        other = taken_in(client, photo("cat", (260, 180)))
        thing = {"photo": other, "outline": ROUND, "x": 0.3, "y": 0.6, "width": 0.3}
        answer = patched(client, piece, borrowed=[thing]).json()
        client.post(f"/api/pieces/{piece}/undo", json={"revision": answer["revision"]})
    server.stop()
    with start().client() as client:
        redone = client.post(
            f"/api/pieces/{piece}/redo", json={"revision": settled(client, piece)["revision"]}
        )
        assert redone.json()["settings"]["borrowed"][0]["photo"] == other
        assert worked_out(client, piece)["document"]["masses"]


def test_a_surface_is_read_off_a_photo_and_taken_with_its_kind(client: httpx.Client) -> None:
    sheet = np.full((200, 300, 3), 235, np.uint8)
    sheet[:, 150:] = (150, 130, 100)
    sheet[60:140, 20:60] = 90
    content = taken_in(client, encoded(sheet, "PNG"))
    places = {"surface": {"x": 0.75, "y": 0.5}, "white": {"x": 0.4, "y": 0.2}}
    read = client.post(f"/api/references/{content}/tone", json=places).json()
    assert read["words"][-1].isdigit()
    refused = client.post(f"/api/references/{content}/tone", json=places | {"white": {"x": 0.13, "y": 0.5}})
    assert refused.status_code == 422
    piece = str(new_piece(client, photo("landscape", (270, 180)), medium="pastel")["id"])
    kind = {"surface": read["tone"], "stock": "laid", "side": "smooth side"}
    assert patched(client, piece, **kind).status_code == 200
    document = worked_out(client, piece)["document"]
    assert any(note.startswith("Laid pastel paper, smooth side; 160 g/m²") for note in document["notes"])
    for bad in ({"stock": "linen"}, {"side": "inside"}, {"side": None}):
        assert patched(client, piece, **bad).status_code == 422
    other = patched(client, piece, medium="oil").json()["settings"]
    assert (other["stock"], other["side"]) == (None, "")


def test_a_painting_is_cut_straight_out_of_a_photo_of_it(client: httpx.Client) -> None:
    picture, corners = photographed(
        np.ascontiguousarray(photographs()["cup"][::3, ::3]),
        (0.85, 0.85, 0.82),
        (0.0, 0.0),
        drawn(np.random.default_rng(2), phone=False),
        2,
    )
    photo_of_it = taken_in(client, encoded(picture, quality=92))
    sheet = client.get(f"/api/references/{photo_of_it}/sheet").json()
    scale = sheet["size"][0] / picture.shape[1]
    assert sheet["found"]
    assert apart(np.array(sheet["corners"]), corners * scale) <= 0.02
    cut = client.post(f"/api/references/{photo_of_it}/straight", json={"corners": sheet["corners"]})
    assert cut.status_code == 201
    high, wide = photographs()["cup"].shape[:2]
    assert abs(cut.json()["width"] / cut.json()["height"] / (wide / high) - 1) < 0.05
    piece = new_piece(client, encoded(picture, quality=92), reference=cut.json()["hash"])
    assert worked_out(client, str(piece["id"]))["document"]["passes"]


def test_corners_between_which_no_painting_lies_are_refused_and_the_photo_stays(client: httpx.Client) -> None:
    kept = taken_in(client, photo("cup", (270, 180)))
    for wrong in (
        [[0, 0], [100, 0], [100, 100]],
        [[0, 0], [100, 100], [100, 0], [0, 100]],
        [[0, 0], [2, 0], [2, 2], [0, 2]],
        [[0, 0], [1e9, 0], [2, 2], [0, 2]],
    ):
        answer = client.post(f"/api/references/{kept}/straight", json={"corners": wrong})
        assert answer.status_code == 422, wrong
    assert client.get(f"/api/references/{'0' * 64}/sheet").status_code == 404
    assert client.get(f"/api/references/{kept}/picture").status_code == 200
