"""Why a pass is as it is, from the optimisation's own figures: force the other choice and cut again."""

from __future__ import annotations

import math
from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from ..key.relations import LARGEST_LAMP
from ..order.coverage import Status
from ..order.grouping import contrast
from ..order.result import PassType, PlanningResult
from ..plan.names import said
from ..plan.plan import Kind, Reason
from ..reference.mass import MassKind
from ..sentence import Edges, percent, sentence, tone, whole
from .edge_reasons import (
    WORTH_CM,
    contrast_around,
    goes_round,
    ids_of,
    keeps_off,
    masses_at,
    meets_bare,
    runs_under,
)
from .school_reasons import reason_of_pass

Mask = NDArray[np.bool_]

TOLD_APART = 0.3
"""Values from which two passes are told apart by value."""


def reasons_for(worked: PlanningResult, k: int) -> tuple[Reason, ...]:
    """The reasons of pass k, the weightiest first; one without a figure of this piece is left out."""
    makers: tuple[Callable[[PlanningResult, int], Reason | None], ...] = (
        reason_of_pass,
        meets_bare,
        goes_round,
        runs_under,
        keeps_off,
        _waited,
        _ground_paints,
        _muted_first,
        _loose,
        _accents,
    )
    if worked.steps[k].pass_type is not PassType.LAYS:
        makers = (reason_of_pass,)
    found = tuple(reason for make in makers if (reason := make(worked, k)) is not None)
    glow = _nested(worked, k)
    found = found if glow is None else (*found, glow)
    return found or tuple(reason for reason in (_in_its_turn(worked, k),) if reason is not None)


def _nested(worked: PlanningResult, k: int) -> Reason | None:
    """Lamps: how far they outshine what is around them, and in how many steps they are built."""
    glows = [o for o in worked.plan.passes[k].operations if o.kind is Kind.GLOW and o.steps > 1]
    lamps = [worked.plan.mass(o.mass) for o in glows if worked.plan.mass(o.mass).share <= LARGEST_LAMP]
    gaps = [gap for lamp in lamps if (gap := contrast_around(worked, lamp)) is not None]
    if not gaps:
        return None
    steps = max(o.steps for o in glows)
    words = sentence("why-nested", masses=said(lamps), step=tone(max(gaps)))
    return Reason("nested", words, tuple(m.id for m in lamps), {"values": max(gaps), "steps": float(steps)})


def _in_its_turn(worked: PlanningResult, k: int) -> Reason | None:
    """A pass that nothing else explains comes where its values stand among the others'."""
    own = [worked.scene.masses[m].target for m in worked.steps[k].group]
    later = [worked.scene.masses[m].target for step in worked.steps[k + 1 :] for m in step.group]
    if not own:
        return None
    figures = {"low": min(own), "high": max(own)}
    if not later:
        return Reason("last", sentence("why-last"), (), figures)
    gap = abs(sum(later) / len(later) - sum(own) / len(own))
    if gap < TOLD_APART:
        return Reason("beside", sentence("why-beside"), (), figures | {"gap": gap})
    way = "darker" if sum(later) / len(later) < sum(own) / len(own) else "lighter"
    return Reason("in-turn", sentence(f"why-before-{way}", step=tone(gap)), (), figures | {"gap": gap})


def _waited(worked: PlanningResult, k: int) -> Reason | None:
    """Why not together with the pass before: the firm edges that would run into each other."""
    scene = worked.scene
    if k == 0 or not scene.medium.transparent:
        return None
    length, step, pairs = firm_between(worked, k - 1, k)
    wait = worked.plan.passes[k - 1].wait
    if length < WORTH_CM or wait <= 0:
        return None
    edge = Edges(pairs, sentence("sharp-edge", length=whole(length)))
    words = sentence("why-waits", number=k, minutes=whole(wait), edge=edge)
    return Reason("waits", words, (), {"cm": length, "minutes": wait, "values": step})


def firm_between(worked: PlanningResult, a: int, b: int) -> tuple[float, float, tuple[tuple[str, str], ...]]:
    """cm of firm edge that would bleed between the masses of two passes, its mean step of value, and the
    pairs of masses along it."""
    scene, first = worked.scene, set(worked.steps[a].group)
    index = {m.id: i for i, m in enumerate(scene.masses)}
    length = weighted = 0.0
    pairs = []
    for m in worked.steps[b].group:
        for border in scene.masses[m].borders:
            one, other = scene.masses[m], scene.masses[index[border.mass]]
            if index[border.mass] in first and border.hardness > 0.5 and contrast(one, other) > 0.5:
                length += border.length_cm
                weighted += border.length_cm * abs(one.target - other.target)
                pairs.append((one.id, other.id))
    return length, weighted / length if length else 0.0, tuple(pairs)


def _ground_paints(worked: PlanningResult, k: int) -> Reason | None:
    scene = worked.scene
    if k or scene.medium.transparent:
        return None
    bare = [int(m) for m in np.flatnonzero(worked.turn < 0)]
    share = sum(scene.masses[m].share for m in bare)
    if share < 0.005:
        return None
    words = sentence("why-ground-paints", masses=said(masses_at(scene, bare)), share=percent(share))
    return Reason("ground-paints", words, ids_of(scene, bare), {"share": share})


def _muted_first(worked: PlanningResult, k: int) -> Reason | None:
    """Opaque: loud lights that get a duller, darker layer now, one pass before their own."""
    scene, muted = worked.scene, worked.steps[k].muted
    if not muted:
        return None
    masses = masses_at(scene, muted)
    chroma = max(math.hypot(*m.target_lab[1:]) for m in masses)
    above = max(m.target for m in masses) - scene.surface.value
    words = sentence("why-muted-first", masses=said(masses))
    return Reason("muted-first", words, ids_of(scene, muted), {"chroma": chroma, "values": above})


def _loose(worked: PlanningResult, k: int) -> Reason | None:
    """Opaque: the edges left loose because the later shape cuts them, once."""
    scene, step = worked.scene, worked.steps[k]
    if scene.medium.transparent:
        return None
    parts = scene.parts
    ends = (step.covered[parts.first] != step.covered[parts.second]) & ~parts.inner
    later = step.problem.status == Status.LATER
    # Count only the edge that stays open; the edges of what is run under are cut in this pass.
    open_side = np.where(step.covered[parts.first], parts.second, parts.first)
    loose = ends & later[open_side]
    length = float(parts.length[loose].sum())
    if length < WORTH_CM:
        return None
    minutes = length / scene.medium.cut_cm
    masses = sorted({int(m) for m in parts.mass[open_side[loose]]})
    names = said(masses_at(scene, masses))
    words = sentence("why-loose", masses=names, length=whole(length))
    return Reason("loose", words, ids_of(scene, masses), {"cm": length, "minutes": minutes})


def _accents(worked: PlanningResult, k: int) -> Reason | None:
    masses = masses_at(worked.scene, worked.steps[k].group)
    if not all(m.kind is MassKind.ACCENT for m in masses):
        return None
    share = 100 * sum(m.share for m in masses)
    steps = [contrast for m in masses if (contrast := contrast_around(worked, m)) is not None]
    if not steps:
        return None
    lightest = max(masses, key=lambda m: contrast_around(worked, m) or 0.0)
    way = "lighter" if lightest.light else "darker"
    words = sentence(f"why-accents-{way}" if len(masses) > 1 else f"why-accent-{way}", step=tone(max(steps)))
    figures = {"share": share / 100, "least": min(steps), "most": max(steps)}
    return Reason("accents-last", words, tuple(m.id for m in masses), figures)
