"""The program in processes of its own that need not load anew what the tests have loaded."""

from __future__ import annotations

import os
import signal
import subprocess
import sys
import tempfile
import time
import traceback
import warnings
from collections.abc import Sequence
from importlib import import_module
from multiprocessing import forkserver, resource_tracker

from washboard.cli import main

# Loaded here, once, for every server and command that is begun.
for _module in (
    "washboard.api.serve",
    "washboard.pipeline.preloaded",
    "alembic.command",
    "uvicorn.lifespan.on",
    "uvicorn.protocols.http.auto",
    "uvicorn.protocols.websockets.auto",
    "uvicorn.loops.auto",
):
    import_module(_module)


class Forked:
    """`python -m washboard` with these words, begun by a fork, in a process group of its own.

    What it writes goes to the files `out` and `err`, by their descriptors; what is typed comes from `typed`.
    """

    def __init__(self, words: Sequence[str], out: int, err: int, typed: int | None = None) -> None:
        self.returncode: int | None = None
        self.pid = os.fork()
        if self.pid == 0:
            if typed is not None:
                os.dup2(typed, 0)
                sys.stdin = os.fdopen(0, closefd=False)
            _run(words, out, err)

    def poll(self) -> int | None:
        """The exit code once it ended."""
        if self.returncode is None:
            pid, status = os.waitpid(self.pid, os.WNOHANG)
            if pid:
                self.returncode = os.waitstatus_to_exitcode(status)
        return self.returncode

    def wait(self, timeout: float = 120) -> int:
        """The exit code. Raises TimeoutExpired, the process still running."""
        deadline = time.monotonic() + timeout
        while self.poll() is None:
            if time.monotonic() > deadline:
                raise subprocess.TimeoutExpired("washboard", timeout)
            time.sleep(0.005)
        assert self.returncode is not None
        return self.returncode

    def terminate(self) -> None:
        """Ask it to end."""
        os.kill(self.pid, signal.SIGTERM)


def _run(words: Sequence[str], out: int, err: int) -> None:
    """Be the program, in a fresh child, and never come back."""
    code = 1
    try:
        os.setsid()
        # A fork server of the tests' own process is no child of this one.
        vars(forkserver._forkserver).update(_forkserver_pid=None, _forkserver_alive_fd=None)
        vars(resource_tracker._resource_tracker).update(_pid=None, _fd=None)
        os.dup2(out, 1)
        os.dup2(err, 2)
        sys.stdout, sys.stderr = os.fdopen(1, "w", closefd=False), os.fdopen(2, "w", closefd=False)
        warnings.resetwarnings()
        warnings.simplefilter("ignore")
        sys.argv = ["washboard", *words]
        main()
        code = 0
    except SystemExit as end:
        code = end.code if isinstance(end.code, int) else int(end.code is not None)
    except BaseException:
        traceback.print_exc()
    finally:
        sys.stdout.flush()
        sys.stderr.flush()
        os._exit(code)


def command(*words: object, typed: str = "") -> subprocess.CompletedProcess[str]:
    """A command of the program to its end, with all that it wrote; what is `typed` at it goes in."""
    temporary = tempfile.TemporaryFile
    with temporary("w+") as out, temporary("w+") as err, temporary("w+") as given:
        given.write(typed)
        given.seek(0)
        process = Forked([*map(str, words)], out.fileno(), err.fileno(), given.fileno())
        code = process.wait()
        out.seek(0)
        err.seek(0)
        return subprocess.CompletedProcess(["washboard", *map(str, words)], code, out.read(), err.read())
