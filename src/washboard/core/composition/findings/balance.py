"""Dark and light all on one side."""

from __future__ import annotations

import math

import numpy as np

from ...reference.picture import Singles
from ...sentence import Value, sentence, tone
from ..arrangement import LARGEST_ACCENT, Accent, Change
from .finding import Composed, Finding

HEAVY = 0.16
"""Share of the width by which the weight may lie off the middle."""
AT = 0.25
"""Place of an accent that would hold the picture: share of the width and height from the near border."""
TO = 0.145
"""Share of the width off the middle that the weight is brought to."""


def found(c: Composed) -> list[Finding]:
    """Dark and light all on one side."""
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
    fix, accent = _fix(c, value, float(weight.sum()), off)
    return [
        Finding(
            "balance",
            accent | {"side": sentence(f"place-{side}"), "off": tone(c.cm(abs(off)))},
            (0.5 + off, y),
            (),
            fix,
        )
    ]


def _fix(c: Composed, value: Singles, weight: float, off: float) -> tuple[Change | None, dict[str, Value]]:
    """The accent on the other side that would hold it, where a small one would."""
    x, y = (AT if off > 0 else 1 - AT), 1 - AT
    side = "left" if off > 0 else "right"
    middle = float(np.median(value))
    dark = middle > 5
    value_of_it = 1.5 if dark else 9.5
    own = abs(value_of_it - middle) ** 1.5
    # Place the accent so that the centre of all weights, its own included, lies TO off the middle.
    count = (abs(off) - TO) * weight / (own * (0.5 - AT + TO))
    share = count / value.size
    said: dict[str, Value] = {
        "accent": sentence("tone-dark" if dark else "tone-light"),
        "to": sentence(f"place-{side}"),
        "size": "large",
        "across": 0,
    }
    if share > LARGEST_ACCENT:
        return None, said
    across = 2 * math.sqrt(share * c.cm(1) * c.cm(1, down=True) / math.pi)
    change = Change(accents=(Accent(x, y, value_of_it, share),))
    return change, said | {"size": "small", "across": tone(across)}
