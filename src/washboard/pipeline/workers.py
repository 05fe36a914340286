"""The worker processes beside the server: who does what, how it is stopped, what happens when one dies or
does not move any more.

Two processes, so that two pieces can be worked out at the same time. A piece stays with the process that
remembers it. In each, long work runs one at a time, and questions are answered beside it: a question of 20 ms
never waits for an analysis of seconds.
"""

from __future__ import annotations

import multiprocessing
import os
import queue
import signal
import threading
import time
from collections import OrderedDict
from collections.abc import Callable
from contextlib import suppress
from dataclasses import dataclass, field
from functools import partial
from multiprocessing.connection import Connection
from typing import Any, cast

from ..core.errors import Stopped, WashboardError
from .errors import TaskBroke, WorkerDied
from .tasks import Task, WorkOut

Report = Callable[[str, float], None]
PROCESSES = 2
MOST_HOMES = 500
"""Pieces whose process is remembered."""
PATIENCE = 60.0
"""Seconds after which a process that has something to do and does nothing is ended, to begin anew."""
MOVES = 0.01
"""Share of a processor from which a process does something: signs of life alone take a thousandth."""
WRITES = 0.2
"""Seconds that it gets to write where it stands."""
LOOK = 0.05
"""Seconds between two looks at whether somebody wants a task stopped."""


def _context() -> Any:
    """How processes are begun: by a fork of one that has loaded all they need and does nothing else, so that
    the second process, and one in a dead one's place, are there at once; else each loads it by itself."""
    if "forkserver" not in multiprocessing.get_all_start_methods():
        return multiprocessing.get_context("spawn")
    context = multiprocessing.get_context("forkserver")
    context.set_forkserver_preload(["washboard.pipeline.preloaded"])
    return context


CONTEXT = _context()


class Workers:
    """The processes, started on first use, or by `warm`, and again after one died."""

    def __init__(self, processes: int = PROCESSES, patience: float = PATIENCE) -> None:
        self._processes = [_Worker(patience) for _ in range(processes)]
        self._homes: OrderedDict[str, _Worker] = OrderedDict()
        self._lock = threading.Lock()
        self._closed = False

    def warm(self) -> None:
        """Start the first process before anybody asks, without waiting for it; the others start when it has
        something to do."""
        threading.Thread(target=self._processes[0].start, daemon=True, name="warm").start()

    def run(
        self, task: Task, home: str, report: Report, cancelled: threading.Event, beside: str | None = None
    ) -> Any:
        """The task's result. `home` names the piece, or photo, that it is about; a new one goes where what
        is known of another, `beside`, is remembered.

        A process that dies, or stands still, is replaced and the task done once more in the new one. Raises
        what the core raised, Stopped when cancelled, WorkerDied when it died twice.
        """
        said = report
        for attempt in range(2):
            if cancelled.is_set():
                raise Stopped("refused-stopped-before")
            try:
                return self._worker_of(home, isinstance(task, WorkOut), beside).run(task, said, cancelled)
            except WorkerDied:
                if attempt or self._closed:
                    raise
                said = partial(_again, report)
        raise AssertionError

    def _worker_of(self, home: str, long: bool, beside: str | None) -> _Worker:
        """The process that knows the piece; for a new one, that which knows its photo or has least to do.

        Long work goes to another process that has none, rather than wait behind other long work.
        """
        with self._lock:
            known = self._homes.get(home) or (self._homes.get(beside) if beside else None)
            if known is None or (long and known.works):
                spare = min(self._processes, key=lambda worker: (worker.works, worker.busy))
                known = spare if known is None or not spare.works else known
            self._homes[home] = known
            self._homes.move_to_end(home)
            while len(self._homes) > MOST_HOMES:
                self._homes.popitem(last=False)
            return self._homes[home]

    @property
    def pids(self) -> tuple[int, ...]:
        """The process ids of those that run."""
        return tuple(worker.pid for worker in self._processes if worker.pid)

    def close(self) -> None:
        """End the processes; what waits for them is told that they died."""
        self._closed = True
        for worker in self._processes:
            worker.close()


def _again(report: Report, stage: str, done: float) -> None:
    report(f"{stage} (started again: the computation had broken off)", done)


Answers = queue.SimpleQueue[tuple[str, Any]]


@dataclass(frozen=True)
class _Moved:
    """When a process was last seen to do something, by our clock, and the seconds of processor it had used by
    its last sign of life."""

    used: float = 0.0
    at: float = field(default_factory=time.monotonic)
    told: float = field(default_factory=time.monotonic)

    def after(self, used: float) -> _Moved:
        """The same after a sign of life."""
        now = time.monotonic()
        return _Moved(used, now if used - self.used > MOVES * (now - self.told) else self.at, now)


class _Worker:
    """One process and the tasks that it has at hand, each with the pipe it was sent through."""

    def __init__(self, patience: float) -> None:
        self._patience = patience
        self._lock = threading.Lock()
        self._process: Any = None
        self._moved = _Moved()
        self._pipe: Connection | None = None
        self._asked: dict[int, tuple[Connection, Answers, str]] = {}
        self._number = 0

    @property
    def busy(self) -> int:
        """How many tasks it has at hand."""
        return len(self._asked)

    @property
    def works(self) -> bool:
        """Whether it has long work at hand."""
        return any(lane == "work" for _, _, lane in list(self._asked.values()))

    @property
    def pid(self) -> int | None:
        """The id of the process, None where none runs."""
        return self._process.pid if self._process is not None and self._process.is_alive() else None

    def start(self) -> Connection:
        """The pipe to the process, which is started where none runs."""
        with self._lock:
            return self._started()

    def _started(self) -> Connection:
        if self._pipe is None or not self._process.is_alive():
            mine, theirs = CONTEXT.Pipe()
            self._moved = _Moved()
            self._process = CONTEXT.Process(
                target=_serve, args=(theirs,), daemon=True, name="washboard-worker"
            )
            self._process.start()
            theirs.close()
            self._pipe = mine
            threading.Thread(target=self._listen, args=(mine,), daemon=True, name="answers").start()
        return self._pipe

    def run(self, task: Task, report: Report, cancelled: threading.Event) -> Any:
        """The task's result; raises what the core raised, Stopped, WorkerDied, TaskBroke."""
        number, answers = self._send(task)
        said = False
        try:
            while True:
                try:
                    kind, payload = answers.get(timeout=LOOK)
                except queue.Empty:
                    if cancelled.is_set() and not said:
                        said = True
                        self._stop(number)
                    self._end_if_still()
                    continue
                if kind == "progress":
                    report(*payload)
                elif kind == "result":
                    return payload
                else:
                    raise _error(kind, payload)
        finally:
            self._asked.pop(number, None)

    def _send(self, task: Task) -> tuple[int, Answers]:
        lane = "work" if isinstance(task, WorkOut) else "question"
        answers = Answers()
        with self._lock:
            pipe = self._started()
            if not self._asked:
                self._moved = _Moved(self._moved.used)
            self._number += 1
            self._asked[self._number] = pipe, answers, lane
            try:
                pipe.send(("task", self._number, lane, task))
            except OSError:
                answers.put(("died", None))
            return self._number, answers

    def _end_if_still(self) -> None:
        """End the process where it has stood still for too long; its end is told to all who wait."""
        process = self._process
        if process is not None and time.monotonic() - self._moved.at > self._patience:
            if hasattr(signal, "SIGUSR1") and process.pid:
                # Where each of its threads stands goes to the terminal: it is all that tells why.
                with suppress(OSError):
                    os.kill(process.pid, signal.SIGUSR1)
                time.sleep(WRITES)
            process.kill()

    def _stop(self, number: int) -> None:
        with self._lock, suppress(OSError):
            if self._pipe is not None:
                self._pipe.send(("stop", number))

    def _listen(self, pipe: Connection) -> None:
        """Hand out what the process answers until it ends; whoever waits for it then is told."""
        while True:
            try:
                kind, number, payload = pipe.recv()
            except Exception:
                # It ended, or sent what cannot be read: either way nothing more of it can be waited for.
                break
            if kind == "alive" and self._pipe is pipe:
                self._moved = self._moved.after(payload)
            elif (asked := self._asked.get(number)) is not None:
                asked[1].put((kind, payload))
        with self._lock:
            if self._pipe is pipe:
                self._pipe = None
            waiting = [answers for through, answers, _ in self._asked.values() if through is pipe]
        pipe.close()
        for answers in waiting:
            answers.put(("died", None))

    def close(self) -> None:
        """End the process."""
        with self._lock:
            process, self._process, self._pipe = self._process, None, None
        if process is not None and process.is_alive():
            process.terminate()
            process.join(2)


def _error(kind: str, payload: Any) -> WashboardError:
    """What is raised for an answer that is no result."""
    if kind == "error":
        return cast(WashboardError, payload)
    if kind == "fault":
        return TaskBroke("refused-fault", payload=payload[:120])
    return WorkerDied("refused-worker-died")


def _serve(pipe: Connection) -> None:
    # Imported here, in the process that needs it: the server itself starts without the heavy libraries.
    from .child import serve

    serve(pipe)
