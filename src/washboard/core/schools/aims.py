"""What an order is to be besides good: fewer waits, fewer mixtures, or every step to be mended.

Fewer waits are one pass less than is best; fewer mixtures and safety are prices. What may be done stays.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from enum import StrEnum

from .school import Weights


class Aim(StrEnum):
    """What the painter asks of an order besides."""

    WAITS = "fewer-waits"
    MIXTURES = "fewer-mixtures"
    SAFEST = "safest"


WORDS: Mapping[Aim, str] = {Aim.WAITS: "fewer waits", Aim.MIXTURES: "fewer mixtures", Aim.SAFEST: "safest"}

MIXED = 600.0
"""Seconds that a mixture more costs where they are to be few."""
FINAL = 120.0
"""Minutes that a step without return costs where the order is to be the safest."""


def aimed(weights: Weights, aim: Aim | None) -> Weights:
    """The prices of a school as the painter's aim has them."""
    return replace(weights, mixture=MIXED) if aim is Aim.MIXTURES else weights
