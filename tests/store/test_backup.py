"""A data folder in one file and back, and looked over."""

from __future__ import annotations

import json
import shutil
import sqlite3
import subprocess
import sys
import zipfile
from collections.abc import Callable
from pathlib import Path

import httpx
import pytest

from tests.conftest import Server, edited, encoded, new_piece, started, worked_out
from tests.pieces import photographs
from tests.said import refuses
from washboard.store.backup import NoBackup, back_up, restore, verified
from washboard.store.doctor import looked_over
from washboard.store.errors import Held
from washboard.store.lock import FolderLock
from washboard.words import ENGLISH


@pytest.fixture(scope="module")
def kept(tmp_path_factory: pytest.TempPathFactory) -> Path:
    """A folder as a server left it, with a piece that is worked out, and its backup made while it ran."""
    folder = tmp_path_factory.mktemp("kept") / "studio"
    server = started(folder)
    with server.client() as client:
        piece = new_piece(client, encoded(photographs()["cup"], quality=92))["id"]
        edited(client, piece, bands=4)
        worked_out(client, piece)
        back_up(folder, folder.parent / "running.zip")
    server.stop()
    return folder


def told(folder: Path) -> str:
    """All that is found in a folder, what is wrong marked."""
    return "\n".join(f"{'!' if one.wrong else '-'} {ENGLISH.text(one.words)}" for one in looked_over(folder))


def pieces(client: httpx.Client) -> list[dict]:
    """Every piece with its history and its plan."""
    found = []
    for piece in client.get("/api/pieces").json():
        at = f"/api/pieces/{piece['id']}"
        history = client.get(f"{at}/history").json()
        found.append({"piece": piece, "history": history, "plan": client.get(f"{at}/plan").json()})
    return found


def test_a_backup_of_a_running_server_is_restored_with_every_piece_history_plan_and_photo(
    start: Callable[..., Server], kept: Path, tmp_path: Path
) -> None:
    found, before = restore(kept.parent / "running.zip", tmp_path / "new")
    assert (found.pieces, found.missing, before) == (1, 0, None)
    same = []
    for folder in (kept, tmp_path / "new"):
        server = start(folder)
        with server.client() as client:
            same.append(pieces(client))
            photo = client.get("/api/pieces").json()[0]["reference"]["hash"]
            assert client.get(f"/api/references/{photo}/picture").status_code == 200
        server.stop()
    assert same[0] == same[1]
    assert same[0][0]["history"]


def test_what_is_there_is_not_written_over_but_kept_beside(kept: Path, tmp_path: Path) -> None:
    back_up(kept, tmp_path / "b.zip")
    folder = tmp_path / "studio"
    folder.mkdir()
    (folder / "mine.txt").write_text("mine")
    with refuses(NoBackup, "not empty"):
        restore(tmp_path / "b.zip", folder)
    assert (folder / "mine.txt").read_text() == "mine"
    _, before = restore(tmp_path / "b.zip", folder, instead=True)
    assert before is not None
    assert (before / "mine.txt").read_text() == "mine"
    assert (folder / "washboard.sqlite").is_file()
    lock = FolderLock(folder)
    with pytest.raises(Held):
        restore(tmp_path / "b.zip", folder, instead=True)
    lock.release()
    assert [path.name for path in tmp_path.iterdir() if path.name.startswith(".")] == []


@pytest.mark.parametrize("where", [0.1, 0.3, 0.5, 0.7, 0.9, 0.999])
def test_a_backup_with_a_byte_changed_or_cut_off_is_refused_and_nothing_changes(
    kept: Path, tmp_path: Path, where: float
) -> None:
    whole = (kept.parent / "running.zip").read_bytes()
    at = int(where * len(whole))
    for name, data in (
        ("changed", whole[:at] + bytes([whole[at] ^ 0x5A]) + whole[at + 1 :]),
        ("cut", whole[:at]),
    ):
        file = tmp_path / f"{name}.zip"
        file.write_bytes(data)
        try:
            found = verified(file)
        except NoBackup:
            with refuses(NoBackup, "Nothing was changed"):
                restore(file, tmp_path / "new")
        else:
            # A byte that nothing is read from, such as a date in a header.
            assert name == "changed"
            assert found.pieces == 1
    assert not (tmp_path / "new").exists()


def archive(file: Path, manifest: object, **files: bytes) -> Path:
    with zipfile.ZipFile(file, "w") as out:
        out.writestr("manifest.json", manifest if isinstance(manifest, str) else json.dumps(manifest))
        for name, data in files.items():
            out.writestr(name, data)
    return file


def test_archives_that_are_none_newer_or_reach_outside_are_refused(tmp_path: Path) -> None:
    good = {"sha256": "0" * 64, "bytes": 1}
    fields = {
        "format": "washboard-backup",
        "version": 1,
        "schema": "0001",
        "created": "",
        "pieces": 0,
        "files": {"washboard.sqlite": good},
    }
    outside = {"washboard.sqlite": good, "../outside": good}
    for manifest, why in (
        ("{", "not a backup"),
        ([], "not a backup"),
        (fields | {"format": "other"}, "not a backup"),
        (fields | {"files": outside}, "not a backup"),
        (fields | {"version": 2}, "newer"),
        (fields | {"schema": "9999"}, "newer"),
        (fields, "damaged"),
    ):
        with refuses(NoBackup, why):
            restore(archive(tmp_path / "bad.zip", manifest), tmp_path / "new")
    (tmp_path / "text.zip").write_text("no archive")
    for name, why in (("text.zip", "not a backup"), ("none.zip", "no file")):
        with refuses(NoBackup, why):
            restore(tmp_path / name, tmp_path / "new")
    with refuses(NoBackup, "nothing kept"):
        back_up(tmp_path / "nowhere", tmp_path / "b.zip")
    assert not (tmp_path / "new").exists()


def test_a_folder_is_looked_over_and_what_is_wrong_is_told_with_what_mends_it(
    kept: Path, tmp_path: Path
) -> None:
    folder = tmp_path / "studio"
    shutil.copytree(kept, folder)
    assert "!" not in told(folder)
    assert "One piece is kept" in told(folder)
    media = sorted((folder / "media").iterdir())
    media[0].write_bytes(b"changed")
    media[1].unlink()
    (folder / "media" / ("0" * 64)).write_bytes(b"left")
    assert "! One file has changed" in told(folder)
    assert "! One file is missing" in told(folder)
    assert "left from work" in told(folder)
    with sqlite3.connect(folder / "washboard.sqlite") as database:
        database.execute("UPDATE alembic_version SET version_num = '9999'")
    assert "newer Washboard" in told(folder)
    (folder / "washboard.sqlite").write_bytes(b"no database at all" * 100)
    for side in folder.glob("washboard.sqlite-*"):
        side.unlink()
    assert "! The database cannot be read" in told(folder)
    assert "no folder" in told(tmp_path / "nowhere")


def test_the_commands_say_what_they_did_and_exit_with_one_where_something_is_wrong(
    kept: Path, tmp_path: Path
) -> None:
    def run(*words: str) -> subprocess.CompletedProcess[str]:
        command = [sys.executable, "-m", "washboard", *words]
        return subprocess.run(command, capture_output=True, text=True, timeout=120, check=False)

    made = run("backup", str(tmp_path / "b.zip"), "--data", str(kept))
    assert (made.returncode, made.stderr) == (0, "")
    assert "verified" in made.stdout
    assert run("restore", str(tmp_path / "b.zip"), "--data", str(tmp_path / "new")).returncode == 0
    again = run("restore", str(tmp_path / "b.zip"), "--data", str(tmp_path / "new"))
    assert again.returncode == 1
    assert "not empty" in again.stderr
    fine = run("doctor", "--data", str(tmp_path / "new"))
    assert (fine.returncode, fine.stdout.splitlines()[-1]) == (0, "Nothing is wrong.")
    next((tmp_path / "new" / "media").iterdir()).unlink()
    assert run("doctor", "--data", str(tmp_path / "new")).returncode == 1
