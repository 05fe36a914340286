"""Plans laid into a painter's calendar: instants outside, minutes inside."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import UTC, datetime, timedelta, tzinfo
from typing import Any

from ..core.colour.lab import lightness_of_value
from ..core.errors import InvalidInput
from ..core.plan.plan import Plan
from ..core.reference.mass import Lab
from ..core.sentence import Sentence, sentence
from ..core.sittings.chain import GROUND, chain_of
from ..core.sittings.greedy import soonest
from ..core.sittings.readying import readying
from ..core.sittings.schedule import Schedule, schedule
from ..core.sittings.short import Shortage, shortage_of
from ..core.sittings.sitting import Sitting, sittings_of, waiting_in
from ..core.sittings.work import Problem, Window
from ..formats.calendar import Entry, Free
from ..words import About, speaker

SPARE = 7 * 24 * 60
"""Minutes after the quick answer's end in which windows may still be used: fewer sittings may end later."""
MOST_PLANS = 12


@dataclass(frozen=True)
class Given:
    """A plan under the name it is told by; passes `done` are left out."""

    name: str
    plan: Plan
    done: tuple[str, ...] = ()


class NoRoom(InvalidInput):
    """The passes do not fit the windows; the message says which is short and what would help."""

    code = "no-room"


@dataclass(frozen=True)
class Scheduled:
    """Sittings of some plans: minutes from `origin`."""

    problem: Problem
    found: Schedule
    sittings: tuple[Sitting, ...]
    origin: datetime
    zone: tzinfo

    def at(self, minute: int) -> datetime:
        """The instant of a minute, in the calendar's zone."""
        return (self.origin + timedelta(minutes=minute)).astimezone(self.zone)


def scheduled(given: Sequence[Given], free: Free, begin: datetime, set_up: int | None = None) -> Scheduled:
    """The sittings of plans in the windows that are free from an instant on.

    Raises InvalidInput for none or too many plans and for two of one name; NoRoom where they do not fit.
    """
    names = [one.name for one in given]
    if not 1 <= len(given) <= MOST_PLANS:
        raise InvalidInput("refused-sittings-plans", most=MOST_PLANS, number=len(given))
    if len(set(names)) < len(names):
        raise InvalidInput("refused-sittings-twice", name=max(names, key=names.count))
    origin = begin.astimezone(UTC).replace(second=0, microsecond=0)
    windows = tuple(Window(_minutes(origin, start), _minutes(origin, end)) for start, end in free.spans)
    windows = tuple(w for w in windows if w.start < w.end)
    chains = tuple(chain_of(one.plan, one.name, one.done) for one in given)
    problem = Problem(tuple(c for c in chains if c.segments), windows, readying(set_up))
    first = soonest(problem)
    if first:
        last = first[-1].start + SPARE
        problem = replace(problem, windows=tuple(w for w in windows if w.start <= last))
    found = schedule(problem) if problem.chains else Schedule((), 0, 0, 0)
    zone = free.spans[0][0].tzinfo or UTC
    if found is None:
        raise _no_room(problem, shortage_of(problem), origin, zone, given)
    return Scheduled(problem, found, sittings_of(problem, found.blocks), origin, zone)


def _minutes(origin: datetime, when: datetime) -> int:
    return int((when.astimezone(UTC) - origin).total_seconds() // 60)


def _no_room(
    problem: Problem, short: Shortage, origin: datetime, zone: tzinfo, given: Sequence[Given]
) -> NoRoom:
    """Which window is short, by how much, and the ways out, in one line."""
    ways: list[Sentence] = []
    if short.sitting is not None:
        ways.append(sentence("short-sitting", days=short.sitting[0], minutes=short.sitting[1]))
    if short.without is not None:
        ways.append(sentence("short-without", **_pass_words(given, *short.without)))
    if short.quicker is not None:
        ways.append(sentence("short-quicker", share=round(100 * (1 - short.quicker))))
    said = " ".join(speaker().phrase(way) for way in ways)
    if short.window is None:
        return NoRoom("refused-sittings-no-room", windows=len(problem.windows), ways=said)
    window = problem.windows[short.window]
    start = (origin + timedelta(minutes=window.start)).astimezone(zone)
    return NoRoom(
        "refused-sittings-short", window=start.strftime("%Y-%m-%d %H:%M"), minutes=short.minutes, ways=said
    )


def _pass_words(given: Sequence[Given], name: str, done: str) -> dict[str, str]:
    return {"piece": name, "title": title_of(next(one for one in given if one.name == name), done)}


def title_of(given: Given, done: str) -> str:
    """A pass of a plan in words."""
    if done == GROUND and given.plan.toning is not None:
        return speaker().text(given.plan.toning.title, About.of(given.plan))
    own = next(p for p in given.plan.passes if p.id == done)
    return speaker().text(own.title, About.of(given.plan))


def colour_of(given: Given, done: str) -> Lab:
    """The Lab of what a pass lays most of, as planned; that of the ground for laying it."""
    if done == GROUND and given.plan.toning is not None:
        return (lightness_of_value(given.plan.toning.value), 0.0, 0.0)
    own = next(p for p in given.plan.passes if p.id == done)
    masses = given.plan.by_id
    if not own.operations:
        return (lightness_of_value(given.plan.surface.value), 0.0, 0.0)
    most = max(own.operations, key=lambda o: (o.kind.lays, masses[o.mass].area_cm2 * o.cover))
    (_, a, b), (_, other_a, other_b) = masses[most.mass].target_ends
    return (lightness_of_value(most.to_value), (a + other_a) / 2, (b + other_b) / 2)


def ends_of(scheduled: Scheduled) -> dict[str, datetime]:
    """When the last pass of each plan is done."""
    found: dict[str, datetime] = {}
    for sitting in scheduled.sittings:
        for stint in sitting.stints:
            found[stint.chain] = scheduled.at(stint.start + stint.minutes)
    return found


def document_of(scheduled: Scheduled) -> dict[str, Any]:
    """The sittings as plain values: instants in ISO 8601 with offset."""
    waiting = waiting_in(scheduled.problem, scheduled.found.blocks)
    return {
        "sittings": [
            {
                "start": scheduled.at(sitting.start).isoformat(timespec="minutes"),
                "end": scheduled.at(sitting.end).isoformat(timespec="minutes"),
                "blocks": [
                    {
                        "plan": stint.chain,
                        "pass": stint.done,
                        "start": scheduled.at(stint.start).isoformat(timespec="minutes"),
                        "minutes": stint.minutes,
                        "fills": stint.fills[1] if stint.fills else None,
                        "fillsPlan": stint.fills[0] if stint.fills else None,
                    }
                    for stint in sitting.stints
                ],
            }
            for sitting in scheduled.sittings
        ],
        "proven": scheduled.found.proven,
        "bound": scheduled.found.bound,
        "waiting": {"minutes": waiting.minutes, "filled": waiting.filled},
    }


def lines_of(scheduled: Scheduled, given: Sequence[Given]) -> list[str]:
    """The sittings to read, a line for each and one for each pass in it."""
    by_name, lines = {one.name: one for one in given}, []
    for sitting in scheduled.sittings:
        lines.append(f"{scheduled.at(sitting.start):%a %d %b %H:%M}-{scheduled.at(sitting.end):%H:%M}")
        for stint in sitting.stints:
            words = title_of(by_name[stint.chain], stint.done)
            fills = f" (while {' '.join(stint.fills)} dries)" if stint.fills else ""
            at = f"{scheduled.at(stint.start):%H:%M} {stint.chain} {stint.done}"
            lines.append(f"  {at}: {words}, {stint.minutes} min{fills}")
    return lines


def entries_of(scheduled: Scheduled, given: Sequence[Given]) -> list[Entry]:
    """The sittings as entries of a calendar: the pieces in the title, the passes below."""
    by_name = {one.name: one for one in given}
    found = []
    for sitting in scheduled.sittings:
        start, end = scheduled.at(sitting.start), scheduled.at(sitting.end)
        pieces = list(dict.fromkeys(stint.chain for stint in sitting.stints))
        lines = [
            f"{scheduled.at(stint.start):%H:%M} {stint.chain}: {title_of(by_name[stint.chain], stint.done)}, "
            f"{stint.minutes} min"
            for stint in sitting.stints
        ]
        uid = f"{start.astimezone(UTC):%Y%m%dT%H%M}-{'-'.join(pieces)[:80]}@washboard"
        found.append(Entry(uid, start, end, ", ".join(pieces), "\n".join(lines)))
    return found
