"""The picture as it will be painted: turned, cropped, with areas moved, spread, or in a new light."""

from __future__ import annotations

from dataclasses import replace

import cv2
import numpy as np

from ...core.areas.area import Areas, followed
from ...core.composition.arrangement import Arranged, arranged
from ...core.composition.relit import Relight, relit
from ...core.reference.picture import Labels, Picture, picture_of, working_side
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


def lit_anew(picture: Picture, labels: Labels, whole: Areas, settings: Settings) -> Picture:
    """The arranged picture in the light that is put in; `labels` (h, w) what became of the areas of the
    `whole` reference."""
    tall, wide = whole.labels.shape
    light = settings.relight or Relight(0.5, 0.5, strength=0.0)
    x, y = settings.arrangement.forward(light.x, light.y, wide / tall)
    return picture_of(relit(picture, followed(picture, labels, whole), replace(light, x=x, y=y)))
