"""What is painted from: ends opened by a curve, things borrowed from other photos, scenes drawn."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.conftest import encoded
from tests.pieces import photographs
from tests.said import refuses, text
from washboard.core.areas.area_map import PROPOSED
from washboard.core.areas.corrections import Corrections, Stroke
from washboard.core.composition.arrangement import Arrangement, Move
from washboard.core.composition.borrowed import Borrowed, pasted
from washboard.core.errors import InvalidInput
from washboard.core.reference.drawn import Shape
from washboard.core.reference.tone_curve import AS_TAKEN, Opening, curve, flat_ends, invented, opened
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.results import BORROWED
from washboard.pipeline.subject import Subject
from washboard.settings import Settings

SETTINGS = Settings("oil", "white", 30, 20)
AMOUNT = st.floats(0, 1)


@given(AMOUNT, AMOUNT)
def test_the_curve_rises_and_leaves_ends_and_middle(darks: float, lights: float) -> None:
    levels = curve(Opening(darks, lights)).astype(int)
    assert (np.diff(levels) >= 0).all()
    assert levels[0] == 0
    assert levels[255] == 255
    assert (levels[77:204] == np.arange(77, 204)).all()
    assert (levels[:77] >= np.arange(77)).all()
    assert (levels[204:] <= np.arange(204, 256)).all()


def test_opening_draws_darks_apart_and_says_what_stays_flat() -> None:
    photo = photographs()["portrait"]
    crushed, _ = flat_ends(photo)
    wide = opened(photo, Opening(darks=1.0))
    dark = (photo.max(axis=2) < 18) & ~crushed
    assert wide[dark].std() > 1.2 * photo[dark].std()
    assert (wide[crushed].max(axis=1) <= 30).all()
    (said,) = invented(photo, Opening(darks=1.0))
    assert f"{100 * crushed.mean():.1f} % of the photo is flat black" in text(said)
    assert opened(photo, AS_TAKEN) is photo
    assert invented(photo, AS_TAKEN) == ()


def disc(size: int, background: int, value: int) -> np.ndarray:
    y, x = np.mgrid[:size, :size]
    inside = np.hypot(x - size / 2, y - size / 2) < size / 4
    return np.where(inside[..., None], value, background).astype(np.uint8).repeat(3, 2)


def test_a_borrowed_thing_stands_where_and_as_wide_as_it_is_placed() -> None:
    main, other = np.full((200, 300, 3), 200, np.uint8), disc(400, 250, 40)
    thing = Borrowed("b", ((0.2, 0.2), (0.8, 0.2), (0.8, 0.8)), 0.7, 0.4, 0.2)
    picture, there = pasted(main, other, other[..., 0] == 40, thing)
    rows, columns = np.nonzero(there)
    assert columns.mean() + 0.5 == pytest.approx(0.7 * 300, abs=0.6)
    assert rows.mean() + 0.5 == pytest.approx(0.4 * 200, abs=0.6)
    assert np.ptp(columns) + 1 == pytest.approx(0.2 * 300, abs=2)
    assert np.abs(picture[there].astype(int) - 40).mean() < 4
    assert (picture[:, :150] == 200).all()


@pytest.mark.parametrize("flipped", [False, True])
def test_flipped_is_the_other_way_round(flipped: bool) -> None:
    other = np.full((100, 100, 3), 250, np.uint8)
    other[30:70, 20:40], other[30:70, 40:80] = 0, 120
    mask = np.zeros((100, 100), bool)
    mask[30:70, 20:80] = True
    thing = Borrowed("b", ((0, 0), (1, 0), (1, 1)), 0.5, 0.5, 0.6, flipped)
    picture, _ = pasted(np.full((100, 100, 3), 200, np.uint8), other, mask, thing)
    dark = np.nonzero(picture[50, :, 0] < 60)[0].mean()
    assert (dark > 50) == flipped


@pytest.mark.parametrize(
    ("change", "words"),
    [
        ({"outline": ((0.1, 0.1), (0.2, 0.2))}, "at least three places"),
        ({"outline": ((0.1, 0.1), (0.2, 0.2), (1.4, 0.3))}, "at least three places"),
        ({"x": 1.2}, "stands inside the picture"),
        ({"width": 0.001}, "as wide"),
    ],
)
def test_a_thing_that_cannot_be_placed_is_refused(change: dict, words: str) -> None:
    thing = Borrowed("b", ((0.2, 0.2), (0.8, 0.2), (0.8, 0.8)), 0.7, 0.4, 0.2)
    with refuses(InvalidInput, words):
        replace(SETTINGS, borrowed=(replace(thing, **change),)).checked()


def photo_of(name: str) -> bytes:
    return encoded(photographs()[name])


@pytest.fixture(scope="module")
def borrowing() -> Subject:
    round_cat = tuple((0.5 + 0.3 * np.cos(a), 0.45 + 0.35 * np.sin(a)) for a in np.linspace(0, 6, 40))
    thing = Borrowed("cat", round_cat, 0.25, 0.6, 0.3)
    photos = {"cup": lambda: photo_of("cup"), "cat": lambda: photo_of("cat")}
    return Subject(replace(SETTINGS, borrowed=(thing,)), "cup", photos)


def test_a_borrowed_thing_is_an_area_with_masses_of_its_own_and_its_seam_is_named(borrowing: Subject) -> None:
    result = Stages().result(borrowing)
    label = BORROWED + 1
    assert result.seen.areas.at(0.25, 0.6) == label
    own = [m for m in result.worked.plan.masses if m.area == f"a{label}"]
    assert own
    across = result.seen.measured.labels[result.seen.areas.labels != label]
    for mass in own:
        assert (across == mass.label).sum() <= 0.1 * (result.seen.measured.labels == mass.label).sum()
    assert any("comes from another photo" in text(note) for note in result.worked.plan.notes)


def test_a_borrowed_thing_leaves_all_other_areas_as_they_are(borrowing: Subject) -> None:
    words = Corrections((Stroke(((0.2, 0.7), (0.8, 0.75))),))
    with_thing = replace(borrowing, settings=replace(borrowing.settings, areas=words))
    without = replace(with_thing, settings=replace(with_thing.settings, borrowed=()))
    stages = Stages()
    labels, before = stages.framed(with_thing).areas.labels, stages.framed(without).areas.labels
    elsewhere = labels != BORROWED + 1
    assert elsewhere.mean() > 0.8
    assert (labels[elsewhere] == before[elsewhere]).all()


def test_a_borrowed_thing_can_be_moved_like_any_other(borrowing: Subject) -> None:
    arrangement = Arrangement(moves=(Move(0.25, 0.6, dx=0.3),))
    seen = Stages().seen(replace(borrowing, settings=replace(borrowing.settings, arrangement=arrangement)))
    assert seen.areas.at(0.55, 0.6) == BORROWED + 1
    assert seen.whole.at(0.25, 0.6) == BORROWED + 1


SCENE = (
    Shape(((0, 0), (1, 0), (1, 0.45), (0, 0.45)), 8.0),
    Shape(((0, 0.45), (1, 0.45), (1, 1), (0, 1)), 4.0),
    Shape(((0.2, 0.3), (0.4, 0.3), (0.4, 0.7), (0.2, 0.7)), 2.0, 10, 20),
)


def test_a_drawn_scene_has_its_shapes_as_areas_and_masses_and_can_be_arranged() -> None:
    plain = Subject(SETTINGS, shapes=SCENE)
    seen = Stages().seen(plain)
    assert [round(m.value, 1) for m in seen.measured.masses] == [8.0, 4.0, 2.0]
    assert len(seen.areas.areas) == 3
    cropped = replace(SETTINGS, arrangement=Arrangement(crop=(0, 0, 0.5, 1), moves=(Move(0.3, 0.5, dx=0.1),)))
    moved = Stages().result(replace(plain, settings=cropped))
    assert moved.seen.picture.shape[1] == pytest.approx(0.5 * seen.picture.shape[1], abs=1)
    assert moved.seen.areas.at(0.7, 0.5) == PROPOSED + 3
    assert {round(m.value) for m in moved.worked.plan.masses} == {8, 4, 2}
