"""Models of the studio wall."""

from __future__ import annotations

from pydantic import AwareDatetime

from ...settings.wire import Model
from ...studio.wall import Standing
from .term import Term


class DemoRead(Model):
    """The names of the demo pieces that are `missing` on the wall."""

    missing: list[str]


class RidgeRead(Model):
    """A pass as its ridge is drawn: minutes of work, of waiting after it, and whether it is done."""

    id: str
    minutes: float
    wait_minutes: float
    done: bool


class WallStripRead(Model):
    """A piece on the wall: what it is painted from and with, how it stands, its passes, the next of them, and
    the minutes of what is left."""

    id: str
    name: str
    reference: str | None
    medium: Term
    width_cm: float
    height_cm: float
    standing: Standing
    passes: list[RidgeRead]
    next: str
    next_minutes: float
    work_minutes: float
    wait_minutes: float
    painted: AwareDatetime | None
