"""Where marks come in a plan: what stays lighter is kept before the pass that would cover it, all else is
painted last of all, in a pass of its own."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..colour.lab import lab_of_linear, linear_of, value_of_lab
from ..order.operations import oil_over
from ..order.prediction import PatchMap, Table
from ..order.result import PlanningResult, resting
from ..order.timing import last_waited
from ..plan.effect import FINISHING
from ..plan.marks import BRUSHES, How, MarkFamily, MarkKind, Path, TextureRule, way_of
from ..plan.plan import Kind, Operation, Pass, Reason, Role
from ..sentence import Sentence, of_masses, percent, row_of, sentence, tone, whole
from ..time.pace import SETTLING
from .choice import MINUTES
from .coming import Colour, Coming, Ground, coming_of
from .drawn import Laid, Where, raster_of, with_marks
from .families import Family

DETAILS = "details"
"""Id of the pass in which marks are painted; it is always the last."""
NAMED = 3
"""Families that a pass names; the others are counted."""
STICK = "stick-edge"
"""What is drawn with in pastel: no tool of the list, the stick itself."""
TOGETHER = 0.4
"""Share of a family that lies on one mass for the family to be named by that; else it is here and there."""
LITTLE, MUCH = 0.35, 0.12
"""Share of what is lacking under which marks tell little of it, and values lacking, a pixel, that are
much."""
FINE_MM, COARSE_MM = 2.0, 5.0
"""Millimetres from grain to grain up to which a texture is called fine, and from which coarse."""


@dataclass(frozen=True)
class Marked:
    """A plan with its marks: where the families lie (h, w), by their place in the plan from 1 on, and of each
    the number of its pass and its colour, None where it is kept; `table` and `maps` of the plan without
    them."""

    worked: PlanningResult
    where: Where
    laid: tuple[Laid, ...]
    table: Table
    maps: PatchMap

    @property
    def shown(self) -> tuple[Table, PatchMap]:
        """The table and the map with the marks in them, the last pass too."""
        rows = len(self.worked.steps) + 1 - len(self.table.colours)
        table = self.table
        if rows:
            colours = np.concatenate([table.colours, *[table.colours[-1:]] * rows])
            values = np.concatenate([table.values, *[table.values[-1:]] * rows])
            table = replace(table, colours=colours, values=values)
        return with_marks(table, self.maps, self.where, self.laid, self.worked.scene.medium.transparent)


def marked(on: Ground, families: Sequence[Family], whites: bool) -> Marked:
    """The plan with these families; `whites`: whether lights may be won back with opaque white."""
    used = coming_of(on, families, whites)
    told = [_family(on, one, k) for k, one in enumerate(used, 1)]
    laid = tuple(Laid(one.row, one.lab, one.how is How.RECOVERED) for one in used)
    where = raster_of([one.family for one in used], on.maps.first.shape)
    return Marked(_with_passes(on, told, where), where, laid, on.table, on.maps)


def _family(on: Ground, one: Coming, number: int) -> MarkFamily:
    """A family as the plan tells it."""
    masses, family = on.worked.plan.masses, one.family
    covered = np.bincount(on.table.mass[on.under(family)], minlength=len(masses))
    ids = tuple(masses[m].id for m in np.argsort(-covered, kind="stable") if covered[m])
    lab = one.lab or _left(on, one)
    paths = tuple(mark.path for mark in family.marks)
    texture = _rule(on, family)
    name = sentence(
        f"marks-{family.kind}-{'light' if family.lighter else 'dark'}",
        count=len(family.marks),
        masses=of_masses(ids[:1]),
        spread="no" if covered.max() >= TOGETHER * covered.sum() else "yes",
        **_shape(family.kind, paths, texture),
    )
    return MarkFamily(
        f"k{number}",
        family.kind,
        one.how,
        sentence("marks-named", name=family.name, marks=name) if family.name else name,
        paths,
        float(value_of_lab(np.array(lab))),
        lab,
        ids,
        on.worked.plan.passes[one.row - 1].id if one.how is How.KEPT else DETAILS,
        STICK if on.worked.scene.medium.key == "pastel" else BRUSHES[family.kind],
        on.minutes(family),
        min(1.0, family.gain / max(on.lacking, 1e-9)),
        texture,
        _place(on, family),
        family.name,
        family.many,
        family.own,
    )


def _place(on: Ground, family: Family) -> tuple[float, float]:
    """A pixel of its worthiest mark, the one nearest to the middle of that, as shares of the picture."""
    place = family.marks[0].place
    rows, columns = np.nonzero(place.mask)
    top, _, left, _ = place.box
    best = int(np.argmin(np.hypot(rows - rows.mean(), columns - columns.mean())))
    height, width = on.maps.first.shape
    return (left + int(columns[best]) + 0.5) / width, (top + int(rows[best]) + 0.5) / height


def _rule(on: Ground, family: Family) -> TextureRule | None:
    """How a texture is made: as in the largest of its places."""
    found = family.marks[0].place.texture
    if found is None:
        return None
    return TextureRule(found.amplitude, found.grain * on.cm * 10, found.direction, found.along)


def _left(on: Ground, one: Coming) -> Colour:
    """The colour (mean) that stays where a family is kept before a pass."""
    bytes_ = on.table.colours[one.row - 1].mean(axis=1)[on.under(one.family)].mean(axis=0)
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


def _with_passes(on: Ground, told: Sequence[MarkFamily], where: Where) -> PlanningResult:
    """The plan with the marks told in their passes, and with a last pass for those that are painted."""
    worked, plan = on.worked, on.worked.plan
    passes = [_keeping(done, [one for one in told if one.pass_id == done.id]) for done in plan.passes]
    painted = [one for one in told if one.how is not How.KEPT]
    plan = replace(plan, passes=tuple(passes), marks=tuple(told), notes=(*plan.notes, *_left_out(on, told)))
    if not painted:
        return replace(worked, plan=plan)
    last = worked.steps[-1]
    done = _details(painted, _operations(on, told, where), worked.scene.medium.dry_minutes > 0)
    if on.joins:
        own = tuple(replace(e, pass_id=DETAILS) if e.pass_id == FINISHING else e for e in plan.effects)
        passes[-1] = _joined(passes[-1], done)
        return replace(
            worked, plan=replace(plan, passes=last_waited(worked.scene, worked.steps, passes), effects=own)
        )
    steps = (*worked.steps, resting(last))
    worked = replace(worked, steps=steps)
    predicted = (*plan.predicted, plan.predicted[-1])
    plan = replace(plan, passes=last_waited(worked.scene, steps, [*passes, done]), predicted=predicted)
    return replace(worked, plan=plan)


def _joined(effects: Pass, marks: Pass) -> Pass:
    """The last pass of effects with small marks in it."""
    return replace(
        marks,
        title=sentence(
            "title-effects-and-marks",
            effects=effects.title.values["count"],
            marks=marks.title.values["count"],
        ),
        what=(*effects.what, *marks.what),
        values=(min(effects.values[0], marks.values[0]), max(effects.values[1], marks.values[1])),
        minutes=effects.minutes + marks.minutes - SETTLING,
        operations=(*effects.operations, *marks.operations),
        reasons=(*effects.reasons, *marks.reasons),
    )


def _left_out(on: Ground, told: Sequence[MarkFamily]) -> tuple[Sentence, ...]:
    """What is said where marks tell only a little of much that is lacking: gravel, fur, print."""
    share = sum(one.gain for one in told)
    lacks = on.lacking / on.maps.first.size
    if share >= LITTLE or lacks < MUCH:
        return ()
    return (sentence("note-marks-left-out", share=percent(share), minutes=whole(MINUTES)),)


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
    won = "recover" if one.how is How.RECOVERED else "draw"
    way = won if one.texture is None else "texture"
    dry = {} if one.texture is None else {"way": way_of(one.texture.direction, one.texture.along)}
    return sentence(f"how-{way}", marks=one.name, value=tone(one.value), **dry)


def _operations(on: Ground, told: Sequence[MarkFamily], where: Where) -> tuple[Operation, ...]:
    """What the marks of the last pass are to each mass, first those that are painted, then those won back."""
    return (*_over(on, told, where, How.PAINTED), *_over(on, told, where, How.RECOVERED))


def _over(on: Ground, told: Sequence[MarkFamily], where: Where, how: How) -> Iterator[Operation]:
    """The share of each mass that marks take which come so, and from which value to which."""
    worked, masses = on.worked, on.worked.plan.masses
    mass = on.table.mass[on.maps.first]
    values = np.array([one.value if one.how is how else np.nan for one in told])
    by_pixel = np.concatenate([[np.nan], values])[where]
    there = ~np.isnan(by_pixel)
    count = len(masses)
    taken = np.bincount(mass[there], minlength=count)
    whole_of = np.maximum(np.bincount(mass.ravel(), minlength=count), 1)
    mean = np.bincount(mass[there], by_pixel[there], count) / np.maximum(taken, 1)
    oil = oil_over(worked.scene, len(worked.steps)) if worked.scene.medium.key == "oil" else 0.0
    before = worked.plan.predicted[-1]
    darkens = worked.scene.medium.transparent and how is How.PAINTED
    kind = Kind.DETAIL if how is How.PAINTED else Kind.WHITE
    for m in np.flatnonzero(taken):
        ends = min(before[m], float(mean[m])) if darkens else float(mean[m])
        share = float(taken[m] / whole_of[m])
        yield Operation(masses[m].id, kind, Role.OVER, share, before[m], ends, oil=oil)
