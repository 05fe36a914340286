"""Where the masses of a plan lie, and their colours after each pass, inside a plan file."""

from __future__ import annotations

import base64
import binascii
import io

import numpy as np
from PIL import Image

from ..core.errors import InvalidImage, InvalidPlan
from ..core.reference.picture import Labels
from ..core.review.expected import Expected
from .planparts import Document, MapPart
from .planreading import plan_from

MOST_SIDE = 4000
"""Pixels on a side of a map that is read at the most."""


def map_part(labels: Labels) -> MapPart:
    """A map of labels (h, w) as a PNG of 16 bits."""
    held = io.BytesIO()
    Image.fromarray(labels.astype(np.uint16)).save(held, "PNG", optimize=True)
    return MapPart(
        width=labels.shape[1], height=labels.shape[0], png=base64.b64encode(held.getvalue()).decode("ascii")
    )


def with_map(document: Document, expected: Expected) -> Document:
    """The document of a plan with where its masses lie and what they look like after each pass."""
    colours = tuple(
        tuple(tuple(round(c, 2) for c in lab) for lab in row) for row in expected.colours.tolist()
    )
    predicted = document.predicted.model_copy(update={"colours": colours})
    return document.model_copy(update={"map": map_part(expected.labels), "predicted": predicted})


def labels_of(part: MapPart) -> Labels:
    """The labels (h, w) of a map; raises InvalidPlan where it is no PNG of the size that it names."""
    try:
        data = base64.b64decode(part.png, validate=True)
        with Image.open(io.BytesIO(data), formats=("PNG",)) as picture:
            if picture.size != (part.width, part.height) or max(picture.size) > MOST_SIDE:
                raise InvalidPlan("refused-map-size", width=part.width, height=part.height)
            return np.asarray(picture, dtype=np.int32)
    except (binascii.Error, OSError, SyntaxError, ValueError, InvalidImage) as error:
        raise InvalidPlan("refused-map-damaged", error=str(error)[:60]) from None


def expected_in(document: Document) -> Expected:
    """What a painting of a plan should look like.

    Raises InvalidPlan for a plan that does not hold where its masses lie, or whose map is of other masses.
    """
    colours = document.predicted.colours
    if document.map is None or not colours:
        raise InvalidPlan("refused-plan-without-map")
    plan, labels = plan_from(document), labels_of(document.map)
    known = {mass.label for mass in plan.masses}
    rows = np.array(colours, float)
    if labels.ndim != 2 or not set(np.unique(labels).tolist()) <= known:
        raise InvalidPlan("refused-map-of-others")
    if rows.shape != (len(plan.passes) + 1, len(plan.masses), 3) or not np.isfinite(rows).all():
        raise InvalidPlan("refused-map-colours", rows=len(plan.passes) + 1, masses=len(plan.masses))
    return Expected(plan, labels, rows)
