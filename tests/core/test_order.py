"""The order's parts against independent solvers; reasons against forced alternatives; moves."""

from __future__ import annotations

import re
from dataclasses import replace
from itertools import combinations, pairwise, product

import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings

from tests.pieces import Made, patchwork, pieces
from tests.said import refuses, text, without_names
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import lab_of_spectrum
from washboard.core.errors import InvalidInput, UnknownName
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.order.coverage import Coverage, Status, cut_length
from washboard.core.order.grouping import group_costs, groupings_of, shared_out
from washboard.core.order.parts import Parts
from washboard.core.order.prediction import table_of
from washboard.core.order.result import PassType, PlanningResult
from washboard.core.plan.plan import Kind, Role
from washboard.core.planning.rearrange import judged, moved
from washboard.core.planning.reorder import reordered
from washboard.core.schools import SCHOOLS, school_named
from washboard.core.schools.school import TRANSPARENT
from washboard.core.surface.replay import replay
from washboard.core.surface.rules import Rule
from washboard.core.words.edge_reasons import stopping

SOME = settings(max_examples=60, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))


def made(
    seed: int = 4, medium: str = "watercolour", school: str = "light-to-dark", width: float = 45.0
) -> PlanningResult:
    measured, parts = patchwork(seed, 12, 2, width)
    return Made(measured, parts, medium, "white", school, (width, width / 1.5), None).worked()


def test_the_cut_is_the_best_of_all_coverages() -> None:
    dice = np.random.default_rng(7)
    for _ in range(40):
        count = 9
        pairs = [(a, b) for a, b in combinations(range(count), 2) if dice.random() < 0.45]
        first, second = (np.array(side, np.intp) for side in zip(*pairs, strict=True))
        parts = Parts(
            np.arange(count),
            dice.uniform(1, 60, count),
            first,
            second,
            dice.uniform(0.5, 20, len(pairs)),
            dice.uniform(0.2, 1, len(pairs)),
        )
        status = dice.choice([Status.NOW, Status.LATER, Status.LATER, Status.LATER, Status.DONE], count)
        problem = Coverage(
            parts,
            status,
            dice.uniform(0, 30, count),
            np.zeros(count),
            dice.uniform(0, 20, count),
            TRANSPARENT,
            medium_named("watercolour"),
            (status == Status.LATER) & (dice.random(count) < 0.2),
        )
        later = np.flatnonzero((status == Status.LATER) & ~problem.over)
        brute = []
        for choice in product((False, True), repeat=len(later)):
            covered = problem.alone()
            covered[later] = choice
            brute.append(problem.seconds(covered))
        assert problem.seconds(problem.best()) == pytest.approx(min(brute), abs=0.05)


def test_passes_are_the_best_of_all_groupings() -> None:
    worked = made(3)
    masses = sorted(worked.plan.masses, key=lambda m: -m.target)[:9]
    cost = group_costs(masses, TRANSPARENT)
    best = np.inf
    for count in range(2, 9):
        for cuts in combinations(range(1, len(masses)), count - 1):
            edges = (0, *cuts, len(masses))
            best = min(best, sum(cost[a, b] for a, b in pairwise(edges)))
    ways = groupings_of(masses, TRANSPARENT)
    (number,) = shared_out([ways], 2)
    groups = ways.groups(number)
    ends = [0, *np.cumsum([len(g) for g in groups])]
    assert sum(cost[a, b] for a, b in pairwise(ends)) == pytest.approx(best)


@pytest.mark.parametrize("number", [2, 3, 4, 5, 6, 7, 8, 9])
@pytest.mark.parametrize(("medium", "surface"), [("watercolour", "white"), ("pastel", "value:5")])
def test_the_number_of_passes_can_be_pinned(number: int, medium: str, surface: str) -> None:
    measured, parts = patchwork(11, 14, 0)
    pinned = Made(measured, parts, medium, surface, "light-to-dark", (30, 20), number).worked()
    assert len(pinned.plan.passes) == number


def test_schools_differ_in_what_they_cover_not_only_in_sequence() -> None:
    for medium in ("watercolour", "pastel", "acrylic"):
        able = [key for key, school in SCHOOLS.items() if medium in school.media]
        sets = [
            tuple(frozenset(np.flatnonzero(s.covered)) for s in made(5, medium, school).steps)
            for school in able
        ]
        assert len(set(sets)) == len(able) >= 5


def test_a_sheet_twice_as_large_changes_minutes_and_waits() -> None:
    small, large = made(6, width=30.0).plan, made(6, width=60.0).plan
    assert sum(p.minutes for p in large.passes) > 1.5 * sum(p.minutes for p in small.passes)
    assert [p.wait for p in large.passes] != [p.wait for p in small.passes]
    counts = [
        [sum(step.pass_type is PassType.LAYS for step in made(s, width=w).steps) for s in range(12)]
        for w in (10.0, 160.0)
    ]
    assert all(few <= many for few, many in zip(*counts, strict=True))
    assert counts[0] != counts[1]


@SOME
@given(pieces())
def test_every_figure_of_a_reason_comes_out_again_from_the_forced_alternative(piece: Made) -> None:
    worked = piece.worked()
    index = {m.id: k for k, m in enumerate(worked.plan.masses)}
    parts = worked.scene.parts
    for k, done in enumerate(worked.plan.passes):
        step = worked.steps[k]
        for reason in done.reasons:
            assert reason.figures
            told = {float(n) for n in re.findall(r"\d+(?:\.\d+)?", without_names(reason.sentence))}
            exact = [v * times for v in reason.figures.values() for times in (1, 100)]
            known = {round(v, digits) for v in exact for digits in (0, 1)} | {float(k), 1.0}
            assert told <= known, (reason.sentence, reason.figures)
            if reason.kind == "runs-under":
                other = stopping(worked, k, [index[m] for m in reason.masses])
                extra = cut_length(parts, other) - cut_length(parts, step.covered)
                assert reason.figures["cm"] == pytest.approx(extra)
                assert step.problem.seconds(other) >= step.problem.seconds(step.covered) - 0.05
            if reason.kind == "goes-round":
                around = [
                    length
                    for a, b, length in zip(parts.first, parts.second, parts.length, strict=True)
                    if step.covered[a] != step.covered[b]
                    and worked.turn[parts.mass[b if step.covered[a] else a]] < 0
                ]
                assert reason.figures["cm"] == pytest.approx(sum(around))
            if reason.kind == "waits":
                before = worked.plan.passes[k - 1]
                assert reason.figures["minutes"] == before.wait > 0
            if reason.kind == "keeps-off":
                scene, mass = worked.scene, parts.mass
                under = scene.box.reflectances(step.paint[mass][:, None], step.before)
                through, plain = (
                    scene.finished(reflectances, mass)[0] for reflectances in (under, step.before)
                )
                off_by, without = (
                    difference(lab_of_spectrum(reflectances), scene.targets[mass])
                    for reflectances in (through, plain)
                )
                spoilt = np.maximum(off_by - without, 0).max(axis=1)
                off = parts.of(index[reason.masses[0]])
                assert not step.covered[off].all()
                assert np.isclose(spoilt[off], reason.figures["deltaE"]).any()
            if reason.kind == "ground-paints":
                bare = [m.share for m, t in zip(worked.plan.masses, worked.turn, strict=True) if t < 0]
                assert reason.figures["share"] == pytest.approx(sum(bare))
            if reason.kind == "loose":
                loose = [
                    length
                    for a, b, length in zip(parts.first, parts.second, parts.length, strict=True)
                    if step.covered[a] != step.covered[b]
                    and parts.mass[a] != parts.mass[b]
                    and worked.turn[parts.mass[b if step.covered[a] else a]] > k
                ]
                assert reason.figures["cm"] == pytest.approx(sum(loose))
            if reason.kind == "accents-last":
                shares = [worked.plan.mass(name).share for name in done.targets]
                assert reason.figures["share"] == pytest.approx(sum(shares))
            if reason.kind == "meets-bare":
                beside = [
                    (worked.plan.surface.value - worked.plan.mass(name).target, border.length_cm)
                    for name in done.targets
                    for border in worked.plan.mass(name).borders
                    if border.mass in reason.masses
                ]
                beside = [(step, cm) for step, cm in beside if step >= 1.5]
                length = sum(cm for _, cm in beside)
                assert reason.figures["cm"] == pytest.approx(length)
                assert reason.figures["values"] == pytest.approx(sum(v * cm for v, cm in beside) / length)
            if reason.kind == "muted-first":
                loud = [worked.plan.mass(name) for name in reason.masses]
                assert set(reason.masses) <= set(worked.plan.passes[k + 1].targets)
                assert reason.figures["chroma"] == pytest.approx(
                    max(np.hypot(*m.target_lab[1:]) for m in loud)
                )
                assert reason.figures["values"] == pytest.approx(
                    max(m.target for m in loud) - worked.plan.surface.value
                )


def test_moving_a_pass_says_what_breaks_for_which_masses_and_why() -> None:
    plan = made(5).plan
    verdict = moved(plan, plan.passes[-1].id, 0)
    assert not verdict.fine
    assert all(refusal.mass in plan.by_id and text(refusal.sentence, plan) for refusal in verdict.refusals)
    assert moved(plan, plan.passes[1].id, 1).fine
    with refuses(InvalidInput, "no pass"):
        moved(plan, "p99", 0)
    with refuses(InvalidInput, "outside"):
        moved(plan, plan.passes[0].id, 40)


def test_a_kept_order_is_worked_out_anew_and_ends_with_the_same_masses() -> None:
    worked = made(9, "pastel", "dark-to-light")
    ids = [p.id for p in worked.plan.passes]
    other = reordered(worked, [ids[1], ids[0], *ids[2:]])
    assert [p.id for p in other.plan.passes][:2] == [ids[1], ids[0]]
    assert set(other.plan.passes[0].targets) == set(worked.plan.passes[1].targets)
    assert reordered(worked, ["p1"]) is worked


BROKEN = {
    Rule.DARKENS: lambda o: replace(o, to_value=o.from_value + 1),
    Rule.WITHIN: lambda o: replace(o, cover=1.4),
    Rule.COMPLETE: lambda o: replace(o, role=Role.UNDER),
}


@pytest.mark.parametrize("rule", BROKEN)
def test_the_judge_refuses_a_plan_that_breaks_a_rule(rule: Rule) -> None:
    plan = made(5).plan
    last = plan.passes[1]
    at = next(k for k, o in enumerate(last.operations) if o.role is Role.TARGET and o.kind.lays)
    operations = list(last.operations)
    operations[at] = BROKEN[rule](operations[at])
    passes = (plan.passes[0], replace(last, operations=tuple(operations)), *plan.passes[2:])
    assert rule in {r.rule for r in replay(plan.masses, passes, plan.medium, plan.surface.value)}


def test_the_judge_refuses_wet_paint_painted_lights_and_late_unders() -> None:
    plan = made(5).plan
    hurried = tuple(replace(p, wait=0.0, minutes=1.0) for p in plan.passes)
    rules = {r.rule for r in replay(plan.masses, hurried, plan.medium, plan.surface.value)}
    assert Rule.DRY_FIRST in rules
    backwards = judged(plan, [p.id for p in reversed(plan.passes)])
    assert {Rule.UNDER_FIRST} <= {r.rule for r in backwards.refusals}
    bare = next((o for o in plan.passes[0].operations if o.kind is Kind.RESERVE), None)
    if bare is not None:
        painted = replace(bare, kind=Kind.WASH, role=Role.UNDER, to_value=bare.from_value - 1)
        passes = (
            *plan.passes[:-1],
            replace(plan.passes[-1], operations=(*plan.passes[-1].operations, painted)),
        )
        rules = {r.rule for r in replay(plan.masses, passes, plan.medium, plan.surface.value)}
        assert Rule.RESERVED in rules


def test_the_table_starts_bare_and_ends_at_the_targets() -> None:
    worked = made(8, "acrylic", "dark-to-light")
    table = table_of(worked)
    assert table.colours.shape == (len(worked.plan.passes) + 1, len(table.mass), 2, 3)
    assert np.ptp(table.colours[0].reshape(-1, 3), axis=0).max() == 0
    for mass, value in zip(worked.plan.masses, worked.plan.predicted[-1], strict=True):
        if worked.turn[worked.plan.masses.index(mass)] >= 0 and mass.kind != "graded":
            assert value == pytest.approx(mass.target, abs=0.15)


def test_unknown_names_list_what_there_is() -> None:
    with refuses(UnknownName, "watercolour, pastel, acrylic or oil"):
        medium_named("tempera")
    with refuses(UnknownName, "light-to-dark, dark-to-light"):
        school_named("inside-out")
    assert all(m.school in SCHOOLS for m in MEDIA.values())
