"""Free hours as they are typed."""

from __future__ import annotations

from contextlib import suppress
from datetime import UTC, datetime
from zoneinfo import ZoneInfo

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.formats.hours import free_in, weekly

BEGIN = datetime(2026, 12, 1, 12, 0, tzinfo=ZoneInfo("Europe/Berlin"))


@pytest.mark.parametrize(
    ("words", "week"),
    [
        ("Tuesdays 19-21, Saturday mornings", ((1, 19, 21), (5, 9, 12))),
        ("tue 19:30 – 21:00", ((1, 19.5, 21),)),
        ("Sunday afternoon and Monday evening", ((0, 19, 21), (6, 14, 17))),
        ("weekends 9 to 12", ((5, 9, 12), (6, 9, 12))),
        ("every day 20-24", tuple((k, 20, 24) for k in range(7))),
    ],
)
def test_hours_are_read_as_they_are_said(words: str, week: tuple[tuple[int, float, float], ...]) -> None:
    assert weekly(words) == week


WRONG = ["", " , ", "sometimes", "Tuesdays", "Tuesdays 21-19", "Tuesdays 19-26", "x" * 500]


@pytest.mark.parametrize("words", WRONG)
def test_what_is_not_understood_is_named(words: str) -> None:
    with refuses(InvalidInput, "hours"):
        weekly(words)


def test_windows_begin_now_and_stay_at_their_hour_when_the_clock_changes() -> None:
    spans = free_in("Tuesdays 11-13, Tuesdays 19-21", BEGIN).spans
    assert spans[0][0] == BEGIN
    assert {start.hour for start, _ in spans[1:]} == {11, 19}
    assert {start.astimezone(UTC).hour for start, _ in spans if start.hour == 19} == {17, 18}


@given(st.text(max_size=60))
def test_any_text_is_read_or_refused(words: str) -> None:
    with suppress(InvalidInput):
        assert all(0 <= day < 7 and 0 <= start < end <= 24 for day, start, end in weekly(words))
