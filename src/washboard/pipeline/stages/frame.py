"""The picture as it will be painted: turned, cropped, with areas moved, or spread to the sheet's format."""

from __future__ import annotations

import cv2
import numpy as np

from ...core.areas.area import Areas
from ...core.composition.arrangement import Arranged, arranged
from ...core.reference.picture import Picture, picture_of, working_side
from ...settings import Settings


def framed(picture: Picture, whole: Areas, settings: Settings) -> tuple[Picture, Arranged]:
    """The arranged picture, with what became of the areas of the `whole` reference."""
    done = _spread(arranged(picture.rgb, whole, settings.arrangement), settings)
    return picture_of(done.rgb), done


def _spread(done: Arranged, settings: Settings) -> Arranged:
    """The arranged picture stretched to the sheet's format, where the painter wants that."""
    if not settings.spread:
        return done
    height, width = done.labels.shape
    sheet = settings.sheet(width / height)
    wide, high = sheet.picture_width_cm, sheet.picture_height_cm
    scale = min(working_side(wide, high), max(width, height)) / max(wide, high)
    size = (max(4, round(wide * scale)), max(4, round(high * scale)))
    labels = cv2.resize(done.labels, size, interpolation=cv2.INTER_NEAREST_EXACT)
    invented = cv2.resize(done.invented.astype(np.uint8), size, interpolation=cv2.INTER_NEAREST_EXACT) > 0
    return Arranged(cv2.resize(done.rgb, size, interpolation=cv2.INTER_AREA), labels, invented)
