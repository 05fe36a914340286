"""Where marks come in a plan: what stays lighter is kept before the pass that would cover it, all else is
painted last of all, in a pass of its own."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import lab_of_linear, linear_of, value_of_lab
from ..order.operations import oil_over
from ..order.prediction import PatchMap, Table
from ..order.result import PassType, PlanningResult
from ..order.timing import waits_of
from ..plan.marks import BRUSHES, How, MarkFamily, MarkKind, Path, TextureRule, way_of
from ..plan.plan import Kind, Operation, Pass, Reason, Role
from ..sentence import Sentence, of_masses, percent, row_of, sentence, tone
from ..time.pace import SETTLING
from .drawn import Laid, Where, raster_of
from .families import Family
from .paths import path_of

DETAILS = "details"
"""Id of the pass in which marks are painted; it is always the last."""
NAMED = 3
"""Families that a pass names; the others are counted."""
STICK = "stick-edge"
"""What is drawn with in pastel: no tool of the list, the stick itself."""
IN_GOES = 4.0
"""Minutes for going round small lights in a wash that is too long to be laid in one go."""
FINE_MM, COARSE_MM = 2.0, 5.0
"""Millimetres from grain to grain up to which a texture is called fine, and from which coarse."""
KEPT_FROM = 0.25
"""Values by which keeping a place must bring it nearer to what is meant."""


Colour = tuple[float, float, float]


@dataclass(frozen=True)
class Marked:
    """A plan with its marks: where the families lie (h, w), by their place in the plan from 1 on, and of each
    the number of its pass and its colour, None where it is kept."""

    worked: PlanningResult
    where: Where
    laid: tuple[Laid, ...]


def marked(
    worked: PlanningResult, families: Sequence[Family], table: Table, maps: PatchMap, lacking: float
) -> Marked:
    """The plan with these families; `table` and `maps` of the plan without them, `lacking` what it lacks.

    In a transparent medium what is lighter than its surroundings and cannot be kept either is left out.
    """
    on = _Ground(worked, table, maps, lacking)
    last = len(worked.steps) + 1
    used = [(family, on.kept_before(family)) for family in families]
    if worked.scene.medium.transparent:
        used = [(family, keep) for family, keep in used if keep or not family.lighter]
        used = on.in_time(used)
    # What is kept lies below what is painted.
    used.sort(key=lambda one: one[1] == 0)
    told = [on.told(family, keep, k) for k, (family, keep) in enumerate(used, 1)]
    laid = tuple((keep or last, None if keep else family.lab) for family, keep in used)
    where = raster_of([family for family, _ in used], maps.first.shape)
    return Marked(_with_passes(on, told, where), where, laid)


@dataclass(frozen=True)
class _Ground:
    """What marks are set on: a plan with its last picture."""

    worked: PlanningResult
    table: Table
    maps: PatchMap
    lacking: float

    @property
    def cm(self) -> float:
        """Width of a pixel."""
        return self.worked.plan.sheet.picture_width_cm / self.maps.first.shape[1]

    def under(self, family: Family) -> NDArray[np.intp]:
        """The patches under a family, one for each of its pixels."""
        found = [self.maps.first[mark.place.at][mark.place.mask] for mark in family.marks]
        return np.concatenate(found).astype(np.intp)

    def kept_before(self, family: Family) -> int:
        """The pass (from 1) before which places must be kept to end nearest to what is meant, 0 for none."""
        if not (self.worked.scene.medium.transparent and family.lighter):
            return 0
        values = self.table.values.mean(axis=2)[:, self.under(family)].mean(axis=1)
        wanted = float(value_of_lab(np.array(family.lab)))
        best = int(np.argmin(np.abs(values - wanted)))
        if abs(values[best] - wanted) > abs(values[-1] - wanted) - KEPT_FROM:
            return 0
        later = np.flatnonzero(values[best + 1 :] < values[best] - KEPT_FROM)
        return best + 1 + int(later[0]) if len(later) else 0

    def in_time(self, used: Sequence[tuple[Family, int]]) -> list[tuple[Family, int]]:
        """Without what there is no time to go round while the wash that it is kept from is open; a wash that
        is laid in several goes anyway has room for a few."""
        opens, passes = self.worked.scene.medium.open_minutes or 0.0, self.worked.plan.passes
        room = [opens - done.minutes if done.minutes < opens else IN_GOES for done in passes]
        found = []
        for family, keep in used:
            marks = []
            for mark in family.marks:
                minutes = mark.place.minutes(self.cm) if keep else 0.0
                if not keep or minutes <= room[keep - 1]:
                    room[keep - 1] -= minutes
                    marks.append(mark)
            if marks:
                found.append((replace(family, marks=tuple(marks)), keep))
        return found

    def minutes(self, family: Family) -> float:
        """Minutes of work on a family."""
        return sum(mark.place.minutes(self.cm) for mark in family.marks)

    def told(self, family: Family, keep: int, number: int) -> MarkFamily:
        """A family as the plan tells it."""
        masses = self.worked.plan.masses
        covered = np.bincount(self.table.mass[self.under(family)], minlength=len(masses))
        ids = tuple(masses[m].id for m in np.argsort(-covered, kind="stable") if covered[m])
        lab = self._left(family, keep) if keep else family.lab
        done = self.worked.plan.passes[keep - 1].id if keep else DETAILS
        paths = tuple(path_of(mark.place, family.kind, self.cm) for mark in family.marks)
        texture = self._rule(family)
        name = sentence(
            f"marks-{family.kind}-{'light' if family.lighter else 'dark'}",
            count=len(family.marks),
            masses=of_masses(ids[:1]),
            **_shape(family.kind, paths, texture),
        )
        return MarkFamily(
            f"k{number}",
            family.kind,
            How.KEPT if keep else How.PAINTED,
            sentence("marks-named", name=family.name, marks=name) if family.name else name,
            paths,
            float(value_of_lab(np.array(lab))),
            lab,
            ids,
            done,
            STICK if self.worked.scene.medium.key == "pastel" else BRUSHES[family.kind],
            self.minutes(family),
            min(1.0, family.gain / max(self.lacking, 1e-9)),
            texture,
            self._place(family),
            family.name,
            family.many,
        )

    def _place(self, family: Family) -> tuple[float, float]:
        """A pixel of its worthiest mark, the one nearest to the middle of that, as shares of the picture."""
        place = family.marks[0].place
        rows, columns = np.nonzero(place.mask)
        top, _, left, _ = place.box
        best = int(np.argmin(np.hypot(rows - rows.mean(), columns - columns.mean())))
        height, width = self.maps.first.shape
        return (left + int(columns[best]) + 0.5) / width, (top + int(rows[best]) + 0.5) / height

    def _rule(self, family: Family) -> TextureRule | None:
        """How a texture is made: as in the largest of its places."""
        found = family.marks[0].place.texture
        if found is None:
            return None
        return TextureRule(found.amplitude, found.grain * self.cm * 10, found.direction, found.along)

    def _left(self, family: Family, keep: int) -> Colour:
        """The colour (mean) that stays where a family is kept before a pass."""
        bytes_ = self.table.colours[keep - 1].mean(axis=1)[self.under(family)].mean(axis=0)
        lightness, a, b = lab_of_linear(linear_of(bytes_ / 255)).tolist()
        return lightness, a, b


def _shape(kind: MarkKind, paths: Sequence[Path], texture: TextureRule | None) -> dict[str, str]:
    """What a name tells beside number and place: how lines run, how coarse a texture is."""
    if texture is not None:
        fine = texture.grain_mm < FINE_MM
        return {"grain": "fine" if fine else "coarse" if texture.grain_mm > COARSE_MM else "even"}
    return {"way": way_of(*_run(paths))} if kind is MarkKind.LINE else {}


def _run(paths: Sequence[Path]) -> tuple[float, float]:
    """Along which direction (degrees counter-clockwise) lines run, and how much they do, 0–1: the mean of
    their steps with doubled angles (Mardia and Jupp 2000, 1.5.4)."""
    steps = np.concatenate([np.diff(np.array(path.points), axis=0) for path in paths])
    long = np.hypot(*steps.T)
    twice = 2 * np.arctan2(-steps[:, 1], steps[:, 0])
    mean = complex((long * np.exp(1j * twice)).sum() / max(float(long.sum()), 1e-9))
    return float(np.degrees(np.angle(mean)) / 2), abs(mean)


def _with_passes(on: _Ground, told: Sequence[MarkFamily], where: Where) -> PlanningResult:
    """The plan with the marks told in their passes, and with a last pass for those that are painted."""
    worked, plan = on.worked, on.worked.plan
    passes = [_keeping(done, [one for one in told if one.pass_id == done.id]) for done in plan.passes]
    painted = [one for one in told if one.how is How.PAINTED]
    plan = replace(plan, passes=tuple(passes), marks=tuple(told))
    if not painted:
        return replace(worked, plan=plan)
    scene, last = worked.scene, worked.steps[-1]
    done = _details(painted, _operations(on, told, where), worked.scene.medium.dry_minutes > 0)
    # What a pass sets without covering a part, as restated darks, is wet for a while too.
    areas = [max(float(scene.parts.areas[step.covered].sum()), 1.0) for step in worked.steps]
    waits = waits_of(scene, [*passes, done], [*areas, 1.0], plan.start.clock)
    passes[-1] = replace(passes[-1], wait=max(passes[-1].wait, waits[-2]))
    step = replace(
        last,
        group=(),
        covered=np.zeros_like(last.covered),
        muted=(),
        before=last.after,
        coats=np.ones_like(last.coats),
        pass_type=PassType.DETAILS,
        called=None,
        beside=True,
        own=None,
        tool=None,
    )
    predicted = (*plan.predicted, plan.predicted[-1])
    plan = replace(plan, passes=(*passes, done), predicted=predicted)
    return replace(worked, plan=plan, steps=(*worked.steps, step))


def _keeping(done: Pass, kept: Sequence[MarkFamily]) -> Pass:
    """A pass that leaves marks as they are, with what that costs."""
    if not kept:
        return done
    minutes = done.minutes + sum(one.minutes for one in kept)
    found = list(done.what)
    for key in ("how-keep-marks", "how-keep-texture"):
        own = [one for one in kept if (one.texture is None) is (key == "how-keep-marks")]
        if own:
            ids = tuple(dict.fromkeys(mass for one in own for mass in one.masses[:1]))
            found.append(sentence(key, count=sum(one.count for one in own), masses=of_masses(ids, 2)))
    return replace(done, what=tuple(found), minutes=minutes)


def _details(painted: Sequence[MarkFamily], operations: tuple[Operation, ...], dries: bool) -> Pass:
    """The last pass, in which marks are painted: the families of most gain first."""
    ranked = sorted(painted, key=lambda one: (-one.gain, one.id))
    steps = [_told(one) for one in ranked[:NAMED]]
    if rest := ranked[NAMED:]:
        steps.append(sentence("how-draw-more", count=len(rest)))
    values = [one.value for one in painted]
    count = sum(one.count for one in painted)
    masses = tuple(dict.fromkeys(mass for one in ranked for mass in one.masses[:1]))
    why = sentence("reason-marks", share=percent(sum(one.gain for one in painted)))
    return Pass(
        DETAILS,
        sentence("title-details", count=count),
        tuple(steps),
        sentence("only-masses", masses=row_of(masses, 4)),
        (min(values), max(values)),
        sentence("edges-firm-marks"),
        SETTLING + sum(one.minutes for one in painted),
        0.0,
        sentence("needs-dry" if dries else "needs-nothing"),
        None,
        operations,
        (Reason("marks", why, masses),),
        beside=True,
    )


def _told(one: MarkFamily) -> Sentence:
    """How a family is painted."""
    way = "draw" if one.texture is None else "texture"
    dry = {} if one.texture is None else {"way": way_of(one.texture.direction, one.texture.along)}
    return sentence(f"how-{way}", marks=one.name, value=tone(one.value), **dry)


def _operations(on: _Ground, told: Sequence[MarkFamily], where: Where) -> tuple[Operation, ...]:
    """What the painted marks are to each mass: the share they take of it, and from which value to which."""
    worked, masses = on.worked, on.worked.plan.masses
    mass = on.table.mass[on.maps.first]
    values = np.array([np.nan if one.how is How.KEPT else one.value for one in told])
    by_pixel = np.concatenate([[np.nan], values])[where]
    there = ~np.isnan(by_pixel)
    count = len(masses)
    taken = np.bincount(mass[there], minlength=count)
    whole_of = np.maximum(np.bincount(mass.ravel(), minlength=count), 1)
    mean = np.bincount(mass[there], by_pixel[there], count) / np.maximum(taken, 1)
    oil = oil_over(worked.scene, len(worked.steps)) if worked.scene.medium.key == "oil" else 0.0
    before = worked.plan.predicted[-1]
    return tuple(
        Operation(
            masses[m].id,
            Kind.DETAIL,
            Role.OVER,
            float(taken[m] / whole_of[m]),
            before[m],
            min(before[m], float(mean[m])) if worked.scene.medium.transparent else float(mean[m]),
            oil=oil,
        )
        for m in np.flatnonzero(taken)
    )
