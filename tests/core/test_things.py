"""Masses cut by the areas a painter has drawn, and only by those."""

from __future__ import annotations

from functools import partial

import numpy as np
import pytest

from tests.pieces import photographs
from tests.said import text
from washboard.core.areas.corrections import Corrections, Stroke
from washboard.core.reference import ladder
from washboard.core.reference.accents import Accents, find_accents
from washboard.core.reference.cleanups import reassign_slivers
from washboard.core.reference.masses import divide
from washboard.core.reference.picture import Labels, picture_of
from washboard.core.reference.regions import Regions
from washboard.core.reference.squint import squint
from washboard.demo.pieces import FERRY_SLIP, FOUNDRY, SALT_PANS, reference_bytes
from washboard.pipeline.stages import Seen, Stages
from washboard.pipeline.subject import Subject
from washboard.settings import Settings


def divided(rgb: np.ndarray, things: Labels | None) -> Labels:
    picture = picture_of(rgb)
    nothing = Accents(np.zeros(picture.shape, np.int32), ())
    squinted = squint(picture, nothing, 1.0)
    return divide(picture, nothing, squinted, ladder.found(squinted.value, 5), things=things).labels


def across(labels: Labels, things: Labels) -> float:
    """Share of the picture that lies in another thing than most of its mass."""
    count = int(things.max()) + 1
    held = np.bincount(
        (labels.astype(np.int64) * count + things).ravel(), minlength=(labels.max() + 1) * count
    )
    table = held.reshape(-1, count)
    return 1 - float(table.max(axis=1).sum() / labels.size)


def test_a_thing_of_like_value_and_colour_becomes_a_mass_of_its_own() -> None:
    sheet = np.full((400, 600, 3), 90, np.uint8)
    sheet[:140] = 200
    things = np.zeros((400, 600), np.int32)
    things[220:360, 240:330] = 1  # a figure as dark as the floor it stands on
    plain, cut = divided(sheet, None), divided(sheet, things)
    assert plain[300, 280] == plain[300, 100]
    assert cut[300, 280] != cut[300, 100]
    figure = cut == cut[300, 280]
    assert float((figure & (things == 1)).sum() / (figure | (things == 1)).sum()) > 0.93


def test_no_mass_of_a_photograph_crosses_a_drawn_thing() -> None:
    rgb = photographs()["cup"]
    y, x = np.indices(rgb.shape[:2])
    things = np.where((x - 300) ** 2 + (y - 200) ** 2 < 150**2, 1, np.where(x > 800, 2, 0)).astype(np.int32)
    assert across(divided(rgb, None), things) > 0.05
    # Slivers beside the true edges and what is too small for a mass may go over.
    assert across(divided(rgb, things), things) < 0.025


def test_without_anything_drawn_masses_are_as_they_were() -> None:
    rgb = photographs()["landscape"]
    assert np.array_equal(divided(rgb, None), divided(rgb, np.zeros(rgb.shape[:2], np.int32)))


def test_a_sliver_beside_the_true_edge_goes_to_what_it_looks_like() -> None:
    value = np.full((200, 300), 3.0, np.float32)
    value[:80] = 8.0
    things = np.ones(value.shape, np.int32)
    things[:78] = 2  # the drawn border lies two pixels beside the edge
    classes = (value > 5).astype(np.int32)
    regions = Regions(classes, value, np.zeros((*value.shape, 2), np.float32), things)
    assert len(regions.alive()) == 3
    reassign_slivers(regions)
    labels = regions.drawn()
    assert len(regions.alive()) == 2
    assert labels[79, 100] == labels[10, 100] != labels[150, 100]


def seen(settings: Settings) -> Seen:
    piece = next(p for p in (SALT_PANS, FOUNDRY) if p.settings.medium == settings.medium)
    return Stages().seen(Subject.photo(piece.reference, partial(reference_bytes, piece), settings))


def test_the_front_figure_of_the_foundry_is_cut_from_its_floor_by_two_lines() -> None:
    lines = Stroke(((0.425, 0.46), (0.41, 0.66)), against=((0.39, 0.35), (0.5, 0.35)))
    plain = seen(FOUNDRY.settings)
    cut = seen(Settings("pastel", "#463d39", 50.0, 35.0, areas=Corrections(strokes=(lines,))))
    figure, floor = (0.413, 0.6), (0.2, 0.9)
    masses = [one.measured.labels for one in (plain, cut)]
    at = [[int(m[int(y * m.shape[0]), int(x * m.shape[1])]) for x, y in (figure, floor)] for m in masses]
    assert at[0][0] == at[0][1]
    assert at[1][0] != at[1][1]


def test_the_salt_pans_have_the_areas_their_painter_drew() -> None:
    areas = seen(SALT_PANS.settings).areas.areas
    names = [area.name for area in areas]
    assert names[0] == "sky"
    assert names[-1] == "near water"
    assert None not in names
    assert names.index("heap at the left") < names.index("near heap")


def test_what_is_drawn_is_a_mass_however_small_and_a_slip_of_the_hand_is_none() -> None:
    fog = np.full((400, 600, 3), 190, np.uint8)
    fog[198:204, 296:303] = 235  # a lamp too faint and too small to be found as an accent
    things = np.zeros((400, 600), np.int32)
    things[196:206, 294:305] = 1
    things[20:22, 20:24] = 2
    plain, cut = divided(fog, None), divided(fog, things)
    assert plain.max() == 1
    assert cut.max() == 2
    assert np.array_equal(cut == cut[200, 300], things == 1)


def test_a_lamp_that_was_found_is_not_drawn_a_second_time() -> None:
    night = np.full((400, 600, 3), 40, np.uint8)
    night[196:206, 294:304] = 250
    picture = picture_of(night)
    accents = find_accents(picture)
    assert accents.light == (True,)
    things = np.zeros((400, 600), np.int32)
    things[195:207, 293:305] = 1
    squinted = squint(picture, accents, 1.0)
    division = divide(picture, accents, squinted, ladder.found(squinted.value, 5), things=things)
    assert (division.flat_count, len(division.light_accent)) == (1, 1)


@pytest.mark.parametrize("name", ["cup", "flower"])
def test_each_drawn_thing_of_a_photograph_holds_a_mass(name: str) -> None:
    rgb = photographs()[name]
    things = np.zeros(rgb.shape[:2], np.int32)
    for k in range(12):
        y, x = 60 + 45 * k, 80 + 60 * k
        things[y : y + 9 + k, x : x + 12] = k + 1
    labels = divided(rgb, things)
    assert set(np.unique(labels)) == set(range(1, int(labels.max()) + 1)), "numbers without a gap"
    for k in range(12):
        inside = np.unique(labels[things == k + 1])
        assert any((things[labels == n] == k + 1).mean() > 0.5 for n in inside), k


def test_the_demo_lamp_is_painted_last_under_its_name_and_the_pass_says_why() -> None:
    data = reference_bytes(FERRY_SLIP)
    plan = Stages().result(Subject.photo("ferry", lambda: data, FERRY_SLIP.settings)).worked.plan
    last = next(done for done in reversed(plan.passes) if done.targets)
    lamp = plan.mass(last.targets[0])
    assert (lamp.name, len(last.targets)) == ("lamp", 1)
    assert text(last.title, plan).startswith("The lamp (")
    rest = max(mass.target for mass in plan.masses if mass is not lamp)
    assert last.reasons[0].figures["gap"] == pytest.approx(lamp.target - rest, abs=1e-6)
    assert lamp.target - rest > 1
