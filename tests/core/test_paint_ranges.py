"""The pigments' curves against what painters and makers agree on, and against what a curve can be."""

from __future__ import annotations

from functools import cache
from itertools import pairwise

import numpy as np
import pytest

from bench.pigments.fit import ORDER, films_of, opacity_class, strength
from bench.pigments.ranges import Range, ranges
from bench.pigments.shapes import SHAPES
from bench.pigments.table import digest
from washboard.core.materials.pigment_table import FITTED_FROM
from washboard.core.materials.pigments import PIGMENTS

VALLEYS = 0.85
"""Least height of a valley between two near bands, as a share of the lower of them."""


@cache
def missed() -> dict[Range, float]:
    films = films_of(PIGMENTS)
    return {one: float(np.linalg.norm(one.outside(one.looks(films)))) for one in ranges()}


def test_nineteen_of_twenty_mixtures_look_as_painters_know_them_and_the_rest_nearly() -> None:
    outside = [by for by in missed().values() if by > 0]
    assert len(missed()) > 165
    assert len(outside) <= 0.05 * len(missed())
    assert np.mean(outside or [0.0]) <= 1
    assert max(outside or [0.0]) < 3


@pytest.mark.parametrize("medium", ["oil", "acrylic", "watercolour"])
def test_no_medium_is_off_more_than_the_others(medium: str) -> None:
    own = [by for one, by in missed().items() if one.medium == medium]
    assert np.mean([by > 0 for by in own]) <= 0.1


def test_pigments_tint_in_the_order_in_which_painters_rank_them() -> None:
    for strong, weak, _ in ORDER:
        weakest = min(strength(PIGMENTS[key]) for key in strong)
        assert weakest > 1.2 * max(strength(PIGMENTS[key]) for key in weak)


def test_every_pigment_hides_as_its_class_does() -> None:
    for key, shape in SHAPES.items():
        assert opacity_class(PIGMENTS[key]) == opacity_class(shape), key


@pytest.mark.parametrize("key", PIGMENTS)
def test_curves_are_positive_and_smooth_without_islands(key: str) -> None:
    k, s = PIGMENTS[key].absorption, PIGMENTS[key].scattering
    assert (k > 0).all()
    assert (s > 0).all()
    assert (np.abs(np.diff(np.log(s))) < 0.1).all()
    # From 10 nm to 10 nm a curve never turns by more than its own height: nothing narrower than a real band.
    assert np.abs(np.diff(k, 2)).max() < 0.6 * k.max()
    tops = [n for n in range(1, 35) if k[n] > k[n - 1] and k[n] >= k[n + 1] and k[n] > 0.25 * k.max()]
    for one, other in pairwise(tops):
        if other - one <= 8:
            assert k[one:other].min() >= VALLEYS * min(k[one], k[other]), (key, one, other)


def test_the_table_is_what_the_fit_makes_of_the_ranges_and_shapes() -> None:
    assert digest() == FITTED_FROM, "run `make pigments`"
