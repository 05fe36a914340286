"""The passes of a worked plan as the painter wants them: in another order, left out, or set in."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lightness_of_value, value_of_lab
from ..colour.spectra import lab_of_spectrum
from ..optics.grain import fixed
from ..optics.removal import WHITEST
from ..order.painting import Scene
from ..order.recover import recovered
from ..order.result import PassType, PlanningResult, Step
from ..order.running import THINNEST, statuses, trivial_coverage
from ..order.strands import Ordered
from ..plan.acts import ACTS, Sort
from ..plan.own import LAID, STEP, THIN, Own
from ..plan.plan import Kind
from ..plan.spot import Change, Spot
from ..plan.tools import Handled, tool_of
from ..reference.mass import Lab
from ..words.passes import worded
from .planner import counted, laid, lay_muted, passes_of, predicted_values

Floats = NDArray[np.float64]
NOWHERE: Mapping[str, Spot] = {}


def reordered(
    worked: PlanningResult,
    order: Sequence[str],
    own: Sequence[Own] = (),
    dropped: Sequence[str] = (),
    handled: Sequence[Handled] = (),
    places: Mapping[str, Spot] = NOWHERE,
) -> PlanningResult:
    """The same passes in another order, without those `dropped`, with the painter's `own`, and with the tools
    they are `handled` with; looks, values, waits and words worked out anew. `places` are where in the picture
    own passes go that are drawn, by their ids.

    An order that does not name every pass once belongs to another plan and is passed over, and so is one
    that drops a pass in which something reaches its target. An own pass whose shapes are gone rests.
    """
    ids, known = [done.id for done in worked.plan.passes], {mass.id for mass in worked.scene.masses}
    there = {one.id: one for one in own if known.issuperset(one.masses)}
    order = [name for name in order if name in there or name not in {one.id for one in own}]
    stays = [name for name in ids if name not in dropped]
    if sorted(order) != sorted([*stays, *there]) or (order == ids and not handled):
        return worked
    if any(t >= 0 and ids[t] in dropped for t in worked.turn):
        return worked
    turn = np.array([order.index(ids[t]) if t >= 0 else -1 for t in worked.turn], np.int64)
    scene, reflectances, steps = worked.scene, worked.scene.at_start, []
    stains, layers = scene.laid_before
    spots: list[Spot] = []
    for k, name in enumerate(order):
        if name in there:
            step = _own_step(scene, there[name], turn, k, reflectances, stains)
            if name in places:
                spots.append(_placed(scene, step, places[name], k + 1))
                step = replace(step, after=reflectances, covered=np.zeros_like(step.covered))
        else:
            old = worked.steps[ids.index(name)]
            problem = replace(old.problem, status=statuses(scene.parts, turn, k))
            after, coats = laid(scene, reflectances, problem, old.covered, old.paint, old.pass_type, stains)
            for m in old.muted:
                lay_muted(scene, after, m)
            step = replace(old, problem=problem, before=reflectances, after=after, coats=coats)
        step = replace(step, tool=tool_of(name, handled))
        steps.append(step)
        counted(scene, step, stains, layers)
        reflectances = step.after
    built, _ = passes_of(Ordered(scene, turn, ()), steps)
    passes = tuple(replace(done, id=order[k]) for k, done in enumerate(built))
    plan = replace(worked.plan, passes=passes, predicted=predicted_values(scene, steps))
    fresh = PlanningResult(plan, scene, turn, tuple(steps), tuple(spots))
    return replace(fresh, plan=replace(plan, passes=worded(fresh)))


def _placed(scene: Scene, step: Step, place: Spot, row: int) -> Spot:
    """What a pass of one's own does at a place that is drawn: what it would do to each whole mass."""
    if step.own is not None and ACTS[step.own.kind].sort is Sort.MOVES:
        return replace(place, change=Change.SMEARS, row=row)
    by: dict[str, Lab] = {}
    for m in step.group:
        parts = scene.parts.of(m)
        before, after = (
            lab_of_spectrum(looks[parts].mean(axis=(0, 1))) for looks in (step.before, step.after)
        )
        lightness, a, b = (after - before).tolist()
        by[scene.masses[m].id] = (lightness, a, b)
    return replace(place, change=Change.MOVES, row=row, by=by)


BLENDED = 0.6
"""How much nearer blending brings both ends of a modelled mass to their middle. A guess."""


def _taken(scene: Scene, kind: Kind, reflectances: Floats, stains: Floats) -> Floats:
    """Looks (k, 2, 36) after paint was taken off, or opaque white set: a step lighter, as far as it gets."""
    labs = lab_of_spectrum(reflectances.reshape(-1, reflectances.shape[-1]))
    wanted = _lighter(labs, WHITEST, WHITEST if kind is Kind.WHITE else 0.0)
    targets = wanted.reshape(*reflectances.shape[:2], 3)
    return recovered(kind, reflectances, scene.ground, targets, stains)


def _lighter(labs: Floats, lightest: float, at_least: float = 0.0) -> Floats:
    """Colours (n, 3) a step lighter, none over a value; darker ones come to `at_least`."""
    values = np.maximum(np.minimum(value_of_lab(labs) + STEP, lightest), at_least)
    lighter = labs.copy()
    lighter[:, 0] = np.maximum(labs[:, 0], [lightness_of_value(float(value)) for value in values])
    return lighter


def _own_step(
    scene: Scene, own: Own, turn: NDArray[np.int64], k: int, reflectances: Floats, stains: Floats
) -> Step:
    """A pass of the painter's own over `reflectances` (p, 2, 36): what is laid there, or only worked on."""
    group = tuple(m for m, mass in enumerate(scene.masses) if mass.id in own.masses)
    problem = trivial_coverage(scene, statuses(scene.parts, turn, k))
    paint = np.zeros((len(scene.masses), scene.box.count))
    covered = np.isin(scene.parts.mass, group) & ~scene.masked & (own.kind in LAID)
    after, at = reflectances.copy(), scene.parts.mass[covered]
    coats = np.ones(len(covered), np.int64)
    if own.kind in THIN:
        film = THINNEST * scene.on_ground
        if own.kind is Kind.UNIFY and group:
            film[:] = film[list(group)].mean(axis=(0, 1))
        paint, after[covered] = film[:, 0], scene.box.reflectances(film[at], reflectances[covered])
    elif own.kind is Kind.FIX:
        sprayed = np.isin(scene.parts.mass, group)
        after[sprayed] = fixed(reflectances[sprayed])
    elif own.kind.takes or own.kind is Kind.WHITE:
        worked = np.isin(scene.parts.mass, group) & ~scene.masked
        after[worked] = _taken(scene, own.kind, reflectances[worked], stains[scene.parts.mass[worked]])
    elif own.kind in (Kind.GLOW, Kind.RAYS) and covered.any():
        below = reflectances[covered].reshape(-1, reflectances.shape[-1])
        wanted = _lighter(lab_of_spectrum(below), scene.medium.lightest)
        laid_on = scene.box.reflectances(scene.box.mixed(wanted, below), below)
        after[covered] = laid_on.reshape(after[covered].shape)
    elif own.kind is Kind.BLEND:
        worked = np.isin(scene.parts.mass, group)
        middle = reflectances[worked].mean(axis=1, keepdims=True)
        after[worked] = (1 - BLENDED) * reflectances[worked] + BLENDED * middle
    elif covered.any():
        after[covered], _ = scene.finished(reflectances[covered], at, stains)
    return Step(
        group, problem, covered, (), reflectances, after, coats, paint, PassType.OWN, beside=True, own=own
    )
