"""What is wrong with a data folder, and how to mend it. Nothing is changed by looking."""

from __future__ import annotations

import fcntl
import hashlib
import os
import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import closing, suppress
from dataclasses import dataclass
from pathlib import Path

from ..core.sentence import Sentence, sentence
from .backup import DATABASE, MEDIA, contents, read_only
from .database import NEWEST

LEAST_FREE = 200 * 2**20
"""Bytes free on the disk under which that is told."""


@dataclass(frozen=True)
class Finding:
    """What was found in a folder: whether it is `wrong`, or only told, and the sentence."""

    wrong: bool
    words: Sentence


def looked_over(folder: Path) -> list[Finding]:
    """All that is found in a data folder, what is wrong first. Raises OSError."""
    found = [*_place(folder)]
    if (folder / DATABASE).is_file():
        found += _database(folder)
    elif folder.is_dir():
        found.append(Finding(False, sentence("doctor-empty", folder=str(folder))))
    return sorted(found, key=lambda one: not one.wrong)


def _place(folder: Path) -> Iterator[Finding]:
    if not folder.is_dir():
        yield Finding(False, sentence("doctor-no-folder", folder=str(folder)))
        return
    if not os.access(folder, os.W_OK):
        yield Finding(True, sentence("doctor-read-only", folder=str(folder)))
    free = shutil.disk_usage(folder).free
    if free < LEAST_FREE:
        yield Finding(True, sentence("doctor-disk", megabytes=free >> 20))
    holder = _holder(folder)
    if holder:
        yield Finding(False, sentence("doctor-in-use", process=holder))


def _holder(folder: Path) -> str:
    """The process that has a folder, "" for none."""
    with suppress(FileNotFoundError), (folder / "washboard.lock").open("rb") as lock:
        try:
            fcntl.flock(lock, fcntl.LOCK_SH | fcntl.LOCK_NB)
        except OSError:
            return lock.read(40).decode("ascii", "replace").strip()
    return ""


def _database(folder: Path) -> Iterator[Finding]:
    try:
        with closing(read_only(folder / DATABASE)) as connection:
            told = [row[0] for row in connection.execute("PRAGMA integrity_check(5)")]
            loose = len(connection.execute("PRAGMA foreign_key_check").fetchall())
        schema, pieces, hashes = contents(folder / DATABASE)
    except sqlite3.DatabaseError as error:
        yield Finding(True, sentence("doctor-no-database", error=str(error)))
        return
    if told != ["ok"]:
        yield Finding(True, sentence("doctor-damaged", error=str(told[0])))
    if loose:
        yield Finding(True, sentence("doctor-loose", count=loose))
    if schema > NEWEST:
        yield Finding(True, sentence("doctor-newer", schema=schema, newest=NEWEST))
    elif schema < NEWEST:
        yield Finding(False, sentence("doctor-older", schema=schema or "0", newest=NEWEST))
    yield Finding(False, sentence("doctor-pieces", count=pieces))
    yield from _media(folder / MEDIA, hashes)


def _media(folder: Path, hashes: set[str]) -> Iterator[Finding]:
    there = {path.name: path for path in folder.iterdir()} if folder.is_dir() else {}
    missing = sorted(hashes - there.keys())
    damaged = [name for name in sorted(hashes & there.keys()) if _digest(there[name]) != name]
    left = sum(path.stat().st_size for name, path in there.items() if name not in hashes)
    if missing:
        yield Finding(True, sentence("doctor-missing", count=len(missing), first=missing[0][:12]))
    if damaged:
        yield Finding(True, sentence("doctor-changed", count=len(damaged), first=damaged[0][:12]))
    if left:
        yield Finding(False, sentence("doctor-left", megabytes=-(-left >> 20) or 1))


def _digest(path: Path) -> str:
    with path.open("rb") as file:
        return hashlib.file_digest(file, "sha256").hexdigest()
