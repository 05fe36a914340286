"""A plan from a half-painted surface is a plan like any other: what is done stays, the rest is new."""

from __future__ import annotations

import math
from dataclasses import replace

import numpy as np
import pytest

from tests.pieces import patchwork
from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.materials.media import medium_named
from washboard.core.materials.surfaces import sheet_of, surface_of
from washboard.core.order.options import NO_OPTIONS, Kept, Options
from washboard.core.order.result import PlanningResult
from washboard.core.plan.plan import Kind, Pass, Role
from washboard.core.plan.state import BARE, MassSurface, SheetState
from washboard.core.planning.planner import plan_of
from washboard.core.planning.progress import after_passes
from washboard.core.surface.replay import refusals_of, replay, state_after

CASES = [(medium, seed) for medium in ("watercolour", "pastel", "acrylic", "oil") for seed in range(6)]


def planned(
    medium: str, seed: int, start: SheetState = BARE, options: Options = NO_OPTIONS
) -> PlanningResult:
    measured, parts = patchwork(seed, 8 + seed, 1 + seed % 3, 30.0)
    surface = surface_of("white" if medium == "watercolour" else "value:5")
    return plan_of(
        measured.masses, parts, medium_named(medium), surface, sheet_of(30, 20, 1.5), options, start=start
    )


@pytest.mark.parametrize(("medium", "seed"), CASES)
def test_after_two_passes_the_rest_is_planned_anew_and_the_judge_agrees(medium: str, seed: int) -> None:
    first = planned(medium, seed)
    count = min(2, len(first.plan.passes) - 1)
    state = after_passes(first, count)
    rest = planned(medium, seed, state)
    plan = rest.plan
    assert refusals_of(plan) == ()
    settled = {name for name, there in state.masses.items() if there.settled}
    touched = {o.mass for done in plan.passes for o in done.operations if o.role is Role.TARGET}
    assert settled
    assert not settled & touched, "what has its target is not painted again"
    assert settled | touched == {mass.id for mass in plan.masses}
    # The two passes and the plan of the rest are one sound plan, judged from the bare surface.
    gap = plan.start.clock - state.clock
    done = first.plan.passes[:count]
    waited = (*done[:-1], _later(done[-1], gap))
    renamed = tuple(_named(p, f"q{k}") for k, p in enumerate(plan.passes))
    assert replay(plan.masses, (*waited, *renamed), plan.medium, plan.surface.value) == ()


def _later(done: Pass, minutes: float) -> Pass:
    return replace(done, wait=done.wait + minutes)


def _named(done: Pass, name: str) -> Pass:
    return replace(done, id=name)


@pytest.mark.parametrize(("medium", "seed"), CASES[::3])
def test_a_plan_from_the_state_ends_where_the_first_one_would(medium: str, seed: int) -> None:
    first = planned(medium, seed)
    rest = planned(medium, seed, after_passes(first, 1))
    ends = np.array([first.plan.predicted[-1], rest.plan.predicted[-1]])
    assert np.abs(ends[0] - ends[1]).max() < 0.8
    assert np.abs(ends[0] - ends[1]).mean() < 0.15


@pytest.mark.parametrize("medium", ["watercolour", "oil"])
def test_the_first_pass_waits_until_what_it_meets_is_dry(medium: str) -> None:
    first = planned(medium, 3)
    state = after_passes(first, 1)
    wet = {
        name: there if there.layers == 0 else MassSurface(**{**vars(there), "dry_at": state.clock + 500})
        for name, there in state.masses.items()
    }
    rest = planned(medium, 3, SheetState(state.clock, wet)).plan
    assert refusals_of(rest) == ()
    if medium == "watercolour":
        assert rest.start.clock == state.clock + 500


def test_a_light_under_masking_fluid_has_it_taken_off_and_is_not_masked_again() -> None:
    tried = 0
    for seed in range(12):
        lights = [one.mass for one in planned("watercolour", seed).plan.reserves]
        options = Options(ways=tuple(Kept(mass, Kind.MASK) for mass in lights))
        first = planned("watercolour", seed, options=options)
        masks = [o.mass for o in first.plan.passes[0].operations if o.kind is Kind.MASK]
        if masks and len(first.plan.passes) > 2:
            rest = planned("watercolour", seed, after_passes(first, 2), options).plan
            kinds = [(o.mass, o.kind) for done in rest.passes for o in done.operations]
            assert refusals_of(rest) == ()
            assert all((mass, Kind.UNMASK) in kinds for mass in masks)
            assert Kind.MASK not in {kind for _, kind in kinds}
            tried += 1
    assert tried >= 5


def test_nothing_is_left_to_do_when_all_is_done() -> None:
    first = planned("acrylic", 2)
    state = after_passes(first, len(first.plan.passes))
    assert planned("acrylic", 2, state).plan.passes == ()


def test_a_bare_start_is_no_start_at_all() -> None:
    assert planned("pastel", 4, SheetState()).plan == planned("pastel", 4).plan


def test_states_that_cannot_be_are_refused() -> None:
    for clock in (-1.0, math.nan, math.inf):
        with refuses(InvalidInput, "clock"):
            SheetState(clock)
    with refuses(InvalidInput, "m1"):
        SheetState(0.0, {"m1": MassSurface(11.0)})
    first = planned("oil", 1)
    with refuses(InvalidInput, "passes"):
        after_passes(first, len(first.plan.passes) + 1)


def test_the_judge_counts_time_from_where_the_sheet_stands() -> None:
    plan = planned("watercolour", 5).plan
    once = state_after(plan.masses, plan.passes, plan.medium, plan.surface.value)
    later = state_after(plan.masses, plan.passes, plan.medium, plan.surface.value, SheetState(100.0))
    assert later.clock == pytest.approx(once.clock + 100)
