"""From masses to a plan: what stays bare, which pass each mass falls into, what each pass covers."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from ... import ENGINE
from ..colour.spectra import value_of_spectrum
from ..cut import NEVER
from ..key.held import held
from ..key.key import key_for, targeted
from ..key.merged import merged
from ..key.modelling import with_stops
from ..key.mood import Mood, in_mood
from ..key.wishes import toned
from ..materials.media import Medium
from ..materials.sticks import Colour
from ..materials.surfaces import Sheet, Surface
from ..mixing.paintbox import Paintbox, paintbox_of
from ..order.coverage import Coverage, Status, cut_length
from ..order.depth import with_depth
from ..order.operations import median_of, operations_of, overlaps_of
from ..order.options import NO_OPTIONS, Options
from ..order.painting import OPEN_AT_ONCE, Scene, scene_of
from ..order.parts import Parts
from ..order.result import Group, PassType, PlanningResult, Step
from ..order.running import coverage_of, running_paint, statuses, trivial_coverage
from ..order.strands import Ordered, ordered_by
from ..order.timing import begins_at, between_of, minutes_of, waits_of
from ..order.unders import Forbidden
from ..plan.plan import Operation, Pass, Plan
from ..plan.state import BARE, SheetState
from ..reference.mass import Mass, MassKind
from ..schools import SCHOOLS, School, school_named
from ..schools.aims import aimed
from ..sentence import Sentence, as_given, sentence
from ..sittings.lags import hurried
from ..words.passes import worded
from .notes import notes_of

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

LOUD_CHROMA, HIGH_ABOVE = 35.0, 3.0
"""Chroma, and values above the ground, from which an opaque colour gets a muted layer below."""


def default_school(medium: Medium) -> tuple[School, Sentence]:
    """The school that a medium suggests, with the reason."""
    school = SCHOOLS[medium.school]
    return school, sentence("school-fits", medium=medium.words, fits=school.fits)


def plan_of(
    masses: Sequence[Mass],
    parts: Parts,
    medium: Medium,
    surface: Surface,
    sheet: Sheet,
    options: Options = NO_OPTIONS,
    notes: Sequence[Sentence] = (),
    mood: Mood = Mood.AS_SEEN,
    paints: Sequence[Colour] = (),
    box: Paintbox | None = None,
    start: SheetState = BARE,
) -> PlanningResult:
    """A whole plan: key, order, coverage, times, reasons and the predicted values.

    `masses` as measured, `parts` of the same masses in the same order; `paints` come along, the
    medium's usual ones for none, in a `box` of them where there is one already. It begins at `start`, the
    bare surface or what lies on it by then: what has its target stays. Deterministic. Raises
    UnknownName for an unknown school and InvalidInput for one that cannot be in the medium.
    """
    chosen, why = (
        default_school(medium)
        if options.school is None
        else (school_named(options.school, medium, surface), sentence("school-chosen"))
    )
    key = in_mood(key_for(medium, surface, masses), mood)
    known = {thing.id: thing for thing in options.things}
    keyed = held(targeted(masses, key, medium, surface), known, options.holds, key, medium, surface)
    stopped = with_stops(keyed.masses, key, medium, surface)
    wished = toned(stopped, options.tones, key, medium, surface)
    planned = with_depth(merged(wished, options.least))
    box = box or paintbox_of(medium, surface, paints)
    scene = scene_of(planned, parts, medium, surface, aimed(chosen.weights(medium), options.aim), box, start)
    ordered = ordered_by(scene, chosen, options)
    steps = _steps(ordered, chosen, options.forbidden)
    built, begin = passes_of(ordered, steps)
    plan = Plan(
        ENGINE,
        medium,
        chosen.key,
        why,
        surface,
        sheet,
        key,
        planned,
        built,
        predicted_values(ordered.scene, steps),
        (*notes_of(ordered, steps, sheet, key, notes), *keyed.notes),
        reserves=ordered.reserves,
        ties=ordered.ties,
        shapes=ordered.shapes,
        start=replace(start, clock=begin),
    )
    worked = PlanningResult(plan, ordered.scene, ordered.turn, steps)
    return replace(worked, plan=replace(plan, passes=worded(worked)))


def _steps(ordered: Ordered, school: School, forbidden: Forbidden) -> tuple[Step, ...]:
    scene, turn = ordered.scene, ordered.turn
    reflectances, steps = scene.at_start, []
    muted = _muted(scene, turn)
    # What was laid on each mass so far stains it: a later lift can only take the rest.
    stains, layers = scene.laid_before
    number = 0
    for k, group in enumerate(ordered.groups):
        kept = forbidden.of(scene.masses, number)
        number += not group.beside
        step = _step(scene, school, turn, group, k, reflectances, stains, layers, muted.get(k, ()), kept)
        counted(scene, step, stains, layers)
        steps.append(step)
        reflectances = step.after
    return tuple(steps)


def counted(scene: Scene, step: Step, stains: Floats, layers: Floats) -> None:
    """Add what a pass lays to the staining (m,) and the layers (m,) of each mass."""
    if step.pass_type in (PassType.LAYS, PassType.TONES) or step.own is not None:
        reached = np.unique(scene.parts.mass[step.covered])
        layers[reached] += 1
        stains[reached] = np.maximum(stains[reached], scene.box.staining(step.paint)[reached])


def _step(
    scene: Scene,
    school: School,
    turn: NDArray[np.int64],
    group: Group,
    k: int,
    reflectances: Floats,
    stains: Floats,
    layers: Floats,
    muted: Sequence[int],
    kept: Mask,
) -> Step:
    paint, status = _paint(scene, group), statuses(scene.parts, turn, k)
    if group.pass_type is PassType.LAYS:
        # What is taken out of paint later must lie under some first: it is washed over like the rest.
        over = (scene.uncovered & (layers == 0))[scene.parts.mass] & (status == Status.LATER)
        problem, paint = coverage_of(scene, reflectances, status, paint, over)
        problem = replace(problem, spoil=np.where(kept[scene.parts.mass], NEVER, problem.spoil))
    else:
        problem = trivial_coverage(scene, status)
    covered = problem.alone()
    if group.pass_type is PassType.TONES:
        covered = problem.status != Status.BARE
    elif group.pass_type is PassType.LAYS and school.nested:
        room = layers[scene.parts.mass] < scene.medium.most_layers
        covered |= (problem.status == Status.LATER) & (problem.spoil < NEVER) & room
    elif group.pass_type is PassType.LAYS and school.runs_under and scene.medium.dry_minutes <= OPEN_AT_ONCE:
        covered = solve_coverage(problem)
    after, coats = laid(scene, reflectances, problem, covered, paint, group.pass_type, stains)
    for m in muted:
        lay_muted(scene, after, m)
    return Step(
        group.masses,
        problem,
        covered,
        tuple(muted),
        reflectances,
        after,
        coats,
        paint,
        group.pass_type,
        group.called,
        group.beside,
    )


def _paint(scene: Scene, group: Group) -> Floats:
    """Amounts (m, q) of paint that a pass carries under each mass."""
    if group.pass_type is PassType.TONES and scene.tones is not None:
        return scene.box.mixed(scene.tones, scene.ground)
    if group.pass_type is PassType.LAYS and group.masses:
        return running_paint(scene, group.masses)
    return np.zeros((len(scene.masses), scene.box.count))


def solve_coverage(problem: Coverage) -> Mask:
    """The best coverage (p,), unless it cuts in more than running under nothing would."""
    best, alone = problem.best(), problem.alone()
    parts = problem.parts
    return best if cut_length(parts, best) <= cut_length(parts, alone) + 1e-9 else alone


def laid(
    scene: Scene,
    reflectances: Floats,
    problem: Coverage,
    covered: Mask,
    paint: Floats,
    pass_type: PassType,
    stains: Floats,
) -> tuple[Floats, NDArray[np.int64]]:
    """Looks (p, 2, 36) after a pass over `reflectances`, and the coats (p,) it takes."""
    parts = scene.parts
    after = reflectances.copy()
    own = problem.own if pass_type is not PassType.TONES else np.zeros(len(covered), bool)
    coats = np.ones(len(covered), np.int64)
    after[own], coats[own] = scene.finished(reflectances[own], parts.mass[own], stains)
    under = covered & ~own & ~scene.masked
    after[under] = scene.box.reflectances(paint[parts.mass[under]][:, None], reflectances[under])
    return after, coats


def _muted(scene: Scene, turn: NDArray[np.int64]) -> Mapping[int, Sequence[int]]:
    """Per pass, the loud light masses that get a duller, darker layer one pass before their own."""
    muted: dict[int, list[int]] = {}
    # Over an underpainting in patches every light has its duller colour below already.
    if scene.medium.transparent or scene.medium.dry_minutes > OPEN_AT_ONCE or scene.patches > 1:
        return muted
    for m, mass in enumerate(scene.masses):
        _, a, b = mass.target_lab
        loud = np.hypot(a, b) > LOUD_CHROMA and mass.target - scene.surface.value >= HIGH_ABOVE
        if loud and turn[m] > 0 and mass.kind is not MassKind.ACCENT:
            muted.setdefault(int(turn[m]) - 1, []).append(m)
    return muted


def lay_muted(scene: Scene, reflectances: Floats, m: int) -> None:
    """Lay the duller, darker colour that a loud mass stands on over its parts (p, 2, 36)."""
    lightness, a, b = scene.masses[m].target_lab
    own = scene.parts.of(m)
    below = reflectances[own].reshape(-1, reflectances.shape[-1])
    dull = np.tile((max(lightness - 18, 5.0), a * 0.6, b * 0.6), (len(below), 1))
    reflectances[own] = scene.box.reflectances(scene.box.mixed(dull, below), below).reshape(
        reflectances[own].shape
    )


def passes_of(ordered: Ordered, steps: Sequence[Step]) -> tuple[tuple[Pass, ...], float]:
    """The passes without words, and the minute of the sheet's clock at which the first can begin."""
    scene, built = ordered.scene, []
    for k, step in enumerate(steps):
        done = operations_of(scene, ordered.turn, k, step)
        operations = (*done, *overlaps_of(scene, ordered.turn, k, done, step))
        blank = _blank(k, operations, minutes_of(scene, step))
        built.append(replace(blank, beside=step.beside, between=between_of(scene, step)))
    begin, areas = begins_at(scene, built), [float(scene.parts.areas[s.covered].sum()) for s in steps]
    waits = waits_of(scene, built, areas, begin)
    waited = [replace(p, wait=wait) for p, wait in zip(built, waits, strict=True)]
    return hurried(waited, {m.id: m for m in scene.masses}, scene.medium), begin


def _blank(k: int, operations: tuple[Operation, ...], minutes: float) -> Pass:
    none = as_given("")
    return Pass(f"p{k + 1}", none, (), none, (0.0, 0.0), none, minutes, 0.0, none, None, operations, ())


def predicted_values(scene: Scene, steps: Sequence[Step]) -> tuple[tuple[float, ...], ...]:
    """Value of every mass before the first pass and after each: the area-weighted median of its parts."""
    rows = [scene.at_start, *(step.after for step in steps)]
    return tuple(tuple(float(v) for v in mass_values(scene, reflectances)) for reflectances in rows)


def mass_values(scene: Scene, reflectances: Floats) -> Floats:
    """Value (m,) of each mass in looks (p, 2, 36): weighted median over parts of the mean of both ends."""
    values = value_of_spectrum(reflectances).mean(axis=1)
    return np.array([median_of(scene, values, scene.parts.of(m)) for m in range(len(scene.masses))])
