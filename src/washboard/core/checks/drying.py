"""Drying: an order that waits much longer than it works."""

from __future__ import annotations

from ..planning.compare import SITTING
from ..schools.aims import Aim
from ..sentence import whole
from .finding import Checked, Finding, Weight
from .fix import TakeAim

LONG, TIMES = 60.0, 2.0
"""Minutes of waiting, and times the work, from which waiting is the most of it."""


def found(c: Checked) -> list[Finding]:
    """Waiting in all against work in all; the longest wait is where to begin.

    A wait as long as a sitting is the end of one: nobody sits through it. What dries between the coats of a
    pass is not counted: no other order spares it.
    """
    passes = c.plan.passes
    waits = [done.wait if done.wait < SITTING else 0.0 for done in passes[:-1]]
    waiting, working = sum(waits), sum(done.minutes for done in passes)
    if waiting < LONG or waiting <= TIMES * working:
        return []
    longest = passes[waits.index(max(waits))]
    return [
        Finding(
            "long-drying",
            Weight.NOTE,
            {"waiting": whole(waiting), "working": whole(working)},
            {"waiting": waiting, "working": working},
            (0.5, 0.5),
            (),
            (longest.id,),
            TakeAim(Aim.WAITS) if waiting < LONG + max(waits) else None,
        )
    ]
