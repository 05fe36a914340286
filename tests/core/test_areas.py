"""Areas against things outlined by hand in photographs, and against made-up scenes."""

from __future__ import annotations

import bisect
import json
from collections.abc import Callable, Sequence
from dataclasses import replace
from functools import cache
from pathlib import Path
from statistics import mean
from typing import Any

import cv2
import numpy as np
import pytest

from tests.pieces import photographs
from washboard.core.areas.area import areas_of
from washboard.core.areas.area_map import FINE, PROPOSED, area_map
from washboard.core.areas.corrections import AreaFamily, Corrections, Family, Stroke
from washboard.core.areas.superpixels import SEEDS, superpixels_of
from washboard.core.areas.tree import Tree, tree_of
from washboard.core.reference.picture import Labels, Picture, picture_of
from washboard.core.reference.place import Anchor

OUTLINES: dict[str, list[dict[str, Any]]] = json.loads(
    (Path(__file__).parents[1] / "outlines" / "photographs.json").read_text()
)
"""Things in eight photographs, far to near, outlined by hand in thousandths of width and height."""
UNSEEN = ("portrait", "figure and sky", "landscape")
"""The photographs that no weight was chosen on."""


@cache
def picture(name: str) -> Picture:
    return picture_of(photographs()[name])


@cache
def tree(name: str) -> Tree:
    return tree_of(superpixels_of(picture(name)))


def outlined(name: str, shape: tuple[int, int]) -> Labels:
    """The outlined things as labels 1…n, a later one over an earlier."""
    height, width = shape
    labels = np.zeros(shape, np.int32)
    for number, thing in enumerate(OUTLINES[name], 1):
        for polygon in thing["polygons"]:
            corners = np.rint(np.array(polygon) / 1000 * (width - 1, height - 1)).astype(np.int32)
            cv2.fillPoly(labels, [corners], number)
    return labels


def overlap(found: Labels, truth: Labels) -> float:
    """Mean over the outlined things of the best intersection over union with any found area."""
    sizes = np.bincount(found.ravel())
    each = []
    for number in np.unique(truth):
        mask = truth == number
        hit = np.bincount(found[mask], minlength=len(sizes))
        each.append(float((hit / (sizes + mask.sum() - hit)).max()))
    return mean(each)


def proposed(name: str, *strokes: Stroke) -> float:
    shape = tree(name).superpixels.labels.shape
    return overlap(area_map(tree(name), strokes, shape), outlined(name, shape))


def deepest(mask: np.ndarray) -> tuple[int, int]:
    distance = cv2.distanceTransform(np.pad(mask.astype(np.uint8), 1), cv2.DIST_L2, 5)[1:-1, 1:-1]
    row, column = divmod(int(distance.argmax()), mask.shape[1])
    return row, column


def drawn_over(name: str, number: int) -> Stroke:
    """A line through the middles of the pieces that a painter would see as part of one outlined thing."""
    labels = tree(name).superpixels.labels
    pieces = tree(name).cut(FINE)[labels]
    mask = outlined(name, labels.shape) == number
    inside = [pieces == piece for piece in np.unique(pieces[mask])]
    places = [deepest(own & mask) for own in inside if (own & mask).sum() >= 0.5 * own.sum()]
    path = [places.pop(0) if places else deepest(mask)]
    while places:
        nearest = min(places, key=lambda place: np.hypot(*np.subtract(place, path[-1])))
        places.remove(nearest)
        # Only where the straight line stays on the thing: nobody draws across something else.
        line = np.linspace(path[-1], nearest, 40).round().astype(int)
        if mask[line[:, 0], line[:, 1]].mean() > 0.9:
            path.append(nearest)
    height, width = mask.shape
    return Stroke(tuple((x / (width - 1), y / (height - 1)) for y, x in path))


def best_strokes(name: str, count: int) -> list[Stroke]:
    """Strokes over the things that gain most by them, one after the other."""
    strokes: list[Stroke] = []
    offered = [drawn_over(name, k) for k in range(1, len(OUTLINES[name]) + 1)]
    for _ in range(count):
        gains = [proposed(name, *strokes, stroke) for stroke in offered]
        strokes.append(offered[int(np.argmax(gains))])
    return strokes


def test_areas_are_proposed_about_as_a_person_outlines_things() -> None:
    scores = {name: proposed(name) for name in OUTLINES}
    assert mean(scores.values()) >= 0.5
    assert mean(scores[name] for name in UNSEEN) >= 0.5


def test_a_few_strokes_bring_them_nearer() -> None:
    before = mean(proposed(name) for name in OUTLINES)
    after = {count: mean(proposed(n, *best_strokes(n, count)) for n in OUTLINES) for count in (1, 3)}
    assert after[1] >= before + 0.04
    assert after[3] >= before + 0.08


def test_the_nearer_of_two_outlined_things_is_told_in_four_of_five_pairs() -> None:
    right = total = 0
    for name, things in OUTLINES.items():
        labels = outlined(name, picture(name).shape)
        depth = {area.label: area.depth for area in areas_of(picture(name), labels).areas}
        for far in depth:
            for near in depth:
                if things[far - 1]["depth"] < things[near - 1]["depth"]:
                    total += 1
                    right += depth[far] < depth[near]
    assert total > 100
    assert right / total >= 0.8


def drags(depths: Sequence[int]) -> int:
    """Things that must be dragged until depths never fall: all but the longest run in order."""
    tails: list[int] = []
    for depth in depths:
        at = bisect.bisect_right(tails, depth)
        tails[at : at + 1] = [depth]
    return len(depths) - len(tails)


def test_at_most_a_third_of_the_areas_are_dragged_to_mend_their_order() -> None:
    assert drags([0, 1, 1, 2]) == 0
    assert drags([0, 3, 1, 2]) == 1
    for name, things in OUTLINES.items():
        areas = areas_of(picture(name), outlined(name, picture(name).shape)).areas
        assert drags([things[a.label - 1]["depth"] for a in areas]) <= len(areas) / 3, name


def test_light_or_shadow_is_right_for_nine_of_ten_things_that_it_is_sure_of() -> None:
    said = []
    for name, things in OUTLINES.items():
        found = areas_of(picture(name), outlined(name, picture(name).shape)).areas
        said += [(things[a.label - 1]["family"], a.family.value) for a in found]
    sure = [(truth, family) for truth, family in said if truth and family != "unsure"]
    assert len(sure) >= 30
    assert mean(truth == family for truth, family in sure) >= 0.9


@pytest.mark.parametrize("name", OUTLINES)
def test_chips_are_many_and_the_tree_joins_them_to_one(name: str) -> None:
    found = tree(name)
    assert 0.8 * SEEDS <= found.superpixels.count <= 1.25 * SEEDS
    assert len(found.merges) == found.superpixels.count - 1
    assert set(found.cut(1)) == {0}
    coarse, fine = found.cut(PROPOSED), found.cut(FINE)
    for piece in range(FINE):
        assert len(set(coarse[fine == piece])) == 1
    held = np.bincount(coarse[found.superpixels.labels.ravel()])
    assert (np.diff(held) <= 0).all()


def scene(paint: Callable[[np.ndarray], None]) -> Picture:
    sheet = np.full((400, 600, 3), (150, 190, 220), np.uint8)
    sheet[230:] = (90, 110, 60)
    paint(sheet)
    grain = np.random.default_rng(3).normal(0, 3, (400, 600, 1))
    return picture_of(np.clip(sheet + grain, 0, 255).astype(np.uint8))


def house(sheet: np.ndarray) -> None:
    sheet[150:300, 200:330] = (170, 60, 50)


def test_sky_field_and_house_are_areas_with_their_own_depth_and_look() -> None:
    seen = scene(house)
    found = areas_of(seen, area_map(tree_of(superpixels_of(seen)), (), seen.shape))
    sky, field, wall = (found.at(x, y) for x, y in ((0.8, 0.1), (0.8, 0.9), (0.44, 0.5)))
    assert len({sky, field, wall}) == 3
    by_label = {area.label: area for area in found.areas}
    assert by_label[sky].depth < by_label[wall].depth
    names = [area.called for area in found.areas]
    assert all(name.noun == "area" and name.letter for name in names), "no name in common with a mass"
    assert len(set(names)) == len(names)
    assert sum(area.share for area in found.areas) == pytest.approx(1)


def test_a_stroke_makes_one_area_of_what_it_crosses_and_the_last_one_wins() -> None:
    seen = scene(house)
    parts = tree_of(superpixels_of(seen))
    across = Stroke(((0.2, 0.2), (0.2, 0.8)))
    one = area_map(parts, [across], seen.shape)
    assert one[80, 120] == one[320, 120]
    over_sky = Stroke(((0.1, 0.1), (0.9, 0.1), (0.9, 0.4), (0.1, 0.4)))
    two = area_map(parts, [across, over_sky], seen.shape)
    assert two[80, 120] != two[320, 120]
    assert np.array_equal(area_map(parts, [across, across], seen.shape) > 0, one > 0)


def test_an_area_as_thin_as_a_hair_is_measured_all_the_same() -> None:
    seen = scene(house)
    labels = np.ones(seen.shape, np.int32)
    labels[200, 100:300] = 2
    thin = next(area for area in areas_of(seen, labels).areas if area.label == 2)
    assert thin.inside[1] == pytest.approx(200 / 400, abs=0.01)
    assert thin.share == pytest.approx(200 / 240_000)


def test_the_painter_has_the_last_word_on_names_families_and_depth() -> None:
    seen = scene(house)
    labels = area_map(tree_of(superpixels_of(seen)), (), seen.shape)
    plain = areas_of(seen, labels)
    nearest, farthest = plain.areas[-1], plain.areas[0]
    words = Corrections(
        names=(Anchor(*nearest.inside, "the gate"),),
        families=(AreaFamily(*nearest.inside, Family.LIGHT),),
        depths=(nearest.inside, farthest.inside),
    )
    told = {area.label: area for area in areas_of(seen, labels, words).areas}
    assert told[nearest.label].called.own == "the gate"
    assert told[nearest.label].family is Family.LIGHT
    assert told[nearest.label].depth < told[farthest.label].depth
    assert sorted(area.depth for area in told.values()) == list(range(len(told)))
    for area in plain.areas[1:-1]:
        assert replace(told[area.label], name=None) == area


def two_tone(sheet: np.ndarray) -> None:
    sheet[120:300, 150:290] = (120, 90, 80)
    sheet[120:300, 290:430] = (150, 110, 90)


def test_two_lines_divide_an_area_along_the_edge_between_them() -> None:
    seen = scene(two_tone)
    parts = tree_of(superpixels_of(seen))
    box = Stroke(((0.3, 0.5), (0.65, 0.5)))
    left, right = ((0.28, 0.35), (0.42, 0.68)), ((0.54, 0.35), (0.66, 0.68))
    joined = area_map(parts, [box], seen.shape)
    assert joined[200, 220] == joined[200, 360]
    cut = area_map(parts, [box, Stroke(left, against=right)], seen.shape)
    here = cut[200, 220]
    assert cut[200, 360] != here
    rows = slice(180, 260)
    assert float((cut[rows, 285] == here).mean()) > 0.95
    assert float((cut[rows, 295] != here).mean()) > 0.95
