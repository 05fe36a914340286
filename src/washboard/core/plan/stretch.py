"""Stretches of border between two masses, each made in one way."""

from __future__ import annotations

from dataclasses import dataclass
from enum import StrEnum

from ..sentence import Sentence


class Edge(StrEnum):
    """How a stretch of border is made."""

    LOST = "lost"
    SOFT = "soft"
    FIRM = "firm"
    BROKEN = "broken"


class When(StrEnum):
    """When an edge is softened: while both sides are wet, or when one of them is dry."""

    WET = "wet"
    DRY = "dry"


class Beyond(StrEnum):
    """What lies behind a stretch of silhouette is to be: as it is seen, darker or lighter than the thing."""

    AS_SEEN = "as-seen"
    DARKER = "darker"
    LIGHTER = "lighter"


@dataclass(frozen=True)
class Stretch:
    """A stretch of border between two masses by their ids, that of which more is laid last first.

    `at` (x, y 0–1) is a place on it, `length_cm` on the surface, `wide_mm` over how much it fades as it is
    measured, `step` the values between both sides. It is made `how`, where `proposed` is what the picture and
    the light say, for the reason `why`; `wished` where the painter said otherwise. In the pass `pass_id` that
    lays the later side it is made, `when` it is not firm; what lies `beyond` it, behind the nearer of both,
    may be wanted darker or lighter.
    """

    number: int
    masses: tuple[str, str]
    at: tuple[float, float]
    length_cm: float
    wide_mm: float
    step: float
    proposed: Edge
    how: Edge
    why: Sentence
    pass_id: str = ""
    when: When | None = None
    beyond: Beyond = Beyond.AS_SEEN

    @property
    def wished(self) -> bool:
        """Whether the painter wants it otherwise than it is proposed."""
        return self.how is not self.proposed
