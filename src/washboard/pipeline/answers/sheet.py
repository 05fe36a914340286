"""A painting in a photo of one: found by its sides, cut out straight."""

from __future__ import annotations

from typing import Any

import numpy as np

from ...core.review.quad import checked, rectangle
from ...core.review.sheet import cut_straight, sheet_in
from ..stages import Stages
from ..tasks import FindSheet, Straighten
from .picture import jpeg

INSET = 0.06
"""How far inside the photo corners begin where nothing is found, as a share of its sides."""


def found(stages: Stages, task: FindSheet) -> dict[str, Any]:
    """The corners (4, 2) of what may be a painting, in pixels of the working copy, and its size; corners a
    little inside the photo where nothing stands out."""
    picture = stages.picture(task.content, lambda: task.data)
    height, width = picture.shape
    corners = sheet_in(picture.lab)
    inset = rectangle(width * (1 - 2 * INSET), height * (1 - 2 * INSET), width * INSET, height * INSET)
    inside = inset if corners is None else np.clip(corners, 0, [width, height])
    return {"corners": inside.tolist(), "size": (width, height), "found": corners is not None}


def straightened(stages: Stages, task: Straighten) -> bytes:
    """The painting as a JPEG; raises InvalidInput for corners between which none can lie."""
    rgb = stages.decoded(task.content, lambda: task.data).rgb
    return jpeg(cut_straight(rgb, checked(task.corners, (rgb.shape[1], rgb.shape[0]))))
