"""Recipes for colours: every set of up to three paints is tried on a grid, the nearest are refined.

A recipe is an amount of each paint (its *load*, in unit films): their ratio is the mixture, their sum the
thickness, which in transparent media is how little water there is. A grid over ratios and thicknesses of
every set gives a colour each; for a target the sets whose nearest grid point is closest are followed by a
damped Gauss–Newton method in Lab and judged by CIEDE2000. That the best set is among those followed is not
proved but measured: following all sets of 20 paints instead gained at most 0.80
ΔE₀₀ (0.35 of it can be the price of a paint) and 0.13 on average over 320 targets in and out of reach;
`make soak` measures it again.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from itertools import combinations

import numpy as np
from numpy.typing import ArrayLike, NDArray

from ..colour.lab import difference, lab_of_xyz, value_of_lab
from ..colour.spectra import weights
from ..errors import InvalidInput
from ..optics.kubelka import film
from .brush_parts import measures
from .mixture import AT_ONCE, MixingModel

Floats = NDArray[np.float64]
Ints = NDArray[np.intp]

PAIR = (0.03, 0.12, 0.3, 0.5, 0.7, 0.88, 0.97)
"""Shares of the first of two paints on the grid."""
TRIPLE = (
    (0.34, 0.33, 0.33), (0.7, 0.15, 0.15), (0.15, 0.7, 0.15), (0.15, 0.15, 0.7), (0.47, 0.47, 0.06),
    (0.47, 0.06, 0.47), (0.06, 0.47, 0.47), (0.92, 0.04, 0.04), (0.04, 0.92, 0.04), (0.04, 0.04, 0.92),
    (0.98, 0.01, 0.01), (0.01, 0.98, 0.01), (0.01, 0.01, 0.98),
)  # fmt: skip
"""Ratios of three paints on the grid."""
THICK = 6
"""Thicknesses on the grid, evenly spaced in their logarithm."""
FOLLOWED = 20
"""Sets of paints followed from the grid for each target."""
ROUNDS = 10
"""Steps of refinement."""
MORE = 0.35
"""ΔE₀₀ that another paint must save to be worth its place."""
EASY = 0.02
"""ΔE₀₀ that a part fewer to count is worth, above four parts in all."""
ANOTHER_COAT = 0.3
"""ΔE₀₀ that another coat must save to be laid and waited for."""
NEAR_GROUND = 5.0
"""ΔE₀₀ of grounds over which one grid serves to find sets of paints."""
REACHED, STUCK = 0.01, 100.0
"""ΔE₀₀ below which a colour is reached; damping from which refinement does not move any more."""
FAR = 6.0
"""ΔE₀₀ from which a target is out of reach, and the plane of Lab about it a poor map."""
TARGETS_AT_ONCE = 16
"""Targets compared with a grid together: their distances stay in the processor's cache."""
ROUNDED = 6
"""Ratios of brush parts tried about the refined one."""
MOST_PAINTS = 3


@dataclass(frozen=True)
class Recipe:
    """How to mix one colour.

    `paints` indices into the model's paints, the largest part first; `parts` as measured by brush;
    `thickness` in unit films, all layers together, `layers` the coats or washes it takes; `lab` dry and `wet`
    (as mixed and laid) (3,); `delta_e` ΔE₀₀ and `value_error` values from the target, lighter positive.
    """

    paints: tuple[int, ...]
    parts: tuple[float, ...]
    thickness: float
    layers: int
    lab: tuple[float, float, float]
    wet: tuple[float, float, float]
    delta_e: float
    value_error: float

    @property
    def shares(self) -> Floats:
        """Share of each paint (n,)."""
        parts = np.array(self.parts)
        return np.asarray(parts / parts.sum())


@dataclass(frozen=True)
class Grid:
    """Sets of paints, thin and thick, on a grid.

    `sets` (s, 3) indices, -1 where fewer; `owner` (n,) the set of each point, with its `thicknesses` (n, 3),
    its `films` R and T (n, 36), which no ground changes, and its colour `labs` (n, 3) over one.
    """

    sets: Ints
    owner: Ints
    thicknesses: Floats
    films: tuple[Floats, Floats]
    labs: Floats

    def over(self, bench: MixingModel) -> Grid:
        """The same grid over the ground of another bench with the same paints."""
        labs = np.empty((len(self.owner), 3))
        for k in range(0, len(labs), AT_ONCE):
            r, t = (each[k : k + AT_ONCE] for each in self.films)
            labs[k : k + AT_ONCE] = lab_of_xyz(bench.vehicle.seen_over(r, t, bench.ground) @ weights())
        return replace(self, labs=labs)


def grid_of(bench: MixingModel, most: int = MOST_PAINTS) -> Grid:
    """The grid of a bench's sets of up to `most` paints over its ground."""
    count, vehicle = len(bench.paints), bench.vehicle
    sets = [
        tuple(chosen) + (-1,) * (3 - size)
        for size in range(1, min(most, count) + 1)
        for chosen in combinations(range(count), size)
    ]
    thick = np.geomspace(max(vehicle.weakest, 0.01), vehicle.most, THICK)
    shapes = {1: np.array([[1.0, 0, 0]]), 2: np.array([[a, 1 - a, 0] for a in PAIR]), 3: np.array(TRIPLE)}
    owners, thicknesses = [], []
    for k, chosen in enumerate(sets):
        # Thin and thick films of the same set are apart: a scumble and a coat may both come near.
        points = (thick[:, None, None] * shapes[sum(c >= 0 for c in chosen)][None]).reshape(-1, 3)
        owners.append(np.repeat([2 * k, 2 * k + 1], len(points) // 2))
        thicknesses.append(points)
    owner, thickness = np.concatenate(owners), np.concatenate(thicknesses)
    all_sets = np.repeat(np.array(sets, dtype=np.intp), 2, axis=0)
    amounts = all_thicknesses(bench, all_sets[owner], thickness)
    films = np.empty((2, len(thickness), bench.absorption.shape[1]))
    for k in range(0, len(thickness), AT_ONCE):
        some = amounts[k : k + AT_ONCE]
        films[:, k : k + AT_ONCE] = film(some @ bench.absorption, some @ bench.scattering)
    return Grid(all_sets, owner, thickness, (films[0], films[1]), np.zeros((0, 3))).over(bench)


def all_thicknesses(bench: MixingModel, sets: Ints, thicknesses: Floats) -> Floats:
    """Loads (n, p) of all paints from loads (n, 3) of the paints in `sets` (n, 3)."""
    full = np.zeros((len(sets), len(bench.paints) + 1))
    np.put_along_axis(full, sets, thicknesses, axis=1)
    return full[:, :-1]


def recipes_for(
    bench: MixingModel, targets: ArrayLike, grid: Grid | None = None, count: int = 4, most: int = MOST_PAINTS
) -> list[tuple[Recipe, ...]]:
    """Up to `count` recipes for each target (n, 3) in Lab, best first, of different sets of paints.

    Best is least ΔE₀₀ with MORE for every paint after the first. The bench may have a ground for each target.
    Raises InvalidInput without paints or for
    targets that are no numbers.
    """
    wanted = np.atleast_2d(np.asarray(targets, dtype=np.float64))
    if not bench.paints:
        raise InvalidInput("There is no paint on the palette; choose some.")
    if not np.isfinite(wanted).all():
        raise InvalidInput("A target is no number; nothing was mixed.")
    grid = grid or grid_of(bench, most)
    which, sets, thicknesses = _followed(bench, grid, wanted)
    thicknesses = refined(bench.at(which), sets, thicknesses, wanted[which], ROUNDS)
    delta_e = difference(bench.at(which).labs(all_thicknesses(bench, sets, thicknesses)), wanted[which])
    delta_e += MORE * ((thicknesses > 1e-4 * thicknesses.sum(axis=1, keepdims=True)).sum(axis=1) - 1)
    chosen: list[int] = []
    for k in range(len(wanted)):
        own = np.flatnonzero(which == k)
        # Many sets reach a colour exactly: the nearest on the grid goes first, not the luck of rounding.
        chosen += own[np.argsort(delta_e[own].round(2), kind="stable")][: count + 2].tolist()
    made = _rounded(bench.at(which[chosen]), sets[chosen], thicknesses[chosen], wanted[which[chosen]])
    found: list[list[Recipe]] = [[] for _ in wanted]
    for k, recipe in zip(which[chosen].tolist(), made, strict=True):
        found[k].append(recipe)
    return [_best(own, count) for own in found]


def _followed(bench: MixingModel, grid: Grid, wanted: Floats) -> tuple[Ints, Ints, Floats]:
    """The sets to follow for targets (n, 3), each sought over its own ground."""
    if bench.ground.ndim == 1:
        return nearest_on(grid, wanted, FOLLOWED)
    reflectances = lab_of_xyz(bench.ground @ weights())
    left, parts = np.arange(len(wanted)), []
    while len(left):
        # Nearly the same ground is good enough to find where to start from.
        near = difference(reflectances[left], reflectances[left[0]]) <= NEAR_GROUND
        targets, left = left[near], left[~near]
        over = grid.over(bench.over(bench.ground[targets[0]]))
        which, sets, thicknesses = nearest_on(over, wanted[targets], FOLLOWED)
        parts.append((targets[which], sets, thicknesses))
    which, sets, thicknesses = (np.concatenate(each) for each in zip(*parts, strict=True))
    order = np.argsort(which, kind="stable")
    return which[order], sets[order], thicknesses[order]


def nearest_on(grid: Grid, wanted: Floats, followed: int) -> tuple[Ints, Ints, Floats]:
    """The sets to follow for targets (n, 3): which target (c,), paints (c, 3), loads (c, 3) to start from."""
    starts = np.flatnonzero(np.r_[True, np.diff(grid.owner) != 0])
    ends = np.append(starts[1:], len(grid.owner))
    followed = min(followed, len(starts))
    lightness, a, b = grid.labs.T
    square = np.stack([lightness**2, a * a, b * b, lightness * a, lightness * b, a * b, lightness, a, b])
    metrics = _metrics(wanted)
    form = metrics.transpose(0, 2, 1) @ metrics
    square_of = np.einsum("ni,nij,nj->n", wanted, form, wanted)
    linear = -2 * (form @ wanted[..., None])[..., 0]
    weigh = np.concatenate([form[:, [0, 1, 2], [0, 1, 2]], 2 * form[:, [0, 0, 1], [1, 2, 2]], linear], axis=1)
    at = []
    for k in range(0, len(wanted), TARGETS_AT_ONCE):
        # The distance but for the target's own square, which is the same for all.
        away = weigh[k : k + TARGETS_AT_ONCE] @ square
        nearest = np.minimum.reduceat(away, starts, axis=1)
        for row in np.flatnonzero(nearest.min(axis=1) + square_of[k : k + TARGETS_AT_ONCE] > FAR**2):
            # Its matrix is true only near a target: sets far from it are compared by CIEDE2000 itself.
            least = np.flatnonzero(away[row] == np.repeat(nearest[row], ends - starts))
            points = least[np.searchsorted(least, starts)]
            nearest[row] = difference(grid.labs[points], wanted[k + row])
        near = np.argpartition(nearest, followed - 1)[:, :followed]
        near = np.take_along_axis(near, np.take_along_axis(nearest, near, 1).argsort(axis=1), 1)
        for own, sets in zip(away, near.tolist(), strict=True):
            at += [starts[s] + int(own[starts[s] : ends[s]].argmin()) for s in sets]
    found = np.array(at)
    return np.repeat(np.arange(len(wanted)), followed), grid.sets[grid.owner[found]], grid.thicknesses[found]


def _metrics(wanted: Floats) -> Floats:
    """For each target (n, 3) the matrix (3, 3) that turns small Lab differences into those of CIEDE2000.

    Lightness, chroma and hue are weighted as there; its turning of blues is left out.
    """
    lightness, a, b = wanted.T
    chroma = np.hypot(a, b)
    away = np.square(lightness - 50)
    weigh_l = 1 / (1 + 0.015 * away / np.sqrt(20 + away))
    weigh_c, weigh_h = 1 / (1 + 0.045 * chroma), 1 / (1 + 0.015 * chroma)
    cos, sin = a / np.maximum(chroma, 1e-9), b / np.maximum(chroma, 1e-9)
    cos = np.where(chroma > 1e-9, cos, 1.0)
    zero = np.zeros_like(chroma)
    rows = [
        [weigh_l, zero, zero],
        [zero, weigh_c * cos, weigh_c * sin],
        [zero, -weigh_h * sin, weigh_h * cos],
    ]
    return np.array(rows).transpose(2, 0, 1)


def refined(bench: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats, rounds: int) -> Floats:
    """Loads (c, 3) of the paints in `sets` (c, 3) brought nearer to their targets (c, 3) in Lab by so many
    steps, within what the vehicle lays.

    `off` (c, 4) is how far each is from its target, as CIEDE2000 weighs it, and what its coats cost.
    """
    used, metric = sets >= 0, _metrics(wanted)
    x = np.log(np.where(used, np.maximum(thicknesses, 1e-4), 1.0))
    damping = np.full(len(x), 1e-3)

    def away(logs: Floats, at: Ints) -> Floats:
        own = np.where(used[at], np.exp(logs), 0.0)
        labs = bench.at(at).labs(all_thicknesses(bench, sets[at], own))
        missed = (metric[at] @ (labs - wanted[at])[..., None])[..., 0]
        return np.column_stack([missed, _coats_cost(bench, own.sum(axis=1))])

    def bounded(logs: Floats, at: Ints) -> Floats:
        own = np.where(used[at], np.exp(np.clip(logs, -9.2, 2.0)), 0.0)
        total = own.sum(axis=1, keepdims=True)
        low, high = bench.vehicle.weakest, bench.vehicle.most
        own *= np.clip(total, low, high) / total
        return np.log(np.where(used[at], np.maximum(own, 1e-4), 1.0))

    left = np.arange(len(x))
    x = bounded(x, left)
    off = away(x, left)
    missed = np.square(off).sum(axis=1)
    step = 1e-3
    for _ in range(rounds):
        # What is reached, or was not bettered by ever smaller steps, is left alone.
        left = np.flatnonzero((missed > REACHED**2) & (damping < STUCK))
        if not len(left):
            break
        here, own = x[left], off[left]
        # All three slopes in one go: for few colours the calls take longer than the arithmetic.
        beside = here + step * np.eye(3)[:, None] * used[left]
        off_there = away(beside.reshape(-1, 3), np.tile(left, 3)).reshape(3, len(left), -1)
        slopes = np.moveaxis((off_there - own) / step, 0, 2)
        normal = slopes.transpose(0, 2, 1) @ slopes
        scale = np.trace(normal, axis1=1, axis2=2)[:, None, None] / 3 + 1e-9
        normal = normal + (damping[left, None, None] * scale + 1e-9) * np.eye(3)
        right = slopes.transpose(0, 2, 1) @ -own[..., None]
        move = np.clip(np.linalg.solve(normal, right)[..., 0], -1.2, 1.2)
        tried = bounded(here + move, left)
        there = away(tried, left)
        now = np.square(there).sum(axis=1)
        better = now < missed[left]
        moved = left[better]
        x[moved], off[moved], missed[moved] = tried[better], there[better], now[better]
        damping[left] *= np.where(better, 1 / 4, 6.0)
    return np.where(used, np.exp(x), 0.0)


def _coats_cost(bench: MixingModel, thickness: Floats) -> Floats:
    """What films (n,) thicker than one coat cost, in ΔE₀₀."""
    return ANOTHER_COAT * np.maximum(thickness / bench.vehicle.strongest - 1, 0.0)


def _rounded(bench: MixingModel, sets: Ints, thicknesses: Floats, wanted: Floats) -> list[Recipe]:
    """Recipes in brush parts: the nearest ratios are tried, each with the thickness that suits it best."""
    owner, parts = [], []
    sizes = (sets >= 0).sum(axis=1)
    for size in (1, 2, 3):
        own = np.flatnonzero(sizes == size)
        if not len(own):
            continue
        listed = measures(size)
        logs = np.log(listed / listed.sum(axis=1, keepdims=True))
        shares = np.log(
            np.maximum(thicknesses[own, :size] / thicknesses[own, :size].sum(axis=1, keepdims=True), 1e-3)
        )
        # Strong paints matter in small shares: ratios are compared by their logarithms.
        away = np.square(shares[:, None] - logs[None]).sum(axis=2)
        near = np.sort(np.argpartition(away, min(ROUNDED, len(listed)) - 1, axis=1)[:, :ROUNDED], axis=1)
        owner.append(np.repeat(own, near.shape[1]))
        parts.append(np.pad(listed[near.ravel()], ((0, 0), (0, 3 - size))))
    at, measured = np.concatenate(owner), np.concatenate(parts)
    shares = measured / measured.sum(axis=1, keepdims=True)
    tried = bench.at(at)
    total = _best_thickness(tried, sets[at], shares, thicknesses[at].sum(axis=1), wanted[at])
    delta_e = difference(tried.labs(all_thicknesses(bench, sets[at], shares * total[:, None])), wanted[at])
    # What is easy to measure is worth a little: nobody counts to a dozen for a difference not seen.
    order = np.lexsort((delta_e + EASY * np.maximum(measured.sum(axis=1) - 4, 0), at))
    best = order[np.flatnonzero(np.r_[True, np.diff(at[order]) != 0])]
    return _made(bench, sets, measured[best], total[best], wanted)


def told(
    bench: MixingModel, parts: Sequence[tuple[int, float]], thickness: float, target: ArrayLike
) -> Recipe:
    """A mixture that is given, places on the bench with their parts, as a recipe for a target (3,)."""
    sets = np.full((1, 3), -1, np.intp)
    amounts = np.zeros((1, 3))
    for k, (paint, part) in enumerate(parts[:MOST_PAINTS]):
        sets[0, k], amounts[0, k] = paint, part
    wanted = np.asarray(target, dtype=np.float64).reshape(1, 3)
    return _made(bench, sets, amounts, np.array([thickness]), wanted)[0]


def _made(bench: MixingModel, sets: Ints, parts: Floats, total: Floats, wanted: Floats) -> list[Recipe]:
    """Recipes of parts (n, 3) of the paints in `sets` (n, 3), `total` (n,) thick."""
    full = all_thicknesses(bench, sets, parts / parts.sum(axis=1, keepdims=True) * total[:, None])
    labs, wet = bench.labs(full), bench.labs(full, wet=True)
    delta_e, error = difference(labs, wanted), value_of_lab(labs) - value_of_lab(wanted)
    layers = np.maximum(1, np.ceil(total / bench.vehicle.strongest - 0.02)).astype(int)
    recipes = []
    for k, (own, measured) in enumerate(zip(sets.tolist(), parts.tolist(), strict=True)):
        pairs = sorted(((p, i) for i, p in zip(own, measured, strict=True) if i >= 0), key=lambda x: -x[0])
        paints, measured = tuple(i for _, i in pairs), tuple(p for p, _ in pairs)
        reflectances = _three(labs[k]), _three(wet[k])
        thick, coats = float(total[k]), int(layers[k])
        recipes.append(
            Recipe(paints, measured, thick, coats, *reflectances, float(delta_e[k]), float(error[k]))
        )
    return recipes


def _best_thickness(bench: MixingModel, sets: Ints, shares: Floats, start: Floats, wanted: Floats) -> Floats:
    """Thickness (c,) of each mixture at which ΔE₀₀ and coats cost least: golden sections of its logarithm."""
    low, high = np.log(bench.vehicle.weakest), np.log(bench.vehicle.most)
    left, right = np.clip(np.log(start) - 0.7, low, high), np.clip(np.log(start) + 0.7, low, high)
    golden = (np.sqrt(5) - 1) / 2

    def delta_e(logs: Floats) -> Floats:
        labs = bench.labs(all_thicknesses(bench, sets, shares * np.exp(logs)[:, None]))
        return np.asarray(difference(labs, wanted) + _coats_cost(bench, np.exp(logs)))

    one, other = right - golden * (right - left), left + golden * (right - left)
    first, second = delta_e(one), delta_e(other)
    for _ in range(6):
        lower = first < second
        right, left = np.where(lower, other, right), np.where(lower, left, one)
        fresh = np.where(lower, right - golden * (right - left), left + golden * (right - left))
        got = delta_e(fresh)
        one, other = np.where(lower, fresh, other), np.where(lower, one, fresh)
        first, second = np.where(lower, got, second), np.where(lower, first, got)
    return np.asarray(np.exp((left + right) / 2))


def _best(own: Sequence[Recipe], count: int) -> tuple[Recipe, ...]:
    """The best recipes of different sets of paints."""
    ranked = sorted(own, key=lambda r: (r.delta_e + MORE * (len(r.paints) - 1), r.paints))
    return tuple({frozenset(r.paints): r for r in reversed(ranked)}.values())[::-1][:count]


def _three(of: Floats) -> tuple[float, float, float]:
    one, two, three = of.tolist()
    return one, two, three
