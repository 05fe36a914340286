"""A horizon that halves the picture, or that is not level."""

from __future__ import annotations

from ...sentence import sentence, tone
from ..arrangement import Change
from .finding import Composed, Finding

MIDDLE = 0.045
"""Share of the height on both sides of the middle that counts as the middle."""
LEVEL = 0.4
"""Degrees of tilt that are seen."""
THIRD = 1 / 3


def found(c: Composed) -> list[Finding]:
    """A horizon that halves the picture, or that is not level."""
    line = c.horizon
    if line is None:
        return []
    findings = []
    if abs(line.middle - 0.5) < MIDDLE:
        findings.append(_halving(c, line.middle))
    if abs(line.tilt) > LEVEL and line.sure:
        left, right = c.cm(line.left, down=True), c.cm(line.right, down=True)
        findings.append(
            Finding(
                "horizon-tilt",
                {"left": tone(left), "right": tone(right), "turn": tone(abs(line.tilt))},
                (0.5, line.middle),
                fix=Change(level=line.tilt),
            )
        )
    return findings


def _halving(c: Composed, middle: float) -> Finding:
    # Crop off the side that the focus needs less: then the horizon lies on a third.
    keep_low = c.focus.y > middle
    if keep_low:
        top = (middle - THIRD) / (1 - THIRD)
        crop = (0.0, top, 1.0, 1.0)
    else:
        crop = (0.0, 0.0, 1.0, min(1.0, middle / (1 - THIRD)))
    side = "top" if keep_low else "bottom"
    gone = c.cm(1 - (crop[3] - crop[1]), down=True)
    return Finding(
        "horizon-middle",
        {
            "middle": tone(c.cm(middle, down=True)),
            "tall": tone(c.sheet.picture_height_cm),
            "gone": tone(gone),
            "side": sentence(f"place-{side}"),
        },
        (0.5, middle),
        fix=Change(crop=crop),
    )
