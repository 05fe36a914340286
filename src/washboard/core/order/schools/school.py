"""What a school is: a direction, and what it weighs against what."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field

from ...materials.media import Medium
from ...reference.mass import Mass


@dataclass(frozen=True)
class Weights:
    """Prices in seconds, guessed from practice.

    `another_pass`: one pass more, drying and mixing included. `bleed`: a cm of firm edge between
    two masses laid in one pass, a value of step beyond half a value. `soft_bonus`: a cm of soft
    edge kept inside one pass. `span`: a value of range beyond `span_free` inside one pass.
    `stop_later`, `stop_done`: times the cutting time for a cm of stopping at a mass painted later,
    and of running up to a finished one. `fade`: a cm of stopping inside a mass, `fade_step` more a
    unit of visible L*. `between_later`: a cm between two later masses. `area`: a cm² run under.
    `spoil`: a cm² whose final colour is spoilt by one unit of ΔE₀₀.
    """

    another_pass: float
    bleed: float
    soft_bonus: float
    span: float
    span_free: float
    stop_later: float
    stop_done: float
    fade: float
    fade_step: float
    between_later: float
    area: float
    spoil: float


TRANSPARENT = Weights(900, 40, 4, 900, 1.8, 2.0, 1.0, 0.15, 0.1, 0.15, -0.05, 2.0)
OPAQUE = Weights(420, 0, 2, 700, 1.6, 0.45, 1.0, 0.02, 0.0, 0.05, 0.35, 1.0)
"""Opaque: the later shape cuts the edge, so stopping loosely is cheap and area costs paint."""


@dataclass(frozen=True)
class School:
    """`priority` sorts masses: the least comes first. `fits` says for which medium and ground.

    `runs_under`: whether a pass may run under masses painted later.
    """

    key: str
    words: str
    priority: Callable[[Mass], float]
    fits: str
    runs_under: bool = True
    transparent: Weights = field(default=TRANSPARENT)
    opaque: Weights = field(default=OPAQUE)

    def weights(self, medium: Medium) -> Weights:
        return self.transparent if medium.transparent else self.opaque
