"""What an order is to be besides, masses shared out by hand, areas with a school of their own."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from tests.pieces import THINGS, Made, patchwork
from tests.said import text
from washboard.core.key.relations import Thing
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import sheet_of, surface_of
from washboard.core.name import Name
from washboard.core.order.options import Options
from washboard.core.order.reserve import Light, decided
from washboard.core.plan.plan import Kind
from washboard.core.planning.compare import compared, delivers, metrics_of
from washboard.core.planning.planner import plan_of
from washboard.core.schools.aims import FINAL, Aim
from washboard.core.surface.replay import replay
from washboard.demo.pieces import SALT_PANS, reference_bytes
from washboard.pipeline.stages import Stages
from washboard.pipeline.subject import Subject
from washboard.settings import Settings


@pytest.mark.parametrize("medium", ["watercolour", "acrylic"])
def test_fewer_waits_are_a_pass_over_shapes_less(medium: str) -> None:
    shorter = 0
    for seed in range(6):
        measured, parts = patchwork(seed, 14, 2, 45.0)
        piece = Made(measured, parts, medium, "white", "light-to-dark", (45.0, 30.0), None)
        plain, worked = piece.worked(), piece.worked(Options("light-to-dark", aim=Aim.WAITS))
        plan = worked.plan
        assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()
        assert plan.shapes == max(1, plain.plan.shapes - 1)
        shorter += delivers(Aim.WAITS, metrics_of(worked), metrics_of(plain))
    assert shorter >= 4


def test_fewer_mixtures_bring_like_colours_into_one_pass() -> None:
    photo = Subject.photo("salt", lambda: reference_bytes(SALT_PANS), SALT_PANS.settings)
    stages = Stages()
    plain = stages.result(photo).worked
    aimed = stages.result(replace(photo, settings=replace(photo.settings, aim=Aim.MIXTURES))).worked
    assert delivers(Aim.MIXTURES, metrics_of(aimed), metrics_of(plain))
    assert not delivers(Aim.MIXTURES, metrics_of(plain), metrics_of(plain))
    assert replay(aimed.plan.masses, aimed.plan.passes, aimed.plan.medium, aimed.plan.surface.value) == ()


def test_where_the_order_is_to_be_the_safest_no_light_is_kept_without_return() -> None:
    hair = Light(0.4, 0.3, 12.0, 1, 0.0, 9.4, 9.5, 0.7, False, 6.0, 40.0, 12.0, 640, False, False)
    plain, safe = decided(hair), decided(hair, None, FINAL)
    assert plain.choice.kind is Kind.SCRATCH
    assert safe.choice.kind is not Kind.SCRATCH
    assert decided(hair, Kind.SCRATCH, FINAL).choice.kind is Kind.SCRATCH, (
        "what the painter asks for goes first"
    )


def test_masses_are_laid_in_the_passes_that_the_painter_shares_them_out_to() -> None:
    measured, parts = patchwork(4, 10, 1, 30.0)
    piece = Made(measured, parts, "watercolour", "white", "light-to-dark", (30.0, 20.0), None)
    plain = piece.worked()
    laid = [[plain.scene.masses[m].id for m in step.group] for step in plain.steps if not step.beside]
    joined = ((*laid[0], *laid[1]), *map(tuple, laid[2:]))
    forgotten = joined[-1][-1]
    groups = (*joined[:-1], joined[-1][:-1]) if len(joined[-1]) > 1 else joined
    worked = piece.worked(Options("light-to-dark", groups=groups))
    found = [{worked.scene.masses[m].id for m in step.group} for step in worked.steps if not step.beside]
    assert worked.plan.shapes == len(groups) == plain.plan.shapes - 1
    assert [own - {forgotten} for own in found] == [set(group) - {forgotten} for group in groups]
    assert sum(forgotten in own for own in found) == 1, "what was forgotten is painted all the same"
    assert replay(worked.plan.masses, worked.plan.passes, worked.plan.medium, 9.5) == ()


def test_schools_are_compared_as_they_are_whatever_is_asked_of_the_order_now() -> None:
    measured, parts = patchwork(4, 10, 1, 30.0)
    medium, surface, sheet = medium_named("watercolour"), surface_of("white"), sheet_of(30, 20, 1.5)
    asked = Options("light-to-dark", 2, aim=Aim.WAITS, groups=((measured.masses[0].id,),))
    plain = compared(measured.masses, parts, medium, surface, sheet, Options())
    now = compared(measured.masses, parts, medium, surface, sheet, asked)
    assert [one.metrics for one in now] == [one.metrics for one in plain]


@pytest.mark.parametrize("medium", MEDIA)
def test_however_masses_are_shared_out_nothing_is_planned_that_the_judge_refuses(medium: str) -> None:
    dice, sheet = np.random.default_rng(8), sheet_of(30.0, 20.0, 1.5)
    for seed in range(5):
        measured, parts = patchwork(seed, 10, 3, 30.0)
        names = [m.id for m in measured.masses]
        for count in (1, 3, len(names)):
            pass_of = dice.integers(0, count, len(names))
            shared = tuple(tuple(np.array(names)[pass_of == k].tolist()) for k in range(count))
            for groups in (shared, (("nobody",),)):
                options = Settings(medium, "white", 30.0, 20.0, groups=groups).options()
                on = medium_named(medium), surface_of("white"), sheet
                plan = plan_of(measured.masses, parts, *on, options).plan
                assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()


@pytest.mark.parametrize(
    ("medium", "school", "own"),
    [
        ("watercolour", "light-to-dark", "both-ends"),
        ("pastel", "dark-to-light", "light-first"),
        ("oil", "by-object", "dark-to-light"),
        ("acrylic", "layered-negative", "by-object"),
    ],
)
def test_an_area_with_a_school_of_its_own_is_painted_first_and_the_rest_after(
    medium: str, school: str, own: str
) -> None:
    things = tuple(Thing(name, name=Name(own=f"thing {name}")) for name in THINGS)
    for seed in range(4):
        measured, parts = patchwork(seed, 12, 1, 30.0)
        piece = Made(measured, parts, medium, "white", school, (30.0, 20.0), None)
        area = max(
            {m.area for m in measured.masses if m.area},
            key=lambda a: sum(m.area == a for m in measured.masses),
        )
        worked = piece.worked(Options(school, None, things, mixed=((area, own),)))
        plan = worked.plan
        assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()
        shapes = [{worked.scene.masses[m].area for m in s.group} for s in worked.steps if not s.beside]
        if medium == "watercolour":
            mine = [found == {area} for found in shapes]
            assert mine[0]
            assert mine == sorted(mine, reverse=True), "first the area, then the rest"
            assert any(f"thing {area}" in text(done.title, plan).casefold() for done in plan.passes)
