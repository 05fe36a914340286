"""What runs inside the worker process: decoding, values, whole pieces."""

from __future__ import annotations

import io
import signal
import zlib
from collections.abc import Callable, Mapping, Sequence
from multiprocessing.connection import Connection
from multiprocessing.synchronize import Event
from typing import Any

import cv2
import numpy as np
from PIL import Image

from ..core.errors import Stopped, WashboardError
from ..core.reference.drawn import Shape
from ..core.reference.picture import LONG_SIDE
from ..formats import planfile
from .stages import Before, Stages
from .tasks import Compute, TakeIn, Values, WorkerDied
from .view import blobs_of, value_bytes, view_of

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


def _done(stages: Stages, task: TakeIn | Values | Compute, report: Report) -> Any:
    if isinstance(task, TakeIn):
        decoded = stages.decoded(task.content, lambda: task.data)
        stages.picture(task.content, lambda: task.data)
        return {
            "width": decoded.width, "height": decoded.height, "format": decoded.format,
            "notes": decoded.notes, "working": _working(decoded.rgb),
        }  # fmt: skip
    if isinstance(task, Values):
        return _values(stages, task)
    return _computed(stages, task, report)


def _working(rgb: np.ndarray) -> bytes:
    """The working copy as the page shows it."""
    out = io.BytesIO()
    Image.fromarray(rgb).save(out, "JPEG", quality=93, subsampling=0)
    return out.getvalue()


def _values(stages: Stages, task: Values) -> bytes:
    def data() -> bytes:
        return task.path.read_bytes()

    picture = stages.picture(task.content, data)
    if task.strength <= 0:
        return value_bytes(picture.value)
    squinted = stages.squinted(task.content, data, task.strength)
    height, width = picture.shape
    return value_bytes(cv2.resize(squinted.value, (width, height), interpolation=cv2.INTER_LINEAR))


def _computed(stages: Stages, task: Compute, report: Report) -> dict[str, Any]:
    before = _before(task)
    if task.content is not None and task.path is not None:
        path = task.path
        result = stages.result(task.content, path.read_bytes, task.settings, report, before)
        decoded = stages.decoded(task.content, path.read_bytes)
        size = (decoded.width, decoded.height)
    else:
        shapes = tuple(_shape(s) for s in task.shapes or ())
        result = stages.result_drawn(shapes, task.settings, before)
        size = (LONG_SIDE, LONG_SIDE)
    labels = planfile.label_hash(result.seen.measured.labels)
    source = planfile.Source(task.piece, task.content, *size, label_map=labels)
    document = planfile.written(planfile.document_of(result.worked.plan, source))
    return {
        "document": document, "view": view_of(result), "blobs": blobs_of(result),
        "next_mass": result.next_number,
    }  # fmt: skip


def _shape(given: Mapping[str, Any]) -> Shape:
    points: Sequence[Sequence[float]] = given["points"]
    return Shape(tuple((p[0], p[1]) for p in points), given["value"], given["a"], given["b"])


def _before(task: Compute) -> Before | None:
    if task.before is None:
        return None
    packed, shape, ids, next_number = task.before
    labels = np.frombuffer(zlib.decompress(packed), "<u2").reshape(shape).astype(np.int32)
    return Before(labels, ids, next_number)
