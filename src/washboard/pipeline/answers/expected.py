"""What a painting should look like after each pass, mass by mass, from a piece that is worked out."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ...core.colour.lab import LINEAR_OF_BYTE, lab_of_linear, lightness_of_value
from ...core.order.prediction import painted
from ...core.review.expected import Expected, Indices, index_of, mean_by
from ...core.review.read import read
from ..stages.results import Result

Floats = NDArray[np.float64]


def expected_of(result: Result) -> Expected:
    """The masses by label and their colours after each pass as they are predicted, with what they are
    modelled by and what small marks lie in them."""
    plan, labels = result.worked.plan, result.seen.measured.labels
    index, rows = index_of(labels, plan), range(len(result.table.colours))
    pictures = (LINEAR_OF_BYTE[painted(result.table, result.maps, row)] for row in rows)
    return Expected(
        plan,
        labels,
        np.stack([_read(picture, index, len(plan.masses)) for picture in pictures]),
        lab_of_linear(LINEAR_OF_BYTE[result.table.colours]),
        result.maps.first,
        result.maps.along,
    )


def _read(picture: Floats, index: Indices, count: int) -> Floats:
    """The colours (m, 3) of the masses of a predicted picture, read as those of a photo are: else a modelled
    mass that came out as planned would seem to be off. What is too small to be read has its mean."""
    colours = mean_by(index, lab_of_linear(picture), count)
    for k, one in enumerate(read(picture, index, count, np.zeros(index.shape, bool))):
        if one is not None:
            colours[k] = (lightness_of_value(one.value), *one.lab[1:])
    return colours
