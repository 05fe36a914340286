"""How fast water leaves a wet sheet, and through which stages it dries."""

from __future__ import annotations

import math
from dataclasses import dataclass

from ..errors import InvalidInput

STANDARD_PRESSURE = 1013.25
"""hPa."""
WATER_TO_AIR = 0.62198
"""Molar mass of water over that of dry air (ASHRAE Fundamentals, chapter 1)."""


@dataclass(frozen=True)
class Climate:
    """The air at the easel: `celsius` 0–45, relative `humidity` 0–1, air speed `metres_a_second` 0–5.

    Raises InvalidInput outside of that."""

    celsius: float = 21.0
    humidity: float = 0.45
    metres_a_second: float = 0.0

    def __post_init__(self) -> None:
        if not (0 <= self.celsius <= 45 and 0 <= self.humidity <= 1 and 0 <= self.metres_a_second <= 5):
            raise InvalidInput(
                "refused-climate",
                celsius=f"{self.celsius:g}",
                humidity=f"{100 * self.humidity:g}",
                speed=f"{self.metres_a_second:g}",
            )


ROOM = Climate()
"""What is assumed where nobody says."""


def saturation_pressure(celsius: float) -> float:
    """Saturation vapour pressure over water in hPa at 0–60 °C (Magnus formula, WMO-No. 8, annex 4.B)."""
    return 6.112 * math.exp(17.62 * celsius / (243.12 + celsius))


def humidity_ratio(celsius: float, humidity: float) -> float:
    """kg of water in a kg of dry air at a relative humidity 0–1 (ASHRAE Fundamentals, chapter 1, eq. 20)."""
    vapour = humidity * saturation_pressure(celsius)
    return WATER_TO_AIR * vapour / (STANDARD_PRESSURE - vapour)


def evaporation(climate: Climate) -> float:
    """kg of water that a square metre of wet sheet loses in an hour: (25 + 19 v)(x_s - x), with the humidity
    ratios of saturated air at the sheet and of the room. It takes the sheet to be as warm as the air; a wet
    one is cooler and dries slower: a guess, corrected by what the painter reports."""
    wet, room = humidity_ratio(climate.celsius, 1.0), humidity_ratio(climate.celsius, climate.humidity)
    return (25 + 19 * climate.metres_a_second) * max(wet - room, 0.0)


def drying(water: float, climate: Climate) -> float | None:
    """Minutes until `water` g/m² have left a sheet; None where the air takes none up."""
    rate = evaporation(climate) * 1000 / 60
    return water / rate if rate > 1e-6 else None


def pace_of(climate: Climate) -> float | None:
    """How many times as long drying takes as in the room that times are told for; None: it never dries."""
    here = evaporation(climate)
    return evaporation(ROOM) / here if here > 1e-9 else None
