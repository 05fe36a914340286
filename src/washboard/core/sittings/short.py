"""Why work does not fit the windows of a calendar: which is short, by how much, and the cheapest ways out."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import partial

from .greedy import soonest
from .work import Chain, Problem, Window

MOST_LONGER = 6 * 60
"""Minutes by which a window is lengthened at the most."""
DAY, MOST_A_DAY = 24 * 60, 8 * 60
DAYS_AFTER = (1, 2, 3, 5, 8, 13)
"""Days after the last window on which one more is tried: oil must dry first."""
QUICKER = (0.9, 0.8, 0.7, 0.6, 0.5)
"""Shares of the minutes that a faster tool or medium would take."""
TRIED = 60
"""Windows whose lengthening is tried: the last ones, where the work that does not fit would go."""


@dataclass(frozen=True)
class Shortage:
    """What is missing, None where nothing of the kind was found.

    Window `window` by its place is `minutes` too short. What would do: `sitting` (days after the last window,
    minutes), leaving out the pass `without` (chain, name), all in the share `quicker` of its minutes.
    `too_long` is a pass (chain, name) that is longer than every window."""

    window: int | None
    minutes: int
    sitting: tuple[int, int] | None
    without: tuple[str, str] | None
    quicker: float | None
    too_long: tuple[str, str] | None = None


def shortage_of(problem: Problem) -> Shortage:
    """The shortage of a problem that `schedule` finds no answer to. Every way out named was tried."""
    windows = problem.windows
    longest = max((w.end - w.start for w in windows), default=0)
    long = [
        (chain.name, segment.name)
        for chain in problem.chains
        for segment in chain.segments
        if segment.minutes + problem.readies(chain).both > longest
    ]
    best: tuple[int, int] | None = None
    for w in range(max(0, len(windows) - TRIED), len(windows)):
        most = MOST_LONGER if best is None else best[0] - 1
        room = windows[w + 1].start - windows[w].end if w + 1 < len(windows) else MOST_LONGER
        least = _least(partial(_mended_by, problem, w), min(most, room))
        if least is not None:
            best = (least, w)
    return Shortage(
        best[1] if best else None,
        best[0] if best else 0,
        _another_day(problem),
        _without(problem),
        next((share for share in QUICKER if fits(quickened(problem, share))), None),
        long[0] if long else None,
    )


def fits(problem: Problem) -> bool:
    """Whether the quick answer fits: what is named as a way out is one, though not always the smallest."""
    return bool(soonest(problem))


def _mended_by(problem: Problem, window: int, minutes: int) -> bool:
    return fits(lengthened(problem, window, minutes))


def lengthened(problem: Problem, window: int, minutes: int) -> Problem:
    """The problem with one window longer at its end."""
    own = problem.windows[window]
    longer = Window(own.start, own.end + minutes)
    return replace(problem, windows=(*problem.windows[:window], longer, *problem.windows[window + 1 :]))


def _another_day(problem: Problem) -> tuple[int, int] | None:
    """One more day that would do, the soonest, with the minutes it takes."""
    for days in DAYS_AFTER:
        least = _least(partial(_mended_after, problem, days), MOST_A_DAY)
        if least is not None:
            return days, least
    return None


def _mended_after(problem: Problem, days: int, minutes: int) -> bool:
    return fits(one_more(problem, minutes, days))


def one_more(problem: Problem, minutes: int, days: int = 1) -> Problem:
    """The problem with a window of so many minutes some days after the last."""
    start = 0
    if problem.windows:
        start = max(problem.windows[-1].start + days * DAY, problem.windows[-1].end)
    return replace(problem, windows=(*problem.windows, Window(start, start + minutes)))


def quickened(problem: Problem, share: float) -> Problem:
    """The problem with all work done in a share 0–1 of its minutes."""
    return replace(
        problem,
        chains=tuple(
            replace(
                chain,
                segments=tuple(replace(s, minutes=max(1, round(s.minutes * share))) for s in chain.segments),
            )
            for chain in problem.chains
        ),
    )


def left_out(chain: Chain, k: int) -> Chain:
    """The chain without a segment; what waited for it waits for nothing instead."""
    segments = []
    for j, segment in enumerate(chain.segments):
        if j == k:
            continue
        lags = tuple((i - (i > k), least) for i, least in segment.lags if i != k)
        within = tuple((i - (i > k), most) for i, most in segment.within if i != k)
        segments.append(replace(segment, lags=lags, within=within))
    return replace(chain, segments=tuple(segments))


def _without(problem: Problem) -> tuple[str, str] | None:
    """The shortest segment of whose staying out all else fits."""
    ranked = sorted(
        (segment.minutes, c, k)
        for c, chain in enumerate(problem.chains)
        for k, segment in enumerate(chain.segments)
    )
    for _, c, k in ranked[:TRIED]:
        chain = problem.chains[c]
        shorter = (*problem.chains[:c], left_out(chain, k), *problem.chains[c + 1 :])
        if fits(replace(problem, chains=shorter)):
            return chain.name, chain.segments[k].name
    return None


def _least(mends: Callable[[int], bool], most: int) -> int | None:
    """The least minutes, in fives, that mend it; None where `most` do not."""
    high = most // 5
    if high < 1 or not mends(5 * high):
        return None
    low = 0
    while high - low > 1:
        middle = (low + high) // 2
        low, high = (low, middle) if mends(5 * middle) else (middle, high)
    return 5 * high
