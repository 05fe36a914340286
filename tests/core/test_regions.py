"""The graph of regions and its clean-ups against what a plain recount gives."""

from __future__ import annotations

from collections import Counter

import cv2
import numpy as np
import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st
from scipy.ndimage import distance_transform_edt
from scipy.ndimage import label as components

from washboard.core.reference.bands import bands_of, families, families_of
from washboard.core.reference.cleanups import (
    CRUMB,
    dissolve,
    drop_fragments,
    join_gradients,
    share_rims,
    smoothed,
)
from washboard.core.reference.contours import contacts, crossings, lengths, nearest_border
from washboard.core.reference.regions import BINS, EVIDENCE_TOP, Regions, edge_evidence, median_of

SOME = settings(max_examples=40, deadline=None, derandomize=True, suppress_health_check=list(HealthCheck))


@st.composite
def maps(draw: st.DrawFn) -> np.ndarray:
    """Small label maps 0…n-1, blotchy or noisy."""
    dice = np.random.default_rng(draw(st.integers(0, 10**6)))
    height, width = draw(st.integers(3, 24)), draw(st.integers(3, 24))
    noise = cv2.GaussianBlur(dice.random((height, width)), (0, 0), draw(st.sampled_from((0.3, 1.0, 2.0))))
    cuts = np.quantile(noise, np.linspace(0, 1, draw(st.integers(2, 5)) + 1)[1:-1])
    return np.searchsorted(cuts, noise).astype(np.int32)


def fields(shape: tuple[int, int], seed: int = 1) -> tuple[np.ndarray, np.ndarray]:
    dice = np.random.default_rng(seed)
    value = dice.uniform(0, 10, shape).astype(np.float32)
    return value, dice.uniform(-40, 40, (*shape, 2)).astype(np.float32)


def sides(labels: np.ndarray) -> Counter[tuple[int, int]]:
    """Pixel sides between every two labels, counted one by one."""
    found: Counter[tuple[int, int]] = Counter()
    height, width = labels.shape
    for y in range(height):
        for x in range(width):
            for v, u in ((y, x + 1), (y + 1, x)):
                if v < height and u < width and labels[y, x] != labels[v, u]:
                    a, b = sorted((int(labels[y, x]), int(labels[v, u])))
                    found[a, b] += 1
    return found


@SOME
@given(maps())
def test_crossings_are_all_pairs_of_neighbours_that_differ(labels: np.ndarray) -> None:
    first, second = crossings(labels)
    flat = labels.ravel()
    counted = Counter((min(a, b), max(a, b)) for a, b in zip(flat[first], flat[second], strict=True))
    assert counted == sides(labels)
    assert set((second - first).tolist()) <= {1, labels.shape[1]}


@SOME
@given(maps())
def test_contour_lengths_are_those_of_marching_squares_window_by_window(labels: np.ndarray) -> None:
    count = int(labels.max()) + 1
    total = np.zeros((count, count))
    for y in range(labels.shape[0] - 1):
        for x in range(labels.shape[1] - 1):
            a, b, c, d = (int(labels[y + j, x + i]) for j, i in ((0, 0), (0, 1), (1, 0), (1, 1)))
            held = Counter((a, b, c, d))
            if len(held) == 2:
                (low, first), (high, _) = sorted(held.items())
                total[low, high] += 2**-0.5 if first != 2 else 2 * 2**-0.5 if a == d else 1.0
            elif len(held) > 2:
                for p, q in ((a, b), (c, d), (a, c), (b, d)):
                    if p != q:
                        total[min(p, q), max(p, q)] += 0.5
    total = 0.97 * (total + total.T)
    assert lengths(labels, count) == pytest.approx(total)


@SOME
@given(maps(), st.integers(0, 10**6))
def test_contacts_count_every_side_two_labels_share(labels: np.ndarray, seed: int) -> None:
    strength = np.random.default_rng(seed).random(labels.shape).astype(np.float32)
    plain: dict[tuple[int, int], list[float]] = {}
    for here, there in (np.s_[:, 1:], np.s_[:, :-1]), (np.s_[1:], np.s_[:-1]):
        both = zip(
            labels[here].flat, labels[there].flat, strength[here].flat, strength[there].flat, strict=True
        )
        for a, b, x, y in both:
            if a != b:
                plain.setdefault((min(a, b), max(a, b)), []).append(float(max(x, y)))
    low, high, sides, summed = contacts(labels, strength)
    assert list(zip(low, high, strict=True)) == sorted(plain)
    assert sides.tolist() == [len(plain[pair]) for pair in sorted(plain)]
    assert summed == pytest.approx([sum(plain[pair]) for pair in sorted(plain)])


@SOME
@given(maps())
def test_the_nearest_border_is_as_far_as_an_exact_transform_says(labels: np.ndarray) -> None:
    distance, across = nearest_border(labels)
    if len(np.unique(labels)) == 1:
        assert np.isinf(distance).all()
        return
    assert (labels.ravel()[across] != labels).all()
    away = np.array(np.divmod(across, labels.shape[1])) - np.indices(labels.shape)
    assert (np.hypot(*away) <= 1.06 * distance + 1 + 1e-6).all()
    rim = np.zeros(labels.shape, bool)
    for p, q in (np.s_[:, 1:], np.s_[:, :-1]), (np.s_[1:], np.s_[:-1]):
        rim[p] |= labels[p] != labels[q]
        rim[q] |= labels[p] != labels[q]
    exact = distance_transform_edt(~rim)
    assert np.abs(distance - exact).max() <= 0.03 * max(exact.max(), 1)


@SOME
@given(maps(), st.integers(0, 10**6))
def test_merging_step_by_step_keeps_the_sums_of_a_recount(classes: np.ndarray, seed: int) -> None:
    value, colour = fields(classes.shape, seed)
    regions = Regions(classes, value, colour)
    dice = np.random.default_rng(seed)
    for _ in range(6):
        pairs = [(i, j) for i in regions.alive() for j in regions.contours[i]]
        if not pairs:
            break
        regions.merge(*pairs[int(dice.integers(len(pairs)))])
    labels = regions.into[regions.labels]
    recounted = sides(labels)
    for i in regions.alive():
        own = labels == i
        assert regions.areas[i] == own.sum()
        assert regions.mean(i)[0] == pytest.approx(value[own].mean(), rel=1e-5)
        assert regions.inside[i][BINS] == own.sum() == sum(regions.inside[i][:BINS])
        for j, line in regions.contours[i].items():
            assert regions.length(i, j) == recounted[min(i, j), max(i, j)] == sum(line[:BINS])
            assert regions.contours[j][i] is regions.contours[i][j]
    drawn = regions.drawn()
    held = np.bincount(drawn.ravel())
    assert (np.diff(held) <= 0).all()
    assert len(held) == len(regions.alive())


@given(st.lists(st.floats(0, 2.99), min_size=1, max_size=60))
def test_the_median_of_a_histogram_is_that_of_what_it_holds(evidence: list[float]) -> None:
    line = np.bincount((np.array(evidence) * BINS / EVIDENCE_TOP).astype(int), minlength=BINS).tolist()
    wide = EVIDENCE_TOP / BINS
    ranked = sorted(evidence)
    low, high = ranked[(len(ranked) - 1) // 2], ranked[len(ranked) // 2]
    assert low - wide <= median_of([*line, len(evidence)]) <= high + wide
    assert median_of([0] * (BINS + 1)) == 0.0


def test_dissolving_leaves_nothing_under_the_share_and_no_more_than_asked() -> None:
    dice = np.random.default_rng(5)
    noise = cv2.GaussianBlur(dice.random((120, 160)), (0, 0), 3)
    classes = np.searchsorted(np.quantile(noise, (0.25, 0.5, 0.75)), noise).astype(np.int32)
    value = (classes * 2 + 1).astype(np.float32)
    regions = Regions(classes, value, np.zeros((120, 160, 2), np.float32))
    dissolve(regions, 0.005)
    assert min(regions.areas[i] for i in regions.alive()) >= 0.005 * classes.size
    dissolve(regions, 0.005, most=4)
    assert len(regions.alive()) <= 4


def test_a_ramp_cut_by_bands_is_one_again_and_a_step_stays_two() -> None:
    x = np.tile(np.linspace(2, 8, 300, dtype=np.float32), (100, 1))
    step = np.where(np.arange(300) < 150, 3.0, 6.0).astype(np.float32) * np.ones((100, 1), np.float32)
    for value, left in ((x, 1), (step, 2)):
        classes = np.searchsorted((4, 5, 6), value).astype(np.int32)
        regions = Regions(classes, value, np.zeros((100, 300, 2), np.float32))
        join_gradients(regions)
        assert len(regions.alive()) == left


def test_one_gap_in_an_edge_does_not_let_two_masses_leak_together() -> None:
    value = np.full((120, 200), 3.0, np.float32)
    value[:, 100:] = 6.5
    value[50:62, 60:140] = np.linspace(3, 6.5, 80)  # a soft passage through a hard edge
    regions = Regions((value > 4.75).astype(np.int32), value, np.zeros((120, 200, 2), np.float32))
    join_gradients(regions)
    assert len(regions.alive()) == 2


def test_a_rim_is_shared_pixel_by_pixel_between_its_two_sides() -> None:
    value = np.full((100, 200), 2.0, np.float32)
    value[:, 100:] = 8.0
    value[:, 99] = 4.0  # an edge two pixels wide: the darker half is dark, the lighter light
    value[:, 100] = 6.0
    classes = np.digitize(value, (3.0, 7.0)).astype(np.int32)
    regions = Regions(classes, value, np.zeros((100, 200, 2), np.float32))
    share_rims(regions, value)
    drawn = regions.drawn()
    assert int(drawn.max()) + 1 == 2
    assert (drawn[:, :100] == drawn[0, 0]).all()
    assert (drawn[:, 100:] == drawn[0, 199]).all()


def test_a_stripe_that_lies_beyond_both_its_sides_is_no_rim() -> None:
    value = np.full((100, 200), 4.0, np.float32)
    value[:, 100:] = 6.0
    value[:, 99:101] = 9.0
    classes = np.digitize(value, (5.0, 7.0)).astype(np.int32)
    regions = Regions(classes, value, np.zeros((100, 200, 2), np.float32))
    share_rims(regions, value)
    assert len(regions.alive()) == 3


def test_crumbs_go_to_what_surrounds_them_and_pieces_worth_painting_stay() -> None:
    labels = np.zeros((200, 300), np.int32)
    labels[:, 150:] = 1
    labels[50:53, 40:43] = 1  # 9 pixels, under the share of a crumb
    labels[100:130, 40:70] = 1  # a piece of its own
    cleaned = drop_fragments(labels.copy())
    assert 9 < CRUMB * labels.size < 900
    assert (cleaned[48:56, 38:46] == 0).all()
    assert (cleaned[100:130, 40:70] == 1).all()


@SOME
@given(maps())
def test_smoothing_borders_keeps_a_partition_of_about_the_same_shares(classes: np.ndarray) -> None:
    labels = np.kron(classes, np.ones((16, 16), np.int32)).astype(np.int32)
    larger = smoothed(labels, (labels.shape[0] * 3 // 2, labels.shape[1] * 3 // 2), 1.6)
    assert set(np.unique(larger)) <= set(np.unique(labels))
    before, after = (np.bincount(m.ravel(), minlength=6) / m.size for m in (labels, larger))
    assert np.abs(before - after).max() < 0.05


def test_edge_evidence_is_the_change_across_a_hundredth_of_the_long_side() -> None:
    ramp = np.tile(np.linspace(0, 10, 500, dtype=np.float32), (60, 1))
    evidence = edge_evidence(ramp, np.zeros((60, 500, 2), np.float32))
    assert float(np.median(evidence)) == pytest.approx(10 / 499 * 5, rel=0.01)
    hue = np.zeros((60, 500, 2), np.float32)
    hue[..., 0] = ramp * 20  # twenty units of a* count as one value
    assert float(np.median(edge_evidence(np.zeros_like(ramp), hue))) == pytest.approx(0.1, rel=0.01)


def test_flat_places_fall_into_the_band_their_value_lies_in() -> None:
    value = np.repeat(np.array([1.0, 3.0, 5.5, 7.0, 9.0], np.float32), 60)[None].repeat(100, axis=0)
    band = bands_of(value, (2.0, 4.0, 6.0, 8.0))
    assert band[50, 30::60].tolist() == [0, 1, 2, 3, 4]


def test_things_of_one_value_but_two_hues_are_told_apart() -> None:
    value = np.full((120, 200), 5.0, np.float32)
    colour = np.zeros((120, 200, 2), np.float32)
    colour[:, :100] = (40, 30)
    colour[:, 100:] = (-20, -25)
    assert len(families(colour)) == 2
    family = families_of(value, colour)
    assert len(set(family[60, :95].tolist())) == len(set(family[60, 105:].tolist())) == 1
    assert family[60, 10] != family[60, 190]


def test_a_picture_in_greys_is_one_family() -> None:
    assert len(families(np.zeros((60, 60, 2), np.float32))) == 1
    assert not families_of(*(np.zeros(s, np.float32) for s in ((60, 60), (60, 60, 2)))).any()


def test_regions_are_connected_and_numbered_by_falling_area() -> None:
    classes = np.zeros((40, 60), np.int32)
    classes[5:10, 5:10] = classes[20:30, 30:50] = 1
    regions = Regions(classes, *fields((40, 60)))
    drawn = regions.drawn()
    assert [int((drawn == k).sum()) for k in range(3)] == [2175, 200, 25]
    for k in range(3):
        assert components(drawn == k)[1] == 1
