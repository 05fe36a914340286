"""Sittings: as few as can be, then as early as can be, within what dries and the windows there are."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from itertools import combinations

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from bench.sittings import problem_of
from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.sittings.greedy import soonest
from washboard.core.sittings.readying import readying
from washboard.core.sittings.schedule import schedule
from washboard.core.sittings.short import lengthened, one_more, quickened, shortage_of
from washboard.core.sittings.sitting import sittings_of, waiting_in
from washboard.core.sittings.work import Block, Chain, Problem, Readying, Segment, Window


def valid(problem: Problem, blocks: Iterable[Block]) -> bool:
    """Whether a schedule keeps every rule, reckoned from its blocks alone."""
    blocks, ends = sorted(blocks, key=lambda b: b.start), dict[tuple[int, int], int]()
    done = [0] * len(problem.chains)
    for block in blocks:
        chain = problem.chains[block.chain]
        segment = chain.segments[block.segment]
        assert block.segment == done[block.chain], "in the order of its chain"
        done[block.chain] += 1
        for earlier, least in segment.lags:
            assert block.start >= ends[block.chain, earlier] + least
        for earlier, most in segment.within:
            assert block.start <= ends[block.chain, earlier] + most
        for j, minute in chain.waits:
            assert block.segment < j or block.start >= minute
        ends[block.chain, block.segment] = block.start + segment.minutes
    assert done == [len(chain.segments) for chain in problem.chains], "all is done"
    for w in {block.window for block in blocks}:
        now, media = problem.windows[w].start, set[str]()
        own = [b for b in blocks if b.window == w]
        for block in own:
            chain = problem.chains[block.chain]
            ready = 0 if chain.medium in media else problem.readies(chain).set_up
            media.add(chain.medium)
            assert block.start >= now + ready, "one pair of hands"
            now = block.start + chain.segments[block.segment].minutes
        clean = {
            problem.chains[b.chain].medium: problem.readies(problem.chains[b.chain]).clean_up for b in own
        }
        assert now + sum(clean.values()) <= problem.windows[w].end
    return True


def fewest(problem: Problem) -> tuple[int, int] | None:
    """The fewest sittings and then the earliest end, by trying every set of windows and every order in it."""
    count = len(problem.windows)
    for used in range(count + 1):
        ends = [
            end
            for windows in combinations(range(count), used)
            if (end := _earliest(problem, windows, 0, [0] * len(problem.chains), {}, -1, frozenset()))
            is not None
        ]
        if ends:
            return used, min(ends)
    return None


def _earliest(problem, windows, at, done, ends, now, media) -> int | None:  # type: ignore[no-untyped-def]
    if all(k == len(chain.segments) for k, chain in zip(done, problem.chains, strict=True)):
        return now if at >= len(windows) - 1 or not windows else None
    if at == len(windows):
        return None
    window = problem.windows[windows[at]]
    best = _earliest(problem, windows, at + 1, done, ends, -1, frozenset()) if now >= 0 or at == 0 else None
    begin = max(now, window.start)
    for c, chain in enumerate(problem.chains):
        k = done[c]
        if k == len(chain.segments):
            continue
        segment, ready = chain.segments[k], problem.readies(chain)
        start = begin + (0 if chain.medium in media else ready.set_up)
        start = max([start, *(ends[c, i] + least for i, least in segment.lags)])
        end, after = start + segment.minutes, media | {chain.medium}
        clean = sum(problem.readying[m].clean_up for m in after)
        if end + clean > window.end or any(start > ends[c, i] + most for i, most in segment.within):
            continue
        more = [*done[:c], k + 1, *done[c + 1 :]]
        found = _earliest(problem, windows, at, more, ends | {(c, k): end}, end, after)
        best = found if best is None or (found is not None and found < best) else best
    return best


@pytest.mark.parametrize("passes", [20, 40, 60])
def test_every_schedule_keeps_every_rule_and_nearly_all_are_proven(passes: int) -> None:
    proven = 0
    for seed in range(6):
        problem = problem_of(7000 + 10 * passes + seed, passes)
        found = schedule(problem)
        assert found is not None
        assert valid(problem, found.blocks)
        assert found.bound <= found.sittings == len({b.window for b in found.blocks})
        assert found.sittings <= len({b.window for b in soonest(problem)})
        proven += found.proven
    assert proven >= {20: 6, 40: 5, 60: 3}[passes]


@pytest.mark.parametrize("seed", range(40))
def test_small_ones_are_as_few_and_as_early_as_any_order_can_be(seed: int) -> None:
    problem = problem_of(seed, 2 + seed % 4)
    problem = replace(problem, windows=problem.windows[:5])
    best, found = fewest(problem), schedule(problem)
    if best is None:
        assert found is None
        return
    assert found is not None
    last = found.blocks[-1]
    end = last.start + problem.chains[last.chain].segments[last.segment].minutes
    assert (found.sittings, end) == best
    assert found.proven


def test_the_same_problem_has_the_same_answer_on_each_run() -> None:
    for seed in (1, 2, 3):
        assert schedule(problem_of(seed, 40)) == schedule(problem_of(seed, 40))


def test_a_wait_is_filled_with_another_piece() -> None:
    wash = Chain("wash", "watercolour", (Segment("p1", 20), Segment("p2", 20, ((0, 30),))))
    still = Chain("still life", "watercolour", (Segment("p1", 25),))
    problem = Problem((wash, still), (Window(0, 120),), {"watercolour": Readying(10, 5)})
    found = schedule(problem)
    assert found is not None
    (sitting,) = sittings_of(problem, found.blocks)
    assert [(s.chain, s.start, s.fills) for s in sitting.stints] == [
        ("wash", 10, None),
        ("still life", 30, ("wash", "p1")),
        ("wash", 60, None),
    ]
    assert (sitting.start, sitting.end) == (0, 85)
    told = waiting_in(problem, found.blocks)
    assert (told.minutes, told.filled) == (30, 25)


def test_masking_fluid_is_not_left_on_over_days() -> None:
    chain = Chain(
        "p",
        "watercolour",
        (Segment("mask", 5), Segment("wash", 60, ((0, 20),)), Segment("off", 5, (), ((0, 2160),))),
    )
    far = Problem((chain,), (Window(0, 45), Window(4320, 4450), Window(5760, 5800)), readying(0))
    found = schedule(far)
    assert found is not None
    assert [b.window for b in found.blocks] == [1, 1, 1]
    assert schedule(replace(far, windows=(Window(0, 45), Window(4320, 4390)))) is None


@pytest.mark.parametrize("seed", range(30))
def test_where_work_does_not_fit_a_window_is_named_whose_lengthening_mends_it(seed: int) -> None:
    problem = problem_of(300 + seed, 4 + seed % 7)
    used = max(block.window for block in soonest(problem))
    cut = replace(problem, windows=problem.windows[:used])
    tight = next(
        (p for p in (cut, replace(cut, windows=cut.windows[:-1])) if p.windows and schedule(p) is None), None
    )
    if tight is None:
        return
    short = shortage_of(tight)
    ways = [short.window, short.sitting, short.without, short.quicker]
    assert any(way is not None for way in ways)
    if short.window is not None:
        mended = schedule(lengthened(tight, short.window, short.minutes))
        assert mended is not None
        assert valid(lengthened(tight, short.window, short.minutes), mended.blocks)
        assert short.minutes == 5 or not soonest(lengthened(tight, short.window, short.minutes - 5))
    if short.sitting is not None:
        assert schedule(one_more(tight, short.sitting[1], short.sitting[0])) is not None
    if short.quicker is not None:
        assert schedule(quickened(tight, short.quicker)) is not None


@settings(max_examples=60)
@given(seed=st.integers(0, 10_000), passes=st.integers(1, 12))
def test_more_time_never_takes_more_sittings(seed: int, passes: int) -> None:
    problem = problem_of(seed, passes)
    first = schedule(problem)
    later = schedule(one_more(problem, 180))
    assert first is not None
    assert later is not None
    if first.proven and later.proven:
        assert later.sittings <= first.sittings


def test_nothing_to_do_takes_no_sitting_and_no_window_takes_none() -> None:
    nothing = Problem((Chain("a", "oil", ()),), (Window(0, 60),), readying())
    found = schedule(nothing)
    assert found is not None
    assert (found.sittings, found.blocks) == (0, ())
    assert schedule(Problem((Chain("a", "oil", (Segment("p1", 5),)),), (), readying())) is None


def test_windows_that_overlap_and_work_that_cannot_be_are_refused() -> None:
    with refuses(InvalidInput, "overlap"):
        Problem((), (Window(0, 60), Window(30, 90)))
    with refuses(InvalidInput, "p1"):
        Problem((Chain("a", "oil", (Segment("p1", 0),)),), ())
    with refuses(InvalidInput, "p2"):
        Problem((Chain("a", "oil", (Segment("p1", 5), Segment("p2", 5, ((1, 3),)))),), ())


def test_many_pieces_that_must_not_wait_are_never_said_to_need_more_than_they_take() -> None:
    def chain(name: str, minutes: int) -> Chain:
        mask, wash, second = Segment("p1", 5), Segment("p2", minutes), Segment("p3", minutes, ((1, 23),))
        off = Segment("p4", 5, ((1, 23), (2, 20)), ((0, 2160),))
        return Chain(name, "watercolour", (mask, wash, second, off))

    evenings = tuple(Window(day * 1440 + 1140, day * 1440 + 1260) for day in range(30))
    for count in (2, 4, 7):
        chains = tuple(chain(f"c{k}", 25 + 5 * (k % 3)) for k in range(count))
        problem = Problem(chains, evenings, readying())
        first, found = soonest(problem), schedule(problem)
        assert found is not None
        assert valid(problem, first)
        assert valid(problem, found.blocks)
        assert found.bound <= found.sittings <= len({block.window for block in first})
