"""Films: what paint does to light."""

from __future__ import annotations

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from washboard.core.materials.media import MEDIA
from washboard.core.optics.film import Transparent, density_over, film_of, glazed

light = st.floats(0.003, 1.0)
look = st.tuples(light, light, light)


@given(look, look)
def test_a_transparent_film_never_lightens_and_never_overshoots(ground: tuple, colour: tuple) -> None:
    after = Transparent().lay(ground, colour)
    assert (after <= np.array(ground) + 1e-12).all()
    assert np.allclose(after, np.minimum(ground, colour))


@given(look, look, look)
def test_densities_of_stacked_films_add(ground: tuple, one: tuple, other: tuple) -> None:
    first, second = density_over((1, 1, 1), one), density_over((1, 1, 1), other)
    assert np.allclose(glazed(glazed(ground, first), second), glazed(ground, first + second))


@given(look)
def test_no_paint_leaves_the_ground(ground: tuple) -> None:
    assert np.allclose(glazed(ground, (0.0, 0.0, 0.0)), ground)


@given(look, st.sampled_from([m for m in MEDIA.values() if not m.transparent]))
def test_three_opaque_coats_reach_any_colour_that_paint_has(ground: tuple, medium) -> None:  # type: ignore[no-untyped-def]
    colour = np.array([0.4, 0.3, 0.25])
    after = film_of(medium).lay(ground, colour)
    assert np.abs(after - colour).max() < 0.006
    assert 1 <= int(film_of(medium).coats(ground, colour)) <= 3


def test_a_light_over_a_dark_takes_more_coats_than_over_its_own_value() -> None:
    film = film_of(MEDIA["acrylic"])
    pale = np.array([0.84, 0.84, 0.84])
    assert int(film.coats((0.02, 0.02, 0.02), pale)) > int(film.coats((0.83, 0.83, 0.83), pale))
