"""A horizon that halves the picture, or that is not level."""

from __future__ import annotations

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
    if abs(line.tilt) > LEVEL:
        left, right = c.cm(line.left, down=True), c.cm(line.right, down=True)
        findings.append(
            Finding(
                "horizon-tilt",
                f"The horizon is {left:.1f} cm from the top on the left and {right:.1f} cm on the right: "
                f"tilted by {abs(line.tilt):.1f}°.",
                "Water and far land that are not level look as if they ran out of the picture.",
                (0.5, line.middle),
                fix=Change(level=line.tilt),
                fix_words=f"turn the picture by {abs(line.tilt):.1f}° and crop it",
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
    side = "top" if keep_low else "foot"
    gone = c.cm(1 - (crop[3] - crop[1]), down=True)
    return Finding(
        "horizon-middle",
        f"The horizon lies {c.cm(middle, down=True):.1f} cm from the top of "
        f"{c.sheet.picture_height_cm:.1f} cm: {100 * middle:.0f} %, nearly the middle.",
        "Two equal halves compete: decide for sky or for ground.",
        (0.5, middle),
        fix=Change(crop=crop),
        fix_words=f"crop {gone:.1f} cm off the {side}, so that it lies on a third",
    )
