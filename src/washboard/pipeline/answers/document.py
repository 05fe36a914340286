"""A whole piece worked out: the open document of its plan, and the tables and maps that show it."""

from __future__ import annotations

import zlib
from typing import Any

import numpy as np

from ...core.reference.masses import Progress
from ...formats import planfile
from ...formats.comparison import titles
from ...settings import Stage
from ..stages import Before, Stages
from ..tasks import FirstOrder, WorkOut
from ..view import blobs_of, view_of


def worked_out(stages: Stages, task: WorkOut, report: Progress) -> dict[str, Any]:
    """Document, view, maps and the first number of a mass that was never used."""
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
    source = planfile.DocumentSource(
        task.piece, about.content, *size, label_map=labels, areas=result.seen.whole.areas
    )
    document = planfile.written(planfile.document_of(result.worked.plan, source))
    return {
        "document": document,
        "view": view_of(result, about.read_up_to(Stage.RESULT)),
        "blobs": blobs_of(result),
        "nextMass": result.next_number,
    }


def first_order(stages: Stages, task: FirstOrder) -> list[str]:
    """The passes by their titles, as soon as they are in order."""
    return titles(stages.ordered(task.subject).plan)


def _before(task: WorkOut) -> Before | None:
    if task.before is None:
        return None
    packed, shape, identity = task.before
    if not packed:
        # The map was lost: nothing can be inherited, but no number is given twice.
        return Before(np.zeros((0, 0), np.int32), identity)
    labels = np.frombuffer(zlib.decompress(packed), "<u2").reshape(shape).astype(np.int32)
    return Before(labels, identity)
