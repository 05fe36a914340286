"""A contrast at the border that is as strong as the focus."""

from __future__ import annotations

import numpy as np

from ...sentence import percent, sentence, tone
from ..arrangement import Change
from .finding import Composed, Finding
from .focus import EDGE

STRIP = 0.045
"""Share of width and height that is the border."""
AS_STRONG = 1.0
"""Share of the focus's strength that is too strong at the border."""
LEAST = 0.15


def found(c: Composed) -> list[Finding]:
    """A contrast at the border that is as strong as the focus."""
    height, width = c.pull.shape
    rows, columns = max(1, round(STRIP * height)), max(1, round(STRIP * width))
    strip = np.ones(c.pull.shape, bool)
    strip[rows:-rows, columns:-columns] = False
    row, column = divmod(int(np.where(strip, c.pull, 0).argmax()), width)
    strength = float(c.pull[row, column])
    x, y = (column + 0.5) / width, (row + 0.5) / height
    if strength < max(LEAST, AS_STRONG * c.focus.strength):
        return []
    if min(c.focus.x, c.focus.y, 1 - c.focus.x, 1 - c.focus.y) < EDGE:
        return []
    side = min(("left", x), ("right", 1 - x), ("top", y), ("bottom", 1 - y), key=lambda s: s[1])[0]
    cut = 2.2 * STRIP
    crop = {
        "left": (cut, 0.0, 1.0, 1.0),
        "right": (0.0, 0.0, 1 - cut, 1.0),
        "top": (0.0, cut, 1.0, 1.0),
        "bottom": (0.0, 0.0, 1.0, 1 - cut),
    }[side]
    gone = c.cm(cut, down=side in ("top", "bottom"))
    return [
        Finding(
            "border-contrast",
            {
                "side": sentence(f"place-{side}"),
                "strength": percent(strength / max(c.focus.strength, 1e-6)),
                "gone": tone(gone),
            },
            (x, y),
            (c.areas.at(x, y),),
            Change(crop=crop),
        )
    ]
