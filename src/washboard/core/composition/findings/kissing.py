"""Outlines that just touch: a thing's top on the horizon, a side on the frame."""

from __future__ import annotations

from ...areas.area import Area
from ...sentence import sentence, tone, whole
from ..arrangement import Change, Move
from .finding import Composed, Finding

TOUCH = 0.008
"""Share of the height within which a top lies on the horizon."""
BARELY = 0.012
"""Share of the width by which a thing may stand off the frame and seem to touch it."""
BROAD = 0.3
"""Share of the width from which an area is ground, not a thing that stands there."""
SHIFT = 0.04


def found(c: Composed) -> list[Finding]:
    """Outlines that just touch: a thing's top on the horizon, a side on the frame."""
    findings = []
    for area in c.things:
        if c.horizon is not None:
            x = float(area.box[0] + area.box[2]) / 2
            level = float(c.horizon.left + (c.horizon.right - c.horizon.left) * x)
            # What is broad begins there, as ground does: its top is the line itself.
            broad = area.box[2] - area.box[0] > BROAD
            if abs(area.box[1] - level) < TOUCH and area.box[3] - level > 0.04 and not broad:
                findings.append(_at_horizon(c, area, x, level))
        for side, gap in (("left", area.box[0]), ("right", 1 - area.box[2])):
            if 0.0015 < gap < BARELY:
                findings.append(_at_frame(c, area, side, gap))
    return findings


def _at_horizon(c: Composed, area: Area, x: float, level: float) -> Finding:
    return Finding(
        "kissing-horizon",
        {"thing": area.called, "by": tone(c.cm(SHIFT, down=True))},
        (x, level),
        (area.label,),
        Change(moves=(Move(area.inside[0], area.inside[1], 0.0, SHIFT),)),
    )


def _at_frame(c: Composed, area: Area, side: str, gap: float) -> Finding:
    by = SHIFT if side == "left" else -SHIFT
    return Finding(
        "kissing-frame",
        {
            "thing": area.called,
            "gap": whole(10 * c.cm(gap)),
            "side": sentence(f"place-{side}"),
            "by": tone(c.cm(SHIFT)),
        },
        (float(area.box[0] if side == "left" else area.box[2]), area.centre[1]),
        (area.label,),
        Change(moves=(Move(area.inside[0], area.inside[1], by, 0.0),)),
    )
