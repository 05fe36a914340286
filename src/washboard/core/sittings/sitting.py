"""Sittings as they are told: what is done when, and which wait it fills."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from .work import Block, Problem


@dataclass(frozen=True)
class Stint:
    """A segment in its place: of which chain, which pass, from which minute, how long; `fills` the chain and
    the pass in whose drying it is done."""

    chain: str
    done: str
    start: int
    minutes: int
    fills: tuple[str, str] | None = None


@dataclass(frozen=True)
class Sitting:
    """From setting up at minute `start` to cleaned up at `end`, with its stints in order."""

    start: int
    end: int
    stints: tuple[Stint, ...]


@dataclass(frozen=True)
class Waiting:
    """Minutes of waiting inside sittings, and how many of them are filled with work."""

    minutes: int
    filled: int


def sittings_of(problem: Problem, blocks: Sequence[Block]) -> tuple[Sitting, ...]:
    """The sittings that blocks make, first to last."""
    found = []
    for window in sorted({block.window for block in blocks}):
        own = sorted((b for b in blocks if b.window == window), key=lambda b: b.start)
        media = {problem.chains[b.chain].medium: problem.readies(problem.chains[b.chain]) for b in own}
        first = problem.readies(problem.chains[own[0].chain])
        start = own[0].start - first.set_up
        end = _end(problem, own[-1]) + sum(ready.clean_up for ready in media.values())
        stints = tuple(_stint(problem, own, k) for k in range(len(own)))
        found.append(Sitting(start, end, stints))
    return tuple(found)


def waiting_in(problem: Problem, blocks: Sequence[Block]) -> Waiting:
    """How much of the time between the first and the last work of each sitting nothing could be done on some
    piece since it dried, and how much of that was filled with other work."""
    minutes = filled = 0
    for window in {block.window for block in blocks}:
        own = sorted((b for b in blocks if b.window == window), key=lambda b: b.start)
        for waiting, start, end in _waits(problem, own):
            busy = sum(
                max(0, min(end, _end(problem, b)) - max(start, b.start)) for b in own if b is not waiting
            )
            minutes, filled = minutes + end - start, filled + min(busy, end - start)
    return Waiting(minutes, filled)


def _waits(problem: Problem, own: Sequence[Block]) -> list[tuple[Block, int, int]]:
    """The blocks of a sitting that had to wait for what dries, with the minutes from when until when."""
    found = []
    for block in own:
        chain = problem.chains[block.chain]
        before = {b.segment: b for b in own if b.chain == block.chain and b.segment < block.segment}
        ready = {
            earlier: _end(problem, before[earlier]) + least
            for earlier, least in chain.segments[block.segment].lags
            if earlier in before
        }
        if ready and block.segment - 1 in before:
            start, end = _end(problem, before[block.segment - 1]), max(ready.values())
            if end > start:
                found.append((block, start, min(end, block.start)))
    return found


def _stint(problem: Problem, own: Sequence[Block], k: int) -> Stint:
    block = own[k]
    chain = problem.chains[block.chain]
    segment = chain.segments[block.segment]
    filling = None
    for waiting, start, end in _waits(problem, own):
        if start <= block.start < end and waiting is not block:
            other = problem.chains[waiting.chain]
            filling = (other.name, _dries(problem, own, waiting))
    return Stint(chain.name, segment.name, block.start, segment.minutes, filling)


def _dries(problem: Problem, own: Sequence[Block], waiting: Block) -> str:
    """The pass whose drying a block waits for to the end."""
    chain = problem.chains[waiting.chain]
    lags = chain.segments[waiting.segment].lags
    ends = {b.segment: _end(problem, b) for b in own if b.chain == waiting.chain}
    last = max((earlier for earlier, least in lags if earlier in ends), key=lambda e: ends[e] + dict(lags)[e])
    return chain.segments[last].name


def _end(problem: Problem, block: Block) -> int:
    return block.start + problem.chains[block.chain].segments[block.segment].minutes
