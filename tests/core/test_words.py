"""What a plan says: names, titles, reasons, notes, in painters' words and with this piece's figures."""

from __future__ import annotations

import re
from dataclasses import replace
from functools import partial

import pytest
from hypothesis import HealthCheck, given, settings

from tests.pieces import Made, patchwork, pieces
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import surface_of
from washboard.core.order.depth import host_of, with_depth
from washboard.core.plan.names import count_word, listed, named
from washboard.core.plan.plan import Plan
from washboard.core.planning.planner import default_school
from washboard.core.reference.place import place_of
from washboard.demo.pieces import DEMO, reference_bytes
from washboard.formats.table import minutes, table
from washboard.pipeline.stages import Result, Stages
from washboard.pipeline.subject import Subject

SOME = settings(max_examples=60, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))


@pytest.fixture(scope="module")
def demos() -> dict[str, Result]:
    return {
        piece.name: Stages().result(
            Subject.photo(piece.reference, partial(reference_bytes, piece), piece.settings)
        )
        for piece in DEMO
    }


@SOME
@given(pieces())
def test_every_pass_has_a_title_and_says_what_and_where(made: Made) -> None:
    for done in made.worked().plan.passes:
        assert done.title
        assert done.title[0].isupper()
        assert done.what.endswith(".")
        assert done.where
        for sentence in [r.sentence for r in done.reasons]:
            assert sentence.endswith(".")
            assert "nan" not in sentence
            assert "  " not in sentence
            assert re.search(r"\d|one|two|three", sentence)


def test_lists_read_as_a_painter_would_say_them() -> None:
    names = ("the sky", "the hill", "the shed")
    masses = [replace(m, name=n) for m, n in zip(patchwork(2, 8, 0)[0].masses[:3], names, strict=True)]
    assert listed(masses[:1]) == "the sky"
    assert sorted(re.split(", | and ", listed(masses))) == ["the hill", "the shed", "the sky"]
    assert listed([]) == ""
    assert [count_word(n) for n in (1, 6, 12, 13)] == ["one", "six", "twelve", "13"]


def test_places_follow_from_extent_and_centre() -> None:
    mass = patchwork(2, 8, 0)[0].masses[0]
    across = replace(mass, box=(0.0, 0.0, 1.0, 0.2), centre=(0.5, 0.1), share=0.2)
    assert place_of(across) == "across the top"
    assert place_of(replace(mass, box=(0.1, 0.7, 0.3, 0.9), centre=(0.2, 0.8), share=0.02)) == "lower left"
    assert place_of(replace(mass, share=0.7)) == "over most of the picture"
    assert place_of(replace(mass, box=(0.4, 0.4, 0.6, 0.6), centre=(0.5, 0.5), share=0.04)) == "in the middle"
    assert named(replace(mass, name="the kettle")) == "the kettle"


@pytest.mark.parametrize("medium", MEDIA)
def test_the_school_is_proposed_with_its_reason(medium: str) -> None:
    school, why = default_school(medium_named(medium), surface_of("white"))
    assert school.key == ("light-to-dark" if medium == "watercolour" else "dark-to-light")
    assert medium in why.lower()


def test_what_lies_inside_another_lies_in_front_of_it() -> None:
    measured, _ = patchwork(6, 7, 2)
    masses = with_depth(measured.masses)
    for mass in masses:
        host = host_of(mass, masses)
        if host is not None:
            assert mass.depth == 1 + (next(m for m in masses if m.id == host).depth or 0)
        else:
            assert mass.depth == 0


def plan_of(demos: dict[str, Result], name: str) -> Plan:
    return next(result.worked.plan for key, result in demos.items() if key.startswith(name))


def test_the_salt_pans_are_washed_over_everything_but_the_heaps(demos: dict[str, Result]) -> None:
    plan = plan_of(demos, "Salt")
    mask, first = plan.passes[:2]
    assert mask.title.startswith("Mask: the farthest heap"), "too slim for a brush"
    assert first.title.startswith("Palest")
    assert "over everything but the near heap's light, the second heap" in first.title
    kept = {plan.mass(o.mass).name for o in mask.operations if o.kind == "reserve"}
    assert {"the near heap's light", "the second heap", "the heap by the shed"} <= kept
    assert any(r.kind == "runs-under" and r.figures["cm"] > 50 for r in first.reasons)


def test_the_foundry_leaves_the_hall_to_the_paper_and_sets_its_sparks_last(demos: dict[str, Result]) -> None:
    plan = plan_of(demos, "Foundry")
    first, last = plan.passes[0], plan.passes[-1]
    assert any(r.kind == "ground-paints" and r.figures["share"] > 0.4 for r in first.reasons)
    assert "leave the hall" in " ".join(r.sentence for r in first.reasons)
    assert last.title.startswith("Last accents")
    order = [plan.mass(name).target for done in plan.passes for name in done.targets]
    assert order[0] < 3.5 < 8 < order[-1]


def test_every_demo_name_belongs_to_a_mass(demos: dict[str, Result]) -> None:
    for piece in DEMO:
        wanted = {anchor.name for anchor in piece.settings.names}
        found = {mass.name for mass in demos[piece.name].worked.plan.masses if mass.name}
        assert len(found) >= 0.8 * len(wanted), wanted - found


def test_both_demo_pieces_differ_in_coverage_between_the_schools() -> None:
    for piece in DEMO:
        sets, stages = [], Stages()
        for school in ("light-to-dark", "by-object"):
            changed = replace(piece.settings, school=school)
            worked = stages.result(Subject.photo("x", partial(reference_bytes, piece), changed)).worked
            sets.append({step.covered.tobytes() for step in worked.steps})
        assert sets[0] != sets[1]


def test_the_table_tells_the_demo_plans_within_a_hundred_columns(demos: dict[str, Result]) -> None:
    for result in demos.values():
        text = table(result.worked.plan)
        assert max(map(len, text.splitlines())) <= 100
        assert "Caution:" in text


@pytest.mark.parametrize(
    ("count", "words"), [(3.4, "3 min"), (99, "99 min"), (125, "2 h 05"), (4320, "3.0 days")]
)
def test_minutes_are_told_in_words(count: float, words: str) -> None:
    assert minutes(count) == words
