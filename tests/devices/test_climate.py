"""The climate sensor: noisy, sometimes silent, and what it says changes the waits."""

from __future__ import annotations

import numpy as np
import pytest

from tests.conftest import Server
from washboard.core.time.evaporation import Climate
from washboard.devices.climate import DEGREES, SILENT, Silent, SimulatedSensor


def test_it_reads_the_room_with_noise_and_falls_silent_now_and_then() -> None:
    sensor, read, silent = SimulatedSensor(Climate(18, 0.6)), [], 0
    for turn in range(400):
        try:
            read.append(sensor.read(turn))
        except Silent:
            silent += 1
    assert silent / 400 == pytest.approx(SILENT, abs=0.05)
    assert np.mean([one.celsius for one in read]) == pytest.approx(18, abs=0.1)
    assert np.std([one.celsius for one in read]) == pytest.approx(DEGREES, rel=0.2)
    assert sensor.read(0) == SimulatedSensor(Climate(18, 0.6)).read(0)


def test_what_is_said_or_read_of_the_room_is_kept_and_impossible_air_refused(demo: Server) -> None:
    with demo.client() as client:
        for _ in range(20):
            answer = client.post("/api/painter/climate")
            if answer.status_code == 200:
                break
            assert "no reading" in answer.json()["detail"]
        said = answer.json()
        assert said["climateSaid"] is True
        assert 15 < said["celsius"] < 23
        damp = client.patch("/api/painter", json={"celsius": 16, "humidity": 80}).json()
        assert damp["pace"] > 2
        wrong = client.patch("/api/painter", json={"humidity": 140})
        assert wrong.status_code == 422
        assert "out of range" in wrong.json()["detail"]
        assert client.get("/api/painter").json()["humidity"] == 80
        full = client.patch("/api/painter", json={"humidity": 100})
        assert full.status_code == 200
        assert full.json()["pace"] == 6
        client.patch("/api/painter", json={"celsius": 21, "humidity": 45})
