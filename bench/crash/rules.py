"""What `writes.c` counts and what it does at the n-th change: ruled through a file that all processes map."""

from __future__ import annotations

import mmap
import os
import struct
import subprocess
import sys
from enum import IntEnum
from pathlib import Path

HERE = Path(__file__).parent
FORM = struct.Struct("@lll4000s")
ENVIRONMENT = "WRITES_RULES"


class Mode(IntEnum):
    """What happens at the n-th change: nothing, death before it, death half way through it, a disk that is
    full from there on."""

    OFF = 0
    KILL = 1
    TORN = 2
    FULL = 3


class Rules:
    """The rules of this process and all that it forks."""

    def __init__(self) -> None:
        file = os.open(os.environ[ENVIRONMENT], os.O_RDWR)
        self._there = mmap.mmap(file, FORM.size)
        os.close(file)

    def set(self, mode: Mode, at: int = 0, folder: Path | None = None) -> None:
        """Count anew; at the `at`-th change below a folder do what the mode says, never for 0."""
        # The mode comes last and goes first: what is half written rules nothing.
        self._there[: struct.calcsize("@l")] = struct.pack("@l", Mode.OFF)
        self._there[:] = FORM.pack(Mode.OFF, at, 0, os.fsencode(folder) if folder else b"")
        self._there[: struct.calcsize("@l")] = struct.pack("@l", mode)

    @property
    def count(self) -> int:
        """How many changes were made since the rules were set."""
        return int(FORM.unpack(self._there[:])[2])


def ruled(build: Path) -> None:
    """Start this process anew with the counter loaded before its C library, unless it is. Needs a C compiler;
    raises CalledProcessError and FileNotFoundError where there is none."""
    if os.environ.get(ENVIRONMENT):
        return
    build.mkdir(parents=True, exist_ok=True)
    library, rules = build / "writes.so", build / "writes.rules"
    source = HERE / "writes.c"
    subprocess.run(
        ["cc", "-O1", "-shared", "-fPIC", "-o", str(library), str(source), "-ldl"], check=True, timeout=120
    )
    rules.write_bytes(bytes(FORM.size))
    environment = {**os.environ, "LD_PRELOAD": str(library), ENVIRONMENT: str(rules)}
    os.execve(sys.executable, [sys.executable, *sys.orig_argv[1:]], environment)
