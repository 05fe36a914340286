"""Folders that cannot be used, or go while they are: said in a line, nothing in them touched."""

from __future__ import annotations

import os
import shutil
import sqlite3
from collections.abc import Callable
from contextlib import closing
from pathlib import Path

import pytest

from tests.conftest import Server, edited, new_piece, state_of, worked_out
from tests.forked import command
from washboard.store.database import MUCH, Database
from washboard.store.errors import Gone, Unusable
from washboard.store.media import Media
from washboard.store.pieces import Pieces
from washboard.words import ENGLISH

NOW = "2026-01-01T00:00:00+00:00"


def newer(file: Path) -> None:
    Database(file.parent).close()
    with closing(sqlite3.connect(file, isolation_level=None)) as database:
        database.execute("UPDATE alembic_version SET version_num = '9001'")


def garbage(file: Path) -> None:
    file.write_bytes(os.urandom(9000))


def cut_off(file: Path) -> None:
    Database(file.parent).close()
    file.write_bytes(file.read_bytes()[:50])


@pytest.mark.parametrize(
    ("make", "says"), [(newer, "newer Washboard"), (garbage, "cannot be read"), (cut_off, "cannot be read")]
)
def test_a_folder_that_can_not_be_used_is_told_in_a_line_and_left_as_it_is(
    tmp_path: Path, make: Callable[[Path], None], says: str
) -> None:
    folder = tmp_path / "studio"
    folder.mkdir()
    make(folder / "washboard.sqlite")
    before = state_of(folder)
    done = command("serve", "--data", folder, "--port", 0)
    assert done.returncode == 1
    assert says in done.stderr
    assert len(done.stderr.strip().splitlines()) == 1
    assert state_of(folder) == before
    with pytest.raises(Unusable):
        Database(folder)


@pytest.mark.parametrize("what", ["deleted", "moved", "swapped"])
def test_nothing_is_taken_for_kept_once_the_folder_is_gone(tmp_path: Path, what: str) -> None:
    folder = tmp_path / "studio"
    database = Database(folder)
    media = Media(folder / "media")
    pieces = Pieces(database)
    pieces.create("Before", {"bands": 5}, NOW, shapes=[])
    if what == "deleted":
        shutil.rmtree(folder)
    else:
        folder.rename(tmp_path / "elsewhere")
    if what == "swapped":
        Database(folder).close()
    with pytest.raises(Gone) as found:
        pieces.create("After", {"bands": 5}, NOW, shapes=[])
    assert "moved or deleted" in ENGLISH.text(found.value.sentence)
    if what != "swapped":
        with pytest.raises(Gone):
            media.keep(b"a photo")
    database.close()
    if what == "moved":
        again = Database(tmp_path / "elsewhere")
        assert [piece.name for piece in Pieces(again).all()] == ["Before"]
        again.close()


def test_a_server_whose_folder_is_gone_says_so_and_answers_nothing_as_done(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        piece = new_piece(client, cup)
        shutil.rmtree(server.folder)
        change = {"revision": piece["revision"], "bands": 3}
        for answer in (
            client.patch(f"/api/pieces/{piece['id']}", json=change),
            client.post("/api/references", files={"file": ("again.jpg", cup + b" ")}),
        ):
            assert answer.status_code == 503
            assert answer.json()["code"] == "gone"


def test_a_photo_that_is_lost_is_said_and_the_plan_is_still_read(
    start: Callable[..., Server], cup: bytes
) -> None:
    server = start()
    with server.client() as client:
        piece = new_piece(client, cup)
        at = f"/api/pieces/{piece['id']}"
        plan = worked_out(client, piece["id"])
        server.stop()
    (server.folder / "media" / piece["reference"]["hash"]).unlink()
    again = start(server.folder)
    with again.client() as client:
        assert client.get(f"{at}/plan").json() == plan
        assert client.get("/api/wall").status_code == 200
        lost = client.get(f"{at}/picture")
        assert lost.status_code == 404
        assert "file is gone" in lost.json()["detail"]
        # Another order needs the photo; it can be taken in again, and all goes on.
        edited(client, piece["id"], bands=3)
        taken = client.post("/api/references", files={"file": ("cup.jpg", cup)})
        assert taken.json()["hash"] == piece["reference"]["hash"]
        assert worked_out(client, piece["id"])["document"]["passes"]


def test_the_database_gives_back_what_deleted_pieces_left(tmp_path: Path) -> None:
    database = Database(tmp_path)
    pieces = Pieces(database)
    made = [pieces.create("P", {"names": [{"name": "x" * 20_000}]}, NOW, shapes=[]) for _ in range(150)]
    full = database.path.stat().st_size
    assert full > 2 * MUCH
    for piece in made:
        pieces.delete(piece.id, piece.revision)
    database.close()
    Database(tmp_path).close()
    assert database.path.stat().st_size < full / 3
