"""Pictures of a plan: as files, and as the page paints them, against the table they come from."""

from __future__ import annotations

from functools import cache, partial
from pathlib import Path

import cv2
import numpy as np
import pytest
from PIL import Image

from washboard.core.colour.lab import linear_of_lab, value_of_linear
from washboard.core.order.prediction import painted
from washboard.core.plan.marks import How
from washboard.core.plan.spot import Change
from washboard.demo.pieces import DEMO, reference_bytes
from washboard.demo.render import FOLDER, SCENES
from washboard.formats.image import decoded
from washboard.formats.preview import write_preview
from washboard.pipeline.stages import Result, Stages
from washboard.pipeline.subject import Subject


@cache
def result(number: int) -> Result:
    piece = DEMO[number]
    return Stages().result(Subject.photo(piece.reference, partial(reference_bytes, piece), piece.settings))


@pytest.fixture(params=[0, 1], ids=["salt pans", "foundry"])
def made(request: pytest.FixtureRequest) -> Result:
    return result(request.param)


def test_a_preview_has_the_bare_surface_and_every_pass_twice(made: Result, tmp_path: Path) -> None:
    write_preview(tmp_path, made.table, made.maps, made.seen.measured.labels)
    count = len(made.worked.plan.passes) + 1
    pictures = [f"pass-{k:02d}.png" for k in range(count)] + [f"values-{k:02d}.png" for k in range(count)]
    assert sorted(p.name for p in tmp_path.iterdir()) == sorted([*pictures, "masses.png"])
    bare = np.asarray(Image.open(tmp_path / "pass-00.png"))
    assert len(np.unique(bare.reshape(-1, 3), axis=0)) == 1
    with Image.open(tmp_path / "values-01.png") as twin:
        assert twin.mode == "L"


def test_the_label_map_is_sixteen_bits_with_the_labels_of_the_masses(made: Result, tmp_path: Path) -> None:
    write_preview(tmp_path, made.table, made.maps, made.seen.measured.labels)
    labels = np.asarray(Image.open(tmp_path / "masses.png"))
    assert labels.dtype in (np.uint16, np.int32)  # as this version of the library reads 16 bits
    assert set(np.unique(labels).tolist()) == {m.label for m in made.worked.plan.masses}
    for mass in made.worked.plan.masses:
        assert (labels == mass.label).mean() == pytest.approx(mass.share, abs=1e-9)


def test_the_last_picture_reaches_every_target_inside_its_mass(made: Result) -> None:
    last = painted(made.table, made.maps, len(made.table.colours) - 1)
    labels = made.seen.measured.labels
    # Effects bring masses nearer to the picture than their one tone: those have their own tests.
    touched = {name for effect in made.worked.plan.effects if effect.pass_id for name in effect.masses}
    assert len(touched) < len(made.worked.plan.masses)
    for mass in made.worked.plan.masses:
        inside = last[(labels == mass.label) & (made.maps.weight == 0)]
        if len(inside) < 50:
            continue
        if mass.id in touched:
            continue
        light, dark = (float(value_of_linear(linear_of_lab(np.array(end)))) for end in mass.target_ends)
        seen = value_of_linear((inside / 255.0) ** 2.2)  # near enough for a tolerance of a third
        low, high = min(light, dark), max(light, dark)
        assert low - 0.45 <= float(np.median(seen)) <= high + 0.45, mass.id


def test_the_values_twin_has_the_values_of_the_picture(made: Result) -> None:
    from washboard.core.reference.picture import picture_of

    for row in range(len(made.table.colours)):
        colour = painted(made.table, made.maps, row)
        grey = painted(made.table, made.maps, row, values_only=True)
        calm = made.maps.weight == 0
        apart = np.abs(picture_of(colour).value - picture_of(grey).value)[calm]
        assert float(np.median(apart)) < 0.05
        assert float(np.quantile(apart, 0.99)) < 0.25


def test_in_watercolour_no_pixel_of_any_picture_gets_lighter() -> None:
    made = result(0)
    assert made.worked.scene.medium.transparent
    assert made.planned.marked is not None
    marks = made.worked.plan.marks
    white = [number for number, family in enumerate(marks, 1) if family.how is How.RECOVERED]
    # Touches of opaque white, and the pixels that their rims run into.
    won_back = cv2.dilate(np.isin(made.planned.marked.where, white).astype(np.uint8), np.ones((3, 3))) > 0
    # What is lifted or set with opaque white grows lighter, by an act that says so.
    for spot in made.worked.spots:
        if spot.change is Change.LIGHTENS:
            won_back[spot.at] |= spot.strength > 0
    before = painted(made.table, made.maps, 0, values_only=True).astype(int)
    for row in range(1, len(made.table.colours)):
        after = painted(made.table, made.maps, row, values_only=True).astype(int)
        assert (after - before)[~won_back].max() <= 1
        before = after


def test_soft_edges_between_graded_masses_show_no_ring(made: Result) -> None:
    maps, width = made.maps, made.maps.first.shape[1]
    for row in range(1, len(made.table.colours)):
        picture = painted(made.table, maps, row).astype(int)
        ends = made.table.colours[row].astype(float)
        soft = (maps.weight[:, 1:] >= 100) & (maps.weight[:, :-1] >= 100)
        soft &= maps.first[:, 1:] != maps.first[:, :-1]
        y, x = np.nonzero(soft)
        assert len(y) > 20
        assert x.max() < width - 1
        own, other = maps.first[y, x], maps.first[y, x + 1]
        t, u = (maps.along[y, x + k][:, None] / 255 for k in (0, 1))
        left = ends[own, 0] * (1 - t) + ends[own, 1] * t
        right = ends[other, 0] * (1 - u) + ends[other, 1] * u
        jump = np.abs(picture[y, x] - picture[y, x + 1])
        assert np.quantile(jump - 0.3 * np.abs(left - right), 0.99) <= 4


@pytest.mark.parametrize("name", SCENES)
def test_a_demo_reference_is_what_its_script_renders(name: str) -> None:
    kept = decoded((FOLDER / name).read_bytes()).rgb
    width, height = kept.shape[1] // 5, kept.shape[0] // 5
    rendered = SCENES[name](width, height).astype(int)
    small = np.asarray(Image.fromarray(kept).resize((width, height), Image.Resampling.BOX)).astype(int)
    assert np.median(np.abs(rendered - small)) <= 3
    assert np.abs(rendered - small).mean() < 5
