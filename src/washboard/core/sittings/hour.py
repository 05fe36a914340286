"""What can be done in one window: every order of work from a state of the pieces that may lead on."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

from .work import Chain, Problem, Waits

COMPARISONS = 2
"""States compared in about the time of one step."""
ALIKE = 24
"""Ways to the same work done that a search which leaves out some keeps."""
NEVER = 1 << 60
"""A minute that does not come."""


@dataclass(frozen=True, slots=True)
class State:
    """How far each chain is, what each waits for, and what of it must begin by when."""

    done: tuple[int, ...]
    waits: tuple[Waits, ...]
    due: tuple[Waits, ...]


@dataclass(frozen=True, slots=True)
class Path:
    """A way through a window so far: the state, the minute, the media set up, and (chain, segment, start)
    one after the other as a linked list."""

    state: State
    now: int
    media: int
    steps: Any


def first_state(problem: Problem) -> State:
    """Nothing done."""
    count = len(problem.chains)
    return State((0,) * count, tuple(chain.waits for chain in problem.chains), ((),) * count)


def at(state: State, minute: int) -> State:
    """The state without waits that are over by a minute: they make no difference any more."""
    waits = tuple(
        tuple(w for w in own if w[1] > minute) if own and any(m <= minute for _, m in own) else own
        for own in state.waits
    )
    return State(state.done, waits, state.due)


def waits_after(chain: Chain, waits: Waits, k: int, end: int) -> Waits:
    """What a chain waits for once its segment `k` ended at a minute, by place."""
    known = {j: minute for j, minute in waits if j > k}
    for j, least in chain.after[k]:
        known[j] = max(known.get(j, 0), end + least)
    if not known:
        return ()
    kept, reached = [], end
    for j in range(k + 1, max(known) + 1):
        minute = known.get(j, 0)
        if minute > reached:
            kept.append((j, minute))
            reached = minute
        reached += chain.segments[j].minutes
    return tuple(kept)


class Hour:
    """The search inside windows of a problem. `spent` counts the steps that were tried, up to `limit`;
    `cut` tells whether ways were left out."""

    def __init__(self, problem: Problem) -> None:
        self.problem = problem
        media = sorted({chain.medium for chain in problem.chains})
        self.medium = [media.index(chain.medium) for chain in problem.chains]
        readying = [problem.readies(chain) for chain in problem.chains]
        self.set_up = [ready.set_up for ready in readying]
        self.clean_up = [ready.clean_up for ready in readying]
        self.spent, self.limit, self.cut = 0, NEVER, False

    def outcomes(self, state: State, window: int, most: int | None = None) -> list[Path]:
        """The ways to use a window from a state that no other way beats, at most `most` kept at each count
        of segments; none where nothing can be done in it."""
        own = self.problem.windows[window]
        level = [Path(state, own.start, 0, None)]
        after = self.problem.windows[window + 1].start if window + 1 < len(self.problem.windows) else NEVER
        ended: list[Path] = []
        while level:
            if self.spent > self.limit:
                self.cut = True
                break
            found: dict[tuple[int, ...], list[Path]] = {}
            for path in level:
                if self.spent > self.limit:
                    break
                # More done is never worse, unless what is tied must then follow soon.
                longer = list(self.longer(path, own.end))
                if path.steps is not None and all(any(p.state.due) for p in longer):
                    ended.append(path)
                for one in longer:
                    alike = found.setdefault(one.state.done, [])
                    self.spent += len(alike) // COMPARISONS
                    if most is not None and len(alike) >= ALIKE:
                        self.cut = True
                    else:
                        _keep(alike, one)
            level = [path for own_paths in found.values() for path in own_paths]
            if most is not None and len(level) > most:
                self.cut = True
                left = self._left
                level = sorted(level, key=lambda p: (left(p.state), p.now))[:most]
        return self._undominated([p for p in ended if self._open(p, after)], after, most)

    def _left(self, state: State) -> int:
        return sum(chain.left[k] for chain, k in zip(self.problem.chains, state.done, strict=True))

    def longer(self, path: Path, end: int) -> Iterator[Path]:
        """The way with one more segment of each chain that has time."""
        done, waits, due = path.state.done, path.state.waits, path.state.due
        for c, chain in enumerate(self.problem.chains):
            k = done[c]
            if k == len(chain.segments):
                continue
            self.spent += 1
            bit = 1 << self.medium[c]
            start = path.now if path.media & bit else path.now + self.set_up[c]
            if waits[c] and waits[c][0][0] == k and waits[c][0][1] > start:
                start = waits[c][0][1]
            segment = chain.segments[k]
            over = start + segment.minutes
            media = path.media | bit
            if over + self._cleaning(media) > end or any(j == k and start > by for j, by in due[c]):
                continue
            yield Path(
                State(
                    (*done[:c], k + 1, *done[c + 1 :]),
                    (*waits[:c], waits_after(chain, waits[c], k, over), *waits[c + 1 :]),
                    (*due[:c], _due_after(chain, due[c], k, over), *due[c + 1 :]),
                ),
                over,
                media,
                (path.steps, c, k, start),
            )

    def _cleaning(self, media: int) -> int:
        seen, total = 0, 0
        for c, own in enumerate(self.medium):
            bit = 1 << own
            if media & bit and not seen & bit:
                seen |= bit
                total += self.clean_up[c]
        return total

    def _open(self, path: Path, after: int) -> bool:
        """Whether what must follow can still do so in the next window."""
        return not any(path.state.due) or in_time(self.problem, path.state, after)

    def _undominated(self, paths: list[Path], after: int, most: int | None) -> list[Path]:
        """The ways of which none has done less, and waits longer, than another; at most so many."""
        ranked = sorted(paths, key=lambda p: (self._left(p.state), p.now))
        if most is not None and len(ranked) > most:
            self.cut, ranked = True, ranked[:most]
        kept: list[Path] = []
        for path in ranked:
            if self.spent > self.limit:
                self.cut = True
                break
            # Comparing takes time as well: with what must soon follow open, every way may be the best.
            self.spent += 1 + len(kept) // COMPARISONS
            own = Path(at(path.state, after), path.now, path.media, path.steps)
            if not any(self.better(other.state, own.state, after) for other in kept):
                kept.append(own)
        return kept

    def better(self, one: State, other: State, after: int) -> bool:
        """Whether from minute `after` on nothing is to be had from a state that the first does not give as
        well. One that has to go on soon is better than none."""
        for c, chain in enumerate(self.problem.chains):
            k, less = one.done[c], other.done[c]
            if k < less:
                return False
            if one.due[c] and not _no_sooner(one.due[c], other.due[c]):
                return False
            if one.waits[c] and not _no_later(chain, one.waits[c], other.waits[c], less, after):
                return False
        return True


def _no_later(chain: Chain, one: Waits, other: Waits, done: int, after: int) -> bool:
    """Whether what the one waits for is over when the other, which has `done` as many, could begin it."""
    known, reached, at_least = dict(one), after, dict(other)
    for j in range(done, max(known) + 1):
        reached = max(reached, at_least.get(j, 0))
        if known.get(j, 0) > reached:
            return False
        end = reached + chain.segments[j].minutes
        for later, least in chain.after[j]:
            at_least[later] = max(at_least.get(later, 0), end + least)
        reached = end
    return True


def _keep(paths: list[Path], path: Path) -> None:
    """Add a way to those that have done the same in a window, unless one is as good; drop what it beats."""
    for other in paths:
        if other.now <= path.now and _waits_less(other.state, path.state):
            return
    paths[:] = [p for p in paths if not (path.now <= p.now and _waits_less(path.state, p.state))]
    paths.append(path)


def _waits_less(one: State, other: State) -> bool:
    for own, theirs in zip(one.waits, other.waits, strict=True):
        if own and own != theirs:
            known = dict(theirs)
            if any(minute > known.get(j, 0) for j, minute in own):
                return False
    return all(not own or _no_sooner(own, theirs) for own, theirs in zip(one.due, other.due, strict=True))


def _no_sooner(one: Waits, other: Waits) -> bool:
    """Whether all that the one must begin by a minute the other must begin by then, or sooner."""
    known = dict(other)
    return all(by >= known.get(j, NEVER) for j, by in one)


def _due_after(chain: Chain, due: Waits, k: int, end: int) -> Waits:
    """What of a chain must begin by when once its segment `k` ended at a minute, by place."""
    if not due and not chain.hurries[k]:
        return ()
    known = {j: by for j, by in due if j > k}
    for j, most in chain.hurries[k]:
        known[j] = min(known.get(j, NEVER), end + most)
    return tuple(sorted(known.items()))


def in_time(problem: Problem, state: State, minute: int) -> bool:
    """Whether what must begin by some minute can, if all that comes before it begins at `minute`."""
    for chain, done, due in zip(problem.chains, state.done, state.due, strict=True):
        for j, by in due:
            if minute + chain.left[done] - chain.left[j] > by:
                return False
    return True
