"""How many sittings are needed at the least: each chain alone, exactly, and the content of work."""

from __future__ import annotations

from bisect import bisect_left
from dataclasses import replace
from itertools import accumulate

from .hour import Hour, State, at, in_time
from .work import Chain, Problem, Waits

HOPELESS = 1 << 20
"""Sittings: more than there can be."""


class Bound:
    """Lower bounds of sittings from a state and a window on."""

    def __init__(self, problem: Problem) -> None:
        self.problem = problem
        self._alone = [Alone(problem, c) for c in range(len(problem.chains))]
        lengths = [window.end - window.start for window in problem.windows]
        # Minutes in the longest so many of the windows from each one on.
        self._longest = [
            list(accumulate(sorted(lengths[w:], reverse=True), initial=0)) for w in range(len(lengths) + 1)
        ]
        media: dict[str, list[int]] = {}
        for c, chain in enumerate(problem.chains):
            media.setdefault(chain.medium, []).append(c)
        self._media = [(problem.readies(problem.chains[own[0]]).both, own) for own in media.values()]

    def least(self, state: State, window: int, enough: int = HOPELESS) -> int:
        """Sittings needed at the least from a state, in the windows from `window` on; `enough`: no closer
        answer is wanted once it is known to be so many."""
        alone = [
            one.least(k, waits, due, window)
            for one, k, waits, due in zip(self._alone, state.done, state.waits, state.due, strict=True)
        ]
        best = max(alone, default=0)
        if best >= enough:
            return best
        work, visits = 0, 0
        for both, own in self._media:
            left = sum(self.problem.chains[c].left[state.done[c]] for c in own)
            if left:
                work += left
                visits += both * max(alone[c] for c in own)
        if not work:
            return best
        # Every medium is readied as often as its pieces need alone, and one of them in each sitting.
        cheapest = min(both for both, own in self._media)
        longest = self._longest[window]
        count = max(best, bisect_left(longest, work + visits))
        while count < len(longest) and longest[count] < work + max(visits, count * cheapest):
            count += 1
        return count if count < len(longest) else HOPELESS


class Alone:
    """One chain as if there were no other: exact, remembered."""

    def __init__(self, problem: Problem, c: int) -> None:
        self.windows = problem.windows
        self.chain: Chain = problem.chains[c]
        own = replace(problem, chains=(self.chain,))
        self.hour = Hour(own)
        self.known: dict[tuple[int, Waits, Waits, int], int] = {}

    def can(self, state: State, c: int, window: int) -> bool:
        """Whether the chain, place `c` in a state of all, can be finished in windows from `window` on."""
        return self.least(state.done[c], state.waits[c], state.due[c], window) < HOPELESS

    def least(self, k: int, waits: Waits, due: Waits, window: int) -> int:
        """Sittings for segments from `k` on in windows from `window` on."""
        if k == len(self.chain.segments):
            return 0
        if window >= len(self.windows):
            return HOPELESS
        own = at(State((k,), (waits,), (due,)), self.windows[window].start)
        if due and not in_time(self.hour.problem, own, self.windows[window].start):
            return HOPELESS
        key = (k, own.waits[0], due, window)
        if key not in self.known:
            self.known[key] = self._found(own, window)
        return self.known[key]

    def _found(self, state: State, window: int) -> int:
        """Use this window, or leave it."""
        best = HOPELESS
        for path in self.hour.outcomes(state, window):
            done, waits, due = path.state.done[0], path.state.waits[0], path.state.due[0]
            best = min(best, 1 + self.least(done, waits, due, window + 1))
            if best == 1:
                return best
        k, waits, due = state.done[0], state.waits[0], state.due[0]
        return min(best, self.least(k, waits, due, window + 1))
