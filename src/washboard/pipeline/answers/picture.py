"""Pictures of a piece: taken in, arranged, as values."""

from __future__ import annotations

import io
from typing import Any

import cv2
import numpy as np
from PIL import Image

from ...core.colour.lab import encoded_of, linear_of_lab
from ...core.errors import InvalidInput
from ...core.reference.squint import FARTHEST, from_afar
from ...settings import Stage
from ..stages import Stages
from ..tasks import ArrangedPicture, LightAnew, LookAhead, MassPicture, TakeIn, ValuePicture
from ..view import value_bytes


def jpeg(rgb: np.ndarray) -> bytes:
    """A picture (h, w, 3) as the page shows it."""
    out = io.BytesIO()
    Image.fromarray(rgb).save(out, "JPEG", quality=93, subsampling=0)
    return out.getvalue()


def taken_in(stages: Stages, task: TakeIn) -> dict[str, Any]:
    """What is known of a file's picture, with a working copy; raises InvalidImage."""
    decoded = stages.decoded(task.content, lambda: task.data)
    stages.picture(task.content, lambda: task.data)
    return {
        "width": decoded.width,
        "height": decoded.height,
        "format": decoded.format,
        "notes": decoded.notes,
        "working": jpeg(decoded.rgb),
    }


def lit_anew(stages: Stages, task: LightAnew) -> bytes:
    """The arranged picture in the light that is put in."""
    return jpeg(stages.framed(task.subject).picture.rgb)


def values(stages: Stages, task: ValuePicture) -> bytes:
    """Values, a byte a pixel: squinted, or as they look from afar."""
    subject = task.subject
    picture = stages.framed(subject).picture
    height, width = picture.shape
    if task.metres is not None:
        if not 0 < task.metres <= FARTHEST:
            raise InvalidInput("refused-distance-range", farthest=f"{FARTHEST:g}", metres=f"{task.metres:g}")
        sheet = subject.read_up_to(Stage.MEASURES).sheet(width / height)
        return value_bytes(from_afar(picture, task.metres, sheet.picture_width_cm))
    if task.strength <= 0:
        return value_bytes(picture.value)
    squinted = stages.squinted(subject, task.strength)
    return value_bytes(cv2.resize(squinted.value, (width, height), interpolation=cv2.INTER_LINEAR))


def arranged(stages: Stages, task: ArrangedPicture) -> bytes:
    """The picture as it is arranged, or the reference before."""
    if task.whole:
        return jpeg(stages.reference(task.subject).picture.rgb)
    return jpeg(stages.framed(task.subject).picture.rgb)


def looked_ahead(stages: Stages, task: LookAhead) -> bytes:
    """Nothing: what is found is remembered for whoever works the plan out."""
    stages.seen(task.subject)
    return b""


def in_masses(stages: Stages, task: MassPicture) -> bytes:
    """Each mass flat in its mean colour."""
    measured = stages.seen(task.subject).measured
    lab = np.zeros((measured.labels.max() + 1, 3))
    for mass in measured.masses:
        lab[mass.label] = mass.lab
    return jpeg((255 * encoded_of(linear_of_lab(lab)) + 0.5).astype(np.uint8)[measured.labels])
