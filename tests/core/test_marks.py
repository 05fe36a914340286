"""Small marks: they bring back what the masses leave out, in time, in families, where the medium allows."""

from __future__ import annotations

import json
from collections.abc import Mapping
from dataclasses import replace
from functools import cache, partial
from itertools import pairwise, product

import cv2
import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.long import tried
from tests.pieces import photographs, worked_out_of
from tests.said import faults, refuses, text
from washboard.core.errors import InvalidInput
from washboard.core.marks.candidates import candidates_of
from washboard.core.marks.choice import MINUTES, chosen_of
from washboard.core.marks.families import families_of
from washboard.core.marks.lack import lack_of, weighed
from washboard.core.marks.laying import DETAILS, STICK
from washboard.core.materials.tools import TOOLS
from washboard.core.optics.removal import WHITEST
from washboard.core.order.prediction import painted
from washboard.core.plan.effect import FINISHING
from washboard.core.plan.marks import AMOUNTS, How, MarkKind, number_of_marks
from washboard.core.plan.plan import Kind, Operation, Role
from washboard.core.surface.replay import refusals_of
from washboard.core.time.pace import SETTLING
from washboard.formats import planfile
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.results import Result
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

SETTINGS: Mapping[str, Settings] = {
    "watercolour": Settings("watercolour", "white", 45, 30),
    "oil": Settings("oil", "value:5", 45, 30),
    "pastel": Settings("pastel", "value:4", 45, 30),
    "acrylic": Settings("acrylic", "white", 45, 30),
}
PHOTOGRAPHS = ("portrait", "figure and sky", "landscape", "machine")


@cache
def made(photograph: str, medium: str, marks: int = AMOUNTS["some"]) -> Result:
    """A photograph planned with so many marks."""
    return worked_out_of(encoded(photographs()[photograph]), replace(SETTINGS[medium], marks=marks))


def last_picture(result: Result) -> NDArray[np.uint8]:
    """The picture after the last pass."""
    return painted(result.table, result.maps, len(result.table.colours) - 1)


def edges_kept(result: Result) -> float:
    """The share of the photo's strong edges that have one of the last picture within three pixels."""
    light = [
        cv2.cvtColor(rgb, cv2.COLOR_RGB2LAB)[..., 0]
        for rgb in (result.seen.picture.rgb, last_picture(result))
    ]
    photo, there = (
        cv2.Canny(cv2.GaussianBlur(one, (0, 0), 1.4), 40, 100, L2gradient=True) > 0 for one in light
    )
    near = cv2.distanceTransform((~there).astype(np.uint8), cv2.DIST_L2, 3) <= 3
    return float(near[photo].mean())


@pytest.mark.soak
@pytest.mark.parametrize("photograph", tried(PHOTOGRAPHS, 2))
def test_effects_and_marks_bring_back_edges_that_the_masses_leave_out(photograph: str) -> None:
    without, few, some = (made(photograph, "oil", AMOUNTS[amount]) for amount in ("none", "few", "some"))
    planned = without.planned
    bare = replace(planned, worked=replace(planned.worked, spots=()))
    masses = edges_kept(replace(without, planned=bare))
    assert edges_kept(some) > 1.2 * masses
    assert edges_kept(some) > edges_kept(few) > edges_kept(without) >= masses


@pytest.mark.soak
@pytest.mark.parametrize(("photograph", "medium"), tried([*product(PHOTOGRAPHS, SETTINGS)], 4))
def test_they_are_a_part_of_the_plan_that_the_judge_agrees_to(photograph: str, medium: str) -> None:
    plan = made(photograph, medium).worked.plan
    assert refusals_of(plan) == ()
    assert 0 < sum(family.count for family in plan.marks) <= AMOUNTS["some"]
    assert sum(family.minutes for family in plan.marks) <= MINUTES
    last = plan.passes[-1]
    assert last.id == DETAILS
    won_back = {Kind.WHITE} if plan.medium.transparent else set()
    assert {Kind.DETAIL} <= {o.kind for o in last.operations} <= {Kind.DETAIL} | won_back
    own = {name for effect in plan.effects if effect.pass_id == DETAILS for name in effect.masses}
    drawn = [family for family in plan.marks if family.pass_id == DETAILS]
    assert sum(family.count for family in drawn) == int(text(last.title).rsplit(" ", 1)[1])
    marked = {mass for family in drawn for mass in family.masses}
    assert marked | own >= {o.mass for o in last.operations}
    assert len(plan.passes) == len(plan.predicted) - 1
    said = [plan.passes[-1].title, *(step for done in plan.passes for step in done.what)]
    said += [reason.sentence for done in plan.passes for reason in done.reasons]
    for sentence in [*said, *(family.name for family in plan.marks)]:
        assert faults(text(sentence, plan)) == [], text(sentence, plan)


@pytest.mark.parametrize("medium", SETTINGS)
def test_their_minutes_are_in_the_totals_and_their_tools_on_the_list(medium: str) -> None:
    without, plan = (made("portrait", medium, amount).worked.plan for amount in (0, AMOUNTS["some"]))
    more = sum(family.minutes for family in plan.marks)
    settling = (
        0.0 if without.passes[-1].id == FINISHING and len(plan.passes) == len(without.passes) else SETTLING
    )
    assert plan.work == pytest.approx(without.work + more + settling, abs=1e-6)
    totals = planfile.document_of(plan, planfile.DocumentSource("p")).totals
    assert totals is not None
    assert totals.work_minutes == pytest.approx(plan.work, abs=0.01)
    assert totals.wait_minutes == pytest.approx(plan.waiting, abs=0.01)
    for family in plan.marks:
        assert family.tool == STICK or medium in TOOLS[family.tool].media


@pytest.mark.soak
@pytest.mark.parametrize("photograph", tried(PHOTOGRAPHS, 2))
def test_only_transparent_paint_keeps_marks_and_it_never_lightens_for_one(photograph: str) -> None:
    assert all(family.how is How.PAINTED for family in made(photograph, "oil").worked.plan.marks)
    plan = made(photograph, "watercolour").worked.plan
    kept = [family for family in plan.marks if family.how is How.KEPT]
    assert kept
    ids = [done.id for done in plan.passes]
    assert all(family.pass_id in ids[:-1] for family in kept)
    lightens = [o for o in plan.passes[-1].operations if o.to_value > o.from_value + 1e-6]
    assert all(o.kind is Kind.WHITE for o in lightens), "paint that covers wins lights back, nothing else"
    won_back = [family for family in plan.marks if family.how is How.RECOVERED]
    assert all(family.value <= WHITEST + 0.1 and family.pass_id == DETAILS for family in won_back)
    allowed = replace(SETTINGS["watercolour"], whites=False)
    bare = worked_out_of(encoded(photographs()[photograph]), allowed).worked.plan
    assert all(family.how is not How.RECOVERED for family in bare.marks)
    assert all(o.kind is Kind.DETAIL for o in bare.passes[-1].operations)


def test_a_kept_mark_stays_as_it_lay_there_before_its_pass() -> None:
    result = made("landscape", "watercolour")
    planned, plan = result.planned, result.worked.plan
    assert planned.marked is not None
    ids = [done.id for done in plan.passes]
    looked = 0
    for number, family in enumerate(plan.marks, 1):
        if family.how is How.KEPT:
            own = planned.marked.where == number
            # Away from the rim nothing of the neighbours shows in.
            own = cv2.erode(own.astype(np.uint8), np.ones((5, 5), np.uint8)) > 0
            before = ids.index(family.pass_id)
            pictures = [painted(result.table, result.maps, row)[own] for row in range(before, len(ids) + 1)]
            assert all(np.array_equal(pictures[0], later) for later in pictures[1:])
            looked += int(own.sum())
    assert looked > 50


def test_what_is_wanted_more_is_there_already_with_fewer() -> None:
    few, some = (made("machine", "acrylic", AMOUNTS[amount]).worked.plan.marks for amount in ("few", "some"))
    assert sum(family.count for family in few) <= AMOUNTS["few"]
    lengths = [sum(family.minutes for family in marks) for marks in (few, some)]
    assert lengths[0] <= lengths[1] <= MINUTES
    assert made("machine", "acrylic", 0).worked.plan.marks == ()


def test_the_same_photo_gives_the_same_marks_and_a_little_brighter_one_nearly_the_same() -> None:
    rgb = photographs()["figure and sky"]
    brighter = np.clip(rgb.astype(np.int16) + 3, 0, 255).astype(np.uint8)
    settings = SETTINGS["oil"].checked()
    found = []
    for name, picture in (("one", rgb), ("again", rgb), ("brighter", brighter)):
        result = Stages().result(Subject.photo(name, partial(encoded, picture), settings))
        assert result.planned.marked is not None
        told = result.planned.marked.where > 0
        marks, spots = told.copy(), result.worked.spots
        # What an effect tells is lacking no more: of what one picture marks, the other has marks or touches.
        for spot in spots:
            told[spot.at] |= spot.strength > 0
        found.append((result.worked.plan.marks, marks, told))
    assert found[0][0] == found[1][0]
    near = cv2.dilate(found[2][2].astype(np.uint8), np.ones((9, 9), np.uint8)) > 0
    assert near[found[0][1]].mean() > 0.85


def test_choice_is_what_measuring_every_candidate_each_time_would_choose() -> None:
    result = made("figure and sky", "oil", 0)
    plan = result.worked.plan
    measured = result.seen.measured
    lack = lack_of(
        result.seen.picture, last_picture(result), plan.masses, measured.labels, measured.along, plan.key
    )
    weight = np.ones(lack.slope.shape, np.float32)
    candidates = candidates_of(lack, weight)[:250]
    cm = plan.sheet.picture_width_cm / lack.slope.shape[1]
    chosen = chosen_of(candidates, lack, weight, cm, 12, 1e9)
    lab = lack.lab.copy()
    lacking = [float(weighed(lack.apart).sum())]
    for mark in chosen:
        top, bottom, left, right = mark.place.box
        lab[top:bottom, left:right][mark.place.mask] = mark.lab
        lacking.append(float(weighed(replace(lack, lab=lab).apart).sum()))
    assert all(later < before for before, later in pairwise(lacking))
    alone = max(one.gain / (one.minutes(cm) + 0.05) ** 0.8 for one in candidates)
    first = chosen[0].place
    assert first.gain / (first.minutes(cm) + 0.05) ** 0.8 == pytest.approx(alone, rel=0.2)


def test_families_are_of_one_kind_and_most_marks_are_in_one_of_several() -> None:
    several = total = 0
    for photograph in PHOTOGRAPHS:
        for family in made(photograph, "oil").worked.plan.marks:
            total += family.count
            several += family.count if family.count >= 3 else 0
            assert len(family.paths) == family.count
            assert all(
                bool(path.widths) is (family.kind is MarkKind.LINE) or not path.widths
                for path in family.paths
            )
    assert several > 0.6 * total
    assert families_of([], 0.05, (100, 100)) == ()


def test_paths_lie_on_the_surface_and_on_the_marks_that_are_shown() -> None:
    result = made("portrait", "pastel")
    plan = result.worked.plan
    wide, high = plan.sheet.picture_width_cm, plan.sheet.picture_height_cm
    assert result.planned.marked is not None
    where = result.planned.marked.where
    cm = wide / where.shape[1]
    shown = cv2.dilate((where > 0).astype(np.uint8), np.ones((3, 3), np.uint8)) > 0
    drawn = [family for family in plan.marks if family.texture is None]
    points = [point for family in drawn for path in family.paths for point in path.points]
    assert all(-cm <= x <= wide + cm and -cm <= y <= high + cm for x, y in points)
    on = [
        shown[min(int(y / cm), where.shape[0] - 1), min(int(x / cm), where.shape[1] - 1)] for x, y in points
    ]
    assert np.mean(on) > 0.97


def test_a_plan_file_holds_them_and_reads_them_back() -> None:
    plan = made("portrait", "watercolour").worked.plan
    source = planfile.DocumentSource("p")
    written = planfile.written(planfile.document_of(plan, source))
    again = planfile.plan_from(planfile.read(written))
    told = json.loads(written)["marks"]
    fields = {"id", "kind", "count", "name", "paths", "value", "lab", "masses", "pass", "how", "tool"}
    assert told[0].keys() >= fields | {"minutes", "gain"}
    assert [family.id for family in again.marks] == [family.id for family in plan.marks]
    assert json.loads(planfile.written(planfile.document_of(again, source)))["marks"] == told
    assert refusals_of(again) == ()


@pytest.mark.parametrize("words", ["lots", "-1", "151", "", "4.5", "9" * 30])
def test_a_number_of_marks_that_cannot_be_is_refused(words: str) -> None:
    with refuses(InvalidInput, "small marks"):
        number_of_marks(words)
    assert number_of_marks("few") == number_of_marks("40") == 40


def noise(seed: int) -> NDArray[np.uint8]:
    """Grain over two halves that squinting can tell apart."""
    dice = np.random.default_rng(seed)
    halves = np.where(np.arange(600)[None, :, None] < 300, 70, 180)
    return np.clip(halves + dice.normal(0, 45, (400, 600, 3)), 0, 255).astype(np.uint8)


def print_like(seed: int) -> NDArray[np.uint8]:
    """Rows of small dark strokes on white, as a page of print has."""
    dice, page = np.random.default_rng(seed), np.full((500, 400, 3), 245, np.uint8)
    for y in range(20, 480, 14):
        for x in range(20, 380, 5):
            if dice.random() < 0.8:
                page[y : y + int(dice.integers(3, 9)), x : x + int(dice.integers(1, 4))] = 20
    page[:120] = (page[:120] * 0.4).astype(np.uint8)
    return page


@pytest.mark.parametrize(
    ("picture", "size"), [(noise(1), (5, 5)), (print_like(2), (200, 150))], ids=["grain", "print"]
)
def test_pictures_all_of_texture_end_in_time_with_what_can_be_painted(
    picture: NDArray[np.uint8], size: tuple[float, float]
) -> None:
    plan = worked_out_of(encoded(picture), Settings("acrylic", "white", *size)).worked.plan
    assert sum(family.count for family in plan.marks) <= AMOUNTS["some"]
    assert sum(family.minutes for family in plan.marks) <= MINUTES
    assert refusals_of(plan) == ()


@pytest.mark.parametrize("kind", [Kind.WASH, Kind.GLAZE])
def test_a_wash_that_calls_itself_a_small_mark_is_judged_as_a_wash(kind: Kind) -> None:
    plan = made("portrait", "watercolour").worked.plan
    last = plan.passes[-1]
    kept = next(o for done in plan.passes for o in done.operations if o.kind is Kind.RESERVE)
    sly = Operation(kept.mass, kind, Role.OVER, 1.0, kept.to_value, 3.0)
    told = replace(plan, passes=(*plan.passes[:-1], replace(last, operations=(*last.operations, sly))))
    assert any(one.mass == kept.mass for one in refusals_of(told))
