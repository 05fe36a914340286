"""What a painting should look like after each pass, mass by mass, from a piece that is worked out."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ...core.colour.lab import LINEAR_OF_BYTE, lab_of_linear, lightness_of_value
from ...core.order.prediction import painted
from ...core.review.expected import Expected, Indices, index_of
from ...core.review.read import read
from ..stages.results import Result

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]


def expected_of(result: Result) -> Expected:
    """The masses by label and their colours after each pass as they are predicted, with what they are
    modelled by and what small marks lie in them."""
    plan, labels = result.worked.plan, result.seen.measured.labels
    index = index_of(labels, plan)
    count, before, colours = len(plan.masses), None, np.full((len(plan.masses), 3), np.nan)
    rows = []
    for row in range(len(result.table.colours)):
        picture = painted(result.table, result.maps, row)
        # A pass leaves most masses as they were.
        fresh = np.ones(index.shape, bool) if before is None else (picture != before).any(axis=-1)
        changed = np.bincount(index[fresh], minlength=count) > 0
        colours = np.where(changed[:, None], _read(LINEAR_OF_BYTE[picture], index, changed), colours)
        rows.append(colours)
        before = picture
    return Expected(
        plan,
        labels,
        np.stack(rows),
        lab_of_linear(LINEAR_OF_BYTE[result.table.colours]),
        result.maps.first,
        result.maps.along,
    )


def _read(picture: Floats, index: Indices, changed: Mask) -> Floats:
    """The colours (m, 3) of the masses of a predicted picture (h, w, 3) that have `changed` (m,), NaN for the
    others, read as those of a photo are: else a modelled mass that came out as planned would seem to be off.
    What is too small to be read has its mean."""
    colours = np.full((len(changed), 3), np.nan)
    found = read(picture, index, len(changed), np.zeros(index.shape, bool), changed)
    for k in np.flatnonzero(changed):
        one = found[k]
        if one is None:
            colours[k] = lab_of_linear(picture[index == k]).mean(axis=0)
        else:
            colours[k] = (lightness_of_value(one.value), *one.lab[1:])
    return colours
