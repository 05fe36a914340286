"""Pastel: sticks over each other against a check of every pair, grain, amounts, and wet meetings."""

from __future__ import annotations

from dataclasses import replace
from itertools import combinations, permutations, product

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from washboard.core.colour.lab import difference, value_of_lab
from washboard.core.colour.spectra import BANDS, grey_of_value, lab_of_spectrum
from washboard.core.materials.paints import PAINTS
from washboard.core.materials.sticks import STICKS, Hardness
from washboard.core.mixing.mixture import mixing_model_of
from washboard.core.mixing.sticks import sticks_for
from washboard.core.optics.grain import PRESSURES, blended, fixed, laid, rubbed, tooth_left
from washboard.core.optics.vehicle import vehicle_of
from washboard.core.recipe.amounts import RESERVE, amount_of
from washboard.core.recipe.board import board_of
from washboard.core.recipe.meeting import meeting_of
from washboard.demo.pieces import DRY_FLATS, reference_bytes
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject

SHARE = st.floats(0.0, 1.0)


def test_the_set_has_enough_sticks_from_dark_to_light_in_every_colour() -> None:
    assert len(STICKS) >= 90
    assert {stick.hardness for stick in STICKS.values()} == set(Hardness)
    for key in {stick.pigment for stick in STICKS.values()}:
        values = [float(value_of_lab(s.strong)) for s in STICKS.values() if s.pigment == key]
        assert values == sorted(values)
        assert values[-1] > 8.2
    for one, other in combinations(STICKS.values(), 2):
        assert float(difference(one.strong, other.strong)) > 0.4, (one.key, other.key)


@given(SHARE, SHARE, SHARE)
def test_grain_covers_what_it_should_and_no_more(one: float, other: float, cover: float) -> None:
    stick, ground = np.full(BANDS, 0.02 + 0.9 * one), np.full(BANDS, 0.02 + 0.9 * other)
    assert laid(stick, 0.0, ground) == pytest.approx(ground)
    assert laid(stick, 1.0, ground) == pytest.approx(stick)
    mixed = laid(stick, cover, ground)
    assert (mixed <= np.maximum(stick, ground) + 1e-9).all()
    assert (mixed >= np.minimum(stick, ground) - 1e-9).all()
    assert (mixed <= blended(stick, ground, cover) + 1e-9).all(), "light that wanders darkens dots"


def test_a_finger_evens_out_and_hides_more_and_fixative_dulls_and_gives_tooth_back() -> None:
    sticks = [STICKS["orange-full"].reflectance, STICKS["ultramarine-deep"].reflectance]
    black = grey_of_value(2.5)
    smooth, grainy = rubbed(sticks[:1], [0.6], black), laid(sticks[0], 0.6, black)
    orange = STICKS["orange-full"].strong
    off = [float(difference(lab_of_spectrum(reflectance), orange)) for reflectance in (smooth, grainy)]
    assert off[0] < off[1], "less of the ground shows"
    assert rubbed(sticks, [0.85, 0.85], black) == pytest.approx(sticks[1]), "firm and rubbed, it hides"
    values = np.array([0.5, 2.5, 5.0, 7.5, 9.8])
    reflectances = np.stack([grey_of_value(v) for v in values])
    falls = values - value_of_lab(lab_of_spectrum(fixed(reflectances)))
    assert falls == pytest.approx(0.4 * 4 * values * (10 - values) / 100, abs=0.02)
    assert (falls[1:4] > 0.29).all()
    assert (falls <= 0.5).all()
    left = [tooth_left([0.6] * k) for k in range(6)]
    assert left == sorted(left, reverse=True)
    assert (left[0], left[4]) == (1.0, 0.0)
    assert tooth_left([0.6] * 3, sprayed=1) > left[3]


def test_a_bright_stick_reads_louder_on_black_than_on_grey() -> None:
    stick = STICKS["orange-full"]
    louder = [
        float(value_of_lab(lab_of_spectrum(laid(stick.reflectance, 0.85, grey_of_value(v)))) - v)
        for v in (2.5, 5.5)
    ]
    assert louder[0] > louder[1] + 1


def test_the_best_pair_of_sticks_is_found_of_all_there_are() -> None:
    some = [s for s in STICKS.values() if s.pigment in ("ochre", "ultramarine", "rose", "slate")]
    ground = grey_of_value(4.0)
    dice = np.random.default_rng(3)
    for _ in range(4):
        target = (dice.uniform(25, 85), dice.normal(0, 18), dice.normal(5, 18))
        best = min(
            float(
                difference(
                    lab_of_spectrum(laid(b.reflectance, d, laid(a.reflectance, c, ground))), np.array(target)
                )
            )
            for a, b in permutations(some, 2)
            for c, d in product(PRESSURES.values(), repeat=2)
        )
        found = sticks_for(some, ground, target)
        assert min(r.delta_e for r in found) <= best + 0.05
        for recipe in found:
            reflectance = ground
            for k, cover in zip(recipe.paints, recipe.parts, strict=True):
                reflectance = laid(some[k].reflectance, cover, reflectance)
            assert lab_of_spectrum(reflectance) == pytest.approx(recipe.lab, abs=1e-3)


@given(st.floats(0.1, 5000), st.floats(0.001, 2.0), st.integers(1, 3))
def test_a_wash_is_never_mixed_short(area: float, thickness: float, layers: int) -> None:
    wash = amount_of(area, thickness, layers, transparent=True)
    assert wash.at_once >= 0.01 * area * RESERVE - 1e-9
    assert wash.mixed == pytest.approx(layers * wash.at_once)
    assert amount_of(100.0, 1.0, 1, transparent=True).at_once == pytest.approx(1.25)
    coat = amount_of(area, thickness, layers, transparent=False)
    assert coat.mixed >= 0.005 * area * thickness * RESERVE - 1e-9
    assert coat.peas == pytest.approx(coat.paint / 0.25)


def test_a_yellow_and_a_blue_that_meet_wet_go_green_and_a_rose_between_them_does_not() -> None:
    keys = ("warm-yellow", "ultramarine", "rose", "phthalo-blue")
    bench = mixing_model_of([PAINTS[k] for k in keys], vehicle_of("watercolour"), grey_of_value(9.5))
    yellow, blue = np.array([0.1, 0, 0, 0]), np.array([0, 0.2, 0, 0])
    met = meeting_of(bench, yellow, blue)
    assert met.fault == "green"
    assert met.through is not None
    assert keys[met.through] == "rose"
    assert met.cleaner is not None
    assert met.cleaner[0] == pytest.approx(met.labs[0])
    assert met.cleaner[-1] == pytest.approx(met.labs[-1])
    same = meeting_of(bench, blue, 2 * blue)
    assert (same.fault, same.through) == ("", None)
    sharp = meeting_of(bench, yellow, np.array([0, 0, 0, 0.03]))
    assert (sharp.fault, sharp.through) == ("green", None), "no touch saves a yellow beside phthalo blue"


def test_a_sky_from_gold_to_blue_takes_two_mixtures_that_go_grey_between_unless_a_red_keeps_them_clean() -> (
    None
):
    settings = DRY_FLATS.settings
    photo = Subject.photo("flats", lambda: reference_bytes(DRY_FLATS), settings)
    worked = Stages().result(photo).worked
    stopped = board_of(worked, settings.paints)
    sky = max(worked.plan.masses, key=lambda m: m.share)
    own = [pile for pile in stopped.piles if sky.id in pile.masses]
    assert [pile.end for pile in own] == ["light", "between", "dark"]
    assert len(sky.target_stops) >= 3
    # Without the mixture between them the two ends run into each other.
    straight = tuple(replace(mass, target_stops=()) for mass in worked.plan.masses)
    board = board_of(replace(worked, plan=replace(worked.plan, masses=straight)), settings.paints)
    ends = {pile.end: k for k, pile in enumerate(board.piles) if sky.id in pile.masses}
    assert set(ends) == {"light", "dark"}
    light, dark = (board.piles[ends[end]] for end in ("light", "dark"))
    assert light.target[2] > 20 > -10 > dark.target[2], "gold, and blue"
    assert light.amount.mixed > 10 * min(pile.amount.mixed for pile in board.piles)
    (met,) = [m for m in board.meetings if {m.one, m.other} == {ends["light"], ends["dark"]}]
    assert met.meeting.fault == "grey"
    assert met.meeting.cleaner is not None
    chroma = [float(np.hypot(*labs[5, 1:])) for labs in (met.meeting.labs, met.meeting.cleaner)]
    assert chroma[1] > 2 * chroma[0]
