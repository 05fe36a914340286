"""One server a data folder: a lock on a file in it, which names the holder."""

from __future__ import annotations

import fcntl
import os
from pathlib import Path

from .errors import Held


class FolderLock:
    """Held from construction to `release`, and let go by the system when the process ends, however it does.

    Raises Held, naming the process that has the folder.
    """

    def __init__(self, folder: Path) -> None:
        folder.mkdir(parents=True, exist_ok=True)
        self._file = os.open(folder / "washboard.lock", os.O_RDWR | os.O_CREAT, 0o600)
        try:
            fcntl.flock(self._file, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except OSError:
            holder = os.read(self._file, 40).decode("ascii", "replace").strip()
            os.close(self._file)
            raise Held("refused-folder-held", folder=str(folder), process=holder) from None
        os.ftruncate(self._file, 0)
        os.write(self._file, f"{os.getpid()}\n".encode("ascii"))

    def release(self) -> None:
        """Let the folder go."""
        os.close(self._file)
