"""Pictures as laid by a hand: seen, the same each time, and never in a figure."""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.pieces import photographs, worked_out_of
from washboard.core.order.hand import MOST, hand_of
from washboard.core.order.prediction import painted
from washboard.pipeline.stages.results import Result
from washboard.settings import Settings

MEDIA = {"watercolour": "white", "oil": "value:5", "pastel": "value:4", "acrylic": "white"}


@cache
def made(medium: str) -> Result:
    return worked_out_of(encoded(photographs()["cup"]), Settings(medium, MEDIA[medium], 45, 30))


def hand(medium: str) -> NDArray[np.int8]:
    result = made(medium)
    plan, measured = result.worked.plan, result.seen.measured
    cm = plan.sheet.picture_width_cm / measured.labels.shape[1]
    return hand_of(result.table, result.maps, plan.masses, measured.soft, plan.medium, cm)


@pytest.mark.parametrize("medium", MEDIA)
def test_it_is_seen_is_the_same_again_and_comes_to_nothing_in_every_mass(medium: str) -> None:
    found = hand(medium)
    assert np.array_equal(found, hand(medium))
    assert 1.0 < float(found.std()) < 9.0
    assert int(np.abs(found.astype(int)).max()) <= MOST
    result = made(medium)
    owner = result.table.mass[result.maps.first]
    for m in range(len(result.worked.plan.masses)):
        own = found[owner == m]
        if len(own) > 400:
            assert abs(float(own.mean())) < 0.6, "a mass is as light as it was"


@pytest.mark.parametrize("medium", MEDIA)
def test_the_picture_keeps_its_values_under_it(medium: str) -> None:
    result = made(medium)
    plain = painted(result.table, result.maps, len(result.table.colours) - 1).astype(float)
    shown = np.clip(plain + hand(medium)[..., None], 0, 255)
    owner = result.table.mass[result.maps.first]
    for m in range(len(result.worked.plan.masses)):
        own = owner == m
        if own.sum() > 2000:
            assert np.abs(shown[own].mean(axis=0) - plain[own].mean(axis=0)).max() < 1.5


def test_pigment_gathers_along_firm_borders_of_washes_and_not_along_lost_ones() -> None:
    result, found = made("watercolour"), hand("watercolour").astype(float)
    owner = result.table.mass[result.maps.first]
    rim = np.zeros(owner.shape, bool)
    rim[:, 1:] |= owner[:, 1:] != owner[:, :-1]
    soft = result.seen.measured.soft
    firm, lost = found[rim & (soft < 1.5)], found[rim & (soft > 8)]
    assert float(firm.mean()) < -3
    assert float(lost.mean()) > -1.5
