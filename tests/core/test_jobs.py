"""Scenes as painters bring them: what they are made of is told or asked, and every plan is sound."""

from __future__ import annotations

from functools import cache

import pytest

from tests.conftest import encoded
from tests.pieces import worked_out_of
from tests.said import faults, text
from tests.scenery.jobs import JOBS, drawn
from washboard.core.plan.plan import Plan
from washboard.core.surface.replay import refusals_of
from washboard.settings import Settings


@cache
def plan_of(name: str) -> Plan:
    job = JOBS[name]
    settings = Settings(job.medium, job.surface, 45, 30, marks=20)
    return worked_out_of(encoded(drawn(name, 1), "PNG"), settings).worked.plan


@pytest.mark.parametrize("name", JOBS)
def test_a_plan_for_a_painters_scene_is_sound_and_reads_well(name: str) -> None:
    plan = plan_of(name)
    assert refusals_of(plan) == ()
    kinds = {o.kind for done in plan.passes for o in done.operations}
    assert len(kinds) >= 3, "more than flat masses"
    for effect in plan.effects:
        assert faults(text(effect.told, plan)) == []
    for done in plan.passes:
        assert all(faults(text(words, plan)) == [] for words in done.what)


def test_most_of_what_a_painter_would_make_there_is_told_or_asked() -> None:
    told = [
        bool({effect.key for effect in plan_of(name).effects} & set(group))
        for name, job in JOBS.items()
        for group in job.asks_for
    ]
    assert sum(told) >= 0.7 * len(told)


def test_nothing_that_is_not_there_is_said_to_be() -> None:
    """What a painter would laugh at: lamps among leaves, clouds in cloth, hair for twigs."""
    absurd = {
        "shrubs mirrored": {"lamp", "far-lamps"},
        "cup, fruit and metal": {"clouds", "hair", "lamp"},
        "red flower": {"lamp", "far-lamps", "clouds"},
        "wreath of light": {"hair", "grass"},
        "white hair": {"grass", "clouds"},
        "beads on cloth": {"clouds", "lamp", "ripples"},
    }
    for name, keys in absurd.items():
        sure = {effect.key for effect in plan_of(name).effects if not effect.asks}
        assert not sure & keys, name
