"""Effects: what a picture proposes, how it is woven into the passes, and what the judge says of it."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace

import numpy as np
import pytest

from tests.core.test_half_painted import planned
from tests.lights import CM, MAKERS, rendered
from tests.long import rounds
from tests.pieces import patchwork
from tests.said import faults, text
from washboard.core.effects import Looked, effects_of
from washboard.core.effects.weave import woven
from washboard.core.order.options import Options
from washboard.core.order.result import PlanningResult
from washboard.core.plan.effect import FINISHING, SURE
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.plan.state import BARE
from washboard.core.reference.lights import light_of, odds_of
from washboard.core.reference.picture import picture_of
from washboard.core.schools import SCHOOLS
from washboard.core.surface.replay import refusals_of
from washboard.core.time.pace import SETTLING

MEDIA = ("watercolour", "pastel", "acrylic", "oil")
EACH = 30


def told(kind: str, seed: int) -> tuple[str, float]:
    """What a rendered light is taken for, and how surely."""
    made = rendered(kind, seed)
    seen = light_of(made.picture, made.there, CM)
    assert seen is not None
    odds = odds_of(seen)
    assert sum(odds.values()) == pytest.approx(1)
    best = max(odds, key=lambda name: odds[name])
    return best, odds[best]


@pytest.mark.parametrize("kind", ["lamp", "glint", "white-thing"])
def test_nine_in_ten_rendered_lights_are_told_apart_or_asked_about(kind: str) -> None:
    found = [told(kind, seed) for seed in range(1000, 1000 + EACH)]
    right = sum(best == kind or sure < SURE for best, sure in found)
    assert right >= 0.9 * EACH, Counter(found)
    assert sum(best == kind and sure >= SURE for best, sure in found) >= 0.8 * EACH


def test_a_patch_of_light_on_a_floor_is_never_surely_a_lamp() -> None:
    assert not [
        seed for seed in range(EACH) if told("patch", seed)[0] == "lamp" and told("patch", seed)[1] >= SURE
    ]
    assert set(MAKERS) == {"lamp", "glint", "white-thing", "patch"}


def scene(medium: str, seed: int, school: str | None = None) -> tuple[Looked, PlanningResult]:
    """A patchwork as a picture with borders of all widths, and its plan."""
    worked = planned(medium, seed, BARE, Options(school=school))
    plan = worked.plan
    dice = np.random.default_rng(seed)
    masses = [
        replace(
            mass,
            borders=tuple(
                replace(b, hardness=float(dice.uniform(0.2, 1)), softness_mm=float(dice.uniform(0.3, 12)))
                for b in mass.borders
            ),
        )
        for mass in plan.masses
    ]
    plan = replace(plan, masses=tuple(masses))
    measured, _ = patchwork(seed, 8 + seed, 1 + seed % 3, 30.0)
    by_label = {mass.label: mass for mass in plan.masses}
    light = np.array(
        [by_label[k].value if k in by_label else 5.0 for k in range(int(measured.labels.max()) + 1)]
    )
    grey = np.repeat((light[measured.labels] * 25.5)[..., None], 3, axis=-1).astype(np.uint8)
    return Looked(picture_of(grey), measured.labels, plan), replace(worked, plan=plan)


def proposing(medium: str) -> tuple[Looked, PlanningResult]:
    """The first patchwork of a medium that proposes something to be done."""
    for seed in range(40):
        on, worked = scene(medium, seed)
        if any(one.touches and not one.effect.asks for one in effects_of(on)):
            return on, worked
    raise AssertionError(medium)


@pytest.mark.soak
@pytest.mark.parametrize("medium", MEDIA)
def test_effects_never_break_a_plan_in_any_school_and_come_to_the_same_each_time(medium: str) -> None:
    kinds: Counter[Kind] = Counter()
    for school in (key for key, one in SCHOOLS.items() if medium in one.media):
        if school == "wipe-out" and medium != "watercolour":
            continue  # their ground here is too dark to be wiped back to
        for seed in range(rounds(6, 120)):
            on, worked = scene(medium, seed, school)
            on = replace(on, around_cm=(None, 0.0, 1.0, 4.0)[seed % 4])
            plan = worked.plan
            own = woven(worked, effects_of(on)).plan
            assert refusals_of(own) == (), (school, seed)
            assert woven(worked, effects_of(on)).plan == own
            ids = [done.id for done in own.passes if done.id != FINISHING]
            assert ids == [done.id for done in plan.passes]
            kinds.update(o.kind for done in own.passes for o in done.operations)
            for effect in own.effects:
                assert bool(effect.pass_id) != bool(effect.rests) or not effect.pass_id
                assert faults(text(effect.told, own)) == []
                assert set(effect.masses) <= set(own.by_id)
            # What every mass comes to is what it came to without effects, but for lights that are tinted and
            # what is glazed after it was wiped.
            moving = ("tinted", "wiped-colour")
            tinted = {name for effect in own.effects if effect.key in moving for name in effect.masses}
            for mass, before, after in zip(own.masses, plan.predicted[-1], own.predicted[-1], strict=True):
                assert before == after or mass.id in tinted
            assert len(own.predicted) == len(own.passes) + 1
    assert kinds[Kind.SOFTEN] + kinds[Kind.BLEND] > 0


def row_of(count: int, odd: int, plan: Plan) -> Looked:
    """A plan whose first masses stand in a row, alike but for one of them that is `odd` (-1 for none)."""
    alike = [
        replace(
            mass,
            kind=plan.masses[0].kind,
            lab=(60.0, 5.0, 5.0) if k != odd else (20.0, 30.0, -10.0),
            share=0.01,
            area_cm2=4.0,
            centre=(0.15 + 0.1 * k, 0.5),
            box=(0.12 + 0.1 * k, 0.46, 0.18 + 0.1 * k, 0.54),
            borders=(),
        )
        for k, mass in enumerate(plan.masses[:count])
    ]
    others = [replace(mass, share=0.2) for mass in plan.masses[count:]]
    done = plan.passes[0]
    laid = next(o for o in done.operations if o.kind.lays)
    operations = tuple(replace(laid, mass=mass.id, role=Role.TARGET) for mass in alike)
    whole = replace(plan, masses=(*alike, *others), passes=(replace(done, operations=operations),))
    grey, labels = np.full((80, 120, 3), 128, np.uint8), np.full((80, 120), others[-1].label, np.int32)
    for mass in alike:
        left, top, right, bottom = mass.box
        labels[int(80 * top) : int(80 * bottom), int(120 * left) : int(120 * right)] = mass.label
    return Looked(picture_of(grey), labels, whole)


@pytest.mark.parametrize(
    ("count", "odd", "rows"), [(4, -1, [4]), (3, -1, [3]), (4, 1, []), (5, 4, [4]), (2, -1, [])]
)
def test_like_things_in_a_row_are_one_of_a_kind_and_an_odd_one_is_none(
    count: int, odd: int, rows: list[int]
) -> None:
    on = row_of(count, odd, planned("oil", 3).plan)
    found = [one for one in effects_of(on) if one.effect.key == "rows"]
    assert [len(one.effect.masses) for one in found] == rows


def test_what_is_left_out_rests_and_the_plan_is_as_if_it_had_never_been_proposed() -> None:
    # What says how tones are laid leaves a flat mass where it is left out.
    proposed, worked = next(
        (own, worked)
        for seed in range(40)
        for on, worked in [scene("oil", seed)]
        if (own := [one for one in effects_of(on) if one.touches and not one.without])
    )
    names = [one.effect.id for one in proposed]
    without = woven(worked, proposed, off=names).plan
    assert replace(without, effects=()) == worked.plan
    assert all(effect.rests is not None and not effect.pass_id for effect in without.effects)


def test_what_the_picture_does_not_tell_surely_is_asked_and_taken_only_when_the_painter_says_so() -> None:
    on, worked = proposing("oil")
    unsure = [replace(one, effect=replace(one.effect, sure=0.5)) for one in effects_of(on) if one.touches]
    assert unsure
    asked = woven(worked, unsure).plan
    assert all(effect.asks and effect.rests is not None for effect in asked.effects)
    first = unsure[0].effect.id
    taken = woven(worked, unsure, taken=[first]).plan
    assert [effect.id for effect in taken.effects if effect.pass_id] == [first]


def test_minutes_of_an_effect_are_minutes_of_its_pass() -> None:
    on, worked = proposing("watercolour")
    own = woven(worked, effects_of(on)).plan
    settling = SETTLING * (own.passes[-1].id == FINISHING)
    before = sum(one.minutes for one in worked.plan.passes) + settling
    more = sum(one.minutes for one in own.passes) - before
    spent = sum(
        touch.minutes
        for one in effects_of(on)
        for touch in one.touches
        if next(effect for effect in own.effects if effect.id == one.effect.id).pass_id
    )
    assert more == pytest.approx(spent)


def test_paint_is_dropped_into_a_wash_of_the_same_pass_and_into_no_dry_one() -> None:
    plan = planned("watercolour", 3).plan
    row, laid = next(
        (k, o)
        for k, done in enumerate(plan.passes)
        for o in done.operations
        if o.kind is Kind.WASH and o.role is Role.TARGET
    )
    drop = replace(laid, kind=Kind.DROP_IN, role=Role.OVER, cover=0.3, from_value=laid.to_value)

    def with_drop(at: int) -> Plan:
        done = plan.passes[at]
        passes = list(plan.passes)
        passes[at] = replace(done, operations=(*done.operations, drop))
        return replace(plan, passes=tuple(passes))

    assert refusals_of(with_drop(row)) == ()
    later = [k for k in range(row + 1, len(plan.passes)) if plan.passes[k].minutes > 0]
    assert later
    assert any(one.rule == "glistens" for one in refusals_of(with_drop(later[-1])))


def test_grain_that_was_just_laid_can_be_worked_on_in_the_same_pass() -> None:
    plan = planned("pastel", 3).plan
    done = plan.passes[0]
    laid = next(o for o in done.operations if o.kind.lays)
    blend = replace(laid, kind=Kind.BLEND, role=Role.OVER, cover=0.2, from_value=laid.to_value)
    passes = (replace(done, operations=(*done.operations, blend)), *plan.passes[1:])
    assert refusals_of(replace(plan, passes=passes)) == ()
