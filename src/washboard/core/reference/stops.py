"""The colours that a gradation runs through: one way through them, and as few stops on it as tell it."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]

STEPS = np.array((0.1, 0.05, 0.05), np.float32)
"""How much of a unit of L*, a* and b* counts: one value is as far as 20 units of a* or b*."""
SCALE = np.array((0.2, 0.05, 0.05), np.float32)
"""Of units of L*, a*, b*: value leads, so that colour alone does not turn a gradation round."""
MOST_STOPS, TURN = 5, 0.25
"""Stops at most, and how far the way of colours may leave the straight lines between them, in values."""
FINE_STOPS = 9
"""Points at which the way of colours is looked at before its stops are chosen."""


def axis_of(colours: Floats) -> Floats:
    """The first principal axis of colours (n, 3), as weights of L*, a* and b*, so that lightness falls."""
    spread = (colours - colours.mean(axis=0)) * SCALE
    _, vectors = np.linalg.eigh(spread.T @ spread)
    axis = vectors[:, -1] * SCALE
    return np.asarray(-axis if axis[0] > 0 else axis)


def stops_of(colours: Floats, along: Floats) -> Floats:
    """As few colours (k, 3), evenly along the way, as tell colours (n, 3) that lie `along` (n,) it, 0–1."""
    fine = _polyline(colours, along, FINE_STOPS)
    for count in range(2, MOST_STOPS + 1):
        stops = _polyline(colours, along, count)
        if _away(fine, stops) <= TURN:
            break
    return np.clip(stops, colours.min(axis=0), colours.max(axis=0))


def _away(fine: Floats, stops: Floats) -> float:
    at = np.linspace(0, 1, len(stops))
    line = [np.interp(np.linspace(0, 1, len(fine)), at, stops[:, c]) for c in range(3)]
    return float(np.linalg.norm((fine - np.stack(line, axis=1)) * STEPS, axis=1).max())


def _polyline(colours: Floats, along: Floats, count: int) -> Floats:
    """The colours (count, 3) whose polyline comes nearest to colours (n, 3), those with few near them drawn
    to the mean: least squares in hat functions."""
    at = along * (count - 1)
    before = np.minimum(at.astype(np.intp), count - 2)
    share = at - before
    hats = np.zeros((len(along), count))
    rows = np.arange(len(along))
    hats[rows, before], hats[rows, before + 1] = 1 - share, share
    pull = 1e-3 * len(along) / count
    normal = hats.T @ hats + pull * np.eye(count)
    found: Floats = np.linalg.solve(normal, hats.T @ colours + pull * colours.mean(axis=0))
    return found
