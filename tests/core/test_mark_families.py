"""Families of marks: textures, what a painter wants of them, and what holds for every piece."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from functools import cache

import cv2
import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.long import rounds
from tests.pieces import photographs, worked_out_of
from tests.rendered import from_above, outdoors
from tests.said import refuses, text
from washboard.core.errors import InvalidInput
from washboard.core.marks.candidates import Candidate
from washboard.core.marks.choice import MINUTES, Chosen
from washboard.core.marks.families import SPREAD, families_of
from washboard.core.marks.laying import DETAILS
from washboard.core.marks.own import OwnMark
from washboard.core.marks.wishes import Wish
from washboard.core.order.prediction import painted
from washboard.core.plan.marks import AMOUNTS, How, HowMany, MarkFamily, MarkKind, Way, way_of
from washboard.core.plan.plan import Kind
from washboard.core.reference.stops import STEPS
from washboard.core.surface.replay import refusals_of
from washboard.formats import planfile
from washboard.pipeline.stages.results import Result
from washboard.settings import Settings

Bytes = NDArray[np.uint8]
MEDIA: Mapping[str, Settings] = {
    "watercolour": Settings("watercolour", "white", 45, 30),
    "oil": Settings("oil", "value:5", 45, 30),
    "pastel": Settings("pastel", "value:4", 45, 30),
    "acrylic": Settings("acrylic", "white", 45, 30),
}


def worked(rgb: Bytes, settings: Settings) -> Result:
    return worked_out_of(encoded(rgb), settings)


def bark(turn: float = 0.0) -> Bytes:
    """A field of fine upright streaks, turned by degrees, under an even sky."""
    dice = np.random.default_rng(3)
    streaks = cv2.GaussianBlur(dice.normal(0, 1, (900, 1200)).astype(np.float32), (0, 0), 2, sigmaY=14)
    spin = cv2.getRotationMatrix2D((600, 450), turn, 1.0)
    streaks = cv2.warpAffine(streaks, spin, (1200, 900), borderMode=cv2.BORDER_REFLECT)[100:767, 100:1100]
    grey = 120 + 28 * streaks / streaks.std()
    grey[:220] = 205
    return np.repeat(np.clip(grey, 0, 255).astype(np.uint8)[..., None], 3, axis=2)


@pytest.mark.parametrize(("turn", "way"), [(0.0, Way.UPRIGHT), (90.0, Way.LEVEL), (45.0, Way.SLANTING)])
def test_streaks_all_over_are_one_texture_with_the_way_that_they_run(turn: float, way: Way) -> None:
    plan = worked(bark(turn), MEDIA["oil"]).worked.plan
    found = [family for family in plan.marks if family.kind is MarkKind.TEXTURE]
    assert found
    for family in found:
        assert family.texture is not None
        assert way_of(family.texture.direction, family.texture.along) is way
        assert 1 < family.texture.grain_mm < 12
        assert "texture" in text(family.name, plan)
    sky = max(plan.masses, key=lambda mass: mass.value)
    assert all(family.masses[0] != sky.id for family in found), "an even sky has none"
    # All of them tell of it: as single marks there would be hundreds.
    assert sum(family.count for family in found) <= 8
    assert sum(family.gain for family in found) > 0.2


def test_a_rim_is_no_texture() -> None:
    y, x = np.mgrid[:600, :900]
    away = np.hypot(x - 450, y - 300)
    grey = np.where(away < 200, 90.0, 200.0)
    grey[np.abs(away - 200) < 5] = 20
    plan = worked(np.repeat(grey.astype(np.uint8)[..., None], 3, 2), MEDIA["oil"]).worked.plan
    assert all(family.kind is not MarkKind.TEXTURE for family in plan.marks)


@cache
def machine(*wishes: Wish) -> Result:
    return worked(photographs()["machine"], replace(MEDIA["oil"], families=wishes))


def largest(plan_marks: tuple[MarkFamily, ...]) -> MarkFamily:
    return max((f for f in plan_marks if f.kind is not MarkKind.TEXTURE), key=lambda family: family.count)


def test_a_family_can_be_had_fewer_more_named_or_not_at_all_and_the_others_stay() -> None:
    marks = machine().worked.plan.marks
    one = largest(marks)
    assert one.count >= 4
    x, y = one.place
    others = {family.paths for family in marks} - {one.paths}

    def wished(many: HowMany, name: str = "") -> tuple[MarkFamily, ...]:
        return machine(Wish(x, y, one.kind, many, name)).worked.plan.marks

    gone = wished(HowMany.NONE)
    assert {family.paths for family in gone} == others
    fewer = next(f for f in wished(HowMany.FEWER) if f.many is HowMany.FEWER)
    assert fewer.count == round(one.count / 2)
    assert set(fewer.paths) < set(one.paths), "the worthiest stay"
    more = next(f for f in wished(HowMany.MORE) if f.many is HowMany.MORE)
    assert one.count < more.count <= one.count + max(1, round(one.count / 2))
    assert set(one.paths) < set(more.paths)
    named = next(f for f in wished(HowMany.FOUND, "the spokes") if f.called)
    assert text(named.name, machine().worked.plan).startswith("The spokes: ")
    assert set(named.paths) == set(one.paths)


def test_a_wish_for_what_is_no_longer_there_changes_nothing() -> None:
    nowhere = Wish(0.999, 0.001, MarkKind.DAB, HowMany.NONE)
    assert machine(nowhere).worked.plan.marks == machine().worked.plan.marks


@pytest.mark.parametrize(("medium", "how"), [("oil", How.PAINTED), ("watercolour", How.PAINTED)])
def test_a_line_drawn_by_hand_is_a_family_of_its_own_where_it_was_drawn(medium: str, how: How) -> None:
    line = OwnMark(((0.1, 0.3), (0.5, 0.35), (0.9, 0.3)), 1.5, 1.8, "the wire")
    settings = replace(MEDIA[medium], marks=0, own_marks=(line,))
    result = worked(photographs()["portrait"], settings)
    plan = result.worked.plan
    (family,) = plan.marks
    assert (family.own, family.how, family.called, family.count) == (0, how, "the wire", 1)
    assert family.width_mm == pytest.approx(1.5)
    wide, high = plan.sheet.picture_width_cm, plan.sheet.picture_height_cm
    assert family.paths[0].points[0] == pytest.approx((0.1 * wide, 0.3 * high), abs=0.01)
    assert refusals_of(plan) == ()
    last = painted(result.table, result.maps, len(result.table.colours) - 1, values_only=True)[..., 0]
    rows, columns = last.shape
    on, beside = last[int(0.325 * rows), int(0.3 * columns)], last[int(0.36 * rows), int(0.3 * columns)]
    assert on < beside


def test_a_light_line_is_won_back_in_watercolour_and_left_out_where_white_is_not_allowed() -> None:
    light = OwnMark(((0.2, 0.9), (0.8, 0.9)), 2.0, 9.0)
    settings = replace(MEDIA["watercolour"], marks=0, own_marks=(light,))
    plan = worked(photographs()["portrait"], settings).worked.plan
    assert [family.how for family in plan.marks] in ([How.RECOVERED], [How.KEPT])
    bare = worked(photographs()["portrait"], replace(settings, whites=False)).worked.plan
    assert all(family.how is How.KEPT for family in bare.marks)


@pytest.mark.parametrize(
    "line",
    [
        OwnMark(((0.5, 0.5),)),
        OwnMark(((0.5, 0.5), (1.2, 0.5))),
        OwnMark(((0.5, 0.5), (0.6, 0.5)), value=11),
        OwnMark(((0.5, 0.5), (0.6, 0.5)), width_mm=0.01),
    ],
)
def test_a_line_that_cannot_be_drawn_is_refused(line: OwnMark) -> None:
    with refuses(InvalidInput, "A drawn line"):
        replace(MEDIA["oil"], own_marks=(line,)).checked()


def test_the_focus_draws_marks_to_it() -> None:
    def share_near_the_corner(focus: tuple[float, float]) -> float:
        plan = worked(photographs()["portrait"], replace(MEDIA["oil"], focus=focus)).worked.plan
        size = plan.sheet.picture_width_cm, plan.sheet.picture_height_cm
        places = [np.mean(path.points, axis=0) / size for family in plan.marks for path in family.paths]
        return float(np.mean([np.hypot(*(place - (0.2, 0.2))) < 0.25 for place in places]))

    assert share_near_the_corner((0.2, 0.2)) > share_near_the_corner((0.85, 0.85))


def generated(seed: int) -> Bytes:
    """A picture of any kind: rendered, a piece of a photograph, or noise of some grain."""
    dice = np.random.default_rng(seed)
    match seed % 4:
        case 0:
            return outdoors(seed).rgb
        case 1:
            return from_above(seed).rgb
        case 2:
            rgb = list(photographs().values())[int(dice.integers(len(photographs())))]
            wide, high = int(dice.integers(250, 600)), int(dice.integers(200, 450))
            top = int(dice.integers(0, max(1, rgb.shape[0] - high)))
            left = int(dice.integers(0, max(1, rgb.shape[1] - wide)))
            return np.ascontiguousarray(rgb[top : top + high, left : left + wide])
        case _:
            grain = float(dice.uniform(1, 20))
            noise = cv2.GaussianBlur(dice.random((300, 420, 3)).astype(np.float32), (0, 0), grain)
            low, high_ = noise.min(), noise.max()
            return np.rint(255 * (noise - low) / (high_ - low)).astype(np.uint8)


@pytest.mark.soak
def test_marks_of_any_piece_are_sound() -> None:
    for seed in range(rounds(8, 300)):
        medium = list(MEDIA)[seed // 4 % 4]
        marks = AMOUNTS["many"] if seed % 5 == 0 else AMOUNTS["some"]
        result = worked(generated(seed), replace(MEDIA[medium], marks=marks))
        plan = result.worked.plan
        assert refusals_of(plan) == (), seed
        assert sum(family.count for family in plan.marks) <= marks, seed
        assert sum(family.minutes for family in plan.marks) <= MINUTES + 1e-6, seed
        ids = [done.id for done in plan.passes]
        assert all(family.pass_id in ids for family in plan.marks), seed
        for done in plan.passes:
            for o in done.operations:
                if plan.medium.transparent and o.kind.lays and o.kind is not Kind.WHITE:
                    assert o.to_value <= o.from_value + 0.05, seed
        kept_marks_stay(result, seed)
        document = planfile.document_of(plan, planfile.DocumentSource("p"))
        again = planfile.document_of(planfile.plan_from(document), planfile.DocumentSource("p"))
        assert planfile.written(again) == planfile.written(document), seed
        if seed % 10 == 0:
            twice = worked(generated(seed), replace(MEDIA[medium], marks=marks)).worked.plan
            assert twice.marks == plan.marks, seed


def kept_marks_stay(result: Result, seed: int) -> None:
    """What is kept before a pass looks as it does there from then on, but for what is set over it last."""
    plan, marked = result.worked.plan, result.planned.marked
    if marked is None:
        return
    ids = [done.id for done in plan.passes]
    for number, family in enumerate(plan.marks, 1):
        if family.how is How.KEPT:
            assert family.pass_id != DETAILS, seed
            own = cv2.erode((marked.where == number).astype(np.uint8), np.ones((5, 5), np.uint8)) > 0
            rows = range(ids.index(family.pass_id), len(ids) + 1)
            pictures = [painted(result.table, result.maps, row)[own] for row in rows]
            assert all(np.array_equal(pictures[0], later) for later in pictures[1:]), seed


def test_one_mixture_does_for_a_family_although_each_mark_is_like_the_next() -> None:
    place = Candidate((40, 44, 40, 44), np.ones((4, 4), np.bool_), 16, 12, 1.0, 1.0)
    ladder = [Chosen(place, (float(lightness), 0.0, 0.0), 1.0, 1.0) for lightness in range(10, 95, 5)]
    families = families_of(ladder, 0.05, (100, 100))
    assert sorted(mark.lab for one in families for mark in one.marks) == [mark.lab for mark in ladder]
    for one in families:
        labs = np.array([mark.lab for mark in one.marks]) * STEPS
        assert np.linalg.norm(labs[:, None] - labs, axis=2).max() <= SPREAD
    assert 4 <= len(families) < len(ladder) / 2
