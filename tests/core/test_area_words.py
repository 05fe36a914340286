"""Divisions of areas, and what is said of areas and cannot be."""

from __future__ import annotations

from itertools import combinations, product

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_areas import tree
from washboard.core.areas.area_map import PROPOSED, area_map
from washboard.core.areas.corrections import MOST_STROKES, AreaFamily, Corrections, Family, Stroke
from washboard.core.cut import least_cut
from washboard.core.errors import InvalidInput
from washboard.core.reference.place import Anchor


def test_a_cut_is_the_cheapest_of_all_divisions() -> None:
    dice = np.random.default_rng(5)
    for _ in range(30):
        count = 8
        pairs = [(a, b) for a, b in combinations(range(count), 2) if dice.random() < 0.5]
        first, second = (np.array(side, np.intp) for side in zip(*pairs, strict=True))
        between, leave, take = dice.uniform(0, 9, len(pairs)), *dice.uniform(0, 9, (2, count))

        def price(taken: np.ndarray, f=first, s=second, b=between, le=leave, ta=take) -> float:  # type: ignore[no-untyped-def]
            return float(b[taken[f] != taken[s]].sum() + le[~taken].sum() + ta[taken].sum())

        found = price(least_cut(first, second, between, leave, take))
        best = min(price(np.array(choice)) for choice in product((False, True), repeat=count))
        assert found == pytest.approx(best, abs=0.05)


@settings(max_examples=40, deadline=None, derandomize=True)
@given(st.lists(st.lists(st.tuples(st.floats(0, 1), st.floats(0, 1)), min_size=1, max_size=6), max_size=8))
def test_whatever_is_drawn_every_pixel_stays_in_one_area(lines: list[list[tuple[float, float]]]) -> None:
    strokes = [Stroke(tuple(line)) for line in lines]
    shape = tree("cup").superpixels.labels.shape
    labels = area_map(tree("cup"), strokes, shape)
    assert labels.min() >= 1
    assert labels.max() <= PROPOSED + len(strokes)


@pytest.mark.parametrize(
    "words",
    [
        Corrections(strokes=(Stroke(()),)),
        Corrections(strokes=(Stroke(((0.5, 1.2),)),)),
        Corrections(strokes=(Stroke(tuple((0.5, 0.5) for _ in range(500))),)),
        Corrections(strokes=(Stroke(((0.5, 0.5),)),) * (MOST_STROKES + 1)),
        Corrections(names=(Anchor(0.5, 0.5, "  "),)),
        Corrections(names=(Anchor(-0.1, 0.5, "gate"),)),
        Corrections(families=(AreaFamily(0.5, float("nan"), Family.LIGHT),)),
        Corrections(depths=((2.0, 0.5),)),
    ],
)
def test_words_that_cannot_be_are_refused(words: Corrections) -> None:
    with pytest.raises(InvalidInput):
        words.checked()
    assert Corrections().checked() == Corrections()
