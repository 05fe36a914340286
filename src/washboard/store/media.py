"""Bytes by content hash, written whole or not at all."""

from __future__ import annotations

import hashlib
import os
import tempfile
from collections.abc import Collection
from pathlib import Path

from .errors import Gone, Missing


class Media:
    """A folder of files named by the SHA-256 of their bytes."""

    def __init__(self, folder: Path) -> None:
        self._folder = folder
        folder.mkdir(parents=True, exist_ok=True)

    def path(self, content: str) -> Path:
        """Where the bytes of that hash lie."""
        return self._folder / content

    def keep(self, data: bytes) -> str:
        """Write bytes under their hash and return it: to a temporary file first, then renamed.

        Raises OSError when the disk is full, Gone when the folder is; nothing is left behind then.
        """
        content = hashlib.sha256(data).hexdigest()
        if self.path(content).exists():
            return content
        try:
            handle, name = tempfile.mkstemp(dir=self._folder, prefix=".part-")
        except FileNotFoundError:
            raise Gone("refused-folder-gone", folder=str(self._folder.parent)) from None
        try:
            with os.fdopen(handle, "wb") as file:
                file.write(data)
                file.flush()
                os.fsync(file.fileno())
            os.replace(name, self.path(content))
        except BaseException:
            Path(name).unlink(missing_ok=True)
            raise
        return content

    def read(self, content: str) -> bytes:
        """The bytes of that hash; raises Missing."""
        try:
            return self.path(content).read_bytes()
        except FileNotFoundError:
            raise Missing("refused-file-gone") from None

    def discard(self, contents: Collection[str]) -> None:
        """Delete the files of these hashes, where they are there."""
        for content in contents:
            self.path(content).unlink(missing_ok=True)

    def sweep(self, wanted: Collection[str]) -> int:
        """Delete every file that nothing names, and leavings of broken-off writes; returns how many."""
        gone = 0
        for file in self._folder.iterdir():
            if file.name not in wanted:
                file.unlink(missing_ok=True)
                gone += 1
        return gone
