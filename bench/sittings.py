"""Generated problems of sittings, shared with the tests: `python -m bench.sittings` tells how many are
proven and how much of the waiting is filled."""

from __future__ import annotations

import random
import time
from collections import Counter
from dataclasses import replace

from washboard.core.sittings.greedy import soonest
from washboard.core.sittings.readying import READYING
from washboard.core.sittings.schedule import schedule
from washboard.core.sittings.sitting import waiting_in
from washboard.core.sittings.work import Block, Chain, Problem, Segment, Window

DAY, WEEK = 24 * 60, 7
MINUTES = (5, 10, 10, 15, 15, 20, 20, 25, 30, 35, 40, 45, 60, 90)
LAGS = {
    "watercolour": (10, 15, 20, 30, 40),
    "pastel": (0, 0, 0, 5, 8),
    "acrylic": (0, 7, 15, 20),
    "oil": (0, 0, 360, 1440, 2880, 4320, 7200),
}
HURRIES = {"watercolour": 12, "oil": 360, "acrylic": 10}


def problem_of(seed: int, passes: int) -> Problem:
    """One to four pieces of so many passes in all, in evenings, weekends or both; the quick answer fits."""
    dice, whole = random.Random(seed), None
    first: tuple[Block, ...] = ()
    while whole is None or not first:
        whole = _drawn(dice, passes, seed % 3)
        first = soonest(whole)
    last = first[-1].start + WEEK * DAY
    return replace(whole, windows=tuple(w for w in whole.windows if w.start <= last))


def _drawn(dice: random.Random, passes: int, kind: int) -> Problem:
    pieces = dice.randint(1, min(4, passes))
    cuts = sorted(dice.sample(range(1, passes), pieces - 1))
    sizes = [b - a for a, b in zip([0, *cuts], [*cuts, passes], strict=True)]
    chains = tuple(_chain(dice, f"piece {k + 1}", size) for k, size in enumerate(sizes))
    return Problem(chains, _windows(dice, kind), dict(READYING))


def _chain(dice: random.Random, name: str, passes: int) -> Chain:
    medium, segments = dice.choice(list(LAGS)), list[Segment]()
    for k in range(passes):
        minutes = dice.choice(MINUTES) if dice.random() < 0.9 else dice.randint(5, 90)
        lags: tuple[tuple[int, int], ...] = ()
        within: tuple[tuple[int, int], ...] = ()
        if k:
            # One in five waits for the pass before the last instead: it does not touch the last.
            before = k - 1 if dice.random() > 0.2 or k < 2 else k - 2
            least = dice.choice(LAGS[medium])
            if least:
                lags = ((before, least),)
            elif dice.random() < 0.1 and medium in HURRIES:
                within = ((k - 1, HURRIES[medium]),)
        segments.append(Segment(f"p{k + 1}", minutes, lags, within))
    return Chain(name, medium, tuple(segments))


def _windows(dice: random.Random, kind: int, days: int = 900) -> tuple[Window, ...]:
    spans = []
    for day in range(days):
        evening, morning = day * DAY + 19 * 60, day * DAY + 9 * 60
        if kind in (0, 1) and day % WEEK < 5 and dice.random() < 0.5:
            spans.append((evening, evening + dice.choice((90, 120, 150, 180))))
        if (kind == 1 and day % WEEK == 5) or (kind == 2 and day % WEEK >= 5):
            spans.append((morning, morning + dice.choice((180, 240, 300))))
    return tuple(Window(start, end) for start, end in spans)


def main() -> None:
    """Print figures of 67 problems each of 20, 40 and 60 passes."""
    for passes in (20, 40, 60):
        told, times, waiting, filled = Counter[str](), [], 0, 0
        for seed in range(67):
            problem = problem_of(1000 * passes + seed, passes)
            start = time.process_time()
            found = schedule(problem)
            times.append(time.process_time() - start)
            assert found is not None
            pieces = len(problem.chains)
            told[f"{pieces} pieces"] += 1
            told[f"{pieces} pieces, proven"] += found.proven
            told["proven"] += found.proven
            told["at most one more"] += found.sittings - found.bound <= 1
            told["proven in 2 s"] += found.proven and times[-1] <= 2
            of_it = waiting_in(problem, found.blocks)
            waiting, filled = waiting + of_it.minutes, filled + of_it.filled
        times.sort()
        print(f"{passes} passes: {dict(sorted(told.items()))}")
        print(f"  seconds {times[33]:.2f} median, {times[63]:.2f} p95, {times[-1]:.2f} most")
        print(f"  waiting inside sittings {waiting} min, {100 * filled / max(waiting, 1):.0f} % filled")


if __name__ == "__main__":
    main()
