"""A disk that is really full: a server whose data folder lies on a small file system of its own."""

from __future__ import annotations

import os
import socket
import subprocess
import sys
import time
from collections.abc import Iterator
from contextlib import suppress
from pathlib import Path

import httpx
import numpy as np
import pytest
from sqlalchemy import text

from tests.conftest import Server, encoded, new_piece, worked_out
from tests.said import refuses
from washboard.store.database import Database
from washboard.store.errors import Full
from washboard.store.pieces import Pieces

NOW = "2026-01-01T00:00:00.000+00:00"
SMALL = "3m"


def mounts() -> bool:
    """Whether this machine lets us mount a file system in a namespace of our own."""
    trial = ["unshare", "-rm", "sh", "-c", "mount -t tmpfs -o size=64k tmpfs /mnt"]
    try:
        return subprocess.run(trial, capture_output=True, timeout=20).returncode == 0
    except (OSError, subprocess.TimeoutExpired):
        return False


@pytest.fixture
def tiny(tmp_path: Path) -> Iterator[Server]:
    """A server in a mount namespace whose data folder holds three megabytes."""
    if not mounts():
        pytest.skip("this machine allows no mount namespaces")
    folder = tmp_path / "studio"
    folder.mkdir()
    listener = socket.socket()
    listener.bind(("127.0.0.1", 0))
    listener.listen(16)
    serve = f"{sys.executable} -m washboard serve --data {folder} --fd {listener.fileno()}"
    process = subprocess.Popen(
        ["unshare", "-rm", "sh", "-c", f"mount -t tmpfs -o size={SMALL} tmpfs {folder} && exec {serve}"],
        pass_fds=[listener.fileno()],
        stdout=subprocess.DEVNULL,
        start_new_session=True,
    )
    server = Server(folder, process, f"http://127.0.0.1:{listener.getsockname()[1]}")
    listener.close()
    deadline = time.monotonic() + 60
    while time.monotonic() < deadline:
        try:
            httpx.get(f"{server.url}/api/health", timeout=20).raise_for_status()
            break
        except httpx.HTTPError:
            assert process.poll() is None
    yield server
    server.stop()


def photo(seed: int, side: int) -> bytes:
    """A picture whose file does not shrink: soft blotches under grain."""
    dice = np.random.default_rng(seed)
    y, x = np.mgrid[:side, :side] / side
    calm = 120 + 90 * np.sin(5 * x + seed) * np.cos(4 * y)
    return encoded(
        np.clip(calm[..., None] + dice.normal(0, 9, (side, side, 3)), 0, 255).astype(np.uint8), "PNG"
    )


def files_of(server: Server) -> list[str]:
    """What lies in the server's media folder, seen from inside its namespace."""
    inside = Path(f"/proc/{server.process.pid}/root{server.folder}/media")
    return sorted(os.listdir(inside))


def test_an_upload_on_a_full_disk_is_refused_and_nothing_half_is_left(tiny: Server) -> None:
    with tiny.client() as client:
        small = photo(1, 300)
        piece = new_piece(client, small)
        before = files_of(tiny)
        answer = client.post("/api/references", files={"file": ("large.png", photo(2, 1400))})
        assert answer.status_code == 507
        problem = answer.json()
        assert problem["code"] == "disk-full"
        assert "Free some space" in problem["detail"]
        assert files_of(tiny) == before
        kept = client.get(f"/api/pieces/{piece['id']}")
        assert kept.json() == piece


def test_once_there_is_room_again_the_same_upload_is_taken(tiny: Server) -> None:
    with tiny.client() as client:
        filler = Path(f"/proc/{tiny.process.pid}/root{tiny.folder}/filler")
        with suppress(OSError), filler.open("wb") as file:
            while True:
                file.write(bytes(65536))
                file.flush()
        upload = {"file": ("photo.png", photo(3, 250))}
        assert client.post("/api/references", files=upload).status_code == 507
        filler.unlink()
        assert client.post("/api/references", files=upload).status_code == 201


def test_a_database_that_cannot_grow_loses_nothing_it_had(tmp_path: Path) -> None:
    database = Database(tmp_path)
    pieces = Pieces(database)
    piece = pieces.create("P", {"bands": 5}, NOW, shapes=[])
    with database.engine.connect() as connection:
        pages = connection.execute(text("PRAGMA page_count")).scalar_one()
        connection.execute(text(f"PRAGMA max_page_count = {pages + 2}"))
        connection.rollback()
    revision = 0

    def fill() -> None:
        nonlocal revision
        for revision in range(10_000):
            pieces.edit(piece.id, revision, {"names": [{"name": f"{revision:0400}"}]}, "names", NOW)

    with refuses(Full, "disk is full"):
        fill()
    again = Pieces(Database(tmp_path))
    assert again.get(piece.id).revision == revision
    assert len(again.history(piece.id)) == revision


def test_what_is_only_worked_out_is_still_shown_on_a_full_disk(tiny: Server) -> None:
    with tiny.client() as client:
        piece = new_piece(client, photo(1, 300))
        plan = worked_out(client, piece["id"])
        filler = Path(f"/proc/{tiny.process.pid}/root{tiny.folder}/filler")
        with suppress(OSError), filler.open("wb") as file:
            while True:
                file.write(bytes(4096))
                file.flush()
        at = f"/api/pieces/{piece['id']}"
        for path in ("/plan", "/values?strength=1.5", "/prepare", "/findings", "/mix", "/picture"):
            answer = client.get(at + path)
            assert answer.status_code == 200, (path, answer.text[:200])
        assert client.get(f"{at}/plan").json() == plan
        assert client.patch(at, json={"revision": piece["revision"], "bands": 3}).status_code in (200, 507)
