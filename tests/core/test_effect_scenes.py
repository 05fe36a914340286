"""Effects in rendered scenes: each is proposed where it belongs, brings its place nearer, and hardly
elsewhere."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import replace
from functools import cache

import numpy as np
import pytest
from numpy.typing import NDArray

from tests.conftest import encoded
from tests.long import rounds
from tests.pieces import worked_out_of
from tests.said import faults, text
from tests.scenery import BY_WISH, IN_WATERCOLOUR, SCENES, belongs, rendered
from washboard.core.effects import FILES
from washboard.core.effects.looked import Looked
from washboard.core.order.prediction import painted
from washboard.core.plan.effect import Effect
from washboard.core.reference.picture import picture_of
from washboard.core.surface.replay import refusals_of
from washboard.pipeline.stages.results import Result
from washboard.settings import Settings

SEED = 11
"""Scenes that no weight was set on."""
NAMES = [name for name in SCENES if name != "plain"]
Floats = NDArray[np.float32]


@cache
def planned(scene: str, seed: int, off: tuple[str, ...] = ()) -> Result:
    """A scene planned in the medium of its effect, some effects left out."""
    medium, surface = ("watercolour", "white") if scene in IN_WATERCOLOUR else ("oil", "value:5")
    settings = replace(Settings(medium, surface, 45, 30, marks=0), effects_off=off)
    return worked_out_of(encoded(rendered(scene, seed), "PNG"), settings)


def sure(result: Result) -> Sequence[Effect]:
    return [effect for effect in result.worked.plan.effects if not effect.asks]


def last(result: Result) -> Floats:
    return picture_of(painted(result.table, result.maps, len(result.table.colours) - 1)).lab


def apart(result: Result, without: Result) -> tuple[float, float] | None:
    """How far (ΔE*ab, mean) the picture lies from what is meant with an effect and without it, where it
    changes anything; None where it does not."""
    planned_of = result.planned.measured
    meant = Looked(result.seen.picture, planned_of.labels, result.worked.plan, planned_of.along).meant
    one, other = last(result), last(without)
    there = np.abs(one - other).max(axis=2) > 1
    if not there.any():
        return None
    first, second = (float(np.linalg.norm(p[there] - meant[there], axis=1).mean()) for p in (one, other))
    return first, second


@pytest.mark.parametrize("scene", NAMES)
def test_an_effect_is_found_in_its_scene_brings_it_nearer_and_the_judge_agrees(scene: str) -> None:
    result = planned(scene, SEED)
    plan = result.worked.plan
    assert refusals_of(plan) == ()
    own = [effect for effect in sure(result) if effect.key == scene]
    assert own, [effect.key for effect in plan.effects]
    assert all(faults(text(effect.told, plan)) == [] for effect in own)
    assert all(np.isfinite(list(effect.figures.values())).all() for effect in own)
    woven = [effect.id for effect in own if effect.pass_id]
    assert woven, [text(effect.rests, plan) for effect in own if effect.rests]
    found = apart(result, planned(scene, SEED, tuple(woven)))
    assert found is not None, "it changes the picture"
    assert found[0] < found[1]


def test_hardly_any_effect_is_proposed_where_it_does_not_belong() -> None:
    held = Counter[bool]()
    wrong: list[tuple[str, str]] = []
    for scene in [*SCENES][: rounds(len(SCENES), len(SCENES))]:
        keys = {effect.key for effect in sure(planned(scene, SEED))}
        held.update(belongs(scene, key) for key in keys)
        wrong += [(scene, key) for key in sorted(keys) if not belongs(scene, key)]
    assert held[True] >= 0.9 * held.total(), wrong


def test_every_effect_has_a_scene() -> None:
    assert {file.replace("_", "-") for file in FILES} - BY_WISH == set(NAMES)
