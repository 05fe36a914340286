"""Where light turns to shadow inside an area, against balls whose two sides are known."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
import pytest

from washboard.core.areas.area import Areas, areas_of
from washboard.core.areas.terminator import turns_of
from washboard.core.colour.lab import encoded_of, lab_of_linear, linear_of_lab
from washboard.core.colour.value import luminance_of
from washboard.core.reference.mass import Mass
from washboard.core.reference.masses import Division
from washboard.core.reference.measures import measure
from washboard.core.reference.picture import Picture, picture_of


def painted(value: np.ndarray) -> Picture:
    y = np.asarray(luminance_of(value)) / 100
    lab = lab_of_linear(np.repeat(y[..., None], 3, 2))
    return picture_of(np.rint(encoded_of(linear_of_lab(lab)) * 255).astype(np.uint8))


def halves(light: float, shadow: float) -> tuple[Sequence[Mass], Areas, Division, Picture]:
    """Two blocks on a ground: one in light and shadow, one flat."""
    value = np.full((240, 360), 5.0)
    value[60:180, 40:100], value[60:180, 100:160], value[60:180, 220:320] = light, shadow, 7.0
    areas, masses = np.ones(value.shape, np.int32), np.ones(value.shape, np.int32)
    areas[60:180, 40:160], areas[60:180, 220:320] = 2, 3
    masses[60:180, 40:100], masses[60:180, 100:160], masses[60:180, 220:320] = 2, 3, 4
    picture = painted(value)
    division = Division(masses, 4, ())
    measured = measure(picture, division, (2.0, 4.0, 6.0, 8.0), 30.0)
    held = {1: "a1", 2: "a2", 3: "a2", 4: "a3"}
    named = [replace(mass, area=held[mass.label]) for mass in measured.masses]
    return named, areas_of(picture, areas), division, picture


@pytest.mark.parametrize(("light", "shadow"), [(8.0, 3.0), (6.5, 4.5), (4.0, 2.5)])
def test_the_gap_is_the_step_between_the_two_sides(light: float, shadow: float) -> None:
    masses, areas, division, picture = halves(light, shadow)
    (turn,) = turns_of(masses, division.labels, areas, picture.value)
    assert turn.label == 2
    assert turn.darkest_light == pytest.approx(light, abs=0.1)
    assert turn.lightest_shadow == pytest.approx(shadow, abs=0.1)
    assert turn.gap == pytest.approx(light - shadow, abs=0.15)


def test_what_is_of_one_light_has_no_turn() -> None:
    masses, areas, division, picture = halves(5.0, 4.6)
    assert turns_of(masses, division.labels, areas, picture.value) == ()
