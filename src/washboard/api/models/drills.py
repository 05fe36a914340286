"""Models of the trainer."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from ...settings.wire import Model
from .mix import Lab
from .term import Term


class DrillOptionRead(Model):
    """One answer: in words, or by the `name` of what is shown in the picture, after pass `row` where that is
    another."""

    words: Term
    name: str
    masses: list[str]
    place: tuple[float, float] | None
    row: int | None


class DrillRead(Model):
    """A question about the picture of a piece after pass `row`; the masses that are meant, and the colour."""

    piece: str
    piece_name: str
    plan: str
    item: str
    kind: str
    ask: str
    row: int
    masses: list[str]
    lab: Lab | None
    options: list[DrillOptionRead]


class DrillAnswerCreate(Model):
    """An answer under an id of the client's own: sent twice it counts once."""

    id: Annotated[str, Field(min_length=1, max_length=36, pattern=r"^[\w.:-]+$")]
    piece: Annotated[str, Field(pattern="^[0-9a-f]{32}$")]
    item: Annotated[str, Field(max_length=120)]
    option: Annotated[int, Field(ge=0, le=20)]


class DrillToldRead(Model):
    """Whether an answer was right, which is, why each is or is not, and in how many days it comes again."""

    right: bool
    option: int
    whys: list[str]
    days: float


class WeekRead(Model):
    """The answers of a week."""

    right: int
    count: int


class MissedRead(Model):
    """What is missed, in words."""

    kind: str
    band: str
    wrong: int
    count: int
    sentence: str


class KindRead(Model):
    """A kind of question, and what it is called."""

    key: str
    words: Term


class DrillProgressRead(Model):
    """Every kind of question; the last weeks, the oldest first; what is missed most."""

    kinds: list[KindRead]
    weeks: list[WeekRead]
    missed: list[MissedRead]
