"""Passes of the painter's own: set in anywhere, left out again, judged, and worked out like the rest."""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.pieces import Made, patchwork
from tests.said import how, refuses, text
from washboard.core.errors import InvalidInput
from washboard.core.materials.media import MEDIA
from washboard.core.materials.paints import PAINTS, palette_of
from washboard.core.order.result import PlanningResult
from washboard.core.plan.acts import ACTS, Sort
from washboard.core.plan.own import HOW, LAID, MOST_OWN, Own, free_id, offered, set_in
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.planning.rearrange import moved, with_own, without
from washboard.core.planning.reorder import reordered
from washboard.core.recipe.board import board_of
from washboard.core.surface.replay import replay

GROUNDS = {"watercolour": "white", "acrylic": "white", "oil": "value:5", "pastel": "black"}
BY_MEDIUM = {key: [kind for kind in Kind if kind in offered(medium)] for key, medium in MEDIA.items()}


@cache
def made(medium: str, seed: int = 3) -> PlanningResult:
    measured, parts = patchwork(seed, 9, 1, 45.0)
    school = "light-to-dark" if medium == "watercolour" else "dark-to-light"
    return Made(measured, parts, medium, GROUNDS[medium], school, (45, 30), None).worked()


def laid_in(plan: Plan, k: int) -> tuple[str, ...]:
    """What reaches its target in a pass by being laid."""
    return tuple(o.mass for o in plan.passes[k].operations if o.role is Role.TARGET and o.kind.lays)


def refused(worked: PlanningResult) -> list[str]:
    plan = worked.plan
    return [text(r.sentence, plan) for r in replay(plan.masses, plan.passes, plan.medium, plan.surface.value)]


@settings(max_examples=80, deadline=None, derandomize=True)
@given(st.data())
def test_the_answer_is_what_the_worked_out_plan_then_is(data: st.DataObject) -> None:
    medium = data.draw(st.sampled_from(sorted(GROUNDS)))
    worked = made(medium, data.draw(st.integers(1, 6)))
    ids = [mass.id for mass in worked.plan.masses]
    kind = data.draw(st.sampled_from(BY_MEDIUM[medium]))
    masses = data.draw(st.lists(st.sampled_from(ids), min_size=1, max_size=4, unique=True))
    after = data.draw(st.sampled_from(["", *(done.id for done in worked.plan.passes)]))
    own = Own("own1", kind, tuple(masses))
    verdict = with_own(worked.plan, own, after)
    fresh = reordered(worked, [done.id for done in verdict.passes], (own,))
    assert [done.id for done in fresh.plan.passes] == [done.id for done in verdict.passes]
    assert verdict.fine == (not refused(fresh))
    if verdict.repair:
        mended = reordered(worked, verdict.repair.order, (own,))
        assert refused(mended) == []
        assert own.id not in verdict.repair.moved


def test_a_glaze_darkens_a_wash_and_going_over_it_again_leaves_it_as_it_is() -> None:
    worked = made("watercolour")
    name = max(laid_in(worked.plan, 0), key=lambda one: worked.plan.mass(one).target)
    at = [mass.id for mass in worked.plan.masses].index(name)
    before = worked.plan.predicted[-1][at]
    after = {}
    for kind in (Kind.GLAZE, Kind.RESTATE, Kind.SOFTEN):
        order = [*(p.id for p in worked.plan.passes), "own1"]
        after[kind] = reordered(worked, order, (Own("own1", kind, (name,)),)).plan.predicted[-1][at]
    assert after[Kind.GLAZE] < before - 0.05
    assert after[Kind.RESTATE] == pytest.approx(before, abs=0.05)
    assert after[Kind.SOFTEN] == before


def test_a_pass_of_ones_own_has_words_minutes_and_its_reason_with_figures() -> None:
    worked = made("oil")
    names = laid_in(worked.plan, 0)
    order = [worked.plan.passes[0].id, "own1", *(p.id for p in worked.plan.passes[1:])]
    plan = reordered(worked, order, (Own("own1", Kind.SCUMBLE, names),)).plan
    own = plan.passes[1]
    assert text(own.title, plan).startswith("Scumble: ")
    assert own.beside
    assert own.minutes > 1
    assert own.reasons[0].figures["cm2"] == pytest.approx(sum(plan.mass(name).area_cm2 for name in names))
    assert [p.id for p in plan.passes] == order


@pytest.mark.parametrize("medium", ["acrylic", "oil", "pastel"])
def test_rays_are_laid_over_what_is_there_and_say_how_they_are_knocked_back(medium: str) -> None:
    worked = made(medium)
    own = Own("own1", Kind.RAYS, laid_in(worked.plan, 0)[:1])
    order = [worked.plan.passes[0].id, "own1", *(p.id for p in worked.plan.passes[1:])]
    plan = reordered(worked, order, (own,)).plan
    assert "nobody sees where they begin" in how(plan.passes[1], plan)
    assert with_own(worked.plan, own, order[0]).fine
    assert not with_own(worked.plan, own, "").fine, "on the bare surface there is nothing to lay them over"


def test_fixative_is_given_time_to_dry_before_anything_is_laid_over_it() -> None:
    worked = made("pastel")
    first = worked.plan.passes[0]
    plan = set_in(worked.plan, Own("own1", Kind.FIX, laid_in(worked.plan, 0)), first.id)
    order = [done.id for done in plan.passes]
    assert order[1] == "own1"
    verdict = with_own(worked.plan, Own("own1", Kind.FIX, laid_in(worked.plan, 0)), first.id)
    assert verdict.fine
    assert verdict.passes[1].wait >= 5
    fresh = reordered(worked, order, (Own("own1", Kind.FIX, laid_in(worked.plan, 0)),)).plan
    assert fresh.passes[1].wait >= 5
    assert len(plan.passes) == len(worked.plan.passes) + 1


def test_what_nothing_depends_on_is_left_out_and_the_rest_says_what_would_be_missing() -> None:
    worked = made("oil")
    for k, done in enumerate(worked.plan.passes):
        verdict = without(worked.plan, done.id)
        lost = {o.mass for o in done.operations if o.role is Role.TARGET}
        assert {r.mass for r in verdict.refusals} >= lost
        assert verdict.fine == (not lost), k
    order = [*(p.id for p in worked.plan.passes), "own1"]
    own = Own("own1", Kind.RESTATE, laid_in(worked.plan, 0))
    longer = reordered(worked, order, (own,))
    assert without(longer.plan, "own1").fine


def test_a_pass_without_which_a_shape_is_never_laid_is_not_dropped() -> None:
    worked = made("oil")
    last = worked.plan.passes[-1].id
    rest = [p.id for p in worked.plan.passes[:-1]]
    assert reordered(worked, rest, (), (last,)) is worked


def test_a_restated_dark_can_be_dropped_and_the_picture_follows() -> None:
    measured, parts = patchwork(3, 9, 1, 45.0)
    worked = Made(measured, parts, "watercolour", "white", "both-ends", (45, 30), None).worked()
    bare = [p.id for k, p in enumerate(worked.plan.passes) if not p.targets and not laid_in(worked.plan, k)]
    for name in bare:
        verdict = without(worked.plan, name)
        shorter = reordered(worked, [p.id for p in verdict.passes], (), (name,))
        assert verdict.fine == (not refused(shorter)) or shorter is worked
        assert len(shorter.plan.predicted) == len(shorter.plan.passes) + 1
    assert np.isfinite(worked.plan.predicted).all()


def test_what_its_shapes_are_gone_from_rests_and_another_plans_order_is_passed_over() -> None:
    worked = made("oil")
    order = [p.id for p in worked.plan.passes]
    gone = Own("own1", Kind.GLAZE, ("m999",))
    assert reordered(worked, [*order, "own1"], (gone,)) is worked
    here = Own("own1", Kind.GLAZE, laid_in(worked.plan, 0))
    assert reordered(worked, order, (here,)) is worked
    assert reordered(worked, [*order, "own1", "own1"], (here,)) is worked


@pytest.mark.parametrize(
    ("own", "after", "says"),
    [
        (Own("own1", Kind.LIFT_WET, ("m1",)), "", "can be: glaze"),
        (Own("own1", Kind.FIX, ("m1",)), "", "not fix"),
        (Own("own1", Kind.GLAZE, ()), "", "one mass or more"),
        (Own("own1", Kind.GLAZE, ("m999",)), "", "no mass “m999”"),
        (Own("own1", Kind.GLAZE, ("m1",)), "p77", "no pass “p77”"),
    ],
)
def test_what_cannot_be_set_in_is_refused_and_says_what_can(own: Own, after: str, says: str) -> None:
    with refuses(InvalidInput, says):
        with_own(made("oil").plan, own, after)


def test_a_plan_takes_a_few_passes_of_ones_own_each_under_an_id_of_its_own() -> None:
    plan = made("oil").plan
    name = laid_in(plan, 0)
    for k in range(1, MOST_OWN + 1):
        own = Own(free_id(plan), Kind.JUDGE, name)
        assert own.id == f"own{k}"
        plan = set_in(plan, own, plan.passes[-1].id)
    with refuses(InvalidInput, f"takes {MOST_OWN}"):
        set_in(plan, Own(free_id(plan), Kind.JUDGE, name), "")
    # They move like the others.
    assert moved(plan, "own2", 0).passes[0].id == "own2"


def test_no_pass_and_the_only_pass_are_not_left_out() -> None:
    plan = made("oil").plan
    with refuses(InvalidInput, "no pass “x”"):
        without(plan, "x")


def test_every_medium_offers_something_to_lay_and_something_that_only_looks() -> None:
    for medium in MEDIA.values():
        kinds = offered(medium)
        assert Kind.JUDGE in kinds
        assert set(LAID) & set(kinds)
    assert Kind.FIX in offered(MEDIA["pastel"])
    assert Kind.GLAZE not in offered(MEDIA["pastel"])


@pytest.mark.parametrize(
    ("medium", "kind"), [("watercolour", Kind.GLAZE), ("oil", Kind.RESTATE), ("pastel", Kind.SCUMBLE)]
)
def test_what_goes_over_a_shape_once_more_has_its_piles_on_the_board(medium: str, kind: Kind) -> None:
    worked = made(medium)
    names = laid_in(worked.plan, len(worked.plan.passes) - 1)
    order = [*(p.id for p in worked.plan.passes), "own1"]
    longer = reordered(worked, order, (Own("own1", kind, names),))
    before, after = (board_of(w, palette_of(medium, (), PAINTS)).piles for w in (worked, longer))
    fresh = [pile for pile in after if pile.done == "own1"]
    assert {name for pile in fresh for name in pile.masses} == set(names)
    assert len(after) == len(before) + len(fresh)
    looked = reordered(worked, order, (Own("own1", Kind.JUDGE, names),))
    assert len(board_of(looked, palette_of(medium, (), PAINTS)).piles) == len(before)


def looks(worked: PlanningResult, name: str, own: Own, after: str) -> tuple[bool, Plan]:
    """Whether an own pass changes the looks of a mass, and the plan with it."""
    order = [p.id for p in worked.plan.passes]
    order.insert(order.index(after) + 1, own.id)
    fresh = reordered(worked, order, (own,))
    step = fresh.steps[order.index(own.id)]
    at = [mass.id for mass in worked.plan.masses].index(name)
    parts = worked.scene.parts.of(at)
    return not np.allclose(step.before[parts], step.after[parts], atol=1e-4), fresh.plan


@pytest.mark.parametrize(
    ("medium", "kind"), [(medium, kind) for medium, kinds in BY_MEDIUM.items() for kind in kinds]
)
def test_every_act_of_ones_own_changes_the_picture_or_says_why_it_does_not(medium: str, kind: Kind) -> None:
    worked = made(medium)
    done = worked.plan.passes[0]
    # A dark that is modelled: whatever can be done to it, lighter, darker or evener, shows.
    by_id, laid = worked.plan.by_id, laid_in(worked.plan, 0)
    name = min(laid, key=lambda one: (by_id[one].gradation is None, by_id[one].target))
    changed, plan = looks(worked, name, Own("own1", kind, (name,)), done.id)
    own = next(p for p in plan.passes if p.id == "own1")
    told = how(own, plan)
    if ACTS[kind].sort is Sort.LOOKS:
        assert not changed
    elif kind in HOW:
        assert changed or "stays" in told or kind is Kind.RAYS
    else:
        assert changed, told
    if kind.takes:
        operation = own.operations[0]
        assert operation.to_value >= operation.from_value
