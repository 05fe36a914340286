"""Films against closed forms, against each other, and against a model with sixteen directions of light."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests import manyflux
from tests.said import refuses
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import BANDS, grey_of_value, lab_of_spectrum, xyz_of_spectrum
from washboard.core.errors import InvalidInput
from washboard.core.materials.paints import PAINTS
from washboard.core.optics.finish import Finish
from washboard.core.optics.kubelka import constants_of, film, infinite, over, stacked
from washboard.core.optics.vehicle import VEHICLES

AMOUNT = st.floats(0.0, 8.0)
SOME = st.floats(0.01, 6.0)
GROUND = st.floats(0.03, 0.95)


@given(AMOUNT, AMOUNT, GROUND)
def test_no_paint_is_the_ground(k: float, s: float, ground: float) -> None:
    assert over(*film(k, s, 0.0), ground) == pytest.approx(ground, abs=1e-12)


@given(AMOUNT, st.floats(0.0, 3.0), GROUND)
def test_a_film_that_does_not_scatter_obeys_beer_and_lambert(k: float, x: float, ground: float) -> None:
    assert over(*film(k, 0.0, x), ground) == pytest.approx(ground * np.exp(-2 * k * x), abs=1e-9)


@given(AMOUNT, st.floats(0.0, 3.0))
def test_a_film_that_does_not_absorb_keeps_all_light(s: float, x: float) -> None:
    r, t = film(0.0, s, x)
    assert r == pytest.approx(s * x / (1 + s * x), abs=1e-9)
    assert r + t == pytest.approx(1, abs=1e-9)


@given(SOME, SOME, GROUND)
def test_a_thick_film_hides_what_is_below(k: float, s: float, ground: float) -> None:
    assert over(*film(k, s, 1e4), ground) == pytest.approx(infinite(k, s), abs=1e-9)


@given(SOME, SOME, st.floats(0.05, 1.5), st.floats(0.05, 1.5), GROUND)
def test_two_coats_are_one_of_both(k: float, s: float, one: float, two: float, ground: float) -> None:
    twice = over(*film(k, s, two), over(*film(k, s, one), ground))
    assert twice == pytest.approx(over(*film(k, s, one + two), ground), abs=1e-9)


@given(*[SOME] * 6, GROUND)
def test_layers_may_be_put_together_in_any_grouping(
    a: float, b: float, c: float, d: float, e: float, f: float, ground: float
) -> None:
    top, middle, low = film(a, b, 0.3), film(c, d, 0.3), film(e, f, 0.3)
    one_by_one = over(*top, over(*middle, over(*low, ground)))
    r, t, back = stacked(top, middle)
    below = over(*low, ground)
    assert r + t * t * below / (1 - back * below) == pytest.approx(one_by_one, abs=1e-9)


@given(SOME, SOME, st.floats(0.7, 1.0), st.floats(0.0, 0.08))
def test_constants_come_back_from_films_over_two_backings(
    k: float, s: float, white: float, black: float
) -> None:
    reflectances = [over(*film(k, s, 0.4), backing) for backing in (white, black)]
    back = constants_of(reflectances[0], reflectances[1], white, black)
    again = [over(*film(*back), backing) for backing in (white, black)]
    assert again == pytest.approx(reflectances, abs=1e-9)
    assert [float(each) for each in back] == pytest.approx([0.4 * k, 0.4 * s], rel=1e-4, abs=1e-6)


def test_the_looks_of_every_paint_come_back_from_its_two_films() -> None:
    for paint in PAINTS.values():
        r, t = film(paint.absorption, paint.scattering, 0.1)
        reflectances = over(r, t, 0.85), over(r, t, 0.04)
        again = over(*film(*constants_of(reflectances[0], reflectances[1], 0.85, 0.04)), 0.5)
        apart = difference(lab_of_spectrum(again), lab_of_spectrum(over(r, t, 0.5)))
        assert float(apart) < 0.5, paint.key


@pytest.mark.parametrize(
    ("white", "black", "says"),
    [
        (0.3, 0.4, "no lighter over white"),
        (0.3, 0.3, "no lighter over white"),
        (1.2, 0.3, "outside 0 to 1"),
        (0.5, -0.1, "outside 0 to 1"),
        (float("nan"), 0.3, "no number"),
    ],
)
def test_films_that_cannot_be_are_refused(white: float, black: float, says: str) -> None:
    with refuses(InvalidInput, says):
        constants_of(np.full(BANDS, white), np.full(BANDS, black))
    with refuses(InvalidInput, "backing"):
        constants_of(0.5, 0.2, 0.1, 0.9)


@given(st.floats(0.0, 0.1), st.floats(0.0, 0.6), st.floats(0.0, 1.0))
def test_what_is_seen_through_a_skin_is_found_back(veil: float, kept: float, inner: float) -> None:
    skin = Finish(veil, kept)
    seen = skin.outside(inner)
    assert float(skin.inside(seen)) == pytest.approx(inner, abs=1e-9)
    assert 0 <= seen <= 1


@given(st.sampled_from(sorted(PAINTS)), st.floats(0.0, 1.0), st.floats(0.01, 1.0))
def test_more_of_a_transparent_paint_never_lightens_its_paper(key: str, x: float, more: float) -> None:
    paint, vehicle = PAINTS[key], VEHICLES["watercolour"]
    paper = grey_of_value(9.5)
    if (infinite(paint.absorption, paint.scattering) > vehicle.dry.inside(paper)).any():
        return
    thin, thick = (vehicle.laid(n * paint.absorption, n * paint.scattering, paper) for n in (x, x + more))
    assert (thick <= thin + 1e-9).all()
    assert np.allclose(vehicle.laid(0 * paint.absorption, 0 * paint.scattering, paper), paper)


FILMS = {
    "white": (0.005, 6.0),
    "clear blue": (2.0, 0.2),
    "earth": (0.9, 1.6),
    "grey": (0.3, 0.3),
    "deep": (4.0, 0.5),
    "pale": (0.08, 0.4),
}
"""Absorption and scattering of slabs in the model with many directions."""


@pytest.mark.parametrize("name", FILMS)
def test_films_fitted_over_two_backings_predict_what_many_directions_of_light_do(name: str) -> None:
    absorb, scatter = (np.full(1, v) for v in FILMS[name])
    white, black = np.full(1, 0.85), np.full(1, 0.04)
    reflectances = [manyflux.over(absorb, scatter, 1.0, backing) for backing in (white, black)]
    k, s = constants_of(reflectances[0], reflectances[1], white, black)
    for thick in (0.5, 2.0):
        for ground in (0.85, 0.4, 0.04):
            truth = float(manyflux.over(absorb, scatter, thick, np.full(1, ground))[0])
            ours = float(over(*film(k, s, thick), ground)[0])
            shades = lab_of_spectrum(np.full((2, BANDS), [[truth], [ours]]))
            assert abs(shades[0, 0] - shades[1, 0]) < 3.0, (thick, ground)


def test_many_directions_keep_all_light_and_agree_on_the_middle_of_their_range() -> None:
    r, t = manyflux.slab(np.zeros(3), np.array([0.1, 1.0, 8.0]))
    assert r + t == pytest.approx(np.ones(3), abs=1e-4)
    assert float(xyz_of_spectrum(np.full(BANDS, 0.5))[1]) == pytest.approx(0.5, abs=1e-4)
