"""Schools saved from a plan: the same stretches of value in the same order, in every piece after it."""

from __future__ import annotations

from dataclasses import replace

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.test_own_passes import GROUNDS
from tests.pieces import Made, patchwork
from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.materials.media import medium_named
from washboard.core.plan.plan import Plan
from washboard.core.schools import school_named
from washboard.core.schools.saved import saved_key, school_from, stage_of
from washboard.core.sentence import sentence
from washboard.core.surface.replay import replay
from washboard.words import ENGLISH

JAW = "own/Jaw first/{}/85-100 0-15 15-85"


def planned(medium: str, school: str, seed: int, masses: int = 12) -> Plan:
    measured, parts = patchwork(seed, masses, 1, 45.0)
    return Made(measured, parts, medium, GROUNDS[medium], school, (45, 30), None).worked().plan


def stages(plan: Plan) -> dict[str, int]:
    """The pass over shapes in which each shape is laid."""
    over = [done for done in plan.passes if not done.beside]
    return {name: k for k, done in enumerate(over) for name in done.targets}


@pytest.mark.parametrize(
    ("medium", "school"),
    [
        ("watercolour", "light-to-dark"),
        ("oil", "dark-to-light"),
        ("acrylic", "dark-to-light"),
        ("pastel", "both-ends"),
        ("watercolour", "both-ends"),
    ],
)
@pytest.mark.parametrize("seed", [3, 4, 5])
def test_a_piece_planned_by_the_school_saved_from_it_is_laid_as_it_was(
    medium: str, school: str, seed: int
) -> None:
    plan = planned(medium, school, seed)
    again = planned(medium, saved_key("  My   way ", plan), seed)
    before, after = stages(plan), stages(again)
    share = sum(plan.mass(name).share for name in before if before[name] == after.get(name))
    assert share >= 0.8 * sum(plan.mass(name).share for name in before)
    assert school_named(again.school).words == "My way"


@settings(max_examples=40, deadline=None, derandomize=True)
@given(st.integers(0, 400), st.sampled_from(sorted(GROUNDS)))
def test_any_piece_can_be_painted_by_a_saved_school_of_its_kind_of_medium(seed: int, medium: str) -> None:
    kind = "darkens" if medium_named(medium).transparent else "covers"
    plan = planned(medium, JAW.format(kind), seed, 5 + seed % 8)
    assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()
    laid = stages(plan)
    values = {name: plan.mass(name).target for name in laid}
    if max(values.values()) - min(values.values()) > 3 and max(laid.values()) >= 2:
        lightest, middle = max(values, key=lambda n: values[n]), sorted(values, key=lambda n: values[n])
        assert laid[lightest] <= laid[middle[len(middle) // 2]], "the jaw closes on the middles"


def test_its_name_keeps_its_letters_inside_a_sentence() -> None:
    school = school_from(JAW.format("covers"))
    words = sentence("strand-own-area", thing="the shed", school=school.said)
    assert ENGLISH.text(words) == "The shed by itself (Jaw first)"


def test_a_value_belongs_to_the_narrowest_stage_that_holds_it_else_to_the_nearest() -> None:
    jaw = [(85, 100), (0, 15), (10, 90)]
    assert [stage_of(at, jaw) for at in (100, 86, 80, 50, 12, 0)] == [0, 0, 2, 2, 1, 1]
    assert stage_of(60, [(0, 10), (70, 80)]) == 1


def test_it_is_refused_in_a_medium_of_the_other_kind_with_the_nearest() -> None:
    with refuses(InvalidInput, r"paint covers.*nearest is dark to light"):
        school_named(JAW.format("darkens"), medium_named("oil"))
    with refuses(InvalidInput, r"only darkens.*nearest is light to dark"):
        school_named(JAW.format("covers"), medium_named("watercolour"))


@pytest.mark.parametrize(
    "key",
    [
        "own/",
        "own/A/covers/",
        "own/A/covers/50-40",
        "own/A/covers/0-120",
        "own/A/melts/0-100",
        "own/A/B/c/0-9",
    ],
)
def test_a_key_that_tells_no_school_is_refused(key: str) -> None:
    with refuses(InvalidInput, "no approach of your own"):
        school_from(key)


@pytest.mark.parametrize("name", ["", "   ", "a/b", "x" * 41])
def test_a_name_that_cannot_be_is_refused(name: str) -> None:
    with refuses(InvalidInput, "name of 1 to 40"):
        saved_key(name, planned("oil", "dark-to-light", 3))


def test_passes_that_are_not_told_apart_by_value_make_no_school_and_nothing_laid_neither() -> None:
    plan = planned("oil", "dark-to-light", 3)
    over = [done for done in plan.passes if not done.beside]
    # Every second shape of each pass in the other: both stretch over all values.
    operations = [o for done in over for o in done.operations]
    mixed = tuple(replace(over[0], id=f"x{k}", operations=tuple(operations[k::2])) for k in range(2))
    with refuses(InvalidInput, "not told apart by value"):
        saved_key("Mixed", replace(plan, passes=mixed))
    with refuses(InvalidInput, "lays nothing"):
        saved_key("Nothing", replace(plan, passes=()))
