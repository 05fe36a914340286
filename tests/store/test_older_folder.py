"""A data folder of the version before (0003) opens: pieces, histories, shelf, photos, plans."""

from __future__ import annotations

import sqlite3
from collections.abc import Callable
from pathlib import Path

import pytest

from tests.conftest import Server, worked_out

HERE = Path(__file__).parent
DRAWN, PHOTO = "e4019b0aa2e64bc2adf321b32af0a3a6", "61b0dd7df25e48dbadc88a9cbae9d0d3"
CONTENT = "90e014987565f02cf7ca03201b8431eeb78eb8f5896e3c2f6c9948ca2bd7d070"


@pytest.fixture
def older(tmp_path: Path) -> Path:
    """A folder as the version before wrote it, its maps lost."""
    folder = tmp_path / "older"
    (folder / "media").mkdir(parents=True)
    (folder / "media" / CONTENT).write_bytes((HERE / "folder_0003.jpg").read_bytes())
    database = sqlite3.connect(folder / "washboard.sqlite")
    database.executescript((HERE / "folder_0003.sql").read_text())
    database.close()
    return folder


def test_an_older_folder_opens_with_its_pieces_histories_shelf_and_photos(
    start: Callable[..., Server], older: Path
) -> None:
    server = start(older)
    with server.client() as client:
        drawn, photo = (client.get(f"/api/pieces/{piece}").json() for piece in (DRAWN, PHOTO))
        assert (drawn["settings"]["bands"], drawn["undo"], drawn["redo"]) == (
            4,
            "bands to 4",
            "squint to 1.5",
        )
        assert photo["settings"]["intent"]["sentence"] == "the cup"
        assert photo["settings"]["ways"] == [{"mass": "m1", "way": "mask"}]
        redone = client.post(f"/api/pieces/{DRAWN}/redo", json={"revision": 3}).json()
        assert redone["settings"]["squint"] == 1.5
        words = [edit["words"] for edit in client.get(f"/api/pieces/{PHOTO}/history").json()]
        assert words[0] == "school to both-ends"
        shelf = client.get("/api/shelf").json()
        assert shelf["items"] == []
        back = client.post("/api/shelf/undo", json={"revision": shelf["revision"]}).json()
        assert [item["name"] for item in back["items"]] == ["Old blue"]
        assert client.get(f"/api/references/{CONTENT}/picture").status_code == 200
        before = {mass["id"] for mass in worked_out(client, DRAWN)["document"]["masses"]}
        assert len(before) == 3
        assert worked_out(client, PHOTO)["document"]["school"] == "both-ends"
    server.stop()
    # What the photo's piece names stays through the start, and goes with the piece.
    again = start(older)
    with again.client() as client:
        assert (older / "media" / CONTENT).exists()
        revision = client.get(f"/api/pieces/{PHOTO}").json()["revision"]
        assert client.delete(f"/api/pieces/{PHOTO}", params={"revision": revision}).status_code == 204
        assert not (older / "media" / CONTENT).exists()
