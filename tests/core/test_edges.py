"""Edges: what each stretch of border is proposed to be, as the painter wants it, and how it shows."""

from __future__ import annotations

from dataclasses import replace

import cv2
import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.said import refuses
from washboard.core.edges.finding import ALL_FIRM, Borders, found_in
from washboard.core.edges.made import EdgeWish, made
from washboard.core.errors import InvalidInput
from washboard.core.order.prediction import painted
from washboard.core.plan.stretch import Edge, When
from washboard.pipeline.stages import Stages
from washboard.pipeline.stages.results import Result
from washboard.pipeline.subject import Subject
from washboard.settings import Settings
from washboard.words import ENGLISH, About

HIGH, WIDE = 300, 450
SETTINGS = Settings("oil", "value:5", 45, 30, marks=0)


def strips(seed: int) -> tuple[NDArray[np.uint8], list[tuple[float, float]]]:
    """Upright strips of different values, some of whose borders fade; the place (share) and width (mm) of
    each border."""
    dice = np.random.default_rng(seed)
    x = np.arange(WIDE, dtype=np.float64)
    places = np.array([90.0, 180.0, 270.0, 360.0]) + dice.uniform(-12, 12, 4)
    widths = dice.permutation([0.0, 0.0, dice.uniform(5, 9), dice.uniform(14, 22)])
    values = np.cumsum(dice.permutation([-1, 1, -1, 1]) * dice.uniform(1.3, 2.2, 4)) + 5
    light = np.full(WIDE, 5.0)
    for at, wide, before, after in zip(places, widths, [5.0, *values[:-1]], values, strict=True):
        light += (after - before) * np.clip(0.5 + (x - at) / max(wide / 0.8, 1.0), 0, 1)
    grey = np.clip(light, 0.5, 9.5) * 25.5
    noise = dice.normal(0, 1, (HIGH, WIDE))
    rgb = np.clip(np.rint(grey + noise), 0, 255).astype(np.uint8)
    return np.repeat(rgb[..., None], 3, axis=-1), list(zip(places / WIDE, widths, strict=True))


def planned(rgb: NDArray[np.uint8], settings: Settings = SETTINGS) -> Result:
    return Stages().result(Subject.photo("strips", lambda: encoded(rgb), settings.checked()))


@pytest.mark.parametrize("seed", range(4))
def test_soft_and_firm_stretches_are_told_over_most_of_their_length(seed: int) -> None:
    rgb, borders = strips(seed)
    right = whole = 0.0
    for stretch in planned(rgb).worked.plan.edges:
        _, wide = min(borders, key=lambda border: abs(border[0] - stretch.at[0]))
        told = stretch.how in (Edge.SOFT, Edge.LOST)
        whole += stretch.length_cm
        right += stretch.length_cm * (told == (wide > 0))
    assert whole > 60
    assert right >= 0.85 * whole


def test_every_stretch_has_a_place_masses_a_pass_and_a_reason_in_words() -> None:
    result = planned(strips(1)[0])
    plan = result.worked.plan
    assert plan.edges
    for stretch in plan.edges:
        assert set(stretch.masses) <= set(plan.by_id)
        x, y = stretch.at
        where = result.planned.edges.where
        high, wide = where.shape
        assert where[min(int(y * high), high - 1), min(int(x * wide), wide - 1)] > 0
        assert ENGLISH.text(stretch.why, About.of(plan))
        assert (stretch.when is None) == (stretch.how is Edge.FIRM)
    soft = [s for s in plan.edges if s.how is Edge.SOFT]
    assert {s.when for s in soft} <= {When.WET, When.DRY}
    told = ENGLISH.text(next(p for p in plan.passes if p.id == soft[0].pass_id).edge)
    assert "soft" in told


@pytest.mark.parametrize("how", list(Edge))
def test_the_painters_word_on_a_stretch_changes_the_picture_there_and_only_there(how: Edge) -> None:
    rgb, borders = strips(2)
    before = planned(rgb)
    firm = next(
        s for s in before.worked.plan.edges if s.how is (Edge.SOFT if how is Edge.FIRM else Edge.FIRM)
    )
    wished = planned(rgb, replace(SETTINGS, edges=(EdgeWish(*firm.at, how),)))
    now = next(s for s in wished.worked.plan.edges if s.number == firm.number)
    assert now.how is how
    assert now.wished == (how is not firm.proposed)
    pictures = [painted(r.table, r.maps, len(r.table.colours) - 1).astype(int) for r in (before, wished)]
    changed = np.abs(pictures[0] - pictures[1]).max(axis=2) > 3
    if how is firm.how:
        assert not changed.any()
        return
    assert changed.any()
    near = cv2.dilate((wished.planned.edges.where == firm.number).astype(np.uint8), np.ones((61, 61))) > 0
    assert changed[near].sum() >= 0.9 * changed.sum()
    assert borders


def test_a_picture_that_is_firm_all_over_is_proposed_softer_away_from_the_focus() -> None:
    labels = np.repeat(np.arange(1, 7, dtype=np.int32), WIDE // 6)[None].repeat(120, axis=0)
    base = planned(strips(3)[0]).worked.plan.masses[0]
    masses = [
        replace(
            base, id=f"m{k}", label=k, inside=((k - 0.5) / 6, 0.5), depth=1, gradation=None, kind=base.kind
        )
        for k in range(1, 7)
    ]
    planned_values = labels.astype(np.float32)
    flat = np.zeros(labels.shape, np.float32)
    borders = Borders(masses, labels, flat, planned_values, {}, 0.1, focus=(0.05, 0.5))
    found = found_in(borders)
    soft = [place[0] for place, edge in zip(found.places, found.edges, strict=True) if edge is Edge.SOFT]
    firm = [place[0] for place, edge in zip(found.places, found.edges, strict=True) if edge is Edge.FIRM]
    assert soft
    assert firm
    assert min(soft) > min(firm), "the focus stays firm"
    assert ALL_FIRM > 0.5


def test_wishes_beside_the_picture_are_refused_and_those_that_meet_nothing_rest() -> None:
    with refuses(InvalidInput, "beside the picture"):
        replace(SETTINGS, edges=(EdgeWish(1.2, 0.5, Edge.SOFT),)).checked()
    result = planned(strips(1)[0])
    labels = np.ones((40, 60), np.int32)
    mass = replace(result.worked.plan.masses[0], label=1)
    none = found_in(
        Borders([mass], labels, np.zeros((40, 60), np.float32), labels.astype(np.float32), {}, 0.1)
    )
    assert made(none, result.worked.plan, (EdgeWish(0.5, 0.5, Edge.LOST),)) == ()
