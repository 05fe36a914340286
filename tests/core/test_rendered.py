"""Horizon, light, depth and snapping against rendered scenes where the truth is known exactly."""

from __future__ import annotations

from dataclasses import replace

import cv2
import numpy as np
import pytest
from PIL import Image

from tests.long import rounds
from tests.pieces import photographs
from tests.rendered import HEIGHT, WIDTH, Scene, from_above, outdoors
from tests.rough import on_border, rough_outline
from tests.said import refuses
from washboard.core.areas.area import Areas, areas_of
from washboard.core.areas.snap import enclosed, snapped
from washboard.core.colour.lab import difference, lab_of_linear, linear_of
from washboard.core.composition.arrangement import Arrangement, Move, arranged
from washboard.core.composition.horizon import horizon_of
from washboard.core.composition.light import light_of
from washboard.core.errors import InvalidInput
from washboard.core.reference.picture import picture_of
from washboard.demo.pieces import FOUNDRY, SALT_PANS, reference_bytes

OUTDOORS = range(24)
OFFERED = 0.7
"""Degrees from which a picture is offered to be turned level."""


def told(scene: Scene) -> Areas:
    """The scene's true things as areas in their true order, as a painter would have corrected them."""
    plain = areas_of(picture_of(scene.rgb), scene.things + 1)
    distance = scene.far | {1: 1e3}
    ordered = sorted(plain.areas, key=lambda area: -distance[area.label - 1])
    return Areas(plain.labels, tuple(replace(area, depth=depth) for depth, area in enumerate(ordered)))


def test_the_horizon_is_found_to_a_hundredth_of_the_height_behind_things_in_the_way() -> None:
    right = 0
    for seed in OUTDOORS:
        scene = outdoors(seed)
        assert scene.horizon is not None
        left, right_end = scene.horizon
        tilt = np.degrees(np.arctan((left - right_end) * HEIGHT / WIDTH))
        found = horizon_of(picture_of(scene.rgb))
        if found is not None:
            right += abs(found.middle - (left + right_end) / 2) < 0.01 and abs(found.tilt - tilt) < 0.5
    assert right >= 0.9 * len(OUTDOORS)


@pytest.mark.soak
def test_a_horizon_is_right_or_not_claimed_and_a_level_one_is_never_offered_to_be_turned() -> None:
    wrong, many = [], rounds(24, 100)
    for seed in range(many):
        scene = outdoors(seed)
        assert scene.horizon is not None
        left, right = scene.horizon
        tilt = np.degrees(np.arctan((left - right) * HEIGHT / WIDTH))
        level = cv2.warpAffine(
            scene.rgb,
            cv2.getRotationMatrix2D((WIDTH / 2, HEIGHT / 2), -tilt, 1.2),
            (WIDTH, HEIGHT),
            flags=cv2.INTER_CUBIC,
        )
        for picture, true in ((scene.rgb, tilt), (level, 0.0)):
            found = horizon_of(picture_of(picture))
            if found is None:
                continue
            off = abs(found.tilt - true)
            if off > 0.5:
                wrong.append(seed)
            assert true or abs(found.tilt) < OFFERED or not found.sure, seed
    assert len(wrong) <= 0.05 * 2 * many


@pytest.mark.soak
def test_what_is_left_out_leaves_neither_seam_nor_ghost() -> None:
    seams, ghosts = [], []
    for seed in range(rounds(8, 40)):
        scene = outdoors(seed)
        # A camera blurs edges over a pixel or two: that is what a ghost is made of.
        rgb = cv2.GaussianBlur(scene.rgb, (0, 0), 1.0)
        things = scene.things
        number = next(k for k in range(2, int(things.max()) + 1) if (things == k).mean() > 0.004)
        hole = things == number
        y, x = np.argwhere(hole)[int(hole.sum()) // 2]
        away = Move((x + 0.5) / WIDTH, (y + 0.5) / HEIGHT, drop=True)
        done = arranged(rgb, areas_of(picture_of(rgb), things + 1), Arrangement(moves=(away,)))
        assert np.array_equal(done.invented, hole)
        inner, rim, out = (across(done.rgb, things, number, by) for by in (-2, 2, 8))
        seams.append(float(np.median(difference(inner, rim))))
        ghosts.append(float(np.median(difference(rim, out))))
    assert np.mean(seams) < 2
    assert np.mean(ghosts) < 2
    assert max(*seams, *ghosts) < 4


def across(rgb: np.ndarray, things: np.ndarray, number: int, by: float) -> np.ndarray:
    """Colours (n, 3) in Lab `by` pixels outward from the outline of a thing, where open ground lies
    outside."""
    hole = (things == number).astype(np.uint8)
    away = cv2.distanceTransform(1 - hole, cv2.DIST_L2, 3) - cv2.distanceTransform(hole, cv2.DIST_L2, 3)
    down, right = np.gradient(cv2.GaussianBlur(away, (0, 0), 1.0))
    rows, columns = np.nonzero((away < 0) & (away > -1.6))
    norm = np.hypot(down[rows, columns], right[rows, columns]) + 1e-6
    dy, dx = down[rows, columns] / norm, right[rows, columns] / norm

    def at(far: float) -> tuple[np.ndarray, np.ndarray]:
        return (
            np.clip(np.rint(rows + far * dy), 0, HEIGHT - 1).astype(int),
            np.clip(np.rint(columns + far * dx), 0, WIDTH - 1).astype(int),
        )

    # What stands before the thing is not of the hole: only sky and floor, and one of them on the way out.
    open_ground = (things[at(2)] < 2) & (things[at(8)] == things[at(2)])
    return lab_of_linear(linear_of(rgb[at(by)] / 255))[open_ground]


@pytest.mark.parametrize("tilt", [0.0, 2.0, 4.0])
def test_an_evening_sky_that_grades_at_a_slant_has_no_horizon_in_it(tilt: float) -> None:
    y, x = np.mgrid[:600, :900] / 900
    up = np.clip((y + x * np.tan(np.radians(tilt)) - 0.05) / 0.5, 0, 1)[..., None]
    glow = up * up * (3 - 2 * up)
    sky = np.array([70, 90, 150]) * (1 - glow) + np.array([250, 190, 110]) * glow
    assert horizon_of(picture_of(np.rint(sky).astype(np.uint8))) is None


@pytest.mark.soak
def test_no_horizon_is_claimed_where_there_is_none() -> None:
    without = [picture for name, picture in photographs().items() if name != "figure and sky"]
    without += [from_above(seed).rgb for seed in range(rounds(4, 8))]
    without.append(shipped(FOUNDRY))
    assert len(without) >= 10
    assert [k for k, rgb in enumerate(without) if horizon_of(picture_of(rgb))] == []


def shipped(piece) -> np.ndarray:  # type: ignore[no-untyped-def]
    import io

    image = Image.open(io.BytesIO(reference_bytes(piece))).convert("RGB")
    return np.asarray(image.resize((1000, round(1000 * image.height / image.width)), Image.Resampling.BOX))


def test_the_salt_pans_are_level() -> None:
    line = horizon_of(picture_of(shipped(SALT_PANS)))
    assert line is not None
    assert abs(line.tilt) < 0.1
    assert line.middle == pytest.approx(0.418, abs=0.01)


def test_light_comes_from_where_the_sun_stands_and_is_offered_only_when_things_agree() -> None:
    off = []
    for seed in OUTDOORS:
        scene = outdoors(seed)
        light = light_of(picture_of(scene.rgb), told(scene))
        if light is not None:
            off.append(abs((light.direction - scene.sun + 180) % 360 - 180))
            assert light.agreement >= 0.6
            assert len(light.turns) >= 2
    assert len(off) >= 0.8 * len(OUTDOORS)
    assert np.mean(np.array(off) <= 20) >= 0.8
    assert sum(np.array(off) <= 20) >= 0.8 * len(OUTDOORS)


def test_flat_things_tell_no_direction() -> None:
    flat = np.full((300, 400, 3), 160, np.uint8)
    labels = np.ones((300, 400), np.int32)
    for number, x in enumerate((60, 180, 300), 2):
        flat[120:200, x : x + 60], labels[120:200, x : x + 60] = (90, 70, 60), number
    assert light_of(picture_of(flat), areas_of(picture_of(flat), labels)) is None


def test_the_nearer_of_two_things_is_told_in_nearly_all_pairs_of_rendered_scenes() -> None:
    right = total = 0
    for seed in OUTDOORS:
        scene = outdoors(seed)
        depth = {a.label - 1: a.depth for a in areas_of(picture_of(scene.rgb), scene.things + 1).areas}
        things = [k for k in depth if k >= 2 and (scene.things == k).mean() > 0.002]
        for one in things:
            total += 1
            right += depth[0] < depth[one]
            for other in things:
                if scene.far[one] > scene.far[other] + 2:
                    total += 1
                    right += depth[one] < depth[other]
    assert total > 100
    assert right / total >= 0.95


def wholes(scene: Scene) -> list[tuple[int, np.ndarray]]:
    """The things of a scene, at 1000 px, that are seen in one piece."""
    size = (1000, round(1000 * HEIGHT / WIDTH))
    labels = cv2.resize(scene.things.astype(np.uint8), size, interpolation=cv2.INTER_NEAREST)
    masks = [(k, labels == k) for k in range(2, int(labels.max()) + 1)]
    return [
        (k, m) for k, m in masks if m.sum() > 2500 and cv2.connectedComponents(m.astype(np.uint8))[0] == 2
    ]


def test_a_rough_outline_snaps_to_the_edge_it_means() -> None:
    found, before = [], []
    for scene in [outdoors(seed) for seed in range(8)] + [from_above(seed) for seed in range(4)]:
        picture = picture_of(cv2.resize(scene.rgb, (1000, 667), interpolation=cv2.INTER_CUBIC))
        for number, mask in wholes(scene):
            rough = rough_outline(mask, 8.5, number)
            before.append(on_border(enclosed(rough, mask.shape), mask))
            found.append(on_border(snapped(picture.lab, rough), mask))
    assert len(found) > 30
    assert np.mean(before) < 0.35
    assert np.mean(found) >= 0.9


def test_it_also_does_where_a_stronger_edge_lies_beside() -> None:
    found = []
    for seed in range(16):
        rgb, mask = beside_a_stripe(seed)
        found.append(on_border(snapped(picture_of(rgb).lab, rough_outline(mask, 8.5, seed)), mask))
    assert np.mean(found) >= 0.75


def beside_a_stripe(seed: int) -> tuple[np.ndarray, np.ndarray]:
    """A weak-edged oval with a dark stripe along part of it, 6 to 9 px inside or outside its border."""
    dice = np.random.default_rng(seed)
    rgb = np.full((667, 1000, 3), dice.integers(90, 150), np.uint8)
    mask, sector = np.zeros((667, 1000), np.uint8), np.zeros((667, 1000), np.uint8)
    centre, turn = (500 + int(dice.integers(-80, 80)), 330), int(dice.integers(0, 180))
    axes = (int(dice.integers(120, 220)), int(dice.integers(90, 180)))
    cv2.ellipse(mask, centre, axes, turn, 0, 360, 1, -1)
    rgb[mask > 0] += np.array([22, 14, 6], np.uint8)
    away = cv2.distanceTransform(mask if seed % 2 == 0 else 1 - mask, cv2.DIST_L2, 5)
    gap, start = int(dice.integers(6, 9)), int(dice.integers(0, 360))
    cv2.ellipse(sector, centre, (600, 600), 0, start, start + 220, 1, -1)
    rgb[(away > gap) & (away < gap + 6) & (sector > 0)] = 30
    grain = dice.normal(0, 2.5, mask.shape)[..., None]
    return np.clip(cv2.GaussianBlur(rgb, (0, 0), 1.0) + grain, 0, 255).astype(np.uint8), mask > 0


def test_an_outline_that_crosses_itself_is_taken_with_what_it_encloses() -> None:
    shape = (200, 300)
    crossing = ((0.3, 0.3), (0.7, 0.3), (0.3, 0.7), (0.7, 0.7), (0.72, 0.5), (0.28, 0.5))
    assert enclosed(crossing, shape)[int(0.4 * 200), int(0.5 * 300)]
    looped = ((0.3, 0.3), (0.7, 0.3), (0.7, 0.7), (0.3, 0.7), (0.28, 0.34), (0.34, 0.3), (0.7, 0.32))
    assert enclosed(looped, shape)[100, 150]


@pytest.mark.parametrize("outline", [((0.5, 0.5),) * 3, ((0.1, 0.1), (0.101, 0.1), (0.1, 0.101))])
def test_an_outline_of_no_pixels_is_refused(outline: tuple[tuple[float, float], ...]) -> None:
    with refuses(InvalidInput, "encloses nearly nothing; the areas were kept"):
        snapped(picture_of(np.full((200, 300, 3), 120, np.uint8)).lab, outline)
