"""Where the masses of a plan lie, and their colours after each pass, inside a plan file."""

from __future__ import annotations

import base64
import binascii
import io
from collections.abc import Sequence

import cv2
import numpy as np
from numpy.typing import NDArray
from PIL import Image

from ..core.errors import InvalidImage, InvalidPlan
from ..core.reference.picture import Labels
from ..core.review.expected import Expected, index_of
from .part import LabColour
from .planparts import Document, MapPart
from .planreading import plan_from

Bytes = NDArray[np.uint8]

MOST_SIDE, ALONG_SIDE = 4000, 250
"""Pixels on a side of a map that is read at the most, and of one of gradations as it is written."""


def map_part(labels: Labels, along: Bytes) -> MapPart:
    """A map of labels (h, w) as a PNG of 16 bits, and of how far `along` (h, w) each pixel lies, 0–255, which
    changes softly, as a smaller one of 8 bits."""
    scale = min(1.0, ALONG_SIDE / max(along.shape))
    size = (max(1, round(along.shape[1] * scale)), max(1, round(along.shape[0] * scale)))
    return MapPart(
        width=labels.shape[1],
        height=labels.shape[0],
        png=_png(labels.astype(np.uint16)),
        along=_png(np.asarray(cv2.resize(along, size, interpolation=cv2.INTER_AREA), np.uint8)),
    )


def _png(of: NDArray[np.uint16] | Bytes) -> str:
    held = io.BytesIO()
    Image.fromarray(of).save(held, "PNG", optimize=True)
    return base64.b64encode(held.getvalue()).decode("ascii")


def with_map(document: Document, expected: Expected) -> Document:
    """The document of a plan with where its masses lie and what they look like after each pass."""
    looks = {
        "colours": np.round(expected.colours, 2).tolist(),
        "ends": np.round(expected.mass_ends, 2).tolist(),
    }
    predicted = type(document.predicted).model_validate(document.predicted.model_dump() | looks)
    part = map_part(expected.labels, expected.along)
    return document.model_copy(update={"map": part, "predicted": predicted})


def labels_of(part: MapPart) -> Labels:
    """The labels (h, w) of a map; raises InvalidPlan where it is no PNG of the size that it names."""
    labels = _read(part.png)
    if labels.shape != (part.height, part.width):
        raise InvalidPlan("refused-map-size", width=part.width, height=part.height)
    return labels


def _read(png: str) -> NDArray[np.int32]:
    """A picture (h, w) of greys; raises InvalidPlan where it is none."""
    try:
        data = base64.b64decode(png, validate=True)
        with Image.open(io.BytesIO(data), formats=("PNG",)) as picture:
            if max(picture.size) > MOST_SIDE:
                raise InvalidPlan("refused-map-size", width=picture.width, height=picture.height)
            found = np.asarray(picture, dtype=np.int32)
    except (binascii.Error, OSError, SyntaxError, ValueError, InvalidImage) as error:
        raise InvalidPlan("refused-map-damaged", error=str(error)[:60]) from None
    if found.ndim != 2:
        raise InvalidPlan("refused-map-of-others")
    return found


def expected_in(document: Document) -> Expected:
    """What a painting of a plan should look like.

    Raises InvalidPlan for a plan that does not hold where its masses lie, or whose map is of other masses.
    """
    colours = document.predicted.colours
    if document.map is None or not colours:
        raise InvalidPlan("refused-plan-without-map")
    plan, labels = plan_from(document), labels_of(document.map)
    if not set(np.unique(labels).tolist()) <= {mass.label for mass in plan.masses}:
        raise InvalidPlan("refused-map-of-others")
    shape = (len(plan.passes) + 1, len(plan.masses))
    rows = _numbers(colours, (*shape, 3))
    ends = _numbers(document.predicted.ends or _alike(colours), (*shape, 2, 3))
    along = np.zeros(labels.shape, np.uint8)
    if document.map.along:
        read = np.clip(_read(document.map.along), 0, 255).astype(np.uint8)
        along = np.asarray(cv2.resize(read, labels.shape[::-1], interpolation=cv2.INTER_LINEAR), np.uint8)
    return Expected(plan, labels, rows, ends, index_of(labels, plan).astype(np.uint16), along)


def _numbers(of: object, shape: tuple[int, ...]) -> NDArray[np.float64]:
    """Colours as an array of a shape; raises InvalidPlan where they are not so many."""
    try:
        found = np.array(of, float)
    except ValueError:
        found = np.zeros(0)
    if found.shape != shape:
        raise InvalidPlan("refused-map-colours", rows=shape[0], masses=shape[1])
    return found


def _alike(colours: Sequence[Sequence[LabColour]]) -> list[list[tuple[LabColour, LabColour]]]:
    """Masses of one colour from end to end: of a file that holds no ends."""
    return [[(lab, lab) for lab in row] for row in colours]
