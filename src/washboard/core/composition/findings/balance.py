"""Dark and light all on one side."""

from __future__ import annotations

import numpy as np

from .finding import Composed, Finding

HEAVY = 0.16
"""Share of the width by which the weight may lie off the middle."""


def found(c: Composed) -> list[Finding]:
    value = c.picture.value[::4, ::4]
    weight = np.abs(value - np.median(value)) ** 1.5
    across = weight.sum(axis=0)
    if across.sum() < 1e-6 or float(np.ptp(np.quantile(value, (0.05, 0.95)))) < 1.0:
        return []
    places = (np.arange(len(across)) + 0.5) / len(across)
    off = float((across * places).sum() / across.sum()) - 0.5
    if abs(off) < HEAVY:
        return []
    side = "right" if off > 0 else "left"
    rows = weight[:, places > 0.5] if off > 0 else weight[:, places <= 0.5]
    height = (np.arange(len(rows)) + 0.5) / len(rows)
    y = float((rows.sum(axis=1) * height).sum() / rows.sum())
    return [
        Finding(
            "balance",
            f"What differs from the middle value weighs {c.cm(abs(off)):.1f} cm to the {side} of the centre.",
            "All the contrast on one side tips the picture: a small accent on the other side holds it.",
            (0.5 + off, y),
            fix_words=f"add a small accent on the {'left' if side == 'right' else 'right'}",
        )
    ]
