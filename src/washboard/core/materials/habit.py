"""A painter's habits, as plans take them in."""

from __future__ import annotations

from dataclasses import dataclass, replace
from itertools import pairwise

from ..colour.lab import lightness_of_value, value_of_lab
from ..errors import InvalidInput
from .media import Medium
from .surfaces import Lab

MOST_TIMES = 5.0
"""Times as much, or as little, as usual that anything may take."""
MOST_BIAS = 2.0
"""Values by which masses may come out otherwise."""


@dataclass(frozen=True)
class BandBias:
    """Masses of about a Munsell `value` come out `off` values too light."""

    value: float
    off: float


@dataclass(frozen=True)
class Habit:
    """A painter takes `pace` times as long as usual, what they lay dries in `drying` times as long, they mix
    `waste` times as much as is needed, and their values come out otherwise by `bias`."""

    pace: float = 1.0
    drying: float = 1.0
    waste: float = 1.0
    bias: tuple[BandBias, ...] = ()

    def checked(self) -> None:
        """Raises InvalidInput for what no painter does."""
        if not all(1 / MOST_TIMES <= times <= MOST_TIMES for times in (self.pace, self.drying, self.waste)):
            raise InvalidInput("refused-habit-times", most=f"{MOST_TIMES:g}")
        if not all(abs(one.off) <= MOST_BIAS and 0 <= one.value <= 10 for one in self.bias):
            raise InvalidInput("refused-habit-bias", most=f"{MOST_BIAS:g}")

    def off(self, value: float) -> float:
        """By how many values what is meant to be of a value comes out too light: between bands in
        proportion, beyond them as in the last."""
        known = sorted(self.bias, key=lambda one: one.value)
        if not known:
            return 0.0
        for one, other in pairwise(known):
            if one.value <= value <= other.value:
                share = (value - one.value) / max(other.value - one.value, 1e-9)
                return one.off + share * (other.off - one.off)
        return known[0].off if value < known[0].value else known[-1].off

    def aimed(self, lab: Lab) -> Lab:
        """The colour to mix for one to come out as this CIELAB colour: so much darker as values come out too
        light."""
        if not self.bias:
            return lab
        value = float(value_of_lab(lab))
        meant = min(max(value - self.off(value), 0.0), 10.0)
        return float(lightness_of_value(meant)), lab[1], lab[2]


USUAL = Habit()


def by_habit(medium: Medium, pace: float, drying: float) -> Medium:
    """A medium with its rates as they are by a painter's habit."""
    if pace == drying == 1:
        return medium
    slow, fast = medium.cover_cm2
    return replace(
        medium,
        cover_gain=medium.cover_gain / pace,
        cover_cm2=(slow / pace, fast / pace),
        cut_cm=medium.cut_cm / pace,
        mix_minutes=medium.mix_minutes * pace,
        pace=pace,
        dry_minutes=medium.dry_minutes * drying,
        quickest_dry=medium.quickest_dry * drying,
    )


def habit_in(medium: Medium, usual: Medium) -> tuple[float, float]:
    """The pace and the drying by which a medium was made of the usual one."""
    drying = medium.dry_minutes / usual.dry_minutes if usual.dry_minutes else 1.0
    return medium.pace, drying
