"""An underpainting in patches: the first pass in paint that covers, a muted colour under each area."""

from __future__ import annotations

from dataclasses import replace
from functools import cache

import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings

from tests.pieces import THINGS, Made, patchwork, pieces
from tests.said import refuses, text
from washboard.core.colour.lab import difference
from washboard.core.colour.spectra import lab_of_spectrum
from washboard.core.errors import InvalidInput
from washboard.core.ground.choice import Candidate
from washboard.core.key.relations import Thing
from washboard.core.materials.grounds import GroundKind
from washboard.core.materials.paints import PAINTS, palette_of
from washboard.core.order.options import Options
from washboard.core.order.result import PlanningResult
from washboard.core.plan.plan import Kind
from washboard.core.recipe.board import board_of
from washboard.core.surface.replay import replay
from washboard.demo.pieces import FERRY_SLIP, reference_bytes
from washboard.pipeline.answers.prepare import grounds
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.masses import masses_in_areas
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

COLOURS = ((62.0, 2.0, 9.0), (41.0, -3.0, 4.0), (75.0, 0.0, -4.0), (30.0, 4.0, 2.0))
PATCHES = tuple(zip(THINGS, COLOURS, strict=True))
COVERING = ("acrylic", "oil", "pastel")


def over_patches(made: Made) -> PlanningResult:
    return made.worked(
        Options(made.school, made.passes, tuple(Thing(name) for name in THINGS), patches=PATCHES)
    )


@cache
def grounds_of(medium: str) -> tuple[Candidate, ...]:
    data = reference_bytes(FERRY_SLIP)
    chosen = Settings(medium, "white", 40, 27)
    found = Stages().seen(Subject.photo("ferry", lambda: data, chosen))
    return grounds(found, masses_in_areas(found.measured, found.areas), chosen)


@cache
def ferry(medium: str) -> PlanningResult:
    data = reference_bytes(FERRY_SLIP)
    chosen = Settings(medium, "white", 40, 27, ground="patches").checked()
    return Stages().result(Subject.photo("ferry", lambda: data, chosen)).worked


@settings(max_examples=60, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))
@given(pieces(COVERING, ("dark-to-light", "both-ends", "by-object", "light-first")))
def test_whatever_is_laid_over_it_the_judge_agrees_and_nothing_is_left_of_the_bare_surface(
    made: Made,
) -> None:
    worked = over_patches(made)
    plan = worked.plan
    assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()
    first, below = worked.steps[0], dict(PATCHES)
    assert first.covered.all()
    assert (worked.turn >= 0).all()
    labs = lab_of_spectrum(first.after[:, 0])
    wanted = np.array([below[plan.masses[m].area or ""] for m in worked.scene.parts.mass])
    assert np.median(difference(labs, wanted)) <= 4, "each part has the colour of its area"


@pytest.mark.parametrize("medium", COVERING)
def test_it_is_the_first_pass_with_a_colour_for_each_area_its_minutes_and_its_reason(medium: str) -> None:
    worked = ferry(medium)
    plan, first = worked.plan, worked.plan.passes[0]
    assert text(first.title) == "An underpainting in patches"
    kind = Kind.BLOCK_IN if medium == "pastel" else Kind.TONE
    assert {o.kind for o in first.operations} == {kind}
    assert {o.mass for o in first.operations} == {m.id for m in plan.masses}
    reason = first.reasons[0]
    assert reason.figures["colours"] == worked.scene.patches > 2
    assert text(first.needs) in ("Dry surface", "Nothing to wait for")
    assert plan.toning is None, "it is a pass like any other, not toned before"
    weighed = next(c for c in grounds_of(medium) if c.ground.kind is GroundKind.PATCHES)
    assert first.minutes == pytest.approx(weighed.minutes, abs=0.5), "as long as Prepare says"
    assert (first.wait > 0) == (medium != "pastel"), "it dries before anything comes over it"
    assert plan.predicted[0] != plan.predicted[1]
    muted = lab_of_spectrum(worked.steps[0].after.mean(axis=(0, 1)))
    assert np.hypot(*muted[1:]) < 12
    piles = [p for p in board_of(worked, palette_of(medium, (), PAINTS)).piles if p.done == first.id]
    assert 2 < len(piles) <= worked.scene.patches
    assert {name for pile in piles for name in pile.masses} == {m.id for m in plan.masses}


def test_a_lamp_has_no_patch_and_is_painted_last_over_what_is_around_it() -> None:
    data = reference_bytes(FERRY_SLIP)
    chosen = replace(FERRY_SLIP.settings, ground="patches").checked()
    worked = Stages().result(Subject.photo("ferry", lambda: data, chosen)).worked
    plan = worked.plan
    last = next(done for done in reversed(plan.passes) if done.targets)
    assert [plan.mass(name).name for name in last.targets] == ["lamp"]
    names = [mass.name for mass in plan.masses]
    tones = worked.scene.tones
    assert tones is not None
    assert tones[names.index("lamp")].tolist() == tones[names.index("fog")].tolist()


def test_what_a_patch_already_paints_is_left_as_it_is() -> None:
    measured, parts = patchwork(4, 9, 0, 45.0)
    made = Made(measured, parts, "oil", "white", "dark-to-light", (45, 30), None)
    one = next(mass for mass in made.worked().plan.masses)
    same = tuple((name, one.target_lab) for name in THINGS)
    worked = made.worked(Options("dark-to-light", things=tuple(Thing(n) for n in THINGS), patches=same))
    assert worked.turn[0] == 0
    assert worked.steps[0].group == (0,)


def test_it_is_refused_where_paint_only_darkens_and_where_a_school_lays_its_own_tone() -> None:
    with refuses(InvalidInput, "only darkens"):
        Settings("watercolour", "white", 30, 20, ground="patches").checked()
    with refuses(InvalidInput, "another approach"):
        Settings("oil", "white", 30, 20, ground="patches", school="wipe-out").checked()
