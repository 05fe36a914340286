"""The recipe board of a plan: for every pass the mixtures it takes, and how wet neighbours meet."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from ..colour.lab import difference, lab_of_linear, value_of_lab
from ..colour.spectra import spectrum_of_lab
from ..materials.paints import Paint
from ..materials.surfaces import Lab
from ..optics.vehicle import vehicle_of
from ..order.plan import Role
from ..order.worked import Worked
from .amounts import Amount, amount_of
from .meeting import Meeting, meeting_of
from .mixture import Bench, Floats, bench_of
from .search import Grid, Recipe, grid_of, recipes_for

ALIKE = 2.5
"""ΔE₀₀ within which masses of one pass are painted from one pile."""
SAME_GROUND = 2.0
"""ΔE₀₀ within which grounds are mixed for alike."""
SOFT = 0.5
"""Hardness of an edge under which two wet washes meet."""
COAT = 0.7
"""Share of the strongest film that a coat of a covering medium has at least."""
MOST_MEETINGS = 4


@dataclass(frozen=True)
class Pile:
    """A mixture of a pass: for which `masses`, the colour wanted and what lies there, both Lab (3,), recipes
    best first, and how much the best one takes."""

    done: str
    masses: tuple[str, ...]
    target: Lab
    over: Lab
    recipes: tuple[Recipe, ...]
    amount: Amount

    @property
    def value(self) -> float:
        """Munsell value wanted."""
        return float(value_of_lab(self.target))


@dataclass(frozen=True)
class Met:
    """Two piles of a pass that meet wet, by their places on the board."""

    one: int
    other: int
    meeting: Meeting


@dataclass(frozen=True)
class Board:
    """All piles in working order, and the meetings at which something is wrong."""

    paints: tuple[Paint, ...]
    piles: tuple[Pile, ...]
    meetings: tuple[Met, ...]


def board_of(worked: Worked, paints: Sequence[Paint]) -> Board:
    """The recipe board of a plan for a palette; piles of a pass lightest first where paint is transparent."""
    plan = worked.plan
    benches = _Benches(paints, plan.medium.key)
    piles: list[Pile] = []
    for done, step in zip(plan.passes, worked.steps, strict=True):
        wanted = []
        for o in done.operations:
            if o.role is not Role.TARGET or not o.kind.lays:
                continue
            mass = plan.mass(o.mass)
            index = next(k for k, m in enumerate(plan.masses) if m.id == o.mass)
            own = worked.scene.parts.of(index)
            size = worked.scene.parts.areas[own]
            below = np.average(step.before[own].mean(axis=1), axis=0, weights=np.maximum(size, 1e-6))
            wanted.append((mass.id, mass.target_lab, lab_of_linear(below), mass.area_cm2))
        own_piles = [_pile(benches, done.id, group, plan.medium.transparent) for group in _alike(wanted)]
        lightest = sorted(own_piles, key=lambda pile: -pile.value)
        piles += lightest if plan.medium.transparent else lightest[::-1]
    return Board(tuple(paints), tuple(piles), _meetings(worked, benches, piles))


Wanted = tuple[str, Lab, Floats, float]


def _alike(wanted: Sequence[Wanted]) -> list[list[Wanted]]:
    """Masses grouped by what is wanted and what lies there, the largest first in each."""
    groups: list[list[Wanted]] = []
    for own in sorted(wanted, key=lambda w: -w[3]):
        for group in groups:
            first = group[0]
            near = float(difference(own[1], first[1])) <= ALIKE
            if near and float(difference(own[2], first[2])) <= 2 * ALIKE:
                group.append(own)
                break
        else:
            groups.append([own])
    return groups


class _Benches:
    """Benches and grids by ground, so that like grounds share one."""

    def __init__(self, paints: Sequence[Paint], medium: str) -> None:
        self.paints, vehicle = tuple(paints), vehicle_of(medium)
        # A covering medium is laid as a coat; thinned to a glaze it would not be what the plan means.
        self.vehicle = replace(vehicle, weakest=COAT * vehicle.strongest) if vehicle.covers else vehicle
        self.known: list[tuple[Floats, Bench, Grid]] = []

    def over(self, lab: Floats) -> tuple[Bench, Grid]:
        for own, bench, grid in self.known:
            if float(difference(own, lab)) <= SAME_GROUND:
                return bench.over(spectrum_of_lab(lab)), grid
        bench = bench_of(self.paints, self.vehicle, spectrum_of_lab(lab))
        self.known.append((lab, bench, grid_of(bench)))
        return bench, self.known[-1][2]


def _pile(benches: _Benches, done: str, group: Sequence[Wanted], transparent: bool) -> Pile:
    _, target, over, _ = group[0]
    bench, grid = benches.over(over)
    recipes = recipes_for(bench, target, grid)[0]
    area = sum(own[3] for own in group)
    lightness, a, b = over.tolist()
    return Pile(
        done, tuple(own[0] for own in group), target, (lightness, a, b), recipes,
        amount_of(area, recipes[0].load, recipes[0].layers, transparent),
    )  # fmt: skip


def _meetings(worked: Worked, benches: _Benches, piles: Sequence[Pile]) -> tuple[Met, ...]:
    """The worst wet meetings of piles laid in one pass beside each other with a soft edge."""
    if not worked.plan.medium.transparent and worked.plan.medium.open_minutes is None:
        return ()
    at = {mass: k for k, pile in enumerate(piles) for mass in pile.masses}
    found: dict[tuple[int, int], float] = {}
    for k, pile in enumerate(piles):
        for mass in (worked.plan.mass(name) for name in pile.masses):
            for border in mass.borders:
                other = at.get(border.mass, -1)
                if other <= k or piles[other].done != pile.done or border.hardness > SOFT:
                    continue
                found[k, other] = found.get((k, other), 0.0) + border.length_cm
    met = []
    for (k, other), _ in sorted(found.items(), key=lambda item: -item[1]):
        bench, _ = benches.over(np.array(piles[k].over))
        meeting = meeting_of(
            bench, _loads(bench, piles[k].recipes[0]), _loads(bench, piles[other].recipes[0])
        )
        if meeting.fault:
            met.append(Met(k, other, meeting))
    return tuple(met[:MOST_MEETINGS])


def _loads(bench: Bench, recipe: Recipe) -> Floats:
    loads = np.zeros(len(bench.paints))
    loads[list(recipe.paints)] = recipe.shares * recipe.load
    return loads
