"""One worker process beside the server: it decodes and computes, keeps the stages, can be stopped."""

from __future__ import annotations

import io
import multiprocessing
import signal
import threading
import zlib
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from multiprocessing.connection import Connection
from multiprocessing.synchronize import Event
from pathlib import Path
from typing import Any

import cv2
import numpy as np
from PIL import Image

from ..core.errors import Stopped, WashboardError
from ..core.reference.drawn import Shape
from ..core.reference.picture import LONG_SIDE
from ..formats import planfile
from .settings import Settings
from .stages import Before, Stages
from .view import blobs_of, value_bytes, view_of

Report = Callable[[str, float], None]


@dataclass(frozen=True)
class TakeIn:
    """Decode a file's bytes and see whether they hold a picture."""

    content: str
    data: bytes


@dataclass(frozen=True)
class Values:
    """The value picture of a reference at a squint."""

    content: str
    path: Path
    strength: float


@dataclass(frozen=True)
class Compute:
    """A whole piece: `before` is the deflated label map, its (h, w), ids by label, next number."""

    piece: str
    content: str | None
    path: Path | None
    shapes: tuple[Mapping[str, Any], ...] | None
    settings: Settings
    before: tuple[bytes, tuple[int, int], Mapping[int, str], int] | None = None


class WorkerDied(WashboardError):
    code = "worker-died"


class Worker:
    """Starts the process on first use and again after it died; one task at a time."""

    def __init__(self) -> None:
        self._context = multiprocessing.get_context("spawn")
        self._turn = threading.Lock()
        self._process: Any = None
        self._pipe: Connection | None = None
        self._stop: Event = self._context.Event()

    def run(self, task: TakeIn | Values | Compute, report: Report, cancelled: threading.Event) -> Any:
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


def _serve(pipe: Connection, stop: Event) -> None:
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
