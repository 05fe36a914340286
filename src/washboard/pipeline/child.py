"""What runs inside a worker process: one thread for work that takes long, a few for questions.

All of them share what was worked out, so a question about a piece that was analysed here is answered at once,
also while the next analysis runs.
"""

from __future__ import annotations

import faulthandler
import gc
import os
import signal
import sys
import threading
import time
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from contextlib import suppress
from functools import partial
from importlib import import_module
from inspect import signature
from multiprocessing.connection import Connection
from typing import Any

from ..core.errors import Stopped, WashboardError
from ..core.sentence import USUAL_LANGUAGE
from ..words import speaking
from .errors import WorkerDied
from .stages import Stages
from .tasks import Question, Task

QUESTIONS = 6
"""Questions answered at the same time in one process."""
HANDS_OVER = 0.0005
"""Seconds after which a thread lets another one go on: a question must not wait for long Python code."""
BEAT = 2.0
"""Seconds between two signs of life."""
NICENESS = 4
"""How much more gladly the system serves the server, which only reads, than the workers."""


def serve(pipe: Connection) -> None:
    """Answer what comes through the pipe until it closes.

    In come `("task", number, lane, task)` and `("stop", number)`; out go, with the number, `progress`,
    `result` and `error`, and with none `alive`, the seconds of processor that were used.
    """
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    if hasattr(signal, "SIGUSR1"):
        # Whoever wonders what a process is at can ask it: it writes where each of its threads stands.
        faulthandler.register(signal.SIGUSR1)
    os.nice(NICENESS)
    sys.setswitchinterval(HANDS_OVER)
    _Process(pipe).run()


class _Process:
    def __init__(self, pipe: Connection) -> None:
        self._pipe, self._sending = pipe, threading.Lock()
        self._stages = Stages()
        self._stopped: dict[int, threading.Event] = {}
        self._lanes = {
            "work": ThreadPoolExecutor(1, thread_name_prefix="work"),
            "question": ThreadPoolExecutor(QUESTIONS, thread_name_prefix="question"),
        }

    def run(self) -> None:
        threading.Thread(target=self._beat, daemon=True, name="beat").start()
        self._lanes["work"].submit(_load)
        while True:
            try:
                message = self._pipe.recv()
            except (EOFError, OSError):
                # Whoever asked is gone; nobody waits for what still runs.
                os._exit(0)
            if message[0] == "stop":
                self._stopped.get(message[1], threading.Event()).set()
            else:
                _, number, lane, task = message
                self._stopped[number] = threading.Event()
                self._lanes[lane].submit(self._answer, number, task)

    def _beat(self) -> None:
        with suppress(OSError):
            while True:
                self._send("alive", 0, time.process_time())
                time.sleep(BEAT)

    def _answer(self, number: int, task: Task) -> None:
        try:
            self._send("result", number, answered(self._stages, task, partial(self._report, number)))
        except WashboardError as error:
            self._send("error", number, _plain(error))
        except MemoryError:
            self._send("error", number, WorkerDied("refused-no-memory"))
        except BaseException as error:
            self._send("fault", number, f"{type(error).__name__}: {error}")
        finally:
            self._stopped.pop(number, None)

    def _report(self, number: int, stage: str, done: float) -> None:
        stopped = self._stopped.get(number)
        if stopped is not None and stopped.is_set():
            raise Stopped("refused-stopped")
        self._send("progress", number, (stage, done))

    def _send(self, what: str, number: int, payload: Any) -> None:
        with self._sending:
            self._pipe.send((what, number, payload))


def answered(stages: Stages, task: Task, report: Callable[[str, float], None]) -> Any:
    """The answer to a task by the function that it names; raises what that raises.

    Progress is reported to functions that take it; the others are looked at before they begin.
    """
    module, _, name = task.answered_by.partition(":")
    answer = getattr(import_module(f".answers.{module}", __package__), name)
    report("begun", 0.0)
    with speaking(task.subject.language if isinstance(task, Question) else USUAL_LANGUAGE):
        if len(signature(answer).parameters) == 3:
            return answer(stages, task, report)
        return answer(stages, task)


def _load() -> None:
    """Import what will be needed where no process has done so before this one was forked from it, and keep
    the collector of garbage from looking at it ever again."""
    import_module(".preloaded", __package__)
    gc.freeze()


def _plain(error: WashboardError) -> WashboardError:
    """An error that survives the pipe: its class may want more than a message."""
    copy = WashboardError(error.sentence)
    copy.code = error.code
    return copy
