"""Jobs on their own: one a subject, progress that only rises, how they end, what is remembered."""

from __future__ import annotations

import threading
import time
from collections.abc import Callable, Iterator

import pytest

from tests.said import text
from washboard.core.errors import InvalidInput, Stopped
from washboard.core.sentence import sentence
from washboard.store.errors import Missing
from washboard.studio.jobs import KEPT, Job, Jobs


@pytest.fixture
def jobs() -> Iterator[Jobs]:
    made = Jobs()
    yield made
    made.close()


def ended(job: Job) -> Job:
    deadline = time.monotonic() + 20
    while job.state == "running" and time.monotonic() < deadline:
        time.sleep(0.005)
    return job


def waiting(gate: threading.Event) -> Callable[[Job], None]:
    def work(job: Job) -> None:
        while not gate.wait(0.01):
            if job.cancelled.is_set():
                raise Stopped("refused-stopped")

    return work


def nothing(_: Job) -> None:
    """A job that is done at once."""


def test_asking_twice_for_one_subject_gives_one_job(jobs: Jobs) -> None:
    gate = threading.Event()
    first = jobs.start("a", waiting(gate))
    assert jobs.start("a", waiting(gate)) is first
    assert jobs.start("b", waiting(gate)) is not first
    gate.set()
    assert ended(first).state == "done"
    assert jobs.start("a", waiting(gate)) is not first


def test_what_nobody_waited_for_is_done_at_once_and_only_once_when_somebody_does(jobs: Jobs) -> None:
    gate, done = threading.Event(), list[str]()
    jobs.start("first", waiting(gate), beside=True)
    queued = jobs.start("second", lambda job: done.append(job.id), beside=True)
    assert jobs.start("second", nothing, beside=True) is queued
    assert not queued.begun
    assert jobs.start("second", lambda job: done.append(job.id)) is queued
    assert ended(queued).state == "done"
    gate.set()
    assert ended(jobs.start("third", nothing, beside=True)).state == "done"
    assert done == [queued.id]


def test_what_a_painter_waits_for_never_stands_behind_what_nobody_waits_for(jobs: Jobs) -> None:
    gate = threading.Event()
    background = [jobs.start(f"drills {k}", waiting(gate), beside=True) for k in range(40)]
    assert ended(jobs.start("a piece", nothing)).state == "done"
    assert all(job.state == "running" for job in background)
    gate.set()
    assert all(ended(job).state == "done" for job in background)


def test_a_cancelled_job_is_not_handed_out_again(jobs: Jobs) -> None:
    gate = threading.Event()
    first = jobs.start("a", waiting(gate))
    first.cancelled.set()
    second = jobs.start("a", waiting(gate))
    assert second is not first
    assert ended(first).state == "stopped"
    gate.set()
    assert ended(second).state == "done"


def test_a_job_that_fails_says_why_in_the_words_of_the_core(jobs: Jobs) -> None:
    def work(_: Job) -> None:
        raise InvalidInput("refused-thresholds-rise")

    job = ended(jobs.start("a", work))
    assert (job.state, job.problem) == ("failed", sentence("refused-thresholds-rise"))


@pytest.mark.filterwarnings("ignore::pytest.PytestUnhandledThreadExceptionWarning")
def test_a_job_that_breaks_says_that_nothing_was_lost(jobs: Jobs) -> None:
    def work(_: Job) -> None:
        raise ZeroDivisionError

    job = ended(jobs.start("a", work))
    assert job.state == "failed"
    assert job.problem is not None
    assert "Nothing was lost" in text(job.problem)


def test_progress_never_falls_and_ends_at_one(jobs: Jobs) -> None:
    seen = []

    def work(job: Job) -> None:
        for done in (0.2, 0.6, 0.4, 1.7):
            job.report("stage", done)
            seen.append(job.done)

    job = ended(jobs.start("a", work))
    assert seen == [0.2, 0.6, 0.6, 1.0]
    assert (job.done, job.stage) == (1.0, "done")


def test_old_jobs_are_forgotten_and_running_ones_never(jobs: Jobs) -> None:
    gate = threading.Event()
    running = jobs.start("long", waiting(gate))
    first = jobs.finished("0")
    for k in range(KEPT + 20):
        ended(jobs.start(f"short {k}", nothing))
    assert jobs.get(running.id) is running
    gate.set()
    ended(running)
    for k in range(KEPT + 20):
        ended(jobs.start(f"again {k}", nothing))
    with pytest.raises(Missing):
        jobs.get(first.id)


def test_closing_stops_what_runs(jobs: Jobs) -> None:
    job = jobs.start("a", waiting(threading.Event()))
    jobs.close()
    assert job.state == "stopped"


def test_many_threads_asking_at_once_get_one_job(jobs: Jobs) -> None:
    gate, start, found = threading.Event(), threading.Barrier(16), []

    def ask() -> None:
        start.wait()
        found.append(jobs.start("a", waiting(gate)))

    threads = [threading.Thread(target=ask) for _ in range(16)]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    assert len({job.id for job in found}) == 1
    gate.set()
