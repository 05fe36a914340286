"""Minutes and waits recounted from the operations; parts and the table recounted from the masses."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings

from tests.pieces import Made, patchwork, pieces
from tests.said import how
from washboard.core.materials.media import medium_named
from washboard.core.order.parts import whole
from washboard.core.order.prediction import table_of
from washboard.core.order.result import PassType
from washboard.core.order.timing import COATED, coats_of, cut_in, mixtures
from washboard.core.plan.plan import Pass, Plan, Role
from washboard.core.time.pace import SETTLING, covering_minutes, cutting_minutes, drying_minutes

SOME = settings(max_examples=40, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))


def laid(done: Pass) -> set[str]:
    return {o.mass for o in done.operations if o.kind.lays and o.role is not Role.OVERLAP}


def meets(plan: Plan, earlier: Pass, later: Pass) -> bool:
    """Whether the later pass goes over what the earlier laid, or runs along it in a transparent medium."""
    before, after = laid(earlier), laid(later)
    beside = {b.mass for name in after for b in plan.mass(name).borders} if plan.medium.transparent else set()
    return bool(before & (after | beside))


@SOME
@given(pieces())
def test_no_pass_begins_before_what_it_goes_over_or_meets_is_dry(made: Made) -> None:
    worked = made.worked()
    plan = worked.plan
    clock = 0.0
    ends: list[tuple[Pass, float, float]] = []
    for done, step in zip(plan.passes, worked.steps, strict=True):
        for earlier, end, area in ends:
            if meets(plan, earlier, done):
                assert clock >= end + drying_minutes(plan.medium, area) - 1e-6
        clock += done.lasts
        ends.append((done, clock, float(worked.scene.parts.areas[step.covered].sum())))
        clock += done.wait
    assert not plan.passes or plan.passes[-1].wait == 0


@SOME
@given(pieces())
def test_waits_are_whole_minutes_and_none_longer_than_needed(made: Made) -> None:
    worked = made.worked()
    plan = worked.plan
    for done in plan.passes:
        assert done.wait == int(done.wait) >= 0
    areas = [float(worked.scene.parts.areas[step.covered].sum()) for step in worked.steps]
    longest = max((drying_minutes(plan.medium, area) for area in areas), default=0.0)
    assert all(done.wait <= np.ceil(longest) for done in plan.passes)


@SOME
@given(pieces(("watercolour",)))
def test_minutes_are_covering_cutting_mixing_and_settling(made: Made) -> None:
    worked = made.worked()
    medium = worked.plan.medium
    for done, step in zip(worked.plan.passes, worked.steps, strict=True):
        if step.pass_type is not PassType.LAYS:
            continue
        edge = cut_in(worked.scene, step.problem, step.covered)
        parts = worked.scene.parts
        plain = sum(
            length
            for a, b, length in zip(parts.first, parts.second, parts.length, strict=True)
            if step.covered[a] != step.covered[b] and parts.mass[a] != parts.mass[b]
        )
        assert edge == pytest.approx(plain)
        own = step.problem.own
        _, coats = worked.scene.finished(step.before[own], parts.mass[own])
        again = float(((coats - 1) * parts.areas[own]).sum())
        total = (
            covering_minutes(medium, float(parts.areas[step.covered].sum()) + again)
            + cutting_minutes(medium, edge)
            + mixtures(worked.scene, step.problem) * medium.mix_minutes
            + SETTLING
        )
        assert done.minutes == pytest.approx(total)
        assert 1 <= mixtures(worked.scene, step.problem) <= len(step.group)


def test_parts_keep_the_area_of_their_masses_and_the_length_of_their_borders() -> None:
    measured, parts = patchwork(5, 10, 2, 60.0)
    coarse = whole(measured.masses)
    for k, mass in enumerate(measured.masses):
        assert parts.areas[parts.of(k)].sum() == pytest.approx(mass.area_cm2)
        own = ~parts.inner & ((parts.mass[parts.first] == k) | (parts.mass[parts.second] == k))
        assert parts.length[own].sum() == pytest.approx(
            sum(b.length_cm for b in mass.borders), rel=0.05, abs=0.5
        )
        assert coarse.areas[k] == mass.area_cm2
    assert not coarse.inner.any()


@SOME
@given(pieces())
def test_a_patch_is_what_has_one_history_and_the_table_follows_it(made: Made) -> None:
    worked = made.worked()
    table = table_of(worked)
    rows = np.stack([worked.scene.bare, *(step.after for step in worked.steps)])
    assert table.colours.shape == (len(rows), len(table.mass), 2, 3)
    covered = np.array([s.covered for s in worked.steps], bool).reshape(len(rows) - 1, rows.shape[1])
    for patch in range(len(table.mass)):
        members = np.flatnonzero(table.patch == patch)
        assert set(worked.scene.parts.mass[members]) == {int(table.mass[patch])}
        assert (covered[:, members] == covered[:, members[:1]]).all()
        assert np.allclose(rows[:, members], rows[:, members[:1]])


def test_oil_waits_for_days_only_where_one_layer_goes_over_another() -> None:
    measured, parts = patchwork(4, 10, 0)
    plan = Made(measured, parts, "oil", "value:5", "dark-to-light", (30.0, 20.0), None).worked().plan
    over = [bool(laid(a) & laid(b)) for a, b in zip(plan.passes, plan.passes[1:], strict=False)]
    assert [done.wait > 0 for done in plan.passes[:-1]] == over
    assert medium_named("oil").dry_minutes > 24 * 60


@pytest.mark.parametrize("medium", ["watercolour", "acrylic", "oil", "pastel"])
def test_coats_are_told_and_dry_one_after_the_other_where_they_can_in_a_sitting(medium: str) -> None:
    seen = 0
    for seed in range(6):
        measured, parts = patchwork(seed, 9, 0, 45.0)
        school = "light-to-dark" if medium == "watercolour" else "dark-to-light"
        surface = {"watercolour": "white", "acrylic": "black", "oil": "value:5", "pastel": "black"}[medium]
        worked = Made(measured, parts, medium, surface, school, (45, 30), None).worked()
        for done, step in zip(worked.plan.passes, worked.steps, strict=True):
            coats = coats_of(worked.scene, step)
            if not coats or medium in ("oil", "pastel"):
                assert done.between == 0.0
                continue
            seen += 1
            area = sum(worked.plan.masses[m].area_cm2 for m in coats)
            most = max(coats.values())
            assert done.between == pytest.approx((most - 1) * drying_minutes(worked.plan.medium, area))
            assert "dry" in how(done, worked.plan)
            assert done.lasts == done.minutes + done.between
    assert (seen > 0) == (medium in ("watercolour", "acrylic"))


def test_one_speck_that_wants_another_coat_does_not_make_it_one_for_all() -> None:
    measured, parts = patchwork(2, 9, 0, 45.0)
    worked = Made(measured, parts, "acrylic", "black", "dark-to-light", (45, 30), None).worked()
    step = next(s for s in worked.steps if coats_of(worked.scene, s))
    m, least = next(iter(coats_of(worked.scene, step).items()))
    own = worked.scene.parts.of(m)
    assert least > 1
    plain = replace(step, coats=np.where(np.isin(np.arange(len(step.coats)), own), 1, step.coats))
    assert m not in coats_of(worked.scene, plain)
    small = own[worked.scene.parts.areas[own].argmin()]
    share = worked.scene.parts.areas[small] / worked.scene.parts.areas[own].sum()
    coats = plain.coats.copy()
    coats[small] = 3
    assert (m in coats_of(worked.scene, replace(step, coats=coats))) == (share >= COATED)
