"""Where two wet mixtures meet: what lies between them, and a touch of which paint would keep it clean."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from ..mixing.mixture import Floats, MixingModel

STEPS = 11
"""Places along a meeting that are looked at."""
GREEN = (100.0, 190.0)
"""Hues in degrees that nobody wants between a warm and a cool."""
DULL = 0.45
"""Share of the duller end's chroma under which the middle is called grey."""
SEEN = 7.0
"""Chroma from which a hue is seen."""
TOUCHES = (0.25, 0.5, 1.0, 2.0)
"""Amounts of a transition paint that are tried, as shares of the thinner end's load."""
DEAR = 12.0
"""Chroma that a whole share of another paint must bring to be worth it."""


@dataclass(frozen=True)
class Meeting:
    """`labs` (STEPS, 3) from one mixture to the other; `fault` green, grey or empty.

    `through` index of the paint that would keep it clean, None where none would or nothing is wrong, and
    `cleaner` (STEPS, 3) the colours with it.
    """

    labs: Floats
    fault: str
    through: int | None = None
    cleaner: Floats | None = None


def meeting_of(model: MixingModel, one: Floats, other: Floats) -> Meeting:
    """The wet meeting of two mixtures, loads (p,): they flow into each other evenly."""
    t = np.linspace(0, 1, STEPS)[:, None]
    between = (1 - t) * one + t * other
    labs = model.labs(between)
    fault = _fault(labs)
    if not fault:
        return Meeting(labs, "")
    base = min(float(one.sum()), float(other.sum()))
    best: tuple[float, int, Floats] | None = None
    for paint in np.flatnonzero((one <= 0) & (other <= 0)).tolist():
        for touch in TOUCHES:
            more = between + (4 * t * (1 - t)) * touch * base * np.eye(len(model.paints))[paint]
            tried = model.labs(more)
            if _fault(tried):
                continue
            # Choose the smallest touch that keeps the middle clean, not the most colourful one.
            score = float(np.hypot(*tried[STEPS // 2, 1:])) - DEAR * touch
            if best is None or score > best[0] + 1e-9:
                best = (score, paint, tried)
            break
    return Meeting(labs, fault) if best is None else Meeting(labs, fault, best[1], best[2])


def _fault(labs: Floats) -> str:
    """What is wrong between the two ends of a meeting (STEPS, 3)."""
    chroma = np.hypot(labs[:, 1], labs[:, 2])
    hue = np.degrees(np.arctan2(labs[:, 2], labs[:, 1])) % 360
    green = (hue > GREEN[0]) & (hue < GREEN[1]) & (chroma > SEEN)
    if green[1:-1].any() and not green[0] and not green[-1]:
        return "green"
    ends = min(float(chroma[0]), float(chroma[-1]))
    if ends > 2 * SEEN and float(chroma[1:-1].min()) < DULL * ends:
        return "grey"
    return ""
