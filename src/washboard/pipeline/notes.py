"""Notes of a plan about what the painter has arranged, and about the time in hand."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from ..core.key.mood import Mood
from ..core.order.plan import Plan
from .settings import Settings

MOODS = {Mood.LIGHTER: "lifted", Mood.DARKER: "lowered", Mood.CLOSER: "drawn together"}


def told(invented: NDArray[np.bool_] | None, plan: Plan, settings: Settings) -> list[str]:
    """What is invented (h, w), what the mood did, and whether the time in hand is enough."""
    notes = []
    if invented is not None:
        notes.append(
            f"{100 * float(invented.mean()):.1f} % of the picture is invented: filled by its neighbours "
            "where something stood."
        )
    if settings.intent.mood in MOODS:
        notes.append(f"For the mood, all values between the ends are {MOODS[settings.intent.mood]}.")
    total, hand = total_minutes(plan), settings.intent.minutes
    if hand is not None and total > hand:
        notes.append(
            f"The plan takes {total:.0f} min with its waits, {total - hand:.0f} more than the {hand:.0f} in "
            "hand: fewer passes, a smaller sheet, or a second sitting."
        )
    return notes


def total_minutes(plan: Plan) -> float:
    """Minutes of all work and all waits, toning included."""
    toning = plan.toning.minutes + plan.toning.wait if plan.toning else 0.0
    return toning + sum(done.minutes + done.wait for done in plan.passes)
