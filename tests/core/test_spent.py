"""How long passes took and dried, and what was mixed, from the events of a log."""

from __future__ import annotations

from washboard.core.log.event import Event, EventKind
from washboard.core.log.spent import millilitres_mixed, minutes_spent, minutes_waited

K = EventKind


def told(*events: tuple[float, EventKind, str] | tuple[float, EventKind, str, float]) -> list[Event]:
    """Events as minute, kind, pass and value."""
    return [
        Event(f"e{k}", at, kind, done, value=more[0] if more else None)
        for k, (at, kind, done, *more) in enumerate(events)
    ]


def test_a_wait_lasts_until_the_pass_is_told_to_be_dry_or_the_next_begins() -> None:
    log = told(
        (0, K.PASS_BEGUN, "p1"),
        (12, K.PASS_DONE, "p1"),
        (20, K.STILL_WET, "p1"),
        (33, K.DRY, "p1"),
        (40, K.PASS_BEGUN, "p2"),
        (50, K.PASS_DONE, "p2"),
        (68, K.PASS_BEGUN, "p3"),
    )
    assert minutes_waited(log) == {"p1": 21, "p2": 18}
    assert minutes_spent(log) == {"p1": 12, "p2": 10}


def test_a_night_between_tells_nothing_of_drying_and_the_order_of_sending_nothing_at_all() -> None:
    log = told(
        (0, K.PASS_BEGUN, "p1"),
        (12, K.PASS_DONE, "p1"),
        (14, K.SITTING_ENDED, ""),
        (1400, K.SITTING_BEGUN, ""),
        (1401, K.PASS_BEGUN, "p2"),
        (1410, K.PASS_DONE, "p2"),
        (1425, K.DRY, ""),
        (1426, K.DRY, "p1"),
    )
    assert minutes_waited(log) == minutes_waited(log[::-1]) == {"p2": 15}


def test_mixtures_of_a_pass_are_added_up() -> None:
    log = told(
        (0, K.MIXTURE, "p1", 4.0), (5, K.MIXTURE, "p1", 2.5), (9, K.MIXTURE, "p2", 1.0), (9.5, K.MIXTURE, "")
    )
    assert millilitres_mixed(log) == {"p1": 6.5, "p2": 1.0}
