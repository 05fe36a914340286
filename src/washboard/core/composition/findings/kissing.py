"""Outlines that just touch: a thing's top on the horizon, a side on the frame."""

from __future__ import annotations

from ...areas.area import Area
from ..arrangement import Change, Move
from .finding import Composed, Finding

TOUCH = 0.008
"""Share of the height within which a top lies on the horizon."""
BARELY = 0.012
"""Share of the width by which a thing may stand off the frame and seem to touch it."""
SHIFT = 0.04


def found(c: Composed) -> list[Finding]:
    """Outlines that just touch: a thing's top on the horizon, a side on the frame."""
    findings = []
    for area in c.things:
        if c.horizon is not None:
            x = float(area.box[0] + area.box[2]) / 2
            level = float(c.horizon.left + (c.horizon.right - c.horizon.left) * x)
            if abs(area.box[1] - level) < TOUCH and area.box[3] - level > 0.04:
                findings.append(_at_horizon(c, area, x, level))
        for side, gap in (("left", area.box[0]), ("right", 1 - area.box[2])):
            if 0.0015 < gap < BARELY:
                findings.append(_at_frame(c, area, side, gap))
    return findings


def _at_horizon(c: Composed, area: Area, x: float, level: float) -> Finding:
    return Finding(
        "kissing-horizon",
        f"The top of {area.short} lies on the horizon ({c.cm(level, down=True):.1f} cm from the top).",
        "Edges that just touch tie near and far together: let it stand above or below.",
        (x, level),
        (area.label,),
        Change(moves=(Move(area.inside[0], area.inside[1], 0.0, SHIFT),)),
        f"move it {c.cm(SHIFT, down=True):.1f} cm down",
    )


def _at_frame(c: Composed, area: Area, side: str, gap: float) -> Finding:
    by = SHIFT if side == "left" else -SHIFT
    return Finding(
        "kissing-frame",
        f"{area.short[:1].upper() + area.short[1:]} stands {10 * c.cm(gap):.0f} mm off the {side} "
        "border: it seems to touch it.",
        "A thing should be clearly inside or clearly cut.",
        (float(area.box[0] if side == "left" else area.box[2]), area.centre[1]),
        (area.label,),
        Change(moves=(Move(area.inside[0], area.inside[1], by, 0.0),)),
        f"move it {c.cm(SHIFT):.1f} cm inward",
    )
