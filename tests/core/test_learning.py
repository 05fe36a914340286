"""What is learnt of painters who were made up: how near it comes, what its spread is worth, what moves it."""

from __future__ import annotations

import math
from collections.abc import Callable

import numpy as np
import pytest

from washboard.core.estimate import Estimate
from washboard.core.learning.bias import BANDS, Came, Seen, band_of, biases, warmth
from washboard.core.learning.evidence import paces_of, wastes_of
from washboard.core.learning.offers import Evidence, Learnt, lessons
from washboard.core.learning.ratio import ratio_of, ratios_of
from washboard.core.log.event import Event, EventKind
from washboard.core.time.dryness import Report, drying_from

PAINTERS = 250
Dice = np.random.Generator


def rms(off: list[float]) -> float:
    return float(np.sqrt(np.mean(np.square(off))))


def covered(found: list[tuple[Estimate, float]]) -> float:
    return float(np.mean([low <= true <= high for own, true in found for low, high in [own.between]]))


def test_the_pace_of_a_tool_is_half_known_after_three_washes_and_other_tools_tell_of_it() -> None:
    dice = np.random.default_rng(1)
    found = []
    for _ in range(PAINTERS):
        common = dice.normal(0, 0.3)
        own = common + dice.normal(0, 0.18)
        times = {
            f"other {k}": np.exp(common + dice.normal(0, 0.18) + dice.normal(0, 0.35, 2)) for k in range(4)
        }
        times["own"] = np.exp(own + dice.normal(0, 0.35, 3))
        found.append((ratios_of({name: ratios.tolist() for name, ratios in times.items()})["own"], own))
    assert rms([own.mean - true for own, true in found]) <= 0.5 * math.hypot(0.3, 0.18)
    assert 0.74 <= covered(found) <= 0.88


def test_an_interruption_that_nobody_logged_moves_the_pace_by_less_than_a_tenth() -> None:
    dice = np.random.default_rng(2)
    moved = []
    for _ in range(PAINTERS):
        pace = dice.normal(0, 0.3)
        times = np.exp(pace + dice.normal(0, 0.35, 4))
        without = ratio_of(times.tolist()).mean
        moved.append(abs(ratio_of([*times.tolist(), 6 * math.exp(pace)]).mean - without))
    assert np.quantile(moved, 0.99) < 0.1


def test_drying_is_half_known_after_two_reports() -> None:
    dice = np.random.default_rng(3)
    found = []
    for _ in range(PAINTERS):
        pace = dice.normal(0, 0.4)
        reports = []
        for _ in range(2):
            dries = math.exp(pace + dice.normal(0, 0.25))
            reports.append(Report(dries * dice.uniform(0.5, 1), dries * dice.uniform(1, 1.3)))
        found.append((drying_from(reports), pace))
    assert rms([own.mean - true for own, true in found]) <= 0.2
    assert 0.74 <= covered(found) <= 0.88


def painted(dice: Dice, bias: Callable[[float], float], masses: int = 14) -> Seen:
    day = dice.normal(0, 0.15)
    values = dice.uniform(1.5, 9.3, masses).tolist()
    return Seen(tuple(Came(value, bias(value) + day + dice.normal(0, 0.35)) for value in values))


def drawn_bias(dice: Dice) -> Callable[[float], float]:
    level, slope, own = dice.normal(0, 0.3), dice.normal(0, 0.3), dice.normal(0, 0.15, len(BANDS))
    return lambda value: float(level + slope * (5 - value) / 5 + own[band_of(value)])


def test_bias_is_half_known_after_two_paintings_and_few_offers_are_needless() -> None:
    dice = np.random.default_rng(4)
    found, offers = [], []
    usual = []
    for _ in range(PAINTERS):
        bias = drawn_bias(dice)
        known = Evidence({}, {}, [painted(dice, bias) for _ in range(2)], [])
        places = dict(BANDS)
        for lesson in lessons("watercolour", known):
            if lesson.kind is not Learnt.BIAS:
                continue
            true = bias(places[lesson.scope])
            found.append((lesson.estimate, true))
            usual.append(true)
            if lesson.offered:
                offers.append(true * np.sign(lesson.estimate.mean))
    assert rms([own.mean - true for own, true in found]) <= 0.5 * rms(usual)
    assert 0.74 <= covered(found) <= 0.88
    assert len(offers) > 50
    assert np.mean(np.array(offers) < 0.1) <= 0.03


def test_one_absurd_painting_among_three_teaches_nothing() -> None:
    dice = np.random.default_rng(5)
    bias = drawn_bias(dice)
    two = [painted(dice, bias), painted(dice, bias)]
    absurd = Seen(tuple(Came(one.planned, one.off + 4) for one in painted(dice, bias).masses))
    with_it, without = biases([*two, absurd]), biases(two)
    assert all(abs(with_it[band].mean - without[band].mean) < 0.1 for band in without)


def test_nothing_is_offered_to_a_painter_who_paints_as_planned() -> None:
    known = Evidence(
        {"large": [1.0, 1.02, 0.98, 1.0]},
        {"white": [Report(0.9, 1.1), Report(0.95, 1.05)]},
        [Seen(tuple(Came(value, 0.02) for value in (2.0, 4.0, 6.0, 9.0)))] * 3,
        [1.0, 1.0, 1.1],
    )
    found = lessons("oil", known)
    assert {lesson.kind for lesson in found} == {*Learnt}
    assert not any(lesson.offered for lesson in found)


def test_warmth_is_told_from_the_middle_mass_of_each_painting() -> None:
    warm = [Seen(tuple(Came(5.0, 0.0, warm) for warm in (5.0, 6.0, 40.0)))] * 3
    found = warmth(warm)
    assert found is not None
    assert found.mean == pytest.approx(6.0 * (3 / 9) / (3 / 9 + 1 / 16))
    assert warmth([]) is None


def test_mixtures_that_are_logged_are_compared_with_what_was_planned_for_their_pass() -> None:
    def mixed(done: str, ml: float | None) -> Event:
        return Event(f"{done} {ml}", 0.0, EventKind.MIXTURE, done, value=ml)

    events = [mixed("p1", 2.0), mixed("p1", 1.0), mixed("p2", 5.0), mixed("p3", 1.0), mixed("p2", None)]
    assert wastes_of(events, {"p1": 2.0, "p2": 4.0}) == [1.5, 1.25]


def test_minutes_of_passes_are_told_by_what_they_are_painted_with() -> None:
    from tests.core.test_review import PIECES, piece

    plan = piece(*PIECES[0])[0].plan
    first = plan.passes[0]
    began = Event("a", 0.0, EventKind.PASS_BEGUN, first.id)
    ended = Event("b", 2 * first.lasts, EventKind.PASS_DONE, first.id)
    ((tool, ratios),) = paces_of(plan, [began, ended]).items()
    assert tool in ("large", "middle", "fine")
    assert ratios == [pytest.approx(2.0)]
    # A plan that was made for a slow hand tells of that hand as well.
    assert paces_of(plan, [began, ended], pace=1.5)[tool] == [pytest.approx(3.0)]
