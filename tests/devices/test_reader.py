"""The simulated colour reader: a tube of its own, noise, dropouts, and the same every time."""

from __future__ import annotations

import contextlib

import numpy as np
import pytest

from washboard.core.calibration.strip import FIELDS, Field
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import lab_of_spectrum
from washboard.core.materials.paints import PAINTS
from washboard.core.optics.kubelka import film, over
from washboard.devices.reader import DROPOUT, NOISE, NoReading, Reader, SimulatedReader

READER: Reader = SimulatedReader()


def readings(key: str, field: Field, turns: int) -> list[np.ndarray]:
    found = []
    for turn in range(turns):
        with contextlib.suppress(NoReading):
            found.append(READER.read(PAINTS[key], field, turn))
    return found


@pytest.mark.parametrize("key", ["ultramarine", "ochre", "rose"])
def test_it_gives_reflectances_with_noise_about_one_look(key: str) -> None:
    found = np.array(readings(key, FIELDS[1], 60))
    assert found.shape[1] == 36
    assert ((found > 0) & (found < 1)).all()
    clear = found.mean(axis=0) > 0.05
    assert found[:, clear].std(axis=0).mean() == pytest.approx(NOISE, rel=0.25)


def test_some_readings_fail_and_the_same_turn_always_does_the_same() -> None:
    got = sum(len(readings("cobalt", field, 60)) for field in FIELDS)
    assert 1 - got / (60 * len(FIELDS)) == pytest.approx(DROPOUT, abs=0.06)
    one, other = readings("cobalt", FIELDS[0], 5), readings("cobalt", FIELDS[0], 5)
    assert all((a == b).all() for a, b in zip(one, other, strict=True))


def test_its_tube_is_like_the_listed_paint_but_not_it() -> None:
    apart = []
    for key in ("ultramarine", "lemon", "rose", "viridian", "burnt-sienna"):
        paint = PAINTS[key]
        reflectances = [np.mean(readings(key, field, 12), axis=0) for field in FIELDS]
        listed = [
            over(*film(paint.absorption, paint.scattering, f.film), np.full(36, f.backing)) for f in FIELDS
        ]
        apart.append(float(difference(lab_of_spectrum(reflectances), lab_of_spectrum(listed)).mean()))
    assert min(apart) > 0.3
    assert max(apart) < 15
