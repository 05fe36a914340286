"""Calendars are read as times to paint, whatever is in them, and sittings are written as one."""

from __future__ import annotations

from contextlib import suppress
from datetime import UTC, datetime, timedelta
from zoneinfo import ZoneInfo

import icalendar
import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.formats.calendar import MOST_WINDOWS, Entry, every_day, free_from, written

BERLIN = ZoneInfo("Europe/Berlin")
BEGIN = datetime(2026, 12, 1, 9, 0, tzinfo=BERLIN)


def calendar(*events: str) -> bytes:
    body = "".join(f"BEGIN:VEVENT\nUID:{k}\n{event}\nEND:VEVENT\n" for k, event in enumerate(events))
    return f"BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//x//EN\n{body}END:VCALENDAR\n".replace(
        "\n", "\r\n"
    ).encode()


def test_entries_become_windows_in_order_and_those_that_overlap_one() -> None:
    free = free_from(
        calendar(
            "DTSTART:20261203T180000Z\nDTEND:20261203T200000Z",
            "DTSTART:20261202T180000Z\nDTEND:20261202T200000Z",
            "DTSTART:20261202T193000Z\nDTEND:20261202T210000Z",
            "DTSTART:20261101T193000Z\nDTEND:20261101T210000Z",
        ),
        BEGIN,
    )
    assert [(s.astimezone(UTC).isoformat(), (e - s).seconds // 60) for s, e in free.spans] == [
        ("2026-12-02T18:00:00+00:00", 180),
        ("2026-12-03T18:00:00+00:00", 120),
    ]
    assert free.joined == 1


def test_a_window_that_has_begun_is_cut_at_the_beginning() -> None:
    free = free_from(calendar("DTSTART:20261201T070000Z\nDTEND:20261201T100000Z"), BEGIN)
    assert free.spans[0] == (BEGIN, datetime(2026, 12, 1, 10, 0, tzinfo=UTC))


def test_a_time_without_a_zone_is_the_painters_and_evenings_stay_evenings_when_the_clock_changes() -> None:
    begin = datetime(2027, 3, 22, 8, 0, tzinfo=BERLIN)
    event = "DTSTART:20270323T190000\nDTEND:20270323T210000\nRRULE:FREQ=WEEKLY"
    spans = free_from(calendar(event), begin).spans
    assert [start.astimezone(BERLIN).hour for start, _ in spans[:3]] == [19, 19, 19]
    assert [start.astimezone(UTC).hour for start, _ in spans[:2]] == [18, 17]
    elsewhere = "DTSTART;TZID=America/New_York:20270323T190000\nDTEND;TZID=America/New_York:20270323T210000"
    assert free_from(calendar(elsewhere), begin).spans[0][0].astimezone(UTC).hour == 23


def test_what_repeats_for_ever_and_a_thousand_entries_are_bounded() -> None:
    for_ever = calendar("DTSTART:20261201T180000Z\nDTEND:20261201T200000Z\nRRULE:FREQ=DAILY")
    assert len(free_from(for_ever, BEGIN).spans) == MOST_WINDOWS
    start = datetime(2026, 12, 2, 6, tzinfo=UTC)
    many = [f"DTSTART:{start + timedelta(hours=2 * k):%Y%m%dT%H%M%SZ}\nDURATION:PT1H" for k in range(1000)]
    assert len(free_from(calendar(*many), BEGIN).spans) == MOST_WINDOWS


def test_whole_days_are_left_out_and_a_calendar_without_a_window_is_refused() -> None:
    day = "DTSTART;VALUE=DATE:20261205\nDTEND;VALUE=DATE:20261206"
    evening = "DTSTART:20261206T180000Z\nDTEND:20261206T200000Z"
    free = free_from(calendar(day, evening), BEGIN)
    assert (len(free.spans), free.left_out) == (1, 1)
    for empty in (calendar(), calendar(day), calendar("DTSTART:20201206T180000Z\nDTEND:20201206T200000Z")):
        with refuses(InvalidInput, "no time to paint"):
            free_from(empty, BEGIN)


@pytest.mark.parametrize(
    "broken",
    [
        b"",
        b"\xff\xfe",
        b"BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n",
        b"BEGIN:VEVENT\r\nEND:VEVENT\r\n",
        b"{}",
        b"x" * 5_000_000,
    ],
)
def test_what_is_no_calendar_is_refused_in_a_sentence(broken: bytes) -> None:
    with refuses(InvalidInput, "nothing was"):
        free_from(broken, BEGIN)


@given(st.binary(max_size=400))
def test_bytes_of_any_kind_are_read_or_refused(data: bytes) -> None:
    good = calendar("DTSTART:20261206T180000Z\nDTEND:20261206T200000Z\nRRULE:FREQ=DAILY;COUNT=3")
    at = len(good) // 2
    for mangled in (data, good[:at] + data + good[at:]):
        with suppress(InvalidInput):
            assert free_from(mangled, BEGIN).spans


def test_what_is_written_is_read_back_to_the_minute() -> None:
    start = datetime(2026, 12, 6, 18, 15, tzinfo=UTC)
    entries = [
        Entry(
            f"{k}@washboard",
            start + timedelta(days=k),
            start + timedelta(days=k, minutes=95),
            "Jetty; noon, 2",
            "a\nb",
        )
        for k in range(3)
    ]
    data = written(entries, BEGIN)
    assert list(free_from(data, BEGIN).spans) == [(e.start, e.end) for e in entries]
    events = icalendar.Calendar.from_ical(data).walk("VEVENT")
    assert [str(e["SUMMARY"]) for e in events] == ["Jetty; noon, 2"] * 3
    assert written(entries, BEGIN) == data


def test_without_a_calendar_the_same_hours_are_assumed_every_day_by_the_clock_on_the_wall() -> None:
    spans = every_day(datetime(2027, 3, 27, 19, 0, tzinfo=BERLIN), 2.0, 3).spans
    assert [start.astimezone(BERLIN).hour for start, _ in spans] == [19, 19, 19]
    assert [start.astimezone(UTC).hour for start, _ in spans] == [18, 17, 17]
