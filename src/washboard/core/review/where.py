"""Where a painter is who did not log: the passes that a photo shows to be done."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from ..plan.plan import Plan
from ..sentence import Sentence, sentence
from .state import State


@dataclass(frozen=True)
class Shown:
    """A pass, by its id, that a photo shows to be done: on these masses, () for all of its own."""

    done: str
    masses: tuple[str, ...]


def shown_done(state: State, plan: Plan, logged: Sequence[str] = ()) -> tuple[Shown, ...]:
    """The passes that are done by a photo, in their order, without those that are `logged`."""
    of_mass = {mass.id: int(row) for mass, row in zip(plan.masses, state.of_mass, strict=True)}
    found = []
    for number, done in enumerate(plan.passes[: state.row], 1):
        own = dict.fromkeys(o.mass for o in done.operations)
        there = [name for name in own if of_mass[name] >= number]
        if there and done.id not in logged:
            found.append(Shown(done.id, () if len(there) == len(own) else tuple(there)))
    return tuple(found)


def rows_logged(plan: Plan, logged: Sequence[str]) -> int:
    """After which pass a painting is whose `logged` passes are done, in the order of the plan."""
    row = 0
    while row < len(plan.passes) and plan.passes[row].id in logged:
        row += 1
    return row


def against_log(state: State, plan: Plan, logged: Sequence[str]) -> Sentence | None:
    """What is told where a photo shows other passes done than the log."""
    row = rows_logged(plan, logged)
    if state.first <= row <= state.last or (not logged and state.row == 0):
        return None
    same = "yes" if state.first == state.last else "no"
    kind = "some" if logged else "nothing"
    return sentence(
        "review-against-log", logged=row, kind=kind, first=state.first, last=state.last, same=same
    )
