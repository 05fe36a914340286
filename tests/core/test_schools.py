"""The seven schools: what each demands, where it cannot be, what they come to side by side."""

from __future__ import annotations

from dataclasses import replace
from itertools import pairwise

import numpy as np
import pytest

from tests.pieces import THINGS, Made, patchwork
from tests.said import refuses, words_of
from washboard.core.errors import InvalidInput
from washboard.core.key.relations import Thing
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import sheet_of, surface_of
from washboard.core.order.coverage import Status
from washboard.core.order.options import Kept, Options
from washboard.core.order.reserve import KEEPING
from washboard.core.order.result import PassType, PlanningResult
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.planning.compare import compared
from washboard.core.schools import SCHOOLS, refused, school_named
from washboard.core.schools.light_first import GLOW
from washboard.core.surface.replay import replay


def made(
    seed: int, school: str, medium: str, surface: str = "white", count: int = 9, accents: int = 1
) -> PlanningResult:
    measured, parts = patchwork(seed, count, accents)
    return Made(measured, parts, medium, surface, school, (30.0, 20.0), None).worked()


def slim(seed: int) -> Made:
    """A small sheet, on which a light accent is three millimetres wide."""
    measured, parts = patchwork(seed, 9, 3, 12.0)
    return Made(measured, parts, "watercolour", "white", "light-to-dark", (12.0, 8.0), None)


def turns(plan: Plan) -> dict[str, int]:
    return {
        o.mass: k
        for k, done in enumerate(plan.passes)
        for o in done.operations
        if o.role is Role.TARGET and o.kind.reaches
    }


@pytest.mark.parametrize(
    ("school", "medium", "surface", "why", "nearest"),
    [
        ("dark-to-light", "watercolour", "white", "only darkens", "both-ends"),
        ("layered-negative", "oil", "white", "covers the layer before", "dark-to-light"),
        ("layered-negative", "pastel", "white", "covers the layer before", "dark-to-light"),
        ("wipe-out", "pastel", "white", "grain cannot be wiped", "dark-to-light"),
        ("wipe-out", "oil", "black", "value of 2.5, not 6", "dark-to-light"),
        ("wipe-out", "watercolour", "value:5", "value of 5.0, not 6", "light-to-dark"),
    ],
)
def test_a_school_that_cannot_be_says_why_and_offers_the_nearest(
    school: str, medium: str, surface: str, why: str, nearest: str
) -> None:
    with refuses(InvalidInput, "the order was kept") as refusal:
        school_named(school, medium_named(medium), surface_of(surface))
    assert why in words_of(refusal.value)
    assert nearest in words_of(refusal.value)
    assert not refused(SCHOOLS[nearest], medium_named(medium), surface_of(surface))


@pytest.mark.parametrize("medium", MEDIA)
def test_every_medium_has_five_schools_at_least_on_white(medium: str) -> None:
    able = [s for s in SCHOOLS.values() if not refused(s, medium_named(medium), surface_of("white"))]
    assert len(able) >= 5
    assert MEDIA[medium].school in {s.key for s in able}


@pytest.mark.parametrize("medium", ["watercolour", "pastel", "acrylic"])
def test_both_ends_stand_before_the_middles_and_the_dark_is_restated_last(medium: str) -> None:
    plan = made(4, "both-ends", medium).plan
    turn = turns(plan)
    laid = [m for m in plan.masses if m.id in turn and m.kind != "accent"]
    low, high = min(m.target for m in laid), max(m.target for m in laid)
    darkest = min(laid, key=lambda m: m.target)
    middles = [m for m in laid if low + 0.3 * (high - low) < m.target < high - 0.3 * (high - low)]
    assert middles
    assert turn[darkest.id] < min(turn[m.id] for m in middles)
    restated = [k for k, done in enumerate(plan.passes) for o in done.operations if o.kind is Kind.RESTATE]
    assert restated
    assert min(restated) > max(turn[m.id] for m in middles)
    marked = {o.mass for done in plan.passes for o in done.operations if o.kind is Kind.PLACEHOLDER}
    assert all(plan.mass(name).target >= high - 0.3 * (high - low) for name in marked)


def test_object_by_object_finishes_the_far_thing_before_the_near_one() -> None:
    for medium in ("pastel", "oil", "watercolour"):
        worked = made(6, "by-object", medium, count=12)
        plan, turn = worked.plan, turns(worked.plan)
        held = {k for k, back in enumerate(worked.scene.recovers) if back}
        place = {name: k for k, name in enumerate(THINGS)}
        order = sorted(
            (turn[m.id], place[m.area or ""])
            for k, m in enumerate(plan.masses)
            if m.id in turn and m.kind != "accent" and k not in held and m.share > 0.02
        )
        firsts = [area for _, area in order]
        assert firsts == sorted(firsts), medium
        assert all(len({k for k, a in order if a == area}) <= 3 for area in set(firsts)), "a few stages each"


def test_the_light_comes_first_and_its_glow_is_one_pass() -> None:
    worked = made(9, "light-first", "oil", "value:5")
    glow = [step for step in worked.steps if step.called == GLOW]
    assert len(glow) == 1
    first = next(step for step in worked.steps if step.pass_type is PassType.LAYS)
    assert first is glow[0]
    kinds = {
        o.kind for o in worked.plan.passes[worked.steps.index(first)].operations if o.role is Role.TARGET
    }
    assert kinds - {Kind.LEAVE} == {Kind.GLOW}


def test_negative_layers_are_four_to_seven_deep_and_each_runs_under_all_that_is_darker() -> None:
    lying: list[int] = []
    for seed in range(6):
        worked = made(seed, "layered-negative", "watercolour", count=14, accents=0)
        layers = [step for step in worked.steps if step.pass_type is PassType.LAYS]
        assert 4 <= len(layers) <= 7
        parts = worked.scene.parts
        for one, other in pairwise(layers):
            spoilt = (one.problem.spoil >= 1e6) | (one.problem.status != Status.LATER)
            inside = other.covered & ~one.covered & ~spoilt
            assert not inside.any(), "a later layer lies inside the one before but where it would be spoilt"
        deepest = int(np.argmin([m.target for m in worked.scene.masses]))
        lying.append(sum(bool(step.covered[parts.of(deepest)].any()) for step in layers))
        said = [r for done in worked.plan.passes for r in done.reasons if r.kind == "surrounds"]
        assert said
        assert all(r.figures["cm"] > 0 for r in said)
    # Where an under-layer would spoil the hue it stays off.
    assert sum(count >= 3 for count in lying) >= 4


def test_wiping_out_tones_first_wipes_while_wet_and_adds_the_darks() -> None:
    worked = made(3, "wipe-out", "oil")
    pass_type = [step.pass_type for step in worked.steps]
    assert pass_type[:2] == [PassType.TONES, PassType.WIPES]
    tone, wipe = worked.plan.passes[:2]
    assert tone.wait == 0, "what is wiped is wiped while it is wet"
    for o in wipe.operations:
        assert o.kind is Kind.WIPE
        assert o.to_value > o.from_value
    darks = [o for done in worked.plan.passes[2:] for o in done.operations if o.role is Role.TARGET]
    value = next(o.to_value for o in tone.operations)
    assert all(worked.plan.mass(o.mass).target < value + 0.5 for o in darks if o.kind is Kind.LAYER)


def test_lights_too_slim_for_a_brush_are_masked_run_over_and_uncovered() -> None:
    worked = slim(3).worked()
    masked = {o.mass for done in worked.plan.passes for o in done.operations if o.kind is Kind.MASK}
    assert masked
    last = worked.plan.predicted[-1]
    for k, mass in enumerate(worked.plan.masses):
        if mass.id in masked:
            assert last[k] == pytest.approx(worked.plan.surface.value, abs=0.01)
            reserve = next(r for r in worked.plan.reserves if r.mass == mass.id)
            assert (reserve.kind, reserve.overruled) == (Kind.MASK, False)


def test_an_overruled_light_is_kept_as_the_painter_says() -> None:
    piece = slim(3)
    before = piece.worked().plan
    light = next(r for r in before.reserves if r.kind is Kind.MASK)
    options = Options("light-to-dark")
    for way in (Kind.RESERVE, Kind.SCRATCH, Kind.WHITE):
        plan = piece.worked(replace(options, ways=(Kept(light.mass, way),))).plan
        kinds = {o.kind for done in plan.passes for o in done.operations if o.mass == light.mass}
        assert way in kinds
        assert next(r for r in plan.reserves if r.mass == light.mass).overruled


@pytest.mark.parametrize("school", ["light-to-dark", "both-ends", "layered-negative", "by-object"])
def test_a_light_kept_in_any_way_the_painter_asks_for_is_kept_so_in_a_sound_plan(school: str) -> None:
    for seed in (1, 4):
        width = (12.0, 30.0)[seed % 2]
        measured, parts = patchwork(seed, 9, 3, width)
        piece = Made(measured, parts, "watercolour", "white", school, (width, width / 1.5), None)
        for reserve in piece.worked().plan.reserves:
            for way in KEEPING:
                plan = piece.worked(Options(school, ways=(Kept(reserve.mass, way),))).plan
                assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()
                now = next(r for r in plan.reserves if r.mass == reserve.mass)
                done = {o.kind for p in plan.passes for o in p.operations if o.mass == reserve.mass}
                assert now.kind in done
                assert now.kind is way or not now.overruled, "what cannot be is not done"


def test_schools_side_by_side_account_for_each_and_say_which_cannot_be() -> None:
    measured, parts = patchwork(5, 12, 0)
    things = tuple(Thing(name) for name in THINGS)
    found = compared(
        measured.masses,
        parts,
        medium_named("oil"),
        surface_of("white"),
        sheet_of(30, 20, 1.5),
        Options(things=things),
    )
    assert [one.school.key for one in found] == list(SCHOOLS)
    by = {one.school.key: one for one in found}
    assert "covers the layer before" in by["layered-negative"].why_not
    assert by["layered-negative"].metrics is None
    for one in found:
        if one.metrics is None or one.worked is None:
            continue
        plan = one.worked.plan
        assert one.metrics.passes == len(plan.passes)
        assert one.metrics.active == pytest.approx(sum(p.minutes for p in plan.passes))
        assert one.metrics.worst >= one.metrics.mean >= 0
        assert one.metrics.judged is None or 1 <= one.metrics.judged <= one.metrics.passes
    wiped, layered = by["wipe-out"].metrics, by["dark-to-light"].metrics
    assert wiped is not None
    assert layered is not None
    assert wiped.irreversible > layered.irreversible == 0
    assert wiped.sittings > layered.sittings, "days of drying between tone and darks"
    ends = by["both-ends"].metrics
    assert ends is not None
    assert ends.judged is not None
    assert layered.judged is not None
    assert ends.judged <= layered.judged
