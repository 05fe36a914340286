"""Keeping: history, locking, broken-off writes, a locked database, kills."""

from __future__ import annotations

import random
import sqlite3
import threading
import time
from collections.abc import Callable
from pathlib import Path

import httpx
import pytest

from tests.conftest import Server, new_piece
from tests.long import rounds
from tests.said import refuses
from washboard.core.sentence import sentence
from washboard.store.database import BUSY_MS, Database
from washboard.store.errors import Busy, Missing, NothingTo, Stale
from washboard.store.media import Media
from washboard.store.pieces import Pieces
from washboard.store.references import Reference, References

NOW = "2026-01-01T00:00:00.000+00:00"


@pytest.fixture
def pieces(tmp_path: Path) -> Pieces:
    database = Database(tmp_path)
    References(database).keep(Reference("a" * 64, 40, 30, "PNG", (sentence("note-frames", count=2),)), NOW)
    return Pieces(database)


def test_edits_are_undone_and_redone_in_one_line_and_a_new_edit_drops_what_was_undone(pieces: Pieces) -> None:
    piece = pieces.create("P", {"bands": 5}, NOW, "a" * 64)
    for revision, bands in enumerate((6, 7, 8)):
        pieces.edit(piece.id, revision, {"bands": bands}, f"bands to {bands}", NOW)
    assert pieces.undo(piece.id, 3).settings["bands"] == 7
    assert pieces.undo(piece.id, 4).settings["bands"] == 6
    again = pieces.redo(piece.id, 5)
    assert (again.settings["bands"], again.undo, again.redo) == (7, "bands to 7", "bands to 8")
    new = pieces.edit(piece.id, 6, {"name": "Q"}, "name", NOW)
    assert (new.name, new.redo) == ("Q", None)
    assert [e.words for e in pieces.history(piece.id)] == ["bands to 6", "bands to 7", "name"]
    with pytest.raises(NothingTo):
        pieces.redo(piece.id, 7)


def test_history_survives_a_restart(tmp_path: Path) -> None:
    first = Pieces(Database(tmp_path))
    piece = first.create("P", {"bands": 5}, NOW, shapes=[])
    first.edit(piece.id, 0, {"bands": 6}, "bands to 6", NOW)
    again = Pieces(Database(tmp_path))
    assert again.undo(piece.id, 1).settings["bands"] == 5


def test_a_stale_change_is_refused_with_what_changed(pieces: Pieces) -> None:
    piece = pieces.create("P", {"bands": 5}, NOW, "a" * 64)
    pieces.edit(piece.id, 0, {"bands": 6}, "bands to 6", NOW)
    with pytest.raises(Stale) as caught:
        pieces.edit(piece.id, 0, {"bands": 9}, "bands to 9", NOW)
    assert (caught.value.revision, caught.value.changed) == (1, ("bands to 6",))
    assert pieces.get(piece.id).settings["bands"] == 6


def test_of_many_tabs_that_edit_at_once_exactly_one_wins(pieces: Pieces) -> None:
    piece = pieces.create("P", {"bands": 5}, NOW, "a" * 64)
    won: list[int] = []

    def edit(bands: int) -> None:
        try:
            pieces.edit(piece.id, 0, {"bands": bands}, str(bands), NOW)
            won.append(bands)
        except Stale:
            return

    tabs = [threading.Thread(target=edit, args=(n,)) for n in range(2, 9)]
    for tab in tabs:
        tab.start()
    for tab in tabs:
        tab.join()
    assert len(won) <= 1 or pieces.get(piece.id).settings["bands"] == 5
    assert pieces.get(piece.id).revision == 1


def test_a_database_held_by_another_process_is_said_and_nothing_is_lost(
    tmp_path: Path, pieces: Pieces
) -> None:
    piece = pieces.create("P", {"bands": 5}, NOW, "a" * 64)
    other = sqlite3.connect(tmp_path / "washboard.sqlite", isolation_level=None)
    other.execute("BEGIN EXCLUSIVE")
    start = time.monotonic()
    with refuses(Busy, "nothing is lost"):
        pieces.edit(piece.id, 0, {"bands": 9}, "bands to 9", NOW)
    assert time.monotonic() - start < BUSY_MS / 1000 + 3
    other.execute("ROLLBACK")
    other.close()
    assert pieces.edit(piece.id, 0, {"bands": 9}, "bands to 9", NOW).settings["bands"] == 9


def test_a_full_disk_leaves_no_half_file(tmp_path: Path) -> None:
    media = Media(tmp_path / "media")
    kept = media.keep(b"whole")
    (tmp_path / "media" / ".part-left").write_bytes(b"half")
    (tmp_path / "media" / "stranger").write_bytes(b"?")
    assert media.sweep({kept}) == 2
    assert media.read(kept) == b"whole"
    assert media.keep(b"whole") == kept


def test_what_is_not_there_is_said_to_be_missing(pieces: Pieces) -> None:
    with pytest.raises(Missing):
        pieces.get("0" * 32)
    with pytest.raises(Missing):
        pieces.create("P", {}, NOW, "b" * 64)


@pytest.mark.soak
def test_kills_lose_no_acknowledged_edit_and_leave_no_orphan(
    start: Callable[..., Server], tmp_path: Path, cup: bytes
) -> None:
    folder, dice = tmp_path / "studio", random.Random(5)
    server = start(folder)
    with server.client() as client:
        piece = new_piece(client, cup)["id"]
    acknowledged = 0
    kills = rounds(5, 50)
    for kill in range(kills):
        timer = threading.Timer(dice.uniform(0.05, 0.5), server.kill)
        acknowledged = _edited_until_killed(server, piece, acknowledged, timer, kill, cup)
        timer.join()
        server = start(folder)
    with server.client() as client:
        now = client.get(f"/api/pieces/{piece}").json()
        history = client.get(f"/api/pieces/{piece}/history").json()
    # One more may have been made than was heard of; none that was heard of may be gone.
    assert acknowledged <= now["revision"] <= acknowledged + kills
    assert len(history) == now["revision"]
    assert acknowledged > kills
    server.stop()
    checked = sqlite3.connect(folder / "washboard.sqlite")
    assert checked.execute("PRAGMA integrity_check").fetchone() == ("ok",)
    checked.close()
    kept = {file.name for file in (folder / "media").iterdir()}
    assert len(kept) == 1


def _edited_until_killed(
    server: Server, piece: str, acknowledged: int, timer: threading.Timer, kill: int, cup: bytes
) -> int:
    """Edit and upload until the server is gone, the timer starting with the first edit; returns the last
    revision that was acknowledged."""
    try:
        with server.client() as client:
            revision = client.get(f"/api/pieces/{piece}").json()["revision"]
            assert revision >= acknowledged
            for n in range(10_000):
                if n % 7 == 3:
                    client.post("/api/references", files={"file": ("x.jpg", cup + bytes([kill, n % 256]))})
                answer = client.patch(
                    f"/api/pieces/{piece}", json={"revision": revision, "name": f"{kill} {n}"}
                )
                assert answer.status_code == 200, answer.text
                acknowledged = revision = answer.json()["revision"]
                if n == 0:
                    timer.start()
    except httpx.TransportError:
        return acknowledged
    return acknowledged
