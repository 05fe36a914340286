"""An upright edge that halves the picture, or no shape that leads."""

from __future__ import annotations

import numpy as np

from ...sentence import percent, tone
from ..arrangement import Change
from .finding import Composed, Finding

MIDDLE = 0.03
"""Share of the width on both sides of the middle."""
LONG = 0.7
"""Share of the height that a dividing edge must run."""
ALIKE = 0.12
"""Relative difference of the two largest shapes below which none leads."""


def found(c: Composed) -> list[Finding]:
    """An upright edge that halves the picture, or no shape that leads."""
    labels = c.areas.labels
    width = labels.shape[1]
    changes = labels[:, 1:] != labels[:, :-1]
    half, reach = width // 2, max(2, round(MIDDLE * width))
    window = changes[:, half - reach : half + reach]
    if window.any(axis=1).mean() >= LONG:
        x = (half - reach + float(np.nonzero(window)[1].mean())) / width
        return [_halved(c, x)]
    shares = sorted(((a.share, a.label) for a in c.areas.areas), reverse=True)
    if len(shares) >= 2 and shares[1][0] > (1 - ALIKE) * shares[0][0] and shares[1][0] > 0.28:
        return [_alike(c, [label for _, label in shares[:2]], shares[0][0], shares[1][0])]
    return []


def _halved(c: Composed, x: float) -> Finding:
    crop = (0.0, 0.0, x / 0.62, 1.0) if c.focus.x < x else (1 - (1 - x) / 0.62, 0.0, 1.0, 1.0)
    return Finding(
        "halved",
        {"left": tone(c.cm(x)), "gone": tone(c.cm(1 - (crop[2] - crop[0])))},
        (x, 0.5),
        fix=Change(crop=crop),
    )


def _alike(c: Composed, labels: list[int], big: float, next_big: float) -> Finding:
    one, other = (next(a for a in c.areas.areas if a.label == label) for label in labels)
    return Finding(
        "no-big-shape",
        {"big": percent(big), "next": percent(next_big)},
        ((one.centre[0] + other.centre[0]) / 2, (one.centre[1] + other.centre[1]) / 2),
        tuple(labels),
        advises=False,
    )
