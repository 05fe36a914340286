"""The way through a pass: every mass once, no wet edge asked for that is dry by then, or a seam is told."""

from __future__ import annotations

from dataclasses import replace
from functools import cache

import pytest

from tests.core.test_half_painted import planned
from tests.said import text
from washboard.core.order.options import Kept, Options
from washboard.core.plan.acts import ACTS
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.way.way import SOFT, Stride, way_through
from washboard.core.words.strides import lines

CASES = [(medium, seed) for medium in ("watercolour", "pastel", "acrylic", "oil") for seed in range(8)]


@cache
def plan_of_a(medium: str, seed: int) -> Plan:
    return planned(medium, seed).plan


def worked(plan: Plan, k: int) -> set[str]:
    kept = (Kind.LEAVE, Kind.RESERVE)
    masked = {o.mass for p in plan.passes[:k] for o in p.operations if o.kind is Kind.MASK}
    masked -= {o.mass for p in plan.passes[:k] for o in p.operations if o.kind is Kind.UNMASK}
    return {
        o.mass
        for o in plan.passes[k].operations
        if o.role is not Role.OVERLAP and o.kind not in kept and o.cover > 0.05
        if o.mass not in masked or not o.kind.lays
    }


@pytest.mark.parametrize(("medium", "seed"), CASES)
def test_every_mass_of_a_pass_comes_once_and_minutes_are_those_of_the_pass(medium: str, seed: int) -> None:
    plan = plan_of_a(medium, seed)
    for k, done in enumerate(plan.passes):
        way = way_through(plan, done)
        names = [name for step in way for name in step.masses]
        assert sorted(names) == sorted(worked(plan, k))
        if way:
            assert sum(step.minutes for step in way) == pytest.approx(done.minutes)
            assert [s.start for s in way] == sorted(s.start for s in way)
            for step in way:
                assert all(0 <= c <= 1 for place in (step.begins, step.ends) for c in place)


@pytest.mark.parametrize(("medium", "seed"), CASES)
def test_no_step_asks_for_an_edge_that_is_dry_by_then(medium: str, seed: int) -> None:
    plan = plan_of_a(medium, seed)
    opens = plan.medium.open_minutes
    for done in plan.passes:
        ended: dict[str, float] = {}
        for step in way_through(plan, done):
            if opens is None:
                assert not step.carries
                assert not step.seams
            else:
                met = wet_edges(plan, step, ended)
                assert set(step.carries) <= met
                assert all(step.start - ended[name] <= opens for name in step.carries)
                assert all(step.start + step.minutes - ended[name] > opens for name in step.seams)
                dry = {name for name in met if step.start - ended[name] > opens}
                assert dry <= set(step.seams) or step.count > 1
                assert step.open_minutes is None or 0 <= step.open_minutes <= opens
            ended |= dict.fromkeys(step.masses, step.start + step.minutes)


def wet_edges(plan: Plan, step: Stride, ended: dict[str, float]) -> set[str]:
    """Finished neighbours of a step that it is to run into."""
    beside = [b for name in step.masses for b in plan.by_id[name].borders]
    return {b.mass for b in beside if b.hardness < SOFT and b.mass in ended}


def test_what_is_masked_is_no_step_of_the_wash_over_it() -> None:
    found = 0
    for seed in range(12):
        lights = [one.mass for one in plan_of_a("watercolour", seed).reserves]
        masks = Options(ways=tuple(Kept(mass, Kind.MASK) for mass in lights))
        plan = planned("watercolour", seed, options=masks).plan
        on: set[str] = set()
        for done in plan.passes:
            steps = {name for step in way_through(plan, done) for name in step.masses}
            if any(o.kind is Kind.WASH for o in done.operations):
                assert not on & steps
                found += len(on)
            on |= {o.mass for o in done.operations if o.kind is Kind.MASK}
            on -= {o.mass for o in done.operations if o.kind is Kind.UNMASK}
    assert found


def test_a_left_hand_goes_the_other_way_across_the_sheet() -> None:
    plan = plan_of_a("pastel", 3)
    wide = max(plan.passes, key=lambda done: len(way_through(plan, done)))
    right, left = (way_through(plan, wide, hand) for hand in (True, False))
    assert [s.masses for s in right] != [s.masses for s in left]
    assert {n for s in right for n in s.masses} == {n for s in left for n in s.masses}


def test_many_small_masses_of_a_kind_are_one_step_that_counts_them() -> None:
    counted = [
        step
        for medium, seed in CASES
        for done in plan_of_a(medium, seed).passes
        for step in way_through(plan_of_a(medium, seed), done)
        if step.count > 1
    ]
    assert all(len(step.masses) >= step.count >= 3 for step in counted)


@pytest.mark.parametrize("medium", ["watercolour", "pastel", "acrylic", "oil"])
def test_a_mass_is_laid_first_and_what_else_is_done_to_it_is_told_with_that_step(medium: str) -> None:
    plan = plan_of_a(medium, 3)
    row, laid = next(
        (k, o)
        for k, done in enumerate(plan.passes)
        for o in done.operations
        if o.role is Role.TARGET and o.kind.lays and o.cover > 0.5
    )
    kind = Kind.SOFTEN if medium in ("watercolour", "acrylic") else Kind.BLEND
    joined = replace(laid, kind=kind, role=Role.OVER, cover=0.3)
    wetted = replace(laid, kind=Kind.WET, role=Role.UNDER)
    at = plan.passes[row].operations.index(laid)
    own = [*plan.passes[row].operations]
    own[at : at + 1] = [wetted, laid, joined] if medium == "watercolour" else [laid, joined]
    done = replace(plan.passes[row], operations=tuple(own))
    passes = (*plan.passes[:row], done, *plan.passes[row + 1 :])
    step = next(s for s in way_through(replace(plan, passes=passes), done) if laid.mass in s.masses)
    assert step.kind is laid.kind
    assert kind in step.after
    assert (Kind.WET in step.before) == (medium == "watercolour")
    said = " ".join(text(line, plan) for line in lines(plan, step))
    assert f"Then: {ACTS[kind].words}" in said
    assert ("First: wet with clear water" in said) == (medium == "watercolour")
