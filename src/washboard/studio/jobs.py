"""Jobs: pieces being worked out, off the event loop, with progress, cancelled on demand."""

from __future__ import annotations

import threading
import uuid
from collections import OrderedDict
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, field

from ..core.errors import Stopped, WashboardError
from ..core.sentence import Sentence, sentence
from ..store.errors import Missing

KEPT = 200
"""Finished jobs remembered, so that a slow page still learns how one ended."""

THREADS = 8
"""Jobs that are waited for at the same time; how many are worked on is for the workers to say."""
BESIDE = 1
"""Jobs that nobody waits for, done at the same time: of a wall of pieces there may be dozens, and what a
painter waits for must not stand behind them."""


@dataclass
class Job:
    """One computation. `subject` names what it computes, so that asking twice gives one job; it has `begun`
    once a thread works on it."""

    subject: str
    id: str = field(default_factory=lambda: uuid.uuid4().hex)
    state: str = "running"
    stage: str = "waiting"
    done: float = 0.0
    problem: Sentence | None = None
    begun: bool = False
    cancelled: threading.Event = field(default_factory=threading.Event)
    ended: threading.Event = field(default_factory=threading.Event)

    def report(self, stage: str, done: float) -> None:
        self.stage, self.done = stage, max(self.done, min(1.0, done))


class Jobs:
    """Runs jobs on threads, which wait for the worker processes."""

    def __init__(self) -> None:
        self._threads = ThreadPoolExecutor(THREADS, thread_name_prefix="job")
        self._beside = ThreadPoolExecutor(BESIDE, thread_name_prefix="beside")
        self._jobs: OrderedDict[str, Job] = OrderedDict()
        self._lock = threading.Lock()

    def start(self, subject: str, work: Callable[[Job], None], beside: bool = False) -> Job:
        """The running job on that subject, or a new one; one that nobody waits for is done `beside`, until
        somebody does."""
        with self._lock:
            for job in self._jobs.values():
                if job.subject == subject and job.state == "running" and not job.cancelled.is_set():
                    if not beside and not job.begun:
                        self._threads.submit(self._run, job, work)
                    return job
            job = Job(subject)
            self._jobs[job.id] = job
            while len(self._jobs) > KEPT:
                oldest = next(iter(self._jobs))
                if self._jobs[oldest].state == "running":
                    break
                del self._jobs[oldest]
        (self._beside if beside else self._threads).submit(self._run, job, work)
        return job

    def _run(self, job: Job, work: Callable[[Job], None]) -> None:
        with self._lock:
            if job.begun:
                return
            job.begun = True
        try:
            work(job)
            job.done, job.stage, job.state = 1.0, "done", "done"
        except Stopped:
            job.state = "stopped"
        except WashboardError as error:
            job.problem = error.sentence
            job.state = "stopped" if error.code == "stopped" else "failed"
        except Exception as error:
            job.problem = sentence("refused-fault", payload=type(error).__name__)
            job.state = "failed"
            raise
        finally:
            job.ended.set()

    def get(self, name: str) -> Job:
        """Raises Missing."""
        with self._lock:
            if name not in self._jobs:
                raise Missing("refused-no-job")
            return self._jobs[name]

    def runs(self, about: str) -> bool:
        """Whether a job runs whose subject begins so."""
        with self._lock:
            return any(
                job.state == "running" and job.subject.startswith(about) for job in self._jobs.values()
            )

    def finished(self, subject: str) -> Job:
        """A job that has nothing to do: what it would compute is already there."""
        job = Job(subject, state="done", stage="done", done=1.0)
        job.ended.set()
        with self._lock:
            self._jobs[job.id] = job
        return job

    def close(self) -> None:
        """Cancel everything and wait for the threads."""
        with self._lock:
            for job in self._jobs.values():
                job.cancelled.set()
        # Those beside first: they may wait for a job of the others.
        for threads in (self._beside, self._threads):
            threads.shutdown(wait=True, cancel_futures=True)
        for job in self._jobs.values():
            if not job.ended.is_set():
                job.state = "stopped"
                job.ended.set()
