"""Softness: transitions of known width, made at the reference's full size, are read to 15 per cent."""

from __future__ import annotations

import numpy as np
import pytest
from scipy.special import erf

from tests.conftest import encoded
from washboard.core.colour.lab import encoded_of
from washboard.core.colour.value import luminance_of
from washboard.core.reference.transitions import transitions
from washboard.pipeline.settings import Settings
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject


def edge(full: int, wide: float, ramp: bool) -> bytes:
    """A picture of `full` px whose values go from 3 to 7 over `wide` px (10–90 %), with a little grain."""
    x = np.arange(full) + 0.5 - full / 2
    share = np.clip(0.5 + 0.8 * x / wide, 0, 1) if ramp else 0.5 * (1 + erf(x / (wide / 2.5631) / np.sqrt(2)))
    light = luminance_of(3 + 4 * share) / 100
    row = 255 * encoded_of(np.stack([light] * 3, axis=-1))
    grain = np.random.default_rng(1).normal(0, 2, (full // 2, full, 1))
    return encoded(np.clip(row[None] + grain, 0, 255).astype(np.uint8), "PNG")


@pytest.mark.parametrize("ramp", [False, True])
@pytest.mark.parametrize("full", [2000, 3000, 4000])
@pytest.mark.parametrize("wide", [6, 10, 18, 40, 90])
def test_a_transition_of_known_width_is_read_within_fifteen_per_cent(
    full: int, wide: int, ramp: bool
) -> None:
    data = edge(full, wide, ramp)
    seen = Stages().seen(Subject.photo("edge", lambda: data, Settings("oil", "white", 40, 20, bands=2)))
    left, right = seen.measured.masses
    exact = wide / full * 400
    assert left.borders[0].softness_mm == pytest.approx(exact, rel=0.15)
    assert right.borders[0].softness_mm == left.borders[0].softness_mm


def test_a_border_without_a_step_is_as_soft_as_is_read() -> None:
    labels = np.ones((100, 200), np.int32)
    labels[:, 100:] = 2
    assert transitions(np.full((100, 200), 5.0, np.float32), labels)[1, 2] > 20
    assert transitions(np.full((100, 200), 5.0, np.float32), np.ones((100, 200), np.int32)) == {}
