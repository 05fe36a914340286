"""How near a few strokes bring the areas to things outlined by hand in photographs, and what strokes mean."""

from __future__ import annotations

from dataclasses import replace
from functools import cache
from statistics import mean

import cv2
import numpy as np
import pytest

from tests.core.test_areas import OUTLINES, UNSEEN, deepest, drawn_over, outlined, overlap, picture, tree
from tests.long import SOAK
from tests.rough import rough_outline
from tests.said import refuses
from washboard.core.areas.area_map import PROPOSED, area_map
from washboard.core.areas.corrections import Corrections, Stroke
from washboard.core.areas.snap import snapped
from washboard.core.areas.superpixels import superpixels_of
from washboard.core.areas.tree import tree_of
from washboard.core.errors import InvalidInput
from washboard.core.reference.picture import Labels, Picture, picture_of

SMALLEST = 600
"""Pixels at working size under which nobody outlines a thing."""


@cache
def outlines_of(name: str) -> dict[Stroke, np.ndarray]:
    """A rough outline, 8.5 px off, for each piece of each thing, with what it snaps to."""
    shape = tree(name).superpixels.labels.shape
    truth = outlined(name, picture(name).shape)
    found = {}
    for number in range(1, len(OUTLINES[name]) + 1):
        count, pieces = cv2.connectedComponents((truth == number).astype(np.uint8))
        for piece in range(1, count):
            mask = pieces == piece
            if mask.sum() >= SMALLEST:
                line = rough_outline(mask, 8.5, number)
                whole = snapped(picture(name).lab, line).astype(np.uint8)
                small = cv2.resize(whole, shape[::-1], interpolation=cv2.INTER_NEAREST_EXACT)
                found[Stroke(line, closed=True)] = small > 0
    return found


def joins(now: Labels, truth: Labels) -> list[Stroke]:
    """A line through the areas that lie mostly in one thing, for each thing of several."""
    height, width = now.shape
    found = []
    for number in np.unique(truth):
        inside = truth == number
        own = [a for a in np.unique(now) if (inside & (now == a)).sum() >= 0.6 * (now == a).sum()]
        if len(own) > 1:
            places = [deepest(now == a) for a in own]
            found.append(Stroke(tuple((x / (width - 1), y / (height - 1)) for y, x in places), joins=True))
    return found


def after(name: str, counts: tuple[int, ...]) -> dict[int, float]:
    """Mean best IoU after so many strokes, each the one that helps most: over, about, or across things."""
    shape = tree(name).superpixels.labels.shape
    truth, masks = outlined(name, shape), outlines_of(name)
    offered = [*masks, *(drawn_over(name, k) for k in range(1, len(OUTLINES[name]) + 1))]
    done: list[Stroke] = []
    scores = {}
    promise = dict.fromkeys(offered, 1.0)
    for count in range(1, max(counts) + 1):
        now = area_map(tree(name), done, shape, None, masks)
        # What promised little a stroke ago promises little now: the likeliest are tried again.
        fresh = [stroke for stroke in promise if stroke not in done]
        likely = sorted(fresh, key=lambda s: -promise[s])[: len(fresh) if count in (1, 4) else 8]
        for stroke in (tried := [*likely, *joins(now, truth)]):
            promise[stroke] = overlap(area_map(tree(name), [*done, stroke], shape, None, masks), truth)
        best = max(tried, key=lambda s: promise[s])
        done.append(best)
        if count in counts:
            scores[count] = promise[best]
    return scores


@pytest.mark.soak
def test_four_strokes_reach_most_of_what_a_person_outlines_and_eight_nearly_all() -> None:
    scores = {
        name: after(name, (4, 8) if name in UNSEEN else (4,)) for name in (OUTLINES if SOAK else UNSEEN)
    }
    assert mean(score[4] for score in scores.values()) >= 0.78
    assert mean(scores[name][8] for name in UNSEEN) >= 0.85


def quarters() -> np.ndarray:
    sheet = np.full((300, 400, 3), (150, 190, 220), np.uint8)
    sheet[150:, :200], sheet[150:, 200:], sheet[:150, 200:] = (90, 110, 60), (160, 60, 50), (60, 60, 90)
    return sheet


def made(*strokes: Stroke) -> Labels:
    seen = picture_of(quarters())
    masks = {s: snapped(seen.lab, s.points) for s in strokes if s.closed}
    return area_map(tree_of(tree_source()), strokes, seen.shape, None, masks)


@cache
def tree_source():  # type: ignore[no-untyped-def]
    from washboard.core.areas.superpixels import superpixels_of

    return superpixels_of(picture_of(quarters()))


def ring(x: float, y: float, r: float) -> Stroke:
    turn = np.linspace(0, 2 * np.pi, 24, endpoint=False)
    return Stroke(tuple((x + r * np.cos(t), y + 1.33 * r * np.sin(t)) for t in turn.tolist()), closed=True)


def test_a_line_across_joins_the_areas_as_they_are() -> None:
    across = Stroke(((0.2, 0.2), (0.8, 0.2)), joins=True)
    before, joined = made(), made(across)
    assert before[60, 80] != before[60, 320]
    assert joined[60, 80] == joined[60, 320] == PROPOSED + 1
    assert joined[220, 80] == before[220, 80]


def test_two_areas_are_joined_by_a_place_in_each_and_what_lies_between_stays() -> None:
    tree = tree_of(superpixels_of(striped()))
    apart = Stroke(((0.1, 0.5),), against=((0.9, 0.5),), joins=True)
    labels = area_map(tree, (apart,), (300, 400))
    at = [int(labels[150, int(400 * x)]) for x in (0.1, 0.5, 0.9)]
    assert at[0] == at[2] != at[1]


def test_an_area_is_divided_into_its_light_and_its_shadow() -> None:
    picture = ball()
    drawn = Stroke(tuple((0.5 + 0.3 * np.cos(a) / 1.5, 0.5 + 0.3 * np.sin(a)) for a in np.linspace(0, 6, 40)))
    outline = replace(drawn, closed=True)
    halves = Stroke(((0.5, 0.5),), by_light=True)
    tree = tree_of(superpixels_of(picture))
    outlined = {outline: snapped(picture.lab, outline.points)}
    before = area_map(tree, (outline,), picture.shape, outlined=outlined)
    labels = area_map(tree, (outline, halves), picture.shape, outlined=outlined, value=picture.value)
    y, x = np.mgrid[:400, :600]
    inside = before == before[200, 300]
    dark = inside & (labels != before)
    lit = (x - 300) * -0.6 + (y - 200) * -0.8 > 0
    assert (dark == (inside & ~lit)).mean() > 0.98
    assert (labels[~inside] == before[~inside]).all()


def test_what_has_no_shadow_is_not_divided() -> None:
    picture = striped()
    tree = tree_of(superpixels_of(picture))
    halves = Stroke(((0.1, 0.5),), by_light=True)
    plain = area_map(tree, (), (300, 400))
    assert (area_map(tree, (halves,), (300, 400), value=picture.value) == plain).all()


def striped() -> Picture:
    """Three flat upright stripes."""
    rgb = np.zeros((300, 400, 3), np.uint8)
    rgb[:, :130], rgb[:, 130:270], rgb[:, 270:] = (200, 60, 50), (60, 160, 70), (60, 70, 190)
    return picture_of(rgb)


def ball() -> Picture:
    """A ball lit from the top left on a dark ground, its terminator through the middle."""
    y, x = np.mgrid[:400, :600]
    turned = ((x - 300) * -0.6 + (y - 200) * -0.8) / 120
    inside = np.hypot(x - 300, y - 200) < 120
    value = np.where(inside, np.where(turned > 0, 190 + 40 * turned, 90), 35)
    return picture_of(np.repeat(np.clip(value, 0, 255).astype(np.uint8)[..., None], 3, 2))


def test_what_was_drawn_inside_stays_when_something_larger_is_outlined_later() -> None:
    bird, sky = ring(0.25, 0.25, 0.06), ring(0.26, 0.26, 0.2)
    both = made(bird, sky)
    assert both[75, 100] == PROPOSED + 1
    assert both[75, 150] == PROPOSED + 2
    again = made(sky, bird)
    assert again[75, 100] == PROPOSED + 2
    redrawn = made(ring(0.26, 0.26, 0.19), sky)
    assert redrawn[75, 100] == PROPOSED + 2, "the same thing outlined anew replaces it"


@pytest.mark.parametrize(
    "stroke",
    [
        Stroke(((0.1, 0.1), (0.2, 0.2)), closed=True),
        Stroke(((0.1, 0.1), (0.4, 0.1), (0.4, 0.4)), against=((0.5, 0.5),), closed=True),
        Stroke(((0.1, 0.1), (0.4, 0.1)), against=((0.5, 0.5),), by_light=True),
        Stroke(((0.1, 0.1), (0.4, 0.1)), joins=True, by_light=True),
        Stroke(((0.1, 0.1), (0.4, 0.1), (0.4, 0.4)), closed=True, joins=True),
    ],
)
def test_strokes_that_mean_two_things_at_once_are_refused(stroke: Stroke) -> None:
    with refuses(InvalidInput, "the areas were kept"):
        Corrections(strokes=(stroke,)).checked()
