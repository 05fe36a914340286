"""Effects as a plan tells them: how a soft edge, a smooth light, a lamp is made."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from ..sentence import Sentence

FINISHING = "effects"
"""Id of the pass in which the last acts of effects come; only small marks come after it."""
SURE = 2 / 3
"""How sure the evidence must be for an effect to be woven in without asking."""


@dataclass(frozen=True)
class Effect:
    """An effect as it is proposed for some masses.

    `key` its kind and `id` itself, stable from plan to plan; `sure` 0–1 how sure the evidence is, and what
    it would be `instead`; `told` how it is done, with `figures`; `place` in the picture (shares 0–1). It is
    part of the pass `pass_id`, or it `rests`, with why.
    """

    key: str
    id: str
    masses: tuple[str, ...]
    place: tuple[float, float]
    sure: float
    told: Sentence
    figures: Mapping[str, float] = field(default_factory=dict)
    instead: tuple[str, ...] = ()
    rests: Sentence | None = None
    pass_id: str = ""

    @property
    def asks(self) -> bool:
        """Whether the painter is asked before it is taken."""
        return self.sure < SURE
