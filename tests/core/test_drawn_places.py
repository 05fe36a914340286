"""Passes of the painter's own on places that are drawn: a stroke, an outline."""

from __future__ import annotations

import numpy as np
import pytest

from tests.core.test_own_passes import BY_MEDIUM, GROUNDS, made
from tests.pieces import patchwork
from tests.said import refuses
from washboard.core.errors import InvalidInput
from washboard.core.materials.media import MEDIA
from washboard.core.order.modelled import prediction_of
from washboard.core.order.parts import divided
from washboard.core.order.prediction import painted
from washboard.core.plan.acts import ACTS, Sort
from washboard.core.plan.own import HOW, Own
from washboard.core.plan.plan import Kind
from washboard.core.planning.placing import placed_on
from washboard.core.planning.reorder import reordered
from washboard.core.reference.measures import Measured
from washboard.core.reference.picture import Labels

STROKE = ((0.2, 0.5), (0.8, 0.5))
OUTLINE = ((0.3, 0.3), (0.7, 0.3), (0.7, 0.7), (0.3, 0.7))


@pytest.mark.parametrize("place", ["stroke", "outline"])
@pytest.mark.parametrize("medium", sorted(GROUNDS))
def test_every_act_on_a_drawn_place_changes_the_picture_there_or_says_why_not(
    medium: str, place: str
) -> None:
    measured, _ = patchwork(3, 9, 1, 45.0)
    worked = made(medium)
    ids = [done.id for done in worked.plan.passes]
    points, width = (STROKE, 12.0) if place == "stroke" else (OUTLINE, 0.0)
    cm = worked.plan.sheet.picture_width_cm / measured.labels.shape[1]
    flat = np.zeros(measured.labels.shape, np.float32)
    table, maps = prediction_of(worked, parts_of(measured), flat, flat)
    before = painted(table, maps, len(table.colours) - 1).astype(int)
    for kind in BY_MEDIUM[medium]:
        there = placed_on(Own("own1", kind, (), points, width), measured.labels, worked.plan.masses, cm)
        assert there is not None
        own, spot = there
        assert all(0 < share <= 1 for _, share in own.shares)
        # After the last pass, where nothing is painted over it any more.
        fresh = reordered(worked, [*ids, "own1"], (own,), places={"own1": spot})
        done = next(p for p in fresh.plan.passes if p.id == "own1")
        if ACTS[kind].sort is not Sort.LOOKS:
            assert {o.mass: o.cover for o in done.operations} == pytest.approx(dict(own.shares))
        table, maps = prediction_of(fresh, parts_of(measured), flat, flat)
        after = painted(table, maps, len(table.colours) - 1).astype(int)
        changed = np.abs(after - before).max(axis=2) > 1
        outside = changed.copy()
        outside[spot.at][spot.strength > 0] = False
        assert not outside.any(), kind
        told = kind in HOW or ACTS[kind].sort is Sort.LOOKS
        assert changed.any() or told, kind


def parts_of(measured: Measured) -> Labels:
    """The parts of a patchwork by pixels."""
    return divided(measured.masses, measured.labels, 45.0).labels


def test_a_place_that_is_none_is_refused() -> None:
    medium = MEDIA["oil"]
    for points, width in (
        (((0.2, 0.2),), 5.0),
        (((0.1, 0.1), (0.5, 0.5)), 0.0),
        (((0.1, 0.1), (1.5, 0.5)), 5.0),
    ):
        with refuses(InvalidInput, "place needs"):
            Own("own1", Kind.GLAZE, (), points, width).checked(medium)
    with refuses(InvalidInput, "mm"):
        Own("own1", Kind.GLAZE, (), STROKE, 900.0).checked(medium)
