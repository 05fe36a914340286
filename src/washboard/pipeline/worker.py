"""One worker process beside the server: it decodes and computes, keeps the stages, can be stopped."""

from __future__ import annotations

import multiprocessing
import threading
from collections.abc import Callable
from multiprocessing.connection import Connection
from multiprocessing.synchronize import Event
from typing import Any

from ..core.errors import Stopped
from .tasks import Task, WorkerDied

Report = Callable[[str, float], None]


class Worker:
    """Starts the process on first use and again after it died; one task at a time."""

    def __init__(self) -> None:
        self._context = multiprocessing.get_context("spawn")
        self._turn = threading.Lock()
        self._process: Any = None
        self._pipe: Connection | None = None
        self._stop: Event = self._context.Event()

    def run(self, task: Task, report: Report, cancelled: threading.Event) -> Any:
        """The task's result. Raises what the core raised, Stopped when cancelled, WorkerDied."""
        with self._turn:
            if cancelled.is_set():
                raise Stopped("Stopped before it began; everything is as it was.")
            pipe = self._ready()
            self._stop.clear()
            try:
                pipe.send(task)
                while True:
                    while not pipe.poll(0.02):
                        if cancelled.is_set():
                            self._stop.set()
                        if not self._process.is_alive():
                            raise EOFError
                    kind, payload = pipe.recv()
                    if kind == "progress":
                        report(*payload)
                    elif kind == "error":
                        raise payload
                    else:
                        return payload
            except (EOFError, BrokenPipeError, ConnectionResetError):
                self._discard()
                raise WorkerDied(
                    "The computation broke off, perhaps for lack of memory. Nothing was lost. Try again, "
                    "with a smaller picture if it happens twice."
                ) from None

    def _ready(self) -> Connection:
        if self._pipe is None or not self._process.is_alive():
            mine, theirs = self._context.Pipe()
            self._process = self._context.Process(
                target=_serve, args=(theirs, self._stop), daemon=True, name="washboard-worker"
            )
            self._process.start()
            theirs.close()
            self._pipe = mine
        return self._pipe

    def _discard(self) -> None:
        if self._pipe is not None:
            self._pipe.close()
        self._pipe = None

    def close(self) -> None:
        """End the process."""
        if self._process is not None and self._process.is_alive():
            self._process.terminate()
            self._process.join(2)
        self._discard()
        # The semaphores go with the last reference; a server that is terminated runs no finalisers.
        self._process = None
        del self._stop


def _serve(pipe: Connection, stop: Event) -> None:
    # Imported here, in the process that needs it: the server itself starts without the heavy libraries.
    from .child import serve

    serve(pipe, stop)
