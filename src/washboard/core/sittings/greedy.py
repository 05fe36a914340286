"""The first answer: every window is used; of what can begin first, the chain with the longest way to go."""

from __future__ import annotations

from enum import IntEnum

from .bound import Alone
from .hour import Hour, Path, at, first_state
from .work import Block, Chain, Problem, Waits


def soonest(problem: Problem) -> tuple[Block, ...]:
    """Blocks that use every window: it ends early, in more sittings than are needed. Empty where the work
    does not fit the windows, or fits only in an order that this does not find."""
    return next((found for care in Care if (found := _filled(problem, care))), ())


class Care(IntEnum):
    """What is done about work that must soon be followed by more: nothing; it goes before all else; and no
    other such work is begun meanwhile."""

    NONE = 0
    FIRST = 1
    ALONE = 2


def _filled(problem: Problem, care: Care) -> tuple[Block, ...]:
    """Every window filled, with such care."""
    hour, state = Hour(problem), first_state(problem)
    tails = [_tails(chain) for chain in problem.chains]
    blocks: list[Block] = []
    alone = [Alone(problem, c) for c in range(len(problem.chains))]
    for w, window in enumerate(problem.windows):
        path, kept = Path(at(state, window.start), window.start, 0, None), 0
        own: list[Block] = []
        while True:
            due = path.state.due if care else None
            ranked = sorted((_rank(p, tails, due), n, p) for n, p in enumerate(hour.longer(path, window.end)))
            if not ranked or (care is Care.ALONE and ranked[0][0][0] == BEGINS):
                break
            path = ranked[0][2]
            _, c, k, start = path.steps
            own.append(Block(c, k, start, w))
            if all(alone[o].can(path.state, o, w + 1) for o, due_by in enumerate(path.state.due) if due_by):
                kept, state = len(own), path.state
        # What must soon be followed by work that does not fit any more is left for another window.
        blocks += own[:kept]
        if all(k == len(chain.segments) for k, chain in zip(state.done, problem.chains, strict=True)):
            return tuple(blocks)
    return ()


BEGINS = 2
"""Rank of what begins work that must soon be followed, while other such work is open."""


def _rank(path: Path, tails: list[list[int]], due: tuple[Waits, ...] | None) -> tuple[int, int, int]:
    """What comes first is least: what is due, then what can begin first, then the longest way to go."""
    _, c, k, start = path.steps
    order = 0
    if due is not None and any(due):
        order = 0 if due[c] else BEGINS if path.state.due[c] else 1
    return order, start, -tails[c][k]


def _tails(chain: Chain) -> list[int]:
    """Minutes from the begin of every segment to the end of its chain, waits included."""
    tails = [0] * (len(chain.segments) + 1)
    for k in range(len(chain.segments) - 1, -1, -1):
        after = [tails[k + 1], *(least + tails[j] for j, least in chain.after[k])]
        tails[k] = chain.segments[k].minutes + max(after)
    return tails
