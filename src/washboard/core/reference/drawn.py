"""A piece without a photo: areas drawn as polygons with values become a picture and its areas."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import cv2
import numpy as np

from ..colour.lab import encoded_of, lightness_of_value, linear_of_lab
from ..errors import InvalidInput
from .picture import Labels, Picture, picture_of, working_side

MOST_SHAPES = 200


@dataclass(frozen=True)
class Shape:
    """A polygon in normalised coordinates (x, y from the top left, 0–1) with a value and a colour.

    `value` Munsell 0–10; `a`, `b` CIE a*, b*. Later shapes lie over earlier ones.
    """

    points: tuple[tuple[float, float], ...]
    value: float
    a: float = 0.0
    b: float = 0.0


def drawn(shapes: Sequence[Shape], ground_value: float, aspect: float) -> tuple[Picture, Labels]:
    """The picture and the shape (h, w) 1… of every pixel, 0 where none is, at `ground_value`.

    `aspect` is width over height. Raises InvalidInput for no shapes, too many, or bad polygons.
    """
    if not 0 < len(shapes) <= MOST_SHAPES:
        raise InvalidInput("refused-drawn-count", most_shapes=MOST_SHAPES, number=len(shapes))
    long = working_side(aspect, 1.0)
    width = long if aspect >= 1 else max(4, round(long * aspect))
    height = max(4, round(width / aspect))
    labels = np.zeros((height, width), np.int32)
    colours = [_colour(ground_value, 0.0, 0.0)]
    for number, shape in enumerate(shapes, 1):
        _check(shape)
        corners = np.rint(np.array(shape.points) * (width - 1, height - 1)).astype(np.int32)
        cv2.fillPoly(labels, [corners], number)
        colours.append(_colour(shape.value, shape.a, shape.b))
    return picture_of(np.array(colours, np.uint8)[labels]), labels


def _check(shape: Shape) -> None:
    inside = all(0 <= x <= 1 and 0 <= y <= 1 for x, y in shape.points)
    if len(shape.points) < 3 or not inside or not 0 <= shape.value <= 10:
        raise InvalidInput("refused-drawn-range")


def _colour(value: float, a: float, b: float) -> tuple[int, int, int]:
    red, green, blue = np.rint(encoded_of(linear_of_lab([lightness_of_value(value), a, b])) * 255)
    return int(red), int(green), int(blue)
