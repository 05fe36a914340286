"""What runs inside the worker process: decoding, values, whole pieces."""

from __future__ import annotations

import signal
import zlib
from collections.abc import Callable
from multiprocessing.connection import Connection
from multiprocessing.synchronize import Event
from typing import Any

import numpy as np

from ..core.errors import Stopped, WashboardError
from ..formats import planfile
from . import asked, mixing, schooling
from .stages import Before, Stages
from .tasks import (
    Carding,
    Comparing,
    Compute,
    Framing,
    Mixing,
    Outlining,
    Preparing,
    Schooling,
    Studying,
    Tabling,
    TakeIn,
    Task,
    Values,
    Varying,
    WorkerDied,
)
from .view import blobs_of, view_of

Report = Callable[[str, float], None]


def serve(pipe: Connection, stop: Event) -> None:
    """Answer tasks from the pipe until it closes; `stop` ends the one at hand."""
    signal.signal(signal.SIGINT, signal.SIG_IGN)
    stages = Stages()

    def report(stage: str, done: float) -> None:
        if stop.is_set():
            raise Stopped("Stopped; everything is as it was.")
        pipe.send(("progress", (stage, done)))

    while True:
        try:
            task = pipe.recv()
        except (EOFError, OSError):
            return
        try:
            pipe.send(("result", _done(stages, task, report)))
        except WashboardError as error:
            pipe.send(("error", _plain(error)))
        except MemoryError:
            pipe.send(
                (
                    "error",
                    WorkerDied("There was not enough memory for this picture. Nothing was lost."),
                )
            )


def _plain(error: WashboardError) -> WashboardError:
    """An error that survives the pipe: its class may want more than a message."""
    copy = WashboardError(str(error))
    copy.code = error.code
    return copy


def _done(stages: Stages, task: Task, report: Report) -> Any:
    match task:
        case TakeIn():
            return _taken_in(stages, task)
        case Values():
            return asked.values(stages, task)
        case Framing():
            return asked.framed(stages, task)
        case Preparing():
            return asked.prepared(stages, task)
        case Mixing():
            return mixing.board(stages.result(task.subject), task.subject.settings)
        case Schooling():
            return schooling.schools(stages, task)
        case Carding():
            return schooling.cards(stages, task)
        case Varying():
            return mixing.varied(task)
        case Tabling():
            return mixing.table(task.paints, task.subject.settings, np.array(task.over))
        case Outlining():
            return asked.outline(stages, task)
        case Studying():
            return asked.study(stages, task)
        case Comparing():
            return asked.compared(stages, task)
    return _computed(stages, task, report)


def _taken_in(stages: Stages, task: TakeIn) -> dict[str, Any]:
    decoded = stages.decoded(task.content, lambda: task.data)
    stages.picture(task.content, lambda: task.data)
    return {
        "width": decoded.width, "height": decoded.height, "format": decoded.format,
        "notes": decoded.notes, "working": asked.jpeg(decoded.rgb),
    }  # fmt: skip


def _computed(stages: Stages, task: Compute, report: Report) -> dict[str, Any]:
    before = _before(task)
    about = task.subject
    result = stages.result(about, report, before)
    if about.content is not None:
        decoded = stages.decoded(about.content, about.photos[about.content])
        size = (decoded.width, decoded.height)
    else:
        height, width = result.seen.frame.reference.picture.shape
        size = (width, height)
    labels = planfile.label_hash(result.seen.measured.labels)
    source = planfile.Source(
        task.piece, about.content, *size, label_map=labels, areas=result.seen.whole.areas
    )
    document = planfile.written(planfile.document_of(result.worked.plan, source))
    return {
        "document": document, "view": view_of(result, about.settings), "blobs": blobs_of(result),
        "next_mass": result.next_number,
    }  # fmt: skip


def _before(task: Compute) -> Before | None:
    if task.before is None:
        return None
    packed, shape, ids, next_number = task.before
    labels = np.frombuffer(zlib.decompress(packed), "<u2").reshape(shape).astype(np.int32)
    return Before(labels, ids, next_number)
