"""Models of the stage Paint: the easel, the log, sittings, what is true of the painter."""

from __future__ import annotations

from typing import Annotated

from pydantic import AwareDatetime, Field

from ...core.log.event import What
from ...settings.wire import Model
from .mix import Lab, OnPaletteRead, PileRead, UsedRead
from .term import Term

Word = Annotated[str, Field(max_length=64)]


class EventCreate(Model):
    """Something that happened: `id` made by the client, at most 36 characters; `at` with offset; `what` an
    accident; `value` Munsell 0–10."""

    id: Annotated[str, Field(min_length=1, max_length=36, pattern=r"^[\w.:-]+$")]
    at: AwareDatetime
    kind: Word
    done: Annotated[str, Field(max_length=20)] | None = Field(None, alias="pass")
    masses: Annotated[tuple[Annotated[str, Field(max_length=20)], ...], Field(max_length=300)] = ()
    what: Word | None = None
    value: Annotated[float, Field(ge=-1e6, le=1e6)] | None = None
    words: Annotated[str, Field(max_length=2000)] | None = None


class EventsCreate(Model):
    """Events that happened, in any order; those that are known already are left out. `sentAt` is the time by
    the clock that they were told by: where it is wrong they are set right."""

    events: Annotated[list[EventCreate], Field(max_length=500)]
    sent_at: AwareDatetime | None = None


class EventsRead(Model):
    """The whole log, how many events were new, and what is told of the clock that they were logged by."""

    new: int
    told: str = ""
    events: list[EventCreate]


class StrideRead(Model):
    """A step of a pass: what to read at two metres, what to mind, where, from which minute and how long.

    `begins` and `ends` are places in the picture, 0–1; `openMinutes` how long the edge that it carries on
    stays open as it begins; `lays` whether paint is laid."""

    heading: str
    lines: list[str]
    masses: list[str]
    begins: tuple[float, float]
    ends: tuple[float, float]
    start: float
    minutes: float
    open_minutes: float | None
    count: int
    lays: bool


class EaselPassRead(Model):
    """A pass that is left: its steps, its piles (of a pass that mends, those of before), what it takes of
    each paint, cautions.

    `shows` is the place of the picture after it among those of the plan in force; `mayStayOut`: it changes no
    value by more than one sees."""

    id: str
    title: str
    minutes: float
    wait: float
    max_lag: float | None
    needs: str
    steps: list[StrideRead]
    piles: list[PileRead]
    paints: list[UsedRead]
    cautions: list[Term]
    shows: int
    may_stay_out: bool


class RealRead(Model):
    """A pass that is done: the minutes planned, with what dries in it, and those it took without
    interruptions, None where nobody said when it was begun; the same of the wait after it; ml that were mixed
    for it."""

    id: str
    title: str
    planned: float
    real: float | None
    wait_planned: float
    wait: float | None
    ml: float | None


class EaselRead(Model):
    """A piece at its easel, from now on: what is told of what happened, passes left, passes done.

    `begunAt`: when the first pass that is left was begun, `doneAt`: when the last was done, `readyAt`: from
    when the surface is ready for the next; null where nobody said."""

    plan: str
    piece: str
    medium: str
    open_minutes: float | None
    dry_minutes: float
    told: list[str]
    stopping: str
    passes: list[EaselPassRead]
    real: list[RealRead]
    strange: list[str]
    accidents: list[What]
    paints: list[OnPaletteRead]
    begun_at: AwareDatetime | None
    done_at: AwareDatetime | None
    ready_at: AwareDatetime | None
    logged: list[str]


class StintRead(Model):
    """A pass in its place: which piece and pass, from when, how long; whose drying it fills; the Lab of what
    it lays most of."""

    piece: str
    done: str = Field(alias="pass")
    title: str
    start: AwareDatetime
    minutes: int
    fills: str
    lab: Lab


class SittingRead(Model):
    """From setting up to cleaned up."""

    start: AwareDatetime
    end: AwareDatetime
    stints: list[StintRead]


class SittingsRead(Model):
    """The sittings ahead of this piece and of all others that are begun; `bound` the fewest there can be;
    `told`: whether each is finished by its deadline."""

    sittings: list[SittingRead]
    proven: bool
    bound: int
    waiting_minutes: int
    filled_minutes: int
    told: list[str]


class PainterRead(Model):
    """Free hours in words or by the `calendar` of that name, which hand, the air of the room in °C and per
    cent, each said or assumed; `pace` times as long as usual that things dry by that air alone; the
    `language` that is spoken."""

    hours: str
    hours_said: bool
    calendar: str | None
    left_handed: bool
    celsius: float
    humidity: float
    climate_said: bool
    pace: float
    language: str
    language_said: bool


class PainterUpdate(Model):
    """What is said anew."""

    hours: Annotated[str, Field(max_length=400)] | None = None
    left_handed: bool | None = None
    celsius: Annotated[float, Field(ge=-1e3, le=1e3)] | None = None
    humidity: Annotated[float, Field(ge=-1e3, le=1e3)] | None = None
    language: Annotated[str, Field(max_length=8)] | None = None
