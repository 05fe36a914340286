"""A climate sensor on the easel: the interface, and a simulated one that ships with the program.

A real sensor would be another class with `read`; nothing else knows which one is there.
"""

from __future__ import annotations

from typing import Protocol

import numpy as np

from ..core.errors import WashboardError
from ..core.time.evaporation import Climate

DEGREES, SHARE = 0.3, 0.02
"""Standard deviations of a reading in °C and in relative humidity: what small sensors do. A guess."""
SILENT = 0.1
"""Share of readings that fail."""


class Silent(WashboardError):
    """The sensor gave nothing; asking again is all there is to do."""

    code = "no-reading"


class Sensor(Protocol):
    """A device that reads the air at the easel."""

    words: str

    def read(self, turn: int) -> Climate:
        """The air now, the `turn`th time; raises Silent."""


class SimulatedSensor:
    """Reads a made-up room, with noise and dropouts."""

    words = "simulated sensor"

    def __init__(self, room: Climate = Climate(19.0, 0.55), seed: int = 1) -> None:
        self.room, self.seed = room, seed

    def read(self, turn: int) -> Climate:
        dice = np.random.default_rng((self.seed, turn))
        if dice.random() < SILENT:
            raise Silent("refused-sensor-silent")
        return Climate(
            round(float(np.clip(self.room.celsius + dice.normal(0, DEGREES), 0, 45)), 1),
            round(float(np.clip(self.room.humidity + dice.normal(0, SHARE), 0, 1)), 3),
            self.room.metres_a_second,
        )
