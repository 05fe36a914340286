"""How long passes really took, how long they dried, how much was mixed for them."""

from __future__ import annotations

from collections.abc import Sequence

from .event import Event, EventKind, in_order

STOPS = frozenset({EventKind.INTERRUPTED, EventKind.SITTING_ENDED})
GOES_ON = frozenset({EventKind.RESUMED, EventKind.SITTING_BEGUN, EventKind.STEP_DONE})


def minutes_spent(events: Sequence[Event]) -> dict[str, float]:
    """Minutes of work on each pass that was begun and done, by id; interruptions are not counted."""
    spent: dict[str, float] = {}
    done: list[str] = []
    running, since = "", None
    for event in in_order(events):
        ends = event.kind is EventKind.PASS_DONE and event.done == running
        if running and since is not None and (event.kind in STOPS | {EventKind.PASS_BEGUN} or ends):
            spent[running] += event.at - since
            since = None
        if event.kind is EventKind.PASS_BEGUN:
            running, since = event.done, event.at
            spent.setdefault(running, 0.0)
        elif running and since is None and event.kind in GOES_ON:
            since = event.at
        elif ends:
            done.append(running)
            running = ""
    return {name: spent[name] for name in done}


def minutes_waited(events: Sequence[Event]) -> dict[str, float]:
    """Minutes from a pass that was done until it was told to be dry, or the next was begun, by id; a night
    between tells nothing of drying."""
    waited: dict[str, float] = {}
    last, since = "", None
    for event in in_order(events):
        if event.kind is EventKind.PASS_DONE:
            last, since = event.done, event.at
        elif event.kind is EventKind.SITTING_ENDED:
            since = None
        begun = event.kind is EventKind.PASS_BEGUN
        dry = event.kind is EventKind.DRY and event.done in ("", last)
        if since is not None and (begun or dry):
            waited[last], since = event.at - since, None
    return waited


def millilitres_mixed(events: Sequence[Event]) -> dict[str, float]:
    """Millilitres of mixtures that were told to be used in each pass, by id."""
    mixed: dict[str, float] = {}
    for event in in_order(events):
        if event.kind is EventKind.MIXTURE and event.value is not None and event.done:
            mixed[event.done] = mixed.get(event.done, 0.0) + event.value
    return mixed
