"""How long passes really took."""

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
