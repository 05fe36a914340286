"""The glow is the most coloured place: what is louder far from the lamp takes its light away."""

from __future__ import annotations

from ..colour.kindred import chroma
from ..key.wishes import Tone
from ..sentence import of_masses, whole
from .falloff import apart
from .finding import Checked, Finding, Weight
from .fix import TakeTones
from .glow import lamp_of

AWAY = 0.2
"""Share of the diagonal from which a place is outside the glow."""
LOUDER = 10.0
"""Chroma by which it may be the louder unnoticed."""
LEAST = 0.01
"""Share of the picture from which a loud place is seen."""
MUTED = (0.5, 0.9)
"""Times its chroma to which it is muted, at the most and at the least."""


def found(c: Checked) -> list[Finding]:
    """The loudest place away from the lamp, where it is more coloured than all that the lamp stands in."""
    lamp = lamp_of(c)
    if lamp is None:
        return []
    beside = [c.plan.by_id[b.mass] for b in lamp.borders if b.mass in c.plan.by_id]
    rich = max((chroma(m.target_lab) for m in (lamp, *beside)), default=0.0)
    away = [
        m for m in c.shapes if m.share >= LEAST and m not in beside and apart(m.inside, lamp.inside) >= AWAY
    ]
    loudest = max(away, key=lambda m: (chroma(m.target_lab), m.id), default=None)
    if loudest is None or chroma(loudest.target_lab) - rich < LOUDER:
        return []
    loud = chroma(loudest.target_lab)
    to = min(max(rich / loud, MUTED[0]), MUTED[1])
    return [
        Finding(
            "louder-than-glow",
            Weight.WEAKENS,
            {"mass": of_masses((loudest.id,)), "lamp": of_masses((lamp.id,)), "louder": whole(loud - rich)},
            {"chroma": loud, "glow": rich},
            loudest.inside,
            (loudest.id, lamp.id),
            (),
            TakeTones((Tone(loudest.id, colour=to),)),
        )
    ]
