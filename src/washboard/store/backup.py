"""A data folder in one file and back: a ZIP archive with the database, the bytes it refers to, and a manifest
with the SHA-256 of each, by which it is verified when it is written and before anything is restored.
"""

from __future__ import annotations

import errno
import hashlib
import json
import os
import re
import shutil
import sqlite3
import tempfile
import zipfile
import zlib
from contextlib import closing
from dataclasses import dataclass
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

from .. import ENGINE
from .database import NEWEST, translated
from .errors import StoreError
from .lock import FolderLock

FORMAT, VERSION = "washboard-backup", 1
DATABASE, MANIFEST, MEDIA = "washboard.sqlite", "manifest.json", "media"
NAMES = re.compile(r"washboard\.sqlite|media/[0-9a-f]{64}")
"""What may stand in an archive besides its manifest: nothing is ever written anywhere else."""
MOST_MANIFEST = 64 * 2**20
"""Bytes of a manifest that is read."""
CHUNK = 2**20
TRIES = 3
"""Times that a folder is read anew when what it refers to goes while it is copied."""


class NoBackup(StoreError):
    """An archive cannot be made, or is none that can be restored."""

    code = "no-backup"


@dataclass(frozen=True)
class Backup:
    """What an archive holds: when it was written, by which version of the database, how many pieces, files
    and bytes, and how many files were missing in the folder already."""

    created: str
    schema: str
    pieces: int
    files: int
    size: int
    missing: int


def back_up(folder: Path, file: Path) -> Backup:
    """Write a folder into an archive, whole or not at all, and verify it. A server may go on in the folder:
    the database is copied as it is at one moment.

    Raises NoBackup where there is no folder, or it changes faster than it is copied; Full; OSError.
    """
    if not (folder / DATABASE).is_file():
        raise NoBackup("refused-no-data-folder", folder=str(folder))
    file = file.absolute()
    with translated(), tempfile.TemporaryDirectory(prefix=".part-", dir=file.parent) as aside:
        copy, archive = Path(aside) / DATABASE, Path(aside) / "archive.zip"
        for _ in range(TRIES):
            _copied(folder / DATABASE, copy)
            found = _written(folder, copy, archive)
            if found is not None:
                break
        else:
            raise NoBackup("refused-backup-changes", folder=str(folder))
        verified(archive)
        os.replace(archive, file)
    return found


def _copied(database: Path, copy: Path) -> None:
    """The database as it is at one moment (SQLite's online backup)."""
    copy.unlink(missing_ok=True)
    with closing(read_only(database)) as source, closing(sqlite3.connect(copy)) as target:
        source.backup(target)
        target.execute("PRAGMA journal_mode=DELETE")


def read_only(database: Path) -> sqlite3.Connection:
    """A connection that changes nothing; raises sqlite3.OperationalError where there is no file."""
    return sqlite3.connect(f"{database.absolute().as_uri()}?mode=ro", uri=True, timeout=10)


def contents(database: Path) -> tuple[str, int, set[str]]:
    """The version of a database's tables, how many pieces it has, and the hashes that it refers to. Raises
    sqlite3.DatabaseError for a file that is no database."""
    with closing(read_only(database)) as connection:
        tables = {name for (name,) in connection.execute("SELECT name FROM sqlite_master WHERE type='table'")}
        version = "SELECT version_num FROM alembic_version"
        row = connection.execute(version).fetchone() if "alembic_version" in tables else None
        pieces = connection.execute("SELECT count(*) FROM piece").fetchone()[0] if "piece" in tables else 0
        uses = "SELECT DISTINCT hash FROM media_use"
        hashes = {one for (one,) in connection.execute(uses)} if "media_use" in tables else set()
    return (str(row[0]) if row else ""), int(pieces), hashes


def _written(folder: Path, copy: Path, archive: Path) -> Backup | None:
    """An archive of a copied database and what it refers to; None where some of that went meanwhile."""
    schema, pieces, hashes = contents(copy)
    files, missing = dict[str, dict[str, Any]](), list[str]()
    with zipfile.ZipFile(archive, "w", zipfile.ZIP_DEFLATED, allowZip64=True) as out:
        _add(out, copy, DATABASE, files)
        for name in sorted(hashes):
            try:
                _add(out, folder / MEDIA / name, f"{MEDIA}/{name}", files)
            except FileNotFoundError:
                missing.append(name)
        if missing and missing != sorted(contents(folder / DATABASE)[2] & set(missing)):
            return None
        created = datetime.now(UTC).isoformat(timespec="seconds")
        told = {
            "format": FORMAT,
            "version": VERSION,
            "engine": ENGINE,
            "schema": schema,
            "created": created,
            "pieces": pieces,
            "files": files,
            "missing": missing,
        }
        out.writestr(MANIFEST, json.dumps(told, indent=1))
    size = sum(own["bytes"] for own in files.values())
    return Backup(created, schema, pieces, len(files), size, len(missing))


def _add(out: zipfile.ZipFile, path: Path, name: str, files: dict[str, dict[str, Any]]) -> None:
    digest, size = hashlib.sha256(), 0
    with path.open("rb") as source, out.open(name, "w", force_zip64=True) as target:
        while block := source.read(CHUNK):
            digest.update(block)
            size += len(block)
            target.write(block)
    files[name] = {"sha256": digest.hexdigest(), "bytes": size}


def verified(file: Path) -> Backup:
    """What an archive holds, when every byte of it is as its manifest says. Raises NoBackup, OSError."""
    return _through(file, None)


def restore(file: Path, folder: Path, instead: bool = False) -> tuple[Backup, Path | None]:
    """Restore a folder from an archive, verified first; what was in the folder before is kept beside it where
    `instead` allows that. Returns what was restored, and where the folder of before lies now.

    Raises NoBackup for an archive that is damaged, of a newer version or none, and for a folder that is not
    empty, Held where a server has it; then nothing is changed. Raises Full and OSError.
    """
    there = folder.is_dir() and any(own.name != "washboard.lock" for own in folder.iterdir())
    if there and not instead:
        raise NoBackup("refused-restore-not-empty", folder=str(folder))
    folder.parent.mkdir(parents=True, exist_ok=True)
    aside = Path(tempfile.mkdtemp(prefix=".restoring-", dir=folder.parent))
    try:
        (aside / MEDIA).mkdir()
        with translated():
            found = _through(file, aside)
        _sound(aside / DATABASE, file)
        before = _put(aside, folder, there)
    except BaseException:
        shutil.rmtree(aside, ignore_errors=True)
        raise
    return found, before


def _put(aside: Path, folder: Path, keep: bool) -> Path | None:
    """Put a restored folder in the place of the one that is there; returns where that is kept. Raises Held
    where a server has it."""
    if not folder.exists():
        os.replace(aside, folder)
        return None
    lock = FolderLock(folder)
    try:
        before = _beside(folder)
        os.replace(folder, before)
        try:
            os.replace(aside, folder)
        except BaseException:
            os.replace(before, folder)
            raise
    finally:
        lock.release()
    if keep:
        return before
    shutil.rmtree(before)
    return None


def _beside(folder: Path) -> Path:
    stamp = datetime.now(UTC).strftime("%Y%m%d-%H%M%S")
    return folder.with_name(f"{folder.name}.before-{stamp}")


def _sound(database: Path, file: Path) -> None:
    """Raises NoBackup where a restored database is not whole."""
    try:
        with closing(read_only(database)) as connection:
            whole = connection.execute("PRAGMA integrity_check").fetchone()[0] == "ok"
        whole = whole and contents(database)[0] <= NEWEST
    except sqlite3.DatabaseError:
        whole = False
    if not whole:
        raise NoBackup("refused-backup-damaged", file=file.name, what=DATABASE)


def _through(file: Path, into: Path | None) -> Backup:
    """Go through an archive, writing each file into a folder where one is given, and compare all with the
    manifest."""
    try:
        with zipfile.ZipFile(file) as archive:
            told = _manifest(archive, file)
            for name, own in told["files"].items():
                if not _matches(archive, name, own, into and into / name):
                    raise NoBackup("refused-backup-damaged", file=file.name, what=name)
    except (zipfile.BadZipFile, zlib.error, KeyError, EOFError, RuntimeError, ValueError):
        raise NoBackup("refused-no-backup", file=file.name) from None
    except FileNotFoundError:
        raise NoBackup("refused-backup-not-there", file=str(file)) from None
    except OSError as error:
        # A damaged archive can send its reader to a place before its beginning.
        if error.errno != errno.EINVAL:
            raise
        raise NoBackup("refused-no-backup", file=file.name) from None
    files = told["files"]
    size = sum(own["bytes"] for own in files.values())
    return Backup(
        told["created"], told["schema"], told["pieces"], len(files), size, len(told.get("missing", []))
    )


def _manifest(archive: zipfile.ZipFile, file: Path) -> dict[str, Any]:
    """The manifest of an archive, every name and size in it looked at."""
    if archive.getinfo(MANIFEST).file_size > MOST_MANIFEST:
        raise NoBackup("refused-no-backup", file=file.name)
    try:
        told = json.loads(archive.read(MANIFEST))
        fits = told["format"] == FORMAT and DATABASE in told["files"]
        fits = fits and all(
            NAMES.fullmatch(name) and len(own["sha256"]) == 64 and 0 <= own["bytes"] < 2**50
            for name, own in told["files"].items()
        )
        fits = fits and isinstance(told["pieces"], int)
        fits = fits and all(isinstance(told[key], str) for key in ("created", "schema"))
        newer = told["version"] > VERSION or told["schema"] > NEWEST
    except (ValueError, TypeError, KeyError, AttributeError):
        fits = newer = False
    if newer:
        raise NoBackup("refused-backup-newer", file=file.name)
    if not fits:
        raise NoBackup("refused-no-backup", file=file.name)
    return dict(told)


def _matches(archive: zipfile.ZipFile, name: str, own: dict[str, Any], place: Path | None) -> bool:
    """Whether a file in an archive is as its manifest says; written to its place as it is read, and never
    more than was told."""
    digest, left = hashlib.sha256(), int(own["bytes"])
    out = place.open("xb") if place else None
    try:
        with archive.open(name) as source:
            while block := source.read(CHUNK):
                left -= len(block)
                if left < 0:
                    return False
                digest.update(block)
                if out:
                    out.write(block)
        if out:
            out.flush()
            os.fsync(out.fileno())
    except (zipfile.BadZipFile, zlib.error, KeyError, EOFError):
        return False
    finally:
        if out:
            out.close()
    return left == 0 and digest.hexdigest() == own["sha256"]
