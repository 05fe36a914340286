"""The events of a log."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum


class EventKind(StrEnum):
    """What an event tells. One closed list, growing only by addition."""

    SITTING_BEGUN = "sitting-begun"
    SITTING_ENDED = "sitting-ended"
    PASS_BEGUN = "pass-begun"
    STEP_DONE = "step-done"
    PASS_DONE = "pass-done"
    PASS_SKIPPED = "pass-skipped"
    PASS_REPEATED = "pass-repeated"
    CHANGED = "changed"
    INTERRUPTED = "interrupted"
    RESUMED = "resumed"
    ACCIDENT = "accident"
    MEASURED = "measured"
    PHOTO = "photo"
    NOTE = "note"
    MIXTURE = "mixture"
    STILL_WET = "still-wet"
    DRY = "dry"


class What(StrEnum):
    """What went wrong. One closed list, growing only by addition."""

    WHITE_LOST = "white-lost"
    TOO_DARK = "too-dark"
    TOO_PALE = "too-pale"
    BLOOM = "bloom"
    HARD_LINE = "hard-line"
    MUD = "mud"
    LIFT_OFF = "lift-off"
    TEAR = "tear"
    TOOTH_GONE = "tooth-gone"
    FIXATIVE_WET = "fixative-wet"
    SKINNED = "skinned"
    WRONG_COLOUR = "wrong-colour"
    MASK_TORN = "mask-torn"
    DRIP = "drip"


@dataclass(frozen=True)
class Event:
    """One thing that happened, `at` a minute of an instant that all events share.

    `done` the id of a pass, `masses` ids, `what` an accident or, of other kinds, a word of the painter's;
    `value` Munsell 0–10 as it came out, or ml of a mixture.
    """

    id: str
    at: float
    kind: EventKind
    done: str = ""
    masses: tuple[str, ...] = ()
    what: str = ""
    value: float | None = None
    words: str = ""


def in_order(events: Sequence[Event]) -> tuple[Event, ...]:
    """Events by time, each id once: what two devices send in any order comes to the same."""
    return tuple(sorted({event.id: event for event in events}.values(), key=lambda e: (e.at, e.id)))
