"""A neutral to rest the eye: where all is coloured, nothing shines."""

from __future__ import annotations

from ..colour.kindred import chroma
from ..key.wishes import Tone
from ..reference.mass import Mass
from ..sentence import of_masses, percent
from .finding import Checked, Finding, Weight
from .fix import TakeTones

NEUTRAL, LOUD = 16.0, 30.0
"""Chroma up to which a mass is a neutral, and the mean chroma from which a picture is loud."""
NEAR_WHITE = (8.6, 26.0)
"""Value from which a mass is nearly white, and the chroma up to which it rests the eye all the same."""
ENOUGH = 0.015
"""Share of the picture that neutrals take, so that the eye can rest."""
LARGE = 0.06
"""Share of a mass that is worth muting."""
MUTED = 0.45
"""Times its chroma to which a mass is muted."""


def found(c: Checked) -> list[Finding]:
    """A loud picture with hardly a neutral in it."""
    shapes, total = c.shapes, sum(m.share for m in c.plan.masses)
    if len(shapes) < 3 or total <= 0:
        return []
    neutral = sum(m.share for m in shapes if _rests(m)) / total
    loud = sum(chroma(m.target_lab) * m.share for m in shapes) / total
    if neutral >= ENOUGH or loud < LOUD:
        return []
    # The least coloured large one loses least by it.
    quiet = min((m for m in shapes if m.share >= LARGE * total), key=_quietness, default=None)
    if quiet is None:
        return []
    return [
        Finding(
            "no-neutral",
            Weight.NOTE,
            {"share": percent(neutral), "mass": of_masses((quiet.id,))},
            {"neutral": neutral, "chroma": loud},
            quiet.inside,
            (quiet.id,),
            (),
            TakeTones((Tone(quiet.id, colour=MUTED),)),
        )
    ]


def _rests(mass: Mass) -> bool:
    """Whether the eye rests on a mass: a neutral, or nearly white."""
    most = NEAR_WHITE[1] if mass.target >= NEAR_WHITE[0] else NEUTRAL
    return chroma(mass.target_lab) <= most


def _quietness(mass: Mass) -> tuple[float, str]:
    return chroma(mass.target_lab), mass.id
