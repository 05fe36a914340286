"""A strong paint is let down first where a mixture takes too little of it to be measured."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import grey_of_value
from washboard.core.materials.paints import paint_named, palette_of
from washboard.core.mixing.brush_parts import SHARE
from washboard.core.mixing.measured import Recipe
from washboard.core.mixing.mixture import mixing_model_of
from washboard.core.mixing.paintbox import coated
from washboard.core.mixing.preference import UNSEEN
from washboard.core.mixing.search import recipes_for
from washboard.core.optics.vehicle import vehicle_of

WHITE = grey_of_value(9.5)


def best(medium: str, target: tuple[float, float, float], *names: str) -> Recipe:
    paints = [paint_named(name) for name in names] if names else palette_of(medium, ())
    model = mixing_model_of(paints, coated(vehicle_of(medium)), WHITE)
    return recipes_for(model, target)[0][0]


def made(recipe: Recipe) -> dict[int, float]:
    """Shares of the pure paints that its two steps make, reckoned by hand."""
    tint = recipe.tint
    assert tint is not None
    let_down = {tint.strong: 1.0, tint.into: tint.parts} | dict([tint.beside] if tint.beside else [])
    parts = {paint: tint.taken * part / sum(let_down.values()) for paint, part in let_down.items()}
    for paint, more in tint.rest:
        parts[paint] = parts.get(paint, 0.0) + more
    total = sum(parts.values())
    return {paint: part / total for paint, part in parts.items()}


def test_a_pale_blue_of_a_strong_blue_is_measured_from_a_tint() -> None:
    recipe = best("acrylic", (88.0, -8.0, -14.0), "titanium white", "phthalo blue")
    assert recipe.tint is not None
    assert min(recipe.shares) < SHARE
    assert (recipe.tint.strong, recipe.tint.into) == (1, 0)
    measured = [recipe.tint.taken, *(parts for _, parts in recipe.tint.rest)]
    assert min(measured) >= SHARE * sum(measured)
    assert SHARE * (1 + recipe.tint.parts) <= 1


def test_what_can_be_measured_at_once_takes_no_tint() -> None:
    assert best("acrylic", (60.0, 0.0, -25.0), "titanium white", "ultramarine").tint is None


@pytest.mark.parametrize("medium", ["watercolour", "acrylic", "oil"])
@given(lightness=st.floats(40, 92), a=st.floats(-25, 25), b=st.floats(-25, 30))
def test_the_two_steps_make_just_the_mixture_that_is_told(
    medium: str, lightness: float, a: float, b: float
) -> None:
    paints = palette_of(medium, ())
    model = mixing_model_of(paints, coated(vehicle_of(medium)), WHITE)
    for recipe in recipes_for(model, (lightness, a, b))[0]:
        if recipe.tint is None:
            continue
        shares = made(recipe)
        assert {p: pytest.approx(s, abs=1e-3) for p, s in shares.items()} == dict(
            zip(recipe.paints, recipe.shares.tolist(), strict=True)
        )
        thicknesses = np.zeros(len(paints))
        thicknesses[list(shares)] = np.array(list(shares.values())) * recipe.thickness
        assert float(difference(model.labs(thicknesses), np.array(recipe.lab))) < 0.2
        assert recipe.delta_e == pytest.approx(
            float(difference(np.array(recipe.lab), (lightness, a, b))), abs=1e-6
        )


def test_over_many_pale_colours_hardly_any_is_left_with_a_touch_and_none_is_farther_off() -> None:
    paints = palette_of("oil", ())
    model = mixing_model_of(paints, coated(vehicle_of("oil")), WHITE)
    targets = np.array([(light, a, b) for light in (70, 80, 88) for a in (-8, 0, 8) for b in (-14, 0, 14)])
    found = recipes_for(model, targets)
    ways = [own[0] for own in found]
    touches = [r for r in ways if min(r.shares) < SHARE and r.tint is None and len(r.paints) > 1]
    tints = [r for r in ways if r.tint]
    assert len(tints) >= 3
    assert len(touches) <= len(ways) // 20
    reachable = [own[0] for own in found if min(way.delta_e for way in own) <= UNSEEN]
    assert len(reachable) >= 15
    assert np.mean([r.delta_e <= UNSEEN for r in reachable]) >= 0.9
