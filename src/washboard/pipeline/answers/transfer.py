"""What is printed or traced in true size: outlines of areas, studies in a few values."""

from __future__ import annotations

import io

from PIL import Image

from ...core.composition.outline import arcs_of
from ...core.reference.study import study_of
from ...formats import transfer
from ...settings import Stage
from ...words import speaker
from ..stages import Stages
from ..tasks import MakeOutline, MakeStudy


def outline(stages: Stages, task: MakeOutline) -> bytes:
    """Areas' outlines in true size."""
    seen = stages.seen(task.subject)
    height, width = seen.picture.shape
    sheet = task.subject.read_up_to(Stage.MEASURES).sheet(width / height)
    choices = task.choices.checked()
    lines = transfer.lines_of(arcs_of(seen.areas, sheet.picture_width_cm, task.detail_mm), sheet, choices)
    if task.pdf:
        return transfer.pdf_of(lines, sheet, task.name, choices)
    names = {area.label: speaker().name(area.called) for area in seen.areas.areas}
    return transfer.svg_of(lines, sheet, names, choices).encode()


def study(stages: Stages, task: MakeStudy) -> bytes:
    """The arranged picture in a few flat values."""
    subject = task.subject
    picture = stages.framed(subject).picture
    grey = study_of(picture, stages.squinted(subject, 1.5), task.bands)
    if not task.pdf:
        out = io.BytesIO()
        Image.fromarray(grey).save(out, "PNG")
        return out.getvalue()
    height, width = picture.shape
    sheet = subject.read_up_to(Stage.MEASURES).sheet(width / height)
    choices = task.choices.checked()
    return transfer.pdf_of(transfer.lines_of((), sheet, choices), sheet, task.name, choices, grey)
