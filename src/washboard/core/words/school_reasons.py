"""Why a pass is there that a school or a kept light asks for, with the figures of this piece."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np

from ..order.coverage import Status
from ..order.result import PassType, PlanningResult
from ..plan.names import said
from ..plan.plan import Kind, Reason, Reserve
from ..reference.mass import Mass
from ..schools.both_ends import MIDDLES
from ..schools.by_object import comes_last
from ..schools.light_first import GLOW
from ..sentence import percent, sentence, tone, whole

WORTH_CM = 3.0
"""cm of edge from which something is worth a word."""


def reason_of_pass(worked: PlanningResult, k: int) -> Reason | None:
    """The reason of a pass that does more than lay paint as the medium does, or None."""
    step = worked.steps[k]
    make = BY_DOES.get(step.pass_type) or BY_SCHOOL.get(worked.plan.school)
    return make(worked, k) if make else None


def _masses(worked: PlanningResult, indices: Sequence[int]) -> list[Mass]:
    return [worked.scene.masses[m] for m in indices]


def _kept(worked: PlanningResult, k: int) -> list[Reserve]:
    ids = {mass.id for mass in _masses(worked, worked.steps[k].group)}
    return [reserve for reserve in worked.plan.reserves if reserve.mass in ids]


def _of_lights(worked: PlanningResult, k: int) -> Reason | None:
    """The largest light of the pass speaks for all: how it is kept, and what came next."""
    kept = _kept(worked, k)
    if not kept:
        return None
    largest = max(kept, key=lambda reserve: (reserve.figures["cm"], reserve.mass))
    others = [worked.plan.mass(reserve.mass) for reserve in kept if reserve.mass != largest.mass]
    figures, ids = dict(largest.figures), tuple(reserve.mass for reserve in kept)
    if not others:
        return Reason("light-kept", largest.sentence, ids, figures)
    words = sentence("why-lights-kept", first=largest.sentence, masses=said(others))
    return Reason("light-kept", words, ids, figures)


def _of_won_back(worked: PlanningResult, k: int) -> Reason | None:
    """Masks taken off and lights recovered: what stands round them by now."""
    step, by_id = worked.steps[k], {m.id: m for m in worked.scene.masses}
    lights = _masses(worked, step.group)
    if any(worked.scene.how[m] is not Kind.UNMASK for m in step.group):
        return _of_lights(worked, k)
    met = [(m.target - by_id[b.mass].target, b.length_cm) for m in lights for b in m.borders]
    length = sum(cm for _, cm in met)
    if length <= 0:
        return None
    gap = sum(step * cm for step, cm in met) / length
    words = sentence("why-won-back", step=tone(gap))
    return Reason("won-back", words, tuple(m.id for m in lights), {"values": gap, "cm": length})


def _of_tone(worked: PlanningResult, k: int) -> Reason | None:
    masses = worked.scene.masses
    done = set(worked.steps[k].group)
    share = sum(masses[m].share for m in done)
    lights = sum(m.share for m, kind in zip(masses, worked.scene.how, strict=True) if kind is Kind.WIPE)
    if worked.scene.patches > 1:
        return _of_patches(worked, k, share)
    value = next((o.to_value for o in worked.plan.passes[k].operations if o.kind is Kind.TONE), 0.0)
    words = sentence("why-toned", value=tone(value), share=percent(share))
    return Reason("toned", words, (), {"value": value, "share": share, "lights": lights})


def _of_patches(worked: PlanningResult, k: int, share: float) -> Reason:
    values = [o.to_value for o in worked.plan.passes[k].operations] or [0.0]
    low, high, count = min(values), max(values), worked.scene.patches
    words = sentence("why-patches", share=percent(share))
    figures = {"low": low, "high": high, "share": share, "colours": float(count)}
    return Reason("patches", words, (), figures)


def _of_wiping(worked: PlanningResult, k: int) -> Reason | None:
    done = worked.plan.passes[k]
    wiped = [o for o in done.operations if o.kind is Kind.WIPE]
    if not wiped:
        return None
    lightest = max(wiped, key=lambda o: (o.to_value, o.mass))
    start = lightest.from_value
    words = sentence("why-wiped", value=tone(lightest.to_value))
    return Reason("wiped", words, (lightest.mass,), {"from": start, "to": lightest.to_value})


def _of_restating(worked: PlanningResult, k: int) -> Reason | None:
    masses = _masses(worked, worked.steps[k].group)
    if not masses:
        return None
    lowest = min(m.target for m in masses)
    share = sum(m.share for m in masses)
    words = sentence("why-restated")
    return Reason("restated", words, tuple(m.id for m in masses), {"share": share, "value": lowest})


def _of_negative(worked: PlanningResult, k: int) -> Reason | None:
    """What a layer of a layered negative surrounds: the finished, lighter shapes it goes round."""
    scene, step = worked.scene, worked.steps[k]
    if not step.group:
        return None
    parts = scene.parts
    ends = (step.covered[parts.first] != step.covered[parts.second]) & ~parts.inner
    outside = np.where(step.covered[parts.first], parts.second, parts.first)
    ends &= step.problem.status[outside] != Status.LATER
    length = float(parts.length[ends].sum())
    if length < WORTH_CM:
        return None
    around = _masses(worked, np.unique(parts.mass[outside[ends]]).tolist())
    covered = float(parts.areas[step.covered].sum() / parts.areas.sum())
    words = sentence("why-surrounds", masses=said(around), share=percent(covered))
    return Reason("surrounds", words, tuple(m.id for m in around), {"cm": length, "share": covered})


def _of_ends(worked: PlanningResult, k: int) -> Reason | None:
    """Both ends: from when a middle can be judged, and between which values."""
    step = worked.steps[k]
    if not step.called or not step.group:
        return None
    values = [m.target for m in worked.scene.masses if m.share > 0]
    low, high = min(values), max(values)
    key = "why-middles" if step.called == MIDDLES else "why-ends"
    words = sentence(key, low=tone(low), high=tone(high))
    return Reason("ends", words, (), {"low": low, "high": high})


def _of_glow(worked: PlanningResult, k: int) -> Reason | None:
    """The light first: from where to where the glow falls off."""
    step = worked.steps[k]
    if step.called != GLOW or not step.group:
        return None
    masses = _masses(worked, step.group)
    values = [m.target for m in masses]
    share = sum(m.share for m in masses)
    words = sentence("why-glow", high=tone(max(values)), low=tone(min(values)))
    return Reason("glow", words, (), {"from": max(values), "to": min(values), "share": share})


def _of_thing(worked: PlanningResult, k: int) -> Reason | None:
    """By object: where in the row of things this is, and how far its values go."""
    step = worked.steps[k]
    own = [j for j, other in enumerate(worked.steps) if other.called and other.called == step.called]
    if not step.called or k != own[0]:
        return None
    masses = [m for j in own for m in _masses(worked, worked.steps[j].group)]
    values = [m.target for m in masses]
    before = [m for earlier in worked.steps[:k] for m in _masses(worked, earlier.group)]
    more = any(later.called for later in worked.steps[own[-1] + 1 :])
    if not more and comes_last(masses, before, worked.scene.medium):
        gap = min(values) - max(m.target for m in before)
        figures = {"low": min(values), "high": max(values), "gap": gap}
        return Reason("thing", sentence("why-thing-last", step=tone(gap)), (), figures)
    figures = {"low": min(values), "high": max(values), "passes": len(own)}
    number = step.called.values.get("number")
    key = "why-thing-first" if number == 1 else "why-thing"
    return Reason("thing", sentence(key, passes=len(own)), (), figures)


def _of_own(worked: PlanningResult, k: int) -> Reason | None:
    """A pass of the painter's own: how much it goes over, and what that takes."""
    masses, done = _masses(worked, worked.steps[k].group), worked.plan.passes[k]
    area = sum(mass.area_cm2 for mass in masses)
    words = sentence("why-own", minutes=whole(done.minutes))
    return Reason("own", words, tuple(m.id for m in masses), {"cm2": area, "minutes": done.minutes})


Maker = Callable[[PlanningResult, int], Reason | None]
BY_DOES: dict[PassType, Maker] = {
    PassType.MASKS: _of_lights,
    PassType.RECOVERS: _of_won_back,
    PassType.TONES: _of_tone,
    PassType.WIPES: _of_wiping,
    PassType.RESTATES: _of_restating,
    PassType.OWN: _of_own,
}
BY_SCHOOL: dict[str, Maker] = {
    "layered-negative": _of_negative,
    "both-ends": _of_ends,
    "light-first": _of_glow,
    "by-object": _of_thing,
}
