"""A plan goes on from what really happened: what is done stays, and the judge agrees to the rest."""

from __future__ import annotations

from dataclasses import replace
from functools import cache

import pytest

from tests.core.test_half_painted import planned
from tests.logs import log_of
from tests.long import rounds
from tests.said import faults, text
from washboard.core.log.event import Event, EventKind, What
from washboard.core.log.happened import OFF, happened
from washboard.core.log.harm import planned_value
from washboard.core.order.options import Kept, Options
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.plan.state import BARE
from washboard.core.planning.replan import replanned
from washboard.core.planning.stopping import may_stay_out, stopping
from washboard.core.schools import SCHOOLS
from washboard.core.surface.replay import refusals_of

MEDIA = ("watercolour", "pastel", "acrylic", "oil")


@cache
def plan_of_a(medium: str, seed: int) -> Plan:
    return planned(medium, seed).plan


@cache
def schooled(school: str, medium: str, seed: int) -> Plan:
    return planned(medium, seed, BARE, Options(school=school)).plan


def done(plan: Plan, count: int) -> list[Event]:
    """The first passes, each after the other, as long as planned."""
    at, events = 0.0, []
    for own in plan.passes[:count]:
        at += own.lasts
        events.append(Event(own.id, at, EventKind.PASS_DONE, own.id))
        at += own.wait
    return events


# Wiping out in acrylic and oil needs a white ground, which these pieces do not have.
SCHOOLED = [
    (key, medium)
    for key, school in SCHOOLS.items()
    for medium in MEDIA
    if medium in school.media and (key != "wipe-out" or medium == "watercolour")
]


@pytest.mark.soak
@pytest.mark.parametrize(("school", "medium"), SCHOOLED)
def test_after_any_log_the_judge_agrees_and_what_is_done_is_not_asked_again(school: str, medium: str) -> None:
    for seed in range(rounds(16, 48)):
        plan = schooled(school, medium, seed % 8)
        what = happened(plan, log_of(plan, seed))
        again = replanned(plan, what)
        assert refusals_of(again.plan) == (), seed
        rest = {own.id for own in again.plan.passes}
        assert not rest & set(what.done)
        # Every mass comes to what was planned, or a sentence says which does not.
        ends = dict(zip([m.id for m in plan.masses], again.plan.predicted[-1], strict=True))
        missed = {name for name, value in ends.items() if abs(value - planned_value(plan, name)) > OFF}
        named = {own.trouble.mass for own in again.mended}
        for said in again.told:
            masses = said.values.get("masses")
            named |= set(getattr(masses, "ids", ()))
        accents = {m.id for m in plan.masses if m.kind == "accent"}
        assert missed <= named | accents, seed


def test_a_mask_that_is_forgotten_at_the_end_is_the_last_thing_to_do() -> None:
    tried = 0
    for seed in range(8):
        whites = [r.mass for r in plan_of_a("watercolour", seed).reserves]
        ways = tuple(Kept(mass, Kind.MASK) for mass in whites[:1])
        plan = planned("watercolour", seed, BARE, Options(ways=ways)).plan
        rubs = [own.id for own in plan.passes if any(o.kind is Kind.UNMASK for o in own.operations)]
        events = [
            replace(event, kind=EventKind.PASS_SKIPPED) if event.done in rubs else event
            for event in done(plan, len(plan.passes))
        ]
        again = replanned(plan, happened(plan, events))
        assert refusals_of(again.plan) == (), seed
        masked = {
            name for name in whites[:1] if happened(plan, events).state.of(name, 9.5).masked_at is not None
        }
        rubbed = {o.mass for own in again.plan.passes for o in own.operations if o.kind is Kind.UNMASK}
        assert rubbed == masked, seed
        tried += bool(masked)
    assert tried


def test_where_all_went_as_planned_the_rest_stays_as_it_was() -> None:
    for medium in MEDIA:
        plan = plan_of_a(medium, 5)
        what = happened(plan, done(plan, 2))
        again = replanned(plan, what)
        assert what.done == tuple(p.id for p in plan.passes[:2])
        assert [p.id for p in again.plan.passes] == [p.id for p in plan.passes[2:]]
        assert [s.key for s in again.told] == ["replan-done", "replan-rest-same"]
        assert again.plan.done == what.done


def test_the_same_events_in_any_order_and_twice_come_to_the_same() -> None:
    for seed in range(12):
        plan = plan_of_a("watercolour", seed)
        events = log_of(plan, seed)
        assert happened(plan, [*reversed(events), *events]) == happened(plan, events)


def test_events_that_told_a_plan_are_not_told_to_it_once_more() -> None:
    plan = plan_of_a("acrylic", 4)
    mass = next(o.mass for o in plan.passes[0].operations if o.role is Role.TARGET)
    events = [*done(plan, 2), Event("x", 99, EventKind.ACCIDENT, "", (mass,), What.TOO_DARK.value)]
    once = replanned(plan, happened(plan, events)).plan
    assert any(p.id == "mend1" for p in once.passes)
    again = replanned(once, happened(once, events))
    assert [p.id for p in again.plan.passes] == [p.id for p in once.passes]
    assert again.mended == ()
    assert set(again.plan.done) == {p.id for p in plan.passes[:2]}


def test_a_wash_laid_twice_is_told_and_lifted() -> None:
    plan = plan_of_a("watercolour", 4)
    events = [*done(plan, 2), Event("again", 200, EventKind.PASS_REPEATED, plan.passes[1].id)]
    what = happened(plan, events)
    assert what.trouble
    assert {t.what for t in what.trouble} == {What.TOO_DARK}
    mends = [p for p in replanned(plan, what).plan.passes if p.id.startswith("mend")]
    kinds = {o.kind for p in mends for o in p.operations}
    assert kinds <= {Kind.LIFT_DRY, Kind.LIFT_WET, Kind.BLOT}
    assert kinds


def test_one_accident_on_several_masses_is_mended_in_one_pass() -> None:
    plan = plan_of_a("acrylic", 5)
    finished = {o.mass for own in plan.passes[:2] for o in own.operations if o.role is Role.TARGET}
    masses = tuple(sorted(finished))[:3]
    dark = Event("c", 200, EventKind.ACCIDENT, "", masses, What.TOO_DARK)
    again = replanned(plan, happened(plan, [*done(plan, 2), dark]))
    assert refusals_of(again.plan) == ()
    (mends,) = {own.by for own in again.mended}
    (own,) = [one for one in again.plan.passes if one.id == mends]
    assert {o.mass for o in own.operations} == set(masses)


def test_still_wet_puts_the_next_wash_off_and_dry_lets_it_begin() -> None:
    plan = plan_of_a("watercolour", 5)
    first = plan.passes[0]
    at = first.lasts
    base = [Event("1", 0, EventKind.PASS_BEGUN, first.id), Event("2", at, EventKind.PASS_DONE, first.id)]
    begins = {
        kind: replanned(plan, happened(plan, [*base, Event("3", at + after, kind)])).plan.start.clock - at
        for kind, after in ((EventKind.NOTE, 5), (EventKind.STILL_WET, 25), (EventKind.DRY, 5))
    }
    assert begins[EventKind.DRY] == pytest.approx(5)
    assert begins[EventKind.NOTE] >= first.wait - 1
    assert begins[EventKind.STILL_WET] > begins[EventKind.NOTE]


def test_what_makes_no_sense_is_passed_over_and_said() -> None:
    plan = plan_of_a("oil", 3)
    events = [
        Event("1", 0, EventKind.PASS_DONE, "p99"),
        Event("2", 1, EventKind.PASS_DONE, "p1"),
        Event("3", 2, EventKind.PASS_DONE, "p1"),
        Event("4", 3, EventKind.MEASURED, "", ("m1",), "", 11.0),
        Event("5", 4, EventKind.ACCIDENT, "", ("m99",), What.TEAR.value),
        Event("6", 5, EventKind.ACCIDENT, "", ("m1",), "gremlin"),
    ]
    assert dict(happened(plan, events).strange) == {
        "1": "log-no-such-pass",
        "3": "log-done-twice",
        "4": "log-value-range",
        "5": "log-no-such-mass",
        "6": "log-no-such-accident",
    }


def test_what_is_told_reads_as_a_painter_would_say_it() -> None:
    for medium in MEDIA:
        for seed in range(40):
            plan = plan_of_a(medium, seed % 12)
            for said in replanned(plan, happened(plan, log_of(plan, seed))).told:
                words = text(said, plan)
                assert faults(words) == [], words
                assert words.endswith(".")


def test_one_may_stop_once_nothing_is_off_by_more_than_one_sees() -> None:
    for medium in MEDIA:
        plan = plan_of_a(medium, 4)
        assert stopping(plan).key == "stop-off"
        worst = max(
            zip(plan.masses, plan.predicted[0], plan.predicted[-1], strict=True),
            key=lambda row: row[0].share * abs(row[2] - row[1]),
        )
        assert stopping(plan).values["masses"].ids[0] == worst[0].id  # type: ignore[union-attr]
        whole = replanned(plan, happened(plan, done(plan, len(plan.passes)))).plan
        assert stopping(whole).key == "stop-done"
        ends = replace(plan, predicted=(plan.predicted[-1], *plan.predicted[1:]))
        assert stopping(ends).key == "stop-near"
    out = [
        (medium, own)
        for medium in MEDIA
        for seed in range(6)
        for own in plan_of_a(medium, seed).passes
        if may_stay_out(plan_of_a(medium, seed), own)
    ]
    assert all(own.beside for _, own in out)


def test_what_is_done_to_a_mass_as_it_is_laid_is_done_with_its_step() -> None:
    plan = plan_of_a("pastel", 3)
    row, own = next(
        (k, p)
        for k, p in enumerate(plan.passes)
        if len([o for o in p.operations if o.role is Role.TARGET]) > 1
    )
    operations = []
    for o in own.operations:
        operations.append(o)
        if o.role is Role.TARGET:
            operations.append(replace(o, kind=Kind.BLEND, role=Role.OVER, cover=0.3))
    joined = replace(own, operations=tuple(operations))
    plan = replace(plan, passes=(*plan.passes[:row], joined, *plan.passes[row + 1 :]))
    laid = next(o.mass for o in own.operations if o.role is Role.TARGET)
    before = done(plan, row)
    at = before[-1].at + plan.passes[row - 1].wait + 1 if before else 1.0
    step = Event("step", at, EventKind.STEP_DONE, own.id, masses=(laid,))
    again = replanned(plan, happened(plan, [*before, step])).plan
    rest = next(p for p in again.passes if p.id == own.id)
    blended = {o.mass for o in rest.operations if o.kind is Kind.BLEND}
    assert laid not in blended
    assert blended
