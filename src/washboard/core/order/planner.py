"""From masses to a plan: what stays bare, which pass each mass falls into, what each pass covers."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from ... import ENGINE
from ..colour.lab import difference, value_of_lab
from ..colour.spectra import value_of_spectrum
from ..ground.shares import RIGHT_COLOUR, RIGHT_VALUE
from ..key.key import Key, key_for, targeted
from ..key.mood import Mood, in_mood
from ..materials.media import Medium
from ..materials.paints import Paint
from ..materials.surfaces import Sheet, Surface, described
from ..recipe.paintbox import paintbox_of
from ..reference.mass import Kind as MassKind
from ..reference.mass import Mass
from .coverage import Coverage, cut_length
from .depth import host_of, with_depth
from .levels import MOST_PASSES, grouped
from .operations import median_of, operations_of, overlaps_of
from .painting import (
    OPEN_AT_ONCE,
    Scene,
    coverage_of,
    running_paint,
    scene_of,
    statuses,
)
from .parts import Parts
from .plan import Operation, Pass, Plan
from .schools import SCHOOLS, School, school_named
from .timing import minutes_of, waits_of
from .wording import worded
from .worked import Step, Worked

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]

LOUD_CHROMA, HIGH_ABOVE = 35.0, 3.0
"""Chroma, and values above the ground, from which an opaque colour gets a muted layer below."""
FEWEST_PASSES = 3


def default_school(medium: Medium, surface: Surface) -> tuple[School, str]:
    """The school that medium and ground suggest, with the reason."""
    school = SCHOOLS[medium.school]
    if medium.transparent or surface.value < 8.5:
        why = f"{medium.words} on {described(surface)}: {school.fits}."
        return school, why
    return school, f"{medium.words} covers, also on {described(surface)}: {school.fits}."


def plan_of(
    masses: Sequence[Mass],
    parts: Parts,
    medium: Medium,
    surface: Surface,
    sheet: Sheet,
    school: str | None = None,
    passes: int | None = None,
    notes: Sequence[str] = (),
    mood: Mood = Mood.AS_SEEN,
    paints: Sequence[Paint] = (),
) -> Worked:
    """A whole plan: key, order, coverage, times, reasons and the predicted values.

    `masses` as measured, `parts` of the same masses in the same order. `passes` pins the number of
    passes (1–9, accents included); `paints` come along, the
    medium's usual ones for none. Deterministic. Raises UnknownName for an unknown school.
    """
    chosen, why = (
        default_school(medium, surface)
        if school is None
        else (school_named(school), "chosen by the painter.")
    )
    key = in_mood(key_for(medium, surface, masses), mood)
    planned = with_depth(targeted(masses, key, medium, surface))
    box = paintbox_of(medium, surface, paints)
    scene = scene_of(planned, parts, medium, surface, chosen.weights(medium), box)
    turn, groups = turns(scene, chosen, passes)
    steps = _steps(scene, chosen, turn, groups)
    built = _passes(scene, turn, steps)
    plan = Plan(
        ENGINE, medium, chosen.key, why, surface, sheet, key, planned, built,
        predicted_values(scene, steps), _notes(sheet, key, scene, turn, notes),
    )  # fmt: skip
    worked = Worked(plan, scene, turn, steps)
    return replace(worked, plan=replace(plan, passes=worded(worked)))


def is_right(mass: Mass, surface: Surface) -> bool:
    """Whether the bare surface already looks like the mass's target, a graded one in its middle.

    The light end of a graded mass may be twice as far off, the dark end a quarter farther: a light
    that is missing can still be laid over, a dark that is missing leaves a hole in a shape.
    """
    ends = value_of_lab(mass.target_ends) - surface.value
    near = float(ends.max()) <= 2 * RIGHT_VALUE and float(ends.min()) >= -1.25 * RIGHT_VALUE
    apart = float(difference(mass.target_lab, surface.lab))
    return near and abs(mass.target - surface.value) <= RIGHT_VALUE and apart <= RIGHT_COLOUR


def turns(scene: Scene, school: School, passes: int | None) -> tuple[NDArray[np.int64], list[list[int]]]:
    """The pass of each mass (m,), -1 where the surface stays bare, and the groups of each pass."""
    masses = scene.masses
    bare = [is_right(mass, scene.surface) for mass in masses]
    accents = [k for k, m in enumerate(masses) if m.kind is MassKind.ACCENT and not bare[k]]
    main = [k for k, m in enumerate(masses) if m.kind is not MassKind.ACCENT and not bare[k]]
    main.sort(key=lambda k: (school.priority(masses[k]), masses[k].label))
    pinned = None if passes is None else max(1, passes - bool(accents))
    groups = _groups(scene, main, FEWEST_PASSES - bool(accents), pinned)
    if accents:
        groups.append(accents)
    turn = np.full(len(masses), -1, np.int64)
    for k, group in enumerate(groups):
        turn[group] = k
    return turn, groups


def _groups(scene: Scene, main: list[int], fewest: int, pinned: int | None) -> list[list[int]]:
    """The masses `main`, in the school's order, by pass; as many as pinned, as far as there are masses."""
    ordered = [scene.masses[k] for k in main]
    # Moving what lies in front can empty a pass: then one more is tried.
    for number in [None] if pinned is None else range(pinned, max(pinned, MOST_PASSES) + 1):
        found = grouped(ordered, scene.weights, fewest, number)
        groups = [[main[i] for i in group] for group in found]
        if not scene.medium.transparent:
            groups = _background_first(scene.masses, groups)
        if pinned is None or len(groups) >= pinned:
            break
    return groups


def _background_first(masses: Sequence[Mass], groups: list[list[int]]) -> list[list[int]]:
    """Move a mass that lies in front of another, firm-edged, no earlier than what lies behind it."""
    pass_of = {masses[m].id: k for k, group in enumerate(groups) for m in group}
    ordered = sorted((m for group in groups for m in group), key=lambda m: masses[m].depth or 0)
    for m in ordered:
        host = host_of(masses[m], masses)
        if host is None or host not in pass_of or not _firm(masses[m], host):
            continue
        pass_of[masses[m].id] = max(pass_of[masses[m].id], pass_of[host])
    regrouped: list[list[int]] = [[] for _ in groups]
    for group in groups:
        for m in group:
            regrouped[pass_of[masses[m].id]].append(m)
    return [group for group in regrouped if group]


def _firm(mass: Mass, neighbour: str) -> bool:
    return any(b.mass == neighbour and b.hardness > 0.5 for b in mass.borders)


def _steps(
    scene: Scene, school: School, turn: NDArray[np.int64], groups: list[list[int]]
) -> tuple[Step, ...]:
    looks = scene.bare
    steps = []
    muted = _muted(scene, turn)
    for k, group in enumerate(groups):
        question, paint = question_of(scene, turn, group, k, looks)
        may_run = school.runs_under and scene.medium.dry_minutes <= OPEN_AT_ONCE
        covered = answer(question) if may_run else question.alone()
        after = _laid(scene, looks, question, covered, paint)
        for m in muted.get(k, ()):
            _lay_muted(scene, after, m)
        steps.append(Step(tuple(group), question, covered, tuple(muted.get(k, ())), looks, after, paint))
        looks = after
    return tuple(steps)


def question_of(
    scene: Scene, turn: NDArray[np.int64], group: Sequence[int], k: int, looks: Floats
) -> tuple[Coverage, Floats]:
    """What pass k must decide, and the paint (m, q) it would carry under each mass."""
    return coverage_of(scene, looks, statuses(scene.parts, turn, k), running_paint(scene, group))


def answer(question: Coverage) -> Mask:
    """The best coverage, unless it cuts in more than running under nothing would."""
    best, alone = question.best(), question.alone()
    parts = question.parts
    return best if cut_length(parts, best) <= cut_length(parts, alone) + 1e-9 else alone


def _laid(scene: Scene, looks: Floats, question: Coverage, covered: Mask, paint: Floats) -> Floats:
    parts = scene.parts
    after = looks.copy()
    own = question.alone()
    after[own], _ = scene.finished(looks[own], parts.mass[own])
    under = covered & ~own
    after[under] = scene.box.looks(paint[parts.mass[under]][:, None], looks[under])
    return after


def _muted(scene: Scene, turn: NDArray[np.int64]) -> Mapping[int, Sequence[int]]:
    """Per pass, the loud light masses that get a duller, darker layer one pass before their own."""
    muted: dict[int, list[int]] = {}
    if scene.medium.transparent or scene.medium.dry_minutes > OPEN_AT_ONCE:
        return muted
    for m, mass in enumerate(scene.masses):
        _, a, b = mass.target_lab
        loud = np.hypot(a, b) > LOUD_CHROMA and mass.target - scene.surface.value >= HIGH_ABOVE
        if loud and turn[m] > 0 and mass.kind is not MassKind.ACCENT:
            muted.setdefault(int(turn[m]) - 1, []).append(m)
    return muted


def _lay_muted(scene: Scene, looks: Floats, m: int) -> None:
    """Lay the duller, darker colour that a loud mass stands on over its parts in `looks` (p, 2, 36)."""
    lightness, a, b = scene.masses[m].target_lab
    own = scene.parts.of(m)
    below = looks[own].reshape(-1, looks.shape[-1])
    dull = np.tile((max(lightness - 18, 5.0), a * 0.6, b * 0.6), (len(below), 1))
    looks[own] = scene.box.looks(scene.box.mixed(dull, below), below).reshape(looks[own].shape)


def _passes(scene: Scene, turn: NDArray[np.int64], steps: Sequence[Step]) -> tuple[Pass, ...]:
    built = []
    for k, step in enumerate(steps):
        done = operations_of(scene, turn, k, step.covered, step.before, step.after, step.muted)
        operations = (*done, *overlaps_of(scene, turn, k, done))
        minutes = minutes_of(scene, step.question, step.covered, step.before)
        built.append(_blank(k, operations, minutes))
    waits = waits_of(scene, built, [float(scene.parts.areas[s.covered].sum()) for s in steps])
    return tuple(replace(p, wait=wait) for p, wait in zip(built, waits, strict=True))


def _blank(k: int, operations: tuple[Operation, ...], minutes: float) -> Pass:
    return Pass(f"p{k + 1}", "", "", "", (0.0, 0.0), "", minutes, 0.0, "", None, operations, ())


def predicted_values(scene: Scene, steps: Sequence[Step]) -> tuple[tuple[float, ...], ...]:
    """Value of every mass before the first pass and after each: the area-weighted median of its parts."""
    rows = [scene.bare, *(step.after for step in steps)]
    return tuple(tuple(float(v) for v in mass_values(scene, looks)) for looks in rows)


def mass_values(scene: Scene, looks: Floats) -> Floats:
    """Value (m,) of each mass in looks (p, 2, 36): weighted median over parts of the mean of both ends."""
    values = value_of_spectrum(looks).mean(axis=1)
    return np.array([median_of(scene, values, scene.parts.of(m)) for m in range(len(scene.masses))])


def _notes(
    sheet: Sheet, key: Key, scene: Scene, turn: NDArray[np.int64], given: Sequence[str]
) -> tuple[str, ...]:
    notes = [*given]
    if sheet.note:
        notes.append(sheet.note)
    notes.append(key.words)
    if scene.medium.transparent and scene.surface.value < 6.0:
        notes.append(
            f"{scene.medium.words} only darkens, so nothing can be lighter than this surface "
            f"({scene.surface.value:.1f}). Choose a lighter one or an opaque medium to keep the light."
        )
    ground = sum(m.share for m, t in zip(scene.masses, turn, strict=True) if t < 0)
    if ground >= 0.005 and not scene.medium.transparent:
        notes.append(
            f"The surface already paints {100 * ground:.0f} % of the picture within {RIGHT_VALUE} of value."
        )
    return tuple(notes)


def reordered(worked: Worked, order: Sequence[str]) -> Worked:
    """The same passes in another order, looks, values, waits and words worked out anew.

    An order that does not name every pass once belongs to another plan and is passed over.
    """
    ids = [done.id for done in worked.plan.passes]
    if sorted(order) != sorted(ids) or list(order) == ids:
        return worked
    places = [ids.index(name) for name in order]
    turn = np.array([places.index(t) if t >= 0 else -1 for t in worked.turn], np.int64)
    scene, looks, steps = worked.scene, worked.scene.bare, []
    for k, place in enumerate(places):
        old = worked.steps[place]
        question = replace(old.question, status=statuses(scene.parts, turn, k))
        after = _laid(scene, looks, question, old.covered, old.paint)
        for m in old.muted:
            _lay_muted(scene, after, m)
        steps.append(replace(old, question=question, before=looks, after=after))
        looks = after
    passes = tuple(replace(done, id=order[k]) for k, done in enumerate(_passes(scene, turn, steps)))
    plan = replace(worked.plan, passes=passes, predicted=predicted_values(scene, steps))
    fresh = Worked(plan, scene, turn, tuple(steps))
    return replace(fresh, plan=replace(plan, passes=worded(fresh)))
