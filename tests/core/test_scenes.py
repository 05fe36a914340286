"""Eighteen written scenes as regressions: what a demanding teacher would want to see in each plan."""

from __future__ import annotations

from collections.abc import Callable

import pytest

from tests.said import text, why
from tests.scenes import SCENES, Scene
from washboard.core.order.result import PassType, PlanningResult
from washboard.core.plan.plan import Kind, Plan, Role
from washboard.core.surface.replay import replay

BY_NAME = {scene.name: scene for scene in SCENES}


def turn(plan: Plan, *names: str) -> list[int]:
    """The passes in which things reach their targets, -1 for what is left bare."""
    found = []
    for name in names:
        mass = next(m for m in plan.masses if m.name == name)
        places = [
            k
            for k, done in enumerate(plan.passes)
            for o in done.operations
            if o.mass == mass.id and o.role is Role.TARGET and o.kind.reaches
        ]
        found.append(places[0] if places else -1)
    return found


def value(plan: Plan, name: str) -> float:
    """The value at which a thing ends."""
    return dict(zip((m.name for m in plan.masses), plan.predicted[-1], strict=True))[name]


def kinds(plan: Plan, name: str) -> set[Kind]:
    mass = next(m for m in plan.masses if m.name == name)
    return {o.kind for done in plan.passes for o in done.operations if o.mass == mass.id}


@pytest.mark.parametrize("scene", SCENES, ids=lambda scene: scene.name)
def test_every_scene_is_sound_reaches_its_values_and_says_why_in_each_pass(scene: Scene) -> None:
    plan = scene.worked().plan
    assert replay(plan.masses, plan.passes, plan.medium, plan.surface.value) == ()
    assert 2 <= len(plan.passes) <= 8
    for done in plan.passes:
        assert done.reasons, done.title
        assert done.what
    off = [abs(m.target - v) for m, v in zip(plan.masses, plan.predicted[-1], strict=True)]
    assert sum(error > 0.4 for error in off) <= len(off) / 4


def _lamps(w: PlanningResult) -> None:
    plan = w.plan
    assert turn(plan, "lamp", "second lamp") == [len(plan.passes) - 1] * 2, "lamps last"
    assert turn(plan, "quay") == [-1], "the black sheet already paints the quay"
    assert turn(plan, "halo")[0] < turn(plan, "lamp")[0], "nested from outside"
    assert Kind.GLOW in kinds(plan, "lamp")
    assert "in steps" in why(plan.passes[-1], plan)


def _terraces(w: PlanningResult) -> None:
    plan = w.plan
    assert value(plan, "low mirror") > value(plan, "low terrace"), "darks a little lighter in the water"
    assert value(plan, "sky mirror") < value(plan, "sky"), "lights a little darker"
    assert turn(plan, "barge")[0] == 0


def _workbench(w: PlanningResult) -> None:
    plan = w.plan
    tools = [m for m in plan.masses if (m.name or "").startswith("tool")]
    assert len(tools) == 15
    turns = {turn(plan, m.name or "")[0] for m in tools} - {-1}
    assert turn(plan, "wall")[0] < min(turns), "the wall behind them first"
    assert len(turns) <= 3, "a fixed number of stages for all of them"
    assert any("small things" in text(done.title, plan) for done in plan.passes)


def _steam(w: PlanningResult) -> None:
    assert [step.pass_type for step in w.steps[:2]] == [PassType.TONES, PassType.WIPES]
    assert kinds(w.plan, "steam") == {Kind.TONE, Kind.WIPE}
    assert w.plan.passes[0].wait == 0
    assert turn(w.plan, "engine")[0] > 1


def _dust(w: PlanningResult) -> None:
    assert turn(w.plan, "dust") == [-1], "the brown paper is the dust"
    assert turn(w.plan, "shaft")[0] > turn(w.plan, "plain")[0]


def _blankets(w: PlanningResult) -> None:
    plan = w.plan
    assert turn(plan, "top fold") == [-1], "only the top fold is paper"
    for name in ("second fold", "third fold", "low fold"):
        assert value(plan, name) < 9.0, "whites in shade belong to the middle"
    assert turn(plan, "cast shadow")[0] == len(plan.passes) - 1


def _furnace(w: PlanningResult) -> None:
    plan = w.plan
    glow = turn(plan, "mouth", "frame", "near glow", "floor glow")
    assert glow == [0] * 4, "the glow in one"
    assert min(turn(plan, "hall", "stoker")) > 0
    assert value(plan, "mouth") - max(value(plan, n) for n in ("frame", "near glow")) >= 1.5


def _plaster(w: PlanningResult) -> None:
    plan = w.plan
    assert value(plan, "hand in light") - value(plan, "hand in shade") >= 0.5
    assert 6 <= value(plan, "hand in shade") <= 7
    assert turn(plan, "knuckles") == [-1]


def _signal_box(w: PlanningResult) -> None:
    plan = w.plan
    assert len(plan.passes) == 3
    assert sum(done.minutes + done.wait for done in plan.passes) <= 30
    assert turn(plan, "box in shade")[0] < turn(plan, "box in light")[0]


def _reeds(w: PlanningResult) -> None:
    plan = w.plan
    sky = max(turn(plan, "sky", "low sky", "sun"))
    assert all(turn(plan, f"reed {k}")[0] >= sky for k in range(1, 6)), "nobody cuts a sky round reeds"
    assert plan.surface.value < 9, "a toned ground"


def _umbrellas(w: PlanningResult) -> None:
    plan = w.plan
    ranks = [turn(plan, f"{rank} umbrella 1")[0] for rank in ("far", "second", "third", "near")]
    assert ranks == sorted(set(ranks)), "rank behind rank"
    near = next(m for m in plan.masses if m.name == "near umbrella 1")
    layers = sum(o.mass == near.id and o.kind.lays for done in plan.passes for o in done.operations)
    assert layers == 4
    assert all(any(r.kind == "surrounds" for r in done.reasons) for done in plan.passes)


def _courtyard(w: PlanningResult) -> None:
    plan = w.plan
    assert turn(plan, "lit wall") == [-1]
    wall, shadow = turn(plan, "shaded wall", "cast shadow")
    assert wall == shadow, "one joined shadow shape"
    assert turn(plan, "door")[0] > wall


def _bicycle(w: PlanningResult) -> None:
    plan = w.plan
    assert value(plan, "wheel on the wall") < value(plan, "white wall") - 2, "dark against light"
    assert value(plan, "wheel on the door") > value(plan, "dark door") + 2, "light against dark"
    assert turn(plan, "wheel on the door")[0] <= turn(plan, "dark door")[0], "a light is not laid on a dark"


def _dusk(w: PlanningResult) -> None:
    plan = w.plan
    assert turn(plan, "low sky")[0] == 0, "a golden sky is no paper"
    assert value(plan, "low sky") < 9
    assert turn(plan, "tent")[0] == len(plan.passes) - 1
    open_for = plan.medium.open_minutes or 0
    assert all(done.minutes <= open_for for done in plan.passes), "each inside its open time"


def _floats(w: PlanningResult) -> None:
    plan = w.plan
    turns = {turn(plan, f"float {k}")[0] for k in range(1, 8)}
    assert len(turns) == 1, "all floats in one stage, in a row"
    assert turn(plan, "wall")[0] < min(turns)


def _waterfall(w: PlanningResult) -> None:
    plan = w.plan
    assert turn(plan, "fall") == [-1]
    assert turn(plan, "spray")[0] < turn(plan, "cliffs")[0]


def _bottles(w: PlanningResult) -> None:
    plan = w.plan
    assert kinds(plan, "glint on the jar") >= {Kind.MASK, Kind.UNMASK}
    assert turn(plan, "near jar")[0] > turn(plan, "green bottle")[0], "the near ones dark, last"
    assert value(plan, "glint on the jar") == pytest.approx(plan.surface.value, abs=0.05)


def _door_knob(w: PlanningResult) -> None:
    plan = w.plan
    oils = [max((o.oil for o in done.operations), default=0.0) for done in plan.passes]
    assert oils == sorted(oils), "lean to fat"
    assert turn(plan, "light", "highlight") == [len(plan.passes) - 1] * 2
    assert value(plan, "reflected light") <= value(plan, "knob") - 0.5


DEMANDS: dict[str, Callable[[PlanningResult], None]] = {
    "lamps on wet quay stones before dawn": _lamps,
    "a terraced slope mirrored in a canal": _terraces,
    "a workbench with fifteen tools": _workbench,
    "steam in an engine shed": _steam,
    "a dust storm with light shafts": _dust,
    "a heap of pale folded blankets": _blankets,
    "a furnace mouth as the only light": _furnace,
    "a plaster hand whose whites are not white": _plaster,
    "a signal box in half an hour": _signal_box,
    "reeds against a low sun": _reeds,
    "umbrellas rank behind rank": _umbrellas,
    "a courtyard at four in the afternoon": _courtyard,
    "a bicycle half against a dark door, half against a white wall": _bicycle,
    "a desert dusk in one wet sheet": _dusk,
    "net floats on a rope with their shadows": _floats,
    "a waterfall whose spray is recovered afterwards": _waterfall,
    "back-lit glass bottles": _bottles,
    "a brass door knob thin to thick": _door_knob,
}


@pytest.mark.parametrize("name", DEMANDS)
def test_the_plan_does_what_the_scene_demands(name: str) -> None:
    DEMANDS[name](BY_NAME[name].worked())


def test_every_written_scene_has_its_demands() -> None:
    assert set(DEMANDS) == set(BY_NAME)
    assert len(SCENES) == 18
    assert {scene.settings.medium for scene in SCENES} == {"watercolour", "pastel", "acrylic", "oil"}
