"""Free hours as a painter types them: "Tuesdays 19-21, Saturday mornings"."""

from __future__ import annotations

import re
from datetime import datetime, time, timedelta

from ..core.errors import InvalidInput
from .calendar import Free, joined

DAYS = ("monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday")
SETS = {"every day": range(7), "daily": range(7), "weekdays": range(5), "weekends": range(5, 7)}
PARTS = {"morning": (9.0, 12.0), "afternoon": (14.0, 17.0), "evening": (19.0, 21.0)}
"""Hours of parts of a day. Guesses."""
MOST_WORDS, AHEAD = 400, timedelta(days=400)
CLOCK = re.compile(r"(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to|until)\s*(\d{1,2})(?:[:.](\d{2}))?$")


def weekly(words: str) -> tuple[tuple[int, float, float], ...]:
    """Weekday (0 is Monday) and hours from and to of every window of a week, in order.

    Raises InvalidInput naming the part that is not understood.
    """
    if len(words) > MOST_WORDS:
        raise InvalidInput("refused-hours", part=words[:30])
    found = set()
    for part in (p.strip().lower() for p in re.split(r"[,;\n]+|\band\b", words)):
        if part:
            days, rest = _days(part)
            start, end = _span(rest, part)
            found |= {(day, start, end) for day in days}
    if not found:
        raise InvalidInput("refused-hours-none")
    return tuple(sorted(found))


def _days(part: str) -> tuple[tuple[int, ...], str]:
    for name, days in SETS.items():
        if part.startswith(name):
            return tuple(days), part[len(name) :].strip()
    for k, name in enumerate(DAYS):
        match = re.match(rf"(?:on )?{name[:3]}(?:{name[3:]})?s?\b", part)
        if match:
            return (k,), part[match.end() :].strip()
    raise InvalidInput("refused-hours", part=part[:30])


def _span(rest: str, part: str) -> tuple[float, float]:
    named = rest.rstrip("s")
    if named in PARTS:
        return PARTS[named]
    match = CLOCK.match(rest)
    if match:
        hour, minute, to_hour, to_minute = (int(group or 0) for group in match.groups())
        start, end = hour + minute / 60, to_hour + to_minute / 60
        if start < end <= 24 and minute < 60 and to_minute < 60:
            return start, end
    raise InvalidInput("refused-hours", part=part[:30])


def free_in(words: str, begin: datetime) -> Free:
    """The windows to come from `begin`, an instant with its zone, by the clock on the wall."""
    week, spans = weekly(words), []
    day = begin.replace(hour=0, minute=0, second=0, microsecond=0)
    while day < begin + AHEAD:
        for weekday, start, end in week:
            if day.weekday() == weekday:
                one, other = (_at(day, hours) for hours in (start, end))
                if other > begin:
                    spans.append((max(one, begin), other))
        day = (day + timedelta(days=1)).replace(hour=0)
    return Free(tuple(joined(sorted(spans))[0]))


def _at(day: datetime, hours: float) -> datetime:
    minutes = round(hours * 60)
    if minutes >= 24 * 60:
        return day + timedelta(days=1)
    return datetime.combine(day.date(), time(minutes // 60, minutes % 60), day.tzinfo)
