"""The painter's habits as JSON holds them."""

from __future__ import annotations

from pydantic import Field

from ..core.materials.habit import MOST_BIAS, MOST_TIMES, BandBias, Habit
from .wire import Wire


class BandBiasModel(Wire):
    """Masses of about a value come out so many values too light, too dark where that is under 0."""

    makes = BandBias
    value: float = Field(ge=0, le=10)
    off: float = Field(ge=-MOST_BIAS, le=MOST_BIAS)


class HabitModel(Wire):
    """Times as long as usual that the painter takes, that things dry, and as much as is needed that is mixed;
    how values come out otherwise."""

    makes = Habit
    pace: float = Field(1.0, ge=1 / MOST_TIMES, le=MOST_TIMES)
    drying: float = Field(1.0, ge=1 / MOST_TIMES, le=MOST_TIMES)
    waste: float = Field(1.0, ge=1 / MOST_TIMES, le=MOST_TIMES)
    bias: list[BandBiasModel] = Field(default_factory=list, max_length=8)
