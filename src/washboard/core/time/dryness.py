"""How much faster or slower things dry here than expected, from what the painter reports."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from ..estimate import Estimate, on_grid

Floats = NDArray[np.float64]

SPREAD, NOISE = 0.4, 0.25
"""Standard deviations of the logarithm: of the pace before any report, of one wash to the next. Guesses."""
WATCHED = 0.85
"""Share of the time told by "dry now" at which it was wet still: who waits for a wash looks at it."""


@dataclass(frozen=True)
class Report:
    """A wash that was last seen wet, and first seen dry, at shares of the time it was expected to take; None
    for what nobody saw."""

    wet: float | None = None
    dry: float | None = None


def pace_from(reports: Sequence[Report], room: float = 1.0) -> float:
    """Times as long as expected that drying takes, where `room` is what the climate alone would make it."""
    return math.exp(drying_from(reports, room).mean)


def drying_from(reports: Sequence[Report], room: float = 1.0) -> Estimate:
    """The logarithm of times as long as expected that drying takes.

    Each report says that the time lies between two shares; its likelihood is that of a log-normal time
    between them (interval censoring; Klein and Moeschberger 2003, section 3.5).
    """

    def likely(at: Floats) -> Floats:
        log = np.zeros_like(at)
        for report in reports:
            wet = report.wet if report.wet is not None else WATCHED * report.dry if report.dry else None
            over = 1.0 if report.dry is None else _normal((math.log(report.dry) - at) / NOISE)
            under = 0.0 if not wet else _normal((math.log(wet) - at) / NOISE)
            log = log + np.log(np.maximum(over - under, 1e-9))
        return log

    return on_grid(Estimate(math.log(room), SPREAD, 0), likely, len(reports))


def _normal(x: Floats) -> Floats:
    """The normal distribution function (n,); the libraries that have it take long to load."""
    return np.array([0.5 * math.erfc(-value / math.sqrt(2)) for value in x.tolist()])
