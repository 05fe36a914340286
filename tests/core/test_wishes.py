"""What the painter wants of single masses, of what runs under, of stages, background and the time in hand."""

from __future__ import annotations

from dataclasses import replace
from functools import cache

import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.long import rounds, tried
from tests.pieces import photographs, worked_out_of
from tests.said import faults, refuses, text
from tests.scenery import SCENES, rendered
from washboard.core.colour.kindred import chroma
from washboard.core.colour.lab import value_of_lab
from washboard.core.composition.relit import LitBy, Relight
from washboard.core.edges.made import EdgeWish
from washboard.core.errors import InvalidInput
from washboard.core.key.merged import merged
from washboard.core.key.wishes import MOST_LIGHTER, Tone
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import surface_of
from washboard.core.order.prediction import painted
from washboard.core.order.unders import NoUnder, Over
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.plan.stretch import Beyond, Edge
from washboard.core.planning.in_time import savings_of, total_of
from washboard.core.reference.picture import picture_of
from washboard.core.schools import SCHOOLS, refused
from washboard.core.surface.replay import refusals_of
from washboard.pipeline.stages.results import Result
from washboard.settings import Settings
from washboard.settings.intent import NO_INTENT, Intent

OIL = Settings("oil", "value:6", 40, 30, marks=0)
WATER = Settings("watercolour", "white", 40, 30, marks=0)


@cache
def planned(name: str, settings: Settings) -> Result:
    """A rendered scene, or a real photograph, as it is set."""
    rgb = photographs()[name] if name in photographs() else rendered(name, 5)
    return worked_out_of(encoded(rgb, "PNG"), settings)


def plan_of(name: str, settings: Settings) -> Plan:
    return planned(name, settings).worked.plan


def last(result: Result) -> NDArray[np.float32]:
    return picture_of(painted(result.table, result.maps, len(result.table.colours) - 1)).lab


@pytest.mark.parametrize("settings", [OIL, WATER], ids=["oil", "watercolour"])
def test_a_mass_is_planned_darker_quieter_and_cooler_as_is_wished_and_others_stay(settings: Settings) -> None:
    before = plan_of("cup", settings)
    mass = max((m for m in before.masses if 4 < m.target < 8), key=lambda m: m.share)
    after = plan_of("cup", replace(settings, tones=(Tone(mass.id, -1.0, 0.5, -6.0),)))
    moved = after.by_id[mass.id]
    assert moved.target == pytest.approx(mass.target - 1.0, abs=1e-9)
    assert chroma((0, moved.target_lab[1] + 0.35 * 6, moved.target_lab[2] + 0.94 * 6)) < chroma(
        mass.target_lab
    )
    assert moved.target_lab[2] < mass.target_lab[2]
    assert [m.target for m in after.masses if m.id != mass.id] == [
        m.target for m in before.masses if m.id != mass.id
    ]
    assert refusals_of(after) == ()
    one, other = (
        last(planned("cup", s))
        for s in (settings, replace(settings, tones=(Tone(mass.id, -1.0, 0.5, -6.0),)))
    )
    there = planned("cup", settings).planned.measured.labels == mass.label
    assert np.median(value_of_lab(other[there]) - value_of_lab(one[there])) < -0.5


def test_tones_stay_within_reach_and_two_moves_of_one_mass_add_up() -> None:
    lightest = max(plan_of("cup", WATER).masses, key=lambda m: m.target)
    after = plan_of("cup", replace(WATER, tones=(Tone(lightest.id, 4.0),)))
    assert after.by_id[lightest.id].target <= after.key.highest
    both = Tone("m1", 3.0, 0.5, -20.0).and_then(Tone("m1", 3.0, 0.5, -20.0))
    assert (both.lighter, both.colour, both.warmer) == (MOST_LIGHTER, 0.25, -30.0)
    with refuses(InvalidInput, "values"):
        replace(OIL, tones=(Tone("m1", 4.5),)).checked()


def under_shares(plan: Plan) -> dict[str, float]:
    """How much of each mass is run under before it is laid."""
    found: dict[str, float] = {}
    for done in plan.passes:
        for o in done.operations:
            if o.role is Role.UNDER and o.kind.lays:
                found[o.mass] = max(found.get(o.mass, 0.0), o.cover)
    return found


def test_nothing_runs_under_what_the_painter_forbids_and_the_judge_still_agrees() -> None:
    before = under_shares(plan_of("cup", WATER))
    assert before, "first washes run under later masses"
    seen = planned("cup", WATER).seen
    by_id = plan_of("cup", WATER).by_id
    name = max(before, key=lambda name: before[name] * by_id[name].share)
    x, y = by_id[name].inside
    area = f"a{seen.whole.at(x, y)}"
    after = plan_of("cup", replace(WATER, unders=(NoUnder(Over.THING, x, y),)))
    assert not any(after.by_id[n].area == area for n in under_shares(after))
    assert refusals_of(after) == ()
    first = plan_of("cup", replace(WATER, unders=(NoUnder(Over.PASS, number=1),)))
    laid = next(p for p in first.passes if not p.beside)
    assert not [o for o in laid.operations if o.role is Role.UNDER and o.kind.lays]
    none = plan_of("cup", replace(WATER, unders=(NoUnder(Over.WARM), NoUnder(Over.COOL))))
    assert all(chroma(none.by_id[n].target_lab) < 8 for n in under_shares(none))


def test_each_thing_has_the_stages_that_are_asked_as_far_as_it_has_masses() -> None:
    own = replace(OIL, school="by-object")
    usual, five = plan_of("cup", own), plan_of("cup", replace(own, stages=5))
    assert five.shapes > usual.shapes
    assert refusals_of(five) == ()
    with refuses(InvalidInput, "3"):
        replace(OIL, stages=2).checked()


@pytest.mark.parametrize("medium", ["oil", "acrylic", "pastel"])
def test_background_comes_round_a_thing_before_it_where_it_would_come_after(medium: str) -> None:
    own = replace(OIL, medium=medium, school="by-object", around_cm=2.0)
    result = planned("night lamps", own)
    plan = result.worked.plan
    found = [e for e in plan.effects if e.key == "around" and not e.rests]
    assert found
    assert refusals_of(plan) == ()
    for effect in found:
        assert faults(text(effect.told, plan)) == []
        done = next(p for p in plan.passes if p.id == effect.pass_id)
        ahead = [o for o in done.operations if o.role is Role.OVERLAP and o.mass in effect.masses[1:]]
        assert ahead
        row = plan.passes.index(done)
        spots = [s for s in result.worked.spots if s.row == row + 1]
        assert spots, "it shows in the picture after that pass"
    assert not [e for e in plan_of("night lamps", replace(own, around_cm=0.0)).effects if e.key == "around"]


def test_what_lies_behind_a_silhouette_grows_darker_there_softly_and_nowhere_else() -> None:
    before = planned("cast-shadow", OIL)
    by_id = before.worked.plan.by_id
    light = [s for s in before.worked.plan.edges if min(by_id[name].target for name in s.masses) > 3.5]
    stretch = max(light, key=lambda s: s.length_cm)
    wish = EdgeWish(*stretch.at, stretch.how, Beyond.DARKER)
    after = planned("cast-shadow", replace(OIL, edges=(wish,)))
    plan = after.worked.plan
    own = [e for e in plan.effects if e.key == "counterchange"]
    assert own
    assert all(e.pass_id for e in own), [text(e.rests, plan) for e in own if e.rests]
    assert all(faults(text(e.told, plan)) == [] for e in own)
    assert refusals_of(plan) == ()
    moved = value_of_lab(last(after)) - value_of_lab(last(before))
    assert moved.min() < -0.3
    where = before.planned.edges.where == stretch.number
    rows, columns = np.nonzero(where)
    far = np.ones(where.shape, bool)
    reach = int(0.3 * min(where.shape))
    far[
        max(0, rows.min() - reach) : rows.max() + reach, max(0, columns.min() - reach) : columns.max() + reach
    ] = False
    assert np.abs(moved[far]).max(initial=0.0) < 0.15


@pytest.mark.parametrize("medium", ["oil", "acrylic", "watercolour"])
def test_what_is_wiped_out_of_a_tone_is_glazed_with_its_own_colour_and_comes_nearer(medium: str) -> None:
    settings = replace(OIL, medium=medium, surface="white", school="wipe-out")
    result = planned("cup", settings)
    plan = result.worked.plan
    own = [e for e in plan.effects if e.key == "wiped-colour"]
    assert own
    assert own[0].pass_id
    assert refusals_of(plan) == ()
    assert any("glazes" in text(note, plan) for note in plan.notes)
    bare = planned("cup", replace(settings, effects_off=(own[0].id,)))
    wanted = np.zeros_like(last(result))
    there = np.zeros(wanted.shape[:2], bool)
    for name in own[0].masses:
        mass = plan.by_id[name]
        inside = result.planned.measured.labels == mass.label
        wanted[inside], there = mass.target_lab, there | inside
    off = [float(np.linalg.norm(last(r)[there] - wanted[there], axis=1).mean()) for r in (result, bare)]
    assert off[0] < off[1]


@pytest.mark.soak
@pytest.mark.parametrize("medium", tried(["watercolour", "acrylic", "oil", "pastel"], 2))
def test_a_plan_for_half_an_hour_takes_half_an_hour_and_says_what_it_gave_up(medium: str) -> None:
    own = Settings(medium, "white" if medium == "watercolour" else "value:6", 20, 15)
    full = plan_of("cup", own)
    assert total_of(full) > 30
    short = plan_of("cup", replace(own, intent=Intent(minutes=30)))
    assert total_of(short) <= 30
    assert refusals_of(short) == ()
    told = text(short.notes[0], short)
    assert "30" in told
    assert faults(told) == []
    roomy = plan_of("cup", replace(own, intent=Intent(minutes=1 + total_of(full))))
    assert [p.minutes for p in roomy.passes] == [p.minutes for p in full.passes]


def test_the_more_minutes_there_are_the_less_is_given_up() -> None:
    own = Settings("pastel", "value:6", 20, 15)
    counts = [
        sum(len(f.paths) for f in plan.marks) + 20 * sum(e.rests is None for e in plan.effects)
        for minutes in (20, 45)
        for plan in [plan_of("cup", replace(own, intent=Intent(minutes=minutes)))]
    ]
    assert counts == sorted(counts)
    least = [saving.least for saving in savings_of(3)]
    assert least == sorted(least)


def test_what_is_impossible_in_the_time_is_said_and_the_shortest_way_shown() -> None:
    own = Settings("watercolour", "white", 60, 45, intent=Intent(minutes=3))
    plan = plan_of("cup", own)
    assert total_of(plan) > 3
    assert "smaller sheet" in text(plan.notes[0], plan)
    assert refusals_of(plan) == ()


def test_small_masses_go_with_the_neighbour_they_share_most_outline_with() -> None:
    masses = plan_of("cup", OIL).masses
    done = merged(masses, 0.02)
    by_id = {m.id: m for m in masses}
    for before, after in zip(masses, done, strict=True):
        if before.share >= 0.02:
            assert after is before
        elif after is not before:
            assert after.target in {m.target for m in by_id.values() if m.share > before.share}
    assert len({m.target_ends for m in done}) < len({m.target_ends for m in masses})
    assert merged(masses, 0.0) == tuple(masses)


def test_washes_of_lost_time_are_never_opaque_in_watercolour() -> None:
    own = replace(WATER, marks=40, whites=False, intent=Intent(minutes=45))
    kinds = {o.kind for p in plan_of("cup", own).passes for o in p.operations}
    assert Kind.WHITE not in kinds


def wished(seed: int, medium: str) -> Settings:
    """A piece with wishes of every kind, at random."""
    dice = np.random.default_rng(seed)

    def place() -> tuple[float, float]:
        return float(dice.uniform(0.05, 0.95)), float(dice.uniform(0.05, 0.95))

    beyond, edges = list(Beyond), list(Edge)
    schools = [s.key for s in SCHOOLS.values() if not refused(s, medium_named(medium), surface_of("value:7"))]
    return Settings(
        medium,
        "value:7",
        float(dice.uniform(15, 60)),
        float(dice.uniform(15, 60)),
        school=str(dice.choice(schools)),
        stages=int(dice.integers(3, 10)) if dice.random() < 0.4 else None,
        around_cm=float(dice.uniform(0, 5)) if dice.random() < 0.6 else None,
        tones=tuple(
            Tone(f"m{k}", float(dice.uniform(-2, 2)), float(dice.uniform(0, 2)), float(dice.uniform(-20, 20)))
            for k in range(1, 1 + int(dice.integers(0, 5)))
        ),
        unders=tuple(
            NoUnder(what, *place(), int(dice.integers(1, 4))) for what in Over if dice.random() < 0.25
        ),
        edges=tuple(
            EdgeWish(*place(), edges[int(dice.integers(4))], beyond[int(dice.integers(3))]) for _ in range(4)
        ),
        relight=Relight(*place(), LitBy.LAMP if seed % 2 else LitBy.SUN, float(dice.random()))
        if dice.random() < 0.3
        else None,
        intent=Intent(minutes=float(dice.uniform(10, 200))) if dice.random() < 0.3 else NO_INTENT,
        marks=int(dice.integers(0, 30)),
    )


@pytest.mark.soak
@pytest.mark.parametrize("medium", MEDIA)
def test_whatever_is_wished_the_judge_agrees_with_the_plan(medium: str) -> None:
    names = sorted(SCENES)
    for seed in range(rounds(2, 200)):
        own = wished(seed, medium)
        name = names[(7 * seed + len(medium)) % len(names)]
        result = worked_out_of(encoded(rendered(name, 3), "PNG"), own)
        plan = result.worked.plan
        assert refusals_of(plan) == (), (name, seed)
        assert all(0 <= v <= 10 for row in plan.predicted for v in row)
        assert all(faults(text(note, plan)) == [] for note in plan.notes)
