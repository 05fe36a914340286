"""The shelf over the real server: kept, undone, in and out of files, calibrated, taken along by a piece."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

import httpx
import numpy as np
import pytest
from typer.testing import CliRunner

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.formats.test_shelf_files import hostile
from tests.long import rounds
from tests.shelves import MEASURED, SHELF, fields_of_paint, photographed, strip_picture
from washboard.cli import app
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import lab_of_spectrum
from washboard.formats.shelves import written_shelf

CSV = written_shelf("shelf.csv", (*SHELF, MEASURED))


@pytest.fixture
def client(start) -> Iterator[httpx.Client]:  # type: ignore[no-untyped-def]
    server: Server = start()
    with server.client() as client:
        yield client


def taken_in(client: httpx.Client, name: str = "shelf.csv", data: bytes = CSV) -> httpx.Response:
    revision = client.get("/api/shelf").json()["revision"]
    return client.post("/api/shelf/import", files={"file": (name, data)}, data={"revision": str(revision)})


def test_a_shelf_is_kept_changed_undone_and_never_overwritten_by_a_tab_that_fell_behind(
    client: httpx.Client,
) -> None:
    empty = client.get("/api/shelf").json()
    assert (empty["items"], empty["undo"], empty["revision"]) == ([], None, 0)
    blue = {"kind": "paint", "name": "Blue", "like": "cobalt", "medium": "oil", "left": 20}
    one = client.post("/api/shelf/items", json={"revision": 0, "items": [blue]}).json()
    key = one["items"][0]["key"]
    assert one["items"][0]["index"] == "PB28"
    assert "toxic" in one["items"][0]["caution"]
    late = client.post("/api/shelf/items", json={"revision": 0, "items": [blue | {"name": "Other"}]})
    assert late.status_code == 409
    assert "shelf was changed elsewhere" in late.json()["detail"]
    twice = client.post("/api/shelf/items", json={"revision": 1, "items": [blue]})
    assert twice.status_code == 422
    assert "already" in twice.json()["detail"]
    half = client.post(
        "/api/shelf/items",
        json={"revision": 1, "items": [blue | {"name": "A"}, blue | {"name": "B", "like": "x"}]},
    )
    assert half.status_code == 422
    two = client.patch(f"/api/shelf/items/{key}", json={"revision": 1, "left": 3.5}).json()
    assert two["items"][0]["left"] == 3.5
    gone = client.delete(f"/api/shelf/items/{key}", params={"revision": 2}).json()
    assert gone["items"] == []
    back = client.post("/api/shelf/undo", json={"revision": 3}).json()
    assert back["items"] == two["items"]
    assert (back["undo"], back["redo"]) == ("changed: Blue", "taken off: Blue")
    assert client.post("/api/shelf/undo", json={"revision": 4}).json()["items"][0]["left"] == 20
    assert client.post("/api/shelf/redo", json={"revision": 5}).json()["items"] == two["items"]
    client.post("/api/shelf/undo", json={"revision": 6})
    client.post("/api/shelf/undo", json={"revision": 7})
    nothing = client.post("/api/shelf/undo", json={"revision": 8})
    assert (nothing.status_code, nothing.json()["code"]) == (409, "nothing-to")
    new = client.post("/api/shelf/items", json={"revision": 8, "items": [blue]}).json()
    assert new["items"][0]["key"] != key, "a key is never given twice"


def test_a_shelf_outlives_the_server(start, tmp_path: Path) -> None:  # type: ignore[no-untyped-def]
    first: Server = start(tmp_path / "s")
    with first.client() as client:
        items = taken_in(client).json()["shelf"]["items"]
    first.kill()
    with start(tmp_path / "s").client() as client:
        assert client.get("/api/shelf").json()["items"] == items


def test_files_go_in_whole_and_come_out_the_same(client: httpx.Client) -> None:
    done = taken_in(client).json()
    assert (done["added"], done["updated"], done["same"]) == (7, 0, 0)
    again = taken_in(client).json()
    assert (again["added"], again["updated"], again["same"]) == (0, 0, 7)
    assert again["shelf"]["revision"] == done["shelf"]["revision"]
    out = client.get("/api/shelf/export/shelf.csv")
    assert out.headers["content-disposition"].endswith('"shelf.csv"')
    assert taken_in(client, data=out.content.replace(b"7.5", b"2.5")).json()["updated"] == 2
    assert client.get("/api/shelf/export/shelf.cxf").content.startswith(b"<?xml")
    assert client.get("/api/shelf/export/shelf.doc").status_code == 422
    bad = taken_in(client, data=CSV + b"paint,Blue,nothing,oil,,,,,,,\r\n" + CSV.splitlines()[1] + b"\r\n")
    assert bad.status_code == 422
    assert "Nothing was imported" in bad.json()["detail"]
    twice = taken_in(client, data=CSV + CSV.splitlines(keepends=True)[1])
    assert "twice" in twice.json()["detail"]
    assert len(client.get("/api/shelf").json()["items"]) == 7


@pytest.mark.soak
def test_hostile_files_change_nothing_and_never_answer_with_a_server_error(client: httpx.Client) -> None:
    before = client.get("/api/shelf").json()
    for name, data in hostile(rounds(150, 500)):
        answer = taken_in(client, name, data)
        now = client.get("/api/shelf").json()
        if answer.status_code == 422:
            assert now == before, answer.text
        else:
            assert answer.status_code == 200, answer.text
        before = now


def test_the_command_line_and_the_server_share_a_shelf(tmp_path: Path) -> None:
    run, file, data = CliRunner(), tmp_path / "in.csv", ["--data", str(tmp_path / "d")]
    file.write_bytes(CSV)
    assert "7 added" in run.invoke(app, ["shelf", "import", str(file), *data]).output
    out = tmp_path / "out.cxf"
    assert run.invoke(app, ["shelf", "export", str(out), *data]).exit_code == 0
    again = run.invoke(app, ["shelf", "import", str(out), *data])
    assert "0 added, 0 changed, 4 as they were" in again.output
    wrong = run.invoke(app, ["shelf", "export", str(tmp_path / "out.pdf"), *data])
    assert wrong.exit_code == 1
    assert not (tmp_path / "out.pdf").exists()


def blue_of(client: httpx.Client) -> tuple[str, int]:
    """A tube of ultramarine on the shelf: its key, and the shelf's revision."""
    shelf = taken_in(client).json()["shelf"]
    return shelf["items"][0]["key"], shelf["revision"]


def test_a_paint_is_shown_thinned_tinted_over_grounds_and_on_its_strip(client: httpx.Client) -> None:
    key, _ = blue_of(client)
    look = client.get(f"/api/shelf/items/{key}/look").json()
    values = [step["look"][3] for step in look["ramp"]]
    assert values == sorted(values), "thinner over white is lighter"
    tints = [tint["look"][3] for tint in look["tints"]]
    assert tints == sorted(tints)
    assert {g["ground"] for g in look["grounds"]} >= {"white", "black"}
    assert [f["key"] for f in look["strip"]] == ["white", "half", "quarter", "eighth", "black"]
    assert client.get(f"/api/shelf/items/{key}/strip.pdf").content.startswith(b"%PDF")
    assert client.get("/api/shelf/items/own-99/look").status_code == 404


def test_a_paint_is_calibrated_from_a_photo_of_its_strip(client: httpx.Client) -> None:
    key, revision = blue_of(client)
    looks = fields_of_paint("ultramarine", 1.5)
    photo = encoded(photographed(strip_picture(looks)), quality=92)
    read = client.post(f"/api/shelf/items/{key}/strip", files={"file": ("strip.jpg", photo)}).json()["read"]
    body = {"revision": revision, "read": read}
    tried = client.post(f"/api/shelf/items/{key}/calibration", json=body).json()
    assert tried["after"] < 0.5 * tried["before"]
    assert tried["shelf"] is None
    assert not client.get("/api/shelf").json()["items"][0]["measured"], "looking at a fit keeps nothing"
    kept = client.post(f"/api/shelf/items/{key}/calibration", json=body | {"keep": True}).json()
    assert kept["shelf"]["items"][0]["measured"]
    strip = client.get(f"/api/shelf/items/{key}/look").json()["strip"]
    apart = [float(difference(f["lab"], read[f["key"]])) for f in strip]
    assert max(apart) < 5


def test_a_strip_that_cannot_be_read_keeps_the_paint_as_it_was(client: httpx.Client) -> None:
    key, revision = blue_of(client)
    grey = encoded(np.full((300, 400, 3), 120, np.uint8))
    for name, data, says in (
        ("strip.jpg", grey, "No swatch strip"),
        ("strip.jpg", b"no picture", "not a picture"),
        ("strip.cxf", b"<CxF/>", "no reflectance"),
        ("strip.cxf", written_shelf("a.cxf", SHELF), "fields of a strip"),
    ):
        answer = client.post(f"/api/shelf/items/{key}/strip", files={"file": (name, data)})
        assert answer.status_code == 422
        assert says in answer.json()["detail"]
    for read, says in (
        ({"white": [50, 0, 0]}, "at least 3"),
        ({"sky": [50, 0, 0]}, "has the fields"),
        ({"white": [50, 0, 0], "half": [200, 0, 0]}, "100"),
    ):
        body = {"revision": revision, "read": read, "keep": True}
        answer = client.post(f"/api/shelf/items/{key}/calibration", json=body)
        assert answer.status_code == 422
        assert says in answer.json()["detail"]
    assert client.get("/api/shelf").json()["revision"] == revision


def test_the_simulated_reader_reads_a_tube_of_its_own_with_dropouts(client: httpx.Client) -> None:
    key, revision = blue_of(client)
    read, failed = {}, 0
    for field in ("white", "half", "quarter", "eighth", "black"):
        for turn in range(30):
            answer = client.post(f"/api/shelf/items/{key}/reading", json={"field": field, "turn": turn})
            if answer.status_code == 409:
                assert answer.json()["code"] == "no-reading"
                failed += 1
            else:
                read[field] = answer.json()["lab"]
    assert 5 <= failed <= 40
    found = client.post(
        f"/api/shelf/items/{key}/calibration", json={"revision": revision, "read": read}
    ).json()
    assert found["after"] < 0.6 * found["before"]
    assert client.post(f"/api/shelf/items/{key}/reading", json={"field": "sky"}).status_code == 422


def test_an_own_paint_comes_along_on_a_piece_and_its_measure_changes_the_plan(
    client: httpx.Client, cup: bytes
) -> None:
    key, revision = blue_of(client)
    piece = new_piece(client, cup)
    palette = [key, "lemon", "burnt-sienna", "rose"]
    told = client.patch(
        f"/api/pieces/{piece['id']}", json={"revision": piece["revision"], "palette": palette}
    )
    assert told.status_code == 200, told.text
    before = worked_out(client, piece["id"])
    board = client.get(f"/api/pieces/{piece['id']}/mix").json()
    assert any(p["words"] == "Ultramarine tube" for p in board["paints"])
    read = {name: lab_of_spectrum(look).tolist() for name, look in fields_of_paint("viridian").items()}
    body = {"revision": revision, "read": read, "keep": True}
    assert client.post(f"/api/shelf/items/{key}/calibration", json=body).status_code == 200
    assert client.get(f"/api/pieces/{piece['id']}/plan").status_code == 409, (
        "the plan has to be worked out anew"
    )
    after = worked_out(client, piece["id"])
    assert after != before
    client.delete(f"/api/shelf/items/{key}", params={"revision": revision + 1})
    left = client.get(f"/api/pieces/{piece['id']}/mix")
    assert left.status_code == 200
    assert not any(p["key"] == key for p in left.json()["paints"])


def test_a_paint_looks_otherwise_by_another_lamp_and_an_unknown_lamp_is_refused(client: httpx.Client) -> None:
    key, _ = blue_of(client)
    address = f"/api/shelf/items/{key}/look"
    daylight, tungsten = (client.get(address, params={"lamp": lamp}).json() for lamp in ("D65", "A"))
    assert {"A", "D50", "D65"} <= set(daylight["lamps"])
    assert daylight["ramp"] != tungsten["ramp"]
    assert daylight["strip"] == tungsten["strip"], "a strip is judged in daylight"
    assert client.get(address).json() == daylight
    wrong = client.get(address, params={"lamp": "candle"})
    assert wrong.status_code == 422
    assert "candle" in wrong.json()["detail"]
