"""A place in the picture that a name is given to."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class Anchor:
    """A name given to whatever lies at a place; x, y 0–1 of the upright reference."""

    x: float
    y: float
    name: str
