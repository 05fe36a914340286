"""Grounds: shares counted pixel by pixel, coats that hide, the rank, the toning pass."""

from __future__ import annotations

from functools import cache

import numpy as np
import pytest

from tests.conftest import encoded
from tests.pieces import photographs
from tests.said import refuses, text
from washboard.core.colour.lab import difference, linear_of_lab
from washboard.core.errors import UnknownName
from washboard.core.ground.choice import candidates_of
from washboard.core.ground.coats import coats_to_hide
from washboard.core.ground.shares import RIGHT_COLOUR, RIGHT_VALUE
from washboard.core.ground.toning import toning_of
from washboard.core.materials.grounds import GROUNDS, GroundKind, ground_named
from washboard.core.materials.media import MEDIA, medium_named
from washboard.core.materials.surfaces import surface_of
from washboard.core.mixing.paintbox import paintbox_of
from washboard.demo.pieces import FERRY_SLIP, reference_bytes
from washboard.pipeline.answers.prepare import grounds
from washboard.pipeline.stages import Seen, Stages
from washboard.pipeline.stages.masses import masses_in_areas
from washboard.pipeline.subject import Subject
from washboard.settings import Settings


@cache
def seen(name: str) -> Seen:
    data = reference_bytes(FERRY_SLIP) if name == "ferry" else encoded(photographs()[name])
    return Stages().seen(Subject.photo(name, lambda: data, Settings("acrylic", "white", 40, 27)))


def candidates(name: str, medium: str, surface: str = "white"):  # type: ignore[no-untyped-def]
    found = seen(name)
    settings = Settings(medium, surface, 40, 27)
    return grounds(found, masses_in_areas(found.measured, found.areas), settings)


@pytest.mark.parametrize("name", ["landscape", "figure and sky", "cup", "ferry"])
@pytest.mark.parametrize("medium", MEDIA)
def test_shares_agree_with_a_count_of_every_pixel_of_the_photo(name: str, medium: str) -> None:
    picture = seen(name).picture
    lab = picture.lab.reshape(-1, 3).astype(float)
    for candidate in candidates(name, medium):
        if candidate.ground.kind is GroundKind.PATCHES:
            continue
        near = np.abs(picture.value.ravel() - candidate.surface.value) <= RIGHT_VALUE
        right = difference(lab[near], np.asarray(candidate.surface.lab)) <= RIGHT_COLOUR
        assert candidate.share == pytest.approx(right.sum() / len(lab), abs=0.02)


def test_the_ferry_in_fog_wants_a_light_grey_as_a_teacher_would_choose() -> None:
    found = candidates("ferry", "acrylic")
    best = found[0]
    assert best.ground.key in ("pale-warm-grey", "pale-cool-grey")
    by_key = {c.ground.key: c for c in found}
    assert 0.2 <= best.share <= 0.45
    assert by_key["own"].share < 0.01
    assert by_key["brown"].share < 0.05
    assert 3 <= by_key["brown"].lights_coats <= 4
    assert by_key["own"].coats > 2 * best.coats


def test_a_bright_landscape_in_watercolour_stays_on_white() -> None:
    found = candidates("landscape", "watercolour")
    assert found[0].ground.kind is GroundKind.BARE
    assert found[-1].lost > 0.3
    assert all(c.lost == 0 for c in candidates("landscape", "pastel"))


@pytest.mark.parametrize("medium", MEDIA)
def test_every_candidate_has_its_figures_and_they_are_ranked_by_price(medium: str) -> None:
    found = candidates("cup", medium)
    assert len(found) >= 7
    assert [c.price for c in found] == sorted(c.price for c in found)
    assert len({c.ground.key for c in found}) == len(found)
    assert any(c.ground.kind is GroundKind.BARE for c in found)
    for c in found:
        assert 0 <= c.share <= 1
        assert 0 <= c.fewer <= c.masses
        assert text(c.why[0]).startswith(f"{100 * c.share:.0f} % of the picture")
    if not medium_named(medium).transparent:
        assert any(c.ground.kind is GroundKind.PATCHES for c in found)


def test_a_listed_ground_that_is_the_sheet_at_hand_is_not_offered_twice() -> None:
    charcoal = GROUNDS["pastel"][10]
    red, green, blue = (
        round(255 * v) for v in (np.clip(linear_of_lab(charcoal.surface.lab), 0, 1) ** (1 / 2.2)).tolist()
    )
    found = candidates("cup", "pastel", f"#{red:02x}{green:02x}{blue:02x}")
    assert len(found) <= len(GROUNDS["pastel"]) + 2
    assert sum(abs(c.surface.value - charcoal.value) < 0.1 for c in found) <= 2


def test_coats_are_none_where_the_ground_is_right_and_more_the_farther_off_it_is() -> None:
    box = paintbox_of(medium_named("acrylic"), surface_of("white"))
    targets = np.array([[90.0, 0, 0]] * 4)
    below = np.array([[90.5, 0, 0], [84.0, 0, 0], [50.0, 0, 0], [12.0, 0, 0]])
    coats = coats_to_hide(targets, below, box, False).tolist()
    assert coats[0] == 0
    assert coats == sorted(coats)
    assert 2 <= coats[-1] <= 6
    dark = coats_to_hide(below[3:], targets[:1], box, False)
    assert int(dark[0]) < coats[-1], "dark paint hides light ground sooner than the reverse"
    assert coats_to_hide(targets, below, box, True).tolist() == [0, 1, 1, 1]


def test_toning_is_a_pass_with_paint_minutes_and_drying_and_paper_needs_none() -> None:
    coat = ground_named("acrylic", "pale-warm-grey")
    small, large = toning_of(coat, 500.0), toning_of(coat, 2000.0)
    assert small is not None
    assert large is not None
    assert small.minutes == pytest.approx(coat.minutes)
    assert small.minutes < large.minutes < 4 * small.minutes
    assert coat.paint in text(small.what[0])
    assert small.value == pytest.approx(7.4, abs=0.05)
    black = toning_of(ground_named("acrylic", "black"), 500.0)
    assert black is not None
    assert "both sides" in text(black.what[-1])
    assert toning_of(ground_named("pastel", "charcoal"), 500.0) is None
    with refuses(UnknownName, "ground for oil"):
        ground_named("oil", "charcoal")


def test_a_laid_ground_is_what_the_plan_starts_on_and_is_written_into_it() -> None:
    data = reference_bytes(FERRY_SLIP)
    settings = Settings("acrylic", "white", 40, 27, ground="pale-warm-grey").checked()
    plan = Stages().result(Subject.photo("ferry", lambda: data, settings)).worked.plan
    assert plan.surface.value == pytest.approx(7.4)
    assert plan.toning is not None
    assert plan.toning.wait == 15.0
    assert plan.predicted[0] == pytest.approx([7.4] * len(plan.masses), abs=0.05)


def test_patches_take_each_area_into_account() -> None:
    found = seen("ferry")
    area = surface_of("white")
    masses = masses_in_areas(found.measured, found.areas)
    (patches,) = [
        c
        for c in candidates_of(found.picture, masses, found.areas, medium_named("acrylic"), area, 1000.0)
        if c.ground.kind is GroundKind.PATCHES
    ]
    assert patches.share > 0.5
    assert 5 < patches.minutes < 60
