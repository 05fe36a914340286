"""What plans ask of paint: amounts for a colour over what lies there, and the look then."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from numpy.typing import ArrayLike

from washboard.core.colour.lab import difference, value_of_lab
from washboard.core.colour.spectra import grey_of_value, lab_of_spectrum, spectrum_of_lab, value_of_spectrum
from washboard.core.materials.media import MEDIA
from washboard.core.materials.paints import palette_of
from washboard.core.materials.surfaces import surface_of
from washboard.core.mixing.mixture import mixing_model_of
from washboard.core.mixing.paintbox import Paintbox, coated, paintbox_of
from washboard.core.mixing.search import recipes_for
from washboard.core.optics.vehicle import vehicle_of

BOXES = {key: paintbox_of(medium, surface_of("white")) for key, medium in MEDIA.items()}
WHITE = spectrum_of_lab(surface_of("white").lab)

value = st.floats(2.5, 9.0)
tint = st.tuples(st.floats(-20, 25), st.floats(-25, 35))


def laid(box: Paintbox, target: ArrayLike, below: np.ndarray) -> np.ndarray:
    return box.reflectances(box.mixed(target, below), below)[0]


@settings(max_examples=150, deadline=None, derandomize=True)
@given(value, tint, st.sampled_from(sorted(MEDIA)), value)
def test_what_is_mixed_for_a_colour_comes_near_it_over_anything_it_can(
    wanted: float, ab: tuple[float, float], medium: str, below: float
) -> None:
    ground = grey_of_value(max(below, wanted + 0.3) if medium == "watercolour" else below)
    target = lab_of_spectrum(grey_of_value(wanted)) + np.array([0, *ab])
    after = laid(BOXES[medium], target, ground)
    nearest = np.argmin(difference(target, lab_of_spectrum(np.array([after, ground]))))
    assert nearest == 0 or difference(target, lab_of_spectrum(ground)) < 4
    assert abs(float(value_of_spectrum(after)) - float(value_of_lab(target))) < (
        1.6 if medium == "watercolour" else 1.2
    )


@settings(max_examples=150, deadline=None, derandomize=True)
@given(value, tint, value)
def test_transparent_paint_is_never_asked_to_lighten(
    wanted: float, ab: tuple[float, float], below: float
) -> None:
    ground = grey_of_value(below)
    after = laid(BOXES["watercolour"], lab_of_spectrum(grey_of_value(wanted)) + np.array([0, *ab]), ground)
    assert float(value_of_spectrum(after)) <= below + 1e-5


@pytest.mark.parametrize("medium", sorted(MEDIA))
def test_nothing_laid_changes_nothing(medium: str) -> None:
    nothing = np.zeros_like(BOXES[medium].mixed((50, 0, 0), WHITE))
    for below in (2.6, 5.0, 9.4):
        assert np.allclose(
            BOXES[medium].reflectances(nothing, grey_of_value(below)), grey_of_value(below), atol=1e-9
        )


@pytest.mark.parametrize("medium", ["watercolour", "acrylic", "oil"])
def test_a_plan_mixes_nearly_as_well_as_the_recipe_board(medium: str) -> None:
    dice = np.random.default_rng(5)
    targets = np.column_stack(
        [dice.uniform(25, 92, 40), dice.uniform(-20, 30, 40), dice.uniform(-25, 40, 40)]
    )
    quick = BOXES[medium]
    reflectances = quick.reflectances(quick.mixed(targets, np.tile(WHITE, (40, 1))), WHITE)
    bench = mixing_model_of(palette_of(medium, ()), coated(vehicle_of(medium)), WHITE)
    thorough = np.array([min(way.delta_e for way in ways) for ways in recipes_for(bench, targets)])
    gap = difference(lab_of_spectrum(reflectances), targets) - thorough
    assert float(gap.mean()) < 0.6
    assert float(gap.max()) < 6


@pytest.mark.parametrize("medium", ["pastel", "acrylic", "oil"])
def test_a_light_over_a_dark_takes_more_coats_than_over_its_own_value(medium: str) -> None:
    pale, box = lab_of_spectrum(grey_of_value(8.8)), BOXES[medium]
    over_dark, over_own = (int(box.hidden(pale, grey_of_value(v), 1.0)[0]) for v in (2.5, 8.7))
    assert over_dark > over_own == 1


@pytest.mark.parametrize("medium", ["acrylic", "oil"])
def test_darks_hide_in_fewer_coats_than_lights(medium: str) -> None:
    box = BOXES[medium]
    dark, light = (
        int(box.hidden(lab_of_spectrum(grey_of_value(v)), grey_of_value(g), 1.0)[0])
        for v, g in ((3.0, 9.0), (9.0, 3.0))
    )
    assert dark <= light


def test_the_same_question_has_the_same_answer_and_another_ground_another() -> None:
    asked = [(70.0, 0.0, 5.0), (40.0, 12.0, 20.0), (40.0, 12.0, 20.0), (40.0, 12.0, 20.0)]
    below = np.array([grey_of_value(v) for v in (5, 5, 8, 5)])
    one, other = (paintbox_of(MEDIA["oil"], surface_of("value:6")).mixed(asked, below) for _ in range(2))
    assert (one == other).all()
    assert (one[1] == one[3]).all()
    assert not np.allclose(one[1], one[2])
