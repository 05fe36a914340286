"""Warm needs some cool, and cool some warm: against its opposite a colour of light is seen as one."""

from __future__ import annotations

from ..colour.kindred import chroma
from ..colour.warmth import Side, side_of
from ..key.wishes import Tone
from ..reference.mass import Mass
from ..sentence import of_masses, percent
from .finding import Checked, Finding, Weight
from .fix import TakeTones

COLOURED = 0.6
"""Share of the picture that is coloured at least, for its light to have a colour."""
OTHER = 0.003
"""Share of what is coloured from which the other side is there."""
QUIET, TURNED = 22.0, 12.0
"""Chroma up to which a mass can be turned to the other side, and the units of warmth by which it is."""


def found(c: Checked) -> list[Finding]:
    """A picture that is warm all over, or cool all over."""
    shapes, total = c.shapes, sum(m.share for m in c.plan.masses)
    sides = {side: sum(m.share for m in shapes if side_of(m.target_lab) is side) for side in Side}
    coloured = sides[Side.WARM] + sides[Side.COOL]
    if total <= 0 or coloured < COLOURED * total:
        return []
    lacks = Side.COOL if sides[Side.WARM] > sides[Side.COOL] else Side.WARM
    share = sides[lacks] / coloured
    # A small thing of the other side is enough, if it is loud, also one that is only set at the last.
    small = [*(m.target_lab for m in c.plan.masses), *(family.lab for family in c.plan.marks)]
    loud = any(side_of(lab) is lacks and chroma(lab) > QUIET for lab in small)
    if share >= OTHER or loud:
        return []
    turned = _shadow(c) if lacks is Side.COOL else _light(c)
    if turned is None:
        return []
    by = -TURNED if lacks is Side.COOL else TURNED
    return [
        Finding(
            "no-counterpart",
            Weight.NOTE,
            {"side": lacks.value, "share": percent(1 - share), "mass": of_masses((turned.id,))},
            {"share": share, "coloured": coloured / total},
            turned.inside,
            (turned.id,),
            (),
            TakeTones((Tone(turned.id, warmer=by),)),
        )
    ]


def _shadow(c: Checked) -> Mass | None:
    """The largest dark that has little colour of its own: in warm light shadows are the place for cool."""
    middle = _middle(c)
    quiet = [m for m in c.shapes if c.ends[m.id] < middle and chroma(m.target_lab) <= QUIET]
    return max(quiet, key=lambda m: (m.share, m.id), default=None)


def _light(c: Checked) -> Mass | None:
    """The largest light that has little colour of its own."""
    middle = _middle(c)
    quiet = [m for m in c.shapes if c.ends[m.id] >= middle and chroma(m.target_lab) <= QUIET]
    return max(quiet, key=lambda m: (m.share, m.id), default=None)


def _middle(c: Checked) -> float:
    """The mean value of the picture."""
    total = sum(m.share for m in c.shapes) or 1.0
    return sum(c.ends[m.id] * m.share for m in c.shapes) / total
