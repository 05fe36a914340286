"""The fewest sittings, then the earliest end: labels over the windows, from the bound upward.

For a number of sittings that is at least the bound, all states that may still be finished with so many are
followed from window to window; more done at no later time beats less. Where nothing was cut off, what is not
found cannot be, and the number after it is proven. Work is limited by counts, never by a clock: the same
input gives the same answer.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from .bound import HOPELESS, Bound
from .greedy import soonest
from .hour import NEVER, Hour, Path, State, at, first_state, in_time
from .work import Block, Problem

STEPS = 220_000
"""Steps of all searches together but the quickest."""
QUICK, WIDE = (10, 16), (40, 60)
"""States kept in a window, and ways inside one at each count of segments, by the searches that look for a
schedule: one that nearly always ends, and one that looks farther."""
LAST = 4
"""Times its steps after which a search gives up where there is no quick answer to fall back on."""
EACH = 70_000
"""Steps of one search that may be stopped."""
COMPARED = 60
"""States of a window that a new one is compared with."""


@dataclass(frozen=True)
class Schedule:
    """Blocks in order; `sittings` how many windows they use, `bound` the fewest that there can be."""

    blocks: tuple[Block, ...]
    sittings: int
    bound: int
    steps: int

    @property
    def proven(self) -> bool:
        """Whether fewer sittings are impossible."""
        return self.sittings == self.bound


@dataclass(frozen=True, slots=True)
class _Label:
    state: State
    sittings: int
    now: int
    before: _Label | None
    path: Path | None
    window: int


@dataclass
class _Search:
    """A search for a number of sittings; `cut` tells whether anything was left out."""

    problem: Problem
    bound: Bound
    hour: Hour
    cut: bool = False

    def found(self, most: int, kept: tuple[int, int] | None, steps: int | None) -> _Label | None:
        """The way with at most so many sittings that ends first, or None; of those `kept` or of all, and
        stopped after so many steps."""
        self.cut = self.hour.cut = False
        beam, inside = kept or (None, None)
        limit = NEVER if steps is None else self.hour.spent + steps
        self.hour.limit = limit
        labels = [_Label(first_state(self.problem), 0, 0, None, None, -1)]
        if self._finished(labels[0].state):
            return labels[0]
        for w in range(len(self.problem.windows)):
            ended: list[_Label] = []
            grown: list[_Label] = list(labels)
            for label in labels:
                if label.sittings == most:
                    continue
                if self.hour.spent > limit:
                    self.cut = True
                    return None
                for path in self.hour.outcomes(at(label.state, self.problem.windows[w].start), w, inside):
                    one = _Label(path.state, label.sittings + 1, path.now, label, path, w)
                    (ended if self._finished(path.state) else grown).append(one)
            self.cut = self.cut or self.hour.cut
            if ended:
                return min(ended, key=lambda label: (label.now, label.sittings))
            labels = self._kept(grown, w + 1, most, beam)
            if not labels:
                return None
        return None

    def _finished(self, state: State) -> bool:
        chains = self.problem.chains
        return all(k == len(chain.segments) for k, chain in zip(state.done, chains, strict=True))

    def _kept(self, labels: Sequence[_Label], window: int, most: int, beam: int | None) -> list[_Label]:
        """Labels that may still be finished with so many sittings, none beaten by another."""
        windows = self.problem.windows
        if window >= len(windows):
            return []
        start = windows[window].start
        hopeful: list[tuple[int, int, _Label]] = []
        for label in labels:
            if any(label.state.due) and not in_time(self.problem, label.state, start):
                continue
            need = label.sittings + self.bound.least(label.state, window, most - label.sittings + 1)
            if need <= most:
                left = sum(
                    chain.left[k] for chain, k in zip(self.problem.chains, label.state.done, strict=True)
                )
                hopeful.append((label.sittings, left, label))
        hopeful.sort(key=lambda item: item[:2])
        self.hour.spent += len(hopeful)
        kept: list[_Label] = []
        for _, _, label in hopeful:
            if not any(
                other.sittings <= label.sittings and self.hour.better(other.state, label.state, start)
                for other in kept[:COMPARED]
            ):
                kept.append(label)
        if beam and len(kept) > beam:
            self.cut = True
            kept.sort(key=lambda label: (self._rank(label, window), label.sittings))
            kept = kept[:beam]
        return kept

    def _rank(self, label: _Label, window: int) -> float:
        """About how many sittings a label comes to."""
        left = sum(chain.left[k] for chain, k in zip(self.problem.chains, label.state.done, strict=True))
        longest = max(w.end - w.start for w in self.problem.windows)
        need = self.bound.least(label.state, window)
        return label.sittings + max(need, left / longest) + 0.2 * left / longest


def schedule(problem: Problem, steps: int = STEPS) -> Schedule | None:
    """The passes of a problem in as few sittings as can be, then ending as early as can be with these; None
    where they do not fit the windows.

    `steps` limits the searches; what they have not found by then is not looked for any more.
    """
    bound = Bound(problem)
    least = bound.least(first_state(problem), 0)
    first = soonest(problem)
    if least >= HOPELESS:
        return None
    search = _Search(problem, bound, Hour(problem))
    used = len({block.window for block in first}) if first else len(problem.windows) + 1
    proven = least
    for count in range(least, min(used, len(problem.windows)) + 1):
        if search.hour.spent > (steps if first else LAST * steps):
            break
        best = search.found(count, QUICK, EACH)
        wide = min(EACH, steps - search.hour.spent)
        if best is None and search.cut and wide > 0:
            best = search.found(count, WIDE, wide)
        exact = min(EACH, steps - search.hour.spent)
        if best is None and search.cut and proven == count and exact > 0:
            best = search.found(count, None, exact)
        if best is not None:
            best = _earlier(search, best, count, min(EACH, steps - search.hour.spent))
            return Schedule(_blocks(best), best.sittings, min(proven, best.sittings), search.hour.spent)
        if not search.cut and proven == count:
            proven = count + 1
    return Schedule(first, used, proven, search.hour.spent) if first else None


def _earlier(search: _Search, best: _Label, count: int, steps: int) -> _Label:
    """The same number of sittings ending earlier, where the search may have missed it."""
    if not search.cut or steps <= 0:
        return best
    other = search.found(count, None, steps)
    return other if other is not None and other.now < best.now else best


def _blocks(label: _Label | None) -> tuple[Block, ...]:
    found: list[Block] = []
    while label is not None and label.path is not None:
        steps = label.path.steps
        while steps is not None:
            steps, c, k, start = steps
            found.append(Block(c, k, start, label.window))
        label = label.before
    return tuple(reversed(found))
