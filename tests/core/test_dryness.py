"""One report corrects how long the next wash takes to dry."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.core.test_half_painted import planned
from washboard.core.log.event import Event, EventKind
from washboard.core.log.happened import happened
from washboard.core.planning.replan import replanned
from washboard.core.surface.replay import refusals_of
from washboard.core.time.dryness import Report, pace_from


def test_without_a_report_the_room_alone_counts() -> None:
    assert pace_from([]) == pytest.approx(1.0, abs=0.01)
    assert pace_from([], room=1.6) == pytest.approx(1.6, abs=0.03)


def test_one_report_halves_the_error_on_the_next_wash() -> None:
    dice = np.random.default_rng(7)
    before, after = [], []
    for _ in range(400):
        own = dice.normal(0, 0.4)
        seen, coming = np.exp(own + dice.normal(0, 0.1, 2))
        before.append(abs(np.log(coming)))
        after.append(abs(np.log(coming) - np.log(pace_from([Report(dry=float(seen) * 1.05)]))))
    assert np.mean(after) <= 0.5 * np.mean(before)


def test_still_wet_then_dry_says_more_than_dry_alone() -> None:
    assert pace_from([Report(wet=1.5)]) > 1.2
    assert pace_from([Report(wet=1.5, dry=1.8)]) == pytest.approx(1.5, abs=0.15)
    assert pace_from([Report(dry=0.6)]) < 0.8


@given(st.lists(st.tuples(st.floats(0.05, 20), st.floats(1.0, 3.0)), max_size=8))
def test_any_reports_give_a_pace_that_can_be(reports: list[tuple[float, float]]) -> None:
    pace = pace_from([Report(wet, wet * more) for wet, more in reports])
    assert 0.1 < pace < 8


def test_a_wash_that_stays_wet_makes_the_next_waits_longer_and_the_judge_agrees() -> None:
    plan = planned("watercolour", 5).plan
    first = plan.passes[0]
    done = Event("1", first.lasts, EventKind.PASS_DONE, first.id)
    wet = Event("2", first.lasts + 45, EventKind.STILL_WET)
    dry = Event("3", first.lasts + 55, EventKind.DRY)
    slow = replanned(plan, happened(plan, [done, wet, dry])).plan
    usual = replanned(plan, happened(plan, [done])).plan
    assert sum(p.wait for p in slow.passes) > 1.3 * sum(p.wait for p in usual.passes)
    assert refusals_of(slow) == ()
