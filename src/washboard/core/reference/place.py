"""Where something lies in the picture, in words."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Protocol


@dataclass(frozen=True)
class Anchor:
    """A name given to whatever lies at a place; x, y 0–1 of the upright reference."""

    x: float
    y: float
    name: str


class Placed(Protocol):
    """Anything with an extent: box left, top, right, bottom and centre x, y in 0–1, share 0–1."""

    @property
    def box(self) -> tuple[float, float, float, float]:
        """Left, top, right, bottom, shares 0–1."""

    @property
    def centre(self) -> tuple[float, float]:
        """Its middle, shares 0–1."""

    @property
    def share(self) -> float:
        """What it takes of the picture, 0–1."""


def place_of(thing: Placed) -> str:
    """Where something lies, from its extent and centre: `along the top`, `lower left`, `in the middle`."""
    left, top, right, bottom = thing.box
    x, y = thing.centre
    if thing.share > 0.5:
        return "over most of the picture"
    if right - left > 0.75 and bottom - top < 0.55:
        return "across the top" if y < 0.34 else "across the foot" if y > 0.66 else "across the middle"
    if bottom - top > 0.75 and right - left < 0.55:
        return "down the left" if x < 0.34 else "down the right" if x > 0.66 else "down the middle"
    row = "upper" if y < 0.36 else "lower" if y > 0.64 else ""
    column = "left" if x < 0.36 else "right" if x > 0.64 else ""
    if row and column:
        return f"{row} {column}"
    if column:
        return f"at the {column}"
    return {"upper": "at the top", "lower": "at the foot"}.get(row, "in the middle")
