"""What a painting should look like after each pass, mass by mass, from a piece that is worked out."""

from __future__ import annotations

import numpy as np

from ...core.order.prediction import painted
from ...core.reference.picture import picture_of
from ...core.review.expected import Expected, index_of, mean_by
from ..stages.results import Result


def expected_of(result: Result) -> Expected:
    """The masses by label and their mean colours after each pass as they are predicted, with what they are
    modelled by and what small marks lie in them."""
    plan, labels = result.worked.plan, result.seen.measured.labels
    index, count = index_of(labels, plan), len(plan.masses)
    rows = range(len(result.table.colours))
    colours = [
        mean_by(index, picture_of(painted(result.table, result.maps, row)).lab.astype(float), count)
        for row in rows
    ]
    return Expected(plan, labels, np.stack(colours))
