"""Answers to questions about a piece: pictures, readings of two windows, outlines, all of Prepare."""

from __future__ import annotations

import io
from dataclasses import asdict, replace
from typing import Any

import cv2
import numpy as np
from PIL import Image

from ..core.composition.outline import arcs_of
from ..core.errors import InvalidInput
from ..core.order.prediction import painted
from ..core.reference.picture import picture_of
from ..core.reference.squint import FARTHEST, from_afar
from ..core.reference.study import study_of
from ..core.reference.windows import LARGEST, Source, along, read, standing
from ..core.reference.windows import compared as compared_windows
from ..formats import transfer
from . import prepared as work
from .stages import Stages
from .tasks import Comparing, Framing, Outlining, Preparing, Studying, Values
from .view import value_bytes


def jpeg(rgb: np.ndarray) -> bytes:
    """A picture (h, w, 3) as the page shows it."""
    out = io.BytesIO()
    Image.fromarray(rgb).save(out, "JPEG", quality=93, subsampling=0)
    return out.getvalue()


def values(stages: Stages, task: Values) -> bytes:
    """Values, a byte a pixel: squinted, or as they look from afar."""
    subject = task.subject
    picture = stages.framed(subject).picture
    height, width = picture.shape
    if task.metres is not None:
        if not 0 < task.metres <= FARTHEST:
            raise InvalidInput(f"A distance goes up to {FARTHEST:g} m; {task.metres:g} m was asked for.")
        sheet = subject.settings.sheet(width / height)
        return value_bytes(from_afar(picture, task.metres, sheet.picture_width_cm))
    if task.strength <= 0:
        return value_bytes(picture.value)
    squinted = stages.squinted(subject, task.strength)
    return value_bytes(cv2.resize(squinted.value, (width, height), interpolation=cv2.INTER_LINEAR))


def framed(stages: Stages, task: Framing) -> bytes:
    """The picture as it is arranged, or the reference before."""
    if task.whole:
        return jpeg(stages.reference(task.subject).picture.rgb)
    return jpeg(stages.framed(task.subject).picture.rgb)


def outline(stages: Stages, task: Outlining) -> bytes:
    """Areas' outlines in true size."""
    seen = stages.seen(task.subject)
    height, width = seen.picture.shape
    sheet = task.subject.settings.sheet(width / height)
    choices = task.choices.checked()
    lines = transfer.lines_of(arcs_of(seen.areas, sheet.picture_width_cm, task.detail_mm), sheet, choices)
    if task.pdf:
        return transfer.pdf_of(lines, sheet, task.name, choices)
    names = {area.label: area.called for area in seen.areas.areas}
    return transfer.svg_of(lines, sheet, names, choices).encode()


def study(stages: Stages, task: Studying) -> bytes:
    """The arranged picture in a few flat values."""
    subject = task.subject
    picture = stages.framed(subject).picture
    grey = study_of(picture, stages.squinted(subject, 1.5), task.bands)
    if not task.pdf:
        out = io.BytesIO()
        Image.fromarray(grey).save(out, "PNG")
        return out.getvalue()
    height, width = picture.shape
    sheet = subject.settings.sheet(width / height)
    choices = task.choices.checked()
    return transfer.pdf_of(transfer.lines_of((), sheet, choices), sheet, task.name, choices, grey)


def compared(stages: Stages, task: Comparing) -> dict[str, Any]:
    """Readings of two windows, their difference, values along a line, and where the first stands."""
    one, other = task.one.checked(), task.other.checked()
    result = stages.result(task.subject)
    looks = {Source.REFERENCE: result.seen.picture}
    if Source.PREDICTED in (one.source, other.source):
        last = len(result.table.colours) - 1
        looks[Source.PREDICTED] = picture_of(painted(result.table, result.maps, last))
    first, second = (read(looks[window.source].lab, window) for window in (one, other))
    found = compared_windows(first, second)
    surface = task.subject.settings.start.value
    around = read(looks[one.source].lab, replace(one, half=min(LARGEST, 5 * one.half)))
    stands = standing(first.value, result.seen.thresholds, surface, around.value)
    answer: dict[str, Any] = {
        "one": asdict(found.one), "other": asdict(found.other), "apart": found.apart, "words": found.words,
        "standing": asdict(stands), "profiles": [],
    }  # fmt: skip
    if task.line is not None:
        answer["profiles"] = [
            along(looks[window.source].value, *task.line).round(2).tolist() for window in (one, other)
        ]
    return answer


def prepared(stages: Stages, task: Preparing) -> dict[str, Any]:
    """Light, horizon, focus, findings, grounds with small pictures, palette."""
    result = stages.result(task.subject)
    return work.answer(result, task.subject.settings)
