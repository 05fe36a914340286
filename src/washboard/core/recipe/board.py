"""The recipe board of a plan: for every pass the mixtures it takes, and how wet neighbours meet."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from ..colour.lab import difference, value_of_lab
from ..colour.spectra import lab_of_spectrum, spectrum_of_lab
from ..materials.habit import USUAL, Habit
from ..materials.paints import Paint
from ..materials.sticks import Colour, Stick, sticks_of
from ..materials.surfaces import Lab
from ..mixing.grid import grid_for
from ..mixing.measured import Recipe
from ..mixing.mixture import Floats, MixingModel, mixing_model_of
from ..mixing.paintbox import coated
from ..mixing.search import recipes_for
from ..mixing.sticks import sticks_for
from ..mixing.variants import Reuse, reuses
from ..optics.vehicle import Vehicle, vehicle_of
from ..order.result import PassType, PlanningResult, Step
from ..order.running import THINNEST
from ..plan.own import THIN
from ..plan.plan import Pass, Role
from ..reference.mass import Mass
from .amounts import Amount, amount_of
from .meeting import Meeting, meeting_of

ALIKE = 2.5
"""ΔE₀₀ within which masses of one pass are painted from one pile."""
SAME_GROUND = 1.5
"""ΔE₀₀ within which grounds are mixed for as one."""
SOFT = 0.5
"""Hardness of an edge under which two wet washes meet."""
MOST_MEETINGS = 4
TWO_HUES = 20.0
"""Units of a*b* between two stops of a modelled mass from which it takes a mixture for each."""


@dataclass(frozen=True)
class Pile:
    """A mixture of a pass: for which `masses`, the colour wanted and what lies there, both Lab (3,), recipes
    best first, and how much the best one takes.

    `again` is an earlier pile that would do instead; `end`, light, between or dark, tells which of those that
    a modelled mass takes where its hue turns."""

    done: str
    masses: tuple[str, ...]
    target: Lab
    over: Lab
    recipes: tuple[Recipe, ...]
    amount: Amount
    again: Reuse | None = None
    end: str = ""

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

    paints: tuple[Paint | Stick, ...]
    piles: tuple[Pile, ...]
    meetings: tuple[Met, ...]


def board_of(
    worked: PlanningResult,
    colours: Sequence[Colour],
    pairs: Sequence[Sequence[str]] = (),
    habit: Habit = USUAL,
) -> Board:
    """The recipe board of a plan for a palette; piles of a pass lightest first where paint is transparent.

    In pastel nothing is mixed: the sticks that come along are laid over each other. `pairs`: keys of paints
    that the painter likes to mix. Mixtures are aimed at what comes out as planned by the painter's `habit`.
    """
    plan = worked.plan
    if plan.medium.key == "pastel":
        sticks = tuple(colour for colour in colours if isinstance(colour, Stick)) or sticks_of(())
        return Board(sticks, tuple(_stick_piles(worked, sticks, habit)), ())
    paints = [colour for colour in colours if isinstance(colour, Paint)]
    groups = [
        (done.id, group)
        for done, step in zip(plan.passes, worked.steps, strict=True)
        for group in _alike(_aimed(_wanted(worked, done, step), habit))
    ]
    vehicle = coated(vehicle_of(plan.medium.key))
    recipes = _recipes(paints, vehicle, [group[0] for _, group in groups], pairs)
    order = [done.id for done in plan.passes]
    lighter = -1 if plan.medium.transparent else 1
    piles = sorted(
        (
            _pile(done, group, own, plan.medium.transparent, habit)
            for (done, group), own in zip(groups, recipes, strict=True)
        ),
        key=lambda pile: (order.index(pile.done), lighter * pile.value),
    )
    again = _again(paints, vehicle, piles)
    return Board(tuple(paints), again, _meetings(worked, paints, vehicle, again))


Wanted = tuple[str, Lab, Floats, float, str]


def _wanted(worked: PlanningResult, done: Pass, step: Step) -> list[Wanted]:
    """What a pass brings to its target: mass, colour wanted, what lies there, cm², which end."""
    if step.pass_type is PassType.TONES and worked.scene.tones is not None:
        over = lab_of_spectrum(worked.scene.ground)
        return [
            (mass.id, (tone[0], tone[1], tone[2]), over, mass.area_cm2, "")
            for mass, tone in zip(worked.plan.masses, worked.scene.tones.tolist(), strict=True)
        ]
    wanted = []
    for o in done.operations:
        if not o.kind.lays or (o.role is not Role.TARGET and step.own is None):
            continue
        mass = worked.plan.mass(o.mass)
        index = next(k for k, m in enumerate(worked.plan.masses) if m.id == o.mass)
        own = worked.scene.parts.of(index)
        size = np.maximum(worked.scene.parts.areas[own], 1e-6)
        below = np.average(step.before[own].mean(axis=1), axis=0, weights=size)
        if step.own is not None:
            # A pass over a finished shape uses the shape's own mixture, thinned for a glaze.
            below = worked.scene.ground
        over, stops = lab_of_spectrum(below), hues_of(mass)
        area = mass.area_cm2 * (THINNEST if o.kind in THIN else 1.0)
        if len(stops) < 2:
            wanted.append((mass.id, mass.target_lab, over, area, ""))
            continue
        ends = ("light", *("between",) * (len(stops) - 2), "dark")
        wanted += [
            (mass.id, stop, over, area / len(stops), end) for stop, end in zip(stops, ends, strict=True)
        ]
    return wanted


def _aimed(wanted: list[Wanted], habit: Habit) -> list[Wanted]:
    return [(mass, habit.aimed(target), over, area, end) for mass, target, over, area, end in wanted]


def hues_of(mass: Mass) -> list[Lab]:
    """The stops of a mass that each take a mixture of their own: those whose hue has turned far enough since
    the one before; none where one mixture, lighter and darker, does for all."""
    stops = list(mass.target_stops or mass.target_ends)
    if max(_turned(one, other) for one in stops for other in stops) < TWO_HUES:
        return []
    kept = stops[:1]
    for stop in stops[1:-1]:
        if _turned(stop, kept[-1]) >= TWO_HUES and _turned(stop, stops[-1]) >= TWO_HUES:
            kept.append(stop)
    return [*kept, stops[-1]]


def _turned(one: Lab, other: Lab) -> float:
    return float(np.hypot(one[1] - other[1], one[2] - other[2]))


def _stick_piles(worked: PlanningResult, sticks: tuple[Stick, ...], habit: Habit) -> Iterator[Pile]:
    for done, step in zip(worked.plan.passes, worked.steps, strict=True):
        for group in _alike(_aimed(_wanted(worked, done, step), habit)):
            _, target, over, _, end = group[0]
            recipes = sticks_for(sticks, spectrum_of_lab(over), target)
            lightness, a, b = over.tolist()
            masses = tuple(own[0] for own in group)
            nothing = Amount(0.0, 0.0, 0.0)
            yield Pile(done.id, masses, target, (lightness, a, b), recipes, nothing, end=end)


def _alike(wanted: Sequence[Wanted]) -> list[list[Wanted]]:
    """Masses grouped by what is wanted and what lies there, the largest first in each."""
    ranked = sorted(wanted, key=lambda w: -w[3])
    near = _apart([own[1] for own in ranked]) <= ALIKE
    near &= _apart([own[2] for own in ranked]) <= 2 * ALIKE
    return [[ranked[k] for k in group] for group in _gathered(near)]


def _apart(labs: Sequence[Sequence[float] | Floats]) -> Floats:
    """ΔE₀₀ (n, n) of colours (n, 3)."""
    colours = np.array(labs).reshape(-1, 3)
    return difference(colours[:, None], colours[None])


def _gathered(near: NDArray[np.bool_]) -> list[list[int]]:
    """Places in groups: each joins the first group whose first member is `near` (n, n) it."""
    groups: list[list[int]] = []
    for k in range(len(near)):
        found = next((group for group in groups if near[group[0], k]), None)
        if found is None:
            groups.append([k])
        else:
            found.append(k)
    return groups


def _recipes(
    paints: Sequence[Paint], vehicle: Vehicle, wanted: Sequence[Wanted], pairs: Sequence[Sequence[str]]
) -> list[tuple[Recipe, ...]]:
    """Recipes for each, those over nearly the same ground found together."""
    if not wanted:
        return []
    grounds = _gathered(_apart([own[2] for own in wanted]) <= SAME_GROUND)
    reflectances = spectrum_of_lab(np.array([wanted[own[0]][2] for own in grounds]))
    below = np.empty((len(wanted), reflectances.shape[1]))
    for reflectance, own in zip(reflectances, grounds, strict=True):
        below[own] = reflectance
    model = mixing_model_of(paints, vehicle, below)
    grid = grid_for(vehicle, tuple(paints), reflectances[0].tobytes())
    place = {paint.key: k for k, paint in enumerate(paints)}
    liked = [frozenset(place[key] for key in pair) for pair in pairs if all(key in place for key in pair)]
    return recipes_for(model, [own[1] for own in wanted], grid, pairs=liked)


def _pile(
    done: str, group: Sequence[Wanted], recipes: tuple[Recipe, ...], transparent: bool, habit: Habit
) -> Pile:
    _, target, over, _, end = group[0]
    area = sum(own[3] for own in group)
    lightness, a, b = over.tolist()
    amount = amount_of(area * habit.waste, recipes[0].thickness, recipes[0].layers, transparent)
    masses = tuple(own[0] for own in group)
    return Pile(done, masses, target, (lightness, a, b), recipes, amount, end=end)


def grounds_of(piles: Sequence[Pile]) -> Floats:
    """What lies under each pile, as reflectances (n, 36)."""
    return spectrum_of_lab(np.array([pile.over for pile in piles]).reshape(-1, 3))


def _again(paints: Sequence[Paint], vehicle: Vehicle, piles: Sequence[Pile]) -> tuple[Pile, ...]:
    """The piles, each with the earlier one that would do, thinner or thicker, instead of mixing anew."""
    thicknesses: list[Floats] = []
    found = []
    for pile, ground in zip(piles, grounds_of(piles), strict=True):
        model = mixing_model_of(paints, vehicle, ground)
        found.append(replace(pile, again=reuses(model, pile.target, thicknesses)))
        thicknesses.append(_loads(model, pile.recipes[0]))
    return tuple(found)


def _meetings(
    worked: PlanningResult, paints: Sequence[Paint], vehicle: Vehicle, piles: Sequence[Pile]
) -> tuple[Met, ...]:
    """The worst wet meetings of piles laid in one pass beside each other with a soft edge, or in one mass."""
    if not worked.plan.medium.transparent and worked.plan.medium.open_minutes is None:
        return ()
    at: dict[str, list[int]] = {}
    for k, pile in enumerate(piles):
        for name in pile.masses:
            at.setdefault(name, []).append(k)
    found: dict[tuple[int, int], float] = {}
    for k, pile in enumerate(piles):
        for mass in (worked.plan.mass(name) for name in pile.masses):
            soft = [(b.mass, b.length_cm) for b in mass.borders if b.hardness <= SOFT]
            for name, length in soft:
                for other in at.get(name, ()):
                    if other > k and piles[other].done == pile.done:
                        found[k, other] = found.get((k, other), 0.0) + length
            # Piles of one modelled mass run into the next inside it, over about the root of its area.
            after = [other for other in at[mass.id] if other > k and piles[other].done == pile.done]
            for other in after[:1]:
                found[k, other] = found.get((k, other), 0.0) + mass.area_cm2**0.5
    met = []
    for (k, other), _ in sorted(found.items(), key=lambda item: -item[1]):
        model = mixing_model_of(paints, vehicle, spectrum_of_lab(piles[k].over))
        meeting = meeting_of(
            model, _loads(model, piles[k].recipes[0]), _loads(model, piles[other].recipes[0])
        )
        if meeting.fault:
            met.append(Met(k, other, meeting))
    return tuple(met[:MOST_MEETINGS])


def _loads(model: MixingModel, recipe: Recipe) -> Floats:
    thicknesses = np.zeros(len(model.paints))
    thicknesses[list(recipe.paints)] = recipe.shares * recipe.thickness
    return thicknesses
