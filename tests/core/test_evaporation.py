"""Drying by the published formula, and a sheet reckoned by finite differences."""

from __future__ import annotations

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from numpy.typing import NDArray
from scipy.integrate import solve_ivp

from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.surface.transitions import STAGES
from washboard.core.time.evaporation import (
    ROOM,
    Climate,
    drying,
    evaporation,
    humidity_ratio,
    pace_of,
    saturation_pressure,
)


@pytest.mark.parametrize(
    ("celsius", "hectopascal"), [(0, 6.11), (10, 12.27), (20, 23.39), (30, 42.47), (40, 73.85)]
)
def test_vapour_pressure_is_that_of_the_steam_tables(celsius: float, hectopascal: float) -> None:
    """Values of the international steam tables (IAPWS-95), hPa."""
    assert saturation_pressure(celsius) == pytest.approx(hectopascal, rel=0.005)


CHART = [(20, 0.5, 7.26), (25, 0.5, 9.88), (20, 1.0, 14.7), (30, 0.4, 10.6)]


@pytest.mark.parametrize(("celsius", "humidity", "grams"), CHART)
def test_humidity_ratio_is_that_of_the_psychrometric_chart(
    celsius: float, humidity: float, grams: float
) -> None:
    """g of water in a kg of dry air at sea level, as the chart of ASHRAE Fundamentals has it."""
    assert 1000 * humidity_ratio(celsius, humidity) == pytest.approx(grams, rel=0.01)


def test_a_wash_in_a_still_room_dries_in_about_a_quarter_of_an_hour() -> None:
    assert evaporation(ROOM) == pytest.approx(0.217, abs=0.005)
    assert drying(60, ROOM) == pytest.approx(16.6, abs=0.5)
    assert drying(150, ROOM) == pytest.approx(41.5, abs=1)


def sheet(water: float, climate: Climate, cells: int = 40, thick: float = 0.4e-3) -> dict[str, float]:
    """Minutes at which a wet sheet reaches each stage, by finite differences: water diffuses through paper of
    so many metres and leaves at the top as fast as the air takes it; stages by the share of water left."""
    step, spread = thick / cells, 1e-7
    full = water / 1000 / thick
    rate = evaporation(climate) / 3600

    def gain(_: float, held: NDArray[np.float64]) -> NDArray[np.float64]:
        flow = spread * np.diff(held) / step
        # What is nearly dry on top gives off less and less, so that it never holds less than nothing.
        out = rate * min(1.0, max(held[0], 0.0) / (0.01 * full))
        return (np.append(flow, 0.0) - np.append(out, flow)) / step

    times = np.arange(0.0, 3 * 3600.0)
    found = solve_ivp(gain, (0.0, times[-1]), np.full(cells, full), method="BDF", t_eval=times, rtol=1e-6)
    left = found.y.sum(axis=0) / (cells * full)
    return {
        name: float(np.argmax(left <= max(1 - share, 0.02))) / 60 for name, share in STAGES["watercolour"]
    }


@pytest.mark.parametrize("climate", [ROOM, Climate(18, 0.7), Climate(27, 0.3, 0.5)])
def test_stages_come_within_a_tenth_of_a_sheet_reckoned_by_finite_differences(climate: Climate) -> None:
    whole = drying(60, climate)
    assert whole is not None
    reckoned = sheet(60, climate)
    for name, share in STAGES["watercolour"]:
        assert share * whole == pytest.approx(reckoned[name], rel=0.1), name


@given(st.floats(0, 45), st.floats(0, 0.99), st.floats(0, 5))
def test_warmer_drier_and_windier_air_dries_sooner(celsius: float, humidity: float, speed: float) -> None:
    here = evaporation(Climate(celsius, humidity, speed))
    assert here >= 0
    assert evaporation(Climate(celsius, humidity, min(speed + 0.5, 5))) >= here
    assert evaporation(Climate(celsius, min(humidity + 0.01, 1), speed)) <= here
    assert evaporation(Climate(min(celsius + 1, 45), humidity, speed)) >= here


def test_in_saturated_air_nothing_dries_and_impossible_air_is_refused() -> None:
    assert drying(60, Climate(20, 1.0)) is None
    assert pace_of(Climate(20, 1.0)) is None
    assert pace_of(ROOM) == pytest.approx(1)
    for celsius, humidity, speed in ((-5, 0.5, 0), (20, 1.2, 0), (20, 0.5, 9), (math.nan, 0.5, 0)):
        with refuses(InvalidInput, "out of range"):
            Climate(celsius, humidity, speed)
