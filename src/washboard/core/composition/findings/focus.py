"""A focus in the very middle, or at the border."""

from __future__ import annotations

from ...sentence import Value, tone
from ..arrangement import Change, Move
from .finding import MOST_THING, Composed, Finding

CENTRE = 0.075
"""Shares of width and height from the middle within which a focus counts as central."""
EDGE = 0.08
LEAST = 0.12
"""Strength below which nothing pulls the eye enough to be in a wrong place."""


def found(c: Composed) -> list[Finding]:
    """A focus in the very middle, or at the border."""
    x, y = c.focus.x, c.focus.y
    if c.focus.strength < LEAST:
        return []
    away = c.focus.away * max(c.sheet.picture_width_cm, c.sheet.picture_height_cm)
    fix, thing = _fix(c)
    if abs(x - 0.5) < CENTRE and abs(y - 0.5) < CENTRE:
        return [Finding("focus-centre", {"away": tone(away)} | thing, (x, y), (c.areas.at(x, y),), fix)]
    if min(x, y, 1 - x, 1 - y) < EDGE:
        return [
            Finding(
                "focus-edge", {"away": tone(_to_border(c, x, y))} | thing, (x, y), (c.areas.at(x, y),), fix
            )
        ]
    return []


def _to_border(c: Composed, x: float, y: float) -> float:
    return min(c.cm(min(x, 1 - x)), c.cm(min(y, 1 - y), down=True))


def _fix(c: Composed) -> tuple[Change, dict[str, Value]]:
    """Move the thing in focus to the crossing; where it is no thing to be moved, crop toward it."""
    x, y = c.focus.x, c.focus.y
    to = c.focus.crossing
    label = c.areas.at(x, y)
    area = next(area for area in c.areas.areas if area.label == label)
    if area.share <= MOST_THING / 2:
        move = Move(area.inside[0], area.inside[1], to[0] - x, to[1] - y)
        return Change(moves=(move,)), {"way": "move", "thing": area.called}
    width = min(x / to[0], (1 - x) / (1 - to[0]), 1.0)
    height = min(y / to[1], (1 - y) / (1 - to[1]), 1.0)
    size = max(min(width, height), 0.5)
    left, top = max(0.0, x - to[0] * size), max(0.0, y - to[1] * size)
    crop = (left, top, min(1.0, left + size), min(1.0, top + size))
    return Change(crop=crop), {"way": "crop", "thing": ""}
