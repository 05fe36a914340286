"""Judging: a true dark and a true light that both come late leave everything before them a guess."""

from __future__ import annotations

from ..planning.compare import judged_from
from .finding import Checked, Finding, Weight
from .fix import TakeSchool

LATE = 0.7
"""Share of the passes after which both ends come late."""
FEWEST = 4
"""Passes under which it does not matter."""


def found(c: Checked) -> list[Finding]:
    """Both ends of the picture stand only near its end."""
    count, judged = len(c.plan.passes), judged_from(c.plan)
    # Paint that only darkens comes to its darks last, whatever is done.
    if (
        c.plan.medium.transparent
        or count < FEWEST
        or judged is None
        or judged <= LATE * count
        or c.plan.school == "both-ends"
    ):
        return []
    values = c.ends
    dark = min(c.plan.masses, key=lambda m: (values[m.id], m.id))
    return [
        Finding(
            "judged-late",
            Weight.NOTE,
            {"number": judged, "count": count},
            {"pass": float(judged), "passes": float(count)},
            dark.inside,
            (dark.id,),
            (c.plan.passes[judged - 1].id,),
            TakeSchool("both-ends"),
        )
    ]
