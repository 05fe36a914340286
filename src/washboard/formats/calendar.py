"""Calendars in iCalendar (RFC 5545): when the painter has time is read, sittings are written."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import UTC, datetime, timedelta, tzinfo
from typing import Any

import icalendar
import recurring_ical_events

from ..core.errors import InvalidInput

MOST_BYTES = 4 * 2**20
MOST_ENTRIES, MOST_REPEATING, MOST_WINDOWS = 20_000, 200, 300
"""Entries of a file, those of them that repeat, and windows that are taken from it."""
STEP, AHEAD = timedelta(days=60), timedelta(days=730)
"""How far ahead entries are looked for at once, and at all."""
LONGEST = timedelta(hours=16)
"""A window that is longer is no time for painting but a day off or a journey."""

Span = tuple[datetime, datetime]


@dataclass(frozen=True)
class Free:
    """Times that a painter has, in order and apart; and how many entries were joined since they overlap, and
    left out since they last a day or longer."""

    spans: tuple[Span, ...]
    joined: int = 0
    left_out: int = 0


@dataclass(frozen=True)
class Entry:
    """Something to be written into a calendar."""

    uid: str
    start: datetime
    end: datetime
    words: str
    about: str


def free_from(data: bytes, begin: datetime) -> Free:
    """The windows of a calendar from `begin`, an instant with its zone, on: every entry is time to paint.

    Times without a zone are taken in that of `begin`; entries that repeat for ever are followed for two
    years at the most. Raises InvalidInput for what is no calendar, is too large, or holds no window.
    """
    calendar = _parsed(data)
    entries = calendar.walk("VEVENT")
    repeating = sum(1 for entry in entries if "RRULE" in entry or "RDATE" in entry)
    if len(entries) > MOST_ENTRIES or repeating > MOST_REPEATING:
        raise InvalidInput("refused-calendar-entries", most=MOST_ENTRIES, repeating=MOST_REPEATING)
    zone = begin.tzinfo or UTC
    found, left_out = _expanded(calendar, begin, zone)
    spans, overlapped = joined(found)
    spans = [(max(start, begin), end) for start, end in spans if end > begin]
    if not spans:
        raise InvalidInput("refused-calendar-empty", begin=begin.isoformat(timespec="minutes"))
    return Free(tuple(spans[:MOST_WINDOWS]), overlapped, left_out)


def _parsed(data: bytes) -> icalendar.Calendar:
    if len(data) > MOST_BYTES:
        raise InvalidInput("refused-calendar-size", most=MOST_BYTES >> 20)
    try:
        parsed = icalendar.Calendar.from_ical(data)
    except (ValueError, KeyError, IndexError, TypeError, AttributeError, RecursionError) as error:
        raise InvalidInput("refused-calendar-broken", fault=str(error)[:80] or type(error).__name__) from None
    if not isinstance(parsed, icalendar.Calendar):
        raise InvalidInput("refused-calendar-broken", fault="no VCALENDAR")
    return parsed


def _expanded(calendar: icalendar.Calendar, begin: datetime, zone: tzinfo) -> tuple[list[Span], int]:
    """Every occurrence as a span, and how many entries last a day or longer."""
    found: list[Span] = []
    long = 0
    try:
        query = recurring_ical_events.of(calendar, skip_bad_series=True)
        at = begin
        while at < begin + AHEAD and len(found) < MOST_WINDOWS:
            for entry in query.between(at, at + STEP):
                span = _span(entry, zone)
                if span is None:
                    long += 1
                elif span not in found and span[0] < span[1]:
                    found.append(span)
            at += STEP
    except (ValueError, KeyError, TypeError, AttributeError, OverflowError, RecursionError) as error:
        raise InvalidInput("refused-calendar-broken", fault=str(error)[:80] or type(error).__name__) from None
    return sorted(found), long


def _span(entry: Any, zone: tzinfo) -> Span | None:
    start, end = entry.start, entry.end
    if not isinstance(start, datetime) or not isinstance(end, datetime):
        return None
    span = _aware(start, zone), _aware(end, zone)
    return span if span[1] - span[0] <= LONGEST else None


def _aware(when: datetime, zone: tzinfo) -> datetime:
    return when if when.tzinfo else when.replace(tzinfo=zone)


def joined(spans: Sequence[Span]) -> tuple[list[Span], int]:
    """Spans, given in order, with those that overlap or meet as one, and how many were joined."""
    kept: list[Span] = []
    for start, end in spans:
        if kept and start <= kept[-1][1]:
            kept[-1] = kept[-1][0], max(end, kept[-1][1])
        else:
            kept.append((start, end))
    return kept, len(spans) - len(kept)


def every_day(begin: datetime, hours: float, days: int) -> Free:
    """The same hours on so many days, by the clock on the wall: assumed where no calendar is given."""
    spans = []
    for k in range(days):
        start = begin + timedelta(days=k)
        spans.append((start, start + timedelta(hours=hours)))
    return Free(tuple(spans))


def written(entries: Sequence[Entry], made: datetime) -> bytes:
    """Entries as an iCalendar file, `made` at an instant."""
    calendar = icalendar.Calendar()
    calendar.add("prodid", "-//Washboard//Sittings//EN")
    calendar.add("version", "2.0")
    for entry in entries:
        event = icalendar.Event()
        event.add("uid", entry.uid)
        event.add("dtstamp", made.astimezone(UTC))
        event.add("dtstart", entry.start.astimezone(UTC))
        event.add("dtend", entry.end.astimezone(UTC))
        event.add("summary", entry.words)
        event.add("description", entry.about)
        calendar.add_component(event)
    return bytes(calendar.to_ical())


__all__ = ["Entry", "Free", "every_day", "free_from", "joined", "written"]
