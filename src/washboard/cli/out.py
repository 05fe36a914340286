"""Where commands write: refused before the work where it cannot be, written aside and renamed after it."""

from __future__ import annotations

import json
import os
import sys
import tempfile
from collections.abc import Sequence
from pathlib import Path
from typing import Any

from ..core.errors import WashboardError


class NoPlace(WashboardError):
    """What is asked to be written cannot be written there."""

    code = "no-place"


def place(path: Path | None, *inputs: Path) -> None:
    """Raises NoPlace where a file cannot be written, or would be written over what is read."""
    if path is None:
        return
    for given in inputs:
        if _same(path, given):
            raise NoPlace("refused-is-what-is-read", path=str(path))
    folder = path.absolute().parent
    if path.is_dir():
        raise NoPlace("refused-is-a-folder", path=str(path))
    if not folder.is_dir():
        raise NoPlace("refused-no-folder", folder=str(folder))
    if not os.access(folder, os.W_OK) or (path.exists() and not os.access(path, os.W_OK)):
        raise NoPlace("refused-may-not-write", path=str(path))


def called(path: Path) -> str:
    """A file's name without its ending, as text that can be written: a name may be of bytes that are none."""
    return os.fsencode(path.stem).decode("utf-8", "replace")


def folder(path: Path | None, names: Sequence[str], *inputs: Path) -> None:
    """Raises NoPlace where a folder cannot be filled with files, or one would be written over what is read.

    `names` are patterns of the files.
    """
    if path is None:
        return
    if path.exists() and not path.is_dir():
        raise NoPlace("refused-is-a-file", path=str(path))
    for given in inputs:
        if any(_same(path / given.name, given) and given.match(name) for name in names):
            raise NoPlace("refused-would-overwrite", given=str(given), path=str(path))


def _same(one: Path, other: Path) -> bool:
    try:
        return one.exists() and other.exists() and one.samefile(other)
    except OSError:
        return False


def write(path: Path, data: bytes) -> None:
    """Write a file whole or not at all: aside first, then renamed."""
    if path.exists() and not path.is_file():
        # A pipe or a device, such as /dev/stdout, cannot be renamed over.
        path.write_bytes(data)
        return
    target = path.resolve()
    handle, aside = tempfile.mkstemp(dir=target.parent, prefix=".part-")
    try:
        with os.fdopen(handle, "wb") as file:
            file.write(data)
        mode = target.stat().st_mode & 0o777 if target.exists() else 0o666 & ~_umask()
        os.chmod(aside, mode)
        os.replace(aside, target)
    except BaseException:
        Path(aside).unlink(missing_ok=True)
        raise


def _umask() -> int:
    mask = os.umask(0)
    os.umask(mask)
    return mask


def write_json(path: Path, document: dict[str, Any]) -> None:
    """Write a document as JSON."""
    write(path, (json.dumps(document, ensure_ascii=False, indent=1) + "\n").encode())


def show_progress(stage: str, done: float) -> None:
    """How far the work is, on a terminal."""
    if sys.stderr.isatty():
        print(f"\r\033[K{stage} {100 * done:.0f} %", end="", file=sys.stderr, flush=True)


def end_progress() -> None:
    """Clear the line that told the progress."""
    if sys.stderr.isatty():
        print("\r\033[K", end="", file=sys.stderr)
